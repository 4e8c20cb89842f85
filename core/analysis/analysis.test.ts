import { describe, expect, test } from '@jest/globals';
import { allergen, bowlOf, diet, line, soup, step } from '../test/soup.ts';
import { ALLERGENS, DIETS } from '../vocabulary/allergens.ts';
import { NUTRIENTS } from '../vocabulary/nutrient.ts';

const leek = soup([line('leek', 'leek', 300), line('stock', 'vegetable-broth', 800), line('cream', 'cream-heavy', 100)]);

describe('every analysis', () => {
  const analysis = bowlOf(leek);
  test('has every nutrient, allergen and diet, in their order', () => {
    expect(Object.keys(analysis.perServing)).toEqual([...NUTRIENTS]);
    expect(Object.keys(analysis.per100g)).toEqual([...NUTRIENTS]);
    expect(analysis.allergens.map(({ id }) => id)).toEqual([...ALLERGENS]);
    expect(analysis.diets.map(({ id }) => id)).toEqual([...DIETS]);
  });
  test('holds finite numbers that run low, value, high', () => {
    for (const { value, low, high } of Object.values(analysis.perServing)) expect(low <= value && value <= high && Number.isFinite(high)).toBe(true);
  });
  test('has a batch that is the bowl times the bowls, and per 100 g that is the bowl by its weight', () => {
    expect(analysis.batch.fatG.value).toBeCloseTo(analysis.perServing.fatG.value * 4, 9);
    expect(analysis.per100g.fatG.value).toBeCloseTo((analysis.perServing.fatG.value / analysis.servingGrams) * 100, 9);
    expect(analysis.batchGrams).toBeCloseTo(analysis.servingGrams * 4, 9);
  });
  test('survives JSON unchanged', () => {
    expect(JSON.parse(JSON.stringify(analysis))).toEqual(analysis);
  });
});

describe('a line with no food', () => {
  const analysis = bowlOf(soup([...leek.lines, line('mystery', null, 100, { text: '100 g seaweed flakes' })]));
  test('makes every allergen and diet a check or worse, by its own words', () => {
    for (const one of analysis.allergens) expect([one.id, one.state === 'check' || one.state === 'contains']).toEqual([one.id, true]);
    for (const one of analysis.diets) expect([one.id, one.state === 'fits']).toEqual([one.id, false]);
    expect(allergen(analysis, 'peanut').because).toEqual([{ lineId: 'mystery', path: ['100 g seaweed flakes'], state: 'check' }]);
  });
  test('makes every figure at least, and names the line', () => {
    for (const key of NUTRIENTS) expect(analysis.perServing[key].missing).toContainEqual({ lineId: 'mystery', foodId: null });
  });
  test('is a danger, weighs in the pot, and no count of changes can be named', () => {
    expect(analysis.notes[0]).toMatchObject({ code: 'food.unmatched', severity: 'danger', lineIds: ['mystery'] });
    expect(analysis.potGrams).toBeCloseTo(1300, 6);
    expect(allergen(analysis, 'peanut').fewestChanges.bowl).toEqual({ count: null, lineIds: ['mystery'] });
    expect(analysis.provenance.unknownGramsShare).toBeCloseTo(100 / 1300, 9);
  });
});

test('a line with no amount is no mass and leaves every nutrient at least, but counts for allergens', () => {
  const analysis = bowlOf(soup([...leek.lines, line('butter', 'butter-salted', null)]));
  expect(analysis.potGrams).toBeCloseTo(1200, 6);
  expect(analysis.perServing.waterG.atLeast).toBe(true);
  expect(allergen(analysis, 'milk').because.map(({ lineId }) => lineId)).toContain('butter');
});

