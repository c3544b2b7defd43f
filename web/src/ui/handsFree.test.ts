import { describe, expect, test } from 'vitest';
import { type Hand, IDLE, type Seen, watch } from './handsFree';

const at = (now: number, more: Partial<Seen> = {}): Seen => ({
  mass_mg: 500_000,
  resolution_mg: 5_000,
  empty: false,
  certain: true,
  now,
  ...more,
});

/** A row of looks at the scale, and what came of each. */
function play(looks: Seen[]): (string | null)[] {
  let hand: Hand = IDLE;
  return looks.map((seen) => {
    const [next, event] = watch(hand, seen);
    hand = next;
    return event;
  });
}

describe('a weight that records itself', () => {
  test('after it lay still for a second and a half, once', () => {
    expect(play([at(0), at(1_000), at(1_499), at(1_500), at(2_000)])).toEqual([null, null, null, 'record', null]);
  });

  test('a step of the scale up or down is the same weight, three are not', () => {
    expect(play([at(0), at(750, { mass_mg: 510_000 }), at(1_500)])).toEqual([null, null, 'record']);
    expect(play([at(0), at(750, { mass_mg: 515_000 }), at(1_500, { mass_mg: 515_000 })])).toEqual([null, null, null]);
  });

  test('never while it moves, or while what comes next is not certain', () => {
    expect(play([at(0), at(800, { mass_mg: null }), at(1_600), at(3_099)])).toEqual([null, null, null, null]);
    expect(play([at(0, { certain: false }), at(1_500, { certain: false }), at(3_000)])).toEqual([null, null, null]);
  });

  test('lifted off within three seconds it is asked about, later not', () => {
    const off = { mass_mg: null, empty: true };
    expect(play([at(0), at(1_500), at(4_500, off)])).toEqual([null, 'record', 'ask']);
    expect(play([at(0), at(1_500), at(4_501, off)])).toEqual([null, 'record', null]);
    expect(play([at(0), at(1_500), at(1_600, { mass_mg: null }), at(3_000, off)])).toEqual([
      null,
      'record',
      null,
      'ask',
    ]);
  });

  test('asked once, and the next weight starts anew', () => {
    const off = { mass_mg: null, empty: true };
    expect(play([at(0), at(1_500), at(2_000, off), at(2_250, off), at(2_500), at(4_000)])).toEqual([
      null,
      'record',
      'ask',
      null,
      null,
      'record',
    ]);
  });
});
