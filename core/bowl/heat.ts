/**
 * What the steps do to the pot: how long each stage is heated, how, and how much water leaves.
 *
 * Evaporation, kg per m2 of open pot and hour: science of the bowl, section 6 (estimate), with its range as the
 * central 95 %: tight lid 1 (0.3-2), lid ajar 3 (1.5-5), open gentle simmer 8 (5-12), lively 14 (10-20). At a rolling
 * boil with a known ring it follows the ring: kg/h = 1.6 x (kW x efficiency - 0.1), efficiency 0.8 (electric).
 */

import { Z95 } from '../statistics/normal.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Lid, Line, Recipe, Stage, Step } from '../vocabulary/recipe.ts';
import { type DryHeat, lostBy, TYPICAL_MINUTES } from './data/dryHeat.ts';
import type { HeatKind } from './data/retention.ts';

export const DEFAULT_POT_CM = 28;
/** Heat losses are those of this many minutes of covered simmer when a recipe has no steps. */
export const ASSUMED_SIMMER_MIN = 30;

const RATE = { on: [1, 0.3, 2], ajar: [3, 1.5, 5], off: [8, 5, 12], lively: [14, 10, 20] } as const;
const RING_EFFICIENCY = 0.8;
const MINUTES_PER_HOUR = 60;
const GRAMS_PER_KG = 1000;

export interface Heat {
  wetMinutes: number;
  dryMinutes: number;
  /** Every kind of heat it meets, in the order of the steps. */
  kinds: readonly HeatKind[];
  /** The kinds as one word: equal where they are the same, and in the same order. */
  way: string;
}

const heat = (wetMinutes: number, dryMinutes: number, kinds: readonly HeatKind[]): Heat => ({
  wetMinutes,
  dryMinutes,
  kinds,
  way: kinds.join('+'),
});

const NO_HEAT = heat(0, 0, []);
const ASSUMED_SIMMER = heat(ASSUMED_SIMMER_MIN, 0, ['boiled']);
const WET: ReadonlyMap<string, HeatKind> = new Map([
  ['boil', 'boiled'],
  ['simmer', 'boiled'],
  ['pressure', 'boiled'],
  ['steam', 'steamed'],
]);
const DRY: ReadonlyMap<string, HeatKind> = new Map([
  ['sweat', 'fried'],
  ['brown', 'fried'],
  ['fry', 'fried'],
  ['roast', 'roasted'],
  ['bake', 'roasted'],
]);

const minutesOf = (step: Step): number => (step.minutes ? (step.minutes.min + step.minutes.max) / 2 : 0);

const STAGE_ORDER: Readonly<Record<Stage, number>> = { base: 0, simmer: 1, blend: 2, finish: 3, bowl: 4, plate: 4 };

/** The heat a line goes through: the steps that use it, else every step of its stage, and all wet heat after. */
export function heatOfLine(recipe: Recipe, lineId: string, stage: Stage): Heat {
  if (stage === 'bowl' || stage === 'plate') return NO_HEAT;
  if (recipe.steps.length === 0) return stage === 'finish' ? NO_HEAT : ASSUMED_SIMMER;
  return heatsOf(recipe.steps).of(lineId, stage);
}

const known = new WeakMap<Recipe['steps'], StepHeats>();

/** Steps are never changed in place: an edit of an amount leaves every heat as it was. */
function heatsOf(steps: Recipe['steps']): StepHeats {
  let heats = known.get(steps);
  if (!heats) known.set(steps, (heats = new StepHeats(steps)));
  return heats;
}

/** The heats of one method, by the lines its steps use; lines that no step names share the heat of their stage. */
class StepHeats {
  readonly #steps: Recipe['steps'];
  readonly #firstUse = new Map<string, number>();
  readonly #ofLines = new Map<Stage, Map<string, Heat>>();
  readonly #ofStages = new Map<Stage, Heat>();

