import type { ReactNode } from 'react';
import type { Analysis } from '../../../core/analysis/analysis.ts';
import { lastDayOf } from '../../../core/batch/stock.ts';
import { formatGrams } from '../../../core/food/measure.ts';
import { REGIMES } from '../../../core/regime/regime.ts';
import { STATION_LABELS } from '../../../core/sheet/data/tools.ts';
import { IN_LARDER, shoppingList, type ToBuy, weighOut } from '../../../core/sheet/lists.ts';
import type { Sheet } from '../../../core/sheet/sheet.ts';
import { toolsOf } from '../../../core/sheet/tools.ts';
import { whysOf } from '../../../core/sheet/whys.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import { ALLERGEN_LABELS } from '../../../core/vocabulary/allergens.ts';
import { type Recipe, STAGE_LABELS } from '../../../core/vocabulary/recipe.ts';
import { useAddToLarder, useLarder } from '../../api/house.ts';
import { figure } from '../../kitchen/format.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { useToday } from '../../kitchen/kitchen.ts';
import { Button } from '../../ui/button.tsx';
import { say } from '../../ui/toast.ts';
import { PotSection } from '../bench/PotSection.tsx';
import { brimOf, potLayers } from '../bench/potLayers.ts';
import { stockOf } from '../larder/stock.ts';
import { Aisles } from './Aisles.tsx';
import { Unfinished } from './Unfinished.tsx';

/** What every form is of. */
export interface Paper {
  sheet: Sheet;
  analysis: Analysis;
  needs: Needs;
  recipe: Recipe;
  core: Kitchen;
  /** 'Version 2, without milk, 28 Nov 2026'. */
  kept: string;
  /** What was swapped in, in a few words each. */
  swapped: string[];
  /** How it is kept and warmed again by the rules of the sheet. */
  keeping: string;
}

const named = ({ sheet: { allergens } }: Paper, state: string): string[] =>
  allergens.filter(({ scopes }) => scopes.bowl === state).map(({ id }) => ALLERGEN_LABELS[id]);

/** A food is not known; one that is only not weighed is named. */
const isOpen = ({ sheet: { incomplete } }: Paper): boolean => incomplete.some(({ code }) => code !== 'amount.unknown');
const noneNamed = (paper: Paper): string =>
  isOpen(paper) ? 'Not known yet what it holds: do not serve it on this' : 'No allergen is named in its ingredients: ask the kitchen';

/** Allergens of the bowl in words, for whoever carries it. */
function AllergenWords({ paper }: { paper: Paper }) {
  const [holds, checks, may] = (['contains', 'check', 'mayContain'] as const).map((state) => named(paper, state)) as [string[], string[], string[]];
  return (
    <>
      <p>
        <strong>{holds.length > 0 ? `CONTAINS ${holds.join(', ').toUpperCase()}` : noneNamed(paper)}</strong>
        {holds.length > 0 && isOpen(paper) && ' and something not known yet'}
      </p>
      {checks.length > 0 && <p>Label not read: {checks.join(', ')}</p>}
      {may.length > 0 && <p>May contain: {may.join(', ')}</p>}
    </>
  );
}

function Sheaf({ title, paper, children, className = '' }: { title: string; paper: Paper; children: ReactNode; className?: string }) {
  return (
    <article aria-label={`${title}: ${paper.sheet.title}`} className={`paper rounded-xl border border-line bg-card p-5 ${className}`}>
      <header className="mb-3 flex flex-wrap items-baseline justify-between gap-x-6 border-b-2 border-kale pb-1">
        <h2 className="font-title text-2xl">{paper.sheet.title}</h2>
        <p>{title}</p>
      </header>
      <Unfinished incomplete={paper.sheet.incomplete} />
      {children}
    </article>
  );
}

/** What has to stand ready, station by station, and the pot from the side. */
function Stations({ paper: { recipe, core, analysis, needs } }: { paper: Paper }) {
  const { body, potMl } = analysis;
  const layers = potLayers(recipe, core);
  return (
    <div className="mt-3 flex flex-wrap items-start gap-x-6 gap-y-2 break-inside-avoid">
      <section aria-label="Tools by station" className="min-w-64 flex-1">
        <h3 className="text-lg">What stands ready</h3>
        <dl className="grid grid-cols-[auto_1fr] gap-x-3">
          {toolsOf(recipe, { potMl }, core.shelf, needs.blender).map(({ station, tools }) => (
            <div key={station} className="contents">
              <dt className="font-semibold">{STATION_LABELS[station]}</dt>
              <dd>{tools.join('; ')}</dd>
            </div>
          ))}
        </dl>
      </section>
      {layers.length > 0 && (
        <figure className="w-96 max-w-full">
          <PotSection layers={layers} body={body.index} word={body.word} toppings={0} brim={brimOf(recipe, potMl)} />
          <figcaption className="text-sm">The pot, by when things go in: {body.word} when it is done.</figcaption>
        </figure>
      )}
    </div>
  );
}

