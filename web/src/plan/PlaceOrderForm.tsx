import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, faultAt } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './OrderScreen.module.css';

/** The order goes out: so many fish of an offer, by a day. */
export function PlaceForm(props: { offer: string; supplier: string; fish: number; shortPct: number; day: string }) {
  const queries = useQueryClient();
  const [id, setId] = useState(ulid);
  const [day, setDay] = useState(props.day);
  const [note, setNote] = useState('');
  const place = usePut('order', '/plan/orders/{order}', {
    onSuccess: (orders) => {
      queries.setQueryData(api.queryOptions('get', '/plan/orders', {}).queryKey, orders);
      setId(ulid());
      setNote('');
    },
  });
  return (
    <form
      className={css.orderDo}
      onSubmit={(event) => {
        event.preventDefault();
        place.mutate({
          params: { path: { order: id } },
          body: { for_day: day, note, lines: [{ offer: props.offer, fish: props.fish, short_pct: props.shortPct }] },
        });
      }}
    >
      <TextInput
        type="date"
        label={t('order.for-day')}
        value={day}
        error={faultAt(place.error, '/for_day')}
        onChange={(event) => setDay(event.target.value)}
      />
      <TextInput label={t('order.order-note')} value={note} onChange={(event) => setNote(event.target.value)} />
      <Button type="submit" disabled={place.isPending}>
        {t('order.place', { fish: props.fish, supplier: props.supplier })}
      </Button>
      {place.error && (
        <p className={look.fault} role="alert">
          {asProblem(place.error).detail}
        </p>
      )}
    </form>
  );
}
