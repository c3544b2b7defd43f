// Keeps the page and the last answers at hand, so that a reload at the bench works while the kitchen computer is away.
// Always asks the kitchen computer first; what is kept is only for when nothing answers.
const PAGE = 'sectum-page';
const ANSWERS = 'sectum-answers';
const KEPT = /^\/api\/(kitchen|spine|receive|breakdown|portion|route|log)(\/|$)/;
const NEVER = /^\/api\/(log\/trace|receive\/photos)\//;

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
  try {
    const answer = await fetch(request);
    if (answer.ok) {
      const copy = answer.clone();
      caches.open(cache).then((c) => c.put(key, copy));
    }
    return answer;
  } catch (away) {
    const kept = await (await caches.open(cache)).match(key);
    if (kept) {
      return kept;
    }
    throw away;
  }
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
