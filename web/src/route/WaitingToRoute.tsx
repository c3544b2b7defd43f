import { Button } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem } from '../api/client';
import { usePut } from '../ui/outbox';
import { WaitingList } from '../ui/WaitingList';
import { RouteRooms } from './RouteRooms';

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
            <div className="accept-all">
              <Button
                disabled={accept.isPending}
                onClick={() =>
                  accept.mutate({
                    params: { path: { act } },
                    body: { fish: fish.map((one) => ({ fish: one.fish.id, version: one.fish.version })) },
                  })
                }
              >
                {fish.length === 1 ? 'Accept 1 fish' : `Accept all ${fish.length}`}
              </Button>
              <p className="soft">Every part goes where it usually goes, with its date. Tap a fish to see why.</p>
              <p className="fault" role="alert">
                {accept.error ? asProblem(accept.error).detail : ''}
              </p>
            </div>
          )}
        </>
      }
    />
  );
}
