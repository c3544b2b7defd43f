import { Autocomplete, Button, NativeSelect, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { api, asProblem, faultAt } from '../api/client';
import { Chips } from '../ui/Chips';
import { useDraft } from '../ui/useDraft';
import { PinField } from './PinField';

const HOURS = Array.from({ length: 12 }, (_, hour) => ({
  value: String(hour),
  label: hour === 0 ? 'midnight' : `${hour}:00`,
}));

type Units = 'metric' | 'us';

/** What a bench scale usually is, in the units it is read in. */
const SCALES = {
  metric: { scale_step: '5 g', scale_most: '15 kg' },
  us: { scale_step: '0.1 oz', scale_most: '30 lb' },
};

const EMPTY = {
  kitchen: '',
  name: '',
  currency: 'EUR',
  units: 'metric' as Units,
  timezone: Intl.DateTimeFormat().resolvedOptions().timeZone,
  day_ends: '4',
  ...SCALES.metric,
};

/** The first run: whose kitchen it is, its head chef, its clock, its money and its scale. */
export function Setup() {
  const queries = useQueryClient();
  const [form, setForm, clear] = useDraft('setup', EMPTY);
  const [{ pin }, setPin] = useDraft('setup-pin', { pin: '' });
  const setup = api.useMutation('post', '/kitchen/setup', {
    onSuccess: (data) => {
      clear();
      queries.setQueryData(api.queryOptions('get', '/kitchen').queryKey, data);
    },
  });
  const field = (name: keyof typeof EMPTY) => ({
    value: form[name],
    error: faultAt(setup.error, `/${name}`),
    onChange: (event: { currentTarget: { value: string } }) => {
      const { value } = event.currentTarget;
      setForm({ ...form, [name]: name === 'currency' ? value.toUpperCase() : value });
    },
  });

  return (
    <main className="first-run">
      <header>
        <h1>A new kitchen</h1>
        <p className="soft">
          Five questions, and the first fish can go on the scale. Everything can be changed later under Settings.
        </p>
      </header>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          setup.mutate({ body: { ...form, pin, day_ends: Number(form.day_ends) } });
        }}
      >
        <fieldset>
          <legend>1. Whose kitchen is it?</legend>
          <TextInput
            label="Name of the kitchen"
            placeholder="as it stands on labels and claims"
            {...field('kitchen')}
          />
        </fieldset>
        <fieldset>
          <legend>2. Who is head chef?</legend>
          <div className="pair">
            <TextInput label="Your name" {...field('name')} />
            <PinField
              label="Your PIN, best six digits"
              value={pin}
              onChange={(value) => setPin({ pin: value })}
              error={faultAt(setup.error, '/pin')}
            />
          </div>
        </fieldset>
        <fieldset>
          <legend>3. Where does its clock stand?</legend>
          <div className="pair">
            <Autocomplete
              label="Time zone"
              data={Intl.supportedValuesOf('timeZone')}
              limit={8}
              value={form.timezone}
              onChange={(timezone) => setForm({ ...form, timezone })}
              error={faultAt(setup.error, '/timezone')}
            />
            <NativeSelect label="A kitchen day ends at" data={HOURS} {...field('day_ends')} />
          </div>
          <p className="soft">A service that goes on past midnight still belongs to the evening before.</p>
        </fieldset>
        <fieldset>
          <legend>4. What does it count in?</legend>
          <div className="pair">
            <TextInput label="Currency, three letters" maxLength={3} {...field('currency')} />
            <Chips
              legend="Weights are read in"
              name="units"
              value={form.units}
              options={[
                { value: 'metric', label: 'Grams' },
                { value: 'us', label: 'Pounds and ounces' },
              ]}
              onChange={(units) => setForm({ ...form, units, ...SCALES[units] })}
            />
          </div>
        </fieldset>
        <fieldset>
          <legend>5. Which scale stands at the board?</legend>
          <div className="pair">
            <TextInput label="It shows steps of" {...field('scale_step')} />
            <TextInput label="It weighs up to" {...field('scale_most')} />
          </div>
          <p className="soft">Weights are typed until its address is set under Settings.</p>
        </fieldset>
        <p className="fault" role="alert">
          {setup.error && !asProblem(setup.error).errors ? asProblem(setup.error).detail : ''}
        </p>
        <Button type="submit" loading={setup.isPending}>
          Open the kitchen
        </Button>
      </form>
    </main>
  );
}
