import { ChartColumn } from 'lucide-react';
import { Suspense, useMemo } from 'react';
import { Link, useParams } from 'react-router';
import type { VersionBody } from '../../contract/types.ts';
import { differenceOf } from '../../core/analysis/diff.ts';
import { ALLERGEN_LABELS, DIET_LABELS } from '../../core/vocabulary/allergens.ts';
import { NUTRIENT_LABELS, nutrientsBy } from '../../core/vocabulary/nutrient.ts';
import { countedLines } from '../../core/vocabulary/recipe.ts';
import { useOtherVersions, useSoup, useVersions } from '../api/queries.ts';
import { Difference, STATE_WORDS } from '../features/bench/Difference.tsx';
import { lineName } from '../features/bench/view.ts';
import { Others, otherKey, otherOf } from '../features/compare/Others.tsx';
import { Pictures } from '../features/compare/Pictures.tsx';
import { asTable, compareRows } from '../features/compare/rows.ts';
import { figure } from '../kitchen/format.ts';
import { useKitchen } from '../kitchen/kitchen.ts';
import { copyText, fileName, saveText } from '../kitchen/textFile.ts';
import { Button } from '../ui/button.tsx';
import { Disclosure } from '../ui/disclosure.tsx';
import { ScreenTitle } from '../ui/screen.tsx';
import { Failed, Notice, State, Waiting } from '../ui/state.tsx';
import { Tick } from '../ui/tick.tsx';
import { say } from '../ui/toast.ts';
import { useListParam } from '../ui/useAddress.ts';

const ROWS = nutrientsBy('compare');
const MOST = 6;

/** A version, and the soup it is of where that is another than the one the screen is about. */
type Column = VersionBody & { soupId: string; soupTitle?: string };
const nameOfColumn = ({ soupTitle, number, name }: Column): string => `${soupTitle ? `${soupTitle}: ` : ''}${number}. ${name}`;

/** Versions as columns, the first beside the newest to begin with; what differs from the first column is marked. */
export function Compare() {
  const { id = '' } = useParams();
  const soup = useSoup(id);
  const versions = useVersions(id);
  const [asked, setAsked] = useListParam('v');
  const [beside, setBeside] = useListParam('o');
  const others = useOtherVersions(useMemo(() => beside.flatMap((key) => otherOf(key) ?? []), [beside]));
  if (versions.isError) return <Failed error={versions.error} />;
  if (!versions.data || !soup.data) return <Waiting>Fetching the versions ...</Waiting>;
  const { versions: all, unreadable = [] } = versions.data;
  const first = [all[0]?.number, all.findLast(({ archived }) => !archived)?.number];
  const numbers = new Set(asked.length === 0 ? first : asked.map(Number));
  const own = all.filter((version) => numbers.has(version.number)).map((version): Column => ({ ...version, soupId: id }));
  const columns: Column[] = [...own, ...others].slice(0, MOST);
  const choose = (next: number[]) => setAsked(next.length > 0 ? next.map(String) : ['0']);
  return (
    <div className="mx-auto flex w-full max-w-6xl flex-col gap-4 p-6">
      <div className="flex flex-wrap items-baseline gap-4">
        <ScreenTitle>{`${soup.data.title}: versions`}</ScreenTitle>
        <h1 className="font-title text-3xl">{soup.data.title}: versions</h1>
        <Link className="underline" to={`/soups/${id}/bench`}>
          back to the bench
        </Link>
        <Link className="underline" to={`/soups/${id}/spread`}>
          the spread
        </Link>
      </div>
      {unreadable.length > 0 && (
        <Notice tone="breaks">
          {unreadable.length === 1 ? `Version ${unreadable[0]} was` : `Versions ${unreadable.join(', ')} were`} kept in a way that this program cannot
          read; nothing of {unreadable.length === 1 ? 'it' : 'them'} is changed. Open the kitchen with the program that kept{' '}
          {unreadable.length === 1 ? 'it' : 'them'}.
        </Notice>
      )}
      <fieldset className="flex flex-wrap gap-3">
        <legend className="sr-only">Versions shown, up to {MOST}</legend>
        {all.map(({ id: version, number, name, archived }) => {
          const shown = columns.some((column) => column.id === version);
          return (
            <Tick
              key={version}
              checked={shown}
              disabled={!shown && columns.length >= MOST}
              onChange={(wanted) => {
                const rest = own.map((column) => column.number).filter((one) => one !== number);
                choose(wanted ? [...rest, number].sort((a, b) => a - b) : rest);
              }}
            >
              {number}. {name}
              {archived && <span className="text-kale-soft"> (archived)</span>}
            </Tick>
          );
        })}
      </fieldset>
      <Others
        soupId={id}
        chosen={others.map((other) => ({
          key: otherKey(other.soupId, other.number),
          title: other.soupTitle,
          version: `${other.number}. ${other.name}`,
        }))}
        full={columns.length >= MOST}
        onChosen={setBeside}
      />
      {columns.length === 0 ? (
        <p>Choose a version to see it.</p>
      ) : (
        <Suspense fallback={<p role="status">Fetching the foods ...</p>}>
          <Columns columns={columns} />
        </Suspense>
      )}
      {columns.length > 1 && (
        <Suspense fallback={<p role="status">Reading the difference ...</p>}>
          <Read before={columns[0] as Column} after={columns.at(-1) as Column} />
        </Suspense>
      )}
    </div>
  );
}

