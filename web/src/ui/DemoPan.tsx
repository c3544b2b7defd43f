import { Button, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { usePan } from './usePan';

/** Only in the demo kitchen: the hand that puts something on the simulated scale. */
export function DemoPan({ pan }: { pan: ReturnType<typeof usePan> }) {
  const [mass, setMass] = useState('');
  return (
    <form
      className="demo-pan"
      onSubmit={(event) => {
        event.preventDefault();
        if (mass.trim() !== '') {
          pan.put(mass);
        }
      }}
    >
      <p className="soft">Demo: your hand at the scale</p>
      <div className="row">
        <TextInput
          aria-label="Put on the scale"
          placeholder="520 g"
          value={mass}
          autoComplete="off"
          onChange={(event) => setMass(event.target.value)}
        />
        <Button type="submit" variant="default">
          Put on
        </Button>
        <Button variant="default" onClick={pan.clear}>
          Off
        </Button>
      </div>
      {pan.putFault && (
        <p className="fault" role="alert">
          {pan.putFault}
        </p>
      )}
    </form>
  );
}
