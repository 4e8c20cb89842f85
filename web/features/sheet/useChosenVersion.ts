/** Which version of a soup a sheet or a form is of, and under whose rules: kept in the address. */
import type { SoupSummary, VersionBody } from '../../../contract/types.ts';
import type { Difference } from '../../../core/analysis/diff.ts';
import { REGIME_IDS, type RegimeId } from '../../../core/regime/regime.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { useDraft, useSoup, useVersions } from '../../api/queries.ts';
import { figure } from '../../kitchen/format.ts';
import { useAddress } from '../../ui/useAddress.ts';
import { lineChangeText, STATE_WORDS } from '../bench/Difference.tsx';

export const DRAFT = 'draft';

export interface Chosen {
  soup: SoupSummary;
  all: readonly VersionBody[];
  /** Undefined where it is the draft. */
  version: VersionBody | undefined;
  original: VersionBody | undefined;
  recipe: Recipe;
  needs: Needs;
  regime: RegimeId;
  set: (key: 'v' | 'rules', value: string) => void;
}

/** The newest version kept, another by '?v=2', or the draft while nothing is kept; null while it is fetched, an error where it cannot be. */
export function useChosenVersion(id: string): Chosen | Error | null {
  const soup = useSoup(id);
  const versions = useVersions(id);
  const draft = useDraft(id);
  const [params, put] = useAddress();
  const failed = versions.error ?? draft.error;
  if (failed) return failed;
  if (!versions.data || !soup.data || !draft.data) return null;
  const all = versions.data.versions;
  const asked = params.get('v');
  const version = asked === DRAFT ? undefined : (all.find(({ number }) => String(number) === asked) ?? all.findLast(({ archived }) => !archived));
  const { recipe, needs } = version ?? draft.data;
  return {
    soup: soup.data,
    all,
    version,
    original: all[0] === version ? undefined : all[0],
    recipe,
    needs,
    regime: REGIME_IDS.find((one) => one === params.get('rules')) ?? needs.regime ?? 'us',
    set: (key, value) => put((now) => now.set(key, value)),
  };
}

export const keptWords = (version: VersionBody | undefined): string =>
  version
    ? `Version ${version.number}, ${version.name}, kept ${new Date(version.createdAt).toLocaleDateString(undefined, { dateStyle: 'medium' })}${version.reason ? `: ${version.reason}` : ''}`
    : 'A draft: as it stands it is not kept as a version.';

/** Changes named on one page. */
const MOST_CHANGES = 8;
const CHANGED_FIGURES = ['energyKcal', 'saturatedFatG', 'sodiumMg', 'proteinG', 'potassiumMg'] as const;

export function changeWords({ lines, allergens, figures, servings }: Difference, nameOf: Parameters<typeof lineChangeText>[1]): string[] {
  const changed = [
    ...(servings ? [`${figure(servings.before)} bowls › ${figure(servings.after)} bowls`] : []),
    ...lines.map((change) => lineChangeText(change, nameOf)),
  ];
  const more = changed.length > MOST_CHANGES ? [`and ${changed.length - MOST_CHANGES} changes more`] : [];
  const states = allergens.map(({ id, before, after }) => `${ALLERGEN_LABELS[id]}: ${STATE_WORDS[before]} › ${STATE_WORDS[after]}`);
  const told = figures
    .filter(({ nutrient }) => (CHANGED_FIGURES as readonly string[]).includes(nutrient))
    .map(
      ({ nutrient, before, after, atLeast }) =>
        `${FIGURE_WORDS[nutrient as keyof typeof FIGURE_WORDS]} ${figure(before)} › ${figure(after)}${atLeast ? ' at least' : ''}`,
    );
  return [...changed.slice(0, MOST_CHANGES), ...more, ...states, ...(told.length > 0 ? [`one bowl: ${told.join(', ')}`] : [])];
}
const FIGURE_WORDS: Readonly<Record<(typeof CHANGED_FIGURES)[number], string>> = {
  energyKcal: 'kcal',
  saturatedFatG: 'saturated fat, g',
  sodiumMg: 'sodium, mg',
  proteinG: 'protein, g',
  potassiumMg: 'potassium, mg',
};
