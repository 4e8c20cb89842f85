import { expect, test } from '@jest/globals';
import { keysOf } from './keys.ts';

test('every screen has its keys, and the list of them everywhere', () => {
  for (const path of [
    '/soups',
    '/',
    '/read',
    '/soups/x/bench',
    '/soups/x/compare',
    '/soups/x/sheet',
    '/soups/x/print',
    '/foods/leek',
    '/larder',
    '/settings',
    '/preparations',
  ]) {
    const { screen, keys } = keysOf(path, 'plain');
    expect([path, screen]).not.toEqual([path, 'this screen']);
    expect(keys.map(({ key }) => key)).toContain('?');
  }
});

test('letters are told as the person has set them', () => {
  const told = (mode: 'plain' | 'alt' | 'off') => keysOf('/soups/x/bench', mode).keys.map(({ key }) => key);
  expect(told('plain')).toContain('w');
  expect(told('alt')).toContain('Alt + w');
  expect(told('off').some((key) => key.endsWith('w'))).toBe(false);
  expect(told('off')).toContain('Enter');
});
