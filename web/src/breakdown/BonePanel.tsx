import { Button, NativeSelect, PasswordInput, TextInput, UnstyledButton } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { type MouseEvent, useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, type Bench, type Bones, faultAt } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import { useDraft } from '../ui/useDraft';
import { useKeys } from '../ui/useKeys';
import { usePut } from '../ui/usePut';
import css from './BonePanel.module.css';

/** Pin bones of each fillet: counted by tapping, in two passes, on record with who and when. */
export function BonePanel({ fish, bones, later = false }: { fish: string; bones: Bones[]; later?: boolean }) {
  const [piece, setPiece] = useState<string | null>(null);
  const side = bones.find((b) => b.piece === piece) ?? bones.find((b) => !b.done) ?? bones[0];
  if (!side) {
    return <p className={cx(look.soft, 'bones-none')}>{t('bonePanel.pin-bones-are-counted-once-a')}</p>;
  }
  return (
    <div className={css.bones}>
      <div className={css.bonesSides}>
        {bones.map((one) => (
          <UnstyledButton
            key={one.piece}
            className={css.choice}
            aria-pressed={one.piece === side.piece}
            onClick={() => setPiece(one.piece)}
          >
            <span className={look.key} aria-hidden="true" />
            <span className={look.name}>{one.name}</span>
            <span className={look.mass}>
              {!one.done
                ? one.found > 0
                  ? t('bonePanel.found', { found: one.found })
                  : t('bonePanel.not-counted')
                : one.waived
                  ? t('bonePanel.waived')
                  : t('bonePanel.boned-and-checked')}
            </span>
          </UnstyledButton>
        ))}
      </div>
      <Count key={`${side.piece}${side.done}`} fish={fish} side={side} later={later} />
    </div>
  );
}

