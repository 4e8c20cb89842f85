/** Scores the reader on the third hold-out: what of each text became a line, with the right food, grams, stage; and what became one wrongly. */
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import type { Line } from '../vocabulary/recipe.ts';
import type { ThirdRow } from './reading/holdoutThird.ts';

const TOLERANCE = 0.15;

export interface ThirdScore {
  lines: number;
  food: number;
  weighed: number;
  grams: number;
  staged: number;
  stages: number;
  bowls: number;
  phantoms: number;
  talked: number;
  misses: string[];
}

const gramsOf = (lines: readonly Line[]): number | null =>
  lines.some(({ grams }) => grams) ? lines.reduce((sum, { grams }) => sum + (grams?.best ?? 0), 0) : null;

export function scoreThird({ id, text, measures, bowls, lines, not }: ThirdRow): ThirdScore {
  const { recipe } = readRecipe(text, { measures: measures ?? 'auto' }, SHELF);
  const parents = new Set(recipe.lines.map(({ partOf }) => partOf));
  const free = recipe.lines.filter((line) => !parents.has(line.id) && line.chosen !== false);
  const out: ThirdScore = { lines: 0, food: 0, weighed: 0, grams: 0, staged: 0, stages: 0, bowls: 0, phantoms: 0, talked: 0, misses: [] };
  for (const [foods, grams, stage] of lines) {
    out.lines += 1;
    const ids = foods.split(' or ');
    const fitting = free.filter(({ foodId }) => foodId !== null && ids.includes(foodId));
    fitting.sort((a, b) => (grams === null ? 0 : Math.abs((a.grams?.best ?? 0) - grams) - Math.abs((b.grams?.best ?? 0) - grams)));
    const first = fitting[0];
    const family = first?.partOf ? fitting.filter(({ partOf }) => partOf === first.partOf) : fitting.slice(0, 1);
    if (!first) out.misses.push(`${id}: no ${foods}`);
    for (const line of family) free.splice(free.indexOf(line), 1);
    if (first) out.food += 1;
    if (grams !== null) {
      out.weighed += 1;
      const got = gramsOf(family);
      if (got !== null && Math.abs(got - grams) <= grams * TOLERANCE) out.grams += 1;
      else if (first) out.misses.push(`${id}: ${foods} ${got} g, not ${grams}`);
    }
    if (stage === null || !first) continue;
    out.staged += 1;
    if (first.stage === stage) out.stages += 1;
    else out.misses.push(`${id}: ${foods} in ${first.stage}, not ${stage}`);
  }
  if ((recipe.servings ?? null) === bowls) out.bowls += 1;
  else out.misses.push(`${id}: ${recipe.servings} bowls, not ${bowls}`);
  for (const line of free) {
    out.phantoms += 1;
    out.misses.push(`${id}: also '${line.text}' (${line.foodId})`);
    if (not?.some((word) => word.test(line.text))) out.talked += 1;
  }
  return out;
}
