/** Other bowls and other pots, worked out by hand: common practice for salt and spice, the kitchen's rates for what boils away. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import type { Line, Recipe } from '../vocabulary/recipe.ts';
import { amountsIn, scaledWords } from './amountWords.ts';
import { scale } from './scale.ts';

const g = (best: number) => ({ best, low: best * 0.98, high: best * 1.02 });
const line = (id: string, foodId: string, best: number, more: Partial<Line> = {}): Line => ({
  id,
  stage: 'simmer',
  text: `${best} g ${foodId}`,
  foodId,
  grams: g(best),
  ...more,
});

/** 30 minutes of open simmer in 26 cm: 0.0531 m2 x 8 kg x 0.5 h = 212 g, by hand. */
const soup = (more: Partial<Recipe> = {}): Recipe => ({
  title: 'Leek and potato soup',
  servings: 6,
  pot: { diameterCm: 26, depthCm: 16 },
  lines: [
    line('leek', 'leek', 600, { stage: 'base', text: '600 g leeks, sliced' }),
    line('butter', 'butter-unsalted', 45, { stage: 'base', text: '3 tablespoons butter', amount: { min: 3, max: 3, unit: 'tablespoon' } }),
    line('potato', 'potato', 500),
    line('broth', 'vegetable-broth', 1200, { text: '1.2 l vegetable broth' }),
    line('bay', 'bay-leaf', 0.8, { text: '2 bay leaves', eaten: 'removed', amount: { min: 2, max: 2, unit: 'leaf' } }),
    line('salt', 'salt', 8),
    line('pepper', 'black-pepper', 1, { text: 'pepper to taste', grams: null }),
    line('cream', 'cream-heavy', 150, { stage: 'finish' }),
    line('chives', 'chives', 2, { stage: 'bowl', text: '2 g chives a bowl', perBowl: true }),
  ],
  steps: [
    {
      id: 's1',
      stage: 'base',
      text: 'Sweat the leeks in 3 tablespoons of butter for 10 minutes.',
      method: 'sweat',
      minutes: { min: 10, max: 10 },
      uses: ['leek', 'butter'],
      lid: 'on',
    },
    {
      id: 's2',
      stage: 'simmer',
      text: 'Add 1.2 l broth, the potatoes and 2 bay leaves; simmer open for 30 minutes.',
      method: 'simmer',
      minutes: { min: 30, max: 30 },
      uses: ['potato', 'broth', 'bay'],
      lid: 'off',
    },
    { id: 's3', stage: 'finish', text: 'Stir in the cream.', uses: ['cream'] },
  ],
  ...more,
});
const gramsOf = ({ recipe }: { recipe: Recipe }, id: string): number => recipe.lines.find((one) => one.id === id)?.grams?.best as number;
const textOf = ({ recipe }: { recipe: Recipe }, id: string): string => recipe.lines.find((one) => one.id === id)?.text as string;
const note = (scaled: ReturnType<typeof scale>, code: string): string | undefined => scaled.notes.find((one) => one.code === code)?.message;

