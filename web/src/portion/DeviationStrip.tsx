import cx from 'clsx';
import type { PortionBench } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './DeviationStrip.module.css';

const PLACED = { within: '', under: t('tally.under'), over: t('tally.over') };

type Portion = PortionBench['portions'][number];

/** The last pieces beside their target: the band shaded, each piece a mark above or below it. */
export function DeviationStrip({ portions, minus, plus }: { portions: Portion[]; minus: number; plus: number }) {
  const shown = portions.slice(-14);
  const reach = Math.max(2 * minus, 2 * plus, ...shown.map((p) => Math.abs(p.off_mg ?? 0) * 1.1), 1);
  const y = (mg: number) => 75 - (70 * mg) / reach;

  if (shown.length === 0) {
    return <p className={cx(look.soft, css.strip)}>{t('deviationStrip.each-piece-shows-here-beside-its')}</p>;
  }
  return (
    <ol className={css.strip} aria-label={t('deviationStrip.portions-beside-their-target')}>
      {shown.map((portion) => (
        <li key={portion.piece} className={`placed-${portion.placed}`}>
          <svg viewBox="0 0 40 150" preserveAspectRatio="none" aria-hidden="true">
            <rect x="0" y={y(plus)} width="40" height={y(-minus) - y(plus)} fill="var(--water)" />
            <path d={`M0 ${y(0)}H40`} stroke="var(--line-strong)" strokeWidth="1.5" strokeDasharray="3 3" />
            <path
              d={`M20 ${y(0)}V${y(portion.off_mg ?? 0)}`}
              stroke={portion.placed === 'within' ? 'var(--portion)' : 'var(--action)'}
              strokeWidth="12"
            />
          </svg>
          <b>{portion.off}</b>
          <em>{portion.placed && (portion.given_away ?? PLACED[portion.placed])}</em>
          {portion.plate && (
            <span className={look.soft}>{t('deviationStrip.on-the-plate', { plate: portion.plate })}</span>
          )}
          {portion.said && <span className={look.soft}>{t('deviationStrip.guessed', { said: portion.said })}</span>}
        </li>
      ))}
    </ol>
  );
}
