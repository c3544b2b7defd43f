import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import { asProblem, faultAt, type PrepDay, type PrepTask } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './PrepPanel.module.css';
import { hourOf, minuteOf } from './prepTime';
import { taskName } from './prepWords';

/** One task: what it is, when it is due, and whose hands and which hour it is given to. */
export function PrepTaskPanel(props: {
  day: PrepDay;
  one: PrepTask;
  canMove: boolean;
  onDone: (day: PrepDay) => void;
  onClose: () => void;
}) {
  const { day, one } = props;
  const [cutter, setCutter] = useState(one.pinned?.cutter ?? '');
  const [at, setAt] = useState(one.pinned?.at == null ? '' : hourOf(one.pinned.at));
  const pin = usePut('prep', '/plan/prep/{day}/pins', { onSuccess: props.onDone });
  const keep = (hand: string | null, minute: number | null) =>
    pin.mutate({
      params: { path: { day: day.day } },
      body: { task: one.id, cutter: hand, at: minute, version: one.version },
    });
  return (
    <section className={css.prepPanel} aria-label={taskName(one)}>
      <h2>{taskName(one)}</h2>
      <p className={look.soft}>{facts(one).join(' · ')}</p>
      {props.canMove && one.hands && (
        <form
          className={css.prepFields}
          onSubmit={(event) => {
            event.preventDefault();
            keep(cutter || null, at === '' ? null : minuteOf(at));
          }}
        >
          <NativeSelect
            label={t('prep.done-by')}
            value={cutter}
            data={[
              { value: '', label: t('prep.whoever-can') },
              ...day.cutters.filter((hand) => !hand.off).map((hand) => ({ value: hand.id, label: hand.name })),
            ]}
            error={faultAt(pin.error, '/cutter')}
            onChange={(event) => setCutter(event.currentTarget.value)}
          />
          <TextInput
            type="time"
            label={t('prep.begins-at')}
            value={at}
            error={faultAt(pin.error, '/at')}
            onChange={(event) => setAt(event.currentTarget.value)}
          />
          <Button type="submit" disabled={pin.isPending}>
            {t('prep.keep')}
          </Button>
          {one.pinned && (
            <Button variant="default" disabled={pin.isPending} onClick={() => keep(null, null)}>
              {t('prep.let-go')}
            </Button>
          )}
        </form>
      )}
      <Button className={css.prepClose} variant="default" onClick={props.onClose}>
        {t('prep.close')}
      </Button>
      {pin.error && (
        <p className={look.fault} role="alert">
          {asProblem(pin.error).detail}
        </p>
      )}
    </section>
  );
}

function facts(one: PrepTask): string[] {
  return [
    ...(one.start === null || one.end === null
      ? [t('prep.no-room')]
      : [t('prep.from-to', { from: hourOf(one.start), to: hourOf(one.end) })]),
    ...(one.service ? [t('prep.for-service', { service: one.service })] : []),
    ...(one.each ? [t('prep.each', { each: one.each })] : []),
    ...(one.due === null ? [] : [t('prep.due', { at: hourOf(one.due) })]),
    ...(one.raw ? [t('prep.raw')] : []),
    ...(one.late > 0 ? [t('prep.so-late', { count: Math.ceil(one.late) })] : []),
  ];
}
