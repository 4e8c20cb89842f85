/** The draft survives a lost server, a reload, and a second tab; nothing typed disappears. */
import type { Page } from '@playwright/test';
import { expect, listen, type Server, test } from './kitchen.ts';

test.use({ demo: true });

const openBench = async (page: Page, server: Server) => {
  const { soups } = await (await fetch(`${server.url}/api/soups`)).json();
  const { id } = soups.find(({ title }: { title: string }) => title.startsWith('Celeriac'));
  await page.goto(`${server.url}/soups/${id}/bench`);
  await expect(page.getByRole('region', { name: 'Pot' })).toBeVisible();
  return { id: id as string, draft: async () => (await fetch(`${server.url}/api/soups/${id}/draft`)).json() };
};

async function weigh(page: Page, name: string, grams: string) {
  await page.getByRole('button', { name: new RegExp(`^Amount of ${name}`) }).click();
  await page.getByLabel(`Grams of ${name}`).fill(grams);
  await page.keyboard.press('Enter');
}
const amountOf = (page: Page, name: string) => page.getByRole('button', { name: new RegExp(`^Amount of ${name}`) });
const gramsOf = (draft: { recipe: { lines: { foodId: string; grams: { best: number } }[] } }, foodId: string) =>
  draft.recipe.lines.find((line) => line.foodId === foodId)?.grams.best;
const saved = (page: Page) => expect(page.getByRole('status').filter({ hasText: /^saved$/ })).toBeVisible();

test('an edit is saved by itself, undone and redone', async ({ page, server }) => {
  const { draft } = await openBench(page, server);
  await weigh(page, 'Onion', '400');
  await expect.poll(async () => gramsOf(await draft(), 'onion')).toBe(400);
  await page.keyboard.press('u');
  await expect(amountOf(page, 'Onion')).toHaveText('220 g');
  await page.keyboard.press('Shift+U');
  await expect(amountOf(page, 'Onion')).toHaveText('400 g');
  await saved(page);
});

test.describe('without the server', () => {
  test.use({ refusals: /net::ERR_/ });

  test('a lost server is said, a reload keeps the work, and it is saved when the server is back', async ({ page, server }) => {
    const { id, draft } = await openBench(page, server);
    await server.kill();
    await weigh(page, 'Onion', '500');
    await expect(page.getByText(/not saved: the server does not answer/)).toBeVisible();
    await server.start();
    // Before the next try comes: the page is closed and opened, and what was typed is on the bench again.
    await page.goto(`${server.url}/soups/${id}/bench`);
    await expect(amountOf(page, 'Onion')).toHaveText('500 g');
    await expect.poll(async () => gramsOf(await draft(), 'onion')).toBe(500);
    await saved(page);
  });
});

test('an idle second tab takes what the first one saved', async ({ page, context, server }) => {
  await openBench(page, server);
  const second = await context.newPage();
  const messages: string[] = [];
  listen(second, messages);
  await openBench(second, server);
  await weigh(page, 'Onion', '450');
  await expect(amountOf(second, 'Onion')).toHaveText('450 g');
  expect(messages).toEqual([]);
});

test.describe('at once', () => {
  test.use({ refusals: /409/ });

  test('two tabs that change different lines are joined, the same line is asked', async ({ page, browser, server }) => {
    const { draft } = await openBench(page, server);
    // Another browser: no channel between the two, so that they meet at the server.
    const other = await (await browser.newContext()).newPage();
    const messages: string[] = [];
    other.on('pageerror', (error) => messages.push(error.message));
    await openBench(other, server);

    await weigh(page, 'Onion', '300');
    await expect.poll(async () => gramsOf(await draft(), 'onion')).toBe(300);
    await weigh(other, 'Apple', '600');
    await expect.poll(async () => gramsOf(await draft(), 'apple')).toBe(600);
    expect(gramsOf(await draft(), 'onion')).toBe(300);
    await expect(amountOf(other, 'Onion')).toHaveText('300 g');

    await weigh(page, 'Apple', '700');
    const dialog = page.getByRole('dialog', { name: 'Someone saved in between' });
    await expect(dialog).toContainText('600 g');
    await dialog.getByRole('button', { name: 'Take theirs' }).click();
    await expect(amountOf(page, 'Apple')).toHaveText('600 g');
    await page.keyboard.press('u');
    await expect(amountOf(page, 'Apple')).toHaveText('700 g');
    await expect.poll(async () => gramsOf(await draft(), 'apple')).toBe(700);
    expect(messages).toEqual([]);
    await other.context().close();
  });
});

test('the pasted text survives a reload', async ({ page, server }) => {
  await page.goto(`${server.url}/read`);
  await page.getByLabel('Recipe text').fill('Leek soup\nServes 2\nIngredients\n2 leeks\nMethod\nSimmer.');
  await expect(page.getByRole('heading', { name: 'Leek soup' })).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Leek soup' })).toBeVisible();
});
