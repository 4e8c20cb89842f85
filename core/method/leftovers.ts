/** What is left over in a sentence when a food is gone: its fat, its shells, the wait until it melted, the exception that was made of it. */
import type { Category } from '../vocabulary/category.ts';
import type { Span } from './mention.ts';
import { sentenceBefore } from './text.ts';

/** 'Keep 6 for the garnish', of what is blended in. */
export const KEPT_FOR_TOP =
  /\s*\((?:reserve|keep|save)[^()]*\)|[;,]?\s*(?:and\s+)?(?:keep|reserve|save|set aside)(?:\s+(?:them|it|these))?\s+for\s+(?:the\s+)?(?:garnish|serving|top)\b[^.;]*|[;,]\s*(?:and\s+)?(?:keep|reserve|save|set aside)\s+(?:\d+|some|a few|one|two|three|half)\b[^.;]*?\b(?:garnish|serv\w+|top)\b[^.;]*/i;
export const MELTS = /cheese|cheddar|gruyere|parmesan|mozzarella|emmental|gouda|brie|taleggio|pecorino|stilton|butter|ghee|lard|chocolate/;
export const UNTIL_MELTED =
  /,?\s+until\s+(?:(?:it|they|all|the cheese)\s+(?:has|have|is)\s+)?(?:just\s+)?melted\b(\s+and\s+(?=hot|smooth|warm|creamy|heated))?/i;
export const FATTY: ReadonlySet<Category> = new Set<Category>(['meat', 'poultry']);
export const ITS_FAT =
  /(?:(?<=^|[.;]\s)|,?\s+(?:and|then)\s+)(?:keep|leave|pour|drain|discard|reserve|spoon|remove)\w*\b[^.;,]*?\b(?:fat|drippings|grease)\b[^.;,]*(?:[.;]\s*(?=\p{Lu}|$))?/giu;
export const ITS_BONE = /(?<=^|[.;]\s)(?:then\s+)?(?:discard|remove|throw away|take out)\s+(?:the\s+)?(?:bones?|skin|rind)\s*(?:[.;]\s*|$)/giu;
export const IN_ITS_FAT = /\b(?:in|into)\s+the\s+(?:\w+\s+)?(?:drippings|bacon fat|rendered fat|fat in the pan)\b/i;
/** What was beaten together with the eggs, and the wait until they have thickened the soup. */
export const EGG_MIXTURE =
  /(?:(?<=^|[.;]\s)|,?\s+(?:and|then)\s+)(?:(?:very )?(?:slowly|gradually|carefully)\s+)?(?:pour|stir|whisk|return|add|tip|scrape)\w*\s+(?:in\s+)?(?:the|this)\s+(?:\w+\s+)?(?:mixture|liaison)\b[^.;]*[.;]?/giu;
export const PLURAL = /\b((?:both |all )?(?:of )?(?:the )?)(\p{L}{3,}s)\b/giu;
/** No step speaks of a line more often. */
export const MOST_SPOKEN = 20;
export const OUT_OF_SHELLS = /(?:(?<=^|[.;]\s)|[,;]?\s+(?:and|then)\s+)[^.;]*\b(?:shells?|bones?)\b[^.;]*[.;]?/giu;
export const LIQUOR = /\b(?:the\s+)?(\p{L}+?)(?:'s|’s|s’)?\s+(liquor|juices?|cooking liquid)\b/giu;
const EXCEPTS =
  /\b(?:everything|all(?: the (?:rest|ingredients|vegetables))?)\b[^.;,]*?(\s+(?:but(?: for)?|except(?: for)?|apart from|other than|save)\s+(?:the\s+)?)$/i;
/** What stands before an excepted name, 'but the '; null where it is none. */
export const exceptBefore = (text: string, { from }: Span): string | null => EXCEPTS.exec(sentenceBefore(text, from))?.[1] ?? null;
/** Without the exception where what was excepted is gone. */
export function removeExcepted(text: string, span: Span): string | null {
  const lead = exceptBefore(text, span);
  return lead === null ? null : text.slice(0, span.from - lead.length) + text.slice(span.to);
}
