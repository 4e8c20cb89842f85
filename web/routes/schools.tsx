import { Suspense } from 'react';
import { Link, useParams } from 'react-router';
import type { Settings } from '../../contract/types.ts';
import type { Needs } from '../../core/swap/needs.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import { useDraft, useSettings, useSoup } from '../api/queries.ts';
import { SchoolsView } from '../features/schools/SchoolsView.tsx';
import { useKitchen } from '../kitchen/kitchen.ts';
import { ScreenTitle } from '../ui/screen.tsx';
import { Failed, Waiting } from '../ui/state.tsx';

/** The soup on its bench in the ways of a kitchen. */
export function SchoolsScreen() {
  const { id = '' } = useParams();
  const soup = useSoup(id);
  const draft = useDraft(id);
  const settings = useSettings();
  const failed = soup.error ?? draft.error ?? settings.error;
  if (failed) return <Failed error={failed} />;
  if (!soup.data || !draft.data || !settings.data) return <Waiting>Fetching the soup ...</Waiting>;
  return (
    <div className="mx-auto flex w-full max-w-7xl flex-col gap-3 p-4 sm:p-6">
      <div className="flex flex-wrap items-baseline gap-4">
        <ScreenTitle>{`${soup.data.title}: schools`}</ScreenTitle>
        <h1 className="font-title text-3xl">{soup.data.title}: schools side by side</h1>
        <Link className="underline" to={`/soups/${id}/bench`}>
          back to the bench
        </Link>
      </div>
      <Suspense fallback={<p role="status">Fetching the foods ...</p>}>
        <Of soupId={id} recipe={draft.data.recipe} needs={draft.data.needs} settings={settings.data} />
      </Suspense>
    </div>
  );
}

function Of(props: { soupId: string; recipe: Recipe; needs: Needs; settings: Settings }) {
  return <SchoolsView {...props} core={useKitchen()} />;
}
