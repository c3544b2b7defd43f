import { describe, expect, it } from 'vitest';
import type { PortionBench } from '../api/client';
import { isOf } from './isOf';

const pieces = [
  { piece: 'fish', parent: null },
  { piece: 'side-a', parent: 'fish' },
  { piece: 'side-b', parent: 'fish' },
  { piece: 'loin', parent: 'side-a' },
] as unknown as PortionBench['pieces'];

describe('whether a piece is of a side', () => {
  it.each([
    ['side-a', 'side-a', true],
    ['loin', 'side-a', true],
    ['loin', 'side-b', false],
    ['side-b', 'side-a', false],
    ['nowhere', 'side-a', false],
    [undefined, 'side-a', false],
  ])('%s of %s: %s', (piece, side, is) => {
    expect(isOf({ pieces }, piece, side)).toBe(is);
  });
});
