/**
 * The one model of an adaptation: a discrete choice per slot (keep the line, or one of its swaps), continuous amounts
 * below it. Everything the limits and the objective speak of is linear in the amounts, because the number of bowls is
 * fixed; body and per-100 g limits become linear once multiplied out by volume and weight.
 */

import { covers, type NutRules } from '../allergen/board.ts';
import { dietsOfFood } from '../allergen/diets.ts';
import type { Analysis } from '../analysis/analysis.ts';
import { entriesOf } from '../bowl/entries.ts';
import type { Shelf } from '../food/shelf.ts';
import { REGIMES, type Regime } from '../regime/regime.ts';
import type { FlavourNote } from '../taste/data/flavours.ts';
import { bodyMlOf } from '../texture/body.ts';
import type { AllergenId, DietId } from '../vocabulary/allergens.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import { countedLines, type Line, type Recipe } from '../vocabulary/recipe.ts';
import { cautious, contribution, isNote, type Place, type StayedFoods } from './contribution.ts';
import { SWAPS, type Swap, type SwapPart } from './data/swaps.ts';
import type { Needs } from './needs.ts';
import { CHANGE_COST, DEFAULT_WEIGHTS, OBJECTIVE, type ObjectiveTerm, PER_ML, type TraitName, USUAL_PULL, VOLUME_KEEPS } from './objective.ts';
import { bodyBounds, hasPieces } from './verdict.ts';

export interface Part {
  foods: readonly (readonly [Food, number])[];
  /** Grams. */
  least: number;
  most: number;
  /** What a cook would put in without reckoning; straying from it costs `pull` a gram. */
  usual: number | null;
  pull: number;
  /** Traits of one gram, laid out by Model.traits. */
  perGram: Float64Array;
  eaten?: SwapPart['eaten'];
}

export interface Option {
  /** Null keeps the line as it is. */
  swap: Swap | null;
  fixed: Float64Array;
  parts: readonly Part[];
  cost: number;
}

export interface Slot {
  line: Line;
  food: Food;
  /** Keep first, unless a need forbids it. */
  options: readonly Option[];
  forced: boolean;
}

/** trait . T <= bound, scaled so that 1 is a violation as large as the bound itself. */
export interface Row {
  need: number | null;
  coefficients: Float64Array;
  bound: number;
  soft: boolean;
}

export interface Term {
  at: number;
  weight: number;
  /** Only what is above the original counts. */
  onlyMore: boolean;
}

export interface Model {
  traits: readonly TraitName[];
  original: Float64Array;
  /** Traits of everything that is in no slot. */
  base: Float64Array;
  slots: readonly Slot[];
  rows: readonly Row[];
  /** Objective terms: index of the trait and weight / scale. */
  terms: readonly Term[];
  /** Indices, into needRefs, of needs that no choice can meet. */
  hopeless: readonly number[];
}

const LEAVE_OUT: Swap = {
  id: 'topping-left-out',
  name: 'Left out',
  replaces: [],
  parts: [],
  work: 0,
  flavour: 0.25,
  steps: [],
  cautions: [],
  note: 'no topping',
  source: 'common practice, no source',
};

export interface ModelInput {
  recipe: Recipe;
  analysis: Analysis;
  needs: Needs;
  shelf: Shelf;
  /** Body index that 'same body' is the same as; that of the analysis when left out. */
  bodyIndex?: number;
  /** Limits the rows are built with in place of those asked, by index; used for chance margins. */
  tightened?: ReadonlyMap<number, { min?: number; max?: number }>;
  /** Need indices whose rows may be violated at a price. */
  soft?: ReadonlySet<number>;
  /** Money for a gram of a food; a food without a price weighs nothing in the choice. */
  priceOf?: (foodId: string) => number | undefined;
  /** Shared by the models of one recipe under one regime; without it the model works everything out for itself. */
  stayed?: StayedFoods;
}

const placeIn = ({ recipe, analysis, shelf, priceOf, stayed }: ModelInput, regime: Regime): Place => ({
  recipe,
  servings: analysis.servings,
  shelf,
  regime,
  priceOf,
  stayed: stayed ?? new Map(),
});

