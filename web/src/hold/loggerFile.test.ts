import { describe, expect, it } from 'vitest';
import { slices } from './loggerFile';

async function all(text: string, most: number) {
  const cut: string[] = [];
  let read = 0;
  for await (const slice of slices(new Blob([text]), most)) {
    cut.push(slice.text);
    read = slice.read;
  }
  return { cut, read };
}

describe('a file in slices', () => {
  const rows = Array.from({ length: 400 }, (_, i) => `2026-03-0${1 + (i % 9)} 10:00,-2${i % 10}.${i}`).join('\n');

  it('is the whole file, each slice ending where a line ends', async () => {
    for (const most of [40, 77, 1_000, 1_000_000]) {
      const { cut, read } = await all(rows, most);
      expect(cut.join('')).toBe(rows);
      expect(cut.slice(0, -1).every((one) => one.endsWith('\n'))).toBe(true);
      expect(read).toBe(rows.length);
    }
  });

  it('keeps a line together that is longer than a slice', async () => {
    const text = `${'é'.repeat(95)}\n${'short\n'.repeat(20)}`;
    const { cut } = await all(text, 40);
    expect(cut.join('')).toBe(text);
    expect(cut[0]).toContain(`${'é'.repeat(95)}\n`);
    expect(cut.every((one) => one.endsWith('\n'))).toBe(true);
  });

  it('of nothing is nothing', async () => {
    expect((await all('', 10)).cut).toEqual([]);
  });
});
