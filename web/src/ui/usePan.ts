import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState } from 'react';
import { api, asProblem, type Weight } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { isSpent, later } from './spent';

const scaleKey = api.queryOptions('get', '/scale').queryKey;

/** Whether what the scale shows is a weight: something lies there, still, and not too much of it. */
const canBeTaken = (shown: { steady: boolean; overload: boolean; empty: boolean }) =>
  shown.steady && !shown.overload && !shown.empty;

/** The weight on the scale as it is read, for a panel beside it: it looks where the scale's own column looked last. */
export function useOnScale(): string | null {
  const { data } = api.useQuery('get', '/scale', {}, { enabled: false, staleTime: Number.POSITIVE_INFINITY });
  return data && canBeTaken(data) ? data.text : null;
}

/** The scale beside the board: what it shows four times a second, its tare, and whether it answers at all. */
export function usePan() {
  const queries = useQueryClient();
  const { scale: isThere } = useKitchen();
  const keep = (data: unknown) => queries.setQueryData(scaleKey, data);
  const scale = api.useQuery(
    'get',
    '/scale',
    {},
    {
      enabled: isThere,
      networkMode: 'always',
      refetchInterval: (query) => (query.state.status === 'error' ? 3_000 : 250),
      retry: false,
      staleTime: 0,
      // Two answers may overtake one another: what the scale showed later stays.
      structuralSharing: later,
    },
  );
  const tare = api.useMutation('post', '/scale/tare', { onSuccess: keep });
  const shown = scale.isError ? undefined : scale.data;
  // What was recorded is not recorded again until something else lies there.
  const [spent, setSpent] = useState<number | null>(null);
  // The hand of the demo was at the pan: from that look on it is another thing, even where none in between was unsteady.
  const moved = useRef(Number.POSITIVE_INFINITY);
  useEffect(() => {
    if (spent !== null && shown && (!isSpent(spent, shown) || shown.at_ms >= moved.current)) {
      moved.current = Number.POSITIVE_INFINITY;
      setSpent(null);
    }
  }, [spent, shown]);
  const put = api.useMutation('post', '/scale/pan', {
    onSuccess: (data) => {
      moved.current = data.at_ms;
      keep(data);
    },
  });
  const weight: Weight | null =
    shown && canBeTaken(shown) && spent === null
      ? { pan: { mass_mg: shown.mass_mg, tare_mg: shown.tare_mg, resolution_mg: shown.resolution_mg, steady: true } }
      : null;

  return {
    shown,
    weight,
    isThere,
    /** The weight that lies there was recorded already. */
    spent: spent !== null,
    spend: () => {
      moved.current = Number.POSITIVE_INFINITY;
      setSpent(shown?.mass_mg ?? null);
    },
    away: isThere && scale.isError ? asProblem(scale.error).detail : null,
    tare: () => tare.mutate({}),
    put: (typed: string) => put.mutate({ body: { put: typed } }),
    clear: () => put.mutate({ body: {} }),
    nudge: () => put.mutate({ body: { nudge: true } }),
    putFault: put.error ? asProblem(put.error).detail : null,
  };
}
