/** What one ingredient line says besides its first use: 'plus a thread to finish', 'buttered'. Each is a line of its own, or it is lost. */
import type { Shelf } from '../food/shelf.ts';
import type { WrittenLine } from './line.ts';
import { matchFood } from './match.ts';

const USE = String.raw`(?:to|for)\s+(?:finish\w*|serv\w+|garnish\w*|drizzl\w*|sprinkl\w*|scatter\w*|top\w*|dust\w*|decorat\w*|crumbl\w*|the\s+top)\b[^,;)]*`;
const SECOND = new RegExp(
  String.raw`[,;(]?\s*\b(?:plus|and)\s+((?:an?|some|extra|more|few|\d|one|two|handful|pinch)\b(?:(?!\b(?:to|for)\b)[^,;()])*?)\s*(${USE})`,
  'i',
);
/** 'Extra', 'a little more': no amount of it. */
const NO_AMOUNT = /^(?:an?\s+)?(?:some|extra|more|few|little|bit|little\s+(?:more|extra)|few\s+more|some\s+more)(?:\s+of\s+it)?$/i;
const BUTTERED = /\bbuttered\b/i;
const BUTTER = /\b(?:butter|margarine)\b(?!ed)/i;

/** The line without its second use: what is said of the first one. */
export const firstUse = (text: string): string => text.replace(SECOND, '');

/** What is done with a further food: 'toasted ciabatta rubbed with garlic'. */
const DONE_WITH = /\s+(?:rubbed|fried|cooked|tossed|drizzled|spread|mixed|topped|brushed|sprinkled)\s+(?:with|in|on)\b.*$/i;

/** Foods that stand behind the comma of another one: 'single cream, toasted ciabatta'. Not where they say which kind it is: 'bread, sourdough'. */
function namedBehind({ amount, food }: WrittenLine, shelf: Shelf): string[] {
  const own = matchFood(food, shelf);
  if (own.kind !== 'food') return [];
  return amount.after
    .split(/\s*[,;]\s*/)
    .map((piece) => piece.replace(DONE_WITH, '').trim())
    .filter((piece) => {
      if (piece === '' || /\d/.test(piece)) return false;
      const match = matchFood(piece, shelf);
      if (match.kind !== 'food' || match.foodId === own.foodId) return false;
      // One word may be the kind, and so may what makes a name with the food.
      const turned = matchFood(`${piece} ${food}`, shelf);
      return turned.kind === 'none' && shelf.food(match.foodId)?.category !== shelf.food(own.foodId)?.category;
    });
}

/** Texts of further lines that the line stands for. */
export function besides(text: string, written: WrittenLine, shelf: Shelf): string[] {
  const { food } = written;
  const out: string[] = namedBehind(written, shelf);
  const second = SECOND.exec(text);
  if (second && food) {
    const [, amount = '', use = ''] = second;
    // 'Plus 50 g grated cheese to serve' names its own food: that is another line already.
    const plain = NO_AMOUNT.test(amount.trim());
    out.push(plain ? `${food.trim()} ${use.trim()}` : `${amount.trim()} ${food.trim()} ${use.trim()}`);
  }
  if (BUTTERED.test(text) && !BUTTER.test(text.replace(BUTTERED, ''))) out.push(`butter for the ${food.replace(BUTTERED, '').trim()}`);
  return out;
}
