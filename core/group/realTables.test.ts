/**
 * Larger tables at real soups: who can eat from one pot is asked of the search of one soup, set by set; the fewest pots are then a covering
 * that HiGHS solves by itself (npm `highs`, as oracle).
 */
import { expect, test } from '@jest/globals';
import loadHighs from 'highs';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { closestPlans } from '../swap/adapt.ts';
import type { Limit, Needs } from '../swap/needs.ts';
import { seeded } from '../test/soup.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { mergeNeeds } from './merge.ts';
import { potsFor } from './pots.ts';

const highs = await loadHighs({});
const now = () => performance.now();
const read = (text: string): Recipe => readRecipe(text, { measures: 'metric' }, SHELF).recipe;
const SOUPS: readonly Recipe[] = [
  read(
    'Parsnip soup\nServes 6\n\nIngredients\n60 g bacon\n40 g butter\n150 g onions\n700 g parsnips\n1.2 litres chicken stock\n150 ml double cream\n4 g salt\n\nMethod\n1. Fry the bacon for 6 minutes.\n2. Sweat the onions in the butter for 8 minutes.\n3. Add the parsnips and the stock and simmer for 20 minutes.\n4. Blend.\n5. Stir in the cream and the salt.',
  ),
  read(
    'Celery cream with almonds\nServes 4\n\nIngredients\n30 g olive oil\n500 g celery\n200 g potatoes\n60 g ground almonds\n1 litre vegetable stock\n30 ml soy sauce\n\nMethod\n1. Sweat the celery in the oil for 10 minutes.\n2. Add the potatoes, the almonds and the stock and simmer for 20 minutes.\n3. Blend.\n4. Stir in the soy sauce.',
  ),
  read(
    'Cheese and leek veloute\nServes 6\n\nIngredients\n50 g butter\n400 g leeks\n50 g flour\n1 litre vegetable stock\n300 ml milk\n120 g cheddar\n\nMethod\n1. Sweat the leeks in the butter for 8 minutes.\n2. Stir in the flour, add the stock and the milk and simmer for 15 minutes.\n3. Blend.\n4. Melt in the cheddar.',
  ),
];
const limit = (nutrient: Limit['nutrient'], bounds: { min?: number; max?: number }): Needs => ({ limits: [{ nutrient, per: 'serving', ...bounds }] });
/** A line that has to stay, by its food. */
const keep = (recipe: Recipe, foods: RegExp): Needs => {
  const line = recipe.lines.find(({ foodId }) => foods.test(foodId ?? ''));
  return line ? { keepLines: [line.id] } : {};
};
const pool = (recipe: Recipe): Needs[] => [
  { allergens: ['milk'] },
  { diets: ['vegan'] },
  { allergens: ['gluten', 'wheat'] },
  { allergens: ['celery'] },
  { allergens: ['treeNut'] },
  { allergens: ['soy'] },
  { diets: ['noPork'] },
  keep(recipe, /cream|cheddar|almonds/),
  keep(recipe, /butter|soy-sauce/),
  keep(recipe, /broth/),
  limit('sodiumMg', { max: 350 }),
  limit('energyKcal', { min: 300 }),
  limit('energyKcal', { max: 140 }),
  limit('proteinG', { min: 9 }),
  { smooth: true },
];

/** Every largest set of needs that one soup meets. A set with one in it that it does not is met by none. */
function blocksOf(recipe: Recipe, needs: readonly Needs[]): number[] {
  const known = new Map<number, boolean>();
  const meets = (mask: number): boolean => {
    const found = known.get(mask);
    if (found !== undefined) return found;
    for (const [other, ok] of known) if ((ok && (other & mask) === mask) || (!ok && (other & mask) === other)) return ok;
    const merged = mergeNeeds(needs.filter((_, at) => mask & (1 << at)));
    const ok = merged !== null && closestPlans({ recipe, needs: merged, plans: 1 }, SHELF, { now }).plans.length > 0;
    known.set(mask, ok);
    return ok;
  };
  const masks = Array.from({ length: 2 ** needs.length - 1 }, (_, at) => at + 1);
  const size = (mask: number) => mask.toString(2).replace(/0/g, '').length;
  const met = masks.sort((a, b) => size(b) - size(a)).filter(meets);
  return met.filter((mask, at) => !met.slice(0, at).some((larger) => (larger & mask) === mask));
}

function fewestByHighs(blocks: readonly number[], needs: number): number {
  const covers = (at: number) => blocks.flatMap((mask, block) => (mask & (1 << at) ? [`b${block}`] : []));
  const rows = Array.from({ length: needs }, (_, at) => covers(at)).flatMap((of, at) => (of.length > 0 ? [` c${at}: ${of.join(' + ')} >= 1`] : []));
  const names = blocks.map((_, block) => `b${block}`);
  const solution = highs.solve(`Minimize\n obj: ${names.join(' + ')}\nSubject To\n${rows.join('\n')}\nBinary\n ${names.join(' ')}\nEnd`, {});
  return Math.round(solution.ObjectiveValue);
}

const TABLES = Number(process.env.KIND_LADLE_TABLES ?? 5);

test(`${TABLES} tables of eight needs at real soups have as few pots as HiGHS finds`, () => {
  const random = seeded(1611);
  for (let table = 0; table < TABLES; table++) {
    const recipe = SOUPS[table % SOUPS.length] as Recipe;
    const needs = pool(recipe)
      .filter((one) => Object.keys(one).length > 0)
      .map((one) => ({ one, at: random() }))
      .sort((a, b) => a.at - b.at)
      .slice(0, 8)
      .map(({ one }) => one);
    const blocks = blocksOf(recipe, needs);
    const servable = needs.filter((_, at) => blocks.some((mask) => mask & (1 << at))).length;
    const reply = potsFor({ recipe, guests: needs.map((one, at) => ({ seat: `A${at + 1}`, needs: one })) }, SHELF, now);
    const kettles = new Set(reply.pots.map(({ kettle }) => kettle)).size;
    const told = [table, recipe.title, needs.length - reply.unserved.length, kettles, reply.optimal];
    expect(told).toEqual([table, recipe.title, servable, servable === 0 ? 0 : fewestByHighs(blocks, needs.length), true]);
  }
});
