import { Button, Slider, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, asProblem, type OrderOf, type OrderStart } from '../api/client';
import { PREVIEW, useSettled } from '../api/preview';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { shortOn } from './nights';
import { OfferForm } from './OfferForm';
import { OfferRow } from './OfferRow';
import { OrderNotes } from './OrderNotes';
import css from './OrderScreen.module.css';
import { OrdersPlaced } from './OrdersPlaced';
import { PlaceForm } from './PlaceOrderForm';
import { PlanRooms } from './PlanRooms';

/** How often it may run short: one night in so many. */
const CHANCES = [
  { value: 0, label: '200', pct: 0.5 },
  { value: 1, label: '100', pct: 1 },
  { value: 2, label: '50', pct: 2 },
  { value: 3, label: '20', pct: 5 },
  { value: 4, label: '10', pct: 10 },
  { value: 5, label: '5', pct: 20 },
];

/** How many fish of which size to order, how often that runs short, and the orders that went out. */
export function OrderScreen() {
  const queries = useQueryClient();
  const [until, setUntil] = useState('');
  const query = { params: { query: until === '' ? {} : { until } } };
  const key = api.queryOptions('get', '/plan/order', query).queryKey;
  const { data, error } = api.useQuery('get', '/plan/order', query, { staleTime: 0 });
  const [species, setSpecies] = useState<string | null>(null);
  const [editing, setEditing] = useState<OrderStart['offers'][number] | 'new' | null>(null);
  if (error) {
    return <Missing stage="plan" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('order.loading')}</p>;
  }
  const wanted = data.species.filter((one) => one.dishes.length > 0);
  const known = [...wanted, ...data.species.filter((one) => one.dishes.length === 0)];
  const chosen = known.find((one) => one.id === species) ?? known[0];
  return (
    <section className={cx(look.sheet, look.wide)}>
      <PlanRooms />
      <div className={look.headline}>
        <div>
          <h1>{t('order.order')}</h1>
          <p className={look.soft}>{t('order.intro')}</p>
        </div>
        <TextInput
          type="date"
          label={t('order.until')}
          value={until || data.until}
          min={data.today}
          onChange={(event) => setUntil(event.target.value)}
        />
      </div>
      {known.length === 0 && (
        <div className={look.empty}>
          <h2>{t('order.nothing-wanted')}</h2>
          <p>{t('order.nothing-hint')}</p>
          <Link to="/plan/services">{t('order.to-services')}</Link>
        </div>
      )}
      {chosen && (
        <Chips
          legend={t('order.fish')}
          name="fish"
          value={chosen.id}
          options={known.map((one) => ({ value: one.id, label: one.name }))}
          onChange={setSpecies}
          inline
        />
      )}
      {editing && (
        <OfferForm
          key={editing === 'new' ? 'new' : editing.id}
          offer={editing === 'new' ? undefined : editing}
          species={editing === 'new' ? chosen : undefined}
          onDone={(start) => {
            queries.setQueryData(key, start);
            queries.invalidateQueries({ queryKey: ['post', '/plan/order/{species}'] });
            setEditing(null);
          }}
          onCancel={() => setEditing(null)}
        />
      )}
      {chosen && (
        <OneKind
          key={chosen.id}
          species={chosen.id}
          until={until || data.until}
          onEdit={(offer) =>
            setEditing(offer === 'new' ? 'new' : (data.offers.find((one) => one.id === offer) ?? null))
          }
        />
      )}
      <OrdersPlaced />
    </section>
  );
}

