/** Ways in which work was once lost, each as it was done in the browser, and that it is there. */
import type { Page } from '@playwright/test';
import { expect, type Server, test } from './kitchen.ts';

test.use({ demo: true });

const idOf = async (server: Server, title: string): Promise<string> => (await (await fetch(`${server.url}/api/soups?q=${title}`)).json()).soups[0].id;
const draftOf = async (server: Server, id: string) => (await fetch(`${server.url}/api/soups/${id}/draft`)).json();
const amountOf = (page: Page, name: string) => page.getByRole('button', { name: new RegExp(`^Amount of ${name}`) });
async function weigh(page: Page, name: string, grams: string) {
  await amountOf(page, name).click();
  await page.getByLabel(`Grams of ${name}`).fill(grams);
  await page.keyboard.press('Enter');
}
const gramsOf = (draft: { recipe: { lines: { foodId: string; grams: { best: number } }[] } }, foodId: string) =>
  draft.recipe.lines.find((line) => line.foodId === foodId)?.grams.best;

for (const delay of [900, 3000])
  test(`a soup left while its save of ${delay} ms is under way keeps its own recipe, and so does the next`, async ({ page, server }) => {
    const [first, second] = [await idOf(server, 'celeriac'), await idOf(server, 'parsnip')];
    await page.route(`**/api/soups/${first}/draft`, async (route) => {
      if (route.request().method() === 'PUT') await new Promise((resolve) => setTimeout(resolve, delay));
      await route.continue();
    });
    await page.goto(`${server.url}/soups/${first}/bench`);
    await weigh(page, 'Onion', '410');
    await expect(page.getByText('saving ...')).toBeVisible();
    await page.getByRole('link', { name: 'Soups', exact: true }).click();
    await page.getByRole('link', { name: /^Parsnip/ }).click();
    await expect(amountOf(page, 'Parsnip')).toBeVisible();
    await weigh(page, 'Parsnip', '777');
    await expect.poll(async () => gramsOf(await draftOf(server, second), 'parsnip')).toBe(777);
    await expect.poll(async () => gramsOf(await draftOf(server, first), 'onion')).toBe(410);
    expect((await draftOf(server, first)).recipe.title).toMatch(/^Celeriac/);
    expect(await page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('kind-ladle:draft')))).toEqual([]);
  });

test('an edit made just before leaving is saved, and undo is there after a reload and after a look at Compare', async ({ page, server }) => {
  const id = await idOf(server, 'celeriac');
  await page.goto(`${server.url}/soups/${id}/bench`);
  const before = await amountOf(page, 'Onion').textContent();
  await weigh(page, 'Onion', '333');
  await page.getByRole('link', { name: 'Soups', exact: true }).click();
  await expect.poll(async () => gramsOf(await draftOf(server, id), 'onion')).toBe(333);
  await page.goto(`${server.url}/soups/${id}/bench`);
  await page.reload();
  await expect(amountOf(page, 'Onion')).toHaveText('333 g');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(amountOf(page, 'Onion')).toHaveText(before as string);
});

test('a kept version goes back on the bench in one step, and undo brings back what was there', async ({ page, server }) => {
  const id = await idOf(server, 'celeriac');
  await page.goto(`${server.url}/soups/${id}/bench`);
  const written = await amountOf(page, 'Onion').textContent();
  await weigh(page, 'Onion', '12');
  await page.getByRole('link', { name: 'Compare' }).click();
  await page.getByRole('link', { name: 'Put version 1 on the bench' }).click();
  await expect(amountOf(page, 'Onion')).toHaveText(written as string);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(amountOf(page, 'Onion')).toHaveText('12 g');
});
