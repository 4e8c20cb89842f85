/** Plans to choose from: two that a table could not tell apart are one, with the other named; and the main change of them differs. */
import { alikeTo, INCIDENTAL, servedTogether } from './data/kinds.ts';
import { isLiquid } from './data/levers.ts';
import { type Model, type Option, partsOf, type Slot } from './model.ts';
import type { Plan } from './plan.ts';
import { fillsUp } from './reasons.ts';
import type { Changes, Leaf } from './search.ts';
import { item } from './solver/linear.ts';

/** Of plans with the same main change, so many are shown. */
const OF_ONE_MAIN = 2;
/** So many sets of choices are passed over for variety before the next best is taken as it is. */
const MOST_PASSED = 6;
/** Grams below which a part is none. */
const NONE = 0.01;

interface Exchange {
  slot: Slot;
  name: string;
  /** What a table would tell it by. */
  key: string;
  grams: number;
}

/** What is exchanged, without more or less of the soup's own liquid: that makes no other soup. */
function exchangesOf(model: Model, { choice, amounts }: Leaf): Exchange[] {
  let part = 0;
  return model.slots.flatMap((slot, index): Exchange[] => {
    const option = item(choice, index);
    const grams = option.parts.map(() => item(amounts.grams, part++));
    if (!option.swap || fillsUp(option)) return [];
    const foods = partsOf([option]).flatMap(({ foods: list }, p) => (item(grams, p) > NONE ? list.map(([{ id }]) => id) : []));
    const told = [...new Set(foods.filter((id) => !INCIDENTAL.has(id)).map(alikeTo))].sort();
    return [
      {
        slot,
        name: option.swap.name,
        key: `${slot.line.id}:${told.join('+')}`,
        grams: Math.max(slot.food ? (slot.line.grams?.best ?? 0) : 0, ...grams),
      },
    ];
  });
}

/** Whether what is taken out of one line is brought in for another: rice for the potato and potato for the cream. */
export function takesAndBrings(model: Model, { choice }: Leaf): boolean {
  const gone = new Set<string>();
  const brought = new Set<string>();
  model.slots.forEach(({ food }, index) => {
    const { swap, parts } = item(choice, index);
    if (!swap) return;
    const ids = parts.flatMap(({ foods }) => foods.map(([{ id }]) => id));
    if (food && !ids.includes(food.id)) gone.add(food.id);
    for (const id of ids) if (id !== food?.id) brought.add(id);
  });
  return [...brought].some((id) => gone.has(id));
}

/**
 * Two lines of a kind with two stand-ins where one serves both: a cook buys one. The changes of the two, or null. What is left out, or only
 * less, stands for nothing.
 */
export function patchwork(model: Model, { choice }: Leaf): Changes | null {
  const changed = model.slots.flatMap((slot, index) => {
    const option = item(choice, index);
    const { food } = slot;
    const told = [...new Set(toldFoods(option))];
    if (!food || !option.swap || told.length === 0 || told.includes(alikeTo(food.id))) return [];
    return [{ slot, food, swap: option.swap, told: told.join('+'), pick: [index, slot.options.indexOf(option)] as const }];
  });
  const offers = ({ options }: Slot, id: string) => options.some(({ swap }) => swap?.id === id);
  for (const [at, one] of changed.entries())
    for (const other of changed.slice(at + 1))
      if (
        one.told !== other.told &&
        one.slot.line.stage === other.slot.line.stage &&
        servedTogether(one.food.like ?? one.food.id, other.food.like ?? other.food.id) &&
        (offers(one.slot, other.swap.id) || offers(other.slot, one.swap.id))
      )
        return [one.pick, other.pick];
  return null;
}

/** What a table would tell of what an option brings. */
const toldFoods = (option: Option): string[] =>
  partsOf([option])
    .flatMap(({ foods }) => foods.map(([{ id }]) => id))
    .filter((id) => !INCIDENTAL.has(id))
    .map(alikeTo);

const signature = (exchanges: readonly Exchange[]): string =>
  exchanges
    .map(({ key }) => key)
    .sort()
    .join('|');
/** The heaviest of what is exchanged, the fat and the stock aside. */
const mainOf = (exchanges: readonly Exchange[]): string =>
  exchanges
    .filter(({ slot: { food } }) => food === null || !(isLiquid(food.id) || food.category === 'fat' || /^butter/.test(food.id)))
    .sort((a, b) => b.grams - a.grams)[0]?.key ?? '';

export class Variety {
  private readonly known = new Map<string, Plan>();
  private readonly mains = new Map<string, number>();
  private passed = 0;

  /** 'new' may be shown; 'alike' is told as an alternative of the plan it is like; 'another' has a main change that is shown already. */
  look(model: Model, leaf: Leaf): 'new' | 'alike' | 'another' {
    const exchanges = exchangesOf(model, leaf);
    const like = this.known.get(signature(exchanges));
    if (like) {
      nameAlternatives(like, exchanges);
      return 'alike';
    }
    const main = mainOf(exchanges);
    if (main === '' || (this.mains.get(main) ?? 0) < OF_ONE_MAIN || this.passed >= MOST_PASSED) return 'new';
    this.passed += 1;
    return 'another';
  }

  /** The set of choices is shown, as this plan. */
  show(model: Model, leaf: Leaf, plan: Plan): void {
    const exchanges = exchangesOf(model, leaf);
    this.known.set(signature(exchanges), plan);
    const main = mainOf(exchanges);
    this.mains.set(main, (this.mains.get(main) ?? 0) + 1);
  }
}

/** 'Olive oil, or rapeseed oil': the swap of the like plan stands beside that of the one shown. */
function nameAlternatives(shown: Plan, exchanges: readonly Exchange[]): void {
  for (const change of shown.changes) {
    const other = exchanges.find(({ slot }) => slot.line.id === change.lineId)?.name;
    if (other && other !== change.name && change.to.length > 0 && !/^(?:Left out|Less )/.test(other))
      change.alternatives = [...new Set([...(change.alternatives ?? []), other])];
  }
}
