import { Autocomplete, Button, NativeSelect, TextInput } from '@mantine/core';
import cx from 'clsx';
import { useState } from 'react';
import { ulid } from 'ulid';
import { api, asProblem, type Door, type Form, faultAt, type Line, type Scanned } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { useDraft } from '../ui/useDraft';
import { usePut } from '../ui/usePut';
import css from './LineForm.module.css';
import { chipsOf, FORMS, type State, statesOf } from './states';

type Unit = 'kg' | 'lb' | 'each';

/** A line as it is being written: an id made by the page, and the words of its fields. */
export type Written = { id: string; stamp: string; words: Record<string, string> };

/** What a line says already, what was written of it so far, and what a scanned label adds. */
export function writtenOf(
  before: (Partial<Line['written']> & { id: string }) | Written | null,
  scanned: Scanned['line'] | null,
): Written {
  const words: Record<string, string> = {};
  const add = (more: object) => {
    for (const [field, value] of Object.entries(more)) {
      if (value !== null && value !== undefined && field !== 'tag') {
        words[field] = String(value);
      }
    }
  };
  const id = before?.id ?? ulid();
  if (before) {
    const { id: _, ...fields } = 'words' in before ? { id: before.id, ...before.words } : before;
    add(fields);
  }
  add(scanned ?? {});
  return { id, stamp: ulid(), words };
}

const UNITS: Record<Unit, string> = { kg: t('lineForm.per-kg'), lb: t('lineForm.per-lb'), each: 'each' };

const PAPERS = {
  '': t('lineForm.none-came'),
  'farmed feed': t('lineForm.farmed-on-feed-free-of-parasites'),
  frozen: t('lineForm.frozen-before'),
};

const WILD = { '': t('lineForm.not-said'), wild: t('lineForm.wild'), farmed: t('lineForm.farmed') };

