/** From a pasted soup to a kept version that outlives a power cut, once by mouse and once by keyboard alone. */
import type { Page } from '@playwright/test';
import { expect, expectAccessible, listen, type Server, test } from './kitchen.ts';

// The server is taken away under the page: what it asks meanwhile is refused, and Chromium says so.
test.use({ refusals: /net::ERR_/ });

const SOUP = `Fennel and potato cream
Serves 6

Ingredients
2 fennel bulbs, sliced
500 g potatoes, diced
40 g unsalted butter
1.2 litres low-sodium chicken stock
200 ml double cream
3 oz ground almonds
2 tbsp wampo flakes
6 g salt

Method
1. Sweat the fennel in the butter for 10 minutes with the lid on.
2. Add the potatoes and stock and simmer for 20 minutes with the lid ajar.
3. Blend with the almonds until smooth.
4. Stir in the cream off the boil and add the salt.
5. Serve with the wampo flakes.
`;

async function figuresAfterPowerCut(server: Server, page: Page): Promise<void> {
  const id = /soups\/([^/]+)\/bench/.exec(page.url())?.[1] as string;
  const before = await (await fetch(`${server.url}/api/soups/${id}/versions/2`)).json();
  await server.kill();
  await server.start();
  // A fresh profile: nothing of this browser's store.
  const fresh = await page.context().browser()?.newContext();
  const messages: string[] = [];
  const other = await (fresh as NonNullable<typeof fresh>).newPage();
  listen(other, messages);
  const version = await (await other.request.get(`${server.url}/api/soups/${id}/versions/2`)).json();
  expect(version).toEqual(before);
  expect(version.analysis.perServing.saturatedFatG.value).toBeLessThanOrEqual(3);
  expect(version.analysis.allergens.find((one: { id: string }) => one.id === 'milk').state).not.toBe('contains');
  await other.goto(`${server.url}/soups/${id}/compare`);
  await expect(other.getByRole('columnheader', { name: /^2\./ })).toBeVisible();
  await expect(other.getByRole('row', { name: /^Saturated fat/ })).toContainText(
    String(Number(version.analysis.perServing.saturatedFatG.value.toFixed(1))),
  );
  await expectAccessible(other);
  expect(messages).toEqual([]);
  await fresh?.close();
}

test('by mouse', async ({ page, server }) => {
  await page.goto(`${server.url}/soups`);
  await expectAccessible(page);
  await page.getByRole('link', { name: 'Read a recipe' }).first().click();
  await page.getByLabel('Recipe text').fill(SOUP);
  const doubts = page.getByRole('region', { name: 'Doubts' });
  await expect(doubts.getByRole('heading')).toHaveText('2 of 2 doubts open');
  await expectAccessible(page);

  await doubts.getByRole('button', { name: /by weight/ }).click();
  await doubts.getByRole('button', { name: 'Find the food' }).click();
  await page.getByLabel('Search the shelf').fill('parsley');
  await expectAccessible(page);
  await page.getByRole('option', { name: /^Parsley, fresh/ }).click();
  await expect(doubts.getByRole('heading')).toHaveText(/^0 of [12] doubts open/);
  await page.getByRole('button', { name: 'Put on the bench' }).click();

  await expect(page.getByRole('region', { name: 'Pot' })).toBeVisible();
  await page.getByRole('button', { name: 'need', exact: true }).click();
  await page.getByRole('dialog').getByLabel('Limit').first().selectOption('saturatedFatG');
  await page.getByRole('dialog').getByLabel('At most, g').fill('3');
  await page.getByRole('button', { name: 'Add limit' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'milk', exact: true }).click();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByRole('button', { name: 'Work it out for me' }).click();
  await page.getByRole('button', { name: 'Take plan 1' }).click();
  await expect(page.getByRole('region', { name: 'Needs' })).toContainText('1 of 2 met, 1 to check');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Keep as version' }).click();
  await page.getByLabel('Why').fill('for table B');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('Kept as version 2.').first()).toBeVisible();
  await figuresAfterPowerCut(server, page);
});

test('by keyboard alone', async ({ page, server }) => {
  await page.goto(`${server.url}/read`);
  await expect(page.getByLabel('Recipe text')).toBeVisible();
  const tabTo = async (name: RegExp) => {
    for (let count = 0; count < 80; count += 1) {
      await page.keyboard.press('Tab');
      const focused = await page.evaluate(() => {
        const element = document.activeElement as HTMLElement | null;
        return element
          ? element.getAttribute('aria-label') || (element as HTMLInputElement).labels?.[0]?.textContent || element.textContent || ''
          : '';
      });
      if (name.test(focused.trim())) return;
    }
    throw new Error(`Tab never came to ${name}`);
  };
  await tabTo(/^Recipe text/);
  await page.keyboard.insertText(SOUP);
  await expect(page.getByRole('region', { name: 'Doubts' }).getByRole('heading')).toHaveText('2 of 2 doubts open');
  await tabTo(/^Find the food/);
  await page.keyboard.press('Enter');
  // A hand waits for the box it types into.
  await expect(page.getByRole('dialog').getByRole('combobox')).toBeFocused();
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type('parsley');
  await expect(page.getByRole('option', { name: /^Parsley, fresh/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Doubts' }).getByRole('heading')).toHaveText(/^1 of [12] doubts open/);
  await expect(page.getByRole('dialog')).toHaveCount(0);
  // d goes to the open doubt, its answers have numbers.
  await page.keyboard.press('d');
  await page.keyboard.press('1');
  await expect(page.getByRole('region', { name: 'Doubts' }).getByRole('heading')).toHaveText(/^0 of [12] doubts open/);
  await tabTo(/^Put on the bench/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Pot' })).toBeVisible();

  await page.keyboard.press('n');
  await expect(page.getByLabel('Say it')).toBeFocused();
  await page.keyboard.type('at most 3 g saturated fat, no milk');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('w');
  await expect(page.getByRole('article', { name: 'Plan 1' })).toBeVisible();
  await page.keyboard.press('1');
  await expect(page.getByRole('region', { name: 'Needs' })).toContainText('1 of 2 met, 1 to check');
  await page.keyboard.press('u');
  await expect(page.getByRole('region', { name: 'Needs' })).toContainText('0 of 2 met');
  await page.keyboard.press('Shift+U');
  await expect(page.getByRole('region', { name: 'Needs' })).toContainText('1 of 2 met, 1 to check');
  await page.keyboard.press('k');
  await expect(page.getByLabel('Name')).toBeFocused();
  await page.keyboard.press('Tab');
  await page.keyboard.type('by keyboard');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Kept as version 2.').first()).toBeVisible();

  await tabTo(/^Sheet$/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('article').getByText(/by keyboard/)).toBeVisible();
  await tabTo(/^other forms/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'On paper' })).toBeVisible();
  for (const form of [/^Class handout/, /^Bowl cards/]) {
    await tabTo(form);
    await page.keyboard.press('Space');
  }
  await expect(page.getByRole('article', { name: /Class handout/ })).toContainText('Blend');
  await expect(page.getByRole('article', { name: /Bowl cards/ })).toBeVisible();
  await page.goto(benchOf(page.url()));
  await figuresAfterPowerCut(server, page);
});

const benchOf = (url: string): string => url.replace(/\/print.*/, '/bench');
