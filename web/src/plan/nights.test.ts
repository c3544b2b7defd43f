import { expect, test } from 'vitest';
import { shortOn } from './nights';

test('a chance is said as so many nights, and the ends in words of their own', () => {
  const said = [
    { times: null, nights: 1000, pct: 0.01 },
    { times: 1, nights: 185, pct: 0.54 },
    { times: 7, nights: 20, pct: 35 },
    { times: 1, nights: 1, pct: 100 },
  ].map((one) => shortOn(one, 1));
  expect(new Set(said).size).toBe(4);
  expect(said[1]).toContain('185');
  expect(said[2]).toContain('7 nights in 20');
  expect(shortOn({ times: 1, nights: 40, pct: 2.5 }, 4)).toContain('1 time in 40');
});
