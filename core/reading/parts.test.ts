/** Lines that steps divide: shares in words, what is kept back for the top, the rest (common practice, no source). */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from './read.ts';

/** The parts of the line of a food: stage and grams. */
function partsOf(foodId: string, line: string, ...steps: string[]): (readonly [stage: string, grams: number])[] {
  const text = `Squash soup\nServes 4\n\n800 g squash\n1 litre water\n${line}\n\nMethod\n${steps.map((step, at) => `${at + 1}. ${step}`).join('\n')}`;
  const { lines } = readRecipe(text, { measures: 'auto' }, SHELF).recipe;
  return lines.filter((one) => one.foodId === foodId && one.partOf).map(({ stage, grams }) => [stage, Math.round(grams?.best ?? 0)] as const);
}
const SIMMER = 'Simmer the squash in the water for 20 minutes.';

describe('shares in words', () => {
  test.each<[first: string, grams: [number, number]]>([
    ['two thirds of the cheese', [67, 33]],
    ['half of the cheese', [50, 50]],
    ['half the cheese', [50, 50]],
    ['a third of the cheese', [33, 67]],
    ['three quarters of the cheese', [75, 25]],
    ['most of the cheese', [80, 20]],
    ['60 g of the cheese', [60, 40]],
  ])('%s, and the rest on top', (first, [stirred, top]) => {
    expect(partsOf('cheddar', '100 g cheddar', SIMMER, `Blend and stir in ${first}.`, 'Ladle into bowls and top with the remaining cheese.')).toEqual(
      [
        ['finish', stirred],
        ['bowl', top],
      ],
    );
  });
  test('each of two foods has its own share', () => {
    const steps = [SIMMER, 'Blend, stir in the rest of the cream and two thirds of the cheese.', 'Top with the remaining cheese.'];
    expect(partsOf('cheddar', '200 ml double cream\n90 g cheddar', ...steps)).toEqual([
      ['finish', 60],
      ['bowl', 30],
    ]);
  });
});

describe('kept back', () => {
  test('what is reserved goes in where it is spoken of again, and the rest is what is left', () => {
    expect(
      partsOf(
        'cream-double',
        '200 ml double cream',
        SIMMER,
        'Reserve 50 ml of the cream. Blend and stir in the rest of the cream.',
        'Top with the reserved cream.',
      ),
    ).toEqual([
      ['bowl', 50],
      ['finish', 149],
    ]);
  });
  test('the parts add up to the line, and the line counts nowhere', () => {
    const text = `Soup\nServes 4\n\n800 g squash\n1 litre water\n200 ml double cream\n\n${SIMMER} Reserve 1/4 cup of the cream. Blend and stir in the rest of the cream. Top with the reserved cream.`;
    const { lines, steps } = readRecipe(text, { measures: 'auto' }, SHELF).recipe;
    const whole = lines.find(({ foodId, partOf }) => foodId === 'cream-double' && !partOf);
    const parts = lines.filter(({ partOf }) => partOf === whole?.id);
    expect(parts.reduce((sum, { grams }) => sum + (grams?.best ?? 0), 0)).toBeCloseTo(whole?.grams?.best ?? 0, 3);
    const used = steps.flatMap(({ uses }) => uses ?? []);
    expect(parts.map(({ id }) => used.includes(id))).toEqual([true, true]);
  });
  test('two parts at one step are both used by it, and neither is doubted', () => {
    const { doubts } = readRecipe(
      `Soup\nServes 4\n\n800 g squash\n1 litre water\n200 ml double cream\n\n1. ${SIMMER}\n2. Reserve 50 ml of the cream.\n3. Blend and stir in the rest of the cream. Top with the reserved cream.`,
      { measures: 'auto' },
      SHELF,
    );
    expect(doubts.filter(({ code }) => code === 'line.unused')).toEqual([]);
  });
  test('one part alone divides nothing', () => {
    expect(partsOf('cheddar', '100 g cheddar', SIMMER, 'Blend and stir in the cheese.')).toEqual([]);
  });
});
