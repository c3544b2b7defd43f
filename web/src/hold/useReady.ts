import { api } from '../api/client';

/** What could be frozen, treated or packed now: asked where somebody chooses of it. Undefined until it is known. */
export function useReady() {
  return api.useQuery('get', '/hold/ready', {});
}

/** What a form chooses by. */
export const keyOf = (one: { tray: string | null; piece: string | null }) => one.tray ?? one.piece ?? '';

/** How a request names it. */
export const named = (one: { tray: string | null; piece: string | null }) =>
  one.tray ? { tray: one.tray } : { piece: one.piece ?? '' };
