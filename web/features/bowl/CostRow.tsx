import { useState } from 'react';
import type { BenchView } from '../bench/view.ts';
import { PricesDialog } from './PricesDialog.tsx';

/** What a bowl costs, what is not in it, and the way to the prices. */
export function CostRow({ view }: { view: BenchView }) {
  const [open, setOpen] = useState(false);
  const { analysis, original } = view;
  const { cost } = analysis;
  const before = original.analysis.cost;
  const unpriced = cost?.unpricedLineIds.length ?? 0;
  return (
    <>
      {cost ? (
        <span>
          {before && Math.abs(before.value - cost.value) >= 0.005 && <span className="text-kale-soft">{before.value.toFixed(2)} › </span>}
          {cost.value.toFixed(2)} {cost.currency}
          {unpriced > 0 && <span className="text-mustard"> and {unpriced === 1 ? 'a line' : `${unpriced} lines`} without a price</span>}
        </span>
      ) : (
        <span className="text-kale-soft">no prices yet</span>
      )}{' '}
      <button type="button" className="min-h-6 text-sm underline" onClick={() => setOpen(true)}>
        prices
      </button>
      <PricesDialog view={view} open={open} onOpenChange={setOpen} />
    </>
  );
}
