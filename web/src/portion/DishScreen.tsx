import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, type Dish, faultAt } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { Several } from '../ui/Several';
import { DishSizes } from './DishSizes';
import { howItIsCut } from './howItIsCut';
import { CLASSES, PREPARED, PREPS, SERVED } from './served';

const BLANK: Omit<
  Dish,
  'id' | 'version' | 'retired' | 'fish' | 'stretch_said' | 'board' | 'service_said' | 'prepared'
> = {
  name: '',
  target: '',
  minus: '',
  plus: '',
  species: null,
  stretch: 'anywhere',
  service: 'cooked' as Dish['service'],
  preparations: [] as Dish['preparations'],
  fat_grades: [] as ('lean' | 'good' | 'fat')[],
  per_plate: 1,
  treatment: null,
  size_of: null,
  share_pct: 0,
  allergens: [],
  slant_deg: 90,
  min_thickness_mm: null,
  max_thickness_mm: null,
  min_evenness: null,
  priority: 'usual',
};

/** One dish, written down or changed. */
export function DishScreen() {
  const { dish = '' } = useParams();
  const { data, error } = api.useQuery(
    'get',
    '/portion/dishes/{dish}',
    { params: { path: { dish } } },
    { enabled: dish !== 'new' },
  );
  if (error) {
    return <Missing stage="portion" error={error} />;
  }
  return dish === 'new' || data ? (
    <Writing key={dish} dish={data} />
  ) : (
    <p className={cx(look.sheet, look.soft)}>{t('dish.loading')}</p>
  );
}

