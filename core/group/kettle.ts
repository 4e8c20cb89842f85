/** A soup below the bowl for guests whose needs it meets, and what each of them has on top; asked of the same search that adapts one soup. */
import type { Shelf } from '../food/shelf.ts';
import type { RegimeId } from '../regime/regime.ts';
import { closestPlans } from '../swap/adapt.ts';
import type { Needs } from '../swap/needs.ts';
import type { Plan } from '../swap/plan.ts';
import { methodOf } from '../swap/steps.ts';
import type { Line, Recipe } from '../vocabulary/recipe.ts';
import { differAt } from './differ.ts';
import { mergeNeeds } from './merge.ts';
import { Plainly } from './plainly.ts';
import { isAtTheSeat, withLines } from './plate.ts';
import type { Beside, Guest } from './types.ts';

/** Guests who need the same and have the same beside the bowl. */
export interface NeedSet {
  needs: Needs;
  sides: readonly Beside[] | undefined;
  /** The soup as it is written, with what stands beside it for these guests. */
  served: Recipe;
  guests: Guest[];
  bowls: number;
}

export const bowlsOf = (guests: readonly Guest[]): number => guests.reduce((sum, { bowls = 1 }) => sum + bowls, 0);
export const sorted = (value: unknown): unknown =>
  Array.isArray(value)
    ? value.map(sorted)
    : value && typeof value === 'object'
      ? Object.fromEntries(
          Object.entries(value)
            .filter(([, one]) => one !== undefined)
            .sort(([a], [b]) => (a < b ? -1 : 1))
            .map(([key, one]) => [key, sorted(one)]),
        )
      : value;

/** Asks each question of the search once. */
export class Asking {
  private readonly known = new Map<string, Plan[]>();
  /** Kettles that were found, to be asked again for guests whom they do for as they stand. */
  readonly found: Kettle[] = [];
  readonly plainly: Plainly;
  isLate = false;
  wasCut = false;

  constructor(
    private readonly regime: RegimeId | undefined,
    readonly shelf: Shelf,
    private readonly now: () => number,
    private deadline: number,
    original: Recipe,
  ) {
    this.plainly = new Plainly(original, regime ? { regime } : {}, shelf);
  }

  get left(): number {
    return this.deadline - this.now();
  }

  /** Work that is to leave time for what comes after it: it has this share of what is left. */
  within<T>(share: number, work: () => T): T {
    const { deadline, isLate } = this;
    this.deadline = this.now() + this.left * share;
    const done = work();
    this.deadline = deadline;
    this.isLate = isLate || this.left <= 0;
    return done;
  }

  private readonly standing = new Map<Kettle, Map<NeedSet, Recipe | null>>();

  /** The bowl of a pot as it is, with all that goes on top and beside, for guests whom it does for beyond doubt. */
  asItStands(kettle: Kettle, set: NeedSet): Recipe | null {
    const known = this.standing.get(kettle) ?? new Map<NeedSet, Recipe | null>();
    this.standing.set(kettle, known);
    let bowl = known.get(set);
    if (bowl === undefined) {
      bowl = this.doesFor(set, kettle.pot) ? fullBowl(set, kettle.pot, this.shelf) : null;
      known.set(set, bowl);
    }
    return bowl;
  }

  private readonly laid = new WeakMap<Recipe, { served: Recipe; full: Recipe }[]>();

  /** Whether a pot with all that stands at these seats meets their needs beyond doubt; its method is of no weight in that. */
  doesFor({ needs, served }: NeedSet, pot: Recipe): boolean {
    const known = this.laid.get(pot) ?? [];
    this.laid.set(pot, known);
    let one = known.find((other) => other.served === served);
    if (!one) known.push((one = { served, full: { ...pot, lines: [...pot.lines, ...served.lines.filter(isAtTheSeat)] } }));
    return this.plainly.meets(needs, one.full);
  }

  /** A question that may take so long, ms; where that cut it short, `wasCut` tells. */
  plans(recipe: Recipe, needs: Needs, plans = 1, mostMs = Number.POSITIVE_INFINITY): Plan[] {
    const key = JSON.stringify([recipe.lines, sorted(needs), plans]);
    const found = this.known.get(key);
    if (found) return found;
    if (this.left <= 0) {
      this.isLate = true;
      return [];
    }
    const request = {
      recipe,
      needs: { ...(this.regime ? { regime: this.regime } : {}), ...needs },
      plans,
      timeLimitMs: Math.max(1, Math.min(mostMs, this.left)),
    };
    const result = closestPlans(request, this.shelf, { now: this.now });
    // A list that was cut may lack the one that is looked for.
    if (result.timedOut && mostMs < this.left) this.wasCut ||= result.plans.length < plans;
    else if (result.timedOut && result.plans.length === 0) this.isLate = true;
    this.known.set(key, result.plans);
    return result.plans;
  }
}

/** What is in the pot, without what goes on top and beside. */
export const inThePot = (recipe: Recipe): Recipe =>
  withLines(
    recipe,
    recipe.lines.filter((line) => !isAtTheSeat(line)),
  );
/** Needs that can change what is at the seat: what goes on top always, what stands beside where the plate is judged. */
const isDressed = ({ needs, served }: NeedSet): boolean =>
  served.lines.some(({ stage }) => stage === 'bowl' || (stage === 'plate' && needs.scope === 'plate'));

