/** The pots of a table as a colleague would tell them. */
import type { Shelf } from '../food/shelf.ts';
import { needRefs } from '../swap/need.ts';
import { needLabel } from '../swap/needWords.ts';
import { ALLERGEN_LABELS } from '../vocabulary/allergens.ts';
import { STAGE_LABELS } from '../vocabulary/recipe.ts';
import type { Guest, Pot, PotChange, PotsReply } from './types.ts';

interface Told extends Pick<PotsReply, 'pots' | 'base' | 'unserved' | 'order' | 'optimal'> {
  /** The time was up before everything was looked for. */
  isLate: boolean;
  guests: readonly Guest[];
  shelf: Shelf;
}

const MOST_CHANGES = 4;

export function explained({ pots, base, unserved, order, optimal, isLate, guests, shelf }: Told): string[] {
  const kettles = new Set(pots.map(({ kettle }) => kettle)).size;
  const wholeNameOf = (foodId: string | null): string =>
    (foodId === null ? 'a line without a food' : (shelf.food(foodId)?.name ?? foodId)).toLowerCase();
  const nameOf = (foodId: string | null): string => wholeNameOf(foodId).split(',')[0] ?? '';
  const changeWords = ({ from, to }: PotChange): string => {
    if (!from) return `${to.map(({ foodId }) => nameOf(foodId)).join(' and ')} comes in`;
    if (to.length === 0) return `${nameOf(from.foodId)} is left out`;
    if (to.length === 1 && to[0]?.foodId === from.foodId) return `${(to[0]?.grams ?? 0) < from.grams ? 'less' : 'more'} ${nameOf(from.foodId)}`;
    // Two kinds of one food are told apart by their whole names: 'vegetable broth, low sodium for the vegetable broth'.
    const name = to.some(({ foodId }) => nameOf(foodId) === nameOf(from.foodId)) ? wholeNameOf : nameOf;
    return `${to.map(({ foodId }) => name(foodId)).join(' and ')} for the ${name(from.foodId)}`;
  };
  const seated = (pot: Pot): readonly Guest[] => guests.filter(({ seat }) => pot.seats.includes(seat));
  const needWords = (pot: Pot): string =>
    [
      ...new Set(
        seated(pot).flatMap(({ needs }) =>
          needRefs(needs).map((ref) => needLabel(ref, needs, { recipe: pot.recipe, original: pot, core: { shelf } })),
        ),
      ),
    ].join(', ') || 'nothing special';
  /** What a seat must not have and the ingredients cannot tell: a pot that is not known to hold it is not known to be without it. */
  const labelWords = (pot: Pot): string => {
    const unknown = new Set(pot.analysis.allergens.filter(({ state }) => state === 'check').map(({ id }) => id));
    return seated(pot)
      .map(({ seat, needs }) => ({ seat, ids: (needs.allergens ?? []).filter((id) => unknown.has(id)) }))
      .filter(({ ids }) => ids.length > 0)
      .map(({ seat, ids }) => ` Before ${seat} is served, read the labels for ${ids.map((id) => ALLERGEN_LABELS[id]).join(', ')}.`)
      .join('');
  };
  const shared =
    base.stage !== null
      ? `They share one base up to the stage '${STAGE_LABELS[base.stage].toLowerCase()}'.`
      : isLate
        ? 'No base for them all was found in the time.'
        : 'They share no base: each is begun by itself.';
  const head =
    pots.length === 0
      ? [optimal ? 'Nobody can be served of this soup as it is asked.' : 'The time was up before a pot was found.']
      : kettles === 1
        ? [
            `One pot serves every seat${unserved.length > 0 ? ' that can be served' : ''}${pots.length > 1 ? '; what goes on top differs by the bowl' : ''}.`,
          ]
        : [`${kettles} pots ${optimal ? 'are the fewest' : 'do; whether fewer would is not proven'}. ${shared}`];
  return [
    ...head,
    ...pots.map((pot, at) => {
      const changes = pot.changes.slice(0, MOST_CHANGES).map(changeWords);
      const more = pot.changes.length > MOST_CHANGES ? ` and ${pot.changes.length - MOST_CHANGES} changes more` : '';
      const leaves =
        pot.splitAt === null || pots.length === 1 ? '' : ` It parts from the others at the stage '${STAGE_LABELS[pot.splitAt].toLowerCase()}'.`;
      return `Pot ${at + 1}, ${pot.bowls} ${pot.bowls === 1 ? 'bowl' : 'bowls'}, for ${pot.seats.join(', ')} (${needWords(pot)}): ${changes.length > 0 ? `${changes.join(', ')}${more}` : 'as it is written'}.${leaves}${labelWords(pot)}`;
    }),
    ...(kettles > 1
      ? [`Order of work: ${order.map((at) => `pot ${at + 1}`).join(', then ')}: the strictest first, with a clean blender, ladle and spoon for each.`]
      : []),
    ...unserved.map(({ seat, clash }) => `${seat} has no bowl: ${clash.why}.`),
  ];
}
