import { describe, expect, it } from 'vitest';
import type { Line } from '../api/client';
import { lineOf, nextFish, stillToCome, wanting, weighedIn } from './atTheDoor';

type Fish = Line['fish'][number];

const fish = (over: Partial<Fish> = {}) =>
  ({
    id: 'f1',
    number: 12,
    count: 1,
    tag: null,
    verdict: 'accept',
    mass: { mg: 1 },
    by: null,
    at: '10:05',
    ...over,
  }) as Fish;

const line = (count: number | null, received: number, over: object = {}) =>
  ({
    id: 'l1',
    species: { id: 's', name: 'Hake' },
    count,
    received_count: received,
    fish: Array.from({ length: received }, () => fish()),
    ...over,
  }) as Line;

describe('a line that wants more', () => {
  it('does until as many are in as were invoiced', () => {
    expect([0, 1, 2, 3].map((received) => wanting(line(2, received)))).toEqual([true, true, false, false]);
  });

  it('does until the first is in when it was invoiced by weight', () => {
    expect([0, 1].map((received) => wanting(line(null, received)))).toEqual([true, false]);
  });

  it('counts what is weighed and not yet stored', () => {
    expect([wanting(line(2, 1), 1), wanting(line(3, 1), 1), wanting(line(null, 0), 1)]).toEqual([false, true, false]);
  });

  it('says how many are still to come', () => {
    expect(stillToCome(line(5, 3))).toContain('2 of 5');
    expect(stillToCome(line(null, 0))).toContain('No Hake');
  });
});

describe('what to do next at the door', () => {
  it('counts along while anything is wanted', () => {
    const one = line(2, 0);
    expect(nextFish([one], one, 1)).toContain('Hake 1 of 2');
  });

  it('says so when one more than invoiced comes while another line waits', () => {
    const full = line(2, 2);
    expect(nextFish([full, line(1, 0)], full, 3)).toContain('one more than invoiced');
  });

  it('sends to the fish nobody has inspected, then to the end', () => {
    const unseen = line(1, 1, { fish: [fish({ verdict: null })] });
    expect(nextFish([line(1, 1), unseen], unseen, 2)).toMatch(/^Inspect/);
    expect(nextFish([line(1, 1)], line(1, 1), 2)).toMatch(/Close the delivery/);
  });

  it('is nothing without a line', () => {
    expect(nextFish([], undefined, 0)).toBe('');
  });
});

describe('a fish among the readings', () => {
  it('is named with how many it stands for and its tag', () => {
    expect(weighedIn(fish(), line(1, 1)).name).toBe('Hake no. 12');
    expect(weighedIn(fish({ count: 9, tag: 'box 7' }), line(9, 9)).name).toBe('Hake no. 12, 9 fish, box 7');
  });
});

describe('the line one comes back from', () => {
  it.each([
    [{ line: 'l1' }, 'l1'],
    [{ line: 3 }, null],
    [{}, null],
    [null, null],
    ['l1', null],
  ])('%j: %s', (state, id) => {
    expect(lineOf(state)).toBe(id);
  });
});
