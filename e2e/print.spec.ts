/** Paper that works in a kitchen: chosen in one place, remembered, and whole on either paper. */
import { expect, expectAccessible, test } from './kitchen.ts';
import { PAPERS, printed } from './paper.ts';

test.use({ demo: true });

const FORMS = ['Serving sheet', 'Class handout', 'Bowl cards', 'Freezer labels', 'Weigh-out list', 'Shopping list', 'Labels to check'];

test('what to print is chosen in one place and remembered', async ({ page, server }) => {
  const { soups } = await (await fetch(`${server.url}/api/soups`)).json();
  const { id } = soups.find(({ title }: { title: string }) => title === 'Leek and smoked haddock cream');
  await page.goto(`${server.url}/soups/${id}/sheet`);
  await page.getByRole('link', { name: 'other forms' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'On paper' })).toBeVisible();
  await page.getByLabel('Version on the sheet').selectOption('1');
  for (const form of ['Class handout', 'Bowl cards', 'Freezer labels']) await page.getByRole('checkbox', { name: form, exact: true }).check();
  await page.getByRole('checkbox', { name: 'Serving sheet' }).uncheck();
  await expect(page.getByRole('article', { name: /Class handout/ })).toContainText('Fish goes in last');
  await expect(
    page
      .getByRole('article', { name: /Bowl cards/ })
      .getByText('CONTAINS MILK, FISH')
      .first(),
  ).toBeVisible();
  await page.getByLabel('Labels on a sheet').selectOption('3 by 8');
  await expect(page.getByRole('region', { name: 'Label 24' })).toBeVisible();
  await page.getByLabel('Made on').fill('2026-03-02');
  await expect(page.getByRole('region', { name: 'Label 1', exact: true })).toContainText('made 2026-03-02');
  await expectAccessible(page);
  await page.reload();
  await expect(page.getByRole('checkbox', { name: 'Class handout', exact: true })).toBeChecked();
  await expect(page.getByRole('checkbox', { name: 'Serving sheet' })).not.toBeChecked();
  await expect(page.getByLabel('Labels on a sheet')).toHaveValue('3 by 8');
  await page.getByRole('checkbox', { name: /18 pt/ }).check();
  await expect(page.getByRole('article', { name: /Class handout/ })).toHaveClass(/large-print/);
  await page.emulateMedia({ media: 'print' });
  expect(await page.getByRole('article', { name: /Class handout/ }).evaluate((element) => getComputedStyle(element).fontSize)).toBe('24px');
  await expectAccessible(page);
});

test('every form of every demo soup comes out whole: soup, version and n of m on every page, none of them blank', async ({ page, server }) => {
  test.slow();
  const { soups } = await (await fetch(`${server.url}/api/soups`)).json();
  for (const { id, title } of soups) {
    await page.goto(`${server.url}/soups/${id}/print`);
    for (const form of FORMS) await page.getByRole('checkbox', { name: form, exact: true }).check();
    await page.getByRole('article', { name: /Labels to check/ }).waitFor();
    for (const paper of PAPERS) {
      const pages = await printed(page, paper);
      const foot = /(\d+) of (\d+)/;
      for (const [at, text] of pages.entries()) {
        const where = `${title}, ${paper}, page ${at + 1}`;
        const found = foot.exec(text);
        expect([where, found?.[1], found?.[2]]).toEqual([where, String(at + 1), String(pages.length)]);
        expect([where, text.includes(title), /version 2/i.test(text)]).toEqual([where, true, true]);
        // More than its foot stands on it.
        expect([where, text.length > 120]).toEqual([where, true]);
      }
      const all = pages.join(' ');
      for (const words of ['Signed', 'Class handout', 'Weigh out', 'Shopping list', 'Labels to check', 'use by'])
        expect([title, words, all.includes(words)]).toEqual([title, words, true]);
      // One page each but for the handout and long lists, which may run on.
      expect(pages.length).toBeGreaterThanOrEqual(7);
      expect(pages.length).toBeLessThanOrEqual(11);
      expect(pages.filter((text) => /use by/.test(text)).length).toBe(1);
      expect(pages.filter((text) => /Signed/.test(text)).length).toBe(1);
    }
  }
});

test('paper of an unfinished reading says on every form that something is not known', async ({ page, server }) => {
  await page.goto(`${server.url}/read`);
  await page.getByLabel('Recipe text').fill('Carrot soup\nServes 4\n\n600 g carrots\n2 tbsp zorbel\n1 litre water\n\nSimmer all 20 minutes. Blend.');
  await page.getByRole('button', { name: 'Put on the bench' }).click();
  await page.getByRole('link', { name: 'Sheet', exact: true }).click();
  await page.getByRole('link', { name: 'other forms' }).click();
  for (const form of FORMS) await page.getByRole('checkbox', { name: form, exact: true }).check();
  await expect(page.getByRole('note', { name: 'Unfinished' })).toHaveCount(FORMS.length);
  await expect(page.getByRole('region', { name: 'Label 1', exact: true })).toContainText('Not known yet what it holds');
  await expect(page.getByRole('region', { name: 'Card 1' })).toContainText('Not known yet what it holds');
});
