import cx from 'clsx';
import { t } from '../lang';
import css from './DishTimer.module.css';

const W = 400;

/** Seconds since 1970. */
export type Clock = { from: number; early: number; due: number; late: number; now: number; turn?: number | null };

/**
 * A shallow dish that fills with time: its end marked on the rim, the window before and after drawn along it. Times are the house's;
 * `now` is the moment it is drawn for.
 */
export function DishTimer({ clock, label, small }: { clock: Clock; label: string; small?: boolean }) {
  const height = small ? 22 : 64;
  const until = Math.max(clock.late, clock.now) + Math.max(60, (clock.late - clock.from) * 0.04);
  const x = (at: number) =>
    4 + ((W - 8) * (Math.max(clock.from, Math.min(until, at)) - clock.from)) / (until - clock.from);
  const deep = height - 8;
  const dish = `M4 4C${W * 0.06} ${deep + 6} ${W * 0.14} ${deep} ${W * 0.5} ${deep}S${W * 0.94} ${deep + 6} ${W - 4} 4`;
  const state = clock.now > clock.late ? 'late' : clock.now >= clock.early ? 'ready' : 'fills';
  const id = `dish-${clock.from}-${clock.due}-${small ? 's' : 'l'}`;
  return (
    <svg
      className={cx(css.dishTimer, state === 'late' && css.dishLate)}
      viewBox={`0 0 ${W} ${height}`}
      preserveAspectRatio="none"
      role="img"
      aria-label={t('dish.timer', { label, left: left(clock) })}
    >
      <clipPath id={id}>
        <path d={`${dish}Z`} />
      </clipPath>
      <rect className={css.dishEmpty} clipPath={`url(#${id})`} x="0" y="0" width={W} height={height} />
      <rect
        className={state === 'fills' ? css.dishFill : css.dishReady}
        clipPath={`url(#${id})`}
        x="0"
        y="0"
        width={x(clock.now)}
        height={height}
      />
      <path className={css.dishWindow} d={`M${x(clock.early)} 3H${x(clock.late)}`} />
      <path className={css.dishEnd} d={`M${x(clock.due)} 0V${small ? height : 22}`} />
      {clock.turn && <path className={css.dishTurn} d={`M${x(clock.turn)} 0V${small ? height : 16}`} />}
      <path className={css.dishRim} d={dish} />
    </svg>
  );
}

/** "4 min", "2 h 10 min", "3 min over": how long until the end, in words. */
export function left(clock: Clock): string {
  const seconds = clock.due - clock.now;
  const text = span(Math.abs(seconds));
  return seconds >= 0 ? t('dish.left', { text }) : t('dish.over', { text });
}

export function span(seconds: number): string {
  const minutes = Math.max(0, Math.round(seconds / 60));
  const [days, hours, rest] = [Math.floor(minutes / 1440), Math.floor((minutes % 1440) / 60), minutes % 60];
  const parts = [
    days > 0 && t('dish.days', { days }),
    hours > 0 && t('dish.hours', { hours }),
    (minutes === 0 || (days === 0 && rest > 0)) && t('dish.minutes', { minutes: rest }),
  ];
  return parts.filter(Boolean).join(' ');
}
