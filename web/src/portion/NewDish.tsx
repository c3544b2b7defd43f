import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, faultAt } from '../api/client';

/** The head chef writes a dish down: its portion, its band, its price. */
export function NewDish({ onDone }: { onDone: () => void }) {
  const [dish, setDish] = useState({ name: '', target: '', minus: '', plus: '', price: '' });
  const [id] = useState(ulid);
  const store = api.useMutation('put', '/portion/dishes/{dish}', { onSuccess: onDone });
  const field = (name: keyof typeof dish, label: string, placeholder: string) => (
    <TextInput
      label={label}
      placeholder={placeholder}
      value={dish[name]}
      onChange={(event) => {
        const { value } = event.currentTarget;
        setDish((d) => ({ ...d, [name]: value }));
      }}
      error={faultAt(store.error, `/${name}`)}
    />
  );

  return (
    <form
      className="new-dish"
      onSubmit={(event) => {
        event.preventDefault();
        const { price, ...rest } = dish;
        store.mutate({ params: { path: { dish: id } }, body: { ...rest, ...(price ? { price } : {}) } });
      }}
    >
      {field('name', 'Dish', 'Char, brown butter')}
      {field('target', 'Portion', '160 g')}
      {field('minus', 'May be lighter by', '8 g')}
      {field('plus', 'May be heavier by', '10 g')}
      {field('price', 'Menu price', '24.50')}
      <div className="row">
        <Button type="submit" loading={store.isPending}>
          Save dish
        </Button>
        <Button variant="default" onClick={onDone}>
          Cancel
        </Button>
      </div>
      {store.error && !asProblem(store.error).errors && <p className="fault">{asProblem(store.error).detail}</p>}
    </form>
  );
}
