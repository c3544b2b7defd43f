import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { api } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import { OrderCame } from './OrderCame';
import css from './OrdersPlaced.module.css';

/** The orders that went out: their text to send, a table, a document. */
export function OrdersPlaced() {
  const queries = useQueryClient();
  const { data } = api.useQuery('get', '/plan/orders', {});
  const drop = usePut('order', '/plan/orders/{order}/dropped', {
    onSuccess: (orders) => queries.setQueryData(api.queryOptions('get', '/plan/orders', {}).queryKey, orders),
  });
  return (
    <section aria-label={t('order.orders')}>
      <h2>{t('order.orders')}</h2>
      {data?.length === 0 && <p className={look.soft}>{t('order.no-orders')}</p>}
      <ul className={css.ordersPlaced}>
        {data?.map((one) => (
          <li key={one.id} className={cx(one.dropped && css.orderDropped)}>
            <details>
              <summary>
                <b>{t('order.number', { number: one.number, supplier: one.supplier, day: one.for_day })}</b>
                <span>{one.total}</span>
                <span className={look.soft}>
                  {one.dropped ? t('order.dropped') : t('order.placed', { at: one.placed, by: one.by })}
                </span>
              </summary>
              <p className={look.soft}>{t('order.text')}</p>
              <pre>{one.text}</pre>
            </details>
            <a
              href={`/api/plan/orders/${one.id}/order.pdf`}
              target="_blank"
              rel="noreferrer"
              aria-label={t('order.sheet-of', { number: one.number })}
            >
              {t('order.sheet')}
            </a>
            <a href={`/api/plan/orders/${one.id}/order.csv`} aria-label={t('order.csv-of', { number: one.number })}>
              {t('order.csv')}
            </a>
            <a href={`/api/plan/orders/${one.id}/order.xml`} aria-label={t('order.xml-of', { number: one.number })}>
              {t('order.xml')}
            </a>
            <OrderCame one={one} />
            {!one.dropped && one.delivery === null && (
              <Button
                variant="default"
                aria-label={t('order.drop', { number: one.number })}
                onClick={() => drop.mutate({ params: { path: { order: one.id } }, body: { version: one.version } })}
              >
                {t('order.drop-short')}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
