import { Autocomplete, Button, NativeSelect, TextInput, UnstyledButton } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import cx from 'clsx';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, asProblem, faultAt, type HouseSettings } from '../api/client';
import { t } from '../lang';
import { look } from '../ui/look';
import { HouseRooms } from './HouseRooms';
import css from './SettingsScreen.module.css';

type Rule = HouseSettings['stages'][number]['rules'][number];

const STAGES: Record<HouseSettings['stages'][number]['stage'], string> = {
  house: t('settings.the-house'),
  scale: t('settings.scale-and-probe'),
  plan: t('settings.plan'),
  receive: t('settings.receive'),
  breakdown: t('settings.break-down'),
  portion: t('settings.portion'),
  route: t('settings.route'),
  hold: t('settings.hold'),
  cost: t('settings.cost'),
  practise: t('settings.practise'),
};

/** Every setting of the house in one column, by stage: what it is, what it came as, who changed it when. */
export function SettingsScreen() {
  const { data, error } = api.useQuery('get', '/kitchen/settings', {}, { staleTime: 0 });
  const [editing, setEditing] = useState<string | null>(null);
  if (error) {
    return (
      <section className={look.sheet}>
        <h1>{t('settings.settings')}</h1>
        <p role="alert">{asProblem(error).detail}</p>
      </section>
    );
  }
  return (
    <section className={cx(look.sheet, look.wide, 'settings')}>
      <HouseRooms />
      <div>
        <h1>{t('settings.settings')}</h1>
        <p className={css.soft}>
          {t('settings.the-default-stands-beside-each-bin')} <Link to="/route/house">{t('settings.house-rules')}</Link>
          {t('settings.trays-under')} <Link to="/breakdown/trays">{t('settings.trays')}</Link>
          {t('settings.check-limits-and-dates-with-your')}
        </p>
      </div>
      {data?.stages.map((stage) => (
        <section key={stage.stage} aria-label={STAGES[stage.stage]}>
          <h2>{STAGES[stage.stage]}</h2>
          <ul className={css.rules}>
            {stage.rules.map((rule) => (
              <li key={rule.key}>
                {editing === rule.key ? (
                  <RuleForm rule={rule} zones={data.zones} onDone={() => setEditing(null)} />
                ) : (
                  <UnstyledButton
                    className={css.ruleRow}
                    aria-label={t('settings.edit', { rule: rule.name, shown: rule.shown || t('settings.not-set') })}
                    onClick={() => setEditing(rule.key)}
                  >
                    <span>{rule.name}</span>
                    <b className={rule.changed ? '' : css.soft}>{rule.shown || t('settings.not-set')}</b>
                    <span className={css.soft}>
                      {rule.shown === rule.default
                        ? ''
                        : t('settings.default-2', { value: rule.default || t('settings.not-set') })}
                      {rule.source}
                    </span>
                    <span className={cx(css.soft, 'who')}>{rule.changed ?? ''}</span>
                  </UnstyledButton>
                )}
              </li>
            ))}
          </ul>
        </section>
      ))}
    </section>
  );
}

function RuleForm({ rule, zones, onDone }: { rule: Rule; zones: string[]; onDone: () => void }) {
  const queries = useQueryClient();
  const isChosen = rule.kind === 'choice' || rule.kind === 'truth';
  const [value, setValue] = useState(isChosen ? rule.value : rule.shown);
  const store = api.useMutation('put', '/kitchen/settings/{rule}', {
    onSuccess: (data) => {
      queries.setQueryData(api.queryOptions('get', '/kitchen/settings').queryKey, data);
      queries.invalidateQueries();
      onDone();
    },
    onError: () => queries.invalidateQueries({ queryKey: ['get', '/kitchen/settings'] }),
  });
  const fault = faultAt(store.error, '/value') ?? (store.error ? asProblem(store.error).detail : undefined);
  return (
    <form
      className={css.ruleForm}
      onSubmit={(event) => {
        event.preventDefault();
        store.mutate({ params: { path: { rule: rule.key } }, body: { value, was: rule.value } });
      }}
    >
      {isChosen ? (
        <NativeSelect
          label={rule.name}
          data={
            rule.kind === 'truth'
              ? [
                  { value: '0', label: t('settings.no') },
                  { value: '1', label: t('settings.yes') },
                ]
              : rule.choices.map((choice) => ({ value: choice.value, label: choice.name }))
          }
          value={value}
          error={fault}
          onChange={(event) => setValue(event.currentTarget.value)}
        />
      ) : rule.kind === 'zone' ? (
        <Autocomplete label={rule.name} data={zones} limit={8} value={value} error={fault} onChange={setValue} />
      ) : (
        <TextInput
          label={rule.name}
          value={value}
          error={fault}
          autoFocus
          onChange={(event) => setValue(event.currentTarget.value)}
        />
      )}
      <div className={css.row}>
        <Button type="submit" loading={store.isPending}>
          {t('settings.save')}
        </Button>
        <Button variant="default" onClick={onDone}>
          {t('settings.cancel')}
        </Button>
      </div>
      <p className={css.soft}>
        {t('settings.default', { default: rule.default || t('settings.not-set'), source: rule.source })}
      </p>
    </form>
  );
}
