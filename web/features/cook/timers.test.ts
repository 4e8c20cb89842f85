/**
 * Timers go by the clock, whatever the page does meanwhile.
 * @jest-environment @happy-dom/jest-environment
 */
import { beforeEach, describe, expect, test } from '@jest/globals';
import { due, left, useTimers } from './timers.ts';

const T0 = Date.parse('2027-03-06T16:00:00Z');
const minutes = (count: number) => T0 + count * 60_000;
beforeEach(() => {
  useTimers.setState({ timers: [] });
});

describe('a timer', () => {
  test('is due at its minute and not a second before, wherever the page was', () => {
    useTimers.getState().start({ batchId: 'b', label: 'simmer', minutes: 20 }, T0);
    const { timers } = useTimers.getState();
    expect(due(timers, minutes(20) - 1)).toEqual([]);
    // The page slept for an hour.
    expect(due(timers, minutes(60)).map(({ label }) => label)).toEqual(['simmer']);
  });

  test('is told once, and again after more minutes', () => {
    const { start, hear, more } = useTimers.getState();
    start({ batchId: 'b', label: 'simmer', minutes: 1 }, T0);
    const id = useTimers.getState().timers[0]?.id as string;
    hear(id);
    expect(due(useTimers.getState().timers, minutes(2))).toEqual([]);
    more(id, 5, minutes(2));
    expect(due(useTimers.getState().timers, minutes(6.9))).toEqual([]);
    expect(due(useTimers.getState().timers, minutes(7))).toHaveLength(1);
  });

  test('several run at once, and each is stopped by itself', () => {
    const { start, stop } = useTimers.getState();
    start({ batchId: 'b', label: 'simmer', minutes: 20 }, T0);
    start({ batchId: 'b', label: 'oven', minutes: 35 }, T0);
    stop(useTimers.getState().timers[0]?.id as string);
    expect(useTimers.getState().timers.map(({ label }) => label)).toEqual(['oven']);
  });

  test.each([
    [0, '20:00'],
    [19.5, '0:30'],
    [20, '0:00'],
    [21.5, '-1:30'],
  ])('after %p minutes shows %p', (passed, wanted) => {
    expect(left(minutes(20), minutes(passed))).toBe(wanted);
  });
});
