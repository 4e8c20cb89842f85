/** What the kitchen blends with, over HTTP: kept with the settings, asked with the needs, refused where it is none. */
import { afterAll, beforeAll, expect, test } from '@jest/globals';
import type { Settings } from '../contract/types.ts';
import type { Recipe } from '../core/vocabulary/recipe.ts';
import { openKitchen, type TestKitchen } from './test/kitchen.ts';

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen();
});
afterAll(() => kitchen.close());

const grams = (best: number) => ({ best, low: best * 0.95, high: best * 1.05 });
const CARROT: Recipe = {
  title: 'Carrot',
  servings: 8,
  lines: [
    { id: 'veg', stage: 'base', text: '700 g carrots', foodId: 'carrot', grams: grams(700) },
    { id: 'w', stage: 'simmer', text: '2 l water', foodId: 'water', grams: grams(2000) },
  ],
  steps: [
    { id: 's', stage: 'simmer', text: 'Simmer the carrots in the water.', method: 'simmer', uses: ['veg', 'w'], minutes: { min: 20, max: 20 } },
    { id: 'b', stage: 'blend', text: 'Blend half of the soup.', method: 'blend' },
  ],
};

test('is kept with the settings, and left out again', async () => {
  const { body: before } = await kitchen.get('/api/settings');
  expect(before.blender).toBeUndefined();
  const jug = { kind: 'jug', sieve: true, jarMl: 1800 };
  const { body: after } = await kitchen.send('PUT', '/api/settings', { ...before, blender: jug });
  expect((await kitchen.get('/api/settings')).body.blender).toEqual(jug);
  const { blender: _, ...without } = after as Settings;
  await kitchen.send('PUT', '/api/settings', without);
  expect((await kitchen.get('/api/settings')).body.blender).toBeUndefined();
});

test('decides whether a soup can be smooth, and how often the jar is filled', async () => {
  const smooth = (blender: object) => kitchen.send('POST', '/api/adapt', { recipe: CARROT, needs: { smooth: true, blender }, plans: 1 });
  expect((await smooth({ kind: 'stick' })).body.plans).toHaveLength(1);
  expect((await smooth({ kind: 'masher', sieve: false })).body.clash.needs).toEqual([{ kind: 'smooth' }]);
  const { body } = await kitchen.send('POST', '/api/analyse', { recipe: CARROT, blender: { kind: 'jug', jarMl: 1000 } });
  expect(body.notes.find(({ code }: { code: string }) => code === 'blend.batches').params.what).toMatch(/batches$/);
});

test('one that nobody has, a jar of no size: refused with the place', async () => {
  const ask = (blender: object) => kitchen.send('POST', '/api/adapt', { recipe: CARROT, needs: { smooth: true, blender } });
  expect((await ask({ kind: 'axe' })).body.errors[0].path).toBe('/needs/blender/kind');
  expect((await ask({ kind: 'jug', jarMl: 0 })).body.errors[0].path).toBe('/needs/blender/jarMl');
  expect((await ask({ sieve: true })).status).toBeGreaterThanOrEqual(400);
});
