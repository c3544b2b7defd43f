import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, faultAt } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import css from './NewDish.module.css';

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
      className={css.newDish}
      onSubmit={(event) => {
        event.preventDefault();
        const { price, ...rest } = dish;
        store.mutate({ params: { path: { dish: id } }, body: { ...rest, ...(price ? { price } : {}) } });
      }}
    >
      {field('name', t('newDish.dish'), t('newDish.char-brown-butter'))}
      {field('target', t('newDish.portion'), t('newDish.160-g'))}
      {field('minus', t('newDish.may-be-lighter-by'), t('newDish.8-g'))}
      {field('plus', t('newDish.may-be-heavier-by'), t('newDish.10-g'))}
      {field('price', t('newDish.menu-price'), '24.50')}
      <div className={css.row}>
        <Button type="submit" loading={store.isPending}>
          {t('newDish.save-dish')}
        </Button>
        <Button variant="default" onClick={onDone}>
          {t('newDish.cancel')}
        </Button>
      </div>
      {store.error && !asProblem(store.error).errors && <p className={look.fault}>{asProblem(store.error).detail}</p>}
    </form>
  );
}
