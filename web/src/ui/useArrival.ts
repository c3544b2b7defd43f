import { useEffect } from 'react';
import { useLocation } from 'react-router';

/** Names the page after its heading, and takes whoever reads by ear or by keyboard to it when the screen changes. */
export function useArrival() {
  const { pathname } = useLocation();
  useEffect(() => {
    const main = document.querySelector('main');
    let arrived = false;
    const look = () => {
      const heading = main?.querySelector('h1');
      if (!heading) {
        return;
      }
      document.title = `${heading.textContent} · Sectum`;
      if (!arrived && document.body.dataset.from !== undefined && document.body.dataset.from !== pathname) {
        heading.tabIndex = -1;
        heading.focus({ preventScroll: true });
      }
      arrived = true;
      document.body.dataset.from = pathname;
    };
    look();
    const observer = new MutationObserver(look);
    if (main) {
      observer.observe(main, { childList: true, subtree: true, characterData: true });
    }
    return () => observer.disconnect();
  }, [pathname]);
}
