import { Button, Checkbox, NativeSelect, Table, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { api, asProblem, faultAt, type Planner } from '../api/client';
import { PREVIEW, useSettled } from '../api/preview';
import { Chips } from '../ui/Chips';
import { Missing } from '../ui/Missing';
import { usePut } from '../ui/outbox';
import { useKeys } from '../ui/useKeys';
import { FilletDrawing } from './FilletDrawing';

type Plan = Planner['plan'];
type Kind = Plan['kinds'][number];

const SHAPES: Record<Plan['shape'], string> = {
  'long-side': 'Long side',
  'short-side': 'Short, deep side',
  'flat-quarter': 'Flat-fish fillet',
  loin: 'Loin',
  'tapered-tail': 'Tapering tail',
};

const SCHOOLS: { value: Plan['school']; label: string }[] = [
  { value: 'exact', label: 'Exact' },
  { value: 'fit', label: 'Fit one more' },
  { value: 'share', label: 'Equal' },
];

/** One fillet before it is cut: its size, what is wanted of it, and where the cuts would go. */
export function PlannerScreen() {
  const { fish = '', piece = '' } = useParams();
  const { data, error } = api.useQuery('get', '/portion/fish/{fish}/fillets/{piece}', {
    params: { path: { fish, piece } },
  });
  if (error) {
    return <Missing stage="portion" error={error} />;
  }
  return data ? <Planning key={piece} fish={fish} planner={data} /> : <p className="sheet soft">Loading…</p>;
}

function Planning({ fish, planner }: { fish: string; planner: Planner }) {
  const start = planner.plan;
  const navigate = useNavigate();
  const queries = useQueryClient();
  const [search] = useSearchParams();
  const asked = search.get('want');
  const [length, setLength] = useState(start.measured ? start.length : '');
  const [thickness, setThickness] = useState(start.measured ? start.thickness : '');
  const [square, setSquare] = useState(start.square.text);
  const [rest, setRest] = useState({
    shape: start.shape,
    tail_mm: start.tail_mm,
    school: start.school,
    aimed: start.aimed,
    guess_first: start.guess_first,
    kinds: asked ? wanted(asked) : start.kinds,
    marks_cm: start.marks_cm,
  });
  const change = (more: Partial<typeof rest>) => setRest({ ...rest, marks_cm: [], ...more });
  const body = {
    ...rest,
    kinds: rest.kinds.map(({ dish, max }) => ({ dish, max })),
    ...(length.trim() && thickness.trim() ? { length, thickness } : {}),
    ...(square.trim() ? { square } : {}),
  };
  const settled = useSettled(body);
  const params = { path: { fish, piece: start.piece } };
  const preview = api.useQuery('post', '/portion/fish/{fish}/fillets/{piece}', { params, body: settled }, PREVIEW);
  const lay = usePut(`plan/${fish}`, '/portion/fish/{fish}/fillets/{piece}', {
    onSuccess: () => {
      queries.invalidateQueries();
      navigate(`/portion/${fish}`, { state: { from: start.piece } });
    },
  });
  const { plan } = preview.data ?? planner;
  const fault = preview.error ?? lay.error;
  const named = (pointer: string) => faultAt(fault, pointer);
  const putThere = () => lay.mutate({ params, body });
  useKeys({ Enter: rest.kinds.length > 0 && !lay.isPending ? putThere : undefined });
  const count = plan.counts.reduce((sum, one) => sum + one.planned, 0);
  const field = (label: string, value: string, set: (typed: string) => void, guess: string, pointer: string) => (
    <TextInput
      label={label}
      value={value}
      placeholder={guess}
      error={named(pointer)}
      onChange={(event) => {
        set(event.currentTarget.value);
        setRest((r) => ({ ...r, marks_cm: [] }));
      }}
    />
  );

  return (
    <section className="sheet wide planner">
      <header className="headline">
        <div>
          <h1>
            {plan.name}{' '}
            <span style={{ fontWeight: 450 }}>
              of {planner.fish.title} no. {planner.fish.number}
            </span>
          </h1>
          <p className="soft">
            {plan.left.text}, {plan.length} long, {plan.thickness} thick
            {plan.measured ? '' : ', guessed from its weight'}. <Link to={`/portion/${fish}`}>Back to the board</Link>
          </p>
        </div>
        <p className="yield">
          <b>{count}</b>
          <span className="soft">
            {count === 1 ? 'portion' : 'portions'}, {plan.left_over.text} left over
          </span>
        </p>
      </header>
      <FilletDrawing
        plan={plan}
        next={plan.next.to_cm}
        onMove={(marks_cm) => setRest({ ...rest, marks_cm })}
        asking={preview.isFetching}
      />
      <p className="plan-said" aria-live="polite">
        {rest.marks_cm.length > 0 ? (
          <>
            Your own marks: {plan.counts.map((one) => `${one.planned} ${one.name}`).join(', ')}.{' '}
            <Button variant="transparent" size="compact-md" onClick={() => change({ marks_cm: [] })}>
              Back to the planned cuts
            </Button>
          </>
        ) : (
          (plan.stops[0]?.say ?? 'Choose what to cut from it, or move a mark.')
        )}
      </p>
      <div className="planner-columns">
        <div className="planner-fillet">
          <h2>The fillet</h2>
          <div className="pair">
            {field('Length', length, setLength, plan.length, '/length')}
            {field('Thickest', thickness, setThickness, plan.thickness, '/thickness')}
            {field('Squared off', square, setSquare, '40 g', '/square')}
            <TextInput
              label="Tail off below, mm"
              value={String(rest.tail_mm)}
              inputMode="numeric"
              error={named('/tail_mm')}
              onChange={(event) => {
                const mm = Number(event.currentTarget.value);
                if (Number.isFinite(mm)) {
                  change({ tail_mm: mm });
                }
              }}
            />
          </div>
          <NativeSelect
            label="Its shape"
            value={rest.shape}
            data={Object.entries(SHAPES).map(([value, label]) => ({ value, label }))}
            onChange={(event) => change({ shape: event.currentTarget.value as Plan['shape'] })}
          />
        </div>
        <div>
          <h2>What is cut from it</h2>
          <ul className="kinds">
            {planner.dishes.map((dish) => {
              const kind = rest.kinds.find((k) => k.dish === dish.id);
              const planned = plan.counts.find((c) => c.dish === dish.id);
              return (
                <li key={dish.id}>
                  <Checkbox
                    size="lg"
                    checked={kind !== undefined}
                    onChange={() =>
                      change({
                        kinds: kind
                          ? rest.kinds.filter((k) => k.dish !== dish.id)
                          : [...rest.kinds, { dish: dish.id, max: null }],
                      })
                    }
                    label={
                      <span>
                        <b>{dish.name}</b> {dish.target.text}
                        <br />
                        <span className="soft">{dish.stretch}</span>
                      </span>
                    }
                  />
                  {kind && (
                    <>
                      <b className="count">{planned?.planned ?? 0}</b>
                      <TextInput
                        className="most"
                        aria-label={`${dish.name}, at most`}
                        placeholder="any"
                        inputMode="numeric"
                        value={kind.max ?? ''}
                        onChange={(event) => {
                          const typed = event.currentTarget.value.trim();
                          const max = typed === '' ? null : Number(typed);
                          if (max === null || Number.isInteger(max)) {
                            change({ kinds: rest.kinds.map((k) => (k.dish === dish.id ? { ...k, max } : k)) });
                          }
                        }}
                      />
                    </>
                  )}
                </li>
              );
            })}
          </ul>
          {planner.dishes.length === 0 && (
            <p>
              No dish of this fish yet. <Link to="/portion/dishes/new">Add a dish</Link>
            </p>
          )}
          <p className="fault" role="alert">
            {named('/kinds') ??
              named('/marks_cm') ??
              (fault && !asProblem(fault).errors ? asProblem(fault).detail : '')}
          </p>
          {plan.stops.slice(1).map((stop) => (
            <p className="soft" key={stop.say}>
              {stop.say}
            </p>
          ))}
          <details className="plan-table">
            <summary>Every cut as a table</summary>
            <Table className="tight">
              <Table.Thead>
                <Table.Tr>
                  <Table.Th scope="col">Piece</Table.Th>
                  <Table.Th scope="col">Ends at</Table.Th>
                  <Table.Th scope="col">Thick</Table.Th>
                  <Table.Th scope="col">Weighs</Table.Th>
                </Table.Tr>
              </Table.Thead>
              <Table.Tbody>
                {plan.pieces.map((piece) => (
                  <Table.Tr key={`${piece.what}${piece.from_cm}`}>
                    <Table.Th scope="row">{piece.name}</Table.Th>
                    <Table.Td>{piece.ends_at}</Table.Td>
                    <Table.Td>{piece.thickness}</Table.Td>
                    <Table.Td>{piece.mass.text}</Table.Td>
                  </Table.Tr>
                ))}
              </Table.Tbody>
            </Table>
          </details>
        </div>
        <div>
          <h2>How</h2>
          <Chips
            legend="Method"
            name="school"
            quiet
            value={rest.school}
            options={SCHOOLS.map(({ value, label }) => {
              const by = plan.schools.find((s) => s.school === value);
              return {
                value,
                label: (
                  <span>
                    <b>{label}</b>
                    <br />
                    {by ? `${by.portions === 0 ? 'no portion' : `${by.portions} of ${by.each}`}, ${by.worth}` : ''}
                  </span>
                ),
              };
            })}
            onChange={(school) => change({ school })}
          />
          <Checkbox
            size="lg"
            checked={rest.aimed}
            onChange={() => change({ aimed: !rest.aimed })}
            label={<>Adjust for my variation</>}
          />
          <Checkbox
            size="lg"
            checked={rest.guess_first}
            onChange={() => setRest({ ...rest, guess_first: !rest.guess_first })}
            label={<>Guess first</>}
          />
          <Button onClick={putThere} disabled={rest.kinds.length === 0 || lay.isPending}>
            {planner.on_the_board ? 'Save plan and continue' : 'Save plan and cut'}
          </Button>
        </div>
      </div>
    </section>
  );
}

/** "dish:3,dish:1" as it was dealt out tonight. */
function wanted(text: string): Kind[] {
  return text
    .split(',')
    .map((one) => one.split(':'))
    .flatMap(([dish, max]) => (dish ? [{ dish, max: Number(max) }] : []))
    .filter((kind) => kind.max > 0);
}
