import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { api, asProblem, faultAt } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { amount } from './amount';
import css from './CostHouseScreen.module.css';
import { CostRooms } from './CostRooms';

/** The schools of costing, as this house keeps them. */
export function CostHouseScreen() {
  const { currency_sign: sign } = useKitchen();
  const queries = useQueryClient();
  const key = api.queryOptions('get', '/cost/house').queryKey;
  const { data, error } = api.useQuery('get', '/cost/house');
  const store = api.useMutation('put', '/cost/house', {
    onSuccess: (house) => {
      queries.invalidateQueries();
      queries.setQueryData(key, house);
    },
  });
  const [form, setForm] = useState<Record<string, string>>({});
  if (!data) {
    return (
      <section className={cx(look.sheet, look.wide)}>
        <CostRooms />
        <p className={look.fault}>{error ? asProblem(error).detail : ''}</p>
      </section>
    );
  }
  const field = (name: string, label: string, now: string, hint: string) => (
    <TextInput
      label={label}
      description={hint}
      value={form[name] ?? now}
      onChange={(event) => setForm({ ...form, [name]: event.currentTarget.value })}
      error={faultAt(store.error, `/${name}`)}
    />
  );
  return (
    <section className={cx(look.sheet, look.wide)}>
      <CostRooms />
      <div>
        <h1>{t('costHouse.costing-rules')}</h1>
        <p className={look.soft}>{data.said}</p>
      </div>
      <p className={look.fault} role="alert">
        {store.error && !asProblem(store.error).errors ? asProblem(store.error).detail : ''}
      </p>
      <div className={css.countWays}>
        <Chips
          legend={t('costHouse.when-one-fish-feeds-several-dishes')}
          name="split"
          value={data.split}
          options={[
            { value: 'by-weight', label: t('costHouse.by-weight') },
            { value: 'relative-value', label: t('costHouse.by-value') },
          ]}
          onChange={(split) => store.mutate({ body: { split } })}
        />
        <Chips
          legend={t('costHouse.trim-counts')}
          name="credits"
          value={data.credits}
          options={[
            { value: 'bin-value', label: t('costHouse.at-the-value-of-its-bin') },
            { value: 'batch-return', label: t('costHouse.at-what-its-batch-brought') },
          ]}
          onChange={(credits) => store.mutate({ body: { credits } })}
        />
        <Chips
          legend={t('costHouse.labour-at-the-board')}
          name="labour"
          value={data.counts_labour ? 'yes' : 'no'}
          options={[
            { value: 'yes', label: t('costHouse.is-counted') },
            { value: 'no', label: t('costHouse.is-not-counted') },
          ]}
          onChange={(said) => store.mutate({ body: { counts_labour: said === 'yes' } })}
        />
      </div>
      <form
        className={cx(look.fields, look.four)}
        onSubmit={(event) => {
          event.preventDefault();
          store.mutate(
            {
              body: {
                ...(form.labour_rate ? { labour_rate: form.labour_rate } : {}),
                ...(form.price_ending ? { price_ending: form.price_ending } : {}),
                ...(form.tax_pct ? { tax_pct: Number(form.tax_pct) } : {}),
                ...(form.cost_points ? { cost_points: Number(form.cost_points) } : {}),
              },
            },
            { onSuccess: () => setForm({}) },
          );
        }}
      >
        {field(
          'labour_rate',
          t('costHouse.labour-an-hour', { sign }),
          amount(data.labour_rate, sign),
          t('costHouse.minutes-at-the-board-at-this'),
        )}
        {field(
          'tax_pct',
          t('costHouse.tax-on-a-menu-price'),
          String(data.tax_pct),
          t('costHouse.menu-prices-have-it-in-them'),
        )}
        {field(
          'price_ending',
          t('costHouse.round-prices-to'),
          data.price_ending,
          t('costHouse.last-digits-50-makes-23-17'),
        )}
        {field(
          'cost_points',
          t('costHouse.food-cost-may-differ-by-points'),
          String(data.cost_points),
          t('costHouse.to-either-side-of-its-target'),
        )}
        <Button type="submit" variant="default" disabled={Object.keys(form).length === 0}>
          {t('costHouse.save')}
        </Button>
      </form>
    </section>
  );
}
