/** The serving sheet: figures of the analysis to the digit, claims answered by the regime's rule, a meal made of a bowl. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { REGIME_IDS, REGIMES, type RegimeId } from '../regime/regime.ts';
import type { Needs } from '../swap/needs.ts';
import { line, soup } from '../test/soup.ts';
import { NUTRIENTS } from '../vocabulary/nutrient.ts';
import { CLAIM_WORDS } from './data/claimWords.ts';
import { SIDES } from './data/sides.ts';
import { sheetOf } from './sheet.ts';
import { withAndWithout } from './textClaims.ts';

const BEAN = `Broccoli and white bean soup
Serves 4

30 g butter
1 onion
600 g broccoli
240 g white beans, canned, drained
1 litre water
5 g salt
20 g sunflower seeds, to scatter

Sweat the onion in the butter 8 minutes. Add the broccoli, beans, salt and water, simmer 15 minutes. Blend. Scatter the seeds.`;
const bean = () => readRecipe(BEAN, { measures: 'metric' }, SHELF).recipe;
const sheet = (needs: Needs = {}, regime: RegimeId = 'us', recipe = bean()) => sheetOf({ recipe, needs, regime }, SHELF);
const claiming = (...claims: string[]) => ({ ...bean(), claims });
const answer = (words: string, regime: RegimeId = 'us') => sheet({}, regime, claiming(words)).textClaims[0];

describe.each(REGIME_IDS)('figures under %s rules', (regime) => {
  const own = sheet({}, regime);
  const analysis = analyse(bean(), { regime }, SHELF);
  test('are those of the analysis to the digit', () => {
    for (const { nutrient, perServing, per100g } of own.figures) {
      const { value, low, high, atLeast } = analysis.perServing[nutrient];
      expect([nutrient, perServing]).toEqual([nutrient, expect.objectContaining({ value, low, high, atLeast })]);
      expect([nutrient, per100g.value]).toEqual([nutrient, analysis.per100g[nutrient].value]);
    }
  });
  test('that the regime declares are worded as its label words them', () => {
    const lines = analysis.declared[REGIMES[regime].label.key] ?? {};
    for (const [nutrient, line] of Object.entries(lines)) {
      const row = own.figures.find((one) => one.nutrient === nutrient);
      const basis = regime === 'eu' || regime === 'uk' ? row?.per100g : row?.perServing;
      expect([nutrient, basis?.text]).toEqual([nutrient, line.text]);
      expect([nutrient, row?.declared]).toEqual([nutrient, true]);
    }
  });
  test('what the label of this soup does not bear is not called declared', () => {
    const borne = Object.keys(analysis.declared[REGIMES[regime].label.key] ?? {});
    expect(
      own.figures
        .filter(({ declared }) => declared)
        .map(({ nutrient }) => nutrient)
        .sort(),
    ).toEqual(borne.sort());
  });
  test('one row a nutrient, and no share of a lower bound', () => {
    expect(new Set(own.figures.map(({ nutrient }) => nutrient)).size).toBe(own.figures.length);
    for (const { perServing, percentDaily } of own.figures) if (perServing.atLeast) expect(percentDaily).toBeUndefined();
  });
  test('the energy is shared out whole', () => {
    expect(Object.values(own.energyShares).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9);
    const { proteinG } = analysis.perServing;
    const factor = new Map(REGIMES[regime].energy.kcal).get('proteinG') ?? 0;
    expect(own.energyShares.protein).toBeCloseTo((proteinG.value * factor) / analysis.perServing.energyKcal.value, 6);
  });
  test('its own words stand beside them and no other regime’s', () => {
    const mandatory = REGIMES[regime].label.mandatory ?? [];
    expect(own.words).toEqual(expect.arrayContaining([...mandatory]));
    for (const other of REGIME_IDS)
      for (const words of REGIMES[other].label.mandatory ?? []) if (!mandatory.includes(words)) expect(own.words).not.toContain(words);
  });
});

test('vitamin A of an EU sheet is in retinol equivalents on both sides, whatever its label declares', () => {
  // Regulation 1169/2011 Annex XIII counts retinol equivalents, beta-carotene / 6; USDA counts / 12 (from memory).
  const carrots = soup([line('l1', 'carrot', 60), line('l2', 'water', 1000)]);
  const row = sheet({}, 'eu', carrots).figures.find(({ nutrient }) => nutrient === 'vitaminARaeUg');
  const { perServing, per100g } = analyse(carrots, { regime: 'eu' }, SHELF);
  expect(row).toMatchObject({ label: 'Vitamin A (retinol equivalents)', countedOtherwise: true, declared: false });
  for (const [text, { betaCaroteneUg, vitaminARaeUg }] of [
    [row?.perServing.text, perServing],
    [row?.per100g.text, per100g],
  ] as const)
    expect(Number.parseFloat((text ?? '').replace('at least ', '')) / (vitaminARaeUg.value + betaCaroteneUg.value / 12)).toBeCloseTo(1, 2);
});

describe('ingredients', () => {
  test('stand in descending weight, the pot before what is scattered on the bowl', () => {
    const { ingredients } = sheet();
    const pot = ingredients.filter(({ where }) => where === undefined).map(({ grams }) => grams ?? -1);
    expect(pot).toEqual([...pot].sort((a, b) => b - a));
    expect(ingredients[0]?.text).toBe('Water');
    expect(ingredients.at(-1)).toMatchObject({ text: expect.stringMatching(/sunflower/i), where: 'bowl' });
  });
  test('name the allergens that the regime declares, and what some makes hold apart', () => {
    const bread = soup([line('l1', 'carrot', 400), line('l2', 'water', 800), line('l3', 'bread-white', 60, { stage: 'bowl' })]);
    const row = sheet({}, 'eu', bread).ingredients.find(({ text }) => /White bread/.test(text));
    expect(row?.allergens).toEqual(expect.arrayContaining(['wheat', 'gluten']));
    expect(row?.allergens).not.toContain('milk');
    expect(row?.checks).toContain('milk');
  });
  test('of one food on two lines are one', () => {
    const two = soup([line('l1', 'carrot', 400), line('l2', 'carrot', 100), line('l3', 'water', 800)]);
    expect(sheet({}, 'us', two).ingredients.filter(({ text }) => text === 'Carrot')).toEqual([expect.objectContaining({ grams: 500 })]);
  });
  test('a composite is opened as far as it is known', () => {
    const miso = soup([line('l1', 'carrot', 400), line('l2', 'miso', 30), line('l3', 'water', 800)]);
    expect(sheet({}, 'us', miso).ingredients.find(({ text }) => text === 'Miso')?.usual).toMatch(/soya beans/);
  });
  test('what is taken out says so', () => {
    const bay = soup([line('l1', 'carrot', 400), line('l2', 'bay-leaf', 1, { eaten: 'removed' }), line('l3', 'water', 800)]);
    expect(sheet({}, 'us', bay).ingredients.find(({ text }) => /Bay/.test(text))?.text).toMatch(/taken out before serving/);
  });
});

describe('the text’s own claims', () => {
  test.each<[words: string, regime: RegimeId, answer: string]>([
    ['low sodium', 'us', 'no'],
    ['low sodium', 'eu', 'no'],
    ['high in protein', 'us', 'notSayable'],
    ['high in fibre', 'us', 'no'],
    ['a good source of fibre', 'us', 'yes'],
    ['low in sugar', 'eu', 'yes'],
    ['low in sugar', 'us', 'notSayable'],
    ['vegan', 'us', 'no'],
    ['vegetarian', 'us', 'cannotTell'],
    ['gluten-free', 'us', 'cannotTell'],
    ['keto', 'us', 'notSayable'],
    ['only 6 g of carbs', 'eu', 'notSayable'],
    ['heart-healthy', 'us', 'notSayable'],
    ['good for diabetics', 'eu', 'notSayable'],
    ['immune-boosting', 'uk', 'notSayable'],
    ['healthy', 'ca', 'notSayable'],
    ['suits every diet', 'anz', 'notSayable'],
    ['half the fat of cream', 'us', 'yes'],
    ['lower in fat than with double cream', 'us', 'yes'],
    ['lower in carbs than with double cream', 'us', 'no'],
    ['less salt than with double cream', 'us', 'no'],
    ['a soup for Tuesdays', 'us', 'cannotTell'],
  ])("'%s' under %s rules: %s", (words, regime, expected) => {
    expect(answer(words, regime)?.answer).toBe(expected);
  });
  test.each(['kidney beans make it filling', 'artichoke hearts', 'a hearty bowl'])("'%s' is food and no claim of health", (words) => {
    expect(answer(words)?.answer).not.toBe('notSayable');
  });
  test('a rule is named with its limit and its source', () => {
    expect(answer('low sodium')?.rule).toMatch(/limit 140.*21 CFR 101\.61/);
    expect(answer('low sodium', 'eu')?.rule).toMatch(/limit 120.*1924\/2006/);
  });
  test('a comparison names its reference and is worked out with it in the pot', () => {
    const { without, withIt } = withAndWithout(
      bean(),
      'cream-double',
      240 * (SHELF.food('cream-double')?.densityGPerMl ?? 1),
      { regime: 'us' },
      SHELF,
    );
    const less = Math.round(100 * (1 - without.perServing.fatG.value / withIt.perServing.fatG.value));
    expect(answer('lower in fat than with double cream')).toMatchObject({
      rule: expect.stringMatching(/the same pot with 240 ml double cream/),
      message: expect.stringContaining(`${less} % less`),
    });
  });
  test('never says safe, and no answer to words of illness holds a figure', () => {
    for (const words of ['safe for coeliacs', 'lowers cholesterol', 'anti-inflammatory', 'detox', 'kidney-friendly']) {
      const said = answer(words);
      expect([words, said?.answer, said?.figure]).toEqual([words, 'notSayable', undefined]);
      expect(said?.message).not.toMatch(/\bsafe\b|free from/i);
    }
  });
  test('every claim it knows of is one that some regime has', () => {
    const known = new Set(REGIME_IDS.flatMap((id) => REGIMES[id].claims.rules.map((rule) => rule.id)));
    for (const row of CLAIM_WORDS)
      if (row.kind === 'claim') expect([String(row.said), row.ids.some((id) => known.has(id))]).toEqual([String(row.said), true]);
  });
});

describe('does it make a meal', () => {
  test('vegetables and pulses in grams and portions of one bowl', () => {
    const { groups } = sheet().meal;
    const vegetables = groups.find(({ group }) => group === 'vegetables');
    const counted = bean().lines.filter(({ foodId }) => foodId === 'onion' || foodId === 'broccoli');
    expect(vegetables?.grams).toBeCloseTo(counted.reduce((sum, { grams }) => sum + (grams?.best ?? 0), 0) / 4, 6);
    expect(groups.find(({ group }) => group === 'pulses')).toMatchObject({ grams: 60, portions: 0.75 });
    expect(vegetables?.portions).toBeCloseTo((vegetables?.grams ?? 0) / 80, 9);
  });
  test('dry pulses count as they are when they are cooked, butter and cream as nothing', () => {
    const lentils = soup([line('l1', 'lentils-dry', 80), line('l2', 'butter-salted', 50), line('l3', 'cream-heavy', 100), line('l4', 'water', 800)]);
    const { groups } = sheet({}, 'us', { ...lentils, servings: 4 }).meal;
    expect(groups).toEqual([{ group: 'pulses', grams: 50, portions: 0.625, atLeast: false }]);
  });
  test('a thin soup lacks protein, and the sides bring it without breaking what was asked', () => {
    const { lacks, sides } = sheet({ allergens: ['milk', 'egg', 'fish'], diets: ['vegan'] }).meal;
    expect(lacks.map(({ nutrient }) => nutrient)).toContain('proteinG');
    expect(sides.length).toBeGreaterThan(0);
    for (const { foods } of sides)
      for (const { foodId } of foods)
        expect(SHELF.food(foodId)?.contains.map(({ allergen }) => allergen)).not.toEqual(expect.arrayContaining(['milk']));
  });
  test('the plate is bowl and side together', () => {
    const [first] = sheet().meal.sides;
    const own = analyse(bean(), { regime: 'us' }, SHELF).perServing.proteinG.value;
    const beside = (first?.foods ?? []).reduce((sum, { foodId, grams }) => sum + ((SHELF.food(foodId)?.per100g.proteinG ?? 0) * grams) / 100, 0);
    expect(first?.plate.proteinG).toBeCloseTo(own + beside, 6);
  });
  test('three sides at most, of different kinds', () => {
    const { sides } = sheet().meal;
    expect(sides.length).toBeLessThanOrEqual(3);
    expect(new Set(sides.map(({ foods }) => SHELF.food(foods[0]?.foodId ?? '')?.category)).size).toBe(sides.length);
  });
  test('every food of every side is on the shelf', () => {
    expect(SIDES.flatMap(({ foods }) => foods.filter(([id]) => !SHELF.food(id)).map(([id]) => id))).toEqual([]);
  });
  test('a bowl that makes a meal lacks nothing and is offered nothing', () => {
    const stew = soup([
      line('l1', 'chickpeas-cooked', 800),
      line('l2', 'olive-oil', 60),
      line('l3', 'chicken-breast-cooked', 300),
      line('l4', 'water', 400),
    ]);
    expect(sheet({}, 'us', { ...stew, servings: 3 }).meal).toMatchObject({ lacks: [], sides: [] });
  });
});

describe('what is not known', () => {
  test('vegetables nobody weighed are more than what is shown, and not none', () => {
    const some = soup([line('l1', 'carrot', 400), line('l2', 'leek', null), line('l3', 'chickpeas-cooked', null), line('l4', 'water', 800)]);
    expect(sheet({}, 'us', some).meal.groups).toEqual([
      { group: 'vegetables', grams: 100, portions: 1.25, atLeast: true },
      { group: 'pulses', grams: 0, portions: 0, atLeast: true },
    ]);
  });
  test('what a preparation holds is more than what is shown', () => {
    const pesto = { id: 'p', name: 'Green oil', steps: [], lines: [line('a', 'basil', 30), line('b', 'leek', 50), line('c', 'olive-oil', 80)] };
    const taken = { ...line('l2', null, 20), preparationId: 'p' };
    const own = sheet({}, 'us', soup([line('l1', 'carrot', 400), taken, line('l4', 'water', 800)], { preparations: [pesto] }));
    expect(own.meal.groups.find(({ group }) => group === 'vegetables')).toMatchObject({ grams: 100, atLeast: true });
  });
  test('a side beside a bowl that is not known brings at least its figures', () => {
    const open = { ...bean(), lines: [...bean().lines, line('x', null, null)] };
    expect(sheet({}, 'us', open).meal.sides.every(({ atLeast }) => atLeast)).toBe(true);
    expect(sheet().meal.sides.every(({ atLeast }) => atLeast)).toBe(false);
  });
  test('a line without a food makes the sheet unfinished, and every figure at least what is shown', () => {
    const open = { ...bean(), lines: [...bean().lines, { id: 'x', stage: 'simmer' as const, text: '2 tbsp zorbel', foodId: null, grams: null }] };
    const own = sheet({}, 'us', open);
    expect(own.incomplete).toEqual([{ code: 'food.unmatched', lineId: 'x', message: expect.stringContaining('zorbel') }]);
    expect(own.figures.every(({ perServing }) => perServing.atLeast)).toBe(true);
    expect(own.figures.every(({ perServing: { text } }) => /^(?:at least|not known)/.test(text))).toBe(true);
  });
  test('no claim is borne out by a soup that is not finished', () => {
    const recipe = claiming('a good source of fibre');
    const open = { ...recipe, lines: [...recipe.lines, line('x', null, null)] };
    expect(sheet({}, 'us', recipe).claims.some(({ supported }) => supported === 'yes')).toBe(true);
    const own = sheet({}, 'us', open);
    expect(own.claims.filter(({ supported }) => supported === 'yes')).toEqual([]);
    expect(own.textClaims[0]?.answer).toBe('cannotTell');
  });
  test('a finished sheet has nothing open', () => {
    expect(sheet().incomplete).toEqual([]);
  });
});

test('against the original it says what changed', () => {
  const recipe = bean();
  const lighter = { ...recipe, lines: recipe.lines.map((one) => (one.foodId === 'butter-salted' ? { ...one, foodId: 'olive-oil' } : one)) };
  const own = sheetOf({ recipe: lighter, original: recipe, regime: 'us' }, SHELF);
  expect(own.change?.lines).toEqual([expect.objectContaining({ kind: 'food' })]);
  expect(own.change?.allergens).toEqual([{ id: 'milk', before: 'contains', after: 'absent' }]);
  expect(sheet().change).toBeUndefined();
});

test('a figure that was asked about is on the sheet whatever the label declares', () => {
  expect(NUTRIENTS).toContain('oxalateMg');
  const own = sheet({ limits: [{ nutrient: 'oxalateMg', per: 'serving', max: 50 }] });
  expect(own.figures.some(({ nutrient }) => nutrient === 'oxalateMg')).toBe(true);
});
