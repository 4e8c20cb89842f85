/** What may be chosen for each line: to keep it, or one of its swaps, as far as the needs forbid neither. */
import { type AllergenRules, covers, factsOf } from '../allergen/board.ts';
import { dietsOfFood } from '../allergen/diets.ts';
import { unknownKind } from '../reading/unknownKind.ts';
import { REGIMES } from '../regime/regime.ts';
import type { AllergenId } from '../vocabulary/allergens.ts';
import type { Food } from '../vocabulary/food.ts';
import { countedLines, type Line } from '../vocabulary/recipe.ts';
import { contribution, type Place } from './contribution.ts';
import { SWAPS, type Swap, type SwapPart } from './data/swaps.ts';
import type { Option, Part, Slot } from './model.ts';
import { type Asked, type Need, type NeedOf, ofKind } from './need.ts';
import { CHANGE_COST, DEFAULT_WEIGHTS, type TraitName, USUAL_PULL } from './objective.ts';
import { addScaled } from './solver/linear.ts';
import { hasPieces } from './verdict.ts';

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

/** Swaps that can take a food's place; an own food has those of the food it is used as. */
export const swapsFor = ({ id, like }: Pick<Food, 'id' | 'like'>): Swap[] =>
  SWAPS.filter(({ replaces }) => replaces.includes(id) || (like !== undefined && replaces.includes(like)));

/** Those, and none at all of a topping. */
const swapsAt = ({ stage }: Line, food: Food): Swap[] => [...swapsFor(food), ...(stage === 'bowl' ? [LEAVE_OUT] : [])];

/** Where a swap's foods go: its own stage unless the line is a topping. A line that moves is in no step of the recipe. */
export function placeOf({ stage }: Swap, line: Line): { stage: Line['stage']; moved: boolean } {
  const stays = line.stage === 'bowl' || line.stage === 'plate' || stage === undefined || stage === line.stage;
  return stays ? { stage: line.stage, moved: false } : { stage, moved: true };
}

/** Slots, those that need a change first, and the needs that no choice can meet. */
export function openSlots(asked: Asked, place: Place, traits: readonly TraitName[]): { slots: Slot[]; unmeetable: Set<Need> } {
  const opening = new Opening(asked, place, traits);
  const slots = countedLines(place.recipe).flatMap((line) => opening.slotOf(line) ?? []);
  return { slots: slots.sort((a, b) => Number(b.forced) - Number(a.forced)), unmeetable: opening.unmeetable };
}

/** Needs that a food breaks, and those it leaves to be checked. */
interface Says {
  breaks: Need[];
  checks: Need[];
}

class Opening {
  readonly unmeetable = new Set<Need>();
  private readonly asked: Asked;
  private readonly place: Place;
  private readonly traits: readonly TraitName[];
  private readonly rules: AllergenRules;
  private readonly byAllergen: readonly NeedOf<'allergen'>[];
  private readonly byDiet: readonly NeedOf<'diet'>[];
  private readonly maxima: readonly NeedOf<'limit'>[];
  private readonly smooth: NeedOf<'smooth'> | undefined;
  private readonly avoided: ReadonlyMap<string, Need>;
  private readonly keptLines: ReadonlySet<string>;
  private readonly keptFoods: ReadonlySet<string>;
  private readonly potassiumIsLimited: boolean;

  constructor(asked: Asked, place: Place, traits: readonly TraitName[]) {
    const { needs, terms } = asked;
    this.asked = asked;
    this.place = place;
    this.traits = traits;
    this.rules = {
      coconutIsTreeNut: terms.coconutIsTreeNut ?? false,
      chestnutIsTreeNut: terms.chestnutIsTreeNut ?? false,
      oatsHoldGluten: REGIMES[terms.regime ?? 'us'].oatsHoldGluten,
    };
    this.byAllergen = ofKind(needs, 'allergen');
    this.byDiet = ofKind(needs, 'diet');
    this.maxima = ofKind(needs, 'limit').filter(({ limit }) => limit.max !== undefined);
    this.smooth = ofKind(needs, 'smooth')[0];
    this.avoided = new Map(ofKind(needs, 'avoid').map((need) => [need.foodId, need]));
    this.keptLines = new Set(ofKind(needs, 'keepLine').map(({ lineId }) => lineId));
    this.keptFoods = new Set(ofKind(needs, 'keepFood').map(({ foodId }) => foodId));
    this.potassiumIsLimited = this.maxima.some(({ limit }) => limit.nutrient === 'potassiumMg');
  }

  slotOf(line: Line): Slot | null {
    if (line.stage === 'plate') return null;
    const food = line.foodId === null ? undefined : this.place.shelf.food(line.foodId);
    if (!food) {
      this.nothingCanMeet(this.leftOpenByUnknown(line));
      return null;
    }
    const says = this.saysOf(food);
    const broken = this.brokenByKeeping(line, food, says);
    const options = this.isKept(line, food) ? [] : swapsAt(line, food).flatMap((swap) => this.optionOf(swap, line, food, says) ?? []);
    if (options.length === 0) {
      this.nothingCanMeet(broken);
      return null;
    }
    return { line, food, options: broken.length > 0 ? options : [this.keep(line, food), ...options], forced: broken.length > 0 };
  }

  private nothingCanMeet(needs: readonly Need[]): void {
    for (const need of needs) this.unmeetable.add(need);
  }

