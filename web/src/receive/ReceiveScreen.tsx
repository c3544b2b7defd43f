import { Autocomplete, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { Link, useNavigate } from 'react-router';
import { ulid } from 'ulid';
import { api, type Form, faultAt, type Weight } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { figure, t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { takenNow } from '../ui/outbox';
import { Pan, refusedText } from '../ui/Pan';
import { useDraft } from '../ui/useDraft';
import { useOutbox, usePut } from '../ui/usePut';
import { weightText } from '../ui/weightText';
import { ReceiveRooms } from './ReceiveRooms';
import css from './ReceiveScreen.module.css';
import { chipsOf, FORMS, type State, stateIn, statesOf } from './states';

type Draft = { name: string; supplier: string; state: State; form: Form | null; price: string };

const EMPTY: Draft = { name: '', supplier: '', state: 'gutted', form: null, price: '' };

/** Stages with a bench of their own; elsewhere a fish has its sheet. */
const ON_A_BENCH = new Set(['breakdown', 'portion', 'route', 'cost']);

/** One fish out of the box: what it is, from whom, how it was bought, what it costs and weighs. */
export function ReceiveScreen() {
  const { me, currency_sign: sign } = useKitchen();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const { data } = api.useQuery('get', '/receive');
  const [draft, setDraft] = useDraft('receive', EMPTY);
  const { name, supplier, state, form, price } = draft;
  const set = (more: Partial<Draft>) => setDraft({ ...draft, ...more });
  const outbox = useOutbox('receive');
  const receive = usePut('receive', '/receive/fish/{fish}', {
    onSuccess: (fish) => {
      // The next one out of the box is mostly from the same supplier.
      setDraft({ ...EMPTY, supplier });
      queries.invalidateQueries({ queryKey: ['get', '/receive'] });
      queries.invalidateQueries({ queryKey: ['get', '/spine'] });
      navigate(`/breakdown/${fish.id}`);
    },
  });
  const species = data?.species.find((s) => s.name.toLowerCase() === name.trim().toLowerCase());
  const unknown = name.trim() !== '' && data !== undefined && !species;
  const missing = !name.trim()
    ? t('receive.which-fish-is-it')
    : unknown && !form
      ? t('receive.how-is-it-built')
      : !supplier.trim()
        ? t('receive.who-is-it-from')
        : null;
  // One fish under one id until the kitchen computer has answered: pressing again makes no second one.
  const take = (weight: Weight) => {
    outbox.dismiss();
    receive.mutate({
      params: { path: { fish: ulid() } },
      name: name.trim(),
      text: weightText(weight),
      body: {
        reading: ulid(),
        ...takenNow(),
        supplier,
        state,
        weight,
        ...(species ? { species: species.id } : { species_name: name, form: form ?? 'round' }),
        ...(me.sees_prices && price.trim() ? { price_per_kg: price } : {}),
      },
    });
  };
  const fault = (pointer: string) => faultAt(outbox.refused?.fault, pointer);
  const elsewhere = ['/species', '/form', '/supplier', '/state', '/price_per_kg'].some((p) => fault(p));

  return (
    <div className={look.bench}>
      <section className={cx(look.board, css.receive)}>
        <ReceiveRooms />
        <div>
          <h1>{t('receive.receive-one-fish')}</h1>
          <p className={look.soft}>{t('receive.one-fish-what-it-is-who')}</p>
        </div>
        <div className={look.columns}>
          <Autocomplete
            label={t('receive.fish')}
            placeholder={t('receive.arctic-char')}
            data={data?.species.map((s) => s.name) ?? []}
            value={name}
            onChange={(value) => set({ name: value })}
            error={fault('/species')}
            limit={8}
            selectFirstOptionOnChange={false}
          />
          <Autocomplete
            label={t('receive.supplier')}
            placeholder={t('receive.who-it-was-bought-from')}
            data={data?.suppliers ?? []}
            value={supplier}
            onChange={(value) => set({ supplier: value })}
            error={fault('/supplier')}
          />
        </div>
        {unknown && (
          <div className={look.remark}>
            <Chips
              legend={t('receive.is-new-here-how-is-it', { trim: name.trim() })}
              name="form"
              value={form}
              options={chipsOf(FORMS)}
              onChange={(value) => set({ form: value })}
            />
          </div>
        )}
        <Chips
          legend={t('receive.bought-as')}
          name="state"
          value={state}
          options={chipsOf(statesOf(data?.states[species?.form ?? form ?? 'round']))}
          onChange={(value) => set({ state: value })}
        />
        {me.sees_prices && (
          <TextInput
            label={t('receive.price-per-kg')}
            description={t('receive.as-on-the-invoice-it-can')}
            leftSection={sign}
            inputMode="decimal"
            placeholder={figure(13.9, 2)}
            value={price}
            onChange={(event) => set({ price: event.currentTarget.value })}
            error={fault('/price_per_kg')}
            maw={420}
          />
        )}
        <div>
          <h2>{t('receive.last-received')}</h2>
          {data?.latest.length === 0 && <p className={look.soft}>{t('receive.the-first-fish-of-this-kitchen')}</p>}
          <div className={look.rows}>
            {data?.latest.slice(0, 4).map((fish) => (
              <Link
                className={css.latestRow}
                key={fish.id}
                to={ON_A_BENCH.has(fish.stage) ? `/${fish.stage}/${fish.id}` : `/log/${fish.id}`}
              >
                <b>{t('receive.no', { title: fish.title, number: fish.number })}</b>
                <span className={look.soft}>{fish.supplier}</span>
                <span className={look.soft}>{fish.received}</span>
                <b className={css.n}>{fish.whole.text}</b>
              </Link>
            ))}
          </div>
        </div>
      </section>
      <Pan
        todo={missing ?? t('receive.put-the-whole-fish-on-the')}
        recordAs={missing ? null : t('receive.whole', { trim: name.trim(), state: stateIn(state) })}
        takeWord={t('receive.receive')}
        onTake={take}
        busy={outbox.waiting.length > 0}
        outbox={outbox}
        fault={elsewhere ? undefined : refusedText(outbox)}
        readings={[]}
      />
    </div>
  );
}