/** `needs` of a soup with these of its lines as they stand; null where one that has to stay is gone from it. */
export function keeping(needs: Needs, held: readonly Line[], soup: Recipe): Needs | null {
  const there = new Set(soup.lines.map(({ id }) => id));
  if (needs.keepLines?.some((id) => !there.has(id))) return null;
  const keepLines = [...new Set([...(needs.keepLines ?? []), ...held.map(({ id }) => id)])];
  return { ...needs, ...(keepLines.length > 0 ? { keepLines } : {}) };
}

/** One soup below the bowl, and what each set of needs has on top. */
export interface Kettle {
  sets: NeedSet[];
  /** By set, its bowl; for the bowls of the recipe it began with. */
  bowls: Recipe[];
  distance: number;
  /** Below the bowls. */
  pot: Recipe;
}

/** What goes on top and beside is no part of the pot; needs that name it are the seat's. */
export function belowOf({ needs: { keepLines, scope: _, ...needs }, served }: NeedSet): Needs {
  const kept = keepLines?.filter((id) => !served.lines.some((line) => line.id === id && isAtTheSeat(line))) ?? [];
  return { ...needs, ...(kept.length > 0 ? { keepLines: kept } : {}) };
}

/** The soup of a plan with these lines behind its own, its method written for them. */
export function grown(from: Recipe, original: Recipe, lines: Line[], shelf: Shelf): Recipe {
  const written = from.asWritten
    ? { ...from.asWritten, lines: original.lines, steps: original.steps }
    : { lines: original.lines, steps: original.steps, works: [] };
  const steps = original.steps.length > 0 ? methodOf(written, lines, shelf) : [];
  return { ...withLines({ ...from, steps }, lines), ...(from.asWritten ? { asWritten: written } : {}) };
}

/**
 * A soup below the bowl that suits all of them, and what each has on top and beside; null where there is none. What is nearest for some of
 * them and does for the others as it stands is nearest for all, so it is not looked for again.
 */
export function kettleOf(sets: readonly NeedSet[], recipe: Recipe, asking: Asking): Kettle | null {
  const already = joined(sets, asking) ?? searched(sets, recipe, asking);
  if (already) asking.found.push(already);
  return already;
}

/** The largest kettle known for some of them, with the others at it, where it does for them as it stands. */
function joined(sets: readonly NeedSet[], asking: Asking): Kettle | null {
  const candidates = asking.found.filter((kettle) => kettle.sets.every((set) => sets.includes(set))).sort((a, b) => b.sets.length - a.sets.length);
  for (const kettle of candidates) {
    const bowls = sets.map((set) => {
      const at = kettle.sets.indexOf(set);
      return at >= 0 ? (kettle.bowls[at] as Recipe) : asking.asItStands(kettle, set);
    });
    if (bowls.every((bowl) => bowl !== null)) return { sets: [...sets], bowls, distance: kettle.distance, pot: kettle.pot };
  }
  return null;
}

function searched(sets: readonly NeedSet[], recipe: Recipe, asking: Asking): Kettle | null {
  if (sets.some(isDressed)) {
    const below = mergeNeeds(sets.map(belowOf));
    const [pot] = below ? asking.plans(inThePot(recipe), below) : [];
    const bowls = pot && dressed(sets, pot.recipe, asking);
    if (pot && bowls) return { sets: [...sets], bowls, distance: pot.distance, pot: pot.recipe };
  }
  const merged = mergeNeeds(sets.map(({ needs }) => needs));
  if (!merged) return null;
  // What stands beside weighs on the pot where the plate is judged: each of the plates there are is tried as the one to be met.
  const plates = [
    ...new Map(sets.filter(({ needs }) => needs.scope === 'plate').map(({ sides, served }) => [JSON.stringify(sides), served])).values(),
  ];
  for (const served of plates.length > 0 ? plates : [recipe]) {
    const [plan] = asking.plans(served, merged);
    if (!plan) continue;
    const bowls = sets.map((set) => (platesAlike(set.served, served) ? plan.recipe : (dressed([set], inThePot(plan.recipe), asking)?.[0] ?? null)));
    if (bowls.every((bowl) => bowl !== null)) return { sets: [...sets], bowls, distance: plan.distance, pot: inThePot(plan.recipe) };
  }
  return null;
}

const platesAlike = (a: Recipe, b: Recipe): boolean => {
  const plate = ({ lines }: Recipe) => JSON.stringify(lines.filter(({ stage }) => stage === 'plate').map(({ foodId, grams }) => [foodId, grams]));
  return plate(a) === plate(b);
};

/** A pot with all that the soup has on top and beside for these guests. */
function fullBowl({ served }: NeedSet, pot: Recipe, shelf: Shelf): Recipe {
  const atSeat = served.lines.filter(isAtTheSeat);
  return atSeat.length > 0 ? grown(pot, served, [...pot.lines, ...atSeat], shelf) : pot;
}

/** By set, the pot with what goes on top and beside for it; null where a set has no bowl of this pot. */
export function dressed(sets: readonly NeedSet[], pot: Recipe, asking: Asking): Recipe[] | null {
  const bowls: Recipe[] = [];
  for (const set of sets) {
    const full = fullBowl(set, pot, asking.shelf);
    if (!isDressed(set) || asking.doesFor(set, pot)) {
      bowls.push(full);
      continue;
    }
    const asked = keeping(set.needs, pot.lines, full);
    const plan = asked ? asking.plans(full, asked)[0] : undefined;
    const part = plan && differAt(inThePot(plan.recipe), pot);
    if (!plan || part !== null) return null;
    bowls.push(plan.recipe);
  }
  return bowls;
}
