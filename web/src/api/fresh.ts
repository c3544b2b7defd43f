import type { Middleware } from 'openapi-fetch';

/** Says where this tab is, once a second: that changes nothing of the kitchen. */
const ELSEWHERE = /\/api\/here\//;

/**
 * An answer that was asked for before this tab wrote, and comes after, may not know of what was written: it is asked for
 * again. Without this a weight that stands on the screen could go from it until the next look.
 */
export function askedSince(): Middleware {
  let written = 0;
  const begun = new WeakMap<Request, number>();
  return {
    onRequest({ request }) {
      begun.set(request, written);
    },
    async onResponse({ request, response }) {
      if (request.method === 'GET') {
        let answer = response;
        for (let asked = begun.get(request); asked !== written; ) {
          asked = written;
          answer = await fetch(request);
        }
        return answer;
      }
      if (request.method !== 'POST' && response.ok && !ELSEWHERE.test(request.url)) {
        written++;
      }
      return response;
    },
  };
}
