/**
 * The fewest pots for a table: guests whose needs can be met by one soup share it; pots share a base for as long as what goes in suits all,
 * and toppings are a matter of the bowl. Which needs go together is asked of the same search that adapts one soup, so that every pot is a
 * plan of its own, proven as those are.
 */
import { type AnalyseOptions, analyse } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import type { RegimeId } from '../regime/regime.ts';
import { adapt, closestPlans } from '../swap/adapt.ts';
import { needRefs } from '../swap/need.ts';
import type { NeedRef, Needs } from '../swap/needs.ts';
import type { Plan } from '../swap/plan.ts';
import { methodOf } from '../swap/steps.ts';
import { countedLines, type Line, type Recipe, STAGES, type Stage } from '../vocabulary/recipe.ts';
import { differAt, gramsABowl, isAlike } from './differ.ts';
import { explained } from './explain.ts';
import { mergeNeeds } from './merge.ts';
import { partition } from './partition.ts';
import { Plainly } from './plainly.ts';
import { isAtTheSeat, servedTo, withLines } from './plate.ts';
import type { Beside, Guest, Pot, PotChange, PotsProgress, PotsReply, PotsRequest } from './types.ts';

const DEFAULT_TIME_MS = 30_000;
const ALTERNATIVES = 4;
/** One question of how late pots can part: what takes longer is nearly always not to be had, ms. */
const MOST_PARTING_MS = 400;
/** Share of the time for who eats with whom; the rest is for parting as late as can be. */
const FOR_SHARING = 0.6;
const OUT_OF_TIME = 'there was no time left to look for a plan; give it longer, or fewer needs at once';
const stageAt = (stage: Stage): number => STAGES.indexOf(stage);
const BOWL = stageAt('bowl');

/** Guests who need the same and have the same beside the bowl. */
interface NeedSet {
  needs: Needs;
  sides: readonly Beside[] | undefined;
  /** The soup as it is written, with what stands beside it for these guests. */
  served: Recipe;
  guests: Guest[];
  bowls: number;
}