describe('twelve worked examples', () => {
  const threefold = scale(soup(), 18, SHELF, { diameterCm: 36, depthCm: 24 });

  test('1: solids follow the bowls', () => {
    expect(gramsOf(threefold, 'potato')).toBe(1500);
    expect(gramsOf(threefold, 'cream')).toBe(450);
    expect(threefold.recipe.servings).toBe(18);
  });
  test('2: what boils away follows the pot: 407 g in 36 cm and not three times 212', () => {
    // pi/4 x 0.36^2 x 8 x 0.5 = 0.407 kg; 3 x 0.2124 = 0.637; 3600 - 637 + 407 = 3370 g of broth. The sweated leeks lose some 18 g a batch in either.
    expect(gramsOf(threefold, 'broth')).toBeGreaterThan(3360);
    expect(gramsOf(threefold, 'broth')).toBeLessThan(3380);
    expect(note(threefold, 'scale.evaporation')).toMatch(/gives off some 460 ml and not 690 ml.*230 ml less liquid/);
  });
  test('3: half in the same pot boils away twice as much of itself: 106 g more', () => {
    expect(gramsOf(scale(soup(), 3, SHELF), 'broth')).toBeCloseTo(600 + 106, -1);
  });
  test('4: salt starts at three quarters: 18 of 24 g, said', () => {
    expect(gramsOf(threefold, 'salt')).toBe(18);
    expect(note(threefold, 'scale.salt')).toMatch(/18 g of 24/);
  });
  test('5: two bay leaves become five and not six', () => {
    expect(textOf(threefold, 'bay')).toBe('5 bay leaves');
    expect(threefold.recipe.lines.find(({ id }) => id === 'bay')?.amount).toMatchObject({ max: 5 });
  });
  test('6: half a recipe takes one leaf, and half a stick of cinnamon', () => {
    expect(textOf(scale(soup(), 3, SHELF), 'bay')).toBe('1 bay leaf');
    const stick = soup({
      lines: [
        ...soup().lines,
        line('stick', 'cinnamon', 4, { text: '1 cinnamon stick', eaten: 'removed', amount: { min: 1, max: 1, unit: 'stick' } }),
      ],
    });
    expect(gramsOf(scale(stick, 3, SHELF), 'stick')).toBe(2);
  });
  test('7: a topping of one bowl stays what it is, and to taste stays to taste', () => {
    expect(gramsOf(threefold, 'chives')).toBe(2);
    expect(threefold.recipe.lines.find(({ id }) => id === 'pepper')).toMatchObject({ grams: null, text: 'pepper to taste' });
  });
  test('8: lines and steps tell the new amounts in their own measures, minutes stay', () => {
    expect(textOf(threefold, 'leek')).toBe('1800 g leeks, sliced');
    expect(textOf(threefold, 'butter')).toBe('9 tablespoons butter');
    expect(threefold.recipe.steps.map(({ text }) => text)).toEqual([
      'Sweat the leeks in 9 tablespoons of butter for 10 minutes.',
      'Add 3.37 l broth, the potatoes and 5 bay leaves; simmer open for 30 minutes.',
      'Stir in the cream.',
    ]);
    expect(threefold.recipe.steps[1]?.minutes).toEqual({ min: 30, max: 30 });
  });
  test('9: the bowl is analysed anew and is the same bowl, with less salt', () => {
    const [was, now] = [analyse(soup(), {}, SHELF), analyse(threefold.recipe, {}, SHELF)];
    expect(now.servingMl / was.servingMl).toBeCloseTo(1, 2);
    expect(now.body.index).toBeCloseTo(was.body.index, 2);
    // The broth that stays out has a little protein.
    expect(now.perServing.proteinG.value / was.perServing.proteinG.value).toBeCloseTo(1, 1);
    expect(now.perServing.sodiumMg.value).toBeLessThan(was.perServing.sodiumMg.value);
  });
  test('10: ten times in the first pot does not fit, and how many pots it takes', () => {
    // pi/4 x 26^2 x 16 = 8.5 litres, three quarters of them 6.4; ten pots of some 2.4 litres are 24.
    expect(note(scale(soup(), 60, SHELF), 'scale.pot')).toMatch(/do not fit this pot of 8\.5 litres.*cook it in 4 pots/);
  });
  test('11: a pot that was weighed scales what it really lost', () => {
    // 2503 g in, 2200 weighed: 303 g left, where 212 of simmer and 18 of sweating were reckoned. The half loses (212 + 9) x 303/230 = 291: 139.5 more than its 151.5.
    const weighed = scale(soup({ measuredYieldGrams: 2200 }), 3, SHELF);
    expect(gramsOf(weighed, 'broth')).toBeCloseTo(600 + 139.5, -1);
    expect(weighed.recipe.measuredYieldGrams).toBe(1100);
  });
  test('12: squash for a tray goes on three trays, and bacon browns in turns', () => {
    const roast = soup({
      lines: [line('squash', 'butternut-squash', 800, { stage: 'base' }), line('water', 'water', 800)],
      steps: [
        {
          id: 's1',
          stage: 'base',
          text: 'Roast the squash at 220 C for 35 minutes.',
          method: 'roast',
          minutes: { min: 35, max: 35 },
          uses: ['squash'],
        },
      ],
    });
    expect(note(scale(roast, 18, SHELF), 'scale.trays')).toMatch(/2400 g on 3 trays/);
    expect(scale(roast, 18, SHELF).recipe.steps[0]?.text).toContain('220 C for 35 minutes');
  });
});

