/** From the plan to the pot and back: cooked on two pages at once, through a lost server, cooled by readings, put by. */
import { expect, expectAccessible, type Server, test } from './kitchen.ts';

/** How long the network stays cut in the story of two pages; a minute when it is looked at by hand. */
const CUT_MS = Number(process.env.KIND_LADLE_CUT_MS ?? 5000);

const TEXT = `Leek soup of the house
Serves 6

Ingredients
600 g leeks, sliced
40 g olive oil
400 g potatoes, diced
1 litre vegetable stock
2 bay leaves
150 ml oat cream
4 g salt

Method
1. Sweat the leeks in the oil for 10 minutes with the lid on.
2. Add the potatoes, the stock and the bay leaves and simmer for 20 minutes.
3. Take out the bay leaves. Blend until smooth.
4. Stir in the oat cream and the salt.`;

/** A soup with a version for somebody without milk and with little salt. */
async function forTable(server: Server): Promise<string> {
  const post = async (path: string, body: unknown) =>
    (await (
      await fetch(server.url + path, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) })
    ).json()) as {
      id: string;
      recipe: unknown;
    };
  const { recipe } = await post('/api/read', { text: TEXT });
  const soup = await post('/api/soups', { title: 'Leek soup of the house', recipe });
  const { perServing } = (await post('/api/analyse', { recipe })) as unknown as { perServing: { sodiumMg: { value: number } } };
  const max = Math.ceil(perServing.sodiumMg.value) + 60;
  await post(`/api/soups/${soup.id}/versions`, {
    name: 'For table B',
    reason: 'no milk, little salt',
    recipe,
    needs: { allergens: ['milk'], limits: [{ nutrient: 'sodiumMg', per: 'serving', max }] },
  });
  return soup.id;
}

test('a plan is made for more bowls, printed and taken to the stove', async ({ page, server }) => {
  const id = await forTable(server);
  await page.goto(`${server.url}/soups/${id}/bench`);
  await page.getByRole('link', { name: 'Plan' }).click();
  await expect(page.getByRole('heading', { name: 'Plan' })).toBeVisible();
  const plan = page.getByRole('region', { name: 'Plan', exact: true });
  await expect(plan.getByRole('row', { name: /Sweat the leeks/ })).toContainText('hands, ring');
  await expect(plan.getByRole('row', { name: /Off the heat, lid off/ })).toContainText('waits');
  await page.getByLabel('Bowls of Leek soup of the house').fill('24');
  await page.getByLabel('Bowls of Leek soup of the house').press('Enter');
  await expect(page.getByRole('region', { name: 'What to mind' })).toContainText('Salt starts at three quarters');
  await expect(plan.getByRole('row', { name: /Blend until smooth, in \d+ fillings/ })).toBeVisible();
  await expectAccessible(page);
  // A task is pinned by its button, and let go again.
  const board = plan.getByRole('row', { name: /Make ready: potato/ });
  const hour = await board.getByRole('time').textContent();
  await board.getByRole('button', { name: /^Five minutes earlier/ }).click();
  await expect(board.getByRole('button', { name: /^Let it go again/ })).toBeVisible();
  expect(await board.getByRole('time').textContent()).not.toBe(hour);
  await board.getByRole('button', { name: /^Let it go again/ }).click();
  await expect(board.getByRole('time')).toHaveText(hour ?? '');
  // Made ahead: cooled in ice water and portioned behind its last step.
  await page.getByLabel('It is').selectOption('bath');
  await expect(plan.getByRole('row', { name: /In the ice water/ })).toContainText('ice water');
  await expect(plan.getByRole('row', { name: /Portion 24 bowls/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'What to mind' })).toContainText('only a thermometer passes it');
  await page.getByLabel('It is').selectOption('');
  await expect(plan.getByRole('row', { name: /Portion 24 bowls/ })).toHaveCount(0);
  await page.getByLabel('all comes ready cut').check();
  await expect(board).toHaveCount(0);
  // A class: nobody is given what they cannot do.
  await page.getByText('as a lesson: a class at work').click();
  await page.getByLabel('plan it for a class').check();
  await page.getByRole('button', { name: 'learner' }).click();
  await page.getByRole('button', { name: 'learner' }).click();
  await page.getByRole('list', { name: 'Learners, by seat' }).getByRole('listitem').first().getByLabel('no heat').check();
  const work = page.getByRole('region', { name: 'The class at work' });
  await expect(work).toContainText('L2');
  await expect(work.locator('dd').first()).not.toContainText('Sweat the leeks');
  await expectAccessible(page);
  const [file] = await Promise.all([page.waitForEvent('download'), page.getByRole('button', { name: 'To a calendar' }).click()]);
  expect(file.suggestedFilename()).toBe('plan-leek-soup-of-the-house.ics');
  await page.getByRole('link', { name: 'Cook it' }).click();
  await expect(page.getByLabel('Bowls')).toHaveValue('24');
});

