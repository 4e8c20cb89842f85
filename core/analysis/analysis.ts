/**
 * One soup analysed: what a bowl holds and how surely, what hides in it, how thick it is, what to be careful of.
 * The recipe must be free of faults (recipe.ts); the shelf gives the foods. Pure: same recipe, same analysis.
 */

import { type AllergenRules, type AllergenVerdict, allergenBoard } from '../allergen/board.ts';
import { type DietVerdict, dietVerdicts } from '../allergen/diets.ts';
import { type Cost, costOf, type PriceList } from '../bowl/cost.ts';
import { contentsOf, type Entry, entriesOf, kernelLines, waterLost } from '../bowl/entries.ts';
import { type KernelLine, type Sums, sumLines } from '../bowl/kernel.ts';
import { type Bowl, EMPTY, resolveBowl } from '../bowl/pot.ts';
import { openPreparations } from '../bowl/preparation.ts';
import { LIMITED } from '../food/data/row.ts';
import type { SaltBand } from '../food/seasoning.ts';
import type { Shelf } from '../food/shelf.ts';
import { type Note, notesFor } from '../notes/rules.ts';
import { type Claim, claimsOf } from '../regime/claims.ts';
import { type Declared, declaredFigures } from '../regime/declared.ts';
import { REGIMES, type Regime, type RegimeId } from '../regime/regime.ts';
import { colourOf, isFaint } from '../taste/colour.ts';
import { type Seasoning, seasoningOf } from '../taste/toTaste.ts';
import { blendedShare } from '../texture/blended.ts';
import { type Body, bodyMlOf, bodyOf, releasedShare } from '../texture/body.ts';
import type { AllergenId } from '../vocabulary/allergens.ts';
import type { Blender } from '../vocabulary/blender.ts';
import type { Food, SourceKind } from '../vocabulary/food.ts';
import { NUTRIENT_INDEX, NUTRIENTS, type Nutrient, type StoredNutrient } from '../vocabulary/nutrient.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { withUnread } from './unread.ts';

export interface NutrientFigure {
  value: number;
  low: number;
  high: number;
  /** True when something in the soup is unknown: the value is a lower bound. */
  atLeast: boolean;
  missing: { lineId: string; foodId: string | null }[];
  /** Of a kept version only: this nutrient was not worked out when it was kept. */
  notKnown?: true;
  /** Where two tables differ by more than twice in a food: the figure by whichever row is lower, and by whichever is higher. */
  cautious?: { low: number; high: number };
}
export type NutrientFigures = Record<Nutrient, NutrientFigure>;

export interface Provenance {
  measured: number;
  recalled: number;
  label: number;
  imported: number;
  unknownGramsShare: number;
  /** Shares of each limited nutrient that is there, by kind of source. */
  byNutrient: Partial<Record<Nutrient, Record<SourceKind, number>>>;
}

export interface ChoiceResult {
  choiceOf: string;
  lineId: string;
  perServing: NutrientFigures;
  allergens: { id: AllergenId; state: AllergenVerdict['state'] }[];
}

export interface Analysis {
  regime: RegimeId;
  servings: number;
  servingGrams: number;
  servingMl: number;
  potGrams: number;
  potMl: number;
  evaporatedGrams: number;
  batchGrams: number;
  batch: NutrientFigures;
  perServing: NutrientFigures;
  per100g: NutrientFigures;
  /** Bread and sides of one bowl, outside its figures. */
  plate?: NutrientFigures;
  /** One bowl with what stands beside it. */
  plateServing?: NutrientFigures;
  declared: Declared;
  claims: Claim[];
  allergens: AllergenVerdict[];
  diets: DietVerdict[];
  body: Body;
  saltPercent: number;
  /** Of the pot, as a word; left out where too much of it has a colour nobody knows. */
  colour?: string;
  /** Where salt is 'to taste': what brings the pot to the house's band, and what a bowl has then. */
  seasoning?: Seasoning;
  provenance: Provenance;
  /** Of one bowl; only where the kitchen has prices. */
  cost?: Cost;
  choices?: ChoiceResult[];
  notes: Note[];
}

export interface AnalyseOptions {
  regime?: RegimeId | undefined;
  coconutIsTreeNut?: boolean | undefined;
  chestnutIsTreeNut?: boolean | undefined;
  prices?: PriceList | undefined;
  /** What the kitchen blends with: how often its jar is filled. */
  blender?: Blender | undefined;
  /** How this house salts. */
  saltBand?: SaltBand | undefined;
}

