/** The head of a text: its title, what it makes, and the time it claims. */
import { readRange } from '../quantity/amount.ts';
import { furnitureOf } from './furniture.ts';
import { type Marked, MOST_SHORT } from './markedLines.ts';
import type { IsFood, Sections } from './textSections.ts';
import { bowlsSaid, isOnlyYield, type Yield, yieldIn } from './yield.ts';

/** The number of bowls a line of text states, if it states one. */
export const servingsIn = (text: string): { min: number; max: number } | null => yieldIn(text)?.bowls ?? null;

const TOTAL =
  /\b(?:total(?:\s+time)?|ready in|takes|(?<!\b(?:prep|preparation|cook|cooking|active|chill|chilling|rest|resting|oven|hands-on)\s)time)\s*:?\s*(?:about\s+|only\s+|just\s+)?((?:\d+|an?|half an|one|two|three)\s*(?:-|to)?\s*\d*\s*(?:hours?|hrs?|h|minutes?|mins?|min)(?:\s*(?:and\s*)?\d+\s*(?:minutes?|mins?|min))?)/i;

/** 'Pumpkin soup (6)', 'Carrot soup, per portion'. */
function ofTitle(text: string): Yield | null {
  const bowls = /\bper (?:portion|serving|bowl|person)\b/i.test(text) ? 1 : Number(/\((\d{1,2})\)\s*$/.exec(text)?.[1] ?? 0);
  return bowls > 0 ? { bowls: { min: bowls, max: bowls } } : null;
}

/** Takes the line for the title. */
export function takeTitle(line: Marked, sections: Sections): void {
  const text = line.head.replace(/^(?:name|title|recipe|dish)\s*[:=]\s*/i, '').trim();
  const made = yieldIn(line.text) ?? ofTitle(text);
  // 'Soup | vegan | 30 min': the name and its tags.
  const untagged = (text.split(/\s[|•]\s/)[0] as string).trim();
  // 'Soup (serves 4)', 'Soup. For six.': what it makes is no part of its name.
  const cut = made ? untagged.split(/(?:\s*(?:[,(–—-]|\s[-–—]|[.!])\s*|\s{2,})(?=(?:for|serves|makes|yields?|\d|enough|\())/i)[0] : undefined;
  if (made) sections.made = { ...made, at: line.at };
  sections.title = (cut && cut.length > 3 ? cut : untagged).replace(/\p{Extended_Pictographic}|\uFE0F/gu, '').trim();
}

/** 'A soup of leeks' begins with a number word and is a title all the same; '2 leeks' is not. */
export const isTitle = (line: Marked): boolean =>
  !/^[\d½¼¾⅓⅔\-*•[]/u.test(line.text) && line.text.length < 120 && !(line.text.length < 40 && isOnlyYield(line.text)) && !/^\(/.test(line.text);

/** Whether the line says what the soup makes, in a text of which `mode` is being read. */
export function isYield(line: Marked, { mode, isFood }: { mode: string; isFood: IsFood }): boolean {
  if (line.text.length > 100 || !yieldIn(line.body)) return false;
  // 'Prep: 20 minutes | Cook: 1 hour | Serves: 6-8': times and bowls on one line.
  const parts = line.body.split(/\s*[|·•;]\s*/).filter(Boolean);
  if (parts.length > 1 && parts.every((one) => isOnlyYield(one) || furnitureOf(one) !== null)) return true;
  if (isOnlyYield(line.body))
    return !(mode === 'ingredients' && isFood(line.body) && !/\b(?:serv|portion|bowl|cover|pax|make|yield)/i.test(line.body));
  // 'Prep Time 15 mins  Cook Time 10 mins  Servings 6 people  Calories 214kcal'.
  if (mode === 'open' && /^(?:prep|cook|total|active|ready)\w*\s*(?:time)?\b.{0,12}\d/i.test(line.head) && !/[.!]\s+\p{L}/u.test(line.text))
    return true;
  return (
    /^(?:serves|feeds|servings?|(?:standard )?yields?|makes|gives|portions?|covers|batch)\b/i.test(line.head) &&
    !/[.!]\s+\p{L}/u.test(line.text) &&
    line.text.length < 80
  );
}

export function takeYield(line: Marked, sections: Sections): void {
  const made = yieldIn(line.body);
  if (made) sections.made = { ...sections.made, ...made, at: line.at };
}

/** Bowls named within a sentence anywhere; what is said last counts: '... finish with the cream. Serves 4-6.' */
export function yieldOfSentences(lines: readonly Marked[]): Sections['made'] {
  let made: Sections['made'] = null;
  for (const { text, at } of lines)
    for (const sentence of text.slice(0, 20_000).split(/(?<=[.!?])\s+/)) {
      const range = sentence.length < 2000 ? bowlsSaid(sentence) : null;
      if (range) made = { bowls: range, at };
    }
  return made;
}

export function takeTotal(text: string, sections: Sections): void {
  const found = text.length < MOST_SHORT ? TOTAL.exec(text.replace(/\*\*|__/g, '')) : null;
  if (!found) return;
  let minutes = 0;
  for (const [, number, unit] of (found[1] as string).matchAll(/(\d+|an?|half an|one|two|three)\s*(hours?|hrs?|h|minutes?|mins?|min)/gi)) {
    const amount = readRange(number as string)?.range.max ?? 0;
    minutes += amount * (/^h/i.test(unit as string) ? 60 : 1);
  }
  if (minutes > 0) sections.claimedMinutes = minutes;
}