  /** What cannot be told of a soup with a line whose food is not known. */
  private leftOpenByUnknown(line: Line): Need[] {
    const kind = unknownKind(line.text, this.place.shelf);
    return [
      ...(line.eaten === 'removed' ? [] : this.maxima),
      ...(this.asked.terms.checks === 'avoid'
        ? [...this.byAllergen.filter(({ id }) => kind?.could.has(id) ?? true), ...this.byDiet.filter(({ id }) => kind?.diets.has(id) ?? true)]
        : []),
      ...(this.smooth && hasPieces(line, undefined) ? [this.smooth] : []),
    ];
  }

  private saysOf(food: Food): Says {
    const says: Says = { breaks: [], checks: [] };
    const speaks = (facts: readonly { allergen: AllergenId }[], id: AllergenId) =>
      facts.some(({ allergen }) => covers(allergen, this.rules).includes(id));
    const { contains, checks } = factsOf(food, this.rules);
    for (const need of this.byAllergen) {
      if (speaks(contains, need.id)) says.breaks.push(need);
      else if (speaks(checks, need.id) || speaks(food.mayContain, need.id)) says.checks.push(need);
    }
    const diets = dietsOfFood(food, this.rules);
    for (const need of this.byDiet) {
      const states = diets.get(need.id)?.map(({ state }) => state) ?? [];
      if (states.includes('breaks')) says.breaks.push(need);
      else if (states.length > 0) says.checks.push(need);
    }
    return says;
  }

  private brokenByKeeping(line: Line, food: Food, { breaks, checks }: Says): Need[] {
    const avoided = this.avoided.get(food.id);
    return [
      ...breaks,
      ...(this.asked.terms.checks === 'avoid' ? checks : []),
      ...(avoided ? [avoided] : []),
      ...(line.eaten === 'removed' ? [] : line.grams ? this.openMaxima(food) : this.maxima),
      ...(this.smooth && hasPieces(line, food.category) ? [this.smooth] : []),
    ];
  }

  /** Maxima on what a food leaves open: it cannot be part of a plan that is to meet them. */
  private openMaxima(food: Food): Need[] {
    const { unknown } = this.place.shelf.figures(food, this.place.regime);
    return this.maxima.filter(({ limit }) => unknown.includes(limit.nutrient));
  }

  private isKept({ id, partOf, grams }: Line, food: Food): boolean {
    return grams === null || this.keptLines.has(id) || this.keptFoods.has(food.id) || (partOf !== undefined && this.keptLines.has(partOf));
  }

  private keep(line: Line, food: Food): Option {
    const { traits, place } = this;
    const fixed = line.grams ? contribution(line, food, line.grams.best, traits, place) : new Float64Array(traits.length);
    return { swap: null, fixed, parts: [], cost: 0 };
  }

  /** A swap as an option, or null when one of its foods is forbidden here. */
  private optionOf(swap: Swap, line: Line, own: Food, says: Says): Option | null {
    const parts: Part[] = [];
    for (const part of swap.parts) {
      const foods = part.foods.map(([id, share]) => [this.place.shelf.food(id) as Food, share] as const);
      if (foods.some(([food]) => this.forbids(food, line, says))) return null;
      parts.push(this.partOf(part, foods, swap, line));
    }
    // A food is no swap for itself, unless there is less of it or it is treated otherwise.
    const itself = swap.parts.every(({ foods, most, eaten }) => most >= 1 && !eaten && foods.every(([id]) => id === own.id));
    if (swap.parts.length > 0 && itself) return null;
    return { swap, fixed: new Float64Array(this.traits.length), parts, cost: this.costOf(swap) };
  }

  /**
   * A check is never brought in where there was none. Reduced-sodium stocks and salts are often made with potassium
   * chloride, which no row of theirs counts: under a limit on potassium none is brought in unless what only a label can
   * tell is allowed (common practice of renal diets, no source).
   */
  private forbids(food: Food, line: Line, own: Says): boolean {
    const { checks: policy } = this.asked.terms;
    const { breaks, checks } = this.saysOf(food);
    if (breaks.length > 0 || this.avoided.has(food.id) || this.openMaxima(food).length > 0) return true;
    if (this.smooth && hasPieces(line, food.category)) return true;
    if (policy === 'allow') return false;
    return (
      (this.potassiumIsLimited && food.flags.includes('potassiumChloride')) || checks.some((need) => policy === 'avoid' || !own.checks.includes(need))
    );
  }

  private partOf(part: SwapPart, foods: Part['foods'], swap: Swap, line: Line): Part {
    const grams = line.grams?.best ?? 0;
    const { stage, moved } = placeOf(swap, line);
    const here: Line = { ...line, stage, id: moved ? '' : line.id, eaten: part.eaten?.how, eatenShare: part.eaten?.share };
    const perGram = new Float64Array(this.traits.length);
    for (const [food, share] of foods) addScaled(perGram, 1, contribution(here, food, share, this.traits, this.place));
    const usual = part.usual === undefined || grams === 0 ? null : part.usual * grams;
    const pull = usual ? (this.weights.closeness * USUAL_PULL) / usual : 0;
    return { foods, least: part.least * grams, most: part.most * grams, usual, pull, perGram, ...(part.eaten ? { eaten: part.eaten } : {}) };
  }

  private costOf({ parts, work, flavour }: Swap): number {
    const { weights } = this;
    const processed = parts.some(({ foods }) => foods.some(([id]) => this.place.shelf.food(id)?.category === 'plant-cream'));
    return (
      weights.changes * CHANGE_COST.changes +
      weights.work * CHANGE_COST.work * work +
      weights.flavour * CHANGE_COST.flavour * flavour +
      (processed ? weights.wholeFoods * CHANGE_COST.wholeFoods : 0)
    );
  }

  private get weights() {
    return { ...DEFAULT_WEIGHTS, ...this.asked.terms.weights };
  }
}
