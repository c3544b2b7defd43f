import type { QueryClient } from '@tanstack/react-query';

/** What is told between the tabs of one tablet: something was written, or the session is over. */
type Word = 'written' | 'ended';

let queries: QueryClient | null = null;
const channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel('sectum');

const KITCHEN = '/kitchen';

/** Where the worker keeps the last answers for a bad network. */
const ANSWERS = 'sectum-answers';

const isKitchen = (key: readonly unknown[]) => key[1] === KITCHEN;

/** Nothing of the person before is left: not on the screen, not in memory, not among the answers kept for a bad network. */
function forget() {
  if (!queries) {
    return;
  }
  for (const [known, kitchen] of queries.getQueriesData<{ me: unknown }>({ predicate: (q) => isKitchen(q.queryKey) })) {
    if (kitchen) {
      queries.setQueryData(known, { ...kitchen, me: null });
    }
  }
  void globalThis.caches?.delete(ANSWERS);
  navigator.serviceWorker?.controller?.postMessage('ended');
  sessionStorage.clear();
  queries.removeQueries({ predicate: (query) => !isKitchen(query.queryKey) });
  void queries.invalidateQueries({ queryKey: ['get', KITCHEN] });
}

const SIGNED_OUT = 'sectum.signed-out';

/** Whether somebody has signed out here and the kitchen computer does not know yet: until then nobody is signed in here. */
export function isSignedOut(): boolean {
  return localStorage.getItem(SIGNED_OUT) !== null;
}

/**
 * Somebody signed in. What was kept at the door says that nobody is, and would say so again when the network is away: it is
 * thrown away, and the kitchen asked once more.
 */
export async function signedIn() {
  localStorage.removeItem(SIGNED_OUT);
  await globalThis.caches?.delete(ANSWERS);
  await queries?.invalidateQueries({ queryKey: ['get', KITCHEN] });
}

/** Signs out, here at once, and at the kitchen computer as soon as it answers. */
export async function signOut() {
  localStorage.setItem(SIGNED_OUT, '1');
  sessionEnded();
  await tellSignedOut();
}

async function tellSignedOut() {
  const token = /(?:^|; )XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '';
  try {
    const answer = await fetch('/api/session', {
      method: 'DELETE',
      headers: { Accept: 'application/json', 'X-XSRF-TOKEN': decodeURIComponent(token) },
    });
    if (answer.ok || answer.status === 401) {
      localStorage.removeItem(SIGNED_OUT);
      void queries?.invalidateQueries();
    }
  } catch {
    setTimeout(() => isSignedOut() && void tellSignedOut(), 2_000);
  }
}

/** The session is over, by whatever hand: the sign-in page stands there at once, in every tab. */
export function sessionEnded() {
  forget();
  channel?.postMessage('ended' satisfies Word);
}

/** Something was written: the other tabs look again. */
export function tellWritten() {
  channel?.postMessage('written' satisfies Word);
}

export function startSession(client: QueryClient) {
  queries = client;
  if (isSignedOut()) {
    void tellSignedOut();
  }
  channel?.addEventListener('message', (event: MessageEvent<Word>) => {
    if (event.data === 'ended') {
      forget();
    } else {
      void client.invalidateQueries();
    }
  });
}
