import { useRef } from 'react';

const LONG_MS = 550;

/** A tap does one thing, a long press another; by keyboard a press is a tap. */
export function usePress(tap: () => void, long: () => void) {
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const held = useRef(false);
  const stop = () => {
    if (timer.current) {
      clearTimeout(timer.current);
      timer.current = null;
    }
  };
  return {
    onPointerDown: () => {
      held.current = false;
      timer.current = setTimeout(() => {
        held.current = true;
        long();
      }, LONG_MS);
    },
    onPointerUp: stop,
    onPointerLeave: stop,
    onPointerCancel: stop,
    onContextMenu: (event: { preventDefault: () => void }) => event.preventDefault(),
    onClick: () => {
      if (!held.current) {
        tap();
      }
      held.current = false;
    },
  };
}
