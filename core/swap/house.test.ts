/**
 * Plans as a cook and a dietitian would have them: changes with reasons, choices that differ, what is dear kept, limits not stopped at, and
 * what is said beside. Soups and judgements: common practice, no source.
 */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { SOUPS } from '../test/method/cases.ts';
import { adapt } from './adapt.ts';
import { dearLines } from './fit.ts';
import type { Needs } from './needs.ts';
import type { Plan } from './plan.ts';
import { sayNeeds } from './sayNeeds.ts';
import { entersAfterBlending, isPieceOnTop, isSmooth } from './smooth.ts';
import { tallyOf } from './tally.ts';
import { judgeNeeds } from './verdict.ts';

const read = (soup: keyof typeof SOUPS) => readRecipe(SOUPS[soup], { measures: 'auto' }, SHELF).recipe;
const plansFor = (soup: keyof typeof SOUPS, needs: Needs, plans = 5): Plan[] =>
  adapt({ recipe: read(soup), needs, plans }, SHELF, { now: () => 0 }).plans;
const most = (nutrient: 'sodiumMg' | 'saturatedFatG' | 'potassiumMg' | 'fatG', max: number): Needs => ({
  limits: [{ nutrient, per: 'serving', max }],
});
const brought = (plan: Plan): string[] => plan.changes.flatMap(({ to }) => to.map(({ foodId }) => foodId));
const gone = (plan: Plan): string[] =>
  plan.changes.flatMap(({ from, to }) => (from && to.every(({ foodId }) => foodId !== from.foodId) ? [from.foodId] : []));
const said = (plan: Plan | undefined): string => (plan?.says ?? []).map(({ message }) => message).join(' ');

describe('every change has a reason', () => {
  test('no pinch of garlic is taken out for sodium', () => {
    for (const plan of plansFor('mushroom', most('sodiumMg', 400))) expect(gone(plan)).not.toContain('garlic');
  });
  test('a soup that meets what is asked is left as it is', () => {
    expect(plansFor('leek', most('fatG', 100)).map(({ changes }) => changes)).toEqual([[]]);
  });
  test('nothing is taken out of one line and brought in for another', () => {
    for (const plan of plansFor('chowder', { limits: [...(most('potassiumMg', 300).limits ?? []), ...(most('sodiumMg', 400).limits ?? [])] }))
      expect(gone(plan).filter((id) => brought(plan).includes(id))).toEqual([]);
  });
});

describe('plans to choose from', () => {
  const plans = plansFor('leek', { diets: ['vegan'] });
  test('no two bring the same foods, and what a table could not tell apart is named beside', () => {
    const pots = plans.map((plan) => brought(plan).sort().join());
    expect(new Set(pots).size).toBe(pots.length);
    expect(plans[0]?.changes.flatMap(({ alternatives = [] }) => alternatives)).toContain('Olive oil');
  });
  test('of one main change no more than two are shown', () => {
    const stead = plans.map((plan) => plan.changes.find(({ from }) => from?.foodId === 'cream-double')?.to[0]?.foodId ?? '');
    for (const food of new Set(stead)) expect(stead.filter((one) => one === food).length).toBeLessThanOrEqual(2);
  });
  test('nothing far off is offered beside a change of a spoon of oil', () => {
    const [first, ...rest] = plansFor('lentil', most('fatG', 4.2));
    for (const plan of rest) expect(plan.distance).toBeLessThanOrEqual(4 * (first?.distance ?? 0) + 2);
  });
});

describe('what a soup is called after', () => {
  test.each([
    ['mushroom', ['mushrooms']],
    ['chowder', ['ifct-R001', 'potato']],
    ['cheese', ['broccoli', 'cheddar']],
    ['lentil', ['carrot', 'lentils-red-dry']],
  ] as const)('%s is dear', (soup, foods) => {
    const recipe = read(soup);
    const dear = dearLines(recipe, SHELF);
    expect(
      recipe.lines
        .filter(({ id }) => dear.has(id))
        .map(({ foodId }) => foodId)
        .sort(),
    ).toEqual([...foods].sort());
  });
  test('is given up last, and then it is another soup', () => {
    const [plan] = plansFor('cheese', { allergens: ['milk'] });
    expect(said(plan)).toMatch(/This is another soup: it has lost its cheddar/);
    expect(said(plansFor('cheese', most('sodiumMg', 600))[0])).not.toMatch(/another soup/);
  });
});

