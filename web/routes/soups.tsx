import { ArrowDownUp } from 'lucide-react';
import { useDeferredValue } from 'react';
import { Link, useSearchParams } from 'react-router';
import { SOUP_SORTS, type SoupSort, type SoupSummary } from '../../contract/types.ts';
import { tallyWords } from '../../core/swap/tally.ts';
import { ALLERGEN_LABELS, ALLERGENS } from '../../core/vocabulary/allergens.ts';
import { type SoupsAsked, useChangeSoup, useSoups } from '../api/queries.ts';
import { figure } from '../kitchen/format.ts';
import { Button } from '../ui/button.tsx';
import { Field, Input, Select } from '../ui/field.tsx';
import { ScreenTitle } from '../ui/screen.tsx';
import { Notice, State } from '../ui/state.tsx';
import { Tick } from '../ui/tick.tsx';

const newest = (soup: SoupSummary) => soup.versions.at(-1);

/** What the list shows lives in the address, so that it can be kept, sent and gone back to. */
function useAsked() {
  const [params, setParams] = useSearchParams();
  const sort = params.get('sort');
  const asked: SoupsAsked = {
    q: params.get('q') ?? '',
    without: params.get('without') ?? '',
    checks: params.get('checks') === '1',
    archived: params.get('archived') === '1',
    sort: SOUP_SORTS.find((one) => one === sort) ?? 'updated',
  };
  const ask = (changes: Partial<SoupsAsked>) => {
    const next = { ...asked, ...changes };
    setParams(
      {
        ...(next.q ? { q: next.q } : {}),
        ...(next.without ? { without: next.without } : {}),
        ...(next.without && next.checks ? { checks: '1' } : {}),
        ...(next.archived ? { archived: '1' } : {}),
        ...(next.sort === 'updated' ? {} : { sort: next.sort }),
      },
      // At once, so that what is typed stands where it was typed.
      { replace: true, flushSync: true },
    );
  };
  return { asked, ask };
}

/** The house's soups as rows. */
export function Soups() {
  const { asked, ask } = useAsked();
  // What is typed is shown at once and asked for a moment later.
  const later = useDeferredValue(asked.q);
  const soups = useSoups({ ...asked, q: later.trim() });
  const change = useChangeSoup();
  const shown = soups.data?.pages.flatMap((page) => page.soups) ?? [];
  const total = soups.data?.pages[0]?.total ?? 0;

  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-4 p-6">
      <div className="flex flex-wrap items-end gap-3">
        <ScreenTitle>Soups</ScreenTitle>
        <h1 className="mr-auto font-title text-3xl">Soups</h1>
        <Field label="Search">
          <Input value={asked.q} onChange={(event) => ask({ q: event.target.value })} className="w-52" placeholder="title or food" />
        </Field>
        <Field label="Containing no">
          <Select value={asked.without} onChange={(event) => ask({ without: event.target.value })}>
            <option value="">(any)</option>
            {ALLERGENS.map((id) => (
              <option key={id} value={id}>
                {ALLERGEN_LABELS[id]}
              </option>
            ))}
          </Select>
        </Field>
        {asked.without && (
          <Tick checked={asked.checks} onChange={(checks) => ask({ checks })}>
            also those to check
          </Tick>
        )}
        <Tick checked={asked.archived} onChange={(archived) => ask({ archived })}>
          archived
        </Tick>
        <Link to="/read" className="inline-flex min-h-8 items-center rounded-md bg-squash px-3 font-semibold text-white hover:bg-kale">
          Read a recipe
        </Link>
      </div>
      {soups.isError && (
        <Notice tone="breaks">
          {soups.error.message} The list is tried again when you come back.{' '}
          <Button kind="chip" onClick={() => soups.refetch()}>
            Try now
          </Button>
        </Notice>
      )}
      {soups.isPending && <p role="status">Fetching the soups ...</p>}
      {soups.data && shown.length === 0 && <EmptyShelf searching={asked.q !== '' || asked.without !== '' || asked.archived} />}
      {shown.length > 0 && (
        <div className="overflow-x-auto rounded-xl border border-line bg-card">
          <table className="w-full border-collapse text-left">
            <thead className="bg-oat-deep">
              <tr>
                <SortHead by="title" now={asked.sort} onSort={(sort) => ask({ sort })}>
                  Soup
                </SortHead>
                <th scope="col" className="px-3 py-2 font-semibold">
                  Newest version contains
                </th>
                <SortHead by="energy" now={asked.sort} onSort={(sort) => ask({ sort })} right>
                  kcal a bowl
                </SortHead>
                <SortHead by="sodium" now={asked.sort} onSort={(sort) => ask({ sort })} right>
                  sodium mg
                </SortHead>
                <th scope="col" className="px-3 py-2 font-semibold">
                  Versions and needs
                </th>
                <SortHead by="updated" now={asked.sort} onSort={(sort) => ask({ sort })}>
                  Changed
                </SortHead>
                <th scope="col" className="px-3 py-2">
                  <span className="sr-only">Archive</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {shown.map((soup) => (
                <SoupRow
                  key={soup.id}
                  soup={soup}
                  onArchive={() => change.mutate({ id: soup.id, revision: soup.revision, archived: !soup.archived })}
                />
              ))}
            </tbody>
          </table>
        </div>
      )}
      {soups.data && shown.length > 0 && (
        <p role="status" className="flex items-center gap-3 text-sm text-kale-soft">
          {shown.length} of {total}
          {soups.hasNextPage && (
            <Button onClick={() => soups.fetchNextPage()} disabled={soups.isFetchingNextPage}>
              {soups.isFetchingNextPage ? 'Fetching ...' : 'Show more'}
            </Button>
          )}
        </p>
      )}
    </div>
  );
}

