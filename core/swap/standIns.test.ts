/** One stand-in for lines of a kind: common practice, no source. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { adapt } from './adapt.ts';
import { servedTogether } from './data/kinds.ts';
import type { Needs } from './needs.ts';
import type { Plan } from './plan.ts';

const CAULIFLOWER_CHEESE = `Cauliflower cheese soup
Serves 4
40 g butter
1 onion, chopped
1 large cauliflower (about 900 g), in florets
500 ml whole milk
500 ml vegetable stock
150 g gruyere, grated
25 g parmesan, grated
Salt
1. Sweat the onion in the butter for 8 minutes.
2. Add the cauliflower, milk and stock and simmer for 20 minutes until soft.
3. Blend until smooth. Stir in the gruyere and the parmesan off the heat. Season.`;

const LEEK_AND_POTATO = `Leek and potato soup
Serves 4
50 g butter
3 leeks, sliced
1 onion, chopped
450 g potatoes, diced
900 ml vegetable stock
200 ml double cream
1. Melt the butter and sweat the leeks and onion for 10 minutes.
2. Add the potatoes and stock and simmer for 20 minutes.
3. Blend until smooth and stir in the cream.`;

function plansFor(text: string, needs: Needs): Plan[] {
  const { recipe } = readRecipe(text, { measures: 'metric' }, SHELF);
  return adapt({ recipe, needs: { regime: 'uk', ...needs }, plans: 3 }, SHELF, { now: () => performance.now() }).plans;
}
const broughtFor = ({ changes, recipe }: Plan, food: string): string[] => {
  const change = changes.find(({ from }) => from?.foodId === food);
  const foods = change?.to.map(({ foodId }) => foodId) ?? [];
  return foods.filter((id) => SHELF.food(id)?.category !== 'fat' && recipe.lines.some(({ foodId }) => foodId === id)).sort();
};

describe('lines of a kind', () => {
  test('two cheeses of a soup become the same paste', () => {
    for (const plan of plansFor(CAULIFLOWER_CHEESE, { diets: ['vegan'] }))
      expect([plan.changes.map(({ name }) => name), broughtFor(plan, 'parmesan')]).toEqual([
        plan.changes.map(({ name }) => name),
        broughtFor(plan, 'gruyere'),
      ]);
  });
  test('leek and onion become the same vegetable', () => {
    const [plan] = plansFor(LEEK_AND_POTATO, { diets: ['noOnionGarlic'] });
    expect(broughtFor(plan as Plan, 'leek')).toEqual(broughtFor(plan as Plan, 'onion'));
    expect(broughtFor(plan as Plan, 'onion')).toHaveLength(1);
  });
  test('what does another work in the pot keeps its own: cream and cheese, milk and butter', () => {
    for (const [one, other] of [
      ['cream-heavy', 'cheddar'],
      ['milk-whole', 'butter-salted'],
      ['bacon-raw', 'beef-mince'],
    ] as const)
      expect([one, other, servedTogether(one, other)]).toEqual([one, other, false]);
    expect(servedTogether('gruyere', 'parmesan')).toBe(true);
  });
});
