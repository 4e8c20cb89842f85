import { memo } from 'react';
import type { LineSwap } from '../../../core/swap/forLine.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import type { Plan } from '../../../core/swap/plan.ts';
import { Button } from '../../ui/button.tsx';
import { Notice } from '../../ui/state.tsx';
import type { BenchView } from '../bench/view.ts';
import { LineSwaps } from './LineSwaps.tsx';
import { PlanList } from './PlanList.tsx';
import type { Search } from './usePlans.ts';
import { WorkItOut } from './WorkItOut.tsx';

interface Props {
  soupId: string;
  view: BenchView;
  swaps: readonly LineSwap[];
  search: Search;
  plans: number;
  onPlans: (plans: number) => void;
  onUse: (swapId: string) => void;
  onWorkOut: () => void;
  onCancel: () => void;
  onBack: () => void;
  onTake: (plan: Plan) => void;
  onAsk: (needs: Needs) => void;
}

/** Swaps for the line in hand, or whole plans: what could be done, and what it would do. */
export const SwapsPanel = memo(function SwapsPanel({
  view,
  swaps,
  soupId,
  search,
  plans,
  onPlans,
  onUse,
  onWorkOut,
  onCancel,
  onBack,
  onTake,
  onAsk,
}: Props) {
  return (
    <section aria-label="Swaps" className="flex min-h-0 flex-col rounded-xl border border-line bg-card lg:contain-strict" id="swaps" tabIndex={-1}>
      <WorkItOut soupId={soupId} search={search} plans={plans} onPlans={onPlans} onWorkOut={onWorkOut} onCancel={onCancel} onBack={onBack} />
      <div className="relative min-h-0 flex-1 overflow-auto p-3">
        {search.state === 'failed' ? (
          <Notice tone="breaks">
            {search.message}{' '}
            <Button kind="chip" onClick={onWorkOut}>
              Try again
            </Button>
          </Notice>
        ) : search.state === 'idle' ? (
          <LineSwaps view={view} swaps={swaps} onUse={onUse} />
        ) : (
          <PlanList view={view} search={search} onTake={onTake} onAsk={onAsk} />
        )}
      </div>
    </section>
  );
});
