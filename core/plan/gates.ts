/**
 * Short checks before what cannot be undone: into the blender, cream or cheese in, salt. Of this soup: so many leaves went in, so many come
 * out. Common practice, no source.
 */
import pluralize from 'pluralize';
import type { Shelf } from '../food/shelf.ts';
import { isOf } from '../vocabulary/category.ts';
import { countedLines, type Line, type Recipe } from '../vocabulary/recipe.ts';
import { linesIn } from './flow.ts';
import { slowPotOf } from './softening.ts';

export interface Gate {
  /** What is about to happen: 'into the blender'. */
  before: string;
  checks: string[];
}

const SPLITS = new Set(['dairy', 'cheese', 'plant-cream', 'egg']);
const nameOf = (line: Line, shelf: Shelf): string =>
  (line.foodId === null ? line.text : (shelf.food(line.foodId)?.name ?? line.text)).split(',')[0]?.toLowerCase() ?? line.text;
/** '2 bay leaves', '1 cinnamon stick': as it is counted; else as it is written. */
function counted(line: Line, shelf: Shelf): string {
  const { amount, text } = line;
  if (!amount || amount.max > 20) return text;
  const name = nameOf(line, shelf);
  const noun = name.endsWith(amount.unit) ? name : `${name} ${amount.unit}`;
  return `${amount.max} ${amount.max > 1 ? pluralize.plural(noun) : noun}`;
}

/** The gate before a step; null where nothing of it is for good. */
export function gateBefore(recipe: Recipe, stepAt: number, shelf: Shelf): Gate | null {
  const step = recipe.steps[stepAt];
  if (!step) return null;
  const lines = countedLines(recipe);
  const before = new Set(recipe.steps.slice(0, stepAt).flatMap(linesIn));
  const here = new Set(linesIn(step));
  const isHot = recipe.steps
    .slice(0, stepAt)
    .some(({ method }) => method !== undefined && method !== 'none' && method !== 'soak' && method !== 'blend');
  if (step.method === 'blend') {
    const out = lines.filter(({ id, eaten }) => eaten === 'removed' && (before.has(id) || !here.has(id)));
    const [slow] = (slowPotOf(recipe, shelf)?.pieces ?? []).filter(({ lineId }) => before.has(lineId));
    const heaviest = lines
      .filter(({ id, foodId, grams }) => before.has(id) && grams && isOf(shelf.food(foodId ?? '')?.category ?? 'water', 'vegetable'))
      .sort((a, b) => (b.grams?.best ?? 0) - (a.grams?.best ?? 0))[0];
    return {
      before: 'into the blender',
      checks: [
        ...out.map((line) => `${counted(line, shelf)} went in: as many are out`),
        ...((slow ?? heaviest) && isHot ? [`the largest piece of ${slow ? slow.name : nameOf(heaviest as Line, shelf)} is soft right through`] : []),
        ...(isHot ? ['it is off the heat; a jar is half full at most, its vent open under a cloth'] : []),
      ],
    };
  }
  const splitting = lines.filter(
    ({ id, foodId, stage }) =>
      here.has(id) && !before.has(id) && stage !== 'bowl' && stage !== 'plate' && SPLITS.has(shelf.food(foodId ?? '')?.category ?? ''),
  );
  const salts = lines.filter(({ id, foodId }) => here.has(id) && !before.has(id) && shelf.food(foodId ?? '')?.category === 'salt');
  const checks = [
    ...(splitting.length > 0 && isHot
      ? [`the pot is off the boil before ${splitting.map((line) => nameOf(line, shelf)).join(' and ')} goes in`]
      : []),
    ...(salts.length > 0 ? ['it is tasted before the salt: what is in cannot be taken out'] : []),
  ];
  return checks.length === 0
    ? null
    : { before: splitting.length > 0 ? `${splitting.map((line) => nameOf(line, shelf)).join(' and ')} in` : 'salt in', checks };
}
