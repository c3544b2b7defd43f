import { MantineProvider } from '@mantine/core';
import { act, createElement } from 'react';
import { createRoot } from 'react-dom/client';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { Chips } from './Chips';

Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });

const stored = vi.fn();
const inputs = () => [...document.querySelectorAll<HTMLInputElement>('[role=radiogroup] input')];
const press = (key: string) =>
  act(async () =>
    document.activeElement?.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true })),
  );

beforeEach(async () => {
  stored.mockReset();
  vi.stubGlobal('matchMedia', () => ({ matches: false, addEventListener() {}, removeEventListener() {} }));
  document.body.innerHTML = '<div id="place"></div>';
  const chips = createElement(Chips<string>, {
    legend: 'Method',
    name: 'method',
    value: 'a',
    options: ['a', 'b', 'c'].map((value) => ({ value, label: value })),
    onChange: stored,
  });
  await act(async () =>
    createRoot(document.getElementById('place') as HTMLElement).render(createElement(MantineProvider, null, chips)),
  );
  inputs()[0]?.focus();
});

describe('a choice made by keyboard', () => {
  it('is walked along by arrow keys, round and back, and nothing is stored on the way', async () => {
    await press('ArrowRight');
    await press('ArrowDown');
    expect(document.activeElement).toBe(inputs()[2]);
    await press('ArrowRight');
    expect(document.activeElement).toBe(inputs()[0]);
    await press('ArrowLeft');
    expect(document.activeElement).toBe(inputs()[2]);
    expect(stored).not.toHaveBeenCalled();
    expect(inputs().map((one) => one.checked)).toEqual([true, false, false]);
  });

  it('is made by Enter, once, and what is chosen already is left alone', async () => {
    await press('Enter');
    expect(stored).not.toHaveBeenCalled();
    await press('ArrowRight');
    await press('Enter');
    expect(stored.mock.calls).toEqual([['b']]);
  });
});
