/** Canada, Australia and New Zealand at their boundaries, the rule beside each (from memory of the rules); and what every regime has. */
import { describe, expect, test } from '@jest/globals';
import { bowlOf, line, soup } from '../test/soup.ts';
import { ALLERGENS } from '../vocabulary/allergens.ts';
import { NUTRIENTS, type Nutrient } from '../vocabulary/nutrient.ts';
import { type Claim, type ClaimFigures, claimsOf } from './claims.ts';
import { declaredFigures } from './declared.ts';
import { keepingWords, REGIME_IDS, REGIMES, type RegimeId } from './regime.ts';

const claim = (id: string, supported: Claim['supported'] = 'yes') => ({ id, supported }) as Claim;
const figure = (regime: RegimeId, key: Nutrient, value: number, claims: Claim[] = [], atLeast = false) => {
  const of = (asked: Nutrient) => (asked === key ? { value, atLeast } : { value: 0, atLeast: false });
  return Object.values(declaredFigures(regime, of, of, claims))[0]?.[key];
};

describe('Canada, figures of a serving (table to B.01.401)', () => {
  test.each([
    // Item 2: below 5 to the nearest 1, to 50 to the nearest 5, above to the nearest 10.
    ['energyKcal', 4.4, '4 kcal'],
    ['energyKcal', 47.4, '45 kcal'],
    ['energyKcal', 50, '50 kcal'],
    ['energyKcal', 56, '60 kcal'],
    // Items 3 to 5.
    ['fatG', 0.34, '0.3 g'],
    ['fatG', 0.5, '0.5 g'],
    ['fatG', 5, '5 g'],
    ['fatG', 5.4, '5 g'],
    ['saturatedFatG', 2.3, '2.5 g'],
    // Item 7.
    ['sodiumMg', 4.2, '4 mg'],
    ['sodiumMg', 138, '140 mg'],
    ['sodiumMg', 146, '150 mg'],
    // Items 9 to 12.
    ['carbohydrateG', 0.49, '0 g'],
    ['fibreG', 2.5, '3 g'],
    ['sugarsG', 12.4, '12 g'],
    ['proteinG', 0.43, '0.4 g'],
    ['proteinG', 7.5, '8 g'],
    // Items 13 to 15.
    ['potassiumMg', 44, '40 mg'],
    ['potassiumMg', 190, '200 mg'],
    ['calciumMg', 263, '250 mg'],
    ['ironMg', 0.44, '0.4 mg'],
    ['ironMg', 2.4, '2.5 mg'],
    ['ironMg', 3.3, '3.5 mg'],
  ] as const)('%s of %d is declared %s', (key, value, text) => expect(figure('ca', key, value)?.text).toBe(text));
  test('is nought below its first step only where the soup may be called free of it', () => {
    expect(figure('ca', 'energyKcal', 4.4, [claim('energyFree')])?.text).toBe('0 kcal');
    expect(figure('ca', 'fatG', 0.3, [claim('fatFree')])?.text).toBe('0.3 g');
    expect(figure('ca', 'fatG', 0.3, [claim('fatFree'), claim('saturatedFatFree'), claim('transFatFree')])?.text).toBe('0 g');
    expect(figure('ca', 'sodiumMg', 3, [claim('sodiumFree', 'cannotTell')])?.text).toBe('3 mg');
  });
  test('has one per cent for saturated and trans fat together, of 20 g, and none for protein', () => {
    const { ca } = bowlOf(soup([line('b', 'butter-unsalted', 40)], { servings: 1 }), { regime: 'ca' }).declared;
    const { saturatedFatG, transFatG } = bowlOf(soup([line('b', 'butter-unsalted', 40)], { servings: 1 }), { regime: 'ca' }).perServing;
    expect(ca?.saturatedFatG?.percentDaily).toBe(transFatG.atLeast ? undefined : Math.round(((saturatedFatG.value + transFatG.value) / 20) * 100));
    expect([ca?.transFatG?.percentDaily, ca?.proteinG?.percentDaily]).toEqual([undefined, undefined]);
  });
});

describe('Australia and New Zealand, figures of a serving and of 100 g (Standard 1.2.8)', () => {
  test.each([
    ['energyKj', 39, 'less than 40 kJ'],
    ['energyKj', 812.4, '812 kJ'],
    ['energyKj', 1234, '1230 kJ'],
    ['fatG', 0.9, 'less than 1 g'],
    ['fatG', 3.46, '3.5 g'],
    ['fatG', 123.4, '123 g'],
    ['fatG', 0, '0 g'],
    ['sodiumMg', 4, 'less than 5 mg'],
    ['sodiumMg', 438.6, '439 mg'],
    ['sodiumMg', 1388, '1390 mg'],
  ] as const)('%s of %d is declared %s', (key, value, text) => {
    const declared = figure('anz', key, value);
    expect([declared?.text, declared?.per100g?.text]).toEqual([text, text]);
  });
  test('begin with kilojoules, and a per cent of the daily intake stands beside the serving', () => {
    expect(
      Object.keys(
        Object.values(
          declaredFigures(
            'anz',
            () => ({ value: 1, atLeast: false }),
            () => ({ value: 1, atLeast: false }),
          ),
        )[0] ?? {},
      )[0],
    ).toBe('energyKj');
    expect(figure('anz', 'energyKj', 870)?.percentDaily).toBe(10);
  });
});

