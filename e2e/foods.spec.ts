/** The food shelf, and how sure a bowl is, in the real browser. */
import { expect, expectAccessible, test } from './kitchen.ts';

test.use({ demo: true });

test('a food is found by another word and with a slip, and its record shows both tables, portions and where it is used', async ({ page, server }) => {
  await page.goto(`${server.url}/foods`);
  const list = page.getByRole('list', { name: 'Foods found' });
  await page.getByLabel('Search', { exact: true }).fill('egplant');
  await expect(list.getByRole('link').first()).toContainText('Aubergine');
  await page.getByLabel('Search', { exact: true }).fill('celery');
  await list.getByRole('link', { name: /^Celery stalk general figure/ }).click();
  const record = page.getByRole('article', { name: 'Celery stalk' });
  await expect(record.getByRole('row', { name: /Sodium/ })).toContainText('80 mg');
  await expect(record.getByRole('row', { name: /Sodium/ })).toContainText('10.7 differs');
  await expect(record.getByRole('region', { name: 'Portions' })).toContainText('stalk: 50 g (38 to 64)');
  await expect(record.getByRole('region', { name: 'Allergens and cautions' })).toContainText('contains celery');
  await expect(record.getByRole('img', { name: /Of 100 g: water 95 g/ })).toBeVisible();
  await expect(record.getByRole('region', { name: 'Where it is used' }).getByRole('link', { name: 'Chestnut and sherry cream' })).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Search', { exact: true }).fill('zzzzzz');
  await expect(page.getByText('Nothing on the shelf answers to that')).toBeVisible();
});

test('a bowl says how sure it is, what its label would say, and never that a claim is made', async ({ page, server }) => {
  await page.goto(`${server.url}/soups`);
  await page.getByRole('link', { name: 'Celeriac and apple cream' }).click();
  const bowl = page.getByRole('region', { name: 'One bowl' });
  await bowl.getByText('label figures, and what they would support').click();
  await expect(bowl.getByText(/The figures would support/)).toBeVisible();
  await expect(
    bowl
      .getByRole('row', { name: /^Saturated fat/ })
      .getByRole('cell')
      .first(),
  ).toContainText(/^\d+(\.5)? g$/);
  await bowl.getByText('per bowl, 100 g, 245 g and the batch').click();
  await expect(bowl.getByRole('row', { name: /^Carbohydrate, available/ }).getByRole('cell')).toHaveCount(4);
  await bowl.getByRole('button', { name: 'How sure is this?' }).click();
  const dialog = page.getByRole('dialog', { name: 'How sure is this?' });
  await expect(dialog.getByRole('img', { name: /How sodium is spread/ })).toBeVisible();
  await expect(dialog.getByRole('region', { name: 'Sodium' })).toContainText(/it is (over )?\d+ % of the doubt about sodium/);
  const sodium = dialog.getByRole('region', { name: 'Sodium' });
  await sodium.getByText('the same as a table').click();
  await expect(sodium.getByRole('row').nth(3)).toContainText('%');
  await expectAccessible(page);
  // What to read first leads to its line.
  await sodium.getByRole('button', { name: 'To the line of the chicken broth' }).click();
  await expect(dialog).toHaveCount(0);
  await expect(page.getByRole('heading', { name: /^Swaps for chicken broth/ })).toBeVisible();
});

test('a food from a package is put on the shelf, edited and retired', async ({ page, server }) => {
  await page.goto(`${server.url}/foods`);
  await page.getByRole('button', { name: 'From a package' }).click();
  const form = page.getByRole('dialog', { name: 'A food from its package' });
  await form.getByLabel('Name', { exact: true }).fill('Island stock paste');
  await form.getByLabel('Figures are for, g').fill('10');
  await form.getByLabel('Fat, g', { exact: true }).fill('0.5');
  await form.getByLabel('Saturated fat, g').fill('3');
  await expect(form.getByText('3 g cannot be more than the 0.5 g it is part of')).toBeVisible();
  await form.getByLabel('Saturated fat, g').fill('0');
  await form.getByLabel('Sodium, mg').fill('900');
  await form.getByLabel('Ingredients and warnings').fill('Salt, celery, potassium chloride. May contain milk.');
  await expect(form.getByText('Reads: contains celery; may contain milk; potassium chloride')).toBeVisible();
  await expectAccessible(page);
  await form.getByRole('button', { name: 'Put it on the shelf' }).click();
  const record = page.getByRole('article', { name: 'Island stock paste' });
  await expect(record.getByRole('row', { name: /^Sodium/ })).toContainText('9000 mg');
  await expect(record).toContainText('contains celery');
  await record.getByRole('button', { name: 'Edit the label' }).click();
  await page.getByRole('dialog').getByLabel('Sodium, mg').fill('400');
  await page.getByRole('dialog').getByRole('button', { name: 'Save the label' }).click();
  await expect(record.getByRole('row', { name: /^Sodium/ })).toContainText('4000 mg');
  await record.getByRole('button', { name: 'Retire' }).click();
  await expect(record).toContainText('Retired: no longer offered');
  await page.getByLabel('Search', { exact: true }).fill('island stock paste');
  await expect(page.getByRole('list', { name: 'Foods found' }).getByRole('link', { name: /Island stock paste/ })).toHaveCount(0);
});

test('bowls are counted or sized, and the pot weighed with its tare or dipped', async ({ page, server }) => {
  await page.goto(`${server.url}/soups`);
  await page.getByRole('link', { name: 'Celeriac and apple cream' }).click();
  await page.getByRole('button', { name: /bowls of \d+ ml/ }).click();
  const dialog = page.getByRole('dialog', { name: 'Bowls and the pot' });
  await dialog.getByLabel('The pot is').selectOption('scale');
  await dialog.getByLabel('Pot with soup, g').fill('2000');
  await dialog.getByLabel('Empty pot, g').fill('2500');
  await expect(dialog.getByText('must weigh more than the empty pot')).toBeVisible();
  await dialog.getByLabel('Pot with soup, g').fill('8500');
  await dialog.getByLabel('Bowls by').selectOption('grams');
  await dialog.getByLabel('Grams a bowl').fill('250');
  await expect(dialog.getByRole('status')).toContainText('6 kg in the pot (measured: 5.9 to 6.1 kg): 24 bowls');
  await expectAccessible(page);
  await dialog.getByLabel('The pot is').selectOption('stick');
  await dialog.getByLabel('Depth of the soup, cm').fill('9');
  await dialog.getByLabel('Thinned after blending by, g').fill('200');
  await dialog.getByRole('button', { name: 'Use these bowls' }).click();
  await expect(page.getByRole('region', { name: 'Pot' })).toContainText('Water');
  await page.keyboard.press('u');
  await expect(page.getByText('24 bowls of 248 ml')).toBeVisible();
});

test('foods are gone through by arrow keys, each with its kind and other names; none chosen, the house shows its own', async ({ page, server }) => {
  await page.goto(`${server.url}/foods`);
  const house = page.getByRole('region', { name: 'Of this house' });
  await expect(house).toContainText('Foods of this house');
  await expect(house).toContainText('Labels read');
  const list = page.getByRole('list', { name: 'Foods found' });
  await list.getByRole('link').first().focus();
  await page.keyboard.press('ArrowDown');
  await expect(list.getByRole('link').nth(1)).toBeFocused();
  await page.getByLabel('Search', { exact: true }).fill('courgette');
  await expect(list.getByRole('link').first()).toContainText('vegetable');
  await expectAccessible(page);
});
