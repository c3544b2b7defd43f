import { Button, Checkbox, Group, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { asProblem, type ColdPlace, type ColdPlaces, faultAt } from '../api/client';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './PlaceForm.module.css';

type Kind = ColdPlace['kind'];

const KINDS: { value: Kind; label: string }[] = [
  { value: 'cold-room', label: t('places.cold-room') },
  { value: 'freezer', label: t('places.freezer') },
  { value: 'blast', label: t('places.blast') },
  { value: 'ice', label: t('places.ice') },
  { value: 'kitchen', label: t('places.kitchen') },
];

const AIR = [
  { value: 'still-air', label: t('places.still-air') },
  { value: 'moving-air', label: t('places.moving-air') },
  { value: 'blast', label: t('places.blast-air') },
  { value: 'brine', label: t('places.in-brine') },
];

/** Setting up a cold place: what it is, how cold it is to be, who reads it how often. */
export function PlaceForm(props: { place?: ColdPlace; onDone: (places: ColdPlaces) => void; onCancel: () => void }) {
  const { place } = props;
  const [id] = useState(place?.id ?? ulid());
  const [name, setName] = useState(place?.name ?? '');
  const [kind, setKind] = useState<Kind>(place?.kind ?? 'cold-room');
  const [lowest, setLowest] = useState(place?.lowest_c == null ? '' : String(place.lowest_c));
  const [highest, setHighest] = useState(place?.highest_c == null ? '' : String(place.highest_c));
  const [every, setEvery] = useState(place?.every_h ?? 12);
  const [trays, setTrays] = useState<number | ''>(place?.trays ?? '');
  const [air, setAir] = useState(place?.air ?? 'moving-air');
  const [channel, setChannel] = useState(place?.channel ?? '');
  const [retired, setRetired] = useState(false);
  const store = usePut('places', '/hold/places/{place}', { onSuccess: props.onDone });
  const freezes = kind === 'freezer' || kind === 'blast';
  return (
    <form
      className={css.setPlace}
      onSubmit={(event) => {
        event.preventDefault();
        store.mutate({
          params: { path: { place: id } },
          body: {
            name,
            kind,
            lowest,
            highest,
            every_h: every,
            channel,
            ...(freezes ? { air } : {}),
            ...(trays === '' ? {} : { trays }),
            ...(place ? { version: place.version, retired } : {}),
          },
        });
      }}
    >
      <Chips legend={t('places.kind')} name="kind" value={kind} options={KINDS} onChange={setKind} inline />
      <div className={cx(look.fields, look.four)}>
        <TextInput
          label={t('places.name')}
          value={name}
          error={faultAt(store.error, '/name')}
          onChange={(event) => setName(event.target.value)}
        />
        <TextInput
          label={t('places.lowest')}
          value={lowest}
          error={faultAt(store.error, '/lowest')}
          onChange={(event) => setLowest(event.target.value)}
        />
        <TextInput
          label={t('places.highest')}
          value={highest}
          error={faultAt(store.error, '/highest')}
          onChange={(event) => setHighest(event.target.value)}
        />
        <NumberInput
          label={t('places.read-every')}
          value={every}
          min={0.25}
          max={168}
          onChange={(value) => setEvery(Number(value))}
        />
        <NumberInput
          label={t('places.trays')}
          value={trays}
          min={1}
          onChange={(value) => setTrays(value === '' ? '' : Number(value))}
        />
        <TextInput label={t('places.channel')} value={channel} onChange={(event) => setChannel(event.target.value)} />
        {freezes && (
          <NativeSelect
            label={t('places.air-moves')}
            value={air}
            data={AIR}
            onChange={(event) => setAir(event.currentTarget.value as typeof air)}
          />
        )}
        {place && (
          <Checkbox
            label={t('places.not-used')}
            checked={retired}
            onChange={(event) => setRetired(event.currentTarget.checked)}
          />
        )}
      </div>
      {store.error && (
        <p className={look.fault} role="alert">
          {asProblem(store.error).detail}
        </p>
      )}
      <Group gap={8}>
        <Button type="submit" disabled={name.trim() === '' || store.isPending}>
          {t('places.save')}
        </Button>
        <Button variant="default" onClick={props.onCancel}>
          {t('places.cancel')}
        </Button>
      </Group>
    </form>
  );
}
