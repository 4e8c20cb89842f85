/** The law of the reader: every line of a text is accounted for. What is not understood is asked about and hides what it may hold. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { HOLDOUT_RECIPES } from '../test/reading/holdoutRecipes.ts';
import { CORPUS_RECIPES } from '../test/reading/recipes.ts';
import { matchFood } from './match.ts';
import { readRecipe } from './read.ts';
import { findSections } from './sections.ts';

const read = (text: string) => readRecipe(text, { measures: 'auto' }, SHELF);
const isFood = (words: string) => matchFood(words, SHELF).kind !== 'none';
const kinds = (text: string) => findSections(text, isFood).account.map(({ kind, furniture }) => furniture ?? kind);
const lines = (text: string) => text.split(/\r\n?|\n/).filter((line) => /[\p{L}\p{N}]/u.test(line));

describe('each line of a card is told for what it is', () => {
  test('from the page to the nutrition block', () => {
    const text = `Jump to recipe
★★★★★ 4.8 from 112 votes
Roasted Carrot Soup
Prep Time: 10 mins Cook Time: 45 mins
Servings: 4
Equipment
Blender
Ingredients
2 lb carrots
Dollop of crème fraîche
Instructions
Roast the carrots at 425°F for 30 minutes.
Notes
Keeps 4 days in the fridge.
Nutrition
Calories: 290kcal | Carbohydrates: 24g | Protein: 4g
Contains: milk.`;
    expect(kinds(text)).toEqual([
      'page',
      'page',
      'title',
      'times',
      'yield',
      'equipment',
      'equipment',
      'heading',
      'ingredient',
      'ingredient',
      'heading',
      'step',
      'notes',
      'notes',
      'nutrition',
      'nutrition',
      'label',
    ]);
  });
  test.each([
    'Dollop of crème fraîche',
    'Splash of cream',
    'Glass of white wine',
    'about 500 ml stock',
    'scant 1/2 cup cream',
    'heaped tablespoon of flour',
    '(2 tbsp cream)',
    'Parmesan to finish',
    'Good fish stock, hot, enough to just cover the vegetables in the pan',
    'Ghee 2 tbsp',
    'Leeks, trimmed - 2 (about 300 g)',
    'Cream (single): 150 ml',
    '1) butter, 50 g',
  ])('%s in a list is a line, and so is what follows it', (line) => {
    const { recipe, unread } = read(`A soup\nServes 4\n\nIngredients\n2 onions\n${line}\n400 g potatoes\n\nMethod\nSimmer 20 minutes and blend.`);
    expect([recipe.lines.length, unread.length]).toEqual([3, 0]);
    expect(recipe.lines[1]?.foodId).not.toBeNull();
    expect(recipe.lines[2]?.foodId).toBe('potato');
  });
});

describe('a word nobody knows within a list without headings', () => {
  test.each(['Zorbel', 'Zorbel wurz', 'Hing a pinch', 'Samphire', 'Zorbel, torn'])('%s is a line or asked about, never a heading', (word) => {
    const { recipe, unread } = read(`A soup\nServes 4\n\n2 onions\n${word}\n400 g potatoes\n1 l water\nSimmer 20 minutes and blend.`);
    expect(recipe.lines.length + unread.length).toBe(4);
    expect(recipe.lines.filter(({ foodId }) => ['onion', 'potato', 'water'].includes(foodId ?? '')).length).toBe(3);
  });
});

describe('nothing that is spoken of is lost', () => {
  const told = (text: string) => {
    const { recipe, named } = read(text);
    return [...recipe.lines.map(({ foodId }) => foodId), ...named.map(({ foodId, text: words }) => foodId ?? words)];
  };
  const START = "Hello, today I'm making a soup. I've got a kilo of carrots and I'm using 50 g of butter. ";
  test.each([
    ['honey before a comma', 'Then I stir in honey, salt and a litre of water.', 'honey'],
    ['the butter, when another one is spoken of', "That's the butter melted so it's two tablespoons of peanut butter.", 'butter-salted'],
    ['the stock beside water', 'Then a litre of water, and I add the stock.', 'stock'],
  ])('%s', (_what, more, food) => {
    expect(told(`${START}${more} Simmer it for twenty minutes and blend it.`)).toContain(food);
  });
  test('a stock that only a step names, beside water', () => {
    const { recipe } = read(
      'A soup\nServes 4\n\nIngredients\n1 kg carrots\n1 l water\n\nMethod\n1. Add the chicken stock and simmer 20 minutes.\n2. Blend.',
    );
    expect(recipe.lines.map(({ foodId }) => foodId)).toContain('chicken-broth');
  });
});

describe('what is not understood', () => {
  const text = 'A soup\nServes 4\n\nzorbelwurz\n2 onions\n400 g potatoes\n1 l water\nSimmer 20 minutes and blend.';
  test('is unread, asked about, and nothing is absent or fits', () => {
    const { recipe, unread, doubts } = read(text);
    expect(unread).toEqual([{ textLine: 3, text: 'zorbelwurz' }]);
    expect(recipe.unread).toEqual(['zorbelwurz']);
    expect(doubts.find(({ code }) => code === 'text.unread')?.textLine).toBe(3);
    const { allergens, diets } = analyse(recipe, {}, SHELF);
    expect(allergens.filter(({ state }) => state === 'absent')).toEqual([]);
    expect(diets.filter(({ state }) => state === 'fits')).toEqual([]);
    expect(allergens.find(({ id }) => id === 'milk')?.because[0]?.path).toEqual(['zorbelwurz']);
  });
  test('settled, hides nothing any more', () => {
    const { unread: _, ...recipe } = read(text).recipe;
    expect(analyse(recipe, {}, SHELF).allergens.find(({ id }) => id === 'milk')?.state).toBe('absent');
  });
  test('a pot that nothing is in is said to hold nothing surely', () => {
    const recipe = { title: 'x', lines: [{ id: 'l1', stage: 'plate' as const, text: 'bread', foodId: 'bread-white', grams: null }], steps: [] };
    expect(analyse(recipe, {}, SHELF).diets.filter(({ state }) => state === 'fits')).toEqual([]);
  });
});

describe('a statement of the label within the text', () => {
  const soup = (statement: string) =>
    read(`A soup\nServes 2\n\nIngredients\n2 leeks\n1 l water\n\nMethod\nSimmer 20 minutes and blend.\n\n${statement}`);
  const state = (statement: string, id: string) =>
    analyse(soup(statement).recipe, { regime: 'eu' }, SHELF).allergens.find((one) => one.id === id)?.state;
  test.each([
    ['Contains: milk, celery.', 'milk', 'contains'],
    ['Contains: milk, celery.', 'celery', 'contains'],
    ['Made in a kitchen that handles nuts and mustard.', 'mustard', 'mayContain'],
    ['Contains: milk (no added sugar).', 'milk', 'contains'],
    ['Contains no nuts; contains milk.', 'milk', 'contains'],
    ['Contains no milk.', 'milk', 'absent'],
    ['Free from gluten and milk.', 'milk', 'absent'],
  ])('%s: %s %s', (statement, id, expected) => {
    expect(state(statement, id)).toBe(expected);
  });
});

describe('stock and butter by no more than their names', () => {
  const codes = (line: string) =>
    read(`A soup\nServes 4\n\nIngredients\n600 g carrots\n${line}\n\nMethod\nSimmer 20 minutes and blend.`).doubts.map(({ code }) => code);
  test.each(['900 ml vegetable stock', '900 ml home-made vegetable stock', '60 g butter'])('%s is asked about', (line) => {
    expect(codes(line)).toContain('food.make');
  });
  test.each(['900 ml low-sodium vegetable stock', '900 ml unsalted home-made vegetable stock', '60 g unsalted butter', '1 tsp butter'])(
    '%s is not',
    (line) => {
      expect(codes(line)).not.toContain('food.make');
    },
  );
});

describe('no line of text is silent', () => {
  const WORDS = [
    '2 onions',
    'Butter 50 g',
    'Salt',
    'zorbel',
    'Serves 4',
    'Method',
    'Ingredients',
    'For the top',
    'Simmer 20 minutes.',
    'Fat 9 g',
    '- cream',
    '???',
    '1.',
    'Add the stock and blend it until smooth.',
    'Notes',
    'with love from Mo',
    '(or milk)',
  ];
  test('whatever lines stand in whatever order', () => {
    fc.assert(
      fc.property(fc.array(fc.oneof(fc.constantFrom(...WORDS), fc.string({ maxLength: 40 }))), (rows) => {
        const text = rows.join('\n');
        const { account } = findSections(text, isFood);
        // Each line that says anything is told for something, once.
        const told = new Set(account.map(({ at }) => at));
        expect(told.size).toBe(account.length);
        for (const [at, row] of text.replace(/\r\n?/g, '\n').split('\n').entries())
          if (lines(row).length > 0) expect([row, told.has(at)]).toEqual([row, true]);
      }),
      { numRuns: Number(process.env.KIND_LADLE_CASES ?? 400), seed: 11 },
    );
  });
});

describe('a list that is written otherwise keeps its foods', () => {
  const LISTED = [...CORPUS_RECIPES, ...HOLDOUT_RECIPES].filter(
    ({ text }) => /\n(?:\*\*|#+ )?Ingredients\b/.test(text) && !/^[{<]/.test(text) && !text.includes('|'),
  );
  const ways: readonly (readonly [string, (line: string) => string])[] = [
    ['bulleted', (line) => `• ${line.replace(/^[-*•]\s*/, '')}`],
    ['numbered', (line) => (/^\d/.test(line) ? line : `- ${line}`)],
    ['with a remark', (line) => `${line} (from the shop)`],
    ['with spaces', (line) => `   ${line}  `],
  ];
  test('at least ten lists are tried', () => expect(LISTED.length).toBeGreaterThanOrEqual(10));
  test.each(LISTED.flatMap((row) => ways.map(([how, write]) => [row.id, how, row, write] as const)))('%s %s', (_id, _how, row, write) => {
    const before = readRecipe(row.text, { measures: row.measures }, SHELF);
    const texts = new Set(before.recipe.lines.map(({ text }) => text));
    const rewritten = row.text
      .split('\n')
      .map((line) => (texts.has(line.trim()) || texts.has(line.replace(/^[-*•]\s*/, '').trim()) ? write(line) : line));
    const after = readRecipe(rewritten.join('\n'), { measures: row.measures }, SHELF);
    const foods = (reading: typeof after) => reading.recipe.lines.filter(({ partOf }) => !partOf).map(({ foodId }) => foodId);
    expect(foods(after)).toEqual(foods(before));
  });
});

describe('what a line says besides its first use is a line too', () => {
  const linesOf = (line: string) =>
    read(`A soup\nServes 4\n\nIngredients\n600 g carrots\n${line}\n\nMethod\nSimmer 20 minutes and blend.`)
      .recipe.lines.slice(1)
      .map(({ foodId, grams, stage }) => `${foodId} ${grams ? 'weighed' : 'open'} ${stage}`);
  test.each([
    ['150 ml olive oil, plus a splash to finish', ['olive-oil weighed simmer', 'olive-oil weighed bowl']],
    ['2 tbsp sour cream, plus extra to serve', ['sour-cream weighed simmer', 'sour-cream open bowl']],
    ['1 stock cube in 1.5 litres boiling water', ['vegetable-stock-powder weighed simmer', 'water weighed simmer']],
    ['lardons and chives to finish', ['bacon-cubes-raw open bowl', 'chives open bowl']],
    ['4 slices white bread, buttered', ['bread-white weighed plate', 'butter-salted open plate']],
    ['50 g butter, plus 1 onion', ['butter-salted weighed simmer', 'onion weighed simmer']],
  ])('%s', (line, expected) => expect(linesOf(line)).toEqual(expected));
});

describe('amounts by sight', () => {
  const grams = (line: string) =>
    read(`A soup\nServes 4\n\nIngredients\n600 g sliced carrots\n${line}\n\nMethod\nSimmer 20 minutes and blend.`).recipe.lines[1]?.grams ?? {
      best: 0,
      low: 0,
      high: 0,
    };
  test('less barely covers than covers, and that is less than submerged (common practice, no source)', () => {
    const [half, barely, just, deep] = ['water, to come half way', 'water to barely cover', 'water to cover', 'water, to submerge'].map(
      (line) => grams(line).best,
    ) as [number, number, number, number];
    expect([half < barely, barely < just, just < deep]).toEqual([true, true, true]);
    expect(just).toBeGreaterThan(300);
  });
  test('a film of oil over the bottom of a pot is about 27 g, 8 to 90', () => {
    expect(grams('a film of olive oil over the bottom of the pot')).toEqual({ best: 27, low: 8, high: 88 });
  });
});
