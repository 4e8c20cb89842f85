/** A line of a recipe in words that read back as the same food and grams. */
import type { Shelf } from '../food/shelf.ts';
import { matchFood } from '../reading/match.ts';
import type { Line, Recipe } from '../vocabulary/recipe.ts';

const known = new WeakMap<Shelf['foods'], Map<string, string | null>>();

/** A name of the food that the reader takes for it and no other; null when it has none. */
export function nameThatReads(foodId: string, shelf: Shelf): string | null {
  let names = known.get(shelf.foods);
  if (!names) known.set(shelf.foods, (names = new Map()));
  const cached = names.get(foodId);
  if (cached !== undefined) return cached;
  const food = shelf.food(foodId);
  const found =
    [...(food?.aliases ?? []), food?.name ?? ''].find((name) => {
      if (name === '' || /[,;()]|\bor\b|\band\b/i.test(name)) return false;
      const match = matchFood(name, shelf);
      return match.kind === 'food' && match.foodId === foodId;
    }) ?? null;
  names.set(foodId, found);
  return found;
}

const rounded = (grams: number): string => String(Number(grams.toPrecision(grams >= 100 ? 5 : 4)));

/** '110 g prepared onion, chopped': edible grams, which the word 'prepared' says where something is trimmed away. */
export function lineWords(line: Line, shelf: Shelf): string {
  const food = line.foodId ? shelf.food(line.foodId) : undefined;
  const name = line.foodId ? nameThatReads(line.foodId, shelf) : null;
  if (!food || !name) return line.text || 'something without a name';
  const prepared = food.edibleShare < 1 ? 'prepared ' : '';
  const amount = line.grams ? `${rounded(line.grams.best)} g ${prepared}${name}` : name;
  return `${amount}${line.optional ? ' (optional)' : ''}`;
}

/** Lines as they are written out: parts stand for their parent, alternatives share a line. */
export function writtenLines(recipe: Recipe, shelf: Shelf): { stage: Line['stage']; text: string; lineIds: string[] }[] {
  const parents = new Set(recipe.lines.flatMap(({ partOf }) => partOf ?? []));
  const done = new Set<string>();
  return recipe.lines.flatMap((line) => {
    if (parents.has(line.id) || (line.choiceOf && done.has(line.choiceOf))) return [];
    if (!line.choiceOf) return [{ stage: line.stage, text: lineWords(line, shelf), lineIds: [line.id] }];
    done.add(line.choiceOf);
    const options = recipe.lines
      .filter(({ choiceOf }) => choiceOf === line.choiceOf)
      .sort((a, b) => Number(b.chosen ?? false) - Number(a.chosen ?? false));
    return [{ stage: line.stage, text: options.map((one) => lineWords(one, shelf)).join(' or '), lineIds: options.map(({ id }) => id) }];
  });
}
