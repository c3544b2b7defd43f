import { useEffect } from 'react';

/**
 * Takes whoever sent a form to the first field that was not accepted.
 *
 * Not at the pan: there the scale is read, and a keyboard would come up over it. Not away from another field either:
 * whoever is typing goes on typing.
 */
export function useFaultFocus() {
  useEffect(() => {
    const main = document.querySelector('main');
    if (!main) {
      return;
    }
    const observer = new MutationObserver((changes) => {
      const faulty = changes
        .map((change) => change.target)
        .filter(
          (target): target is HTMLElement =>
            target instanceof HTMLElement && target.getAttribute('aria-invalid') === 'true',
        );
      const first = [...main.querySelectorAll<HTMLElement>('[aria-invalid="true"]')].find((field) =>
        faulty.includes(field),
      );
      if (first && !first.closest('.pan') && !isField(document.activeElement)) {
        first.focus();
      }
    });
    observer.observe(main, { subtree: true, attributes: true, attributeFilter: ['aria-invalid'] });
    return () => observer.disconnect();
  }, []);
}

function isField(element: Element | null): boolean {
  return element instanceof HTMLInputElement || element instanceof HTMLTextAreaElement;
}
