import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, asProblem, type CostBench, faultAt } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import { amount } from './amount';
import css from './CostForm.module.css';

/** What was paid, and how long it took. */
export function CostForm({ bench }: { bench: CostBench }) {
  const { currency_sign: sign } = useKitchen();
  const queries = useQueryClient();
  const path = { path: { fish: bench.fish.id } };
  const key = api.queryOptions('get', '/cost/fish/{fish}', { params: path }).queryKey;
  const [price, setPrice] = useState(amount(bench.price_per_kg, sign));
  const [delivery, setDelivery] = useState(amount(bench.delivery, sign));
  const [minutes, setMinutes] = useState(bench.labour_minutes ?? '');
  const [unclear, setUnclear] = useState<string>();
  const store = api.useMutation('put', '/cost/fish/{fish}', {
    onSuccess: (data) => queries.setQueryData(key, data),
    onError: (error) => asProblem(error).status === 409 && queries.invalidateQueries({ queryKey: key }),
  });

  return (
    <form
      className={css.costForm}
      onSubmit={(event) => {
        event.preventDefault();
        const labour = Number(minutes);
        if (minutes.trim() !== '' && !(labour >= 0)) {
          setUnclear(t('costForm.is-not-a-number-of-minutes', { minutes }));
          return;
        }
        setUnclear(undefined);
        store.mutate({
          params: path,
          body: {
            version: bench.fish.version,
            ...(price.trim() ? { price_per_kg: price } : {}),
            ...(delivery.trim() ? { delivery } : {}),
            ...(minutes.trim() ? { labour_minutes: labour } : {}),
          },
        });
      }}
    >
      <TextInput
        label={t('costForm.price-per-kg')}
        leftSection={sign}
        inputMode="decimal"
        value={price}
        onChange={(event) => setPrice(event.currentTarget.value)}
        error={faultAt(store.error, '/price_per_kg')}
      />
      <div className={look.pair}>
        <TextInput
          label={t('costForm.delivery')}
          leftSection={sign}
          inputMode="decimal"
          value={delivery}
          onChange={(event) => setDelivery(event.currentTarget.value)}
          error={faultAt(store.error, '/delivery')}
        />
        <TextInput
          label={t('costForm.labour-minutes')}
          inputMode="decimal"
          value={minutes}
          onChange={(event) => setMinutes(event.currentTarget.value)}
          error={unclear ?? faultAt(store.error, '/labour_minutes')}
        />
      </div>
      <p className={look.soft}>
        {t('costForm.labour-is-counted-at')} {bench.labour_rate} {t('costForm.an-hour')}
      </p>
      {store.error && !asProblem(store.error).errors && (
        <p className={look.fault} role="alert">
          {asProblem(store.error).detail}
        </p>
      )}
      <Button type="submit" variant="default" loading={store.isPending}>
        {t('costForm.save-cost')}
      </Button>
    </form>
  );
}
