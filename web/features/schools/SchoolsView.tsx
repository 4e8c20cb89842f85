import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import type { Settings } from '../../../contract/types.ts';
import { FAMILY_IDS, type FamilyId, SCHOOLS } from '../../../core/school/data/schools.ts';
import type { HouseWays } from '../../../core/school/types.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import { needWords } from '../../../core/swap/needWords.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { useSaveSettings } from '../../api/queries.ts';
import { figure } from '../../kitchen/format.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Notice } from '../../ui/state.tsx';
import { kitchenOf } from '../plan/houseKitchen.ts';
import { FamilyPanel } from './FamilyPanel.tsx';
import { useSchools } from './useSchools.ts';

interface Props {
  soupId: string;
  recipe: Recipe;
  needs: Needs;
  settings: Settings;
  core: Kitchen;
}

/** One soup in the ways of a kitchen, side by side; what the house always does is chosen here too. */
export function SchoolsView({ soupId, recipe, needs, settings, core }: Props) {
  const save = useSaveSettings();
  const navigate = useNavigate();
  const { ways } = settings;
  const asked = useMemo(() => {
    const { coconutIsTreeNut, chestnutIsTreeNut, blender, saltBand } = settings;
    return {
      request: {
        recipe,
        needs,
        kitchen: kitchenOf(settings),
        options: { regime: needs.regime, coconutIsTreeNut, chestnutIsTreeNut, blender, saltBand },
        house: settings.ways,
      },
      kitchen: core.onShelf(core.shelf),
    };
  }, [recipe, needs, settings, core]);
  const { families, asIs, housed, failure } = useSchools(asked);
  const take = (put: Recipe) => navigate(`/soups/${soupId}/bench`, { state: { put } });
  const choose = (family: FamilyId, school: string) => {
    const { [family]: was, ...others } = ways ?? {};
    const next: HouseWays = was === school ? others : { ...others, [family]: school };
    return save.mutateAsync({ ways: next }).catch(() => undefined);
  };
  const asks = needWords(needs);
  return (
    <div className="flex flex-col gap-4">
      {failure && <Notice tone="breaks">{failure}</Notice>}
      <section aria-label="As it is" className="flex flex-wrap items-baseline gap-x-6 gap-y-1 rounded-xl border border-line bg-card p-3">
        <h2 className="text-lg">As it is</h2>
        {asIs ? (
          <>
            <span>
              body: {asIs.body.word} ({figure(asIs.body.index)})
            </span>
            <span>
              a bowl: {figure(asIs.bowlMl)} ml, {figure(asIs.figures.energyKcal.value)} kcal, {figure(asIs.figures.proteinG.value)} g protein,{' '}
              {figure(asIs.figures.sodiumMg.value)} mg sodium
            </span>
            <span>
              {asIs.minutes === null
                ? 'not planned: it has no steps'
                : `${Math.round(asIs.minutes)} min, ${Math.round(asIs.handsOn ?? 0)} of them at work`}
            </span>
            {asks && <span className="text-kale-soft">asked of it: {asks}</span>}
          </>
        ) : (
          <span role="status">
            {families.length} of {FAMILY_IDS.length} families worked out ...
          </span>
        )}
      </section>
      {housed && Object.keys(ways ?? {}).length > 0 && (
        <section aria-label="The ways of this house" className="flex flex-col items-start gap-1 rounded-xl border border-line bg-oat p-3">
          <h2 className="text-lg">This soup in all the ways of this house</h2>
          <ul className="list-disc pl-5 text-sm">
            {housed.done.map(({ family, words }) => (
              <li key={family}>
                {SCHOOLS[family].name}: {words}
              </li>
            ))}
            {housed.left.map(({ family, why }) => (
              <li key={family} className="text-kale-soft">
                {SCHOOLS[family].name}: left as it is. {why}
              </li>
            ))}
            {housed.done.length + housed.left.length === 0 && <li>It is done so already.</li>}
          </ul>
          {housed.done.length > 0 && (
            <Button onClick={() => take(housed.recipe)} kind="main">
              To the bench in the ways of the house
            </Button>
          )}
        </section>
      )}
      {families.map((family) => (
        <FamilyPanel
          key={family.id}
          family={family}
          asWritten={recipe}
          house={ways?.[family.id]}
          onTake={take}
          onHouse={(school) => choose(family.id, school)}
        />
      ))}
      <p className="text-sm text-kale-soft">
        What each way gives is common practice of kitchens; figures are worked out from the ingredients as for every soup. One way we do not follow: a
        bay leaf left in for the blender, since its fragments are hard and sharp.
      </p>
    </div>
  );
}
