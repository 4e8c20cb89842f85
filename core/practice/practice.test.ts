/** Rounds of practice: each can be asked without doubt, is marked by the engine, and is the same for the same seed. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { dayAfter } from '../quantity/day.ts';
import type { Needs } from '../swap/needs.ts';
import { ALLERGENS } from '../vocabulary/allergens.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import { NUTRIENTS, nutrientName } from '../vocabulary/nutrient.ts';
import { Chance } from './chance.ts';
import { PACKS } from './data/packs.ts';
import { ENDINGS, PLACES, type PlaceName, PRACTICE_SOUPS } from './data/soups.ts';
import { BOXES, boxAfter } from './repeat.ts';
import { made, marked, roundOf } from './rounds.ts';
import { askedBy, idOf } from './seeds.ts';
import { recipeOf, textOf } from './soup.ts';
import { type Kind, LEVELS, type Level, type Made, type Marked, ROUND_KINDS, type Round } from './types.ts';

const SEEDS = Array.from({ length: 10 }, (_, at) => 1 + at * 7919);
const known = new Map<string, Made>();
/** Each is made once here, whatever is asked of it. */
function rounds(kind: Kind, level: Level): Round[] {
  return SEEDS.map((seed) => {
    const asked = { kind, level, seed };
    const id = idOf(asked);
    const round = known.get(id) ?? made(asked);
    known.set(id, round);
    const { mark: _, topic: __, ...shown } = round;
    return { id, kind, level, ...shown };
  });
}
const mark = ({ id }: Round, answer: unknown): Marked => {
  const result = (known.get(id) as Made).mark(answer);
  if ('wanted' in result) throw new Error(`${id}: ${result.wanted}`);
  return result;
};
const isRight = (round: Round, answer: unknown) => mark(round, answer).right;
const ids = ({ options, recipe }: Round): string[] => (options ?? recipe.lines).map(({ id }) => id);
const subsets = <T>(list: readonly T[]): T[][] =>
  Array.from({ length: 2 ** list.length - 1 }, (_, mask) => list.filter((__, at) => ((mask + 1) >> at) & 1));
/** Lines that decide the guest's needs, by the analysis itself. */
function deciding({ recipe, guest: { needs } }: Round, states: readonly string[]): string[] {
  const { allergens, diets } = analyse(recipe, { regime: needs.regime }, SHELF);
  const because = [
    ...allergens.filter(({ id }) => needs.allergens?.includes(id)).flatMap((one) => one.because),
    ...diets.filter(({ id }) => needs.diets?.includes(id)).flatMap((one) => one.because),
  ];
  return [...new Set(because.filter(({ state }) => states.includes(state)).map(({ lineId }) => lineId))].sort();
}

describe('soups for practice', () => {
  test('read whole, whatever a seed fills their places with: every line a food and its grams', () => {
    for (const soup of PRACTICE_SOUPS) {
      const places = Object.keys(PLACES) as PlaceName[];
      const most = Math.max(...places.map((place) => PLACES[place].length));
      for (let at = 0; at < most; at += 1) {
        const recipe = recipeOf(textOf(soup, (place) => at % PLACES[place].length, ENDINGS[at % ENDINGS.length]));
        const open = recipe.lines.filter(({ foodId, grams }) => foodId === null || grams === null).map(({ text }) => text);
        expect({ soup: soup.title, open, lines: recipe.lines.length }).toEqual({ soup: soup.title, open: [], lines: soup.lines.length });
      }
    }
  });
  test('have a pack for a line of theirs, each pack for one of the ways', () => {
    const ways = Object.values(PLACES).flatMap((list) => list.map(([line]) => line));
    for (const { name, of } of PACKS) expect({ name, has: ways.some((line) => of.test(line)) }).toEqual({ name, has: true });
  });
});

