import { describe, expect, it } from 'vitest';
import { along, axisOf, hourOf, lanes, minuteAt, minuteOf } from './prepTime';

describe('the time of a prep plan', () => {
  it('says a minute of the day as an hour, and reads it back', () => {
    expect([0, 545, 1439].map(hourOf)).toEqual(['00:00', '09:05', '23:59']);
    expect(hourOf(1500)).toBe('01:00 +1');
    expect(['09:05', '23:59'].map(minuteOf)).toEqual([545, 1439]);
    expect(['9:5', '24:00', ''].map(minuteOf)).toEqual([null, null, null]);
    for (let minute = 0; minute < 1440; minute += 7) {
      expect(minuteOf(hourOf(minute))).toBe(minute);
    }
  });

  it('spans whole hours over shifts, tasks and services, four hours at least and a day at most', () => {
    const task = { start: 500, end: 530, clean_from: 470 };
    expect(axisOf([{ from: 540, to: 1020 }], [task], [1140])).toEqual({ from: 420, to: 1200 });
    expect(axisOf([{ from: 540, to: 600 }], [], [])).toEqual({ from: 540, to: 780 });
    expect(axisOf([{ from: 540, to: 1020 }], [{ start: 600, end: 4000, clean_from: null }], []).to).toBe(540 + 1440);
    expect(axisOf([], [], [])).toEqual({ from: 480, to: 1080 });
  });

  it('lays minutes along the axis and finds them again in steps of five', () => {
    const axis = { from: 480, to: 1080 };
    expect([480, 780, 2000, 0].map((minute) => along(axis, minute))).toEqual([0, 50, 100, 0]);
    for (const minute of [480, 485, 800, 1075]) {
      expect(minuteAt(axis, along(axis, minute) / 100)).toBe(minute);
    }
    expect([minuteAt(axis, -1), minuteAt(axis, 2), minuteAt({ from: 900, to: 1500 }, 1)]).toEqual([480, 1080, 1439]);
  });

  it('puts what runs at the same time on lines of its own, and no more of them than needed', () => {
    const things = [
      { start: 30, end: 50 },
      { start: 0, end: 30 },
      { start: 10, end: 20 },
      { start: 20, end: 60 },
    ];
    const found = lanes(things);
    expect(found.map((lane) => lane.map((one) => one.start))).toEqual([
      [0, 30],
      [10, 20],
    ]);
    expect(found.flat()).toHaveLength(things.length);
  });
});
