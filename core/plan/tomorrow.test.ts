import { expect, test } from '@jest/globals';
import { tomorrowOf } from './tomorrow.ts';

test('a soup that sets by a tenth takes a tenth of its portion in liquid again', () => {
  expect(tomorrowOf({ index: 0.4, chilled: { index: 0.44, word: 'cream' } }, 300)).toEqual({ mlAPortion: 30, word: 'cream' });
});

test('a broth takes none', () => {
  expect(tomorrowOf({ index: 0, chilled: { index: 0, word: 'broth' } }, 300).mlAPortion).toBe(0);
  expect(tomorrowOf({ index: 0.3, chilled: { index: 0.3, word: 'light cream' } }, 300).mlAPortion).toBe(0);
});