describe('the same bowls', () => {
  test('change nothing', () => {
    const same = scale(soup(), 6, SHELF);
    expect(same.notes).toEqual([]);
    expect(same.recipe.lines.map(({ grams }) => grams?.best)).toEqual(soup().lines.map(({ grams }) => grams?.best));
    expect(same.recipe.lines.map(({ text }) => text)).toEqual(soup().lines.map(({ text }) => text));
  });
  test('in a wider pot take more water', () => {
    expect(gramsOf(scale(soup(), 6, SHELF, { diameterCm: 36 }), 'broth')).toBeGreaterThan(1350);
  });
});

describe('amounts in words', () => {
  const twice = (text: string) => scaledWords(text, () => 2, 'us');
  test.each([
    ['600 g leeks', '1200 g leeks'],
    ['1 ½ cups cream', '3 cups cream'],
    ['1 cup cream', '2 cups cream'],
    ['2 cups stock', '4 cups stock'],
    ['2 tsp paprika', '1 ⅓ tablespoons paprika'],
    ['1/2 onion', '1 onion'],
    ['1 large onion, chopped', '2 large onions, chopped'],
    ['1 bay leaf', '2 bay leaves'],
    ['1 stick of celery', '2 sticks of celery'],
    ['2-3 carrots', '4 to 6 carrots'],
    ['1 (400 g) can tomatoes', '2 (400 g) can tomatoes'],
    ['2 x 400 g cans beans', '4 x 400 g cans beans'],
    ['225 g (8 oz) mushrooms', '450 g (16 oz) mushrooms'],
    ['a pinch of salt', 'a pinch of salt'],
    ['2.5 l stock', '5 l stock'],
  ])('%s becomes %s', (text, wanted) => {
    expect(twice(text)).toBe(wanted);
  });
  test.each([
    'at 220 C for 35 minutes',
    'gas mark 6',
    'cut into 2 cm dice',
    'in step 3',
    'for 1 hour',
    'a tablespoon in each bowl',
    '1 tablespoon a bowl',
    'serves 4 people',
  ])("'%s' names no amount of the pot", (text) => {
    expect(amountsIn(text)).toEqual([]);
  });
});

test('whatever the bowls and the pot: the same bowl as before, no more salt in it, nothing lost', () => {
  fc.assert(
    fc.property(fc.integer({ min: 2, max: 80 }), fc.integer({ min: 18, max: 60 }), (servings, diameterCm) => {
      const scaled = scale(soup(), servings, SHELF, { diameterCm });
      const [was, now] = [analyse(soup(), {}, SHELF), analyse(scaled.recipe, {}, SHELF)];
      expect(scaled.recipe.lines.map(({ id }) => id)).toEqual(soup().lines.map(({ id }) => id));
      const isSaltier = now.perServing.sodiumMg.value > was.perServing.sodiumMg.value * 1.03;
      expect(scaled.notes.some(({ message }) => message.includes('Take water'))).toBe(isSaltier);
      // Where a very wide pot would boil everything away, the least there is of liquid is kept; else the bowl is as large as before.
      if (now.evaporatedGrams < 0.3 * now.potGrams) expect(Math.abs(now.servingMl / was.servingMl - 1)).toBeLessThan(0.03);
    }),
    { numRuns: 60, seed: 3 },
  );
});
