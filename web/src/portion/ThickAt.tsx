import { TextInput } from '@mantine/core';
import { t } from '../lang';
import css from './PlannerScreen.module.css';

export type Mark = { at: string; thick: string };

const PLACES = [0, 1, 2];

type Props = { marks: Mark[]; onMarks: (marks: Mark[]) => void; fault: (pointer: string) => string | undefined };

/** Up to three places where somebody laid a ruler or a calliper: where, and how thick it is there. */
export function ThickAt({ marks, onMarks, fault }: Props) {
  const set = (i: number, more: Partial<Mark>) =>
    onMarks(PLACES.map((place) => ({ at: '', thick: '', ...marks[place], ...(place === i ? more : {}) })));
  return (
    <details open={marks.some((mark) => mark.at || mark.thick)}>
      <summary>{t('thickAt.measured')}</summary>
      {PLACES.map((i) => (
        <div className={css.pair} key={i}>
          <TextInput
            label={t('thickAt.at', { nth: i + 1 })}
            placeholder={t('thickAt.12-cm')}
            value={marks[i]?.at ?? ''}
            error={fault(`/thick_at/${i}/at`)}
            onChange={(event) => set(i, { at: event.currentTarget.value })}
          />
          <TextInput
            label={t('thickAt.thick')}
            placeholder={t('thickAt.30-mm')}
            value={marks[i]?.thick ?? ''}
            error={fault(`/thick_at/${i}/thick`)}
            onChange={(event) => set(i, { thick: event.currentTarget.value })}
          />
        </div>
      ))}
    </details>
  );
}
