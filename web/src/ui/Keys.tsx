import { Button } from '@mantine/core';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { useLocation } from 'react-router';
import { t } from '../lang';
import css from './Keys.module.css';
import { useKeys } from './useKeys';

const Guide = lazy(() => import('./Guide'));

const LIST: [string, string][] = [
  ['1 … 9', t('keys.choose-the-part')],
  [t('keys.space'), t('keys.record-the-weight')],
  ['T', t('keys.tare-the-scale')],
  ['W', t('keys.type-a-weight-instead')],
  ['G', t('keys.guess-the-weight-first')],
  [t('keys.esc'), t('keys.leave-a-field')],
  ['Z', t('keys.undo-the-last-reading-asks-first')],
  [t('keys.alt-1-6'), t('keys.go-to-a-stage')],
  ['/', t('keys.search-the-log')],
  ['?', t('keys.these-shortcuts')],
];

const ASKED = 'sectum:guide';

/** Opens the guide to the stage that is on the screen, with the shortcuts beneath it. */
export const showGuide = () => window.dispatchEvent(new Event(ASKED));

export function Keys() {
  const stage = useLocation().pathname.split('/')[1] ?? '';
  const [opened, setOpened] = useState(false);
  const dialog = useRef<HTMLDialogElement>(null);
  useKeys({ '?': showGuide });
  useEffect(() => {
    const open = () => {
      setOpened(true);
      dialog.current?.showModal();
      // Read from its beginning, whatever was read of it before.
      dialog.current?.scrollTo(0, 0);
    };
    window.addEventListener(ASKED, open);
    return () => window.removeEventListener(ASKED, open);
  }, []);
  return (
    <dialog ref={dialog} className={css.keys} aria-label={t('keys.guide')}>
      {opened && (
        <Suspense fallback={t('routes.loading')}>
          <Guide stage={stage === 'fish' ? 'receive' : stage} />
        </Suspense>
      )}
      <h2>{t('keys.keys')}</h2>
      <dl>
        {LIST.map(([key, what]) => (
          <div key={key}>
            <dt>
              <kbd>{key}</kbd>
            </dt>
            <dd>{what}</dd>
          </div>
        ))}
      </dl>
      <form method="dialog">
        <Button type="submit" variant="default">
          {t('keys.close')}
        </Button>
      </form>
    </dialog>
  );
}
