import { Suspense, useState } from 'react';
import { Link, useParams } from 'react-router';
import type { VersionBody } from '../../contract/types.ts';
import { differenceOf } from '../../core/analysis/diff.ts';
import { ALLERGEN_LABELS } from '../../core/vocabulary/allergens.ts';
import { NUTRIENT_LABELS, type Nutrient, nutrientUnit } from '../../core/vocabulary/nutrient.ts';
import { useSoup, useVersions } from '../api/queries.ts';
import { Difference } from '../features/bench/Difference.tsx';
import { lineName } from '../features/bench/view.ts';
import { figure } from '../kitchen/format.ts';
import { useKitchen } from '../kitchen/kitchen.ts';
import { Notice, State, Waiting } from '../ui/state.tsx';

const ROWS: readonly Nutrient[] = [
  'energyKcal',
  'proteinG',
  'fatG',
  'saturatedFatG',
  'carbohydrateG',
  'fibreG',
  'sugarsG',
  'sodiumMg',
  'potassiumMg',
  'phosphorusMg',
  'calciumMg',
  'cholesterolMg',
];
const MOST = 6;

/** Versions as columns, the first beside the newest to begin with; what differs from the first column is marked. */
export function Compare() {
  const { id = '' } = useParams();
  const soup = useSoup(id);
  const versions = useVersions(id);
  const [chosen, setChosen] = useState<string[] | null>(null);
  if (versions.isError)
    return (
      <div className="p-6">
        <Notice tone="breaks">{versions.error.message}</Notice>
      </div>
    );
  if (!versions.data || !soup.data) return <Waiting>Fetching the versions ...</Waiting>;
  const all = versions.data;
  const ids = chosen ?? [all[0]?.id, all.at(-1)?.id].filter((one, index, list): one is string => one !== undefined && list.indexOf(one) === index);
  const columns = all.filter((version) => ids.includes(version.id));
  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-4 p-6">
      <div className="flex flex-wrap items-baseline gap-4">
        <h1 className="font-title text-3xl">{soup.data.title}: versions</h1>
        <Link className="underline" to={`/soups/${id}/bench`}>
          back to the bench
        </Link>
      </div>
      <fieldset className="flex flex-wrap gap-3">
        <legend className="sr-only">Versions shown, up to {MOST}</legend>
        {all.map((version) => (
          <label key={version.id} className="flex min-h-7 items-center gap-1.5">
            <input
              type="checkbox"
              className="size-4"
              checked={ids.includes(version.id)}
              disabled={!ids.includes(version.id) && ids.length >= MOST}
              onChange={(event) => setChosen(event.target.checked ? [...ids, version.id] : ids.filter((one) => one !== version.id))}
            />
            {version.number}. {version.name}
          </label>
        ))}
      </fieldset>
      {columns.length === 0 ? <p>Choose a version to see it.</p> : <Columns columns={columns} />}
      {columns.length > 1 && (
        <Suspense fallback={<p role="status">Reading the difference ...</p>}>
          <Read before={columns[0] as VersionBody} after={columns.at(-1) as VersionBody} />
        </Suspense>
      )}
    </div>
  );
}

/** The difference of the first and the last version shown, as it is read out. */
function Read({ before, after }: { before: VersionBody; after: VersionBody }) {
  const core = useKitchen();
  return (
    <section aria-label="Difference" className="rounded-xl border border-line bg-card p-4">
      <h2>
        From {before.number}. {before.name} to {after.number}. {after.name}
      </h2>
      {after.reason && <p className="text-kale-soft">{after.reason}</p>}
      <div className="mt-2">
        <Difference difference={differenceOf(before, after)} nameOf={lineName(core)} notes={after.notes} />
      </div>
    </section>
  );
}

