/** One soup in the ways of a kitchen: side by side, one taken to the bench, the ways of the house chosen. */
import { expect, expectAccessible, test } from './kitchen.ts';

test.use({ demo: true });

test('schools stand side by side, one goes on the bench and is taken back, and the house has its ways', async ({ page, server }) => {
  await page.goto(`${server.url}/soups`);
  await page.getByRole('link', { name: 'Leek and smoked haddock cream' }).click();
  await page.getByRole('link', { name: 'schools' }).click();
  const thickening = page.getByRole('region', { name: 'What thickens it' });
  const roux = thickening.getByRole('row').filter({ has: page.getByRole('rowheader', { name: /^A roux/ }) });
  await expect(roux).toContainText('brings wheat');
  await expect(thickening.getByRole('row').filter({ has: page.getByRole('rowheader', { name: /^Potato/ }) })).toContainText('as it is');
  await expect(page.getByRole('region', { name: 'Spice' })).toContainText('There is no ground spice in it.');
  await expect(page.getByRole('region', { name: 'As it is' })).toContainText('at work');
  await roux.getByText('the method so').click();
  await expect(roux.getByRole('listitem').filter({ hasText: 'melt the butter, stir in the flour' })).toBeVisible();
  await expectAccessible(page);

  // The house's way, by keyboard: kept, and the soup shown in it.
  await page.getByRole('button', { name: 'Roast first is our way' }).focus();
  await page.keyboard.press('Enter');
  const house = page.getByRole('region', { name: 'The ways of this house' });
  await expect(house).toContainText('On a tray at 220 C: the leek and the potato');
  await page.goto(`${server.url}/settings`);
  await expect(page.getByLabel('How it begins')).toHaveValue('roast');
  await page.getByLabel('What thickens it').selectOption('slurry');
  await expect(page.getByText('saved', { exact: true })).toBeVisible();
  await page.goBack();
  await expect(house).toContainText('cornstarch');

  await page.getByRole('button', { name: 'To the bench in the ways of the house' }).click();
  await expect(page).toHaveURL(/\/bench$/);
  await expect(page.getByText('It is on the bench. Undo brings back what was there.', { exact: true })).toBeVisible();
  await expect(page.getByText(/cornstarch/i).first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(page.getByText(/cornstarch/i)).toHaveCount(0);
});
