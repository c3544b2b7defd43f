import type { ReactNode } from 'react';
import type { Workmanship } from '../api/client';

type Mark = Workmanship['marks'][number]['mark'];

const INK = '#12202a';
const FLESH = '#f3d9cf';
const HURT = '#8c2a13';

/** A side on the board, with what a grade of a mark looks like on it. */
export function WorkDrawing({ mark, grade }: { mark: Mark; grade: number }) {
  return (
    <svg viewBox="0 0 96 44" aria-hidden="true" fill="none" strokeLinecap="round" strokeLinejoin="round">
      <path d="M4 22Q10 6 34 5T80 15l12 3v8l-12 3Q56 40 34 39T4 22z" fill={FLESH} stroke={INK} strokeWidth="1.4" />
      <g stroke={HURT} strokeWidth="2">
        {DRAWN[mark].slice(0, [0, 1, 2, 3][grade])}
      </g>
    </svg>
  );
}

/** What each grade adds to the one before. */
const DRAWN: Record<Mark, ReactNode[]> = {
  hack: [
    <path key="1" d="M30 14l5 4M54 18l5 4" />,
    <path key="2" d="M20 20l5 4M42 16l5 4M66 20l5 4M36 26l5 4M58 27l5 4" />,
    <path key="3" d="M28 6q6 12 2 30M62 10q-6 10 0 24" strokeWidth="2.6" />,
  ],
  torn: [
    <path key="1" d="M26 38l4-8 4 5 3-6" />,
    <path key="2" d="M46 8l-3 8 5 4-4 8 4 7" strokeWidth="2.6" />,
    <path key="3" d="M70 13l-4 7 5 4-3 7M22 10l4 6-5 5 4 7" strokeWidth="2.6" />,
  ],
  broken: [
    <path key="1" d="M30 22l6-5M39 15l3-3" stroke={INK} />,
    <path key="2" d="M44 23l6-5M53 16l3-3M20 23l5-5M27 16l3-3" stroke={INK} />,
    <path key="3" d="M58 24l6-5M67 17l3-3M72 24l5-4M35 31l5-4M43 25l3-2M49 32l5-4M57 26l3-2M63 31l4-3" stroke={INK} />,
  ],
};
