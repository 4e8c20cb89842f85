/** What may be chosen for each line: to keep it, or one of its swaps, as far as the needs forbid neither. */
import { type AllergenRules, covers, factsOf } from '../allergen/board.ts';
import { dietsOfFood } from '../allergen/diets.ts';
import { ceilingPer100g } from '../food/ceiling.ts';
import { unknownKind } from '../reading/unknownKind.ts';
import { REGIMES } from '../regime/regime.ts';
import type { AllergenId } from '../vocabulary/allergens.ts';
import { blenderRow } from '../vocabulary/blender.ts';
import type { Category } from '../vocabulary/category.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import { countedLines, type Line } from '../vocabulary/recipe.ts';
import { contribution, type Place } from './contribution.ts';
import { ADD_WATER, ADDITIONS, type Addition } from './data/additions.ts';
import { blendedIn, isLiquid, leftOutId, toppedUpId } from './data/levers.ts';
import { type Swap, type SwapPart, swapsFor } from './data/swaps.ts';
import { DEAR_STAYS, Fit } from './fit.ts';
import { type Gap, MOST_OPTIONS, type Option, type Part, type Slot } from './model.ts';
import { type Asked, type Need, type NeedOf, ofKind } from './need.ts';
import { CHANGE_COST, DEFAULT_WEIGHTS, type TraitName, USE_FIRST, USUAL_PULL } from './objective.ts';
import { blendsNothingSmooth, entersAfterBlending, isInPieces, isPieceOnTop, leavesSeeds } from './smooth.ts';
import { addScaled } from './solver/linear.ts';

/** Where a swap's foods go: its own stage unless the line is a topping. A line that moves is in no step of the recipe. */
export function placeOf({ stage }: Swap, line: Line): { stage: Line['stage']; moved: boolean } {
  const stays = line.stage === 'bowl' || line.stage === 'plate' || stage === undefined || stage === line.stage;
  return stays ? { stage: line.stage, moved: false } : { stage, moved: true };
}

/** Nobody scatters a paste. */
const SPREAD = /tahini|(?:peanut|almond|cashew|sunflower|nut)-butter$/;
const OFF_THE_BOIL = /^Stir the .+ in off the boil/i;
const POURS: ReadonlySet<Category> = new Set<Category>(['water', 'broth', 'dairy', 'plant-cream']);
const FLESH: ReadonlySet<Category> = new Set<Category>(['meat', 'poultry', 'fish', 'shellfish']);
const ONLY_SEASONS: ReadonlySet<Category> = new Set<Category>(['sauce', 'fat', 'spice', 'acid', 'salt', 'water', 'herb']);
const NEVER_ON_TOP: ReadonlySet<Category> = new Set<Category>(['vegetable', 'root', 'allium', 'grain', 'starch', 'broth']);

/** Slots, those that need a change first, and the needs that no choice can meet. */
export function openSlots(
  asked: Asked,
  place: Place,
  traits: readonly TraitName[],
  { potMl, every }: { potMl: number; every: boolean },
): { slots: Slot[]; unmeetable: Set<Need>; gaps: Gap[] } {
  const opening = new Opening(asked, place, traits, potMl);
  const slots = [...countedLines(place.recipe).flatMap((line) => opening.slotOf(line) ?? []), ...opening.added(every)];
  return { slots: slots.sort((a, b) => Number(b.forced) - Number(a.forced)), unmeetable: opening.unmeetable, gaps: opening.gaps };
}

/** The dearest are left out where there are more than a slot takes. */
const fewEnough = (options: Option[]): Option[] =>
  options.length <= MOST_OPTIONS
    ? options
    : [...options].sort((a, b) => Number(a.swap !== null) - Number(b.swap !== null) || a.cost - b.cost).slice(0, MOST_OPTIONS);

/** Needs that a food breaks, and those it leaves to be checked. */
interface Says {
  breaks: Need[];
  checks: Need[];
}

class Opening {
  readonly unmeetable = new Set<Need>();
  readonly gaps: Gap[] = [];
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
  private readonly additivesCount: boolean;
  private readonly fatIsLimited: boolean;
  private readonly fit: Fit;
  private readonly potMl: number;

