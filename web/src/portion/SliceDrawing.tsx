import css from './SlicesScreen.module.css';

const INK = '#12202a';
const [LEFT, RIGHT, TOP, BOTTOM] = [20, 380, 40, 130];

/** The block from the side: where the knife goes, and what its slant leaves at the two ends. */
export function SliceDrawing({ slant, slices }: { slant: number; slices: number }) {
  const run = slant * (RIGHT - LEFT);
  const room = RIGHT - LEFT - run;
  const lines = Math.max(0, Math.min(slices, 60));
  const at = (i: number) => LEFT + (lines > 0 ? (room * i) / lines : 0);
  return (
    <svg className={css.slicesBlock} viewBox="0 0 400 160" aria-hidden="true" fill="none">
      <rect x={LEFT} y={TOP} width={RIGHT - LEFT} height={BOTTOM - TOP} fill="#f4e3b4" stroke={INK} strokeWidth="1.5" />
      {lines > 0 && (
        <path
          d={`M${LEFT + run} ${TOP}H${RIGHT}L${RIGHT - run} ${BOTTOM}H${LEFT}z`}
          fill="#f3d9cf"
          stroke={INK}
          strokeWidth="1.5"
        />
      )}
      {Array.from({ length: lines + 1 }, (_, i) => at(i)).map((x) => (
        <path key={x} d={`M${x + run} ${TOP}L${x} ${BOTTOM}`} stroke={INK} strokeWidth="1" />
      ))}
    </svg>
  );
}
