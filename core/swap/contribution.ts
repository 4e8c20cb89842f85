/** What a food in the place of a line gives the pot and one bowl, trait by trait: the coefficients of the one model. */

import { heatOfLine } from '../bowl/heat.ts';
import { mlPer100g } from '../bowl/pot.ts';
import { stayOf } from '../bowl/stay.ts';
import { ceilingPer100g } from '../food/ceiling.ts';
import { figuresAfter } from '../food/figures.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Regime } from '../regime/regime.ts';
import { NO_TINT, type Tint, tintOf } from '../taste/colour.ts';
import { FLAVOUR_NOTES, type FlavourNote } from '../taste/data/flavours.ts';
import { flavourOf } from '../taste/flavour.ts';
import { blendedShare } from '../texture/blended.ts';
import { bodyMlPerGram, releasedShare } from '../texture/body.ts';
import type { Food } from '../vocabulary/food.ts';
import { NUTRIENT_INDEX, type Nutrient } from '../vocabulary/nutrient.ts';
import type { Line, Recipe } from '../vocabulary/recipe.ts';
import { TINTS, type TintTrait, type TraitName } from './objective.ts';

/** What is left of a food in a place after heat, draining and the rest. */
interface Stayed {
  /** Grams left of one. */
  grams: number;
  /** Nutrients of 100 g put in; by whichever table has more, and less. */
  nutrients: Float64Array;
  most: Float64Array;
  least: Float64Array;
  /** Millilitres of body of one gram left, and how much of its colour is seen. */
  body: number;
  released: number;
}

/**
 * What stays of each food in each place of one recipe. It hangs on the lines and steps alone: every model of the recipe,
 * whatever is asked of it and into however many bowls it goes, may share one.
 */
export type StayedFoods = Map<string, Stayed>;

export interface Place {
  recipe: Recipe;
  servings: number;
  shelf: Shelf;
  regime: Regime;
  stayed: StayedFoods;
  /** Money for a gram of a food; a food without a price weighs nothing in the choice. */
  priceOf?: ((foodId: string) => number | undefined) | undefined;
}

const NOTES: ReadonlySet<string> = new Set(FLAVOUR_NOTES);
/** Which figures a cautious trait reads, and of which nutrient; null of any other trait. */
export function cautious(trait: TraitName): readonly ['most' | 'least', Nutrient] | null {
  if (trait.startsWith('most:')) return ['most', trait.slice(5) as Nutrient];
  return trait.startsWith('least:') ? ['least', trait.slice(6) as Nutrient] : null;
}

const TINT_NAMES: ReadonlySet<string> = new Set(TINTS);
export const isTint = (trait: TraitName): trait is TintTrait => TINT_NAMES.has(trait);
const AXIS = { tintRed: 'red', tintYellow: 'yellow', tintDark: 'dark' } as const satisfies Record<TintTrait, keyof Tint>;

export const isNote = (trait: TraitName): trait is FlavourNote => NOTES.has(trait);

/** What `grams` of a food in the place of a line give the pot (volume, body, flavour) and one bowl (the rest). */
export function contribution(line: Line, food: Food, grams: number, traits: readonly TraitName[], place: Place): Float64Array {
  const stayed = stayedOf(line, food, place);
  const inPot = line.stage !== 'bowl' && line.stage !== 'plate';
  const share = line.perBowl ? 1 : 1 / place.servings;
  const left = grams * stayed.grams;
  return Float64Array.from(traits, (trait) => {
    if (trait === 'potMl') return inPot ? (left * mlPer100g(food)) / 100 : 0;
    if (trait === 'bodyMl') return inPot ? left * stayed.body : 0;
    if (trait === 'bowlGrams') return line.stage === 'plate' ? 0 : left * share;
    if (trait === 'price') return grams * share * (place.priceOf?.(food.id) ?? 0);
    if (isTint(trait)) return inPot ? left * stayed.released * (tintOf(food) ?? NO_TINT)[AXIS[trait]] : 0;
    if (isNote(trait)) return inPot ? left * flavourOf(food)[trait] : 0;
    const [figures, nutrient] = cautious(trait) ?? (['nutrients', trait as Nutrient] as const);
    return (grams * share * (stayed[figures][NUTRIENT_INDEX[nutrient]] as number)) / 100;
  });
}

/** What is not known of a food counts as the most that its kind is known to hold. */
function withCeilings(most: Float64Array, food: Food, { shelf, regime }: Place): Float64Array {
  const { unknown } = shelf.figures(food, regime);
  if (unknown.length === 0) return most;
  const all = Float64Array.from(most);
  for (const nutrient of unknown) {
    const ceiling = ceilingPer100g(food.category, nutrient, shelf, regime);
    const at = NUTRIENT_INDEX[nutrient];
    if (Number.isFinite(ceiling)) all[at] = (all[at] as number) + ceiling;
  }
  return all;
}

function stayedOf(line: Line, food: Food, place: Place): Stayed {
  const { recipe, shelf, regime, stayed } = place;
  const key = [line.id, line.stage, line.eaten ?? '', line.eatenShare ?? '', food.id].join('|');
  let known = stayed.get(key);
  if (!known) {
    const stay = stayOf(line, food, heatOfLine(recipe, line.id, line.stage));
    const { value, apart } = figuresAfter(shelf.figures(food, regime), stay, regime);
    const by = (pick: (one: number, other: number) => number): Float64Array => {
      if (apart.length === 0) return value;
      const figures = Float64Array.from(value);
      for (const [at, other] of apart) figures[at] = pick(value[at] as number, other);
      return figures;
    };
    const released = releasedShare(food, blendedShare(recipe));
    known = {
      grams: stay.grams,
      nutrients: value,
      most: line.eaten === 'removed' ? by(Math.max) : withCeilings(by(Math.max), food, place),
      least: by(Math.min),
      body: bodyMlPerGram(food) * released,
      released,
    };
    stayed.set(key, known);
  }
  return known;
}
