import { Button, Checkbox, TextInput } from '@mantine/core';
import { useState } from 'react';
import { asProblem, faultAt, type PrepDay } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './PrepPanel.module.css';
import { hourOf } from './prepTime';

type Who = { id: string; name: string };

/** From when to when somebody cuts on this day. */
export function PrepShiftPanel(props: { day: PrepDay; who: Who; onDone: (day: PrepDay) => void; onClose: () => void }) {
  const { day, who } = props;
  const known = day.cutters.find((one) => one.id === who.id);
  const [from, setFrom] = useState(hourOf(known?.from ?? 540));
  const [to, setTo] = useState(hourOf(known?.to ?? 1020));
  const [off, setOff] = useState(known?.off ?? false);
  const store = usePut('prep', '/plan/prep/{day}/shifts/{person}', { onSuccess: props.onDone });
  return (
    <section className={css.prepPanel} aria-label={t('prep.shift-of', { name: who.name })}>
      <h2>{who.name}</h2>
      <p className={look.soft}>
        {known && known.timed > 0
          ? t('prep.pace', { count: known.timed, pace: Math.round(100 * known.pace) })
          : t('prep.pace-unknown')}
      </p>
      <form
        className={css.prepFields}
        onSubmit={(event) => {
          event.preventDefault();
          store.mutate({
            params: { path: { day: day.day, person: who.id } },
            body: { from, to, off, version: known?.version ?? 0 },
          });
        }}
      >
        <TextInput
          type="time"
          label={t('prep.cuts-from')}
          value={from}
          error={faultAt(store.error, '/from')}
          onChange={(event) => setFrom(event.currentTarget.value)}
        />
        <TextInput
          type="time"
          label={t('prep.cuts-to')}
          value={to}
          error={faultAt(store.error, '/to')}
          onChange={(event) => setTo(event.currentTarget.value)}
        />
        <Checkbox label={t('prep.off')} checked={off} onChange={(event) => setOff(event.currentTarget.checked)} />
        <Button type="submit" disabled={store.isPending}>
          {t('prep.save-shift')}
        </Button>
      </form>
      <Button className={css.prepClose} variant="default" onClick={props.onClose}>
        {t('prep.close')}
      </Button>
      {store.error && (
        <p className={look.fault} role="alert">
          {asProblem(store.error).detail}
        </p>
      )}
    </section>
  );
}
