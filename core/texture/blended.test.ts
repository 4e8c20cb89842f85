/** Shares as a cook reads them aloud (common practice, no source). */
import { describe, expect, test } from '@jest/globals';
import { soup, step } from '../test/soup.ts';
import { blendedShare, shareSaid } from './blended.ts';

describe('how much is blended', () => {
  const blends = (...texts: string[]) => soup([], { steps: texts.map((text, at) => step(`b${at}`, { stage: 'blend', method: 'blend', text })) });
  test.each([
    ['Blend until smooth.', 1],
    ['Blend half of it.', 0.5],
    ['Blend two thirds.', 0.67],
    ['Blend two-thirds of the pot.', 0.67],
    ['Blend 2/3.', 0.67],
    ['Blend a third.', 0.33],
    ['Blend one third.', 0.33],
    ['Blend one-third.', 0.33],
    ['Blend 1/3 of it.', 0.33],
  ])('%p', (text, share) => {
    expect(blendedShare(blends(text))).toBe(share);
  });
  test.each([
    ['Ladle half of the soup into a blender. Blend and return it to the pot.', 0.5],
    ['Blend half the soup until smooth.', 0.5],
    ['Puree three quarters of it.', 0.75],
    ['Puree most of the soup.', 0.75],
    ['Blend 2 cups of the soup and return it.', 0.33],
    ['Mash some of the potatoes against the side.', 0.33],
    ['Set aside a third of the vegetables and blend the rest.', 0.67],
    ['Puree about half of the soup.', 0.5],
    ['Blend roughly two thirds of it.', 0.67],
    ['Puree one can of the beans with a cup of the broth.', 0.33],
  ])('a part: %p', (text, share) => {
    expect(shareSaid(text)).toBe(share);
  });
  test.each([
    ['Blend until smooth. Stir in the half-and-half.'],
    ['Blend in batches, the jug no more than half full.'],
    ['Blend for half a minute.'],
    ['Fill the jug about half and blend until smooth.'],
    ['Blend with half the cream until smooth.'],
    ['Blend all of it, then stir in half of the cheese.'],
    ['Puree until smooth. Ladle a third of a cup of cream over.'],
  ])('all of it: %p', (text) => {
    expect(shareSaid(text)).toBe(1);
  });
  test('of two blendings the larger counts; a recipe without steps is pureed, one without a blender is not', () => {
    expect(blendedShare(blends('Blend a third.', 'Blend half.'))).toBe(0.5);
    expect(blendedShare(soup([]))).toBe(1);
    expect(blendedShare(soup([], { steps: [step('s', { method: 'simmer' })] }))).toBe(0);
  });
});
