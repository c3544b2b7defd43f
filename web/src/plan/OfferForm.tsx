import { Autocomplete, Button, Group, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type OrderStart } from '../api/client';
import { t } from '../lang';
import { chipsOf, statesOf } from '../receive/states';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './OfferForm.module.css';

type Listed = OrderStart['offers'][number];

/** Fish of one size grade a supplier sells. */
export function OfferForm(props: {
  offer: Listed | undefined;
  species: OrderStart['species'][number] | undefined;
  onDone: (start: OrderStart) => void;
  onCancel: () => void;
}) {
  const { offer } = props;
  const { data: choices } = api.useQuery('get', '/receive');
  const [id] = useState(offer?.id ?? ulid());
  const [supplier, setSupplier] = useState(offer?.supplier ?? '');
  const [species, setSpecies] = useState(offer?.species ?? props.species?.id ?? '');
  const [state, setState] = useState<Listed['state']>(offer?.state ?? 'gutted');
  const [from, setFrom] = useState(offer?.from ?? '');
  const [to, setTo] = useState(offer?.to ?? '');
  const [price, setPrice] = useState(offer?.price_per_kg ?? '');
  const [box, setBox] = useState<number | ''>(offer?.box ?? 1);
  const [available, setAvailable] = useState<number | ''>(offer?.available ?? '');
  const [cutOff, setCutOff] = useState(offer?.order_by ?? '');
  const store = usePut('offers', '/plan/offers/{offer}', { onSuccess: props.onDone });
  const put = (retired: boolean) =>
    store.mutate({
      params: { path: { offer: id } },
      body: {
        supplier,
        species,
        state,
        from,
        to,
        price_per_kg: price,
        box: box || 1,
        available: available === '' ? null : available,
        order_by: cutOff,
        ...(offer ? { version: offer.version, retired } : {}),
      },
    });
  const kind = choices?.species.find((one) => one.id === species);
  const text = (label: string, value: string, set: (value: string) => void, field: string) => (
    <TextInput
      label={label}
      value={value}
      error={faultAt(store.error, field)}
      onChange={(event) => set(event.target.value)}
    />
  );
  return (
    <form
      className={css.offerForm}
      onSubmit={(event) => {
        event.preventDefault();
        put(false);
      }}
    >
      <div className={cx(look.fields, look.four)}>
        <Autocomplete
          label={t('order.supplier')}
          value={supplier}
          data={choices?.suppliers ?? []}
          error={faultAt(store.error, '/supplier')}
          onChange={setSupplier}
        />
        <NativeSelect
          label={t('order.fish')}
          value={species}
          data={(choices?.species ?? []).map((one) => ({ value: one.id, label: one.name }))}
          onChange={(event) => setSpecies(event.currentTarget.value)}
        />
        <NativeSelect
          label={t('order.state')}
          value={state}
          data={chipsOf(statesOf(choices?.states[kind?.form ?? 'round']))}
          error={faultAt(store.error, '/state')}
          onChange={(event) => setState(event.currentTarget.value as Listed['state'])}
        />
        {text(t('order.price-per-kg'), price, setPrice, '/price_per_kg')}
        {text(t('order.from'), from, setFrom, '/from')}
        {text(t('order.to'), to, setTo, '/to')}
        <NumberInput
          label={t('order.boxes')}
          value={box}
          min={1}
          error={faultAt(store.error, '/box')}
          onChange={(typed) => setBox(typed === '' ? '' : Number(typed))}
        />
        <NumberInput
          label={t('order.there')}
          value={available}
          min={0}
          error={faultAt(store.error, '/available')}
          onChange={(typed) => setAvailable(typed === '' ? '' : Number(typed))}
        />
        <TextInput
          type="time"
          label={t('order.cut-off')}
          value={cutOff}
          onChange={(event) => setCutOff(event.target.value)}
        />
      </div>
      {store.error && (
        <p className={look.fault} role="alert">
          {asProblem(store.error).detail}
        </p>
      )}
      <Group gap={8} mt="md">
        <Button type="submit" disabled={supplier.trim() === '' || species === '' || store.isPending}>
          {t('order.save-offer')}
        </Button>
        <Button variant="default" onClick={props.onCancel}>
          {t('order.cancel')}
        </Button>
        {offer && (
          <Button variant="default" onClick={() => put(true)}>
            {t('order.not-offered')}
          </Button>
        )}
      </Group>
    </form>
  );
}