/** The difference of the first and the last version shown, as it is read out. */
function Read({ before, after }: { before: Column; after: Column }) {
  const core = useKitchen();
  return (
    <section aria-label="Difference" className="rounded-xl border border-line bg-card p-4">
      <h2>
        From {nameOfColumn(before)} to {nameOfColumn(after)}
      </h2>
      {after.reason && <p className="text-kale-soft">{after.reason}</p>}
      <div className="mt-2">
        <Difference difference={differenceOf(before, after)} nameOf={lineName(core)} notes={after.notes} />
      </div>
    </section>
  );
}

function Columns({ columns }: { columns: Column[] }) {
  const core = useKitchen();
  const nameOf = lineName(core);
  const first = columns[0] as Column;
  const [asked, setAsked] = useListParam('m');
  const [pictures, setPictures] = useListParam('p');
  const measures = useMemo(() => (asked.length > 0 ? OFFERED.filter((key) => asked.includes(key)) : ROWS), [asked]);
  const pictured = pictures.slice(0, MOST_PICTURES);
  const names = useMemo(() => columns.map(nameOfColumn), [columns]);
  const rows = useMemo(() => compareRows(columns, measures), [columns, measures]);
  const picture = (key: string) => setPictures(pictured.includes(key) ? pictured.filter((one) => one !== key) : [...pictured, key]);
  const table = () => asTable(rows, names);
  return (
    <>
      <div className="flex flex-wrap items-start gap-3 print:hidden">
        <Disclosure summary="measures shown">
          <fieldset className="mt-1 flex flex-wrap gap-x-4 gap-y-1 rounded-xl border border-line bg-card p-3">
            <legend className="sr-only">Measures shown</legend>
            {OFFERED.map((key) => (
              <Tick
                key={key}
                checked={measures.includes(key)}
                onChange={(wanted) => setAsked(OFFERED.filter((one) => (one === key ? wanted : measures.includes(one))))}
              >
                {NUTRIENT_LABELS[key]}
              </Tick>
            ))}
          </fieldset>
        </Disclosure>
        <span className="ml-auto flex gap-2">
          <Button
            onClick={async () =>
              say(
                (await copyText(
                  table()
                    .map((row) => row.join('\t'))
                    .join('\n'),
                ))
                  ? 'The table is on the clipboard.'
                  : 'The browser does not let us copy; save it instead.',
              )
            }
          >
            Copy
          </Button>
          <Button
            onClick={async () => {
              const { default: Papa } = await import('papaparse');
              saveText(fileName(`${first.recipe.title} versions`, 'csv'), Papa.unparse(table(), { escapeFormulae: true }), 'text/csv');
            }}
          >
            CSV
          </Button>
          <Button onClick={() => window.print()}>Print</Button>
        </span>
      </div>
      <div className="relative overflow-x-auto rounded-xl border border-line bg-card">
        <table className="w-full border-collapse">
          <caption className="sr-only">Versions side by side, what differs first</caption>
          <thead className="bg-oat-deep text-left">
            <tr>
              <th scope="col" className="px-3 py-2">
                One bowl
              </th>
              {columns.map((version) => (
                <th key={version.id} scope="col" className="px-3 py-2 align-top">
                  {nameOfColumn(version)}
                  <span className="block text-sm font-normal text-kale-soft">
                    {new Date(version.createdAt).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' })}
                    {version.reason && `: ${version.reason}`}
                  </span>
                  <Since version={version} nameOf={(food) => core.shelf.food(food)?.name ?? food} />
                  <span className="mt-1 flex flex-wrap gap-2 font-normal print:hidden">
                    <Link
                      className={LINK}
                      to={`/soups/${version.soupId}/bench?take=${version.number}`}
                      aria-label={`Put version ${version.number}${version.soupTitle ? ` of ${version.soupTitle}` : ''} on the bench`}
                    >
                      Put on the bench
                    </Link>
                    <Link
                      className={LINK}
                      to={`/soups/${version.soupId}/sheet?v=${version.number}`}
                      aria-label={`Sheet of version ${version.number}${version.soupTitle ? ` of ${version.soupTitle}` : ''}`}
                    >
                      Sheet
                    </Link>
                  </span>
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map((row, at) => (
              <tr
                key={row.key}
                className={`border-t align-top ${at > 0 && rows[at - 1]?.differs && !row.differs ? 'border-t-2 border-kale-soft' : 'border-line'}`}
              >
                <th scope="row" className="px-3 py-1 text-left font-normal">
                  {row.label}
                  {row.cells.some(({ value }) => value !== null) && (
                    <button
                      type="button"
                      aria-pressed={pictured.includes(row.key)}
                      aria-label={`Picture of ${row.label}`}
                      className="ml-1.5 inline-flex size-6 items-center justify-center rounded align-middle hover:bg-oat-deep aria-pressed:bg-kale aria-pressed:text-white print:hidden"
                      onClick={() => picture(row.key)}
                    >
                      <ChartColumn size={14} aria-hidden />
                    </button>
                  )}
                </th>
                {row.cells.map(({ text, aside, differs }, column) => (
                  <td key={(columns[column] as VersionBody).id} className="px-3 py-1">
                    <span className={differs ? 'font-semibold text-squash' : ''}>{text}</span>
                    {aside && <span className="ml-2 text-sm text-kale-soft">{aside}</span>}
                  </td>
                ))}
              </tr>
            ))}
            <tr className="border-t border-line align-top">
              <th scope="row" className="px-3 py-1 text-left font-normal">
                Lines
              </th>
              {columns.map((version) => (
                <td key={version.id} className="px-3 py-1">
                  <ul>
                    {countedLines(version.recipe).map((line) => (
                      <li
                        key={line.id}
                        className={
                          version !== first &&
                          !first.recipe.lines.some((other) => other.foodId === line.foodId && other.grams?.best === line.grams?.best)
                            ? 'font-semibold text-squash'
                            : ''
                        }
                      >
                        {nameOf(line)}, {line.grams ? `${figure(line.grams.best)} g` : 'not weighed'}
                        {line.perBowl && ' a bowl'}
                        <span className="ml-1 text-sm font-normal text-kale-soft">{line.text}</span>
                      </li>
                    ))}
                  </ul>
                </td>
              ))}
            </tr>
          </tbody>
        </table>
      </div>
      {pictured.length > 0 && <Pictures rows={rows.filter(({ key }) => pictured.includes(key))} names={names} />}
    </>
  );
}
const LINK = 'inline-flex min-h-7 items-center rounded-md border border-kale-soft bg-card px-2 hover:bg-oat-deep';
const OFFERED = nutrientsBy('table');
const MOST_PICTURES = 4;

/** What today's rows, labels and rules see otherwise than when the version was kept. */
function Since({ version, nameOf }: { version: VersionBody; nameOf: (foodId: string) => string }) {
  const { numbersChanged, changedSince, foodsGone } = version;
  if (!numbersChanged) return null;
  const said = [
    ...(foodsGone ?? []).map((id) => `${nameOf(id)} is no longer on the shelf`),
    ...(changedSince?.allergens ?? []).map(({ id, was, is }) => `${ALLERGEN_LABELS[id]}: ${STATE_WORDS[was]}, today ${STATE_WORDS[is]}`),
    ...(changedSince?.diets ?? []).map(({ id, was, is }) => `${DIET_LABELS[id]}: ${STATE_WORDS[was]}, today ${STATE_WORDS[is]}`),
    ...(changedSince && changedSince.nutrients.length > 0 ? [`${changedSince.nutrients.length} figures`] : []),
  ];
  const worse = changedSince?.allergens.some(({ is }) => is === 'contains') || changedSince?.diets.some(({ is }) => is === 'breaks');
  return (
    <span className="block font-normal">
      <State tone={worse ? 'breaks' : 'check'}>changed since this was kept</State>
      <span className="block text-sm">{said.join('; ')}.</span>
    </span>
  );
}
