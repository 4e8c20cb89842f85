/** How a soup stands to everybody at a table: one cell for every set of needs, with what in the soup decides it. */
import type { Because } from '../allergen/findings.ts';
import { type AnalyseOptions, type Analysis, analyse } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import { needOf } from '../swap/need.ts';
import type { NeedRef, Needs } from '../swap/needs.ts';
import { needLabel } from '../swap/needWords.ts';
import { judgeNeeds, type NeedState, type NeedVerdict } from '../swap/verdict.ts';
import { withUnit } from '../vocabulary/figure.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import type { Cell, CellReason, Seats } from './columns.ts';
import { servedTo } from './plate.ts';

const RANK: readonly NeedState[] = ['breaks', 'cannotTell'];
/** Ways to one allergen that are worth telling in a cell. */
const MOST_WAYS = 4;

/** `house` is under what rules the soup is judged: the regime, and whether coconut and chestnut count as tree nuts here. */
export function matrixRow(recipe: Recipe, columns: readonly Seats[], house: Omit<AnalyseOptions, 'prices'>, shelf: Shelf): Cell[] {
  const analyses = new Map<string, { served: Recipe; analysis: Analysis }>();
  return columns.map(({ needs: own, sides }) => {
    const needs: Needs = { ...house, ...own };
    const options = { ...house, coconutIsTreeNut: needs.coconutIsTreeNut, chestnutIsTreeNut: needs.chestnutIsTreeNut };
    const key = JSON.stringify([options.coconutIsTreeNut ?? false, options.chestnutIsTreeNut ?? false, sides ?? null]);
    let known = analyses.get(key);
    if (!known) {
      const served = servedTo(recipe, sides, shelf);
      known = { served, analysis: analyse(served, options, shelf) };
      analyses.set(key, known);
    }
    return bowlAndPlate(needs, known.served, known.analysis, shelf);
  });
}

/** In the bowl yes, with the sandwich no: what stands beside it is told where it makes a difference. */
export function bowlAndPlate(needs: Needs, recipe: Recipe, analysis: Analysis, shelf: Shelf): Cell {
  const bowl = standing(needs, recipe, analysis, shelf);
  if (needs.scope === 'plate' || !recipe.lines.some(({ stage }) => stage === 'plate')) return bowl;
  const plate = standing({ ...needs, scope: 'plate' }, recipe, analysis, shelf);
  return WORSE.indexOf(plate.state) > WORSE.indexOf(bowl.state) ? { ...bowl, plate } : bowl;
}

const WORSE = ['fits', 'check', 'breaks'] as const;

function standing(needs: Needs, recipe: Recipe, analysis: Analysis, shelf: Shelf): Pick<Cell, 'state' | 'reasons'> {
  const verdicts = judgeNeeds(needs, { recipe, analysis, original: { recipe, analysis }, shelf });
  const reasons = RANK.flatMap((state) => verdicts.filter((verdict) => verdict.state === state)).map((verdict) => ({
    need: needLabel(verdict.need, needs, { recipe, original: { recipe }, core: { shelf } }),
    state: verdict.state as CellReason['state'],
    because: becauseOf(verdict, needs, recipe, analysis, shelf),
  }));
  return { state: reasons.length === 0 ? 'fits' : reasons.some(({ state }) => state === 'breaks') ? 'breaks' : 'check', reasons };
}

function becauseOf({ need: ref, state, value }: NeedVerdict, needs: Needs, recipe: Recipe, analysis: Analysis, shelf: Shelf): string[] {
  const need = needOf(ref, needs);
  if (need?.kind === 'limit') return value === undefined ? [] : [`${withUnit(need.limit.nutrient, value)}${perWords(need.limit.per, needs.scope)}`];
  const rows = waysOf(ref, analysis);
  const decides = state === 'breaks' ? ['contains', 'breaks'] : ['check', 'mayContain'];
  const nameOf = (lineId: string): string => {
    const line = recipe.lines.find(({ id }) => id === lineId);
    return (line?.foodId ? shelf.food(line.foodId)?.name : line?.text) ?? lineId;
  };
  const ways = rows.filter((row) => decides.includes(row.state)).map(({ lineId, path }) => (path.length > 0 ? path.join(' › ') : nameOf(lineId)));
  return [...new Set(ways)].slice(0, MOST_WAYS);
}

const perWords = (per: 'serving' | '100g', scope: Needs['scope']): string =>
  per === '100g' ? ' per 100 g' : scope === 'plate' ? ' on the plate' : ' a bowl';

const waysOf = ({ kind, id }: NeedRef, analysis: Analysis): readonly Because[] =>
  (kind === 'allergen' ? analysis.allergens : kind === 'diet' ? analysis.diets : []).find((row) => row.id === id)?.because ?? [];