function SortHead({
  by,
  now,
  onSort,
  right,
  children,
}: {
  by: SoupSort;
  now: SoupSort;
  onSort: (by: SoupSort) => void;
  right?: boolean;
  children: string;
}) {
  return (
    <th
      scope="col"
      aria-sort={by === now ? (by === 'updated' ? 'descending' : 'ascending') : 'none'}
      className={`px-1 py-1 ${right ? 'text-right' : ''}`}
    >
      <Button kind="quiet" className="font-semibold whitespace-nowrap" onClick={() => onSort(by)}>
        {children}
        <ArrowDownUp size={13} aria-hidden className={by === now ? '' : 'opacity-40'} />
      </Button>
    </th>
  );
}

function SoupRow({ soup, onArchive }: { soup: SoupSummary; onArchive: () => void }) {
  const version = newest(soup);
  return (
    <tr className="border-t border-line align-top">
      <th scope="row" className="px-3 py-2.5 font-normal">
        <Link to={`/soups/${soup.id}/bench`} className="font-title text-lg underline decoration-line underline-offset-4 hover:decoration-squash">
          {soup.title}
        </Link>
      </th>
      <td className="max-w-64 px-3 py-2.5">
        {version?.contains ? version.contains.map((id) => ALLERGEN_LABELS[id]).join(', ') || 'none shown by the ingredients' : 'not worked out'}
        {version?.checks && version.checks.length > 0 && (
          <span className="block text-sm text-mustard">check: {version.checks.map((id) => ALLERGEN_LABELS[id]).join(', ')}</span>
        )}
      </td>
      <td className="px-3 py-2.5 text-right">{version?.energyKcal === undefined ? '' : figure(version.energyKcal)}</td>
      <td className="px-3 py-2.5 text-right">{version?.sodiumMg === undefined ? '' : figure(version.sodiumMg)}</td>
      <td className="px-3 py-2.5">
        <ul className="flex flex-col gap-0.5">
          {soup.versions
            .slice(-3)
            .reverse()
            .map(({ id, number, name, asked = 0, met = 0, toCheck = 0 }) => (
              <li key={id}>
                {number}. {name}{' '}
                {asked ? (
                  <State tone={met === asked ? 'meets' : met + toCheck === asked ? 'check' : 'breaks'}>
                    {tallyWords({ asked, met, toCheck, broken: asked - met - toCheck })}
                  </State>
                ) : null}
              </li>
            ))}
        </ul>
        {soup.newestChanged && <State tone="check">changed since kept</State>}
        {soup.versions.length > 1 && (
          <Link className="text-sm underline" to={`/soups/${soup.id}/compare`}>
            compare {soup.versions.length} versions
          </Link>
        )}
      </td>
      <td className="px-3 py-2.5 whitespace-nowrap">
        {new Date(soup.updatedAt).toLocaleDateString(undefined, { day: 'numeric', month: 'short', year: 'numeric' })}
      </td>
      <td className="px-2 py-2 whitespace-nowrap">
        <Button kind="chip" onClick={onArchive} aria-label={`${soup.archived ? 'Bring back' : 'Archive'} ${soup.title}`}>
          {soup.archived ? 'Bring back' : 'Archive'}
        </Button>
      </td>
    </tr>
  );
}

function EmptyShelf({ searching }: { searching: boolean }) {
  return (
    <div className="rounded-xl border border-dashed border-kale-soft p-10 text-center">
      <p className="font-title text-xl">{searching ? 'No soup answers to that' : 'No soups yet'}</p>
      <p className="mt-1 text-kale-soft">
        {searching ? 'Clear the search to see them all.' : 'Paste any recipe you have; it is read line by line and nothing is guessed silently.'}
      </p>
    </div>
  );
}
