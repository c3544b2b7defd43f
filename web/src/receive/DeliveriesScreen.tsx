import { Autocomplete, Button, TextInput } from '@mantine/core';
import { keepPreviousData, useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem, faultAt } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Pages } from '../ui/Pages';
import { usePut } from '../ui/usePut';
import css from './DeliveriesScreen.module.css';
import { ReceiveRooms } from './ReceiveRooms';

/** Every delivery, those still open first; and the place where a new one begins. */
export function DeliveriesScreen() {
  const [search, setSearch] = useSearchParams();
  const [q, setQ] = useState('');
  const page = Number(search.get('page') ?? '1');
  const { data } = api.useQuery(
    'get',
    '/receive/deliveries',
    { params: { query: { q, page } } },
    { placeholderData: keepPreviousData },
  );

  return (
    <section className={cx(look.sheet, look.wide)}>
      <ReceiveRooms />
      <div className={look.headline}>
        <h1>{t('deliveries.deliveries')}</h1>
        <TextInput
          className={look.seek}
          type="search"
          aria-label={t('deliveries.search-the-deliveries')}
          placeholder={t('deliveries.supplier-number-or-lot')}
          value={q}
          onChange={(event) => {
            setQ(event.target.value);
            setSearch({});
          }}
        />
      </div>
      <NewDelivery start={search.has('new')} />
      {data?.total === 0 && (
        <div className={look.empty}>
          <h2>{q ? t('deliveries.no-delivery-matches', { q }) : t('deliveries.no-delivery-yet')}</h2>
          <p>{q ? t('deliveries.try-part-of-the-suppliers-name') : t('deliveries.deliveries-are-recorded-here')}</p>
        </div>
      )}
      <div className={look.rows}>
        {data?.deliveries.map(({ delivery, what, claimed }) => (
          <Link
            className={cx(look.listRow, css.deliveryRow)}
            key={delivery.id}
            to={`/receive/deliveries/${delivery.id}`}
          >
            <span>
              <b>{delivery.supplier}</b>
              <span className={css.soft}>
                {delivery.number}, {delivery.day}
              </span>
            </span>
            <span>
              {what || t('deliveries.no-lines-yet')}
              <span className={css.soft}>
                {delivery.open
                  ? t('deliveries.at-the-door')
                  : t('deliveries.received-by', { received_by: delivery.received_by })}
                {delivery.held > 0 ? t('deliveries.to-be-decided', { held: delivery.held }) : ''}
              </span>
            </span>
            <span className={css.n}>
              <b>{delivery.mass.text}</b>
              <span className={css.soft}>{t('deliveries.fish', { fish: delivery.fish })}</span>
            </span>
            <span className={css.n}>
              {claimed && (
                <>
                  <b>{claimed}</b>
                  <span className={css.soft}>{claimed.includes('settle') ? '' : t('deliveries.claimed')}</span>
                </>
              )}
            </span>
          </Link>
        ))}
      </div>
      {data && (
        <Pages of={t('pages.deliveries')} to="/receive/deliveries" page={page} pages={data.pages} total={data.total} />
      )}
    </section>
  );
}

function NewDelivery({ start }: { start: boolean }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { data } = api.useQuery('get', '/receive');
  const [supplier, setSupplier] = useState('');
  const [number, setNumber] = useState('');
  const [id, setId] = useState(ulid);
  const store = usePut('deliveries', '/receive/deliveries/{delivery}', {
    onSuccess: (door) => {
      queries.invalidateQueries({ queryKey: ['get', '/receive/deliveries'] });
      navigate(`/receive/deliveries/${door.delivery.id}`);
    },
    onError: () => setId(ulid()),
  });
  const twin = (store.error as { delivery?: string } | null)?.delivery;

  return (
    <form
      className={look.newDelivery}
      onSubmit={(event) => {
        event.preventDefault();
        store.mutate({ params: { path: { delivery: id } }, body: { supplier, number } });
      }}
    >
      <Autocomplete
        label={t('deliveries.new-delivery-from')}
        placeholder={t('deliveries.supplier')}
        data={data?.suppliers ?? []}
        value={supplier}
        onChange={setSupplier}
        error={faultAt(store.error, '/supplier')}
        autoFocus={start}
      />
      <TextInput
        label={t('deliveries.number')}
        placeholder={t('deliveries.invoice-or-despatch-note')}
        value={number}
        onChange={(event) => setNumber(event.currentTarget.value)}
        error={faultAt(store.error, '/number')}
      />
      <Button type="submit" loading={store.isPending} disabled={!supplier.trim() || !number.trim()}>
        {t('deliveries.start')}
      </Button>
      {store.error && !asProblem(store.error).errors && (
        <p className={look.fault} role="alert">
          {asProblem(store.error).detail}{' '}
          {twin && <Link to={`/receive/deliveries/${twin}`}>{t('deliveries.open')}</Link>}
        </p>
      )}
    </form>
  );
}
