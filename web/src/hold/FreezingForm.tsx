import { Button, Checkbox, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useState } from 'react';
import { ulid } from 'ulid';
import { asProblem, type FreezingRuns, faultAt } from '../api/client';
import { t } from '../lang';
import { Chips } from '../ui/Chips';
import { look } from '../ui/look';
import { usePut } from '../ui/usePut';
import css from './FreezingForm.module.css';
import { keyOf, named, useReady } from './useReady';

type Code = FreezingRuns['rules'][number]['code'];

/** What a rule asks is chosen first: nobody can make a record meet one afterwards. */
export function FreezingForm({ runs, onBegun }: { runs: FreezingRuns; onBegun: (id: string) => void }) {
  const [id] = useState(ulid);
  const [place, setPlace] = useState(runs.places[0]?.id ?? '');
  const [purpose, setPurpose] = useState<'raw' | 'keep'>('raw');
  const [rules, setRules] = useState<Code[]>(['eu-20-24h']);
  const [probe, setProbe] = useState(true);
  const [thick, setThick] = useState<number | ''>('');
  const [wrap, setWrap] = useState<'none' | 'once' | 'twice'>('twice');
  const [loaded, setLoaded] = useState('');
  const [chosen, setChosen] = useState<string[]>([]);
  const begin = usePut('freezing', '/hold/freezing/{freezing}', { onSuccess: () => onBegun(id) });
  const { data: ready } = useReady();
  const where = runs.places.find((one) => one.id === place);
  if (runs.places.length === 0) {
    return <p className={look.empty}>{t('freezing.set-up-a-freezer')}</p>;
  }
  const toggle = <T,>(all: T[], one: T) => (all.includes(one) ? all.filter((x) => x !== one) : [...all, one]);
  return (
    <form
      className={css.intoForm}
      onSubmit={(event) => {
        event.preventDefault();
        begin.mutate({
          params: { path: { freezing: id } },
          body: {
            place,
            purpose,
            ...(purpose === 'raw' ? { rules } : {}),
            core_probe: probe && where?.probe_free === true,
            wrap,
            ...(thick === '' ? {} : { thick_mm: thick }),
            ...(loaded === '' ? {} : { loaded_at: loaded }),
            items: (ready ?? []).filter((one) => chosen.includes(keyOf(one))).map(named),
          },
        });
      }}
    >
      <h2>{t('freezing.start')}</h2>
      <Chips
        legend={t('freezing.what-for')}
        name="purpose"
        value={purpose}
        inline
        options={[
          { value: 'raw', label: t('freezing.raw-service') },
          { value: 'keep', label: t('freezing.to-keep-longer') },
        ]}
        onChange={setPurpose}
      />
      {purpose === 'raw' && (
        <fieldset className={css.rules}>
          <legend>{t('freezing.which-rules')}</legend>
          {runs.rules.map((rule) => (
            <Checkbox
              key={rule.code}
              label={rule.text}
              checked={rules.includes(rule.code)}
              onChange={() => setRules((all) => toggle(all, rule.code))}
            />
          ))}
          {rules.some((code) => runs.rules.find((rule) => rule.code === code)?.core) && !probe && (
            <p className={look.caution}>{t('freezing.wants-a-core-probe')}</p>
          )}
        </fieldset>
      )}
      <div className={css.intoPair}>
        <NativeSelect
          label={t('freezing.where')}
          value={place}
          data={runs.places.map((one) => ({ value: one.id, label: one.name }))}
          error={faultAt(begin.error, '/place')}
          onChange={(event) => setPlace(event.currentTarget.value)}
        />
        <TextInput
          type="datetime-local"
          label={t('freezing.went-in')}
          value={loaded}
          error={faultAt(begin.error, '/loaded_at')}
          onChange={(event) => setLoaded(event.target.value)}
        />
        <NumberInput
          label={t('freezing.thickest-mm')}
          value={thick}
          min={1}
          max={500}
          onChange={(value) => setThick(value === '' ? '' : Number(value))}
        />
        <NativeSelect
          label={t('freezing.wrapped')}
          value={wrap}
          data={[
            { value: 'none', label: t('freezing.not-wrapped') },
            { value: 'once', label: t('freezing.wrapped-once') },
            { value: 'twice', label: t('freezing.wrapped-twice') },
          ]}
          onChange={(event) => setWrap(event.currentTarget.value as typeof wrap)}
        />
      </div>
      <Checkbox
        label={where?.probe_free === false ? t('freezing.probe-taken') : t('freezing.probe-in-the-thickest')}
        disabled={where?.probe_free === false}
        checked={probe && where?.probe_free !== false}
        error={faultAt(begin.error, '/core_probe')}
        onChange={(event) => setProbe(event.currentTarget.checked)}
      />
      <fieldset className={css.intoReady}>
        <legend>{t('freezing.what-goes-in')}</legend>
        {ready?.length === 0 && <p className={look.soft}>{t('freezing.nothing-ready')}</p>}
        {ready?.map((one) => (
          <Checkbox
            key={keyOf(one)}
            label={`${one.name} · ${one.detail}`}
            checked={chosen.includes(keyOf(one))}
            onChange={() => setChosen((all) => toggle(all, keyOf(one)))}
          />
        ))}
      </fieldset>
      {begin.error && (
        <p className={look.fault} role="alert">
          {asProblem(begin.error).detail}
        </p>
      )}
      <Button type="submit" disabled={chosen.length === 0 || begin.isPending}>
        {t('freezing.begin', { count: chosen.length })}
      </Button>
      <p className={look.soft}>{runs.check}</p>
    </form>
  );
}
