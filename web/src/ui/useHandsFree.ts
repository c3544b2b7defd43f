import { useEffect, useRef, useState } from 'react';
import { type Hand, IDLE, watch } from './handsFree';
import type { usePan } from './usePan';

/** A steady weight records itself when what it is is certain; lifted off at once, it is asked about. */
export function useHandsFree(props: {
  pan: ReturnType<typeof usePan>;
  /** Switched on by this person, what comes next is certain, and no question is open. */
  certain: boolean;
  onRecord: () => void;
  onRegret: () => void;
}) {
  const { pan } = props;
  const hand = useRef<Hand>(IDLE);
  const latest = useRef(props);
  latest.current = props;
  const [holding, setHolding] = useState(false);
  const mass = pan.weight?.pan?.mass_mg ?? null;
  const { shown } = pan;
  useEffect(() => {
    const look = () => {
      const [next, event] = watch(hand.current, {
        mass_mg: mass,
        resolution_mg: shown?.resolution_mg ?? 1,
        empty: shown?.empty ?? false,
        certain: props.certain,
        now: Date.now(),
      });
      hand.current = next;
      setHolding(next.phase === 'holding');
      if (event === 'record') {
        sound();
        latest.current.onRecord();
      } else if (event === 'ask') {
        latest.current.onRegret();
      }
    };
    look();
    // Nothing can come of looking while what comes next is not certain and nothing was just taken.
    if (!props.certain && hand.current.phase !== 'taken') {
      return;
    }
    const again = setInterval(look, 100);
    return () => clearInterval(again);
  }, [mass, shown?.resolution_mg, shown?.empty, props.certain]);

  return { holding };
}

/** Two short notes, upwards; silent where the tablet has no voice. */
function sound() {
  try {
    const voice = new AudioContext();
    for (const [i, pitch] of [660, 880].entries()) {
      const note = voice.createOscillator();
      const loud = voice.createGain();
      loud.gain.value = 0.15;
      note.frequency.value = pitch;
      note.connect(loud).connect(voice.destination);
      note.start(voice.currentTime + i * 0.12);
      note.stop(voice.currentTime + i * 0.12 + 0.1);
    }
    setTimeout(() => voice.close(), 600);
  } catch {
    // A tablet without a voice still shows what was recorded.
  }
}
