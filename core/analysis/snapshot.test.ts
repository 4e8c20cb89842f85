/** Versions kept by every release are read: what did not exist then is not known, never absent and never nought. */
import { describe, expect, test } from '@jest/globals';
import shape1 from '../test/analysis/snapshotShape1.json' with { type: 'json' };
import shape2 from '../test/analysis/snapshotShape2.json' with { type: 'json' };
import { bowlOf } from '../test/soup.ts';
import { ALLERGENS, DIETS } from '../vocabulary/allergens.ts';
import { NUTRIENTS } from '../vocabulary/nutrient.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import type { Analysis } from './analysis.ts';
import { differenceOf } from './diff.ts';
import { changedSince, readSnapshot, SNAPSHOT_SHAPE, SnapshotError } from './snapshot.ts';

const RELEASED: Record<number, { recipe: unknown; analysis: unknown }> = { 1: shape1, 2: shape2 };
const recipe = shape1.recipe as Recipe;
const copy = (document: unknown) => JSON.parse(JSON.stringify(document));

test('every released shape has a document that is kept here', () => {
  expect(Object.keys(RELEASED).map(Number)).toEqual(Array.from({ length: SNAPSHOT_SHAPE }, (_, at) => at + 1));
});

describe.each(Object.entries(RELEASED))('a version kept in shape %s', (shape, { analysis }) => {
  const kept = readSnapshot(Number(shape), copy(analysis));
  const was = analysis as Analysis;
  test('has every nutrient, allergen and diet of today: those of its day as they were, those since as not known', () => {
    expect(Object.keys(kept.perServing)).toEqual([...NUTRIENTS]);
    expect(kept.allergens.map(({ id }) => id)).toEqual([...ALLERGENS]);
    expect(kept.diets.map(({ id }) => id)).toEqual([...DIETS]);
    expect(kept.perServing).toMatchObject(was.perServing);
    for (const key of NUTRIENTS.filter((one) => !(one in was.perServing))) expect([key, kept.perServing[key].atLeast]).toEqual([key, true]);
    for (const list of ['allergens', 'diets'] as const) {
      const ids: readonly string[] = was[list].map(({ id }) => id);
      for (const { id, state } of kept[list]) expect([id, state === 'notKnown']).toEqual([id, !ids.includes(id)]);
    }
  });
  test('is without the alternatives of its choices', () => {
    expect('choices' in kept).toBe(false);
  });
  test('can be compared with the same soup today', () => {
    expect(differenceOf({ recipe, analysis: kept }, { recipe, analysis: bowlOf(recipe, { regime: 'eu' }) }).lines).toEqual([]);
  });
});

describe('what was added since', () => {
  const document = copy(shape1.analysis);
  for (const figures of ['batch', 'perServing', 'per100g']) delete document[figures].iodineUg;
  document.allergens = document.allergens.filter(({ id }: { id: string }) => id !== 'lupin');
  document.diets = document.diets.filter(({ id }: { id: string }) => id !== 'noPork');
  const kept = readSnapshot(1, document);
  test('is not known: a nutrient is no nought', () => {
    expect(kept.perServing.iodineUg).toEqual({ value: 0, low: 0, high: 0, atLeast: true, missing: [], notKnown: true });
  });
  test('is not known: an allergen is not absent, in any scope', () => {
    const lupin = kept.allergens.find(({ id }) => id === 'lupin');
    expect(lupin).toMatchObject({ state: 'notKnown', scopes: { pot: 'notKnown', bowl: 'notKnown', plate: 'notKnown' } });
    expect(kept.diets.find(({ id }) => id === 'noPork')?.state).toBe('notKnown');
  });
  test('is not compared as a figure, and is told as an allergen', () => {
    const { figures, allergens } = differenceOf({ recipe, analysis: kept }, { recipe, analysis: bowlOf(recipe, { regime: 'eu' }) });
    expect(figures.map(({ nutrient }) => nutrient)).not.toContain('iodineUg');
    expect(allergens).toContainEqual({ id: 'lupin', before: 'notKnown', after: 'absent' });
  });
  test('is no news while it is clear today, and is when it is not', () => {
    const today = bowlOf(recipe, { regime: 'eu' });
    expect(changedSince(kept, today)?.allergens ?? []).toEqual([]);
    const withLupin = {
      ...today,
      allergens: today.allergens.map((one) =>
        one.id === 'lupin' ? { ...one, scopes: { pot: 'contains', bowl: 'contains', plate: 'contains' } } : one,
      ),
    } as Analysis;
    expect(changedSince(kept, withLupin)?.allergens).toEqual([{ id: 'lupin', was: 'notKnown', is: 'contains' }]);
  });
});

describe('what has changed since a version was kept', () => {
  const today = bowlOf(recipe, { regime: 'eu' });
  const { choices: _, ...kept } = today;
  test('is nothing for the same rows', () => {
    expect(changedSince(kept, today)).toBeNull();
  });
  test('names the figures that moved, also when only their interval did', () => {
    const perServing = { ...today.perServing, ironMg: { ...today.perServing.ironMg, high: today.perServing.ironMg.high * 1.01 } };
    expect(changedSince({ ...kept, perServing }, today)).toEqual({ nutrients: ['ironMg'], allergens: [], diets: [] });
  });
  test('sees an allergen that moved on the plate only', () => {
    const allergens = kept.allergens.map((one) => (one.id === 'egg' ? { ...one, scopes: { ...one.scopes, plate: 'contains' as const } } : one));
    expect(changedSince({ ...kept, allergens }, today)?.allergens).toEqual([{ id: 'egg', was: 'contains', is: 'absent' }]);
  });
});

test.each([
  ['of a later program', 99, shape1.analysis],
  ['of shape nought', 0, shape1.analysis],
  ['by the name of a function', 'constructor' as unknown as number, shape1.analysis],
  ['that is no analysis', 1, { title: 'x' }],
  ['that is nothing', 2, null],
])('a snapshot %s is refused', (_, shape, document) => {
  expect(() => readSnapshot(shape, document)).toThrow(SnapshotError);
});