function OneKind(props: { species: string; until: string; onEdit: (offer: string | 'new') => void }) {
  const [place, setPlace] = useState(3);
  const [own, setOwn] = useState<{ offer: string; fish: number } | null>(null);
  const chance = CHANCES[place];
  const asked = useSettled({ until: props.until, max_short_pct: chance?.pct ?? 5, ...own });
  const { data, error, isFetching } = api.useQuery(
    'post',
    '/plan/order/{species}',
    { params: { path: { species: props.species } }, body: asked },
    PREVIEW,
  );
  if (error) {
    return (
      <p className={look.fault} role="alert">
        {asProblem(error).detail}
      </p>
    );
  }
  if (!data) {
    return <p className={look.soft}>{t('order.loading')}</p>;
  }
  const most = Math.max(
    1,
    ...data.dishes.map((dish) => dish.wanted.high),
    ...data.offers.map((one) => (one.outcome ? have(data) + one.outcome.portions.high : 0)),
  );
  const chosen = data.offers.find((one) => one.id === (own?.offer ?? data.best)) ?? null;
  return (
    <div aria-busy={isFetching}>
      <p className={css.orderSays} aria-live="polite">
        {says(data, own?.offer ?? null)}
      </p>
      {data.by && <p>{inTheHouse(data.by)}</p>}
      {data.kept_for && data.keeps_days !== null && (
        <p>{t('order.keeps', { name: data.name, days: data.keeps_days, day: data.kept_for })}</p>
      )}
      <ul className={css.orderWanted}>
        {data.dishes.map((dish) => (
          <li key={dish.dish}>
            {[
              t('order.wanted', {
                name: dish.name,
                target: dish.target.text,
                mean: Math.round(dish.wanted.mean),
                low: dish.wanted.low,
                high: dish.wanted.high,
              }),
              ...(dish.kept > 0 ? [t('order.kept', { count: dish.kept })] : []),
              ...(dish.fish > 0 ? [t('order.uncut', { count: dish.fish, portions: dish.uncut })] : []),
            ].join('; ')}
          </li>
        ))}
      </ul>
      {data.dishes.length > 0 && data.offers.length > 0 && (
        <div className={css.orderChance}>
          <span>
            {t('order.chance')}
            {isFetching && <small className={look.soft}> {t('order.loading')}</small>}
          </span>
          <Slider
            thumbLabel={t('order.chance')}
            min={0}
            max={CHANCES.length - 1}
            value={place}
            marks={CHANCES.map((one) => ({ value: one.value, label: t('order.one-in', { nights: one.label }) }))}
            label={null}
            onChange={(value) => {
              setPlace(value);
              setOwn(null);
            }}
            thumbProps={{ 'aria-valuetext': t('order.one-in', { nights: chance?.label ?? '' }) }}
          />
        </div>
      )}
      <ul className={css.orderOffers}>
        {data.offers.map((one) => (
          <OfferRow
            key={one.id}
            offer={one}
            order={data}
            most={most}
            have={have(data)}
            onFish={(fish) => setOwn({ offer: one.id, fish })}
            onEdit={() => props.onEdit(one.id)}
          />
        ))}
      </ul>
      <OrderNotes data={data} />
      {data.offers.length === 0 && (
        <div className={look.empty}>
          <h2>{t('order.no-offers', { name: data.name })}</h2>
          <p>{t('order.no-offers-hint')}</p>
        </div>
      )}
      {data.mix && <p>{mixed(data)}</p>}
      <div className={css.orderDo}>
        {chosen?.outcome && chosen.outcome.fish > 0 && (
          <PlaceForm
            key={chosen.id}
            offer={chosen.id}
            supplier={chosen.supplier}
            fish={chosen.outcome.fish}
            shortPct={chosen.outcome.short.pct}
            day={data.by?.day ?? props.until}
          />
        )}
        <Button variant="default" onClick={() => props.onEdit('new')}>
          {t('order.add-offer')}
        </Button>
      </div>
    </div>
  );
}

/** Portions that are there before anything is bought. */
const have = (data: OrderOf) => data.dishes.reduce((sum, dish) => sum + dish.kept + dish.uncut, 0);

/** The choice made, in one sentence. */
function says(data: OrderOf, own: string | null): string {
  if (data.dishes.length === 0) {
    return t('order.no-services', { name: data.name });
  }
  const chosen = data.offers.find((one) => one.id === (own ?? data.best));
  if (chosen?.outcome) {
    return t('order.best', {
      fish: chosen.outcome.fish,
      name: data.name,
      grade: chosen.grade,
      short: shortOn(chosen.outcome.short, data.services.length),
      surplus: Math.round(chosen.outcome.surplus_mean),
      cost: chosen.outcome.cost,
    });
  }
  const all = data.offers.find((one) => one.outcome !== null);
  return all?.outcome
    ? t('order.none', {
        short: shortOn(all.outcome.short, data.services.length),
        fish: all.outcome.fish,
        grade: all.grade,
      })
    : t('order.none-offered', { name: data.name });
}

function mixed(data: OrderOf): string {
  const { mix } = data;
  if (!mix) {
    return '';
  }
  const what = mix.fish
    .map((one) =>
      t('order.of-grade', {
        fish: one.fish,
        grade: data.offers.find((offer) => offer.id === one.offer)?.grade ?? '',
      }),
    )
    .join(t('order.and'));
  const short = shortOn(mix.short, data.services.length);
  return mix.saves === null
    ? t('order.mix-only', { what, short, cost: mix.cost })
    : t('order.mix-saves', { what, short, cost: mix.cost, saves: mix.saves });
}

/** By which day it is in the house, and why. */
function inTheHouse({ date, why }: NonNullable<OrderOf['by']>): string {
  switch (why) {
    case 'that-day':
      return t('order.by-that-day', { date });
    case 'cut-before':
      return t('order.by-cut-before', { date });
    case 'stands':
      return t('order.by-stands', { date });
  }
}
