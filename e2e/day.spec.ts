/** A lunch for twelve: who comes, the fewest pots, what moves when something changes, paper for the pass and the seats, and the week. */
import { expect, expectAccessible, test } from './kitchen.ts';

test.use({ demo: true });

test('a lunch is worked out for a group of twelve, a guest is moved, and the week tells what each gets', async ({ page, server }) => {
  await page.goto(`${server.url}/day/2027-03-08`);
  await page
    .getByLabel('Group', { exact: true })
    .or(page.getByRole('combobox', { name: /^Group/ }))
    .first()
    .selectOption({ index: 1 });
  await page.getByLabel('Find a soup').fill('fennel');
  await page.getByRole('button', { name: /Fennel and white bean: 1\./ }).click();
  await expect(page.getByText('12 of 12 come')).toBeVisible();
  await page.getByLabel('C3').uncheck();
  await expect(page.getByText('11 of 12 come')).toBeVisible();
  await page.getByRole('button', { name: 'Work out the day' }).click();
  const pots = page.getByRole('list', { name: 'Pots, the strictest cooked first' });
  await expect(pots.getByRole('listitem').first()).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('region', { name: 'Before service' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Plan' }).getByRole('row').nth(1)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Shopping list' })).toContainText('Fennel');
  await expect(page.getByRole('article', { name: 'Card of A1' })).toBeVisible();
  await expect(page.getByRole('article', { name: 'Card of C3' })).toHaveCount(0);
  await expectAccessible(page);

  // Someone more at the table: what was worked out says that it answers another question.
  await page.getByLabel('C3').check();
  await expect(page.getByText(/This was worked out before the last change/)).toBeVisible();
  await page.getByRole('button', { name: 'Work out the day' }).click();
  await expect(page.getByRole('article', { name: 'Card of C3' })).toBeVisible({ timeout: 60_000 });

  // The day is kept, and found again.
  await page.reload();
  await expect(page.getByRole('article', { name: 'Card of C3' })).toBeVisible();
  await page.getByRole('link', { name: 'The week' }).click();
  await expect(page.getByRole('list', { name: 'The days' }).getByText('Fennel and white bean')).toBeVisible();
  await expect(page.getByRole('rowheader', { name: 'B2' })).toBeVisible();
  await expect(page.getByRole('row').filter({ hasText: 'B2' })).toContainText('kept 1 of 1');
  await expectAccessible(page);
});

