/** The pots of a table as a colleague would tell them. */
import type { Shelf } from '../food/shelf.ts';
import type { RegimeId } from '../regime/regime.ts';
import { needRefs } from '../swap/need.ts';
import { needLabel } from '../swap/needWords.ts';
import { ALLERGEN_LABELS } from '../vocabulary/allergens.ts';
import { STAGE_LABELS } from '../vocabulary/recipe.ts';
import { changeWords } from './changeWords.ts';
import { plateWords } from './plateWords.ts';
import type { Guest, Pot, PotsReply } from './types.ts';

interface Told extends Pick<PotsReply, 'pots' | 'base' | 'unserved' | 'order' | 'optimal'> {
  /** The time was up before everything was looked for. */
  isLate: boolean;
  /** Some later parting was not looked through. */
  wasCut: boolean;
  guests: readonly Guest[];
  regime: RegimeId | undefined;
  shelf: Shelf;
}

const MOST_CHANGES = 4;

export function explained({ pots, base, unserved, order, optimal, isLate, wasCut, guests, regime, shelf }: Told): string[] {
  const kettles = new Set(pots.map(({ kettle }) => kettle)).size;
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
      const changes = pot.changes.slice(0, MOST_CHANGES).map((change) => changeWords(change, shelf));
      const more = pot.changes.length > MOST_CHANGES ? ` and ${pot.changes.length - MOST_CHANGES} changes more` : '';
      const leaves =
        pot.splitAt === null || pots.length === 1 ? '' : ` It parts from the others at the stage '${STAGE_LABELS[pot.splitAt].toLowerCase()}'.`;
      return `Pot ${at + 1}, ${pot.bowls} ${pot.bowls === 1 ? 'bowl' : 'bowls'}, for ${pot.seats.join(', ')} (${needWords(pot)}): ${changes.length > 0 ? `${changes.join(', ')}${more}` : 'as it is written'}.${leaves}${labelWords(pot)}`;
    }),
    ...(kettles > 1
      ? [`Order of work: ${order.map((at) => `pot ${at + 1}`).join(', then ')}: the strictest first, with a clean blender, ladle and spoon for each.`]
      : []),
    ...(wasCut && kettles > 1 ? ['Whether they could part later still was not looked through: it takes too long.'] : []),
    ...plateWords(pots, guests, regime, shelf),
    ...unserved.map(({ seat, clash }) => `${seat} has no bowl: ${clash.why}.`),
  ];
}
