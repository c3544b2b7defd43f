import { describe, expect, it } from 'vitest';
import { concerns } from './together';

const FISH = '01JDZZZZZZZZZZZZZZZZZZZ001';
const OTHER = '01JDZZZZZZZZZZZZZZZZZZZ002';
const bench = (fish: string) => ['get', '/breakdown/fish/{fish}', { params: { path: { fish } } }];

describe('what was written on another tablet', () => {
  it.each([
    ['one fish: its own bench', bench(FISH), true],
    ['one fish: the bench of another', bench(OTHER), false],
    ['one fish: a list', ['get', '/spine', {}], true],
    ['one fish: the scale', ['get', '/scale'], false],
  ])('%s', (_, key, looks) => {
    expect(concerns({ everything: false, fish: [FISH] }, key)).toBe(looks);
  });

  it('of a dish or a setting concerns every bench, and still not the scale', () => {
    expect(concerns({ everything: true, fish: [] }, bench(OTHER))).toBe(true);
    expect(concerns({ everything: true, fish: [] }, ['get', '/probe'])).toBe(false);
  });
});
