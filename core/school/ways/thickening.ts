/** What thickens a soup: its own thickener goes, another brings the same body back, the pot keeps its volume. */
import { meantIn } from '../../food/market.ts';
import { calledInSteps } from '../../method/entry.ts';
import { BLEND_BEANS, offBoil, SIMMER_POTATO, SLAKE } from '../../swap/data/works.ts';
import type { Recipe } from '../../vocabulary/recipe.ts';
import type { Part } from '../parts.ts';
import { amountFor, bodyOf, grams, namesOf, type Put, SAME_BODY, turned } from '../turn.ts';
import { type Answer, none, now, type Soup, way } from '../types.ts';

interface Thickener {
  /** The food the body is solved by, at most so many grams a kilogram of pot. */
  most: number;
  /** What goes in with `amount` of it. */
  put: (amount: number, soup: Soup) => Put[] | null;
  /** A gram of it takes so much of the liquid's room. */
  room: number;
}

const flourOf = ({ shelf }: Soup): string => meantIn(shelf.market, 'flour') ?? 'flour-wheat';
const butterOf = ({ shelf }: Soup): string => meantIn(shelf.market, 'butter') ?? 'butter-unsalted';
const plain =
  (foodId: string, stage: 'simmer' | 'blend' | 'finish', works: Put['works']): Thickener['put'] =>
  (amount) => [{ foods: [{ foodId, grams: amount, stage }], works }];

const THICKENERS: Readonly<Record<string, Thickener>> = {
  // As much butter as flour (common practice).
  roux: {
    most: 80,
    room: 0,
    put: (amount, soup) => [
      {
        foods: [
          { foodId: flourOf(soup), grams: amount, stage: 'finish' },
          { foodId: butterOf(soup), grams: amount, stage: 'finish' },
        ],
        works: [
          {
            text: 'In a small pan melt the butter, stir in the flour and cook 2 minutes without colour; whisk in some of the hot soup, stir it all back and simmer 5 minutes.',
            when: 'finish',
          },
        ],
      },
    ],
  },
  slurry: { most: 45, room: 0, put: plain('cornstarch', 'finish', [SLAKE]) },
  'cream-flour': {
    most: 80,
    room: 0,
    put: (amount, soup) => {
      const cream = soup.parts.creams.find(({ line }) => line.stage === 'finish' || line.stage === 'simmer');
      return cream
        ? [
            {
              of: cream.line.id,
              foods: [
                { foodId: cream.food.id, grams: cream.grams, stage: 'finish' },
                { foodId: flourOf(soup), grams: amount, stage: 'finish' },
              ],
              works: [
                {
                  text: `Whisk the flour into the cold ${cream.food.name.split(',')[0]?.toLowerCase()}, stir in and simmer 5 minutes.`,
                  when: 'finish',
                },
              ],
            },
          ]
        : null;
    },
  },
  potato: { most: 350, room: 1, put: plain('potato', 'simmer', [SIMMER_POTATO]) },
  pulses: { most: 350, room: 1, put: plain('white-beans-canned-drained', 'blend', [BLEND_BEANS]) },
  nuts: {
    most: 120,
    room: 1,
    put: plain('cashews-raw', 'blend', [
      { text: 'Boil the cashews 15 minutes in water and drain them.', when: 'before' },
      { text: 'Blend the cashews with a ladle of the liquid until quite smooth, then add to the pot.', when: 'blend' },
    ]),
  },
  bread: {
    most: 150,
    room: 1,
    put: plain('bread-white', 'simmer', [{ text: 'Simmer the bread in the pot for the last 5 minutes before blending.', when: 'before' }]),
  },
  yolk: {
    most: 60,
    room: 1,
    put: plain('egg-yolk', 'finish', [
      { text: 'Whisk the egg yolk with a ladle of hot soup, stir in off the boil and warm to 71 to 74 C.', when: 'finish' },
    ]),
  },
  cheese: { most: 90, room: 1, put: plain('cheddar', 'finish', [offBoil('cheddar')]) },
};

/** Where nothing but the vegetable thickens, this share of it makes room for another body. */
const MAKES_ROOM = 0.25;

