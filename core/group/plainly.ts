/** Whether a soup meets needs as it stands, beyond doubt: then nothing has to be looked for. */
import { type AnalyseOptions, type Analysis, analyse } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import type { NeedRef, Needs } from '../swap/needs.ts';
import { judgeNeeds } from '../swap/verdict.ts';
import type { Recipe } from '../vocabulary/recipe.ts';

/** Analyses of the soups that are asked about, each once. */
export class Plainly {
  private readonly analyses = new WeakMap<Recipe, Map<string, Analysis>>();

  constructor(
    private readonly original: Recipe,
    private readonly house: AnalyseOptions,
    private readonly shelf: Shelf,
  ) {}

  /** No label decides, every limit is kept by its whole interval and as surely as is asked, and what is to stay is there. */
  meets(needs: Needs, recipe: Recipe): boolean {
    const analysis = this.analysed(recipe, needs);
    const original = { recipe: this.original, analysis: this.analysed(this.original, needs) };
    return judgeNeeds({ ...this.house, ...needs }, { recipe, analysis, original, shelf: this.shelf }).every(({ need, state, chance }) => {
      if (need.kind === 'body') return state === 'likely' || state === 'meets';
      // Only a label can tell, as of the soup as it is written: nothing new of the kind came in.
      if (state === 'cannotTell' && needs.checks !== 'avoid') return isOldDoubt(need, analysis, original.analysis, needs.scope);
      const isSure = need.kind !== 'limit' || needs.margin === undefined || (chance ?? 0) >= needs.margin;
      return state === 'meets' && isSure;
    });
  }

  private analysed(recipe: Recipe, { coconutIsTreeNut, chestnutIsTreeNut }: Needs): Analysis {
    const known = this.analyses.get(recipe) ?? new Map<string, Analysis>();
    this.analyses.set(recipe, known);
    const key = `${coconutIsTreeNut ?? false} ${chestnutIsTreeNut ?? false}`;
    const analysis = known.get(key) ?? analyse(recipe, { ...this.house, coconutIsTreeNut, chestnutIsTreeNut }, this.shelf);
    known.set(key, analysis);
    return analysis;
  }
}

/** What leaves an allergen or a diet open stood in the soup as it is written, line by line, and left it open there. */
function isOldDoubt({ kind, id }: NeedRef, now: Analysis, before: Analysis, scope: Needs['scope']): boolean {
  if (kind !== 'allergen' && kind !== 'diet') return false;
  const row = (of: Analysis) => (kind === 'allergen' ? of.allergens : of.diets).find((one) => one.id === id);
  const open = (of: Analysis) =>
    (row(of)?.because ?? []).filter(({ state }) => state === 'check' || state === 'mayContain').map(({ lineId, path }) => `${lineId} ${path.join()}`);
  const state = scope === 'plate' ? row(now)?.scopes.plate : row(now)?.state;
  const known = new Set(open(before));
  return (state === 'check' || state === 'mayContain') && open(now).every((one) => known.has(one));
}
