import { beforeEach, describe, expect, test } from '@jest/globals';
import { SHELF } from '../../../core/food/shelf.ts';
import type { Line, Recipe } from '../../../core/vocabulary/recipe.ts';
import { useBench } from './store.ts';

const line = (id: string, best: number, more: Partial<Line> = {}): Line => ({
  id,
  stage: 'base',
  text: id,
  foodId: id,
  grams: { best, low: best, high: best },
  ...more,
});
const recipe: Recipe = {
  title: 'Leek',
  servings: 4,
  lines: [line('l1', 300), line('l2', 100), line('l3', 800, { stage: 'simmer' })],
  steps: [{ id: 's1', stage: 'base', text: 'Sweat.', uses: ['l1', 'l2'] }],
};
const bench = () => useBench.getState();
const { undo, redo } = useBench.temporal.getState();
const ids = () => bench().recipe.lines.map(({ id }) => id);

beforeEach(() => bench().open('soup', { recipe, needs: {} }));

describe('the bench', () => {
  test('weighs a line, undoes it and does it again, without end', () => {
    for (let grams = 301; grams <= 340; grams += 1) bench().weighLine('l1', grams);
    expect(bench().recipe.lines[0]?.grams).toEqual({ best: 340, low: 340 * 0.99, high: 340 * 1.01 });
    for (let count = 0; count < 40; count += 1) undo();
    expect(bench().recipe).toBe(recipe);
    undo();
    expect(bench().recipe).toBe(recipe);
    redo();
    expect(bench().recipe.lines[0]?.grams?.best).toBe(301);
  });
  test('moves a line to another stage: the step of the old one no longer speaks of it, undo brings it back', () => {
    bench().moveLine('l2', 'finish');
    expect(bench().recipe.lines.find(({ id }) => id === 'l2')?.stage).toBe('finish');
    expect(bench().recipe.steps[0]?.uses).toEqual(['l1']);
    undo();
    expect(bench().recipe).toBe(recipe);
  });
  test('another food stands in the line, its grams as they are where the words weigh nothing', () => {
    bench().chooseFood('l1', 'onion', null);
    expect(bench().recipe.lines[0]).toMatchObject({ id: 'l1', foodId: 'onion', grams: { best: 300 } });
  });
  test('does not count a choice of line as an edit', () => {
    bench().select('l2');
    expect(useBench.temporal.getState().pastStates).toHaveLength(0);
  });
  test('adds a line after the others of its stage, under an id of its own, and takes it in hand', () => {
    const id = bench().addLine({ stage: 'base', text: 'Salt', foodId: 'salt', grams: null });
    expect(ids()).toEqual(['l1', 'l2', id, 'l3']);
    expect(bench().selected).toBe(id);
  });
  test('takes a line out of the recipe and of its steps, and puts it back where it was', () => {
    bench().takeOut('l2');
    expect([ids(), bench().recipe.steps[0]?.uses, bench().selected]).toEqual([['l1', 'l3'], ['l1'], 'l1']);
    bench().putBack(recipe.lines[1] as Line, ['l1', 'l2', 'l3'], SHELF);
    expect(ids()).toEqual(['l1', 'l2', 'l3']);
  });
  test('never takes out the last line', () => {
    for (const id of ['l1', 'l2', 'l3']) bench().takeOut(id);
    expect(ids()).toEqual(['l3']);
  });
  test('says which food a line is and weighs it anew where the line tells', () => {
    bench().chooseFood('l1', 'leek', { best: 270, low: 200, high: 300 });
    expect(bench().recipe.lines[0]).toMatchObject({ foodId: 'leek', grams: { best: 270 } });
    bench().chooseFood('l1', 'onion', null);
    expect(bench().recipe.lines[0]).toMatchObject({ foodId: 'onion', grams: { best: 270 } });
  });
  test('forgets the history of the last soup when another is opened', () => {
    bench().weighLine('l1', 5);
    bench().open('other', { recipe, needs: {} });
    undo();
    expect(bench().recipe).toBe(recipe);
  });
});

describe('divided lines and choices', () => {
  const parted: Recipe = {
    title: 'Oil twice',
    servings: 4,
    lines: [
      line('oil', 40),
      line('oil1', 10, { partOf: 'oil' }),
      line('oil2', 30, { partOf: 'oil', stage: 'finish' }),
      line('cream', 200, { choiceOf: 'c', chosen: true }),
      line('coconut', 190, { choiceOf: 'c', chosen: false }),
    ],
    steps: [],
  };
  const grams = () => Object.fromEntries(bench().recipe.lines.map(({ id, grams }) => [id, grams?.best]));
  beforeEach(() => bench().open('soup', { recipe: parted, needs: {} }));
  test('a part weighed anew makes its whole as much more', () => {
    bench().weighLine('oil1', 15);
    expect(grams()).toMatchObject({ oil: 45, oil1: 15, oil2: 30 });
  });
  test('a whole weighed anew divides as before', () => {
    bench().weighLine('oil', 80);
    expect(grams()).toMatchObject({ oil: 80, oil1: 20, oil2: 60 });
  });
  test('another alternative is taken, and undone', () => {
    bench().takeOption('coconut');
    expect(
      bench()
        .recipe.lines.filter(({ chosen }) => chosen)
        .map(({ id }) => id),
    ).toEqual(['coconut']);
    undo();
    expect(
      bench()
        .recipe.lines.filter(({ chosen }) => chosen)
        .map(({ id }) => id),
    ).toEqual(['cream']);
  });
  test('a line that is no choice takes nothing', () => {
    bench().takeOption('oil');
    expect(bench().recipe).toBe(parted);
  });
  test('a part taken out leaves the other on its own', () => {
    bench().takeOut('oil1');
    expect(bench().recipe.lines.map(({ id, partOf }) => [id, partOf])).toContainEqual(['oil2', undefined]);
    expect(ids()).not.toContain('oil');
  });
});

describe('notes on changes', () => {
  test('are put, changed, emptied, and undone like any edit', () => {
    bench().noteChange('l1', ' the group liked it ');
    expect(bench().notes).toEqual({ l1: 'the group liked it' });
    bench().noteChange('l1', '');
    expect(bench().notes).toBeUndefined();
    undo();
    expect(bench().notes).toEqual({ l1: 'the group liked it' });
    undo();
    expect(bench().notes).toBeUndefined();
    redo();
    expect(bench().notes).toEqual({ l1: 'the group liked it' });
  });
  test('come with a draft that is opened and stay with one that is merged', () => {
    bench().open('soup', { recipe, needs: {}, notes: { l2: 'kept' } });
    expect(bench().notes).toEqual({ l2: 'kept' });
    bench().takeMerged({ recipe, needs: { smooth: true } });
    expect(bench().notes).toBeUndefined();
  });
});
