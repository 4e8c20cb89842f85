/**
 * Kinds of food: where one stands on the shelf, and what the rooms ask of the whole kind. One row each; lists elsewhere are derived, and a
 * hole does not compile. Common practice of kitchens, no source, but where another is named.
 */
import type { Nutrient } from './nutrient.ts';

/** What heat leaves of the vitamins is known by these groups (bowl/data/retention.ts). */
export type RetentionGroup = 'green' | 'root' | 'vegetable' | 'fruit' | 'mushroom' | 'herb' | 'pulse' | 'meat' | 'poultry' | 'fish' | 'egg' | 'grain';

export interface CategoryRow {
  label: string;
  /** Pieces that stay pieces until they are blended. */
  solid?: true;
  /** Of plants, whatever else a composite of the kind may hold. */
  plant?: true;
  /** Sold as it grew, was milked or caught: no sugar is added to it. */
  unsweetened?: true;
  /** Its carbohydrate that is no sugar is no starch either. */
  starchless?: true;
  /** It holds no starch at all. */
  noStarch?: true;
  /** Starch and dairy fat that set when cold give the pot more body (estimate). */
  setsCold?: true;
  /** What a pureed soup is made of. */
  vegetable?: true;
  /** What 'liquid to cover' covers. */
  covered?: true;
  /** Poured by the litre: what a soup is thinned and boiled with. */
  liquid?: true;
  /** Boiled in water that is thrown away, it loses what dissolves. */
  drains?: true;
  /** The retention group of a raw one; null where no factor is known and none is applied. */
  heat: RetentionGroup | null;
  /** What steps call the whole kind, separated by commas; singular. */
  called?: string;
  /** What people count on it for: common practice of dietitians, no source. */
  countedOn?: readonly Nutrient[];
}

const ROWS = {
  dairy: {
    label: 'dairy',
    unsweetened: true,
    starchless: true,
    noStarch: true,
    setsCold: true,
    heat: null,
    countedOn: ['calciumMg', 'iodineUg', 'vitaminB12Ug', 'vitaminDUg'],
  },
  egg: { label: 'eggs', unsweetened: true, starchless: true, heat: 'egg', countedOn: ['vitaminB12Ug', 'vitaminDUg'] },
  'plant-cream': { label: 'plant drinks and creams', plant: true, starchless: true, heat: null },
  pulse: { label: 'pulses', solid: true, plant: true, unsweetened: true, covered: true, drains: true, heat: 'pulse', called: 'bean' },
  'nut-seed': { label: 'nuts and seeds', solid: true, plant: true, unsweetened: true, heat: null },
  starch: { label: 'starches and flours', plant: true, unsweetened: true, setsCold: true, heat: 'grain' },
  grain: { label: 'grains and pasta', solid: true, plant: true, unsweetened: true, setsCold: true, drains: true, heat: 'grain' },
  bread: { label: 'bread', solid: true, setsCold: true, heat: null, called: 'bread' },
  broth: { label: 'stocks and broths', starchless: true, liquid: true, heat: null, called: 'stock, broth, bouillon, liquid' },
  fat: { label: 'fats and oils', unsweetened: true, starchless: true, noStarch: true, heat: null },
  meat: { label: 'meat', solid: true, starchless: true, covered: true, heat: 'meat', countedOn: ['ironMg', 'zincMg', 'vitaminB12Ug'] },
  poultry: {
    label: 'poultry',
    solid: true,
    unsweetened: true,
    starchless: true,
    covered: true,
    heat: 'poultry',
    called: 'poultry',
    countedOn: ['ironMg', 'zincMg', 'vitaminB12Ug'],
  },
  fish: {
    label: 'fish',
    solid: true,
    unsweetened: true,
    starchless: true,
    covered: true,
    heat: 'fish',
    called: 'fish',
    countedOn: ['iodineUg', 'vitaminB12Ug', 'vitaminDUg'],
  },
  shellfish: { label: 'shellfish', solid: true, unsweetened: true, starchless: true, heat: 'fish', called: 'seafood' },
  sauce: { label: 'sauces and pastes', starchless: true, heat: null },
  salt: { label: 'salt', unsweetened: true, starchless: true, noStarch: true, heat: null },
  sweetener: { label: 'sweeteners', plant: true, starchless: true, heat: null },
  acid: { label: 'vinegars and juices', plant: true, unsweetened: true, starchless: true, heat: 'fruit' },
  alcohol: { label: 'alcohol', starchless: true, heat: null },
  root: { label: 'roots', solid: true, plant: true, unsweetened: true, setsCold: true, vegetable: true, covered: true, drains: true, heat: 'root' },
  vegetable: { label: 'vegetables', solid: true, plant: true, unsweetened: true, vegetable: true, covered: true, drains: true, heat: 'vegetable' },
  leaf: { label: 'leaves', solid: true, plant: true, unsweetened: true, vegetable: true, covered: true, drains: true, heat: 'green' },
  allium: { label: 'onion family', solid: true, plant: true, unsweetened: true, vegetable: true, covered: true, heat: 'vegetable' },
  mushroom: { label: 'mushrooms', solid: true, plant: true, unsweetened: true, vegetable: true, covered: true, heat: 'mushroom' },
  fruit: { label: 'fruit', solid: true, plant: true, unsweetened: true, vegetable: true, covered: true, heat: 'fruit' },
  herb: { label: 'herbs', solid: true, plant: true, unsweetened: true, starchless: true, heat: 'herb' },
  spice: { label: 'spices', plant: true, unsweetened: true, starchless: true, heat: null },
  water: { label: 'water', unsweetened: true, starchless: true, noStarch: true, liquid: true, heat: null },
} as const satisfies Record<string, CategoryRow>;

export type Category = keyof typeof ROWS;
export const CATEGORY_ROWS: Readonly<Record<Category, CategoryRow>> = ROWS;
export const CATEGORIES = Object.keys(ROWS) as readonly Category[];

/** True when a food's kind has the trait; a food that is not known has none. */
export const isOf = (category: Category | undefined, trait: 'solid' | 'vegetable' | 'covered' | 'liquid' | 'drains' | 'setsCold'): boolean =>
  category !== undefined && CATEGORY_ROWS[category][trait] === true;