export function buildModel(input: ModelInput): Model {
  const { recipe, needs } = input;
  const regime = REGIMES[needs.regime ?? 'us'];
  const traits = traitsOf(input);
  const place = placeIn(input, regime);
  const original = originalTraits(traits, input, place);
  const base = Float64Array.from(original);
  const slots: Slot[] = [];
  const hopeless = new Set<number>();
  for (const line of countedLines(recipe)) {
    const slot = slotOf(line, traits, input, place, hopeless);
    if (!slot) continue;
    slots.push(slot);
    const own = contribution(line, slot.food, line.grams?.best ?? 0, traits, place);
    for (let t = 0; t < base.length; t += 1) base[t] = (base[t] as number) - (own[t] as number);
  }
  slots.sort((a, b) => Number(b.forced) - Number(a.forced));
  const terms = termsOf(traits, original, base, slots, needs);
  return { traits, original, base, slots, rows: rowsOf(traits, original, input), terms, hopeless: [...hopeless] };
}

function traitsOf({ needs, priceOf }: ModelInput): TraitName[] {
  const asked = OBJECTIVE.filter((term) => weightOf(term, needs) > 0 && (term.trait !== 'price' || priceOf !== undefined));
  return [
    ...new Set<TraitName>([
      ...asked.map(({ trait }) => trait),
      ...(needs.limits ?? []).flatMap(({ nutrient, min, max }): TraitName[] => [
        ...(max === undefined ? [] : [`most:${nutrient}` as const]),
        ...(min === undefined ? [] : [`least:${nutrient}` as const]),
      ]),
      'potMl',
      'bodyMl',
      'bowlGrams',
    ]),
  ];
}

const weightOf = ({ weight, by }: ObjectiveTerm, { weights }: Needs): number => weight * { ...DEFAULT_WEIGHTS, ...weights }[by ?? 'closeness'];

function originalTraits(traits: readonly TraitName[], { recipe, analysis, shelf }: ModelInput, place: Place): Float64Array {
  const bodyMl = bodyMlOf(recipe, entriesOf(recipe, place.regime, shelf));
  return Float64Array.from(traits, (trait) =>
    trait === 'potMl'
      ? analysis.potMl
      : trait === 'bodyMl'
        ? bodyMl
        : trait === 'bowlGrams'
          ? analysis.servingGrams
          : trait === 'price' || isNote(trait)
            ? sumOverLines(trait, place)
            : nutrientOf(trait, analysis),
  );
}

function nutrientOf(trait: Exclude<TraitName, 'potMl' | 'bodyMl' | 'bowlGrams' | 'price' | FlavourNote>, { perServing }: Analysis): number {
  const [side, nutrient] = cautious(trait) ?? ([null, trait as Nutrient] as const);
  const figure = perServing[nutrient];
  return side === null ? figure.value : (figure.cautious?.[side === 'most' ? 'high' : 'low'] ?? figure.value);
}

/** Traits that the analysis does not carry are added up line by line. */
function sumOverLines(trait: TraitName, place: Place): number {
  return countedLines(place.recipe).reduce((sum, line) => {
    const food = line.foodId === null ? undefined : place.shelf.food(line.foodId);
    return food && line.grams && line.stage !== 'plate' ? sum + (contribution(line, food, line.grams.best, [trait], place)[0] as number) : sum;
  }, 0);
}

/** Where a swap's foods go: its own stage unless the line is a topping. A line that moves is in no step of the recipe. */
export function placeOf(swap: Swap, line: Line): { stage: Line['stage']; moved: boolean } {
  const stays = line.stage === 'bowl' || line.stage === 'plate' || swap.stage === undefined || swap.stage === line.stage;
  return stays ? { stage: line.stage, moved: false } : { stage: swap.stage as Line['stage'], moved: true };
}

/** What the needs forbid, per food. */
interface Verdicts {
  contains: number[];
  checks: number[];
}

