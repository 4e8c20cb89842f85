/** What could be cooked of a soup: two measures, the front, a filter, a point put on the bench; under axe and by keyboard. */
import { expect, expectAccessible, test } from './kitchen.ts';

test.use({ demo: true });

test('a spread is brushed by its boxes, filtered, pinned, and a point of it goes on the bench', async ({ page, server }) => {
  await page.goto(`${server.url}/soups`);
  await page.getByRole('link', { name: 'Celeriac and apple cream' }).click();
  await page.getByRole('link', { name: 'the spread' }).click();
  await page.getByLabel('Across').selectOption('sodium');
  await page.getByRole('combobox', { name: /^Up/ }).selectOption('protein');
  const front = page.getByRole('region', { name: 'Front' });
  await expect(front.getByRole('row').nth(2)).toBeVisible();
  await expect(page.getByText(/Least sodium is [\d.]+ mg a bowl/)).toBeVisible();
  await expect(page.getByRole('img', { name: /combinations by sodium and protein/ })).toBeVisible();
  await expectAccessible(page);

  const whole = await front.getByRole('row').count();
  await page.getByLabel('sodium from').fill('150');
  await page.keyboard.press('Tab');
  await expect(page.getByText(/of them pass what is asked below/)).toBeVisible();
  await expect.poll(() => front.getByRole('row').count()).not.toBe(whole);
  await page.getByRole('button', { name: 'Show the whole again' }).click();
  await expect.poll(() => front.getByRole('row').count()).toBe(whole);

  await page.getByLabel(/^soy/).check();
  await expect(page).toHaveURL(/without=soy/);
  await expect(page.getByText(/of them pass what is asked below/)).toBeVisible();

  await front.getByRole('button', { name: /^Pin/ }).first().click();
  await front.getByRole('button', { name: /^Pin/ }).last().click();
  await expect(page.getByRole('region', { name: 'Pinned' }).getByRole('columnheader', { name: 'B', exact: true })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Which swap matters most' }).getByRole('listitem').first()).toContainText('mg');

  await front
    .getByRole('button', { name: /^Look at/ })
    .last()
    .focus();
  await page.keyboard.press('Enter');
  const point = page.getByRole('region', { name: 'This combination' });
  await expect(point.getByRole('listitem').first()).toBeVisible();
  await expectAccessible(page);
  await point.getByRole('button', { name: 'Put on the bench' }).click();
  await expect(page.getByText('It is on the bench. Undo brings back what was there.', { exact: true })).toBeVisible();
  await expect(page).toHaveURL(/\/bench$/);
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(page.getByRole('status').filter({ hasText: 'saved' }).first()).toBeVisible();
});

test('a long look can be ended, and begun again', async ({ page, server }) => {
  await page.goto(`${server.url}/soups`);
  await page.getByRole('link', { name: 'Celeriac and apple cream' }).click();
  await (await page.context().newCDPSession(page)).send('Emulation.setCPUThrottlingRate', { rate: 4 });
  await page.getByRole('link', { name: 'the spread' }).click();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('Not looked at to its end.')).toBeVisible();
  await page.getByRole('button', { name: 'Look again' }).click();
  await expect(page.getByRole('region', { name: 'Front' })).toBeVisible();
});

test('a rectangle drawn on the spread shows what lies in it', async ({ page, server }) => {
  await page.goto(`${server.url}/soups`);
  await page.getByRole('link', { name: 'Celeriac and apple cream' }).click();
  await page.getByRole('link', { name: 'the spread' }).click();
  await page.getByLabel('Across').selectOption('sodium');
  await page.getByRole('combobox', { name: /^Up/ }).selectOption('protein');
  const chart = page.getByRole('img', { name: /combinations by/ });
  await expect(chart).toBeVisible();
  await expect(page.getByRole('region', { name: 'Front' }).getByRole('row').nth(2)).toBeVisible();
  await chart.scrollIntoViewIfNeeded();
  const box = await chart.boundingBox();
  if (!box) throw new Error('the chart has no place');
  const at = (x: number, y: number) => [box.x + x * box.width, box.y + y * box.height] as const;
  await page.mouse.move(...at(0.3, 0.3));
  await page.mouse.down();
  await page.mouse.move(...at(0.45, 0.5), { steps: 6 });
  await page.mouse.move(...at(0.6, 0.7), { steps: 6 });
  await page.mouse.up();
  await expect(page.getByText(/of them pass what is asked below/)).toBeVisible();
  await page.getByRole('button', { name: 'Show the whole again' }).click();
  await expect(page.getByText(/of them pass what is asked below/)).toHaveCount(0);
});
