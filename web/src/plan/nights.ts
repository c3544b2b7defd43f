import type { Nights } from '../api/client';
import { t } from '../lang';

/** "short on 1 night in 40": a chance as people judge it. Over several services it is no night that is short, but an order. */
export function shortOn(short: Nights, services: number): string {
  if (short.times === null) {
    return t('order.never');
  }
  if (short.nights === 1) {
    return t('order.always');
  }
  return services > 1
    ? t('order.times', { count: short.times, nights: short.nights })
    : t('order.nights', { count: short.times, nights: short.nights });
}
