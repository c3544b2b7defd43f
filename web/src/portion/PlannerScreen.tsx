import { Button, Checkbox, NativeSelect, TextInput } from '@mantine/core';
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
import { useKeys } from '../ui/useKeys';
import { usePut } from '../ui/usePut';
import { CutTable } from './CutTable';
import { type Even, EvenCuts } from './EvenCuts';
import { FilletDrawing } from './FilletDrawing';
import { KindsToCut } from './KindsToCut';
import css from './PlannerScreen.module.css';
import { type Mark, ThickAt } from './ThickAt';

type Plan = Planner['plan'];

const TAKEN_OFF = ['before', 'after', 'on'] as const;

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
    tail_mm: search.get('tail') === 'on' ? 0 : start.tail_mm,
    thick_at: start.thick_at as Mark[],
    belly: TAKEN_OFF.find((when) => when === search.get('belly')) ?? start.belly,
    school: start.school,
    aimed: start.aimed,
    guess_first: start.guess_first,
    kinds: asked ? wanted(asked) : start.kinds,
    marks_cm: start.marks_cm,
  });
  const [even, setEven] = useState<Even>({});
  const change = (more: Partial<typeof rest>) => {
    setEven({});
    setRest({ ...rest, marks_cm: [], ...more });
  };
  const cutEven = (how: typeof even) => {
    setEven(how);
    setRest({ ...rest, marks_cm: [] });
  };
  const body = {
    ...rest,
    kinds: rest.kinds.map(({ dish, max }) => ({ dish, max })),
    thick_at: rest.thick_at.filter((mark) => mark.at.trim() && mark.thick.trim()),
    ...(length.trim() && thickness.trim() ? { length, thickness } : {}),
    ...(square.trim() ? { square } : {}),
    ...(Number(even.count) > 0 ? { count: Number(even.count) } : {}),
    ...(even.width?.trim() ? { width: even.width } : {}),
    ...(even.medallion?.trim() ? { medallion: even.medallion } : {}),
    ...(Number(even.face) > 0 ? { least_face_cm2: Number(even.face) } : {}),
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
            <Link to={`/portion/${fish}`}>{t('planner.back-to-the-board')}</Link>{' '}
            <Link to={`/portion/${fish}/zones/${start.piece}`}>{t('planner.its-zones')}</Link>{' '}
            <Link to={`/portion/${fish}/slices/${start.piece}`}>{t('planner.slice-it')}</Link>
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
        onMove={(marks_cm) => {
          setEven({});
          setRest({ ...rest, marks_cm });
        }}
        asking={preview.isFetching}
      />
      <p className={css.planSaid} aria-live="polite">
        {plan.marks_cm.length > 0 ? (
          <>
            {count === 0
              ? t('planner.own-marks-suit-none')
              : t('planner.your-own-marks', {
                  join: plan.counts.map((one) => `${one.planned} ${one.name}`).join(', '),
                })}{' '}
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
          <div className={css.pair}>
            <NativeSelect
              label={t('planner.belly')}
              value={rest.belly}
              data={[
                { value: 'on', label: t('zones.left-on') },
                { value: 'before', label: t('zones.off-first') },
                { value: 'after', label: t('zones.off-each-portion') },
              ]}
              onChange={(event) => change({ belly: event.currentTarget.value as Plan['belly'] })}
            />
            <NativeSelect
              label={t('planner.its-shape')}
              value={rest.shape}
              data={plan.shapes.map(({ shape, name }) => ({ value: shape, label: name }))}
              onChange={(event) => change({ shape: event.currentTarget.value as Plan['shape'] })}
            />
          </div>
          <ThickAt marks={rest.thick_at} onMarks={(thick_at) => change({ thick_at })} fault={named} />
        </div>
        <div>
          <h2>{t('planner.what-is-cut-from-it')}</h2>
          <KindsToCut
            dishes={planner.dishes}
            counts={plan.counts}
            kinds={rest.kinds}
            onKinds={(kinds) => change({ kinds })}
          />
          {planner.dishes.length === 0 && (
            <p>
              {t('planner.no-dish-of-this-fish-yet')} <Link to="/portion/dishes/new">{t('planner.add-a-dish')}</Link>
            </p>
          )}
          <EvenCuts even={even} onEven={cutEven} fault={named} />
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
          <CutTable pieces={plan.pieces} />
        </div>
        <div>
          <h2>{t('planner.how')}</h2>
          <Chips
            legend={t('planner.method')}
            name="school"
            quiet
            value={rest.school}
            options={plan.ways.map(({ school: value, name: label }) => {
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
function wanted(text: string): Plan['kinds'] {
  return text
    .split(',')
    .map((one) => one.split(':'))
    .flatMap(([dish, max]) => (dish ? [{ dish, max: Number(max) }] : []))
    .filter((kind) => kind.max > 0);
}
