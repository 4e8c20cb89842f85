/** A point of a spread as a soup that can be weighed: amounts on the kitchen's grid, lines replaced, steps pointing at them. */
import type { Analysis } from '../analysis/analysis.ts';
import { closePreparations } from '../bowl/preparation.ts';
import { withMentions } from '../method/mentions.ts';
import type { Option } from '../swap/model.ts';
import { type Change, describeChanges } from '../swap/plan.ts';
import { roundAmounts } from '../swap/rounding.ts';
import type { Leaf } from '../swap/search.ts';
import { item } from '../swap/solver/linear.ts';
import { type NeedVerdict, namedVerdicts } from '../swap/verdict.ts';
import { writeRecipe } from '../swap/writeRecipe.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import type { Spread } from './spread.ts';

export interface Written {
  recipe: Recipe;
  analysis: Analysis;
  changes: Change[];
  meets: NeedVerdict[];
}

/** Where no rounded amounts keep every need, those of the point itself stand, to the tenth of a gram. */
export function writePoint(spread: Spread, point: number): Written {
  const { judge, model } = spread;
  const leaf = leafOf(spread, point);
  const { choice, amounts } = leaf;
  const rounded = roundAmounts(model, choice, amounts) ?? amounts.grams.map((one) => Number(one.toFixed(1)));
  const draft = writeRecipe(judge.start.recipe, judge.start.analysis, model, leaf, rounded, judge.shelf);
  const soup = judge.analysed(draft.recipe);
  const before = judge.original.analysis;
  return {
    recipe: closePreparations({ ...draft.recipe, steps: withMentions(draft.recipe.steps, draft.recipe.lines, judge.shelf) }),
    analysis: soup.analysis,
    changes: describeChanges(model, leaf, draft, { before, after: soup.analysis }, [], judge.shelf, judge.asked.terms.blender),
    meets: namedVerdicts(judge.asked.needs, judge.standings(soup)),
  };
}

/** The choices of a point and their amounts as they were summed. */
export function leafOf({ model, points, ways }: Spread, point: number): Leaf {
  const { picked, grams, poured } = item(points, point);
  const choice = model.slots.map(({ options }, slot) => item(options, item(picked, slot)));
  const own = (option: Option, slot: number): readonly number[] => {
    const way = ways.find((line) => line.slot === slot)?.changes.find(({ index }) => item(model.slots, slot).options[index] === option);
    return way?.grams ?? (option.parts.length === 1 && poured !== undefined ? [poured] : []);
  };
  return { choice, amounts: { grams: [...(grams ?? choice.flatMap(own))], value: 0 } };
}
