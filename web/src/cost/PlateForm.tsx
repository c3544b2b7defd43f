import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, asProblem, faultAt, type Plate } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { howItIsCut } from '../portion/howItIsCut';
import { look } from '../ui/look';
import { amount } from './amount';
import css from './PlateForm.module.css';

/** The rest of the plate and its price; how the dish is cut stays as it is. */
export function PlateForm({ plate }: { plate: Plate }) {
  const { currency_sign: sign } = useKitchen();
  const queries = useQueryClient();
  const { data: dish } = api.useQuery('get', '/portion/dishes/{dish}', { params: { path: { dish: plate.dish } } });
  const [sides, setSides] = useState(amount(plate.sides, sign));
  const [price, setPrice] = useState(amount(plate.price, sign));
  const [target, setTarget] = useState(plate.target_cost_pct === null ? '' : String(plate.target_cost_pct));
  const [small, setSmall] = useState(String(plate.surcharge_pct));
  const store = api.useMutation('put', '/portion/dishes/{dish}', { onSettled: () => queries.invalidateQueries() });

  return (
    <form
      className={css.triple}
      onSubmit={(event) => {
        event.preventDefault();
        if (!dish) {
          return;
        }
        store.mutate({
          params: { path: { dish: plate.dish } },
          body: {
            ...howItIsCut(dish),
            version: plate.version,
            surcharge_pct: Number(small) || 0,
            ...(sides.trim() ? { sides } : {}),
            ...(price.trim() ? { price } : {}),
            ...(Number(target) > 0 ? { target_cost_pct: Number(target) } : {}),
          },
        });
      }}
    >
      <TextInput
        label={t('plateForm.sides')}
        leftSection={sign}
        value={sides}
        onChange={(e) => setSides(e.currentTarget.value)}
        error={faultAt(store.error, '/sides')}
      />
      <TextInput
        label={t('plateForm.sundries')}
        value={small}
        onChange={(e) => setSmall(e.currentTarget.value)}
        error={faultAt(store.error, '/surcharge_pct')}
      />
      <TextInput
        label={t('plateForm.menu-price')}
        leftSection={sign}
        value={price}
        onChange={(e) => setPrice(e.currentTarget.value)}
        error={faultAt(store.error, '/price')}
      />
      <TextInput
        label={t('plateForm.target-food-cost')}
        value={target}
        onChange={(e) => setTarget(e.currentTarget.value)}
        error={faultAt(store.error, '/target_cost_pct')}
      />
      <Button type="submit" variant="default" loading={store.isPending} disabled={!dish}>
        {t('plateForm.save')}
      </Button>
      {store.error && !asProblem(store.error).errors && <p className={look.fault}>{asProblem(store.error).detail}</p>}
    </form>
  );
}
