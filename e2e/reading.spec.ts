/** From paste to allergen board and worklist: what hides, what is meant, what has to be looked up. */
import { expect, expectAccessible, test } from './kitchen.ts';

const PROSE = `Squash soup as we had it at the harbour. Melt 50 g butter and sweat a chopped onion for 8 minutes. Stir in 2 tablespoons of red curry paste for a minute, then add 1 kg of prepared butternut squash and 1 litre of chicken or vegetable stock. Simmer for 20 minutes, blend, and stir in 8 oz grated cheddar off the heat. Serves 6. Great for detox.`;

test.describe('a prose recipe with a hidden crustacean, an ounce and a choice of stock', () => {
  test('goes from paste to a correct allergen board and worklist in at most twelve actions', async ({ page, server }) => {
    await page.goto(`${server.url}/read`);
    await page.getByRole('textbox', { name: 'Recipe text' }).fill(PROSE); // 1
    await expect(page.getByRole('heading', { name: 'Squash soup as we had it at the harbour' })).toBeVisible();
    const doubts = page.getByRole('region', { name: 'Doubts' });
    await expect(doubts).toContainText('8 oz of Cheddar cheese can be');
    await expect(doubts).toContainText('detox');
    await doubts.getByRole('button', { name: /by weight: 227 g/ }).click(); // 2
    await doubts.getByRole('button', { name: /Vegetable broth/ }).click(); // 3
    await page.getByRole('tab', { name: /Allergens and diets/ }).click(); // 4
    const board = page.getByRole('region', { name: 'Allergens' });
    const row = (name: string) => board.getByRole('row', { name: new RegExp(`^${name}`) });
    await expect(row('milk')).toContainText('contains');
    await expect(row('crustaceans')).toContainText('check');
    await expect(row('crustaceans')).toContainText('shrimp paste in most makes');
    // The chosen stock is of vegetables: meat is out of the soup.
    await expect(row('no meat')).toContainText('fits');
    await page.getByRole('tab', { name: /Labels to check/ }).click(); // 5
    const labels = page.getByRole('region', { name: 'Labels to check' });
    await expect(labels.getByRole('listitem').filter({ hasText: 'Red curry paste' }).first()).toContainText('crustaceans');
    await labels.getByRole('button', { name: 'Label of Red curry paste' }).click(); // 6
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Product, as you call it').fill('the red jar'); // 7
    await dialog.getByLabel('crustaceans').selectOption('contains'); // 8
    await dialog.getByRole('button', { name: /^Keep this answer until/ }).click(); // 9
    await expect(labels).toContainText('the red jar: read on');
    await page.getByRole('tab', { name: /Allergens and diets/ }).click(); // 10
    await expect(row('crustaceans')).toContainText('contains');
    await page.getByRole('button', { name: 'Put on the bench' }).click(); // 11
    await expect(page.getByRole('region', { name: 'One bowl' })).toContainText('contains crustaceans');
  });

  test('nothing stands in the way of a keyboard, a reader or weak sight', async ({ page, server }) => {
    await page.goto(`${server.url}/read`);
    await page.getByRole('textbox', { name: 'Recipe text' }).fill(PROSE);
    await expect(page.getByRole('heading', { name: 'Squash soup as we had it at the harbour' })).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('tab', { name: /Allergens and diets/ }).click();
    await expectAccessible(page);
    await page.getByRole('tab', { name: /Labels to check/ }).click();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Label of Red curry paste' }).click();
    await expectAccessible(page);
  });
});

test('a food chosen for words the shelf does not have teaches this kitchen the words', async ({ page, server }) => {
  await page.goto(`${server.url}/read`);
  const text = page.getByRole('textbox', { name: 'Recipe text' });
  await text.fill('Soup\nServes 4\n\n2 tbsp island ferment\n1 l water\nSimmer for 10 minutes.');
  await page.getByRole('button', { name: 'Find the food' }).click();
  await page.getByRole('dialog').getByLabel('Search the shelf').fill('miso');
  // Only here is what a click means; the kitchen's own word is asked for.
  await expect(page.getByRole('radio', { name: 'Only here' })).toBeChecked();
  await page.getByRole('radio', { name: "Always read 'island ferment' so" }).check();
  await page.getByRole('dialog').getByRole('option', { name: /^Miso/ }).click();
  await expect(page.getByText("From now on 'island ferment' is read as Miso").first()).toBeVisible();
  await page.getByRole('button', { name: 'Clear' }).click();
  await text.fill('Another soup\nServes 4\n\n1 tbsp island ferment\n1 l water\nSimmer for 10 minutes.');
  await expect(page.getByRole('button', { name: 'Change the food of 1 tbsp island ferment' })).toContainText('Miso');
  await page.goto(`${server.url}/settings`);
  await page.getByRole('button', { name: 'Forget island ferment' }).click();
  await expect(page.getByText('None yet. Choosing a food')).toBeVisible();
});

