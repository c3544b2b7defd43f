import { useEffect, useState } from 'react';

/**
 * Seconds since 1970 by the kitchen computer's clock: what it said last, and what has gone by since. A tablet's own clock may be wrong;
 * after sleep it is asked anew.
 */
export function useNow(said: number | null | undefined): number {
  const [now, setNow] = useState(said ?? Date.now() / 1000);
  useEffect(() => {
    const heard = Date.now();
    const began = said ?? heard / 1000;
    const tick = () => setNow(began + (Date.now() - heard) / 1000);
    tick();
    const timer = setInterval(tick, 1000);
    return () => clearInterval(timer);
  }, [said]);
  return now;
}
