import { Button, Table } from '@mantine/core';
import cx from 'clsx';
import { Link, useParams } from 'react-router';
import { api, type SupplierInFull } from '../api/client';
import { figure, t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import { LogRooms } from './LogRooms';
import css from './SupplierScreen.module.css';
import { wrongOf } from './SuppliersScreen';
import { ZeroStroke } from './ZeroStroke';

type Beside = SupplierInFull['beside'][number];

/** One supplier: beside each other who brings the same fish, the price at which he would win, what he brings. */
export function SupplierScreen() {
  const { supplier = '' } = useParams();
  const { data, error } = api.useQuery(
    'get',
    '/log/suppliers/{supplier}',
    { params: { path: { supplier } } },
    { retry: false, staleTime: 0 },
  );
  if (error) {
    return <Missing stage="log" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('log.calculating')}</p>;
  }
  const { one } = data;
  const most = Math.max(2, ...data.beside.flatMap((other) => [Math.abs(other.low), Math.abs(other.high)]));
  return (
    <section className={cx(look.sheet, look.wide)}>
      <LogRooms />
      <div className={look.headline}>
        <div>
          <p>
            <Link to="/log/suppliers">{t('suppliers.suppliers')}</Link>
          </p>
          <h1>{one.name}</h1>
          <p className={look.soft}>
            {t('supplier.since', { since: data.since, count: one.fish, lots: one.lots, mass: one.bought.text })}
          </p>
        </div>
        <Button component="a" variant="default" href={`/api/log/suppliers/${supplier}/year.pdf`} target="_blank">
          {t('supplier.print')}
        </Button>
      </div>
      <div className={look.figures}>
        {one.edible && (
          <div>
            <b>{one.edible.amount}</b>
            {t('supplier.per-edible', { per: one.edible.per })}
          </div>
        )}
        {one.short && (
          <div>
            <b>{one.short.share}</b>
            {t('supplier.never-came')}
          </div>
        )}
        {one.life !== null && (
          <div>
            <b>{t('supplier.days', { days: one.life })}</b>
            {t('supplier.left-on-arrival')}
          </div>
        )}
        {one.claims.sent > 0 && (
          <div>
            <b>
              {one.claims.credit} / {one.claims.claimed}
            </b>
            {t('supplier.credited-claimed')}
          </div>
        )}
      </div>
      <p>{wrongOf({ ...one, life: null })}</p>
      <div>
        <h2>{t('supplier.beside')}</h2>
        {data.beside.length === 0 && <p className={look.soft}>{t('supplier.nobody-beside', { name: one.name })}</p>}
        {data.beside.map((other) => (
          <BesideRow key={other.supplier} other={other} name={one.name} most={most} />
        ))}
      </div>
      <div>
        <h2>{t('supplier.brings')}</h2>
        <Table>
          <Table.Thead>
            <Table.Tr>
              <Table.Th>{t('supplier.fish')}</Table.Th>
              <Table.Th className={look.n}>{t('supplier.asks', { per: data.kinds[0]?.asks.per })}</Table.Th>
              <Table.Th className={look.n}>{t('supplier.edible-kilo', { per: data.kinds[0]?.asks.per })}</Table.Th>
            </Table.Tr>
          </Table.Thead>
          <Table.Tbody>
            {data.kinds.map((kind) => (
              <Table.Tr key={kind.name}>
                <Table.Td>
                  {kind.name}{' '}
                  <span className={look.soft}>
                    {t('effects.fish', { count: kind.fish })}
                    {kind.yield && `, ${t('supplier.edible', { of: kind.yield })}`}
                  </span>
                </Table.Td>
                <Table.Td className={look.n}>{kind.asks.amount}</Table.Td>
                <Table.Td className={look.n}>{kind.edible?.amount}</Table.Td>
              </Table.Tr>
            ))}
          </Table.Tbody>
        </Table>
      </div>
    </section>
  );
}

function BesideRow({ other, name, most }: { other: Beside; name: string; most: number }) {
  const chance = Math.min(99, Math.max(1, Math.round(100 * other.better)));
  return (
    <div className={css.besideRow}>
      <b>{other.name}</b>
      <ZeroStroke low={other.low} mean={other.pct} high={other.high} most={most} />
      <p>
        {other.pct <= 0
          ? t('supplier.cheaper', { name, other: other.name, pct: figure(Math.abs(other.pct), 1), chance })
          : t('supplier.dearer', { name, other: other.name, pct: figure(other.pct, 1), chance: 100 - chance })}{' '}
        {other.wins_at
          .map((kind) =>
            kind.wins
              ? t('supplier.wins-at', {
                  kind: kind.name,
                  asks: kind.asks.amount,
                  wins: kind.wins.amount,
                  per: kind.asks.per,
                })
              : t('supplier.never-wins', { kind: kind.name }),
          )
          .join(' ')}
      </p>
    </div>
  );
}
