/** Guests into the fewest kettles: in every way while that can be tried, else one after the other, with what is proven of the number. */

/** Guests who need the same, as far as sharing is concerned. */
interface Block {
  bowls: number;
}
interface Shared<Sitters extends Block> {
  sets: Sitters[];
  distance: number;
}

export interface Partition<Sitters extends Block, Kettle extends Shared<Sitters>> {
  kettles: Kettle[];
  /** Those no pot was left for. */
  left: Sitters[];
  /** No fewer kettles do. */
  optimal: boolean;
  /** So many kettles at least, of what was proven. */
  bound: number;
}

/** What the kettles are asked of. `isOver`: the time is up; an answer of null is then no proof that they cannot share. */
export interface Sharing<Sitters extends Block, Kettle extends Shared<Sitters>> {
  kettleOf(sets: readonly Sitters[]): Kettle | null;
  isOver(): boolean;
}

/** Needs that are tried in every way: 3 to this power is what a search over partitions can come to. */
const MOST_EXACT = 14;

/** The fewest kettles, and of those the ones nearest to the original, each bowl counted. Every set can be served by itself. */
export function partition<Sitters extends Block, Kettle extends Shared<Sitters>>(
  sets: readonly Sitters[],
  sharing: Sharing<Sitters, Kettle>,
  mostPots = sets.length,
): Partition<Sitters, Kettle> {
  if (sets.length === 0) return { kettles: [], left: [], optimal: true, bound: 0 };
  const together = sharing.kettleOf(sets);
  if (together) return { kettles: [together], left: [], optimal: true, bound: 1 };
  // Not all of them together, where there was time to look: two at least.
  const quick = oneByOne(sets, sharing, mostPots, sharing.isOver() ? 1 : 2);
  if (sets.length > MOST_EXACT || sharing.isOver()) return quick;
  return inEveryWay(sets, sharing, mostPots, quick) ?? quick;
}

/** Null when the time is up before it is through. */
function inEveryWay<Sitters extends Block, Kettle extends Shared<Sitters>>(
  sets: readonly Sitters[],
  { kettleOf, isOver }: Sharing<Sitters, Kettle>,
  mostPots: number,
  quick: Partition<Sitters, Kettle>,
): Partition<Sitters, Kettle> | null {
  const atLeast = Math.max(2, quick.bound);
  const count = sets.length;
  const known = new Map<number, Kettle | null>();
  const apart: number[] = [];
  const can = (mask: number): Kettle | null => {
    const found = known.get(mask);
    if (found !== undefined) return found;
    // Who cannot share cannot share with more.
    if (apart.some((other) => (other & mask) === other)) {
      known.set(mask, null);
      return null;
    }
    const kettle = kettleOf(sets.filter((_, at) => mask & (1 << at)));
    if (kettle === null && isOver()) return null;
    known.set(mask, kettle);
    if (kettle === null) apart.push(mask);
    return kettle;
  };
  const all = 2 ** count - 1;
  for (let pots = atLeast; pots <= Math.min(mostPots, count); pots++) {
    // What was found one by one is to be beaten.
    const found = quick.left.length === 0 && quick.kettles.length === pots ? quick.kettles : null;
    const best = cheapest(sets, pots, can, (mask) => known.get(mask), isOver, found);
    if (isOver()) return null;
    if (best) return { kettles: best, left: [], optimal: true, bound: pots };
  }
  // Too few pots were asked for: as many bowls as they can serve.
  const bound = Math.max(
    atLeast,
    clique(count, (a, b) => can((1 << a) | (1 << b)) === null && !isOver()),
  );
  const { kettles, served } = mostBowls(all, mostPots, can, sets, isOver);
  return isOver() ? null : { kettles, left: sets.filter((_, at) => !(served & (1 << at))), optimal: true, bound };
}

/** Each to the first kettle that takes it. Where the first of every kettle cannot share with the first of another, no fewer do. */
function oneByOne<Sitters extends Block, Kettle extends Shared<Sitters>>(
  sets: readonly Sitters[],
  { kettleOf, isOver }: Sharing<Sitters, Kettle>,
  mostPots: number,
  atLeast: number,
): Partition<Sitters, Kettle> {
  const kettles: Kettle[] = [];
  for (const set of [...sets].sort((a, b) => b.bowls - a.bowls)) {
    const place = kettles.findIndex((kettle, at) => {
      const joined = kettleOf([...kettle.sets, set]);
      if (joined) kettles[at] = joined;
      return joined !== null;
    });
    if (place >= 0) continue;
    const own = kettleOf([set]);
    if (own) kettles.push(own);
  }
  const founders = kettles.map(({ sets: [first] }) => first as Sitters);
  const isApart = (a: number, b: number) => kettleOf([founders[a] as Sitters, founders[b] as Sitters]) === null && !isOver();
  const proven = new Map<string, boolean>();
  const apart = clique(founders.length, (a, b) => {
    const key = `${a} ${b}`;
    const found = proven.get(key) ?? isApart(a, b);
    proven.set(key, found);
    return found;
  });
  const bound = Math.max(atLeast, apart);
  const bowls = ({ sets: own }: Kettle) => own.reduce((sum, set) => sum + set.bowls, 0);
  const kept = [...kettles].sort((a, b) => bowls(b) - bowls(a)).slice(0, mostPots);
  const served = kept.flatMap(({ sets: own }) => own);
  return { kettles: kept, left: sets.filter((set) => !served.includes(set)), optimal: kettles.length === bound && kept.length === bound, bound };
}

