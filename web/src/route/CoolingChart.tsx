import cx from 'clsx';
import type { Making } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './CoolingChart.module.css';

const W = 470;
const H = 165;
/** Room after the last limit, hours. */
const AFTER = 1.5;

/** How it cooled: measured points against the two limits, with the same in a table. */
export function CoolingChart({ cooling }: { cooling: NonNullable<Making['cooling']> }) {
  const hours = Math.max(...cooling.limits.map((limit) => limit.hour));
  const last = Math.max((hours + AFTER) * 60, ...cooling.readings.map((one) => one.minute));
  const x = (minute: number) => 46 + ((W - 56) * minute) / last;
  const y = (celsius: number) => 8 + (H - 32) * (1 - Math.min(95, Math.max(0, celsius)) / 95);
  return (
    <div className={cx(css.cooling, cooling.meets === false && css.failed)}>
      <svg viewBox={`0 0 ${W} ${H}`} role="img" aria-label={t('making.temperature-over-time')}>
        {cooling.limits.map((limit) => (
          <g key={limit.hour}>
            <path d={`M46 ${y(limit.celsius)}H${W - 10}`} className={css.limit} />
            <text x="40" y={y(limit.celsius) + 5} textAnchor="end">
              {limit.text}
            </text>
          </g>
        ))}
        <polyline
          points={cooling.readings.map((one) => `${x(one.minute)},${y(one.celsius)}`).join(' ')}
          className={css.cooled}
        />
        {cooling.readings.map((one) => (
          <circle key={`${one.minute}${one.celsius}`} cx={x(one.minute)} cy={y(one.celsius)} r="6" />
        ))}
        {Array.from({ length: Math.floor(hours / 2) + 1 }, (_, i) => 2 * i).map((hour) => (
          <text key={hour} x={x(hour * 60)} y={H - 4} textAnchor={hour === 0 ? 'start' : 'middle'}>
            {hour === 0 ? t('making.off-the-heat') : `${hour} h`}
          </text>
        ))}
      </svg>
      <div>
        <h2>{t('making.cooling')}</h2>
        <p className={cooling.meets === false ? look.ended : look.soft}>{cooling.said}</p>
        <ul className={look.soft}>
          {cooling.readings.map((one) => (
            <li key={`${one.at}${one.text}`}>
              {one.at} <b>{one.text}</b> {one.by}
            </li>
          ))}
        </ul>
      </div>
    </div>
  );
}
