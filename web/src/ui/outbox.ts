import type { QueryClient } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { api, asProblem, type Problem, sender, type Weight } from '../api/client';

type Stage = 'breakdown' | 'portion';

/** A reading on its way: what was weighed, under an id the page made, so that sending it twice is sending it once. */
export type Waiting = {
  stage: Stage;
  fish: string;
  reading: string;
  body: {
    part: string;
    weight: Weight;
    from?: string;
    replaces?: string;
    tray?: string;
    dish?: string;
    to_cm?: number;
    guess?: string;
  };
  /** As it is shown while it waits. */
  name: string;
  text: string;
  at: string;
  /** Why it was not taken; it waits no longer then. */
  fault?: Problem;
};

const PLACE = 'sectum.outbox';

/** Between two tries while nothing answers. */
const AGAIN_MS = 1_500;

function stored(): Waiting[] {
  try {
    const kept: unknown = JSON.parse(localStorage.getItem(PLACE) ?? '[]');
    return Array.isArray(kept) ? (kept as Waiting[]) : [];
  } catch {
    return [];
  }
}

let all: Waiting[] = stored();
let queries: QueryClient | null = null;
let sending = false;
let later: ReturnType<typeof setTimeout> | undefined;
const watching = new Set<() => void>();

function set(next: Waiting[]) {
  all = next;
  // Written down before it is sent: a reload, a sleep or a dead battery loses nothing.
  localStorage.setItem(PLACE, JSON.stringify(all));
  for (const tell of watching) {
    tell();
  }
}

async function send(entry: Waiting) {
  const params = { path: { fish: entry.fish, reading: entry.reading } };
  const body = entry.body as { part: 'frame'; weight: Weight };
  return entry.stage === 'breakdown'
    ? await sender.PUT('/breakdown/fish/{fish}/readings/{reading}', { params, body })
    : await sender.PUT('/portion/fish/{fish}/readings/{reading}', { params, body });
}

/** Sends what waits, one after the other, in the order it was weighed. */
async function flush() {
  if (sending) {
    return;
  }
  sending = true;
  clearTimeout(later);
  try {
    for (let entry = all.find((e) => !e.fault); entry; entry = all.find((e) => !e.fault)) {
      const { reading } = entry;
      const { data, error } = await send(entry);
      const status = error ? asProblem(error).status : 0;
      // Signed out, or the kitchen computer in trouble: it waits on.
      if (error && (status === 401 || status === 419 || status === 0 || status >= 500)) {
        throw error;
      }
      set(
        error
          ? all.map((e) => (e.reading === reading ? { ...e, fault: asProblem(error) } : e))
          : all.filter((e) => e.reading !== reading),
      );
      if (data) {
        const params = { path: { fish: entry.fish } };
        queries?.setQueryData(
          entry.stage === 'breakdown'
            ? api.queryOptions('get', '/breakdown/fish/{fish}', { params }).queryKey
            : api.queryOptions('get', '/portion/fish/{fish}', { params }).queryKey,
          data,
        );
      }
    }
  } catch {
    later = setTimeout(flush, AGAIN_MS);
  } finally {
    sending = false;
  }
}

export function startOutbox(client: QueryClient) {
  queries = client;
  window.addEventListener('online', flush);
  void flush();
}

const watch = (tell: () => void) => {
  watching.add(tell);
  return () => watching.delete(tell);
};

/** The readings of one fish that are on their way, and the last one that was not taken. */
export function useOutbox(stage: Stage, fish: string) {
  const entries = useSyncExternalStore(watch, () => all);
  const mine = entries.filter((entry) => entry.stage === stage && entry.fish === fish);
  const refused = mine.findLast((entry) => entry.fault);
  const dismiss = () => {
    if (refused) {
      set(all.filter((entry) => !(entry.fish === fish && entry.fault)));
    }
  };
  return {
    waiting: mine.filter((entry) => !entry.fault),
    fault: refused?.fault,
    /** The part it was, to be weighed again. */
    refusedPart: refused?.body.part,
    dismiss,
    add: (entry: Omit<Waiting, 'stage' | 'fish' | 'at' | 'fault'>) => {
      const at = new Date().toTimeString().slice(0, 5);
      set([...all.filter((e) => !(e.fish === fish && e.fault)), { stage, fish, at, ...entry }]);
      void flush();
    },
  };
}

/** A weight as it was put in, for as long as nobody has read it: "1515 g" off the pan, or what was typed. */
export function weightText(weight: Weight): string {
  return weight.typed ?? `${(weight.pan?.mass_mg ?? 0) / 1000} g`;
}