describe('what is eaten of a line', () => {
  test('a strained ham bone still breaks vegan and pork, and leaves salt in the pot but no weight', () => {
    const analysis = bowlOf(soup([...leek.lines, line('bone', 'ham-hock', 400, { eaten: 'strained' })]));
    expect(diet(analysis, 'vegan').state).toBe('breaks');
    expect(diet(analysis, 'noPork').state).toBe('breaks');
    expect(analysis.potGrams).toBeCloseTo(1200, 6);
    expect(analysis.perServing.sodiumMg.value).toBeGreaterThan(bowlOf(leek).perServing.sodiumMg.value);
    expect(analysis.perServing.proteinG.value).toBeLessThan(bowlOf(soup([...leek.lines, line('bone', 'ham-hock', 400)])).perServing.proteinG.value);
  });
  test('a bay leaf taken out gives nothing and leaves nothing open', () => {
    const analysis = bowlOf(soup([...leek.lines, line('bay', 'bay-leaf', 1, { eaten: 'removed' })]));
    expect(analysis.perServing.sugarsG).toEqual(bowlOf(leek).perServing.sugarsG);
  });
  test('bacon fat poured off takes its share of the fat and of the weight, once', () => {
    const whole = bowlOf(soup([line('bacon', 'bacon-raw', 200), line('water', 'water', 800)]));
    const poured = bowlOf(soup([line('bacon', 'bacon-raw', 200, { eaten: 'rendered', eatenShare: 0.4 }), line('water', 'water', 800)]));
    expect(poured.perServing.fatG.value).toBeCloseTo(whole.perServing.fatG.value * 0.4, 9);
    expect(poured.perServing.proteinG.value).toBeCloseTo(whole.perServing.proteinG.value, 9);
    expect(poured.potGrams).toBeCloseTo(1000 - 200 * 0.3969 * 0.6, 6);
    // Energy follows the fat that went: 9 kcal/g of it, by the US factors.
    expect(whole.perServing.energyKcal.value - poured.perServing.energyKcal.value).toBeCloseTo((9 * 200 * 0.3969 * 0.6) / 4, 6);
  });
  test('cooking water thrown away takes salts of that line only; a row already drained loses nothing', () => {
    const drained = bowlOf(soup([line('potato', 'potato', 500, { eaten: 'drained' }), line('water', 'water', 500)]));
    expect(drained.perServing.potassiumMg.value).toBeCloseTo((5 * 421 * 0.7) / 4, 6);
    const beans = bowlOf(soup([line('beans', 'white-beans-canned-drained', 240, { eaten: 'drained' })]));
    expect(beans.perServing.sodiumMg.value).toBeCloseTo((2.4 * 240) / 4, 6);
    expect(beans.notes.map(({ code }) => code)).toContain('eaten.alreadyDrained');
  });
  test('a share of a line is that share of its weight and of its nutrients', () => {
    const half = bowlOf(soup([line('onion', 'onion', 200, { eatenShare: 0.5 })]));
    expect(half.perServing.potassiumMg.value).toBeCloseTo((1.46 * 100) / 4, 6);
    expect(half.potGrams).toBe(100);
  });
});

describe('scopes', () => {
  const topped = soup([
    line('pea', 'peas-frozen', 600),
    line('water', 'water', 600),
    line('sour', 'sour-cream', 60, { stage: 'bowl' }),
    line('bread', 'bread-white', 40, { stage: 'plate', perBowl: true }),
  ]);
  const analysis = bowlOf(topped);
  test('a topping moves the bowl and not the pot', () => {
    expect(allergen(analysis, 'milk').scopes).toEqual({ pot: 'absent', bowl: 'contains', plate: 'contains' });
    expect(allergen(analysis, 'milk').state).toBe('contains');
    expect(analysis.potGrams).toBeCloseTo(1200, 6);
    expect(analysis.servingGrams).toBeCloseTo(315, 6);
  });
  test('bread on the side is outside the bowl and shown beside it', () => {
    expect(allergen(analysis, 'wheat').scopes).toEqual({ pot: 'absent', bowl: 'absent', plate: 'contains' });
    expect(analysis.plate?.carbohydrateG.value).toBeCloseTo(0.4 * 49.42, 6);
    expect(analysis.perServing.starchG.missing.map(({ lineId }) => lineId)).not.toContain('bread');
  });
  test('the fewest changes count the lines of each scope', () => {
    expect(diet(analysis, 'vegan').fewestChanges).toEqual({
      pot: { count: 0, lineIds: [] },
      bowl: { count: 1, lineIds: ['sour'] },
      plate: { count: 2, lineIds: ['sour', 'bread'] },
    });
  });
});

