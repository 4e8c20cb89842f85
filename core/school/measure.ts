/** What a soup comes to, by the measures that a school can move. */
import { analyse } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import { planOf } from '../plan/plan.ts';
import { needLabel } from '../swap/needWords.ts';
import { judgeNeeds } from '../swap/verdict.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { type Changed, type Measured, SCHOOL_FIGURES, type SchoolFigure, type SchoolsRequest } from './types.ts';

interface Rules extends Pick<SchoolsRequest, 'kitchen' | 'options' | 'needs'> {
  /** The soup as it is, for needs that speak of it. */
  original?: Recipe | undefined;
}

/** Any hour does: minutes are what is asked. */
const NOON = '2027-01-01T12:00:00.000Z';

export function measured(recipe: Recipe, { kitchen, options, needs = {}, original }: Rules, shelf: Shelf): Measured {
  const analysis = analyse(recipe, options, shelf);
  const of = (state: 'contains' | 'check') => analysis.allergens.filter((row) => row.scopes.bowl === state).map(({ id }) => id);
  const plan =
    recipe.steps.length === 0
      ? null
      : planOf({ soups: [{ recipe, servings: analysis.servings }], kitchen, serveAt: NOON, regime: options.regime }, shelf);
  const isPlanned = plan !== null && 'tasks' in plan;
  const before = original ?? recipe;
  const judged = { recipe, analysis, original: { recipe: before, analysis: before === recipe ? analysis : analyse(before, options, shelf) }, shelf };
  const unmet = judgeNeeds(needs, judged).flatMap(({ need, state }) =>
    state === 'breaks' || state === 'cannotTell'
      ? [{ need: needLabel(need, needs, { recipe, original: { recipe: before }, core: { shelf } }), state }]
      : [],
  );
  const figures = SCHOOL_FIGURES.map((key) => [key, { value: analysis.perServing[key].value, atLeast: analysis.perServing[key].atLeast ?? false }]);
  return {
    figures: Object.fromEntries(figures) as Measured['figures'],
    bowlMl: analysis.servingMl,
    body: analysis.body,
    minutes: isPlanned ? plan.makespanMin : null,
    handsOn: isPlanned ? plan.tasks.filter(({ handsOn }) => handsOn).reduce((sum, { start, end }) => sum + end - start, 0) : null,
    allergens: { contains: of('contains'), check: of('check') },
    cautions: analysis.notes.map(({ code, message }) => ({ code, message })),
    unmet,
  };
}

export function changedFrom(before: Measured, after: Measured): Changed {
  const less = (a: number | null, b: number | null) => (a === null || b === null ? null : a - b);
  const codes = (of: Measured) => new Set(of.cautions.map(({ code }) => code));
  const [was, is] = [codes(before), codes(after)];
  return {
    figures: Object.fromEntries(SCHOOL_FIGURES.map((key) => [key, after.figures[key].value - before.figures[key].value])) as Record<
      SchoolFigure,
      number
    >,
    body: after.body.index - before.body.index,
    bowlMl: after.bowlMl - before.bowlMl,
    minutes: less(after.minutes, before.minutes),
    handsOn: less(after.handsOn, before.handsOn),
    brings: after.allergens.contains.filter((id) => !before.allergens.contains.includes(id)),
    leaves: before.allergens.contains.filter((id) => !after.allergens.contains.includes(id)),
    toCheck: after.allergens.check.filter((id) => !before.allergens.check.includes(id) && !before.allergens.contains.includes(id)),
    cautions: after.cautions.filter(({ code }) => !was.has(code)).map(({ message }) => message),
    cautionsGone: before.cautions.filter(({ code }) => !is.has(code)).map(({ message }) => message),
  };
}
