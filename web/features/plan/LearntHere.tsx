import type { Recipe } from '../../../core/vocabulary/recipe.ts';
import { useLearnt } from '../../api/cook.ts';
import { figure } from '../../kitchen/format.ts';
import { useKitchen } from '../../kitchen/kitchen.ts';

/** By how much what holds this pot up took longer in this kitchen's own batches than by the estimate: told, and reckoned into nothing. */
export function LearntHere({ recipe }: { recipe: Recipe }) {
  const core = useKitchen();
  const { data } = useLearnt();
  const [slowest] = core.slowPotOf(recipe, core.shelf)?.pieces ?? [];
  const learnt = data?.softening.find(({ foodId }) => foodId === slowest?.foodId);
  if (!slowest || !learnt) return null;
  const factor = Number(learnt.factor.toFixed(1));
  return (
    <li>
      In this kitchen the {slowest.name} took {factor === 1 ? 'just about' : `${figure(factor)} times`} as long as that ({learnt.batches}{' '}
      {learnt.batches === 1 ? 'batch' : 'batches'}): some {Math.round(slowest.minutes * learnt.factor)} min.
    </li>
  );
}
