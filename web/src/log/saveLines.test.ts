import { afterEach, describe, expect, it, vi } from 'vitest';
import { countLines, saveLines } from './saveLines';

afterEach(() => vi.restoreAllMocks());

describe('a file of lines', () => {
  it('is counted by its ends', () => {
    expect(countLines(new TextEncoder().encode('{"a":1}\n{"b":2}\nhalf'))).toBe(2);
    expect(countLines(new Uint8Array())).toBe(0);
  });

  it('says how far it has come, over pieces that cut a line', async () => {
    const pieces = ['one\ntw', 'o\nthree\n'].map((text) => new TextEncoder().encode(text));
    vi.spyOn(globalThis, 'fetch').mockResolvedValue(
      new Response(
        new ReadableStream({
          start(stream) {
            for (const piece of pieces) {
              stream.enqueue(piece);
            }
            stream.close();
          },
        }),
      ),
    );
    URL.createObjectURL = () => 'blob:x';
    URL.revokeObjectURL = () => undefined;
    const far: number[] = [];
    await saveLines('/api/x', 'x', (lines) => far.push(lines));
    expect(far).toEqual([1, 3]);
  });

  it('does not save half of what was refused', async () => {
    vi.spyOn(globalThis, 'fetch').mockResolvedValue(new Response('no', { status: 403 }));
    await expect(saveLines('/api/x', 'x', () => undefined)).rejects.toThrow('403');
  });
});