  constructor(asked: Asked, place: Place, traits: readonly TraitName[], potMl: number) {
    const { needs, terms } = asked;
    this.asked = asked;
    this.place = place;
    this.traits = traits;
    this.potMl = potMl;
    this.rules = {
      coconutIsTreeNut: terms.coconutIsTreeNut ?? false,
      chestnutIsTreeNut: terms.chestnutIsTreeNut ?? false,
      oatsHoldGluten: REGIMES[terms.regime ?? 'us'].oatsHoldGluten,
    };
    this.byAllergen = ofKind(needs, 'allergen');
    this.byDiet = ofKind(needs, 'diet');
    this.maxima = ofKind(needs, 'limit').filter(({ limit }) => limit.max !== undefined);
    this.smooth = ofKind(needs, 'smooth')[0];
    if (this.smooth && blendsNothingSmooth(terms.blender)) this.nothingCanMeet([this.smooth]);
    this.avoided = new Map(ofKind(needs, 'avoid').map((need) => [need.foodId, need]));
    this.keptLines = new Set(ofKind(needs, 'keepLine').map(({ lineId }) => lineId));
    this.keptFoods = new Set(ofKind(needs, 'keepFood').map(({ foodId }) => foodId));
    const limited = (...nutrients: string[]) => this.maxima.some(({ limit }) => nutrients.includes(limit.nutrient));
    this.additivesCount = limited('potassiumMg', 'phosphorusMg');
    this.fatIsLimited = limited('fatG', 'saturatedFatG', 'energyKcal');
    this.fit = new Fit(place.recipe, place.shelf, this.rules, this.additivesCount);
  }

  slotOf(line: Line): Slot | null {
    // What is beside the bowl can give way where the needs speak of the plate.
    if (line.stage === 'plate' && this.asked.terms.scope !== 'plate') return null;
    const food = line.foodId === null ? undefined : this.place.shelf.food(line.foodId);
    if (!food) {
      this.nothingCanMeet(this.leftOpenByUnknown(line));
      return null;
    }
    const says = this.saysOf(food);
    const broken = this.brokenByKeeping(line, food, says);
    const options = this.isKept(line, food)
      ? []
      : this.ways(line, food, broken.length > 0).flatMap((swap) => this.optionOf(swap, line, food, says, broken.length > 0) ?? []);
    if (options.length === 0) {
      // What is to be kept is no gap of the catalogue.
      if (broken.length > 0 && !this.isKept(line, food)) this.gaps.push({ lineId: line.id, needs: broken });
      this.nothingCanMeet(broken);
      return null;
    }
    const keep = this.keep(line, food);
    return { line, food, own: keep.fixed, options: fewEnough(broken.length > 0 ? options : [keep, ...options]), forced: broken.length > 0 };
  }

  /** A slot for each thing that may be added, nothing or it: what a need asks for, and whatever thickens. */
  added(every: boolean): Slot[] {
    const { recipe } = this.place;
    const litres = this.potMl / 1000;
    const poured = recipe.lines.some(({ foodId, stage }) => isLiquid(foodId) && stage !== 'bowl' && stage !== 'plate');
    const asked = new Set(ofKind(this.asked.needs, 'limit').flatMap(({ limit }) => (limit.min === undefined ? [] : [limit.nutrient])));
    const wantsBody = ofKind(this.asked.needs, 'body').length > 0;
    // What feeds is added where it is asked for, and not to make up for what was taken out.
    // Cream is not left out and poured in again: what the pot has of the kind is kept, or there is less of it.
    const kinds = new Set(
      recipe.lines.flatMap(({ foodId, stage }) => (stage === 'plate' ? [] : (this.place.shelf.food(foodId ?? '')?.category ?? []))),
    );
    const isThere = ({ parts }: Addition) =>
      parts.some(({ foods }) => foods.some(([id]) => kinds.has(this.place.shelf.food(id)?.category as Category)));
    const isWanted = (row: Addition) =>
      row.gives.some((nutrient) => asked.has(nutrient)) || (row.thickens && wantsBody) || (every && (row.thickens || (row.fills && !isThere(row))));
    const rows = ADDITIONS.filter(isWanted);
    const nothing: Says = { breaks: [], checks: [] };
    return [...rows, ...(poured || litres === 0 ? [] : [ADD_WATER])].flatMap((row): Slot[] => {
      const line: Line = {
        id: row.id,
        stage: row.stage ?? 'finish',
        text: row.name,
        foodId: null,
        grams: { best: litres, low: litres, high: litres },
      };
      const option = this.optionOf(row, line, null, nothing, false);
      if (!option) return [];
      const own = new Float64Array(this.traits.length);
      return [{ line, food: null, own, options: [{ swap: null, fixed: own, parts: [], cost: 0 }, option], forced: false }];
    });
  }

