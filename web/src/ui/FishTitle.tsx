import type { FishHead } from '../api/client';
import { useOthersHere } from '../api/together';
import { t } from '../lang';
import { stateIn } from '../receive/states';
import { look } from './look';
import { OutOfCold } from './OutOfCold';

/** The name of a fish on a bench, and the one figure that sums it up so far. */
export function FishTitle({ fish, figure, of }: { fish: FishHead; figure?: string | null; of?: string }) {
  const others = useOthersHere();
  return (
    <header className={look.headline}>
      <div>
        <h1>
          {fish.title} <span style={{ fontWeight: 450 }}>{t('fishTitle.no', { number: fish.number })}</span>
        </h1>
        <p className={look.soft}>
          {t('fishTitle.from', {
            whole: fish.whole.text,
            state: stateIn(fish.state),
            supplier: fish.supplier,
            received: fish.received,
          })}
          <b role="status">
            {others.length > 0 && t('fishTitle.also-here', { count: others.length, others: others.join(', ') })}
          </b>
        </p>
      </div>
      {fish.out_since !== null && <OutOfCold fish={fish.id} since={fish.out_since} />}
      {figure && (
        <p className={look.yield}>
          <b>{figure}</b>
          <span className={look.soft}>{of}</span>
        </p>
      )}
    </header>
  );
}
