import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { ulid } from 'ulid';
import { t } from '../lang';
import { span } from './DishTimer';
import css from './OutOfCold.module.css';
import { useNow } from './useNow';
import { usePut } from './usePut';

/** How long a fish has been out of the cold, with the tap that says it was put back. */
export function OutOfCold({ fish, since }: { fish: string; since: number }) {
  const queries = useQueryClient();
  const now = useNow(null);
  const back = usePut(`out/${fish}`, '/hold/out/{fish}/moved/{act}', {
    onSuccess: () => queries.invalidateQueries(),
  });
  return (
    <Button
      variant="default"
      className={css.outOfCold}
      disabled={back.isPending}
      onClick={() => back.mutate({ params: { path: { fish, act: ulid() } }, body: { back: true } })}
    >
      <span>
        {t('outOfCold.out-for', { time: span(now - since) })}
        <small>{t('outOfCold.put-back')}</small>
      </span>
    </Button>
  );
}
