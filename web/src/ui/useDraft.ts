import { useState } from 'react';

const PLACE = 'sectum.draft.';

/**
 * What was half filled in, at hand again after a reload or when one comes back to it; forgotten when the session ends, or
 * when it was sent.
 */
export function useDraft<T extends object>(name: string, empty: T): [T, (next: T) => void, () => void] {
  const [draft, setDraft] = useState<T>(() => {
    try {
      const kept: unknown = JSON.parse(sessionStorage.getItem(PLACE + name) ?? 'null');
      return kept && typeof kept === 'object' ? { ...empty, ...kept } : empty;
    } catch {
      return empty;
    }
  });
  const set = (next: T) => {
    setDraft(next);
    sessionStorage.setItem(PLACE + name, JSON.stringify(next));
  };
  const clear = () => {
    setDraft(empty);
    sessionStorage.removeItem(PLACE + name);
  };
  return [draft, set, clear];
}
