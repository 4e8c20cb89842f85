/** What stands in the place of a line, in words. */
import type { Category } from '../vocabulary/category.ts';
import type { Line } from '../vocabulary/recipe.ts';
import { type Entry, type Exchange, namedLine, speaksOf, type Work } from './entry.ts';
import type { SpokenLines } from './spokenLines.ts';

/** Goes along with another food, and is not named twice. */
export const BESIDE: ReadonlySet<Category> = new Set<Category>(['fat', 'spice', 'acid', 'salt', 'water', 'herb']);

const isMade = (line: Line, works: readonly Work[], entry: Entry): boolean =>
  works.some(({ text, when }) => (when !== 'before' || entry === 'ready') && speaksOf(text, line));

const MAKES_STOCK: ReadonlySet<Category> = new Set<Category>(['water', 'broth']);

/** What is blended with its water and its lemon goes in as one thing; what its own work puts into the pot is not put in again. */
export function namesOf({ lines, works }: Exchange, entry: Entry, spoken: SpokenLines): string {
  const main = lines.find((one) => isMade(one, works, entry) && one.foodId !== 'water') ?? lines[0];
  if (entry === 'made' && main) return `the blended ${namedLine(main, spoken.shelf)}`;
  if (entry === 'ready' && main) return `the ${namedLine(main, spoken.shelf)}`;
  const isPut = (one: Line) =>
    one.foodId !== 'water' &&
    // 'Leave the tofu in the lemon and salt': the tofu goes in.
    works.some(
      ({ text, when }) =>
        (/\binto the pot\b/i.test(text) || (when === 'before' && one !== lines[0] && /\bleave it in\b/i.test(text))) && speaksOf(text, one),
    );
  const put = lines.filter((one) => !isPut(one) || lines.length === 1);
  return spoken.each(put.length > 0 ? put : lines);
}

/** The words for it when it is spoken of again: without the fat and the spice. */
export function mainOf(exchange: Exchange, entry: Entry, spoken: SpokenLines): string {
  // A cube and its water are the stock once they are in the pot.
  if (
    spoken.kindOf(exchange.line) === 'broth' &&
    exchange.lines.length > 1 &&
    exchange.lines.every((one) => MAKES_STOCK.has(spoken.kindOf(one) ?? 'meat'))
  )
    return 'the stock';
  const main = exchange.lines.filter((one) => !BESIDE.has(spoken.kindOf(one) ?? 'meat'));
  return entry === 'made' || main.length === 0 ? namesOf(exchange, entry, spoken) : spoken.each(main);
}

/** What the first words have and the later ones leave out: the fat and the spice. */
export function besideOf({ lines }: Exchange, names: string, spoken: SpokenLines): string {
  const beside = lines.filter((one) => BESIDE.has(spoken.kindOf(one) ?? 'meat') && names.includes(namedLine(one, spoken.shelf)));
  return beside.length < lines.length ? spoken.each(beside) : '';
}

/** 'Half the stock' is half the water, 'the remaining cream' the remaining oat cream. */
export function sharedOut(said: string, names: string): string {
  const share =
    /^(?:(?:half|most|some|all|both|a little|a few|the rest|rest|the other half)(?:\s+of)?\s+(?=the\b)|(?:\d[\d/.]*|[½¼¾⅓⅔]|an?|one|two|half an?)\s+(?:cups?|ml|l|litres?|pints?|ladles?(?:fuls?)?|tablespoons?|tbsp)\s+of\s+(?=the\b)|the\s+remaining\s+|remaining\s+)/i.exec(
      said,
    )?.[0];
  if (!share) return names;
  return /remaining/i.test(share) ? share + names.replace(/^the\s+/, '') : share + names;
}

/** What goes on a bowl with its oil and its spice is warmed in them first: nobody serves shards of oil. */
export function warmedForTheTop(exchange: Exchange, isStead: boolean, spoken: SpokenLines): Exchange {
  const { line, lines, works } = exchange;
  const of = (kind: Category) => lines.filter((one) => spoken.kindOf(one) === kind);
  const [fats, spices] = [of('fat'), of('spice')];
  const main = lines.filter((one) => !BESIDE.has(spoken.kindOf(one) ?? 'meat'));
  if (line.stage !== 'bowl' || !isStead || fats.length === 0 || main.length === 0) return exchange;
  const spiced = spices.length > 0 ? ` with ${spoken.each(spices)}` : '';
  return { ...exchange, works: [{ text: `Warm ${spoken.each(main)} in ${spoken.each(fats)}${spiced} for a minute.`, when: 'before' }, ...works] };
}
