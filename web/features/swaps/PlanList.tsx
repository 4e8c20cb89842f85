import type { ReactNode } from 'react';
import type { AdaptResult } from '../../../core/swap/adapt.ts';
import { limitOf } from '../../../core/swap/need.ts';
import type { NeedRef, Needs } from '../../../core/swap/needs.ts';
import type { Change, Plan } from '../../../core/swap/plan.ts';
import { MOST_APART, tallyOf, tallyWords, together } from '../../../core/swap/tally.ts';
import { blenderRow } from '../../../core/vocabulary/blender.ts';
import { NUTRIENT_LABELS } from '../../../core/vocabulary/nutrient.ts';
import { figure, needLabel, withUnit } from '../../kitchen/format.ts';
import { Button } from '../../ui/button.tsx';
import { Disclosure } from '../../ui/disclosure.tsx';
import { Notice, State } from '../../ui/state.tsx';
import { useBench } from '../bench/store.ts';
import type { BenchView } from '../bench/view.ts';
import { foodName, planWords } from '../bench/words.ts';
import { Word } from '../help/Word.tsx';
import { BroughtIn } from './BroughtIn.tsx';
import { PlanMethod } from './PlanMethod.tsx';
import { plansOf, type Search } from './usePlans.ts';

interface Props {
  view: BenchView;
  search: Exclude<Search, { state: 'idle' } | { state: 'failed' }>;
  onTake: (plan: Plan) => void;
  /** Searches again with these needs. */
  onAsk: (needs: Needs) => void;
}

