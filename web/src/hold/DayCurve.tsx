import type { ColdPlace } from '../api/client';
import { t } from '../lang';
import css from './DayCurve.module.css';

const W = 300;
const H = 74;
const DAY = 1440;

/** A place's last day: the warmest of each quarter of an hour, with the band it is to stay in. */
export function DayCurve({ place }: { place: ColdPlace }) {
  const all = place.curve.map((one) => one.celsius);
  const limits = [place.lowest_c, place.highest_c].filter((one): one is number => one !== null);
  const low = Math.min(...all, ...limits) - 2;
  const high = Math.max(...all, ...limits) + 2;
  const x = (minute: number) => (W * minute) / DAY;
  const y = (celsius: number) => H * (1 - (celsius - low) / (high - low || 1));
  if (all.length === 0) {
    return <p className={css.dayNone}>{t('places.no-readings')}</p>;
  }
  const top = place.highest_c === null ? 0 : y(place.highest_c);
  const bottom = place.lowest_c === null ? H : y(place.lowest_c);
  return (
    <svg
      className={css.day}
      viewBox={`0 0 ${W} ${H}`}
      preserveAspectRatio="none"
      role="img"
      aria-label={t('places.last-day', { name: place.name })}
    >
      {limits.length > 0 && <rect className={css.dayBand} x="0" width={W} y={top} height={bottom - top} />}
      {all.length === 1 ? (
        <circle cx={x(place.curve[0]?.minute ?? 0)} cy={y(all[0] ?? 0)} r="4" />
      ) : (
        <polyline points={place.curve.map((one) => `${x(one.minute)},${y(one.celsius)}`).join(' ')} />
      )}
    </svg>
  );
}
