// Keeps the page and the last answers at hand, so that a reload at the bench works while the kitchen computer is away.
// Always asks the kitchen computer first; what is kept is only for when nothing answers.
const PAGE = 'sectum-page';
const ANSWERS = 'sectum-answers';
const KEPT = /^\/api\/(kitchen|spine|receive|breakdown|portion|route|log)(\/|$)/;
const NEVER = /^\/api\/(log\/trace|receive\/photos)\//;

// Counts the sessions that ended: an answer still on its way from before is not kept for the next.
let session = 0;
self.addEventListener('message', (event) => {
  if (event.data === 'ended') {
    session++;
    event.waitUntil(caches.delete(ANSWERS));
  }
});

self.addEventListener('install', () => self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (request.method !== 'GET' || url.origin !== self.location.origin) {
    return;
  }
  if (request.mode === 'navigate') {
    event.respondWith(firstAsk(request, PAGE, '/'));
  } else if (url.pathname.startsWith('/build/')) {
    event.respondWith(firstLook(request));
  } else if (KEPT.test(url.pathname) && !NEVER.test(url.pathname)) {
    event.respondWith(firstAsk(request, ANSWERS, url.pathname + url.search));
  }
});

async function firstAsk(request, cache, key) {
  const of = session;
  try {
    const answer = await fetch(request);
    // Nobody is signed in any more: what the one before saw is not for the next.
    if (answer.status === 401) {
      caches.delete(ANSWERS);
    } else if (answer.ok && (cache === PAGE || of === session)) {
      const copy = answer.clone();
      caches.open(cache).then((c) => c.put(key, copy));
    }
    return answer;
  } catch (away) {
    const kept = await (await caches.open(cache)).match(key);
    if (kept) {
      return cache === ANSWERS ? said(kept) : kept;
    }
    throw away;
  }
}

// An answer that was kept says from when it is, so that the page can say it too.
async function said(kept) {
  const headers = new Headers(kept.headers);
  headers.set('X-Sectum-Kept', kept.headers.get('Date') ?? '');
  return new Response(await kept.blob(), { status: kept.status, headers });
}

// Built files carry their contents in their names: what is kept is right.
async function firstLook(request) {
  const kept = await (await caches.open(PAGE)).match(request);
  if (kept) {
    return kept;
  }
  const answer = await fetch(request);
  if (answer.ok) {
    const copy = answer.clone();
    caches.open(PAGE).then((c) => c.put(request, copy));
  }
  return answer;
}
