import { describe, expect, it } from 'vitest';
import { drawnAt, laidOut, movedTo } from './drill';

describe('a step is moved', () => {
  const list = ['a', 'b', 'c', 'd'];

  it('down, up, and to where it is', () => {
    expect(movedTo(list, 0, 2)).toEqual(['b', 'c', 'a', 'd']);
    expect(movedTo(list, 3, 0)).toEqual(['d', 'a', 'b', 'c']);
    expect(movedTo(list, 1, 1)).toEqual(list);
  });

  it('no further than the ends, and nothing is lost', () => {
    expect(movedTo(list, 1, 9)).toEqual(['a', 'c', 'd', 'b']);
    expect(movedTo(list, 1, -3)).toEqual(['b', 'a', 'c', 'd']);
    expect(movedTo(list, 7, 0)).toEqual(list);
    expect(movedTo([], 0, 0)).toEqual([]);
  });
});

describe('a drawing to scale', () => {
  it('is at its true size where it fits, and else a whole part of it', () => {
    expect(drawnAt([10, 4], 38, [600, 300])).toBe(38);
    expect(drawnAt([16, 4], 38, [600, 300])).toBe(19);
    expect(drawnAt([4, 16], 38, [600, 300])).toBeCloseTo(38 / 3);
    expect(drawnAt([52, 20], 38, [600, 300])).toBe(9.5);
    expect(drawnAt([0, 0], 38, [600, 300])).toBe(38);
  });

  it('shows a piece from above and from the side, along or across, as large as it is', () => {
    const outline = [
      [0, 10, 20],
      [4, 12, 30],
    ];
    const along = laidOut(outline, false);
    expect(along.box).toEqual([4, 12 + 0.8 + 3]);
    expect(along.above).toContainEqual([4, 12]);
    expect(along.side).toContainEqual([4, 12.8]);
    const across = laidOut(outline, true);
    expect(across.box).toEqual([15.8, 4]);
    expect(across.above).toContainEqual([12, 4]);
  });
});
