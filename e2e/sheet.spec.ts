/** The serving sheet: from a recipe to a page that can be signed, on both papers, under every rule. */
import { expect, expectAccessible, test } from './kitchen.ts';
import { PAPERS, printed } from './paper.ts';

const SOUP = `Low-sodium broccoli soup, heart-healthy
Serves 4

30 g butter
1 onion, chopped
600 g broccoli
1 litre water
240 g white beans, canned, drained
100 ml double cream

Sweat the onion in the butter 8 minutes. Add the broccoli, beans and water, simmer 15 minutes. Blend. Stir in the cream.`;

test('paste, keep, and sign: by keyboard from the text to the sheet', async ({ page, server }) => {
  await page.goto(`${server.url}/read`);
  await page.getByLabel('Recipe text').fill(SOUP);
  await page.getByRole('button', { name: 'Put on the bench' }).press('Enter');
  await page.getByRole('region', { name: 'Pot' }).waitFor();
  await page.keyboard.press('k');
  await page.getByLabel('Name').fill('For the clinic');
  await page.getByLabel('Name').press('Enter');
  await expect(page.getByRole('link', { name: 'Compare' })).toBeVisible();
  await page.getByRole('link', { name: 'Sheet', exact: true }).press('Enter');
  const sheet = page.getByRole('article');
  await expect(sheet.getByRole('heading', { name: /broccoli/i })).toBeVisible();
  await expect(sheet.getByText(/For the clinic, kept/)).toBeVisible();
  await expect(sheet.getByRole('region', { name: /Allergens/ })).toContainText('milk');
  await expect(sheet.getByText(/The text says 'heart-healthy': not to be said/)).toBeVisible();
  await expect(sheet.getByText(/The text says 'Low-sodium'/)).toBeVisible();
  await expect(sheet.getByText(/2,000 calories a day/)).toBeVisible();
  await expectAccessible(page);

  await page.getByLabel('Rules of the sheet').selectOption('eu');
  await expect(sheet.getByText(/Reference intake of an average adult/)).toBeVisible();
  await expect(sheet.getByText(/2,000 calories a day/)).toBeHidden();
  await expect(sheet.getByRole('row', { name: /Salt/ })).toBeVisible();
  expect(new URL(page.url()).searchParams.get('rules')).toBe('eu');
  await page.emulateMedia({ media: 'print' });
  await expectAccessible(page);
});

test('an unfinished reading says so across the top of its sheet, and gives no figure without at least', async ({ page, server }) => {
  await page.goto(`${server.url}/read`);
  await page.getByLabel('Recipe text').fill(SOUP.replace('100 ml double cream', '100 ml double cream\n2 tbsp zorbel'));
  await page.getByRole('button', { name: 'Put on the bench' }).click();
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await expect(page.getByRole('note', { name: 'Unfinished' })).toContainText(/Unfinished: every figure is at least.*zorbel/);
  await expect(page.getByText(/^Version 1, As read, kept/)).toBeVisible();
  const cells = page.getByRole('region', { name: 'Figures' }).getByRole('cell');
  await expect(cells.first()).toBeVisible();
  const figures = await cells.allInnerTexts();
  expect(figures.filter((text) => /\d/.test(text) && !/^(?:at least|not known)/.test(text))).toEqual([]);
});

test.describe('on paper', () => {
  test.use({ demo: true });
  test('every demo soup has its sheet on one page of either paper', async ({ page, server }) => {
    test.slow();
    const { soups } = await (await fetch(`${server.url}/api/soups`)).json();
    expect(soups.length).toBeGreaterThan(8);
    for (const { id, title } of soups) {
      await page.goto(`${server.url}/soups/${id}/sheet`);
      await page.getByRole('article').waitFor();
      for (const paper of PAPERS) {
        const pages = await printed(page, paper);
        expect([title, paper, pages.length]).toEqual([title, paper, 1]);
        expect(pages[0]).toContain(title);
        expect(pages[0]).toMatch(/Version 2, [A-Z].*Allergens in the bowl/);
        expect(pages[0]).toMatch(/Signed/);
        expect(pages[0]).not.toMatch(/back to the bench|Kind Ladle/);
      }
    }
  });
});
