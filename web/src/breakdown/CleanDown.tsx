import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, type CleanDown as Board, faultAt } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { look } from '../ui/look';
import { Several } from '../ui/Several';
import { usePut } from '../ui/usePut';
import { SetUp } from './SetUp';

type Part = Board['what'][number];

const PARTS: Record<Part, string> = {
  board: t('cleanDown.board'),
  knife: t('cleanDown.knife'),
  pliers: t('cleanDown.pliers'),
  cloth: t('cleanDown.cloth'),
};

/**
 * Whether the board wants cleaning down before this fish; said, never in the way, and once the fish is begun only after
 * gall. With `always`, also when nothing calls for it.
 */
export function CleanDown({ fish, always, begun }: { fish: string; always: boolean; begun: boolean }) {
  const [open, setOpen] = useState(false);
  const { data } = api.useQuery('get', '/breakdown/fish/{fish}/clean-down', { params: { path: { fish } } });
  const [cleaned, setCleaned] = useState(false);
  // A clean board is set up for what comes next.
  if (cleaned && !always && !begun) {
    return <SetUp fish={fish} />;
  }
  if (!data || (!always && (data.why === null || (begun && data.why !== 'gall-burst')))) {
    return null;
  }
  return (
    <div className={cx(look.remark, data.why === null && look.quietRemark)}>
      <span>
        {data.say ?? t('cleanDown.nothing-else-lay-here')}{' '}
        {data.last && <span className={look.soft}>{t('cleanDown.last', { at: data.last.at, by: data.last.by })}</span>}
      </span>
      {open ? (
        <Form
          fish={fish}
          board={data}
          onDone={() => {
            setOpen(false);
            setCleaned(true);
          }}
        />
      ) : (
        <Button variant="default" onClick={() => setOpen(true)}>
          {t('cleanDown.clean-down')}
        </Button>
      )}
    </div>
  );
}

function Form({ fish, board, onDone }: { fish: string; board: Board; onDone: () => void }) {
  const { me, people } = useKitchen();
  const queries = useQueryClient();
  const [what, setWhat] = useState<string[]>(board.what);
  const [by, setBy] = useState(me.id);
  const [strip, setStrip] = useState('');
  const store = usePut(`clean-down/${fish}`, '/breakdown/fish/{fish}/clean-downs/{act}', {
    onSuccess: () => {
      queries.invalidateQueries({ queryKey: ['get', '/breakdown/fish/{fish}/clean-down'] });
      onDone();
    },
  });
  const fault = store.error && !asProblem(store.error).errors ? asProblem(store.error).detail : '';
  return (
    <form
      className={look.lineActions}
      onSubmit={(event) => {
        event.preventDefault();
        store.mutate({
          params: { path: { fish, act: ulid() } },
          body: { what: what as Part[], by, ...(strip.trim() ? { sanitiser_ppm: Number(strip) } : {}) },
        });
      }}
    >
      <Several
        legend={t('cleanDown.what-was-cleaned')}
        quiet
        chosen={what}
        options={board.what.map((part) => ({ value: part, label: PARTS[part] }))}
        onChange={setWhat}
      />
      <NativeSelect
        aria-label={t('cleanDown.who-did-it')}
        value={by}
        data={people.map((person) => ({ value: person.id, label: person.name }))}
        error={faultAt(store.error, '/by')}
        onChange={(event) => setBy(event.currentTarget.value)}
      />
      <TextInput
        aria-label={t('cleanDown.strip-ppm')}
        placeholder={board.asks_sanitiser ? t('cleanDown.strip-ppm') : t('cleanDown.strip-ppm-if-dipped')}
        inputMode="decimal"
        value={strip}
        error={faultAt(store.error, '/sanitiser_ppm')}
        onChange={(event) => setStrip(event.currentTarget.value)}
      />
      <Button type="submit" disabled={what.length === 0} loading={store.isPending}>
        {t('cleanDown.save')}
      </Button>
      <span className={look.fault} role="alert">
        {fault}
      </span>
    </form>
  );
}