/** Alternatives worked out for one soup; a recipe with more has them left out, the chosen ones counted all the same. */
const MOST_ALTERNATIVES = 24;

export function analyse(written: Recipe, options: AnalyseOptions, ofKitchen: Shelf): Analysis {
  const { recipe, shelf } = openPreparations(written, ofKitchen);
  const rules = rulesOf(options);
  const analysis = analyseChosen(recipe, options, rules, shelf);
  const choices = alternatives(recipe)
    .slice(0, MOST_ALTERNATIVES)
    .map(({ choiceOf, lineId, recipe: other }): ChoiceResult => {
      const { perServing, allergens } = bowlOf(other, rules, shelf);
      return { choiceOf, lineId, perServing: withoutMissing(perServing), allergens: allergens.map(({ id, state }) => ({ id, state })) };
    });
  return choices.length > 0 ? { ...analysis, choices } : analysis;
}

/** Which lines leave a figure open is said once, of the soup itself. */
const withoutMissing = (figures: NutrientFigures): NutrientFigures =>
  Object.fromEntries(NUTRIENTS.map((key) => [key, { ...figures[key], missing: NOTHING_MISSING }])) as unknown as NutrientFigures;

/** The recipe once for every alternative of every choice, the others as chosen. */
function alternatives(recipe: Recipe): { choiceOf: string; lineId: string; recipe: Recipe }[] {
  return recipe.lines
    .filter((line) => line.choiceOf !== undefined)
    .map((line) => ({
      choiceOf: line.choiceOf as string,
      lineId: line.id,
      recipe: {
        ...recipe,
        lines: recipe.lines.map((other) => (other.choiceOf === line.choiceOf ? { ...other, chosen: other.id === line.id } : other)),
      },
    }));
}

/** The regime with what it and the house say of nuts and oats. */
interface Rules extends AllergenRules {
  regime: Regime;
}

function rulesOf({ regime: id = 'us', coconutIsTreeNut = false, chestnutIsTreeNut = false }: AnalyseOptions): Rules {
  const regime = REGIMES[id];
  return { regime, coconutIsTreeNut, chestnutIsTreeNut, oatsHoldGluten: regime.oatsHoldGluten };
}

/** What a bowl holds, and what it rests on: as much as a choice is told of. */
function bowlOf(recipe: Recipe, rules: Rules, shelf: Shelf) {
  const { regime } = rules;
  const entries = entriesOf(recipe, regime, shelf);
  const board = withUnread(recipe, entries, shelf);
  const bowl = resolveBowl(recipe, contentsOf(entries), waterLost(recipe, entries));
  const eaten = entries.filter(({ line }) => line.stage !== 'plate');
  const lines = kernelLines(eaten, bowl, recipe);
  const sums = sumLines(lines, bowl.error);
  const missing = missingOf(eaten);
  const cautious = cautiousOf(lines, sums);
  const shaped = (factor: number) => shape(sums, missing, factor, cautious);
  return { entries, eaten, board, bowl, shaped, perServing: shaped(1), allergens: allergenBoard(board, rules, declaredIn(regime)) };
}

const declaredSets = new Map<RegimeId, ReadonlySet<AllergenId>>();
function declaredIn({ id, declaredAllergens }: Regime): ReadonlySet<AllergenId> {
  let known = declaredSets.get(id);
  if (!known) declaredSets.set(id, (known = new Set(declaredAllergens)));
  return known;
}

function analyseChosen(recipe: Recipe, options: AnalyseOptions, rules: Rules, shelf: Shelf): Analysis {
  const { regime } = rules;
  const { entries, eaten, board, bowl, shaped, perServing, allergens } = bowlOf(recipe, rules, shelf);
  const per100g = shaped(bowl.servingGrams > EMPTY ? 100 / bowl.servingGrams : 0);
  const plate = plateOf(entries, bowl, recipe);
  const plateServing = plate && servedOf(entries, bowl, recipe);
  const claims = claimsOf(regime.id, { perServing, servingGrams: bowl.servingGrams, servingMl: bowl.servingMl });
  const seasoning = seasoningOf(recipe, bowl, shelf, options.saltBand);
  const colour = colourOfPot(recipe, entries);
  const cost = options.prices ? costOf(recipe, bowl.servings, options.prices, shelf) : null;

  return {
    regime: regime.id,
    servings: bowl.servings,
    servingGrams: bowl.servingGrams,
    servingMl: bowl.servingMl,
    potGrams: bowl.potGrams,
    potMl: bowl.potMl,
    evaporatedGrams: bowl.evaporatedGrams,
    batchGrams: bowl.batchGrams,
    batch: shaped(bowl.servings),
    perServing,
    per100g,
    ...(plate ? { plate } : {}),
    ...(plateServing ? { plateServing } : {}),
    declared: declaredFigures(
      regime.id,
      (key) => perServing[key],
      (key) => per100g[key],
      claims,
    ),
    claims,
    allergens,
    diets: dietVerdicts(board, rules),
    body: bodyOfPot(recipe, entries, bowl.potMl),
    ...(colour ? { colour } : {}),
    saltPercent: bowl.servingGrams > EMPTY ? (perServing.saltG.value / bowl.servingGrams) * 100 : 0,
    ...(seasoning ? { seasoning } : {}),
    provenance: provenanceOf(eaten, bowl),
    ...(cost ? { cost } : {}),
    notes: notesFor({ recipe, lines: entries, bowl, regime: regime.id, blender: options.blender, perBowl: (key) => perServing[key].value }),
  };
}

