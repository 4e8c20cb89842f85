/** What a text says besides its lines, as lines of the board: words nobody understood, an empty pot, statements of a label. */
import type { BoardLine, CountedLine, Declares } from '../allergen/board.ts';
import { readIngredients } from '../food/ingredients.ts';
import type { Shelf } from '../food/shelf.ts';
import { unknownKind } from '../reading/unknownKind.ts';
import type { Line, Recipe, Stage } from '../vocabulary/recipe.ts';

/** Ids of what was not read and of what is only said, beside those of the lines. */
const UNREAD_ID = 'unread:';
const SAID_ID = 'said:';

const lineOf = (id: string, text: string, stage: Stage = 'simmer'): Line => ({ id, stage, text, foodId: null, grams: null });
const hides = (id: string, text: string): BoardLine => ({ line: lineOf(id, text), food: null });

/** 'Contains: milk' is a fact of the text and 'may contain' its warning; that something is free from it is never taken at its word. */
const DENIES = /\b(?:contains? no|free (?:from|of)|does not contain|without|suitable for|[\p{L}]+-free)\b/iu;

/** Where the food stands that a statement is about: 'cornbread: made with buttermilk' is said of the plate. */
function stageOfSaid(text: string, lines: readonly Line[]): Stage {
  const about = /^([^:]{2,}): made with /.exec(text)?.[1]?.toLowerCase();
  return (about && lines.find((line) => line.text.toLowerCase().includes(about))?.stage) || 'simmer';
}

function says(id: string, text: string, lines: readonly Line[]): BoardLine | null {
  // Only the clause that denies says nothing: 'Gluten-free. Contains milk.' holds milk.
  const read = readIngredients(
    text
      .split(/[.;]/)
      .filter((clause) => !DENIES.test(clause))
      .join('. '),
  );
  return read.contains.length + read.mayContain.length === 0
    ? null
    : { line: lineOf(id, text, stageOfSaid(text, lines)), food: { name: text, ...read } };
}

/** The counted lines with what stands beside them; a food that is not known is judged by its kind, where its words tell one. */
export function withUnread(recipe: Recipe, lines: readonly CountedLine[], shelf: Shelf): readonly BoardLine[] {
  const counted = lines.every(({ food }) => food)
    ? lines
    : lines.map(({ line, food }): BoardLine => ({ line, food: food ?? declaresOfUnknown(line.text, shelf) }));
  const beside: BoardLine[] = (recipe.unread ?? []).map((text, index) => hides(`${UNREAD_ID}${index + 1}`, text));
  const holds = counted.some(({ line }) => line.stage !== 'plate' && line.eaten !== 'removed' && (line.grams === null || line.grams.high > 0));
  // What is unread can hold anything, and so can a pot that nothing is known to be in.
  if (!holds) beside.push(hides(`${UNREAD_ID}pot`, 'Nothing is in the pot'));
  (recipe.statements ?? []).forEach((text, index) => {
    const said = says(`${SAID_ID}${index + 1}`, text, recipe.lines);
    if (said) beside.push(said);
  });
  return beside.length > 0 ? [...counted, ...beside] : counted;
}

const kinds = new WeakMap<Shelf, Map<string, Declares | null>>();
const MOST_KEPT = 500;

/** An unknown food as the board takes it: everything its kind could hold is to be looked up; null where that is all there is. */
function declaresOfUnknown(text: string, shelf: Shelf): Declares | null {
  let known = kinds.get(shelf);
  if (!known || known.size > MOST_KEPT) kinds.set(shelf, (known = new Map()));
  let declares = known.get(text);
  if (declares === undefined) known.set(text, (declares = declare(text, shelf)));
  return declares;
}

function declare(text: string, shelf: Shelf): Declares | null {
  const found = unknownKind(text, shelf);
  if (!found) return null;
  const why = `it is not known which food this is: ${found.kind} may hold it`;
  return {
    name: text,
    contains: [],
    checks: [...found.could].map((allergen) => ({ allergen, why })),
    mayContain: [],
    origins: [],
    dietChecks: [...found.diets].map((diet) => ({ diet, why })),
  };
}
