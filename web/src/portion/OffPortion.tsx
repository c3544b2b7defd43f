import { NativeSelect } from '@mantine/core';
import type { PortionBench } from '../api/client';
import { t } from '../lang';

/** What may come off a portion that is cut already. */
export const OFF_A_PORTION = ['skin', 'belly', 'pin-bones', 'dark-muscle', 'trim'];

type Props = {
  portions: PortionBench['portions'];
  /** What it comes off when no portion is named. */
  source: string;
  off: string | null;
  onOff: (portion: string | null) => void;
};

/** Whether a skin, a belly or bones come off the fillet or off a portion that is cut already. */
export function OffPortion({ portions, source, off, onOff }: Props) {
  return (
    portions.length > 0 && (
      <NativeSelect
        label={t('portion.taken-off')}
        value={off ?? ''}
        data={[{ value: '', label: source }, ...portions.map((one) => ({ value: one.piece, label: one.name }))]}
        onChange={(event) => onOff(event.currentTarget.value || null)}
      />
    )
  );
}
