import { useQueryClient } from '@tanstack/react-query';
import { useNavigate, useParams } from 'react-router';
import { api, asProblem, type CostBench } from '../api/client';
import { FishTitle } from '../ui/FishTitle';
import { Keel } from '../ui/Keel';
import { Missing } from '../ui/Missing';
import { useKeys } from '../ui/useKeys';
import { CostForm } from './CostForm';
import { PlateForm } from './PlateForm';
import { Walk } from './Walk';

/** From the invoice to the plate. The head chef's screen. */
export function CostScreen() {
  const { fish: id = '' } = useParams();
  const { data: bench, error } = api.useQuery('get', '/cost/fish/{fish}', { params: { path: { fish: id } } });
  if (error) {
    return <Missing stage="cost" error={error} />;
  }
  return bench ? <Board key={id} bench={bench} /> : <p className="sheet soft">Adding up…</p>;
}

function Board({ bench }: { bench: CostBench }) {
  const { fish } = bench;
  const navigate = useNavigate();
  const queries = useQueryClient();
  const path = { path: { fish: fish.id } };
  const key = api.queryOptions('get', '/cost/fish/{fish}', { params: path }).queryKey;
  const done = api.useMutation('put', '/cost/fish/{fish}/done', {
    onSuccess: () => {
      queries.invalidateQueries();
      navigate(`/log/${fish.id}`);
    },
    onError: () => queries.invalidateQueries({ queryKey: key }),
  });
  const close = () => done.mutate({ params: path, body: { version: fish.version } });
  const closed = fish.stage === 'log';
  useKeys({ Enter: closed ? undefined : close });

  return (
    <div className="bench">
      <section className="board">
        <FishTitle
          fish={fish}
          figure={bench.edible_per_kg}
          of={bench.factor ? `an edible kilo, ${bench.factor} × the price` : 'an edible kilo'}
        />
        <Keel keel={bench.keel} />
        {bench.missing ? (
          <div className="empty">
            <h2>{bench.missing}</h2>
            <p>The walk from the invoice to the plate stands here as soon as it can be worked out.</p>
          </div>
        ) : (
          <div className="columns">
            <Walk bench={bench} />
            <div>
              <h2>
                {bench.portions?.count} portions, {bench.portions?.mean} each
              </h2>
              <ul className="each">
                {bench.portions?.each.map((portion) => (
                  <li key={portion.name}>
                    <span className="soft">{portion.mass}</span> {portion.amount}
                  </li>
                ))}
              </ul>
              {bench.plate && <PlateForm plate={bench.plate} fish={fish.id} key={bench.plate.version} />}
            </div>
          </div>
        )}
      </section>
      <aside className="pan" aria-label="Invoice and plate">
        <p className="todo" data-testid="todo">
          {bench.missing ?? (closed ? 'This fish is in the log.' : 'Look it over, then close the fish.')}
        </p>
        {bench.plate && (
          <div className="live plate-figures">
            <div className="state">
              <span>{bench.plate.name}</span>
              <span>
                {bench.plate.cost_pct === null ? '' : bench.plate.over_target ? 'above target' : 'within target'}
              </span>
            </div>
            <div className="figure">{bench.plate.cost}</div>
            <div className="state">
              <span>a plate{bench.plate.cost_pct ? `, ${bench.plate.cost_pct} of its net price` : ''}</span>
            </div>
          </div>
        )}
        {!closed && <CostForm bench={bench} key={`${bench.price_per_kg}${bench.delivery}${bench.labour_minutes}`} />}
        <div className="push" />
        <p className="fault" role="alert">
          {done.error ? asProblem(done.error).detail : ''}
        </p>
        {!closed && (
          <button type="button" className="next" disabled={done.isPending} onClick={close}>
            Close the fish
          </button>
        )}
      </aside>
    </div>
  );
}
