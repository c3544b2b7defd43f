import { act, createElement } from 'react';
import { createRoot, type Root } from 'react-dom/client';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { useFaultFocus } from './useFaultFocus';

Object.assign(globalThis, { IS_REACT_ACT_ENVIRONMENT: true });

let root: Root;

const field = (id: string) => document.getElementById(id) as HTMLInputElement;

const fault = async (...ids: string[]) => {
  for (const id of ids) {
    field(id).setAttribute('aria-invalid', 'true');
  }
  await new Promise((done) => setTimeout(done));
};

beforeEach(() => {
  const main = document.createElement('main');
  main.innerHTML =
    '<input id="name"><input id="weight"><button id="save">Save</button><div class="pan"><input id="typed"></div>';
  document.body.append(main);
  const host = document.createElement('div');
  document.body.append(host);
  root = createRoot(host);
  function Frame() {
    useFaultFocus();
    return null;
  }
  act(() => root.render(createElement(Frame)));
  field('save').focus();
});

afterEach(() => {
  act(() => root.unmount());
  document.body.replaceChildren();
});

describe('a form that was not accepted', () => {
  it('leads to its first wrong field, in the order they stand', async () => {
    await fault('weight', 'name');
    expect(document.activeElement?.id).toBe('name');
  });

  it('leads to the field that has just become wrong, not to one that was', async () => {
    await fault('name');
    field('save').focus();
    await fault('weight');
    expect(document.activeElement?.id).toBe('weight');
  });

  it('leaves whoever types elsewhere alone', async () => {
    field('weight').focus();
    await fault('name');
    expect(document.activeElement?.id).toBe('weight');
  });

  it('never opens a keyboard over the pan', async () => {
    await fault('typed');
    expect(document.activeElement?.id).toBe('save');
  });

  it('leaves everything where it is when a fault is mended', async () => {
    await fault('name');
    field('save').focus();
    field('name').setAttribute('aria-invalid', 'false');
    await new Promise((done) => setTimeout(done));
    expect(document.activeElement?.id).toBe('save');
  });
});
