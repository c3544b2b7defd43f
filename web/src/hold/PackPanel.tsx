import { Button, NativeSelect } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { asProblem, type Thaws } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { PrintLabel } from '../ui/PrintLabel';
import { usePut } from '../ui/usePut';
import css from './PackPanel.module.css';
import { keyOf, named, useReady } from './useReady';

type How = Thaws['packs'][number]['how'];

const HOW: Record<How, string> = {
  twice: t('pack.twice'),
  vacuum: t('pack.vacuum'),
  covered: t('pack.covered'),
  cloth: t('pack.cloth'),
};

/** What is packed, how and until when; a pack without air is only ever frozen. */
export function PackPanel({ thaws, onPacked }: { thaws: Thaws; onPacked: (thaws: Thaws) => void }) {
  const [how, setHow] = useState<How>('twice');
  const [what, setWhat] = useState('');
  const pack = usePut('packs', '/hold/packs/{pack}', { onSuccess: onPacked });
  const open = usePut('packs', '/hold/packs/{pack}/opened', { onSuccess: onPacked });
  const { data: ready = [] } = useReady();
  const things = [...thaws.frozen, ...ready];
  const chosen = things.find((one) => keyOf(one) === what);
  return (
    <>
      <h2 className={css.packHead}>{t('pack.packs')}</h2>
      <form
        className={css.packForm}
        onSubmit={(event) => {
          event.preventDefault();
          if (chosen) {
            pack.mutate({
              params: { path: { pack: ulid() } },
              body: { how, ...named(chosen) },
            });
          }
        }}
      >
        <NativeSelect
          label={t('pack.what')}
          value={what}
          data={[
            { value: '', label: t('pack.choose') },
            ...things.map((one) => ({ value: one.tray ?? one.piece ?? '', label: one.name })),
          ]}
          onChange={(event) => setWhat(event.currentTarget.value)}
        />
        <NativeSelect
          label={t('pack.how')}
          value={how}
          data={Object.entries(HOW).map(([value, label]) => ({ value, label }))}
          onChange={(event) => setHow(event.currentTarget.value as How)}
        />
        <Button type="submit" disabled={!chosen || pack.isPending}>
          {t('pack.pack')}
        </Button>
      </form>
      {(pack.error ?? open.error) && (
        <p className={look.fault} role="alert">
          {asProblem(pack.error ?? open.error).detail}
        </p>
      )}
      <ul>
        {thaws.packs.map((one) => (
          <li key={one.id} className={css.packLine}>
            <span>
              <b>
                {one.number}. {one.name}
              </b>
              <span className={cx(look.soft, look.block)}>
                {HOW[one.how]}. {t('pack.use-by', { day: one.use_by })}{' '}
                {one.without_air && t('pack.open-before-thawing')}{' '}
                {one.cloth_due && t('pack.cloth-due', { at: one.cloth_due })}
              </span>
            </span>
            <PrintLabel kind="pack" id={one.id} name={one.name} />
            <Button
              variant="default"
              aria-label={t('pack.open-of', { name: one.name })}
              onClick={() => open.mutate({ params: { path: { pack: one.id } } })}
            >
              {t('pack.opened')}
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}
