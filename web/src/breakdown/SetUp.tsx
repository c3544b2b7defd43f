import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, type BoardSetUp, faultAt } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { Several } from '../ui/Several';
import { usePut } from '../ui/usePut';
import { lowerFirst } from '../ui/words';

type Laid = BoardSetUp['laid'][number];
type Knife = BoardSetUp['knife'];

const LAID: Record<Laid, string> = {
  board: t('setUp.board'),
  cloth: t('setUp.cloth'),
  trays: t('setUp.trays'),
  pliers: t('setUp.pliers'),
};

const KNIVES: Record<Knife, string> = {
  flexible: t('setUp.flexible'),
  stiff: t('setUp.stiff'),
  long: t('setUp.long'),
  short: t('setUp.short'),
  heavy: t('setUp.heavy'),
};

/** How the board is set up for this lot: said, never in the way. */
export function SetUp({ fish }: { fish: string }) {
  const [open, setOpen] = useState(false);
  const { data } = api.useQuery('get', '/breakdown/fish/{fish}/set-up', { params: { path: { fish } } });
  if (!data) {
    return null;
  }
  return (
    <div className={cx(look.remark, look.quietRemark)}>
      <span>
        {data.says.join(' ') || t('setUp.ready', { knife: lowerFirst(KNIVES[data.knife]) })}{' '}
        {data.by && <span className={look.soft}>{data.by}</span>}
      </span>
      {open ? (
        <Form fish={fish} board={data} onDone={() => setOpen(false)} />
      ) : (
        <Button variant="default" onClick={() => setOpen(true)}>
          {data.is_set_up ? t('setUp.set-up-again') : t('setUp.set-up')}
        </Button>
      )}
    </div>
  );
}

function Form({ fish, board, onDone }: { fish: string; board: BoardSetUp; onDone: () => void }) {
  const queries = useQueryClient();
  const [laid, setLaid] = useState<string[]>(board.laid);
  const [knife, setKnife] = useState<Knife>(board.knife);
  const [sharpened, setSharpened] = useState<string | null>(null);
  const day = sharpened ?? board.sharpened[knife] ?? '';
  const store = usePut(`set-up/${fish}`, '/breakdown/fish/{fish}/set-up/{act}', {
    onSuccess: (data) => {
      queries.setQueryData(
        api.queryOptions('get', '/breakdown/fish/{fish}/set-up', { params: { path: { fish } } }).queryKey,
        data,
      );
      onDone();
    },
  });
  return (
    <form
      className={look.lineActions}
      onSubmit={(event) => {
        event.preventDefault();
        store.mutate({
          params: { path: { fish, act: ulid() } },
          body: { laid: laid as Laid[], knife, ...(day ? { sharpened_on: day } : {}) },
        });
      }}
    >
      <Several
        legend={t('setUp.laid-out')}
        quiet
        chosen={laid}
        options={Object.entries(LAID).map(([value, label]) => ({ value, label }))}
        onChange={setLaid}
      />
      <NativeSelect
        label={t('setUp.knife')}
        value={knife}
        data={board.knives.map((one) => ({ value: one, label: KNIVES[one] }))}
        onChange={(event) => setKnife(event.currentTarget.value as Knife)}
      />
      <TextInput
        type="date"
        label={t('setUp.sharpened-on')}
        value={day}
        error={faultAt(store.error, '/sharpened_on')}
        onChange={(event) => setSharpened(event.currentTarget.value)}
      />
      <Button type="submit" loading={store.isPending}>
        {t('setUp.save')}
      </Button>
      <span className={look.fault} role="alert">
        {store.error && !asProblem(store.error).errors ? asProblem(store.error).detail : ''}
      </span>
    </form>
  );
}
