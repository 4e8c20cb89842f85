/**
 * The fewest pots for a table: guests whose needs can be met by one soup share it; pots share a base for as long as what goes in suits all,
 * and toppings are a matter of the bowl. Which needs go together is asked of the same search that adapts one soup, so that every pot is a
 * plan of its own, proven as those are.
 */
import type { Shelf } from '../food/shelf.ts';
import type { RegimeId } from '../regime/regime.ts';
import { adapt } from '../swap/adapt.ts';
import { needRefs } from '../swap/need.ts';
import type { NeedRef, Needs } from '../swap/needs.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { baseOf, potsOf, withSplits } from './cookedPots.ts';
import { explained } from './explain.ts';
import { Asking, bowlsOf, kettleOf, type NeedSet, sorted } from './kettle.ts';
import { mergeNeeds } from './merge.ts';
import { splitLate } from './parting.ts';
import { partition } from './partition.ts';
import { servedTo } from './plate.ts';
import type { Beside, Guest, Pot, PotsProgress, PotsReply, PotsRequest } from './types.ts';

const DEFAULT_TIME_MS = 30_000;
/** Share of the time for who eats with whom; the rest is for parting as late as can be. */
const FOR_SHARING = 0.6;
const OUT_OF_TIME = 'there was no time left to look for a plan; give it longer, or fewer needs at once';
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
