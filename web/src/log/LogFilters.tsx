import { Select, TextInput } from '@mantine/core';
import type { LogChoices } from '../api/client';
import { t } from '../lang';
import css from './LogFilters.module.css';

const LISTS = [
  { key: 'species', label: t('log.species') },
  { key: 'state', label: t('log.as-purchased') },
  { key: 'supplier', label: t('log.supplier') },
  { key: 'cutter', label: t('log.cutter') },
  { key: 'method', label: t('log.method') },
  { key: 'answer', label: t('log.answer') },
  { key: 'dish', label: t('log.dish') },
] as const;

const FIELDS = [
  { key: 'from', label: t('log.from'), type: 'date' },
  { key: 'until', label: t('log.until'), type: 'date' },
  { key: 'over', label: t('log.over'), type: 'text' },
  { key: 'under', label: t('log.under'), type: 'text' },
  { key: 'lot', label: t('log.lot'), type: 'text' },
  { key: 'service', label: t('log.service'), type: 'text' },
] as const;

/** What the log can be asked by, chosen instead of typed. */
export function LogFilters(props: {
  choices: LogChoices;
  asked: URLSearchParams;
  onChoose: (key: string, value: string) => void;
}) {
  const { choices, asked, onChoose } = props;
  return (
    <fieldset className={css.logFilters}>
      <legend>{t('log.filter')}</legend>
      {LISTS.map(({ key, label }) => (
        <Select
          key={key}
          label={label}
          clearable
          searchable
          placeholder={t('log.any')}
          data={choices[key].map((one) => ({ value: one.id, label: one.name }))}
          value={asked.get(key)}
          onChange={(value) => onChoose(key, value ?? '')}
        />
      ))}
      {FIELDS.map(({ key, label, type }) => (
        <TextInput
          key={key}
          label={label}
          type={type}
          placeholder={key === 'service' ? t('log.service-like') : key === 'over' || key === 'under' ? '3 kg' : ''}
          defaultValue={asked.get(key) ?? ''}
          onBlur={(event) => onChoose(key, event.target.value.trim())}
          onKeyDown={(event) => {
            if (event.key === 'Enter') {
              onChoose(key, event.currentTarget.value.trim());
            }
          }}
        />
      ))}
    </fieldset>
  );
}
