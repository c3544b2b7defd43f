import { api } from '../api/client';

export const probeKey = api.queryOptions('get', '/probe').queryKey;

/** What the probe shows, three times a second; nothing while it does not answer. */
export function useProbe() {
  const probe = api.useQuery(
    'get',
    '/probe',
    {},
    {
      refetchInterval: (query) => (query.state.status === 'error' ? 3_000 : 300),
      retry: false,
      staleTime: 0,
      networkMode: 'always',
    },
  );
  return probe.isError ? undefined : probe.data;
}
