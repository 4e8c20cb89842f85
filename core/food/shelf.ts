/**
 * The shelf: every food the kitchen knows, by id, with its figures laid out in dense arrays for the calculation. It is a value:
 * own foods and labels read make another shelf of the same base.
 * A regime decides energy factors, so there is one layout per regime, made when first asked for.
 */

import type { Regime, RegimeId } from '../regime/regime.ts';
import { Z95 } from '../statistics/normal.ts';
import { CATEGORY_ROWS, type Category } from '../vocabulary/category.ts';
import type { Food, Portion } from '../vocabulary/food.ts';
import { ERROR_CLASS, neverIn, type StoredNutrient } from '../vocabulary/nutrient.ts';
import type { Origin } from '../vocabulary/origin.ts';
import { compositeFigures } from './data/compositeFigures.ts';
import { COMPOSITES, type Composite, MAKE_UP } from './data/composites.ts';
import { CURATED_ROWS } from './data/index.ts';
import { IODINE, IODINE_OF_KIND, VITAMIN_D, type Wide } from './data/iodineAndVitaminD.ts';
import { INULIN, LACTOSE, MICRONUTRIENTS } from './data/micronutrients.ts';
import { TABLE_PAIRS } from './data/pairs.ts';
import { type FoodRow, LIMITED } from './data/row.ts';
import { type Figures, figuresOf } from './figures.ts';
import { MARKET_ROWS, type Market } from './market.ts';
import { OPEN_ROW, openTableFoods } from './openTable.ts';
import { paired } from './pairing.ts';
import { type LabelPin, pinned } from './pins.ts';

const US_CUP_ML = 236.588;
/** Measures filled with something pourable: best to low and high (common practice, science of kitchens: +-5 %). */
const POURABLE_VARIES = 0.05;

/** Ids of the kitchen's own foods begin so. */
export const OWN_FOOD = 'own-';

/** A food of the kitchen's own; a retired one is no longer offered. */
export interface OwnFood {
  food: Food;
  retired: boolean;
}

/** What a kitchen has put on its shelf; also what a worker is told of it. `day` is the ISO day its labels are looked at. */
export interface OnShelf {
  own: readonly OwnFood[];
  pins: readonly LabelPin[];
  day: string;
  /** Where it buys; the United States where it does not say. */
  market?: Market | undefined;
}

/** A value: what is added to a shelf makes another one. */
export interface Shelf extends OnShelf {
  /** What can be found on it. */
  readonly foods: readonly Food[];
  /** By id, retired ones too: a soup that has one still knows it. */
  food(id: string): Food | undefined;
  /** A food as it is without what this kitchen read on its label. */
  unpinned(id: string): Food | undefined;
  figures(food: Food, regime: Regime): Figures;
}

/** The part of a shelf that a worker needs to stand up its own. */
export const onShelf = ({ own, pins, day, market }: OnShelf): OnShelf => ({ own, pins, day, ...(market ? { market } : {}) });

function defaultOrigins(row: FoodRow): readonly Origin[] {
  if (row.origins) return row.origins;
  if (row.category === 'dairy') return ['dairy'];
  return row.category === 'egg' ? ['egg'] : ['plant'];
}

/** Nutrients that cannot be in a recalled food, so that 0 is a fact and not a gap. */
function naturalZeros(row: FoodRow, origins: readonly Origin[]): StoredNutrient[] {
  const kind = CATEGORY_ROWS[row.category];
  const mayHoldAlcohol = row.dietChecks?.some(([diet]) => diet === 'noAlcohol') ?? false;
  const zeros: StoredNutrient[] = row.alcohol === undefined && !mayHoldAlcohol ? [...neverIn('undrunk')] : [];
  const plant = origins.every((origin) => origin === 'plant' || origin === 'allium' || origin === 'mineral' || origin === 'alcohol');
  // What a plant cannot hold may still have been added to it.
  const added = row.flags?.includes('fortified') ?? false;
  if (plant) zeros.push(...neverIn('plant').filter((key) => !added || ERROR_CLASS[key] !== 'vitamin'));
  // A plain vegetable gets no trans fat by being canned, frozen or boiled.
  const plain = row.state === 'raw' || row.state === 'dry' || (kind.vegetable === true && row.state !== 'processed') || row.category === 'pulse';
  if (plant && kind.plant && plain) zeros.push(...neverIn('rawPlant'));
  if (plant && !added && NO_VITAMIN_D.has(row.category) && (row.category !== 'fat' || row.f[1] === 0)) zeros.push(...neverIn('greenPlant'));
  if (row.f[3] === 0) zeros.push(...neverIn('fatless'));
  if (!plant && !origins.includes('plant') && row.f[6] === 0) zeros.push('fibreG');
  if (kind.unsweetened) zeros.push(...neverIn('whole'));
  if (kind.noStarch) zeros.push('starchG');
  // Whey and lactose are put into what needs none of them.
  const mayHoldMilk =
    row.checks?.some(([allergen]) => allergen === 'milk') || row.contains?.some((one) => (typeof one === 'string' ? one : one[0]) === 'milk');
  return zeros.filter((key) => row.more?.[key] === undefined && !(key === 'lactoseG' && mayHoldMilk));
}

