import type { PortionBench } from '../api/client';
import { t } from '../lang';
import { DeviationStrip } from './DeviationStrip';
import css from './Tally.module.css';

type Props = {
  tally: NonNullable<PortionBench['tally']>;
  portions: PortionBench['portions'];
  /** A plan stands above and says the rest. */
  planned: boolean;
  strip: boolean;
};

/** The run of portions so far: how many, how near, what was given away. */
export function Tally({ tally, portions, planned, strip }: Props) {
  return (
    <div className={css.run}>
      <div className={css.figures} aria-live="polite">
        <div>
          <b>{tally.count}</b>
          {t('tally.portions', { count: tally.count })}
        </div>
        <div>
          <b>{tally.mean ?? '–'}</b>
          {t('tally.mean', { scatter: tally.scatter ?? '' })}
        </div>
        <div>
          <b>{tally.under}</b>
          {t('tally.under')}
        </div>
        <div>
          <b>{tally.over}</b>
          {t('tally.over')}
        </div>
        <div>
          <b>{tally.given_away}</b>
          {t('tally.over-target', { given_away_cost: tally.given_away_cost ?? '' })}
        </div>
        {!planned && (
          <div>
            <b>{tally.range ?? '–'}</b>
            {t('tally.lightest-to-heaviest')}
          </div>
        )}
      </div>
      {strip && <DeviationStrip portions={portions} minus={tally.minus_mg} plus={tally.plus_mg} />}
    </div>
  );
}
