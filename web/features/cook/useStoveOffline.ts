import { useEffect } from 'react';

const FILES = /\/(?:assets\/|ladle\.svg$)/;
/** Until the page has fetched what it needs. */
const AFTER_MS = 3000;

/** Keeps this screen, its files and its fonts in the browser, so that it opens while the server is away. */
export function useStoveOffline(): void {
  useEffect(() => {
    if (!('serviceWorker' in navigator)) return;
    let gone = false;
    const keep = async () => {
      const { active } = await navigator.serviceWorker.ready;
      const used = performance.getEntriesByType('resource').map(({ name }) => name.split('#')[0] as string);
      const linked = [...document.querySelectorAll<HTMLLinkElement | HTMLScriptElement>('link[href], script[src]')].map((one) =>
        one instanceof HTMLLinkElement ? one.href : one.src,
      );
      if (!gone) active?.postMessage({ keep: [...new Set([...used, ...linked])].filter((url) => FILES.test(url)), page: location.href });
    };
    const timer = setTimeout(() => {
      navigator.serviceWorker.register('/sw.js').then(keep, () => undefined);
    }, AFTER_MS);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, []);
}
