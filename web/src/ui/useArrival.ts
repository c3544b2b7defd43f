import { useEffect, useRef } from 'react';
import { useLocation } from 'react-router';
import { t } from '../lang';

/** Names the page after its heading, and takes whoever reads by ear or by keyboard to it when the screen changes. */
export function useArrival() {
  const { pathname } = useLocation();
  const opened = useRef(pathname);
  useEffect(() => {
    const main = document.querySelector('main');
    const walked = opened.current !== pathname;
    opened.current = '';
    let focused: Element | null = null;
    const look = () => {
      const heading = main?.querySelector('h1');
      if (!heading) {
        return;
      }
      document.title = t('useArrival.sectum', { textContent: heading.textContent });
      // A heading is drawn anew when its screen has loaded: the place is kept, unless somebody has gone on.
      const lost = focused !== heading && document.activeElement === document.body;
      if (walked && (focused === null || lost)) {
        heading.tabIndex = -1;
        heading.focus({ preventScroll: true });
        focused = heading;
      }
    };
    look();
    const observer = new MutationObserver(look);
    if (main) {
      observer.observe(main, { childList: true, subtree: true, characterData: true });
    }
    return () => observer.disconnect();
  }, [pathname]);
}
