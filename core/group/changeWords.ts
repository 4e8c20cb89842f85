/** A change of a pot in a few words. */
import type { Shelf } from '../food/shelf.ts';
import type { PotChange } from './types.ts';

export function changeWords({ from, to }: PotChange, shelf: Shelf): string {
  const wholeNameOf = (foodId: string | null): string =>
    (foodId === null ? 'a line without a food' : (shelf.food(foodId)?.name ?? foodId)).toLowerCase();
  const nameOf = (foodId: string | null): string => wholeNameOf(foodId).split(',')[0] ?? '';
  if (!from) return `${to.map(({ foodId }) => nameOf(foodId)).join(' and ')} added`;
  if (to.length === 0) return `${nameOf(from.foodId)} is left out`;
  if (to.length === 1 && to[0]?.foodId === from.foodId) return `${(to[0]?.grams ?? 0) < from.grams ? 'less' : 'more'} ${nameOf(from.foodId)}`;
  // Two kinds of one food are told apart by their whole names: 'vegetable broth (low sodium) for the vegetable broth (ready to use)'.
  const kindOf = (foodId: string | null): string => wholeNameOf(foodId).replace(/, (.*)$/, ' ($1)');
  const name = to.some(({ foodId }) => nameOf(foodId) === nameOf(from.foodId)) ? kindOf : nameOf;
  return `${to.map(({ foodId }) => name(foodId)).join(' and ')} for the ${name(from.foodId)}`;
}
