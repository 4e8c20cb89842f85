/** The method in the cook's own words, and what a recipe on the bench still leaves open. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { openDoubts } from './openDoubts.ts';
import { addStep, rewordStep, withoutStep } from './ownSteps.ts';
import { readRecipe } from './read.ts';

const soup = () =>
  readRecipe(
    'Carrot soup\nServes 4\n\n600 g carrots\n1 onion\n30 g butter\n1 litre vegetable stock\n5 g salt\n\nMelt the butter, sweat the onion 8 minutes.\nAdd the carrots and stock, cover and simmer 20 minutes.\nBlend and salt.',
    { measures: 'metric' },
    SHELF,
  ).recipe;
const lineOf = (foodId: string) => soup().lines.find((line) => line.foodId === foodId)?.id;

describe('a step in other words', () => {
  const { steps } = soup();
  const simmer = steps.find(({ method }) => method === 'simmer');
  test('says its own minutes, lid and lines', () => {
    const after = rewordStep(soup(), simmer?.id ?? '', 'Add carrots, simmer uncovered 35 minutes until they crush.', SHELF);
    const own = after.steps.find(({ id }) => id === simmer?.id);
    expect(own).toMatchObject({ method: 'simmer', minutes: { min: 35, max: 35 }, lid: 'off', doneWhen: 'they crush', stage: 'simmer' });
    expect(own?.uses).toEqual([lineOf('carrot')]);
  });
  test('every other step and every line stays as it is', () => {
    const after = rewordStep(soup(), simmer?.id ?? '', 'Simmer.', SHELF);
    expect(after.lines).toEqual(soup().lines);
    expect(after.steps.filter(({ id }) => id !== simmer?.id)).toEqual(soup().steps.filter(({ id }) => id !== simmer?.id));
  });
  test('no words, the same words and a step that is not there change nothing', () => {
    const recipe = soup();
    expect(rewordStep(recipe, simmer?.id ?? '', '  ', SHELF)).toBe(recipe);
    expect(rewordStep(recipe, simmer?.id ?? '', simmer?.text ?? '', SHELF)).toBe(recipe);
    expect(rewordStep(recipe, 'nowhere', 'Stir.', SHELF)).toBe(recipe);
  });
  test('what the method is written from is reworded too, so that a swap put back keeps the words', () => {
    const recipe = { ...soup(), asWritten: { lines: soup().lines, steps: soup().steps, works: [] } };
    const after = rewordStep(recipe, simmer?.id ?? '', 'Simmer for ever.', SHELF);
    expect(after.asWritten?.steps.find(({ id }) => id === simmer?.id)?.text).toBe('Simmer for ever.');
  });
  test('typed over what a swap wrote, the method as it stands is what is written from', () => {
    const written = soup().steps.map((step) => ({ ...step, text: `${step.text} As it was.` }));
    const after = rewordStep({ ...soup(), asWritten: { lines: soup().lines, steps: written, works: [] } }, simmer?.id ?? '', 'Mine.', SHELF);
    expect(after.asWritten).toBeUndefined();
    expect(after.steps.find(({ id }) => id === simmer?.id)?.text).toBe('Mine.');
  });
});

describe('a step more, a step less', () => {
  test('stands behind the one it was put behind, with an id of its own', () => {
    const first = soup().steps[0]?.id ?? null;
    const after = addStep(soup(), first, 'Stir in the stock.', SHELF);
    expect(after.steps.map(({ text }) => text)[1]).toBe('Stir in the stock.');
    expect(new Set(after.steps.map(({ id }) => id)).size).toBe(after.steps.length);
    expect(after.steps[1]?.uses).toEqual([lineOf('vegetable-broth')]);
  });
  test('left out, it is gone and nothing else', () => {
    const [first, ...others] = soup().steps;
    expect(withoutStep(soup(), first?.id ?? '').steps).toEqual(others);
  });
});

describe('what is still open on the bench', () => {
  test('a soup that is known and weighed has no doubt', () => {
    expect(openDoubts(soup(), SHELF)).toEqual([]);
  });
  test('a food nobody knows comes before an amount nobody weighed', () => {
    const recipe = soup();
    const lines = [
      ...recipe.lines,
      { id: 'l8', stage: 'finish' as const, text: 'chives', foodId: 'chives', grams: null },
      { id: 'l9', stage: 'finish' as const, text: '1 tsp zorbel', foodId: null, grams: null },
    ];
    expect(openDoubts({ ...recipe, lines }, SHELF).map(({ code, lineId }) => [code, lineId])).toEqual([
      ['food.unmatched', 'l9'],
      ['amount.unknown', 'l8'],
      ['line.unused', 'l8'],
    ]);
  });
  test('what is open in a preparation is open in every soup that takes of it', () => {
    const recipe = soup();
    const inner = (id: string, text: string, foodId: string | null) => ({ id, stage: 'finish' as const, text, foodId, grams: null });
    const pesto = { id: 'p', name: 'Green oil', steps: [], lines: [inner('a', '1 tsp zorbel', null), inner('b', 'basil', 'basil')] };
    const taken = { id: 'l8', stage: 'bowl' as const, text: 'green oil', foodId: null, grams: { best: 20, low: 20, high: 20 }, preparationId: 'p' };
    const open = openDoubts({ ...recipe, lines: [...recipe.lines, taken], preparations: [pesto] }, SHELF);
    expect(open.filter(({ lineId }) => lineId === 'l8').map(({ code, message }) => [code, message.split(':')[0]])).toEqual([
      ['food.unmatched', 'In Green oil'],
      ['amount.unknown', 'In Green oil'],
    ]);
    expect(openDoubts({ ...recipe, preparations: [pesto] }, SHELF)).toEqual([]);
  });
  test('an amount that may be twice its least is asked about, a pinch is not', () => {
    const recipe = soup();
    const wide = recipe.lines.map((line) => (line.foodId === 'onion' ? { ...line, grams: { best: 100, low: 40, high: 190 } } : line));
    expect(openDoubts({ ...recipe, lines: wide }, SHELF).map(({ code }) => code)).toEqual(['amount.vague']);
    const pinch = recipe.lines.map((line) => (line.foodId === 'salt' ? { ...line, grams: { best: 0.5, low: 0.2, high: 1 } } : line));
    expect(openDoubts({ ...recipe, lines: pinch }, SHELF)).toEqual([]);
  });
  test('a line of the text that was not read stands first', () => {
    expect(openDoubts({ ...soup(), unread: ['blorp the fritz'] }, SHELF)[0]?.code).toBe('text.unread');
  });
});
