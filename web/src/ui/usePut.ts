import { useEffect, useRef, useState, useSyncExternalStore } from 'react';
import { ulid } from 'ulid';
import type { Problem } from '../api/client';
import type { paths } from '../api/schema';
import { drop, type Entry, entries, isUnderWay, lookAgain, record, type Written, watch } from './outbox';

type Put<P extends Written> = paths[P] extends { put: infer O } ? O : never;

type ParamsOf<P extends Written> =
  Put<P> extends { parameters: { path: infer V } }
    ? V
    : paths[P] extends { parameters: { path: infer V } }
      ? V
      : Record<string, never>;

type BodyOf<P extends Written> =
  Put<P> extends { requestBody: { content: { 'application/json': infer B } } } ? B : undefined;

type AnswerOf<P extends Written> =
  Put<P> extends { responses: { 200: { content: { 'application/json': infer A } } } } ? A : unknown;

/** Everything that waits, whoever recorded it. */
export function useEverythingWaiting(): Entry[] {
  return useSyncExternalStore(watch, entries).filter((entry) => !entry.fault);
}

/** What waits for one screen, and the last that was not taken. */
export function useOutbox(scope: string) {
  const here = useSyncExternalStore(watch, entries).filter((entry) => entry.scope === scope);
  const refused = here.findLast((entry) => entry.fault);
  return {
    waiting: here.filter((entry) => !entry.fault && entry.text !== ''),
    /** Being sent for the first time just now: what lies on the scale is not recorded again meanwhile. */
    sending: here.some((entry) => isUnderWay(entry.key) && entry.text !== ''),
    refused,
    dismiss: () => {
      for (const entry of here.filter((one) => one.fault)) {
        drop(entry.key);
      }
    },
  };
}

type Options<P extends Written> = {
  onSuccess?: (answer: AnswerOf<P>) => void;
  onError?: (problem: Problem) => void;
  /** Either way. */
  onSettled?: () => void;
};

type Sent<P extends Written> = {
  params: { path: ParamsOf<P> };
  body?: BodyOf<P>;
  /** As it is shown while it waits; nothing is shown of what has no text. */
  name?: string;
  text?: string;
};

/**
 * Writes by way of the outbox: what was pressed is sent until it is answered, over reloads and a lost network, under the same id.
 * Used like a mutation of the page's cache.
 */
export function usePut<P extends Written>(scope: string, path: P, options: Options<P> = {}) {
  const [pending, setPending] = useState(0);
  const [error, setError] = useState<Problem | null>(null);
  const latest = useRef(options);
  latest.current = options;
  const alive = useRef(true);
  useEffect(() => {
    alive.current = true;
    return () => {
      alive.current = false;
    };
  }, []);
  const mutate = (sent: Sent<P>) => {
    const key = ulid();
    const recorded = record(
      {
        key,
        scope,
        path,
        params: sent.params.path as Record<string, string>,
        body: sent.body,
        name: sent.name ?? '',
        text: sent.text ?? '',
      },
      {
        done: (answer) => {
          setPending((n) => n - 1);
          if (alive.current) {
            latest.current.onSuccess?.(answer as AnswerOf<P>);
            latest.current.onSettled?.();
          } else {
            lookAgain();
          }
        },
        refused: (problem) => {
          setPending((n) => n - 1);
          setError(problem);
          if (alive.current) {
            latest.current.onError?.(problem);
            latest.current.onSettled?.();
          }
          // It is said where it was pressed; only a weight stays, to be recorded all the same.
          if (!sent.text) {
            drop(key);
          }
        },
      },
    );
    if (recorded) {
      setPending((n) => n + 1);
      setError(null);
    }
  };
  /** What was asked about, sent again under its own ids as it is meant. */
  const sure = ({ params, name, text, body }: Entry) =>
    mutate({
      params: { path: params as ParamsOf<P> },
      name,
      text,
      body: { ...(body as object), sure: true } as BodyOf<P>,
    });
  return { mutate, sure, isPending: pending > 0, error, reset: () => setError(null) };
}