/** Need indices that a food breaks, and those it leaves to be checked. */
function verdictsOf(food: Food, needs: Needs, rules: NutRules): Verdicts {
  const contains: number[] = [];
  const checks: number[] = [];
  const speaks = (facts: readonly { allergen: AllergenId }[], id: AllergenId) => facts.some(({ allergen }) => covers(allergen, rules).includes(id));
  needs.allergens?.forEach((id, index) => {
    if (speaks(food.contains, id)) contains.push(index);
    else if (speaks(food.checks, id) || speaks(food.mayContain, id)) checks.push(index);
  });
  const diets = dietsOfFood(food, rules);
  needs.diets?.forEach((id: DietId, at) => {
    const index = (needs.allergens?.length ?? 0) + at;
    const states = diets.get(id)?.map(({ state }) => state) ?? [];
    if (states.includes('breaks')) contains.push(index);
    else if (states.length > 0) checks.push(index);
  });
  return { contains, checks };
}

const firstLimit = (needs: Needs): number => (needs.allergens?.length ?? 0) + (needs.diets?.length ?? 0);

/** Maximum-limited nutrients that a food leaves open: it cannot be part of a plan that is to meet them. */
function openMaxima(food: Food, needs: Needs, shelf: Shelf, regime: Regime): number[] {
  const unknown = shelf.figures(food, regime).unknown;
  return (needs.limits ?? []).flatMap(({ nutrient, max }, index) =>
    max !== undefined && unknown.includes(nutrient) ? [firstLimit(needs) + index] : [],
  );
}

function slotOf(line: Line, traits: readonly TraitName[], { needs, shelf }: ModelInput, place: Place, hopeless: Set<number>): Slot | null {
  if (line.stage === 'plate') return null;
  const food = line.foodId === null ? undefined : shelf.food(line.foodId);
  if (!food) {
    needs.limits?.forEach(({ max }, index) => {
      if (max !== undefined && line.eaten !== 'removed') hopeless.add(firstLimit(needs) + index);
    });
    if (needs.checks === 'avoid') for (let index = 0; index < firstLimit(needs); index += 1) hopeless.add(index);
    if (needs.smooth && hasPieces(line, undefined)) hopeless.add(smoothIndex(needs));
    return null;
  }
  const rules: NutRules = { coconutIsTreeNut: needs.coconutIsTreeNut ?? false, chestnutIsTreeNut: needs.chestnutIsTreeNut ?? false };
  const own = verdictsOf(food, needs, rules);
  const avoided = needs.avoidFoods?.includes(food.id) ?? false;
  const openOwn =
    line.eaten === 'removed'
      ? []
      : line.grams
        ? openMaxima(food, needs, shelf, place.regime)
        : (needs.limits ?? []).flatMap(({ max }, index) => (max === undefined ? [] : [firstLimit(needs) + index]));
  const broken = [
    ...own.contains,
    ...(needs.checks === 'avoid' ? own.checks : []),
    ...(avoided ? [avoidIndex(needs, food.id)] : []),
    ...openOwn,
    ...(needs.smooth && hasPieces(line, food.category) ? [smoothIndex(needs)] : []),
  ];
  const keep: Option = {
    swap: null,
    fixed: line.grams ? contribution(line, food, line.grams.best, traits, place) : new Float64Array(traits.length),
    parts: [],
    cost: 0,
  };
  const kept =
    needs.keepLines?.includes(line.id) ||
    (line.partOf !== undefined && needs.keepLines?.includes(line.partOf)) ||
    needs.keepFoods?.includes(food.id) ||
    line.grams === null;
  const swaps = kept ? [] : [...swapsFor(food), ...(line.stage === 'bowl' ? [LEAVE_OUT] : [])];
  const options = swaps.flatMap((swap) => {
    const option = optionOf(swap, line, food, own, traits, needs, place, rules);
    return option ? [option] : [];
  });
  if (broken.length > 0 && options.length === 0) for (const index of broken) hopeless.add(index);
  if (options.length === 0) return null;
  return { line, food, options: broken.length > 0 ? options : [keep, ...options], forced: broken.length > 0 };
}

