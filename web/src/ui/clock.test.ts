import { describe, expect, it } from 'vitest';
import { minutes, running } from './clock';

describe('minutes and seconds', () => {
  it.each([
    [0, '0:00'],
    [9.9, '0:09'],
    [60, '1:00'],
    [125, '2:05'],
    [3_600, '60:00'],
  ])('%d s are %s', (seconds, shown) => {
    expect(minutes(seconds)).toBe(shown);
  });
});

describe('a running clock', () => {
  const begun = 1_700_000_000_000;

  it('counts on', () => {
    expect(running(begun, begun + 65_000)).toBe('1:05');
  });

  it('shows nothing once somebody was called away: after an hour and a half', () => {
    expect(running(begun, begun + 5_399_000)).toBe('89:59');
    expect(running(begun, begun + 5_400_000)).toBeNull();
  });

  it('never counts backwards when this computer’s clock is behind', () => {
    expect(running(begun, begun - 4_000)).toBe('0:00');
  });
});
