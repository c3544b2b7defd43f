import type { Query, QueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { type Here, sender, TAB } from './client';

/** Between two looks at what the other tablets did: a second, so that theirs is here within two. */
const EVERY_MS = 1_000;

/** While nothing answers, or nobody looks at this tab. */
const SELDOM_MS = 3_000;

const ID = /[0-7][0-9A-HJKMNP-TV-Z]{25}/;

/** Read many times a second by themselves; a change elsewhere is no news to them. */
const DEVICES = new Set(['/scale', '/probe']);

type News = Pick<Here, 'everything' | 'fish'>;

/** Whether what was asked here may read otherwise now: what is about the fish, and every list. */
export function concerns(news: News, key: readonly unknown[]): boolean {
  if (DEVICES.has(String(key[1]))) {
    return false;
  }
  const asked = JSON.stringify(key);
  return news.everything || !ID.test(asked) || news.fish.some((fish) => asked.includes(fish));
}

let others: readonly string[] = [];
const watching = new Set<() => void>();

function tell(names: readonly string[]) {
  if (names.join('\n') !== others.join('\n')) {
    others = names;
    for (const hear of watching) {
      hear();
    }
  }
}

const watch = (hear: () => void) => {
  watching.add(hear);
  return () => watching.delete(hear);
};

/** Who else looks at the same fish at this moment, on other tablets. */
export function useOthersHere(): readonly string[] {
  return useSyncExternalStore(watch, () => others);
}

/** Follows what the other tablets write, and says where this one is, as long as somebody is signed in here. */
export function useTogether(queries: QueryClient, person: string) {
  useEffect(() => {
    let since: number | null = null;
    let next: ReturnType<typeof setTimeout> | undefined;
    let over = false;
    const again = (ms: number) => {
      next = over ? undefined : setTimeout(look, ms);
    };
    const look = async () => {
      if (document.hidden) {
        return again(SELDOM_MS);
      }
      try {
        const { data } = await sender.PUT('/here/{tab}', {
          params: { path: { tab: TAB } },
          body: { at: location.pathname.slice(0, 200), since },
          // No answer waits longer than the next question would.
          signal: AbortSignal.timeout(5_000),
        });
        if (!data || over) {
          return again(SELDOM_MS);
        }
        const first = since === null;
        since = data.n;
        tell(data.with);
        if (!first && (data.everything || data.fish.length > 0)) {
          void queries.invalidateQueries({ predicate: (query: Query) => concerns(data, query.queryKey) });
        }
        again(EVERY_MS);
      } catch {
        again(SELDOM_MS);
      }
    };
    // Somebody who took this tablet over is told at once.
    void (person && look());
    return () => {
      over = true;
      clearTimeout(next);
      tell([]);
    };
  }, [queries, person]);
}