/** Kinds of plants, and of what is no food, that hold no vitamin D of their own: not mushrooms, nor what is made up and may be fortified. A fat only where it is pure oil. */
const NO_VITAMIN_D: ReadonlySet<Category> = new Set([
  'vegetable',
  'root',
  'leaf',
  'allium',
  'fruit',
  'pulse',
  'nut-seed',
  'grain',
  'starch',
  'spice',
  'herb',
  'sweetener',
  'acid',
  'water',
  'salt',
  'alcohol',
  'fat',
]);

function portionsOf(row: FoodRow): Portion[] {
  const source = 'common practice, no source';
  const each = row.each?.map(([measure, grams, low, high]) => ({ measure, grams, low, high, source })) ?? [];
  if (row.cup === undefined) return each;
  const varies = row.cupVaries ?? POURABLE_VARIES;
  return [
    {
      measure: 'cup',
      grams: row.cup,
      low: row.cup * (1 - varies),
      high: row.cup * (1 + varies),
      source: row.ndb ? `USDA SR ${row.ndb}, from memory` : source,
    },
    ...each,
  ];
}

const spreadOf = ([best, low, high]: Wide): readonly [number, number, number] => [best, (best - low) / Z95, (high - best) / Z95];

function curatedFood(row: FoodRow): Food {
  const origins = defaultOrigins(row);
  const zeroByNature = new Set(naturalZeros(row, origins));
  const per100g: Partial<Record<StoredNutrient, number>> = {};
  const spread: Partial<Record<StoredNutrient, readonly [number, number]>> = {};
  for (const [key, table] of Object.entries(MICRONUTRIENTS) as [StoredNutrient, Readonly<Record<string, number>>][])
    if (Object.hasOwn(table, row.id)) per100g[key] = table[row.id] as number;
  const wide: Partial<Record<StoredNutrient, Wide | undefined>> = {
    lactoseG: LACTOSE[row.id],
    vitaminDUg: VITAMIN_D[row.id],
    // What is made up may be salted with iodised salt: only what its row or its kind says.
    iodineUg: IODINE[row.id] ?? (row.state === 'processed' || row.state === 'canned' ? undefined : IODINE_OF_KIND[row.category]),
  };
  for (const [key, figure] of Object.entries(wide) as [StoredNutrient, Wide | undefined][]) {
    if (!figure) continue;
    const [best, ...range] = spreadOf(figure);
    per100g[key] = best;
    spread[key] = range;
  }
  Object.assign(per100g, row.more);
  LIMITED.forEach((key, index) => {
    const value = row.f[index + 1];
    if (typeof value === 'number') per100g[key] = value;
  });
  if (row.alcohol !== undefined) per100g.alcoholG = row.alcohol;
  for (const key of zeroByNature) per100g[key] = 0;
  for (const [key, [low, high]] of Object.entries(row.range ?? {}) as [StoredNutrient, readonly [number, number]][]) {
    const value = per100g[key] ?? (low + high) / 2;
    spread[key] = [(value - low) / Z95, (high - value) / Z95];
  }
  return {
    id: row.id,
    name: row.name,
    aliases: row.aliases.split(', '),
    category: row.category,
    state: row.state,
    source: { kind: 'recalled', ref: row.ndb ? `USDA SR ${row.ndb}, from memory` : `${row.from}, from memory` },
    per100g,
    spread,
    zeroByNature,
    tableKcal: row.f[0],
    ...(row.ash === undefined ? {} : { ashG: row.ash }),
    ...(row.cup !== undefined && row.pourable ? { densityGPerMl: row.cup / US_CUP_ML } : {}),
    ...(INULIN[row.id] ? { inulinG: spreadOf(INULIN[row.id] as Wide) } : {}),
    edibleShare: row.edible ?? 1,
    portions: portionsOf(row),
    contains:
      row.contains?.map((entry) =>
        typeof entry === 'string' ? { allergen: entry, via: [] } : { allergen: entry[0], via: entry.slice(1) as string[] },
      ) ?? [],
    checks: row.checks?.map(([allergen, why]) => ({ allergen, why })) ?? [],
    mayContain: row.may?.map(([allergen, why]) => ({ allergen, why })) ?? [],
    origins,
    dietChecks: row.dietChecks?.map(([diet, why]) => ({ diet, why })) ?? [],
    flags: row.flags ?? [],
    ...(MAKE_UP[row.id] === undefined ? {} : { usual: MAKE_UP[row.id] }),
    starchKind: row.starchKind ?? 'blended',
    fatForm: row.fatForm ?? (row.category === 'fat' ? 'free' : 'dispersed'),
  };
}