/** One line of the invoice; only the fish and how it was bought are asked for. */
export function LineForm(props: {
  delivery: string;
  written: Written;
  onDone: (door: Door | null, line: string) => void;
}) {
  const { id, words: first } = props.written;
  const { me, currency_sign: sign } = useKitchen();
  const { data } = api.useQuery('get', '/receive');
  const [{ words, name }, setDraft, clearDraft] = useDraft(`line/${id}`, {
    words: first,
    name: first.species_name ?? '',
  });
  const setWords = (next: typeof first) => setDraft({ words: next, name });
  const [form, setForm] = useState<Form | null>(null);
  const store = usePut(`lines/${props.delivery}`, '/receive/deliveries/{delivery}/lines/{line}', {
    onSuccess: (door) => {
      clearDraft();
      props.onDone(door, id);
    },
  });
  const shown = name || data?.species.find((s) => s.id === words.species)?.name || '';
  const species = data?.species.find((s) => s.name.toLowerCase() === shown.trim().toLowerCase());
  const unknown = shown.trim() !== '' && data !== undefined && !species;
  const set = (field: string, value: string) => setWords({ ...words, [field]: value });
  const text = (field: string, label: string, placeholder = '', more = {}) => (
    <TextInput
      label={label}
      placeholder={placeholder}
      value={words[field] ?? ''}
      onChange={(event) => set(field, event.currentTarget.value)}
      error={faultAt(store.error, `/${field}`)}
      {...more}
    />
  );
  const choice = (field: string, label: string, options: Record<string, string>, otherwise = '') => (
    <NativeSelect
      label={label}
      data={Object.entries(options).map(([value, name]) => ({ value, label: name }))}
      value={words[field] ?? otherwise}
      onChange={(event) => set(field, event.currentTarget.value)}
      error={faultAt(store.error, `/${field}`)}
    />
  );
  const save = () => {
    const said = (field: string) => words[field]?.trim() || undefined;
    const whole = (field: string) => (said(field) === undefined ? undefined : Number(said(field)));
    store.mutate({
      params: { path: { delivery: props.delivery, line: id } },
      body: {
        ...(species ? { species: species.id } : { species_name: shown.trim(), form: form ?? 'round' }),
        state: (words.state ?? 'gutted') as State,
        count: whole('count'),
        boxes: whole('boxes'),
        invoiced: said('invoiced'),
        ...(me.sees_prices && said('price') ? { price: said('price') } : {}),
        price_unit: (words.price_unit ?? 'kg') as Unit,
        grade: said('grade'),
        lot: said('lot'),
        area: said('area'),
        gear: said('gear'),
        vessel: said('vessel'),
        landed_on: said('landed_on'),
        harvested_on: said('harvested_on'),
        production: said('production') as 'wild' | undefined,
        proof: said('proof') as 'frozen' | undefined,
        gtin: said('gtin'),
      },
    });
  };

  return (
    <form
      className={css.lineForm}
      aria-label={t('lineForm.one-line-of-the-invoice')}
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <div className={cx(look.fields, look.four)}>
        <Autocomplete
          className={look.two}
          label={t('lineForm.fish')}
          placeholder={t('lineForm.arctic-char')}
          data={data?.species.map((s) => s.name) ?? []}
          value={shown}
          onChange={(value) => setDraft({ name: value, words: { ...words, species: '' } })}
          error={faultAt(store.error, '/species') ?? faultAt(store.error, '/form')}
          limit={8}
        />
        {text('invoiced', t('lineForm.invoiced-weight'), t('lineForm.12-3-kg'))}
        {text('count', t('lineForm.how-many'), '4', { inputMode: 'numeric' })}
      </div>
      {unknown && (
        <Chips
          legend={t('lineForm.is-new-here-how-is-it', { trim: shown.trim() })}
          name="form"
          value={form}
          options={chipsOf(FORMS)}
          onChange={setForm}
        />
      )}
      <div className={cx(look.fields, look.four)}>
        {choice('state', t('lineForm.bought-as'), statesOf(data?.states[species?.form ?? form ?? 'round']), 'gutted')}
        {me.sees_prices && text('price', t('lineForm.price'), '13.90', { leftSection: sign, inputMode: 'decimal' })}
        {me.sees_prices && choice('price_unit', 'for', UNITS, 'kg')}
        {text('grade', t('lineForm.size-sold-as-g'), '600-800')}
      </div>
      <h2>{t('lineForm.where-it-comes-from')}</h2>
      <div className={cx(look.fields, look.four)}>
        {text('lot', t('lineForm.lot'), 'H-2311')}
        {text('area', t('lineForm.catch-area-or-farm'), '27.7.a')}
        {text('gear', t('lineForm.gear-or-method'), 'longline')}
        {text('vessel', t('lineForm.vessel-or-site'))}
        {text('landed_on', t('lineForm.landed'), '', { type: 'date' })}
        {text('harvested_on', t('lineForm.caught-or-harvested'), '', { type: 'date' })}
        {text('boxes', t('lineForm.boxes'), '1', { inputMode: 'numeric' })}
        {text('gtin', 'GTIN', t('lineForm.14-digits'), { inputMode: 'numeric' })}
      </div>
      <div className={cx(look.fields, look.four)}>
        {choice('production', t('lineForm.production'), WILD)}
        <div className={look.two}>{choice('proof', t('lineForm.freezing-or-feed-certificate'), PAPERS)}</div>
      </div>
      <p className={look.lineActions}>
        <Button type="submit" loading={store.isPending} disabled={!shown.trim() || (unknown && !form)}>
          {t('lineForm.save-line')}
        </Button>
        <Button variant="default" onClick={() => props.onDone(null, id)}>
          {t('lineForm.cancel')}
        </Button>
        <span className={look.fault} role="alert">
          {store.error && !asProblem(store.error).errors ? asProblem(store.error).detail : ''}
        </span>
      </p>
    </form>
  );
}
