/** What goes when a food goes: the fat it gave, the stock of its shells, what was done to the whole of it. */
import { tokensOf } from '../reading/match.ts';
import type { Category } from '../vocabulary/category.ts';
import type { Line } from '../vocabulary/recipe.ts';
import type { Draft, Drafts } from './drafts.ts';
import { type Exchange, isSame } from './entry.ts';
import { FATTY, IN_ITS_FAT, ITS_BONE, ITS_FAT, LIQUOR, MOST_SPOKEN, OUT_OF_SHELLS } from './leftovers.ts';
import { mentionsOf } from './mention.ts';
import type { SpokenLines } from './spokenLines.ts';
import { removeAt, tidied } from './text.ts';

/** A sentence that cooks shells for their stock. */
const SHELL_STOCK =
  /(?<=^|[.!]\s+)[^.!]*\b(?:simmer|boil|cover|roast|toast|fry|saut\w+|brown|cook)\b[^.!]*\b(?<!pasta )shells\b[^.!]*(?:[.!](?=\s|$)|$)|(?<=^|[.!]\s+)[^.!]*\b(?<!pasta )shells\b[^.!]*\b(?:simmer|boil|stock)\b[^.!]*(?:[.!](?=\s|$)|$)/gi;
const LIQUIDS: ReadonlySet<Category> = new Set<Category>(['water', 'broth']);
const GOES_WITH_IT: ReadonlySet<Category> = new Set<Category>([...LIQUIDS, 'fat', 'alcohol']);
/** Cooked in water and strained, and nothing else said. */
const STRAINED = /\bwater\b.*\bstrain/is;

/** A stock of the shells of what is gone is not made: where it was poured in goes the water it would have been made with. */
export function dropItsShells({ list }: Drafts, { line, lines }: Exchange, spoken: SpokenLines): void {
  const isShellfish = (one: Line) => spoken.kindOf(one) === 'shellfish';
  if (!isShellfish(line) || lines.some(isShellfish)) return;
  const own = [...spoken.of(line).heads].map((head) => `${head}s?`).join('|');
  const stock = new RegExp(`\\b(?:the\\s+)?(?:${own || 'shellfish'}|shell|shellfish)\\s+(?:stock|broth|liquor)\\b`, 'i');
  for (const [at, draft] of list.entries()) {
    const left = draft.text.replace(SHELL_STOCK, '');
    if (left === draft.text) continue;
    draft.text = tidied(left);
    const isLost = (one: Line) => draft.uses.includes(one.id) && !spoken.isNamed(draft.text, one);
    const poured = spoken.original.filter((one) => isLost(one) && GOES_WITH_IT.has(spoken.kindOf(one) ?? 'meat') && !one.eaten);
    // 'Fry the shells in oil. Add water, cook 15 minutes and strain': no stock is made of nothing.
    const next = list[at + 1];
    if (next && STRAINED.test(next.text) && !poured.some((one) => LIQUIDS.has(spoken.kindOf(one) ?? 'meat'))) {
      const inIt = spoken.original.filter(({ id }) => next.uses.includes(id));
      poured.push(...inIt.filter((one) => LIQUIDS.has(spoken.kindOf(one) ?? 'meat')));
      const rest = inIt.filter((one) => !LIQUIDS.has(spoken.kindOf(one) ?? 'meat'));
      next.text = rest.length > 0 ? `Add ${spoken.each(rest)}.` : '';
      next.uses = rest.map(({ id }) => id);
    }
    const moved = new Set([...poured, ...(isLost(line) ? [line] : [])].map(({ id }) => id));
    const later = list.find(({ text }, next) => next > at && stock.test(text));
    if (later) {
      later.text = tidied(later.text.replace(stock, spoken.each(poured)).replace(/\band (?=to\b)/g, ''));
      later.uses.push(...poured.map(({ id }) => id));
    } else if (poured.length > 0) draft.text = `${draft.text} Add ${spoken.each(poured)}.`.trim();
    draft.uses = draft.uses.filter((id) => !moved.has(id) || (!later && id !== line.id));
  }
}

/** Fat of bacon that is no longer fried is neither kept nor poured off. */
export function dropItsFat({ list }: Drafts, exchange: Exchange, spoken: SpokenLines): void {
  const isMeat = (line: Line) => FATTY.has(spoken.kindOf(line) ?? 'water');
  const { line } = exchange;
  if (!isMeat(line) || isSame(exchange) || spoken.original.some((other) => other.id !== line.id && !spoken.changed.has(other.id) && isMeat(other)))
    return;
  for (const draft of list)
    draft.text = tidied(
      draft.text
        .replace(ITS_FAT, (all) => (/^,?\s+(?:and|then)\b/.test(all) ? '. ' : ''))
        .replace(ITS_BONE, '')
        .replace(IN_ITS_FAT, (all) => (/^I/.test(all) ? 'In the pot' : 'in the pot')),
    );
}

/**
 * What is done to the whole of a line all parts of which are gone: 'steam the mussels open; take the meat from the shells'. `after` is told
 * of every step that was changed, and of its words before.
 */
export function dropWholes(
  { list }: Drafts,
  exchanges: readonly Exchange[],
  spoken: SpokenLines,
  after: (draft: Draft, before: string) => void,
): void {
  const isGone = ({ id }: Line) => exchanges.some(({ line, lines }) => line.id === id && !lines.some(({ foodId }) => foodId === line.foodId));
  for (const whole of spoken.original) {
    const parts = spoken.original.filter(({ partOf }) => partOf === whole.id);
    if (parts.length === 0 || !parts.every(isGone)) continue;
    const words = spoken.of(whole);
    for (const draft of list) {
      draft.text = draft.text.replace(LIQUOR, (all, name: string, liquor: string) =>
        words.heads.has(tokensOf(name).join(' ')) ? `the ${liquor}` : all,
      );
      if (!draft.uses.includes(whole.id)) continue;
      const before = draft.text;
      for (let span = mentionsOf(draft.text, words, [])[0], n = 0; span && n < MOST_SPOKEN; span = mentionsOf(draft.text, words, [])[0], n += 1)
        draft.text = removeAt(draft.text, span, spoken.isThing);
      draft.text = tidied(draft.text.replace(OUT_OF_SHELLS, ''));
      draft.uses = draft.uses.filter((id) => id !== whole.id);
      after(draft, before);
    }
  }
}
