import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { SHELF } from '../../core/food/shelf.ts';
import { readRecipe } from '../../core/reading/read.ts';
import { judgeNeeds } from '../../core/swap/verdict.ts';
import { openKitchen, type TestKitchen } from '../test/kitchen.ts';
import { loadDemo } from './load.ts';
import { plannedVersions } from './planned.ts';
import { DEMO_PRICES } from './prices.ts';
import { DEMO_SOUPS } from './soups.ts';
import { FOR_TABLES } from './tables.ts';
import PLANNED from './versions.json' with { type: 'json' };

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen();
});
afterAll(() => kitchen.close());

test.each(DEMO_SOUPS.map((text) => [text.split('\n')[0], text] as const))(
  '%s resolves without a doubt but for the salt and the label of its stock',
  (_title, text) => {
    const { recipe, doubts } = readRecipe(text, { measures: 'metric' }, SHELF);
    expect(doubts.filter(({ code }) => code !== 'food.make' && code !== 'label.read')).toEqual([]);
    expect(recipe.lines.every(({ foodId, grams }) => foodId !== null && grams !== null)).toBe(true);
    expect(recipe.steps.some(({ method }) => method === 'blend')).toBe(true);
  },
);

test('fills an empty kitchen once, each soup as it was written and as it was made for a table', async () => {
  await loadDemo(kitchen.context, kitchen.context.shelf.base);
  await loadDemo(kitchen.context, kitchen.context.shelf.base);
  const { body } = await kitchen.get('/api/soups');
  expect(body.soups.map(({ title }: { title: string }) => title)).toHaveLength(DEMO_SOUPS.length);
  for (const soup of body.soups) {
    expect(soup.versions).toMatchObject([{ number: 1, name: 'As written' }, { number: 2 }]);
    const { body: draft } = await kitchen.get(`/api/soups/${soup.id}/draft`);
    expect(draft.basedOn).toBe(soup.versions[0].id);
    const { body: version } = await kitchen.get(`/api/soups/${soup.id}/versions/1`);
    expect(version.analysis.servingMl).toBeGreaterThan(150);
    expect(version.analysis.servingMl).toBeLessThan(350);
  }
});

test('a batch of yesterday is cooled by its readings and frozen in part, and one stands on the stove', async () => {
  const { batches } = (await kitchen.get('/api/batches')).body;
  expect(batches.map(({ title }: { title: string }) => title)).toEqual(['Green pea, ham and mint', 'Fennel and white bean']);
  const cooked = (await kitchen.get(`/api/batches/${batches[1].id}`)).body;
  expect(cooked.cooling.verdict).toBe('passes');
  expect(cooked.actual.recipe.lines.at(-1)).toMatchObject({ foodId: 'lemon-juice' });
  expect((await kitchen.get('/api/portions')).body.portions).toMatchObject([{ count: 8, keep: 'frozen', past: false }]);
  // What the scale said is what the cook of the demo could have made of it.
  expect(cooked.actual.analysis.servingMl).toBeGreaterThan(200);
  expect(cooked.actual.analysis.servingMl).toBeLessThan(300);
});

test('every price is of a food on the shelf, and every soup has a cost', async () => {
  expect(Object.keys(DEMO_PRICES).filter((id) => !SHELF.food(id))).toEqual([]);
  // Every line of every soup and of every version has its price, so that a bowl's cost is whole.
  const recipes = [...DEMO_SOUPS.map((text) => readRecipe(text, { measures: 'metric' }, SHELF).recipe), ...PLANNED.map(({ recipe }) => recipe)];
  const used = new Set(recipes.flatMap(({ lines }) => (lines as { foodId: string | null }[]).flatMap(({ foodId }) => foodId ?? [])));
  expect([...used].filter((id) => !(id in DEMO_PRICES))).toEqual([]);
  const { body } = await kitchen.get('/api/soups');
  for (const soup of body.soups) {
    const { body: version } = await kitchen.get(`/api/soups/${soup.id}/versions/1`);
    expect([soup.title, version.analysis.cost?.value > 0.1 && version.analysis.cost?.value < 3]).toEqual([soup.title, true]);
  }
});

describe('what was made for the tables', () => {
  test('is the plan the program makes of it today', () => {
    expect(JSON.parse(JSON.stringify(plannedVersions(SHELF, () => performance.now())))).toEqual(PLANNED);
  });
  test.each(FOR_TABLES.map((one) => [one.title, one] as const))(
    '%s breaks nothing that its table asked for',
    async (title, { needs, name, reason }) => {
      const { body } = await kitchen.get('/api/soups');
      const soup = body.soups.find((one: { title: string }) => one.title === title);
      const { body: version } = await kitchen.get(`/api/soups/${soup.id}/versions/2`);
      expect(version).toMatchObject({ name, reason, needs });
      const verdicts = judgeNeeds(version.needs, { recipe: version.recipe, analysis: version.analysis, original: version, shelf: SHELF });
      expect(verdicts.filter(({ state }) => state === 'breaks')).toEqual([]);
      // No step names a bracket, and every line is put in somewhere.
      expect(version.recipe.steps.some(({ text }: { text: string }) => /[[(]/.test(text))).toBe(false);
    },
  );
  test('every soup has a table', () => {
    expect(new Set(FOR_TABLES.map(({ title }) => title)).size).toBe(DEMO_SOUPS.length);
  });
});
