import type { Pattern } from '../api/client';
import css from './PatternScreen.module.css';

const [WIDE, HIGH, STEPS] = [480, 140, 60];

/** Where the hill stands; the weights of the band are written below. */
const BASE = HIGH - 24;

/** Pieces as heavy as they will be: a soft hill of weights, and the band they have to lie in. */
export function SpreadDrawing({ drawn }: { drawn: NonNullable<Pattern['drawn']> }) {
  const { each_mg, least_mg, most_mg } = drawn;
  const sd = Math.max(drawn.sd_mg, 1);
  const from = Math.min(least_mg, each_mg - 3.2 * sd);
  const to = Math.max(most_mg, each_mg + 3.2 * sd);
  const x = (mg: number) => 10 + ((WIDE - 20) * (mg - from)) / (to - from);
  const hill = Array.from({ length: STEPS + 1 }, (_, i) => from + ((to - from) * i) / STEPS).map(
    (mg) => `${x(mg)} ${BASE - (BASE - 14) * Math.exp(-0.5 * ((mg - each_mg) / sd) ** 2)}`,
  );
  return (
    <svg className={css.patternDrawn} viewBox={`0 0 ${WIDE} ${HIGH}`} aria-hidden="true">
      <rect x={x(least_mg)} width={x(most_mg) - x(least_mg)} y="4" height={BASE - 4} className={css.patternBand} />
      <path d={`M${x(from)} ${BASE}L${hill.join('L')}L${x(to)} ${BASE}Z`} className={css.patternHill} />
      <path d={`M10 ${BASE}H${WIDE - 10}`} className={css.patternBase} />
      <text x={x(least_mg)} y={HIGH - 6} textAnchor="middle">
        {drawn.least}
      </text>
      <text x={x(most_mg)} y={HIGH - 6} textAnchor="middle">
        {drawn.most}
      </text>
    </svg>
  );
}
