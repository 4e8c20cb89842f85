/** Whatever is pasted is read in time or refused; a changed line leaves the others right; nothing of markup gets through. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { SHELF } from '../food/shelf.ts';
import { HOLDOUT_RECIPES } from '../test/reading/holdoutRecipes.ts';
import { CORPUS_RECIPES } from '../test/reading/recipes.ts';
import { besides } from './besides.ts';
import { readLine } from './line.ts';
import { readRecipe } from './read.ts';

const read = (text: string) => readRecipe(text, { measures: 'auto' }, SHELF);

describe('long and hostile texts', () => {
  test.each([
    ['brackets', '['.repeat(200_000)],
    ['braces', '{"a":'.repeat(40_000)],
    ['one word', 'a'.repeat(200_000)],
    ['numbers', '1 2 3 '.repeat(33_000)],
    ['commas', ','.repeat(200_000)],
    ['parentheses', '2 ('.repeat(66_000)],
    ['or or or', '1 cup milk or '.repeat(14_000)],
    ['pipes', '|a|b|\n'.repeat(33_000)],
    ['tags', '<li>'.repeat(50_000)],
    ['lines', '1 onion, chopped\n'.repeat(11_000)],
    ['sentences', 'Add 1 onion and simmer for 20 minutes. '.repeat(5_000)],
    [
      'a full recipe',
      `Soup\nIngredients\n${Array.from({ length: 480 }, (_, i) => `${i} g of zorbel number ${i} wurz kraut plim, ${'chopped and '.repeat(12)}`).join('\n')}\nMethod\n${Array.from({ length: 400 }, (_, i) => `Add the onion, carrots and stock ${i} and simmer for 10 minutes. Blend with the cream. ${'Stir it well. '.repeat(12)}`).join('\n')}`,
    ],
    ['spaces', `1${' '.repeat(199_999)}`],
  ])('200 kB of %s are read', (_name, text) => {
    const { recipe } = read(text);
    expect(Array.isArray(recipe.lines)).toBe(true);
  });
  test('script in HTML is dropped', () => {
    const { recipe } = read(
      '<h1>Soup</h1><ul><li>1 onion<script>alert("x")</script></li></ul><p onclick="x()">Simmer 10 minutes.</p><style>li{}</style>',
    );
    expect(JSON.stringify(recipe)).not.toMatch(/script|alert|onclick|style/);
    expect(recipe.lines[0]).toMatchObject({ foodId: 'onion' });
  });
  test('marks that turn the direction of writing, and what broken encoding leaves, are dropped', () => {
    const { recipe } = read('Soup\nServes 2\n\u202e1 onion, chopped\u202c\n2 carrots\ufffd\n\u200b1 cup milk\nSimmer 10 minutes.');
    expect(recipe.lines.map(({ foodId }) => foodId)).toEqual(['onion', 'carrot', 'milk-whole']);
    expect(JSON.stringify(recipe)).not.toMatch(/[\u200b\u202e\u202c\ufffd]/);
  });
  test('any text at all gives a recipe', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300, unit: 'grapheme' }), (text) => {
        const { recipe } = read(text);
        expect(typeof recipe.title).toBe('string');
        for (const { grams } of recipe.lines) if (grams) expect(grams.low <= grams.best && grams.best <= grams.high).toBe(true);
      }),
      { numRuns: Number(process.env.KIND_LADLE_CASES ?? 60), seed: 5 },
    );
  });
});

describe('a line that is spoilt leaves the others as they were', () => {
  const LISTED = [...CORPUS_RECIPES, ...HOLDOUT_RECIPES].filter(
    ({ text, lines }) => text.split('\n').length > lines.length && !/^[{<]/.test(text) && !/to cover/.test(text),
  );
  test.each(LISTED.map((row) => [row.id, row] as const))('%s', (_id, row) => {
    const whole = readRecipe(row.text, { measures: row.measures }, SHELF).recipe.lines.filter(({ partOf }) => !partOf);
    const rows = row.text.split('\n');
    for (const line of whole) {
      const at = rows.findIndex((one) => one.includes(line.text));
      if (at < 0 || (rows[at] as string).length > 90) continue;
      const spoilt = rows.map((one, i) => (i === at ? '1 cup zorbelwurz' : one)).join('\n');
      const { recipe, doubts } = readRecipe(spoilt, { measures: row.measures }, SHELF);
      // What only a step names now stands at the end, and is asked about.
      const asked = new Set(doubts.filter(({ code }) => code === 'step.unlisted').map(({ lineId }) => lineId));
      const after = recipe.lines.filter(({ id, partOf }) => !partOf && !asked.has(id));
      // What a line says besides ('plus more to serve') goes with it.
      const gone = [line.text, ...besides(rows[at] as string, readLine(rows[at] as string), SHELF)];
      const others = whole.filter(({ text }) => !gone.includes(text)).map(({ foodId, grams }) => `${foodId} ${grams?.best}`);
      expect(after.filter(({ text }) => text !== '1 cup zorbelwurz').map(({ foodId, grams }) => `${foodId} ${grams?.best}`)).toEqual(others);
    }
  });
});
