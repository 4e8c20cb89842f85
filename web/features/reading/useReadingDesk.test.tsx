/**
 * The reading desk: what was settled outlives an edit of the text, another read, and a reload.
 * @jest-environment @happy-dom/jest-environment
 */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, cleanup, configure, renderHook, waitFor } from '@testing-library/react';
import type { PropsWithChildren } from 'react';
import { SHELF } from '../../../core/food/shelf.ts';
import { readRecipe } from '../../../core/reading/read.ts';
import type { Line } from '../../../core/vocabulary/recipe.ts';
import { useReadingDesk } from './useReadingDesk.ts';

// A busy machine takes its time.
configure({ asyncUtilTimeout: 30_000 });

const TEXT = 'Leek cream\n\n500 g leeks\n200 ml cream\nsome stock\n\nSimmer 20 minutes. Blend.';
const reads: string[] = [];

/** The server, as far as the desk asks it: it reads, by the same reader. */
function serve() {
  globalThis.fetch = (async (_url: string, init?: RequestInit) => {
    const { text, measures } = JSON.parse(String(init?.body));
    reads.push(text);
    return new Response(JSON.stringify(readRecipe(text, { measures }, SHELF)), { headers: { 'content-type': 'application/json' } });
  }) as typeof fetch;
}

const desk = () => {
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const wrapper = ({ children }: PropsWithChildren) => <QueryClientProvider client={client}>{children}</QueryClientProvider>;
  return renderHook(() => useReadingDesk('auto'), { wrapper });
};
const lineOf = (lines: readonly Line[] | undefined, words: string) => lines?.find(({ text }) => text.includes(words)) as Line;
const weighed = (best: number) => ({ best, low: best, high: best });

async function reading() {
  const { result, unmount } = desk();
  act(() => result.current.setText(TEXT));
  await waitFor(() => expect(result.current.recipe?.lines.length).toBeGreaterThan(2));
  return { result, unmount };
}

beforeEach(() => {
  localStorage.clear();
  reads.splice(0);
  serve();
});
afterEach(cleanup);

describe('the desk', () => {
  test('an empty desk has no recipe and no doubts, and asks nothing', () => {
    const { result } = desk();
    expect([result.current.recipe, result.current.doubts, reads]).toEqual([null, [], []]);
  });
  test('what is settled is in the recipe', async () => {
    const { result } = await reading();
    const stock = lineOf(result.current.recipe?.lines, 'stock');
    act(() => result.current.settle(stock, { foodId: 'vegetable-broth', grams: weighed(900), said: '900 g' }));
    expect(lineOf(result.current.recipe?.lines, 'stock')).toMatchObject({ foodId: 'vegetable-broth', grams: weighed(900) });
    expect(result.current.settlementOf(stock.id)?.said).toBe('900 g');
  });
  test('two answers about one line are both kept', async () => {
    const { result } = await reading();
    const stock = lineOf(result.current.recipe?.lines, 'stock');
    act(() => result.current.settle(stock, { foodId: 'vegetable-broth' }));
    act(() => result.current.settle(stock, { grams: weighed(900) }));
    expect(lineOf(result.current.recipe?.lines, 'stock')).toMatchObject({ foodId: 'vegetable-broth', grams: weighed(900) });
  });
  test('it outlives an edit of another line', async () => {
    const { result } = await reading();
    const stock = lineOf(result.current.recipe?.lines, 'stock');
    act(() => result.current.settle(stock, { grams: weighed(900) }));
    act(() => result.current.setText(TEXT.replace('500 g leeks', '550 g leeks')));
    await waitFor(() => expect(lineOf(result.current.recipe?.lines, 'leeks').text).toContain('550'));
    expect(lineOf(result.current.recipe?.lines, 'stock').grams).toEqual(weighed(900));
  });
  test('and a reload', async () => {
    const { result, unmount } = await reading();
    act(() => result.current.settle(lineOf(result.current.recipe?.lines, 'stock'), { grams: weighed(900) }));
    act(() => result.current.setServings(6));
    unmount();
    const again = desk().result;
    await waitFor(() => expect(again.current.recipe?.servings).toBe(6));
    expect(lineOf(again.current.recipe?.lines, 'stock').grams).toEqual(weighed(900));
  });
  test('typing is read when the hand rests, not at every key', async () => {
    const { result } = desk();
    for (let end = 1; end <= TEXT.length; end += 1) act(() => result.current.setText(TEXT.slice(0, end)));
    await waitFor(() => expect(result.current.recipe?.lines.length).toBeGreaterThan(2));
    expect(reads).toEqual([TEXT]);
  });
  test('a number of bowls that is given is no doubt any more', async () => {
    const { result } = await reading();
    expect(result.current.doubts.some(({ code }) => code.startsWith('servings'))).toBe(true);
    act(() => result.current.setServings(4));
    expect(result.current.doubts.some(({ code }) => code.startsWith('servings'))).toBe(false);
  });
  test('cleared, nothing is left, here or after a reload', async () => {
    const { result, unmount } = await reading();
    act(() => result.current.clear());
    expect([result.current.desk.text, result.current.recipe]).toEqual(['', null]);
    unmount();
    expect(desk().result.current.desk.settled).toEqual({});
  });
  test('what another program wrote into the store is not the end of reading', () => {
    localStorage.setItem('kind-ladle:reading:1', '{broken');
    expect(desk().result.current.desk.text).toBe('');
  });
});
