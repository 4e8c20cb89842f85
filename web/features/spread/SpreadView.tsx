import { useCallback, useMemo, useState } from 'react';
import type { DraftBody } from '../../../contract/types.ts';
import type { NutrientFigures } from '../../../core/analysis/analysis.ts';
import type { PriceList } from '../../../core/bowl/cost.ts';
import type { SpreadFilter } from '../../../core/spread/filter.ts';
import { isNutrientMeasure, type Measure, type MeasureKey, measuresFor, usualMeasures } from '../../../core/spread/measures.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import { ALLERGEN_LABELS, ALLERGENS, type AllergenId } from '../../../core/vocabulary/allergens.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { capitalised, figure } from '../../kitchen/format.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import { Field, Select } from '../../ui/field.tsx';
import { NumberInput } from '../../ui/numberInput.tsx';
import { Table } from '../../ui/table.tsx';
import { Tick } from '../../ui/tick.tsx';
import { useAddress, useListParam } from '../../ui/useAddress.ts';
import type { Looked, PointRow, View } from '../../workers/spread.worker.ts';
import { Effects } from './Effects.tsx';
import { PointCard } from './PointCard.tsx';
import { letterOf, SpreadChart } from './SpreadChart.tsx';
import { useSpread } from './useSpread.ts';

interface Props {
  soupId: string;
  recipe: Recipe;
  needs: DraftBody['needs'];
  prices: PriceList | undefined;
  core: Kitchen;
}

const MOST_PINNED = 5;
type Bounds = readonly [number, number];

/** Everything that could be cooked of a soup for its needs, by two measures of choice. */
export function SpreadView({ soupId, recipe, needs, prices, core }: Props) {
  const [params, put] = useAddress();
  const [usualX, usualY] = usualMeasures(needs);
  const offered = useMemo(() => measuresFor(needs, [], prices !== undefined), [needs, prices]);
  const named = (key: string, usual: MeasureKey) => offered.find((row) => row.key === params.get(key))?.key ?? usual;
  const x = named('x', usualX);
  const y = named('y', usualY === x ? (offered.find(({ key }) => key !== x)?.key ?? usualY) : usualY);
  const [avoided, setAvoided] = useListParam('without');
  const [wanted, setWanted] = useListParam('with');
  const [bounds, setBounds] = useState<{ x?: Bounds; y?: Bounds }>({});
  const asked = useMemo(
    () => ({ request: { recipe, needs, measures: [x, y] as const, ...(prices ? { prices } : {}) }, kitchen: core.onShelf(core.shelf) }),
    [recipe, needs, x, y, prices, core],
  );
  const filter = useMemo(
    (): SpreadFilter => ({
      without: avoided.filter((id): id is AllergenId => (ALLERGENS as readonly string[]).includes(id)),
      withSwaps: wanted,
      ...bounds,
    }),
    [avoided, wanted, bounds],
  );
  const { looking, view, cancel, again, write } = useSpread(asked, filter);
  const set = (key: 'x' | 'y', value: string) => {
    setBounds({});
    put((now) => now.set(key, value));
  };
  const choose = (label: string, key: 'x' | 'y', value: MeasureKey, other: MeasureKey) => (
    <Field label={label}>
      <Select value={value} onChange={(event) => set(key, event.target.value)}>
        {offered.map((row) => (
          <option key={row.key} value={row.key} disabled={row.key === other}>
            {row.name}
          </option>
        ))}
      </Select>
    </Field>
  );
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-end gap-3">
        {choose('Across', 'x', x, y)}
        {choose('Up', 'y', y, x)}
        {looking.state === 'working' && (
          <>
            <span role="status" className="flex items-center gap-2">
              Looking at what could be cooked ...
              <progress max={1} value={looking.share} aria-label="Combinations looked at" className="w-32" />
            </span>
            <Button onClick={cancel}>Cancel</Button>
          </>
        )}
        {(looking.state === 'cancelled' || looking.state === 'failed') && (
          <>
            <span role="status">{looking.state === 'failed' ? looking.message : 'Not looked at to its end.'}</span>
            <Button onClick={again}>Look again</Button>
          </>
        )}
      </div>
      {looking.state === 'done' && view && (
        <Shown
          looked={looking.looked}
          view={view}
          filter={{ avoided, setAvoided, wanted, setWanted, bounds, setBounds }}
          soupId={soupId}
          needs={needs}
          recipe={recipe}
          core={core}
          write={write}
        />
      )}
    </div>
  );
}

