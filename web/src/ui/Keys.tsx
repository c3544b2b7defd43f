import { Button } from '@mantine/core';
import { t } from '../lang';
import css from './Keys.module.css';
import { useKeys } from './useKeys';

const LIST: [string, string][] = [
  ['1 … 9', t('keys.choose-the-part')],
  ['Space', t('keys.record-the-weight')],
  ['T', t('keys.tare-the-scale')],
  ['W', t('keys.type-a-weight-instead')],
  ['G', t('keys.guess-the-weight-first')],
  [t('keys.esc'), t('keys.leave-a-field')],
  ['Z', t('keys.undo-the-last-reading-asks-first')],
  [t('keys.alt-1-6'), t('keys.go-to-a-stage')],
  ['/', t('keys.search-the-log')],
  ['?', t('keys.these-shortcuts')],
];

export function Keys() {
  const show = () => document.querySelector<HTMLDialogElement>('#keys')?.showModal();
  useKeys({ '?': show });
  return (
    <dialog id="keys" className={css.keys} aria-labelledby="keys-title">
      <h2 id="keys-title">{t('keys.keys')}</h2>
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
