import { NativeSelect } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { api, asProblem, type PlacedOrder } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './OrdersPlaced.module.css';

type Gap = PlacedOrder['gaps'][number];

/** What came of an order: which delivery it was, and in what that is not what was ordered. */
export function OrderCame({ one }: { one: PlacedOrder }) {
  const queries = useQueryClient();
  const came = usePut('order', '/plan/orders/{order}/came', {
    onSuccess: (orders) => queries.setQueryData(api.queryOptions('get', '/plan/orders', {}).queryKey, orders),
  });
  if (one.dropped || (one.delivery === null && one.deliveries.length === 0)) {
    return null;
  }
  const known = one.delivery
    ? [one.delivery, ...one.deliveries.filter((it) => it.id !== one.delivery?.id)]
    : one.deliveries;
  return (
    <div className={css.orderCame}>
      <NativeSelect
        aria-label={t('order.which-delivery', { number: one.number })}
        value={one.delivery?.id ?? ''}
        disabled={came.isPending}
        data={[
          { value: '', label: t('order.not-come-yet') },
          ...known.map((it) => ({ value: it.id, label: t('order.delivery', { number: it.number, day: it.day }) })),
        ]}
        onChange={(event) =>
          came.mutate({
            params: { path: { order: one.id } },
            body: { delivery: event.currentTarget.value || null, version: one.version },
          })
        }
      />
      {one.delivery && (
        <ul>
          {one.gaps.length === 0 ? (
            <li>{t('order.as-ordered')}</li>
          ) : (
            one.gaps.map((gap) => <li key={`${gap.kind} ${gap.fish}`}>{gapSays(gap)}</li>)
          )}
        </ul>
      )}
      {came.error && (
        <p className={look.fault} role="alert">
          {asProblem(came.error).detail}
        </p>
      )}
    </div>
  );
}

function gapSays({ kind, fish, instead, ordered, came }: Gap): string {
  switch (kind) {
    case 'not-come':
      return t('order.gap-not-come', { fish, ordered });
    case 'short':
      return t('order.gap-short', { fish, ordered, came });
    case 'over':
      return t('order.gap-over', { fish, ordered, came });
    case 'not-ordered':
      return t('order.gap-not-ordered', { fish, came });
    case 'substitute':
      return t('order.gap-substitute', { fish, instead, ordered, came });
    case 'lighter':
      return t('order.gap-lighter', { fish, ordered, came });
    case 'heavier':
      return t('order.gap-heavier', { fish, ordered, came });
    case 'dearer':
      return t('order.gap-dearer', { fish, ordered, came });
    case 'cheaper':
      return t('order.gap-cheaper', { fish, ordered, came });
  }
}
