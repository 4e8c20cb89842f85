/** Everything the three zones of the bench show, worked out from the recipe on it. */
import { useMemo } from 'react';
import type { VersionBody } from '../../../contract/types.ts';
import type { AnalyseOptions, Analysis } from '../../../core/analysis/analysis.ts';
import type { PriceList } from '../../../core/bowl/cost.ts';
import { limitOf } from '../../../core/swap/need.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import type { NeedVerdict } from '../../../core/swap/verdict.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import { NUTRIENT_LABELS } from '../../../core/vocabulary/nutrient.ts';
import type { Line, Recipe } from '../../../core/vocabulary/recipe.ts';
import { needLabel } from '../../kitchen/format.ts';
import { type Kitchen, useKitchen } from '../../kitchen/kitchen.ts';
import { useBench } from './store.ts';

export interface Mark {
  tone: 'breaks' | 'check';
  text: string;
}

export interface BenchView {
  core: Kitchen;
  recipe: Recipe;
  needs: Needs;
  prices: PriceList | undefined;
  analysis: Analysis;
  original: { recipe: Recipe; analysis: Analysis };
  verdicts: NeedVerdict[];
  /** Per line, the needs it breaks or leaves to be checked. */
  marks: ReadonlyMap<string, Mark[]>;
  /** Original lines that are no longer in the pot. */
  replaced: readonly Line[];
}

/** What a line is called: its food, or its own words while it has none. */
export const lineName =
  (core: Kitchen) =>
  ({ foodId, text }: Line): string =>
    foodId === null ? text : (core.shelf.food(foodId)?.name ?? foodId);

export const optionsOf = ({ regime, coconutIsTreeNut, chestnutIsTreeNut, blender }: Needs): AnalyseOptions => ({
  regime,
  coconutIsTreeNut,
  chestnutIsTreeNut,
  blender,
});

/** The version everything is compared with: the one the draft came from, else the first. */
export function originalOf(versions: readonly VersionBody[], basedOn: string | null): Recipe | null {
  return (versions.find(({ id }) => id === basedOn) ?? versions[0])?.recipe ?? null;
}

/** The recipe with its preparations as foods, and the kitchen that knows them; without any, both as they are. */
function opened(kitchen: Kitchen, kept: Recipe): { recipe: Recipe; core: Kitchen } {
  const { recipe, shelf } = kitchen.openPreparations(kept, kitchen.shelf);
  return { recipe, core: shelf === kitchen.shelf ? kitchen : { ...kitchen, shelf } };
}

export function useBenchView(originalRecipe: Recipe | null, prices: PriceList | undefined): BenchView {
  const kitchen = useKitchen();
  const kept = useBench((state) => state.recipe);
  // A preparation is a food of this soup alone: the shelf of the view knows it.
  const { recipe, core } = useMemo(() => opened(kitchen, kept), [kitchen, kept]);
  const needs = useBench((state) => state.needs);
  const options = JSON.stringify(optionsOf(needs));
  const first = originalRecipe ?? kept;
  const original = useMemo(
    () => ({ recipe: opened(kitchen, first).recipe, analysis: kitchen.analyse(first, { ...JSON.parse(options), prices }, kitchen.shelf) }),
    [kitchen, first, options, prices],
  );
  const analysis = useMemo(() => core.analyse(recipe, { ...JSON.parse(options), prices }, core.shelf), [core, recipe, options, prices]);
  return useMemo(() => {
    const verdicts = core.judgeNeeds(needs, { recipe, analysis, original, shelf: core.shelf });
    return {
      core,
      recipe,
      needs,
      prices,
      analysis,
      original,
      verdicts,
      marks: marksOf(needs, analysis),
      // A divided whole is no line of its own: its parts are.
      replaced: original.recipe.lines.filter(
        ({ id }) => !recipe.lines.some((line) => line.id === id) && !original.recipe.lines.some(({ partOf }) => partOf === id),
      ),
    };
  }, [core, recipe, needs, prices, analysis, original]);
}

/** What a line is that breaks a diet: 'no nuts' is broken by nuts, 'vegan' by what is not vegan. */
const dietMark = (label: string): string => (label.startsWith('no ') ? label.slice(3) : `not ${label}`);

function marksOf(needs: Needs, analysis: Analysis): Map<string, Mark[]> {
  const marks = new Map<string, Mark[]>();
  const add = (lineId: string, mark: Mark) => {
    const list = marks.get(lineId) ?? [];
    if (!list.some(({ text }) => text === mark.text)) marks.set(lineId, [...list, mark]);
  };
  const asked = [
    ...(needs.allergens ?? []).map((id) => ({
      label: ALLERGEN_LABELS[id],
      verdict: analysis.allergens.find((one) => one.id === id),
      bad: 'contains',
    })),
    ...(needs.diets ?? []).map((id, index) => ({
      label: dietMark(needLabel({ kind: 'diet', id, index }, needs)),
      verdict: analysis.diets.find((one) => one.id === id),
      bad: 'breaks',
    })),
  ];
  for (const { label, verdict, bad } of asked) {
    if (!verdict) continue;
    for (const { lineId, state } of verdict.because)
      add(lineId, state === bad ? { tone: 'breaks', text: label } : { tone: 'check', text: `check ${label.replace(/^not /, '')}` });
  }
  return marks;
}

/** A line with less of it than this is not what breaks a limit. */
const MUCH = 0.3;

/** Per line that gives most of what is over a limit, how much of it. */
export function limitMarks({ core, recipe, analysis, needs, verdicts }: BenchView): Map<string, Mark[]> {
  const marks = new Map<string, Mark[]>();
  for (const { need, state } of verdicts) {
    const limit = limitOf(need, needs);
    if (state !== 'breaks' || limit?.max === undefined) continue;
    const [most] = core.nutrientGivers(recipe, limit.nutrient, analysis, core.shelf, analysis.regime);
    if (!most || most.share < MUCH) continue;
    const text = `${core.shareWords(most.share)} of its ${NUTRIENT_LABELS[limit.nutrient].toLowerCase()}`;
    marks.set(most.lineId, [...(marks.get(most.lineId) ?? []), { tone: 'breaks', text }]);
  }
  return marks;
}
