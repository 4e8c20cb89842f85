/** What a sentence does with heat when another food stands in it: 'melt the oil' is 'heat the oil'; a spice and an oil are warmed, not fried crisp. */
import type { Shelf } from '../food/shelf.ts';
import type { Category } from '../vocabulary/category.ts';
import type { Exchange } from './entry.ts';

const WARMED: ReadonlySet<Category> = new Set<Category>(['fat', 'spice', 'herb', 'salt', 'sauce']);
const FLESH: ReadonlySet<Category> = new Set<Category>(['meat', 'fish']);

/** Fats that melt, by their id. */
export const BUTTERY = /butter|ghee|lard|spread/;

export function heated(text: string, { line, lines }: Exchange, names: string, shelf: Shelf): string {
  const kindOf = (foodId: string | null): Category | undefined => shelf.food(foodId ?? '')?.category;
  const kind = kindOf(line.foodId);
  let out = text;
  if ((kind === 'fat' || BUTTERY.test(line.foodId ?? '')) && lines.some(({ foodId }) => /oil/.test(foodId ?? '')))
    out = out
      .replace(/\b([Mm])elt(?=\s+the\b)/, (_, letter: string) => (letter === 'M' ? 'Heat' : 'heat'))
      .replace(BROWNED, '')
      .replace(/\buntil (?:it )?(?:foam\w*|foaming|melted|it has melted)\b/gi, 'until hot');
  const isWarmed = lines.length > 0 && lines.every(({ foodId }) => WARMED.has(kindOf(foodId) ?? 'meat'));
  if (!isWarmed || kind === undefined || !FLESH.has(kind)) return out;
  const clause = new RegExp(String.raw`\b(?:fry|brown|cook|crisp|render|grill|sizzle)\s+${escaped(names)}[^.;,]*`, 'i');
  return out.replace(clause, (all) => `${/^\p{Lu}/u.test(all) ? 'Warm' : 'warm'} ${names} for a minute`);
}

/** Butter is browned by itself until it smells of nuts; oil that browns is burnt. */
const BROWNED =
  /,?\s+(?:and|then)\s+(?:cook|heat|swirl|bubble|simmer|fry|let it (?:cook|bubble))(?:,?\s+(?:it|gently|swirling|stirring|often|occasionally|the pan))*,?\s+(?:until|till)\s+(?:(?:it|is|turns|goes|smells|deep|lightly|a)\s+)*(?:golden[- ])?(?:brown\w*|nutty|nut[- ]brown|hazelnut[- ]brown|golden)(?:\s+and\s+(?:smells\s+)?(?:nutty|fragrant|foaming))?/gi;

const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');
