/** What a text says it makes: bowls, a volume, or so many of so much: 'Serves 4', 'Makes 1.5 l', '10 x 250 ml portions', '20 pax'. */
import { type Range, readRange } from '../quantity/amount.ts';
import { inDigits } from '../quantity/spokenNumbers.ts';
import { type System, US_FLUID_OUNCE_ML, unitOf } from '../quantity/units.ts';

export interface Yield {
  bowls?: Range;
  /** The whole, ml, by the measures of the text. */
  ml?: (system: System) => number;
  /** One bowl, ml. */
  mlEach?: (system: System) => number;
}

const ABOUT = String.raw`(?:about|approximately|approx\.?|roughly|around|some|up to|enough for|it|you|a family of|the|us|all|ca\.?|~)`;
/** What opens a yield; `feeds` are people, whatever is said after the number. */
const OPENS = new RegExp(
  String.raw`^(?:standard\s+|batch\s+)?(serves|feeds|servings?(?:\s+size)?|yields?|makes|gives|portion\s+size|portions?|covers|pax|bowls|people|quantity|batch(?:\s+size)?|does(?=\s+\d)|recipe\s+for|enough\s+for|for|para|rinden?(?:\s+para)?|sirve|salen|pour|f[üu]r|dosi\s+per|per|ergibt)\b\s*[:=–-]*\s*(?:${ABOUT}\s+)*`,
  'iu',
);
/** Those who eat and what they eat from, in the languages recipes are passed on in. */
const BOWL =
  /^(?:servings?|portions?|bowls?|plates?|mugs?|glasses|covers?|pax|ppl|people|pers\.?|persons?|personas?|personnes?|personen|portionen|raciones|porciones|bols?|tazas?|tassen|teller|assiettes?|persone|porzioni|svgs?|servs?|helpings?|diners?|guests?|eaters?|adults?|of us|hungry|as a (?:starter|main)|(?:small |large |big )?cups for)\b/iu;
/** What may stand between the number and those who eat: 'first-course servings', 'deep bowls', 'generous portions'. */
const BETWEEN =
  /^(?:(?!cups?\b|pints?\b|litres?\b|liters?\b|quarts?\b|minutes?\b|hours?\b|mins?\b)(?:[\d½¼¾⅓⅔./]+-)?[\p{L}-]+\s+){0,3}?(?=(?:servings?|portions?|bowls?|plates?|mugs?|glasses|covers?|people|persons?|helpings?|guests?|adults?)\b)/iu;
const OF_TIME = /^(?:minutes?|mins?|hours?|hrs?|h|days?|nights?|weeks?)\b/i;

/** A volume at the start: '250 ml', '8 cups'. */
function volume(text: string): { ml: (system: System) => number; rest: string } | null {
  const number = readRange(text);
  const word = /^-?([A-Za-z]+)\.?/.exec(number?.rest ?? '');
  const unit = word ? unitOf(word[1] as string) : undefined;
  // An ounce of soup is a fluid one.
  if (number && word && unit?.kind === 'mass' && unit.name === 'ounce') {
    const ounces = (number.range.min + number.range.max) / 2;
    return { ml: () => ounces * US_FLUID_OUNCE_ML, rest: number.rest.slice(word[0].length).trim() };
  }
  if (!number || !word || unit?.kind !== 'volume') return null;
  const count = (number.range.min + number.range.max) / 2;
  return { ml: (system) => count * unit.ml[system], rest: number.rest.slice(word[0].length).trim() };
}

