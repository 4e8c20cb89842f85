/** What one ingredient line says besides its first use: 'plus a thread to finish', 'buttered'. Each is a line of its own, or it is lost. */

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

/** Texts of further lines that the line stands for; `food` are the words of its food. */
export function besides(text: string, food: string): string[] {
  const out: string[] = [];
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