describe('a round', () => {
  test.each(ROUND_KINDS.flatMap((kind) => LEVELS.map((level) => [kind, level] as const)))(
    'of %s at level %d is the same for the same seed, another for others',
    (kind, level) => {
      const all = rounds(kind, level);
      const [first] = all;
      expect(roundOf({ kind, level, seed: SEEDS[0] as number })).toEqual(first);
      expect(new Set(all.map((round) => JSON.stringify({ ...round, id: '' }))).size).toBeGreaterThan(SEEDS.length * 0.6);
      for (const round of all) expect(JSON.stringify(round)).not.toMatch(/"(?:right|answer|topic|mark)":/);
    },
  );
  test('is named by its kind, level and seed, and by nothing else', () => {
    const asked = { kind: 'rank', level: 2, seed: 40 } as const;
    expect(askedBy(idOf(asked))).toEqual(asked);
    for (const none of ['rank-4-1', 'guess-1-1', 'rank-1', 'rank-1-99999999999', '']) expect(askedBy(none)).toBeUndefined();
  });
  test('says what it wants where an answer is none', () => {
    expect(marked({ kind: 'rank', level: 1, seed: 4 }, ['l1'])).toEqual({ wanted: 'the ids of all 3 lines, in their order' });
    expect(marked({ kind: 'estimate', level: 2, seed: 4 }, 'much')).toEqual({ wanted: expect.stringContaining('a number of') });
    expect(marked({ kind: 'find', level: 1, seed: 4 }, 3)).toEqual({ wanted: 'a list of line ids' });
  });
});

describe('find', () => {
  test.each(LEVELS)('at level %d wants the lines the analysis names, all of them and no other', (level) => {
    for (const round of rounds('find', level)) {
      const wanted = deciding(round, level === 3 ? ['contains', 'breaks', 'check'] : ['contains', 'breaks']);
      expect(wanted.length).toBeGreaterThan(0);
      expect(isRight(round, wanted)).toBe(true);
      const other = ids(round).find((id) => !wanted.includes(id)) as string;
      const missing = mark(round, [other]);
      expect([missing.right, missing.because.every(({ path }) => path.length > 1)]).toEqual([false, true]);
      expect(isRight(round, [...wanted, other])).toBe(false);
      // Without doubt: what only a label can tell is asked at the last level alone.
      if (level < 3) expect(deciding(round, ['check', 'mayContain'])).toEqual([]);
    }
  });
});

describe('rank', () => {
  const asked = ({ question }: Round): Nutrient => NUTRIENTS.find((key) => question.includes(`most ${nutrientName(key)} to`)) as Nutrient;
  test.each(LEVELS)('at level %d goes by what the bowl has less of without the line, neighbours well apart', (level) => {
    for (const round of rounds('rank', level)) {
      const nutrient = asked(round);
      const { recipe } = round;
      const whole = analyse(recipe, { regime: 'eu' }, SHELF).perServing[nutrient].value;
      const without = (id: string) =>
        analyse({ ...recipe, lines: recipe.lines.filter((line) => line.id !== id) }, { regime: 'eu' }, SHELF).perServing[nutrient].value;
      const by = new Map(ids(round).map((id) => [id, whole - without(id)]));
      const order = [...ids(round)].sort((a, b) => (by.get(b) as number) - (by.get(a) as number));
      order.slice(1).forEach((id, at) => {
        const before = by.get(order[at] as string) as number;
        expect(before - (by.get(id) as number)).toBeGreaterThan(0.2 * before);
      });
      expect(isRight(round, order)).toBe(true);
      expect(isRight(round, [...order].reverse())).toBe(false);
    }
  });
});

describe('swap', () => {
  test.each(LEVELS)('at level %d has one right option, and nothing in it breaks the need', (level) => {
    for (const round of rounds('swap', level)) {
      const right = (round.options ?? []).filter(({ id }) => isRight(round, id));
      expect({ id: round.id, right: right.length }).toEqual({ id: round.id, right: 1 });
      const [option] = right;
      const needs: Needs = round.guest.needs;
      for (const { foodId } of option?.foods ?? []) {
        const held = SHELF.food(foodId)?.contains.map(({ allergen }) => allergen) ?? [];
        expect(held.filter((id) => needs.allergens?.includes(id))).toEqual([]);
      }
      const { lineId, swapId, grams = 0 } = option as NonNullable<typeof option>;
      expect(isRight(round, { lineId, swapId, grams: grams * 1.1 })).toBe(true);
      expect(isRight(round, { lineId, swapId, grams: grams * 2.5 })).toBe(false);
      const wrong = (round.options ?? []).find(({ id }) => id !== option?.id);
      expect(mark(round, wrong?.id).because.every(({ path }) => path.length > 1)).toBe(true);
    }
  });
});

