/** The notes of one gram of a food, from its composition and the table of judgements. */
import type { Food } from '../vocabulary/food.ts';
import { ACID, BY_CATEGORY, BY_FOOD, TASTED_NOTES, type TastedNote } from './data/flavours.ts';

export type Flavour = Readonly<Record<TastedNote, number>>;

/** A tenth of a gram of sugar is a point of sweet, a hundredth of a gram of acid a point of sour. */
const SUGAR_A_POINT = 0.1;
const ACID_A_POINT = 0.01;

const known = new WeakMap<Food, Flavour>();

/** Points per gram. A sugar content nobody has measured is no sweetness that could be steered by. */
export function flavourOf(food: Food): Flavour {
  let flavour = known.get(food);
  if (!flavour) {
    const judged = BY_FOOD[food.like ?? food.id] ?? BY_CATEGORY[food.category] ?? {};
    const of = (note: TastedNote): number => {
      if (note === 'sweet') return (food.per100g.sugarsG ?? 0) / 100 / SUGAR_A_POINT;
      if (note === 'sour') return (ACID[food.like ?? food.id] ?? 0) / 100 / ACID_A_POINT;
      return judged[note] ?? 0;
    };
    flavour = Object.fromEntries(TASTED_NOTES.map((note) => [note, of(note)])) as Flavour;
    known.set(food, flavour);
  }
  return flavour;
}
