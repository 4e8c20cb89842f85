import { type ReactNode, useState } from 'react';
import type { LineSwap } from '../../../core/swap/forLine.ts';
import { tallyWords } from '../../../core/swap/tally.ts';
import { type Line, STAGE_LABELS, STAGES, type Stage } from '../../../core/vocabulary/recipe.ts';
import { FoodPicker } from '../../kitchen/FoodPicker.tsx';
import { needLabel } from '../../kitchen/format.ts';
import { Button } from '../../ui/button.tsx';
import { Select } from '../../ui/field.tsx';
import { State } from '../../ui/state.tsx';
import { say } from '../../ui/toast.ts';
import { useBench } from '../bench/store.ts';
import type { BenchView } from '../bench/view.ts';
import { benchEffects, costMove, foodName, partsText } from '../bench/words.ts';
import { BroughtIn } from './BroughtIn.tsx';
import { replacedBy } from './useLineSwaps.ts';

/** The cautions that are about this line, where it is looked at. */
function LineCautions({ view, lineId }: { view: BenchView; lineId: string }) {
  const notes = view.analysis.notes.filter(({ code, lineIds }) => code !== 'food.unmatched' && lineIds.includes(lineId));
  if (notes.length === 0) return null;
  return (
    <ul aria-label="Cautions about this line" className="mt-1 flex flex-col gap-0.5 text-sm">
      {notes.map(({ code, severity, message }) => (
        <li key={code} className={severity === 'danger' ? 'font-semibold text-beet' : severity === 'caution' ? 'text-mustard' : 'text-kale-soft'}>
          {message}
        </li>
      ))}
    </ul>
  );
}

/** What the line in hand gives the pot, and everything that could take its place. */
export function LineSwaps({ view, swaps, onUse }: { view: BenchView; swaps: readonly LineSwap[]; onUse: (swapId: string) => void }) {
  const selected = useBench((state) => state.selected);
  const line = view.recipe.lines.find(({ id }) => id === selected);
  if (!line) return <p className="text-kale-soft">Choose a line in the pot to see what could take its place.</p>;
  const before = replacedBy(line, view.original.recipe);
  const shown = before ?? line;
  const name = shown.foodId === null ? shown.text : foodName(shown.foodId, view.core);
  const { rolesOf, rolesText, shelf } = view.core;
  return (
    <>
      <h2>
        {before ? 'Other swaps' : 'Swaps'} for {name} {shown.grams && view.core.formatGrams(shown.grams.best)}
      </h2>
      <p className="text-sm text-kale-soft">
        {line.foodId !== null && rolesText(rolesOf(view.recipe, line.id, view.analysis, shelf, view.analysis.regime))}
      </p>
      <LineCautions view={view} lineId={line.id} />
      <LineActions view={view} line={line} name={line.foodId === null ? line.text : foodName(line.foodId, view.core)} />
      <ChooseFood view={view} line={line} />
      {swaps.length === 0 && (
        <p className="mt-2 text-kale-soft">
          {line.foodId === null
            ? 'Choose a food for this line first.'
            : line.grams === null
              ? 'Weigh this line first: amounts of a swap follow from it.'
              : 'The catalogue has no swap for this food. Change its amount, or work the whole soup out.'}
        </p>
      )}
      <ol className="mt-2 flex flex-col gap-2">
        {swaps.map((swap, index) => (
          <li key={swap.change.swapId}>
            <SwapCard view={view} swap={swap} number={index + 1} onUse={() => onUse(swap.change.swapId)} />
          </li>
        ))}
      </ol>
    </>
  );
}

/** Take it out, keep it whatever happens, or never use its food. */
function LineActions({ view, line, name }: { view: BenchView; line: Line; name: string }) {
  const takeOut = useBench((state) => state.takeOut);
  const setNeeds = useBench((state) => state.setNeeds);
  const { needs, recipe } = view;
  const kept = needs.keepLines?.includes(line.id) ?? false;
  const avoided = line.foodId !== null && (needs.avoidFoods?.includes(line.foodId) ?? false);
  const toggled = (list: readonly string[] | undefined, id: string, on: boolean): string[] | undefined => {
    const next = on ? [...(list ?? []), id] : (list ?? []).filter((one) => one !== id);
    return next.length > 0 ? next : undefined;
  };
  const put = (changes: Partial<typeof needs>) => setNeeds(JSON.parse(JSON.stringify({ ...needs, ...changes })));
  return (
    <p className="flex flex-wrap gap-x-3 text-sm">
      {recipe.lines.length > 1 && <Action onClick={() => takeOut(line.id)}>take it out</Action>}
      <Action pressed={kept} onClick={() => put({ keepLines: toggled(needs.keepLines, line.id, !kept) })}>
        {kept ? 'kept: let it be changed' : 'keep this line'}
      </Action>
      {line.foodId !== null && (
        <Action pressed={avoided} onClick={() => put({ avoidFoods: toggled(needs.avoidFoods, line.foodId as string, !avoided) })}>
          {avoided ? `avoided: let ${name} be used` : `never use ${name}`}
        </Action>
      )}
    </p>
  );
}

