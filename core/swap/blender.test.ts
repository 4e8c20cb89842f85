/** What the kitchen blends with: what smooth asks for, what nuts cost, how often the jar is filled (common practice, no source). */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { line, soup, step } from '../test/soup.ts';
import { type Blender, batchesOf } from '../vocabulary/blender.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { adapt } from './adapt.ts';
import type { Needs } from './needs.ts';

const simmer = step('s', { method: 'simmer', text: 'Simmer everything until soft.', minutes: { min: 20, max: 20 }, uses: ['veg', 'stock'] });
const half = step('b', { stage: 'blend', method: 'blend', text: 'Blend half of the soup.' });
const cream = step('f', { stage: 'finish', text: 'Stir in the cream.', uses: ['cream'] });
const of = (vegetable: string, steps = [simmer, half, cream]): Recipe =>
  soup(
    [line('veg', vegetable, 700), line('stock', 'vegetable-broth', 900, { stage: 'simmer' }), line('cream', 'cream-heavy', 200, { stage: 'finish' })],
    { title: 'soup', servings: 6, steps },
  );
const ask = (recipe: Recipe, needs: Needs, plans = 5) => adapt({ recipe, needs, plans }, SHELF, { now: () => performance.now() });
const blendStep = (recipe: Recipe, blender: Blender): string | undefined =>
  ask(recipe, { smooth: true, blender }, 1).plans[0]?.recipe.steps.find(({ method }) => method === 'blend')?.text;

describe('smooth', () => {
  test.each<[Blender, string]>([
    [{ kind: 'stick' }, 'Blend all of it until smooth, then sieve.'],
    [{ kind: 'jug' }, 'Blend all of it until smooth, then sieve.'],
    [{ kind: 'strongJug' }, 'Blend all of it until quite smooth.'],
    [{ kind: 'masher' }, 'Mash all of it and press it through a fine sieve.'],
  ])('carrots with %j: %s', (blender, text) => {
    expect(blendStep(of('carrot'), blender)).toBe(text);
  });
  test('tomatoes are sieved by every kitchen, for their seeds', () => {
    expect(blendStep(of('tomato'), { kind: 'strongJug' })).toMatch(/then sieve/);
  });
  test('without a sieve a stick blender makes nothing smooth, and that is told', () => {
    const { plans, clash } = ask(of('carrot'), { smooth: true, blender: { kind: 'stick', sieve: false } });
    expect(plans).toEqual([]);
    expect(clash?.needs).toEqual([{ kind: 'smooth' }]);
  });
  test('a strong jug does without one, but for seeds', () => {
    expect(ask(of('carrot'), { smooth: true, blender: { kind: 'strongJug', sieve: false } }).plans.length).toBeGreaterThan(0);
    expect(ask(of('tomato'), { smooth: true, blender: { kind: 'strongJug', sieve: false }, keepLines: ['veg'] }).plans).toEqual([]);
  });
  test('where nothing is said it is as with a stick blender and a sieve', () => {
    expect(ask(of('carrot'), { smooth: true }, 1).plans[0]?.recipe.steps).toEqual(
      ask(of('carrot'), { smooth: true, blender: { kind: 'stick' } }, 1).plans[0]?.recipe.steps,
    );
  });
});

describe('creams of whole nuts and seeds', () => {
  const cashews = (blender?: Blender) =>
    ask(
      of('carrot'),
      {
        allergens: ['milk'],
        avoidFoods: ['oat-cream', 'soy-cream', 'coconut-milk', 'silken-tofu', 'coconut-cream'],
        ...(blender ? { blender } : {}),
      },
      10,
    )
      .plans.flatMap(({ changes, distance }) => changes.map((change) => ({ change, distance })))
      .filter(({ change }) => change.to.some(({ foodId }) => foodId === 'cashews-raw' || foodId === 'sunflower-seeds'));
  test('a masher makes none', () => {
    expect(cashews().length).toBeGreaterThan(0);
    expect(cashews({ kind: 'masher' })).toEqual([]);
  });
  test('with a stick blender they are further off, and the grit is told', () => {
    const [plain] = cashews({ kind: 'strongJug' });
    const [gritty] = cashews({ kind: 'stick' });
    if (plain && gritty) expect(gritty.distance).toBeGreaterThan(plain.distance);
    for (const { change } of cashews({ kind: 'stick' })) expect(change.cautions.join(' ')).toMatch(/leaves grit/);
    for (const { change } of cashews({ kind: 'strongJug' })) expect(change.cautions.join(' ')).not.toMatch(/grit/);
  });
});

describe('batches', () => {
  test.each<[Blender, number, number]>([
    [{ kind: 'jug', jarMl: 1500 }, 1800, 3],
    [{ kind: 'jug', jarMl: 1500 }, 750, 1],
    [{ kind: 'strongJug', jarMl: 2000 }, 4100, 5],
    [{ kind: 'jug' }, 6000, 1],
    [{ kind: 'stick', jarMl: 1500 }, 6000, 1],
  ])('%j and a pot of %d ml: %d', (blender, potMl, batches) => {
    expect(batchesOf(blender, potMl)).toBe(batches);
  });
  const said = (blender?: Blender, litres = 1) =>
    analyse(soup([line('w', 'water', 1000 * litres)], { steps: [simmer, half] }), blender ? { blender } : {}, SHELF).notes.find(
      ({ code }) => code === 'blend.batches',
    )?.message;
  test('are told where the jar is known, and never of a stick blender', () => {
    expect(said({ kind: 'jug', jarMl: 1000 }, 2)).toMatch(/^4 batches/);
    expect(said({ kind: 'stick' }, 9)).toBeUndefined();
    expect(said(undefined, 4)).toMatch(/^More than a jar holds/);
    expect(said(undefined, 1)).toBeUndefined();
  });
});
