/** From an original to a kept version, as the dietitian does it: in at most twelve actions, and told what comes in. */
import type { Locator, Page } from '@playwright/test';
import { expect, expectAccessible, test } from './kitchen.ts';

const ASKED = 'no milk, no nuts, at most 400 mg sodium, at least 10 g protein, same body';
const MOST_ACTIONS = 12;

/** Hands that count: a click, a chord, one field filled. */
function countingHands(page: Page) {
  let actions = 0;
  return {
    click: async (target: Locator) => {
      actions += 1;
      await target.click();
    },
    press: async (chord: string) => {
      actions += 1;
      await page.keyboard.press(chord);
    },
    fill: async (target: Locator, text: string) => {
      actions += 1;
      await target.fill(text);
    },
    count: () => actions,
  };
}

async function openBench(page: Page, url: string, soup: string): Promise<void> {
  await page.goto(`${url}/soups`);
  await page.getByRole('link', { name: soup }).click();
  await expect(page.getByRole('region', { name: 'Pot' })).toBeVisible();
}

test.use({ demo: true });

test('no milk, no nuts, little sodium, enough protein, same body: an original becomes a kept version', async ({ page, server }) => {
  const hands = countingHands(page);
  await page.goto(`${server.url}/soups`);
  await hands.click(page.getByRole('link', { name: 'Green pea, ham and mint' }));
  await expect(page.getByRole('region', { name: 'Pot' })).toBeVisible();
  await hands.press('n');
  await hands.fill(page.getByLabel('Say it'), ASKED);
  await hands.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await hands.press('w');
  const plan = page.getByRole('article', { name: 'Plan 1' });
  await expect(plan).toContainText('closest of all');
  // What comes in is shouted, asked about or not.
  await expect(plan).toContainText(/Tell the table: there are oats in it/);
  // The salt that goes, and what the limit leaves of it.
  await expect(plan).toContainText(/g of salt would season it as before, the limit leaves/);
  await expect(page.getByRole('heading', { name: '5 plans, closest first' })).toBeVisible();
  await expectAccessible(page);
  await hands.press('1');
  await expect(page.getByRole('region', { name: 'Needs' })).toContainText(/[45] of 5 met/);
  await hands.press('k');
  await hands.fill(page.getByLabel('Why'), 'for table B');
  await expect(page.getByRole('dialog')).toContainText('Oat cooking cream');
  await expectAccessible(page);
  await hands.press('Enter');
  await expect(page.getByText('Kept as version 3.').first()).toBeVisible();
  expect(hands.count()).toBeLessThanOrEqual(MOST_ACTIONS);

  const id = /soups\/([^/]+)\/bench/.exec(page.url())?.[1] as string;
  const { analysis, needs } = await (await page.request.get(`${server.url}/api/soups/${id}/versions/3`)).json();
  expect(needs.limits).toHaveLength(2);
  expect(analysis.perServing.sodiumMg.value).toBeLessThanOrEqual(400);
  expect(analysis.perServing.proteinG.value).toBeGreaterThanOrEqual(10);
  expect(analysis.allergens.find((one: { id: string }) => one.id === 'milk').state).not.toBe('contains');
  expect(analysis.diets.find((one: { id: string }) => one.id === 'nutFree').state).not.toBe('breaks');
});

test('the same asked of a soup that cannot: the clash is explained, and what giving way would buy', async ({ page, server }) => {
  const hands = countingHands(page);
  await page.goto(`${server.url}/soups`);
  await hands.click(page.getByRole('link', { name: 'Sunchoke and hazelnut' }));
  await expect(page.getByRole('region', { name: 'Pot' })).toBeVisible();
  await hands.press('n');
  await hands.fill(page.getByLabel('Say it'), 'no milk, at least 60 g protein, at most 300 kcal');
  await hands.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await hands.press('w');
  await expect(page.getByText(/No combination of swaps meets/)).toContainText('protein from 60 g');
  await expect(page.getByText(/With protein from .* it can be done/)).toBeVisible();
  await expect(page.getByRole('article', { name: 'Nearest plan' })).toContainText('It misses: ');
  await expectAccessible(page);
  await hands.press('1');
  await hands.press('k');
  await hands.fill(page.getByLabel('Why'), 'nearest there is; protein from the plate');
  await hands.press('Enter');
  await expect(page.getByText('Kept as version 3.').first()).toBeVisible();
  expect(hands.count()).toBeLessThanOrEqual(MOST_ACTIONS);
});

test('what is not understood is named and stays to be said otherwise', async ({ page, server }) => {
  await openBench(page, server.url, 'Celeriac and apple cream');
  await page.keyboard.press('n');
  const field = page.getByLabel('Say it');
  await field.fill('no milk, less of everything');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/Not understood, and not asked: 'less of everything'/)).toBeVisible();
  await expect(field).toHaveValue('less of everything');
  await expect(page.getByRole('region', { name: 'Needs', includeHidden: true })).toContainText('no milk');
});

