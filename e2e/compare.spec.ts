/** Versions told apart at a glance: six at once, what differs first, a picture with its sentence, and out as a table. */
import { readFileSync } from 'node:fs';
import { expect, expectAccessible, test } from './kitchen.ts';

test.use({ demo: true });

test('six versions are compared, pictured, saved as a table and printed', async ({ page, server }) => {
  const { soups } = await (await fetch(`${server.url}/api/soups`)).json();
  const { id } = soups.find(({ title }: { title: string }) => title === 'Celeriac and apple cream');
  const { recipe, needs } = await (await fetch(`${server.url}/api/soups/${id}/draft`)).json();
  const cream = recipe.lines.find(({ foodId }: { foodId: string }) => foodId === 'cream-double');
  for (const share of [0.8, 0.6, 0.4, 0.2, 0.1]) {
    const grams = { best: cream.grams.best * share, low: cream.grams.low * share, high: cream.grams.high * share };
    const lines = recipe.lines.map((line: { id: string }) => (line.id === cream.id ? { ...line, grams } : line));
    const kept = await fetch(`${server.url}/api/soups/${id}/versions`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ name: `${share * 100} % of the cream`, reason: 'for table B', recipe: { ...recipe, lines }, needs }),
    });
    expect(kept.status).toBe(201);
  }
  await page.goto(`${server.url}/soups/${id}/compare?v=1,3,4,5,6,7`);
  const table = page.getByRole('table', { name: /Versions side by side/ });
  await expect(table.getByRole('columnheader')).toHaveCount(7);
  const heads = await table.getByRole('rowheader').allInnerTexts();
  const at = (words: RegExp) => heads.findIndex((head) => words.test(head));
  expect(at(/^Saturated fat/)).toBeGreaterThanOrEqual(0);
  expect(at(/^Saturated fat/)).toBeLessThan(at(/^Check the label/));
  await page.getByRole('button', { name: /^Picture of Saturated fat/ }).press('Enter');
  await expect(page.getByRole('img', { name: /^Saturated fat, g: from .* falls by \d+ %/ })).toBeVisible();
  await expect(page.getByText(/Least in 7\. 10 % of the cream/)).toBeVisible();
  await page.getByText('measures shown', { exact: true }).click();
  await page.getByRole('checkbox', { name: 'Potassium' }).uncheck();
  await expect(table.getByRole('rowheader', { name: /^Potassium/ })).toHaveCount(0);
  await expectAccessible(page);
  // What was chosen lives in the address.
  await page.reload();
  await expect(page.getByRole('img', { name: /^Saturated fat, g/ })).toBeVisible();
  await expect(page.getByRole('rowheader', { name: /^Potassium/ })).toHaveCount(0);
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'CSV' }).click()]);
  const text = readFileSync((await file.path()) as string, 'utf8');
  expect(text.split('\n')[0]).toMatch(/^One bowl,1\. As written,3\. 80 % of the cream/);
  expect(text).toMatch(/"?Saturated fat, g"?,/);
});

test('versions of several soups stand beside each other, and the choice lives in the address', async ({ page, server }) => {
  const { soups } = await (await fetch(`${server.url}/api/soups`)).json();
  const { id } = soups.find(({ title }: { title: string }) => title === 'Celeriac and apple cream');
  await page.goto(`${server.url}/soups/${id}/compare`);
  await page.getByText('a version of another soup').click();
  await page.getByLabel('Which soup').fill('fennel');
  await page.getByRole('button', { name: 'Beside it: Fennel and white bean, 2. For table C' }).press('Enter');
  const head = page.getByRole('columnheader', { name: /Fennel and white bean: 2\. For table C/ });
  await expect(head).toBeVisible();
  await expect(page.getByRole('heading', { name: /From 1\. As written to Fennel and white bean: 2\. For table C/ })).toBeVisible();
  await expectAccessible(page);
  await page.reload();
  await expect(head).toBeVisible();
  await page.getByRole('button', { name: /^Leave out Fennel and white bean/ }).click();
  await expect(head).toHaveCount(0);
});
