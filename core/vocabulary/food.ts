/** The vocabulary of foods: what a composition row says, and what the kitchen needs to know beside it. */
import type { AllergenId, DietId } from './allergens.ts';
import type { Category } from './category.ts';
import type { StoredNutrient } from './nutrient.ts';
import type { Origin } from './origin.ts';

export type SourceKind = 'measured' | 'recalled' | 'label' | 'imported';

export interface Source {
  kind: SourceKind;
  /** Document and row: 'IFCT 2017 H005', 'USDA SR 01053, from memory'. */
  ref: string;
}

/** Raw rows lose heat-sensitive vitamins when cooked here; cooked and canned rows have lost them already. */
export type FoodState = 'raw' | 'cooked' | 'canned' | 'dry' | 'processed';

/** How a food's starch swells; the body index has one coefficient for each. */
export type StarchKind = 'wheat' | 'maize' | 'tuber' | 'caged' | 'blended';

export interface Portion {
  /** 'cup', 'medium', 'clove', 'can 15 oz drained' ... */
  measure: string;
  /** Edible grams. */
  grams: number;
  low: number;
  high: number;
  source: string;
}

export interface AllergenFact {
  allergen: AllergenId;
  /** From the food to the allergen, nearest first: ['casein', 'milk']. */
  via: readonly string[];
}

export interface AllergenDoubt {
  allergen: AllergenId;
  why: string;
}

export type FoodFlag = 'potassiumChloride' | 'phosphate' | 'enriched' | 'fortified' | 'drained' | 'rawKidneyBean' | 'acidic' | 'splitsWhenBoiled';

/** What this kitchen read on its own product's label, and when. */
export interface PinnedNote {
  readOn: string;
  lookAgainOn: string;
  product?: string | undefined;
  /** The day to look again has come. */
  expired: boolean;
  /** What was looked up, and what was found: nothing else is answered. */
  answers: {
    allergens: readonly { allergen: AllergenId; state: 'contains' | 'mayContain' | 'absent' }[];
    flags: readonly { flag: FoodFlag; present: boolean }[];
    diets: readonly DietId[];
  };
}

export interface Food {
  id: string;
  name: string;
  /** What this kitchen read on its own product's label, and when. */
  pin?: PinnedNote;
  /** Of a composite: what most makes are made of, in words. */
  usual?: string | undefined;
  aliases: readonly string[];
  category: Category;
  state: FoodState;
  source: Source;
  /** Inulin, g per 100 g, and its standard deviations: fibre on top of the table's where a regime counts it. */
  inulinG?: readonly [value: number, below: number, above: number];
  /** Per 100 g edible; an absent key is unknown, never zero. */
  per100g: Readonly<Partial<Record<StoredNutrient, number>>>;
  /** One standard deviation below and above each value, same unit; absent where the class error of the source applies. */
  spread: Readonly<Partial<Record<StoredNutrient, readonly [below: number, above: number]>>>;
  /** Keys whose 0 is a fact of nature (no cholesterol in a leek) and carries no error. */
  zeroByNature: ReadonlySet<StoredNutrient>;
  /** Keys whose value is only a lower bound: of a preparation with a line that is not known. */
  atLeast?: ReadonlySet<StoredNutrient>;
  /** Of an own food: the kitchen food it is used as. Swaps, taste, body and fat go by that one. */
  like?: string;
  /** Keys taken from the other table, since this row lacks them. */
  borrowed?: ReadonlySet<StoredNutrient>;
  /** The same food in the other table. */
  other?: { source: Source; per100g: Readonly<Partial<Record<StoredNutrient, number>>> };
  /** Limited keys in which the two tables differ by more than twice. */
  apart?: ReadonlySet<StoredNutrient>;
  /** Grams per 100 g; part of the row check only. */
  ashG?: number;
  /** The table's own energy, kcal per 100 g; a check, never used in a result. */
  tableKcal?: number;
  densityGPerMl?: number;
  /** Share of the weight as bought that is eaten. */
  edibleShare: number;
  portions: readonly Portion[];
  contains: readonly AllergenFact[];
  checks: readonly AllergenDoubt[];
  mayContain: readonly AllergenDoubt[];
  origins: readonly Origin[];
  dietChecks: readonly { diet: DietId; why: string }[];
  flags: readonly FoodFlag[];
  starchKind: StarchKind;
  /** Fat that stays in drops (dairy, blended nuts) thickens; free oil floats and does not. */
  fatForm: 'dispersed' | 'free';
}
