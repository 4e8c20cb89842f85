/** What a page prints: the PDF of the browser read back, page by page. */
import type { Page } from '@playwright/test';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';

export const PAPERS = ['A4', 'Letter'] as const;

/** The text of every page that comes out of the printer. */
export async function printed(page: Page, format: (typeof PAPERS)[number]): Promise<string[]> {
  const data = new Uint8Array(await page.pdf({ format, preferCSSPageSize: false }));
  const pdf = await getDocument({ data, verbosity: 0, useSystemFonts: true }).promise;
  const pages: string[] = [];
  for (let number = 1; number <= pdf.numPages; number += 1) {
    const { items } = await (await pdf.getPage(number)).getTextContent();
    pages.push(
      items
        .map((item) => ('str' in item ? item.str + (item.hasEOL ? ' ' : '') : ''))
        .join('')
        .replace(/\s+/g, ' '),
    );
  }
  await pdf.destroy();
  return pages;
}
