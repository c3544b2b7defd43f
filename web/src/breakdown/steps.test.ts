import { describe, expect, it } from 'vitest';
import { stepOf } from './steps';

const steps = ['gut', 'open', 'turn', 'ribs', 'turn'].map((action) => ({ action }));

describe('the step a shortfall belongs to', () => {
  it('is the first of its kinds that the method has, likeliest kind first', () => {
    expect(stepOf(['open', 'turn'], steps)).toBe(1);
    expect(stepOf(['turn', 'open'], steps)).toBe(2);
    expect(stepOf(['pins', 'ribs'], steps)).toBe(3);
  });

  it('is none when the method has no such step', () => {
    expect(stepOf(['skin'], steps)).toBe(-1);
    expect(stepOf([], steps)).toBe(-1);
  });
});