  /** Smooth: what is stirred in after the blender can be blended with the rest; a topping in pieces is left out. */
  private ways(line: Line, food: Food, isBroken: boolean): Swap[] {
    const late =
      this.smooth && line.stage !== 'bowl' && entersAfterBlending(line, this.place.recipe, this.place.shelf) && isInPieces(food.id, food.category);
    const all = this.cooksThePot(line, food)
      ? swapsFor(food).filter(({ steps }) => !steps.some(({ text }) => OFF_THE_BOIL.test(text)))
      : swapsFor(food);
    const none = () => all.filter(({ id }) => id === leftOutId(food.id));
    // Of what nobody weighed there is no telling how much of another food is as much.
    if (line.grams === null) return isBroken ? none() : [];
    // What the soup is called after is blended in and not left out.
    if (late) return [blendedIn(food), ...(this.fit.isDear(line) ? [] : none())];
    if (line.stage !== 'bowl') return all;
    return this.smooth && isPieceOnTop(line, food.category, this.place.recipe.steps) ? none() : all.filter((swap) => this.standsOnTop(swap, food));
  }

  /** The liquid that all is cooked in is never what must not boil: nothing would be left to cook in until it is stirred in. */
  private cooksThePot(line: Line, food: Food): boolean {
    const inPot = ({ stage }: Line) => stage === 'base' || stage === 'simmer';
    if (!inPot(line) || !POURS.has(food.category) || !line.grams) return false;
    const poured = countedLines(this.place.recipe).filter(
      (one) => inPot(one) && POURS.has(this.place.shelf.food(one.foodId ?? '')?.category ?? 'meat'),
    );
    return line.grams.best > poured.reduce((sum, { grams }) => sum + (grams?.best ?? 0), 0) / 2;
  }

  /** What lies on a bowl is eaten as it is: no paste for the blender, no raw root for a spoon of onions. */
  private standsOnTop({ parts, steps }: Swap, own: Food): boolean {
    const categories = parts.flatMap(({ foods }) => foods.flatMap(([id]) => this.place.shelf.food(id)?.category ?? []));
    return (
      !steps.some(({ text, when }) => when === 'blend' || /^(?:Blend|Simmer|Slake)\b/.test(text)) &&
      categories.every((category) => category === own.category || !NEVER_ON_TOP.has(category)) &&
      // Crisp ham is something to bite on: miso and paprika season a pot, and are no topping.
      (!FLESH.has(own.category) || categories.some((category) => !ONLY_SEASONS.has(category))) &&
      (SPREAD.test(own.id) || !parts.some(({ foods }) => foods.some(([id]) => SPREAD.test(id))))
    );
  }

  private nothingCanMeet(needs: readonly Need[]): void {
    for (const need of needs) this.unmeetable.add(need);
  }

