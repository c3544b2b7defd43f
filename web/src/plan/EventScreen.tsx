import { Button, Table } from '@mantine/core';
import cx from 'clsx';
import { useParams } from 'react-router';
import { api, type PlannedEvent } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Missing } from '../ui/Missing';
import css from './EventScreen.module.css';
import { PlanRooms } from './PlanRooms';
import { spanOf } from './prepTime';

type Change = PlannedEvent['changes'][number];

/** An event with all its services: what its guaranteed counts change, what was quoted, and what the fish costs. */
export function EventScreen() {
  const { service = '' } = useParams();
  const { data, error } = api.useQuery(
    'get',
    '/plan/services/{service}/event',
    { params: { path: { service } } },
    { staleTime: 0 },
  );
  if (error) {
    return <Missing stage="plan" error={error} />;
  }
  if (!data) {
    return <p className={cx(look.sheet, look.soft)}>{t('event.loading')}</p>;
  }
  return (
    <section className={cx(look.sheet, look.wide)}>
      <PlanRooms />
      <div className={look.headline}>
        <h1>{data.name}</h1>
        <Button
          component="a"
          variant="default"
          href={`/api/plan/services/${service}/production.pdf`}
          target="_blank"
          rel="noreferrer"
        >
          {t('event.print')}
        </Button>
      </div>
      <div className={css.changed} role="status">
        {data.changes.length === 0 ? <p>{t('event.no-count')}</p> : data.changes.map(changeLine)}
        {data.changes.length > 1 && (
          <p>{t('event.altogether', { hours: hours(data.minutes), cost: signed(data.cost) })}</p>
        )}
      </div>
      <Table className={css.money}>
        <Table.Caption>{t('event.caption')}</Table.Caption>
        <Table.Thead>
          <Table.Tr>
            <Table.Th>{t('event.service')}</Table.Th>
            <Table.Th className={look.n}>{t('event.announced')}</Table.Th>
            <Table.Th className={look.n}>{t('event.guaranteed')}</Table.Th>
            <Table.Th className={look.n}>{t('event.came')}</Table.Th>
            <Table.Th className={look.n}>{t('event.quoted')}</Table.Th>
            <Table.Th className={look.n}>{t('event.fish')}</Table.Th>
            <Table.Th className={look.n}>{t('event.per-guest')}</Table.Th>
            <Table.Th className={look.n}>{t('event.share')}</Table.Th>
          </Table.Tr>
        </Table.Thead>
        <Table.Tbody>
          {data.services.map((one) => (
            <Table.Tr key={one.id}>
              <Table.Td>
                <b>{one.name}</b>
                <br />
                {one.date}, {one.at}
              </Table.Td>
              <Table.Td className={look.n}>{one.announced}</Table.Td>
              <Table.Td className={look.n}>{one.guaranteed ?? '–'}</Table.Td>
              <Table.Td className={look.n}>{one.came ?? '–'}</Table.Td>
              <Table.Td className={look.n}>
                {one.quoted ?? '–'}
                {one.quote && <small>{t('event.a-guest', { price: one.quote })}</small>}
              </Table.Td>
              <Table.Td className={look.n}>
                {one.fish ?? '–'}
                {one.fish && <small>{one.sold ? t('event.really') : t('event.expected')}</small>}
              </Table.Td>
              <Table.Td className={look.n}>{one.fish_per_guest ?? '–'}</Table.Td>
              <Table.Td className={look.n}>{one.share_pct === null ? '–' : `${one.share_pct} %`}</Table.Td>
            </Table.Tr>
          ))}
        </Table.Tbody>
      </Table>
      <p className={look.soft}>{t('event.how')}</p>
    </section>
  );
}

function changeLine(one: Change) {
  return (
    <p key={one.dish}>
      {t('event.change', { dish: one.dish, before: one.before, after: one.after })}{' '}
      {one.portions === 0 ? (
        t('event.nothing-changes')
      ) : (
        <b>
          {one.fish === null
            ? t('event.portions-only', { portions: plus(one.portions), hours: hours(one.minutes) })
            : t('event.difference', {
                portions: plus(one.portions),
                fish: plus(one.fish),
                hours: hours(one.minutes),
                cost: signed(one.cost),
              })}
        </b>
      )}
    </p>
  );
}

/** "+3", "−12" */
function plus(count: number): string {
  return count > 0 ? `+${count}` : String(count).replace('-', '−');
}

function signed(cost: string | null): string {
  if (cost === null) {
    return '–';
  }
  return cost.startsWith('−') ? cost : `+${cost}`;
}

/** "−45 min", "+1:20 h" */
function hours(minutes: number): string {
  return `${minutes < 0 ? '−' : '+'}${spanOf(Math.abs(minutes))}`;
}
