/** Builds the one model from a recipe and what is asked of it: traits, slots, rows, and the terms of the objective. */
import type { Analysis, NutrientFigures } from '../analysis/analysis.ts';
import { entriesOf } from '../bowl/entries.ts';
import type { Shelf } from '../food/shelf.ts';
import { REGIMES } from '../regime/regime.ts';
import type { FlavourNote } from '../taste/data/flavours.ts';
import { bodyMlOf } from '../texture/body.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import { countedLines, type Recipe } from '../vocabulary/recipe.ts';
import { cautious, contribution, isNote, isTint, type Place, type StayedFoods } from './contribution.ts';
import type { Model, Side, Slot, Term } from './model.ts';
import { type Asked, type Need, type NeedOf, ofKind } from './need.ts';
import { DEFAULT_WEIGHTS, OBJECTIVE, type ObjectiveTerm, PER_ML, type TintTrait, type TraitName } from './objective.ts';
import { withReasons } from './reasons.ts';
import { type Bounds, rowsOf } from './rows.ts';
import { servedFigures } from './scope.ts';
import { openSlots } from './slots.ts';
import { addScaled, at, item } from './solver/linear.ts';
import { unknownOf } from './unknowns.ts';

export interface ModelInput {
  recipe: Recipe;
  analysis: Analysis;
  asked: Asked;
  shelf: Shelf;
  /** Body index that 'same body' is the same as; that of the analysis when left out. */
  bodyIndex?: number;
  /** Limits the rows are built with in place of those asked; used for chance margins. */
  tightened?: ReadonlyMap<Need, Bounds>;
  /** Needs whose rows may be violated at a price. */
  soft?: ReadonlySet<Need>;
  /** Money for a gram of a food; a food without a price weighs nothing in the choice. */
  priceOf?: (foodId: string) => number | undefined;
  /** Every option of every line, whether or not anything asked gives it a reason: for the menu of one line. */
  every?: boolean | undefined;
  /** Traits that are read of it beside those it needs. */
  also?: readonly TraitName[];
  /** Limits that nobody asked for and that give a change its reason all the same: for a look at all that could be cooked. */
  reasons?: readonly NeedOf<'limit'>[];
  /** Shared by the models of one recipe under one regime; without it the model works everything out for itself. */
  stayed?: StayedFoods;
}

export function buildModel(input: ModelInput): Model {
  const { recipe, analysis, asked, shelf, priceOf, stayed = new Map() } = input;
  const regime = REGIMES[asked.terms.regime ?? 'us'];
  const place: Place = { recipe, servings: analysis.servings, shelf, regime, priceOf, stayed };
  const traits = traitsOf(input);
  const original = originalTraits(traits, input, place);
  const rows = rowsOf(traits, original, input);
  const opened = openSlots(asked, place, traits, { potMl: analysis.potMl, every: input.every ?? false });
  // What a chance draws in gives no new reasons: the slots of one soup stay the same while its limits are drawn in.
  const { tightened: _, ...asAsked } = input;
  const sought = { ...asAsked, asked: { ...asked, needs: [...asked.needs, ...(input.reasons ?? [])] } };
  const slots = input.every ? opened.slots : withReasons(opened.slots, rowsOf(traits, original, sought), original);
  const base = Float64Array.from(original);
  for (const { own } of slots) addScaled(base, -1, own);
  return {
    traits,
    original,
    base,
    slots,
    rows,
    terms: termsOf(traits, original, base, slots, asked),
    unmeetable: opened.unmeetable,
    gaps: opened.gaps,
  };
}

/** The same model with its limits drawn in: nothing else of it hangs on them. */
export const drawnIn = (model: Model, input: ModelInput): Model => ({ ...model, rows: rowsOf(model.traits, model.original, input) });

function traitsOf({ asked, priceOf, also = [], reasons = [] }: ModelInput): TraitName[] {
  const counted = OBJECTIVE.filter((term) => weightOf(term, asked) > 0 && (term.trait !== 'price' || priceOf !== undefined));
  return [
    ...new Set<TraitName>([
      ...counted.map(({ trait }) => trait),
      ...also,
      ...ofKind([...asked.needs, ...reasons], 'limit').flatMap(({ limit: { nutrient, min, max } }): TraitName[] => [
        ...(max === undefined ? [] : [`most:${nutrient}` as const]),
        ...(min === undefined ? [] : [`least:${nutrient}` as const]),
      ]),
      'potMl',
      'bodyMl',
      'bowlGrams',
    ]),
  ];
}

