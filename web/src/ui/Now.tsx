import { Button } from '@mantine/core';
import cx from 'clsx';
import { useEffect, useState } from 'react';
import { Link } from 'react-router';
import { api, type NowThing } from '../api/client';
import { t } from '../lang';
import { span } from './DishTimer';
import css from './Now.module.css';
import { hear, heard, ring } from './nowAlarm';
import { useNow } from './useNow';

const SHOWN = 2;

/** What somebody is called to, out loud. */
const CALLS: NowThing['kind'][] = ['treatment', 'turn', 'cooling', 'thaw', 'thaw-begin'];

/** What is to be done, in a few words. */
export function nowSays(one: NowThing): string {
  switch (one.kind) {
    case 'treatment':
      return t('now.take-out', { name: one.name });
    case 'turn':
      return t('now.turn', { name: one.name });
    case 'made-up':
      return t('now.made-up', { name: one.name });
    case 'weigh':
      return t('now.weigh', { name: one.name });
    case 'cooling':
      return t('now.cooling', { name: one.name });
    case 'out':
      return t('now.out', { name: one.name });
    case 'freezing':
      return t('now.freezing', { name: one.name });
    case 'thaw-begin':
      return t('now.thaw-begin', { name: one.name });
    case 'thaw':
      return t('now.thaw', { name: one.name });
    case 'read':
      return t('now.read', { name: one.name });
    case 'silent':
      return t('now.silent', { name: one.name });
    case 'range':
      return t('now.range', { name: one.name });
    case 'past':
      return t('now.past', { count: Number(one.name) });
    case 'ends':
      return t('now.ends', { count: Number(one.name) });
  }
}

/** "in 4 min", "3 min ago": when it is due. */
export function nowWhen(one: NowThing, now: number): string {
  if (one.kind === 'out') {
    return t('now.for', { time: span(now - (one.from ?? now)) });
  }
  if (one.due === null || one.kind === 'range') {
    return '';
  }
  return one.due >= now ? t('now.in', { time: span(one.due - now) }) : t('now.ago', { time: span(now - one.due) });
}

export function useNowList() {
  return api.useQuery('get', '/hold/now', {}, { refetchInterval: 15_000 });
}

/** The shortest list of what is due next, above the spine on every screen. */
export function NowList() {
  const { data } = useNowList();
  const now = useNow(data?.now);
  const shown = (data?.things ?? []).filter((one) => one.due !== null || one.urgent).slice(0, SHOWN);
  return (
    <ul className={css.now} aria-label={t('now.now')}>
      {shown.map((one) => (
        <li key={one.key} className={cx((one.urgent || (one.due ?? now) < now) && css.nowUrgent)}>
          <Link to={one.to}>
            <span>{nowSays(one)}</span>
            <b>{nowWhen(one, now)}</b>
          </Link>
        </li>
      ))}
    </ul>
  );
}

/** What came due while nobody looked: large words and a sound, until a hand says it is coming. */
export function NowCall() {
  const { data } = useNowList();
  const now = useNow(data?.now);
  const [told, setTold] = useState(0);
  const due = (data?.things ?? []).find(
    (one) => CALLS.includes(one.kind) && one.due !== null && one.due <= now && !heard(one.key),
  );
  const key = due?.key;
  useEffect(() => {
    if (key !== undefined && told >= 0) {
      ring();
    }
  }, [key, told]);
  if (!due) {
    return null;
  }
  return (
    <div className={css.nowCall} role="alertdialog" aria-label={t('now.due')}>
      <p>{nowSays(due)}</p>
      <Button component={Link} to={due.to} variant="default" onClick={() => hear(due.key)}>
        {t('now.go')}
      </Button>
      <Button
        variant="default"
        onClick={() => {
          hear(due.key);
          setTold(told + 1);
        }}
      >
        {t('now.coming')}
      </Button>
    </div>
  );
}
