import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import { WaitingList } from '../ui/WaitingList';
import { RouteRooms } from './RouteRooms';
import css from './WaitingToRoute.module.css';

/** The fish whose trim waits for a place, and one button that gives every part its usual one. */
export function WaitingToRoute() {
  const queries = useQueryClient();
  const { data } = api.useQuery('get', '/route');
  const [act, setAct] = useState(ulid);
  const accept = usePut('route', '/route/accepted/{act}', {
    onSettled: () => {
      setAct(ulid());
      queries.invalidateQueries();
    },
  });
  const fish = data?.fish ?? [];
  return (
    <WaitingList
      stage="route"
      rooms={
        <>
          <RouteRooms />
          {fish.length > 0 && (
            <div className={css.acceptAll}>
              <Button
                disabled={accept.isPending}
                onClick={() =>
                  accept.mutate({
                    params: { path: { act } },
                    body: { fish: fish.map((one) => ({ fish: one.fish.id, version: one.fish.version })) },
                  })
                }
              >
                {t('waitingToRoute.accept-all', { count: fish.length, fish: fish.length })}
              </Button>
              <p className={look.soft}>{t('waitingToRoute.every-part-goes-where-it-usually')}</p>
              <p className={look.fault} role="alert">
                {accept.error ? asProblem(accept.error).detail : ''}
              </p>
            </div>
          )}
        </>
      }
    />
  );
}