interface Filter {
  avoided: readonly string[];
  setAvoided: (ids: readonly string[]) => void;
  wanted: readonly string[];
  setWanted: (keys: readonly string[]) => void;
  bounds: { x?: Bounds; y?: Bounds };
  setBounds: (bounds: { x?: Bounds; y?: Bounds }) => void;
}

interface ShownProps {
  looked: Looked;
  view: View;
  filter: Filter;
  soupId: string;
  recipe: Recipe;
  needs: Needs;
  core: Kitchen;
  write: Parameters<typeof PointCard>[0]['write'];
}

function Shown({ looked, view, filter, soupId, recipe, needs, core, write }: ShownProps) {
  const { axes, total, combinations } = looked;
  const [mx, my] = axes;
  const [picked, setPicked] = useState<PointRow | null>(null);
  const [pinned, setPinned] = useState<readonly PointRow[]>([]);
  const before = useMemo(() => core.analyse(recipe, needs, core.shelf), [core, recipe, needs]);
  const original = useMemo((): readonly [number, number] | null => {
    const [a, b] = axes.map(({ key }) => (key in before.perServing ? before.perServing[key as keyof typeof before.perServing].value : null));
    return typeof a === 'number' && typeof b === 'number' ? [a, b] : null;
  }, [before, axes]);
  const isPinned = (row: PointRow) => pinned.some(({ point }) => point === row.point);
  const pin = (row: PointRow) => setPinned(isPinned(row) ? pinned.filter(({ point }) => point !== row.point) : [...pinned, row].slice(-MOST_PINNED));
  const { bounds, setBounds } = filter;
  const brushed = useCallback((bx: Bounds, by: Bounds) => setBounds({ x: bx, y: by }), [setBounds]);
  const words = (row: PointRow) => changesIn(row, looked);
  return (
    <>
      <p className="text-lg">{view.sentence}</p>
      <p className="text-sm text-kale-soft">
        {looked.looked < combinations
          ? `${combinations.toLocaleString('en')} combinations of the swaps that have a reason: ${looked.looked.toLocaleString('en')} of them were looked at, those with fewest changes first and then a sample.`
          : `All ${combinations.toLocaleString('en')} combinations of the swaps that have a reason.`}{' '}
        {total.toLocaleString('en')} keep every need
        {view.passing < total && `, ${view.passing.toLocaleString('en')} of them pass what is asked below`}. Each swap is at the amount that suits it
        by itself; the squares are plans worked out with amounts that suit each other.
        {looked.leftOut.length > 0 && ` ${looked.leftOut.length} swaps are left out since no table has their ${mx.name} or ${my.name}.`}
      </p>
      <div className="grid gap-3 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <figure className="rounded-xl border border-line bg-card p-2">
          <SpreadChart view={view} axes={axes} original={original} pinned={pinned} onPick={setPicked} onBrush={brushed} />
          <figcaption className="px-2 text-sm text-kale-soft">
            Rings: combinations. Diamonds on the line: nothing is better in both. Squares: plans worked out. Cross: the original. Draw a box to look
            closer.
          </figcaption>
        </figure>
        <div className="flex flex-col gap-3">
          {picked ? (
            <PointCard row={picked} soupId={soupId} axes={axes} core={core} write={write} isPinned={isPinned(picked)} onPin={() => pin(picked)} />
          ) : (
            <p className="rounded-xl border border-dashed border-kale-soft p-4 text-kale-soft">
              Choose a point in the picture or a row of the front: it is written out here as a soup.
            </p>
          )}
          <FilterPanel looked={looked} filter={filter} />
        </div>
      </div>
      {bounds.x === undefined ? null : (
        <p>
          <Button onClick={() => setBounds({})}>Show the whole again</Button>
        </p>
      )}
      <section aria-label="Front" className="overflow-x-auto rounded-xl border border-line bg-card p-3">
        <Table
          caption={`The front: nothing has both ${mx.better === 'low' ? 'less' : 'more'} ${mx.name} and ${my.better === 'low' ? 'less' : 'more'} ${my.name}`}
          captionShown
          columns={[
            {
              head: capitalised(mx.unit ? `${mx.name}, ${mx.unit}` : mx.name),
              cell: (row) => told(row, mx.key),
              isHead: true,
              className: 'pr-4 text-left',
            },
            { head: capitalised(my.unit ? `${my.name}, ${my.unit}` : my.name), cell: (row) => told(row, my.key), className: 'pr-4' },
            { head: 'What it changes', cell: (row) => words(row) || 'nothing' },
            {
              head: '',
              cell: (row) => (
                <span className="flex gap-1">
                  <Button
                    kind="chip"
                    aria-label={`Look at ${figure(row.values[mx.key] ?? 0)} ${mx.unit} ${mx.name}`}
                    aria-pressed={picked?.point === row.point}
                    onClick={() => setPicked(row)}
                  >
                    look
                  </Button>
                  <Button
                    kind="chip"
                    aria-label={`Pin ${figure(row.values[mx.key] ?? 0)} ${mx.unit} ${mx.name}`}
                    aria-pressed={isPinned(row)}
                    onClick={() => pin(row)}
                  >
                    {isPinned(row) ? letterOf(pinned.findIndex(({ point }) => point === row.point)) : 'pin'}
                  </Button>
                </span>
              ),
            },
          ]}
          rows={view.front}
          keyOf={({ point }) => String(point)}
        />
      </section>
      {pinned.length > 0 && <Pinned pinned={pinned} measures={looked.measures} before={before.perServing} words={words} onUnpin={pin} />}
      <Effects looked={looked} recipe={recipe} />
    </>
  );
}