function Columns({ columns }: { columns: VersionBody[] }) {
  const first = columns[0] as VersionBody;
  return (
    <div className="overflow-x-auto rounded-xl border border-line bg-card">
      <table className="w-full border-collapse">
        <thead className="bg-oat-deep text-left">
          <tr>
            <th scope="col" className="px-3 py-2">
              One bowl
            </th>
            {columns.map((version) => (
              <th key={version.id} scope="col" className="px-3 py-2 align-top">
                {version.number}. {version.name}
                <span className="block text-sm font-normal text-kale-soft">
                  {new Date(version.createdAt).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })}
                  {version.reason && `: ${version.reason}`}
                </span>
                {version.numbersChanged && <State tone="check">the food data has changed since this was kept</State>}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {ROWS.map((key) => (
            <tr key={key} className="border-t border-line">
              <th scope="row" className="px-3 py-1 text-left font-normal">
                {NUTRIENT_LABELS[key]}, {nutrientUnit(key)}
              </th>
              {columns.map((version) => (
                <td key={version.id} className="px-3 py-1">
                  {cell(version, first, key)}
                </td>
              ))}
            </tr>
          ))}
          <tr className="border-t border-line">
            <th scope="row" className="px-3 py-1 text-left font-normal">
              Body
            </th>
            {columns.map(({ id, analysis }) => (
              <td key={id} className="px-3 py-1">
                {analysis.body.word} ({analysis.body.index.toFixed(2)})
              </td>
            ))}
          </tr>
          <tr className="border-t border-line">
            <th scope="row" className="px-3 py-1 text-left font-normal">
              Salt
            </th>
            {columns.map(({ id, analysis }) => (
              <td key={id} className="px-3 py-1">
                {analysis.saltPercent.toFixed(2)} %
              </td>
            ))}
          </tr>
          <tr className="border-t border-line align-top">
            <th scope="row" className="px-3 py-1 text-left font-normal">
              Contains
            </th>
            {columns.map(({ id, analysis }) => (
              <td key={id} className="px-3 py-1">
                {states(analysis, 'contains')}
              </td>
            ))}
          </tr>
          <tr className="border-t border-line align-top">
            <th scope="row" className="px-3 py-1 text-left font-normal">
              Check the label
            </th>
            {columns.map(({ id, analysis }) => (
              <td key={id} className="px-3 py-1">
                {states(analysis, 'check')}
              </td>
            ))}
          </tr>
          <tr className="border-t border-line align-top">
            <th scope="row" className="px-3 py-1 text-left font-normal">
              Lines
            </th>
            {columns.map((version) => (
              <td key={version.id} className="px-3 py-1">
                <ul>
                  {version.recipe.lines.map((line) => (
                    <li
                      key={line.id}
                      className={
                        version !== first &&
                        !first.recipe.lines.some((other) => other.foodId === line.foodId && other.grams?.best === line.grams?.best)
                          ? 'font-semibold text-squash'
                          : ''
                      }
                    >
                      {line.text}
                    </li>
                  ))}
                </ul>
              </td>
            ))}
          </tr>
        </tbody>
      </table>
    </div>
  );
}

function cell(version: VersionBody, first: VersionBody, key: Nutrient) {
  const { value, low, high, atLeast } = version.analysis.perServing[key];
  const before = first.analysis.perServing[key].value;
  const changed = version !== first && Math.abs(value - before) > Math.max(before * 0.02, 1e-6);
  return (
    <>
      <span className={changed ? 'font-semibold text-squash' : ''}>
        {atLeast && 'at least '}
        {figure(value)}
      </span>
      <span className="ml-2 text-sm text-kale-soft">
        {figure(low)} to {figure(high)}
        {changed && before > 0 && `, ${value > before ? '+' : '−'}${Math.round((Math.abs(value - before) / before) * 100)} %`}
      </span>
    </>
  );
}

const states = (analysis: VersionBody['analysis'], state: string): string =>
  analysis.allergens
    .filter((one) => one.state === state)
    .map(({ id }) => ALLERGEN_LABELS[id])
    .join(', ') || 'none';
