/** What is done to flesh, told of what stands in its place: common practice, no source. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import type { Line } from '../vocabulary/recipe.ts';
import type { Exchange } from './entry.ts';
import { withoutFlesh } from './flesh.ts';

const line = (id: string, foodId: string): Line => ({ id, stage: 'simmer', text: foodId, foodId, grams: null });
const exchange = (from: string, ...to: string[]): Exchange => ({
  line: line('old', from),
  lines: to.map((foodId, at) => line(`new-${at}`, foodId)),
  works: [],
});
const TOFU = exchange('chicken-thigh-raw', 'tofu-firm');
const CHICKPEAS = exchange('chicken-thigh-raw', 'chickpeas-canned-drained');
const CHICKEN = exchange('smoked-haddock', 'chicken-breast-raw');
const told = (text: string, by: Exchange, names: string, alone = true) => withoutFlesh(text, by, names, alone, SHELF);

describe('tofu where chicken was', () => {
  test.each([
    ['Lift out the tofu, shred it with two forks and set aside.', 'Lift out the tofu, crumble it and set aside.'],
    ['Remove the tofu and shred.', 'Remove the tofu and crumble.'],
    ['Take out the tofu, discard the skin, and pull the meat apart with forks.', 'Take out the tofu and crumble it.'],
    ['Remove the tofu, flake the meat off the bones and discard the bones and skin.', 'Remove the tofu and crumble it.'],
    ['Simmer for 20 minutes until the tofu is cooked through.', 'Simmer for 20 minutes.'],
    ['Simmer for 25 minutes until the juices of the tofu run clear.', 'Simmer for 25 minutes.'],
    ['Brown the tofu, breaking it up.', 'Brown the tofu.'],
    ['Simmer for 25 minutes, until the tofu reaches 165°F.', 'Simmer for 25 minutes.'],
    ['Shred the tofu and return it to the pot.', 'Crumble the tofu and return it to the pot.'],
  ])('%s', (written, read) => {
    expect(told(written, TOFU, 'the tofu')).toBe(read);
  });

  test('a pan that is pulled off the heat is no meat that is pulled apart', () => {
    const text = 'Add the tofu, pull the pan off the heat and stir.';
    expect(told(text, TOFU, 'the tofu')).toBe(text);
  });

  test('the meat of another line keeps its name and its bones', () => {
    expect(told('Add the tofu and pull the meat apart.', TOFU, 'the tofu', false)).toContain('pull the meat apart');
  });
});

test('what stays in the same step is still cooked through, skinned and boned', () => {
  const text = 'Add the tofu and the chicken and simmer until it is cooked through. Lift out the chicken, discard the skin and shred it.';
  expect(told(text, exchange('bacon-raw', 'tofu-firm'), 'the tofu', false)).toBe(text);
  const wait = 'Add the tofu and the chicken and cook until no longer pink.';
  expect(told(wait, exchange('bacon-raw', 'tofu-firm'), 'the tofu', false)).toBe(wait);
});

test('raw prawns in the place of fish are cooked until they are opaque', () => {
  const text = 'Add the prawns and simmer until they are opaque.';
  expect(told(text, exchange('cod-raw', 'prawns-raw'), 'the prawns')).toBe(text);
});

test('chickpeas are not peeled, tofu does not flake, and chicken that takes the place of fish is cooked through', () => {
  const prawns = exchange('prawns-raw', 'chickpeas-canned-drained');
  expect(told('Peel and devein the chickpeas. Sear the chickpeas 1 minute a side.', prawns, 'the chickpeas')).toBe(
    'Sear the chickpeas 1 minute a side.',
  );
  const tofu = exchange('smoked-haddock', 'tofu-firm');
  expect(told('Simmer until the potatoes give and the tofu flakes easily.', tofu, 'the tofu')).toBe('Simmer until the potatoes give.');
  expect(told('Simmer until the potatoes give and the chicken flakes.', CHICKEN, 'the chicken')).toBe(
    'Simmer until the potatoes give and the chicken is cooked through.',
  );
});

test('pulses are small already: they are lifted out and not taken apart', () => {
  expect(told('Lift out the chickpeas, shred them and set aside.', CHICKPEAS, 'the chickpeas')).toBe('Lift out the chickpeas and set aside.');
});

test('chicken in the place of fish is shredded, has no bones to feel for, and is cooked through as before', () => {
  expect(told('Lift out, skin, bone and flake the chicken. Simmer until it is cooked through.', CHICKEN, 'the chicken')).toBe(
    'Lift out and shred the chicken. Simmer until it is cooked through.',
  );
});

test('another cut of the same flesh is done as the old one was', () => {
  const text = 'Lift out the chicken, discard the skin and shred it.';
  expect(told(text, exchange('chicken-thigh-raw', 'chicken-breast-raw'), 'the chicken')).toBe(text);
});
