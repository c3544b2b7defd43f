/** By what the log is asked, as it stands in an address. */
const KEYS = [
  'species',
  'state',
  'supplier',
  'cutter',
  'dish',
  'method',
  'answer',
  'lot',
  'service',
  'from',
  'until',
  'over',
  'under',
] as const;

export type Sought = { q?: string } & { [key in (typeof KEYS)[number]]?: string };

/** What is sought, chosen in the address and typed in words. */
export function sought(search: URLSearchParams, q: string): Sought {
  const asked: Sought = q === '' ? {} : { q };
  for (const key of KEYS) {
    const value = search.get(key);
    if (value) {
      asked[key] = value;
    }
  }
  return asked;
}

/** The address without its page. */
export function asAsked(search: URLSearchParams): string {
  const rest = new URLSearchParams(search);
  rest.delete('page');
  return rest.toString();
}
