import { describe, expect, it } from 'vitest';
import { afterKey, isHouseLabel, whose } from './useScanner';

const NOTHING = { text: '', last: 0, field: null, before: '' };

/** Types a text with so many milliseconds between two keys, then Enter. */
function typed(text: string, gap: number) {
  let burst: ReturnType<typeof afterKey> = { ...NOTHING, scanned: false };
  let at = 1_000;
  for (const key of text) {
    burst = afterKey(burst, { typed: key, enter: false, at });
    at += gap;
  }
  return afterKey(burst, { typed: null, enter: true, at });
}

describe('a burst of keys', () => {
  it('is a label when it is long, fast and ends with Enter', () => {
    expect(typed('0195012345678903', 8)).toMatchObject({ scanned: true, text: '0195012345678903' });
  });
  it('is typing when it is short, however fast', () => {
    expect(typed('1515 g', 35).scanned).toBe(false);
    expect(typed('1515 g', 5).scanned).toBe(false);
  });
  it('is typing when a person’s pause is in it', () => {
    expect(typed('3 lb 5.25 oz', 60).scanned).toBe(false);
  });
  it('begins anew after a pause: what was typed before is no part of the label', () => {
    let burst: ReturnType<typeof afterKey> = afterKey(NOTHING, { typed: 'x', enter: false, at: 0 });
    for (const [i, key] of [...'01950123'].entries()) {
      burst = afterKey(burst, { typed: key, enter: false, at: 500 + 10 * i });
    }
    expect(afterKey(burst, { typed: null, enter: true, at: 580 })).toMatchObject({ scanned: true, text: '01950123' });
  });
});

describe('whose a label is', () => {
  const nobody = () => undefined;
  const house = { mine: isHouseLabel, hear: nobody };
  const door = { mine: (text: string) => !isHouseLabel(text), hear: nobody };

  it('a label of the house is the frame’s, a supplier’s the screen’s, whichever began to listen first', () => {
    for (const all of [
      [house, door],
      [door, house],
    ]) {
      expect(whose('sectum:pack:01M8F5X3TRM29X98AX78X9BQD9', all)).toBe(house);
      expect(whose(']Q3SECTUM:TUB:01M8F5X3TRM29X98AX78X9BQD9', all)).toBe(house);
      expect(whose(']C101095060001343528', all)).toBe(door);
    }
  });
  it('where only the house’s labels are heard, other fast keys are nobody’s', () => {
    expect(whose('18.60w', [house])).toBeUndefined();
    expect(whose('sec', [house])).toBe(house);
  });
});
