import { useSyncExternalStore } from 'react';

/** Whether the kitchen computer is reached; while it is not, since when, and how old what is shown is. */
type Reach = { away: boolean; shownFrom: string | null };

let reach: Reach = { away: false, shownFrom: null };
const watching = new Set<() => void>();

function set(next: Reach) {
  if (next.away !== reach.away || next.shownFrom !== reach.shownFrom) {
    reach = next;
    for (const tell of watching) {
      tell();
    }
  }
}

/** An answer came; one that was kept from before says from when it is. */
export function answered(keptFrom: string | null) {
  set(keptFrom ? { away: true, shownFrom: keptFrom } : { away: false, shownFrom: null });
}

export function unanswered() {
  set({ away: true, shownFrom: reach.shownFrom });
}

const watch = (tell: () => void) => {
  watching.add(tell);
  return () => watching.delete(tell);
};

export function useReach(): Reach {
  return useSyncExternalStore(watch, () => reach);
}
