import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, asProblem, faultAt, type RouteHouse } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { RouteRooms } from './RouteRooms';
import css from './WaysScreen.module.css';

type Way = keyof RouteHouse['ways'];

const WAYS: { way: Way; asks: string; no: string; yes: string }[] = [
  { way: 'keeps_dark_muscle', asks: t('ways.dark-muscle'), no: t('ways.thrown-away'), yes: t('ways.into-the-mince') },
  { way: 'skins_in_stock', asks: t('ways.white-skin'), no: t('ways.crisped'), yes: t('ways.into-the-stock') },
  { way: 'grills_heads', asks: t('ways.heads'), no: t('ways.into-the-pot'), yes: t('ways.split-and-grilled') },
  { way: 'boils_collars', asks: t('ways.collars'), no: t('ways.grilled'), yes: t('ways.into-the-pot') },
];

/** What kitchens do differently, as this one does it; its bins, pots and recipes. */
export function WaysScreen() {
  const { me } = useKitchen();
  const queries = useQueryClient();
  const key = api.queryOptions('get', '/route/house').queryKey;
  const { data, error } = api.useQuery('get', '/route/house');
  const settled = { onSuccess: (house: RouteHouse) => queries.setQueryData(key, house) };
  const store = api.useMutation('put', '/route/house/ways', settled);
  const [pots, setPots] = useState<string | null>(null);
  if (!data) {
    return (
      <section className={cx(look.sheet, look.wide)}>
        <RouteRooms />
        <p className={css.fault}>{error ? asProblem(error).detail : ''}</p>
      </section>
    );
  }
  const potsTyped = pots ?? data.pots.join(', ');
  return (
    <section className={cx(look.sheet, look.wide)}>
      <RouteRooms />
      <div>
        <h1>{t('ways.house-rules')}</h1>
        <p className={css.soft}>
          {t('ways.these-rules-decide-where-parts-go', {
            who: me.sees_prices ? '.' : t('ways.the-head-chef-sets-them'),
          })}
        </p>
      </div>
      <p className={css.fault} role="alert">
        {store.error && !faultAt(store.error, '/pots') ? asProblem(store.error).detail : ''}
      </p>
      <div className={css.ways}>
        {WAYS.map(({ way, asks, no, yes }) => (
          <Chips
            key={way}
            legend={asks}
            name={way}
            value={data.ways[way] ? 'yes' : 'no'}
            options={[
              { value: 'no', label: no },
              { value: 'yes', label: yes },
            ]}
            onChange={(said) => me.sees_prices && store.mutate({ body: { [way]: said === 'yes' } })}
          />
        ))}
        <form
          className={css.typed}
          onSubmit={(event) => {
            event.preventDefault();
            const litres = potsTyped
              .split(/[^\d.]+/)
              .filter(Boolean)
              .map(Number);
            store.mutate({ body: { pots: litres } }, { onSuccess: () => setPots(null) });
          }}
        >
          <TextInput
            label={t('ways.pots-litres')}
            value={potsTyped}
            readOnly={!me.sees_prices}
            onChange={(event) => setPots(event.currentTarget.value)}
            error={faultAt(store.error, '/pots')}
          />
          {me.sees_prices && (
            <Button type="submit" variant="default" disabled={pots === null}>
              {t('ways.save')}
            </Button>
          )}
        </form>
      </div>
      <h2>{t('ways.bins')}</h2>
      <div className="house-bins">
        <div className={cx(css.houseBin, css.head)} aria-hidden="true">
          <span />
          {me.sees_prices && <span>{t('ways.value-per-kg')}</span>}
          <span>{t('ways.a-batch-takes')}</span>
          <span>{t('ways.holds')}</span>
          <span>{t('ways.days-cold')}</span>
          <span>{t('ways.days-frozen')}</span>
        </div>
        {data.bins.map((bin) => (
          <HouseBin key={`${bin.bin}${bin.version}`} bin={bin} onKept={(house) => queries.setQueryData(key, house)} />
        ))}
      </div>
      <h2>{t('ways.recipes')}</h2>
      <ul className={css.recipes}>
        {data.recipes.map((recipe) => (
          <li key={recipe.id}>
            <Link to={`/route/recipes/${recipe.id}`}>
              <b>{recipe.name}</b>
              <span className={css.soft}>
                {t('ways.from-a-kilo-min', {
                  toLowerCase: recipe.from.toLowerCase(),
                  yield_per_kg: recipe.yield_per_kg,
                  measure: recipe.litres ? 'L' : t('ways.kg'),
                  minutes: recipe.minutes,
                  source: recipe.source === 'house' ? t('ways.ours') : `, ${recipe.source}`,
                })}
              </span>
            </Link>
          </li>
        ))}
        {me.sees_prices && (
          <li>
            <Link to="/route/recipes/new">{t('ways.add-a-recipe')}</Link>
          </li>
        )}
      </ul>
    </section>
  );
}

function HouseBin({ bin, onKept }: { bin: RouteHouse['bins'][number]; onKept: (house: RouteHouse) => void }) {
  const { me, currency_sign: sign } = useKitchen();
  const [form, setForm] = useState({
    value: (bin.value ?? '').replace(sign, '').trim(),
    room: bin.room ?? '',
    enough: bin.enough ?? '',
    cold: String(bin.days_cold),
    frozen: String(bin.days_frozen),
  });
  const store = api.useMutation('put', '/route/house/bins/{bin}', { onSuccess: onKept });
  const field = (name: keyof typeof form, label: string, pointer: string) => (
    <TextInput
      aria-label={`${bin.name}, ${label}`}
      value={form[name]}
      readOnly={!me.sees_prices}
      onChange={(event) => setForm({ ...form, [name]: event.currentTarget.value })}
      error={faultAt(store.error, pointer)}
    />
  );
  return (
    <form
      className={css.houseBin}
      onSubmit={(event) => {
        event.preventDefault();
        store.mutate({
          params: { path: { bin: bin.bin } },
          body: {
            value: form.value,
            days_cold: Number(form.cold),
            days_frozen: Number(form.frozen),
            version: bin.version,
            ...(form.room.trim() ? { room: form.room } : {}),
            ...(form.enough.trim() ? { enough: form.enough } : {}),
          },
        });
      }}
    >
      <b>
        <i className={cx(look.swatch, `fam-${bin.family}`)} /> {bin.name}
        <span className={css.soft}>{bin.source === 'house' ? t('ways.ours-2') : bin.source}</span>
      </b>
      {me.sees_prices && field('value', t('ways.value-per-kg-2', { sign }), '/value')}
      {field('enough', t('ways.a-batch-takes'), '/enough')}
      {field('room', t('ways.holds'), '/room')}
      {field('cold', t('ways.days-cold'), '/days_cold')}
      {field('frozen', t('ways.days-frozen'), '/days_frozen')}
      {me.sees_prices && (
        <Button type="submit" variant="default" disabled={store.isPending}>
          {t('ways.save')}
        </Button>
      )}
      {store.error && !asProblem(store.error).errors && <p className={css.fault}>{asProblem(store.error).detail}</p>}
    </form>
  );
}
