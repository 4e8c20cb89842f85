/** A round of each kind by keyboard alone, a wrong answer explained with its path, what comes back, and the teacher's view. */
import { expect, expectAccessible, test } from './kitchen.ts';

const KINDS = ['find', 'rank', 'swap', 'caution', 'label', 'estimate'] as const;

test('a round of each kind is played by keyboard alone', async ({ page, server }) => {
  for (const kind of KINDS) {
    await page.goto(`${server.url}/practice?kind=${kind}&level=2&seed=11`);
    const question = page.getByRole('region', { name: 'The question' });
    await expect(question.getByRole('heading')).toBeVisible();
    if (kind === 'find') await expectAccessible(page);
    const number = question.getByRole('textbox');
    const first = question
      .getByRole('checkbox')
      .or(question.getByRole('radio'))
      .or(question.getByRole('button', { name: /: down$/ }))
      .first();
    if ((await number.count()) > 0) {
      await number.focus();
      await page.keyboard.type('99999');
      await page.keyboard.press('Enter');
    } else {
      await first.focus();
      await page.keyboard.press(kind === 'rank' ? 'Enter' : 'Space');
      await question.getByRole('button', { name: 'Mark it' }).focus();
      await page.keyboard.press('Enter');
    }
    const status = question.getByRole('status');
    await expect(status.getByText(/the kitchen has it/)).toBeVisible();
    await expect(status.getByRole('listitem').first()).toContainText(' › ');
    await expect(question.getByRole('button', { name: 'Next round' })).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page).toHaveURL(/seed=12/);
    await expect(question.getByRole('button', { name: 'Mark it' })).toBeVisible();
  }
});

test('what was missed is kept by code, comes back, and the teacher sees the class', async ({ page, server }) => {
  await page.goto(`${server.url}/practice?kind=find&level=1&seed=5`);
  const code = page.getByLabel(/^Your code/);
  await code.fill('Anna Berg');
  await expect(page.getByText(/it looks like a name/)).toBeVisible();
  await code.fill('L7');
  const question = page.getByRole('region', { name: 'The question' });
  const boxes = question.getByRole('checkbox');
  await expect(boxes.first()).toBeVisible();
  for (let at = 0; at < (await boxes.count()); at += 1) await boxes.nth(at).check();
  await question.getByRole('button', { name: 'Mark it' }).click();
  await expect(question.getByText('the kitchen has it otherwise')).toBeVisible();
  await expect(question.getByText(/This round comes back on/)).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'The class' }).click();
  await expect(page.getByRole('rowheader', { name: 'L7' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'What the class misses' }).getByRole('listitem')).toHaveCount(1);
  await expectAccessible(page);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save the answers of L7' }).click();
  expect((await saved).suggestedFilename()).toBe('practice-l7.csv');
  await page.getByRole('button', { name: 'Forget L7' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Forget', exact: true }).click();
  await expect(page.getByText('Nobody has answered a round under a code yet.')).toBeVisible();
});

test('a round can be played at 390 px', async ({ page, server }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto(`${server.url}/practice?kind=rank&level=1&seed=2`);
  await expect(page.getByRole('button', { name: 'Mark it' })).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
  await expectAccessible(page);
});
