/** Versions side by side: what differs comes first, and what was not worked out is not nought. */
import { describe, expect, test } from '@jest/globals';
import type { VersionBody } from '../../../contract/types.ts';
import { analyse } from '../../../core/analysis/analysis.ts';
import { SHELF } from '../../../core/food/shelf.ts';
import type { Line, Recipe } from '../../../core/vocabulary/recipe.ts';
import { asTable, compareRows, sentenceOf } from './rows.ts';

const line = (id: string, foodId: string, best: number): Line => ({
  id,
  stage: 'simmer',
  text: foodId,
  foodId,
  grams: { best, low: best, high: best },
});
const soup = (lines: Line[]): Recipe => ({ title: 'soup', lines, steps: [] });
const version = (number: number, recipe: Recipe): VersionBody =>
  ({
    id: `v${number}`,
    number,
    name: `soup ${number}`,
    recipe,
    needs: {},
    analysis: analyse(recipe, {}, SHELF),
    createdAt: '2026-01-01',
  }) as unknown as VersionBody;
const base = (creamId: string, grams: number) => ({
  ...soup([line('l1', 'carrot', 500), line('l2', creamId, grams), line('l3', 'water', 800)]),
  servings: 4,
});
const WITH = version(1, base('cream-heavy', 100));
const LESS = version(2, base('cream-heavy', 40));
const SOY = version(3, base('soy-cream', 100));
const MEASURES = ['energyKcal', 'saturatedFatG', 'proteinG', 'vitaminCMg'] as const;
const rows = compareRows([WITH, LESS, SOY], MEASURES);
const row = (key: string) => rows.find((one) => one.key === key);

test('rows that differ stand before those that do not', () => {
  const flags = rows.map(({ differs }) => differs);
  expect(flags.indexOf(false)).toBeGreaterThan(0);
  expect(flags.slice(flags.indexOf(false))).not.toContain(true);
});

test('a figure says by how much it differs from the first column, and the first never differs from itself', () => {
  const fat = row('saturatedFatG');
  expect(fat?.cells[0]).toMatchObject({ differs: false });
  expect(fat?.cells[1]?.aside).toMatch(/, −\d+ %$/);
  expect(fat?.cells[1]?.value).toBe(LESS.analysis.perServing.saturatedFatG.value);
});

test('allergens are told in words, and a version without milk says so', () => {
  expect(row('contains')?.cells.map(({ text }) => text)).toEqual(['milk', 'milk', 'soy']);
  expect(row('contains')?.cells.map(({ differs }) => differs)).toEqual([false, false, true]);
});

test('what was not worked out when a version was kept is said, and is no nought in a picture', () => {
  const old = structuredClone(LESS);
  old.analysis.perServing.energyKcal = { ...old.analysis.perServing.energyKcal, value: 0, notKnown: true };
  const [cell] =
    compareRows([WITH, old], ['energyKcal'])
      .find(({ key }) => key === 'energyKcal')
      ?.cells.slice(1) ?? [];
  expect(cell).toEqual({ text: 'not worked out when this was kept', aside: '', value: null, differs: false });
});

test('a cost stands only where every version has one, in one currency', () => {
  expect(row('cost')).toBeUndefined();
  const priced = [WITH, LESS].map((one) => ({
    ...one,
    analysis: { ...one.analysis, cost: { value: 0.4, low: 0.3, high: 0.5, currency: 'EUR', unpricedLineIds: [] } },
  }));
  expect(
    compareRows(priced, [])
      .find(({ key }) => key === 'cost')
      ?.cells.map(({ text }) => text),
  ).toEqual(['0.40 EUR', '0.40 EUR']);
});

describe('what a picture says', () => {
  const names = ['1. with cream', '2. with less', '3. with soya'];
  test('how it goes, and where it is least and most', () => {
    expect(sentenceOf(row('saturatedFatG') as never, names)).toMatch(
      /^Saturated fat, g: from .* to .*, it falls by \d+ %\. Least in 3\. with soya .* most in 1\. with cream/,
    );
  });
  test('what hardly moves stays as it is', () => {
    const same = compareRows([WITH, version(2, base('cream-heavy', 100))], ['energyKcal']).find(({ key }) => key === 'energyKcal');
    expect(sentenceOf(same as never, names)).toMatch(/it stays as it is\.$/);
  });
  test('one column is no comparison', () => {
    const one = compareRows([WITH], ['energyKcal']).find(({ key }) => key === 'energyKcal');
    expect(sentenceOf(one as never, names)).toMatch(/not worked out in enough versions/);
  });
});

test('the table is words for the clipboard, a column a version', () => {
  const table = asTable(rows, ['a', 'b', 'c']);
  expect(table[0]).toEqual(['One bowl', 'a', 'b', 'c']);
  expect(new Set(table.map(({ length }) => length))).toEqual(new Set([4]));
});

test('a lower bound has no interval beside it and no share of change', () => {
  const unknown = {
    ...base('cream-heavy', 40),
    lines: [...base('cream-heavy', 40).lines, { ...line('l4', 'carrot', 0), foodId: null, grams: null }],
  };
  const open = version(2, unknown);
  for (const pair of [
    [WITH, open],
    [open, WITH],
  ]) {
    const cells = compareRows(pair, ['saturatedFatG'])[0]?.cells ?? [];
    const [bound, whole] = pair[0] === open ? cells : [cells[1], cells[0]];
    expect(bound).toMatchObject({ text: expect.stringMatching(/^at least/), aside: '' });
    expect(whole?.aside).toMatch(/^[\d.]+ to [\d.]+$/);
  }
});
