import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useEffect } from 'react';
import { api } from '../api/client';
import { isSignedOut } from '../api/session';
import { useTogether } from '../api/together';
import { language, speak, t } from '../lang';
import { KitchenRoutes } from '../routes';
import { look } from '../ui/look';
import { setPerson } from '../ui/outbox';
import { useLetters } from '../ui/useKeys';
import { KitchenContext } from './kitchen';
import { Setup } from './Setup';
import { SignIn } from './SignIn';

/** First run, sign-in, or the kitchen. */
export function Door() {
  const { data, error } = api.useQuery('get', '/kitchen');
  const me = isSignedOut() ? null : (data?.me ?? null);
  // What waits is sent under its own name, and letters do what this person wants of them.
  useEffect(() => setPerson(me), [me]);
  useTogether(useQueryClient(), me?.id ?? '');
  useLetters(me?.shortcuts ?? true);
  // Whoever signs in reads in his own language, whatever the tablet was read in before.
  useEffect(() => {
    if (me && me.language !== language) {
      speak(me.language);
    }
  }, [me]);
  if (error && !data) {
    return (
      <main className={look.sheet}>
        <h1>{t('door.the-kitchen-computer-does-not-answer')}</h1>
        <p>{t('door.nothing-is-lost-this-page-looks')}</p>
      </main>
    );
  }
  if (!data) {
    return <main className={cx(look.sheet, look.soft)}>{t('door.loading')}</main>;
  }
  if (data.needs_setup) {
    return <Setup />;
  }
  if (!me) {
    return <SignIn kitchen={data} />;
  }
  return (
    <KitchenContext value={{ ...data, me }}>
      <KitchenRoutes />
    </KitchenContext>
  );
}