test.describe('a plan that cannot be', () => {
  test.use({ refusals: /422/ });
  test('a kitchen without an oven is told which step it cannot do, and where to mend it', async ({ page, server }) => {
    const read = await fetch(`${server.url}/api/read`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        text: 'Roast soup\nServes 4\n\n1 kg squash\n1 litre water\n\n1. Roast the squash at 200 C for 40 minutes.\n2. Add the water, simmer 10 minutes and blend.',
      }),
    });
    const { recipe } = (await read.json()) as { recipe: unknown };
    const soup = await fetch(`${server.url}/api/soups`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ title: 'Roast soup', recipe }),
    });
    const { id } = (await soup.json()) as { id: string };
    await page.goto(`${server.url}/settings`);
    await page.getByLabel('Ovens').fill('0');
    await page.getByLabel('Ovens').press('Enter');
    await page.goto(`${server.url}/soups/${id}/plan?v=draft`);
    await expect(page.getByText(/needs what this kitchen has not: no oven/)).toBeVisible();
  });
});

test.describe('at the stove', () => {
  // The browser writes a line of its own for every request that finds no server.
  test.use({ refusals: /ERR_|Failed to load resource|net::/ });

  test('two cooks on one batch, a server that goes and comes back, a limit told at the pinch, a substitution in front', async ({
    page,
    server,
    context,
  }) => {
    test.setTimeout(180_000);
    const id = await forTable(server);
    await page.goto(`${server.url}/soups/${id}/cook`);
    await page.getByLabel('Bowls').fill('6');
    await page.getByRole('button', { name: 'Begin a batch' }).click();
    const step = page.getByRole('article', { name: /^Step/ });
    await expect(step).toContainText('Sweat the leeks in the oil');
    await expectAccessible(page);
    // A second cook, on another page.
    const other = await context.newPage();
    await other.goto(page.url());
    await expect(other.getByRole('article', { name: /^Step 1/ })).toBeVisible();

    await step.getByLabel('Weighed, grams of Olive oil').fill('36');
    await step.getByLabel('Weighed, grams of Olive oil').press('Enter');
    await expect(other.getByText('(weighed 36 g)')).toBeVisible();
    await step.getByRole('button', { name: '10 minutes' }).click();
    await expect(page.getByRole('timer')).toContainText(/^(?:10:00|9:5\d)$/);
    await step.getByRole('button', { name: 'Done, next step' }).click();
    await expect(other.getByRole('article', { name: /^Step 2/ })).toContainText('Add the potatoes');

    // Timers go on over a reload, and the step that is done stays done.
    await page.reload();
    await expect(page.getByRole('timer')).toBeVisible();
    await expect(step).toContainText('Add the potatoes');

    // The server goes: what is written stays in the browser.
    await server.kill();
    await step.getByRole('button', { name: 'Done, next step' }).click();
    await expect(page.getByText(/the server does not answer: 1 entry is kept in this browser/)).toBeVisible();
    // The gate before the blender names this soup's own leaves.
    const gate = step.getByRole('group', { name: 'Before into the blender' });
    await expect(gate).toContainText('2 bay leaves went in: as many are out');
    await expect(step.getByRole('button', { name: 'Done, next step' })).toBeDisabled();
    for (const box of await gate.getByRole('checkbox').all()) await box.check();
    await step.getByRole('button', { name: 'Done, next step' }).click();
    await expect(page.getByText(/2 entries are kept in this browser/)).toBeVisible();
    await server.start();
    await expect(page.getByText('all written down')).toBeVisible({ timeout: 30_000 });
    await expect(other.getByRole('article', { name: /^Step 4/ })).toBeVisible({ timeout: 30_000 });

    // A milk cream for somebody without milk: told before everything else, and only with a word.
    await step.getByRole('button', { name: /^Not there or something else: Oat/ }).click();
    const exchange = page.getByRole('dialog', { name: /Oat/ });
    await exchange.getByRole('button', { name: 'Choose what is there ...' }).click();
    await page.getByRole('dialog', { name: 'Choose the food' }).getByRole('combobox').fill('double cream');
    await page
      .getByRole('option', { name: /Double cream/ })
      .first()
      .click();
    await expect(exchange.getByRole('alert')).toContainText('it brings milk in');
    await expect(exchange.getByRole('button', { name: 'Put it in instead' })).toBeDisabled();
    await expectAccessible(page);
    await page.keyboard.press('Escape');

    // Salt by the pinch: the limit it would break is told before it goes in.
    const adjust = page.getByRole('region', { name: 'Taste and adjust' });
    await adjust.getByLabel('My pinch, g').fill('1.2');
    await adjust.getByLabel('My pinch, g').press('Enter');
    await adjust.getByLabel('How much').fill('1');
    await expect(adjust.getByText(/over its limit/)).toBeVisible();
    await adjust.getByRole('button', { name: 'It is in' }).click();
    await expect(page.getByText('1.2 g of salt noted.')).toBeVisible();
    await step.locator('legend').first().waitFor();
    for (const box of await step.getByRole('checkbox').all()) await box.check();
    await step.getByRole('button', { name: 'Done, next step' }).click();
    await page.getByRole('link', { name: 'To the batch' }).click();

    const against = page.getByRole('region', { name: 'Planned and cooked' });
    await expect(against.getByRole('row', { name: /Sodium/ })).toContainText('1.2 g of Salt');
    await expect(against.getByRole('row', { name: /Sodium/ })).toContainText('over');
    const written = page.getByRole('region', { name: 'What was written' });
    await expect(written.getByText(/step \d done/)).toHaveCount(4);
    await expectAccessible(page);

    // A mistake is struck, and the bowl is as it was.
    await written.getByRole('button', { name: /^Strike: 1\.2 g of Salt/ }).click();
    await page.getByRole('dialog', { name: 'Strike an entry' }).getByLabel('Why').fill('it went into the pasta water');
    await page.keyboard.press('Enter');
    await expect(against.getByRole('row', { name: /Sodium/ })).not.toContainText('over');
    await page.getByRole('form', { name: 'Put portions by' }).getByRole('button', { name: 'Put by' }).click();
    await page.getByRole('link', { name: 'everything put by' }).click();
    await expect(page.getByRole('region', { name: 'Put by' })).toContainText('4 of');
    await expectAccessible(page);
  });
});

