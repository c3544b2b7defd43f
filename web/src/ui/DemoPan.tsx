import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import { t } from '../lang';
import { look } from './look';
import type { usePan } from './usePan';

/** Only in the demo kitchen: the hand that puts something on the simulated scale. */
export function DemoPan({ pan }: { pan: ReturnType<typeof usePan> }) {
  const [mass, setMass] = useState('');
  return (
    <form
      className={look.demoPan}
      onSubmit={(event) => {
        event.preventDefault();
        if (mass.trim() !== '') {
          pan.put(mass);
        }
      }}
    >
      <p className={look.soft}>{t('demoPan.demo-your-hand-at-the-scale')}</p>
      <div className={look.row}>
        <TextInput
          aria-label={t('demoPan.put-on-the-scale')}
          placeholder={t('demoPan.520-g')}
          value={mass}
          autoComplete="off"
          onChange={(event) => setMass(event.target.value)}
        />
        <Button type="submit" variant="default">
          {t('demoPan.put-on')}
        </Button>
        <Button variant="default" onClick={pan.clear}>
          {t('demoPan.off')}
        </Button>
      </div>
      {pan.putFault && (
        <p className={look.fault} role="alert">
          {pan.putFault}
        </p>
      )}
    </form>
  );
}