function Writing({ dish }: { dish?: Dish | undefined }) {
  const { me } = useKitchen();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { data: catalogue } = api.useQuery('get', '/fish');
  const [id] = useState(() => dish?.id ?? ulid());
  const [form, setForm] = useState({
    ...(dish ?? BLANK),
    price: dish?.price ?? '',
    sides: dish?.sides ?? '',
    value: dish?.value ?? '',
  });
  const done = {
    onSuccess: () => {
      queries.invalidateQueries();
      navigate('/portion/dishes');
    },
  };
  const store = api.useMutation('put', '/portion/dishes/{dish}', done);
  const retire = api.useMutation('put', '/portion/dishes/{dish}/retired', done);
  const set = (more: Partial<typeof form>) => setForm((f) => ({ ...f, ...more }));
  const text = (
    name: 'name' | 'target' | 'minus' | 'plus' | 'price' | 'sides' | 'value',
    label: string,
    placeholder: string,
    hint?: string,
  ) => (
    <TextInput
      label={label}
      placeholder={placeholder}
      description={hint}
      value={form[name]}
      readOnly={!me.sees_prices}
      error={faultAt(store.error, `/${name}`)}
      onChange={(event) => set({ [name]: event.currentTarget.value })}
    />
  );
  const number = (
    name: 'min_thickness_mm' | 'max_thickness_mm' | 'min_evenness' | 'slant_deg',
    label: string,
    placeholder: string,
  ) => (
    <TextInput
      label={label}
      placeholder={placeholder}
      inputMode="decimal"
      readOnly={!me.sees_prices}
      value={form[name] === null ? '' : String(form[name])}
      error={faultAt(store.error, `/${name}`)}
      onChange={(event) => {
        const typed = event.currentTarget.value.trim();
        const value = typed === '' ? (name === 'slant_deg' ? 90 : null) : Number(typed);
        if (value === null || Number.isFinite(value)) {
          set({ [name]: value });
        }
      }}
    />
  );
  const submit = () => {
    store.mutate({
      params: { path: { dish: id } },
      body: {
        ...howItIsCut(form),
        ...(form.price ? { price: form.price } : {}),
        ...(form.sides ? { sides: form.sides } : {}),
        ...(dish?.surcharge_pct ? { surcharge_pct: dish.surcharge_pct } : {}),
        ...(dish?.target_cost_pct ? { target_cost_pct: dish.target_cost_pct } : {}),
        ...(dish ? { version: dish.version } : {}),
      },
    });
  };

  return (
    <section className={cx(look.sheet, look.wide)}>
      <header className={look.headline}>
        <div>
          <h1>{dish?.name ?? t('dish.new-dish')}</h1>
          <p className={look.soft}>
            <Link to="/portion/dishes">{t('dish.all-dishes')}</Link>
          </p>
        </div>
      </header>
      <form
        className={look.dishForm}
        onSubmit={(event) => {
          event.preventDefault();
          submit();
        }}
      >
        <fieldset>
          <legend>{t('dish.total-1-portion')}</legend>
          {text('name', t('dish.dish'), t('dish.char-brown-butter'))}
          {text('target', t('dish.it-weighs'), t('dish.160-g'))}
          <div className={look.pair}>
            {text('minus', t('dish.may-be-lighter-by'), t('dish.8-g'))}
            {text('plus', t('dish.may-be-heavier-by'), t('dish.10-g'))}
          </div>
          <DishSizes id={id} form={form} onForm={set} fault={(at) => faultAt(store.error, at)} />
          <NativeSelect
            label={t('dish.served')}
            value={form.service}
            data={CLASSES.map((value) => ({ value, label: SERVED[value] }))}
            error={faultAt(store.error, '/service')}
            onChange={(event) => set({ service: event.currentTarget.value as Dish['service'] })}
          />
          <Several
            legend={t('dish.prepared-in-order')}
            chosen={form.preparations}
            options={PREPS.map((value) => {
              const place = form.preparations.indexOf(value);
              return { value, label: place < 0 ? PREPARED[value] : `${place + 1} ${PREPARED[value]}` };
            })}
            onChange={(preparations) => set({ preparations: preparations as Dish['preparations'] })}
          />
          {faultAt(store.error, '/preparations') && (
            <p className={look.fault}>{faultAt(store.error, '/preparations')}</p>
          )}
          {dish?.board && (
            <p className={look.soft}>{t('dish.on-the-board', { plate: dish.target, board: dish.board })}</p>
          )}
          <Several
            legend={t('dish.lots-that-suit')}
            chosen={form.fat_grades}
            options={[
              { value: 'lean' as const, label: t('dish.lean') },
              { value: 'good' as const, label: t('dish.good') },
              { value: 'fat' as const, label: t('dish.fat') },
            ]}
            onChange={(grades) => set({ fat_grades: grades as typeof form.fat_grades })}
          />
        </fieldset>
        <fieldset>
          <legend>{t('dish.where-it-comes-from')}</legend>
          <NativeSelect
            label={t('dish.fish')}
            value={form.species ?? ''}
            data={[
              { value: '', label: t('dish.any-fish') },
              ...(catalogue?.species ?? []).map((fish) => ({ value: fish.id, label: fish.name })),
            ]}
            onChange={(event) => set({ species: event.currentTarget.value || null })}
          />
          <NativeSelect
            label={t('dish.cut-from')}
            value={form.stretch}
            data={[
              { value: 'anywhere', label: t('dish.anywhere-on-the-fillet') },
              { value: 'head-end', label: t('dish.the-head-end') },
              { value: 'middle', label: t('dish.the-middle') },
              { value: 'thick', label: t('dish.the-thick-of-the-side') },
              { value: 'tail', label: t('dish.the-tail-third') },
              { value: 'loin', label: t('dish.the-loin-cut-off-lengthwise') },
              { value: 'belly', label: t('dish.the-belly-cut-off-lengthwise') },
            ]}
            onChange={(event) => set({ stretch: event.currentTarget.value as Dish['stretch'] })}
          />
          <div className={look.pair}>
            {number('min_thickness_mm', t('dish.no-thinner-than-mm'), t('dish.any'))}
            {number('max_thickness_mm', t('dish.no-thicker-than-mm'), t('dish.any'))}
          </div>
          <div className={look.pair}>
            {number('min_evenness', t('dish.evenness-at-least'), t('dish.thin-end-over-thick-end-0'))}
            {number('slant_deg', t('dish.knife-angle-degrees'), t('dish.90-is-straight-down'))}
          </div>
        </fieldset>
        <fieldset>
          <legend>{t('dish.price-and-value')}</legend>
          {me.sees_prices && (
            <>
              {text('price', t('dish.menu-price'), '24.50')}
              {text('sides', t('dish.sides-and-garnish-cost'), '1.90')}
              {text(
                'value',
                t('dish.or-value-of-a-portion'),
                t('dish.worked-out-from-the-price'),
                t('dish.typed-it-counts-instead-of-the'),
              )}
            </>
          )}
          <NativeSelect
            label={t('dish.when-fish-is-short')}
            value={form.priority}
            data={[
              { value: 'first', label: t('dish.first') },
              { value: 'usual', label: t('dish.as-others') },
              { value: 'last', label: t('dish.last') },
            ]}
            onChange={(event) => set({ priority: event.currentTarget.value as Dish['priority'] })}
          />
          <p className={look.fault} role="alert">
            {[store.error, retire.error].map((fault) =>
              fault && !asProblem(fault).errors ? asProblem(fault).detail : '',
            )}
          </p>
          {me.sees_prices ? (
            <>
              <Button type="submit" disabled={store.isPending}>
                {t('dish.save-dish')}
              </Button>
              {dish && !dish.retired && (
                <Button
                  variant="default"
                  onClick={() => retire.mutate({ params: { path: { dish: id } }, body: { version: dish.version } })}
                >
                  {t('dish.remove-from-the-list')}
                </Button>
              )}
            </>
          ) : (
            <p className={look.soft}>{t('dish.the-head-chef-edits-dishes')}</p>
          )}
        </fieldset>
      </form>
    </section>
  );
}
