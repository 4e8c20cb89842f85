import { useEffect, useRef } from 'react';
import { useLocation } from 'react-router';
import { focusHeading } from './focus.ts';

/** The title of a screen, as the window and its history show it. */
export const ScreenTitle = ({ children }: { children: string }) => <title>{`${children} · Kind Ladle`}</title>;

const TRIES = 40;
const EVERY_MS = 50;

/** The focus moves with the screen: to its heading, as soon as it is there. The first screen leaves it to the browser. */
export function useFocusOfScreen(): void {
  const { pathname } = useLocation();
  const shown = useRef(pathname);
  useEffect(() => {
    if (shown.current === pathname) return;
    shown.current = pathname;
    let tries = 0;
    const timer = setInterval(() => {
      tries += 1;
      const typing = document.activeElement instanceof HTMLElement && document.activeElement.matches('input, textarea, select');
      const arrived = document.querySelector('main h1') !== null;
      if (arrived && !typing) focusHeading();
      if (arrived || typing || tries >= TRIES) clearInterval(timer);
    }, EVERY_MS);
    return () => clearInterval(timer);
  }, [pathname]);
}
