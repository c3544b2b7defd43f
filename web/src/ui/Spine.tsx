import { UnstyledButton } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { NavLink } from 'react-router';
import { api, type StageName } from '../api/client';
import { signOut } from '../api/session';
import { useKitchen } from '../kitchen/kitchen';
import { rememberLast } from '../kitchen/lastHere';
import { ROLES } from '../kitchen/roles';
import { t } from '../lang';
import { showGuide } from './Keys';
import { look } from './look';
import { NowList } from './Now';
import css from './Spine.module.css';
import { useEverythingWaiting } from './usePut';

export const STAGES: { path: 'plan' | 'hold' | 'practise' | StageName; name: string }[] = [
  { path: 'plan', name: t('spine.plan') },
  { path: 'receive', name: t('spine.receive') },
  { path: 'breakdown', name: t('spine.break-down') },
  { path: 'portion', name: t('spine.portion') },
  { path: 'route', name: t('spine.route') },
  { path: 'hold', name: t('spine.hold') },
  { path: 'cost', name: t('spine.cost') },
  { path: 'log', name: t('spine.log') },
  { path: 'practise', name: t('spine.practise') },
];

/** A trainee practises, and stands at the bench where it was opened. */
const FOR_A_TRAINEE = ['breakdown', 'portion', 'practise'];

const opens = (path: string, me: { role: string }) => me.role !== 'trainee' || FOR_A_TRAINEE.includes(path);

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
    <nav className={css.spine} aria-label={t('spine.stages')}>
      <p className={css.mark} aria-hidden="true">
        {t('spine.sectum')}
      </p>
      <NowList />
      <ol>
        {STAGES.filter((stage) => opens(stage.path, me)).map((stage) => (
          <li key={stage.path}>
            <NavLink to={`/${stage.path}`} className={({ isActive }) => (isActive ? 'here' : '')}>
              {stage.name}
              {stage.path !== 'log' && waiting(stage.path) > 0 && (
                <span className={css.count}>
                  {waiting(stage.path)}
                  <span className={look.visuallyHidden}> {t('spine.waiting')}</span>
                </span>
              )}
            </NavLink>
          </li>
        ))}
      </ol>
      <div className={css.foot}>
        {backup && (
          <p className={css.backupDue} role="status">
            {backup}
          </p>
        )}
        <UnstyledButton onClick={() => units.mutate({ body: { units: me.units === 'metric' ? 'us' : 'metric' } })}>
          {me.units === 'metric' ? t('spine.switch-to-lb-oz') : t('spine.switch-to-grams')}
        </UnstyledButton>
        <div className={css.waysOut}>
          <UnstyledButton onClick={showGuide}>{t('spine.shortcuts')}</UnstyledButton>
          <NavLink to={me.role === 'head chef' ? '/settings' : '/me'}>
            {me.role === 'head chef' ? t('spine.settings') : t('spine.your-pin')}
          </NavLink>
        </div>
        <p className={css.who}>
          {me.name}
          <br />
          {ROLES[me.role]}
        </p>
        {leaving ? (
          <div className={css.leaving} role="alertdialog" aria-label={t('spine.weights-wait')}>
            <p>{t('spine.on-this-tablet-nobody-else-can', { count: mine, mine })}</p>
            <UnstyledButton onClick={() => void signOut()}>{t('spine.sign-out-all-the-same')}</UnstyledButton>
            <UnstyledButton onClick={() => setLeaving(false)}>{t('spine.stay')}</UnstyledButton>
          </div>
        ) : (
          <div className={css.waysOut}>
            <UnstyledButton onClick={() => leave(true)}>{t('spine.lock')}</UnstyledButton>
            <UnstyledButton onClick={() => leave(false)}>{t('spine.sign-out')}</UnstyledButton>
          </div>
        )}
      </div>
    </nav>
  );
}
