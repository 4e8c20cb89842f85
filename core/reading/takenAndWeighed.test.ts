/** What is taken out of a pot by a list of names, what goes back, and what stays. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from './read.ts';

const LIST = [
  '1 onion',
  '1 bay leaf',
  '2 sprigs thyme',
  '1 ham hock',
  '2 carrots',
  '1 star anise',
  '1 stalk lemongrass',
  '1 litre water',
  '100 ml double cream',
];

/** Foods that are not eaten, after these words about the pot. */
function takenOut(after: string): (string | null)[] {
  const text = `Soup\nServes 4\n\n${LIST.join('\n')}\n\nMethod\n1. Simmer the ham hock, carrots, onion, bay leaf, star anise, lemongrass and thyme in the water for an hour.\n2. ${after}`;
  const { lines } = readRecipe(text, { measures: 'auto' }, SHELF).recipe;
  return lines.filter(({ eaten }) => eaten === 'removed').map(({ foodId }) => foodId);
}

describe('a list of what comes out', () => {
  test.each<[words: string, out: string[]]>([
    ['Take out the bay leaf, star anise and thyme. Blend with the cream.', ['bay-leaf', 'thyme-fresh', 'star-anise']],
    [
      'Remove the bay leaf, the star anise, the lemongrass and the thyme, then blend with the cream.',
      ['bay-leaf', 'thyme-fresh', 'star-anise', 'lemongrass'],
    ],
    ['Fish out the lemongrass and star anise. Blend with the cream.', ['star-anise', 'lemongrass']],
    ['Discard the bay leaf, thyme and lemongrass. Stir in the cream and blend.', ['bay-leaf', 'thyme-fresh', 'lemongrass']],
  ])('%s', (words, out) => {
    expect(takenOut(words)).toEqual(out);
  });
  test('what is done after the comma is not taken out', () => {
    expect(takenOut('Take out the bay leaf, add the cream and blend.')).toEqual(['bay-leaf']);
    expect(takenOut('Take out the bay leaf, the carrots stay in. Blend with the cream.')).toEqual(['bay-leaf']);
    expect(takenOut('Take out the bay leaf. Blend the carrots and onion with the cream.')).toEqual(['bay-leaf']);
  });
  test('the meat goes back, the leaf beside it does not', () => {
    expect(takenOut('Remove the ham hock, bay leaf and thyme. Shred the ham and return it to the pot. Blend with the cream.')).toEqual([
      'bay-leaf',
      'thyme-fresh',
    ]);
  });
  test('a spice that was taken out does not come back with the meat', () => {
    expect(takenOut('Lift out the ham hock and the star anise. Shred the ham and return to the pot. Stir in the cream.')).toEqual(['star-anise']);
  });
});

describe('weighed before it was made ready', () => {
  const grams = (line: string) =>
    readRecipe(`Soup\nServes 4\n\n${line}\n1 litre water\n`, { measures: 'auto' }, SHELF).recipe.lines[0]?.grams?.best ?? 0;
  // USDA Agriculture Handbook 102: shrimp, headless in the shell, some four fifths are meat (from memory).
  test('prawns in the shell without a word of heads keep four fifths', () => {
    expect(grams('1 lb medium shrimp in the shell')).toBeCloseTo(453.6 * 0.8, -1);
    expect(grams('500 g whole prawns, heads on')).toBeCloseTo(250, -1);
  });
  test('broccoli crowns are nearly all eaten, a head is not', () => {
    expect(grams('500 g broccoli crowns')).toBeGreaterThan(480);
    expect(grams('500 g broccoli')).toBeLessThan(400);
  });
  test('a splash of so many millilitres is that, and leaves no doubt', () => {
    expect(grams('a splash of whole milk (100 ml)')).toBeCloseTo(103, 0);
    expect(grams('a knob of butter (20 g)')).toBe(20);
    const { doubts } = readRecipe('Soup\nServes 4\n\na splash of whole milk (100 ml)\n1 litre water\n', { measures: 'auto' }, SHELF);
    expect(doubts.filter(({ code }) => code === 'amount.vague' || code === 'disagree')).toEqual([]);
  });
  // FoodData Central 02044: two tablespoons of chopped basil 5.3 g, a quarter cup of whole leaves 6 g (from memory).
  test('chopped basil is heavier by the spoon than whole leaves', () => {
    expect(grams('2 tbsp chopped fresh basil')).toBeCloseTo(5.3, 0);
    expect(grams('1/4 cup basil leaves')).toBeCloseTo(6, 0);
  });
});

describe('spoken without an amount', () => {
  const foods = (text: string) => readRecipe(text, { measures: 'auto' }, SHELF).recipe.lines.map(({ foodId }) => foodId);
  const AROUND = ['Hi everybody, today I make a soup for four.', 'One onion, sliced, in a tablespoon of oil.'];
  const AFTER = ['Then a litre of water. Cover it and simmer for twenty minutes and then I blend it.'];
  const told = (...words: string[]) => foods([...AROUND, ...words, ...AFTER].join('\n'));
  test('a bit of ginger is put in, whatever is usually done', () => {
    expect(told("Two cloves of garlic and a bit of ginger, I've a paste for that usually but today I'm being good.")).toEqual(
      expect.arrayContaining(['garlic', 'ginger']),
    );
  });
  test("'chilli powder, a little' is put in after what was not", () => {
    const there = told('Half a teaspoon of turmeric.', "I was going to put garam masala but no, it's too much.", 'Chilli powder, a little.');
    expect(there).toContain('chili-powder-blend');
    expect(there).not.toContain('garam-masala');
  });
  test('chilli powder is not the coriander powder before it', () => {
    expect(told('One teaspoon of coriander powder. Chilli powder, a little.')).toEqual(
      expect.arrayContaining(['coriander-seed', 'chili-powder-blend']),
    );
  });
  test('who is called honey is not put in, and honey is', () => {
    expect(told('And honey, you have got to have bread.')).not.toContain('honey');
    expect(told('And honey, a teaspoon of it.')).toContain('honey');
  });
  test('a cup of the kernels that is kept back is of the corn', () => {
    const { lines } = readRecipe(
      'Corn soup\nServes 8\n\n8 ears fresh corn, husked\n5 cups water\n\nCut the kernels from the cobs. Keep back 1 cup of kernels for the top. Simmer 30 minutes. Puree.\n',
      { measures: 'auto' },
      SHELF,
    ).recipe;
    expect(lines.map(({ foodId }) => foodId)).toEqual(['sweetcorn', 'water']);
  });
  test('a little bit more oil is oil', () => {
    expect(told('Two red onions sliced in a little bit more sunflower oil.')).toContain('sunflower-oil');
  });
});