/** Steps with the why beside each: to teach from. */
export function Handout({ paper, large }: { paper: Paper; large: boolean }) {
  const { recipe, core, sheet } = paper;
  const taught = whysOf(recipe, core.shelf);
  const lists = weighOut(recipe, core.shelf);
  return (
    <Sheaf title="Class handout" paper={paper} className={large ? 'large-print' : ''}>
      <p>
        {figure(sheet.bowls)} bowls of {figure(sheet.bowlMl)} ml.
      </p>
      <AllergenWords paper={paper} />
      <Stations paper={paper} />
      <h3 className="mt-3 text-lg">What goes in</h3>
      <ul className={large ? '' : 'columns-2 gap-6'}>
        {lists.flatMap(({ items }) =>
          items.map(({ lineId, name, grams, measure, prep }) => (
            <li key={lineId}>
              {grams === null ? 'as much as is needed' : formatGrams(grams)} {name}
              {measure && `, ${measure}`}
              {prep && ` (${prep})`}
            </li>
          )),
        )}
      </ul>
      <h3 className="mt-3 text-lg">Step by step</h3>
      <table className="w-full border-collapse">
        <caption className="sr-only">Each step, why it is done so, and what goes wrong otherwise</caption>
        <thead>
          <tr className="text-left">
            <th scope="col" className="w-8">
              <span className="sr-only">Number</span>
            </th>
            <th scope="col" className="w-1/3 pr-3">
              Do
            </th>
            <th scope="col" className="pr-3">
              Why, and what happens otherwise
            </th>
          </tr>
        </thead>
        <tbody>
          {taught.map(({ step, whys }, at) => (
            <tr key={step.id} className="border-t border-line align-top">
              <td className="py-1 font-semibold">{at + 1}</td>
              <th scope="row" className="py-1 pr-3 text-left font-normal">
                {step.text}
              </th>
              <td className="py-1">
                {whys.map(({ id, why, otherwise, differs }) => (
                  <p key={id}>
                    {why} <span className="text-kale-soft">Otherwise: {lowered(otherwise)}</span> {differs}
                  </p>
                ))}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {sheet.cautions.length > 0 && (
        <>
          <h3 className="mt-3 text-lg">Mind</h3>
          <ul>
            {sheet.cautions.map(({ code, message }) => (
              <li key={code}>{message}</li>
            ))}
          </ul>
        </>
      )}
    </Sheaf>
  );
}
const lowered = (text: string): string => text.charAt(0).toLowerCase() + text.slice(1);

/** A card to fold in the middle: outside what everybody must see, inside what it is and what came into it. */
export function BowlCards({ paper, count }: { paper: Paper; count: number }) {
  const { sheet, swapped } = paper;
  return (
    <article aria-label={`Bowl cards: ${sheet.title}`} className="paper rounded-xl border border-line bg-card p-5">
      <h2 className="sr-only">Bowl cards</h2>
      <Unfinished incomplete={sheet.incomplete} />
      <div className="grid grid-cols-2 gap-4">
        {Array.from({ length: count }, (_, at) => at).map((at) => (
          <section key={at} aria-label={`Card ${at + 1}`} className="card-to-fold break-inside-avoid border border-kale">
            <div className="flex min-h-40 flex-col justify-center gap-1 p-3 text-center">
              <p className="font-title text-xl">{sheet.title}</p>
              <AllergenWords paper={paper} />
            </div>
            <div className="flex min-h-40 flex-col gap-1 border-t border-dashed border-kale p-3 text-sm">
              <p>
                {sheet.ingredients
                  .filter(({ where }) => where !== 'plate')
                  .map(({ text }) => text)
                  .join(', ')}
                .
              </p>
              {swapped.length > 0 && <p>Swapped in: {swapped.join('; ')}.</p>}
              <p>What is not named is not in the ingredients as they are known: no statement about traces. Ask the kitchen.</p>
              <p className="text-kale-soft">{paper.kept}</p>
            </div>
          </section>
        ))}
      </div>
    </article>
  );
}

export const LABEL_GRIDS = { '2 by 7': [2, 7], '3 by 8': [3, 8] } as const;
export type LabelGrid = keyof typeof LABEL_GRIDS;

/** One sheet of labels for the freezer. Days are written by hand where nobody knows them yet. */
export function FreezerLabels({ paper, grid, madeOn }: { paper: Paper; grid: LabelGrid; madeOn: string }) {
  const [columns, rows] = LABEL_GRIDS[grid];
  const holds = named(paper, 'contains');
  const checks = named(paper, 'check');
  const { core, recipe, analysis, sheet } = paper;
  const useBy = madeOn ? lastDayOf(madeOn, 'frozen', sheet.regime) : '________';
  const help = core.bodyHelp(core.entriesOf(recipe, REGIMES[sheet.regime], core.shelf), analysis.potMl, core.blendedShare(recipe));
  const { mlAPortion } = core.tomorrowOf(help, analysis.servingMl);
  return (
    <article aria-label={`Freezer labels: ${paper.sheet.title}`} className="paper rounded-xl border border-line bg-card p-5">
      <h2 className="sr-only">Freezer labels</h2>
      <Unfinished incomplete={paper.sheet.incomplete} />
      <div className="label-sheet grid" style={{ gridTemplateColumns: `repeat(${columns}, 1fr)`, gridAutoRows: columns === 2 ? '34.5mm' : '30mm' }}>
        {Array.from({ length: columns * rows }, (_, at) => at).map((at) => (
          <section key={at} aria-label={`Label ${at + 1}`} className="overflow-hidden border border-dashed border-line p-2 text-[11px] leading-tight">
            <p className="truncate text-[13px] font-semibold">{paper.sheet.title}</p>
            <p>
              bowls ____ · made {madeOn || '________'} · use by {useBy}
            </p>
            <p className="font-semibold">
              {holds.length > 0 ? `Contains ${holds.join(', ')}${isOpen(paper) ? ' and something not known yet' : ''}` : noneNamed(paper)}
            </p>
            {checks.length > 0 && <p>Label not read: {checks.join(', ')}</p>}
            <p>
              {paper.keeping}
              {mlAPortion > 0 && ` It is thicker when cold: ${mlAPortion} ml of liquid a portion ready.`}
            </p>
          </section>
        ))}
      </div>
    </article>
  );
}

/** What to have ready, by the moment it goes in. */
export function WeighOutList({ paper }: { paper: Paper }) {
  return (
    <Sheaf title="Weigh out" paper={paper}>
      {weighOut(paper.recipe, paper.core.shelf).map(({ stage, items }) => (
        <section key={stage} aria-label={STAGE_LABELS[stage]} className="mb-3 break-inside-avoid">
          <h3 className="text-lg">{STAGE_LABELS[stage]}</h3>
          <ul>
            {items.map(({ lineId, name, grams, measure, prep }) => (
              <li key={lineId} className="flex gap-3 border-b border-line/60 py-0.5">
                <span aria-hidden>☐</span>
                <span className="w-24 text-right font-semibold">{grams === null ? '' : formatGrams(grams)}</span>
                <span className="flex-1">
                  {name}
                  {prep && `, ${prep}`}
                </span>
                <span className="text-kale-soft">{measure}</span>
              </li>
            ))}
          </ul>
        </section>
      ))}
    </Sheaf>
  );
}

/** What to buy, by aisle. */
export function Shopping({ paper }: { paper: Paper }) {
  const { data: larder = [] } = useLarder();
  const stock = stockOf(larder, useToday());
  const aisles = shoppingList(paper.recipe, paper.core.shelf, stock);
  return (
    <Sheaf title="Shopping list" paper={paper}>
      <Bought soup={paper.sheet.title} items={aisles.filter(({ aisle }) => aisle !== IN_LARDER).flatMap(({ items }) => items)} />
      <Aisles aisles={aisles} />
    </Sheaf>
  );
}

/** What was bought stands in the larder with one press, by whole packs where it comes in them. On the screen alone. */
function Bought({ soup, items }: { soup: string; items: readonly ToBuy[] }) {
  const add = useAddToLarder();
  const weighed = items.flatMap(({ foodId, grams, packGrams }) => {
    const bought = Math.round(packGrams ?? grams ?? 0);
    return foodId !== null && bought >= 1 ? [{ foodId, grams: bought, useBy: null, note: `bought for ${soup}`.slice(0, 500) }] : [];
  });
  if (weighed.length === 0) return null;
  return (
    <p className="mb-2 flex flex-wrap items-center gap-2 text-sm print:hidden">
      <Button
        kind="chip"
        disabled={add.isPending}
        onClick={() =>
          add.mutate(weighed, { onSuccess: ({ larder }) => say(`${larder.length} foods stand in the larder now; give them their days there.`) })
        }
      >
        Bought: put it in the larder
      </Button>
      {add.isError && <span className="text-beet">{add.error.message}</span>}
    </p>
  );
}

/** Labels to check before it is served, to tick. */
export function LabelsToCheck({ paper }: { paper: Paper }) {
  const { labelsToCheck } = paper.sheet;
  return (
    <Sheaf title="Labels to check" paper={paper}>
      {labelsToCheck.length === 0 ? (
        <p>Nothing in this soup hangs on its make, as far as it is known. Read every pack all the same.</p>
      ) : (
        <ul>
          {labelsToCheck.map(({ foodId, name, usual, lookFor }) => (
            <li key={foodId ?? name} className="mb-2 break-inside-avoid">
              <p className="font-semibold">{name}</p>
              {usual && <p className="text-sm text-kale-soft">usually {usual}</p>}
              <ul>
                {lookFor.map(({ kind, id, label, why }) => (
                  <li key={`${kind}-${id}`}>
                    <span aria-hidden>☐ </span>
                    {label}: {why}
                  </li>
                ))}
              </ul>
              <p>Product ____________________ read on ____________ by ____________</p>
            </li>
          ))}
        </ul>
      )}
    </Sheaf>
  );
}
