/** What a cook mends on the bench itself: a name, a food, a place; a kitchen without a sieve; cautions on asking. */
import { expect, expectAccessible, test } from './kitchen.ts';

const PEA = `Pea soup
Serves 6

30 g butter
1 onion, chopped
1 litre vegetable broth
700 g frozen peas
100 ml double cream

Sweat the onion in the butter. Add the broth and the peas and simmer 10 minutes.
Blend half of the soup. Stir in the cream.`;

test('a soup is renamed, a line moves, and its food is another; undo takes it back', async ({ page, server }) => {
  await page.goto(`${server.url}/read`);
  await page.getByLabel('Recipe text').fill(PEA);
  await page.getByRole('button', { name: 'Put on the bench' }).click();
  await page.getByRole('button', { name: 'Change the title' }).click();
  await page.getByRole('textbox', { name: 'Title' }).fill('Green pea velouté');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Green pea velouté' })).toBeVisible();

  const pot = page.getByRole('region', { name: 'Pot' });
  await pot.getByRole('button', { name: 'Double cream, 48 % fat', exact: true }).click();
  await page.getByLabel('Where it goes in').selectOption('bowl');
  await expect(pot.getByRole('region', { name: 'In the bowl' }).getByText('Double cream')).toBeVisible();
  await page.getByRole('button', { name: 'it is another food' }).click();
  await page.getByRole('combobox').fill('single cream');
  await page.getByRole('option').first().click();
  await expect(pot.getByRole('region', { name: 'In the bowl' }).getByText('Light cream')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(pot.getByRole('region', { name: 'Finish' }).getByText('Double cream')).toBeVisible();
});

test('the method is read and reworded on the bench, and what is open leads to its line', async ({ page, server }) => {
  await page.goto(`${server.url}/read`);
  await page.getByLabel('Recipe text').fill(`${PEA.replace('100 ml double cream', '100 ml double cream\na dollop of zorbel')}`);
  await page.getByRole('button', { name: 'Put on the bench' }).click();
  await page.getByRole('button', { name: /doubts?$/ }).click();
  const open = page.getByRole('dialog', { name: 'Doubts' });
  await expect(open.getByText(/zorbel/).first()).toBeVisible();
  await expectAccessible(page);
  await open.getByRole('listitem').filter({ hasText: 'zorbel' }).first().getByRole('button', { name: 'to the line' }).click();
  await expect(page.getByRole('region', { name: 'Pot' }).locator('[aria-pressed="true"]')).toContainText('zorbel');

  await page.getByRole('button', { name: /^Method/ }).click();
  const method = page.getByRole('dialog', { name: 'Method' });
  const simmer = method.getByRole('textbox', { name: 'Step 2' });
  await simmer.fill('Add the broth and the peas, put the lid on and simmer 25 minutes.');
  await simmer.blur();
  await expect(method.getByText(/simmer · 25 minutes · lid on/)).toBeVisible();
  await method.getByRole('button', { name: 'step', exact: true }).click();
  await method.getByLabel('New step').fill('Serve with bread.');
  await method.getByRole('button', { name: 'Add it at the end' }).click();
  await expect(method.getByRole('listitem')).toHaveCount(4);
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await page.getByRole('button', { name: /^Method/ }).click();
  await expect(method.getByRole('textbox', { name: 'Step 2' })).toHaveValue(/simmer 10 minutes/);
});

test('a kitchen with a masher and no sieve is told that its soup cannot be smooth', async ({ page, server }) => {
  await page.goto(`${server.url}/settings`);
  const saved = () => page.waitForResponse((reply) => reply.url().endsWith('/api/settings') && reply.request().method() === 'PUT');
  await Promise.all([saved(), page.getByLabel('Soups are blended with').selectOption('masher')]);
  await Promise.all([saved(), page.getByText('A fine sieve is at hand').click()]);
  await expect(page.getByRole('checkbox', { name: 'A fine sieve is at hand' })).not.toBeChecked();
  await page.goto(`${server.url}/read`);
  await page.getByLabel('Recipe text').fill(PEA);
  await page.getByRole('button', { name: 'Put on the bench' }).click();
  await expect(page.getByRole('region', { name: 'Pot' })).toBeVisible();
  await page.keyboard.press('w');
  await expect(page.getByText('Say first what the soup has to meet.', { exact: true })).toBeVisible();
  await page.getByLabel('Say it').fill('smooth');
  await page.keyboard.press('Enter');
  if ((await page.getByRole('dialog').count()) > 0) await page.getByRole('button', { name: 'Close' }).click();
  await page.keyboard.press('w');
  await expect(page.getByText(/no fine sieve it cannot be smooth: a sieve does it/)).toBeVisible({ timeout: 60_000 });
});

test('a house that buys in the United Kingdom reads its flour so', async ({ page, server }) => {
  await page.goto(`${server.url}/settings`);
  const saved = page.waitForResponse((reply) => reply.url().endsWith('/api/settings') && reply.request().method() === 'PUT');
  await Promise.all([saved, page.getByLabel('This house buys in').selectOption('uk')]);
  await page.goto(`${server.url}/read`);
  await page.getByLabel('Recipe text').fill(`${PEA.replace('1 litre', '30 g plain flour\n1 litre')}`);
  await expect(page.getByText('Wheat flour, white, fortified as in the UK').first()).toBeVisible();
});

test('a house under EU rules reads its soups under EU rules', async ({ page, server }) => {
  await page.goto(`${server.url}/settings`);
  const saved = page.waitForResponse((reply) => reply.url().endsWith('/api/settings') && reply.request().method() === 'PUT');
  await Promise.all([saved, page.getByLabel('Rules for new soups').selectOption('eu')]);
  await page.goto(`${server.url}/read`);
  await page.getByLabel('Recipe text').fill(PEA);
  await page.getByRole('button', { name: 'Put on the bench' }).click();
  await expect(page.getByLabel('Rules the figures follow')).toHaveValue('eu');
});

test('few cautions stand at once, and all of them on asking', async ({ page, server }) => {
  await page.goto(`${server.url}/read`);
  await page.getByLabel('Recipe text').fill(`${PEA}\nChill, keep in the fridge and reheat; season to taste. Serve with parsley on top.`);
  await page.getByRole('button', { name: 'Put on the bench' }).click();
  const cautions = page.getByRole('region', { name: 'Cautions' });
  await expect(cautions.locator('li:visible')).toHaveCount(3);
  await cautions.getByText(/\d more/).click();
  await expect(cautions.locator('li:visible').nth(4)).toBeVisible();
});
