/** A stock of the house written down once, taken by a soup, seen on its board; and salt that is only 'to taste'. */
import { expect, expectAccessible, test } from './kitchen.ts';

const STOCK =
  '200 g celery, in chunks\n200 g onions, halved\n2.5 litres water\n\nSimmer for 45 minutes without a lid. Strain, discard the vegetables.';

test('a preparation is kept, a soup takes of it, its celery is told with the path, and forgetting it can be undone', async ({ page, server }) => {
  await page.goto(`${server.url}/preparations`);
  await expect(page.getByRole('status')).toContainText('None is kept yet');
  await page.getByRole('link', { name: 'New' }).click();
  await page.getByLabel('Name').fill('House stock');
  await page.getByLabel('What it is made of').fill(STOCK);
  await page.getByLabel('Yield, g').fill('2000');
  const understood = page.getByRole('region', { name: 'What was understood' });
  await expect(understood).toContainText('Contains celery');
  await expect(understood).toContainText('Celery stalk');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('list', { name: 'Preparations' })).toContainText('House stock');

  await page.goto(`${server.url}/read`);
  await page
    .getByRole('textbox', { name: 'Recipe text' })
    .fill('Carrot soup\nServes 4\n\n600 g carrots, sliced\nsalt to taste\n\nSimmer for 20 minutes and blend. Season.');
  await page.getByRole('button', { name: 'Put on the bench' }).click();
  const pot = page.getByRole('region', { name: 'Pot' });
  await pot.getByRole('button', { name: 'from a preparation' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /House stock/ })
    .click();
  await expect(page.getByLabel('Grams of House stock')).toBeFocused();
  await page.keyboard.type('1000');
  await page.keyboard.press('Enter');
  await expect(pot).toContainText('House stock');
  const bowl = page.getByRole('region', { name: 'One bowl' });
  await expect(bowl).toContainText('contains celery');

  await expect(bowl).toContainText('as salted');
  await bowl.getByRole('button', { name: 'Salt it so' }).click();
  await expect(bowl).not.toContainText('as salted');
  await expectAccessible(page);
  await page.reload();
  await expect(page.getByRole('region', { name: 'Pot' })).toContainText('House stock');
  await expect(page.getByRole('region', { name: 'One bowl' })).toContainText('contains celery');

  await page.goto(`${server.url}/preparations`);
  await page.getByRole('link', { name: /House stock/ }).click();
  await page.getByRole('button', { name: 'Forget it' }).click();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(page.getByRole('list', { name: 'Preparations' })).toContainText('House stock');
});

test('a stock that was made stands in the cold and is offered to the soup that cooks in one', async ({ page, server }) => {
  await page.goto(`${server.url}/preparations/new`);
  await page.getByLabel('Name').fill('Leek stock');
  await page.getByLabel('What it is made of').fill('300 g leeks\n2.5 litres water\n\nSimmer for 40 minutes and strain, discard the leeks.');
  await page.getByLabel('Yield, g').fill('2000');
  await page.getByRole('button', { name: 'Keep it' }).click();
  const made = page.getByRole('form', { name: 'Made' });
  await made.getByLabel('Grams put by').fill('1500');
  await made.getByRole('button', { name: 'Put it by' }).click();
  const cold = page.getByRole('region', { name: 'Made and in the cold' });
  await expect(cold.getByRole('row').filter({ hasText: 'Leek stock' })).toContainText(/1[ ,.]?500 of 1[ ,.]?500/);
  await expectAccessible(page);

  await page.goto(`${server.url}/read`);
  await page
    .getByRole('textbox', { name: 'Recipe text' })
    .fill('Potato soup\nServes 4\n\n600 g potatoes, sliced\n1 litre vegetable stock\n\nSimmer for 20 minutes and blend.');
  await page.getByRole('button', { name: 'Put on the bench' }).click();
  const pot = page.getByRole('region', { name: 'Pot' });
  const bowl = page.getByRole('region', { name: 'One bowl' });
  await expect(bowl).toContainText('mg');
  await pot.getByRole('button', { name: /for the vegetable broth/ }).click();
  await expect(pot.getByRole('list', { name: 'From the cold' })).toHaveCount(0);
  await expect(pot).toContainText('Leek stock');
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(pot.getByRole('list', { name: 'From the cold' })).toBeVisible();
  await expectAccessible(page);
});
