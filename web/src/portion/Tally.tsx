import type { PortionBench } from '../api/client';
import { DeviationStrip } from './DeviationStrip';

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
    <div className="run">
      <div className="figures" aria-live="polite">
        <div>
          <b>{tally.count}</b>
          {tally.count === 1 ? 'portion' : 'portions'}
        </div>
        <div>
          <b>{tally.mean ?? '–'}</b>mean {tally.scatter ?? ''}
        </div>
        <div>
          <b>{tally.under}</b>under
        </div>
        <div>
          <b>{tally.over}</b>over
        </div>
        <div>
          <b>{tally.given_away}</b>over target {tally.given_away_cost ?? ''}
        </div>
        {!planned && (
          <div>
            <b>{tally.range ?? '–'}</b>lightest to heaviest
          </div>
        )}
      </div>
      {strip && <DeviationStrip portions={portions} minus={tally.minus_mg} plus={tally.plus_mg} />}
    </div>
  );
}
