import { describe, expect, it } from 'vitest';
import type { Line } from '../api/client';
import type { Entry } from '../ui/outbox';
import { nextLine } from './nextLine';

const line = (id: string, count: number | null, received: number) =>
  ({ id, count, received_count: received, fish: Array.from({ length: received }) }) as unknown as Line;

const waits = (id: string) => ({ params: { line: id } }) as unknown as Entry;

describe('the line whose fish comes onto the scale next', () => {
  it('stays while it wants more', () => {
    expect(nextLine([line('a', 2, 0), line('b', 3, 1)], 'b', [])?.id).toBe('b');
  });
  it('is the next one that wants any, not the one after', () => {
    expect(nextLine([line('a', 1, 1), line('b', 1, 1), line('c', 2, 0)], 'a', [])?.id).toBe('c');
  });
  it('goes round to the first from the last', () => {
    expect(nextLine([line('a', 4, 1), line('b', 1, 1)], 'b', [])?.id).toBe('a');
  });
  it('counts what is on its way', () => {
    expect(nextLine([line('a', 1, 0), line('b', 1, 0)], 'a', [waits('a')])?.id).toBe('b');
    expect(nextLine([line('a', null, 0), line('b', 1, 0)], 'a', [waits('a')])?.id).toBe('b');
  });
  it('stays where it is when all is in', () => {
    expect(nextLine([line('a', 1, 1), line('b', 1, 1)], 'a', [])?.id).toBe('a');
    expect(nextLine([], null, [])).toBeUndefined();
  });
});
