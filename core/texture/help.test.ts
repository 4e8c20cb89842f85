/** Help with the ladle in the hand: the amounts bring the pot where they say. */

import { describe, expect, test } from '@jest/globals';
import { entriesOf } from '../bowl/entries.ts';
import { SHELF } from '../food/shelf.ts';
import { REGIMES } from '../regime/regime.ts';
import { bowlOf, line, soup, step } from '../test/soup.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { blendedShare } from './blended.ts';
import { BODY_WORDS, relativeThickness } from './body.ts';
import { type BodyHelp, bodyHelp, splashMl } from './help.ts';

const blend = step('b', { stage: 'blend', method: 'blend', text: 'Blend.' });
const helpFor = (recipe: Recipe): BodyHelp => bodyHelp(entriesOf(recipe, REGIMES.us, SHELF), bowlOf(recipe).potMl, blendedShare(recipe));
const potatoes = (water: number, steps = [blend]) =>
  soup([line('potato', 'potato', 480), line('leek', 'leek', 200), line('water', 'water', water)], { steps });
const rank = (word: string) => BODY_WORDS.findIndex(([, one]) => one === word);

describe('thinning and holding back', () => {
  test('the water it names thins the pot one step', () => {
    const help = helpFor(potatoes(1000));
    const thinned = bowlOf(potatoes(1000 + (help.thin?.ml ?? 0)));
    expect(thinned.body.word).toBe(help.thin?.word);
    expect(rank(thinned.body.word)).toBe(rank(help.word) - 1);
  });
  test('the water it holds back leaves it one step thicker', () => {
    const help = helpFor(potatoes(1300));
    expect(help.holdBack).not.toBeNull();
    const thicker = bowlOf(potatoes(1300 - (help.holdBack?.ml ?? 0)));
    expect(thicker.body.word).toBe(help.holdBack?.word);
    expect(rank(thicker.body.word)).toBe(rank(help.word) + 1);
  });
  test('a litre pot of cream takes 120 to 240 ml or so to thin (common practice, no source)', () => {
    const { thin } = helpFor(potatoes(700));
    expect(thin?.ml).toBeGreaterThan(100);
    expect(thin?.ml).toBeLessThan(700);
  });
  test('a broth cannot be thinned, and nothing is thicker than what stands on the spoon', () => {
    expect(helpFor(soup([line('water', 'water', 1000), line('leek', 'leek', 5)])).thin).toBeNull();
    expect(helpFor(soup([line('flour', 'flour-wheat', 200), line('water', 'water', 700)])).holdBack).toBeNull();
  });
});

describe('blending and chilling', () => {
  test('half blended is thinner than blended whole', () => {
    const help = helpFor(potatoes(1000));
    expect(help.halfBlended?.index).toBeLessThan(help.index);
    expect(help.halfBlended?.index).toBeCloseTo(bowlOf(potatoes(1000, [{ ...blend, text: 'Blend half.' }])).body.index, 9);
  });
  test('what is not blended cannot be half blended', () => {
    expect(helpFor(potatoes(1000, [step('s', { method: 'simmer' })])).halfBlended).toBeNull();
  });
  test('chilled is thicker than hot for a starch-thickened soup, and no different for a broth', () => {
    const starch = helpFor(soup([line('flour', 'flour-wheat', 40), line('butter', 'butter-unsalted', 40), line('broth', 'chicken-broth', 900)]));
    expect(starch.chilled.index).toBeGreaterThan(starch.index);
    // A third or so when it is starch alone that gives the body (estimate): a cup poured hot stands a spoon from the refrigerator.
    const slurry = helpFor(soup([line('flour', 'flour-wheat', 40), line('broth', 'chicken-broth', 900)]));
    expect(slurry.chilled.index / slurry.index).toBeGreaterThan(1.2);
    expect(slurry.chilled.index / slurry.index).toBeLessThan(1.4);
    const clear = helpFor(soup([line('water', 'water', 900), line('spinach', 'spinach', 100)]));
    expect(clear.chilled.index).toBeCloseTo(clear.index, 9);
  });
});

test('relative thickness rises with the index and stays finite at the packing', () => {
  expect(relativeThickness(0)).toBe(1);
  expect(relativeThickness(0.5)).toBeGreaterThan(relativeThickness(0.3));
  expect(Number.isFinite(relativeThickness(0.95))).toBe(true);
});

describe('with the ladle, by the figures', () => {
  const help = (index: number, potMl = 1000): BodyHelp => {
    // A pot of one food that dissolves, so that its body is known to the millilitre.
    const food = { ...SHELF.food('cornstarch'), per100g: { starchG: 100 }, starchKind: 'maize' } as Food;
    const stay = { nutrients: new Float64Array(), errors: new Float64Array(), grams: 1 };
    return bodyHelp([{ line: line('starch', 'cornstarch', (index * potMl) / 12), food, stay, figures: null }], potMl, 1);
  };
  test('thinned, it is well inside the word below: a cream of 0.40 in a litre becomes light cream at 0.32', () => {
    expect(help(0.4).thin).toEqual({ ml: 250, word: 'light cream' });
  });
  test('a splash is a twentieth of the pot, in tens of a millilitre, and never a whole step', () => {
    expect(splashMl(4580)).toBe(230);
    expect(splashMl(1000)).toBeLessThan(help(0.4).thin?.ml ?? 0);
  });
  test('a thin one becomes a broth at nine hundredths', () => {
    expect(help(0.2).thin).toEqual({ ml: Math.ceil((1000 * (0.2 / 0.09 - 1)) / 10) * 10, word: 'broth' });
  });
  test('held back, it is just inside the word above: 0.40 becomes thick past 0.50', () => {
    expect(help(0.4).holdBack).toEqual({ ml: Math.ceil((1000 * (1 - 0.4 / 0.51)) / 10) * 10, word: 'thick' });
  });
  test('no more than four tenths of a pot are held back', () => {
    expect(help(0.139).holdBack).toEqual({ ml: 400, word: 'light cream' });
    expect(help(0.137).holdBack).toBeNull();
  });
  test('what stands on the spoon is thickened no further', () => {
    expect(help(0.7).holdBack).toBeNull();
    expect(help(0.7).thin?.word).toBe('thick');
  });
  test('chilled, starch counts three tenths more', () => {
    expect(help(0.4).chilled).toEqual({ index: expect.closeTo(0.52, 9), word: 'thick' });
  });
  test('what dissolves is as thick half blended, and is not offered', () => {
    expect(help(0.4).halfBlended).toBeNull();
  });
});
