import { ChevronLeft, ChevronRight } from 'lucide-react';
import type { Step } from '../../../core/vocabulary/recipe.ts';
import { Button } from '../../ui/button.tsx';

/** The lines a step speaks of. */
export const linesOfStep = ({ uses = [], mentions = [] }: Step): ReadonlySet<string> => new Set([...uses, ...mentions.map(({ lineId }) => lineId)]);

interface Props {
  steps: readonly Step[];
  inHand: Step | undefined;
  onTake: (stepId: string | null) => void;
}

/** The method a step at a time, under the pot: what a step adds lights up in the pot and among the lines. */
export function StepWalk({ steps, inHand, onTake }: Props) {
  if (steps.length === 0) return null;
  const at = inHand ? steps.indexOf(inHand) : -1;
  const go = (by: number) => onTake(steps[at + by]?.id ?? null);
  return (
    <div className="flex items-center gap-1 pb-1 text-sm">
      <Button kind="quiet" aria-label="Step before" disabled={at < 0} onClick={() => go(-1)}>
        <ChevronLeft size={16} aria-hidden />
      </Button>
      <p role="status" title={inHand?.text} className="line-clamp-2 min-w-0 flex-1 text-center">
        {inHand ? (
          <>
            <span className="text-kale-soft">
              {at + 1} of {steps.length}:
            </span>{' '}
            {inHand.text}
          </>
        ) : (
          <span className="text-kale-soft">step by step: what goes in when</span>
        )}
      </p>
      <Button kind="quiet" aria-label="Next step" disabled={at === steps.length - 1} onClick={() => go(1)}>
        <ChevronRight size={16} aria-hidden />
      </Button>
    </div>
  );
}
