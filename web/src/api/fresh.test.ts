import createFetchClient from 'openapi-fetch';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { askedSince } from './fresh';
import type { paths } from './schema';

/** What went out, in order, and how each is answered. */
type Sent = { line: string; answer: (readings: number, status?: number) => void };

const FISH = '01J8ZQ4T5V6W7X8Y9ZABCDEFGH';
const sent: Sent[] = [];

beforeEach(() => {
  vi.stubGlobal('fetch', (request: Request) => {
    return new Promise<Response>((answer) => {
      sent.push({
        line: `${request.method} ${new URL(request.url).pathname.replace(FISH, 'F').replace('/api/', '')}`,
        answer: (readings, status = 200) => answer(Response.json({ readings }, { status })),
      });
    });
  });
});

afterEach(() => {
  sent.length = 0;
  vi.unstubAllGlobals();
});

function page() {
  const client = createFetchClient<paths>({ baseUrl: 'http://kitchen/api' });
  client.use(askedSince());
  const fish = { params: { path: { fish: FISH } } };
  return {
    look: () => client.GET('/breakdown/fish/{fish}', fish) as Promise<{ data?: { readings?: unknown } }>,
    write: () => client.PUT('/breakdown/fish/{fish}/done', { ...fish, body: { version: 1 } }),
    here: () => client.PUT('/here/{tab}', { params: { path: { tab: FISH } }, body: { at: '/', since: null } }),
    sound: () => client.POST('/tare' as never),
  };
}

const out = (n: number) => vi.waitFor(() => expect(sent).toHaveLength(n));

describe('an answer on its way while something is written', () => {
  it('is asked for again when the writing was answered first', async () => {
    const { look, write } = page();
    const looked = look();
    await out(1);
    const wrote = write();
    await out(2);
    sent[1]?.answer(2);
    await wrote;
    sent[0]?.answer(1);
    await out(3);
    sent[2]?.answer(2);
    expect((await looked).data?.readings).toBe(2);
    expect(sent.map((one) => one.line)).toEqual([
      'GET breakdown/fish/F',
      'PUT breakdown/fish/F/done',
      'GET breakdown/fish/F',
    ]);
  });

  it('is asked for until nothing was written meanwhile', async () => {
    const { look, write } = page();
    const looked = look();
    await out(1);
    for (const n of [1, 3]) {
      const wrote = write();
      await out(n + 1);
      sent[n]?.answer(0);
      await wrote;
      sent[n - 1]?.answer(n);
      await out(n + 2);
    }
    sent[4]?.answer(5);
    expect((await looked).data?.readings).toBe(5);
  });

  it('stands when it came first, and when what was to be written was refused', async () => {
    const { look, write } = page();
    const looked = look();
    await out(1);
    const wrote = write();
    await out(2);
    sent[0]?.answer(1);
    expect((await looked).data?.readings).toBe(1);
    const again = look();
    await out(3);
    sent[1]?.answer(0, 422);
    await wrote;
    sent[2]?.answer(1);
    expect((await again).data?.readings).toBe(1);
    expect(sent).toHaveLength(3);
  });

  it('is not asked for again because this tab said where it is, or asked something', async () => {
    const { look, here, sound } = page();
    const looked = look();
    await out(1);
    for (const say of [here, sound]) {
      const said = say();
      await out(sent.length + 1);
      sent.at(-1)?.answer(0);
      await said;
    }
    sent[0]?.answer(1);
    expect((await looked).data?.readings).toBe(1);
    expect(sent).toHaveLength(3);
  });
});
