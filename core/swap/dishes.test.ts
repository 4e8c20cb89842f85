/** Soups in many hands and what tables ask of them: the first plan is what a cook would do, meets what is asked, and its method can be followed. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { mentionsOf, spokenOf } from '../method/mention.ts';
import { tokensOf, wordsOfFood } from '../reading/match.ts';
import { readRecipe } from '../reading/read.ts';
import { type Asked, DISHES, type Dish, TABLE } from '../test/swap/dishes.ts';
import type { Food } from '../vocabulary/food.ts';
import { countedLines, type Line, type Recipe } from '../vocabulary/recipe.ts';
import { type AdaptResult, adapt } from './adapt.ts';
import { ADDITIONS } from './data/additions.ts';
import type { Needs } from './needs.ts';
import type { Plan } from './plan.ts';
import { withFamilies } from './sayNeeds.ts';
import { entersAfterBlending, isPieceOnTop } from './smooth.ts';

const readDish = ({ text, regime }: Dish) => readRecipe(text, { measures: regime === 'us' ? 'us' : 'metric' }, SHELF).recipe;
function plansFor(dish: Dish, { said }: Asked): AdaptResult {
  const asked: Needs = TABLE[said];
  const avoidFoods = asked.avoidFoods && withFamilies(asked.avoidFoods, SHELF);
  return adapt({ recipe: readDish(dish), needs: { regime: dish.regime, ...asked, ...(avoidFoods ? { avoidFoods } : {}) }, plans: 1 }, SHELF, {
    now: () => performance.now(),
  });
}

/** 'Less miso: miso; Soy cooking cream: soy-cream'. */
const told = ({ changes }: Plan): string => changes.map(({ name, to }) => `${name}: ${to.map(({ foodId }) => foodId).join(' + ')}`).join('; ');
const kindOf = (foodId: string | null) => SHELF.food(foodId ?? '')?.category;

const wordsOf = ({ text, foodId }: Line): string[] => [
  ...tokensOf(text.replace(/\([^)]*\)/g, ' ')),
  ...(SHELF.food(foodId ?? '') ? tokensOf((SHELF.food(foodId ?? '') as Food).name) : []),
];
/** Words that end the names of a food, its own and those of the line, so far as nothing that is in the pot bears them. */
function orderedThoughGone(before: readonly Line[], { lines, steps }: Recipe): string[] {
  const there = new Set(lines.map(({ foodId }) => foodId));
  const borne = new Set(lines.flatMap(wordsOf));
  const gone = before.filter(({ foodId, eaten }) => foodId !== null && !there.has(foodId) && eaten !== 'removed');
  const said = steps.flatMap(({ text }) => tokensOf(text));
  return gone.flatMap((line) => {
    const food = SHELF.food(line.foodId ?? '') as Food;
    const names = [...wordsOfFood(food).names].flatMap((tokens) => tokens.at(-1) ?? []);
    return [...new Set(names)]
      .filter((word) => !borne.has(word) && !SAID_OF_ANY.has(word) && said.includes(word))
      .map((word) => `${line.text}: ${word}`);
  });
}
/** Lines no step of the soup as it was written speaks of. */
function idleIn({ lines, steps }: Recipe): ReadonlySet<string> {
  const used = new Set(steps.flatMap(({ uses }) => uses ?? []));
  return new Set(lines.flatMap(({ id }) => (used.has(id) ? [] : [id])));
}
/** Of the pot, or of something done. */
const SAID_OF_ANY: ReadonlySet<string> = new Set([
  'up',
  'slice',
  'soup',
  'pot',
  'bowl',
  'season',
  'base',
  'mix',
  'top',
  'half',
  'water',
  'stock',
  'broth',
]);

describe.each(Object.entries(DISHES))('%s', (_, dish) => {
  test('is read with a food for every line', () => {
    expect(readDish(dish).lines.filter(({ foodId }) => foodId === null)).toEqual([]);
  });

  test.each(dish.asked.map((asked) => [asked.said, asked] as const))('%s', (_said, asked) => {
    const { plans } = plansFor(dish, asked);
    const [plan] = plans as [Plan];
    expect(plan.meets.filter(({ state }) => state === 'breaks')).toEqual([]);
    if (asked.lever) {
      expect(told(plan)).toMatch(asked.lever);
      // What it is called after is kept, or the card says that it is another soup.
      expect(plan.says?.some(({ kind }) => kind === 'identity') ?? false).toBe(asked.isAnother ?? false);
    }
    // Nothing is left out and poured in again.
    const gone = new Set(plan.changes.flatMap(({ lineId, from, to }) => (lineId !== null && from && to.length === 0 ? [kindOf(from.foodId)] : [])));
    const poured = plan.changes.flatMap(({ swapId }) => (ADDITIONS.find(({ id, fills }) => id === swapId && fills) ? [swapId] : []));
    expect(
      poured.filter((id) => ADDITIONS.find((row) => row.id === id)?.parts.some(({ foods }) => foods.some(([food]) => gone.has(kindOf(food))))),
    ).toEqual([]);
    const { recipe } = plan;
    // Every pot that simmered simmers.
    const simmers = (steps: readonly { text: string }[]) => steps.some(({ text }) => /\b(?:simmer|boil)/i.test(text));
    if (simmers(readDish(dish).steps)) expect(simmers(recipe.steps)).toBe(true);
    // Whatever is in the pot is put in by some step, or all of it is.
    const used = new Set(recipe.steps.flatMap(({ uses }) => uses ?? []));
    const idle = idleIn(readDish(dish));
    expect(
      countedLines(recipe)
        // The vinegar of the water the eggs were poached in stands idle where the eggs are gone; it never was in the pot.
        .filter(({ id, stage, eaten }) => stage !== 'plate' && eaten !== 'removed' && !used.has(id) && !idle.has(id))
        .map(({ text }) => text),
    ).toEqual([]);
    if (TABLE[asked.said] && 'smooth' in TABLE[asked.said]) {
      const late = recipe.lines.filter((line) => entersAfterBlending(line, recipe, SHELF) && isPieceOnTop(line, kindOf(line.foodId), recipe.steps));
      expect(late.map(({ text }) => text)).toEqual([]);
    }
    expect(orderedThoughGone(readDish(dish).lines, recipe)).toEqual([]);
    // No leaf or stick that was taken out stays in; what seasons the water of an egg was never in the pot.
    for (const line of recipe.lines.filter(({ eaten }) => eaten === 'removed')) {
      const spoken = spokenOf(line, SHELF);
      const told = recipe.steps.filter(({ text }) => mentionsOf(text, spoken, []).length > 0);
      if (told.every(({ text }) => /\bpoach the eggs in (?:simmering )?water\b/i.test(text))) continue;
      expect(
        recipe.steps.some(
          ({ text }) =>
            /\b(?:(?:take|lift|fish)\w* .*\bout|take out|lift out|fish out|discard|remove)\b/i.test(text) && mentionsOf(text, spoken, []).length > 0,
        ),
      ).toBe(true);
    }
  });
});
