import { Autocomplete, Button, NativeSelect, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { api, asProblem, faultAt } from '../api/client';
import { signedIn } from '../api/session';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { useDraft } from '../ui/useDraft';
import { Languages } from './Languages';
import { PinField } from './PinField';
import css from './Setup.module.css';

const HOURS = Array.from({ length: 12 }, (_, hour) => ({
  value: String(hour),
  label: hour === 0 ? 'midnight' : `${hour}:00`,
}));

type Units = 'metric' | 'us';

/** What a bench scale usually is, in the units it is read in. */
const SCALES = {
  metric: { scale_step: t('setup.5-g'), scale_most: t('setup.15-kg') },
  us: { scale_step: t('setup.0-1-oz'), scale_most: t('setup.30-lb') },
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
      void signedIn();
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
    <main className={css.firstRun}>
      <header>
        <h1>{t('setup.a-new-kitchen')}</h1>
        <p className={look.soft}>{t('setup.five-questions-and-the-first-fish')}</p>
        <Languages />
      </header>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          setup.mutate({ body: { ...form, pin, day_ends: Number(form.day_ends) } });
        }}
      >
        <fieldset>
          <legend>{t('setup.1-whose-kitchen-is-it')}</legend>
          <TextInput
            label={t('setup.name-of-the-kitchen')}
            placeholder={t('setup.as-it-stands-on-labels-and')}
            {...field('kitchen')}
          />
        </fieldset>
        <fieldset>
          <legend>{t('setup.2-who-is-head-chef')}</legend>
          <div className={css.pair}>
            <TextInput label={t('setup.your-name')} {...field('name')} />
            <PinField
              label={t('setup.your-pin-best-six-digits')}
              value={pin}
              onChange={(value) => setPin({ pin: value })}
              error={faultAt(setup.error, '/pin')}
            />
          </div>
        </fieldset>
        <fieldset>
          <legend>{t('setup.3-where-does-its-clock-stand')}</legend>
          <div className={css.pair}>
            <Autocomplete
              label={t('setup.time-zone')}
              data={Intl.supportedValuesOf('timeZone')}
              limit={8}
              value={form.timezone}
              onChange={(timezone) => setForm({ ...form, timezone })}
              error={faultAt(setup.error, '/timezone')}
            />
            <NativeSelect label={t('setup.a-kitchen-day-ends-at')} data={HOURS} {...field('day_ends')} />
          </div>
          <p className={look.soft}>{t('setup.a-service-that-goes-on-past')}</p>
        </fieldset>
        <fieldset>
          <legend>{t('setup.4-what-does-it-count-in')}</legend>
          <div className={css.pair}>
            <TextInput label={t('setup.currency-three-letters')} maxLength={3} {...field('currency')} />
            <Chips
              legend={t('setup.weights-are-read-in')}
              name="units"
              value={form.units}
              options={[
                { value: 'metric', label: t('setup.grams') },
                { value: 'us', label: t('setup.pounds-and-ounces') },
              ]}
              onChange={(units) => setForm({ ...form, units, ...SCALES[units] })}
            />
          </div>
        </fieldset>
        <fieldset>
          <legend>{t('setup.5-which-scale-stands-at-the')}</legend>
          <div className={css.pair}>
            <TextInput label={t('setup.it-shows-steps-of')} {...field('scale_step')} />
            <TextInput label={t('setup.it-weighs-up-to')} {...field('scale_most')} />
          </div>
          <p className={look.soft}>{t('setup.weights-are-typed-until-its-address')}</p>
        </fieldset>
        <p className={look.fault} role="alert">
          {setup.error && !asProblem(setup.error).errors ? asProblem(setup.error).detail : ''}
        </p>
        <Button type="submit" loading={setup.isPending}>
          {t('setup.open-the-kitchen')}
        </Button>
      </form>
    </main>
  );
}
