import { Printer } from 'lucide-react';
import { Suspense, useMemo } from 'react';
import { Link, useParams, useSearchParams } from 'react-router';
import type { VersionBody } from '../../contract/types.ts';
import type { Difference } from '../../core/analysis/diff.ts';
import { REGIME_IDS, REGIMES, type RegimeId } from '../../core/regime/regime.ts';
import { sheetOf } from '../../core/sheet/sheet.ts';
import type { Needs } from '../../core/swap/needs.ts';
import { ALLERGEN_LABELS } from '../../core/vocabulary/allergens.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import { useDraft, useSoup, useVersions } from '../api/queries.ts';
import { lineChangeText, STATE_WORDS } from '../features/bench/Difference.tsx';
import { lineName } from '../features/bench/view.ts';
import { SheetPage } from '../features/sheet/SheetPage.tsx';
import { figure, needLabel } from '../kitchen/format.ts';
import { useKitchen } from '../kitchen/kitchen.ts';
import { Button } from '../ui/button.tsx';
import { Select } from '../ui/field.tsx';
import { ScreenTitle } from '../ui/screen.tsx';
import { Notice, Waiting } from '../ui/state.tsx';

const DRAFT = 'draft';
const NEED_STATES: Readonly<Record<string, string>> = {
  meets: 'met',
  likely: 'likely met',
  cannotTell: 'cannot be told',
  breaks: 'not met',
};
/** Changes named on one page. */
const MOST_CHANGES = 8;
const CHANGED_FIGURES = ['energyKcal', 'saturatedFatG', 'sodiumMg', 'proteinG', 'potassiumMg'] as const;

/** The serving sheet of a version: the newest one kept, another by '?v=2', or the draft while nothing is kept. */
export function SheetScreen() {
  const { id = '' } = useParams();
  const soup = useSoup(id);
  const versions = useVersions(id);
  const draft = useDraft(id);
  const [params, setParams] = useSearchParams();
  const failed = versions.error ?? draft.error;
  if (failed)
    return (
      <div className="p-6">
        <Notice tone="breaks">{failed.message}</Notice>
      </div>
    );
  if (!versions.data || !soup.data || !draft.data) return <Waiting>Fetching the sheet ...</Waiting>;
  const all = versions.data.versions;
  const asked = params.get('v');
  const version = asked === DRAFT ? undefined : (all.find(({ number }) => String(number) === asked) ?? all.at(-1));
  const { recipe, needs } = version ?? draft.data;
  const regime = REGIME_IDS.find((one) => one === params.get('rules')) ?? needs.regime ?? 'us';
  const set = (key: string, value: string) =>
    setParams(
      (before) => {
        before.set(key, value);
        return before;
      },
      { replace: true },
    );
  return (
    <div className="mx-auto flex w-full max-w-5xl flex-col gap-3 p-6 max-sm:p-3 print:max-w-none print:p-0">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <ScreenTitle>{`${soup.data.title}: serving sheet`}</ScreenTitle>
        <h1 className="font-title text-3xl print:sr-only">Serving sheet</h1>
        <Link className="underline print:hidden" to={`/soups/${id}/bench`}>
          back to the bench
        </Link>
        <span className="ml-auto flex flex-wrap items-center gap-2 print:hidden">
          <Select
            aria-label="Version on the sheet"
            value={version ? String(version.number) : DRAFT}
            onChange={(event) => set('v', event.target.value)}
          >
            {all.map(({ number, name }) => (
              <option key={number} value={number}>
                {number}. {name}
              </option>
            ))}
            <option value={DRAFT}>the draft on the bench</option>
          </Select>
          <Select aria-label="Rules of the sheet" value={regime} onChange={(event) => set('rules', event.target.value)}>
            {REGIME_IDS.map((one) => (
              <option key={one} value={one}>
                {REGIMES[one].name}
              </option>
            ))}
          </Select>
          <Button kind="main" onClick={() => window.print()}>
            <Printer size={16} aria-hidden /> Print
          </Button>
        </span>
      </div>
      <Suspense fallback={<p role="status">Fetching the foods ...</p>}>
        <Page recipe={recipe} needs={needs} version={version} original={all[0]} regime={regime} title={soup.data.title} />
      </Suspense>
    </div>
  );
}

interface PageProps {
  recipe: Recipe;
  needs: Needs;
  version: VersionBody | undefined;
  original: VersionBody | undefined;
  regime: RegimeId;
  title: string;
}

function Page({ recipe, needs, version, original, regime, title }: PageProps) {
  const core = useKitchen();
  const before = original && original !== version ? original.recipe : undefined;
  const sheet = useMemo(
    () => sheetOf({ recipe: { ...recipe, title }, needs, regime, original: before }, core.shelf),
    [recipe, title, needs, regime, before, core.shelf],
  );
  const names = { recipe, original: { recipe: before ?? recipe }, core };
  return (
    <>
      {version?.numbersChanged && (
        <Notice tone="check">
          Food rows, labels or rules have changed since this version was kept: the sheet shows it as it is worked out today.
        </Notice>
      )}
      <SheetPage
        sheet={sheet}
        recipe={recipe}
        regimeName={REGIMES[regime].name}
        kept={version ? keptWords(version) : 'A draft: nothing of it is kept as a version yet.'}
        needs={sheet.needs.map(({ need, state }) => ({ name: needLabel(need, needs, names), state: NEED_STATES[state] ?? state }))}
        changes={sheet.change ? changeWords(sheet.change, lineName(core)) : []}
      />
    </>
  );
}

const keptWords = ({ number, name, reason, createdAt }: VersionBody): string =>
  `Version ${number}, ${name}, kept ${new Date(createdAt).toLocaleDateString(undefined, { dateStyle: 'medium' })}${reason ? `: ${reason}` : ''}`;

function changeWords({ lines, allergens, figures, servings }: Difference, nameOf: Parameters<typeof lineChangeText>[1]): string[] {
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
