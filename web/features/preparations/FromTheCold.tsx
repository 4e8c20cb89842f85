import { useMemo } from 'react';
import { standsFor, withLot } from '../../../core/batch/made.ts';
import { useMade } from '../../api/made.ts';
import { dayWords } from '../../kitchen/dayWords.ts';
import { Button } from '../../ui/button.tsx';
import { useBench } from '../bench/store.ts';
import type { BenchView } from '../bench/view.ts';

/** What the house made and has in the cold, offered to a soup that cooks in such a thing. Taken with a press, and taken back by undo. */
export function FromTheCold({ view: { core } }: { view: BenchView }) {
  const { data: made } = useMade();
  const recipe = useBench((state) => state.recipe);
  const offers = useMemo(() => {
    const inIt = new Set((recipe.preparations ?? []).flatMap(({ lotId }) => lotId ?? []));
    return (made ?? [])
      .filter(({ past, id }) => !past && !inIt.has(id))
      .flatMap((lot) => {
        const [line] = standsFor(lot, recipe, core.shelf);
        return line ? [{ lot, line }] : [];
      });
  }, [made, recipe, core]);
  if (offers.length === 0) return null;
  return (
    <ul aria-label="From the cold" className="mx-3 mt-2 flex flex-col gap-1 text-sm">
      {offers.map(({ lot, line }) => {
        const taken = Math.min(lot.left, line.grams?.best ?? 0);
        const name = (core.shelf.food(line.foodId ?? '')?.name ?? line.text).toLowerCase();
        return (
          <li key={lot.id} className="flex flex-wrap items-center gap-2">
            <span>
              In the {lot.keep === 'frozen' ? 'freezer' : 'fridge'}: {lot.preparation.name}, {core.formatGrams(lot.left)}, use by{' '}
              {dayWords(lot.useBy)}
            </span>
            <Button kind="chip" onClick={() => useBench.getState().putRecipe(withLot(recipe, line, lot), line.id)}>
              {core.formatGrams(taken)} for the {name}
            </Button>
          </li>
        );
      })}
    </ul>
  );
}
