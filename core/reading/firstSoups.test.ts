/** Twenty-five invented soups, written down before the reader was: lines found, foods and grams right or in doubt. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { FIRST_SOUPS } from '../test/reading/firstSoups.ts';
import { readRecipe } from './read.ts';

const TOLERANCE = 0.1;

const results = FIRST_SOUPS.map((soup) => {
  const reading = readRecipe(soup.text(soup.lines.map(([text]) => text)), { measures: 'auto' }, SHELF);
  const lines = soup.lines.map(([text, foods, grams]) => {
    const line = reading.recipe.lines.find((candidate) => candidate.text === text);
    const inDoubt = reading.doubts.some(({ lineId }) => lineId === line?.id);
    const foodRight = line !== undefined && foods.includes(line.foodId);
    const gramsRight =
      line !== undefined &&
      (grams === null ? line.grams === null || line.foodId === null : line.grams !== null && Math.abs(line.grams.best - grams) <= grams * TOLERANCE);
    return { text, found: line !== undefined, foodRight, gramsRight, inDoubt, got: line ? `${line.foodId} ${line.grams?.best}` : 'no line' };
  });
  return { soup, reading, lines };
});
const all = results.flatMap(({ lines }) => lines);

describe.each(results.map((result) => [result.soup.title, result] as const))('%s', (title, { soup, reading, lines }) => {
  test('every line is found, with food and grams right or in doubt', () => {
    expect(
      lines.filter((line) => !(line.found && ((line.foodRight && line.gramsRight) || line.inDoubt))).map(({ text, got }) => `${text} -> ${got}`),
    ).toEqual([]);
  });
  test('title, bowls and steps are read', () => {
    expect(reading.recipe.title).toBe(title);
    expect(reading.recipe.servings ?? null).toBe(soup.servings);
    expect(reading.recipe.steps.length).toBeGreaterThanOrEqual(3);
    expect(reading.recipe.steps.some((step) => step.method === 'blend')).toBe(true);
  });
});

test('the figure of the corpus is printed, and is no worse than it has been', () => {
  const right = all.filter(({ foodRight, gramsRight }) => foodRight && gramsRight).length;
  const doubted = all.filter(({ foodRight, gramsRight, inDoubt }) => !(foodRight && gramsRight) && inDoubt).length;
  console.info(
    `25 soups, ${all.length} lines: ${all.filter(({ found }) => found).length} found, ${right} right in food and grams, ${doubted} not right but in doubt, ${all.length - right - doubted} wrong`,
  );
  expect(all.length - right - doubted).toBe(0);
  expect(right / all.length).toBeGreaterThanOrEqual(0.9);
});
