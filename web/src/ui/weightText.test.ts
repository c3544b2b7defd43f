import { describe, expect, it } from 'vitest';
import { weightText } from './weightText';

const pan = { mass_mg: 1_515_000, tare_mg: 0, resolution_mg: 1_000, steady: true };

describe('a weight nobody has read yet', () => {
  it('is shown as it was typed, whatever was typed', () => {
    expect(weightText({ typed: '3 lb 5 oz' })).toBe('3 lb 5 oz');
  });

  it('is shown in grams when it came off the scale, tenths and all', () => {
    expect(weightText({ pan })).toBe('1515 g');
    expect(weightText({ pan: { ...pan, mass_mg: 1_515_200 } })).toBe('1515.2 g');
  });

  it('keeps its minus: a tray that was taken away', () => {
    expect(weightText({ pan: { ...pan, mass_mg: -85_000 } })).toBe('-85 g');
  });
});