/** A figure of a point; what is not known whole says so. */
const told = ({ values, atLeast }: PointRow, key: MeasureKey): string => `${atLeast.includes(key) ? 'at least ' : ''}${figure(values[key] ?? 0)}`;

/** What a combination changes, in the names of its swaps. */
function changesIn({ choices }: PointRow, { swaps }: Looked): string {
  return choices
    .flatMap(({ lineId, swapId }) => {
      if (swapId === null) return [];
      const swap = swaps.find(({ key }) => key === `${lineId ?? ''}:${swapId}`);
      if (!swap) return /topped-up$/.test(swapId) ? ['topped up'] : /held-back$/.test(swapId) ? ['some liquid held back'] : [];
      return [lineId === null ? `${swap.name.toLowerCase()} added` : `${shortLine(swap.lineText)}: ${swap.name.toLowerCase()}`];
    })
    .join('; ');
}
const shortLine = (text: string): string =>
  text.replace(/^[\d\s.,/½¼¾-]+\s*(?:g|kg|ml|l|litres?|tablespoons?|teaspoons?|tbsp|tsp|cups?)?\s+/i, '').replace(/,.*$/, '');

interface PinnedProps {
  pinned: readonly PointRow[];
  measures: readonly Measure[];
  before: NutrientFigures;
  words: (row: PointRow) => string;
  onUnpin: (row: PointRow) => void;
}

