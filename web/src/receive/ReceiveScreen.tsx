import { Autocomplete, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { ulid } from 'ulid';
import { api, type Form, faultAt, type Weight } from '../api/client';
import { useKitchen } from '../kitchen/kitchen';
import { Chips } from '../ui/Chips';
import { takenNow, useOutbox, usePut } from '../ui/outbox';
import { Pan, refusedText } from '../ui/Pan';
import { useDraft } from '../ui/useDraft';
import { weightText } from '../ui/weightText';
import { ReceiveRooms } from './ReceiveRooms';
import { chipsOf, FORMS, STATES, type State } from './states';

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
  const [draft, setDraft, clearDraft] = useDraft('receive', EMPTY);
  const { name, supplier, state, form, price } = draft;
  const set = (more: Partial<Draft>) => setDraft({ ...draft, ...more });
  const outbox = useOutbox('receive');
  const receive = usePut('receive', '/receive/fish/{fish}', {
    onSuccess: (fish) => {
      clearDraft();
      queries.invalidateQueries({ queryKey: ['get', '/receive'] });
      queries.invalidateQueries({ queryKey: ['get', '/spine'] });
      navigate(`/breakdown/${fish.id}`);
    },
  });
  const species = data?.species.find((s) => s.name.toLowerCase() === name.trim().toLowerCase());
  const unknown = name.trim() !== '' && data !== undefined && !species;
  const missing = !name.trim()
    ? 'Which fish is it?'
    : unknown && !form
      ? 'How is it built?'
      : !supplier.trim()
        ? 'Who is it from?'
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
    <div className="bench">
      <section className="board receive">
        <ReceiveRooms />
        <div>
          <h1>Receive one fish</h1>
          <p className="soft">One fish: what it is, who sold it, how it came. Its weight is taken on the scale.</p>
        </div>
        <div className="columns">
          <Autocomplete
            label="Fish"
            placeholder="Arctic char"
            data={data?.species.map((s) => s.name) ?? []}
            value={name}
            onChange={(value) => set({ name: value })}
            error={fault('/species')}
            limit={8}
            selectFirstOptionOnChange={false}
          />
          <Autocomplete
            label="Supplier"
            placeholder="Who it was bought from"
            data={data?.suppliers ?? []}
            value={supplier}
            onChange={(value) => set({ supplier: value })}
            error={fault('/supplier')}
          />
        </div>
        {unknown && (
          <div className="remark">
            <Chips
              legend={`“${name.trim()}” is new here. How is it built?`}
              name="form"
              value={form}
              options={chipsOf(FORMS)}
              onChange={(value) => set({ form: value })}
            />
          </div>
        )}
        <Chips
          legend="Bought as"
          name="state"
          value={state}
          options={chipsOf(STATES)}
          onChange={(value) => set({ state: value })}
        />
        {me.sees_prices && (
          <TextInput
            label="Price per kg"
            description="As on the invoice. It can be added later, at Cost."
            leftSection={sign}
            inputMode="decimal"
            placeholder="13.90"
            value={price}
            onChange={(event) => set({ price: event.currentTarget.value })}
            error={fault('/price_per_kg')}
            maw={420}
          />
        )}
        <div>
          <h2>Last received</h2>
          {data?.latest.length === 0 && <p className="soft">The first fish of this kitchen goes on the scale.</p>}
          <div className="rows">
            {data?.latest.slice(0, 4).map((fish) => (
              <Link
                className="latest-row"
                key={fish.id}
                to={ON_A_BENCH.has(fish.stage) ? `/${fish.stage}/${fish.id}` : `/log/${fish.id}`}
              >
                <b>
                  {fish.title} no. {fish.number}
                </b>
                <span className="soft">{fish.supplier}</span>
                <span className="soft">{fish.received}</span>
                <b className="n">{fish.whole.text}</b>
              </Link>
            ))}
          </div>
        </div>
      </section>
      <Pan
        todo={missing ?? 'Put the whole fish on the scale, without ice.'}
        recordAs={missing ? null : `${name.trim()}, whole, ${state}`}
        takeWord="Receive"
        onTake={take}
        busy={outbox.waiting.length > 0}
        outbox={outbox}
        fault={elsewhere ? undefined : refusedText(outbox)}
        readings={[]}
      />
    </div>
  );
}
