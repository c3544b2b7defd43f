import { useId } from 'react';
import css from './ZeroStroke.module.css';

/** What is known of a figure, around nothing: full where it likely lies, soft towards its ends. */
export function ZeroStroke(props: { low: number; mean: number; high: number; most: number; points?: number[] }) {
  const { low, mean, high, most, points = [] } = props;
  const id = useId();
  const x = (value: number) => 50 + (50 * Math.max(-most, Math.min(most, value))) / Math.max(most, 1e-9);
  const wide = Math.max(0.6, x(high) - x(low));
  return (
    <svg className={css.zeroStroke} viewBox="0 0 100 12" preserveAspectRatio="none" aria-hidden="true">
      <linearGradient id={id}>
        <stop offset="0%" stopOpacity="0.1" />
        <stop offset={`${(100 * (x(mean) - x(low))) / wide}%`} stopOpacity="0.85" />
        <stop offset="100%" stopOpacity="0.1" />
      </linearGradient>
      <path className={css.zeroLine} d="M50 0V12" />
      <rect x={x(low)} y={points.length > 0 ? 0.5 : 3} width={wide} height="6" fill={`url(#${id})`} />
      <path className={css.zeroMean} d={`M${x(mean)} ${points.length > 0 ? 0 : 2}v8`} />
      {points.map((value, i) => (
        <path key={i} className={css.zeroPoint} d={`M${x(value)} 9v2.4`} />
      ))}
    </svg>
  );
}