  /** What cannot be told of a soup with a line whose food is not known. */
  private leftOpenByUnknown(line: Line): Need[] {
    const kind = unknownKind(line.text, this.place.shelf);
    return [
      ...(this.asked.terms.checks === 'avoid'
        ? [...this.byAllergen.filter(({ id }) => kind?.could.has(id) ?? true), ...this.byDiet.filter(({ id }) => kind?.diets.has(id) ?? true)]
        : []),
      ...(this.smooth && entersAfterBlending(line, this.place.recipe, this.place.shelf) ? [this.smooth] : []),
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
      ...(line.eaten === 'removed' || !line.grams ? [] : this.openMaxima(food)),
      ...(this.smooth && line.eaten !== 'removed' && line.stage !== 'plate' && leavesSeeds(food.id, this.asked.terms.blender) ? [this.smooth] : []),
      ...(this.smooth && entersAfterBlending(line, this.place.recipe, this.place.shelf) && isPieceOnTop(line, food.category, this.place.recipe.steps)
        ? [this.smooth]
        : []),
    ];
  }

  /** Maxima on what a food leaves open and nothing bounds: it cannot be part of a plan that is to meet them. */
  private openMaxima(food: Food): Need[] {
    const { shelf, regime } = this.place;
    const { unknown } = shelf.figures(food, regime);
    const isOpen = (nutrient: Nutrient) => unknown.includes(nutrient) && !Number.isFinite(ceilingPer100g(food.category, nutrient, shelf, regime));
    return this.maxima.filter(({ limit }) => isOpen(limit.nutrient));
  }

  private isKept({ id, partOf }: Line, food: Food): boolean {
    return this.keptLines.has(id) || this.keptFoods.has(food.id) || (partOf !== undefined && this.keptLines.has(partOf));
  }

  private keep(line: Line, food: Food): Option {
    const { traits, place } = this;
    const fixed = line.grams ? contribution(line, food, line.grams.best, traits, place) : new Float64Array(traits.length);
    return { swap: null, fixed, parts: [], cost: 0 };
  }

  /** A swap as an option, or null when one of its foods is forbidden here. */
  private optionOf(swap: Swap, line: Line, own: Food | null, says: Says, forced: boolean): Option | null {
    const parts: Part[] = [];
    if (own && swap.id === leftOutId(own.id) && this.isFatToSweatIn(line, own)) return null;
    for (const part of swap.parts) {
      const foods = part.foods.map(([id, share]) => [this.place.shelf.food(id) as Food, share] as const);
      if (foods.some(([food]) => this.forbids(food, swap, line, says))) return null;
      parts.push(this.partOf(part, foods, swap, line));
    }
    // A food is no swap for itself, unless there is less of it, the pot is topped up with it or it is treated otherwise.
    const itself =
      swap.id !== toppedUpId(own?.id ?? '') &&
      swap.parts.every(({ foods, most, eaten }) => most >= 1 && !eaten && foods.every(([id]) => id === own?.id));
    if (swap.parts.length > 0 && itself && !placeOf(swap, line).moved) return null;
    return { swap, fixed: new Float64Array(this.traits.length), parts, cost: this.costOf(swap, line, own, forced) };
  }

  /**
   * A check is never brought in where there was none. Reduced-sodium stocks and salts are often made with potassium
   * chloride, plant creams with phosphates, which no row of theirs counts: under a limit on potassium or phosphorus none is
   * brought in unless what only a label can tell is allowed (common practice of renal diets, no source).
   */
  private forbids(food: Food, swap: Swap, line: Line, own: Says): boolean {
    if (this.grinds === null && this.bringsHardNuts(swap)) return true;
    const { checks: policy } = this.asked.terms;
    const { breaks, checks } = this.saysOf(food);
    if (breaks.length > 0 || this.avoided.has(food.id) || this.openMaxima(food).length > 0) return true;
    if (this.smooth && leavesSeeds(food.id, this.asked.terms.blender)) return true;
    if (this.smooth && isInPieces(food.id, food.category) && this.staysInPieces(swap, line)) return true;
    if (policy === 'allow') return false;
    return (
      (this.additivesCount && (food.flags.includes('potassiumChloride') || food.flags.includes('phosphate'))) ||
      checks.some((need) => policy === 'avoid' || !own.checks.includes(need))
    );
  }

  /** Whether what comes in the place of the line goes in after the blender. */
  private staysInPieces(swap: Swap, line: Line): boolean {
    const { stage, moved } = placeOf(swap, line);
    return moved ? stage === 'finish' : entersAfterBlending({ ...line, stage }, this.place.recipe, this.place.shelf);
  }

