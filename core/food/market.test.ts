/** Where a kitchen buys decides which row is the food on its board. */
import { expect, test } from '@jest/globals';
import { readRecipe } from '../reading/read.ts';
import { REGIME_IDS } from '../regime/regime.ts';
import { Z95 } from '../statistics/normal.ts';
import { TABLE_PAIRS } from './data/pairs.ts';
import { MARKET_ROWS, MARKETS, type Market, marketOf } from './market.ts';
import { SHELF, shelfWith } from './shelf.ts';

const shelfIn = (market: Market) => shelfWith(SHELF, { own: [], pins: [], day: '2026-01-01', market });
const firstLine = (text: string, market: Market) =>
  readRecipe(`A soup\nServes 4\n\n${text}\n500 g carrots\n`, { measures: 'metric' }, shelfIn(market)).recipe.lines[0];

test.each<[text: string, market: Market, foodId: string]>([
  ['50 g butter', 'us', 'butter-salted'],
  ['50 g butter', 'uk', 'butter-salted'],
  ['50 g butter', 'eu', 'butter-unsalted'],
  ['50 g salted butter', 'eu', 'butter-salted'],
  ['40 g flour', 'us', 'flour-wheat'],
  ['40 g flour', 'ca', 'flour-wheat'],
  ['40 g plain flour', 'uk', 'flour-wheat-uk'],
  ['40 g plain flour', 'anz', 'flour-wheat-unenriched'],
  ['40 g rice flour', 'uk', 'rice-flour'],
  ['200 ml cream', 'us', 'cream-heavy'],
  ['200 ml cream', 'eu', 'cream-whipping-light'],
  ['200 ml fresh cream', 'in', 'cream-light'],
  ['200 ml double cream', 'eu', 'cream-double'],
])("'%s' bought in %s is %s", (text, market, foodId) => {
  expect(firstLine(text, market)?.foodId).toBe(foodId);
});

test('bare cream stays a question everywhere', () => {
  for (const market of MARKETS) {
    const { doubts } = readRecipe('A soup\nServes 4\n\n200 ml cream\n500 g carrots\n', { measures: 'metric' }, shelfIn(market));
    expect([market, doubts.some(({ code }) => code === 'food.ambiguous')]).toEqual([market, true]);
  }
});

test('in India the measured table comes first, and the recalled figure stays beside it', () => {
  // Indian Food Composition Tables 2017, G011 and D075 (the package of the npm registry): garlic, tomato.
  for (const { id, open } of TABLE_PAIRS) {
    const food = shelfIn('in').food(id);
    const measured = SHELF.food(`ifct-${open}`);
    expect([id, food?.source.kind, food?.per100g.potassiumMg]).toEqual([id, 'measured', measured?.per100g.potassiumMg]);
    expect(food?.other?.source.kind).toBe('recalled');
  }
  expect(shelfIn('in').food('carrot')?.name).toBe(SHELF.food('carrot')?.name);
  expect(shelfIn('uk').food('carrot')).toBe(SHELF.food('carrot'));
});

test('an egg is as heavy as it is sold', () => {
  const grams = (market: Market) => firstLine('2 eggs', market)?.grams?.best ?? 0;
  expect(grams('us')).toBe(100);
  expect(grams('in')).toBeLessThan(grams('us'));
  expect(grams('uk')).toBeGreaterThan(grams('in'));
});

test('a house that has not said buys where its regime is', () => {
  for (const regime of REGIME_IDS) expect(MARKET_ROWS[marketOf({ regime })]).toBeDefined();
  expect(marketOf({ regime: 'eu' })).toBe('eu');
  expect(marketOf({ regime: 'eu', market: 'in' })).toBe('in');
});

test('every word of a market means a food of the shelf', () => {
  for (const market of MARKETS)
    for (const [word, foodId] of Object.entries(MARKET_ROWS[market].means))
      expect([market, word, SHELF.food(foodId)?.id]).toEqual([market, word, foodId]);
});

test('milk holds the vitamin D of its market: fortified in North America, next to none where dairies may leave it out', () => {
  // 21 CFR 131.110 and D.01.009 of the Canadian regulations fortify; UK McCance and Widdowson gives a trace. From memory.
  for (const market of MARKETS) {
    const { per100g, spread } = shelfIn(market).food('milk-reduced-fat') ?? {};
    const vitaminD = per100g?.vitaminDUg ?? Number.NaN;
    expect([market, vitaminD > 0.5]).toEqual([market, market === 'us' || market === 'ca']);
    const [, above] = spread?.vitaminDUg ?? [0, 0];
    expect([market, vitaminD + above * Z95]).toEqual([market, expect.closeTo(1.4, 6)]);
  }
});
