/** Figures and needs as the screens say them. */
import { describe, expect, test } from '@jest/globals';
import { needRefs, withoutNeed } from '../../core/swap/need.ts';
import type { Needs } from '../../core/swap/needs.ts';
import { figure, type Names, needLabel, withUnit } from './format.ts';

const needs: Needs = {
  allergens: ['milk', 'treeNut'],
  diets: ['nutFree'],
  limits: [
    { nutrient: 'sodiumMg', per: 'serving', max: 400 },
    { nutrient: 'proteinG', per: '100g', min: 2, max: 5 },
  ],
  body: 'same',
  smooth: true,
  keepLines: ['cream'],
  keepFoods: ['leek'],
  avoidFoods: ['potato'],
};
const cream = { id: 'cream', stage: 'finish', text: '200 ml cream', foodId: 'cream-double', grams: null } as const;
const NAMES: Record<string, string> = { 'cream-double': 'Double cream, 48 % fat', leek: 'Leek', potato: 'Potato' };
const names: Names = {
  recipe: { lines: [cream] },
  original: { recipe: { lines: [cream] } },
  core: { shelf: { food: (id) => (NAMES[id] ? { name: NAMES[id] as string } : undefined) } },
};

describe('a figure', () => {
  test.each([
    [814.4, '814'],
    [35.6, '36'],
    [11.24, '11.2'],
    [7.94, '7.9'],
    [2, '2'],
    [0.846, '0.85'],
    [0, '0'],
  ])('%f is %s', (value, text) => {
    expect(figure(value)).toBe(text);
  });
  test('has its unit', () => {
    expect(withUnit('vitaminKUg', 81.3)).toBe('81 µg');
  });
});

describe('needs', () => {
  test('are called what was asked, in the order they are judged', () => {
    expect(needRefs(needs).map((need) => needLabel(need, needs, names))).toEqual([
      'no milk',
      'no tree nuts',
      'no nuts',
      'sodium to 400 mg',
      'protein from 2 g to 5 g per 100 g',
      'same body',
      'smooth',
      'keep double cream',
      'keep leek',
      'no potato',
    ]);
  });
  test('never say free from or safe', () => {
    expect(
      needRefs(needs)
        .map((need) => needLabel(need, needs))
        .join(' '),
    ).not.toMatch(/free|safe/i);
  });
  test.each(needRefs(needs).map((need, at) => [needLabel(need, needs, names), need, at] as const))(
    '%s can be dropped, and only that goes',
    (_label, need, at) => {
      const left = withoutNeed(needs, need);
      const labels = (of: Needs) => needRefs(of).map((one) => needLabel(one, of, names));
      expect(labels(left)).toEqual(labels(needs).filter((_, index) => index !== at));
    },
  );
  test('that are all dropped leave nothing behind', () => {
    let left = needs;
    for (let count = needRefs(needs).length; count > 0; count -= 1) left = withoutNeed(left, needRefs(left)[0] as never);
    expect(left).toEqual({});
  });
});
