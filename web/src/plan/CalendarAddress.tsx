import { Button, Group } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { ulid } from 'ulid';
import { api } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './ServicesScreen.module.css';

/** The address under which a calendar reads the services; made, renewed and revoked. */
export function CalendarAddress() {
  const queries = useQueryClient();
  const key = api.queryOptions('get', '/plan/calendar', {}).queryKey;
  const { data } = api.useQuery('get', '/plan/calendar', {});
  const keep = { onSuccess: (now: { address: string | null }) => queries.setQueryData(key, now) };
  const renew = usePut('services', '/plan/calendar/{act}', keep);
  const revoke = usePut('services', '/plan/calendar-ended', keep);
  if (!data) {
    return null;
  }
  return (
    <section className={css.justOver} aria-label={t('calendar.calendar')}>
      <h2>{t('calendar.calendar')}</h2>
      <p className={look.soft}>{data.address ? t('calendar.intro') : t('calendar.none')}</p>
      {data.address && (
        <p>
          <a href={data.address}>{`${window.location.origin}${data.address}`}</a>
        </p>
      )}
      <Group gap={8}>
        <Button variant="default" onClick={() => renew.mutate({ params: { path: { act: ulid() } } })}>
          {data.address ? t('calendar.renew') : t('calendar.make')}
        </Button>
        {data.address && (
          <Button variant="default" onClick={() => revoke.mutate({ params: { path: {} } })}>
            {t('calendar.stop')}
          </Button>
        )}
      </Group>
    </section>
  );
}
