/** How long a weight has to lie still before it records itself. */
const HOLD_MS = 1_500;

/** Lifted off so soon after, it may have been the wrong thing: that is asked. */
const REGRET_MS = 3_000;

/** Steps of the scale within which a weight that settles is still the same. */
const SAME_WITHIN = 2;

/** What the hand at the board is doing, as far as the scale tells. */
export type Hand =
  | { phase: 'idle' }
  | { phase: 'holding'; mass_mg: number; since: number }
  | { phase: 'taken'; at: number };

export const IDLE: Hand = { phase: 'idle' };

export type Seen = {
  /** A steady weight that may be recorded; null while nothing lies there, or it moves, or was recorded. */
  mass_mg: number | null;
  resolution_mg: number;
  /** Nothing lies on the scale. */
  empty: boolean;
  /** What comes next is certain, and nothing waits for a hand. */
  certain: boolean;
  now: number;
};

/** One look at the scale: what the hand is doing now, and whether to record, or to ask whether it was meant. */
export function watch(hand: Hand, seen: Seen): [Hand, 'record' | 'ask' | null] {
  if (hand.phase === 'taken') {
    if (seen.now - hand.at > REGRET_MS) {
      return [IDLE, null];
    }
    return seen.empty ? [IDLE, 'ask'] : [hand, null];
  }
  if (!seen.certain || seen.mass_mg === null) {
    return [IDLE, null];
  }
  if (hand.phase === 'holding' && Math.abs(seen.mass_mg - hand.mass_mg) <= SAME_WITHIN * seen.resolution_mg) {
    return seen.now - hand.since >= HOLD_MS ? [{ phase: 'taken', at: seen.now }, 'record'] : [hand, null];
  }
  return [{ phase: 'holding', mass_mg: seen.mass_mg, since: seen.now }, null];
}
