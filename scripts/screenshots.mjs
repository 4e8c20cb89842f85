// Takes the pictures of docs/screenshots anew, at 1280 x 800, from the demo kitchen on a fresh database.
import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { installPackages, run } from './setup.mjs';

installPackages();
if (run(process.execPath, ['scripts/build.mjs']) !== 0) process.exit(1);
const folder = mkdtempSync(join(tmpdir(), 'kind-ladle-shots-'));
const KIND_LADLE_DB = join(folder, 'kitchen.sqlite');
const server = spawn(process.execPath, ['dist/server/main.js'], {
  env: { ...process.env, PORT: '0', KIND_LADLE_DEMO: '1', KIND_LADLE_DB },
  stdio: ['ignore', 'pipe', 'inherit'],
});
const url = await new Promise((resolve) => server.stdout.on('data', (data) => resolve(/http:\S+/.exec(data.toString())?.[0])));
const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-background-networking', '--disable-component-update', '--disable-sync'],
});
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, locale: 'en-GB' });
mkdirSync('docs/screenshots', { recursive: true });
const shoot = async (name) => {
  await page.mouse.move(640, 790);
  await page.waitForTimeout(400);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
};

const TEXT = `Courgette and soft cheese soup
Serves 8

Ingredients
1.2 kg courgettes, sliced
2 onions, chopped
2 tbsp rapeseed oil
1.5 litres vegetable stock
8 oz grated gruyere
200 g soft cheese
2 tbsp sea lettuce flakes
salt to taste

Method
1. Soften the onions in the oil for 8 minutes with the lid on.
2. Add the courgettes and stock and simmer for 12 minutes.
3. Blend until smooth. Melt in the gruyere and the soft cheese off the heat, season.
4. Serve with the sea lettuce.
`;

const nextDay = new Date(Date.now() + 86_400_000).toISOString().slice(0, 10);

