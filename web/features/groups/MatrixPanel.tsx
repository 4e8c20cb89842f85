import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { GroupBody, SoupSummary, VersionBody } from '../../../contract/types.ts';
import { bySameNeeds, type Cell, type Seats, servedOf } from '../../../core/group/columns.ts';
import { asSeated } from '../../../core/group/day.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import { needWords } from '../../../core/swap/needWords.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { useNearest } from '../../api/groups.ts';
import { useSettings, useSoups, useVersionsOf } from '../../api/queries.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { State, type Tone } from '../../ui/state.tsx';
import { Tick } from '../../ui/tick.tsx';
import type { MatrixAsked, MatrixReply } from '../../workers/matrix.worker.ts';
import { houseNeeds } from './houseNeeds.ts';
import { useMatrix } from './useMatrix.ts';

/** Soups and versions that are held against a group at once. */
const MOST_SOUPS = 20;
const MOST_VERSIONS = 60;
const TONE: Record<Cell['state'], Tone> = { fits: 'meets', check: 'check', breaks: 'breaks' };

interface Row {
  key: string;
  soup: SoupSummary;
  version: VersionBody;
}

/** Which kept versions do for whom: the house's soups against the needs at the table. */
export function MatrixPanel({ group, core }: { group: GroupBody; core: Kitchen }) {
  const soups = useSoups({ q: '', said: '', main: '', larder: false, checks: false, archived: false, sort: 'title' });
  const settings = useSettings();
  const [every, setEvery] = useState(false);
  const [chosen, setChosen] = useState<{ row: string; column: number } | null>(null);
  const all = useMemo(() => soups.data?.pages.flatMap((page) => page.soups) ?? [], [soups.data]);
  const listed = useMemo(() => all.slice(0, MOST_SOUPS), [all]);
  const versions = useVersionsOf(useMemo(() => listed.map(({ id }) => id), [listed]));
  const columns = useMemo(() => bySameNeeds(asSeated(group.guests, group.scope)), [group.guests, group.scope]);
  const rows = useMemo(
    () =>
      listed
        .flatMap((soup): Row[] => {
          const kept = (versions?.get(soup.id) ?? []).filter(({ archived, foodsGone }) => !archived && !foodsGone);
          return (every ? kept : kept.slice(-1)).map((version) => ({ key: version.id, soup, version }));
        })
        .slice(0, MOST_VERSIONS),
    [listed, versions, every],
  );
  const { coconutIsTreeNut, chestnutIsTreeNut } = settings.data ?? {};
  const done = useMatrix(
    useMemo(
      (): MatrixAsked => ({
        rows: rows.map(({ key, version: { recipe, needs } }) => ({
          key,
          recipe,
          house: { ...(needs.regime ? { regime: needs.regime } : {}), coconutIsTreeNut, chestnutIsTreeNut },
        })),
        columns,
        kitchen: core.onShelf(core.shelf),
      }),
      [rows, columns, coconutIsTreeNut, chestnutIsTreeNut, core],
    ),
  );
  const cellsOf = (key: string): readonly Cell[] => {
    const reply = done.get(key);
    return reply && 'cells' in reply ? reply.cells : [];
  };
  const does = (key: string): number => servedOf(columns, cellsOf(key), 'fits');
  const open = (key: string): number => servedOf(columns, cellsOf(key), 'check');
  // The soups that do for most stand first, so that the pattern shows; while rows still come they stay as they are.
  const ordered = done.size < rows.length ? rows : [...rows].sort((a, b) => does(b.key) - does(a.key) || open(b.key) - open(a.key));
  const row = rows.find(({ key }) => key === chosen?.row);
  return (
    <section aria-label="Which soups do" className="flex flex-col gap-3 rounded-xl border border-line bg-card p-3">
      <div className="flex flex-wrap items-center gap-4">
        <h2 className="mr-auto text-lg">Which soups do</h2>
        <Tick checked={every} onChange={setEvery}>
          every kept version
        </Tick>
      </div>
      <p role="status" className="text-sm text-kale-soft">
        {versions === null || done.size < rows.length
          ? `${done.size} of ${rows.length} worked out ...`
          : `${rows.length} ${every ? 'versions' : 'soups, the newest version of each'}, what does for most seats first.`}
        {all.length > listed.length || soups.hasNextPage ? ` The first ${MOST_SOUPS} soups by name; others stand in the list of soups.` : ''}
      </p>
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: a wide table is scrolled by keyboard too */}
      <section aria-label="Soups against seats" className="overflow-x-auto" tabIndex={0}>
        <table className="w-full border-collapse text-sm">
          <caption className="sr-only">Each soup against the needs at the table. Press a cell for what decides it.</caption>
          <thead>
            <tr className="border-b border-line text-left align-bottom">
              <th scope="col" className="p-1 font-semibold">
                Soup
              </th>
              {columns.map((column) => (
                <th key={column.seats.join(' ')} scope="col" className="min-w-20 p-1 font-semibold">
                  {column.seats.join(', ')}
                  <span className="block font-normal text-kale-soft">{needWords(column.needs) || 'nothing special'}</span>
                  {column.sides && (
                    <span className="mt-1 block border-t border-line pt-1 font-normal text-kale-soft text-xs">
                      beside: {core.besideWords(column.sides, core.shelf)}
                    </span>
                  )}
                </th>
              ))}
              <th scope="col" className="p-1 font-semibold">
                Does for
              </th>
            </tr>
          </thead>
          <tbody>
            {ordered.map(({ key, soup, version }) => (
              <MatrixRow
                key={key}
                title={soup.title}
                version={`${version.number}. ${version.name}`}
                to={`/soups/${soup.id}/bench`}
                columns={columns}
                reply={done.get(key)}
                served={does(key)}
                chosen={chosen?.row === key ? chosen.column : null}
                onChoose={(column) => setChosen({ row: key, column })}
              />
            ))}
          </tbody>
        </table>
      </section>
      <div role="status" className="min-h-6">
        {row && chosen && <Reasons row={row} column={columns[chosen.column]} cell={cellsOf(row.key)[chosen.column]} core={core} />}
      </div>
      <p className="text-sm text-kale-soft">
        Worked out from the ingredients: 'fits' is of what is written, and every label is read before it is served.
      </p>
    </section>
  );
}

