import { beforeEach, describe, expect, it } from 'vitest';
import { hear, heard, ring } from './nowAlarm';

describe('what is due', () => {
  beforeEach(() => localStorage.clear());

  it('is called until a hand answers, on this tablet and after a reload', () => {
    expect(heard('treating 1')).toBe(false);
    hear('treating 1');
    hear('treating 1');
    expect(heard('treating 1')).toBe(true);
    expect(JSON.parse(localStorage.getItem('sectum.heard') ?? '')).toEqual(['treating 1']);
  });

  it('forgets the oldest, and whatever else wrote there', () => {
    for (let i = 0; i < 70; i++) {
      hear(`thing ${i}`);
    }
    expect([heard('thing 9'), heard('thing 10'), heard('thing 69')]).toEqual([false, true, true]);
    localStorage.setItem('sectum.heard', '{"no": "list"}');
    expect(heard('thing 69')).toBe(false);
    localStorage.setItem('sectum.heard', 'no json');
    expect(heard('thing 69')).toBe(false);
  });

  it('breaks nothing where there is no sound', () => {
    expect(() => ring()).not.toThrow();
  });
});
