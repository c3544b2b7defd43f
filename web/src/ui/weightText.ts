import type { Weight } from '../api/client';

/** A weight as it was put in, for as long as nobody has read it: "1515 g" off the scale, or what was typed. */
export function weightText(weight: Weight): string {
  return weight.typed ?? `${(weight.pan?.mass_mg ?? 0) / 1000} g`;
}
