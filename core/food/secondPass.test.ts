/** The recalled rows against a second recollection of them, made blind and committed before the two were compared. */
import { describe, expect, test } from '@jest/globals';
import { SECOND_PASS } from './corpus/secondPass.ts';
import { CURATED_ROWS } from './data/index.ts';

const NAMES = [
  'kcal',
  'water',
  'protein',
  'fat',
  'saturated',
  'carbohydrate',
  'fibre',
  'sugars',
  'sodium',
  'potassium',
  'calcium',
  'phosphorus',
  'cholesterol',
];
const MOST_APART = 0.08;
/** Below this a difference is of rounding: kcal, g, mg. */
const ROUNDING = [1, 0.2, 0.05, 0.06, 0.06, 0.1, 0.1, 0.1, 1, 2, 2, 2, 1];

/** Rows where one figure or more lies more than 8 % apart, settled one by one. */
const SETTLED: Readonly<Record<string, string>> = {
  parmesan: 'the saturated fat of two releases of the table: the lower kept, the higher in its range',
  'coconut-drink': 'a sweetened carton against an unsweetened one: makes differ, the range holds both',
  'almond-drink': 'carbohydrate of two releases; unsweetened has no sugar: first kept, the range holds the other',
  'cream-light': 'the table gives more sugars than carbohydrate: cut to the carbohydrate, the higher in the range',
  'soy-cream': 'no table has it: packages differ',
  'coconut-milk-light': 'no table has it: packages differ',
  'white-beans-canned-drained': 'no one row: cans differ, the range holds both',
  'chicken-broth': 'sugars of a tenth of a gram',
  'chicken-broth-reduced-sodium': 'no table row sure: packages differ',
  'vegetable-broth-low-sodium': 'no table has it: packages differ',
};

/** Rows that were changed to the second recollection, with the reason; they agree with it now. */
const CORRECTED: Readonly<Record<string, string>> = {
  'cream-double': 'the first mixed a 48 % and a 54 % row: 48 % whole, the other in its range',
  'cream-light': 'the later release of the table; the earlier in the ranges',
  'half-and-half': 'sodium of the later release; the earlier in its range',
  'bread-white': 'the later release, less salt; the earlier in the range of sodium',
  'chicken-broth-low-sodium': 'carbohydrate of the label of a cup, 2.9 g in 240 g',
  'bacon-raw': 'the later release, leaner and less salt; the earlier in its ranges',
  cauliflower: 'saturated fat of the later release',
  broccoli: 'saturated fat of the later release',
  'red-pepper': 'the table energy of the later release',
};

test('what was corrected is a row that was recalled twice', () => {
  for (const id of Object.keys(CORRECTED)) expect([id, id in SECOND_PASS]).toEqual([id, true]);
});

test('at least 160 rows were recalled twice, and all of them are rows', () => {
  const ids = new Set(CURATED_ROWS.map(({ id }) => id));
  expect(Object.keys(SECOND_PASS).filter((id) => !ids.has(id))).toEqual([]);
  expect(Object.keys(SECOND_PASS).length).toBeGreaterThanOrEqual(160);
});

const apart = (id: string): string[] => {
  const row = CURATED_ROWS.find((one) => one.id === id);
  return (SECOND_PASS[id] ?? []).flatMap((second, at) => {
    const first = row?.f[at] ?? null;
    if (first === null || second === null) return [];
    const difference = Math.abs(first - second);
    return difference > MOST_APART * Math.max(first, second) && difference > (ROUNDING[at] as number) ? [`${NAMES[at]} ${first} and ${second}`] : [];
  });
};

describe('rows recalled twice', () => {
  test.each(Object.keys(SECOND_PASS).filter((id) => !(id in SETTLED)))('%s agree within 8 %% in all thirteen', (id) => {
    expect(apart(id)).toEqual([]);
  });
  test.each(Object.keys(SETTLED))('%s differ, and were settled', (id) => {
    expect(apart(id)).not.toEqual([]);
  });
});