interface RowProps {
  title: string;
  version: string;
  to: string;
  columns: readonly Seats[];
  reply: MatrixReply | undefined;
  served: number;
  chosen: number | null;
  onChoose: (column: number) => void;
}

function MatrixRow({ title, version, to, columns, reply, served, chosen, onChoose }: RowProps) {
  const seats = columns.reduce((sum, column) => sum + column.seats.length, 0);
  return (
    <tr className="border-b border-line">
      <th scope="row" className="min-w-44 p-1 text-left font-normal">
        <Link className="underline" to={to}>
          {title}
        </Link>
        <span className="line-clamp-2 text-kale-soft" title={version}>
          {version}
        </span>
      </th>
      {reply && 'failure' in reply ? (
        <td className="p-1 text-beet" colSpan={columns.length + 1}>
          {reply.failure}
        </td>
      ) : (
        <>
          {columns.map((column, at) => {
            const cell = reply?.cells[at];
            return (
              <td key={column.seats.join(' ')} className="p-1">
                {cell && (
                  <button
                    type="button"
                    aria-pressed={chosen === at}
                    aria-label={`${title}, ${version}, ${column.seats.join(', ')}: ${cell.state}${cell.plate ? `, with what is beside it: ${cell.plate.state}` : ''}`}
                    className={`min-h-7 rounded ${chosen === at ? 'outline-2 outline-offset-1 outline-kale' : ''}`}
                    onClick={() => onChoose(at)}
                  >
                    <State tone={TONE[cell.state]}>{cell.state}</State>
                    {cell.plate && <span className="block text-xs text-kale-soft">with the plate: {cell.plate.state}</span>}
                  </button>
                )}
              </td>
            );
          })}
          <td className="p-1 whitespace-nowrap">
            {served} of {seats}
          </td>
        </>
      )}
    </tr>
  );
}

function ReasonList({ reasons }: { reasons: Cell['reasons'] }) {
  return (
    <ul className="list-disc pl-5">
      {reasons.map(({ need, state, because }) => (
        <li key={need}>
          {need}: {state === 'breaks' ? 'not met' : 'cannot be told'}
          {because.length > 0 && ` (${because.join('; ')})`}
        </li>
      ))}
    </ul>
  );
}

/** What decides a cell, need by need. */
function Reasons({ row: { soup, version }, column, cell, core }: { row: Row; column: Seats | undefined; cell: Cell | undefined; core: Kitchen }) {
  if (!column || !cell) return null;
  return (
    <div className="rounded-md bg-oat p-2">
      <p className="font-semibold">
        {soup.title}, {version.number}. {version.name}, for {column.seats.join(', ')}: {cell.state}
      </p>
      {cell.reasons.length === 0 ? <p>Every need is met by what is written.</p> : <ReasonList reasons={cell.reasons} />}
      {cell.plate && (
        <>
          <p className="mt-1 font-semibold">With what stands beside the bowl: {cell.plate.state}</p>
          <ReasonList reasons={cell.plate.reasons} />
        </>
      )}
      {cell.state !== 'fits' && (
        <NearestChange
          key={`${version.id} ${column.seats[0]}`}
          recipe={core.servedTo(version.recipe, column.sides, core.shelf)}
          needs={column.needs}
          regime={version.needs.regime}
          core={core}
        />
      )}
    </div>
  );
}

/** What would have to change in this version for these seats: the closest plan, asked with a press. */
function NearestChange({ recipe, needs, regime, core }: { recipe: Recipe; needs: Needs; regime: Needs['regime']; core: Kitchen }) {
  const { data: settings } = useSettings();
  const nearest = useNearest();
  const plan = nearest.data?.plans[0];
  const nameOf = (id: string) => (core.shelf.food(id)?.name ?? id).toLowerCase();
  return (
    <div className="mt-1 flex flex-col items-start gap-1">
      {!nearest.data && (
        <Button
          kind="chip"
          disabled={nearest.isPending}
          onClick={() => nearest.mutate({ recipe, needs: { ...houseNeeds(needs, settings), checks: 'avoid', ...(regime ? { regime } : {}) } })}
        >
          {nearest.isPending ? 'Looking ...' : 'The nearest change that does'}
        </Button>
      )}
      <div role="status">
        {nearest.error && <span className="text-beet">{nearest.error.message}</span>}
        {nearest.data && !plan && 'No change of this soup does for them with certainty: a label has to tell, or another soup is cooked.'}
        {plan && (
          <ul className="list-disc pl-5" aria-label="The nearest change">
            {plan.changes.map(({ lineId, swapId, name, from, to }) => (
              <li key={`${lineId} ${swapId}`}>
                {from ? `${core.formatGrams(from.grams)} ${nameOf(from.foodId)}` : name.toLowerCase()}
                {' > '}
                {to.length === 0 ? 'left out' : to.map(({ foodId, grams }) => `${core.formatGrams(grams)} ${nameOf(foodId)}`).join(' and ')}
              </li>
            ))}
          </ul>
        )}
      </div>
    </div>
  );
}