test.describe('without a server', () => {
  test.use({ refusals: /ERR_|Failed to load resource|net::|service worker/i });

  test('the stove opens again, goes on, and tells everything once the server is back', async ({ page, server }) => {
    const id = await forTable(server);
    await page.goto(`${server.url}/soups/${id}/cook`);
    await page.getByRole('button', { name: 'Begin a batch' }).click();
    await page.getByRole('button', { name: 'Done, next step' }).click();
    await expect(page.getByText('all written down')).toBeVisible();
    // The browser has the page, its files and its fonts.
    await expect
      .poll(
        () =>
          page.evaluate(
            async () => (await (await caches.open('kind-ladle:stove:1')).keys()).filter(({ url }) => /stove-page|\.js$|woff2/.test(url)).length,
          ),
        { timeout: 20_000 },
      )
      .toBeGreaterThan(8);
    await expect.poll(() => page.evaluate(async () => (await caches.match('/stove-page')) !== undefined), { timeout: 20_000 }).toBe(true);
    // What it read last is kept too, once the service worker has it in hand.
    await page.reload();
    await expect(page.getByRole('article', { name: /^Step 2/ })).toBeVisible();
    await server.kill();
    await page.reload();
    await expect(page.getByRole('article', { name: /^Step 2/ })).toBeVisible({ timeout: 20_000 });
    await page.getByRole('button', { name: 'Done, next step' }).click();
    await expect(page.getByText(/1 entry is kept in this browser/)).toBeVisible();
    // The tab is closed with the entry in it, and opened again before the server is.
    await page.reload();
    await expect(page.getByRole('article', { name: /^Step 3/ })).toBeVisible({ timeout: 20_000 });
    await server.start();
    await expect(page.getByText('all written down')).toBeVisible({ timeout: 30_000 });
    const { batches } = (await (await fetch(`${server.url}/api/batches`)).json()) as { batches: { entries: number }[] };
    expect(batches.map(({ entries }) => entries)).toEqual([2]);
  });
});