const bowlsOf = (guests: readonly Guest[]): number => guests.reduce((sum, { bowls = 1 }) => sum + bowls, 0);
const sorted = (value: unknown): unknown =>
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
class Asking {
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
const inThePot = (recipe: Recipe): Recipe =>
  withLines(
    recipe,
    recipe.lines.filter((line) => !isAtTheSeat(line)),
  );
/** Needs that can change what is at the seat: what goes on top always, what stands beside where the plate is judged. */
const isDressed = ({ needs, served }: NeedSet): boolean =>
  served.lines.some(({ stage }) => stage === 'bowl' || (stage === 'plate' && needs.scope === 'plate'));

/** `needs` of a soup with these of its lines as they stand; null where one that has to stay is gone from it. */
function keeping(needs: Needs, held: readonly Line[], soup: Recipe): Needs | null {
  const there = new Set(soup.lines.map(({ id }) => id));
  if (needs.keepLines?.some((id) => !there.has(id))) return null;
  const keepLines = [...new Set([...(needs.keepLines ?? []), ...held.map(({ id }) => id)])];
  return { ...needs, ...(keepLines.length > 0 ? { keepLines } : {}) };
}

/** One soup below the bowl, and what each set of needs has on top. */
interface Kettle {
  sets: NeedSet[];
  /** By set, its bowl; for the bowls of the recipe it began with. */
  bowls: Recipe[];
  distance: number;
  /** Below the bowls. */
  pot: Recipe;
}

export function potsFor(
  { recipe, regime, guests, mostPots, together = [], timeLimitMs = DEFAULT_TIME_MS }: PotsRequest,
  shelf: Shelf,
  now: () => number,
  tell: (progress: PotsProgress) => void = () => undefined,
): PotsReply {
  const asking = new Asking(regime, shelf, now, now() + timeLimitMs, recipe);
  const unserved: PotsReply['unserved'] = [];
  const sets = needSets(seatedTogether(guests, together, unserved), recipe, shelf);
  let asked = 0;
  const servable = sets.filter((set) => {
    tell({ phase: 'alone', asked: asked++, of: sets.length });
    if (kettleOf([set], recipe, asking)) return true;
    // What was not looked for in time is no clash.
    const clash = asking.isLate ? { needs: needRefs(set.needs), why: OUT_OF_TIME } : clashOf(set.served, set.needs, regime, shelf, now);
    unserved.push(...set.guests.map(({ seat }) => ({ seat, clash })));
    return false;
  });
  asked = 0;
  const sharing = {
    kettleOf: (some: readonly NeedSet[]) => {
      tell({ phase: 'sharing', asked: asked++ });
      return kettleOf(some, recipe, asking);
    },
    isOver: () => asking.isLate,
  };
  const { kettles, left, optimal, bound } = asking.within(FOR_SHARING, () => partition(servable, sharing, mostPots));
  for (const { guests: those, needs } of left)
    for (const { seat } of those)
      unserved.push({
        seat,
        clash: {
          needs: needRefs(needs),
          why: `at most ${mostPots} ${mostPots === 1 ? 'pot was' : 'pots were'} asked for, and ${optimal ? 'these needs do not go into one of them' : 'no place for these needs was found in one of them'}`,
        },
      });
  tell({ phase: 'parting', asked: 0 });
  const late = splitLate(kettles, recipe, asking);
  const pots = late.flatMap((kettle, at) => potsOf(kettle, at, recipe, regime, shelf));
  const parted = withSplits(pots).map((pot) => ({ ...pot, seats: guests.map(({ seat }) => seat).filter((seat) => pot.seats.includes(seat)) }));
  const base = baseOf(parted);
  const order = parted
    .map((pot, at) => ({ at, strict: avoidedBy(pot, guests), holds: pot.analysis.allergens.filter(({ state }) => state === 'contains').length }))
    .sort((a, b) => b.strict - a.strict || a.holds - b.holds || a.at - b.at)
    .map(({ at }) => at);
  const isProven = optimal && !unserved.some(({ clash }) => clash.why === OUT_OF_TIME);
  return {
    pots: parted,
    base,
    unserved,
    optimal: isProven,
    bound,
    order,
    explains: explained({
      pots: parted,
      base,
      unserved,
      order,
      optimal: isProven,
      isLate: asking.isLate,
      wasCut: asking.wasCut,
      guests,
      regime,
      shelf,
    }),
  };
}

/** Who is to eat from one pot has the needs of all of them; those whose needs contradict each other have none. */
function seatedTogether(guests: readonly Guest[], together: readonly (readonly string[])[], unserved: PotsReply['unserved']): Guest[] {
  return guests.flatMap((guest): Guest[] => {
    const seats = new Set(together.filter((set) => set.includes(guest.seat)).flat());
    const others = guests.filter(({ seat }) => seats.has(seat));
    if (others.length < 2) return [guest];
    const needs = mergeNeeds(others.map((one) => one.needs));
    if (needs) return [{ ...guest, needs }];
    const names = others.map(({ seat }) => seat).join(', ');
    unserved.push({
      seat: guest.seat,
      clash: { needs: needRefs(guest.needs), why: `the needs of ${names} contradict each other, and they are to eat from one pot` },
    });
    return [];
  });
}

function needSets(guests: readonly Guest[], recipe: Recipe, shelf: Shelf): NeedSet[] {
  const sets = new Map<string, NeedSet>();
  const tables = new Map<string, Recipe>();
  for (const guest of guests) {
    const { needs, sides } = guest;
    const key = JSON.stringify([sorted(needs), sides ?? null]);
    const table = JSON.stringify(sides ?? null);
    const served = tables.get(table) ?? servedTo(recipe, sides, shelf);
    tables.set(table, served);
    const set = sets.get(key) ?? { needs: ownNeeds(needs, recipe, sides), sides, served, guests: [], bowls: 0 };
    set.guests.push(guest);
    set.bowls = bowlsOf(set.guests);
    sets.set(key, set);
  }
  return [...sets.values()];
}

/** Who has sides of its own keeps none of the soup's. */
function ownNeeds({ keepLines, ...needs }: Needs, recipe: Recipe, sides: readonly Beside[] | undefined): Needs {
  const kept = sides === undefined ? keepLines : keepLines?.filter((id) => recipe.lines.find((line) => line.id === id)?.stage !== 'plate');
  return { ...needs, ...(kept && kept.length > 0 ? { keepLines: kept } : {}) };
}

const avoidedBy = ({ seats }: Pot, guests: readonly Guest[]): number =>
  new Set(guests.filter(({ seat }) => seats.includes(seat)).flatMap(({ needs }) => [...(needs.allergens ?? []), ...(needs.diets ?? [])])).size;

function clashOf(recipe: Recipe, needs: Needs, regime: RegimeId | undefined, shelf: Shelf, now: () => number): { needs: NeedRef[]; why: string } {
  const { clash } = adapt({ recipe, needs: { ...(regime ? { regime } : {}), ...needs }, plans: 1, timeLimitMs: 5000 }, shelf, { now });
  return { needs: clash?.needs.length ? clash.needs : needRefs(needs), why: 'no plan of this soup meets them together' };
}

/** What goes on top and beside is no part of the pot; needs that name it are the seat's. */
function belowOf({ needs: { keepLines, scope: _, ...needs }, served }: NeedSet): Needs {
  const kept = keepLines?.filter((id) => !served.lines.some((line) => line.id === id && isAtTheSeat(line))) ?? [];
  return { ...needs, ...(kept.length > 0 ? { keepLines: kept } : {}) };
}

/** The soup of a plan with these lines behind its own, its method written for them. */
function grown(from: Recipe, original: Recipe, lines: Line[], shelf: Shelf): Recipe {
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
function kettleOf(sets: readonly NeedSet[], recipe: Recipe, asking: Asking): Kettle | null {
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
function dressed(sets: readonly NeedSet[], pot: Recipe, asking: Asking): Recipe[] | null {
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

/** The same kettles with a shared base that is left as late as their needs allow: tried from the bowl back to the simmer. */
function splitLate(kettles: readonly Kettle[], recipe: Recipe, asking: Asking): Kettle[] {
  if (kettles.length < 2) return [...kettles];
  const bare = inThePot(recipe);
  const merged = kettles.map(({ sets }) => mergeNeeds(sets.map(belowOf)));
  if (merged.some((needs) => needs === null)) return [...kettles];
  const sources = [
    recipe,
    ...kettles.map(({ bowls }) => bowls[0] as Recipe),
    ...merged.flatMap((needs) => asking.plans(bare, needs as Needs, ALTERNATIVES).map((plan) => plan.recipe)),
  ].map(inThePot);
  const tried = new Set<string>();
  for (let stage = BOWL; stage >= 1; stage--)
    for (const from of sources) {
      const held = from.lines.filter((line) => stageAt(line.stage) < stage);
      // What was put in later and is now put in earlier, or the other way, is no base.
      const moved = held.some((line) => {
        const was = recipe.lines.find(({ id }) => id === (line.replaces ?? line.id));
        return !was || stageAt(was.stage) >= stage;
      });
      const key = `${stage} ${JSON.stringify(held.map(({ foodId, grams }) => [foodId, grams?.best]))}`;
      if (held.length === 0 || moved || tried.has(key)) continue;
      tried.add(key);
      const trunk = grown(from, recipe, [...held, ...bare.lines.filter((line) => stageAt(line.stage) >= stage)], asking.shelf);
      const pots: Plan[] = [];
      for (const needs of merged) {
        const asked = keeping(needs as Needs, held, trunk);
        const plan = asked
          ? asking.plans(trunk, asked, ALTERNATIVES, MOST_PARTING_MS).find(({ recipe: own }) => leavesAt(own, trunk) >= stage)
          : undefined;
        // One that cannot leave so late is enough.
        if (!plan) break;
        pots.push(plan);
      }
      if (pots.length < merged.length) continue;
      const bowls = pots.map((plan, at) => dressed((kettles[at] as Kettle).sets, plan.recipe, asking));
      if (bowls.some((list) => list === null)) continue;
      return kettles.map((kettle, at) => ({ ...kettle, bowls: bowls[at] as Recipe[] }));
    }
  return [...kettles];
}

const leavesAt = (a: Recipe, b: Recipe): number => {
  const stage = differAt(a, b);
  return stage === null ? STAGES.length : stageAt(stage);
};

/** A kettle's pots: one for all who have the same on top; sides of a guest's own stand beside a pot and make none. */
function potsOf({ sets, bowls }: Kettle, kettle: number, original: Recipe, regime: RegimeId | undefined, shelf: Shelf): Omit<Pot, 'splitAt'>[] {
  const alike: { recipe: Recipe; sets: NeedSet[]; beside: Pot['beside'] }[] = [];
  const all = sets.map((set, at) => ({ set, bowl: bowls[at] as Recipe }));
  for (const { set, bowl } of all.filter((one) => one.set.sides === undefined)) {
    const same = alike.find((one) => differAt(one.recipe, bowl) === null);
    if (same) same.sets.push(set);
    else alike.push({ recipe: bowl, sets: [set], beside: [] });
  }
  for (const { set, bowl } of all.filter((one) => one.set.sides !== undefined)) {
    const parts = (one: Recipe) => differAt(one, bowl);
    const same = alike.find(({ recipe }) => [null, 'plate'].includes(parts(recipe)));
    const lines = bowl.lines.filter(({ stage }) => stage === 'plate');
    const seats = set.guests.map(({ seat }) => seat);
    const changes = changesOf(onThePlate(set.served), onThePlate(bowl));
    if (same) {
      same.sets.push(set);
      same.beside.push({ seats, lines, changes });
    } else alike.push({ recipe: servedTo(bowl, [], shelf), sets: [set], beside: [{ seats, lines, changes }] });
  }
  return alike.map(({ recipe, sets: own, beside }) => {
    const guests = own.flatMap((set) => set.guests);
    const bowlCount = bowlsOf(guests);
    const cooked = forBowls(recipe, bowlCount);
    const needs = mergeNeeds(own.map((set) => set.needs)) ?? {};
    const options: AnalyseOptions = {
      ...(regime ? { regime } : {}),
      ...(needs.coconutIsTreeNut ? { coconutIsTreeNut: true } : {}),
      ...(needs.chestnutIsTreeNut ? { chestnutIsTreeNut: true } : {}),
    };
    return {
      seats: guests.map(({ seat }) => seat),
      bowls: bowlCount,
      recipe: cooked,
      analysis: analyse(cooked, options, shelf),
      changes: changesOf(
        cooked.lines.some(({ stage }) => stage === 'plate') || beside.length === 0 ? original : servedTo(original, [], shelf),
        cooked,
      ),
      kettle,
      beside,
    };
  });
}

const onThePlate = (recipe: Recipe): Recipe => ({ ...recipe, lines: recipe.lines.filter(({ stage }) => stage === 'plate') });

/** So many bowls of it: pots of one base are one pot until they part, so that what a bowl holds stays the same. */
function forBowls(recipe: Recipe, bowls: number): Recipe {
  const by = bowls / (recipe.servings ?? bowls);
  const scaled = (line: Line): Line =>
    line.perBowl || !line.grams ? line : { ...line, grams: { best: line.grams.best * by, low: line.grams.low * by, high: line.grams.high * by } };
  const { servingGrams: _, asWritten, measuredYieldGrams, yieldMl, ...rest } = recipe;
  return {
    ...rest,
    servings: bowls,
    lines: recipe.lines.map(scaled),
    ...(measuredYieldGrams === undefined ? {} : { measuredYieldGrams: measuredYieldGrams * by }),
    ...(yieldMl === undefined ? {} : { yieldMl: yieldMl * by }),
    ...(asWritten ? { asWritten: { ...asWritten, lines: asWritten.lines.map(scaled) } } : {}),
  };
}

/** What differs from the original, a bowl against a bowl; in grams of this pot. */
function changesOf(original: Recipe, pot: Recipe): PotChange[] {
  const by = (pot.servings ?? 1) / (original.servings ?? 1);
  const toOf = ({ id, foodId, grams }: Line) => ({ lineId: id, foodId, grams: grams?.best ?? 0 });
  const changes = countedLines(original).flatMap((line): PotChange[] => {
    const same = pot.lines.find(({ id }) => id === line.id);
    const from = { foodId: line.foodId, grams: (line.grams?.best ?? 0) * (line.perBowl ? 1 : by) };
    if (same && same.foodId === line.foodId && isAlike(gramsABowl(original, line), gramsABowl(pot, same))) return [];
    const instead = same ? [same] : pot.lines.filter(({ replaces }) => replaces === line.id);
    return [{ lineId: line.id, from, to: instead.map(toOf) }];
  });
  const known = new Set(original.lines.map(({ id }) => id));
  const added = pot.lines.filter(({ id, replaces }) => !known.has(id) && (replaces === undefined || !known.has(replaces)));
  return [...changes, ...added.map((line): PotChange => ({ lineId: null, from: null, to: [toOf(line)] }))];
}

/** Where each leaves the others; the first of those that leave none has none. */
function withSplits(pots: readonly Omit<Pot, 'splitAt'>[]): Pot[] {
  return pots.map((pot, at) => {
    const parts = pots.flatMap((other, place) => (place === at ? [] : [leavesAt(pot.recipe, other.recipe)]));
    const first = Math.min(...parts, STAGES.length);
    return { ...pot, splitAt: STAGES[first] ?? null };
  });
}

function baseOf(pots: readonly Pot[]): PotsReply['base'] {
  const [first] = pots;
  if (!first) return { lineIds: [], stage: null };
  const until = pots.length === 1 ? STAGES.length : Math.min(...pots.map(({ splitAt }) => (splitAt === null ? STAGES.length : stageAt(splitAt))));
  const shared = countedLines(first.recipe).filter((line) => {
    if (stageAt(line.stage) >= Math.min(until, BOWL) || !line.grams) return false;
    return pots.every(({ recipe }) => {
      const same = recipe.lines.find(({ id }) => id === line.id);
      return same?.foodId === line.foodId && isAlike(gramsABowl(first.recipe, line), gramsABowl(recipe, same));
    });
  });
  const last = Math.max(-1, ...shared.map(({ stage }) => stageAt(stage)));
  return { lineIds: shared.map(({ id }) => id), stage: STAGES[last] ?? null };
}