test('a soup goes out in open formats and comes back', async ({ page, server }) => {
  await page.goto(`${server.url}/read`);
  const text = page.getByRole('textbox', { name: 'Recipe text' });
  await text.fill(
    'Leek soup\nServes 4\n\n30 g butter\n400 g sliced leeks\n900 ml vegetable stock\n1. Sweat the leeks in the butter for 8 minutes.\n2. Add the stock, simmer 15 minutes and blend.',
  );
  await page.getByRole('button', { name: 'Put on the bench' }).click();
  await page.getByRole('button', { name: 'Labels' }).click();
  await expect(page.getByRole('dialog').getByRole('heading', { name: /labels? to check/ })).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Export' }).click();
  await expectAccessible(page);
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Our own JSON' }).click();
  const stream = await (await saved).createReadStream();
  let json = '';
  for await (const chunk of stream) json += chunk;
  expect((await saved).suggestedFilename()).toBe('leek-soup.json');
  await page.goto(`${server.url}/read`);
  await text.fill(json);
  await expect(page.getByRole('heading', { name: 'Leek soup' })).toBeVisible();
  await expect(page.getByRole('button', { name: /Change the food of 400 g sliced leeks/ })).toContainText('Leek');
});

test('a line nobody understands is marked in the text, keeps everything from being told as absent, and is settled by keyboard', async ({
  page,
  server,
}) => {
  await page.goto(`${server.url}/read`);
  const text = page.getByRole('textbox', { name: 'Recipe text' });
  await text.fill('Leek soup\nServes 4\n\nzorbelwurz\n3 leeks, sliced\n400 g potatoes\n1 l water\nSimmer for 20 minutes and blend.');
  await expect(page.getByText('One line is marked in the text: 4')).toBeVisible();
  await expect(text).toHaveAccessibleDescription(/marked in the text: 4/);
  await expectAccessible(page);
  await page.getByRole('tab', { name: 'Every line (7)' }).click();
  await expect(page.getByRole('row', { name: /zorbelwurz/ })).toContainText('not understood');
  await page.getByRole('tab', { name: /Allergens and diets/ }).click();
  const milk = page.getByRole('region', { name: 'Allergens' }).getByRole('row', { name: /^milk/ });
  await expect(milk).toContainText('check');
  await page.getByRole('tab', { name: /Lines and doubts/ }).click();
  // d goes to the open doubt, 1 gives its first answer: no ingredient.
  await page.keyboard.press('d');
  await page.keyboard.press('1');
  await expect(page.getByText('marked in the text')).toBeHidden();
  await page.getByRole('tab', { name: /Allergens and diets/ }).click();
  await expect(milk).toHaveCount(0);
});

test('what a cook only talks about is named and not in the pot, and one press puts it in', async ({ page, server }) => {
  await page.goto(`${server.url}/read`);
  await page
    .getByRole('textbox', { name: 'Recipe text' })
    .fill(
      "Hello, today I'm making a carrot soup. I've got a kilo of carrots and one onion in two tablespoons of olive oil. My nan used butter in hers. Then a litre of water, and I let that simmer for twenty minutes and blend it. Some people put cashews on top. It serves four.",
    );
  const named = page.getByRole('region', { name: 'Named, not in the pot' });
  await expect(named).toContainText('butter');
  await expect(named).toContainText('cashews');
  const lines = page.getByRole('region', { name: 'Lines' });
  await expect(lines).not.toContainText('Butter');
  await named.getByRole('button', { name: /^Put Cashews/ }).click();
  await expect(lines).toContainText('Cashews');
  await expect(named).not.toContainText('cashews');
  await expectAccessible(page);
});

test('an answered doubt shrinks to a line that is opened again, one card a line, and both sides go together', async ({ page, server }) => {
  await page.goto(`${server.url}/read`);
  const text = page.getByRole('textbox', { name: 'Recipe text' });
  const filler = Array.from({ length: 60 }, (_, i) => `${i + 100} g carrots`).join('\n');
  await text.fill(`Leek soup\nServes 4\n\n3 leeks\n1 l water\n${filler}\nsalt to taste\n\nSimmer the leeks 20 minutes and blend.`);
  const doubts = page.getByRole('region', { name: 'Doubts' });
  const salt = doubts
    .getByRole('listitem')
    .filter({ hasText: /salt to taste/i })
    .first();
  await salt.getByRole('button', { name: /as most kitchens salt/ }).click();
  await expect(salt).toContainText('settled');
  const again = salt.getByRole('button', { name: /^Settle anew/ }).first();
  await again.click();
  await expect(salt.getByRole('button', { name: /as most kitchens salt/ })).toBeVisible();
  // The text beside it shows the line that is spoken of.
  await expect.poll(() => text.evaluate((box) => box.scrollTop)).toBeGreaterThan(200);
  await expectAccessible(page);
});