  private partOf(part: SwapPart, foods: Part['foods'], swap: Swap, line: Line): Part {
    const grams = line.grams?.best ?? 0;
    const { stage, moved } = placeOf(swap, line);
    const here: Line = { ...line, stage, id: moved ? '' : line.id, eaten: part.eaten?.how, eatenShare: part.eaten?.share };
    const perGram = new Float64Array(this.traits.length);
    for (const [food, share] of foods) addScaled(perGram, 1, contribution(here, food, share, this.traits, this.place));
    const usual = part.usual === undefined || grams === 0 ? null : part.usual * grams;
    const pull = usual ? (this.weights.closeness * USUAL_PULL) / usual : 0;
    return {
      foods,
      least: (this.fit.isDear(line) && isLess(part, line) ? Math.max(part.least, DEAR_STAYS) : part.least) * grams,
      most: part.most * grams,
      usual,
      pull,
      perGram,
      ...(part.eaten ? { eaten: part.eaten } : {}),
    };
  }

  private costOf(swap: Swap, line: Line, own: Food | null, forced: boolean): number {
    const { weights } = this;
    const { parts } = swap;
    const work = swap.work + (this.bringsHardNuts(swap) ? (this.grinds ?? 0) : 0);
    const flavour = swap.flavour + this.fit.extra(swap, line, own, forced);
    const processed = parts.some(({ foods }) => foods.some(([id]) => this.place.shelf.food(id)?.category === 'plant-cream'));
    const cost =
      weights.changes * CHANGE_COST.changes +
      weights.work * CHANGE_COST.work * work +
      weights.flavour * CHANGE_COST.flavour * flavour +
      (processed ? weights.wholeFoods * CHANGE_COST.wholeFoods : 0);
    return this.usesLarder(swap, own) ? cost * USE_FIRST : cost;
  }

  private usesLarder({ parts }: Swap, own: Food | null): boolean {
    const { useFirst } = this.asked.terms;
    return useFirst !== undefined && parts.some(({ foods }) => foods.some(([id]) => id !== own?.id && useFirst.includes(id)));
  }

  /** Work of grinding nuts with what this kitchen has; null where it cannot. */
  private get grinds(): number | null {
    const { blender } = this.asked.terms;
    return blender ? blenderRow(blender.kind).nuts : 0;
  }

  private bringsHardNuts({ parts }: Swap): boolean {
    return parts.some(({ foods }) => foods.some(([id]) => isHardNut(this.place.shelf.food(id))));
  }

  private get weights() {
    return { ...DEFAULT_WEIGHTS, ...this.asked.terms.weights };
  }

  /** Onions are never left without a fat to sweat in: a line that is the only one of its step is swapped and not left out. */
  private isFatToSweatIn({ id }: Line, { category }: Food): boolean {
    if (this.fatIsLimited || (category !== 'fat' && !FATTY.has(category))) return false;
    const { recipe, shelf } = this.place;
    return recipe.steps.some(({ method, uses = [] }) => {
      if (!(method === 'sweat' || method === 'fry' || method === 'brown') || !uses.includes(id)) return false;
      const others = recipe.lines.filter((line) => line.id !== id && uses.includes(line.id));
      // Ham that is crisped by itself gives its fat to nothing.
      if (category === 'meat' && others.length === 0) return false;
      return !others.some(({ foodId }) => shelf.food(foodId ?? '')?.category === 'fat' || /^(?:butter|ghee)/.test(foodId ?? ''));
    });
  }
}

/** Whole nuts and seeds, which a blade has to make a cream of. */
export const isHardNut = (food: Food | undefined): boolean => food?.category === 'nut-seed' && food.state === 'raw';

/** Kinds that may be the fat of a step: butter, bacon. */
const FATTY: ReadonlySet<string> = new Set(['dairy', 'meat']);
/** The line itself, and less than all of it. */
const isLess = ({ foods, most }: SwapPart, { foodId }: Line): boolean => most < 1 && foods.every(([id]) => id === foodId);
