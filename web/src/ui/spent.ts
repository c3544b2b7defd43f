/** Steps of the scale within which a weight that was recorded is still the same weight. */
const SAME_WITHIN = 2;

/** Whether what the scale shows is still what was recorded: as heavy, and not moving. */
export function isSpent(
  recordedMg: number,
  shown: { mass_mg: number; resolution_mg: number; steady: boolean },
): boolean {
  return shown.steady && Math.abs(shown.mass_mg - recordedMg) <= SAME_WITHIN * shown.resolution_mg;
}