test('a cooling is read into the log, and only its readings pass it', async ({ page, server }) => {
  const id = await forTable(server);
  const begun = await fetch(`${server.url}/api/batches`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ soupId: id, version: 1, servings: 6 }),
  });
  const batch = (await begun.json()) as { id: string };
  const noon = new Date('2027-03-06T12:00:00Z');
  await page.clock.install({ time: noon });
  await page.goto(`${server.url}/batches/${batch.id}`);
  const cooling = page.getByRole('region', { name: 'Cooling' });
  await expect(cooling).toContainText('By the estimate it takes');
  for (const [minute, celsius] of [
    [0, '57'],
    [60, '36'],
    [110, '20'],
    [300, '5'],
  ] as const) {
    await page.clock.setSystemTime(new Date(noon.getTime() + minute * 60_000));
    await cooling.getByLabel('In the middle, °C').fill(celsius);
    await cooling.getByRole('button', { name: 'Note the reading' }).click();
    await expect(cooling.getByRole('img')).toHaveAttribute('aria-label', new RegExp(`the last ${celsius} °C`));
    if (celsius !== '5') await expect(cooling.getByText('not over').first()).toBeVisible();
  }
  await expect(cooling.getByText('passes by its readings').first()).toBeVisible();
  await expectAccessible(page);
});

test('a reading of the scale goes in with one press, and a scale that is cut off gives none', async ({ page, server }) => {
  const id = await forTable(server);
  await page.goto(`${server.url}/settings`);
  await page.getByLabel('Scale of this browser').selectOption({ label: 'Simulated scale, 15 kg' });
  const scale = page.getByRole('group', { name: /Simulated scale/ });
  await scale.getByLabel('Grams').fill('612');
  await scale.getByRole('button', { name: 'Put on' }).click();
  await expect(scale.getByText(/^61[123] g$/)).toBeVisible();
  await expectAccessible(page);
  await page.goto(`${server.url}/soups/${id}/cook`);
  await page.getByRole('button', { name: 'Begin a batch' }).click();
  await page.getByRole('button', { name: /Take the reading: grams of Leek/ }).click();
  await expect(page.getByText(/weighed 61[123] g/)).toBeVisible();
  await fetch(`${server.url}/api/devices/scale-1`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ fault: 'disconnected' }),
  });
  await expect(page.getByRole('button', { name: /Take the reading: grams of Leek/ })).toBeDisabled();
  await expect(page.getByRole('button', { name: /Take the reading: grams of Leek/ })).toContainText('it is cut off');
});

