/** Every screen as a stranger meets it, under axe; empty, failing and narrow too. */
import { expect, expectAccessible, test } from './kitchen.ts';

test.describe('with the demo kitchen', () => {
  test.use({ demo: true });

  test('soups are searched, sorted, filtered and put away', async ({ page, server }) => {
    await page.goto(`${server.url}/soups`);
    const titles = page.getByRole('rowheader');
    await expect(titles).toHaveCount(12);
    await page.getByRole('button', { name: 'sodium mg' }).click();
    await expect(page.getByRole('columnheader', { name: 'sodium mg' })).toHaveAttribute('aria-sort', 'ascending');
    await page.getByLabel('Search').fill('parsnip');
    await expect(titles).toHaveCount(1);
    await page.getByLabel('Search').fill('');
    await page.getByLabel('Which soups do for').fill('no wheat');
    await page.keyboard.press('Enter');
    // Its stock may hold wheat: it is shown only where those to check are asked for.
    await expect(titles.filter({ hasText: 'Celeriac and apple cream' })).toHaveCount(0);
    await page.getByLabel('also versions where a label or an unknown figure still has to be checked').check();
    await expect(titles.filter({ hasText: 'Celeriac and apple cream' })).toHaveCount(1);
    await expect(titles.filter({ hasText: 'Cream of chicken and tarragon' })).toHaveCount(0);
    await page.getByLabel('Search').fill('celeriac');
    await page.getByRole('button', { name: 'Archive Celeriac and apple cream' }).click();
    await expect(page.getByText('No soup answers to that')).toBeVisible();
    await expectAccessible(page);
  });

  test('on a slow machine a search is written letter by letter, a question asked and a box ticked, and all three stand', async ({ page, server }) => {
    await page.goto(`${server.url}/soups`);
    await expect(page.getByRole('rowheader')).toHaveCount(12);
    await (await page.context().newCDPSession(page)).send('Emulation.setCPUThrottlingRate', { rate: 20 });
    await page.getByLabel('Search').pressSequentially('celeriac and apple');
    await page.getByLabel('archived').check();
    await page.getByLabel('Which soups do for').fill('no wheat');
    await page.keyboard.press('Enter');
    await expect(page.getByLabel('Search')).toHaveValue('celeriac and apple');
    await expect(page.getByLabel('archived')).toBeChecked();
    await expect(page).toHaveURL(/q=celeriac\+and\+apple&for=no\+wheat&archived=1/);
  });

  test('a bench with nothing asked, its keys, a swap by digit, and what comes in', async ({ page, server }) => {
    await page.goto(`${server.url}/soups`);
    await page.getByRole('link', { name: 'Celeriac and apple cream' }).click();
    await expect(page.getByRole('region', { name: 'Pot' })).toBeVisible();
    await expectAccessible(page);
    await expect(page.getByRole('button', { name: 'Help: keys and words' })).toBeVisible();
    await page.keyboard.press('?');
    await expect(page.getByRole('dialog', { name: 'Keys on the bench' })).toBeVisible();
    await expectAccessible(page);
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Double cream, 48 % fat', exact: true }).click();
    const cashew = page.getByRole('article', { name: 'Cashew cream' });
    await expect(cashew).toContainText('brings in cashew');
    await cashew.getByRole('button', { name: 'Use' }).click();
    await expect(page.getByRole('region', { name: 'Allergens' })).toContainText('contains cashew');
    await expect(page.getByText(/double cream out, cashews and water in/)).toBeVisible();
    await page.getByRole('button', { name: /^Put back Double cream/ }).click();
    await expect(page.getByText('nothing yet, this is the original')).toBeVisible();
  });

  test('a set of needs that cannot be met is explained', async ({ page, server }) => {
    await page.goto(`${server.url}/soups`);
    await page.getByRole('link', { name: 'Asparagus velouté' }).click();
    await expect(page.getByRole('region', { name: 'Pot' })).toBeVisible();
    await page.keyboard.press('n');
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Limit').first().selectOption('sodiumMg');
    await dialog.getByLabel('At most, mg').fill('5');
    await page.keyboard.press('Enter');
    await page.keyboard.press('Escape');
    await page.keyboard.press('w');
    await expect(page.getByText("No combination of swaps meets 'sodium to 5 mg'.")).toBeVisible();
    await expect(page.getByText(/With sodium up to .* it can be done/)).toBeVisible();
    await expect(page.getByRole('article', { name: 'Nearest plan' })).toContainText('It misses: sodium to 5 mg');
    await expectAccessible(page);
  });

  test('settings are saved as they are made', async ({ page, server }) => {
    await page.goto(`${server.url}/settings`);
    await page.getByLabel('Rules for new soups').selectOption('eu');
    await expect(page.getByRole('status').filter({ hasText: 'saved' })).toBeVisible();
    await page.getByLabel('Coconut counts as a tree nut').check();
    await expectAccessible(page);
    await expect.poll(async () => (await fetch(`${server.url}/api/settings`)).json()).toMatchObject({ regime: 'eu', coconutIsTreeNut: true });
  });

  test('keys of one letter can be had with Alt, or not at all', async ({ page, server }) => {
    await page.goto(`${server.url}/settings`);
    const keys = page.getByLabel('Keys of one letter or figure work');
    await keys.selectOption('off');
    await page.goto(`${server.url}/soups`);
    await page
      .getByRole('link', { name: /Celeriac/ })
      .first()
      .click();
    await expect(page.getByRole('region', { name: 'Pot' })).toBeVisible();
    await page.keyboard.press('n');
    await page.keyboard.press('k');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await page.goto(`${server.url}/settings`);
    await keys.selectOption('alt');
    await page.goBack();
    await expect(page.getByRole('region', { name: 'Pot' })).toBeVisible();
    await page.keyboard.press('k');
    await expect(page.getByRole('dialog')).toHaveCount(0);
    await page.keyboard.press('Alt+k');
    await expect(page.getByRole('dialog', { name: 'Keep as version' })).toBeVisible();
  });

  test.describe('a setting the server refuses', () => {
    test.use({ refusals: /503/ });

    test('shows what was asked at once, and goes back with a message', async ({ page, server }) => {
      let refuse = () => {};
      // Made before the request comes: on a slow day it comes after the tick is seen.
      const refused = new Promise<void>((resolve) => (refuse = resolve));
      await page.route('**/api/settings', async (route) => {
        if (route.request().method() !== 'PUT') return route.continue();
        await refused;
        await route.fulfill({
          status: 503,
          contentType: 'application/problem+json',
          body: JSON.stringify({ type: 'about:blank', title: 'Storage', status: 503, code: 'storage.full', detail: 'The disk is full.' }),
        });
      });
      await page.goto(`${server.url}/settings`);
      const tick = page.getByLabel('Coconut counts as a tree nut');
      await tick.check();
      await expect(tick).toBeChecked();
      refuse();
      await expect(tick).not.toBeChecked();
      await expect(page.getByText('The disk is full.')).toBeVisible();
    });
  });

  test('the bench can be used at 390 px', async ({ page, server }) => {
    await page.setViewportSize({ width: 390, height: 800 });
    await page.goto(`${server.url}/soups`);
    await page.getByRole('link', { name: 'Celeriac and apple cream' }).click();
    await expect(page.getByRole('region', { name: 'One bowl' })).toBeVisible();
    const fits = async () => expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
    await fits();
    await page.keyboard.press('n');
    await page.getByLabel('Say it').fill('no milk, no nuts, at most 400 mg sodium, at most 3 g saturated fat, same body');
    await page.keyboard.press('Enter');
    await expect(page.getByText(/of its sodium/)).toBeVisible();
    await page.keyboard.press('w');
    await expect(page.getByRole('article', { name: 'Plan 1' })).toBeVisible();
    await fits();
    await expectAccessible(page);
  });
});

