import { TextInput } from '@mantine/core';
import { t } from '../lang';
import css from './PlannerScreen.module.css';

export type Even = { count?: string; width?: string; medallion?: string; face?: string };

type Props = { even: Even; onEven: (even: Even) => void; fault: (pointer: string) => string | undefined };

/** Cut otherwise than to a weight: so many equal pieces, pieces of one width, or medallions of one thickness. */
export function EvenCuts({ even, onEven, fault }: Props) {
  return (
    <div className={css.pair}>
      <TextInput
        label={t('planner.into-equal-pieces')}
        placeholder="8"
        inputMode="numeric"
        value={even.count ?? ''}
        error={fault('/count')}
        onChange={(event) => onEven({ count: event.currentTarget.value })}
      />
      <TextInput
        label={t('planner.or-each-so-wide')}
        placeholder={t('planner.60-mm')}
        value={even.width ?? ''}
        error={fault('/width')}
        onChange={(event) => onEven({ width: event.currentTarget.value })}
      />
      <TextInput
        label={t('planner.or-medallions-so-thick')}
        placeholder={t('planner.30-mm')}
        value={even.medallion ?? ''}
        error={fault('/medallion')}
        onChange={(event) => onEven({ ...even, count: '', width: '', medallion: event.currentTarget.value })}
      />
      <TextInput
        label={t('planner.with-a-face-of-at-least')}
        placeholder="15"
        inputMode="decimal"
        value={even.face ?? ''}
        error={fault('/least_face_cm2')}
        onChange={(event) => onEven({ ...even, face: event.currentTarget.value })}
      />
    </div>
  );
}
