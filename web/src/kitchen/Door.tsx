import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { lazy, Suspense, useEffect } from 'react';
import { api } from '../api/client';
import { isSignedOut } from '../api/session';
import { useTogether } from '../api/together';
import { language, speak, t } from '../lang';
import { KitchenRoutes } from '../routes';
import { look } from '../ui/look';
import { setPerson } from '../ui/outbox';
import { useLetters } from '../ui/useKeys';
import { KitchenContext } from './kitchen';
import { SignIn } from './SignIn';

// Seen once in the life of a kitchen: nobody else fetches it.
const Setup = lazy(() => import('./Setup').then((file) => ({ default: file.Setup })));

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
  const loading = <main className={cx(look.sheet, look.soft)}>{t('door.loading')}</main>;
  if (!data) {
    return loading;
  }
  if (data.needs_setup) {
    return (
      <Suspense fallback={loading}>
        <Setup />
      </Suspense>
    );
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
