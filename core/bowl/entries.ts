/**
 * A recipe's counted lines with all the calculation needs of them: the food, its figures after cooking, what stays of
 * it; and what they come to as contents of the pot and as lines of the kernel.
 */
import { type Figures, figuresAfter } from '../food/figures.ts';
import type { Shelf } from '../food/shelf.ts';
import { REGIMES, type Regime, type RegimeId } from '../regime/regime.ts';
import { Z95 } from '../statistics/normal.ts';
import type { Food } from '../vocabulary/food.ts';
import { NUTRIENT_INDEX } from '../vocabulary/nutrient.ts';
import { countedLines, type Line, type Recipe } from '../vocabulary/recipe.ts';
import { dryHeatLoss, type Evaporation, evaporation, heatOfLine } from './heat.ts';
import type { KernelLine } from './kernel.ts';
import { type Bowl, mlPer100g, type PotContents, resolveBowl } from './pot.ts';
import { type Stay, stayOf } from './stay.ts';

/** A counted line with what the calculation needs of it. */
export interface Entry {
  line: Line;
  food: Food | null;
  figures: Figures | null;
  stay: Stay | null;
}

/** Counted lines with their food, their figures after cooking, and what stays of them. */
export function entriesOf(recipe: Recipe, regime: Regime, shelf: Shelf): Entry[] {
  return countedLines(recipe).map((line) => {
    const food = line.foodId === null ? null : (shelf.food(line.foodId) ?? null);
    if (!food) return { line, food: null, figures: null, stay: null };
    const stay = stayOf(line, food, heatOfLine(recipe, line.id, line.stage));
    return { line, food, figures: figuresWithStay(shelf.figures(food, regime), stay, regime), stay };
  });
}

const cooked = new WeakMap<Figures, Map<Stay, Figures>>();

/** Kept for the stays that lines share, of which there are few. */
function figuresWithStay(figures: Figures, stay: Stay, regime: Regime): Figures {
  if (stay.own) return figuresAfter(figures, stay, regime);
  let byStay = cooked.get(figures);
  if (!byStay) cooked.set(figures, (byStay = new Map()));
  let after = byStay.get(stay);
  if (!after) byStay.set(stay, (after = figuresAfter(figures, stay, regime)));
  return after;
}

export function contentsOf(entries: readonly Entry[]): PotContents {
  const contents: PotContents = { grams: 0, ml: 0, toppingGramsPerBowl: 0, toppingMlPerBowl: 0, toppingGramsShared: 0, toppingMlShared: 0 };
  for (const { line, food, stay } of entries) {
    if (line.stage === 'plate' || !line.grams) continue;
    const grams = line.grams.best * (stay ? stay.grams : unmatchedShare(line));
    const ml = (grams * (food ? mlPer100g(food) : 100)) / 100;
    if (line.stage !== 'bowl') {
      contents.grams += grams;
      contents.ml += ml;
    } else if (line.perBowl) {
      contents.toppingGramsPerBowl += grams;
      contents.toppingMlPerBowl += ml;
    } else {
      contents.toppingGramsShared += grams;
      contents.toppingMlShared += ml;
    }
  }
  return contents;
}

/** A line without a food still weighs something, unless it is taken out or strained off. */
const unmatchedShare = ({ eaten, eatenShare }: Line): number =>
  eaten === 'removed' || eaten === 'strained' ? 0 : eaten === undefined || eaten === 'all' ? (eatenShare ?? 1) : 1;

const WATER = NUTRIENT_INDEX.waterG;

function waterOf(entries: readonly Entry[]): number {
  return entries.reduce(
    (sum, { line, figures }) =>
      line.stage === 'bowl' || line.stage === 'plate' || !figures || !line.grams
        ? sum
        : sum + (line.grams.best * (figures.value[WATER] as number)) / 100,
    0,
  );
}

/** What steams from the pot, and what left the food on a tray or in a pan before. */
export function waterLost(recipe: Recipe, entries: readonly Entry[]): Evaporation {
  const water = waterOf(entries);
  const dry = dryHeatLoss(recipe, entries);
  const pot = evaporation(recipe, Math.max(0, water - dry.grams));
  return { grams: pot.grams + dry.grams, sd: Math.hypot(pot.sd, dry.sd) };
}

/** What one bowl is made of, as the kernel and the draws want it, with the line each entry stands for. */
export interface BowlLines {
  lines: KernelLine[];
  lineIds: string[];
  /** Relative standard deviation of the yield. */
  yieldError: number;
}

export function bowlLines(recipe: Recipe, options: { regime?: RegimeId | undefined }, shelf: Shelf): BowlLines {
  const regime = REGIMES[options.regime ?? 'us'];
  const entries = entriesOf(recipe, regime, shelf);
  const bowl = resolveBowl(recipe, contentsOf(entries), waterLost(recipe, entries));
  const known = entries.filter(({ line, figures }) => line.stage !== 'plate' && line.grams !== null && figures !== null);
  return { lines: kernelLines(known, bowl, recipe), lineIds: known.map(({ line }) => line.id), yieldError: bowl.error };
}

export function kernelLines(entries: readonly Entry[], bowl: Bowl, recipe: Recipe): KernelLine[] {
  const foodNumbers = new Map<Food, number>();
  const parentNumbers = new Map<string, number>();
  const numberOf = <K>(map: Map<K, number>, key: K): number => {
    if (!map.has(key)) map.set(key, map.size);
    return map.get(key) as number;
  };
  const lines: KernelLine[] = [];
  for (const { line, food, figures } of entries) {
    if (!food || !figures || !line.grams) continue;
    const share = line.perBowl ? 1 : 1 / bowl.servings;
    const { best, low, high } = line.grams;
    lines.push({
      figures,
      food: numberOf(foodNumbers, food),
      grams: best * share,
      below: ((best - low) / Z95) * share,
      above: ((high - best) / Z95) * share,
      parent: line.partOf !== undefined && recipe.lines.some(({ id }) => id === line.partOf) ? numberOf(parentNumbers, line.partOf) : -1,
    });
  }
  return lines;
}
