import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, type PortionBench, panFault, type Weight } from '../api/client';
import { BonePanel } from '../breakdown/BonePanel';
import { useKitchen } from '../kitchen/Door';
import { Chips } from '../ui/Chips';
import { FishTitle } from '../ui/FishTitle';
import { Keel } from '../ui/Keel';
import { Missing } from '../ui/Missing';
import { useOutbox, weightText } from '../ui/outbox';
import { Pan } from '../ui/Pan';
import { digitKeys, PartTray } from '../ui/PartTray';
import { Remarks } from '../ui/Remarks';
import { useKeys } from '../ui/useKeys';
import { lowerFirst } from '../ui/words';
import { DeviationStrip } from './DeviationStrip';
import { NewDish } from './NewDish';

/** The fillets become portions: choose the dish, weigh each piece. */
export function PortionScreen() {
  const { fish: id = '' } = useParams();
  const { data: bench, error } = api.useQuery('get', '/portion/fish/{fish}', { params: { path: { fish: id } } });
  if (error) {
    return <Missing stage="portion" error={error} />;
  }
  return bench ? <Board key={id} bench={bench} /> : <p className="sheet soft">Laying the fillets on the board…</p>;
}

function Board({ bench }: { bench: PortionBench }) {
  const { fish, tally } = bench;
  const { me } = useKitchen();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [part, setPart] = useState('portion');
  const [from, setFrom] = useState<string | null>(null);
  const [writing, setWriting] = useState(false);
  const [changing, setChanging] = useState(false);
  const path = { path: { fish: fish.id } };
  const key = api.queryOptions('get', '/portion/fish/{fish}', { params: path }).queryKey;
  const keep = (data: PortionBench) => queries.setQueryData(key, data);
  const outbox = useOutbox('portion', fish.id);
  const [counting, setCounting] = useState(false);
  const takeBack = api.useMutation('put', '/portion/fish/{fish}/readings/{reading}/taken-back', { onSuccess: keep });
  const chooseDish = api.useMutation('put', '/portion/fish/{fish}/dish', {
    onSuccess: keep,
    onError: () => queries.invalidateQueries({ queryKey: key }),
  });
  const done = api.useMutation('put', '/portion/fish/{fish}/done', {
    onSuccess: () => {
      queries.invalidateQueries();
      navigate(`/route/${fish.id}`);
    },
    onError: () => queries.invalidateQueries({ queryKey: key }),
  });
  const dish = bench.dishes.find((d) => d.id === bench.dish);
  const choice = bench.parts.find((c) => c.part === part);
  const source =
    bench.sources.find((s) => s.piece === from) ?? bench.sources.find((s) => s.left.mg > 0) ?? bench.sources[0];
  const take = (weight: Weight) =>
    outbox.add({
      reading: ulid(),
      name: choice?.name ?? 'Portion',
      text: weightText(weight),
      body: { part, weight, ...(source ? { from: source.piece } : {}) },
    });
  useKeys(digitKeys(bench.parts, setPart));
  const unboned = bench.bones.find((side) => !side.done);
  const trouble = outbox.fault ?? takeBack.error ?? chooseDish.error ?? done.error;
  const todo = !source
    ? 'No fillet has been weighed. Go back to Break down.'
    : !dish
      ? 'Choose the dish these portions are for.'
      : part === 'portion'
        ? `Cut at ${dish.target.text} and put it on the pan.`
        : `Put the ${lowerFirst(choice?.name ?? '')} on the pan.`;

  return (
    <div className="bench">
      <section className="board">
        <FishTitle fish={fish} figure={bench.portion_yield} of="on plates" />
        <Keel keel={bench.keel} />
        <Remarks remarks={bench.remarks} />
        {unboned && !counting && (
          <p className="remark quiet-remark">
            <span>
              <b>{unboned.name}.</b> {unboned.said}
            </span>
            <button type="button" className="quiet" onClick={() => setCounting(true)}>
              Count the bones
            </button>
          </p>
        )}
        {counting && (
          <div className="counting">
            <BonePanel fish={fish.id} bones={bench.bones} later={!unboned} />
            <button type="button" className="quiet" onClick={() => setCounting(false)}>
              Back to the portions
            </button>
          </div>
        )}
        {bench.dishes.length > 0 && !writing && (
          <div className="tray-head">
            <Chips
              legend="For"
              name="dish"
              inline
              value={bench.dish}
              options={bench.dishes
                .filter((d) => !bench.dish || changing || d.id === bench.dish)
                .map((d) => ({
                  value: d.id,
                  label: (
                    <span>
                      <b>{d.name}</b>
                      <br />
                      {d.target.text}, {d.band}; about {d.fits}
                    </span>
                  ),
                }))}
              onChange={(value) => {
                setChanging(false);
                chooseDish.mutate({ params: path, body: { dish: value, version: fish.version } });
              }}
            />
            {bench.dish && bench.dishes.length > 1 && !changing && (
              <button type="button" className="quiet" onClick={() => setChanging(true)}>
                Another dish
              </button>
            )}
            {!unboned && bench.bones.length > 0 && !counting && (
              <button type="button" className="quiet" onClick={() => setCounting(true)}>
                Found a bone
              </button>
            )}
            {me.sees_prices && (!bench.dish || changing) && (
              <button type="button" className="quiet" onClick={() => setWriting(true)}>
                New dish
              </button>
            )}
          </div>
        )}
        {(bench.dishes.length === 0 || writing) &&
          (me.sees_prices ? (
            <NewDish
              onDone={() => {
                setWriting(false);
                queries.invalidateQueries({ queryKey: key });
              }}
            />
          ) : (
            <p>No dish is written down yet. Ask the head chef for one; the pieces can be weighed all the same.</p>
          ))}
        {tally && (
          <div className="figures" aria-live="polite">
            <div>
              <b>{tally.count}</b>portions
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
              <b>{tally.given_away}</b>given away
            </div>
            <div>
              <b>{tally.range ?? '–'}</b>lightest to heaviest
            </div>
          </div>
        )}
        {tally && !counting && <DeviationStrip portions={bench.portions} minus={tally.minus_mg} plus={tally.plus_mg} />}
        {bench.sources.length > 1 && (
          <Chips
            legend="Off"
            name="source"
            inline
            value={source?.piece ?? null}
            options={bench.sources.map((s) => ({ value: s.piece, label: `${s.name}, ${s.left.text} left` }))}
            onChange={setFrom}
          />
        )}
        <PartTray choices={bench.parts} chosen={part} onChoose={setPart} />
      </section>
      <Pan
        todo={todo}
        recordAs={
          source && choice
            ? `${choice.name}${part === 'portion' ? ` ${choice.count + 1}` : ''}, off ${lowerFirst(source.name)}`
            : null
        }
        takeWord="Take"
        onTake={take}
        busy={false}
        waiting={outbox.waiting}
        fault={panFault(trouble)}
        readings={bench.readings}
        onTakeBack={(reading) =>
          takeBack.mutate({ params: { path: { fish: fish.id, reading } }, body: { reason: 'taken back' } })
        }
        next={{
          label: 'All cut: on to Route',
          disabled: done.isPending || outbox.waiting.length > 0 || takeBack.isPending,
          onClick: () => done.mutate({ params: path, body: { version: fish.version } }),
        }}
      />
    </div>
  );
}
