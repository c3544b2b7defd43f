import { QueryClient } from '@tanstack/react-query';
import { act, createElement } from 'react';
import { createRoot } from 'react-dom/client';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';

type Asked = { path: string; person: string | null; body: unknown };

/** The outbox as a page that was just opened has it, and a kitchen computer that answers as it is told. */
async function opened(answer: (asked: Asked) => Response | Promise<Response>) {
  vi.resetModules();
  const asked: Asked[] = [];
  vi.stubGlobal('fetch', async (request: Request) => {
    const text = await request.clone().text();
    const one = {
      path: new URL(request.url).pathname,
      person: request.headers.get('X-Sectum-Person'),
      body: text === '' ? null : JSON.parse(text),
    };
    asked.push(one);
    return await answer(one);
  });
  const outbox = await import('./outbox');
  outbox.startOutbox(new QueryClient());
  return { outbox, asked };
}

const ANN = { id: '01AAAAAAAAAAAAAAAAAAAAAAAA', name: 'Ann', units: 'metric' as const };
const BEN = { id: '01BBBBBBBBBBBBBBBBBBBBBBBB', name: 'Ben', units: 'us' as const };

const ok = () => Response.json({});
const away = () => Promise.reject(new TypeError('away'));
const problem = (status: number, more: object = {}, headers: Record<string, string> = {}) =>
  Response.json(
    { type: 'about:blank', title: 'x', status, detail: 'x', ...more },
    { status, headers: { 'Content-Type': 'application/problem+json', ...headers } },
  );

/** Records one weight by way of the hook, as a screen does. */
async function record(outbox: typeof import('./outbox'), reading: string, text = '650 g') {
  const { usePut } = await import('./usePut');
  const place = document.createElement('div');
  function Screen() {
    const put = usePut('breakdown/f', '/breakdown/fish/{fish}/readings/{reading}');
    return createElement('button', {
      type: 'button',
      onClick: () =>
        put.mutate({
          params: { path: { fish: 'F', reading } },
          name: 'Head',
          text,
          body: { part: 'head', weight: { typed: text }, ...outbox.takenNow() },
        }),
    });
  }
  await act(async () => createRoot(place).render(createElement(Screen)));
  await act(async () => place.querySelector('button')?.click());
}

const waiting = () =>
  Object.keys(localStorage)
    .filter((key) => key.startsWith('sectum.outbox.'))
    .map((key) => JSON.parse(localStorage.getItem(key) ?? '{}'));

beforeEach(() => {
  vi.stubGlobal('IS_REACT_ACT_ENVIRONMENT', true);
  vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
  localStorage.clear();
});

afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const settle = async (ms = 0) => {
  await act(async () => {
    await vi.advanceTimersByTimeAsync(ms);
    for (let i = 0; i < 20; i++) {
      await Promise.resolve();
    }
  });
};

describe('the outbox', () => {
  it('sends under the name of whoever recorded, with when and in which units', async () => {
    const { outbox, asked } = await opened(ok);
    outbox.setPerson(BEN);
    await record(outbox, 'R1');
    await settle();
    expect(asked).toHaveLength(1);
    expect(asked[0]).toMatchObject({ path: '/api/breakdown/fish/F/readings/R1', person: BEN.id });
    expect(asked[0]?.body).toMatchObject({ units: 'us', taken_at: expect.stringMatching(/^\d{4}-.*Z$/) });
    expect(waiting()).toEqual([]);
  });

  it('keeps trying the same thing while nothing answers, and drops it once it is answered', async () => {
    let answers = 0;
    const { outbox, asked } = await opened(() => (++answers < 4 ? away() : ok()));
    outbox.setPerson(ANN);
    await record(outbox, 'R1');
    await settle();
    expect(waiting()).toHaveLength(1);
    await settle(5_000);
    expect(new Set(asked.map((one) => one.path)).size).toBe(1);
    expect(asked).toHaveLength(4);
    expect(waiting()).toEqual([]);
  });

  it('never sends what another person recorded, and sends it when they are back', async () => {
    let reached = false;
    const { outbox, asked } = await opened(() => (reached ? ok() : away()));
    outbox.setPerson(ANN);
    await record(outbox, 'R1');
    await settle();
    outbox.setPerson(null);
    reached = true;
    outbox.setPerson(BEN);
    await settle(10_000);
    expect(asked.filter((one) => one.person === BEN.id)).toEqual([]);
    expect(waiting()).toHaveLength(1);
    outbox.setPerson(ANN);
    await settle(2_000);
    expect(waiting()).toEqual([]);
    expect(asked.at(-1)?.person).toBe(ANN.id);
  });

  it('survives a reload, and is sent in the order in which it was recorded', async () => {
    const before = await opened(away);
    before.outbox.setPerson(ANN);
    for (const reading of ['R1', 'R2', 'R3']) {
      await record(before.outbox, reading);
      await settle(10);
    }
    const after = await opened(ok);
    after.outbox.setPerson(ANN);
    await settle(3_000);
    expect(after.asked.map((one) => one.path.split('/').at(-1))).toEqual(['R1', 'R2', 'R3']);
  });

  it('takes over what an earlier version of the page left waiting', async () => {
    const old = {
      stage: 'portion',
      fish: 'F',
      reading: 'R9',
      body: { part: 'portion' },
      name: 'Portion',
      text: '170 g',
    };
    localStorage.setItem('sectum.outbox', JSON.stringify([old]));
    const { outbox, asked } = await opened(ok);
    outbox.setPerson(ANN);
    await settle(100);
    expect(asked.map((one) => one.path)).toEqual(['/api/portion/fish/F/readings/R9']);
    expect(localStorage.getItem('sectum.outbox')).toBeNull();
  });

  it('waits where it is told to, and holds what is refused back with the reason', async () => {
    const answers = [
      problem(503, {}, { 'Retry-After': '4' }),
      problem(422, { errors: [{ pointer: '/sure', detail: 'Odd?' }] }),
    ];
    const { outbox, asked } = await opened(() => answers.shift() ?? ok());
    outbox.setPerson(ANN);
    await record(outbox, 'R1');
    await settle(3_900);
    expect(asked).toHaveLength(1);
    await settle(200);
    expect(asked).toHaveLength(2);
    expect(waiting()).toMatchObject([{ fault: { status: 422 } }]);
    await settle(20_000);
    expect(asked).toHaveLength(2);
  });

  it.each([
    [0, true],
    [401, true],
    [419, true],
    [429, true],
    [500, true],
    [503, true],
    [507, true],
    [403, false],
    [404, false],
    [409, false],
    [422, false],
  ])('after %i it waits: %s', async (status, waits) => {
    const { outbox } = await opened(ok);
    expect(outbox.waitsOn(status)).toBe(waits);
  });
});
