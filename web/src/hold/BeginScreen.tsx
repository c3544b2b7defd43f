import { Checkbox, NativeSelect, NumberInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type HouseTreatment, type Treatments, type Weight } from '../api/client';
import { PREVIEW, useSettled } from '../api/preview';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { span } from '../ui/DishTimer';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { Pan } from '../ui/Pan';
import { useOnScale } from '../ui/usePan';
import { usePut } from '../ui/usePut';
import css from './BeginScreen.module.css';
import { SaltCurve } from './SaltCurve';
import { AIMS, how, ingredient, notFor } from './treatmentWords';
import { keyOf, named, useReady } from './useReady';

/** A treatment at the board, before it is begun: the fish on the scale, how thick it is, what it will take. */
export function BeginScreen() {
  const { treatment = '' } = useParams();
  const { data, error } = api.useQuery('get', '/hold/treatments', {}, { staleTime: 0 });
  if (error) {
    return <Missing stage="hold" error={error} />;
  }
  const house = data?.treatments.find((one) => one.id === treatment);
  if (!data || !house) {
    return <p className={cx(look.sheet, look.soft)}>{t('treatments.loading')}</p>;
  }
  return <Begin house={house} all={data} />;
}

function Begin({ house, all }: { house: HouseTreatment; all: Treatments }) {
  const navigate = useNavigate();
  const [id] = useState(ulid);
  const [chosen, setChosen] = useState<string[]>([]);
  const [thick, setThick] = useState<number | ''>('');
  const [faces, setFaces] = useState<'1' | '2'>('2');
  const [degrees, setDegrees] = useState<number | ''>('');
  const [again, setAgain] = useState('');
  const shown = useOnScale();
  const isBrine = house.kind === 'timed-brine' || house.kind === 'even-brine';
  const given = {
    ...(thick === '' ? {} : { thick_mm: thick }),
    faces: Number(faces),
    ...(degrees === '' ? {} : { degrees }),
  };
  const body = useSettled({ mass: shown ?? '1 kg', ...given });
  const plan = api.useQuery(
    'post',
    '/hold/treatments/{treatment}/plan',
    { params: { path: { treatment: house.id } }, body },
    PREVIEW,
  );
  const begin = usePut('treatments', '/hold/treatings/{treating}', {
    onSuccess: () => navigate(`/hold/treatings/${id}`),
  });
  const { data: ready = [] } = useReady();
  const things = ready.filter((one) => chosen.includes(keyOf(one))).map(named);
  const take = (weight: Weight) =>
    begin.mutate({
      params: { path: { treating: id } },
      body: { treatment: house.id, weight, things, ...given, ...(again === '' ? {} : { brine_of: again }) },
    });
  const brines = all.treatings.filter((one) => one.name === house.name);
  return (
    <div className={look.bench}>
      <section className={look.board}>
        <header className={look.headline}>
          <div>
            <h1>{house.name}</h1>
            <p className={look.soft}>
              {how(house)}. {t('treatments.for', { aims: house.aims.map((aim) => AIMS[aim]).join(', ') })}{' '}
              <Link to="/hold/treatments">{t('treatments.all')}</Link>
            </p>
          </div>
        </header>
        <p className={look.caution}>
          {notFor(house)} {house.caution}
        </p>
        <div className={css.beginColumns}>
          <fieldset className={css.beginThings}>
            <legend>{t('treatments.what-is-treated')}</legend>
            {ready.map((one) => {
              const key = keyOf(one);
              return (
                <Checkbox
                  key={key}
                  label={`${one.name} · ${one.detail}`}
                  checked={chosen.includes(key)}
                  onChange={() =>
                    setChosen((now) => (now.includes(key) ? now.filter((x) => x !== key) : [...now, key]))
                  }
                />
              );
            })}
          </fieldset>
          <div className={css.beginFigures}>
            <NumberInput
              label={t('treatments.thickest')}
              value={thick}
              min={1}
              max={300}
              error={faultAt(begin.error, '/thick_mm')}
              onChange={(value) => setThick(value === '' ? '' : Number(value))}
            />
            <Chips
              legend={t('treatments.open-faces')}
              name="faces"
              value={faces}
              inline
              options={[
                { value: '2', label: t('treatments.both') },
                { value: '1', label: t('treatments.skin-on') },
              ]}
              onChange={setFaces}
            />
            {house.kind === 'timed-brine' && (
              <NumberInput
                label={t('treatments.degrees')}
                value={degrees}
                min={0}
                max={100}
                error={faultAt(begin.error, '/degrees') ?? faultAt(plan.error, '/degrees')}
                onChange={(value) => setDegrees(value === '' ? '' : Number(value))}
              />
            )}
            {isBrine && house.uses > 1 && (
              <NativeSelect
                label={t('treatments.which-brine')}
                value={again}
                data={[
                  { value: '', label: t('treatments.new-brine') },
                  ...brines.map((one) => ({ value: one.id, label: t('treatments.brine-of', { number: one.number }) })),
                ]}
                error={faultAt(begin.error, '/brine_of')}
                onChange={(event) => setAgain(event.currentTarget.value)}
              />
            )}
          </div>
        </div>
        {plan.data && (
          <>
            <p className={css.beginTakes}>
              <span className={look.soft}>
                {shown ? t('treatments.takes-for', { mass: shown }) : t('treatments.takes-a-kilo')}
              </span>{' '}
              {plan.data.ingredients.map((one) => (
                <b key={one.name}>
                  {ingredient(one.name)} {one.mass.text}
                </b>
              ))}
            </p>
            <SaltCurve
              plan={plan.data}
              target={house.target_pct}
              window={{ from: house.minutes_from, usual: house.minutes, to: house.minutes_to }}
              now={null}
            />
            <p className={look.soft}>
              {plan.data.target_minutes !== null &&
                t('treatments.target-after', { pct: house.target_pct, time: span(plan.data.target_minutes * 60) })}{' '}
              {plan.data.even_hours !== null && t('treatments.even-after', { time: span(plan.data.even_hours * 3600) })}{' '}
              {plan.data.curve.length > 0 && t('treatments.spread')}
            </p>
          </>
        )}
      </section>
      <Pan
        todo={chosen.length === 0 ? t('treatments.choose-what') : t('treatments.put-on-scale')}
        recordAs={chosen.length === 0 ? null : t('treatments.as-fish')}
        takeWord={t('treatments.record')}
        onTake={take}
        busy={begin.isPending}
        fault={begin.error ? asProblem(begin.error).detail : undefined}
        readings={[]}
      />
    </div>
  );
}
