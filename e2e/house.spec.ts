/** The house at work: a new house, soups asked for a guest, views and versions by name, the larder, a thousand soups by keys. */
import { expect, expectAccessible, test } from './kitchen.ts';

test('a new house has three ways in, and the demo goes and comes back with one press', async ({ page, server }) => {
  await page.goto(`${server.url}/soups`);
  const ways = page.getByRole('region', { name: 'Three ways in' });
  await expect(ways.getByRole('link', { name: /Paste a recipe/ })).toHaveAttribute('href', '/read');
  await expectAccessible(page);
  await ways.getByLabel('A text file').setInputFiles({
    name: 'soup.txt',
    mimeType: 'text/plain',
    buffer: Buffer.from('Leek soup of the file\nServes 4\n\n500 g leeks\n1 litre water\n\nSimmer 20 minutes and blend.'),
  });
  await expect(page.getByRole('textbox', { name: 'Recipe text' })).toHaveValue(/Leek soup of the file/);
  await expect(page.getByText('500 g leeks').first()).toBeVisible();
  await page.goBack();
  await page.getByRole('button', { name: /Look at a house at work/ }).click();
  await expect(page.getByRole('rowheader')).toHaveCount(12);
  await page.getByRole('button', { name: 'Put them away' }).click();
  await expect(page.getByRole('region', { name: 'Three ways in' })).toBeVisible();
  await page.getByRole('button', { name: 'Bring them back' }).first().click();
  await expect(page.getByRole('rowheader')).toHaveCount(12);
});

test.describe('with the demo kitchen', () => {
  test.use({ demo: true });

  test('which soups do for a guest: asked in words, by keys, told of which version, kept as a view', async ({ page, server }) => {
    await page.goto(`${server.url}/soups`);
    await page.getByLabel('Which soups do for').fill('no mlik, at most 400 mg sodium');
    await page.keyboard.press('Enter');
    await expect(page.getByText("Not understood: 'no mlik'")).toBeVisible();
    await expect(page.getByText('Nothing is listed yet')).toBeVisible();
    await page.getByLabel('Which soups do for').fill('no milk, at most 400 mg sodium');
    await page.keyboard.press('Enter');
    await expect(page.getByText('Asked: no milk; sodium to 400 mg')).toBeVisible();
    await expect(page.getByText('No soup answers to that')).toBeVisible();
    await page.getByLabel('also versions where a label or an unknown figure still has to be checked').press('Space');
    const answers = page.getByRole('list', { name: 'Versions of Fennel and white bean that do' });
    await expect(answers).toContainText('For table C');
    await expect(answers).toContainText('to check');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Keep this view' }).click();
    await page.getByLabel('Name of the view').fill('Guests without milk');
    await page.keyboard.press('Enter');
    await page.goto(`${server.url}/soups`);
    await expect(page.getByRole('rowheader')).toHaveCount(12);
    await page.getByRole('navigation', { name: 'Saved views' }).getByRole('link', { name: 'Guests without milk' }).click();
    await expect(answers).toContainText('For table C');
    await answers.getByRole('link', { name: /For table C/ }).click();
    await expect(page.getByRole('article').getByText(/^Version 2, For table C/)).toBeVisible();
  });

  test('versions are named anew and archived, and a soup is copied', async ({ page, server }) => {
    await page.goto(`${server.url}/soups?q=fennel`);
    await page.getByRole('button', { name: 'All 2 versions of Fennel and white bean' }).click();
    const dialog = page.getByRole('dialog', { name: 'Versions of Fennel and white bean' });
    await dialog.getByRole('textbox', { name: 'Version 2' }).fill('Low in salt, table C');
    await page.keyboard.press('Enter');
    await expect(page.getByText('It is called Low in salt, table C now.')).toBeVisible();
    await dialog.getByRole('button', { name: 'Archive version 2' }).click();
    await expect(dialog.getByText('archived', { exact: true })).toBeVisible();
    await expectAccessible(page);
    // What stands is the version before; the archived one can be brought back.
    await page.keyboard.press('Escape');
    await expect(page.getByRole('row', { name: /Fennel and white bean/ })).not.toContainText('Low in salt');
    await page.getByRole('button', { name: 'All 2 versions of Fennel and white bean' }).click();
    await dialog.getByRole('button', { name: 'Bring back version 2' }).click();
    await expect(dialog.getByRole('button', { name: 'Archive version 2' })).toBeVisible();
    await dialog.getByRole('button', { name: 'Copy as a new soup' }).first().click();
    await expect(page.getByRole('heading', { level: 1, name: /Fennel and white bean \(copy\)/ })).toBeVisible();
  });

  test('the larder: put in, told when it is past, left off the shopping list, and asked of a plan', async ({ page, server }) => {
    await page.goto(`${server.url}/larder`);
    await expect(page.getByText('Nothing is noted here.')).toBeVisible();
    await page.getByRole('button', { name: 'Put something in' }).click();
    await page.getByRole('dialog').getByRole('combobox').fill('leek');
    await page.getByRole('option', { name: /^Leek/ }).first().click();
    await page.getByLabel('Grams as bought').fill('2000');
    await page.keyboard.press('Enter');
    const row = page.getByRole('row', { name: /Leek/ });
    await expect(row).toContainText('no day');
    // What is there finds the soups that take of it.
    await page.goto(`${server.url}/soups?larder=1`);
    await expect(page.getByRole('rowheader').first()).toContainText('larder: Leek');
    const href = await page.getByRole('rowheader').getByRole('link').first().getAttribute('href');
    await page.goto(`${server.url}/larder`);
    await row.getByRole('button', { name: 'Change Leek' }).click();
    const form = page.getByRole('form', { name: 'Change Leek' });
    await form.getByLabel('Use by').fill('2020-01-01');
    await form.getByRole('button', { name: 'Save' }).click();
    await expect(row).toContainText('past');
    await expectAccessible(page);
    // Past its day it finds no soup and is bought anew; with a day to come it is not.
    await page.goto(`${server.url}/soups?larder=1`);
    await expect(page.getByText('No soup answers to that')).toBeVisible();
    await page.goto(`${server.url}${(href as string).replace('bench', 'print')}`);
    await page.getByLabel('Shopping list').check();
    const shopping = page.getByRole('region', { name: 'In the larder already' });
    await expect(page.getByRole('heading', { name: 'Vegetables and fruit' })).toBeVisible();
    await expect(page.getByText('In the larder already')).toBeHidden();
    await page.getByRole('button', { name: 'Bought: put it in the larder' }).click();
    await expect(page.getByRole('heading', { name: 'In the larder already' })).toBeVisible();
    await expect(shopping.or(page.locator('section[aria-label="in the larder already"]'))).toContainText('Leek');
    await page.goto(`${server.url}${href}`);
    await expect(page.getByRole('region', { name: 'Pot' })).toBeVisible();
    await page.keyboard.press('n');
    await page.getByText('what counts for more, and how sure it must be').click();
    await page.getByLabel(/use first what is in the larder/).check();
    await expect(page.getByLabel(/use first what is in the larder/)).toBeChecked();
  });
});

