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

/** Who hears of a label: whether it is theirs (asked while it is still being read, too), and what they do with it. */
export type Hearer = { mine: (text: string) => boolean; hear: (text: string) => void };

/** What every label of this house begins with. */
const HOUSE = 'sectum:';

/** Whether a text, or what has been read of it, is a label of this house; scanners may put the code's kind before it. */
export function isHouseLabel(text: string): boolean {
  return HOUSE.startsWith(
    text
      .replace(/^\][A-Za-z]?\d?/, '')
      .slice(0, HOUSE.length)
      .toLowerCase(),
  );
}

/** All who hear, the latest last. One burst of keys is one label, and one of them gets it. */
const hearers: Hearer[] = [];

/** Whose a text is: the latest who calls it theirs; undefined when nobody does. */
export function whose(text: string, all: readonly Hearer[] = hearers): Hearer | undefined {
  return [...all].reverse().find((one) => one.mine(text));
}

/** Keys that only shape the next one. */
const SHAPING = ['Shift', 'Control', 'AltGraph', 'CapsLock'];

let burst = NOTHING;

function onKey(event: KeyboardEvent) {
  const { target } = event;
  const field = target instanceof HTMLInputElement || target instanceof HTMLTextAreaElement ? target : null;
  const typed = character(event);
  const enter = event.key === 'Enter';
  if (typed === null && !enter) {
    if (!SHAPING.includes(event.key)) {
      burst = NOTHING;
    }
    return;
  }
  const next = afterKey(burst, { typed, enter, at: performance.now() });
  if (enter) {
    const hearer = next.scanned ? whose(next.text) : undefined;
    const { field: written, before } = burst;
    burst = NOTHING;
    if (hearer) {
      event.preventDefault();
      event.stopImmediatePropagation();
      if (written) {
        putBack(written, before);
        written.blur();
      }
      hearer.hear(next.text);
    }
    return;
  }
  burst = next.text.length === 1 ? { ...next, field, before: field?.value ?? '' } : next;
  // Beside the fields a burst would press shortcuts.
  if (next.text.length > 1 && !field && whose(next.text)) {
    event.preventDefault();
    event.stopImmediatePropagation();
  }
}

/**
 * A label scanner is a keyboard that types a burst and ends it with Enter. While it lasts a field gets what is typed, as from
 * any keyboard; only once it has turned out to be a label is the field given back what stood there before. The house's own
 * labels go to whoever asks for those alone.
 */
export function useScanner(onScan: (text: string) => void, mine = (text: string) => !isHouseLabel(text)) {
  const latest = useRef({ onScan, mine });
  latest.current = { onScan, mine };
  useEffect(() => {
    const hearer: Hearer = {
      mine: (text) => latest.current.mine(text),
      hear: (text) => latest.current.onScan(text),
    };
    if (hearers.push(hearer) === 1) {
      window.addEventListener('keydown', onKey, true);
    }
    return () => {
      hearers.splice(hearers.indexOf(hearer), 1);
      if (hearers.length === 0) {
        window.removeEventListener('keydown', onKey, true);
      }
    };
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
