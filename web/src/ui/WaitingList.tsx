import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { api, asProblem, type StageName } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { Keel } from './Keel';
import { STAGES } from './Spine';

type Stage = Extract<StageName, 'breakdown' | 'portion' | 'route' | 'cost'>;

const WORDS: Record<Stage, { title: string; none: string }> = {
  breakdown: { title: 'To break down', none: 'Fish that have been received wait here to be cut.' },
  portion: { title: 'To portion', none: 'Fillets wait here once a fish is broken down.' },
  route: { title: 'To route', none: 'What is not a portion waits here to be sent to a bin.' },
  cost: { title: 'To cost', none: 'Fish wait here once every part has its place.' },
};

/** The fish that wait at a stage, one keel a row, the one that has waited longest first. */
export function WaitingList({ stage, rooms }: { stage: Stage; rooms?: ReactNode }) {
  const { me } = useKitchen();
  const { data, error } = api.useQuery('get', `/${stage}` as '/breakdown');
  const name = STAGES.find((s) => s.path === stage)?.name;

  if (error) {
    return (
      <section className="sheet">
        <h1>{name}</h1>
        <p>{asProblem(error).detail}</p>
      </section>
    );
  }
  return (
    <section className={rooms ? 'sheet wide' : 'sheet'}>
      {rooms}
      <div>
        <h1>{WORDS[stage].title}</h1>
        {data && data.fish.length > 0 && (
          <p className="soft">The first has waited longest. Tap a fish to put it on the board.</p>
        )}
      </div>
      {data?.fish.length === 0 && (
        <div className="empty">
          <h2>Nothing waits here</h2>
          <p>{WORDS[stage].none}</p>
          <Link to="/receive">{me.sees_prices ? 'Receive a fish' : 'Receive a fish, without its price'}</Link>
        </div>
      )}
      <div className="rows">
        {data?.fish.map(({ fish, keel }) => (
          <Link className="fish-row" key={fish.id} to={`/${stage}/${fish.id}`}>
            <span>
              <span className="name">
                {fish.title} no. {fish.number}
              </span>
              <span className="soft">{fish.supplier}</span>
            </span>
            <Keel keel={keel} small />
            <b style={{ textAlign: 'right' }}>{fish.whole.text}</b>
          </Link>
        ))}
      </div>
    </section>
  );
}
