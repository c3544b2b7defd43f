import { Button, Table, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, faultAt, type Making } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { PrintLabel } from '../ui/PrintLabel';
import { useProbe } from '../ui/useProbe';
import { usePut } from '../ui/usePut';
import { CoolingChart } from './CoolingChart';
import { DrawnSoFar, DrawPanel } from './DrawPanel';
import css from './MakingScreen.module.css';
import { Amounts, TimeLine } from './PotLine';

/** One batch from the pot to the shelf: times, how it cools, what it made, and what that gave back to each fish. */
export function MakingScreen() {
  const { making = '' } = useParams();
  const { data, error } = api.useQuery(
    'get',
    '/route/batches/{making}',
    { params: { path: { making } } },
    { refetchInterval: 30_000 },
  );
  if (error) {
    return <Missing stage="route" error={error} />;
  }
  return data ? <Pot key={making} batch={data} /> : <p className={cx(look.sheet, look.soft)}>{t('making.loading')}</p>;
}

function Pot({ batch }: { batch: Making }) {
  const queries = useQueryClient();
  const key = api.queryOptions('get', '/route/batches/{making}', { params: { path: { making: batch.id } } }).queryKey;
  const path = { making: batch.id };
  const settled = {
    onSuccess: (data: Making) => {
      queries.setQueryData(key, data);
      queries.invalidateQueries({ queryKey: api.queryOptions('get', '/route/batches').queryKey });
    },
    onError: (error: unknown) => asProblem(error).status === 409 && queries.invalidateQueries({ queryKey: key }),
  };
  const made = usePut(`batches/${batch.id}`, '/route/batches/{making}/made', settled);
  const gone = usePut(`batches/${batch.id}`, '/route/batches/{making}/gone', settled);
  const [amount, setAmount] = useState('');
  const [why, setWhy] = useState('');
  const todo =
    batch.gone !== null
      ? batch.gone === 'used'
        ? t('making.used-up')
        : t('making.thrown-away', { gone_why: batch.gone_why })
      : batch.past
        ? t('making.its-date-is-past-the-head')
        : batch.yield === null
          ? t('making.strain-it-then-say-how-much')
          : batch.cooling && batch.cooling.meets === null
            ? batch.cooling.said
            : t('making.keep-it-cold-until', { until: batch.until });

  return (
    <div className={look.bench}>
      <section className={cx(look.board, look.makeBoard)}>
        <header className={look.headline}>
          <div>
            <h1>
              {t('making.batch', { number: batch.number })} <span style={{ fontWeight: 450 }}>{batch.name}</span>
            </h1>
            <p className={look.soft}>
              {t('making.by-of-from-until', {
                made: batch.made,
                by: batch.by,
                mass: batch.mass,
                toLowerCase: batch.from.toLowerCase(),
                until: batch.until,
              })}{' '}
              <Link to="/route/batches">{t('making.all-batches')}</Link>
            </p>
          </div>
          <p className={look.yield}>
            <b>{batch.left ?? batch.plan.expected}</b>
            <span className={look.soft}>
              {batch.yield
                ? t('making.left-of', { made: batch.yield })
                : t('making.expected', { spread: batch.plan.spread })}
            </span>
          </p>
          <PrintLabel kind="batch" id={batch.id} name={batch.name} />
        </header>
        <div className={cx(css.makeColumns, css.three)}>
          <div>
            <h2>{t('making.into-the-pot')}</h2>
            <Amounts plan={batch.plan} fish={batch.mass} />
          </div>
          <div>
            <h2>{t('making.on-the-clock')}</h2>
            <TimeLine plan={batch.plan} brief={batch.yield !== null} />
          </div>
          <div>
            <h2>{t('making.what-went-in')}</h2>
            <Table className={cx(look.tight, css.went)}>
              <Table.Caption className={look.visuallyHidden}>{t('making.where-it-came-from-and-what')}</Table.Caption>
              <Table.Tbody>
                {batch.fish.map((one) => (
                  <Table.Tr key={one.fish_id}>
                    <Table.Td>
                      <Link to={`/log/${one.fish_id}`}>{t('making.no', { fish: one.fish, number: one.number })}</Link>
                      <span className={cx(look.soft, look.block)}>
                        {t('making.lot', { parts: one.parts, lot: one.lot })}
                      </span>
                    </Table.Td>
                    <Table.Td className={look.n}>{one.back ?? ''}</Table.Td>
                  </Table.Tr>
                ))}
                {batch.value && (
                  <Table.Tr className={look.sum}>
                    <Table.Td>
                      {batch.yield} {t('making.brought-back')}
                    </Table.Td>
                    <Table.Td className={look.n}>{batch.value}</Table.Td>
                  </Table.Tr>
                )}
              </Table.Tbody>
            </Table>
            {batch.value && (
              <p className={look.soft}>
                {t('making.bin-value')} {batch.at_bin_value}: {batch.per_unit}{' '}
                {t('making.a', { measure: batch.unit === 'L' ? t('making.litre') : t('making.kilo') })}
              </p>
            )}
          </div>
        </div>
        {batch.cooling && <CoolingChart cooling={batch.cooling} />}
        {batch.draws.length > 0 && <DrawnSoFar batch={batch} onDrawn={settled.onSuccess} />}
      </section>
      <aside className={look.pan} aria-label={t('making.the-batch')}>
        <p className={look.todo} data-testid="todo">
          {todo}
        </p>
        {batch.gone === null && batch.cooling && (
          <CoolingPanel batch={batch} onCooled={(data) => queries.setQueryData(key, data)} />
        )}
        {batch.gone === null && (
          <form
            className={look.typed}
            onSubmit={(event) => {
              event.preventDefault();
              const figure = Number(amount.replace(/[^\d.]/g, ''));
              made.mutate({ params: { path }, body: { amount: figure, version: batch.version } });
              setAmount('');
            }}
          >
            <TextInput
              aria-label={t('making.how-much-it-made', { unit: batch.unit })}
              placeholder={
                batch.yield
                  ? t('making.enter-again', { yield: batch.yield })
                  : t('making.it-made-4-1', { unit: batch.unit })
              }
              inputMode="decimal"
              value={amount}
              onChange={(event) => setAmount(event.target.value)}
            />
            <Button type="submit" variant="default" disabled={amount.trim() === '' || made.isPending}>
              {t('making.save')}
            </Button>
          </form>
        )}
        <p className={look.fault} role="alert">
          {[made.error, gone.error].map((error) => (error ? asProblem(error).detail : ''))}
        </p>
        {batch.gone === null && batch.yield !== null && !batch.past && (
          <DrawPanel batch={batch} onDrawn={settled.onSuccess} />
        )}
        <p className={look.soft}>
          <b>{t('making.allergens', { some: batch.allergens.join(', ') })}</b> {batch.why_then}
        </p>
        <div className={look.push} />
        {batch.gone === null && (
          <>
            <form
              className={look.typed}
              onSubmit={(event) => {
                event.preventDefault();
                gone.mutate({
                  params: { path },
                  body: { how: 'discarded', version: batch.version, ...(why.trim() ? { reason: why } : {}) },
                });
              }}
            >
              <TextInput
                aria-label={t('making.why-it-is-thrown-away')}
                placeholder={faultAt(gone.error, '/reason') ?? t('making.reason')}
                value={why}
                onChange={(event) => setWhy(event.target.value)}
              />
              <Button type="submit" variant="default">
                {t('making.throw-away')}
              </Button>
            </form>
            {!batch.past && (
              <Button
                disabled={gone.isPending || batch.yield === null}
                onClick={() => gone.mutate({ params: { path }, body: { how: 'used', version: batch.version } })}
              >
                {t('making.used-up-2')}
              </Button>
            )}
          </>
        )}
      </aside>
    </div>
  );
}

