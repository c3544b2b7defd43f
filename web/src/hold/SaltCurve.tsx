import type { TreatmentPlan } from '../api/client';
import { t } from '../lang';
import { span } from '../ui/DishTimer';
import css from './SaltCurve.module.css';

const W = 620;
const H = 190;
const LEFT = 46;

/** Salt of the fish over the time in the brine: as expected, with where it lies if salt goes a third or twice as fast. */
export function SaltCurve(props: {
  plan: TreatmentPlan;
  target: number | null;
  window: { from: number; usual: number; to: number };
  now: number | null;
}) {
  const { plan, target } = props;
  const last = plan.curve.at(-1);
  if (!last) {
    return null;
  }
  const until = Math.max(last.minutes, 1);
  const most = Math.max(...plan.curve.map((at) => at.high), target ?? 0) * 1.08;
  const x = (minutes: number) => LEFT + ((W - LEFT - 8) * Math.min(until, minutes)) / until;
  const y = (pct: number) => 8 + (H - 34) * (1 - pct / most);
  const line = (of: 'pct' | 'low' | 'high') => plan.curve.map((at) => `${x(at.minutes)},${y(at[of])}`);
  return (
    <svg className={css.salt} viewBox={`0 0 ${W} ${H}`} role="img" aria-label={t('treating.salt-over-time')}>
      <rect
        className={css.saltWindow}
        x={x(props.window.from)}
        y="8"
        width={x(props.window.to) - x(props.window.from)}
        height={H - 34}
      />
      <polygon className={css.saltBand} points={[...line('low'), ...line('high').reverse()].join(' ')} />
      <polyline className={css.saltLine} points={line('pct').join(' ')} />
      {target !== null && (
        <g>
          <path className={css.saltTarget} d={`M${LEFT} ${y(target)}H${W - 8}`} />
          <text x={LEFT - 6} y={y(target) + 5} textAnchor="end">
            {target} %
          </text>
        </g>
      )}
      <path className={css.saltUsual} d={`M${x(props.window.usual)} 8V${H - 26}`} />
      {props.now !== null && <path className={css.saltNow} d={`M${x(props.now)} 8V${H - 26}`} />}
      {[0, 0.25, 0.5, 0.75, 1].map((share) => (
        <text
          key={share}
          x={x(until * share)}
          y={H - 6}
          textAnchor={share === 0 ? 'start' : share === 1 ? 'end' : 'middle'}
        >
          {span(until * share * 60)}
        </text>
      ))}
    </svg>
  );
}
