/**
 * Reads the embedded open composition table (Indian Food Composition Tables 2017) into foods.
 *
 * The table has no blank cells: 0 stands for not detected and for not analysed alike. Three-way rule:
 *   zero by nature (cholesterol in a leek, fibre in meat): 0 without error;
 *   0 where others of the food group have some: not detected, 0 up to the group's smallest value;
 *   0 in the whole group though possible: unknown, the key is left out.
 * Plant vitamin D in the table is not credible and is left out, as is all vitamin D of milk.
 */

import { Z95 } from '../statistics/normal.ts';
import type { AllergenId } from '../vocabulary/allergens.ts';
import type { Category } from '../vocabulary/category.ts';
import type { Food } from '../vocabulary/food.ts';
import { neverIn, nutrientsWhere, type StoredNutrient } from '../vocabulary/nutrient.ts';
import type { Origin } from '../vocabulary/origin.ts';
import TABLE from './data/openTable.json' with { type: 'json' };
import { OPEN_TABLE_FACTS, OPEN_TABLE_GROUPS, type OpenTableFact } from './data/openTableFacts.ts';

type Column = (typeof TABLE.columns)[number];
type Row = readonly [code: string, name: string, group: string, regions: number, values: readonly number[], spreads: readonly number[]];

const ROWS = TABLE.rows as unknown as readonly Row[];
const COLUMN_AT = new Map<Column, number>(TABLE.columns.map((column, index) => [column, index]));

/** Columns carried over one to one. */
const DIRECT = nutrientsWhere(({ openTable }) => openTable === true) as readonly (StoredNutrient & Column)[];

const PLANT_ZEROS = [...neverIn('plant'), ...neverIn('rawPlant')];
const OIL_ZEROS = neverIn('oil');

/** What cannot be in a food of this group, whatever the cell says. */
function naturalZeros(letter: string, code: string): readonly StoredNutrient[] {
  if (letter === 'T')
    return code === 'T013'
      ? [...OIL_ZEROS, 'vitaminB12Ug']
      : code === 'T014'
        ? [...OIL_ZEROS, 'cholesterolMg', 'vitaminB12Ug']
        : [...OIL_ZEROS, ...PLANT_ZEROS];
  if ('ABCDEFGHIJK'.includes(letter)) return PLANT_ZEROS;
  if (letter === 'L') return neverIn('milk');
  if (letter === 'M' || letter === 'R') return neverIn('egg');
  return neverIn('flesh');
}

/** Ids of the open table's rows begin so. */
export const OPEN_ROW = 'ifct-';

const cell = (row: Row, column: Column): number => row[4][COLUMN_AT.get(column) as number] as number;
const spreadCell = (row: Row, column: Column): number => row[5][COLUMN_AT.get(column) as number] as number;

/** Smallest value above zero of a column within each food group; absent when the whole group is 0. */
function smallestByGroup(): ReadonlyMap<string, number> {
  const smallest = new Map<string, number>();
  for (const row of ROWS) {
    for (const column of TABLE.columns) {
      const value = cell(row, column);
      const key = `${row[0][0]}:${column}`;
      if (value > 0 && value < (smallest.get(key) ?? Number.POSITIVE_INFINITY)) smallest.set(key, value);
    }
  }
  return smallest;
}

interface Reading {
  value: number;
  below: number;
  above: number;
}

function readCell(row: Row, column: Column, smallest: ReadonlyMap<string, number>): Reading | null {
  const value = cell(row, column);
  const groupSmallest = smallest.get(`${row[0][0]}:${column}`);
  if (value > 0) {
    const spread = spreadCell(row, column);
    return { value, below: spread, above: spread };
  }
  return groupSmallest === undefined ? null : { value: 0, below: 0, above: groupSmallest / Z95 };
}

