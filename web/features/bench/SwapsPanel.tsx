import { memo, type ReactNode, useCallback, useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { ALLERGEN_LABELS } from '../../../core/allergen/ids.ts';
import { NUTRIENT_INDEX, NUTRIENT_LABELS, type Nutrient } from '../../../core/nutrient.ts';
import { REGIMES } from '../../../core/nutrition/regime.ts';
import type { Line, Recipe } from '../../../core/recipe.ts';
import type { LineSwap } from '../../../core/swap/forLine.ts';
import type { NeedRef } from '../../../core/swap/needs.ts';
import type { Plan } from '../../../core/swap/plan.ts';
import { putBack } from '../../../core/swap/steps.ts';
import { passes } from '../../../core/swap/verdict.ts';
import { bodyMlPerGram } from '../../../core/texture/body.ts';
import { needLabel, withUnit } from '../../kitchen/format.ts';
import { Button } from '../../ui/button.tsx';
import { Notice, State } from '../../ui/state.tsx';
import { FoodPicker } from '../reading/FoodPicker.tsx';
import { useBench } from './store.ts';
import type { Search } from './usePlans.ts';
import type { BenchView } from './view.ts';
import { EFFECT_KEYS, effects, foodName, partsText, planWords } from './words.ts';

interface Props {
  view: BenchView;
  search: Search;
  onWorkOut: () => void;
  onStop: () => void;
  onTake: (plan: Plan) => void;
}

export const limitedNutrients = (view: BenchView): Nutrient[] => (view.needs.limits ?? []).map(({ nutrient }) => nutrient);

/** Every swap of a line, ranked by fit; of a line that replaced another, every other swap of that one. */
function swapsOf({ core, recipe, needs, original }: BenchView, lineId: string | null): LineSwap[] {
  const line = recipe.lines.find(({ id }) => id === lineId);
  if (!line) return [];
  const before = replacedBy(line, original.recipe);
  return core.swapsForLine(before ? putBack(recipe, before) : recipe, needs, before?.id ?? line.id, original, core.SHELF);
}

/**
 * The swaps of the line in hand. An edit is painted before they are worked out again, so they may be those of a moment
 * ago; `applySwap` therefore works the chosen one out on the soup as it stands.
 */
export function useLineSwaps(view: BenchView): { later: BenchView; swaps: LineSwap[]; applySwap: (swapId: string) => void } {
  const selected = useBench((state) => state.selected);
  const putRecipe = useBench((state) => state.putRecipe);
  const later = useDeferredValue(view);
  const laterSelected = useDeferredValue(selected);
  const swaps = useMemo(() => swapsOf(later, laterSelected), [later, laterSelected]);
  // Read at the moment of use, so that the function itself never changes.
  const now = useRef({ view, selected });
  useEffect(() => {
    now.current = { view, selected };
  });
  const applySwap = useCallback(
    (swapId: string) => {
      const swap = swapsOf(now.current.view, now.current.selected).find(({ change }) => change.swapId === swapId);
      if (swap) putRecipe(swap.recipe, swap.change.to[0]?.lineId);
    },
    [putRecipe],
  );
  return { later, swaps, applySwap };
}

const replacedBy = (line: Line | undefined, original: Recipe): Line | undefined =>
  line?.replaces ? original.lines.find(({ id }) => id === line.replaces) : undefined;

export const SwapsPanel = memo(function SwapsPanel({
  view,
  search,
  onWorkOut,
  onStop,
  onTake,
  swaps,
  onUse,
}: Props & { swaps: readonly LineSwap[]; onUse: (swapId: string) => void }) {
  return (
    <section aria-label="Swaps" className="flex min-h-0 flex-col rounded-xl border border-line bg-card" id="swaps" tabIndex={-1}>
      <div className="flex shrink-0 items-center gap-2 border-b border-line px-3 py-1.5">
        <Button kind="main" onClick={onWorkOut} disabled={search.state === 'working'}>
          Work it out for me
        </Button>
        {search.state === 'working' && (
          <>
            <span role="status">Looking through the swaps ...</span>
            <Button onClick={onStop}>Cancel</Button>
          </>
        )}
        {(search.state === 'done' || search.state === 'failed') && (
          <Button className="ml-auto" onClick={onStop}>
            Back to single swaps
          </Button>
        )}
      </div>
      <div className="min-h-0 flex-1 overflow-auto p-3">
        {search.state === 'done' ? (
          <Plans view={view} search={search} onTake={onTake} />
        ) : search.state === 'failed' ? (
          <Notice tone="breaks">{search.message}</Notice>
        ) : (
          <LineSwaps view={view} swaps={swaps} onUse={onUse} />
        )}
      </div>
    </section>
  );
});

function LineSwaps({ view, swaps, onUse }: { view: BenchView; swaps: readonly LineSwap[]; onUse: (swapId: string) => void }) {
  const selected = useBench((state) => state.selected);
  const takeOut = useBench((state) => state.takeOut);
  const line = view.recipe.lines.find(({ id }) => id === selected);
  if (!line) return <p className="text-kale-soft">Choose a line in the pot to see what could take its place.</p>;
  const before = replacedBy(line, view.original.recipe);
  const shown = before ?? line;
  const name = shown.foodId === null ? shown.text : foodName(shown.foodId, view.core);
  return (
    <>
      <h2>
        {before ? 'Other swaps' : 'Swaps'} for {name} {shown.grams && view.core.formatGrams(shown.grams.best)}
      </h2>
      <p className="text-sm text-kale-soft">
        {givesThePot(view, line.id)}{' '}
        {view.recipe.lines.length > 1 && (
          <button type="button" className="min-h-6 underline" onClick={() => takeOut(line.id)}>
            take it out
          </button>
        )}
      </p>
      {line.foodId === null && <ChooseFood view={view} line={line} />}
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

/** A line without a food hides everything it holds: the first thing to mend. */
function ChooseFood({ view, line }: { view: BenchView; line: Line }) {
  const [open, setOpen] = useState(false);
  const chooseFood = useBench((state) => state.chooseFood);
  const { SHELF, weighLine } = view.core;
  return (
    <p className="mt-2">
      <Button kind="main" onClick={() => setOpen(true)}>
        Find the food
      </Button>
      <FoodPicker
        line={open ? line.text : null}
        query=""
        onClose={() => setOpen(false)}
        onPick={({ id }) => {
          const food = SHELF.food(id);
          if (food) chooseFood(line.id, id, weighLine(line.text, food, 'us'));
          setOpen(false);
        }}
      />
    </p>
  );
}

function SwapCard({ view, swap, number, onUse }: { view: BenchView; swap: LineSwap; number: number; onUse: () => void }) {
  const { change, analysis, meets, met } = swap;
  const broken = meets.filter((verdict) => !passes(verdict));
  const facts = [
    ...effects(view.analysis, analysis, [...new Set([...limitedNutrients(view), ...EFFECT_KEYS])]),
    `body ${view.analysis.body.index.toFixed(2)} › ${analysis.body.index.toFixed(2)}`,
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
          <p className="text-sm">{facts.join(', ')}</p>
        </div>
        <Button onClick={onUse} aria-label={`Use ${change.name}`}>
          Use
        </Button>
      </div>
      <div className="mt-1 ml-6 flex flex-wrap gap-1">
        {meets.length > 0 && (
          <State tone={met === meets.length ? 'meets' : 'check'}>
            meets {met} of {meets.length}
          </State>
        )}
        {broken.map(({ need }) => (
          <State key={`${need.kind}-${need.index}`} tone="breaks">
            {needLabel(need, view.needs)}
          </State>
        ))}
        {change.adds.allergens.map((id) => (
          <State key={id} tone="check">
            brings in {ALLERGEN_LABELS[id]}
          </State>
        ))}
      </div>
      <p className="mt-1 ml-6 text-sm text-kale-soft">{[change.note, ...change.work, ...change.cautions].join(' · ')}</p>
    </article>
  );
}

/** What the line is in the pot for, as shares of the whole pot. */
function givesThePot(view: BenchView, lineId: string): string {
  const { core, recipe, analysis } = view;
  const line = recipe.lines.find(({ id }) => id === lineId);
  const food = line?.foodId ? core.SHELF.food(line.foodId) : undefined;
  if (!line?.grams || !food) return '';
  const { value } = core.SHELF.figures(food, REGIMES[view.needs.regime ?? 'us']);
  const grams = line.grams.best * (line.perBowl ? analysis.servings : 1);
  const shares = (['fatG', 'proteinG', 'sodiumMg', 'sugarsG'] as const).map((key) => ({
    what: NUTRIENT_LABELS[key].toLowerCase(),
    share: (grams * (value[NUTRIENT_INDEX[key]] as number)) / 100 / Math.max(1e-9, analysis.batch[key].value),
  }));
  if (line.stage !== 'bowl')
    shares.push({ what: 'body', share: (grams * bodyMlPerGram(food)) / Math.max(1e-9, analysis.body.index * analysis.potMl) });
  const told = shares
    .filter(({ share }) => share > 0.08)
    .sort((a, b) => b.share - a.share)
    .slice(0, 4)
    .map(({ what, share }) => `${Math.min(100, Math.round(share * 100))} % of its ${what}`);
  return told.length > 0 ? `Gives the pot ${told.join(', ')}.` : 'Gives the pot little that is counted here.';
}

function Plans({ view, search, onTake }: { view: BenchView; search: Extract<Search, { state: 'done' }>; onTake: (plan: Plan) => void }) {
  const { plans, clash, timedOut, original } = search.result;
  return (
    <>
      {timedOut && <Notice tone="check">The search was cut short. What is shown is the best found; there may be better.</Notice>}
      {clash && <Clashing view={view} clash={clash} onTake={onTake} />}
      {plans.length > 0 && <h2>{plans.length === 1 ? 'One plan' : `${plans.length} plans`}, closest first</h2>}
      <ol className="mt-2 flex flex-col gap-2">
        {plans.map((plan, index) => (
          <li key={plan.changes.map(({ swapId }) => swapId).join()}>
            <PlanCard
              view={view}
              plan={plan}
              title={`Plan ${index + 1}`}
              words={planWords(plan, original, limitedNutrients(view), view.core)}
              onTake={() => onTake(plan)}
            />
          </li>
        ))}
      </ol>
    </>
  );
}

function PlanCard({
  view,
  plan,
  title,
  words,
  onTake,
  children,
}: {
  view: BenchView;
  plan: Plan;
  title: string;
  words: string;
  onTake: () => void;
  children?: ReactNode;
}) {
  return (
    <article className="rounded-lg border border-line p-2.5" aria-label={title}>
      <div className="flex items-center gap-2">
        <h3 className="min-w-0 flex-1">
          {title}{' '}
          <span className="font-normal text-kale-soft">
            distance {plan.distance.toFixed(2)}
            {plan.optimal && title.startsWith('Plan 1') ? ', proven closest' : ''}
          </span>
        </h3>
        <Button kind="main" onClick={onTake} aria-label={`Take ${title.toLowerCase()}`}>
          Take it
        </Button>
      </div>
      <p className="mt-1">{words}</p>
      {children}
      <ul className="mt-1.5 flex flex-col gap-1 text-sm">
        {plan.changes.map((change) => (
          <li key={change.lineId}>
            <strong>
              {foodName(change.from.foodId, view.core)} › {change.name.toLowerCase()}
            </strong>{' '}
            for {change.why.map((need) => needLabel(need, view.needs)).join(', ') || 'closeness'}
            {change.work.length > 0 && `. ${change.work.join(' ')}`} {change.cautions.join(' ')}
          </li>
        ))}
      </ul>
      <div className="mt-1.5 flex flex-wrap gap-1">
        {plan.meets.map((verdict) => (
          <State
            key={`${verdict.need.kind}-${verdict.need.index}`}
            tone={verdict.state === 'breaks' ? 'breaks' : verdict.state === 'cannotTell' ? 'check' : 'meets'}
          >
            {needLabel(verdict.need, view.needs)}
            {verdict.state === 'likely' && verdict.chance !== undefined
              ? `, likely (${Math.round(verdict.chance * 100)} %)`
              : verdict.state === 'cannotTell'
                ? ', check the label'
                : ''}
          </State>
        ))}
        {[...new Set(plan.changes.flatMap(({ adds }) => adds.allergens))].map((id) => (
          <State key={id} tone="check">
            brings in {ALLERGEN_LABELS[id]}
          </State>
        ))}
      </div>
    </article>
  );
}

/** A limit that cannot be judged says which lines stand in the way. */
function whyUnknown({ needs, analysis, recipe }: BenchView, need: NeedRef): string {
  const limit = need.kind === 'limit' ? needs.limits?.[need.index as number] : undefined;
  const missing = limit?.max === undefined ? [] : analysis.perServing[limit.nutrient].missing;
  const lines = [...new Set(missing.map(({ lineId }) => recipe.lines.find(({ id }) => id === lineId)?.text))].filter(Boolean);
  return lines.length > 0
    ? `It cannot be told while something is unknown of ${lines.map((text) => `'${text}'`).join(', ')}: choose the food, or weigh it.`
    : '';
}

function Clashing({
  view,
  clash,
  onTake,
}: {
  view: BenchView;
  clash: NonNullable<Extract<Search, { state: 'done' }>['result']['clash']>;
  onTake: (plan: Plan) => void;
}) {
  const label = (need: (typeof clash.needs)[number]) => needLabel(need, view.needs);
  return (
    <div className="flex flex-col gap-2">
      <Notice tone="check">
        {clash.needs.length === 1
          ? `No combination of swaps meets '${label(clash.needs[0] as never)}'.`
          : `No combination of swaps meets these together: ${clash.needs.map(label).join(', ')}. Any of them given up lets the others be met.`}
        {clash.needs.map((need) => (
          <span key={`${need.kind}-${need.index}`} className="block">
            {whyUnknown(view, need)}
          </span>
        ))}
        {clash.relax.map(({ need, to }) => {
          const limit = view.needs.limits?.[need.index as number];
          return limit ? (
            <span key={need.index} className="block">
              It would take {NUTRIENT_LABELS[limit.nutrient].toLowerCase()} {limit.max !== undefined && to > limit.max ? 'up to' : 'down to'}{' '}
              {withUnit(limit.nutrient, to)}.
            </span>
          ) : null;
        })}
      </Notice>
      {clash.nearest && clash.nearest.changes.length > 0 && (
        <PlanCard
          view={view}
          plan={clash.nearest}
          title="Nearest plan"
          words={planWords(clash.nearest, view.original.analysis, limitedNutrients(view), view.core)}
          onTake={() => onTake(clash.nearest as Plan)}
        >
          <p className="mt-1 text-beet">It misses: {clash.nearest.misses.map(label).join(', ')}.</p>
        </PlanCard>
      )}
    </div>
  );
}
