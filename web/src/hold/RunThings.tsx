import { Button, NativeSelect, TextInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { asProblem, type FreezingRun } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './RunThings.module.css';
import { keyOf, named, useReady } from './useReady';

/** What is in a run: whether raw service is open for it, taking it out, and putting more beside it. */
export function RunThings({ run, onChanged }: { run: FreezingRun; onChanged: (run: FreezingRun) => void }) {
  const [leaving, setLeaving] = useState<string | null>(null);
  const [why, setWhy] = useState('');
  const [more, setMore] = useState('');
  const { data: ready = [], refetch } = useReady();
  const out = usePut(`freezing/${run.id}`, '/hold/freezing/{freezing}/items/{item}/out', {
    onSuccess: (data) => {
      setLeaving(null);
      setWhy('');
      void refetch();
      onChanged(data);
    },
  });
  const add = usePut(`freezing/${run.id}`, '/hold/freezing/{freezing}/items/{item}', {
    onSuccess: (data) => {
      setMore('');
      void refetch();
      onChanged(data);
    },
  });
  return (
    <>
      <ul className={css.thingThings} aria-label={t('run.what-is-in-it')}>
        {run.items.map((item) => (
          <li key={item.id} className={cx(item.rule !== null && css.thingOpen)}>
            <b>{item.name}</b>
            <span className={look.soft}>
              {t('run.lot', { lots: item.lots.join(', ') })}{' '}
              {item.later ? t('run.in-later', { since: item.since }) : ''}{' '}
              {item.out
                ? t('run.out', { at: item.out.at, why: item.out.why, by: item.out.by })
                : run.purpose === 'keep'
                  ? t('run.best-before', { day: item.best_before })
                  : item.rule
                    ? t('run.open-raw')
                    : t('run.closed-raw')}
            </span>
            {!item.out &&
              run.ended === null &&
              (leaving === item.id ? (
                <form
                  className={look.typed}
                  onSubmit={(event) => {
                    event.preventDefault();
                    out.mutate({ params: { path: { freezing: run.id, item: item.id } }, body: { why } });
                  }}
                >
                  <TextInput
                    aria-label={t('run.why-out')}
                    placeholder={t('run.why-out')}
                    value={why}
                    onChange={(event) => setWhy(event.target.value)}
                  />
                  <Button type="submit" variant="default" disabled={why.trim() === '' || out.isPending}>
                    {t('run.take-out')}
                  </Button>
                </form>
              ) : (
                <Button
                  variant="default"
                  className={css.thingTakes}
                  aria-label={t('run.take-out-thing', { name: item.name })}
                  onClick={() => setLeaving(item.id)}
                >
                  {t('run.take-out')}
                </Button>
              ))}
          </li>
        ))}
      </ul>
      {run.ended === null && ready.length > 0 && (
        <form
          className={look.typed}
          onSubmit={(event) => {
            event.preventDefault();
            const one = ready.find((each) => keyOf(each) === more);
            if (one) {
              add.mutate({
                params: { path: { freezing: run.id, item: ulid() } },
                body: named(one),
              });
            }
          }}
        >
          <NativeSelect
            className={css.thingMore}
            aria-label={t('run.put-beside')}
            value={more}
            data={[
              { value: '', label: t('run.put-beside') },
              ...ready.map((one) => ({ value: keyOf(one), label: one.name })),
            ]}
            onChange={(event) => setMore(event.currentTarget.value)}
          />
          <Button type="submit" variant="default" disabled={more === '' || add.isPending}>
            {t('run.put-in')}
          </Button>
        </form>
      )}
      {(out.error ?? add.error) && (
        <p className={look.fault} role="alert">
          {asProblem(out.error ?? add.error).detail}
        </p>
      )}
    </>
  );
}
