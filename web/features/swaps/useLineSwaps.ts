import { useCallback, useEffect, useMemo, useRef } from 'react';
import type { LineSwap } from '../../../core/swap/forLine.ts';
import { putBack } from '../../../core/swap/steps.ts';
import type { Line, Recipe } from '../../../core/vocabulary/recipe.ts';
import { useAfterPaint } from '../../kitchen/useAfterPaint.tsx';
import { useBench } from '../bench/store.ts';
import type { BenchView } from '../bench/view.ts';

/** The line of the original that this one stands for. */
export const replacedBy = (line: Line | undefined, original: Recipe): Line | undefined =>
  line?.replaces ? original.lines.find(({ id }) => id === line.replaces) : undefined;

/** Every swap of a line, ranked by fit; of a line that replaced another, every other swap of that one. */
function swapsOf({ core, recipe, needs, original }: BenchView, lineId: string | null): LineSwap[] {
  const line = recipe.lines.find(({ id }) => id === lineId);
  if (!line) return [];
  const before = replacedBy(line, original.recipe);
  return core.swapsForLine(before ? putBack(recipe, before, core.shelf) : recipe, needs, before?.id ?? line.id, original, core.shelf);
}

/**
 * The swaps of the line in hand. An edit is painted before they are worked out again, so they may be those of a moment
 * ago; `applySwap` therefore works the chosen one out on the soup as it stands.
 */
export function useLineSwaps(view: BenchView): { later: BenchView; swaps: LineSwap[]; applySwap: (swapId: string) => void } {
  const selected = useBench((state) => state.selected);
  const putRecipe = useBench((state) => state.putRecipe);
  const later = useAfterPaint(view);
  const laterSelected = useAfterPaint(selected);
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
