/** The method of an edited recipe over HTTP: plain sentences, what changed word by word, and what goes in nowhere. */
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { Line, Recipe, Step } from '../core/vocabulary/recipe.ts';
import { openKitchen, type TestKitchen } from './test/kitchen.ts';

let kitchen: TestKitchen;
beforeAll(async () => {
  kitchen = await openKitchen({});
});
afterAll(() => kitchen.close());

const line = (id: string, foodId: string, best: number, more: Partial<Line> = {}): Line => ({
  id,
  stage: 'base',
  text: `${best} ${foodId}`,
  foodId,
  grams: { best, low: best, high: best },
  ...more,
});
const step = (id: string, more: Partial<Step>): Step => ({ id, stage: 'base', text: id, ...more });

const original: Recipe = {
  title: 'Leek soup',
  servings: 4,
  lines: [
    line('butter', 'butter-salted', 40),
    line('leek', 'leek', 400),
    line('stock', 'chicken-broth', 900),
    line('cream', 'cream-double', 150, { stage: 'finish' }),
  ],
  steps: [
    step('s1', { text: 'Melt the butter and sweat the leek.', uses: ['butter', 'leek'], method: 'sweat' }),
    step('s2', { stage: 'simmer', text: 'Add the stock and simmer 15 minutes.', uses: ['stock'], method: 'simmer' }),
    step('s3', { stage: 'blend', text: 'Blend.', method: 'blend' }),
    step('s4', { stage: 'finish', text: 'Stir in the cream.', uses: ['cream'] }),
  ],
};
const ask = (recipe: Recipe) => kitchen.send('POST', '/api/method', { original, recipe });

describe('POST /api/method', () => {
  test('an edited food stands in the words of the text, and the words say what went and what came', async () => {
    const recipe = { ...original, lines: original.lines.map((one) => (one.id === 'butter' ? line('butter', 'olive-oil', 30) : one)) };
    const { status, body } = await ask(recipe);
    expect(status).toBe(200);
    expect(body.steps[0].text).toBe('Heat the olive oil and sweat the leek.');
    const { words } = body.edits.find(({ stepId }: { stepId: string }) => stepId === 's1');
    const of = (...kinds: string[]) =>
      words
        .filter(({ kind }: { kind: string }) => kinds.includes(kind))
        .map(({ text }: { text: string }) => text)
        .join('');
    expect([of('same', 'out'), of('same', 'in')]).toEqual([original.steps[0]?.text, body.steps[0].text]);
    expect(body.faults).toEqual([]);
  });
  test('a step knows what it says of which line', async () => {
    const { body } = await ask(original);
    const [first] = body.steps;
    expect(first.mentions.map(({ from, to, lineId }: { from: number; to: number; lineId: string }) => [first.text.slice(from, to), lineId])).toEqual([
      ['the butter', 'butter'],
      ['the leek', 'leek'],
    ]);
  });
  test('a line that no step puts in is named', async () => {
    const recipe = { ...original, lines: [...original.lines, line('salt', 'salt', 5)] };
    expect((await ask(recipe)).body.faults).toMatchObject([{ lineId: 'salt', code: 'line.unused' }]);
  });
  test('what is sent with mentions is taken, and a body without an original refused', async () => {
    const steps = [
      { ...(original.steps[0] as Recipe['steps'][number]), mentions: [{ from: 5, to: 15, lineId: 'butter', share: 0.5 }] },
      ...original.steps.slice(1),
    ];
    expect((await kitchen.send('POST', '/api/analyse', { recipe: { ...original, steps } })).status).toBe(200);
    expect((await kitchen.send('POST', '/api/method', { recipe: original })).status).toBe(400);
  });
});
