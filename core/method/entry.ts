/** How what comes in the place of a line enters the pot, as the work that belongs to it says. */
import type { Shelf } from '../food/shelf.ts';
import { tokensOf } from '../reading/match.ts';
import type { Line } from '../vocabulary/recipe.ts';

export interface Work {
  text: string;
  when: 'before' | 'blend' | 'finish';
}

/** A line of the original and what stands in its place; nothing where it is left out. */
export interface Exchange {
  line: Line;
  lines: readonly Line[];
  works: readonly Work[];
}

/**
 * In the place of what goes; in its place, once it is made ('the blended cashews'); before the blender; with the liquid, to simmer along;
 * blended apart and added; slaked after the blender and before any cream; by a sentence of its own; first of all, in the base; made ready
 * first and put in where the old one came last; poured in with the liquid.
 */
export type Entry = 'stead' | 'made' | 'ready' | 'early' | 'pot' | 'blend' | 'slake' | 'own' | 'base' | 'pour';

export const BLENDS_APART = /^Blend\b.*\bwith (?:a ladle|plenty|some) of the (?:liquid|soup)\b/i;
const MADE_APART = /^(?:Blend|Whisk|Stir) the .+ (?:with|into) (?:their|the|its|hot|cold)\b.*\b(?:water|lemon|oil)\b/i;
const ENTERS: readonly (readonly [Entry, RegExp])[] = [
  ['early', /\bin before blending\b/i],
  ['pot', /^Simmer the .+ in the pot\b/i],
  ['slake', /\bslake/i],
  ['blend', BLENDS_APART],
  ['made', MADE_APART],
  ['base', /^(?:Brown|Fry|Toast|Warm|Sweat|Bloom)\b/i],
];
const TASTES = /^(?:Taste|Season)\b/i;

/** The way a piece of work puts something in; null where it makes ready or seasons. */
export function entryBy({ text, when }: Work): Entry | null {
  const found = ENTERS.find(([, said]) => said.test(text));
  return found ? found[0] : when === 'finish' && !isTasting({ text }) ? 'own' : null;
}

export const isTasting = ({ text }: Pick<Work, 'text'>): boolean => TASTES.test(text);

/** What reaches the bowl last keeps its place, and what is browned or toasted for it is made ready before. */
export const isLate = ({ stage }: Line): boolean => stage === 'finish' || stage === 'bowl' || stage === 'plate';

export function entryOf({ line, lines, works }: Exchange): Entry {
  if (lines.length === 0) return 'stead';
  const entry = works.map(entryBy).find((one) => one !== null) ?? 'stead';
  if (entry === 'base' && isLate(line) && line.text !== '') return 'ready';
  return entry;
}

/** Oil and spice that are warmed first and a paste that goes in at the end enter by themselves. */
export function apart(exchange: Exchange): Exchange[] {
  const { line, lines, works } = exchange;
  const warmed = works.filter((work) => entryBy(work) === 'base');
  const first = lines.filter((one) => warmed.some(({ text }) => speaksOf(text, one)));
  const rest = lines.filter((one) => !first.includes(one));
  const others = works.filter((work) => !warmed.includes(work));
  if (first.length === 0 || rest.length === 0 || entryOf({ line, lines: rest, works: others }) === 'stead') return [exchange];
  // What is warmed stands in no place of the old words.
  return [
    { line: { ...line, id: `${line.id}-base`, stage: 'base', text: '' }, lines: first, works: warmed },
    { ...exchange, lines: rest, works: others },
  ];
}

/** What only has to be kept from boiling stands where the old one stood, if nothing boils there. */
export const isGentle = ({ text }: Pick<Work, 'text'>): boolean => /^Stir the .+ in off the boil\b/i.test(text);

/** Nothing but what was there. */
export const isSame = ({ line, lines }: Exchange): boolean => lines.length === 1 && lines[0]?.foodId === line.foodId;
/** Less or more of what was there, treated as it was. */
export const isOnlyWeighed = (exchange: Exchange): boolean => isSame(exchange) && !exchange.lines[0]?.eaten;

/** Whether a piece of work names the food of a line. */
export function speaksOf(text: string, { foodId, text: own }: Line): boolean {
  const name = (foodId ?? own).toLowerCase();
  if (name !== '' && text.toLowerCase().includes(name)) return true;
  const words = new Set(tokensOf(text));
  return tokensOf(name.replace(/-/g, ' ')).some((token) => token.length > 2 && words.has(token));
}

/** A food as a cook calls it: 'White beans, canned, drained' are white beans. */
export function calledInSteps({ name, aliases = [] }: { name: string; aliases?: readonly string[] }): string {
  // 'Clam juice or base' is two names in one; one of its others is one.
  const [first = ''] = name.toLowerCase().split(' ');
  const isTwo = / or /.test(name.replace(/[(,].*$/, ''));
  const one = isTwo ? (aliases.find((alias) => alias.toLowerCase().startsWith(first)) ?? aliases[0] ?? name) : name;
  const plain = one
    .replace(/\s*\([^)]*\)/g, '')
    .replace(/,.*$/, '')
    .trim();
  // Smoked or dried it is another food, and is called so.
  const [treated] = /\b(?:boiled|cooked|rehydrated)\b/i.test(one) ? [] : (/,.*\b(smoked|dried)\b/i.exec(one)?.slice(1) ?? []);
  if (treated && !plain.toLowerCase().includes(treated.toLowerCase()))
    return `${treated.toLowerCase()} ${plain.charAt(0).toLowerCase()}${plain.slice(1)}`;
  return /^\p{Lu}\p{Ll}/u.test(plain) ? plain.charAt(0).toLowerCase() + plain.slice(1) : plain;
}

export const namedLine = (line: Line, shelf: Shelf): string =>
  line.foodId ? calledInSteps(shelf.food(line.foodId) ?? { name: line.text }) : line.text;