const NOTHING: OnShelf = { own: [], pins: [], day: '' };

/** A shelf of the given foods and nothing of a kitchen's own. Throws a RangeError when two foods share an id. */
export const makeShelf = (foods: readonly Food[]): Shelf => standing(byIdOf(foods), foods, byIdOf(foods), NOTHING);

/**
 * The base with a kitchen's own foods before it and what it read on labels on them all. Foods without a label keep their identity, so
 * that what is remembered of them holds. Throws a RangeError when an own food takes an id of the base.
 */
export function shelfWith(base: Shelf, kitchen: OnShelf): Shelf {
  const pins = new Map(kitchen.pins.map((pin) => [pin.foodId, pin]));
  const asRead = (food: Food): Food => {
    const pin = pins.get(food.id);
    return pin ? pinned(food, pin, kitchen.day) : food;
  };
  const own = kitchen.own.map(({ food, retired }) => ({ food: asRead(food), retired }));
  const bought = soldIn(base, kitchen.market);
  const rest = pins.size === 0 ? bought : bought.map(asRead);
  const known = byIdOf([...own.map(({ food }) => food), ...rest]);
  const plain = byIdOf([...kitchen.own.map(({ food }) => food), ...bought]);
  return standing(known, [...own.filter(({ retired }) => !retired).map(({ food }) => food), ...rest], plain, kitchen);
}

const markets = new WeakMap<readonly Food[], Map<Market, readonly Food[]>>();

/** The foods as this market sells them: its eggs, its milk, and the rows of the open table where its samples are those. Made once. */
function soldIn({ foods }: Shelf, market: Market | undefined): readonly Food[] {
  if (!market || market === 'us' || market === 'ca') return foods;
  let known = markets.get(foods);
  if (!known) markets.set(foods, (known = new Map()));
  let sold = known.get(market);
  if (!sold) {
    const { openTable, eggGrams, milkVitaminDUg } = MARKET_ROWS[market];
    const open = openTable ? measuredFirst() : new Map<string, Food>();
    known.set(market, (sold = foods.map((food) => withMilk(withEgg(open.get(food.id) ?? food, eggGrams), milkVitaminDUg))));
  }
  return sold;
}

const withEgg = (food: Food, [grams, low, high]: readonly [number, number, number]): Food =>
  food.id === 'egg'
    ? { ...food, portions: food.portions.map((portion) => (portion.measure === 'each' ? { ...portion, grams, low, high } : portion)) }
    : food;

const FLUID_MILKS: ReadonlySet<string> = new Set(['milk-whole', 'milk-reduced-fat', 'milk-low-fat', 'milk-skim', 'milk-lactose-free']);

/** What a table has measured of this market's own milk stays. */
function withMilk(food: Food, wide: Wide | undefined): Food {
  if (!wide || !FLUID_MILKS.has(food.id) || food.per100g.vitaminDUg !== VITAMIN_D[food.id]?.[0]) return food;
  const [vitaminDUg, ...range] = spreadOf(wide);
  return { ...food, per100g: { ...food.per100g, vitaminDUg }, spread: { ...food.spread, vitaminDUg: range } };
}

/** The foods of both tables with the open table's row deciding. */
function measuredFirst(): ReadonlyMap<string, Food> {
  const open = new Map(openTableFoods().map((food) => [food.id, food]));
  const recalled = new Map(recalledFoods().map((food) => [food.id, food]));
  return new Map(
    TABLE_PAIRS.map((pair) => {
      const measured = open.get(`${OPEN_ROW}${pair.open}`) as Food;
      return [pair.id, paired(recalled.get(pair.id) as Food, measured, { ...pair, use: 'open' })];
    }),
  );
}

