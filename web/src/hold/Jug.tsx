import { api } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { figure, t } from '../lang';
import css from './Jug.module.css';

const OUNCE_MG = 28_349.523125;

/** A difference on the scale, as the jug says it. */
function said(mg: number, units: 'metric' | 'us'): string {
  return units === 'us' ? `${figure(mg / OUNCE_MG, 1)} oz` : `${Math.round(mg / 1000)} g`;
}

/** What is to be weighed in, filling like a jug; and how much is still to come, in the figures of the scale. */
export function Jug({ goal }: { goal: { mg: number; text: string } }) {
  const { me } = useKitchen();
  const { data } = api.useQuery('get', '/scale', {}, { enabled: false, staleTime: Number.POSITIVE_INFINITY });
  const there = data && !data.overload ? Math.max(0, data.mass_mg) : 0;
  const share = goal.mg === 0 ? 1 : there / goal.mg;
  const off = goal.mg - there;
  return (
    <div className={css.jug}>
      <svg viewBox="0 0 60 74" aria-hidden="true">
        <path className={css.jugFill} d={`M10 ${70 - 62 * Math.min(1, share)}H50V70H10Z`} />
        <path className={css.jugMark} d="M6 8H50" />
        <path className={css.jugGlass} d="M10 2V70H50V2M50 18q12 0 8 18t-8 14" />
      </svg>
      <p>
        <b>{goal.text}</b>
        <span>
          {Math.abs(off) <= (data?.resolution_mg ?? 0)
            ? t('treating.there')
            : off > 0
              ? t('treating.to-go', { mass: said(off, me.units) })
              : t('treating.too-much', { mass: said(-off, me.units) })}
        </span>
      </p>
    </div>
  );
}
