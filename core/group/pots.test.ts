/** Tables of guests and the pots they need; each claim is checked by analysing the pots anew, and the number by trying every partition. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { adapt } from '../swap/adapt.ts';
import type { Needs } from '../swap/needs.ts';
import { differAt, gramsABowl } from './differ.ts';
import { mergeNeeds } from './merge.ts';
import { potsFor } from './pots.ts';
import type { Guest, PotsReply } from './types.ts';

const now = () => performance.now();
const { recipe: LEEK } = readRecipe(
  'Leek and potato soup\nServes 6\n\nIngredients\n500 g leeks, sliced\n40 g butter\n400 g potatoes, diced\n1 litre vegetable stock\n150 ml double cream\n90 g croutons\n\nMethod\n1. Sweat the leeks in the butter for 10 minutes.\n2. Add the potatoes and the stock and simmer for 20 minutes.\n3. Blend until smooth.\n4. Stir in the cream.\n5. Serve with the croutons.',
  { measures: 'metric' },
  SHELF,
);
const seat = (name: string, needs: Needs, bowls?: number): Guest => ({ seat: name, needs, ...(bowls === undefined ? {} : { bowls }) });
const table = (...guests: Guest[]): PotsReply => potsFor({ recipe: LEEK, guests }, SHELF, now);
const kettles = ({ pots }: PotsReply): number => new Set(pots.map(({ kettle }) => kettle)).size;
const lineOf = (words: RegExp): string => LEEK.lines.find(({ text }) => words.test(text))?.id as string;

describe('guests who are to eat from one pot', () => {
  const milk = seat('A1', { allergens: ['milk'] });
  const celery = seat('A2', { allergens: ['celery'] });
  const free = seat('A3', {});
  test('do, and whoever can joins them', () => {
    const apart = potsFor({ recipe: LEEK, guests: [milk, celery, free] }, SHELF, now);
    const joined = potsFor({ recipe: LEEK, guests: [milk, celery, free], together: [['A1', 'A2']] }, SHELF, now);
    expect(apart.unserved).toEqual([]);
    const pot = joined.pots.find(({ seats }) => seats.includes('A1'));
    expect(pot?.seats).toContain('A2');
    const { allergens } = analyse(pot?.recipe as never, {}, SHELF);
    expect(allergens.filter(({ id }) => id === 'milk' || id === 'celery').map(({ state }) => state)).not.toContain('contains');
  });
  test('have no bowl where their needs contradict each other, and it is said', () => {
    const much = seat('B1', { limits: [{ nutrient: 'energyKcal', per: 'serving', min: 350 }] });
    const little = seat('B2', { limits: [{ nutrient: 'energyKcal', per: 'serving', max: 160 }] });
    const { unserved } = potsFor({ recipe: LEEK, guests: [much, little, free], together: [['B1', 'B2']] }, SHELF, now);
    expect(unserved.map(({ seat: code }) => code)).toEqual(['B1', 'B2']);
    expect(unserved[0]?.clash.why).toContain('contradict each other');
  });
});

describe('needs of one pot', () => {
  test('are those of all: every allergen, the tightest limit', () => {
    expect(
      mergeNeeds([
        { allergens: ['milk'], limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 600 }] },
        { allergens: ['egg', 'milk'], diets: ['vegan'], limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 400 }] },
      ]),
    ).toEqual({ allergens: ['milk', 'egg'], diets: ['vegan'], limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 400 }] });
  });
  test('can contradict each other', () => {
    expect(
      mergeNeeds([
        { limits: [{ nutrient: 'energyKcal', per: 'serving', min: 350 }] },
        { limits: [{ nutrient: 'energyKcal', per: 'serving', max: 160 }] },
      ]),
    ).toBeNull();
    expect(mergeNeeds([{ body: { min: 0.5 } }, { body: { max: 0.25 } }])).toBeNull();
  });
});

describe('a table', () => {
  test('without a need eats the soup as it is written, from one pot', () => {
    const reply = table(seat('A1', {}), seat('A2', {}, 2));
    expect(reply.pots).toMatchObject([{ seats: ['A1', 'A2'], bowls: 3, changes: [], splitAt: null }]);
    expect(reply).toMatchObject({ optimal: true, bound: 1, unserved: [] });
  });

  test('with a guest without milk shares one pot without it', () => {
    const reply = table(seat('A1', { allergens: ['milk'] }), seat('A2', {}));
    expect(kettles(reply)).toBe(1);
    for (const { recipe } of reply.pots)
      expect(analyse(recipe, {}, SHELF).allergens.find(({ id }) => id === 'milk')?.scopes.pot).not.toBe('contains');
  });

  test('is told in the words of its needs, and which labels to read before a seat is served', () => {
    // Cubes of broth hold milk or do not, by the maker (common practice, no source).
    const { explains } = table(
      seat('A1', { allergens: ['milk'] }),
      seat('A2', { limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 400 }], keepLines: [lineOf(/leeks/)] }),
    );
    expect(explains[0]).toBe('One pot serves every seat.');
    expect(explains[1]).toContain('(no milk, sodium to 400 mg, keep leek');
    expect(explains[1]).toContain('Before A1 is served, read the labels for milk.');
    expect(explains.join(' ')).not.toMatch(/(\w[\w ]+) for the \1[,.]/);
  });

  test('with one who keeps the cream and one without milk cooks two, parted as late as the cream goes in', () => {
    const cream = lineOf(/cream/);
    const reply = table(seat('A1', { allergens: ['milk'] }), seat('A2', { keepLines: [cream] }), seat('A3', {}));
    expect(kettles(reply)).toBe(2);
    expect(reply.base.stage).toBe('simmer');
    expect(reply.pots.map(({ splitAt }) => splitAt)).toContain('finish');
    // The base suits everyone who shares it: the butter is gone from both.
    expect(reply.pots.every(({ recipe }) => !recipe.lines.some(({ foodId }) => foodId?.startsWith('butter')))).toBe(true);
    expect(reply.explains.join(' ')).toMatch(/Pot 1.*A1|Pot 2.*A1/);
  });

  test('where only the croutons stand in the way has one pot, and toppings by the bowl', () => {
    const reply = table(seat('A1', { diets: ['glutenFree'] }), seat('A2', { keepLines: [lineOf(/crouton/)] }));
    expect(kettles(reply)).toBe(1);
    expect(reply.pots).toHaveLength(2);
    const [one, two] = reply.pots.map(({ recipe }) => recipe);
    expect(one && two && differAt(one, two)).toBe('bowl');
  });

  test('with needs that contradict each other in one guest says who has no bowl, and serves the rest', () => {
    const reply = table(seat('A1', { allergens: ['milk'], keepLines: [lineOf(/cream/)] }), seat('A2', {}));
    expect(reply.unserved).toMatchObject([{ seat: 'A1', clash: { needs: [{ kind: 'allergen', id: 'milk' }, { kind: 'keep' }] } }]);
    expect(reply.pots.map(({ seats }) => seats)).toEqual([['A2']]);
    expect(reply.explains.join(' ')).toMatch(/A1 has no bowl/);
  });

  test('with fewer pots than it needs serves the most bowls', () => {
    const cream = lineOf(/cream/);
    const guests = [seat('A1', { allergens: ['milk'] }), seat('A2', { keepLines: [cream] }, 5)];
    const reply = potsFor({ recipe: LEEK, guests, mostPots: 1 }, SHELF, now);
    expect(reply.pots.map(({ seats }) => seats)).toEqual([['A2']]);
    expect(reply.unserved.map(({ seat: left }) => left)).toEqual(['A1']);
  });
});

test('of small random tables: every bowl fits its guest on a new analysis, nobody twice, and no partition needs fewer pots', () => {
  const cream = lineOf(/cream/);
  const POOL: Needs[] = [
    {},
    { allergens: ['milk'] },
    { diets: ['vegan'] },
    { diets: ['glutenFree'] },
    { keepLines: [cream] },
    { limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 400 }] },
    { limits: [{ nutrient: 'energyKcal', per: 'serving', min: 260 }] },
  ];
  const shares = new Map<string, boolean>();
  /** Whether these can eat one soup, toppings and all: asked of the search of one soup. */
  const share = (sets: Needs[]): boolean => {
    const key = JSON.stringify(sets);
    const merged = mergeNeeds(sets);
    if (!shares.has(key)) shares.set(key, merged !== null && adapt({ recipe: LEEK, needs: merged, plans: 1 }, SHELF, { now }).plans.length > 0);
    return shares.get(key) as boolean;
  };
  const fewest = (sets: Needs[]): number => {
    const [first, ...rest] = sets;
    if (!first) return 0;
    let best = Number.POSITIVE_INFINITY;
    for (let mask = 0; mask < 1 << rest.length; mask++) {
      const block = [first, ...rest.filter((_, at) => mask & (1 << at))];
      if (share(block)) best = Math.min(best, 1 + fewest(rest.filter((_, at) => !(mask & (1 << at)))));
    }
    return best;
  };
  fc.assert(
    fc.property(fc.uniqueArray(fc.constantFrom(...POOL), { minLength: 1, maxLength: 4 }), (sets) => {
      const guests = sets.map((needs, at) => seat(`A${at + 1}`, needs));
      const reply = potsFor({ recipe: LEEK, guests }, SHELF, now);
      const seats = [...reply.pots.flatMap((pot) => pot.seats), ...reply.unserved.map((one) => one.seat)];
      expect([...seats].sort()).toEqual(guests.map((one) => one.seat));
      expect(kettles(reply)).toBeLessThanOrEqual(fewest(sets.filter((needs) => share([needs]))));
      for (const pot of reply.pots)
        for (const { seat: name, needs } of guests.filter((one) => pot.seats.includes(one.seat))) {
          const analysis = analyse(pot.recipe, {}, SHELF);
          const bad = [
            ...(needs.allergens ?? []).filter((id) => analysis.allergens.find((one) => one.id === id)?.state === 'contains'),
            ...(needs.diets ?? []).filter((id) => analysis.diets.find((one) => one.id === id)?.state === 'breaks'),
            ...(needs.limits ?? []).filter(({ nutrient, min, max }) => {
              const { value } = analysis.perServing[nutrient];
              return value > (max ?? Number.POSITIVE_INFINITY) * 1.005 || value < (min ?? 0) * 0.995;
            }),
            ...(needs.keepLines ?? []).filter((id) => {
              const [was, is] = [LEEK.lines.find((line) => line.id === id), pot.recipe.lines.find((line) => line.id === id)];
              return !was || !is || was.foodId !== is.foodId || Math.abs(gramsABowl(LEEK, was) - gramsABowl(pot.recipe, is)) > 0.1;
            }),
          ];
          expect([name, bad]).toEqual([name, []]);
        }
    }),
    { numRuns: Number(process.env.KIND_LADLE_CASES ?? 12), seed: 4 },
  );
});