test('an empty kitchen says what to do', async ({ page, server }) => {
  await page.goto(server.url);
  await expect(page.getByText('No soups here yet.')).toBeVisible();
  await expectAccessible(page);
});

test.describe('an address that is not there', () => {
  test.use({ refusals: /404/ });

  test('says so and leads back', async ({ page, server }) => {
    await page.goto(`${server.url}/soups/none/bench`);
    await expect(page.getByText('There is no soup none.')).toBeVisible();
    await page.getByRole('link', { name: 'Soups', exact: true }).click();
    await expect(page.getByText('No soups here yet.')).toBeVisible();
  });
});

test.describe('lines on the bench', () => {
  test.use({ demo: true });

  test('are added, weighed, taken out and put back', async ({ page, server }) => {
    await page.goto(`${server.url}/soups`);
    await page.getByRole('link', { name: 'Celeriac and apple cream' }).click();
    const pot = page.getByRole('region', { name: 'Pot' });
    await pot.getByRole('button', { name: 'line', exact: true }).click();
    await page.getByLabel('Search the shelf').fill('thyme');
    await page.getByRole('option', { name: /^Thyme, fresh/ }).click();
    await page.getByLabel('Grams of Thyme, fresh').fill('4');
    await page.keyboard.press('Enter');
    await expect(pot.getByRole('button', { name: /^Amount of Thyme, fresh: 4 grams/ })).toBeVisible();
    await page.keyboard.press('Delete');
    await expect(pot.getByRole('button', { name: /^Amount of Thyme/ })).toHaveCount(0);
    await pot.getByRole('button', { name: 'Apple', exact: true }).click();
    await page.getByRole('button', { name: 'take it out' }).click();
    await expect(page.getByText(/apple out.*nothing in/)).toBeVisible();
    await pot.getByRole('button', { name: 'Put back Apple' }).click();
    await expect(page.getByText('nothing yet, this is the original')).toBeVisible();
  });

  test('and the rules the figures follow are chosen per soup', async ({ page, server }) => {
    await page.goto(`${server.url}/soups`);
    await page.getByRole('link', { name: 'Celeriac and apple cream' }).click();
    const bowl = page.getByRole('region', { name: 'One bowl' });
    const energy = async () => (await bowl.getByText(/kcal$/).first().textContent()) ?? '';
    await expect(bowl).toBeVisible();
    const us = await energy();
    await page.getByLabel('Rules the figures follow').selectOption('eu');
    await expect.poll(energy).not.toBe(us);
  });
});
