/** What is said of a plan's taste, and what may bring back what it lost. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { line, soup } from '../test/soup.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { adapt } from './adapt.ts';
import { askedOf } from './need.ts';
import type { Needs } from './needs.ts';
import { tasteSays } from './tasteSays.ts';

const PEAS = [line('peas', 'split-peas-dry', 400), line('onion', 'onion', 110), line('water', 'water', 2000)];
const withHam = soup([...PEAS, line('ham', 'ham-hock', 250)], { title: 'Split pea and ham soup', servings: 6 });
const withBacon = soup([...PEAS, line('bacon', 'bacon-raw', 150)], { title: 'Split pea and bacon soup', servings: 6 });
const without = soup(PEAS, { title: 'Split pea soup', servings: 6 });
const saidOf = (before: Recipe, after: Recipe, needs: Needs): string[] =>
  tasteSays({ before, after, was: analyse(before, needs, SHELF), is: analyse(after, needs, SHELF) }, askedOf(needs), SHELF).map(
    ({ message }) => message,
  );

describe('what a plan tastes of', () => {
  test('a pea soup without its hock: the smoke is missed, and something savoury is named', () => {
    const said = saidOf(withHam, without, { diets: ['noPork'] });
    expect(said[0]).toMatch(/^Taste: loses savour and smoke/);
    expect(said[1]).toMatch(/^Savour: \d+(?:\.\d)? g of dried mushrooms, or .* bring some of it back\.$/);
  });
  test('miso is not named to who takes no soy, nor tomato under a potassium limit that leaves no room', () => {
    const said = saidOf(withBacon, without, { allergens: ['soy'], limits: [{ nutrient: 'potassiumMg', per: 'serving', max: 1 }] });
    expect(said.join(' ')).not.toMatch(/miso|tomato|mushroom/);
  });
  test('yeast flakes go into the vegan, parmesan is never named', () => {
    expect(saidOf(withHam, without, { diets: ['vegan'], avoidFoods: ['mushrooms-dried'] })[1]).toMatch(/yeast/);
  });
  test('the acid of yogurt that went is brought back by lemon', () => {
    const base = [line('beet', 'beetroot', 600), line('stock', 'vegetable-broth', 900)];
    const said = saidOf(
      soup([...base, line('y', 'yogurt-whole', 300)], { servings: 5 }),
      soup([...base, line('o', 'oat-cream', 300)], { servings: 5 }),
      {
        allergens: ['milk'],
      },
    );
    expect(said.join(' ')).toMatch(/Acid: \d+ g of lemon juice, or \d+ g of cider vinegar bring some of it back/);
  });
  test('no more than a litre takes', () => {
    const [, back] = saidOf(
      soup([line('w', 'water', 1000), line('p', 'parmesan', 300)]),
      soup([line('w', 'water', 1000), line('b', 'white-beans-cooked', 300)]),
      {
        allergens: ['milk'],
      },
    );
    expect(Number(/(\d+(?:\.\d)?) g of dried mushrooms/.exec(back ?? '')?.[1])).toBeLessThanOrEqual(12);
  });
  test('a soup that is left as it is has nothing said of it', () => {
    expect(saidOf(withHam, withHam, {})).toEqual([]);
  });
  test('it stands on the plan', () => {
    const { plans } = adapt({ recipe: withHam, needs: { diets: ['noPork'] }, plans: 1 }, SHELF, { now: () => 0 });
    expect(plans[0]?.says?.some(({ kind, message }) => kind === 'loss' && message.startsWith('Taste: '))).toBe(true);
  });
});
