/**
 * Swaps of the line in hand: those of the soup as it stands, and taken on it.
 * @jest-environment @happy-dom/jest-environment
 */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, configure, renderHook, waitFor } from '@testing-library/react';
import { analyse } from '../../../core/analysis/analysis.ts';
import { SHELF } from '../../../core/food/shelf.ts';
import { swapsForLine } from '../../../core/swap/forLine.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import { judgeNeeds } from '../../../core/swap/verdict.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { useBench } from '../bench/store.ts';
import type { BenchView } from '../bench/view.ts';
import { useLineSwaps } from './useLineSwaps.ts';

// A busy machine takes its time.
configure({ asyncUtilTimeout: 30_000 });

const line = (id: string, foodId: string, best: number): Recipe['lines'][number] => ({
  id,
  stage: 'base',
  text: id,
  foodId,
  grams: { best, low: best, high: best },
});
const leek: Recipe = {
  title: 'Leek cream',
  servings: 6,
  lines: [line('leek', 'leek', 500), line('stock', 'vegetable-broth', 1000), line('cream', 'cream-heavy', 240)],
  steps: [],
};
const needs: Needs = { allergens: ['milk'] };
const core = { shelf: SHELF, swapsForLine } as unknown as BenchView['core'];
const viewOf = (recipe: Recipe): BenchView => {
  const original = { recipe: leek, analysis: analyse(leek, {}, SHELF) };
  const analysis = analyse(recipe, {}, SHELF);
  const verdicts = judgeNeeds(needs, { recipe, analysis, original, shelf: SHELF });
  return { core, recipe, needs, original, analysis, verdicts } as unknown as BenchView;
};
const choose = (lineId: string | null) => act(() => useBench.setState({ selected: lineId }));

beforeEach(() => {
  useBench.setState({ recipe: leek, needs, selected: null } as never);
});
afterEach(cleanup);

describe('the swaps of the line in hand', () => {
  test('no line in hand, no swaps', () => {
    expect(renderHook(() => useLineSwaps(viewOf(leek))).result.current.swaps).toEqual([]);
  });
  test('are there once the line is chosen, and those that meet the need come first', async () => {
    const view = viewOf(leek);
    const { result } = renderHook(() => useLineSwaps(view));
    choose('cream');
    await waitFor(() => expect(result.current.swaps.length).toBeGreaterThan(3));
    expect(result.current.swaps[0]?.tally).toMatchObject({ asked: 1, broken: 0 });
  });
  test('one that is taken is in the soup, and its line is in hand', async () => {
    const view = viewOf(leek);
    const { result } = renderHook(() => useLineSwaps(view));
    choose('cream');
    await waitFor(() => expect(result.current.swaps.length).toBeGreaterThan(3));
    act(() => result.current.applySwap('cream-to-soy-cream'));
    const { recipe, selected } = useBench.getState();
    expect(recipe?.lines.map(({ foodId }) => foodId)).toEqual(['leek', 'vegetable-broth', 'soy-cream']);
    expect(selected).toBe(recipe?.lines[2]?.id);
  });
  test('of a line that replaced another, the others of that one are offered, and take its place', async () => {
    const first = swapsForLine(leek, needs, 'cream', viewOf(leek).original, SHELF).find(({ change }) => change.swapId === 'cream-to-soy-cream');
    const swapped = viewOf(first?.recipe as Recipe);
    useBench.setState({ recipe: swapped.recipe } as never);
    const { result } = renderHook(() => useLineSwaps(swapped));
    choose(swapped.recipe.lines[2]?.id ?? null);
    await waitFor(() => expect(result.current.swaps.length).toBeGreaterThan(3));
    act(() => result.current.applySwap('cream-to-oat-cream'));
    expect(useBench.getState().recipe?.lines.map(({ foodId }) => foodId)).toEqual(['leek', 'vegetable-broth', 'oat-cream']);
  });
  test('one that the line has not is not taken', async () => {
    const view = viewOf(leek);
    const { result } = renderHook(() => useLineSwaps(view));
    choose('cream');
    act(() => result.current.applySwap('salt-to-nothing'));
    expect(useBench.getState().recipe).toBe(leek);
  });
});