type Missing = Map<Nutrient, { lineId: string; foodId: string | null }[]>;

/** No more lines than this are named for one open figure. */
const MOST_NAMED = 20;

/** Which lines leave which nutrient open. A line taken out leaves nothing open. */
function missingOf(entries: readonly Entry[]): Missing {
  const missing: Missing = new Map();
  for (const { line, figures } of entries) {
    if (line.eaten === 'removed' || (figures && line.grams && line.grams.high <= 0)) continue;
    const entry = { lineId: line.id, foodId: line.foodId };
    for (const key of figures && line.grams ? figures.unknown : NUTRIENTS) {
      const list = missing.get(key);
      if (!list) missing.set(key, [entry]);
      else if (list.length < MOST_NAMED) list.push(entry);
    }
  }
  return missing;
}

type Cautious = ReadonlyMap<number, { low: number; high: number }>;

/** Sums by whichever table is lower, and by whichever is higher, where the tables of a food differ. */
function cautiousOf(lines: readonly KernelLine[], { value }: Sums): Cautious {
  const cautious = new Map<number, { low: number; high: number }>();
  for (const { figures, grams } of lines)
    for (const [at, other] of figures.apart) {
      const { low, high } = cautious.get(at) ?? { low: value[at] as number, high: value[at] as number };
      const by = (grams / 100) * (other - (figures.value[at] as number));
      cautious.set(at, { low: low + Math.min(0, by), high: high + Math.max(0, by) });
    }
  return cautious;
}

const NOTHING_MISSING: { lineId: string; foodId: string | null }[] = [];

function shape({ value, low, high }: Sums, missing: Missing, factor: number, cautious?: Cautious): NutrientFigures {
  const figures = {} as NutrientFigures;
  for (let at = 0; at < NUTRIENTS.length; at += 1) {
    const key = NUTRIENTS[at] as Nutrient;
    const open = missing.get(key);
    const tables = cautious?.get(at);
    const figure: NutrientFigure = {
      value: (value[at] as number) * factor,
      low: (low[at] as number) * factor,
      high: (high[at] as number) * factor,
      atLeast: open !== undefined,
      missing: open ?? NOTHING_MISSING,
    };
    if (tables) figure.cautious = { low: tables.low * factor, high: tables.high * factor };
    figures[key] = figure;
  }
  return figures;
}

function plateOf(entries: readonly Entry[], bowl: Bowl, recipe: Recipe): NutrientFigures | null {
  const sides = entries.filter(({ line }) => line.stage === 'plate');
  return sides.length > 0 ? shape(sumLines(kernelLines(sides, bowl, recipe)), missingOf(sides), 1) : null;
}

/** One bowl with its sides, errors of one food shared between them. */
function servedOf(entries: readonly Entry[], bowl: Bowl, recipe: Recipe): NutrientFigures {
  const lines = kernelLines(entries, bowl, recipe);
  const sums = sumLines(lines, bowl.error);
  return shape(sums, missingOf(entries), 1, cautiousOf(lines, sums));
}

const bodyOfPot = (recipe: Recipe, entries: readonly Entry[], potMl: number): Body => bodyOf(bodyMlOf(recipe, entries), potMl);