/** One statement of a yield; null where it is none. */
function statement(said: string): Yield | null {
  // A scan drops the space: 'Serves6'.
  const text = inDigits(said)
    .replace(/[*_]/g, '')
    .replace(/\bfl\.?\s?oz\b/gi, 'oz')
    .replace(/^(serves|makes|feeds|yields?|servings?|portions?)(?=\d)/i, '$1 ')
    .trim();
  const opened = OPENS.exec(text);
  const opener = opened?.[1]?.toLowerCase() ?? '';
  const body = opened ? text.slice(opened[0].length) : text;
  // 'Portion: 250 ml' is what one holds, 'portions: 12' how many there are.
  if (/\bsize$/.test(opener) || opener === 'per' || (/^(?:portion|serving)$/.test(opener) && volume(body))) {
    const each = volume(body);
    return each ? { mlEach: each.ml } : null;
  }
  const number = readRange(body);
  if (!number || number.range.min <= 0 || number.range.max > 5000) return null;
  const times = /^(?:[x×]|of|(?:tubs?|pots?|jars?|containers?)\s*(?:@|at|of))\s*/i.exec(number.rest);
  const timed = times ? volume(number.rest.slice(times[0].length)) : null;
  if (timed && (opened || timed.rest === '' || BOWL.test(timed.rest))) return { bowls: number.range, mlEach: timed.ml };
  // 'Makes 8 cups'; '8 one-cup servings' are bowls.
  const whole = volume(body);
  if (whole && opened && !BOWL.test(whole.rest) && opener !== 'serves' && opener !== 'feeds') return { ml: whole.ml };
  const rest = number.rest.replace(BETWEEN, '').replace(/^\(\s*/, '');
  if (BOWL.test(rest)) {
    const of = /\b(?:of|,|\()\s*(?:about\s+)?(?=\d)/i.exec(rest);
    const each = of ? volume(rest.slice(of.index + of[0].length)) : null;
    return { bowls: number.range, ...(each ? { mlEach: each.ml } : {}) };
  }
  if (!opened || OF_TIME.test(number.rest) || whole) return null;
  const bare = /^(?:[.!,;)(]|$|-)/.test(number.rest);
  const feeds = opener === 'serves' || opener === 'feeds' || /family/i.test(opened[0]);
  if (bare || feeds) return { bowls: number.range };
  return null;
}

/** 'Oma + us = 6': those who eat, added up. */
const ADDED_UP = /(?:^|[(\s])[\p{L}\s+&,]*\b(?:us|me|people|guests|family|kids|children)\b[\p{L}\s+&,]*=\s*(\d{1,2})\b/iu;

const SPLIT = /\s{2,}|\s*(?:\||\s\/\s|·|•|;|\s[-–—]\s|\(|\)|,\s+(?=(?:for|serves|makes|\d))|[.!]\s+)\s*/iu;
const TRAILING = /,?\s+((?:for|serves)\s+\S+(?:\s+\S+)?)\.?$/i;

/** The yield a line of text states, as a whole or in one of its parts: 'Prep 15 min | 6 portions (300 ml)'. */
export function yieldIn(line: string): Yield | null {
  const text = line.replace(/\*\*|__/g, '').trim();
  if (text.length > 160) return null;
  const sum = ADDED_UP.exec(text);
  if (sum) return { bowls: { min: Number(sum[1]), max: Number(sum[1]) } };
  const whole = statement(text);
  const parts = text.split(SPLIT).filter(Boolean);
  const stated = parts.map(statement).filter((one): one is Yield => one !== null);
  if (whole?.bowls && stated.length < 2) return { ...stated[0], ...whole };
  if (stated.length === 0) {
    const tail = TRAILING.exec(text);
    return whole ?? (tail ? statement(tail[1] as string) : null);
  }
  // 'Yields 7 cups (5 servings)': bowls where they are named anywhere; the volume besides.
  const merged: Yield = {};
  for (const one of stated) {
    if (one.bowls && !merged.bowls) merged.bowls = one.bowls;
    if (one.ml && !merged.ml) merged.ml = one.ml;
    if (one.mlEach && !merged.mlEach) merged.mlEach = one.mlEach;
  }
  return merged;
}

/** True where nothing but a yield stands on the line. */
export function isOnlyYield(line: string): boolean {
  const text = line.replace(/\*\*|__/g, '').trim();
  if (text.length > 100 || yieldIn(text) === null) return false;
  return text
    .split(SPLIT)
    .filter(Boolean)
    .every(
      (part) =>
        statement(part) !== null ||
        /^(?:\d+\s*(?:g|ml|oz)\b.*|.*\beach\b.*|scaled\b.*|or\b.*|makes\b.*|serves\b.*|(?:prep|preparation|cook|cooking|total|ready|time|hands[- ]on)\b.*\d\s*(?:m|mins?|minutes?|h|hrs?|hours?)\b.*)$/i.test(
          part,
        ),
    );
}

const COUNT = String.raw`(\d+(?:\.\d+)?(?:\s*(?:-|–|to|or)\s*\d+)?|(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)(?:\s+(?:to|or)\s+(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve))?)`;
const WHO =
  '(?:raciones|personas|porciones|personnes|portionen|people|persons|portions|servings|bowls|eaters|guests|covers|tubs|jars|boxes|cups for|as a (?:starter|main)|of us)';
/** Bowls named within running text; the last that is said counts: 'it makes eight, or six ... make it eight'. */
const IN_SENTENCE = [
  new RegExp(
    String.raw`\b(?:serves|serve|feeds|feed|fed|enough for|serving)\s+(?:about\s+|the\s+|us\s+|all\s+)*${COUNT}\b(?!\s*(?:minutes?|mins?|hours?|g|ml|cups?)\b)`,
    'i',
  ),
  new RegExp(
    String.raw`\b(?:makes|make|made|yields|yielded|gives|gave|fills|filled|got|get)\s+(?:about\s+|you\s+|us\s+)*${COUNT}\s+(?:[\p{L}-]+\s+){0,3}?${WHO}\b`,
    'iu',
  ),
  new RegExp(String.raw`\bfor\s+(?:the\s+)?${COUNT}\s+${WHO}\b`, 'i'),
  new RegExp(String.raw`(?:^|[.!]\s+)for\s+${COUNT}\s*(?::|[.!](?=\s|$)|$)`, 'i'),
  new RegExp(String.raw`\b(?:soup|chowder|bisque|dinner|lunch|one|cream)\s+for\s+${COUNT}\b(?!\s*(?:minutes?|mins?|hours?|g|ml|cups?))`, 'i'),
  new RegExp(
    String.raw`\b${COUNT}\s+(?:small |large |big |(?:[\d½¼¾/.]+|one|half|single)-cup |\d+[- ]?ml )?(?:raciones|porciones|portionen|covers|bowls|portions|servings|cups for)\b`,
    'i',
  ),
  new RegExp(String.raw`(?:^|[.!]\s+)${COUNT}\s+(?:people|persons|guests|eaters|covers)\s*[.!]?$`, 'i'),
  new RegExp(String.raw`(?:^|[.!]\s+)does (?:about )?${COUNT}\b(?!\s*(?:minutes?|cups?|hours?))`, 'i'),
  new RegExp(
    String.raw`\b(?:that|it|this)(?:['’]?ll| will) (?:do|feed|serve|make) (?:about |you |us )*${COUNT}\b(?!\s*(?:minutes?|cups?|hours?|litres?))`,
    'i',
  ),
  new RegExp(String.raw`\b(?:that|it|this) does (?:about )?${COUNT}\b(?!\s*(?:minutes?|cups?|hours?))`, 'i'),
  new RegExp(String.raw`\bwe (?:are|were) ${COUNT} (?:at|round|around) (?:the )?table`, 'i'),
  new RegExp(String.raw`\bit (?:makes|serves) ${COUNT}\b(?!\s*(?:minutes?|cups?|litres?|pints?|quarts?))`, 'i'),
];

/** The bowls a sentence names; null where it names none. */
export function bowlsSaid(sentence: string): Range | null {
  const text = inDigits(sentence);
  for (const pattern of IN_SENTENCE) {
    const found = pattern.exec(text);
    const range = found ? readRange(found[1] as string)?.range : undefined;
    if (range && range.min > 0 && range.max <= 5000) return range;
  }
  return null;
}
