/** Lines that name several foods: 'salt and pepper', 'butter or oil', 'chicken, vegetable or mushroom stock', '1/2 cup flour or 1/4 cup cornstarch'. */
import type { Shelf } from '../food/shelf.ts';
import { readLine, type WrittenLine } from './line.ts';
import { matchFood } from './match.ts';

export interface Several {
  lines: WrittenLine[];
  joined: 'and' | 'or';
}

const MOST = 6;
/** Longer lines are no line of ingredients. */
const MOST_READ = 400;

/** The foods of one line; null when it names one. */
export function severalOf(written: WrittenLine, shelf: Shelf): Several | null {
  const is = (words: string) => matchFood(words, shelf).kind !== 'none';
  if (written.text.length > MOST_READ) return null;
  return zestAndJuice(written) ?? amountsApart(written, is) ?? joinedFoods(written, shelf, is);
}

/** 'zest and juice of 1 lemon', '1 lemon, zested and juiced'. */
function zestAndJuice({ text }: WrittenLine): Several | null {
  const of =
    /^(?:finely\s+)?(?:grated\s+)?(?:zest|rind|juice)\s+(?:and|&|plus)\s+(?:zest|rind|juice)\s+of\s+(.+)$/i.exec(text)?.[1] ??
    /^(.+?),?\s+(?:zest(?:ed)?|juiced?)\s+and\s+(?:zest(?:ed)?|juiced?)$/i.exec(text)?.[1];
  if (!of) return null;
  return { lines: [readLine(`zest of ${of}`), readLine(`juice of ${of}`)].map((line) => ({ ...line, text })), joined: 'and' };
}

/** 'X or N units Y': each has its own amount. */
function amountsApart(written: WrittenLine, is: (words: string) => boolean): Several | null {
  const parts = written.text.split(/\s*,?\s+or\s+(?=(?:\d|[½¼¾⅓⅔]|an?\s|one\s|two\s|half\s))/i);
  if (parts.length < 2 || parts.length > MOST) return null;
  const lines = parts.map(readLine);
  if (!lines.every(({ food, amount }) => amount.range !== null && is(food))) return null;
  return { lines: lines.map((line) => ({ ...line, text: written.text })), joined: 'or' };
}

function joinedFoods(written: WrittenLine, shelf: Shelf, is: (words: string) => boolean): Several | null {
  const { food, amount } = written;
  const certain = (words: string) => matchFood(words, shelf).kind === 'food';
  const choice = /\s+or\s+|\s*\/\s*(?=\p{L})/iu;
  // A list of foods without an amount goes on over its commas: 'salt, pepper and nutmeg'.
  const whole = !amount.range && amount.after ? `${food}, ${amount.after}` : food;
  const source =
    (choice.test(food) || choice.test(` ${amount.after}`)) && amount.after && /^[\p{L}\s-]+(?:,|\s+or\s)/iu.test(amount.after) && !certain(food)
      ? `${food}, ${amount.after}`
      : whole;
  if (choice.test(source) && (!certain(food) || choice.test(food))) {
    const parts = source.split(/\s*,\s*(?:or\s+)?|\s+or\s+|\s*\/\s*/i).filter(Boolean);
    const last = parts.at(-1)?.split(' ').at(-1) ?? '';
    // 'chicken or vegetable stock': the last word belongs to all of them.
    const named = parts.map((part, i) =>
      i < parts.length - 1 && certain(`${part} ${last}`) && is(parts.at(-1) as string) ? `${part} ${last}` : part,
    );
    if (named.length > 1 && named.length <= MOST && named.every(is) && (certain(named[0] as string) || named.length === 2))
      return { lines: named.map((one) => ({ ...written, food: one, amount: source === food ? amount : { ...amount, after: '' } })), joined: 'or' };
  }
  if (amount.range) return null;
  const parts = whole
    .split(/\s*,\s*(?:and\s+)?|\s+(?:and|&|\+)\s+/i)
    .filter((part) => part.trim() !== '' && !/^(?:to taste|as needed|for serving|to serve|optional|if .*|to season)$/i.test(part.trim()));
  if (parts.length < 2 || parts.length > MOST || !parts.every(is)) return null;
  return { lines: parts.map((one) => ({ ...written, food: one, amount: { ...amount, after: '' } })), joined: 'and' };
}