const smoothIndex = (needs: Needs): number => firstLimit(needs) + (needs.limits?.length ?? 0) + (needs.body === undefined ? 0 : 1);

const avoidIndex = (needs: Needs, foodId: string): number =>
  firstLimit(needs) +
  (needs.limits?.length ?? 0) +
  (needs.body === undefined ? 0 : 1) +
  (needs.smooth ? 1 : 0) +
  (needs.keepLines?.length ?? 0) +
  (needs.keepFoods?.length ?? 0) +
  (needs.avoidFoods?.indexOf(foodId) ?? 0);

/**
 * Reduced-sodium stocks and salts are often made with potassium chloride, which no row of theirs counts: under a limit on
 * potassium none is brought in unless what only a label can tell is allowed (common practice of renal diets, no source).
 */
const potassiumIsLimited = ({ limits }: Needs): boolean =>
  limits?.some(({ nutrient, max }) => nutrient === 'potassiumMg' && max !== undefined) ?? false;

/** Swaps that can take a food's place; an own food has those of the food it is used as. */
export const swapsFor = ({ id, like }: Pick<Food, 'id' | 'like'>): Swap[] =>
  SWAPS.filter(({ replaces }) => replaces.includes(id) || (like !== undefined && replaces.includes(like)));

/** A swap as an option, or null when one of its foods is forbidden here. A check is never brought in where there was none. */
function optionOf(
  swap: Swap,
  line: Line,
  own: Food,
  ownVerdicts: Verdicts,
  traits: readonly TraitName[],
  needs: Needs,
  place: Place,
  rules: NutRules,
): Option | null {
  const { shelf, regime } = place;
  const parts: Part[] = [];
  const grams = line.grams?.best ?? 0;
  const closeness = needs.weights?.closeness ?? DEFAULT_WEIGHTS.closeness;
  for (const part of swap.parts) {
    const foods = part.foods.map(([id, share]) => [shelf.food(id) as Food, share] as const);
    for (const [food] of foods) {
      const verdicts = verdictsOf(food, needs, rules);
      if (needs.smooth && hasPieces(line, food.category)) return null;
      if (potassiumIsLimited(needs) && food.flags.includes('potassiumChloride') && needs.checks !== 'allow') return null;
      if (verdicts.contains.length > 0 || needs.avoidFoods?.includes(food.id) || openMaxima(food, needs, shelf, regime).length > 0) return null;
      if (needs.checks !== 'allow' && verdicts.checks.some((index) => needs.checks === 'avoid' || !ownVerdicts.checks.includes(index))) return null;
    }
    const perGram = new Float64Array(traits.length);
    const { stage, moved } = placeOf(swap, line);
    const here: Line = { ...line, stage, id: moved ? '' : line.id, eaten: part.eaten?.how, eatenShare: part.eaten?.share };
    for (const [food, share] of foods) {
      const one = contribution(here, food, share, traits, place);
      for (let t = 0; t < perGram.length; t += 1) perGram[t] = (perGram[t] as number) + (one[t] as number);
    }
    const usual = part.usual === undefined || grams === 0 ? null : part.usual * grams;
    const pull = usual ? (closeness * USUAL_PULL) / usual : 0;
    parts.push({ foods, least: part.least * grams, most: part.most * grams, usual, pull, perGram, ...(part.eaten ? { eaten: part.eaten } : {}) });
  }
  // A food is no swap for itself, unless there is less of it or it is treated otherwise.
  if (swap.parts.length > 0 && swap.parts.every(({ foods, most, eaten }) => most >= 1 && !eaten && foods.every(([id]) => id === own.id))) return null;
  return { swap, fixed: new Float64Array(traits.length), parts, cost: costOf(swap, needs, shelf) };
}

