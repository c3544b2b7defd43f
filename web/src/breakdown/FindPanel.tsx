import { Button, Checkbox, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, type Find, type FindKind, faultAt } from '../api/client';
import { t } from '../lang';
import { PhotoButton } from '../receive/PhotoButton';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { useOnScale } from '../ui/usePan';
import { usePut } from '../ui/usePut';
import { lowerFirst } from '../ui/words';
import css from './FindPanel.module.css';

type Kind = FindKind['kind'];

type Props = { fish: string; line: string | null; finds: Find[]; kinds: FindKind[] };

/** Whatever else turns up in a fish: kept, and offered for the claim. */
export function FindPanel({ fish, line, finds, kinds }: Props) {
  const queries = useQueryClient();
  const [kind, setKind] = useState<Kind | null>(null);
  const [mass, setMass] = useState('');
  const [note, setNote] = useState('');
  const [photo, setPhoto] = useState<string | null>(null);
  const [told, setTold] = useState<boolean | null>(null);
  const store = usePut(`finds/${fish}`, '/breakdown/fish/{fish}/finds/{find}', {
    onSuccess: (bench) => {
      queries.setQueryData(
        api.queryOptions('get', '/breakdown/fish/{fish}', { params: { path: { fish } } }).queryKey,
        bench,
      );
      queries.invalidateQueries({ queryKey: ['get', '/breakdown/fish/{fish}/clean-down'] });
      setKind(null);
      setMass('');
      setNote('');
      setTold(null);
      setPhoto(null);
    },
  });
  const lies = useOnScale();
  /** With something on the scale, one tap writes it down; else its weight is typed first. */
  const tidied = (why: Kind) => {
    if (lies) {
      store.mutate({ params: { path: { fish, find: ulid() } }, body: { kind: why, mass: lies } });
    } else {
      setKind(why);
    }
  };
  const tell = told ?? kinds.some((one) => one.kind === kind && one.told);

  return (
    <div className={css.finds}>
      <Chips
        legend={t('findPanel.found')}
        name="kind"
        inline
        value={kind}
        options={kinds.filter((one) => !one.tidied).map((one) => ({ value: one.kind, label: one.name }))}
        onChange={setKind}
      />
      <Chips
        legend={t('findPanel.tidied-away')}
        name="tidied"
        inline
        value={kind}
        options={kinds.filter((one) => one.tidied).map((one) => ({ value: one.kind, label: one.name }))}
        onChange={tidied}
      />
      <div className={cx(look.fields, look.four)}>
        <TextInput
          label={t('findPanel.weight-lost')}
          placeholder={t('findPanel.120-g')}
          value={mass}
          error={faultAt(store.error, '/mass')}
          onChange={(event) => setMass(event.currentTarget.value)}
        />
        <TextInput
          className={look.two}
          label={t('findPanel.note')}
          placeholder={t('findPanel.where-how-much-of-it')}
          value={note}
          error={faultAt(store.error, '/note')}
          onChange={(event) => setNote(event.currentTarget.value)}
        />
        <Button
          disabled={kind === null || store.isPending}
          onClick={() =>
            kind &&
            store.mutate({
              params: { path: { fish, find: ulid() } },
              body: {
                kind,
                claimed: tell,
                ...(mass.trim() ? { mass } : {}),
                ...(note.trim() ? { note } : {}),
                ...(photo ? { photo } : {}),
              },
            })
          }
        >
          {t('findPanel.save-finding')}
        </Button>
      </div>
      <Checkbox
        size="lg"
        checked={tell}
        onChange={(event) => setTold(event.target.checked)}
        label={t('findPanel.tell-the-supplier')}
      />
      {line && <PhotoButton line={line} count={photo ? 1 : 0} onKept={setPhoto} />}
      <p className={look.fault} role="alert">
        {store.error && !asProblem(store.error).errors ? asProblem(store.error).detail : ''}
      </p>
      <ul className={look.rows}>
        {finds.map((find) => (
          <li key={find.id}>
            <b>{find.name}</b>
            {find.mass ? `, ${find.mass}` : ''}
            {find.note ? `, ${lowerFirst(find.note)}` : ''}{' '}
            <span className={look.soft}>{find.claimed ? t('findPanel.in-the-claim') : t('findPanel.not-claimed')}</span>
            {find.photo && (
              <a href={`/api/receive/photos/${find.photo}`} target="_blank" rel="noreferrer">
                {' '}
                {t('findPanel.photo')}
              </a>
            )}
          </li>
        ))}
      </ul>
    </div>
  );
}
