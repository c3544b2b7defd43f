import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, faultAt } from '../api/client';
import { PREVIEW, useSettled } from '../api/preview';
import { Chips } from '../ui/Chips';
import { Missing } from '../ui/Missing';
import { usePut } from '../ui/outbox';
import { useKeys } from '../ui/useKeys';
import { Amounts, TimeLine } from './PotLine';

/** A batch before it is begun: how much, what goes with it, which pots, and when to do what. */
export function MakeScreen() {
  const { recipe = '' } = useParams();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [id] = useState(ulid);
  const [mass, setMass] = useState<string | null>(null);
  const [species, setSpecies] = useState<string | null>(null);
  const settled = useSettled({ ...(mass?.trim() ? { mass } : {}), ...(species ? { species } : {}) });
  const { data, error, isFetching } = api.useQuery(
    'post',
    '/route/recipes/{recipe}/plan',
    { params: { path: { recipe } }, body: settled },
    PREVIEW,
  );
  const start = usePut('make', '/route/batches/{making}', {
    onSuccess: () => {
      queries.invalidateQueries();
      navigate(`/route/batches/${id}`);
    },
  });
  const begin = () => {
    const typed = mass?.trim() || data?.typed;
    if (typed) {
      const kind = species ?? data?.species;
      start.mutate({
        params: { path: { making: id } },
        body: { recipe, weight: { typed }, ...(data?.one_kind && kind ? { species: kind } : {}) },
      });
    }
  };
  useKeys({ Enter: begin });
  if (error && !data) {
    return <Missing stage="route" error={error} />;
  }
  if (!data) {
    return <p className="sheet soft">Calculating…</p>;
  }
  const trouble = faultAt(error, '/mass') ?? faultAt(start.error, '/weight') ?? data.more ?? undefined;
  return (
    <div className="bench">
      <section className="board make-board">
        <header className="headline">
          <div>
            <h1>{data.name}</h1>
            <p className="soft">
              {data.have.text} in {data.from.toLowerCase()} may be used. <Link to="/route/batches">All batches</Link>
            </p>
          </div>
          {data.plan && (
            <p className="yield">
              <b>{data.plan.expected}</b>
              <span className="soft">expected, {data.plan.spread}</span>
            </p>
          )}
        </header>
        {data.caution && <p className="caution">{data.caution}</p>}
        {data.plan === null ? (
          <div className="empty">
            <h2>Nothing to make it of</h2>
            <p>{data.from} is empty, or what lies there is past its date.</p>
            <Link to="/route/bins">Bins</Link>
          </div>
        ) : (
          <div className={isFetching ? 'make-columns asking' : 'make-columns'}>
            <div>
              <h2>Into the pot</h2>
              <Amounts plan={data.plan} fish={data.mass.text} />
            </div>
            <div>
              <h2>If it starts now</h2>
              <TimeLine plan={data.plan} />
            </div>
          </div>
        )}
      </section>
      <aside className="pan" aria-label="Start">
        <p className="todo" data-testid="todo">
          {data.plan ? 'Say how much goes in, then begin.' : 'There is nothing to make it of.'}
        </p>
        {data.one_kind && data.kinds.length > 0 && (
          <Chips
            legend="Of which fish"
            name="kind"
            value={species ?? data.species}
            options={data.kinds.map((kind) => ({ value: kind.species, label: `${kind.name}, ${kind.mass}` }))}
            onChange={(kind) => {
              setSpecies(kind);
              setMass(null);
            }}
          />
        )}
        <TextInput
          label="How much"
          value={mass ?? data.typed}
          onChange={(event) => setMass(event.currentTarget.value)}
          error={trouble}
        />
        <p className="soft">It leaves the bin oldest first, and what it brings goes back to the fish it came from.</p>
        <p className="fault" role="alert">
          {start.error && !faultAt(start.error, '/weight') ? asProblem(start.error).detail : ''}
        </p>
        <div className="push" />
        <Button disabled={start.isPending || data.plan === null} onClick={begin}>
          Start the batch
        </Button>
      </aside>
    </div>
  );
}
