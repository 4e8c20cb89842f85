import { describe, expect, test } from '@jest/globals';
import { dayAfter, isDay, kitchenDay } from './day.ts';

describe('the day of a kitchen', () => {
  test('is that of its wall clock: a morning in Auckland is still yesterday in Los Angeles', () => {
    const at = new Date('2026-11-27T20:00:00Z');
    expect(kitchenDay(at, 'Pacific/Auckland')).toBe('2026-11-28');
    expect(kitchenDay(at, 'America/Los_Angeles')).toBe('2026-11-27');
    expect(kitchenDay(at, 'UTC')).toBe('2026-11-27');
  });
  test('of a zone that is none is refused', () => {
    expect(() => kitchenDay(new Date(0), 'Skerrow/House')).toThrow(RangeError);
  });
  test.each([
    ['2026-02-28', true],
    ['2028-02-29', true],
    ['2026-02-29', false],
    ['2026-13-01', false],
    ['2026-99-99', false],
    ['26-1-1', false],
    ['', false],
  ])('%s is a day of the calendar: %s', (text, is) => expect(isDay(text)).toBe(is));
  test('counts on over months and leap days', () => {
    expect(dayAfter('2028-02-28', 2)).toBe('2028-03-01');
    expect(dayAfter('2026-01-01', -1)).toBe('2025-12-31');
  });
});