const weightOf = ({ weight, by }: ObjectiveTerm, { terms }: Asked): number => weight * { ...DEFAULT_WEIGHTS, ...terms.weights }[by ?? 'closeness'];

function originalTraits(traits: readonly TraitName[], { recipe, analysis, asked, shelf }: ModelInput, place: Place): Float64Array {
  const bodyMl = bodyMlOf(recipe, entriesOf(recipe, place.regime, shelf));
  return Float64Array.from(traits, (trait) => {
    if (trait === 'potMl') return analysis.potMl;
    if (trait === 'bodyMl') return bodyMl;
    if (trait === 'bowlGrams') return analysis.servingGrams;
    if (trait === 'price' || isNote(trait) || isTint(trait)) return sumOverLines(trait, place);
    const [side, nutrient] = cautious(trait) ?? [];
    const { scope } = asked.terms;
    return (
      nutrientOf(trait, servedFigures(analysis, scope)) + (side === 'most' && nutrient ? unknownOf(recipe, analysis, nutrient, shelf, scope).most : 0)
    );
  });
}

function nutrientOf(
  trait: Exclude<TraitName, 'potMl' | 'bodyMl' | 'bowlGrams' | 'price' | FlavourNote | TintTrait>,
  served: NutrientFigures,
): number {
  const [side, nutrient] = cautious(trait) ?? ([null, trait as Nutrient] as const);
  const figure = served[nutrient];
  return side === null ? figure.value : (figure.cautious?.[side === 'most' ? 'high' : 'low'] ?? figure.value);
}

/** Traits that the analysis does not carry are added up line by line. */
function sumOverLines(trait: TraitName, place: Place): number {
  return countedLines(place.recipe).reduce((sum, line) => {
    const food = line.foodId === null ? undefined : place.shelf.food(line.foodId);
    return food && line.grams && line.stage !== 'plate' ? sum + at(contribution(line, food, line.grams.best, [trait], place), 0) : sum;
  }, 0);
}

/** Terms that no choice can move are left out: they are the same everywhere. */
function termsOf(traits: readonly TraitName[], original: Float64Array, base: Float64Array, slots: readonly Slot[], asked: Asked): Term[] {
  const volume = at(original, traits.indexOf('potMl'));
  return OBJECTIVE.flatMap((term): Term[] => {
    const trait = traits.indexOf(term.trait);
    const weight = weightOf(term, asked);
    if (trait < 0 || weight === 0 || !moves(trait, original, base, slots)) return [];
    // An empty pot has no volume to share: a millilitre keeps the scale finite.
    const least = PER_ML.has(term.trait) ? Math.max(1, term.floor * volume) : term.floor;
    return [{ at: trait, weight: weight / Math.max(Math.abs(at(original, trait)), least), side: sideOf(term, asked) }];
  });
}

/** A figure that is limited costs nothing on the side that is asked for. */
function sideOf({ trait, onlyMore }: ObjectiveTerm, { needs }: Asked): Side {
  if (onlyMore) return 'more';
  const limits = ofKind(needs, 'limit').filter(({ limit }) => limit.nutrient === trait);
  const [most, least] = [limits.some(({ limit }) => limit.max !== undefined), limits.some(({ limit }) => limit.min !== undefined)];
  return most === least ? 'both' : most ? 'more' : 'less';
}

function moves(trait: number, original: Float64Array, base: Float64Array, slots: readonly Slot[]): boolean {
  const first = slots.reduce((sum, { options }) => sum + at(item(options, 0).fixed, trait), at(base, trait));
  if (Math.abs(first - at(original, trait)) > 1e-9 * Math.max(1, Math.abs(first))) return true;
  return slots.some(({ options }) =>
    options.some(({ fixed, parts }) => fixed[trait] !== options[0]?.fixed[trait] || parts.some(({ perGram }) => perGram[trait] !== 0)),
  );
}
