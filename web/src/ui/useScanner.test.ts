import { describe, expect, it } from 'vitest';
import { afterKey } from './useScanner';

const NOTHING = { text: '', last: 0, field: null, before: '' };

/** Types a text with so many milliseconds between two keys, then Enter. */
function typed(text: string, gap: number) {
  let burst: ReturnType<typeof afterKey> = { ...NOTHING, scanned: false };
  let at = 1_000;
  for (const key of text) {
    burst = afterKey(burst, { typed: key, enter: false, at });
    at += gap;
  }
  return afterKey(burst, { typed: null, enter: true, at });
}

describe('a burst of keys', () => {
  it('is a label when it is long, fast and ends with Enter', () => {
    expect(typed('0195012345678903', 8)).toMatchObject({ scanned: true, text: '0195012345678903' });
  });
  it('is typing when it is short, however fast', () => {
    expect(typed('1515 g', 35).scanned).toBe(false);
    expect(typed('1515 g', 5).scanned).toBe(false);
  });
  it('is typing when a person’s pause is in it', () => {
    expect(typed('3 lb 5.25 oz', 60).scanned).toBe(false);
  });
  it('begins anew after a pause: what was typed before is no part of the label', () => {
    let burst: ReturnType<typeof afterKey> = afterKey(NOTHING, { typed: 'x', enter: false, at: 0 });
    for (const [i, key] of [...'01950123'].entries()) {
      burst = afterKey(burst, { typed: key, enter: false, at: 500 + 10 * i });
    }
    expect(afterKey(burst, { typed: null, enter: true, at: 580 })).toMatchObject({ scanned: true, text: '01950123' });
  });
});
