import { describe, expect, it } from 'vitest';
import { points } from './points';
import { asAsked, sought } from './sought';

describe('points of yield', () => {
  it('carry their sign, and none where they round to nothing', () => {
    expect([1.24, -0.35, 0.04, -0.04, 0].map((one) => points(one))).toEqual(['+1.2', '−0.3', '±0', '±0', '±0']);
    expect(points(-0.046, 2)).toBe('−0.05');
  });
});

describe('what is sought', () => {
  it('takes from the address what the log is asked by, and nothing else', () => {
    const search = new URLSearchParams('species=A,B&page=3&seek=1&sort=below&from=&by=cutter&evil=1');
    expect(sought(search, 'over 3 kg')).toEqual({ q: 'over 3 kg', species: 'A,B' });
    expect(sought(new URLSearchParams(), '')).toEqual({});
  });

  it('keeps all of it but the page when a page is turned', () => {
    expect(asAsked(new URLSearchParams('q=hake&page=3&sort=below'))).toBe('q=hake&sort=below');
  });
});
