/** Numbers as they are spoken, written in digits: 'six hundred and fifty grams', 'twenty five minutes', 'a pound and a half', 'fourteen and a half ounce'. */

const ONES: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
  thirteen: 13,
  fourteen: 14,
  fifteen: 15,
  sixteen: 16,
  seventeen: 17,
  eighteen: 18,
  nineteen: 19,
};
const TENS: Readonly<Record<string, number>> = {
  twenty: 20,
  thirty: 30,
  forty: 40,
  fourty: 40,
  fifty: 50,
  sixty: 60,
  seventy: 70,
  eighty: 80,
  ninety: 90,
};
const ones = Object.keys(ONES).join('|');
const tens = Object.keys(TENS).join('|');
const BELOW_HUNDRED = String.raw`(?:(?:${tens})(?:[\s-]+(?:one|two|three|four|five|six|seven|eight|nine))?|${ones})`;
/** 'six hundred and fifty', 'a hundred and twenty', 'nine hundred', 'two thousand'. */
const HUNDREDS = new RegExp(
  String.raw`\b(an?|${ones}|twenty|thirty)\s+(hundred|thousand)(?:\s+(?:and\s+)?(${BELOW_HUNDRED})(?!\s+(?:hundred|thousand)))?\b`,
  'gi',
);
const TWO_WORDS = new RegExp(String.raw`\b(${tens})[\s-]+(one|two|three|four|five|six|seven|eight|nine)\b`, 'gi');
const BARE_TENS = new RegExp(String.raw`\b(${tens})\b`, 'gi');
/** 'six fifty of celeriac', 'two fifty grams': hundreds left out in speech. */
const LEFT_OUT = new RegExp(
  String.raw`\b(one|two|three|four|five|six|seven|eight|nine)\s+(${tens})(?=\s+(?:of|g|grams?|ml|mils?|millilitres?)\b)`,
  'gi',
);
/** 'fourteen and a half ounce': the half belongs to the number. */
const AND_HALF = new RegExp(String.raw`\b(${ones}|an?)\s+and\s+(?:a\s+)?(half|quarter|three quarters)\b`, 'gi');
/** 'a pound and a half of turnips', 'a litre and a quarter', 'an hour and three quarters': the unit stands between. */
const UNIT_AND_HALF = new RegExp(
  String.raw`\b(${ones}|an?|\d+)\s+((?:pound|lb|kilo|kilogram|kg|litre|liter|l|pint|quart|cup|ounce|oz|hour|teaspoon|tablespoon|tin|can|carton|stick)s?)\s+and\s+(?:a\s+)?(half|quarter|three quarters)\b`,
  'gi',
);
const SHARE: Readonly<Record<string, string>> = { half: '.5', quarter: '.25', 'three quarters': '.75' };
/** 'half a cup', 'three quarters of a cup', 'a half a teaspoon', 'a quarter of a teaspoon'. */
const SHARES: readonly (readonly [RegExp, string])[] = [
  [/\b(?:a\s+|one\s+)?half\s+(?:of\s+)?an?\s+(?=(?:cup|teaspoon|tablespoon|pound|pint|litre|liter|kilo|ounce|stick|can|tin)s?\b)/gi, '1/2 '],
  [/\b(?:three[\s-]quarters|3 quarters)\s+(?:of\s+)?an?\s+(?!of\b)/gi, '3/4 '],
  [/\b(?:a|one)[\s-]quarter\s+(?:of\s+)?(?:an?\s+)?(?=(?:cup|teaspoon|tablespoon|pound|pint|litre|liter|kilo|ounce|stick)s?\b)/gi, '1/4 '],
  [/\b(?:a\s+)?quarter of an (?=hour)/gi, '0.25 '],
  [/\b(?:a|one)[\s-]third\s+(?:of\s+)?(?:an?\s+)?(?=(?:cup|teaspoon|tablespoon|pound|pint)s?\b)/gi, '1/3 '],
  [/\btwo[\s-]thirds\s+(?:of\s+)?(?:an?\s+)?(?=(?:cup|teaspoon|tablespoon|pound|pint)s?\b)/gi, '2/3 '],
];

/** 'One point two kilos', 'two point five litres': a decimal that is spoken out. */
const POINT = new RegExp(
  String.raw`\b(${ones}|zero|nought|\d+)\s+point\s+(zero|oh|nought|one|two|three|four|five|six|seven|eight|nine|\d)(?:\s+(five))?(?=\s)`,
  'gi',
);
const NONE = /^(?:zero|oh|nought)$/i;
const digit = (word: string): string => (NONE.test(word) ? '0' : String(whole(word)));

const sumOf = (words: string): number => {
  const parts = words.toLowerCase().split(/[\s-]+/);
  return parts.reduce((sum, word) => sum + (ONES[word] ?? TENS[word] ?? 0), 0);
};
const whole = (word: string): number =>
  /^an?$/i.test(word) ? 1 : /^\d+$/.test(word) ? Number(word) : (ONES[word.toLowerCase()] ?? TENS[word.toLowerCase()] ?? 1);

const SPOKEN = new RegExp(String.raw`\b(?:hundred|thousand|half|quarters?|third|thirds|mils?|point|${tens})\b`, 'i');

/** The text with what it says of numbers in digits; small whole numbers stay words, since 'one' and 'a' are seldom amounts alone. */
export function inDigits(text: string): string {
  if (!SPOKEN.test(text)) return text;
  let out = text
    .replace(POINT, (_, before: string, after: string, five?: string) => `${digit(before)}.${digit(after)}${five ? '5' : ''}`)
    .replace(HUNDREDS, (_, count: string, by: string, rest?: string) =>
      String(whole(count) * (/^h/i.test(by) ? 100 : 1000) + (rest ? sumOf(rest) : 0)),
    )
    .replace(LEFT_OUT, (_, count: string, ten: string) => `${whole(count) * 100 + sumOf(ten)}`)
    .replace(UNIT_AND_HALF, (_, count: string, unit: string, share: string) => `${whole(count)}${SHARE[share.toLowerCase()]} ${unit}`)
    .replace(AND_HALF, (_, count: string, share: string) => `${whole(count)}${SHARE[share.toLowerCase()]}`)
    .replace(TWO_WORDS, (_, ten: string, one: string) => String(sumOf(`${ten} ${one}`)))
    .replace(BARE_TENS, (ten: string) => String(sumOf(ten)));
  for (const [pattern, digits] of SHARES) out = out.replace(pattern, digits);
  return out.replace(/\bmils?\b/gi, 'ml').replace(/\b(\d+(?:\.\d+)?)\s+of\s+(?=(?:an?\s+)?(?:hour|minute))/gi, '$1 ');
}