function Pinned({ pinned, measures, before, words, onUnpin }: PinnedProps) {
  return (
    <section aria-label="Pinned" className="overflow-x-auto rounded-xl border border-line bg-card p-3">
      <h2 className="text-lg">Pinned side by side</h2>
      <Table
        caption="Pinned combinations"
        columns={[
          { head: 'Of one bowl', cell: ({ name, unit }: Measure) => (unit ? `${name}, ${unit}` : name), isHead: true },
          {
            head: 'original',
            cell: ({ key }: Measure) => (isNutrientMeasure(key) ? `${before[key].atLeast ? 'at least ' : ''}${figure(before[key].value)}` : ''),
            isFigure: true,
            className: 'pl-6',
            headClass: 'pl-6',
          },
          ...pinned.map((row, at) => ({
            head: letterOf(at),
            cell: ({ key }: Measure) => figure(row.values[key] ?? 0),
            isFigure: true,
            className: 'pl-6',
            headClass: 'pl-6',
          })),
        ]}
        className="text-sm"
        rows={measures}
        keyOf={({ key }) => key}
      />
      <ul className="mt-2 flex flex-col gap-1 text-sm">
        {pinned.map((row, at) => (
          <li key={row.point}>
            <strong>{letterOf(at)}</strong>: {words(row) || 'nothing changed'}{' '}
            <Button kind="chip" aria-label={`Unpin ${letterOf(at)}`} onClick={() => onUnpin(row)}>
              unpin
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}

function FilterPanel({ looked: { axes, allergens, swaps }, filter }: { looked: Looked; filter: Filter }) {
  const { avoided, setAvoided, wanted, setWanted, bounds, setBounds } = filter;
  const lines = [...new Map(swaps.map(({ lineId, lineText }) => [lineId, lineText]))];
  const bound = (axis: 'x' | 'y', side: 0 | 1) => {
    const measure = axes[axis === 'x' ? 0 : 1];
    const own = bounds[axis] ?? [Number.NEGATIVE_INFINITY, Number.POSITIVE_INFINITY];
    return (
      <Field label={`${side === 0 ? 'from' : 'to'} ${measure.unit}`} key={`${axis}${side}`}>
        <NumberInput
          late
          min={0}
          max={100_000}
          value={Number.isFinite(own[side]) ? Number(own[side].toPrecision(4)) : null}
          aria-label={`${measure.name} ${side === 0 ? 'from' : 'to'}`}
          onValue={(value) => {
            if (value === undefined) return;
            const next: Bounds = side === 0 ? [value ?? Number.NEGATIVE_INFINITY, own[1]] : [own[0], value ?? Number.POSITIVE_INFINITY];
            setBounds({ ...bounds, [axis]: next });
          }}
          className="w-20"
        />
      </Field>
    );
  };
  return (
    <section aria-label="What is shown" className="flex flex-col gap-2 rounded-xl border border-line bg-card p-3">
      <h2 className="text-lg">What is shown</h2>
      {(['x', 'y'] as const).map((axis) => (
        <div key={axis} className="flex flex-wrap items-end gap-2">
          <span className="w-36 pb-1">{axes[axis === 'x' ? 0 : 1].name}</span>
          {bound(axis, 0)}
          {bound(axis, 1)}
        </div>
      ))}
      {allergens.length > 0 && (
        <fieldset className="flex flex-wrap gap-x-4">
          <legend className="text-sm text-kale-soft">Without, as far as the foods' rows know (labels may say more)</legend>
          {allergens.map(({ id, without }) => (
            <Tick key={id} checked={avoided.includes(id)} onChange={(on) => setAvoided(on ? [...avoided, id] : avoided.filter((one) => one !== id))}>
              {ALLERGEN_LABELS[id].toLowerCase()} <span className="text-kale-soft">({without.toLocaleString('en')})</span>
            </Tick>
          ))}
        </fieldset>
      )}
      <Disclosure summary="By swap">
        <div className="flex flex-wrap gap-2">
          {lines.map(([lineId, text]) => {
            const own = swaps.filter((swap) => swap.lineId === lineId);
            const chosen = wanted.find((key) => key.slice(0, key.lastIndexOf(':')) === (lineId ?? '')) ?? '';
            const others = wanted.filter((key) => key !== chosen);
            return (
              <Field key={lineId ?? 'added'} label={lineId === null ? 'Added' : text.slice(0, 40)}>
                <Select
                  value={chosen}
                  onChange={(event) => setWanted(event.target.value === '' ? others : [...others, event.target.value])}
                  className="max-w-56"
                >
                  <option value="">whatever it is</option>
                  {lineId !== null && <option value={`${lineId}:`}>as it is</option>}
                  {own.map(({ key, name }) => (
                    <option key={key} value={key}>
                      {name}
                    </option>
                  ))}
                </Select>
              </Field>
            );
          })}
        </div>
      </Disclosure>
    </section>
  );
}
