/** Each caution has a soup that fires it and a near miss that does not. */
import { describe, expect, test } from '@jest/globals';
import type { Recipe } from '../recipe.ts';
import { bowlOf, line, soup, step } from '../test/soup.ts';
import { NOTE_RULES } from './rules.ts';

const simmer = step('s', { method: 'simmer', minutes: { min: 20, max: 20 } });
const blend = step('b', { stage: 'blend', method: 'blend' });
const pot = (more: Parameters<typeof line>[], recipe: Partial<Recipe> = {}) =>
  soup([line('w', 'water', 1000), ...more.map((args) => line(...args))], { steps: [simmer], ...recipe });

const CASES: Record<string, [fires: Recipe, nearMiss: Recipe]> = {
  'food.unmatched': [pot([['x', null, 10]]), pot([['x', 'leek', 10]])],
  'grams.unknown': [pot([['x', 'leek', null]]), pot([['x', 'leek', 0]])],
  'bowl.assumed': [pot([], { servings: undefined }), pot([], { servings: undefined, servingGrams: 250 })],
  'bowl.conflict': [pot([], { servingGrams: 250 }), pot([])],
  'bowl.unusual': [pot([], { servings: 1 }), pot([], { servings: 4 })],
  'steps.assumed': [pot([], { steps: [] }), pot([])],
  'eaten.alreadyDrained': [pot([['x', 'chickpeas-canned-drained', 200, { eaten: 'drained' }]]), pot([['x', 'chickpeas-canned-drained', 200]])],
  'beans.boilHard': [pot([['x', 'kidney-beans-dry', 200]]), pot([['x', 'white-beans-canned-drained', 200]])],
  'salt.potassiumChloride': [pot([['x', 'chicken-broth-reduced-sodium', 500]]), pot([['x', 'chicken-broth', 500]])],
  'additive.phosphate': [pot([['x', 'ham', 100]]), pot([['x', 'chicken-breast-raw', 100]])],
  'dairy.splits': [pot([['x', 'yogurt-whole', 100]]), pot([['x', 'cream-heavy', 100]])],
  'egg.finish': [pot([['x', 'egg-yolk', 34, { stage: 'finish' }]]), pot([['x', 'egg-yolk', 34, { stage: 'base' }]])],
  'bay.takeOut': [pot([['x', 'bay-leaf', 0.4]], { steps: [simmer, blend] }), pot([['x', 'bay-leaf', 0.4]])],
  'blend.hot': [pot([], { steps: [simmer, blend] }), pot([])],
  'greens.vitaminK': [pot([['x', 'parsley', 40]]), pot([['x', 'parsley', 20]])],
  'alcohol.stays': [pot([['x', 'white-wine', 100]]), pot([['x', 'wine-vinegar', 100]])],
  'honey.infants': [pot([['x', 'honey', 10]]), pot([['x', 'maple-syrup', 10]])],
  'line.optional': [pot([['x', 'leek', 10, { optional: true }]]), pot([['x', 'leek', 10]])],
};
const REGIME_ONLY = 'declared.notImplemented';

describe('cautions', () => {
  test.each(Object.entries(CASES))('%s', (code, [fires, nearMiss]) => {
    expect(bowlOf(fires).notes.map((note) => note.code)).toContain(code);
    expect(bowlOf(nearMiss).notes.map((note) => note.code)).not.toContain(code);
  });
  test('every rule has its case', () => {
    expect([...Object.keys(CASES), REGIME_ONLY].sort()).toEqual(NOTE_RULES.map(({ code }) => code).sort());
  });
  test('put dangers first and leave no place unfilled', () => {
    const { notes } = bowlOf(
      pot(
        [
          ['x', null, 10],
          ['wine', 'white-wine', 50],
          ['bean', 'kidney-beans-dry', 50],
        ],
        { servings: undefined },
      ),
    );
    const order = { danger: 0, caution: 1, tip: 2 };
    expect(notes.map(({ severity }) => order[severity])).toEqual([...notes.map(({ severity }) => order[severity])].sort());
    for (const { message } of notes) expect(message).not.toContain('{');
  });
  test('none of them calls a soup safe or free of anything', () => {
    for (const { message } of NOTE_RULES) expect(message).not.toMatch(/\bsafe\b|free from|-free\b(?! batch)/i);
  });
});