describe('parts and choices', () => {
  test('the parent of parts counts nowhere, its parts do', () => {
    const parts = soup([
      line('oil', 'olive-oil', 40),
      line('pot', 'olive-oil', 30, { partOf: 'oil' }),
      line('drizzle', 'olive-oil', 10, { partOf: 'oil', stage: 'bowl' }),
      line('leek', 'leek', 400),
    ]);
    expect(bowlOf(parts).batch.fatG.value).toBeCloseTo(40 + 4 * 0.3, 6);
  });
  test('of a choice only the chosen line counts, and each is shown with its own result', () => {
    const choice = soup([
      line('butter', 'butter-salted', 30, { choiceOf: 'fat', chosen: true }),
      line('oil', 'olive-oil', 30, { choiceOf: 'fat', chosen: false }),
      line('leek', 'leek', 400),
    ]);
    const analysis = bowlOf(choice);
    expect(allergen(analysis, 'milk').state).toBe('contains');
    expect(analysis.choices?.map(({ lineId, allergens }) => [lineId, allergens.find(({ id }) => id === 'milk')?.state])).toEqual([
      ['butter', 'contains'],
      ['oil', 'absent'],
    ]);
    expect(analysis.choices?.[1]?.perServing.saturatedFatG.value).toBeCloseTo((0.3 * 13.81 + 4 * 0.04) / 4, 6);
  });
});

describe('bowls', () => {
  const pot = [line('leek', 'leek', 500), line('water', 'water', 1500)];
  test('of 240 ml are assumed, and said, when nothing is given', () => {
    const analysis = bowlOf(soup(pot, { servings: undefined }));
    expect(analysis.servingMl).toBeCloseTo(240, 6);
    expect(analysis.notes.map(({ code }) => code)).toContain('bowl.assumed');
  });
  test('by weight divide the pot', () => {
    const analysis = bowlOf(soup(pot, { servings: undefined, servingGrams: 250 }));
    expect(analysis.servings).toBeCloseTo(8, 9);
    expect(analysis.servingGrams).toBeCloseTo(250, 9);
  });
  test('by count decide when both are given', () => {
    const analysis = bowlOf(soup(pot, { servings: 5, servingGrams: 250 }));
    expect(analysis.servings).toBe(5);
    expect(analysis.notes.map(({ code }) => code)).toContain('bowl.conflict');
  });
  test('of a measured yield weigh what was measured, whatever steam the steps would take', () => {
    const analysis = bowlOf(soup(pot, { measuredYieldGrams: 1800, steps: [step('s', { method: 'simmer', minutes: { min: 60, max: 60 } })] }));
    expect(analysis.potGrams).toBe(1800);
    expect(analysis.servingGrams).toBeCloseTo(450, 9);
    expect(analysis.evaporatedGrams).toBeCloseTo(200, 9);
  });
});

test('energy differs by regime and each figure is right in its own: dry red kidney beans', () => {
  // Published worked example of the three conventions: 356 kcal (US, total carbohydrate), 323 (EU, fibre at 2), per 100 g; IFCT 2017 B020.
  const beans = soup([line('beans', 'ifct-B020', 100)], { servings: 1 });
  expect(bowlOf(beans, { regime: 'us' }).perServing.energyKcal.value).toBeCloseTo(356, 0);
  expect(bowlOf(beans, { regime: 'eu' }).perServing.energyKcal.value).toBeCloseTo(323, 0);
});

test('every regime declares figures of its own and borrows none', () => {
  expect(['us', 'eu', 'uk', 'ca', 'anz'].map((regime) => Object.keys(bowlOf(leek, { regime: regime as 'us' }).declared))).toEqual([
    ['us'],
    ['eu'],
    ['eu'],
    ['ca'],
    ['anz'],
  ]);
});

test('provenance shares add up to one and follow the energy', () => {
  const { provenance } = bowlOf(soup([line('recalled', 'olive-oil', 50), line('measured', 'ifct-T012', 50)]));
  expect(provenance).toMatchObject({ measured: 0.5, recalled: 0.5, label: 0, imported: 0, unknownGramsShare: 0 });
  expect(bowlOf(soup([line('water', 'water', 100)])).provenance.recalled).toBe(1);
});

test('salt per cent is salt in the weight of the bowl', () => {
  const analysis = bowlOf(soup([line('water', 'water', 990), line('salt', 'salt', 8)]));
  // 8 g of table salt (38758 mg sodium per 100 g, x 2.5) in 998 g, and tap water's own.
  expect(analysis.saltPercent).toBeCloseTo((8 * 0.38758 * 2.5 + 990 * 0.00004 * 2.5) / 9.98, 3);
});
