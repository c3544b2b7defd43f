/** Steps of the scale within which a weight that was recorded is still the same weight. */
const SAME_WITHIN = 2;

/** Whether what the scale shows is still what was recorded: as heavy, and not moving. */
export function isSpent(
  recordedMg: number,
  shown: { mass_mg: number; resolution_mg: number; steady: boolean },
): boolean {
  return shown.steady && Math.abs(shown.mass_mg - recordedMg) <= SAME_WITHIN * shown.resolution_mg;
}

/** An answer is overtaken by so much at most; further back, the kitchen computer's clock was set. */
const OVERTAKEN_MS = 5_000;

/** Of two looks at the scale the later one, whichever was answered first. */
export function later(before: unknown, now: unknown): unknown {
  const at = (look: unknown) => (look as { at_ms?: number } | undefined)?.at_ms ?? 0;
  const behind = at(before) - at(now);
  return behind > 0 && behind < OVERTAKEN_MS ? before : now;
}