/** Plans as they come, closest first; when there are none, why, and what giving way would buy. */
export function PlanList({ view, search, onTake, onAsk }: Props) {
  const plans = plansOf(search);
  const result = search.state === 'done' ? search.result : null;
  return (
    <>
      {result?.timedOut && <Notice tone="check">The search was cut short. What is shown is proven in this order; there may be more.</Notice>}
      {search.state === 'cancelled' && (
        <Notice tone="plain">
          {plans.length === 0
            ? 'Cancelled before a plan was found.'
            : 'Cancelled. What was found is the closest there is; there may be more behind it.'}
        </Notice>
      )}
      {result?.clash && <Clashing view={view} clash={result.clash} onTake={onTake} />}
      {result?.bowl && <BowlSize view={view} bowl={result.bowl} clashes={result.clash !== undefined} />}
      {plans.length > 0 && <h2>{plans.length === 1 ? 'One plan' : `${plans.length} plans`}, closest first</h2>}
      <ol className="mt-2 flex flex-col gap-2">
        {plans.map((plan, index) => (
          <li key={plan.changes.map(({ lineId, swapId }) => `${lineId}:${swapId}`).join()}>
            <PlanCard
              view={view}
              plan={plan}
              title={`Plan ${index + 1}`}
              first={index === 0}
              onTake={() => onTake(plan)}
              onNot={(change) => onAsk(view.core.needsWithout(change, view.needs, view.core.shelf))}
              onOnly={(change) => onTake({ ...plan, recipe: view.core.onlyChange(plan, change, view.recipe, view.core.shelf) })}
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
  first = false,
  onTake,
  onNot,
  onOnly,
  children,
}: {
  view: BenchView;
  plan: Plan;
  title: string;
  first?: boolean;
  onTake: () => void;
  onNot?: (change: Change) => void;
  onOnly?: (change: Change) => void;
  children?: ReactNode;
}) {
  const avoided = view.needs.avoidFoods?.length ?? 0;
  const brought = [...new Set(plan.changes.flatMap(({ adds }) => adds.allergens))];
  return (
    <article className="rounded-lg border border-line p-2.5" aria-label={title}>
      <div className="flex items-center gap-2">
        <h3 className="min-w-0 flex-1">
          {title}, {tallyWords(tallyOf(plan.meets))}{' '}
          <span className="font-normal text-kale-soft">{plan.optimal && first ? 'closest of all' : ''}</span>
        </h3>
        <Button kind="main" onClick={onTake} aria-label={`Take ${title.toLowerCase()}`}>
          Take it
        </Button>
      </div>
      {brought.length > 0 && (
        <p className="mt-1 flex flex-wrap gap-1">
          {brought.map((id) => (
            <BroughtIn key={id} id={id} analysis={plan.analysis} />
          ))}
        </p>
      )}
      <p className="mt-1">{planWords(plan, view)}</p>
      {plan.says && (
        <ul className="mt-1 flex list-disc flex-col gap-0.5 pl-5">
          {plan.says.map(({ message }) => (
            <li key={message}>{message}</li>
          ))}
        </ul>
      )}
      {children}
      <ul className="mt-1.5 flex flex-col gap-1 text-sm">
        {plan.changes.map((change) => (
          <li key={`${change.lineId}:${change.swapId}`}>
            <ChangeText view={view} change={change} />{' '}
            {onNot && (
              <Button kind="chip" onClick={() => onNot(change)} aria-label={`Not this one: ${change.name}, ${title.toLowerCase()}`}>
                not this one
              </Button>
            )}{' '}
            {onOnly && plan.changes.length > 1 && (
              <Button kind="chip" onClick={() => onOnly(change)} aria-label={`Only this one: ${change.name}, ${title.toLowerCase()}`}>
                only this one
              </Button>
            )}
          </li>
        ))}
      </ul>
      {plan.recipe.steps.length > 0 && plan.changes.length > 0 && (
        <Disclosure lazy summary={`the method of ${title.toLowerCase()}, with what changes`}>
          <PlanMethod view={view} plan={plan} />
        </Disclosure>
      )}
      <div className="mt-1.5 flex flex-wrap gap-1">
        {together(plan.meets).map((verdict) => (
          <State
            key={`${verdict.need.kind}-${verdict.need.index}`}
            tone={verdict.state === 'breaks' ? 'breaks' : verdict.state === 'cannotTell' ? 'check' : 'meets'}
          >
            {avoided > MOST_APART && verdict.need.kind === 'avoid' ? `avoids ${avoided} foods` : needLabel(verdict.need, view.needs, view)}
            {verdict.state === 'likely' && verdict.chance !== undefined
              ? `, likely (${Math.round(verdict.chance * 100)} %)`
              : verdict.state === 'cannotTell'
                ? ', check the label'
                : ''}
          </State>
        ))}
      </div>
    </article>
  );
}

const ChangeText = ({ view, change }: { view: BenchView; change: Change }) => (
  <>
    <strong>
      {change.from ? `${foodName(change.from.foodId, view.core)} › ` : ''}
      {lower(change.name)}
      {change.alternatives ? ` (or ${change.alternatives.map(lower).join(', ')})` : ''}
    </strong>{' '}
    {change.to.some(({ foodId }) => foodId !== change.from?.foodId && view.needs.useFirst?.includes(foodId)) && 'from the larder '}
    {change.why.length > 0 ? `for ${change.why.map((need) => needLabel(need, view.needs, view)).join(', ')}` : 'to keep the pot as full and thick'}.{' '}
    {[...change.work, ...change.cautions].join(' ')}
  </>
);

/** A limit that cannot be judged says which lines stand in the way. */
function whyUnknown({ needs, analysis, recipe }: BenchView, need: NeedRef): string {
  if (need.kind === 'smooth' && needs.blender?.sieve === false)
    return `With ${blenderRow(needs.blender.kind).label} and no fine sieve it cannot be smooth: a sieve does it.`;
  const limit = limitOf(need, needs);
  const missing = limit?.max === undefined ? [] : analysis.perServing[limit.nutrient].missing;
  const lines = [...new Set(missing.map(({ lineId }) => recipe.lines.find(({ id }) => id === lineId)?.text))].filter(Boolean);
  return lines.length > 0
    ? `It cannot be told while something is unknown of ${lines.map((text) => `'${text}'`).join(', ')}: choose the food, or weigh it.`
    : '';
}

const lower = (name: string): string => name.charAt(0).toLowerCase() + name.slice(1);

/** A limit that is met, but with less than the chance asked for, is not told as broken. */
function missedWords({ meets, misses }: Plan, label: (need: NeedRef) => string): string {
  const isUnsure = ({ kind, index }: NeedRef) =>
    meets.some(({ need, state }) => need.kind === kind && need.index === index && (state === 'likely' || state === 'meets'));
  const missed = misses.filter((need) => !isUnsure(need)).map(label);
  const unsure = misses.filter(isUnsure).map(label);
  return [
    missed.length > 0 ? `It misses: ${missed.join(', ')}.` : '',
    unsure.length > 0 ? `It is met less surely than asked: ${unsure.join(', ')}.` : '',
  ]
    .filter(Boolean)
    .join(' ');
}

function Clashing({ view, clash, onTake }: { view: BenchView; clash: NonNullable<AdaptResult['clash']>; onTake: (plan: Plan) => void }) {
  const label = (need: (typeof clash.needs)[number]) => needLabel(need, view.needs, view);
  return (
    <div className="flex flex-col gap-2">
      <Notice tone="check">
        {clash.needs.length === 1
          ? `No combination of swaps meets '${label(clash.needs[0] as NeedRef)}'.`
          : `No combination of swaps meets these together: ${clash.needs.map(label).join(', ')}.`}
        {clash.others?.map((needs) => (
          <span key={needs.map(({ kind, index }) => `${kind}-${index}`).join()} className="block">
            {needs.length === 1 ? `Nor '${label(needs[0] as NeedRef)}' alone.` : `Nor these: ${needs.map(label).join(', ')}.`}
          </span>
        ))}
        {clash.others === undefined && clash.needs.length > 1 && <span className="block">Any of them given up lets the others be met.</span>}
        {clash.needs.map((need) => (
          <span key={`${need.kind}-${need.index}`} className="block">
            {whyUnknown(view, need)}
          </span>
        ))}
        {clash.gaps?.map(({ lineId }) => (
          <span key={lineId} className="block">
            No way is known here for '{view.recipe.lines.find(({ id }) => id === lineId)?.text ?? lineId}': a gap of this catalogue, not of the
            kitchen.
          </span>
        ))}
        {clash.relax.map(({ need, to }) => {
          const limit = limitOf(need, view.needs);
          return limit ? (
            <span key={need.index} className="block">
              With {NUTRIENT_LABELS[limit.nutrient].toLowerCase()} {limit.max !== undefined && to > limit.max ? 'up to' : 'from'}{' '}
              {withUnit(limit.nutrient, to)} it can be done.
            </span>
          ) : null;
        })}
      </Notice>
      {clash.nearest && clash.nearest.changes.length > 0 && (
        <PlanCard view={view} plan={clash.nearest} title="Nearest plan" onTake={() => onTake(clash.nearest as Plan)}>
          <p className="mt-1 text-beet">{missedWords(clash.nearest, label)}</p>
        </PlanCard>
      )}
    </div>
  );
}

/** Bowl size is a lever like a swap; only the cook knows whether the table can have it. */
function BowlSize({ view, bowl, clashes }: { view: BenchView; bowl: NonNullable<AdaptResult['bowl']>; clashes: boolean }) {
  const { recipe, putRecipe } = useBench.getState();
  const resize = () => {
    const { servingGrams: _, ...rest } = recipe;
    putRecipe({ ...rest, servings: Number(bowl.servings.toFixed(2)) });
  };
  return (
    <div className="my-2 flex items-center gap-2 rounded-md bg-oat-deep px-3 py-2">
      <p className="min-w-0 flex-1">
        In bowls of {figure(bowl.servingMl)} ml, {figure(bowl.servings)} from the pot instead of {figure(view.analysis.servings)},{' '}
        {clashes ? 'everything can be met' : 'the soup as it is meets everything'}
        {clashes && (
          <>
            , at a <Word of="distance" /> of {bowl.distance.toFixed(2)}
          </>
        )}
        .
      </p>
      <Button onClick={resize}>Such bowls</Button>
    </div>
  );
}