try {
  await page.goto(`${url}/soups`);
  await page.getByRole('link', { name: 'Celeriac and apple cream' }).waitFor();
  await page.getByRole('link', { name: 'Celeriac and apple cream' }).click();
  await page.getByRole('region', { name: 'Pot' }).waitFor();
  await page.keyboard.press('n');
  await page.getByLabel('Say it').fill('no milk, at most 3 g saturated fat, at most 600 mg sodium, same body');
  await page.keyboard.press('Enter');
  await page
    .getByRole('button', { name: /^Double cream/ })
    .first()
    .click();
  await shoot('bench');
  await page.keyboard.press('w');
  await page.getByRole('article', { name: 'Plan 1' }).waitFor();
  await shoot('plans');
  await page.keyboard.press('1');
  await page.keyboard.press('k');
  await page.getByLabel('Why').fill('for table B');
  await page.keyboard.press('Enter');
  await page.getByText('Kept as version 3.').first().waitFor();
  await page.getByRole('link', { name: 'Compare' }).click();
  await page.getByRole('rowheader', { name: /^Sodium/ }).waitFor();
  await shoot('compare');
  await page.goto(page.url().replace(/\/compare.*/, '/sheet'));
  await page.getByRole('article').waitFor();
  await shoot('sheet');
  await page.goto(`${url}/read`);
  await page.getByLabel('Recipe text').fill(TEXT);
  await page.getByRole('region', { name: 'Doubts' }).waitFor();
  await page.evaluate(() => document.activeElement?.blur());
  await shoot('read');
  await page.goto(`${url}/foods/garlic?q=garlic`);
  await page.getByRole('img', { name: /^Of 100 g/ }).waitFor();
  await shoot('food');
  await page.goto(`${url}/settings`);
  await page.getByLabel('Rules for new soups').waitFor();
  await shoot('settings');
  await page.goto(`${url}/soups`);
  await page.getByRole('rowheader').first().waitFor();
  await shoot('soups');
  await page.request.post(`${url}/api/larder`, {
    data: {
      entries: [
        { foodId: 'leek', grams: 900, useBy: nextDay, note: 'from the market' },
        { foodId: 'white-beans-canned', grams: 800, useBy: null, note: '' },
        { foodId: 'cream-double', grams: 300, useBy: '2026-01-02', note: 'opened' },
      ],
    },
  });
  const { batches } = await (await page.request.get(`${url}/api/batches`)).json();
  const [stove, cooked] = [batches.find(({ portioned }) => portioned === 0), batches.find(({ portioned }) => portioned > 0)];
  await page.goto(`${url}/soups/${cooked.soupId}/plan?bowls=24`);
  await page.getByRole('region', { name: 'Plan', exact: true }).waitFor();
  await shoot('plan');
  await page.goto(`${url}/soups/${stove.soupId}/cook?batch=${stove.id}`);
  await page.getByRole('article', { name: /^Step/ }).waitFor();
  await page
    .getByRole('button', { name: /minutes$/ })
    .first()
    .click();
  await shoot('stove');
  await page.setViewportSize({ width: 390, height: 844 });
  await shoot('stove-390');
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`${url}/batches/${cooked.id}`);
  await page.getByRole('region', { name: 'Cooling' }).waitFor();
  await shoot('batch');
  await page.getByRole('region', { name: 'Cooling' }).scrollIntoViewIfNeeded();
  await page.getByRole('region', { name: 'Cooling' }).evaluate((region) => region.scrollIntoView());
  await shoot('cooling');
  const { groups } = await (await page.request.get(`${url}/api/groups`)).json();
  await page.goto(`${url}/groups/${groups[0].id}`);
  await page.getByText('what does for most seats first').waitFor();
  await page
    .getByRole('button', { name: /breaks$/ })
    .first()
    .click();
  await page.getByRole('region', { name: 'Which soups do' }).evaluate((region) => region.scrollIntoView());
  await shoot('group');
  await page.getByLabel('Of which soup').selectOption('Fennel and white bean');
  await page.getByRole('button', { name: 'Work out the pots' }).click();
  await page.getByRole('list', { name: 'Pots, the strictest cooked first' }).waitFor({ timeout: 60_000 });
  await page.getByRole('region', { name: 'Pots' }).evaluate((region) => region.scrollIntoView());
  await shoot('pots');
  await page.goto(`${url}/day/${nextDay}`);
  await page.getByRole('combobox', { name: /^Group/ }).selectOption({ index: 1 });
  await page.getByLabel('Find a soup').fill('fennel');
  await page.getByRole('button', { name: /Fennel and white bean: 1/ }).click();
  await page.getByRole('button', { name: 'Work out the day' }).click();
  await page.getByRole('article', { name: 'Card of A1' }).waitFor({ timeout: 60_000 });
  await page.getByRole('region', { name: 'Plan' }).waitFor();
  await shoot('day');
  const { soups } = await (await page.request.get(`${url}/api/soups?q=celeriac`)).json();
  await page.goto(`${url}/soups/${soups[0].id}/spread?x=sodiumMg&y=proteinG`);
  await page.getByRole('region', { name: 'Front' }).waitFor();
  await page
    .getByRole('button', { name: /^Look at/ })
    .last()
    .click();
  await page.getByRole('region', { name: 'This combination' }).getByRole('listitem').first().waitFor();
  await page.evaluate(() => window.scrollTo(0, 0));
  await shoot('spread');
  await page.goto(`${url}/soups/${soups[0].id}/schools`);
  await page.getByRole('region', { name: 'Cream' }).waitFor();
  await shoot('schools');
  await page.goto(`${url}/practice?kind=swap&level=2&seed=11`);
  await page.getByRole('radio').first().check();
  await page.getByRole('button', { name: 'Mark it' }).click();
  await page.getByRole('button', { name: 'Next round' }).waitFor();
  await shoot('practice');
} finally {
  await browser.close();
  server.kill();
  rmSync(folder, { recursive: true, force: true });
}
