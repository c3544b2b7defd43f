import cx from 'clsx';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { api, asProblem, type StageName } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { Keel } from './Keel';
import { look } from './look';
import { STAGES } from './Spine';

type Stage = Extract<StageName, 'breakdown' | 'portion' | 'route' | 'cost'>;

const WORDS: Record<Stage, { title: string; none: string }> = {
  breakdown: { title: t('waitingList.to-break-down'), none: t('waitingList.fish-that-have-been-received-wait') },
  portion: { title: t('waitingList.to-portion'), none: t('waitingList.fillets-wait-here-once-a-fish') },
  route: { title: t('waitingList.to-route'), none: t('waitingList.what-is-not-a-portion-waits') },
  cost: { title: t('waitingList.to-cost'), none: t('waitingList.fish-wait-here-once-every-part') },
};

/** The fish that wait at a stage, one keel a row, the one that has waited longest first. */
export function WaitingList({ stage, rooms }: { stage: Stage; rooms?: ReactNode }) {
  const { me } = useKitchen();
  const { data, error } = api.useQuery('get', `/${stage}` as '/breakdown');
  const name = STAGES.find((s) => s.path === stage)?.name;

  if (error) {
    return (
      <section className={look.sheet}>
        <h1>{name}</h1>
        <p>{asProblem(error).detail}</p>
      </section>
    );
  }
  return (
    <section className={cx(look.sheet, rooms && look.wide)}>
      {rooms}
      <div>
        <h1>{WORDS[stage].title}</h1>
        {data && data.fish.length > 0 && (
          <p className={look.soft}>{t('waitingList.the-first-has-waited-longest-tap')}</p>
        )}
      </div>
      {data?.fish.length === 0 && (
        <div className={look.empty}>
          <h2>{t('waitingList.nothing-waits-here')}</h2>
          <p>{WORDS[stage].none}</p>
          <Link to="/receive">
            {me.sees_prices ? t('waitingList.receive-a-fish') : t('waitingList.receive-a-fish-without-its-price')}
          </Link>
        </div>
      )}
      <div className={look.rows}>
        {data?.fish.map(({ fish, keel }) => (
          <Link className={cx(look.listRow, look.fishRow)} key={fish.id} to={`/${stage}/${fish.id}`}>
            <span>
              <span className={look.name}>{t('waitingList.no', { title: fish.title, number: fish.number })}</span>
              <span className={look.soft}>{fish.supplier}</span>
            </span>
            <Keel keel={keel} small />
            <b style={{ textAlign: 'right' }}>{fish.whole.text}</b>
          </Link>
        ))}
      </div>
    </section>
  );
}
