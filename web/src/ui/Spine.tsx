import { useQueryClient } from '@tanstack/react-query';
import { NavLink } from 'react-router';
import { api, type StageName } from '../api/client';
import { useKitchen } from '../kitchen/Door';

export const STAGES: { path: 'receive' | StageName; name: string }[] = [
  { path: 'receive', name: 'Receive' },
  { path: 'breakdown', name: 'Break down' },
  { path: 'portion', name: 'Portion' },
  { path: 'route', name: 'Route' },
  { path: 'cost', name: 'Cost' },
  { path: 'log', name: 'Log' },
];

/** The stages in working order, each with the fish that wait there; who is at the board; the units. */
export function Spine() {
  const { me } = useKitchen();
  const { data } = api.useQuery('get', '/spine', {}, { refetchInterval: 15_000 });
  const queries = useQueryClient();
  const units = api.useMutation('put', '/me/units', { onSuccess: () => queries.invalidateQueries() });
  const signOut = api.useMutation('delete', '/session', {
    onSuccess: (kitchen) => {
      queries.clear();
      // What one person saw is not for the next.
      void globalThis.caches?.delete('sectum-answers');
      queries.setQueryData(api.queryOptions('get', '/kitchen').queryKey, kitchen);
    },
  });
  const waiting = (stage: string) => data?.waiting.find((w) => w.stage === stage)?.count ?? 0;

  return (
    <nav className="spine" aria-label="Stages">
      <p className="mark" aria-hidden="true">
        Sectum
      </p>
      <ol>
        {STAGES.map((stage) => (
          <li key={stage.path}>
            <NavLink to={`/${stage.path}`} className={({ isActive }) => (isActive ? 'here' : '')}>
              {stage.name}
              {stage.path !== 'log' && waiting(stage.path) > 0 && (
                <span className="count">
                  {waiting(stage.path)}
                  <span className="visually-hidden"> waiting</span>
                </span>
              )}
            </NavLink>
          </li>
        ))}
      </ol>
      <div className="foot">
        <button
          type="button"
          onClick={() => units.mutate({ body: { units: me.units === 'metric' ? 'us' : 'metric' } })}
        >
          {me.units === 'metric' ? 'Grams → lb oz' : 'lb oz → grams'}
        </button>
        <button type="button" onClick={() => document.querySelector<HTMLDialogElement>('#keys')?.showModal()}>
          Keys
        </button>
        <p className="who">
          {me.name}
          <br />
          {me.role}
        </p>
        <button type="button" onClick={() => signOut.mutate({})}>
          Sign out
        </button>
      </div>
    </nav>
  );
}
