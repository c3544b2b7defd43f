import { describe, expect, it } from 'vitest';
import { left, span } from './DishTimer';

describe('a time in words', () => {
  it.each([
    [0, '0 min'],
    [29, '0 min'],
    [31, '1 min'],
    [240, '4 min'],
    [3600, '1 h'],
    [7800, '2 h 10 min'],
    [86_400, '1 d'],
    [97_200, '1 d 3 h'],
    [-50, '0 min'],
  ])('%i seconds are %s', (seconds, text) => {
    expect(span(seconds)).toBe(text);
  });

  it('says how much is left, and how much is over', () => {
    const clock = { from: 0, early: 600, due: 1500, late: 3600, now: 300 };
    expect(left(clock)).toBe('20 min left');
    expect(left({ ...clock, now: 1680 })).toBe('3 min over');
  });
});