function byIdOf(foods: readonly Food[]): ReadonlyMap<string, Food> {
  const ids = new Map<string, Food>();
  for (const food of foods) {
    if (ids.has(food.id)) throw new RangeError(`food id ${food.id} stands on the shelf twice`);
    ids.set(food.id, food);
  }
  return ids;
}

const standing = (known: ReadonlyMap<string, Food>, foods: readonly Food[], plain: ReadonlyMap<string, Food>, kitchen: OnShelf): Shelf => ({
  ...onShelf(kitchen),
  foods,
  food: (id) => known.get(id),
  unpinned: (id) => plain.get(id),
  figures: figuresFor,
});

const layouts = new WeakMap<Food, Map<RegimeId, Figures>>();

/** A food's figures by a regime's factors, laid out once. */
function figuresFor(food: Food, regime: Regime): Figures {
  let byRegime = layouts.get(food);
  if (!byRegime) layouts.set(food, (byRegime = new Map()));
  let figures = byRegime.get(regime.id);
  if (!figures) byRegime.set(regime.id, (figures = figuresOf(food, regime)));
  return figures;
}

const COMMON = 'common practice, no source';

/** Composites without figures: what they hold is known as far as it can be, and nothing else. */
export function compositeFoods(): Food[] {
  return COMPOSITES.filter(({ id }) => !compositeFigures(id)).map((row): Food => {
    const cup = row.cup;
    return {
      id: row.id,
      name: row.name,
      aliases: row.aliases.split(', '),
      category: row.category,
      state: 'processed',
      source: { kind: 'recalled', ref: 'usual make-up, from memory; no figures' },
      per100g: {},
      spread: {},
      zeroByNature: new Set(),
      edibleShare: 1,
      portions: [
        ...(cup === undefined ? [] : [{ measure: 'cup', grams: cup, low: cup * 0.8, high: cup * 1.2, source: COMMON }]),
        ...(row.each ?? []).map(([measure, grams, low, high]) => ({ measure, grams, low, high, source: COMMON })),
      ],
      contains: (row.contains ?? []).map((entry) =>
        typeof entry === 'string' ? { allergen: entry, via: [] } : { allergen: entry[0], via: entry.slice(1) as string[] },
      ),
      checks: (row.checks ?? []).map(([allergen, why]) => ({ allergen, why })),
      mayContain: (row.may ?? []).map(([allergen, why]) => ({ allergen, why })),
      origins: row.origins ?? ['plant'],
      dietChecks: (row.dietChecks ?? []).map(([diet, why]) => ({ diet, why })),
      flags: [],
      starchKind: 'blended',
      fatForm: 'dispersed',
      usual: row.usual,
    };
  });
}

/** The recalled rows as they stand, before the open table is asked. */
export const recalledFoods = (): Food[] => [...CURATED_ROWS.map(curatedFood), ...COMPOSITES.flatMap(composedFood)];

/** A composite that is much alike from make to make has figures. */
function composedFood({ usual, origins, ...row }: Composite): Food[] {
  const figures = compositeFigures(row.id);
  if (!figures) return [];
  // What a make holds of egg or milk is no zero by nature.
  const cholesterolMg = figures.f.at(-1);
  const more = cholesterolMg ? { cholesterolMg } : {};
  const food = curatedFood({ ...row, ...figures, more, origins: origins ?? ['plant'], state: 'processed', cupVaries: 0.2, from: 'typical package' });
  return [{ ...food, usual }];
}

function baseShelf(): Shelf {
  const open = openTableFoods();
  const openById = new Map(open.map((food) => [food.id, food]));
  const pairs = new Map(TABLE_PAIRS.map((pair) => [pair.id, pair]));
  const kitchen = recalledFoods().map((food) => {
    const pair = pairs.get(food.id);
    return pair ? paired(food, openById.get(`${OPEN_ROW}${pair.open}`) as Food, pair) : food;
  });
  // What people write for a food in both tables means the kitchen's.
  const inBoth = new Set(TABLE_PAIRS.map((pair) => `${OPEN_ROW}${pair.open}`));
  return makeShelf([...kitchen, ...compositeFoods(), ...open.map((food) => (inBoth.has(food.id) ? { ...food, aliases: [] } : food))]);
}

/** What every kitchen starts from: the kitchen foods first, then the open table. */
export const SHELF: Shelf = baseShelf();
