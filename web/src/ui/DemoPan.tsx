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
        <input
          aria-label="Put on the scale"
          placeholder="520 g"
          value={mass}
          autoComplete="off"
          onChange={(event) => setMass(event.target.value)}
        />
        <button type="submit" className="quiet">
          Put on
        </button>
        <button type="button" className="quiet" onClick={pan.clear}>
          Off
        </button>
      </div>
      {pan.putFault && (
        <p className="fault" role="alert">
          {pan.putFault}
        </p>
      )}
    </form>
  );
}