test('a bowl of another size is a lever like a swap', async ({ page, server }) => {
  await openBench(page, server.url, 'Celeriac and apple cream');
  await page.keyboard.press('n');
  await page.getByLabel('Say it').fill('at most 700 mg sodium');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('w');
  const offer = page.getByText(/In bowls of \d+ ml.*the soup as it is meets everything/);
  await expect(offer).toBeVisible();
  await page.getByRole('button', { name: 'Such bowls' }).click();
  await expect(page.getByRole('region', { name: 'Needs' })).toContainText('1 of 1 met');
});

test('lines are kept, foods are never used, and both are needs like others', async ({ page, server }) => {
  await openBench(page, server.url, 'Cream of chicken and tarragon');
  await page.getByRole('button', { name: 'Double cream, 48 % fat', exact: true }).click();
  await page.getByRole('button', { name: 'keep this line' }).click();
  const needs = page.getByRole('region', { name: 'Needs' });
  await expect(needs).toContainText('keep double cream');
  await page
    .getByRole('button', { name: 'All-purpose flour, wheat', exact: true })
    .or(page.getByRole('button', { name: /flour/i }))
    .first()
    .click();
  await page.getByRole('button', { name: /^never use/ }).click();
  await expect(needs).toContainText('1 of 2 met');
  await page.keyboard.press('w');
  await expect(page.getByRole('article', { name: 'Plan 1' })).toContainText('keep double cream');
  await page.keyboard.press('1');
  await expect(needs).toContainText('2 of 2 met');
  await expect(page.getByRole('button', { name: /^Amount of Double cream/ })).toBeVisible();
});

test('what counts for more can be moved, presets of our own kept, and plans cancelled', async ({ page, server }) => {
  await openBench(page, server.url, 'Parsnip and streaky bacon soup');
  await page.keyboard.press('n');
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'low saturated fat' }).click();
  await dialog.getByRole('button', { name: 'our own presets' }).click();
  await dialog.getByLabel('What is asked now, as').fill('table B');
  await dialog.getByRole('button', { name: 'Save preset' }).click();
  await expect(dialog.getByRole('button', { name: 'Drop the preset table B' })).toBeVisible();
  await dialog.getByText('what counts for more').click();
  await dialog.getByLabel('little work').fill('3');
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('w');
  await expect(page.getByRole('article', { name: 'Plan 1' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Back to single swaps' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: /^Swaps for/ })).toBeVisible();
  await page.keyboard.press('n');
  await page.getByRole('dialog').getByRole('button', { name: 'table B', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Needs', includeHidden: true })).toContainText('saturated fat to 3 g');
});

test('a change has its note, and the versions their difference', async ({ page, server }) => {
  await openBench(page, server.url, 'Celeriac and apple cream');
  await page.getByRole('button', { name: 'Double cream, 48 % fat', exact: true }).click();
  await page.getByRole('article', { name: 'Oat cooking cream' }).getByRole('button', { name: 'Use' }).click();
  await page.getByRole('button', { name: 'Notes and difference' }).click();
  await page.getByLabel(/^Note on: Double cream/).fill('the group liked it');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Done' }).click();
  await page.keyboard.press('k');
  await page.getByLabel('Why').fill('tasted on Tuesday');
  await expect(page.getByRole('dialog')).toContainText('the group liked it');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Kept as version 3.').first()).toBeVisible();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('link', { name: 'Compare' }).click();
  const difference = page.getByRole('region', { name: 'Difference' });
  await expect(difference).toContainText(/Double cream.* › Oat cooking cream/);
  await expect(difference).toContainText('the group liked it');
  await expect(difference).toContainText('Saturated fat');
  await expectAccessible(page);
});

test('help with the body, the balance and the price, and a flow test noted', async ({ page, server }) => {
  await openBench(page, server.url, 'Celeriac and apple cream');
  const bowl = page.getByRole('region', { name: 'One bowl' });
  await bowl.getByText('thinner, thicker, tested').click();
  await expect(bowl).toContainText(/Thicker: hold back \d+ ml/);
  await bowl.getByRole('button', { name: 'Flow tests' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('ml left after 10 s').fill('5.5');
  await dialog.getByRole('button', { name: 'Note the test' }).click();
  await expect(dialog).toContainText('5.5 ml left after ten seconds at 60 °C');
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await bowl.getByText(/acid, sweet, salt/).click();
  await expect(bowl).toContainText(/Flat: acid first/);
  await bowl.getByRole('button', { name: 'prices' }).click();
  await page.getByLabel('EUR for a kilogram of White pepper').fill('40');
  await page.keyboard.press('Tab');
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await expect(bowl).toContainText(/0\.\d\d EUR/);
});