function Count({ fish, side, later }: { fish: string; side: Bones; later: boolean }) {
  const { me, people } = useKitchen();
  const queries = useQueryClient();
  const [draft, setDraft, clearDraft] = useDraft(`bones/${side.piece}${later ? '/later' : ''}`, {
    found: later ? 0 : side.found,
    word: '',
    marks: later ? [] : side.marks,
  });
  const { found, word, marks = [] } = draft;
  const [why, setWhy] = useState('');
  // Where the house asks for a second person, and this one may not do it alone.
  const [second, setSecond] = useState({ with: '', pin: '' });
  const key = api.queryOptions('get', '/breakdown/fish/{fish}', { params: { path: { fish } } }).queryKey;
  const keep = (bench: Bench) => {
    queries.setQueryData(key, bench);
    queries.invalidateQueries({ queryKey: ['get', '/portion/fish/{fish}'] });
  };
  const count = usePut(`bones/${fish}`, '/breakdown/fish/{fish}/bones/{check}', {
    onSuccess: (bench) => queries.setQueryData(key, bench),
  });
  const store = usePut(`bones/${fish}`, '/breakdown/fish/{fish}/bones/{check}', {
    onSuccess: (bench) => {
      if (later || bench.bones.find((one) => one.piece === side.piece)?.done) {
        clearDraft();
        setSecond({ with: '', pin: '' });
      }
      keep(bench);
    },
  });
  const params = () => ({ path: { fish, check: ulid() } });
  const write = (more: { second_pass?: boolean; waived?: string; later?: boolean }) =>
    store.mutate({
      params: params(),
      body: {
        piece: side.piece,
        found,
        marks,
        ...(word.trim().length > 2 ? { word: word.trim() } : {}),
        ...(more.second_pass && second.with ? { with: second.with } : {}),
        ...(more.second_pass && second.pin.length > 3 ? { pin: second.pin } : {}),
        ...more,
      },
    });
  // The count is a record: each tap is kept, here and at the kitchen computer.
  const set = (next: number, where: number[] = marks.slice(0, next)) => {
    setDraft({ ...draft, found: next, marks: where });
    if (!later) {
      count.mutate({ params: params(), body: { piece: side.piece, found: next, marks: where, running: true } });
    }
  };
  /** A bone where the side was touched; by key it is one more, wherever it lay. */
  const touched = (event: MouseEvent<HTMLButtonElement>) => {
    const box = (event.currentTarget.firstElementChild ?? event.currentTarget).getBoundingClientRect();
    const x = (420 * (event.clientX - box.left)) / box.width;
    const place = Math.round(1000 * Math.min(1, Math.max(0, (x - 22) / 380))) / 1000;
    set(found + 1, event.detail === 0 || later ? marks : [...marks, place]);
  };
  useKeys({ b: () => set(found + 1) });
  const challenged = faultAt(store.error, '/word');
  const [whoFault, pinFault] = [faultAt(store.error, '/with'), faultAt(store.error, '/pin')];
  const needsSecond = whoFault !== undefined || pinFault !== undefined || second.with !== '';
  const usual = Math.min(60, side.expected);

  return (
    <div className={css.bonesCount}>
      <UnstyledButton
        className={css.bonesPlace}
        onClick={touched}
        aria-label={t('bonePanel.pin-bones-run-along-the-first', {
          round: Math.round(100 * side.runs),
          side: side.name,
        })}
      >
        <svg viewBox="0 0 420 92" aria-hidden="true">
          <path d="M6 46C60 8 220 4 414 40v12C220 88 60 84 6 46Z" fill="#f5ece5" stroke="var(--ink)" strokeWidth="2" />
          <path d={`M22 40H${22 + 380 * side.runs_to}`} stroke="var(--action)" strokeWidth="14" opacity="0.12" />
          <path d={`M22 40H${22 + 380 * side.runs}`} stroke="var(--action)" strokeWidth="14" opacity="0.25" />
          {Array.from({ length: usual }, (_, i) => 26 + ((380 * side.runs - 8) * i) / Math.max(1, usual - 1)).map(
            (x, i) => (
              <path
                key={x}
                d={`M${x} 48l5-15`}
                stroke={i < found ? 'var(--line-strong)' : 'var(--ink)'}
                strokeWidth={i < found ? 1 : 2.4}
                strokeDasharray={i < found ? '2 3' : undefined}
              />
            ),
          )}
          {marks.map((place, i) => (
            <circle key={`${i}:${place}`} cx={22 + 380 * place} cy="62" r="4" fill="var(--action)" />
          ))}
        </svg>
      </UnstyledButton>
      <p className={css.bonesSaid}>
        {later || found > 0 || side.done ? side.said : t('bonePanel.not-counted-expect', { usual: side.usual })}{' '}
        {side.runs_by > 0 && <span className={look.soft}>{t('bonePanel.drawn-by', { count: side.runs_by })}</span>}
      </p>
      <div className={css.bonesRow}>
        <UnstyledButton
          className={css.bonesTap}
          onClick={() => set(found + 1)}
          aria-label={t('bonePanel.one-more-bone-so-far', { found })}
        >
          {found}
          <small>{t('bonePanel.tap-for-each-bone')}</small>
        </UnstyledButton>
        <TextInput
          className={css.bonesTyped}
          aria-label={t('bonePanel.bones-found-typed')}
          inputMode="numeric"
          value={String(found)}
          onFocus={(event) => event.target.select()}
          onChange={(event) => set(Math.min(5000, Number(event.target.value.replace(/\D/g, '')) || 0))}
        />
        <Button variant="default" onClick={() => set(Math.max(0, found - 1))} disabled={found === 0}>
          {t('bonePanel.one-less')}
        </Button>
        {later ? (
          <Button disabled={found === 0 || store.isPending} onClick={() => write({ later: true })}>
            {t('bonePanel.found-while-portioning')}
          </Button>
        ) : (
          <>
            <Button variant="default" disabled={store.isPending} onClick={() => write({})}>
              {side.in_strips ? t('bonePanel.strips-out-once') : t('bonePanel.first-pass-done')}
            </Button>
            <Button
              disabled={store.isPending || (challenged !== undefined && word.trim().length < 3)}
              onClick={() => write({ second_pass: true })}
            >
              {t('bonePanel.second-pass-done')}
            </Button>
          </>
        )}
      </div>
      {challenged && (
        <TextInput
          className={css.bonesWord}
          label={<span role="alert">{challenged}</span>}
          placeholder={t('bonePanel.why-some-broke-off-in-the')}
          value={word}
          onChange={(event) => setDraft({ ...draft, word: event.target.value })}
        />
      )}
      {needsSecond && (
        <div className={look.typed}>
          <NativeSelect
            label={t('bonePanel.checked-with')}
            data={[
              { value: '', label: t('bonePanel.choose-person') },
              ...people.filter((one) => one.id !== me.id).map((one) => ({ value: one.id, label: one.name })),
            ]}
            value={second.with}
            error={whoFault}
            onChange={(event) => setSecond({ ...second, with: event.currentTarget.value })}
          />
          <PasswordInput
            label={t('bonePanel.their-pin')}
            inputMode="numeric"
            autoComplete="off"
            value={second.pin}
            error={pinFault}
            onChange={(event) => setSecond({ ...second, pin: event.currentTarget.value })}
          />
        </div>
      )}
      {side.in_strips && <p className={look.soft}>{t('bonePanel.many-boned-cut-each-row-out')}</p>}
      {me.role === 'head chef' && !side.done && !later && !challenged && (
        <form
          className={look.typed}
          onSubmit={(event) => {
            event.preventDefault();
            write({ waived: why.trim() });
          }}
        >
          <TextInput
            aria-label={t('bonePanel.why-it-is-waived')}
            placeholder={t('bonePanel.waive-it-reason-required')}
            value={why}
            onChange={(event) => setWhy(event.target.value)}
          />
          <Button type="submit" variant="default" disabled={why.trim().length < 3 || store.isPending}>
            {t('bonePanel.waive')}
          </Button>
        </form>
      )}
      <p className={look.fault} role="alert">
        {store.error && !challenged && !whoFault && !pinFault ? asProblem(store.error).detail : ''}
      </p>
    </div>
  );
}
