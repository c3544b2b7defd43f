import { useEffect, useRef } from 'react';

type Handlers = Record<string, (() => void) | undefined>;

/** Letters and signs; digits, Space and the arrows are no letters. */
const SINGLE = /^[^\d\s]$/;

let letters = true;

/** Whether single letters do something; each person's own choice. */
export function useLetters(on: boolean) {
  letters = on;
}

const FIELDS = 'input:not([type=radio]), textarea, select, [contenteditable]';
const CONTROLS = 'button, a, summary, input[type=radio]';

/** What was pressed, as it is written in the list of keys: "Space", "Enter", "t", "3", "down", "Alt+2", "?". */
function named(event: KeyboardEvent): string {
  const key = event.code.startsWith('Digit') && event.altKey ? event.code.slice(5) : event.key;
  const plain = key.startsWith('Arrow')
    ? key.slice(5).toLowerCase()
    : key === ' '
      ? 'Space'
      : key.length === 1
        ? key.toLowerCase()
        : key;
  return event.altKey ? `Alt+${plain}` : plain;
}

/**
 * Keys for the whole screen. What is typed into a field stays there until Escape leaves it; Space and Enter on a button press that button,
 * unless it is the part already chosen. Single letters and signs do nothing for whoever has switched them off.
 */
export function useKeys(handlers: Handlers) {
  const latest = useRef(handlers);
  latest.current = handlers;
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      const target = event.target instanceof Element ? event.target : document.body;
      const name = named(event);
      if (name === 'Escape' && target instanceof HTMLElement) {
        target.blur();
      }
      const handler = latest.current[name];
      if (!handler || event.ctrlKey || event.metaKey || event.repeat || (!letters && SINGLE.test(name))) {
        return;
      }
      if (!event.altKey && (target.matches(FIELDS) || document.querySelector('dialog[open]'))) {
        return;
      }
      if (
        (name === 'Space' || name === 'Enter') &&
        target.matches(CONTROLS) &&
        !target.matches('[aria-pressed=true]')
      ) {
        return;
      }
      event.preventDefault();
      handler();
    };
    document.addEventListener('keydown', onKey);
    return () => document.removeEventListener('keydown', onKey);
  }, []);
}
