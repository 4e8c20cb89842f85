/** What is to be told of what stands beside the bowls and is put on at the table. */
import { type Analysis, analyse } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import type { RegimeId } from '../regime/regime.ts';
import { ALLERGEN_LABELS } from '../vocabulary/allergens.ts';
import { countedLines, type Recipe } from '../vocabulary/recipe.ts';
import { changeWords } from './changeWords.ts';
import { bowlAndPlate } from './matrix.ts';
import { withLines } from './plate.ts';
import type { Guest, Pot } from './types.ts';

/** The pot as it is served at a seat, with the sides that stand there. */
export function asServed(
  { recipe, beside }: { recipe: Recipe; beside: readonly { seats: readonly string[]; lines: Recipe['lines'] }[] },
  seat: string,
): Recipe {
  const own = beside.find(({ seats }) => seats.includes(seat));
  return own ? withLines(recipe, [...recipe.lines.filter(({ stage }) => stage !== 'plate'), ...own.lines]) : recipe;
}

export function plateWords(pots: readonly Pot[], guests: readonly Guest[], regime: RegimeId | undefined, shelf: Shelf): string[] {
  const house = regime ? { regime } : {};
  const analyses = new Map<string, Analysis>();
  const analysed = (recipe: Recipe, needs: Guest['needs']): Analysis => {
    const options = { ...house, coconutIsTreeNut: needs.coconutIsTreeNut, chestnutIsTreeNut: needs.chestnutIsTreeNut };
    const key = JSON.stringify([recipe.lines, recipe.servings, options]);
    const known = analyses.get(key) ?? analyse(recipe, options, shelf);
    analyses.set(key, known);
    return known;
  };
  const changed = pots.flatMap(({ beside }) =>
    beside.flatMap(({ seats, changes }) =>
      changes.length === 0 ? [] : [`Beside the bowl of ${seats.join(', ')}: ${changes.map((change) => changeWords(change, shelf)).join(', ')}.`],
    ),
  );
  const broken = new Map<string, string[]>();
  for (const pot of pots)
    for (const { seat, needs } of guests.filter((guest) => pot.seats.includes(guest.seat))) {
      const served = asServed(pot, seat);
      const { state, plate } = served.lines.some(({ stage }) => stage === 'plate')
        ? bowlAndPlate({ ...house, ...needs }, served, analysed(served, needs), shelf)
        : { state: 'fits', plate: undefined };
      if (!plate) continue;
      const why = plate.reasons.map(({ need, because }) => `${need}${because.length > 0 ? ` (${because.join(', ')})` : ''}`).join('; ');
      const words = `${state === 'fits' ? 'in the bowl yes, with' : 'with'} what stands beside it ${plate.state === 'breaks' ? 'no' : 'it cannot be told'}: ${why}`;
      broken.set(words, [...(broken.get(words) ?? []), seat]);
    }
  return [...changed, ...[...broken].map(([words, seats]) => `${seats.join(', ')}: ${words}.`), ...tasteWords(pots, house, shelf)];
}

/** What is put on by taste has no weight, so no figure counts it: told with what it holds, never hidden. */
function tasteWords(pots: readonly Pot[], house: { regime?: RegimeId }, shelf: Shelf): string[] {
  const told = new Set<string>();
  for (const { recipe } of pots)
    for (const line of countedLines(recipe).filter(({ stage, grams }) => stage === 'bowl' && grams === null)) {
      const name = (line.foodId === null ? undefined : shelf.food(line.foodId)?.name) ?? line.text;
      const { allergens } = analyse({ title: name, servings: 1, lines: [line], steps: [] }, house, shelf);
      const of = (state: 'contains' | 'check') => allergens.filter((row) => row.state === state).map(({ id }) => ALLERGEN_LABELS[id].toLowerCase());
      const [holds, open] = [of('contains'), of('check')];
      const what = [...(holds.length > 0 ? [`holds ${holds.join(', ')}`] : []), ...(open.length > 0 ? [`check ${open.join(', ')}`] : [])].join('; ');
      told.add(`${name}${what ? ` (${what})` : ''}`);
    }
  return told.size === 0 ? [] : [`By taste at the table, and counted in no figure: ${[...told].join(', ')}.`];
}