  constructor(steps: Recipe['steps']) {
    this.#steps = steps;
    steps.forEach(({ uses = [] }, at) => {
      for (const id of uses) if (!this.#firstUse.has(id)) this.#firstUse.set(id, at);
    });
  }

  of(lineId: string, stage: Stage): Heat {
    const firstUse = this.#firstUse.get(lineId);
    if (firstUse === undefined) return kept(this.#ofStages, stage, () => heatFrom(this.#steps, stage, -1, ''));
    const lines = kept(this.#ofLines, stage, () => new Map<string, Heat>());
    return kept(lines, lineId, () => heatFrom(this.#steps, stage, firstUse, lineId));
  }
}

function kept<K, V>(map: Map<K, V>, key: K, make: () => V): V {
  let value = map.get(key);
  if (value === undefined) map.set(key, (value = make()));
  return value;
}

function heatFrom(steps: Recipe['steps'], stage: Stage, firstUse: number, lineId: string): Heat {
  let wetMinutes = 0;
  let dryMinutes = 0;
  const kinds = new Set<HeatKind>();
  steps.forEach((step, index) => {
    const met = firstUse >= 0 ? index >= firstUse : STAGE_ORDER[step.stage] >= STAGE_ORDER[stage];
    if (!met || !step.method) return;
    const wet = WET.get(step.method);
    const dry = DRY.get(step.method);
    const minutes = minutesOf(step);
    if (wet) wetMinutes += minutes;
    else if (dry && (step.stage === stage || step.uses?.includes(lineId))) dryMinutes += minutes;
    else return;
    if (minutes > 0) kinds.add((wet ?? dry) as HeatKind);
  });
  return heat(wetMinutes, dryMinutes, [...kinds]);
}

export interface Evaporation {
  grams: number;
  /** One standard deviation, grams. */
  sd: number;
}

/** Water that leaves the pot over all simmering and boiling steps. No steps, no evaporation. */
export function evaporation(recipe: Recipe, waterGrams: number): Evaporation {
  const areaM2 = Math.PI * ((recipe.pot?.diameterCm ?? DEFAULT_POT_CM) / 200) ** 2;
  let grams = 0;
  let sd = 0;
  for (const step of recipe.steps) {
    if (step.method !== 'simmer' && step.method !== 'boil') continue;
    const hours = minutesOf(step) / MINUTES_PER_HOUR;
    const [best, low, high] = ratePerHour(step, recipe.pot?.ringKw, areaM2);
    grams += best * hours * GRAMS_PER_KG;
    sd += ((high - low) / 2 / Z95) * hours * GRAMS_PER_KG;
  }
  const most = waterGrams * 0.9;
  return grams > most ? { grams: most, sd: Math.min(sd, most / Z95) } : { grams, sd };
}

/** A line as it meets dry heat: what it weighs and how much of that is water. */
export interface Drying {
  line: Line;
  food: Food | null;
}

/** No food gives up more of its water than this and is still a soup's. */
const MOST_OF_ITS_WATER = 0.9;
const GONE =
  /\b(?:water|liquid|juices?|moisture)\b[^.;]{0,30}\b(?:gone|evaporated|cooked (?:off|away)|disappeared|driven off)\b|\buntil (?:almost |nearly )?dry\b/i;

/** Water that leaves the food itself on a tray, in a pan or under an open sweat, before any liquid is there; bounded by what it holds. */
export function dryHeatLoss(recipe: Recipe, lines: readonly Drying[]): Evaporation {
  let grams = 0;
  let variance = 0;
  const dry = drySteps(recipe.steps);
  if (dry.length === 0) return { grams, sd: 0 };
  for (const { line, food } of lines) {
    if (!food || !line.grams || line.stage === 'bowl' || line.stage === 'plate') continue;
    const water = (food.per100g.waterG ?? 0) / 100;
    let left = water * MOST_OF_ITS_WATER;
    for (const { step, heat } of dry) {
      if (!step.uses?.includes(line.id)) continue;
      const lost = lostBy(food, heat);
      if (!lost) continue;
      const by = step.minutes && heat !== 'gone' ? Math.min(MOST_TIME, minutesOf(step) / TYPICAL_MINUTES[heat]) : 1;
      const [best, low, high] = lost.map((share) => Math.min(left, share * by)) as [number, number, number];
      grams += line.grams.best * best;
      variance += ((line.grams.best * (high - low)) / 2 / Z95) ** 2;
      left = Math.max(0, left - best);
    }
  }
  return { grams, sd: Math.sqrt(variance) };
}
/** A tray left in half as long again loses that much more, and no further. */
const MOST_TIME = 1.3;

const dryOf = new WeakMap<Recipe['steps'], readonly { step: Step; heat: DryHeat }[]>();
/** Steps are never changed in place. */
function drySteps(steps: Recipe['steps']): readonly { step: Step; heat: DryHeat }[] {
  let known = dryOf.get(steps);
  if (!known)
    dryOf.set(
      steps,
      (known = steps.flatMap((step) => {
        const heat = dryHeatOf(step);
        return heat ? [{ step, heat }] : [];
      })),
    );
  return known;
}

function dryHeatOf(step: Step): DryHeat | null {
  if (step.method === 'roast' || step.method === 'bake') return 'roast';
  if (step.method !== 'sweat' && step.method !== 'brown' && step.method !== 'fry') return null;
  if (GONE.test(step.text)) return 'gone';
  if (step.method !== 'sweat') return 'brown';
  return step.lid === 'on' || step.lid === 'ajar' ? 'sweatCovered' : 'sweatOpen';
}

function ratePerHour(step: Step, ringKw: number | undefined, areaM2: number): readonly [number, number, number] {
  const lid: Lid = step.lid ?? 'off';
  if (step.method === 'boil' && lid === 'off' && ringKw !== undefined) {
    const kgPerHour = Math.max(0, 1.6 * (ringKw * RING_EFFICIENCY - 0.1));
    return [kgPerHour, kgPerHour * 0.7, kgPerHour * 1.3];
  }
  const [best, low, high] = RATE[step.method === 'boil' && lid === 'off' ? 'lively' : lid];
  return [best * areaM2, low * areaM2, high * areaM2];
}
