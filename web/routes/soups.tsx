import { ArrowDownUp } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { SoupSummary } from '../../contract/types.ts';
import { ALLERGEN_LABELS, type AllergenId } from '../../core/vocabulary/allergens.ts';
import { useChangeSoup, useSoups } from '../api/queries.ts';
import { figure } from '../kitchen/format.ts';
import { Button } from '../ui/button.tsx';
import { Field, Input, Select } from '../ui/field.tsx';
import { Notice, State } from '../ui/state.tsx';

type Sort = 'title' | 'updatedAt' | 'energyKcal' | 'sodiumMg';

const newest = (soup: SoupSummary) => soup.versions.at(-1);

function sorted(soups: SoupSummary[], by: Sort): SoupSummary[] {
  const value = (soup: SoupSummary): string | number =>
    by === 'title' ? soup.title.toLowerCase() : by === 'updatedAt' ? soup.updatedAt : (newest(soup)?.[by] ?? Number.POSITIVE_INFINITY);
  const direction = by === 'updatedAt' ? -1 : 1;
  return [...soups].sort((a, b) => (value(a) < value(b) ? -direction : value(a) > value(b) ? direction : 0));
}

/** The house's soups as rows. */
export function Soups() {
  const soups = useSoups();
  const change = useChangeSoup();
  const [query, setQuery] = useState('');
  const [without, setWithout] = useState('');
  const [archived, setArchived] = useState(false);
  const [sort, setSort] = useState<Sort>('updatedAt');
  const allergens = useMemo(() => [...new Set(soups.data?.flatMap((soup) => newest(soup)?.contains ?? []))].sort(), [soups.data]);
  const shown = useMemo(
    () =>
      sorted(
        (soups.data ?? []).filter(
          (soup) =>
            soup.archived === archived &&
            soup.title.toLowerCase().includes(query.trim().toLowerCase()) &&
            !(without && newest(soup)?.contains?.includes(without as AllergenId)),
        ),
        sort,
      ),
    [soups.data, query, without, archived, sort],
  );

  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-4 p-6">
      <div className="flex flex-wrap items-end gap-3">
        <h1 className="mr-auto font-title text-3xl">Soups</h1>
        <Field label="Search">
          <Input value={query} onChange={(event) => setQuery(event.target.value)} className="w-52" />
        </Field>
        <Field label="Containing no">
          <Select value={without} onChange={(event) => setWithout(event.target.value)}>
            <option value="">(any)</option>
            {allergens.map((id) => (
              <option key={id} value={id}>
                {ALLERGEN_LABELS[id]}
              </option>
            ))}
          </Select>
        </Field>
        <label className="flex min-h-8 items-center gap-1.5">
          <input type="checkbox" className="size-4" checked={archived} onChange={(event) => setArchived(event.target.checked)} /> put away
        </label>
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
      {soups.data && shown.length === 0 && <EmptyShelf searching={query !== '' || without !== '' || archived} />}
      {shown.length > 0 && (
        <div className="overflow-x-auto rounded-xl border border-line bg-card">
          <table className="w-full border-collapse text-left">
            <thead className="bg-oat-deep">
              <tr>
                <SortHead by="title" now={sort} onSort={setSort}>
                  Soup
                </SortHead>
                <th scope="col" className="px-3 py-2 font-semibold">
                  Newest version contains
                </th>
                <SortHead by="energyKcal" now={sort} onSort={setSort} right>
                  kcal a bowl
                </SortHead>
                <SortHead by="sodiumMg" now={sort} onSort={setSort} right>
                  sodium mg
                </SortHead>
                <th scope="col" className="px-3 py-2 font-semibold">
                  Versions and needs
                </th>
                <SortHead by="updatedAt" now={sort} onSort={setSort}>
                  Changed
                </SortHead>
                <th scope="col" className="px-3 py-2">
                  <span className="sr-only">Put away</span>
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
    </div>
  );
}

function SortHead({ by, now, onSort, right, children }: { by: Sort; now: Sort; onSort: (by: Sort) => void; right?: boolean; children: string }) {
  return (
    <th
      scope="col"
      aria-sort={by === now ? (by === 'updatedAt' ? 'descending' : 'ascending') : 'none'}
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
        {version?.contains?.map((id) => ALLERGEN_LABELS[id]).join(', ') || 'none shown by the ingredients'}
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
            .map(({ id, number, name, asked, met }) => (
              <li key={id}>
                {number}. {name}{' '}
                {asked ? (
                  <State tone={met === asked ? 'meets' : 'check'}>
                    {met} of {asked} needs
                  </State>
                ) : null}
              </li>
            ))}
        </ul>
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
        <Button kind="chip" onClick={onArchive} aria-label={`${soup.archived ? 'Bring back' : 'Put away'} ${soup.title}`}>
          {soup.archived ? 'Bring back' : 'Put away'}
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
