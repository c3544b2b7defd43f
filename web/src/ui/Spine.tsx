import { UnstyledButton } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { NavLink } from 'react-router';
import { api, type StageName } from '../api/client';
import { signOut } from '../api/session';
import { useKitchen } from '../kitchen/kitchen';
import { rememberLast } from '../kitchen/lastHere';
import { useEverythingWaiting } from './outbox';

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
  const { me, backup_due: backup } = useKitchen();
  const { data } = api.useQuery('get', '/spine', {}, { refetchInterval: 15_000 });
  const queries = useQueryClient();
  const units = api.useMutation('put', '/me/units', { onSuccess: () => queries.invalidateQueries() });
  const mine = useEverythingWaiting().filter((entry) => entry.text !== '' && entry.person === me.id).length;
  const [leaving, setLeaving] = useState(false);
  const leave = (comesBack: boolean) => {
    rememberLast(comesBack ? me.id : null);
    if (mine > 0) {
      setLeaving(true);
    } else {
      void signOut();
    }
  };
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
        {backup && (
          <p className="backup-due" role="status">
            {backup}
          </p>
        )}
        <UnstyledButton onClick={() => units.mutate({ body: { units: me.units === 'metric' ? 'us' : 'metric' } })}>
          {me.units === 'metric' ? 'Switch to lb/oz' : 'Switch to grams'}
        </UnstyledButton>
        <UnstyledButton onClick={() => document.querySelector<HTMLDialogElement>('#keys')?.showModal()}>
          Shortcuts
        </UnstyledButton>
        <NavLink to={me.role === 'head chef' ? '/settings' : '/me'}>
          {me.role === 'head chef' ? 'Settings' : 'Your PIN'}
        </NavLink>
        <p className="who">
          {me.name}
          <br />
          {me.role}
        </p>
        {leaving ? (
          <div className="leaving" role="alertdialog" aria-label="Weights wait">
            <p>
              {mine} {mine === 1 ? 'weight of yours waits' : 'weights of yours wait'} on this tablet. Nobody else can
              send {mine === 1 ? 'it' : 'them'}: sign in again when the kitchen computer answers.
            </p>
            <UnstyledButton onClick={() => void signOut()}>Sign out all the same</UnstyledButton>
            <UnstyledButton onClick={() => setLeaving(false)}>Stay</UnstyledButton>
          </div>
        ) : (
          <div className="ways-out">
            <UnstyledButton onClick={() => leave(true)}>Lock</UnstyledButton>
            <UnstyledButton onClick={() => leave(false)}>Sign out</UnstyledButton>
          </div>
        )}
      </div>
    </nav>
  );
}
