import { Link } from 'react-router';
import type { BatchSummary, Portions } from '../../contract/types.ts';
import type { DaySetter } from '../../core/batch/stock.ts';
import { ALLERGEN_LABELS } from '../../core/vocabulary/allergens.ts';
import { useBatches, usePortions, useTakePortions } from '../api/cook.ts';
import { ThawPlan } from '../features/cook/ThawPlan.tsx';
import { dayWords as day } from '../kitchen/dayWords.ts';
import { figure } from '../kitchen/format.ts';
import { Button } from '../ui/button.tsx';
import { ScreenTitle } from '../ui/screen.tsx';
import { Notice, State, Waiting } from '../ui/state.tsx';
import { Table, type TableColumn } from '../ui/table.tsx';
import { say } from '../ui/toast.ts';

const SET_BY: Readonly<Record<DaySetter, string>> = {
  regime: 'by the rules',
  common: 'as is common',
  house: 'by the house',
  text: 'by the recipe',
  taste: 'for its taste',
};

const BATCHES: TableColumn<BatchSummary>[] = [
  {
    head: 'Soup',
    isHead: true,
    className: 'py-1.5',
    cell: ({ id, title }) => (
      <Link className="underline decoration-line underline-offset-4" to={`/batches/${id}`}>
        {title}
      </Link>
    ),
  },
  {
    head: 'Begun',
    className: 'py-1.5',
    cell: ({ startedAt }) => new Date(startedAt).toLocaleString(undefined, { dateStyle: 'medium', timeStyle: 'short' }),
  },
  { head: 'Bowls', isFigure: true, className: 'py-1.5', cell: ({ servings }) => figure(servings) },
  { head: 'Entries', isFigure: true, className: 'py-1.5', cell: ({ entries }) => entries },
  { head: 'Put by', isFigure: true, className: 'py-1.5', cell: ({ portioned }) => portioned || '' },
];

const portionColumns = (onTake: (portions: Portions) => void): TableColumn<Portions>[] => [
  {
    head: 'Soup',
    isHead: true,
    className: 'py-1.5',
    cell: ({ batchId, title, count, left, grams }) => (
      <>
        <Link className="underline decoration-line underline-offset-4" to={`/batches/${batchId}`}>
          {title}
        </Link>
        <span className="block text-sm text-kale-soft">
          {left} of {figure(grams)} g{left < count && `, ${count} put by`}
        </span>
      </>
    ),
  },
  { head: 'Kept', className: 'py-1.5', cell: ({ keep, madeOn }) => `${keep}, made ${day(madeOn)}` },
  {
    head: 'Use by',
    className: 'py-1.5',
    cell: ({ useBy, useByFrom, past }) =>
      past ? (
        <State tone="breaks">{day(useBy)}, past: not counted</State>
      ) : (
        <>
          {day(useBy)} <span className="text-sm text-kale-soft">{SET_BY[useByFrom]}</span>
        </>
      ),
  },
  {
    head: 'Contains',
    className: 'py-1.5',
    cell: ({ contains, checks }) => (
      <>
        {contains.map((id) => ALLERGEN_LABELS[id]).join(', ') || 'none shown by the ingredients'}
        {checks.length > 0 && <span className="block text-sm text-mustard">check: {checks.map((id) => ALLERGEN_LABELS[id]).join(', ')}</span>}
      </>
    ),
  },
  {
    head: '',
    className: 'py-1 text-right',
    cell: (portions) => (
      <Button kind="chip" aria-label={`Take one out: ${portions.title}`} onClick={() => onTake(portions)}>
        Take one out
      </Button>
    ),
  },
];

/** What is being cooked and what was, and what stands in the fridge and the freezer of it. */
export function BatchesScreen() {
  const batches = useBatches();
  const portions = usePortions();
  const take = useTakePortions();
  if (batches.isPending || portions.isPending) return <Waiting>Fetching the batches ...</Waiting>;
  const failure = batches.error ?? portions.error ?? take.error;
  const stock = portions.data ?? [];
  const takeOut = ({ id, title, keep }: Portions) => {
    const takeId = crypto.randomUUID();
    take.mutate(
      { entryId: id, takeId, count: 1 },
      {
        onSuccess: () =>
          say(
            keep === 'frozen'
              ? `One portion of ${title} is out: thaw it in the fridge, overnight, and use it within a day.`
              : `One portion of ${title} is out.`,
            {
              label: 'Put it back',
              act: () => take.mutate({ putBack: takeId }),
            },
          ),
      },
    );
  };
  const counted = stock.filter(({ past }) => !past).reduce((sum, { left }) => sum + left, 0);
  return (
    <div className="mx-auto flex w-full max-w-5xl flex-col gap-4 p-4 sm:p-6">
      <ScreenTitle>Batches</ScreenTitle>
      <h1 className="font-title text-3xl">Batches</h1>
      {failure && <Notice tone="breaks">{failure.message}</Notice>}
      <section aria-label="Put by" className="overflow-x-auto rounded-xl border border-line bg-card p-3">
        <h2 className="text-lg">
          Put by: {counted} {counted === 1 ? 'portion' : 'portions'}
        </h2>
        {stock.length === 0 ? (
          <p className="text-kale-soft">Nothing stands in the fridge or the freezer. Portions are put by where a batch is.</p>
        ) : (
          <Table
            caption="Portions, those to use first before the rest"
            columns={portionColumns(takeOut)}
            rows={stock}
            keyOf={({ id }) => id}
            className="w-full"
          />
        )}
      </section>
      {stock.length > 0 && <ThawPlan stock={stock} />}
      <section aria-label="Cooked" className="overflow-x-auto rounded-xl border border-line bg-card p-3">
        <h2 className="text-lg">Cooked</h2>
        {(batches.data ?? []).length === 0 ? (
          <p className="text-kale-soft">
            No batch was begun yet. A soup is cooked from its{' '}
            <Link className="underline" to="/soups">
              plan
            </Link>
            .
          </p>
        ) : (
          <Table caption="Batches, the newest first" columns={BATCHES} rows={batches.data ?? []} keyOf={({ id }) => id} className="w-full" />
        )}
      </section>
      <p className="text-sm text-kale-soft">
        Days are those of the rules of the house, the day of making counted as the first; freezing keeps the taste for some three months. Past its day
        food is thrown away, however it looks; the local code decides.
      </p>
    </div>
  );
}