describe('caution', () => {
  test.each([1, 2] as const)('at level %d has one right option, which the analysis gives at that step', (level) => {
    for (const round of rounds('caution', level)) {
      const right = (round.options ?? []).filter(({ id }) => isRight(round, id));
      expect(right).toHaveLength(1);
      const { notes } = analyse(round.recipe, { regime: 'eu' }, SHELF);
      expect(notes.find(({ code }) => code === right[0]?.code)?.stepIds).toEqual([right[0]?.stepId]);
    }
  });
  test('at level 3 has two, said by their places or by step and code', () => {
    for (const round of rounds('caution', 3)) {
      const right = subsets(ids(round)).filter((set) => isRight(round, set));
      expect(right).toHaveLength(1);
      expect(right[0]).toHaveLength(2);
      const named = (round.options ?? []).filter(({ id }) => right[0]?.includes(id)).map(({ stepId, code }) => ({ stepId, code }));
      expect(isRight(round, named)).toBe(true);
    }
  });
});

describe('label', () => {
  test('at level 1 wants the packs that only can tell', () => {
    for (const round of rounds('label', 1)) {
      expect(deciding(round, ['contains', 'breaks'])).toEqual([]);
      expect(isRight(round, deciding(round, ['check']))).toBe(true);
      expect(isRight(round, ids(round))).toBe(false);
    }
  });
  test.each([2, 3] as const)('at level %d has one set of allergens that is right', (level) => {
    for (const round of rounds('label', level)) {
      expect(ids(round).every((id) => (ALLERGENS as readonly string[]).includes(id))).toBe(true);
      expect(subsets(ids(round)).filter((set) => isRight(round, set))).toHaveLength(1);
    }
  });
});

describe('estimate', () => {
  test('at level 1 has one figure that is right, of four far apart', () => {
    for (const round of rounds('estimate', 1)) expect(ids(round).filter((id) => isRight(round, id))).toHaveLength(1);
  });
  test.each([2, 3] as const)('at level %d takes what is near, and says when it is too much', (level) => {
    for (const round of rounds('estimate', level)) {
      const nutrient = NUTRIENTS.find((key) => round.question.includes(`How much ${nutrientName(key)} is`)) as Nutrient;
      const { value, atLeast } = analyse(round.recipe, { regime: 'eu' }, SHELF).perServing[nutrient];
      expect(atLeast ?? false).toBe(false);
      expect([isRight(round, value), isRight(round, value * 1.15), isRight(round, value * 1.6), isRight(round, value * 0.5)]).toEqual([
        true,
        true,
        false,
        false,
      ]);
      expect(mark(round, value * 3).explains).toContain('too much');
    }
  });
});

describe('what was missed comes back', () => {
  test('the next day, and after twice as long each time it is known, until it is learnt', () => {
    let today = '2027-03-01';
    let boxed = boxAfter(null, false, today);
    const waits: number[] = [];
    while (boxed) {
      waits.push((Date.parse(boxed.due) - Date.parse(today)) / 86_400_000);
      today = boxed.due;
      boxed = boxAfter(boxed, true, today);
    }
    expect(waits).toEqual([...BOXES]);
  });
  test('missed again it starts anew; known before its day nothing is learnt faster', () => {
    const third = { box: 3, due: '2027-03-09' };
    expect(boxAfter(third, false, '2027-03-09')).toEqual({ box: 1, due: '2027-03-10' });
    expect(boxAfter(third, true, dayAfter('2027-03-09', -2))).toEqual(third);
    expect(boxAfter(null, true, '2027-03-01')).toBeNull();
  });
});

test('chance is the same for the same seed, and mixes every order', () => {
  expect(new Chance(5).mixed([1, 2, 3, 4, 5, 6])).toEqual(new Chance(5).mixed([1, 2, 3, 4, 5, 6]));
  const orders = new Set(Array.from({ length: 400 }, (_, seed) => new Chance(seed * 31 + 1).mixed(['a', 'b', 'c']).join('')));
  expect(orders.size).toBe(6);
});