describe('a plan does not stop at its limit', () => {
  test.each([
    ['leek', most('sodiumMg', 400)],
    ['mushroom', most('saturatedFatG', 5)],
    ['cheese', most('sodiumMg', 500)],
  ] as const)('%s', (soup, needs) => {
    const [verdict] = plansFor(soup, needs)[0]?.meets ?? [];
    expect(verdict?.state === 'meets' || (verdict?.chance ?? 0) >= 0.75).toBe(true);
  });
});

describe('what a colleague would say', () => {
  test('what to tell the table', () => {
    const vegan = plansFor('leek', { diets: ['vegan'] });
    const oats = vegan.find((plan) => brought(plan).includes('oat-cream'));
    expect(said(oats)).toMatch(/Tell the table: there are oats in it/);
    const beans = vegan.find((plan) => brought(plan).includes('white-beans-canned-drained'));
    if (beans) expect(said(beans)).toMatch(/there are pulses in it/);
  });
  test('the salt that went with the stock, and what the limit leaves', () => {
    const [plan] = plansFor('leek', most('sodiumMg', 400));
    const season = plan?.says?.find(({ kind }) => kind === 'season');
    expect(season?.message).toMatch(/^Its salt falls from [\d.]+ to [\d.]+ %: [\d.]+ g of salt would season it as before, the limit leaves/);
    const { sodiumMg } = (plan as Plan).analysis.perServing;
    expect(sodiumMg.value + ((season?.grams ?? 0) * 393) / 6).toBeLessThanOrEqual(401);
  });
  test('smooth is no level of a texture framework', () => {
    expect(said(plansFor('cheese', { smooth: true })[0])).toMatch(/no level of a texture framework/);
  });
});

describe('smooth, by the structure of the method', () => {
  test('a chowder half blended with clams stirred in is not', () => {
    const recipe = read('chowder');
    expect(isSmooth(recipe, SHELF)).toBe(false);
    const late = recipe.lines.filter(
      (line) => entersAfterBlending(line, recipe, SHELF) && isPieceOnTop(line, SHELF.food(line.foodId ?? '')?.category, recipe.steps),
    );
    expect(late.map(({ foodId }) => foodId)).toEqual(['bacon-raw', 'ifct-R001', 'crackers']);
  });
  test('is made by blending in what goes in late, leaving out what is on top, and keeps every other sentence', () => {
    const [plan] = plansFor('chowder', { smooth: true });
    expect(isSmooth((plan as Plan).recipe, SHELF)).toBe(true);
    const text = plan?.recipe.steps.map((step) => step.text).join(' ') ?? '';
    expect(text).toMatch(/Return the bacon to the pot before blending/);
    expect(text).toMatch(/Blend all of it until smooth, then sieve\. Stir in the half-and-half and warm through\./);
    expect(text).not.toMatch(/crackers/);
  });
  test('what the soup is called after is blended in and not left out', () => {
    for (const plan of plansFor('chicken', { smooth: true })) expect(gone(plan)).not.toContain('chicken-breast-raw');
  });
});

test('twenty mushrooms to avoid are one need in the count', () => {
  const recipe = read('mushroom');
  const { needs } = sayNeeds('no mushrooms, vegan', {}, SHELF);
  const analysis = analyse(recipe, needs, SHELF);
  const verdicts = judgeNeeds(needs, { recipe, analysis, original: { recipe, analysis }, shelf: SHELF });
  expect(verdicts.length).toBeGreaterThan(15);
  expect(tallyOf(verdicts)).toMatchObject({ asked: 2, broken: 2 });
});
