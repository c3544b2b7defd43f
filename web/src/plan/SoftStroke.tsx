import type { Portions } from '../api/client';
import css from './SoftStroke.module.css';

/** A number that is not known exactly, on a ruler from nothing to `most`: full in the middle, soft towards its ends. */
export function SoftStroke(props: { portions: Portions; most: number; kind: 'need' | 'supply'; id: string }) {
  const { portions, most, kind, id } = props;
  const x = (count: number) => (100 * Math.min(count, most)) / Math.max(1, most);
  const [low, mean, high] = [x(portions.low), x(portions.mean), x(portions.high)];
  const wide = Math.max(0.8, high - low);
  const middle = `${(100 * (mean - low)) / wide}%`;
  return (
    <svg className={css.softStroke} viewBox="0 0 100 10" preserveAspectRatio="none" aria-hidden="true">
      <linearGradient id={id}>
        <stop className={css[kind]} offset="0%" stopOpacity="0.12" />
        <stop className={css[kind]} offset={middle} stopOpacity="1" />
        <stop className={css[kind]} offset="100%" stopOpacity="0.12" />
      </linearGradient>
      <path className={css.strokeRuler} d="M0 9.5H100" />
      <rect x={low} y="1.5" width={wide} height="6" fill={`url(#${id})`} />
      <path className={css.strokeMean} d={`M${mean} 0V9.5`} />
    </svg>
  );
}