function toFood(row: Row, smallest: ReadonlyMap<string, number>): Food {
  const [code, name] = row;
  const letter = code[0] as string;
  const group = OPEN_TABLE_GROUPS[letter] as { category: Category; origins: readonly Origin[]; contains?: readonly AllergenId[] };
  const facts: OpenTableFact = OPEN_TABLE_FACTS[code] ?? {};
  const zeros = new Set<StoredNutrient>(naturalZeros(letter, code));
  const per100g: Partial<Record<StoredNutrient, number>> = {};
  const spread: Partial<Record<StoredNutrient, readonly [number, number]>> = {};
  const put = (key: StoredNutrient, reading: Reading | null) => {
    if (!reading) return;
    per100g[key] = reading.value;
    if (reading.below > 0 || reading.above > 0) spread[key] = [reading.below, reading.above];
  };

  for (const key of DIRECT) if (!zeros.has(key)) put(key, readCell(row, key, smallest));
  put(
    'carbohydrateG',
    sumOf(
      [
        [readCell(row, 'availableCarbohydrateG', smallest), 1],
        [readCell(row, 'fibreG', smallest), 1],
      ],
      cell(row, 'availableCarbohydrateG') + cell(row, 'fibreG'),
    ),
  );
  put('vitaminARaeUg', vitaminA(row, letter, smallest));
  put('folateDfeUg', readCell(row, 'folateUg', smallest));
  if ('NOPS'.includes(letter)) put('vitaminDUg', readCell(row, 'cholecalciferolUg', smallest));
  if (code !== 'K001') zeros.add('alcoholG');
  if (!'IK'.includes(letter)) zeros.add('addedSugarsG');
  else per100g.addedSugarsG = cell(row, 'sugarsG');
  for (const key of zeros) per100g[key] = 0;

  return {
    id: `${OPEN_ROW}${code}`,
    name: facts.name ?? name,
    aliases: facts.aliases?.split(', ') ?? [],
    category: facts.category ?? group.category,
    state: facts.state ?? 'raw',
    source: { kind: 'measured', ref: `IFCT 2017 ${code}` },
    per100g,
    spread,
    zeroByNature: zeros,
    ashG: cell(row, 'ashG'),
    ...(letter === 'T' ? { densityGPerMl: 0.92 } : { tableKcal: cell(row, 'energyKj') / 4.184 }),
    edibleShare: 1,
    portions: [],
    contains: (facts.contains ?? group.contains ?? []).map((allergen) => ({ allergen, via: [] })),
    checks: facts.checks?.map(([allergen, why]) => ({ allergen, why })) ?? [],
    mayContain: [],
    origins: facts.origins ?? group.origins,
    dietChecks: [],
    flags: facts.flags ?? [],
    starchKind: facts.starchKind ?? (letter === 'B' ? 'caged' : 'blended'),
    fatForm: letter === 'T' && code !== 'T013' ? 'free' : 'dispersed',
  };
}

/** Retinol activity equivalents: retinol + beta-carotene / 12 + (alpha-carotene + beta-cryptoxanthin) / 24. */
function vitaminA(row: Row, letter: string, smallest: ReadonlyMap<string, number>): Reading | null {
  const plant = 'ABCDEFGHIJK'.includes(letter);
  const retinol = plant ? { value: 0, below: 0, above: 0 } : readCell(row, 'retinolUg', smallest);
  const beta = plant ? readCell(row, 'betaCaroteneUg', smallest) : { value: 0, below: 0, above: 0 };
  if (!retinol || !beta) return null;
  const others = cell(row, 'alphaCaroteneUg') + cell(row, 'cryptoxanthinUg');
  return sumOf(
    [
      [retinol, 1],
      [beta, 1 / 12],
    ],
    retinol.value + beta.value / 12 + (plant ? others / 24 : 0),
  );
}

function sumOf(parts: readonly (readonly [Reading | null, number])[], value: number): Reading {
  const rss = (side: 'below' | 'above') => Math.sqrt(parts.reduce((sum, [part, factor]) => sum + ((part?.[side] ?? 0) * factor) ** 2, 0));
  return { value, below: rss('below'), above: rss('above') };
}

/** The 542 rows as foods, ids `ifct-<code>`. */
export function openTableFoods(): Food[] {
  const smallest = smallestByGroup();
  return ROWS.map((row) => toFood(row, smallest));
}