/** The largest set of which no two go together: so many kettles at least. */
function clique(count: number, apart: (a: number, b: number) => boolean): number {
  let best = Math.min(1, count);
  const grow = (chosen: number[], from: number) => {
    best = Math.max(best, chosen.length);
    for (let next = from; next < count && chosen.length + count - next > best; next++)
      if (chosen.every((one) => apart(one, next))) grow([...chosen, next], next + 1);
  };
  grow([], 0);
  return best;
}

/** Distances of two searches agree to this share. */
const ALIKE = 1e-6;

/**
 * The cheapest partition into so many blocks, each bowl at its kettle's distance; null where there is none. One set after another goes to a
 * block, and a branch ends where it cannot become cheaper than what is known: what is asked of two is asked of all in their block, so that no
 * soup for all is nearer to the original than the soup for those two. The time being up, the cheapest so far stands.
 */
function cheapest<Sitters extends Block, Kettle extends Shared<Sitters>>(
  sets: readonly Sitters[],
  pots: number,
  can: (mask: number) => Kettle | null,
  known: (mask: number) => Kettle | null | undefined,
  isOver: () => boolean,
  found: Kettle[] | null,
): Kettle[] | null {
  const bowls = sets.map((set) => set.bowls);
  const alone = sets.map((_, at) => can(1 << at)?.distance ?? Number.POSITIVE_INFINITY);
  /** Two together are as far as the farther of them at least; farther where it was looked. */
  const apart = (a: number, b: number): number => {
    const seen = known((1 << a) | (1 << b));
    return seen === undefined ? Math.max(alone[a] as number, alone[b] as number) : (seen?.distance ?? Number.POSITIVE_INFINITY);
  };
  // The most demanding first: they settle most of the cost.
  const order = sets.map((_, at) => at).sort((a, b) => apart(b, b) * (bowls[b] as number) - apart(a, a) * (bowls[a] as number));
  const costOf = ({ sets: own, distance }: Kettle) => distance * own.reduce((sum, set) => sum + set.bowls, 0);
  let best = found && { kettles: found, cost: found.reduce((sum, kettle) => sum + costOf(kettle), 0) };
  interface Open {
    mask: number;
    members: readonly number[];
    kettle: Kettle;
    bowls: number;
  }
  /** How far the block is with this set at least. */
  const atLeast = ({ members, kettle }: Open, set: number): number =>
    members.reduce((most, member) => Math.max(most, apart(member, set)), kettle.distance);
  const go = (depth: number, blocks: readonly Open[]) => {
    if (isOver()) return;
    const spent = blocks.reduce((sum, block) => sum + block.bowls * block.kettle.distance, 0);
    const set = order[depth];
    if (set === undefined) {
      if (best === null || spent < best.cost * (1 - ALIKE)) best = { kettles: blocks.map(({ kettle }) => kettle), cost: spent };
      return;
    }
    // Each set to come costs what it would in the block that is nearest to it, or in one of its own.
    const toCome = order.slice(depth + 1).reduce((sum, one) => {
      const nearest = blocks.reduce(
        (least, block) => Math.min(least, atLeast(block, one)),
        blocks.length < pots ? apart(one, one) : Number.POSITIVE_INFINITY,
      );
      return sum + (bowls[one] as number) * nearest;
    }, 0);
    const isHopeless = (cost: number) => !Number.isFinite(cost) || (best !== null && cost + toCome >= best.cost * (1 - ALIKE));
    const ways = [
      ...blocks.map((block, at) => {
        const distance = atLeast(block, set);
        return { at, least: spent - block.bowls * block.kettle.distance + (block.bowls + (bowls[set] as number)) * distance };
      }),
      ...(blocks.length < pots ? [{ at: blocks.length, least: spent + (bowls[set] as number) * apart(set, set) }] : []),
    ].sort((a, b) => a.least - b.least);
    for (const { at, least } of ways) {
      if (isHopeless(least)) continue;
      const block = blocks[at];
      const mask = (block?.mask ?? 0) | (1 << set);
      const kettle = can(mask);
      if (!kettle) continue;
      const joined: Open = { mask, members: [...(block?.members ?? []), set], kettle, bowls: (block?.bowls ?? 0) + (bowls[set] as number) };
      go(depth + 1, block ? blocks.map((one, place) => (place === at ? joined : one)) : [...blocks, joined]);
    }
  };
  go(0, []);
  return best?.kettles ?? null;
}

/** So many blocks that serve the most bowls. */
function mostBowls<Sitters extends Block, Kettle extends Shared<Sitters>>(
  all: number,
  pots: number,
  can: (mask: number) => Kettle | null,
  sets: readonly Sitters[],
  isOver: () => boolean,
): { kettles: Kettle[]; served: number } {
  const bowlsIn = (mask: number) => sets.reduce((sum, { bowls }, at) => (mask & (1 << at) ? sum + bowls : sum), 0);
  let best = { kettles: [] as Kettle[], served: 0 };
  const masks = Array.from({ length: all }, (_, at) => at + 1).sort((a, b) => bowlsIn(b) - bowlsIn(a));
  const go = (from: number, kettles: Kettle[], served: number) => {
    if (bowlsIn(served) > bowlsIn(best.served)) best = { kettles, served };
    if (kettles.length === pots || isOver()) return;
    for (let at = from; at < masks.length; at++) {
      const mask = masks[at] as number;
      if (mask & served) continue;
      if (bowlsIn(served) + (pots - kettles.length) * bowlsIn(mask) <= bowlsIn(best.served)) return;
      const kettle = can(mask);
      if (kettle) go(at + 1, [...kettles, kettle], served | mask);
    }
  };
  go(0, [], 0);
  return best;
}
