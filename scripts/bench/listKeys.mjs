// A key in the search of a long list, in the real browser: to the paint that shows the letter.
import { chromium } from '@playwright/test';

const WORDS = ['celeriac', 'parsnip', 'pumpkin', 'turnip', 'fennel'];

/** A measure as bench.mjs reports it. `soups` is how many the list holds. */
export async function listKeys(url, soups) {
  const browser = await chromium.launch({
    executablePath: '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
  });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    await page.goto(`${url}/soups`);
    await page.getByRole('rowheader').first().waitFor();
    const samples = await page.evaluate(async (words) => {
      const wait = (ms) => new Promise((resolve) => setTimeout(resolve, ms));
      const afterPaint = () =>
        new Promise((resolve) => {
          requestAnimationFrame(() => {
            const { port1, port2 } = new MessageChannel();
            port1.onmessage = () => resolve(performance.now());
            port2.postMessage(null);
          });
        });
      const input = document.querySelector('[aria-label="Which soups"] input');
      const set = (text) => {
        Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value').set.call(input, text);
        input.dispatchEvent(new Event('input', { bubbles: true }));
      };
      const painted = [];
      for (const word of words)
        for (let length = 1; length <= word.length; length += 1) {
          const text = word.slice(0, length);
          const start = performance.now();
          set(text);
          painted.push((await afterPaint()) - start);
          await wait(120);
        }
      return painted;
    }, WORDS);
    return { name: `list of ${soups} soups, from a key in the search to its paint`, goal: 32, goal95: 32, unit: 'ms', samples };
  } finally {
    await browser.close();
  }
}