describe('a large or a hurried table', () => {
  const limited = (count: number): Guest[] =>
    Array.from({ length: count }, (_, at) => seat(`A${at + 1}`, { limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 900 + at }] }));

  test('of more needs than can be tried in every way loses nobody', () => {
    const guests = limited(33);
    const { pots, unserved } = table(...guests);
    expect([...pots.flatMap(({ seats }) => seats), ...unserved.map(({ seat: code }) => code)].sort()).toEqual(
      guests.map(({ seat: code }) => code).sort(),
    );
    expect(unserved).toEqual([]);
    expect(pots.reduce((sum, { bowls }) => sum + bowls, 0)).toBe(33);
  });

  test('that is out of time is told so, and nothing is told of the soup or proven by it', () => {
    // Every look at the clock is a second later.
    let second = 0;
    const guests = [seat('A1', { allergens: ['milk'] }), seat('A2', { diets: ['vegan'] }), seat('A3', { allergens: ['celery'] }), ...limited(3)];
    const reply = potsFor({ recipe: LEEK, guests, timeLimitMs: 4000 }, SHELF, () => 1000 * second++);
    expect(reply.optimal).toBe(false);
    expect(reply.bound).toBeLessThanOrEqual(1);
    for (const { clash } of reply.unserved) expect(clash.why).toMatch(/time/);
    expect(reply.explains.join(' ')).not.toMatch(/are the fewest|no plan of this soup/);
    expect([...reply.pots.flatMap(({ seats }) => seats), ...reply.unserved.map(({ seat: code }) => code)]).toHaveLength(guests.length);
  });
});
