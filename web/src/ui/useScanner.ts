import { useEffect, useRef } from 'react';

/** A person does not type this fast; milliseconds between two keys. */
const BURST = 45;

/** No label is shorter. */
const SHORTEST = 8;

/** The function character that ends a value of varying length, as scanners send it: Ctrl and a bracket. */
const SEPARATOR = '\x1d';

type Field = HTMLInputElement | HTMLTextAreaElement;

function character(event: KeyboardEvent): string | null {
  if (event.ctrlKey && event.key === ']') {
    return SEPARATOR;
  }
  return event.key.length === 1 && !event.ctrlKey && !event.metaKey && !event.altKey ? event.key : null;
}

/** Puts back what stood in a field, in the way the page's framework notices. */
function putBack(field: Field, value: string) {
  const proto = field instanceof HTMLInputElement ? HTMLInputElement.prototype : HTMLTextAreaElement.prototype;
  Object.getOwnPropertyDescriptor(proto, 'value')?.set?.call(field, value);
  field.dispatchEvent(new Event('input', { bubbles: true }));
}

type Burst = { text: string; last: number; field: Field | null; before: string };

const NOTHING: Burst = { text: '', last: 0, field: null, before: '' };

/** What one more key makes of a burst: it goes on, begins anew, or was a label. A field keeps what is typed into it all the while. */
export function afterKey(
  burst: Burst,
  key: { typed: string | null; enter: boolean; at: number },
): Burst & { scanned: boolean } {
  const goesOn = burst.text !== '' && key.at - burst.last < BURST;
  if (key.enter) {
    return goesOn && burst.text.length >= SHORTEST ? { ...burst, scanned: true } : { ...NOTHING, scanned: false };
  }
  if (key.typed === null) {
    return { ...burst, scanned: false };
  }
  return goesOn
    ? { ...burst, text: burst.text + key.typed, last: key.at, scanned: false }
    : { ...NOTHING, text: key.typed, last: key.at, scanned: false };
}

/**
 * A label scanner is a keyboard that types a burst and ends it with Enter. While it lasts a field gets what is typed, as from
 * any keyboard; only once it has turned out to be a label is the field given back what stood there before.
 */
export function useScanner(onScan: (text: string) => void) {
  const latest = useRef(onScan);
  latest.current = onScan;
  useEffect(() => {
    let burst = NOTHING;
    const onKey = (event: KeyboardEvent) => {
      const { target } = event;
      const field = target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement ? target : null;
      const next = afterKey(burst, {
        typed: character(event),
        enter: event.key === 'Enter',
        at: performance.now(),
      });
      if (next.scanned) {
        event.preventDefault();
        event.stopImmediatePropagation();
        if (burst.field) {
          putBack(burst.field, burst.before);
          burst.field.blur();
        }
        burst = NOTHING;
        latest.current(next.text);
        return;
      }
      if (next.text.length === 1) {
        burst = { ...next, field, before: field?.value ?? '' };
        return;
      }
      burst = next;
      // Beside the fields a burst would press shortcuts.
      if (next.text.length > 1 && !field) {
        event.preventDefault();
        event.stopImmediatePropagation();
      }
    };
    window.addEventListener('keydown', onKey, true);
    return () => window.removeEventListener('keydown', onKey, true);
  }, []);
}

/** What a scanner does with a label, key by key; for the demo's labels. */
export function typeAsScanner(text: string) {
  const target = document.activeElement ?? document.body;
  const press = (key: string, more: KeyboardEventInit = {}) =>
    target.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true, ...more }));
  for (const character of text) {
    character === SEPARATOR ? press(']', { ctrlKey: true }) : press(character);
  }
  press('Enter');
}
