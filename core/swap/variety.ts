/** Plans to choose from: two that a table could not tell apart are one, with the other named; and the main change of them differs. */
import { alikeTo, INCIDENTAL } from './data/kinds.ts';
import { isLiquid } from './data/levers.ts';
import type { Change, Plan } from './plan.ts';

/** Of plans with the same main change, so many are shown. */
const OF_ONE_MAIN = 2;
/** So many sets of choices are passed over for variety before the next best is taken as it is. */
const MOST_PASSED = 60;

const foodsOf = ({ to }: Change): string =>
  [
    ...new Set(
      to
        .map(({ foodId }) => foodId)
        .filter((id) => !INCIDENTAL.has(id))
        .map(alikeTo),
    ),
  ]
    .sort()
    .join('+');
/** The soup's own liquid, more or less of it, makes no other soup. */
const isOfLiquid = ({ from, to }: Change): boolean => from !== null && isLiquid(from.foodId) && to.every(({ foodId }) => foodId === from.foodId);
const told = ({ changes }: Pick<Plan, 'changes'>): Change[] => changes.filter((change) => !isOfLiquid(change));
const keyOf = (change: Change): string => `${change.lineId ?? change.swapId}:${foodsOf(change)}`;
const signature = (plan: Pick<Plan, 'changes'>): string => told(plan).map(keyOf).sort().join('|');

/** The heaviest of what is exchanged, the fat and the stock aside. */
function mainOf(plan: Pick<Plan, 'changes'>): string {
  const weight = ({ from, to }: Change) => Math.max(from?.grams ?? 0, ...to.map(({ grams }) => grams));
  const heavy = told(plan).filter(({ from }) => from === null || !(isLiquid(from.foodId) || /butter|oil|lard|-fat$/.test(from.foodId)));
  const [main] = heavy.sort((a, b) => weight(b) - weight(a));
  return main ? keyOf(main) : '';
}

export class Variety {
  private readonly known = new Map<string, Plan>();
  private readonly mains = new Map<string, number>();
  private passed = 0;

  /** 'new' is to be shown; 'alike' is told as an alternative of the plan it is like; 'another' has a main change that is shown already. */
  take(plan: Plan): 'new' | 'alike' | 'another' {
    const like = this.known.get(signature(plan));
    if (like) {
      nameAlternatives(like, plan);
      return 'alike';
    }
    const main = mainOf(plan);
    const shown = this.mains.get(main) ?? 0;
    if (main !== '' && shown >= OF_ONE_MAIN && this.passed < MOST_PASSED) {
      this.passed += 1;
      return 'another';
    }
    this.known.set(signature(plan), plan);
    this.mains.set(main, shown + 1);
    return 'new';
  }
}

/** 'Olive oil, or rapeseed oil': the swap of the like plan stands beside that of the one shown. */
function nameAlternatives(shown: Plan, like: Plan): void {
  for (const change of shown.changes) {
    const other = like.changes.find(({ lineId, swapId }) => lineId === change.lineId && swapId !== change.swapId);
    if (!other || other.name === change.name) continue;
    change.alternatives = [...new Set([...(change.alternatives ?? []), other.name])];
  }
}
