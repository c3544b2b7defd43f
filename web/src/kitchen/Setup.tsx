import { Button, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, asProblem, faultAt } from '../api/client';
import { Chips } from '../ui/Chips';

/** The first run: the kitchen's name, its currency and units, and the head chef. */
export function Setup() {
  const queries = useQueryClient();
  const setup = api.useMutation('post', '/kitchen/setup', {
    onSuccess: (data) => queries.setQueryData(api.queryOptions('get', '/kitchen').queryKey, data),
  });
  const [form, setForm] = useState({
    kitchen: '',
    name: '',
    pin: '',
    currency: 'EUR',
    units: 'metric' as 'metric' | 'us',
  });
  const field = (name: 'kitchen' | 'name' | 'pin' | 'currency') => ({
    value: form[name],
    onChange: (event: { currentTarget: { value: string } }) => {
      const { value } = event.currentTarget;
      setForm((f) => ({ ...f, [name]: name === 'currency' ? value.toUpperCase() : value }));
    },
    error: faultAt(setup.error, `/${name}`),
  });

  return (
    <main className="sheet">
      <h1>A new kitchen</h1>
      <p>Before anything is weighed, Sectum needs to know whose kitchen this is and who its head chef is.</p>
      <form
        className="setup"
        onSubmit={(event) => {
          event.preventDefault();
          setup.mutate({ body: form });
        }}
      >
        <TextInput label="Name of the kitchen" {...field('kitchen')} />
        <TextInput label="Your name, head chef" {...field('name')} />
        <TextInput
          label="Your PIN, four to eight digits"
          type="password"
          inputMode="numeric"
          autoComplete="off"
          {...field('pin')}
        />
        <TextInput label="Currency, three letters" {...field('currency')} />
        <Chips
          legend="Weights are read in"
          name="units"
          value={form.units}
          options={[
            { value: 'metric', label: 'Grams' },
            { value: 'us', label: 'Pounds and ounces' },
          ]}
          onChange={(units) => setForm((f) => ({ ...f, units }))}
        />
        {setup.error && !asProblem(setup.error).errors && (
          <p className="fault" role="alert">
            {asProblem(setup.error).detail}
          </p>
        )}
        <Button type="submit" loading={setup.isPending}>
          Open the kitchen
        </Button>
      </form>
    </main>
  );
}
