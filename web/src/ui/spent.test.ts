import { describe, expect, it } from 'vitest';
import { isSpent, later } from './spent';

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

describe('of two looks at the scale', () => {
  it('the later one stays, whichever was answered first', () => {
    expect(later({ at_ms: 2_000 }, { at_ms: 1_900 })).toEqual({ at_ms: 2_000 });
    expect(later({ at_ms: 1_900 }, { at_ms: 2_000 })).toEqual({ at_ms: 2_000 });
    expect(later(undefined, { at_ms: 5 })).toEqual({ at_ms: 5 });
  });
  it('a clock that was set back is believed', () => {
    expect(later({ at_ms: 60_000 }, { at_ms: 10 })).toEqual({ at_ms: 10 });
  });
});
