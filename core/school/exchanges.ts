/** What could come frozen, canned or in a jar, line by line, and what that does to sodium, price and minutes. */
import { analyse } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import { namedLine } from '../method/entry.ts';
import { linesIn } from '../plan/flow.ts';
import { planOf } from '../plan/plan.ts';
import { boardMinutes } from '../plan/tasks.ts';
import { countedLines, type Recipe, type Step } from '../vocabulary/recipe.ts';
import { READY_MADE } from './data/exchanges.ts';
import { partsOf } from './parts.ts';
import { turned } from './turn.ts';
import type { SchoolsRequest } from './types.ts';
import { withMinutes } from './ways/words.ts';

export interface ReadyExchange {
  lineId: string;
  from: string;
  to: { foodId: string; name: string; grams: number };
  /** Of one bowl. */
  sodiumMg: number;
  /** Null where one of the two has no price. */
  cost: { by: number; currency: string } | null;
  /** Minutes at the board, and of the whole plan; less is below nothing. */
  board: number;
  minutes: number | null;
  recipe: Recipe;
}

/** Any hour does: minutes are what is asked. */
const NOON = '2027-01-01T12:00:00.000Z';

export function readyExchanges(recipe: Recipe, { kitchen, options }: Pick<SchoolsRequest, 'kitchen' | 'options'>, shelf: Shelf): ReadyExchange[] {
  const before = analyse(recipe, options, shelf);
  const minutesOf = (of: Recipe, servings: number): number | null => {
    if (of.steps.length === 0) return null;
    const plan = planOf({ soups: [{ recipe: of, servings }], kitchen, serveAt: NOON, regime: options.regime }, shelf);
    return 'tasks' in plan ? plan.makespanMin : null;
  };
  const was = minutesOf(recipe, before.servings);
  return countedLines(recipe).flatMap((line) => {
    const { grams } = line;
    const id = (line.foodId === null ? undefined : shelf.food(line.foodId)?.like) ?? line.foodId;
    if (!grams || line.perBowl) return [];
    return READY_MADE.filter(({ from }) => from === id).flatMap(({ to, by, isCooked }): ReadyExchange[] => {
      const food = shelf.food(to);
      if (!food) return [];
      const put = [{ of: line.id, foods: [{ foodId: to, grams: grams.best * by, stage: line.stage }], works: [] }];
      // What a dry pulse would have drunk is in the can.
      const { liquids } = partsOf(recipe, shelf);
      const [liquid] = liquids;
      const drunk = Math.min(grams.best * Math.max(0, by - 1), (liquid?.grams ?? 0) / 2);
      const weigh = new Map(liquid && drunk > 0 ? [[liquid.line.id, liquid.grams - drunk]] : []);
      const other = turned({ ...recipe, servings: before.servings }, { put, weigh }, shelf);
      const next = isCooked
        ? cookedAlready(
            other,
            liquids.map((part) => part.line.id),
            shelf.food(id ?? '')?.state === 'dry',
          )
        : other;
      const after = analyse(next, options, shelf);
      const is = minutesOf(next, after.servings);
      const priced = [before, after].every(({ cost }) => cost && !cost.unpricedLineIds.some((one) => one === line.id || one.startsWith('way-')));
      return [
        {
          lineId: line.id,
          from: namedLine(line, shelf),
          to: { foodId: to, name: food.name, grams: grams.best * by },
          sodiumMg: after.perServing.sodiumMg.value - before.perServing.sodiumMg.value,
          cost: priced && before.cost && after.cost ? { by: after.cost.value - before.cost.value, currency: after.cost.currency } : null,
          board: -boardMinutes(line, shelf),
          minutes: was === null || is === null ? null : is - was,
          recipe: next,
        },
      ];
    });
  });
}

/** Warmed through and blended, it needs no more than this, minutes (common practice). */
const WARMED = { min: 15, max: 20 };

/** Without the steps that soaked, boiled or roasted by itself what now comes cooked; what simmered for its sake simmers for less. */
function cookedAlready(recipe: Recipe, liquids: readonly string[], wasDry: boolean): Recipe {
  const own = new Set(recipe.lines.filter(({ id }) => id.startsWith('way-')).map(({ id }) => id));
  const usesIt = (step: Step) => linesIn(step).some((id) => own.has(id));
  const isAlone = (step: Step) => usesIt(step) && linesIn(step).every((id) => own.has(id) || liquids.includes(id));
  const last = recipe.steps.findLastIndex(usesIt);
  const steps = recipe.steps
    .filter((step, at) => !(isAlone(step) && at < last && MAKES_SOFT.has(step.method ?? 'none')))
    .map((step) => (wasDry && usesIt(step) && step.method === 'simmer' && (step.minutes?.max ?? 0) > WARMED.max ? withMinutes(step, WARMED) : step));
  return { ...recipe, steps };
}
const MAKES_SOFT = new Set(['soak', 'boil', 'simmer', 'roast', 'bake', 'steam', 'pressure']);
