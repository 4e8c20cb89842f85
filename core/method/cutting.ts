/** Fat and spice are not sliced: where something is cut before it is cooked, they come in with the cooking. */
import type { Span } from './mention.ts';

const CUTS = /\b(?:slice|chop|dice|cut|trim|halve|quarter|crumble|shred)(?:\s+up)?\s+$/i;
const COOKS = /\b(?:brown|fry|saut[ée]|sweat|soften|cook|crisp|add|put|stir|tip)\s+(?:it|them)\b/i;

/** Whether the words at the span are what a sentence orders to be cut. */
export const isCut = (text: string, { from }: Span): boolean => CUTS.test(text.slice(0, from));

/** 'Slice the turkey and brown it', with `beside` where it is browned; null where its sentence does nothing else with it. */
export function cookedWith(text: string, from: number, beside: string): string | null {
  const ends = text.slice(from).search(/[.;!](?=\s|$)/);
  const sentence = text.slice(from, ends < 0 ? text.length : from + ends);
  const cooks = COOKS.exec(sentence);
  if (!cooks) return null;
  const at = from + cooks.index + cooks[0].length;
  const more = /^ with /.exec(text.slice(at));
  const along = more ? ` with ${beside.replace(/ and (?!.* and )/, ', ')} and ` : ` with ${beside}`;
  return text.slice(0, at) + along + text.slice(at + (more?.[0].length ?? 0));
}
