import { useDebouncedValue } from '@mantine/hooks';
import { keepPreviousData } from '@tanstack/react-query';
import { useMemo } from 'react';

/** How long somebody has to be still before a preview is asked for, ms. */
const STILL = 150;

/**
 * What is asked once somebody stops typing or moving.
 *
 * With it as its body a preview is one query a pause; what an earlier one would have answered is cancelled.
 */
export function useSettled<T>(asked: T): T {
  // As text: what is asked is made anew with every drawing of the screen, and is the same as long as it reads the same.
  const [text] = useDebouncedValue(JSON.stringify(asked), STILL);
  return useMemo(() => JSON.parse(text) as T, [text]);
}

/** The figures of before stay until the new ones are there; nothing is asked twice, and no answer is kept for later. */
export const PREVIEW = { placeholderData: keepPreviousData, retry: false, staleTime: 0, gcTime: 0 } as const;