function CoolingPanel({ batch, onCooled }: { batch: Making; onCooled: (data: Making) => void }) {
  const { demo } = useKitchen();
  const [typed, setTyped] = useState('');
  const [id, setId] = useState(ulid);
  const cool = usePut(`batches/${batch.id}`, '/route/batches/{making}/cooling/{reading}', {
    onSuccess: (data) => {
      onCooled(data);
      setId(ulid());
      setTyped('');
    },
  });
  const shown = useProbe();
  const send = (temperature: { probe: number } | { typed: string }) =>
    cool.mutate({ params: { path: { making: batch.id, reading: id } }, body: { temperature } });
  return (
    <div className={look.probe}>
      <div className={look.live}>
        <div className={look.state}>
          <span>
            {shown ? (shown.steady ? t('making.probe-steady') : t('making.probe-creeping')) : t('making.no-probe')}
          </span>
          <span>{batch.cooling?.next_by ? t('making.next-by', { next_by: batch.cooling.next_by }) : ''}</span>
        </div>
        <div className={cx(look.figure, look.long)}>
          {shown?.text.replace(' °C', '') ?? '–'}
          <small>{t('making.c')}</small>
        </div>
      </div>
      <div className={look.row}>
        <Button
          variant="default"
          disabled={!shown?.steady || cool.isPending}
          onClick={() => shown && send({ probe: shown.tenths })}
        >
          {t('making.record-probe')}
        </Button>
        <form
          className={look.typed}
          onSubmit={(event) => {
            event.preventDefault();
            send({ typed });
          }}
        >
          <TextInput
            aria-label={t('making.how-hot-it-is-typed')}
            placeholder={t('making.or-type', { limits: batch.cooling?.limits[0]?.text ?? '' })}
            value={typed}
            autoComplete="off"
            onChange={(event) => setTyped(event.target.value)}
          />
          <Button type="submit" variant="default" disabled={typed.trim() === ''}>
            {t('making.record')}
          </Button>
        </form>
      </div>
      <p className={look.fault}>{cool.error ? asProblem(cool.error).detail : ''}</p>
      {demo && !shown && <p className={look.soft}>{t('making.no-probe-type-what-a-thermometer')}</p>}
    </div>
  );
}
