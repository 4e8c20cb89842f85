/** One change of a plan refused, or taken alone. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { SOUPS } from '../test/method/cases.ts';
import { adapt } from './adapt.ts';
import type { Needs } from './needs.ts';
import { needsWithout, onlyChange } from './oneChange.ts';

const { recipe } = readRecipe(SOUPS.leek, { measures: 'auto' }, SHELF);
const needs: Needs = { diets: ['vegan'] };
const plansFor = (asked: Needs) => adapt({ recipe, needs: asked, plans: 3 }, SHELF, { now: () => 0 }).plans;
const [plan] = plansFor(needs);
const cream = plan?.changes.find(({ from }) => from?.foodId === 'cream-double');

describe('not this one', () => {
  test('its food does not come again', () => {
    const refused = cream?.to[0]?.foodId as string;
    const asked = needsWithout(cream as NonNullable<typeof cream>, needs, SHELF);
    expect(asked).toEqual({ diets: ['vegan'], avoidFoods: [refused] });
    for (const other of plansFor(asked)) expect(other.recipe.lines.map(({ foodId }) => foodId)).not.toContain(refused);
  });
  test('less of a line, refused, is the line kept', () => {
    const [less] = plansFor({ limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 600 }] });
    const change = less?.changes.find(({ from, to }) => to.every(({ foodId }) => foodId === from?.foodId));
    if (change?.lineId) expect(needsWithout(change, {}, SHELF)).toEqual({ keepLines: [change.lineId] });
  });
});

describe('only this one', () => {
  test('every other line stands as it was, and the method orders what is there', () => {
    const soup = onlyChange(plan as NonNullable<typeof plan>, cream as NonNullable<typeof cream>, recipe, SHELF);
    const others = recipe.lines.filter(({ foodId }) => foodId !== 'cream-double');
    expect(others.every(({ id, foodId }) => soup.lines.some((line) => line.id === id && line.foodId === foodId))).toBe(true);
    expect(soup.lines).toHaveLength(recipe.lines.length - 1 + (cream?.to.length ?? 0));
    const text = soup.steps.map((step) => step.text).join(' ');
    expect(text).toMatch(/Melt the butter and sweat the leeks/);
    expect(text).not.toMatch(/Stir in the cream/);
  });
});
