import { Button, NumberInput, SegmentedControl, Select, Textarea, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { ulid } from 'ulid';
import { api, asProblem } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './ComplaintsScreen.module.css';
import { LogRooms } from './LogRooms';

export const KINDS = [
  { value: 'bone', label: t('complaint.bone') },
  { value: 'illness', label: t('complaint.illness') },
  { value: 'quality', label: t('complaint.quality') },
] as const;

type Kind = (typeof KINDS)[number]['value'];

/** What guests complained of, the last first; a new one in four fields. */
export function ComplaintsScreen() {
  const { data, error } = api.useQuery('get', '/log/complaints', {}, { retry: false });
  const [writing, setWriting] = useState(false);
  return (
    <section className={cx(look.sheet, look.wide)}>
      <LogRooms />
      <div className={look.headline}>
        <div>
          <h1>{t('complaint.complaints')}</h1>
          <p className={look.soft}>{t('complaint.intro')}</p>
        </div>
        {!writing && <Button onClick={() => setWriting(true)}>{t('complaint.write')}</Button>}
      </div>
      {error && <p role="alert">{asProblem(error).detail}</p>}
      {writing && <Write onCancel={() => setWriting(false)} />}
      {data?.length === 0 && !writing && (
        <div className={look.empty}>
          <h2>{t('complaint.none')}</h2>
          <p>{t('complaint.none-why')}</p>
        </div>
      )}
      <ul>
        {data?.map((one) => (
          <li key={one.id}>
            <Link className={css.complaintRow} to={`/log/complaints/${one.id}`}>
              <b>{t('complaint.no', { number: one.number })}</b>
              <span>{KINDS.find((kind) => kind.value === one.kind)?.label}</span>
              <span>“{one.said}”</span>
              <span className={look.soft}>
                {one.dish} {one.day}
              </span>
              <span>{one.open ? t('complaint.open') : t('complaint.closed')}</span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Write({ onCancel }: { onCancel: () => void }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [id] = useState(ulid);
  const [kind, setKind] = useState<Kind>('bone');
  const [said, setSaid] = useState('');
  const [dish, setDish] = useState<string | null>(null);
  const [tray, setTray] = useState<string | null>(null);
  const [table, setTable] = useState('');
  const [guests, setGuests] = useState<number | ''>(1);
  const { data: origin } = api.useQuery('get', '/log/origin', { params: { query: {} } });
  const { data: trays } = api.useQuery('get', '/portion/batches', {});
  const store = usePut('complaint', '/log/complaints/{complaint}', {
    onSuccess: () => {
      queries.invalidateQueries();
      navigate(`/log/complaints/${id}`);
    },
  });
  const fault = store.error ? asProblem(store.error) : null;
  return (
    <form
      className={css.complaintForm}
      onSubmit={(event) => {
        event.preventDefault();
        store.mutate({
          params: { path: { complaint: id } },
          body: {
            kind,
            said: said.trim(),
            table: table.trim(),
            guests: guests === '' ? 1 : guests,
            ...(dish ? { dish } : {}),
            ...(tray ? { tray } : {}),
          },
        });
      }}
    >
      <SegmentedControl
        aria-label={t('complaint.about')}
        data={[...KINDS]}
        value={kind}
        onChange={(value) => setKind(value as Kind)}
      />
      <Textarea
        className={css.complaintSaid}
        label={t('complaint.what-was-said')}
        autosize
        minRows={2}
        value={said}
        onChange={(event) => setSaid(event.target.value)}
      />
      <Select
        label={t('complaint.dish')}
        searchable
        clearable
        data={(origin?.dishes ?? []).map((one) => ({ value: one.id, label: one.name }))}
        value={dish}
        onChange={setDish}
      />
      <Select
        label={t('complaint.tray')}
        searchable
        clearable
        placeholder={t('complaint.if-known')}
        data={(trays?.trays ?? []).map((one) => ({
          value: one.id,
          label: t('complaint.tray-no', { number: one.number, dish: one.dish }),
        }))}
        value={tray}
        onChange={setTray}
      />
      <TextInput label={t('complaint.table')} value={table} onChange={(event) => setTable(event.target.value)} />
      <NumberInput
        label={t('complaint.guests')}
        min={1}
        max={500}
        value={guests}
        onChange={(value) => setGuests(value === '' ? '' : Number(value))}
      />
      {fault && (
        <p className={look.fault} role="alert">
          {fault.detail}
        </p>
      )}
      <p className={look.lineActions}>
        <Button type="submit" disabled={store.isPending || said.trim().length < 3}>
          {t('complaint.save')}
        </Button>
        <Button variant="default" onClick={onCancel}>
          {t('complaint.cancel')}
        </Button>
        <span className={look.soft}>
          {kind === 'quality' ? t('complaint.holds-nothing') : t('complaint.holds-siblings')}
        </span>
      </p>
    </form>
  );
}
