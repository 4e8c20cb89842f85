/**
 * The search as the screen sees it: plans as they come, cancelled, failed, and never those of another question.
 * @jest-environment @happy-dom/jest-environment
 */
import { afterEach, beforeEach, describe, expect, test } from '@jest/globals';
import { act, cleanup, renderHook } from '@testing-library/react';
import type { Plan } from '../../../core/swap/plan.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { plansOf, usePlans } from './usePlans.ts';

/** A worker whose replies the test gives. */
class HandWorker {
  static made: HandWorker[] = [];
  onmessage: ((event: { data: unknown }) => void) | null = null;
  onerror: (() => void) | null = null;
  asked: { id: number }[] = [];
  ended = false;
  constructor() {
    HandWorker.made.push(this);
  }
  postMessage(message: { id: number }) {
    this.asked.push(message);
  }
  terminate() {
    this.ended = true;
  }
  reply(data: object) {
    act(() => this.onmessage?.({ data: { id: this.asked.at(-1)?.id, ...data } }));
  }
}

const soup: Recipe = { title: 'Leek cream', lines: [], steps: [] };
const kitchen = { own: [], pins: [], day: '2026-11-27' } as never;
const plan = (distance: number) => ({ distance }) as Plan;
const last = () => HandWorker.made.at(-1) as HandWorker;
const begun = () => {
  const hook = renderHook(() => usePlans());
  act(() => hook.result.current.start(soup, { allergens: ['milk'] }, undefined, 3, kitchen));
  return hook.result;
};

beforeEach(() => {
  HandWorker.made = [];
  (globalThis as { Worker?: unknown }).Worker = HandWorker;
});
afterEach(cleanup);

describe('working it out', () => {
  test('nothing is asked before it is wanted', () => {
    expect(renderHook(() => usePlans()).result.current.search).toEqual({ state: 'idle' });
    expect(HandWorker.made).toEqual([]);
  });
  test('plans are there as they are found, in the order they come', () => {
    const hook = begun();
    last().reply({ plan: plan(1) });
    last().reply({ plan: plan(2) });
    expect(hook.current.search.state).toBe('working');
    expect(plansOf(hook.current.search).map(({ distance }) => distance)).toEqual([1, 2]);
  });
  test('the result takes the place of what was found on the way, with the question it answers', () => {
    const hook = begun();
    last().reply({ plan: plan(1) });
    last().reply({ result: { plans: [plan(1), plan(3)] } });
    expect(hook.current.search).toMatchObject({ state: 'done', recipe: soup, needs: { allergens: ['milk'] } });
    expect(plansOf(hook.current.search)).toHaveLength(2);
  });
  test('cancelled, the worker is let go and what was found stays', () => {
    const hook = begun();
    last().reply({ plan: plan(1) });
    act(() => hook.current.cancel());
    expect([last().ended, hook.current.search.state, plansOf(hook.current.search).length]).toEqual([true, 'cancelled', 1]);
  });
  test('what a let-go search still says is not heard', () => {
    const hook = begun();
    const old = last();
    act(() => hook.current.cancel());
    old.reply({ plan: plan(9) });
    expect(plansOf(hook.current.search)).toEqual([]);
  });
  test('a new question is not answered by the reply to the one before', () => {
    const hook = begun();
    const first = last().asked[0]?.id;
    act(() => hook.current.start(soup, { diets: ['vegan'] }, undefined, 3, kitchen));
    last().reply({ id: first, plan: plan(9) });
    expect(plansOf(hook.current.search)).toEqual([]);
    last().reply({ plan: plan(1) });
    expect(plansOf(hook.current.search)).toHaveLength(1);
  });
  test('a failure is told in its own words, and one that cannot start says so; the next question has a new worker', () => {
    const hook = begun();
    last().reply({ failure: 'no bound after 5000 pivots' });
    expect(hook.current.search).toMatchObject({ state: 'failed', message: 'no bound after 5000 pivots' });
    act(() => last().onerror?.());
    expect(hook.current.search).toMatchObject({ state: 'failed', message: 'The search could not be started.' });
    act(() => hook.current.start(soup, {}, undefined, 3, kitchen));
    expect(HandWorker.made).toHaveLength(2);
  });
  test('a change of the soup ends it', () => {
    const hook = begun();
    act(() => hook.current.stop());
    expect([last().ended, hook.current.search]).toEqual([true, { state: 'idle' }]);
  });
  test('nothing runs on when the bench is left', () => {
    const hook = renderHook(() => usePlans());
    act(() => hook.result.current.start(soup, {}, undefined, 3, kitchen));
    hook.unmount();
    expect(last().ended).toBe(true);
  });
});
