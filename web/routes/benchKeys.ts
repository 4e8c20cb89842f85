import { useHotkeys } from 'react-hotkeys-hook';
import type { Plan } from '../../core/swap/plan.ts';
import { useFolded } from '../features/bench/folded.ts';
import { useBench, type useHistory } from '../features/bench/store.ts';
import type { BenchView } from '../features/bench/view.ts';
import type { useLineSwaps } from '../features/swaps/useLineSwaps.ts';
import { plansOf, type usePlans } from '../features/swaps/usePlans.ts';
import { useLetter } from '../kitchen/letterKeys.ts';

interface KeyParts {
  enabled: boolean;
  view: BenchView;
  swaps: ReturnType<typeof useLineSwaps>['swaps'];
  applySwap: (swapId: string) => void;
  plans: ReturnType<typeof usePlans>;
  history: ReturnType<typeof useHistory>;
  take: (plan: Plan) => void;
  workOut: () => void;
  setEditing: (lineId: string | null) => void;
  setDialog: (dialog: 'need' | 'keep' | 'method') => void;
}

/** The keyboard map of the bench; the help lists it. */
export function useBenchKeys({ enabled, view, swaps, applySwap, plans, history, take, workOut, setEditing, setDialog }: KeyParts) {
  const { select } = useBench.getState();
  const inOrder = ['base', 'simmer', 'blend', 'finish', 'bowl', 'plate'].flatMap((stage) =>
    view.recipe.lines.filter((line) => line.stage === stage).map(({ id }) => id),
  );
  const move = (by: number) => {
    const at = inOrder.indexOf(useBench.getState().selected ?? '');
    select(inOrder[Math.min(inOrder.length - 1, Math.max(0, at + by))] ?? null);
  };
  const options = { enabled, preventDefault: true } as const;
  const letters = { enabled };
  const isControl = (target: EventTarget | null) => target instanceof HTMLElement && target.closest('a, button, summary, [role="button"]') !== null;
  useHotkeys('up', () => move(-1), options);
  useHotkeys('down', () => move(1), options);
  useHotkeys('enter', () => setEditing(useBench.getState().selected), {
    ...options,
    ignoreEventWhen: ({ target }) => isControl(target) && !(target as HTMLElement).closest('[data-line]'),
  });
  useHotkeys('delete, backspace', () => useBench.getState().takeOut(useBench.getState().selected ?? ''), options);
  useLetter('s', () => document.getElementById('swaps')?.focus(), letters);
  useLetter('w', workOut, letters);
  useLetter('n', () => setDialog('need'), letters);
  useLetter('k', () => setDialog('keep'), letters);
  useLetter('m', () => setDialog('method'), letters);
  useLetter('f', () => useFolded.getState().fold(), letters);
  useLetter('u', () => history.undo(), letters);
  useLetter('shift+u', () => history.redo(), letters);
  useHotkeys('escape', () => (plans.search.state === 'working' ? plans.cancel() : plans.stop()), options);
  useLetter(
    '1,2,3,4,5,6,7,8,9',
    (event) => {
      const index = Number(event.code.slice(-1)) - 1;
      const { search } = plans;
      const nearest = search.state === 'done' && index === 0 ? search.result.clash?.nearest : undefined;
      const plan = plansOf(search)[index] ?? nearest;
      const swap = search.state === 'idle' ? swaps[index] : undefined;
      if (plan) take(plan);
      else if (swap) applySwap(swap.change.swapId);
    },
    letters,
  );
}