test('of three hundred soups only those in sight are drawn, and arrow keys go through them all', async ({ page, server }) => {
  const recipe = {
    title: 'x',
    servings: 4,
    steps: [],
    lines: [{ id: 'l', stage: 'base', text: '300 g leeks', foodId: 'leek', grams: { best: 300, low: 297, high: 303 } }],
  };
  for (let at = 0; at < 300; at += 20)
    await Promise.all(
      Array.from({ length: 20 }, (_, i) =>
        page.request.post(`${server.url}/api/soups`, { data: { title: `Soup ${String(at + i).padStart(3, '0')}`, recipe } }),
      ),
    );
  await page.goto(`${server.url}/soups?sort=title`);
  await expect(page.getByText('100 of 300')).toBeVisible();
  expect(await page.getByRole('rowheader').count()).toBeLessThan(60);
  await page.getByRole('link', { name: 'Soup 000' }).focus();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('link', { name: 'Soup 001' })).toBeFocused();
  await page.keyboard.press('End');
  await expect(page.getByRole('link', { name: 'Soup 099' })).toBeFocused();
  // The next page comes when the last row is in sight.
  await expect(page.getByText('200 of 300')).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('link', { name: 'Soup 100' })).toBeFocused();
  await expectAccessible(page);
});

test('the walk goes through the kitchen in five steps, and can be left', async ({ page, server }) => {
  await page.goto(`${server.url}/soups`);
  await page.getByRole('button', { name: 'A walk in five steps' }).click();
  const card = (n: number) => page.getByRole('complementary', { name: new RegExp(`Walk through the kitchen, ${n} of 5`) });
  await expect(card(1)).toBeFocused();
  await card(1).getByRole('link', { name: 'To reading' }).click();
  await expect(card(1)).toContainText('You are there.');
  await expectAccessible(page);
  for (const n of [1, 2, 3, 4]) await card(n).getByRole('button', { name: 'Next' }).click();
  await card(5).getByRole('button', { name: 'Done' }).click();
  await expect(page.getByRole('complementary')).toHaveCount(0);
  // It is not offered twice, and is taken again from the help.
  await page.goto(`${server.url}/soups`);
  await expect(page.getByRole('button', { name: 'A walk in five steps' })).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Help: keys and words' })).toBeVisible();
  await page.keyboard.press('?');
  const help = page.getByRole('dialog', { name: 'Keys on soups' });
  await help.getByText('what words mean here').click();
  await expect(help).toContainText('It is no swallowing level');
  await expectAccessible(page);
  await help.getByRole('button', { name: /A walk through the kitchen/ }).click();
  await expect(card(1)).toBeVisible();
  await card(1).getByRole('button', { name: 'Leave the walk' }).click();
  await expect(page.getByRole('complementary')).toHaveCount(0);
});