const Action = ({ pressed, onClick, children }: { pressed?: boolean; onClick: () => void; children: ReactNode }) => (
  <button type="button" aria-pressed={pressed} className="min-h-6 underline" onClick={onClick}>
    {children}
  </button>
);

/** Which food it is, and where it goes in. A line without a food hides everything it holds: the first thing to mend. */
function ChooseFood({ view, line }: { view: BenchView; line: Line }) {
  const [open, setOpen] = useState(false);
  const chooseFood = useBench((state) => state.chooseFood);
  const moveLine = useBench((state) => state.moveLine);
  const { shelf, weighLine } = view.core;
  return (
    <p className="mt-1 flex flex-wrap items-center gap-x-3 text-sm">
      {line.foodId === null ? (
        <Button kind="main" onClick={() => setOpen(true)}>
          Find the food
        </Button>
      ) : (
        <Action onClick={() => setOpen(true)}>it is another food</Action>
      )}
      <span className="flex items-center gap-1">
        it goes in at
        <Select
          aria-label="Where it goes in"
          className="text-sm"
          value={line.stage}
          onChange={(event) => {
            moveLine(line.id, event.target.value as Stage);
            say(`Moved to ${STAGE_LABELS[event.target.value as Stage].toLowerCase()}.`);
          }}
        >
          {STAGES.map((stage) => (
            <option key={stage} value={stage}>
              {STAGE_LABELS[stage].toLowerCase()}
            </option>
          ))}
        </Select>
      </span>
      <FoodPicker
        line={open ? line.text : null}
        query=""
        onClose={() => setOpen(false)}
        onPick={({ id }) => {
          const food = shelf.food(id);
          if (food) chooseFood(line.id, id, weighLine(line.text, food, view.recipe.measures ?? 'metric'));
          setOpen(false);
        }}
      />
    </p>
  );
}

const EFFORT = ['no extra work', 'a little work', 'some work', 'more work'] as const;
const effortOf = (steps: number): string => EFFORT[Math.min(steps, EFFORT.length - 1)] as string;

function SwapCard({ view, swap, number, onUse }: { view: BenchView; swap: LineSwap; number: number; onUse: () => void }) {
  const { change, holdBack, analysis, meets, tally } = swap;
  const broken = meets.filter(({ state }) => state === 'breaks');
  const open = meets.filter(({ state }) => state === 'cannotTell');
  const facts = [
    ...benchEffects(view, analysis),
    `body ${view.analysis.body.index.toFixed(2)} › ${analysis.body.index.toFixed(2)}`,
    ...costMove(view.analysis, analysis),
  ];
  return (
    <article className="rounded-lg border border-line p-2" aria-label={change.name}>
      <div className="flex items-start gap-2">
        <span aria-hidden className="w-4 text-right text-kale-soft">
          {number < 10 ? number : ''}
        </span>
        <div className="min-w-0 flex-1">
          <h3>
            {change.name} <span className="font-normal">{partsText(change, view.core)}</span>
          </h3>
          {holdBack?.from && (
            <p className="text-sm">
              and {view.core.formatGrams(holdBack.from.grams - (holdBack.to[0]?.grams ?? 0))} of the {foodName(holdBack.from.foodId, view.core)} held
              back
            </p>
          )}
          <p className="text-sm">{facts.join(', ')}</p>
        </div>
        <Button onClick={onUse} aria-label={`Use ${change.name}`}>
          Use
        </Button>
      </div>
      <div className="mt-1 ml-6 flex flex-wrap gap-1">
        {meets.length > 0 && <State tone={tally.broken > 0 ? 'breaks' : tally.toCheck > 0 ? 'check' : 'meets'}>{tallyWords(tally)}</State>}
        {open.map(({ need }) => (
          <State key={`check-${need.kind}-${need.index}`} tone="check">
            check {needLabel(need, view.needs, view)}
          </State>
        ))}
        {broken.map(({ need }) => (
          <State key={`${need.kind}-${need.index}`} tone="breaks">
            {needLabel(need, view.needs, view)}
          </State>
        ))}
        {change.adds.allergens.map((id) => (
          <BroughtIn key={id} id={id} analysis={analysis} />
        ))}
      </div>
      <p className="mt-1 ml-6 text-sm text-kale-soft">
        {[change.note, effortOf(change.work.length), ...change.work, ...change.cautions].join(' · ')}
      </p>
    </article>
  );
}
