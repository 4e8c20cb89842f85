/** What a table would say of two pots (judgement of the trade; no source). */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { entriesOf } from '../bowl/entries.ts';
import { SHELF } from '../food/shelf.ts';
import { REGIMES } from '../regime/regime.ts';
import { line, soup } from '../test/soup.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { NOTE_ROWS, TASTED_NOTES } from './data/flavours.ts';
import { potFlavour, tasteShift } from './potFlavour.ts';

const flavour = (recipe: Recipe) => {
  const { batchGrams, servings } = analyse(recipe, {}, SHELF);
  return potFlavour(entriesOf(recipe, REGIMES.us, SHELF), batchGrams, servings);
};
const pot = (foods: Record<string, number>, more: Parameters<typeof line>[] = []) =>
  soup([...Object.entries(foods).map(([id, grams]) => line(id, id, grams)), ...more.map((args) => line(...args))], { servings: 6 });
const PEA = { 'split-peas-dry': 400, onion: 110, carrot: 100, water: 2000 };

describe('what goes and what comes', () => {
  test('a pea soup without its hock loses smoke', () => {
    expect(tasteShift(flavour(pot({ ...PEA, 'ham-hock': 250 })), flavour(pot(PEA))).lost).toEqual(expect.arrayContaining(['smoky', 'savoury']));
  });
  test('smoked paprika brings the smoke back, and not the savour', () => {
    const { lost } = tasteShift(flavour(pot({ ...PEA, 'ham-hock': 250 })), flavour(pot({ ...PEA, 'smoked-paprika': 4 })));
    expect(lost).not.toContain('smoky');
    expect(lost).toContain('savoury');
  });
  test('coconut milk for cream: dairy goes, coconut comes', () => {
    const base = { carrot: 600, onion: 110, 'vegetable-broth': 900 };
    const shift = tasteShift(flavour(pot({ ...base, 'cream-heavy': 200 })), flavour(pot({ ...base, 'coconut-milk': 200 })));
    expect(shift).toEqual({ lost: ['dairy'], come: ['coconut'] });
  });
  test('white beans for cream taste of beans', () => {
    const base = { cauliflower: 600, onion: 110, 'vegetable-broth': 900 };
    expect(tasteShift(flavour(pot({ ...base, 'cream-heavy': 200 })), flavour(pot({ ...base, 'white-beans-canned-drained': 255 }))).come).toEqual([
      'bean',
    ]);
  });
  test('a soup without fish and its stock loses the sea', () => {
    const fish = { potato: 300, leek: 150, 'cod-raw': 300, 'fish-stock': 900 };
    expect(
      tasteShift(flavour(pot(fish)), flavour(pot({ potato: 300, leek: 150, 'white-beans-cooked': 300, 'vegetable-broth': 900 }))).lost,
    ).toContain('sea');
  });
  test('a tenth less onion is not told', () => {
    expect(tasteShift(flavour(pot({ carrot: 600, onion: 110, water: 900 })), flavour(pot({ carrot: 600, onion: 99, water: 900 })))).toEqual({
      lost: [],
      come: [],
    });
  });
  test('a soup is like itself', () => {
    const one = flavour(pot({ ...PEA, 'ham-hock': 250 }));
    expect(tasteShift(one, one)).toEqual({ lost: [], come: [] });
  });
});

describe('what counts', () => {
  test('twice the pot tastes the same', () => {
    const one = flavour(pot({ carrot: 600, garlic: 8, water: 900 }));
    const two = flavour(pot({ carrot: 1200, garlic: 16, water: 1800 }));
    for (const note of TASTED_NOTES) expect(two[note]).toBeCloseTo(one[note], 9);
  });
  test('what stands beside the bowl does not, what is taken out before eating does not', () => {
    const base = flavour(pot({ carrot: 600, water: 900 }));
    expect(flavour(pot({ carrot: 600, water: 900 }, [['c', 'cheddar', 100, { stage: 'plate' }]])).dairy).toBe(base.dairy);
    expect(flavour(pot({ carrot: 600, water: 900 }, [['b', 'bacon-raw', 100, { eaten: 'removed' }]])).smoky).toBe(0);
  });
  test('a hock that is strained off has left its taste', () => {
    expect(flavour(pot({ carrot: 600, water: 900 }, [['b', 'ham-hock', 300, { eaten: 'strained' }]])).smoky).toBeGreaterThan(NOTE_ROWS.smoky.tasted);
  });
  test('a topping counts by the bowl', () => {
    const one = flavour(pot({ carrot: 600, water: 900 }, [['b', 'bacon-cooked', 10, { stage: 'bowl', perBowl: true }]]));
    const six = flavour(pot({ carrot: 600, water: 900 }, [['b', 'bacon-cooked', 60, { stage: 'bowl' }]]));
    expect(one.smoky).toBeCloseTo(six.smoky, 9);
  });
});