function costOf(swap: Swap, needs: Needs, shelf: Shelf): number {
  const weights = { ...DEFAULT_WEIGHTS, ...needs.weights };
  const processed = swap.parts.some(({ foods }) => foods.some(([id]) => shelf.food(id)?.category === 'plant-cream'));
  return (
    weights.changes * CHANGE_COST.changes +
    weights.work * CHANGE_COST.work * swap.work +
    weights.flavour * CHANGE_COST.flavour * swap.flavour +
    (processed ? weights.wholeFoods * CHANGE_COST.wholeFoods : 0)
  );
}

/** Terms that no choice can move are left out: they are the same everywhere. */
function termsOf(traits: readonly TraitName[], original: Float64Array, base: Float64Array, slots: readonly Slot[], needs: Needs): Term[] {
  const volume = original[traits.indexOf('potMl')] as number;
  return OBJECTIVE.flatMap((term): Term[] => {
    const at = traits.indexOf(term.trait);
    const weight = weightOf(term, needs);
    if (at < 0 || weight === 0 || !moves(at, original, base, slots)) return [];
    // An empty pot has no volume to share: a millilitre keeps the scale finite.
    const least = PER_ML.has(term.trait) ? Math.max(1, term.floor * volume) : term.floor;
    return [{ at, weight: weight / Math.max(original[at] as number, least), onlyMore: term.onlyMore ?? false }];
  });
}

function moves(at: number, original: Float64Array, base: Float64Array, slots: readonly Slot[]): boolean {
  const first = slots.reduce((sum, { options }) => sum + (options[0]?.fixed[at] as number), base[at] as number);
  if (Math.abs(first - (original[at] as number)) > 1e-9 * Math.max(1, Math.abs(first))) return true;
  return slots.some(({ options }) =>
    options.some(({ fixed, parts }) => fixed[at] !== options[0]?.fixed[at] || parts.some(({ perGram }) => perGram[at] !== 0)),
  );
}

function rowsOf(traits: readonly TraitName[], original: Float64Array, { needs, analysis, bodyIndex, tightened, soft }: ModelInput): Row[] {
  const rows: Row[] = [];
  const at = (trait: TraitName) => traits.indexOf(trait);
  const add = (need: number | null, entries: readonly (readonly [TraitName, number])[], bound: number, scale: number) => {
    const coefficients = new Float64Array(traits.length);
    for (const [trait, factor] of entries) coefficients[at(trait)] = factor / scale;
    rows.push({ need, coefficients, bound: bound / scale, soft: need !== null && (soft?.has(need) ?? false) });
  };
  const volume = original[at('potMl')] as number;
  if (volume > 0) {
    add(null, [['potMl', 1]], volume * (1 + VOLUME_KEEPS), volume);
    add(null, [['potMl', -1]], -volume * (1 - VOLUME_KEEPS), volume);
  }
  needs.limits?.forEach((limit, index) => {
    const need = firstLimit(needs) + index;
    const { min, max } = { ...limit, ...tightened?.get(index) };
    const bowl = analysis.servingGrams || 1;
    const bounded = (sign: 1 | -1, value: number) => {
      const trait = `${sign === 1 ? 'most' : 'least'}:${limit.nutrient}` as const;
      const scale = Math.max(1e-3, Math.abs(value));
      if (limit.per === 'serving') add(need, [[trait, sign]], sign * value, scale);
      else
        add(
          need,
          [
            [trait, (sign * 100) / bowl],
            ['bowlGrams', (-sign * value) / bowl],
          ],
          0,
          scale,
        );
    };
    if (max !== undefined) bounded(1, max);
    if (min !== undefined) bounded(-1, min);
  });
  const bounds = bodyBounds(needs, bodyIndex ?? analysis.body.index);
  if (bounds && volume > 0) {
    const need = firstLimit(needs) + (needs.limits?.length ?? 0);
    if (Number.isFinite(bounds.max))
      add(
        need,
        [
          ['bodyMl', 1],
          ['potMl', -bounds.max],
        ],
        0,
        volume,
      );
    add(
      need,
      [
        ['bodyMl', -1],
        ['potMl', bounds.min],
      ],
      0,
      volume,
    );
  }
  return rows;
}
