/** Rank what carries most of a figure: where the salt of a bowl is, and where it is not. */
import { analyse } from '../../analysis/analysis.ts';
import { SHELF } from '../../food/shelf.ts';
import { REGIMES } from '../../regime/regime.ts';
import { figure } from '../../vocabulary/figure.ts';
import { type Nutrient, nutrientName, nutrientUnit } from '../../vocabulary/nutrient.ts';
import type { Recipe } from '../../vocabulary/recipe.ts';
import { idsIn } from '../answer.ts';
import type { Chance } from '../chance.ts';
import { textOfLine } from '../facts.ts';
import { REGIME, seatBy } from '../soup.ts';
import type { Level, Made, SoupAtHand } from '../types.ts';

const ASKED: Readonly<Record<Level, readonly Nutrient[]>> = {
  1: ['sodiumMg'],
  2: ['sodiumMg', 'saturatedFatG', 'proteinG'],
  3: ['potassiumMg', 'energyKcal', 'availableCarbohydrateG', 'phosphorusMg'],
};
const LINES: Readonly<Record<Level, number>> = { 1: 3, 2: 4, 3: 5 };
/** Neighbours differ by this share of the greater, and by this share of the bowl: nobody is asked to tell two that are alike. */
const APART = 0.25;
const APART_IN_BOWL = 0.02;

/** What a bowl has less of without the line. */
export function broughtBy(recipe: Recipe, lineId: string, nutrient: Nutrient, whole: number): number {
  const lines = recipe.lines.filter((line) => line.id !== lineId && line.partOf !== lineId);
  const steps = recipe.steps.map(({ mentions: _, ...step }) => (step.uses ? { ...step, uses: step.uses.filter((id) => id !== lineId) } : step));
  return whole - analyse({ ...recipe, lines, steps }, { regime: REGIME }, SHELF).perServing[nutrient].value;
}

export function rank(level: Level, { recipe, analysis }: SoupAtHand, chance: Chance): Made | null {
  const nutrient = chance.one(ASKED[level]);
  const whole = analysis.perServing[nutrient];
  if (!(whole.value > 0)) return null;
  const known = recipe.lines.filter(({ foodId, stage, grams }) => {
    const food = SHELF.food(foodId ?? '');
    return food && grams && stage !== 'plate' && !SHELF.figures(food, REGIMES[REGIME]).unknown.includes(nutrient);
  });
  const carried = known.map(({ id }) => ({ id, by: broughtBy(recipe, id, nutrient, whole.value) })).sort((a, b) => b.by - a.by);
  // From the greatest down, each well below the last.
  const chosen: typeof carried = [];
  for (const one of carried) {
    const last = chosen.at(-1);
    const least = APART_IN_BOWL * whole.value;
    if (last === undefined ? one.by > least : last.by - one.by > Math.max(APART * last.by, least)) chosen.push(one);
  }
  const few = chosen.slice(0, LINES[level]);
  if (few.length < LINES[level]) return null;
  const order = few.map(({ id }) => id);
  const seat = seatBy(chance);
  const name = nutrientName(nutrient);
  const carries = ({ id, by }: (typeof few)[number]) => ({
    lineId: id,
    path: [textOfLine(recipe, id), `${figure(Math.max(0, by))} ${nutrientUnit(nutrient)} ${name} a bowl`],
  });
  return {
    recipe,
    topic: name,
    guest: { seat, needs: { regime: REGIME } },
    question: `Which of these brings most ${name} to a bowl for ${seat}? Put them in order, the most first.`,
    by: 'order',
    options: chance.mixed(order).map((id) => ({ id, lineId: id, text: textOfLine(recipe, id) })),
    mark: (answer) => {
      const ids = idsIn(answer);
      if (!ids || ids.length !== order.length || new Set(ids).size < ids.length || ids.some((id) => !order.includes(id)))
        return { wanted: `the ids of all ${order.length} lines, in their order` };
      const right = ids.every((id, at) => id === order[at]);
      return {
        right,
        because: few.map(carries),
        explains: `By ${name}, the most first: ${few.map(({ id }) => `'${textOfLine(recipe, id)}'`).join(', ')}.`,
      };
    },
  };
}
