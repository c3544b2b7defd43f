import type { QueryClient } from '@tanstack/react-query';
import { ulid } from 'ulid';
import { asProblem, type Problem, sender } from '../api/client';
import type { paths } from '../api/schema';
import { tellWritten } from '../api/session';

/** Addresses that are written to. */
export type Written = { [P in keyof paths]: paths[P] extends { put: object } ? P : never }[keyof paths];

/** Something on its way to the kitchen computer, under an id the page made, so that sending it twice is sending it once. */
export type Entry = {
  /** Its place in the row of what waits; the order in which it was recorded. */
  key: string;
  /** Which screen it belongs to. */
  scope: string;
  path: Written;
  params: Record<string, string>;
  body: unknown;
  /** Who recorded it: it is sent while they are signed in, and by nobody else. */
  person: string;
  personName: string;
  /** When, ISO 8601. */
  at: string;
  /** As it is shown while it waits. */
  name: string;
  text: string;
  /** Why it was not taken; it waits no longer then. */
  fault?: Problem;
};

const PLACE = 'sectum.outbox.';

/** Where an earlier version kept its readings. */
const OLD_PLACE = 'sectum.outbox';

/** Between two tries while nothing answers. */
const AGAIN_MS = 1_500;

/** What has not been answered by then is tried again. */
const LONGEST_MS = 15_000;

/** Nobody is there, nothing answers, or it is busy: it waits on. */
export function waitsOn(status: number): boolean {
  return status === 0 || status === 401 || status === 419 || status === 429 || status >= 500;
}

function stored(): Entry[] {
  const entries: Entry[] = [];
  for (const place of Object.keys(localStorage).filter((name) => name.startsWith(PLACE))) {
    try {
      const entry: unknown = JSON.parse(localStorage.getItem(place) ?? '');
      if (entry && typeof entry === 'object' && 'path' in entry) {
        entries.push(entry as Entry);
      }
    } catch {
      // Not ours.
    }
  }
  return entries.sort((a, b) => (a.key < b.key ? -1 : 1));
}

/** What an earlier version of the page left waiting is sent too, by whoever signs in next. */
function takeOver() {
  try {
    const old: unknown = JSON.parse(localStorage.getItem(OLD_PLACE) ?? '[]');
    for (const one of Array.isArray(old) ? old : []) {
      const path = `/${one.stage}/fish/{fish}/readings/{reading}` as Written;
      const params = { fish: String(one.fish), reading: String(one.reading) };
      keep({
        key: ulid(),
        scope: `${one.stage}/${one.fish}`,
        path,
        params,
        body: one.body,
        person: '',
        personName: '',
        at: new Date().toISOString(),
        name: String(one.name),
        text: String(one.text),
      });
    }
  } catch {
    // Nothing that can be read.
  }
  localStorage.removeItem(OLD_PLACE);
}

let all: Entry[] = [];
let me: { id: string; name: string; units: 'metric' | 'us' } | null = null;
let queries: QueryClient | null = null;
let flushing = false;
/** What is being sent this moment for the first time. */
let underWay: string | null = null;
let tried = new Set<string>();
let later: ReturnType<typeof setTimeout> | undefined;
const watching = new Set<() => void>();
/** Who recorded something and is told what became of it. */
type Asker = { done: (answer: unknown) => void; refused: (problem: Problem) => void };

const asked = new Map<string, Asker>();

function look() {
  all = stored();
  for (const tell of watching) {
    tell();
  }
}

/** Written down before it is sent: a reload, a sleep or a dead battery loses nothing. Each under a name of its own, for two tabs. */
function keep(entry: Entry) {
  localStorage.setItem(PLACE + entry.key, JSON.stringify(entry));
  look();
}

/** It waits no longer, whatever became of it. */
export function drop(key: string) {
  localStorage.removeItem(PLACE + key);
  look();
}

async function send(entry: Entry) {
  const put = sender.PUT as unknown as (
    path: string,
    options: object,
  ) => Promise<{ data?: unknown; error?: unknown; response: Response }>;
  return await put(entry.path, {
    params: { path: entry.params },
    headers: { 'X-Sectum-Person': entry.person },
    signal: AbortSignal.timeout(LONGEST_MS),
    ...(entry.body === undefined ? {} : { body: entry.body }),
  });
}

const isMine = (entry: Entry) => me !== null && (entry.person === '' || entry.person === me.id);

/** Sends what waits, one after the other, in the order it was recorded. */
async function flush() {
  if (flushing || me === null) {
    return;
  }
  flushing = true;
  clearTimeout(later);
  let wait = AGAIN_MS;
  try {
    const next = () => all.find((entry) => !entry.fault && isMine(entry));
    for (let entry = next(); entry; entry = next()) {
      underWay = tried.has(entry.key) ? null : entry.key;
      look();
      const { data, error, response } = await send(entry);
      tried.add(entry.key);
      const problem = error === undefined ? null : asProblem(error);
      if (problem && (waitsOn(problem.status) || ('code' in problem && problem.code === 'another-person'))) {
        wait = 1000 * Number(response?.headers.get('Retry-After') ?? 0) || AGAIN_MS;
        throw error;
      }
      underWay = null;
      if (problem) {
        keep({ ...entry, fault: problem });
        asked.get(entry.key)?.refused(problem);
      } else {
        drop(entry.key);
        tellWritten();
        const asker = asked.get(entry.key);
        // After a reload nobody is there who asked: whatever is on the screen looks again.
        asker ? asker.done(data) : lookAgain();
      }
      asked.delete(entry.key);
    }
  } catch {
    later = setTimeout(flush, wait);
  } finally {
    if (underWay) {
      tried.add(underWay);
    }
    underWay = null;
    flushing = false;
    look();
  }
}

/** Who is signed in; what they recorded before is sent now. */
export function setPerson(person: typeof me) {
  if (person?.id !== me?.id) {
    tried = new Set();
  }
  me = person;
  void flush();
}

export function startOutbox(client: QueryClient) {
  queries = client;
  takeOver();
  look();
  window.addEventListener('online', () => void flush());
  window.addEventListener('storage', (event) => event.key?.startsWith(PLACE) && look());
  void flush();
}

/** Tells whoever looks at what waits when it changes. */
export const watch = (tell: () => void) => {
  watching.add(tell);
  return () => watching.delete(tell);
};

/** Everything there is, in the order it was recorded. */
export const entries = () => all;

/** Whether it is being sent this moment for the first time. */
export const isUnderWay = (key: string) => key === underWay;

/** Writes down what the one who is signed in recorded, and sends it as soon as it can; false when nobody is. */
export function record(entry: Omit<Entry, 'person' | 'personName' | 'at'>, asker: Asker): boolean {
  if (!me) {
    return false;
  }
  asked.set(entry.key, asker);
  keep({ ...entry, person: me.id, personName: me.name, at: new Date().toISOString() });
  void flush();
  return true;
}

/** Whatever is on the screen looks again. */
export const lookAgain = () => void queries?.invalidateQueries();

/** What of the one who records goes with a weight: when it was taken, and in which units the scale was read. */
export function takenNow(): { taken_at: string; units: 'metric' | 'us' } {
  return { taken_at: new Date().toISOString(), units: me?.units ?? 'metric' };
}
