/** Which piece holds the pot up: how long each thing that simmers takes to be soft, by its cut and by acid in the pot. */
import type { Shelf } from '../food/shelf.ts';
import { calledInSteps } from '../method/entry.ts';
import { countedLines, type Line, type Recipe, type Step } from '../vocabulary/recipe.ts';
import { BY_ACID, BY_SIZE, CUT_CM, SOFTENS, USUAL_CM } from './data/softening.ts';
import { linesIn } from './flow.ts';

export interface Softening {
  lineId: string;
  foodId: string;
  name: string;
  /** Of a piece; null for what is not cut. */
  cm: number | null;
  minutes: number;
}

/** Centimetres of a piece as the line says it is cut; null where it says nothing. */
export function cutCm({ cut, prep, text }: Pick<Line, 'cut' | 'prep' | 'text'>): number | null {
  if (typeof cut === 'number') return cut;
  const said = `${cut ?? ''} ${prep ?? ''} ${text}`;
  const size = /(\d+(?:[.,]\d+)?)\s*(cm|mm|in(?:ch(?:es)?)?|")(?![a-z])/i.exec(said);
  if (size) {
    const number = Number((size[1] as string).replace(',', '.'));
    const unit = (size[2] as string).toLowerCase();
    return unit === 'cm' ? number : unit === 'mm' ? number / 10 : number * 2.54;
  }
  return CUT_CM.find(([says]) => says.test(said))?.[1] ?? null;
}

/** Minutes at a simmer until it is soft; null for what is not known to have to soften. `learnt`: times the estimate, by food. */
export function minutesToSoften(line: Line, shelf: Shelf, withAcid: boolean, learnt: ReadonlyMap<string, number> = new Map()): Softening | null {
  const food = line.foodId === null ? undefined : shelf.food(line.foodId);
  if (!food || (food.state !== 'raw' && food.state !== 'dry') || /frozen/.test(food.id)) return null;
  const row = SOFTENS.find(({ says }) => says.test(food.like ?? food.id));
  if (!row) return null;
  const cm = row.whole ? null : (cutCm(line) ?? USUAL_CM);
  const minutes = row.minutes * (cm === null ? 1 : cm ** BY_SIZE) * (withAcid ? BY_ACID : 1) * (learnt.get(food.id) ?? 1);
  return { lineId: line.id, foodId: food.id, name: calledInSteps(food), cm, minutes };
}

export interface SlowPot {
  stepId: string;
  /** Slowest first. */
  pieces: Softening[];
  /** Minutes the step says, where it says some. */
  said: number | null;
  withAcid: boolean;
}

const SIMMERS = new Set(['simmer', 'boil']);
const COOKS_BEFORE = new Set(['roast', 'bake', 'pressure', 'steam']);

/** Of the step that simmers the soup, what is in the pot and has to soften there; null where nothing has. */
export function slowPotOf(recipe: Recipe, shelf: Shelf, learnt?: ReadonlyMap<string, number>): SlowPot | null {
  const lines = new Map(countedLines(recipe).map((line) => [line.id, line]));
  const blend = recipe.steps.findIndex(({ method }) => method === 'blend');
  const steps = blend < 0 ? recipe.steps : recipe.steps.slice(0, blend);
  const at = longest(steps.filter(({ method }) => SIMMERS.has(method ?? 'none')));
  if (!at) return null;
  const place = steps.indexOf(at);
  const soft = new Set(steps.filter(({ method }) => COOKS_BEFORE.has(method ?? 'none')).flatMap(linesIn));
  const inPot = [...new Set(steps.slice(0, place + 1).flatMap(linesIn))].flatMap((id) => (soft.has(id) ? [] : (lines.get(id) ?? [])));
  const withAcid = inPot.some(({ foodId }) => shelf.food(foodId ?? '')?.category === 'acid');
  const pieces = inPot.flatMap((line) => minutesToSoften(line, shelf, withAcid, learnt) ?? []).sort((a, b) => b.minutes - a.minutes);
  return pieces.length > 0 ? { stepId: at.id, pieces, said: at.minutes?.max ?? null, withAcid } : null;
}

const longest = (steps: readonly Step[]): Step | undefined => [...steps].sort((a, b) => (b.minutes?.max ?? 0) - (a.minutes?.max ?? 0))[0];

/** Told where one piece is slower than the others by so much, or than the step by so much. */
const WORTH_TELLING = 1.25;
/** A piece that is cut smaller is still cut by hand. */
const SMALLEST_CM = 1;

/** The piece that holds the pot up, in words for whoever cuts it; null where nothing stands out. */
export function slowestWords({ pieces, said, withAcid }: SlowPot): string | null {
  const [slowest, next] = pieces;
  if (!slowest) return null;
  const tooLong = said !== null && slowest.minutes > said * WORTH_TELLING;
  const standsOut = next !== undefined && slowest.minutes > next.minutes * WORTH_TELLING;
  if (!tooLong && !standsOut) return null;
  const round = (minutes: number) => Math.max(1, Math.round(minutes));
  const size = slowest.cm === null ? '' : ` in pieces of ${Number(slowest.cm.toFixed(1))} cm`;
  const head = `The ${slowest.name}${size} holds the pot up: some ${round(slowest.minutes)} min until soft${withAcid ? ', with acid in the pot' : ''}`;
  const others = next === undefined ? '' : `, the rest some ${round(next.minutes)}`;
  const smaller =
    slowest.cm !== null && slowest.cm > SMALLEST_CM
      ? ` Cut at ${SMALLEST_CM} cm it takes some ${round(slowest.minutes / slowest.cm ** BY_SIZE)}.`
      : '';
  const against = tooLong ? ` The step says ${said}: the largest piece decides, not the clock.` : '';
  return `${head}${others}.${smaller}${against}`;
}