describe.each(REGIME_IDS)('every regime, %s too,', (id) => {
  test('tells a lower bound as one, and never one that contradicts itself', () => {
    expect(figure(id, 'proteinG', 12, [], true)?.text).toMatch(/^at least /);
    expect(figure(id, 'proteinG', 0.2, [], true)?.text).toMatch(/^(?:not known|at least 0\.2 g)$/);
    expect(figure(id, 'proteinG', 12, [], true)?.percentDaily).toBeUndefined();
  });
  test('declares allergens that are in the vocabulary, each once', () => {
    const { declaredAllergens } = REGIMES[id];
    expect(declaredAllergens.filter((one) => !ALLERGENS.includes(one))).toEqual([]);
    expect(new Set(declaredAllergens).size).toBe(declaredAllergens.length);
  });
  test('has a source beside its energy, its claims and its keeping', () => {
    expect(
      [REGIMES[id].energy.source, REGIMES[id].keeping.source, ...REGIMES[id].claims.rules.map(({ source }) => source)].filter(
        (source) => source.length < 8,
      ),
    ).toEqual([]);
    expect(new Set(REGIMES[id].claims.rules.map((rule) => rule.id)).size).toBe(REGIMES[id].claims.rules.length);
  });
  test('says how food is kept, defers where it has no figure of its own, and never says safe', () => {
    expect(keepingWords(REGIMES[id])).toMatch(/^held hot at \d\d C or above/);
    expect(keepingWords(REGIMES[id])).not.toMatch(/\bsafe\b/i);
  });
});

const exactly = (value: number) => ({ value, low: value, high: value, atLeast: false });
function supported(regime: RegimeId, id: string, figures: Partial<Record<Nutrient, number>>, [servingGrams, servingMl] = [255, 250]) {
  const perServing = Object.fromEntries(
    NUTRIENTS.map((key) => [key, exactly(figures[key] ?? (key === 'energyKcal' ? 100 : key === 'energyKj' ? 418 : 0))]),
  );
  return claimsOf(regime, {
    perServing: perServing as ClaimFigures['perServing'],
    servingGrams: servingGrams as number,
    servingMl: servingMl as number,
  }).find((one) => one.id === id)?.supported;
}

test.each([
  // Canada, table following B.01.513, per 250 ml and per serving.
  ['ca', 'lowSodium', { sodiumMg: 140 }, 'yes'],
  ['ca', 'lowSodium', { sodiumMg: 141 }, 'no'],
  ['ca', 'saturatedFatFree', { saturatedFatG: 0.19, transFatG: 0.1 }, 'yes'],
  ['ca', 'saturatedFatFree', { saturatedFatG: 0.2 }, 'no'],
  ['ca', 'lowSaturatedFat', { saturatedFatG: 1.5, transFatG: 0.5, energyKcal: 150 }, 'yes'],
  ['ca', 'lowSaturatedFat', { saturatedFatG: 1.5, transFatG: 0.5, energyKcal: 100 }, 'no'],
  ['ca', 'sugarsFree', { sugarsG: 0.1, energyKcal: 40 }, 'no'],
  ['ca', 'high:fibreG', { fibreG: 4 }, 'yes'],
  ['ca', 'source:calciumMg', { calciumMg: 65 }, 'yes'],
  ['ca', 'good:vitaminCMg', { vitaminCMg: 26 }, 'no'],
  // Australia and New Zealand, Schedule 4, soup as a liquid: per 100 ml; sources per serving.
  ['anz', 'lowFat', { fatG: 3.75 }, 'yes'],
  ['anz', 'lowFat', { fatG: 3.8 }, 'no'],
  ['anz', 'lowSodium', { sodiumMg: 300 }, 'yes'],
  ['anz', 'lowEnergy', { energyKj: 201 }, 'no'],
  ['anz', 'good:proteinG', { proteinG: 10 }, 'yes'],
  ['anz', 'source:ironMg', { ironMg: 1.2 }, 'yes'],
  ['anz', 'good:ironMg', { ironMg: 2.9 }, 'no'],
] as const)('%s: %s of %j is %s', (regime, id, figures, answer) => expect(supported(regime, id, figures)).toBe(answer));

test('the same bowl is low in sodium by one regime and not by another', () => {
  const bowl = { sodiumMg: 200 };
  expect([
    supported('us', 'lowSodium', bowl),
    supported('ca', 'lowSodium', bowl),
    supported('eu', 'lowSodium', bowl),
    supported('anz', 'lowSodium', bowl),
  ]).toEqual(['no', 'no', 'yes', 'yes']);
});
