import { Suspense } from 'react';
import { Link, useParams } from 'react-router';
import type { Needs } from '../../core/swap/needs.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import { useDraft, usePriceList, useSoup, useVersions } from '../api/queries.ts';
import { originalOf } from '../features/bench/view.ts';
import { SpreadView } from '../features/spread/SpreadView.tsx';
import { useKitchen } from '../kitchen/kitchen.ts';
import { ScreenTitle } from '../ui/screen.tsx';
import { Failed, Waiting } from '../ui/state.tsx';

/** What could be cooked of a soup for the needs on its bench. */
export function SpreadScreen() {
  const { id = '' } = useParams();
  const soup = useSoup(id);
  const draft = useDraft(id);
  const versions = useVersions(id);
  const failed = soup.error ?? draft.error ?? versions.error;
  if (failed) return <Failed error={failed} />;
  if (!soup.data || !draft.data || !versions.data) return <Waiting>Fetching the soup ...</Waiting>;
  const { recipe: onBench, needs, basedOn } = draft.data;
  // Swaps are of the original's lines: a bench that has some already is looked at from where it came.
  const hasSwaps = onBench.lines.some(({ replaces }) => replaces !== undefined);
  const original = hasSwaps ? (originalOf(versions.data.versions, basedOn) ?? onBench) : onBench;
  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-3 p-4 sm:p-6">
      <div className="flex flex-wrap items-baseline gap-4">
        <ScreenTitle>{`${soup.data.title}: the spread`}</ScreenTitle>
        <h1 className="font-title text-3xl">{soup.data.title}: the spread</h1>
        <Link className="underline" to={`/soups/${id}/bench`}>
          back to the bench
        </Link>
        <Link className="underline" to={`/soups/${id}/compare`}>
          compare versions
        </Link>
      </div>
      <Suspense fallback={<p role="status">Fetching the foods ...</p>}>
        <Of soupId={id} recipe={original} needs={needs} />
      </Suspense>
    </div>
  );
}

function Of({ soupId, recipe, needs }: { soupId: string; recipe: Recipe; needs: Needs }) {
  const core = useKitchen();
  const prices = usePriceList();
  return <SpreadView soupId={soupId} recipe={recipe} needs={needs} prices={prices} core={core} />;
}