/** What is in the pot, pieces left whole as far as their colour gets into the soup. */
function colourOfPot(recipe: Recipe, entries: readonly Entry[]): string | null {
  const blended = blendedShare(recipe);
  // What is not weighed could colour the whole pot: nothing is told, but where it only seasons.
  const isOpen = ({ line, food }: Entry) => !line.grams && line.eaten !== 'removed' && !(food && isFaint(food));
  if (entries.some((entry) => entry.line.stage !== 'bowl' && entry.line.stage !== 'plate' && isOpen(entry))) return null;
  let potGrams = 0;
  const seen = entries.flatMap(({ line, food, stay }) => {
    if (line.stage === 'bowl' || line.stage === 'plate' || !line.grams) return [];
    const grams = line.grams.best * (stay ? stay.grams : 1);
    potGrams += grams;
    return [{ food, grams: grams * (food ? releasedShare(food, blended) : 1) }];
  });
  return colourOf(seen, potGrams);
}

const ENERGY = NUTRIENT_INDEX.energyKcal;
const SOURCE_KINDS = ['measured', 'recalled', 'label', 'imported'] as const satisfies readonly SourceKind[];
const NO_SHARES: Record<SourceKind, number> = { measured: 0, recalled: 0, label: 0, imported: 0 };

/** Sums by the place of their kind in SOURCE_KINDS, as shares; null where there is nothing to share. */
function sharesOf(sums: ArrayLike<number>, from = 0): Record<SourceKind, number> | null {
  const [measured, recalled, label, imported] = [sums[from], sums[from + 1], sums[from + 2], sums[from + 3]] as [number, number, number, number];
  const total = measured + recalled + label + imported;
  return total > 0 ? { measured: measured / total, recalled: recalled / total, label: label / total, imported: imported / total } : null;
}

/** Shares of the known energy by kind of source; by weight where there is no energy to share. */
function provenanceOf(entries: readonly Entry[], bowl: Bowl): Provenance {
  const energy = new Float64Array(SOURCE_KINDS.length);
  const grams = new Float64Array(SOURCE_KINDS.length);
  let unknownGrams = 0;
  let allGrams = 0;
  for (const { line, food, figures } of entries) {
    if (!line.grams || line.eaten === 'removed') continue;
    const m = line.grams.best * (line.perBowl ? bowl.servings : 1);
    allGrams += m;
    if (!food || !figures) unknownGrams += m;
    else {
      const kind = SOURCE_KINDS.indexOf(food.source.kind);
      energy[kind] = (energy[kind] as number) + (m * (figures.value[ENERGY] as number)) / 100;
      grams[kind] = (grams[kind] as number) + m;
    }
  }
  return {
    ...(sharesOf(energy) ?? sharesOf(grams) ?? NO_SHARES),
    byNutrient: byNutrientOf(entries, bowl),
    unknownGramsShare: allGrams > 0 ? unknownGrams / allGrams : entries.length > 0 ? 1 : 0,
  };
}

const LIMITED_NUTRIENTS = ['energyKcal', ...LIMITED.filter((key) => key !== 'waterG')] as const satisfies readonly Nutrient[];
const LIMITED_AT = LIMITED_NUTRIENTS.map((key) => NUTRIENT_INDEX[key]);
const kindsOfFood = new WeakMap<Food, readonly number[]>();

/** For each limited nutrient of a food the place of its kind of source: a figure borrowed from the other table is of that table's. */
function sourcesOf(food: Food): readonly number[] {
  let kinds = kindsOfFood.get(food);
  if (!kinds) {
    kinds = LIMITED_NUTRIENTS.map((key) => {
      const { kind } = (food.borrowed?.has(key as StoredNutrient) ? food.other?.source : undefined) ?? food.source;
      return SOURCE_KINDS.indexOf(kind);
    });
    kindsOfFood.set(food, kinds);
  }
  return kinds;
}

function byNutrientOf(entries: readonly Entry[], bowl: Bowl): Provenance['byNutrient'] {
  const many = SOURCE_KINDS.length;
  const sums = new Float64Array(LIMITED_AT.length * many);
  for (const { line, food, figures } of entries) {
    if (!food || !figures || !line.grams) continue;
    const grams = line.grams.best * (line.perBowl ? bowl.servings : 1);
    const kinds = sourcesOf(food);
    for (let n = 0; n < LIMITED_AT.length; n += 1) {
      const at = n * many + (kinds[n] as number);
      sums[at] = (sums[at] as number) + grams * (figures.value[LIMITED_AT[n] as number] as number);
    }
  }
  const shares: Provenance['byNutrient'] = {};
  LIMITED_NUTRIENTS.forEach((key, n) => {
    const ofKey = sharesOf(sums, n * many);
    if (ofKey) shares[key] = ofKey;
  });
  return shares;
}
