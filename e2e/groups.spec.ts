/** A table by seat, and how few pots serve it. */
import { readFileSync } from 'node:fs';
import { expect, expectAccessible, test } from './kitchen.ts';

test.use({ demo: true });

test('a group is built by keyboard, its needs shown back, and served from the fewest pots', async ({ page, server }) => {
  await page.goto(`${server.url}/groups`);
  await page.getByRole('button', { name: 'New group' }).press('Enter');
  await page.getByLabel('Name of the group').fill('Monday lunch');
  await page.getByLabel('Needs of A1').fill('no milk');
  await page.getByLabel('Needs of A1').press('Enter');
  await expect(page.getByText('no milk', { exact: false }).first()).toBeVisible();
  await page.getByRole('button', { name: 'guest', exact: true }).press('Enter');
  await page.getByLabel('Needs of A2').fill('at most 400 mg sodium');
  await page.getByLabel('Needs of A2').press('Enter');
  await expect(page.getByText('sodium to 400 mg')).toBeVisible();
  await page.getByRole('button', { name: 'guest', exact: true }).press('Enter');
  // A name is refused where it is typed, and told why.
  await page.getByLabel('Seat 3').fill('Harriet Vonn');
  await expect(page.getByText(/it looks like a name/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep the group' })).toBeDisabled();
  await page.getByLabel('Seat 3').fill('B1');
  await page.getByLabel('Bowls of B1').fill('2');
  // A need that is not understood is not dropped on keeping.
  await page.getByLabel('Needs of B1').fill('no glumpf');
  await page.getByLabel('Needs of B1').press('Enter');
  await expect(page.getByText("Not understood: 'no glumpf'", { exact: false })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Keep the group' })).toBeDisabled();
  await page.getByLabel('Needs of B1').fill('');
  await page.getByLabel('Needs of B1').press('Enter');
  // What stands beside a bowl, and the days of a guest.
  await page.getByLabel('Beside the bowl of A2').fill('60 g rye bread');
  await page.getByLabel('Beside the bowl of A2').press('Enter');
  await expect(page.getByText('beside: 60 g rye bread', { exact: false })).toBeVisible();
  await page.getByText('B1 comes every day').click();
  await page.getByLabel('B1 comes on').fill('2027-03-08');
  await page.getByRole('button', { name: 'Add this day of B1' }).press('Enter');
  await expect(page.getByText('B1 comes on one day')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Keep the group' }).press('Enter');
  await expect(page.getByRole('heading', { name: 'Monday lunch' })).toBeVisible();
  // The house's soups against the table: a cell is pressed for what decides it.
  const cell = page.getByRole('button', { name: /^Cream of chicken and tarragon, .+, A1: breaks$/ });
  await cell.press('Enter');
  await expect(page.getByText(/no milk: not met \(.+\)/)).toBeVisible();
  await page.getByLabel('Of which soup').selectOption({ label: 'Fennel and white bean' });
  await page.getByRole('button', { name: 'Work out the pots' }).click();
  const pots = page.getByRole('list', { name: 'Pots, the strictest cooked first' });
  await expect(pots.getByRole('listitem').first()).toContainText('A1', { timeout: 60_000 });
  await expect(page.getByText('proven')).toBeVisible();
  await expect(pots).toContainText('B1');
  await expectAccessible(page);
  await page.setViewportSize({ width: 390, height: 844 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
});

test('a group goes out as a table and comes back; a table with a name in it is refused with its row', async ({ page, server }) => {
  await page.goto(`${server.url}/groups/new`);
  await page.getByLabel('Name of the group').fill('Monday lunch');
  const table = (text: string) => ({ name: 'guests.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  await page.getByLabel('A table of guests').setInputFiles(table('seat,needs\nA1,no milk\nHarriet Vonn,vegan\n'));
  await expect(page.getByText(/Nothing of the table is taken. row 3: 'Harriet Vonn' is no seat/)).toBeVisible();
  await expect(page.getByRole('list', { name: 'Guests, by seat' }).getByRole('listitem')).toHaveCount(1);
  await page.getByLabel('A table of guests').setInputFiles(table('seat,bowls,needs\nA1,1,no milk\nB2,2,vegan; at most 400 mg sodium\n'));
  await expect(page.getByRole('list', { name: 'Guests, by seat' }).getByRole('listitem')).toHaveCount(2);
  await expect(page.getByText('vegan; sodium to 400 mg')).toBeVisible();
  await expectAccessible(page);
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'To a table' }).press('Enter')]);
  expect(file.suggestedFilename()).toBe('monday-lunch.csv');
  expect(readFileSync(await file.path(), 'utf8')).toBe('seat,bowls,needs\nA1,1,no milk\nB2,2,vegan; at most 400 mg sodium\n');
});
