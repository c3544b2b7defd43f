import { Button, Checkbox, NativeSelect, Table, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { api, asProblem, faultAt, type Planner } from '../api/client';
import { PREVIEW, useSettled } from '../api/preview';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { usePut } from '../ui/outbox';
import { useKeys } from '../ui/useKeys';
import { FilletDrawing } from './FilletDrawing';
import css from './PlannerScreen.module.css';

type Plan = Planner['plan'];
type Kind = Plan['kinds'][number];

const SHAPES: Record<Plan['shape'], string> = {
  'long-side': t('planner.long-side'),
  'short-side': t('planner.short-deep-side'),
  'flat-quarter': t('planner.flat-fish-fillet'),
  loin: t('planner.loin'),
  'tapered-tail': t('planner.tapering-tail'),
};

const SCHOOLS: { value: Plan['school']; label: string }[] = [
  { value: 'exact', label: t('planner.exact') },
  { value: 'fit', label: t('planner.fit-one-more') },
  { value: 'share', label: t('planner.equal') },
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
  return data ? (
    <Planning key={piece} fish={fish} planner={data} />
  ) : (
    <p className={cx(css.sheet, look.soft)}>{t('planner.loading')}</p>
  );
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
    <section className={cx(css.sheet, look.wide, css.planner)}>
      <header className={look.headline}>
        <div>
          <h1>
            {plan.name}{' '}
            <span style={{ fontWeight: 450 }}>
              {t('planner.of-no', { title: planner.fish.title, number: planner.fish.number })}
            </span>
          </h1>
          <p className={look.soft}>
            {t('planner.long-thick', {
              left: plan.left.text,
              plan: plan.length,
              thickness: plan.thickness,
              guessed: plan.measured ? '' : t('planner.guessed-from-its-weight'),
            })}{' '}
            <Link to={`/portion/${fish}`}>{t('planner.back-to-the-board')}</Link>
          </p>
        </div>
        <p className={look.yield}>
          <b>{count}</b>
          <span className={look.soft}>{t('planner.left-over', { count: count, left_over: plan.left_over.text })}</span>
        </p>
      </header>
      <FilletDrawing
        plan={plan}
        next={plan.next.to_cm}
        onMove={(marks_cm) => setRest({ ...rest, marks_cm })}
        asking={preview.isFetching}
      />
      <p className={css.planSaid} aria-live="polite">
        {rest.marks_cm.length > 0 ? (
          <>
            {t('planner.your-own-marks', { join: plan.counts.map((one) => `${one.planned} ${one.name}`).join(', ') })}{' '}
            <Button variant="transparent" size="compact-md" onClick={() => change({ marks_cm: [] })}>
              {t('planner.back-to-the-planned-cuts')}
            </Button>
          </>
        ) : (
          (plan.stops[0]?.say ?? t('planner.choose-what-to-cut-from-it'))
        )}
      </p>
      <div className={css.plannerColumns}>
        <div className={css.plannerFillet}>
          <h2>{t('planner.the-fillet')}</h2>
          <div className={css.pair}>
            {field(t('planner.length'), length, setLength, plan.length, '/length')}
            {field(t('planner.thickest'), thickness, setThickness, plan.thickness, '/thickness')}
            {field(t('planner.squared-off'), square, setSquare, t('planner.40-g'), '/square')}
            <TextInput
              label={t('planner.tail-off-below-mm')}
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
            label={t('planner.its-shape')}
            value={rest.shape}
            data={Object.entries(SHAPES).map(([value, label]) => ({ value, label }))}
            onChange={(event) => change({ shape: event.currentTarget.value as Plan['shape'] })}
          />
        </div>
        <div>
          <h2>{t('planner.what-is-cut-from-it')}</h2>
          <ul className={css.kinds}>
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
                        <span className={look.soft}>{dish.stretch}</span>
                      </span>
                    }
                  />
                  {kind && (
                    <>
                      <b className={css.count}>{planned?.planned ?? 0}</b>
                      <TextInput
                        className={css.most}
                        aria-label={t('planner.at-most', { dish: dish.name })}
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
              {t('planner.no-dish-of-this-fish-yet')} <Link to="/portion/dishes/new">{t('planner.add-a-dish')}</Link>
            </p>
          )}
          <p className={look.fault} role="alert">
            {named('/kinds') ??
              named('/marks_cm') ??
              (fault && !asProblem(fault).errors ? asProblem(fault).detail : '')}
          </p>
          {plan.stops.slice(1).map((stop) => (
            <p className={look.soft} key={stop.say}>
              {stop.say}
            </p>
          ))}
          <details className={css.planTable}>
            <summary>{t('planner.every-cut-as-a-table')}</summary>
            <Table className={look.tight}>
              <Table.Thead>
                <Table.Tr>
                  <Table.Th scope="col">{t('planner.piece')}</Table.Th>
                  <Table.Th scope="col">{t('planner.ends-at')}</Table.Th>
                  <Table.Th scope="col">{t('planner.thick')}</Table.Th>
                  <Table.Th scope="col">{t('planner.weighs')}</Table.Th>
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
          <h2>{t('planner.how')}</h2>
          <Chips
            legend={t('planner.method')}
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
                    {by
                      ? `${by.portions === 0 ? t('planner.no-portion') : t('planner.of', { portions: by.portions, each: by.each })}, ${by.worth}`
                      : ''}
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
            label={t('planner.adjust-for-my-variation')}
          />
          <Checkbox
            size="lg"
            checked={rest.guess_first}
            onChange={() => setRest({ ...rest, guess_first: !rest.guess_first })}
            label={t('planner.guess-first')}
          />
          <Button onClick={putThere} disabled={rest.kinds.length === 0 || lay.isPending}>
            {planner.on_the_board ? t('planner.save-plan-and-continue') : t('planner.save-plan-and-cut')}
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
