/** Plans as they are asked for in a kitchen, taken, and read aloud from the page: no step orders what is gone, none has a bracket. */
import type { Page } from '@playwright/test';
import { expect, expectAccessible, test } from './kitchen.ts';

const BROCCOLI = `Broccoli and cheddar soup
Serves 6

60 g butter
1 onion, chopped
40 g flour
700 ml chicken broth
480 ml half-and-half
500 g broccoli
300 g cheddar, grated

Melt the butter and sweat the onion. Stir in the flour and cook 2 minutes.
Whisk in the broth and the half-and-half. Add the broccoli and simmer 20 minutes.
Blend until smooth. Off the heat, stir in the cheddar.`;
const BISQUE = `Prawn bisque
Serves 6

50 g butter
1 onion, chopped
1 carrot
500 g raw prawns
40 g flour
1 litre fish stock
2 tbsp tomato paste
200 ml double cream

Sweat the onion and carrot in the butter. Add the prawns and cook 3 minutes.
Stir in the flour and tomato paste. Pour in the stock and simmer 20 minutes.
Blend and sieve. Stir in the cream.`;
const PEA = `Pea soup
Serves 6

30 g butter
1 onion, chopped
1 litre vegetable broth
700 g frozen peas
150 g potatoes, diced
100 ml double cream

Sweat the onion in the butter. Add the potatoes and the broth and simmer 15 minutes. Add the peas and simmer 5 minutes.
Blend. Stir in the cream.`;
const MUSHROOM = `Cream of mushroom soup
Serves 6

40 g butter
500 g mushrooms, sliced
1 onion, chopped
30 g flour
1 litre chicken broth
100 ml single cream

Melt the butter and brown the mushrooms. Add the onion and sweat until soft.
Stir in the flour and cook 2 minutes. Add the broth and simmer 20 minutes.
Blend. Stir in the cream.`;
const CHOWDER = `Smoked haddock chowder
Serves 6

60 g butter
1 onion, chopped
450 g potatoes, diced
700 ml milk
400 g smoked haddock
60 g crackers

Sweat the onion in the butter. Add the potatoes and the milk and simmer 15 minutes.
Blend half of it. Stir in the haddock and simmer 5 minutes. Top with the crackers.`;

async function onBench(page: Page, url: string, text: string): Promise<void> {
  await page.goto(`${url}/read`);
  await page.getByLabel('Recipe text').fill(text);
  await page.getByRole('button', { name: 'Put on the bench' }).click();
  await expect(page.getByRole('region', { name: 'Pot' })).toBeVisible();
}

async function ask(page: Page, said: string): Promise<void> {
  await page.keyboard.press('n');
  await page.getByLabel('Say it').fill(said);
  await page.keyboard.press('Enter');
  await expect(
    page
      .getByLabel('Say it')
      .or(page.getByRole('region', { name: 'Pot' }))
      .first(),
  ).toBeVisible();
  if ((await page.getByRole('dialog').count()) > 0) await page.getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('w');
  await expect(page.getByRole('heading', { name: /plans?, closest first/ })).toBeVisible({ timeout: 60_000 });
}

/** The method of plan 1 as it would be read aloud: what stays and what comes. */
async function method(page: Page, plan = 'plan 1'): Promise<string> {
  await page.getByText(`the method of ${plan}, with what changes`).click();
  const card = page.getByRole('article', { name: new RegExp(plan, 'i') });
  await expect(card.locator('ol li').first()).toBeVisible();
  return card.locator('ol li').evaluateAll((steps) =>
    steps
      .map((step) =>
        [...step.childNodes]
          .filter((node) => node.nodeName !== 'DEL')
          .map((node) => node.textContent)
          .join(''),
      )
      .join(' '),
  );
}

test('broccoli and cheddar made vegan with at most 700 mg sodium', async ({ page, server }) => {
  await onBench(page, server.url, BROCCOLI);
  await ask(page, 'vegan, at most 700 mg sodium');
  const plan = page.getByRole('article', { name: 'Plan 1' });
  await expect(plan).toContainText('This is another soup: it has lost its cheddar cheese.');
  await expect(plan).toContainText(/Tell the table/);
  await expectAccessible(page);
  const told = await method(page);
  expect(told).not.toMatch(/[[\]]|\bcheddar\b|\bbutter\b|half-and-half/);
  expect(told).toMatch(/Heat the .*oil and sweat the onion/);
});

test('a bisque without milk keeps its prawns', async ({ page, server }) => {
  await onBench(page, server.url, BISQUE);
  await ask(page, 'no milk');
  const told = await method(page);
  expect(told).toMatch(/Add the prawns and cook 3 minutes/);
  expect(told).not.toMatch(/[[\]]|\bbutter\b|the double cream/);
});

test('a pea soup for kidneys: water for the stock, and how much salt is left', async ({ page, server }) => {
  await onBench(page, server.url, PEA);
  await ask(page, 'at most 350 mg potassium, at most 150 mg phosphorus, at most 400 mg sodium');
  const plan = page.getByRole('article', { name: 'Plan 1' });
  await expect(plan).toContainText(/3 of 3 met/);
  await expect(plan).not.toContainText(/potassium chloride/);
  expect(await method(page)).not.toMatch(/[[\]]/);
});

test("older people's mushroom soup with energy and protein", async ({ page, server }) => {
  await onBench(page, server.url, MUSHROOM);
  await ask(page, 'at least 300 kcal, at least 12 g protein');
  const plan = page.getByRole('article', { name: 'Plan 1' });
  await expect(plan).toContainText(/2 of 2 met/);
  expect(await method(page)).toMatch(/330 g mushrooms|brown the mushrooms/);
});

test('a chowder asked to be smooth is refused as it is, and mended', async ({ page, server }) => {
  await onBench(page, server.url, CHOWDER);
  await ask(page, 'smooth');
  await expect(page.getByRole('region', { name: 'Needs' })).toContainText('0 of 1 met');
  await expect(page.getByRole('article', { name: 'Plan 1' })).toContainText('no level of a texture framework');
  const told = await method(page);
  expect(told).toMatch(/Put the smoked haddock in before blending|haddock .*before blending/);
  expect(told).not.toMatch(/crackers|Blend half/);
});

test('a change is refused, a plan taken, a line put back, and the version kept', async ({ page, server }) => {
  await onBench(page, server.url, BISQUE);
  await ask(page, 'no milk');
  const first = page.getByRole('article', { name: 'Plan 1' });
  await expect(first).toContainText('oat cooking cream');
  await first.getByRole('button', { name: /^Not this one: Oat cooking cream/ }).click();
  await expect(page.getByRole('heading', { name: /plans?, closest first/ })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('article', { name: 'Plan 1' })).not.toContainText('oat cooking cream in');
  await page.getByRole('button', { name: 'Take plan 1' }).click();
  const pot = page.getByRole('region', { name: 'Pot' });
  await expect(pot).toContainText('taken out: Double cream');
  await page.getByRole('button', { name: 'Put back Butter, salted' }).click();
  await expect(pot).not.toContainText('taken out: Butter');
  await expect(pot).toContainText('taken out: Double cream');
  await page.keyboard.press('k');
  await page.getByLabel('Why').fill('for seat B3');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/for seat B3|kept/i).first()).toBeVisible();
});
