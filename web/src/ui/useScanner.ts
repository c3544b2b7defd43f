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

/**
 * A label scanner is a keyboard that types a burst and ends it with Enter. The burst goes nowhere else: what its first character
 * did to a field is put back.
 */
export function useScanner(onScan: (text: string) => void) {
  const latest = useRef(onScan);
  latest.current = onScan;
  useEffect(() => {
    let text = '';
    let last = 0;
    let field: Field | null = null;
    let before = '';
    const onKey = (event: KeyboardEvent) => {
      const now = performance.now();
      const typed = character(event);
      const goesOn = text !== '' && now - last < BURST;
      if (event.key === 'Enter' && goesOn && text.length >= SHORTEST) {
        event.preventDefault();
        event.stopImmediatePropagation();
        if (field) {
          putBack(field, before);
          field.blur();
        }
        latest.current(text);
        text = '';
      } else if (typed !== null && goesOn) {
        event.preventDefault();
        event.stopImmediatePropagation();
        text += typed;
        last = now;
      } else if (typed !== null) {
        text = typed;
        last = now;
        const target = event.target;
        field = target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement ? target : null;
        before = field?.value ?? '';
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