test.describe('a word of ours on the bench', () => {
  test.use({ demo: true });
  test('one key folds away what is not needed, and brings it back', async ({ page, server }) => {
    await page.goto(`${server.url}/soups`);
    await page.getByRole('link', { name: 'Celeriac and apple cream' }).click();
    const picture = page.getByRole('img', { name: /^The pot from the side/ });
    await expect(picture).toBeVisible();
    await page.keyboard.press('f');
    await expect(picture).toHaveCount(0);
    await expect(page.getByRole('region', { name: 'Allergens' })).toBeVisible();
    await expect(page.getByRole('button', { name: 'How sure is this?' })).toHaveCount(0);
    await expectAccessible(page);
    await page.getByRole('button', { name: 'All figures and the pot' }).click();
    await expect(picture).toBeVisible();
  });
  test('what a step puts in lights up in the pot and among its lines', async ({ page, server }) => {
    await page.goto(`${server.url}/soups`);
    await page.getByRole('link', { name: 'Leek and smoked haddock cream' }).click();
    const pot = page.getByRole('region', { name: 'Pot', exact: true });
    for (const _ of [1, 2, 3]) await pot.getByRole('button', { name: 'Next step' }).click();
    await expect(pot.getByRole('status')).toContainText('3 of 5: Add the haddock');
    await expect(pot.getByText('(in this step)')).toHaveCount(1);
    await expect(pot.getByRole('button', { name: 'Haddock, smoked (in this step)' })).toBeVisible();
    await expectAccessible(page);
  });
  test('a pot of known depth says how full it gets', async ({ page, server }) => {
    await page.goto(`${server.url}/soups`);
    await page.getByRole('link', { name: 'Leek and smoked haddock cream' }).click();
    await page.getByRole('button', { name: /bowls of/ }).click();
    await page.getByLabel('Pot, deep to its brim, cm (empty if unknown)').fill('5');
    await page.getByRole('button', { name: 'Use these bowls' }).click();
    // 28 cm across, 5 cm deep: 3.1 litres.
    await expect(page.getByText(/of the pot's 3\.1 litres at its fullest/)).toContainText('more than it holds');
  });
  test('twice the bowls are cooked: every line and step, and what does not follow is told', async ({ page, server }) => {
    await page.goto(`${server.url}/soups`);
    await page.getByRole('link', { name: 'Leek and smoked haddock cream' }).click();
    await page.getByRole('button', { name: /bowls of/ }).click();
    const dialog = page.getByRole('dialog', { name: 'Bowls and the pot' });
    await dialog.getByLabel('Bowls', { exact: true }).fill('24');
    await dialog.getByLabel('cook that many: every line and step for these bowls').check();
    await expect(dialog.getByRole('list', { name: 'What does not follow the bowls' })).toContainText('what boils away follows its width');
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Use these bowls' }).click();
    const pot = page.getByRole('region', { name: 'Pot', exact: true });
    await expect(pot.getByRole('button', { name: /^Amount of Haddock/ })).toContainText('1.2 kg');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(pot.getByRole('button', { name: /^Amount of Haddock/ })).toContainText('600 g');
  });
  test('is explained where it stands', async ({ page, server }) => {
    await page.goto(`${server.url}/soups`);
    await page.getByRole('link', { name: 'Celeriac and apple cream' }).click();
    await page.getByRole('button', { name: 'body: what it means' }).click();
    await expect(page.getByRole('dialog', { name: 'What body means' })).toContainText('no swallowing level');
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await expect(page.getByRole('button', { name: 'body: what it means' })).toBeFocused();
  });
});
