import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, asProblem, type CostBench, faultAt } from '../api/client';
import { useKitchen } from '../kitchen/Door';
import { amount } from './amount';

type Plate = NonNullable<CostBench['plate']>;

/** The rest of the plate and its price, with the figures that follow from them. */
export function PlateForm({ plate, fish }: { plate: Plate; fish: string }) {
  const { currency_sign: sign } = useKitchen();
  const queries = useQueryClient();
  const [sides, setSides] = useState(amount(plate.sides, sign));
  const [price, setPrice] = useState(amount(plate.price, sign));
  const [target, setTarget] = useState(plate.target_cost_pct === null ? '' : String(plate.target_cost_pct));
  const store = api.useMutation('put', '/portion/dishes/{dish}', {
    onSettled: () =>
      queries.invalidateQueries({
        queryKey: api.queryOptions('get', '/cost/fish/{fish}', { params: { path: { fish } } }).queryKey,
      }),
  });

  return (
    <div className="plate">
      <h2>{plate.name}</h2>
      <table className="tight">
        <tbody>
          <tr>
            <td>Portion</td>
            <td className="n">{plate.portion}</td>
          </tr>
          <tr>
            <td>Sides</td>
            <td className="n">{plate.sides}</td>
          </tr>
          <tr className="sum">
            <td>
              Plate <span className="soft">with {plate.surcharge_pct} % for small things</span>
            </td>
            <td className="n">{plate.cost}</td>
          </tr>
          {plate.net_price && (
            <tr>
              <td>
                Price without {plate.tax_pct} % tax <span className="soft">leaves {plate.contribution}</span>
              </td>
              <td className="n">{plate.net_price}</td>
            </tr>
          )}
          {plate.suggested_gross && (
            <tr>
              <td>Price that meets {plate.target_cost_pct} %</td>
              <td className="n">{plate.suggested_gross}</td>
            </tr>
          )}
        </tbody>
      </table>
      <form
        className="triple"
        onSubmit={(event) => {
          event.preventDefault();
          store.mutate({
            params: { path: { dish: plate.dish } },
            body: {
              name: plate.name,
              target: plate.target,
              minus: plate.minus,
              plus: plate.plus,
              surcharge_pct: plate.surcharge_pct,
              version: plate.version,
              ...(sides.trim() ? { sides } : {}),
              ...(price.trim() ? { price } : {}),
              ...(Number(target) > 0 ? { target_cost_pct: Number(target) } : {}),
            },
          });
        }}
      >
        <TextInput
          label="Sides"
          leftSection={sign}
          value={sides}
          onChange={(e) => setSides(e.currentTarget.value)}
          error={faultAt(store.error, '/sides')}
        />
        <TextInput
          label="Menu price"
          leftSection={sign}
          value={price}
          onChange={(e) => setPrice(e.currentTarget.value)}
          error={faultAt(store.error, '/price')}
        />
        <TextInput
          label="Target, %"
          value={target}
          onChange={(e) => setTarget(e.currentTarget.value)}
          error={faultAt(store.error, '/target_cost_pct')}
        />
        <Button type="submit" variant="default" loading={store.isPending}>
          Keep
        </Button>
      </form>
      {store.error && !asProblem(store.error).errors && <p className="fault">{asProblem(store.error).detail}</p>}
    </div>
  );
}
