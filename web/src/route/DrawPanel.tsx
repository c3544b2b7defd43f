import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import { Link } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type Making } from '../api/client';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './DrawPanel.module.css';

type For = 'dish' | 'staff' | 'batch';

/** So much of what was made is taken for a dish, the staff or another batch; what ends first goes first. */
export function DrawPanel({ batch, onDrawn }: { batch: Making; onDrawn: (batch: Making) => void }) {
  const [amount, setAmount] = useState('');
  const [purpose, setPurpose] = useState<For>('dish');
  const [dish, setDish] = useState('');
  const [into, setInto] = useState('');
  const { data: dishes } = api.useQuery('get', '/portion/dishes');
  const { data: batches } = api.useQuery('get', '/route/batches');
  const draw = usePut(`batches/${batch.id}`, '/route/batches/{making}/draws/{act}', {
    onSuccess: (data) => {
      onDrawn(data);
      setAmount('');
    },
  });
  const others = (batches?.batches ?? []).filter((one) => one.gone === null && one.name !== batch.name);
  const problem = draw.error ? asProblem(draw.error) : null;
  return (
    <form
      className={css.draw}
      onSubmit={(event) => {
        event.preventDefault();
        draw.mutate({
          params: { path: { making: batch.id, act: ulid() } },
          body: {
            amount: Number(amount.replace(',', '.').replace(/[^\d.]/g, '')),
            for: purpose,
            ...(purpose === 'dish' && dish ? { dish } : {}),
            ...(purpose === 'batch' && into ? { batch: into } : {}),
          },
        });
      }}
    >
      {batch.earlier.map((one) => (
        <p key={one.id}>
          <Link to={`/route/batches/${one.id}`}>{t('draw.ends-first', { number: one.number, left: one.left })}</Link>
        </p>
      ))}
      <Chips
        legend={t('draw.take-for')}
        name="for"
        inline
        quiet
        value={purpose}
        options={[
          { value: 'dish' as const, label: t('draw.a-dish') },
          { value: 'staff' as const, label: t('draw.the-staff') },
          { value: 'batch' as const, label: t('draw.another-batch') },
        ]}
        onChange={setPurpose}
      />
      {purpose === 'dish' && (
        <NativeSelect
          aria-label={t('draw.which-dish')}
          value={dish}
          error={faultAt(draw.error, '/dish')}
          data={[
            { value: '', label: t('draw.choose-the-dish') },
            ...(dishes?.dishes ?? []).map((one) => ({ value: one.id, label: one.name })),
          ]}
          onChange={(event) => setDish(event.currentTarget.value)}
        />
      )}
      {purpose === 'batch' && (
        <NativeSelect
          aria-label={t('draw.which-batch')}
          value={into}
          error={faultAt(draw.error, '/batch')}
          data={[
            { value: '', label: t('draw.choose-the-batch') },
            ...others.map((one) => ({ value: one.id, label: `${one.number}, ${one.name}` })),
          ]}
          onChange={(event) => setInto(event.currentTarget.value)}
        />
      )}
      <div className={look.typed}>
        <TextInput
          aria-label={t('draw.how-much', { unit: batch.unit })}
          placeholder={t('draw.how-much', { unit: batch.unit })}
          inputMode="decimal"
          value={amount}
          error={faultAt(draw.error, '/amount')}
          onChange={(event) => setAmount(event.currentTarget.value)}
        />
        <Button type="submit" disabled={amount.trim() === '' || draw.isPending}>
          {t('draw.take')}
        </Button>
      </div>
      <p className={look.fault} role="alert">
        {problem && !problem.errors ? problem.detail : ''}
      </p>
    </form>
  );
}

/** What was drawn, last first; any of it can be undone while the batch is there. */
export function DrawnSoFar({ batch, onDrawn }: { batch: Making; onDrawn: (batch: Making) => void }) {
  const draw = usePut(`batches/${batch.id}`, '/route/batches/{making}/draws/{act}', { onSuccess: onDrawn });
  return (
    <>
      <ul className={css.drawn}>
        {batch.draws.map((one) => (
          <li key={one.act}>
            <span>
              <b>{one.amount}</b>{' '}
              {one.for === 'dish'
                ? one.what
                : one.for === 'staff'
                  ? t('draw.staff-meal')
                  : t('draw.into-batch', { what: one.what })}
              {one.money ? `, ${one.money}` : ''}
              <span className={look.soft}>
                {' '}
                {one.by}, {one.at}
              </span>
            </span>
            {batch.gone === null && (
              <Button
                variant="default"
                loading={draw.isPending}
                onClick={() =>
                  draw.mutate({ params: { path: { making: batch.id, act: ulid() } }, body: { undoes: one.act } })
                }
              >
                {t('draw.undo')}
              </Button>
            )}
          </li>
        ))}
      </ul>
      <p className={look.fault} role="alert">
        {draw.error ? asProblem(draw.error).detail : ''}
      </p>
    </>
  );
}
