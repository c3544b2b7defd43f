import type { InspectionForm } from '../api/client';

type Attribute = InspectionForm['attributes'][number]['attribute'];

const INK = '#12202a';

/** A small drawing of what an attribute looks like at a grade, 0 to 3. */
export function GradeDrawing({ attribute, grade }: { attribute: Attribute; grade: number }) {
  return (
    <svg
      viewBox="0 0 64 44"
      aria-hidden="true"
      fill="none"
      stroke={INK}
      strokeWidth="1.6"
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      {DRAWN[attribute](grade)}
    </svg>
  );
}

/** What each grade of an attribute is called where the grade itself may not be told. */
const LOOKS: Record<Attribute, string[]> = {
  smell: ['sea', 'faint', 'harbour', 'sour'],
  eyes: ['full', 'flat', 'cloudy', 'sunken'],
  gills: ['red', 'pale', 'brown', 'grey'],
  skin: ['bright', 'fading', 'milky', 'yellow'],
  flesh: ['springs', 'slow', 'half', 'dent'],
  cavity: ['whole', 'darker', 'thin', 'burst'],
};

/** The same drawing by what is seen. */
export function LookDrawing({ attribute, look }: { attribute: Attribute; look: string }) {
  return <GradeDrawing attribute={attribute} grade={Math.max(0, LOOKS[attribute].indexOf(look))} />;
}

const pick = <T,>(values: [T, T, T, T], grade: number): T => values[grade as 0 | 1 | 2 | 3];

const DRAWN: Record<Attribute, (grade: number) => React.ReactNode> = {
  // Waves of the sea turn into curls that rise, and then into thorns.
  smell: (grade) =>
    pick(
      [
        <path key="0" d="M6 30q7-10 13 0t13 0 13 0 13 0M6 20q7-10 13 0t13 0 13 0 13 0" stroke="#2f6f80" />,
        <path key="1" d="M10 26q11-9 22 0t22 0" strokeDasharray="1 5" />,
        <path key="2" d="M16 38q-8-9 0-15t0-15M32 38q-8-9 0-15t0-15M48 38q-8-9 0-15t0-15" />,
        <path
          key="3"
          d="M14 40l6-9-9-5 8-8-7-4 5-9M32 40l6-9-9-5 8-8-7-4 5-9M50 40l6-9-9-5 8-8-7-4 5-9"
          stroke="#8c2a13"
        />,
      ],
      grade,
    ),
  eyes: (grade) => {
    const [height, pupil, clear] = pick<[number, string, string]>(
      [
        [17, INK, '#fff'],
        [13, '#2a3943', '#f1f3f2'],
        [11, '#7b8b91', '#dfe3e2'],
        [7, '#b9c1c3', '#d8d5cd'],
      ],
      grade,
    );
    return (
      <>
        <ellipse cx="32" cy="22" rx="20" ry={Math.max(height, 12)} fill="#e9e5dd" />
        <ellipse cx="32" cy="22" rx="16" ry={height} fill={clear} />
        <ellipse
          cx="32"
          cy="22"
          rx={Math.min(height, 9)}
          ry={Math.min(height, 9) - (grade > 2 ? 3 : 0)}
          fill={pupil}
          stroke="none"
        />
        {grade === 0 && <circle cx="28" cy="18" r="2.6" fill="#fff" stroke="none" />}
        {grade === 3 && <path d="M14 30q18 9 36 0" />}
      </>
    );
  },
  gills: (grade) => {
    const [colour, spread] = pick<[string, number]>(
      [
        ['#c3362b', 0],
        ['#d98c84', 0],
        ['#86543f', 3],
        ['#a9a89f', 5],
      ],
      grade,
    );
    return (
      <>
        {[0, 1, 2, 3, 4, 5].map((i) => (
          <path
            key={i}
            d={`M${14 + 7 * i} 6q${9 - (i % 2) * spread} 15 ${-1 + (i % 3) * spread * 0.6} 31`}
            stroke={colour}
            strokeWidth="4.6"
          />
        ))}
        <path d="M8 6q24-5 48 0" />
        {grade > 1 && (
          <path
            d={grade === 2 ? 'M20 37q2 5 4 0' : 'M18 37q3 7 6 0M34 37q3 7 6 0'}
            stroke="#7b7a52"
            strokeWidth="2.4"
          />
        )}
      </>
    );
  },
  skin: (grade) => (
    <>
      <path d="M6 34q26-26 52-14" fill={pick(['#dfe9ea', '#dfe4e4', '#d9d9d4', '#d6d0bd'], grade)} />
      {[0, 1, 2, 3].map((i) => (
        <path
          key={i}
          d={`M${16 + 9 * i} ${29 - 3 * i}q5-5 8 0`}
          strokeWidth="1.2"
          opacity={pick([1, 0.75, 0.45, 0.25], grade)}
        />
      ))}
      {grade === 0 && <path d="M17 20l5-5M28 14l4-4M40 12l3-4" stroke="#2f6f80" />}
      {grade === 1 && <path d="M28 14l4-4" stroke="#2f6f80" />}
      {grade === 2 && <path d="M14 33q6 5 11 0" stroke="#7b7a52" />}
      {grade === 3 && <path d="M10 34q7 9 13 0t13 0 13-2" stroke="#8d7a2a" strokeWidth="3.2" />}
    </>
  ),
  // A fingertip on the flesh, and what it leaves behind.
  flesh: (grade) => (
    <>
      <path
        d={pick(['M4 30H60', 'M4 30h18q10 4 20 0h18', 'M4 30h16q12 11 24 0h16', 'M4 30h14q4 15 14 15t14-15h14'], grade)}
        strokeWidth="2.2"
      />
      <path d="M26 4v13q6 7 12 0V4" fill="#f2ded4" />
      {grade === 0 && <path d="M14 24v-9m-3 3 3-4 3 4M50 24v-9m-3 3 3-4 3 4" stroke="#2f6f80" />}
      {grade === 3 && <path d="M4 40h12M48 40h12" strokeDasharray="3 3" />}
    </>
  ),
  // A cut across the fish: the dark muscle at the side, the belly below.
  cavity: (grade) => (
    <>
      <path
        d={pick(
          [
            'M32 3q19 4 19 21-2 15-19 18-17-3-19-18 0-17 19-21z',
            'M32 3q19 4 19 21-2 15-19 18-17-3-19-18 0-17 19-21z',
            'M32 3q19 4 19 21-1 12-9 17-10 3-20 0-8-5-9-17 0-17 19-21z',
            'M32 3q19 4 19 21-1 9-7 15l-6-5-6 8-6-8-6 5q-6-6-7-15 0-17 19-21z',
          ],
          grade,
        )}
        fill="#f5ece5"
      />
      <path
        d="M19 20q5 3 5 8M45 20q-5 3-5 8"
        stroke={pick(['#b3241c', '#8f3a2c', '#7a5a3a', '#73745d'], grade)}
        strokeWidth="5"
      />
      <path d="M27 33q5-8 10 0" />
    </>
  ),
};
