import { lazy, Suspense, useCallback, useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import type { LarderEntry, SoupSummary } from '../../contract/types.ts';
import { useDemoHouse, useLarder, useShowDemo } from '../api/house.ts';
import { useChangeSoup, useSoups } from '../api/queries.ts';
import { Filters } from '../features/soups/Filters.tsx';
import { SavedViews } from '../features/soups/SavedViews.tsx';
import { SoupTable } from '../features/soups/SoupTable.tsx';
import { useAsked } from '../features/soups/useAsked.ts';
import { Button } from '../ui/button.tsx';
import { ScreenTitle } from '../ui/screen.tsx';
import { Notice } from '../ui/state.tsx';
import { say } from '../ui/toast.ts';

const Start = lazy(async () => ({ default: (await import('../features/soups/Start.tsx')).Start }));
const VersionsDialog = lazy(async () => ({ default: (await import('../features/soups/VersionsDialog.tsx')).VersionsDialog }));

const NOTHING: readonly LarderEntry[] = [];

/** The house's soups as rows, asked for a word, for a guest, for a food or for what is in the larder. */
export function Soups() {
  const { asked, ask, query } = useAsked();
  // What is typed is shown at once and asked for a moment later.
  const later = useDeferredValue(asked.q);
  const soups = useSoups({ ...asked, q: later.trim() });
  const change = useChangeSoup();
  const { data: larder = NOTHING } = useLarder();
  const [versionsOf, setVersionsOf] = useState<string | null>(null);
  const shown = soups.data?.pages.flatMap((page) => page.soups) ?? [];
  const first = soups.data?.pages[0];
  const { hasNextPage, isFetchingNextPage, fetchNextPage } = soups;
  const atEnd = useCallback(() => {
    if (hasNextPage && !isFetchingNextPage) fetchNextPage();
  }, [hasNextPage, isFetchingNextPage, fetchNextPage]);
  const { mutate } = change;
  const archive = useCallback((soup: SoupSummary) => mutate({ id: soup.id, revision: soup.revision, archived: !soup.archived }), [mutate]);
  const foodNames = useCallback((id: string) => larder.find(({ foodId }) => foodId === id)?.name ?? id, [larder]);
  const openVersions = useCallback((soup: SoupSummary) => setVersionsOf(soup.id), []);
  const opened = shown.find(({ id }) => id === versionsOf);
  const isNew = first !== undefined && first.total === 0 && query === '';

  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-3 p-4 sm:p-6">
      <div className="flex flex-wrap items-center gap-3">
        <ScreenTitle>Soups</ScreenTitle>
        <h1 className="mr-auto font-title text-3xl">Soups</h1>
        <Link to="/read" className="inline-flex min-h-8 items-center rounded-md bg-squash px-3 font-semibold text-white hover:bg-kale">
          Read a recipe
        </Link>
      </div>
      {isNew ? (
        <Suspense>
          <Start />
        </Suspense>
      ) : (
        <>
          <Filters asked={asked} ask={ask} answer={first?.asked} />
          <SavedViews query={query} suggested={asked.said || asked.q} />
        </>
      )}
      {soups.isError && (
        <Notice tone="breaks">
          {soups.error.message} The list is tried again when you come back.{' '}
          <Button kind="chip" onClick={() => soups.refetch()}>
            Try now
          </Button>
        </Notice>
      )}
      {change.isError && <Notice tone="breaks">{change.error.message}</Notice>}
      {soups.isPending && <p role="status">Fetching the soups ...</p>}
      {first && shown.length === 0 && !isNew && <NothingFound waits={(first.asked?.unread.length ?? 0) > 0} />}
      {shown.length > 0 && (
        <SoupTable
          soups={shown}
          total={first?.total ?? shown.length}
          sort={asked.sort}
          onSort={(sort) => ask({ sort })}
          onEnd={atEnd}
          onArchive={archive}
          onVersions={openVersions}
          foodNames={foodNames}
        />
      )}
      {shown.length > 0 && (
        <p role="status" className="text-sm text-kale-soft">
          {shown.length} of {first?.total ?? 0}
          {isFetchingNextPage && ', fetching more ...'}
        </p>
      )}
      <DemoSoups />
      {opened && (
        <Suspense>
          <VersionsDialog soup={opened} onClose={() => setVersionsOf(null)} />
        </Suspense>
      )}
    </div>
  );
}

/** The soups that came with the program go with one press, and come back with one. */
function DemoSoups() {
  const { data: demo } = useDemoHouse();
  const show = useShowDemo();
  if (!demo || demo.shown + demo.hidden === 0) return null;
  const put = (shown: boolean) =>
    show.mutate(shown, {
      onSuccess: () => {
        if (!shown) say('The soups that came with the program are archived.', { label: 'Bring them back', act: () => show.mutate(true) });
      },
    });
  return (
    <p className="flex flex-wrap items-center gap-2 text-sm text-kale-soft">
      {demo.shown > 0 ? `${demo.shown} of these soups came with the program, invented to look at.` : `${demo.hidden} invented soups are archived.`}
      <Button kind="chip" disabled={show.isPending} onClick={() => put(demo.shown === 0)}>
        {demo.shown > 0 ? 'Put them away' : 'Bring them back'}
      </Button>
      {show.isError && <span className="text-beet">{show.error.message}</span>}
    </p>
  );
}

function NothingFound({ waits }: { waits: boolean }) {
  return (
    <div className="rounded-xl border border-dashed border-kale-soft p-8 text-center">
      <p className="font-title text-xl">{waits ? 'Nothing is listed yet' : 'No soup answers to that'}</p>
      <p className="mt-1 text-kale-soft">
        {waits
          ? 'Say the need otherwise, or take it out.'
          : 'Ask for less, look also at what a label must tell, or open a soup and have it worked out for these needs.'}
      </p>
    </div>
  );
}