test('the day sheet and the bowl cards are printed, and the day can be used at 390 px', async ({ page, server }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${server.url}/day/2027-03-09`);
  await page.getByRole('combobox', { name: /^Group/ }).selectOption({ index: 1 });
  await page.getByLabel('Find a soup').fill('celeriac');
  await page.getByRole('button', { name: /Celeriac and apple cream: 1\./ }).click();
  await page.getByRole('button', { name: 'Work out the day' }).click();
  await expect(page.getByRole('article', { name: 'Card of A1' })).toBeVisible({ timeout: 60_000 });
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
  await expectAccessible(page);
  await page.evaluate(() => {
    window.print = () => {};
  });
  await page.getByRole('button', { name: 'Bowl cards' }).click();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('article', { name: 'Card of B3' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Shopping list' })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('button', { name: 'Day sheet' }).click();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('region', { name: 'Shopping list' })).toBeVisible();
  await expect(page.getByRole('article', { name: 'Card of B3' })).toBeHidden();
});

test('what if a guest ate from another pot, or needed something else: what moves is told', async ({ page, server }) => {
  const limit = (bounds: object) => ({ limits: [{ nutrient: 'energyKcal', per: 'serving', ...bounds }] });
  const guests = [
    { seat: 'A1', needs: limit({ min: 260 }) },
    { seat: 'A2', needs: limit({ max: 140 }) },
    { seat: 'A3', needs: {} },
  ];
  const made = await page.request.post(`${server.url}/api/groups`, { data: { name: 'Three at odds', guests } });
  const group = await made.json();
  await page.goto(`${server.url}/day/2027-03-10`);
  await page.getByRole('combobox', { name: /^Group/ }).selectOption(group.id);
  await page.getByLabel('Find a soup').fill('celeriac');
  await page.getByRole('button', { name: /Celeriac and apple cream: 1\./ }).click();
  await page.getByRole('button', { name: 'Work out the day' }).click();
  const pots = page.getByRole('list', { name: 'Pots, the strictest cooked first' });
  await expect(pots.getByRole('heading', { name: /^Pot/ })).toHaveCount(2, { timeout: 60_000 });
  const move = page.getByRole('combobox', { name: /^Move a guest of pot/ }).filter({ hasText: 'A3 from pot' });
  await move.selectOption({ label: (await move.locator('option', { hasText: 'A3 from pot' }).textContent()) ?? '' });
  await expect(page.getByRole('status').filter({ hasText: /With other guests in their pot than before: .*A3/ })).toBeVisible({ timeout: 60_000 });
  await expectAccessible(page);
  await page.getByRole('button', { name: /^Let A3 and .* go again$/ }).click();
  await expect(page.getByRole('button', { name: /^Let A3/ })).toHaveCount(0, { timeout: 60_000 });

  // Another need: the answer is stale, and the new one says that one pot is enough.
  guests[1] = { seat: 'A2', needs: {} };
  await page.request.put(`${server.url}/api/groups/${group.id}`, { data: { name: 'Three at odds', guests, revision: group.revision } });
  await page.reload();
  await expect(page.getByText(/This was worked out before the last change/)).toBeVisible();
  await page.getByRole('button', { name: 'Work out the day' }).click();
  await expect(page.getByRole('status').filter({ hasText: '2 pots before, 1 now.' })).toBeVisible({ timeout: 60_000 });
});

test('each seat has its own plate: what stands beside it is judged, changed for the day, and makes a meal or not', async ({ page, server }) => {
  await page.goto(`${server.url}/day/2027-03-10`);
  await page.getByRole('combobox', { name: /^Group/ }).selectOption({ index: 1 });
  await page.getByLabel('Find a soup').fill('fennel');
  await page.getByRole('button', { name: /Fennel and white bean: 1\./ }).click();
  await page.getByRole('button', { name: 'Work out the day' }).click();
  const plates = page.getByRole('region', { name: 'Plates' });
  const seat = (code: string) => plates.getByRole('row').filter({ has: page.getByRole('rowheader', { name: code }) });
  await expect(seat('A3')).toContainText('Cheddar', { timeout: 60_000 });
  await expect(seat('A3')).toContainText('1.5 bowls');

  // Cheese beside the bowl of the guest without milk: told at once, and on the card.
  await plates.getByRole('button', { name: 'Change what stands beside A2' }).click();
  await page.getByLabel('Beside A2 today').fill('60 g moonbread');
  await page.getByLabel('Beside A2 today').press('Enter');
  await expect(page.getByText("Not understood: '60 g moonbread'.")).toBeVisible();
  await page.getByLabel('Beside A2 today').fill('60 g wholemeal bread; 30 g cheddar');
  await page.getByLabel('Beside A2 today').press('Enter');
  await expect(seat('A2')).toContainText('with the plate: breaks');
  await expect(page.getByText(/This was worked out before the last change/)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Before service' })).toContainText('what stands beside A2 has, or may have, milk');
  await page.getByRole('button', { name: 'Work out the day' }).click();
  await expect(page.getByText(/A2: .*what stands beside it no: no milk/)).toBeVisible({ timeout: 60_000 });
  await expect(page.getByRole('article', { name: 'Card of A2' })).toContainText('Not what stands beside it: milk');
  await plates.getByRole('button', { name: 'Beside A2 as usual' }).click();
  await expect(page.getByText(/This was worked out before the last change/)).toBeVisible();
});
