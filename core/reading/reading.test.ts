/** How lines, foods, sections and steps are read; the traps are the trade's. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import type { Food } from '../vocabulary/food.ts';
import { minutesIn } from './clauses.ts';
import { weigh } from './grams.ts';
import { servingsIn } from './headOfText.ts';
import { readLine } from './line.ts';
import { matchFood } from './match.ts';
import { readRecipe } from './read.ts';
import { findSections } from './sections.ts';
import { weighLine } from './weighLine.ts';

const food = (phrase: string) => {
  const match = matchFood(phrase, SHELF);
  return match.kind === 'food' || match.kind === 'modified' ? match.foodId : match.kind;
};
const read = (...lines: string[]) =>
  readRecipe(`A soup\nServes 4\nIngredients\n${lines.join('\n')}\nMethod\n1. Simmer 20 minutes.\n2. Blend.`, { measures: 'auto' }, SHELF);

describe('a food is matched whole, never by a part of its name', () => {
  test.each([
    ['butternut squash', 'butternut-squash'],
    ['coconut milk', 'coconut-milk'],
    ['light coconut milk', 'coconut-milk-light'],
    ['coconut cream', 'coconut-cream'],
    ['cream cheese', 'cream-cheese'],
    ['sour cream', 'sour-cream'],
    ['double cream', 'cream-double'],
    ['oat cream', 'oat-cream'],
    ['corn starch', 'cornstarch'],
    ['cornflour', 'cornstarch'],
    ['sweet potatoes', 'sweet-potato'],
    ['water chestnuts', 'water-chestnut-canned'],
    ['chestnut mushrooms', 'cremini'],
    ['cooked chestnuts', 'chestnuts-boiled'],
    ['red pepper', 'red-pepper'],
    ['black pepper', 'black-pepper'],
    ['celery root', 'celeriac'],
    ['celery sticks', 'celery'],
    ['low-sodium chicken broth', 'chicken-broth-low-sodium'],
    ['low sodium vegetable broth', 'vegetable-broth-low-sodium'],
    ['home-made chicken stock', 'chicken-stock-homemade'],
    ['egg yolks', 'egg-yolk'],
    ['spring onions', 'spring-onion'],
    ['ground coriander', 'coriander-seed'],
    ['fresh coriander', 'coriander-leaf'],
    ['whole cloves', 'cloves-ground'],
    ['crème fraîche', 'creme-fraiche'],
    ['buttermilk', 'buttermilk'],
    ['peanut butter', 'peanut-butter'],
    ['cream of tartar', 'none'],
    ['turnip greens', 'turnip-greens'],
    ['bacon grease', 'bacon-fat'],
    ['butter beans', 'white-beans-canned-drained'],
    ['dried white beans', 'white-beans-dry'],
    ['gruyère', 'gruyere'],
    ['large floury potatoes', 'potato'],
    ['extra virgin olive oil', 'olive-oil'],
  ])('%s', (phrase, id) => {
    expect(food(phrase)).toBe(id);
  });
  test('flour sold as gluten-free is a composite of its own, whose claim is its maker’s', () => {
    expect(food('gluten-free flour')).toBe('gluten-free-flour');
  });
  test.each(['vegan cream cheese', 'dairy-free double cream', 'plant-based butter', 'vegan bone broth', 'cream substitute'])(
    '%s is never the real one',
    (phrase) => {
      expect(food(phrase)).toBe('none');
    },
  );
  test.each([
    ['stock', 'vegetable-broth'],
    ['cream', 'cream-heavy'],
    ['cheese', 'cheddar'],
    ['coriander', 'coriander-leaf'],
    ['oil', 'vegetable-oil'],
  ])('%s can be several foods', (word, first) => {
    expect(matchFood(word, SHELF)).toMatchObject({ kind: 'ambiguous', foodIds: expect.arrayContaining([first]) });
  });
  test.each([
    ['light cream cheese', 'cream-cheese', 'light'],
    ['homemade beef broth', 'beef-broth', 'homemade'],
    ['smoked cheddar', 'cheddar', 'smoked'],
  ])('%s is not taken silently for the usual one', (phrase, foodId, word) => {
    expect(matchFood(phrase, SHELF)).toEqual({ kind: 'modified', foodId, word });
  });
  test('a word that changes a food and has no row is doubted', () => {
    expect(matchFood('roasted pumpkin', SHELF)).toEqual({ kind: 'modified', foodId: 'pumpkin', word: 'roasted' });
  });
});

describe('a line is taken apart', () => {
  test.each([
    ['2 (15 oz) cans beans, drained', 2, 'can', 15, 'beans'],
    ['1 can (400 g) beans', 1, 'can', 400, 'beans'],
    ['1 x 400 g tin beans', 1, 'can', 400, 'beans'],
    ['2 x 400g cans beans', 2, 'can', 400, 'beans'],
    ['1 15-oz can beans', 1, 'can', 15, 'beans'],
    ['400 g tin of beans', 1, 'can', 400, 'beans'],
    ['1 (13.5 fl oz) can coconut milk', 1, 'can', 13.5, 'coconut milk'],
    ['one 15-ounce can beans', 1, 'can', 15, 'beans'],
  ])('%s', (text, count, unit, size, name) => {
    const { amount, food: words } = readLine(text);
    expect({ count: amount.range?.min, unit: amount.unit?.name, size: amount.each?.range.min, words }).toEqual({ count, unit, size, words: name });
  });
  test.each([
    ['2 tbsp olive oil', 'tablespoon', 'olive oil'],
    ['2 tablespoons of olive oil', 'tablespoon', 'olive oil'],
    ['3 garlic cloves, minced', 'clove', 'garlic'],
    ['1 large onion, diced', undefined, 'onion'],
    ['• 2 leeks', undefined, 'leeks'],
    ['- 1 cup (240 ml) milk', 'cup', 'milk'],
    ['8 fl oz milk', 'fluid ounce', 'milk'],
    ['1 bunch parsley', 'bunch', 'parsley'],
    ['1-inch piece ginger', 'inch', 'ginger'],
  ])('%s', (text, unit, name) => {
    const { amount, food: words } = readLine(text);
    expect({ unit: amount.unit?.name, words }).toEqual({ unit, words: name });
  });
});

describe('grams', () => {
  const grams = (text: string, id: string, system: 'us' | 'metric' = 'us') => weighLine(text, SHELF.food(id) as Food, system)?.best;
  test.each([
    ['1 cup milk', 'milk-whole', 244],
    ['250 ml milk', 'milk-whole', 257.8],
    ['1 lb potatoes', 'potato', 381],
    ['2 cups flour', 'flour-wheat', 250],
    ['1 tablespoon flour', 'flour-wheat', 7.8],
    ['3 medium onions', 'onion', 330],
    ['1 small onion', 'onion', 70],
    ['2 cloves garlic', 'garlic', 7],
    ['1 teaspoon salt', 'salt', 6],
    ['1 tablespoon salt', 'salt', 18],
    ['1 stick butter', 'butter-salted', 113],
    ['1 cup shredded cheddar', 'cheddar', 113],
    ['1 (15 oz) can white beans, drained', 'white-beans-canned-drained', 255.1],
    ['1 can coconut milk', 'coconut-milk', 382],
    ['32 fl oz chicken broth', 'chicken-broth', 960],
    ['500 g potatoes, peeled', 'potato', 420],
  ])('%s: %s %d g', (text, id, best) => {
    expect(grams(text, id)).toBeCloseTo(best, 0);
  });
  test('an amount no one could weigh is null', () => {
    expect(grams('1 bag potato', 'potato')).toBeUndefined();
    expect(weigh(readLine('salt').amount, SHELF.food('salt') as Food, 'us')).toBeNull();
  });
  test('weighed food is known within 1 %, a cup of flour within 20 %, a range over its whole length', () => {
    const interval = (text: string, id: string) => weighLine(text, SHELF.food(id) as Food, 'us');
    expect(interval('100 g sliced leek', 'leek')).toEqual({ best: 100, low: 99, high: 101 });
    expect(interval('1 cup flour', 'flour-wheat')).toEqual({ best: 125, low: 100, high: 150 });
    expect(interval('2-3 cloves garlic', 'garlic')).toEqual({ best: 8.75, low: 5, high: 15 });
  });
});

describe('doubts', () => {
  test('an ounce of a food sold by weight and by cup is asked, with what each reading does to a bowl', () => {
    const { doubts, recipe } = read('16 oz shredded cheddar');
    expect(doubts[0]).toMatchObject({
      code: 'ounce',
      readings: [
        { label: 'by weight', grams: 453.6 },
        { label: 'by cup measure', grams: 226 },
      ],
    });
    // Cheddar 653 mg sodium per 100 g (USDA SR 01009, from memory), four bowls.
    const [weight, cup] = doubts[0]?.readings ?? [];
    expect((weight?.perServing.sodiumMg ?? 0) - (cup?.perServing.sodiumMg ?? 0)).toBeCloseTo((653 * (4.536 - 2.26)) / 4, -1);
    expect(recipe.lines[0]?.grams).toEqual({ best: 453.6, low: 226, high: 453.6 });
  });
  test('an ounce of a liquid or of a vegetable is not', () => {
    expect(read('16 oz milk', '12 oz carrots').doubts).toEqual([]);
  });
  test('a weight and a volume that disagree are asked, those that agree are not', () => {
    expect(read('1 cup (200 g) cream cheese').doubts.map(({ code }) => code)).toEqual(['disagree']);
    expect(read('1 cup (125 g) flour').doubts).toEqual([]);
  });
  test('butter or oil is a choice of two lines, one chosen', () => {
    const { recipe, doubts } = read('2 tbsp butter or olive oil');
    expect(recipe.lines.map(({ foodId, chosen, choiceOf }) => [foodId, chosen, choiceOf])).toEqual([
      ['butter-salted', true, 'c1'],
      ['olive-oil', false, 'c1'],
    ]);
    expect(doubts.map(({ code }) => code)).toEqual(['choice']);
  });
  test('chicken or vegetable stock keeps its last word for both', () => {
    expect(read('1 litre chicken or vegetable stock').recipe.lines.map(({ foodId }) => foodId)).toEqual(['chicken-broth', 'vegetable-broth']);
  });
  test('salt and pepper to taste are two lines with no amount, never nothing', () => {
    const { recipe, doubts } = read('salt and pepper to taste');
    expect(recipe.lines.map(({ foodId, grams }) => [foodId, grams])).toEqual([
      ['salt', null],
      ['black-pepper', null],
    ]);
    expect(doubts.map(({ code }) => code)).toEqual(['amount.toTaste', 'amount.toTaste']);
  });
  test('an unknown food comes first, weighs what is written, and offers only what answers to its words', () => {
    const { recipe, doubts } = read('16 oz shredded cheddar', '50 g welwitschia flakes');
    expect(doubts.map(({ code }) => code)).toEqual(['food.unmatched', 'ounce']);
    expect(recipe.lines[1]).toMatchObject({ foodId: null, grams: { best: 50 } });
  });
  test('no number of bowls is asked', () => {
    const { doubts, recipe } = readRecipe('Soup\nIngredients\n500 g sliced leeks\nMethod\nSimmer.', { measures: 'auto' }, SHELF);
    expect(recipe.servings).toBeUndefined();
    expect(doubts.map(({ code }) => code)).toEqual(['servings.missing']);
  });
  test('a tin that says nothing of draining is read with its liquid', () => {
    expect(read('1 (15 oz) can white beans').recipe.lines[0]).toMatchObject({ foodId: 'white-beans-canned', grams: { best: 425.2 } });
    expect(read('1 (15 oz) can white beans, drained').recipe.lines[0]).toMatchObject({
      foodId: 'white-beans-canned-drained',
      grams: { best: 255.1 },
    });
  });
});

describe('sections', () => {
  test.each([
    ['Serves 4', 4, 4],
    ['Serves four', 4, 4],
    ['Servings: 6', 6, 6],
    ['Makes 4 servings', 4, 4],
    ['Yield: 8 servings', 8, 8],
    ['For 4 people', 4, 4],
    ['serves 4-6', 4, 6],
    ['6 portions', 6, 6],
  ])('%s', (text, min, max) => {
    expect(servingsIn(text)).toEqual({ min, max });
  });
  test.each(['Makes 2 litres', 'Serve hot', '4 leeks'])('%s states no bowls', (text) => {
    expect(servingsIn(text)).toBeNull();
  });
  test('windows line ends, right-to-left marks and blank lines change nothing', () => {
    const plain = findSections('Soup\nServes 4\nIngredients\n2 leeks\nMethod\nSimmer.');
    expect(findSections('\ufeffSoup\r\n\r\n\u202eServes 4\r\nIngredients\r\n2 leeks\r\nMethod\r\nSimmer.')).toMatchObject({
      title: plain.title,
      ingredients: [{ text: '2 leeks' }],
    });
  });
});

describe('steps', () => {
  const steps = (...texts: string[]) =>
    readRecipe(
      `Soup\nServes 4\nIngredients\n2 leeks\n500 g potatoes\n1 l vegetable stock\n100 ml double cream\n150 g streaky bacon\n1 bay leaf\nMethod\n${texts.map((text, i) => `${i + 1}. ${text}`).join('\n')}`,
      { measures: 'auto' },
      SHELF,
    ).recipe;
  test('a step with two methods is two steps', () => {
    expect(steps('Add the stock and simmer for 20 minutes, then blend.').steps.map(({ method }) => method)).toEqual(['simmer', 'blend']);
  });
  test('what is added and then simmered goes in at the simmer; what follows the blender at the finish', () => {
    const { lines } = steps(
      'Sweat the leeks for 10 minutes, add the potatoes and stock and simmer 20 minutes.',
      'Blend, stir in the cream off the boil.',
    );
    expect(lines.slice(0, 4).map(({ foodId, stage }) => [foodId, stage])).toEqual([
      ['leek', 'base'],
      ['potato', 'simmer'],
      ['vegetable-broth', 'simmer'],
      ['cream-double', 'finish'],
    ]);
  });
  test('off the boil is no boil', () => {
    expect(steps('Stir in the cream off the boil.').steps[0]?.method).toBeUndefined();
  });
  test('what is taken out is removed, and fat poured off is rendered', () => {
    const { lines } = steps(
      'Fry the bacon and pour off the fat.',
      'Add the stock and the bay leaf, simmer 20 minutes.',
      'Take out the bay leaf and blend.',
    );
    expect(lines.find(({ foodId }) => foodId === 'bay-leaf')?.eaten).toBe('removed');
    expect(lines.find(({ foodId }) => foodId === 'bacon-raw')?.eaten).toBe('rendered');
  });
  test.each([
    ['Simmer 20 minutes', 20, 20],
    ['for 2-3 min', 2, 3],
    ['an hour', 60, 60],
    ['1 hour, then 10 minutes more', 70, 70],
    ['1½ hours', 90, 90],
  ])('%s', (text, min, max) => {
    expect(minutesIn(text)).toEqual({ min, max });
  });
  test.each([
    ['with the lid on', 'on'],
    ['covered', 'on'],
    ['lid ajar', 'ajar'],
    ['uncovered', 'off'],
  ])('simmer %s', (words, lid) => {
    expect(steps(`Simmer ${words} for 20 minutes.`).steps[0]?.lid).toBe(lid);
  });
});

test('nothing that can be typed makes the reader fail', () => {
  for (const text of [
    '((((((',
    '1/0 cup flour',
    '9'.repeat(400),
    'Ingredients\n- \n-\n',
    '½½½',
    '<script>alert(1)</script>',
    '=cmd()',
    '\u0000\uffff',
    '[{"a":',
    'x'.repeat(5000),
  ]) {
    expect(() => readRecipe(text, { measures: 'auto' }, SHELF)).not.toThrow();
  }
});

describe('prose', () => {
  const prose = (text: string) => readRecipe(`A soup told in words. ${text} Simmer for 20 minutes and blend.`, { measures: 'metric' }, SHELF);
  test('a choice of stock is a choice, and not the meat it is made of', () => {
    const { recipe, doubts } = prose('Melt 50 g butter, add 1 kg of peeled potatoes and 1 litre of chicken or vegetable stock.');
    expect(recipe.lines.map(({ foodId, choiceOf }) => [foodId, choiceOf !== undefined])).toEqual([
      ['butter-salted', false],
      ['potato', false],
      ['chicken-broth', true],
      ['vegetable-broth', true],
    ]);
    expect(doubts.map(({ code }) => code)).toContain('choice');
  });
  test('what is weighed and not known is kept, times and pans are not', () => {
    const { recipe } = prose('Melt 50 g butter in a 2 litre pan, add 200 g zorbelwurz for 5 minutes and 1 litre of water.');
    expect(recipe.lines.map(({ foodId }) => foodId)).toEqual(['butter-salted', null, 'water']);
  });
});