test('the stove can be used at 390 px and by keyboard alone', async ({ page, server }) => {
  const id = await forTable(server);
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${server.url}/soups/${id}/cook`);
  await page.getByRole('button', { name: 'Begin a batch' }).press('Enter');
  await page.getByRole('button', { name: 'Done, next step' }).press('Enter');
  await expect(page.getByRole('article', { name: /^Step 2/ })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await expectAccessible(page);
  await page.getByRole('button', { name: /^A splash: \d+ ml of water/ }).press('Enter');
  await expect(page.getByText(/\d+ ml of water noted/).first()).toBeVisible();
  // Twice as large: 1280 px at 200 %.
  await page.setViewportSize({ width: 640, height: 400 });
  const stove = page.url();
  const batch = new URL(stove).searchParams.get('batch');
  for (const path of [stove, `${server.url}/batches/${batch}`, `${server.url}/batches`, `${server.url}/soups/${id}/plan`]) {
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect(page.getByText('Fetching')).toHaveCount(0);
    expect(await page.evaluate(() => document.documentElement.scrollWidth), path).toBeLessThanOrEqual(640);
  }
});

test.describe('a demo soup from the scale to the freezer', () => {
  test.use({ demo: true, refusals: /ERR_|Failed to load resource|net::|service worker/i });

  test('on two pages, through a network that is cut and a server that is killed, with nothing lost and nothing doubled', async ({
    page,
    server,
    context,
  }) => {
    test.setTimeout(240_000 + CUT_MS);
    const drive = (device: string, command: object) =>
      fetch(`${server.url}/api/devices/${device}`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(command),
      });
    await page.goto(`${server.url}/settings`);
    await page.getByLabel('Scale of this browser').selectOption({ label: 'Simulated scale, 15 kg' });
    await page.getByLabel('Probe of this browser').selectOption({ label: 'Simulated probe' });
    await page.goto(`${server.url}/soups?q=fennel`);
    await page.getByRole('link', { name: 'Fennel and white bean' }).click();
    await page.getByRole('link', { name: 'Plan' }).click();
    await page.getByLabel('Version on the sheet').selectOption('2');
    await page.getByRole('link', { name: 'Cook it' }).click();
    await page.getByRole('button', { name: 'Begin a batch' }).click();
    const step = page.getByRole('article', { name: /^Step/ });
    await expect(step).toBeVisible();
    const other = await context.newPage();
    await other.goto(page.url());
    await expect(other.getByRole('article', { name: /^Step 1/ })).toBeVisible();

    // The scale, read on one page and seen on the other.
    await drive('scale-1', { load: 1180 });
    await step.getByRole('button', { name: /^Take the reading: grams of Fennel/ }).click();
    await expect(other.getByText(/weighed 11(?:79|80|81) g/)).toBeVisible();

    // The network is cut on both pages; both go on writing.
    await context.setOffline(true);
    await step.getByRole('button', { name: 'Done, next step' }).click();
    await other.getByRole('textbox', { name: 'How it tastes' }).fill('of the sea');
    await other.getByRole('textbox', { name: 'How it tastes' }).press('Enter');
    await expect(page.getByText(/1 entry is kept in this browser/)).toBeVisible({ timeout: 20_000 });
    await expect(other.getByText(/1 entry is kept in this browser/)).toBeVisible({ timeout: 20_000 });
    await page.waitForTimeout(CUT_MS);
    await context.setOffline(false);
    await expect(page.getByText('all written down')).toBeVisible({ timeout: 40_000 });
    await expect(other.getByText('all written down')).toBeVisible({ timeout: 40_000 });

    await server.kill();
    await server.start();
    while ((await step.count()) > 0) {
      for (const box of await step.getByRole('checkbox').all()) await box.check();
      const was = await step.getAttribute('aria-label');
      await step.getByRole('button', { name: 'Done, next step' }).click();
      await expect(page.getByRole('article', { name: was ?? '', exact: true })).toHaveCount(0);
    }
    // A limit of this version's table, told at the pinch.
    const adjust = page.getByRole('region', { name: 'Taste and adjust' });
    await adjust.getByLabel('How much').fill('40');
    await expect(adjust.getByText(/over its limit/)).toBeVisible();
    await adjust.getByRole('button', { name: 'It is in' }).click();
    await expect(page.getByText('all written down')).toBeVisible({ timeout: 30_000 });
    await page.getByRole('link', { name: 'To the batch' }).click();
    await expect(page.getByRole('region', { name: 'Planned and cooked' }).getByRole('row', { name: /Sodium/ })).toContainText('of Salt, table added');

    // Cooled: by the probe, and on by the log of the night.
    await drive('probe-1', { immerse: { celsius: 57, container: { depthCm: 3, covered: false, air: 'moving' } } });
    const cooling = page.getByRole('region', { name: 'Cooling' });
    await cooling.getByRole('button', { name: 'Take the reading: degrees in the middle' }).click({ timeout: 30_000 });
    await expect(cooling.getByText('not over').first()).toBeVisible();
    const id = new URL(page.url()).pathname.split('/').at(-1);
    const later = (minutes: number, celsius: number) => ({
      id: crypto.randomUUID(),
      at: new Date(Date.now() + minutes * 60_000).toISOString(),
      kind: 'cooling',
      celsius,
    });
    const posted = await fetch(`${server.url}/api/batches/${id}/entries`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ entries: [later(40, 33), later(80, 20), later(240, 5)] }),
    });
    expect(posted.status).toBe(200);
    await expect(cooling.getByRole('img')).toHaveAttribute('aria-label', /4 readings, the last 5 °C/);

    await page.getByRole('form', { name: 'Put portions by' }).getByLabel('Portions').fill('8');
    await page.getByRole('button', { name: 'Put by' }).click();
    await expect(page.getByText('all written down')).toBeVisible();
    const { entries } = (await (await fetch(`${server.url}/api/batches/${id}`)).json()) as { entries: { id: string; kind: string }[] };
    const count = (kind: string) => entries.filter((entry) => entry.kind === kind).length;
    expect(new Set(entries.map((entry) => entry.id)).size).toBe(entries.length);
    expect([count('weighed'), count('tasting'), count('added'), count('cooling'), count('portioned')]).toEqual([1, 1, 1, 4, 1]);
    await page.getByRole('link', { name: 'Labels to print' }).click();
    await page.getByRole('checkbox', { name: 'Serving sheet' }).uncheck();
    await page.getByRole('checkbox', { name: 'Freezer labels' }).check();
    await expect(page.getByRole('region', { name: 'Label 1', exact: true })).toContainText(/use by \d{4}-\d{2}-\d{2}/);
  });
});