export function thickening(school: string, soup: Soup): Answer {
  const { recipe, parts, shelf } = soup;
  const { thickeners, vegetables, liquids } = parts;
  const has = new Set(thickeners.map((one) => one.school));
  if (has.has(school) || parts.ownThickening.has(school) || (school === 'itself' && has.size === 0)) return now;
  const [liquid] = liquids;
  if (!liquid) return none('There is no liquid in it that could make room.');
  const body = bodyOf(recipe, soup);
  const gone = thickeners.map(({ part }) => part);
  if (school === 'itself') return byItself(soup, liquid, gone, body);
  const row = THICKENERS[school];
  if (!row) return none('');
  const weigh = has.size > 0 ? new Map<string, number>() : lighter(vegetables);
  const gave = has.size > 0 ? 0 : vegetables.reduce((sum, { grams: own }) => sum + own * MAKES_ROOM, 0);
  const left = gone.reduce((sum, part) => sum + (TAKES_ROOM.has(part.food.category) ? part.grams : 0), 0);
  const made = (amount: number): Recipe | null => {
    const put = row.put(amount, soup);
    const poured = liquid.grams + gave + left - amount * row.room;
    return put && poured >= 0
      ? turned(recipe, { gone: gone.map(({ line }) => line.id), weigh: new Map([...weigh, [liquid.line.id, poured]]), put }, shelf)
      : null;
  };
  const most = Math.min((row.most * potOf(parts.pot)) / 1000, row.room > 0 ? (liquid.grams + gave + left) / row.room : Number.POSITIVE_INFINITY);
  if (!made(most)) return none('There is no cream in it to whisk the flour into.');
  const bare = made(0) as Recipe;
  if (bodyOf(bare, soup) >= body - SAME_BODY) return none('Its body is that of its vegetables and its cream: without its thickener it is as thick.');
  const amount = amountFor(body, most, (some) => made(some) as Recipe, soup);
  if (amount === null) return none(`${grams(most)} of it, the most a cook would take, do not bring this body back.`);
  const next = made(amount) as Recipe;
  const [first] =
    row
      .put(amount, soup)
      ?.flatMap(({ foods }) => foods)
      .filter(({ grams: own }) => own === amount) ?? [];
  const name = calledInSteps(shelf.food(first?.foodId ?? '') ?? { name: '' });
  const instead =
    gone.length > 0
      ? gone.every(({ food }) => food.id === first?.foodId)
        ? `The ${name} another way: ${grams(amount)}`
        : `${grams(amount)} ${name} for ${namesOf(gone, shelf)}`
      : `A quarter of the vegetables gives way to ${namesOf([liquid], shelf)}, and ${grams(amount)} ${name} brings the body back`;
  return way(next, `${instead}${school === 'roux' ? ', with as much butter' : ''}.`);
}

/** No more of the liquid gives way, and by no more do the vegetables grow, as shares of themselves. */
const MOST_LESS = 0.6;
const MOST_MORE = 0.6;

/** More of the vegetable for some of the liquid, weight for weight, until the body is what it was. */
function byItself(soup: Soup, liquid: Part, gone: readonly Part[], body: number): Answer {
  const { recipe, parts, shelf } = soup;
  const { vegetables, main } = parts;
  if (!main || gone.length === 0) return none('No vegetable of it could give it body.');
  const left = gone.reduce((sum, part) => sum + (TAKES_ROOM.has(part.food.category) ? part.grams : 0), 0);
  const all = vegetables.filter(({ line }) => !gone.some((part) => part.line.id === line.id)).reduce((sum, { grams: own }) => sum + own, 0);
  const made = (amount: number): Recipe =>
    turned(
      recipe,
      {
        gone: gone.map(({ line }) => line.id),
        weigh: new Map([
          [liquid.line.id, liquid.grams + left - amount],
          ...vegetables
            .filter(({ line }) => !gone.some((part) => part.line.id === line.id))
            .map(({ line, grams: own }) => [line.id, own * (1 + amount / all)] as [string, number]),
        ]),
      },
      shelf,
    );
  if (bodyOf(made(0), soup) >= body - SAME_BODY) return way(made(0), `Without ${namesOf(gone, shelf)}: the vegetables carry it.`);
  const most = Math.min((liquid.grams + left) * MOST_LESS, all * MOST_MORE);
  const amount = amountFor(body, most, made, soup);
  if (amount === null) return none('It would take so much more of its vegetables that it were another soup.');
  return way(
    made(amount),
    `Without ${namesOf(gone, shelf)}; ${grams(amount)} more of the vegetables and as much less ${namesOf([liquid], shelf).replace(/^the /, '')}.`,
  );
}

const lighter = (vegetables: readonly Part[]): Map<string, number> =>
  new Map(vegetables.map(({ line, grams: own }) => [line.id, own * (1 - MAKES_ROOM)]));
const potOf = (pot: readonly Part[]): number => pot.reduce((sum, { grams: own }) => sum + own, 0);
/** Kinds whose going leaves room in the pot; a spoon of flour leaves none. */
const TAKES_ROOM = new Set(['root', 'vegetable', 'pulse', 'nut-seed', 'bread', 'grain', 'egg', 'dairy']);
