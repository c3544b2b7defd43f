import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, type Bench, faultAt } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { useOnScale } from '../ui/usePan';
import { usePut } from '../ui/usePut';

/** How many fish lie on the board together, counted again when it was wrong; and some of them weighed singly. */
export function Batch({ bench }: { bench: Bench }) {
  const queries = useQueryClient();
  const { fish, sample } = bench;
  const params = { path: { fish: fish.id } };
  const [count, setCount] = useState(String(fish.count));
  const [one, setOne] = useState('');
  const keep = (data: Bench) =>
    queries.setQueryData(api.queryOptions('get', '/breakdown/fish/{fish}', { params }).queryKey, data);
  const recount = usePut(`breakdown/${fish.id}`, '/breakdown/fish/{fish}/count', { onSuccess: keep });
  const weigh = usePut(`breakdown/${fish.id}`, '/breakdown/fish/{fish}/sample/{weighing}', {
    onSuccess: (data) => {
      keep(data);
      setOne('');
    },
  });
  const lies = useOnScale();
  const take = (body: { weight: { typed: string } } | { undoes: string }) =>
    weigh.mutate({ params: { path: { fish: fish.id, weighing: ulid() } }, body });
  const last = sample?.weighed.at(-1);
  const fault = recount.error ?? weigh.error;

  return (
    <>
      <form
        className={cx(look.lineActions, 'batch')}
        onSubmit={(event) => {
          event.preventDefault();
          recount.mutate({ params, body: { count: Number(count) || 0, version: fish.version } });
        }}
      >
        <span>
          {t('methodPanel.a-batch-of')} <b>{t('methodPanel.fish', { n: fish.count })}</b>, {bench.each}{' '}
          {t('methodPanel.each')}
        </span>
        <TextInput
          aria-label={t('methodPanel.how-many-fish-it-is')}
          inputMode="numeric"
          value={count}
          onChange={(event) => setCount(event.target.value)}
        />
        <Button type="submit" variant="default" disabled={count === String(fish.count) || recount.isPending}>
          {t('methodPanel.save-count')}
        </Button>
      </form>
      <form
        className={look.lineActions}
        onSubmit={(event) => {
          event.preventDefault();
          const typed = one.trim() || lies;
          if (typed) {
            take({ weight: { typed } });
          }
        }}
      >
        <span>
          {sample
            ? t('batch.sample', { k: sample.weighed.length, n: fish.count, each: sample.each, all: sample.all })
            : t('batch.none-weighed-singly')}
        </span>
        <TextInput
          aria-label={t('batch.one-fish-weighs')}
          placeholder={lies ?? t('batch.140-g')}
          value={one}
          onChange={(event) => setOne(event.target.value)}
        />
        <Button type="submit" variant="default" disabled={(one.trim() === '' && !lies) || weigh.isPending}>
          {t('batch.weigh-one')}
        </Button>
        {last && (
          <Button variant="default" disabled={weigh.isPending} onClick={() => take({ undoes: last.weighing })}>
            {t('batch.undo-last', { mass: last.mass.text })}
          </Button>
        )}
      </form>
      <p className={look.fault} role="alert">
        {fault ? (faultAt(fault, '/count') ?? faultAt(fault, '/weight') ?? asProblem(fault).detail) : ''}
      </p>
    </>
  );
}
