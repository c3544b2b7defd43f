import type { Services } from '../api/client';
import { t } from '../lang';

/** What services past say of a weekday. */
export function usual(of: NonNullable<Services['days'][number]['usual']>): string {
  return of.from > 0
    ? t('services.usual', { count: of.from, weekday: of.weekday, covers: of.covers, sd: of.sd })
    : t('services.usual-all', { covers: of.covers, sd: of.sd });
}
