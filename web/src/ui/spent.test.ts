import { describe, expect, it } from 'vitest';
import { isSpent } from './spent';

const shown = (mass_mg: number, steady = true) => ({ mass_mg, steady, resolution_mg: 5_000 });

describe('a weight that was recorded', () => {
  it('is not recorded again while it lies there, a step or two more or less', () => {
    expect(isSpent(150_000, shown(150_000))).toBe(true);
    expect(isSpent(150_000, shown(160_000))).toBe(true);
    expect(isSpent(150_000, shown(140_000))).toBe(true);
  });
  it('is over as soon as something else lies there, or anything moves', () => {
    expect(isSpent(150_000, shown(165_000))).toBe(false);
    expect(isSpent(150_000, shown(0))).toBe(false);
    expect(isSpent(150_000, shown(150_000, false))).toBe(false);
  });
});
