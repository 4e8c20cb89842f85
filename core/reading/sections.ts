/** Finds title, bowls, ingredient lines and steps in a pasted recipe. */
import { readRange } from '../quantity/amount.ts';
import { STAGE_LABELS, STAGES, type Stage } from '../vocabulary/recipe.ts';
import { TELLING } from './verbs.ts';

export interface TextLine {
  text: string;
  /** Place in the pasted text, counted from 0. */
  at: number;
  /** The stage its heading gives it: what stands under 'Topping' goes into the bowl. */
  stage?: Stage;
}

export interface Sections {
  title: string;
  servings: { min: number; max: number; at: number } | null;
  ingredients: TextLine[];
  steps: TextLine[];
  /** The total time the text claims, minutes. */
  claimedMinutes?: number;
}

/** Whether words name a food of the shelf. */
export type IsFood = (words: string) => boolean;

const INGREDIENTS = /^(?:the\s+)?ingredients?(?:\s+list)?\s*:?$|^you(?:'ll| will) need\s*:?$|^shopping list\s*:?$|^what you need\s*:?$/i;
const METHOD =
  /^(?:the\s+)?(?:cooking\s+)?(?:method|directions?|instructions?|steps?|preparation|procedure|how to (?:make|cook) (?:it|this|the soup)|to make(?: the soup)?|what to do)\s*:?$/i;
const PART_WORD = /\b(?:topping|garnish|garnishes|swirl|to serve|for serving|to finish|serving|drizzle|croutons?|crispy|gremolata|pesto swirl)\b/i;
const PLATE_WORD = /\b(?:on the side|alongside|to eat with|serve with|side)\b/i;

const BULLET = /^\s*(?:[-*•–—·▢☐□✓]|\[[ xX]?\])\s+/u;
const NUMBER = String.raw`(?:\d+(?:\s*(?:-|–|to|or)\s*\d+)?|(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)(?:\s+(?:to|or)\s+(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve))?)`;
const OF_BOWLS = '(?:people|persons|portions|servings|bowls|eaters|guests|as a (?:starter|main))';
const SERVINGS = [
  /\b(?:serves|servings?|serving size|yields?|makes|feeds)\s*:?\s*(?:about\s+|approximately\s+|approx\.?\s+|enough for\s+|up to\s+)?(.+)$/i,
  /^(?:enough\s+)?for\s+(.+?)\s+(?:people|persons|portions|servings|bowls)\b/i,
  /^(?:enough\s+)?for\s+(\d+(?:\s*(?:-|–|to)\s*\d+)?|one|two|three|four|five|six|eight|ten|twelve)\.?$/i,
  /^(.+?)\s+(?:servings|portions|bowls)\b\.?$/i,
];
const COUNT_OF_BOWLS = new RegExp(String.raw`^${NUMBER}\s+(?:\w+\s+)?(?:people|persons|portions|servings|bowls)\.?$`, 'i');
const IN_SENTENCE = [
  new RegExp(String.raw`\b(?:serves|feeds|enough for)\s+(?:about\s+)?(${NUMBER})\b`, 'i'),
  new RegExp(String.raw`\b(?:makes|yields|gives)\s+(?:about\s+)?(${NUMBER})\s+(?:\w+\s+)?${OF_BOWLS}\b`, 'i'),
  new RegExp(String.raw`\bfor\s+(${NUMBER})\s+${OF_BOWLS}\b`, 'i'),
  new RegExp(String.raw`\b(?:soup|chowder|bisque|dinner|lunch)\s+for\s+(${NUMBER})\b(?!\s*(?:minutes?|mins?|hours?|g|ml|cups?))`, 'i'),
];
/** '1.', '2)', 'Step 3:', and a bare number before a sentence that tells what to do. */
const NUMBERED = new RegExp(String.raw`^\s*(?:(?:step\s*)?\d{1,2}\s*[.):]\s+(?=\p{L})|\d{1,2}\s+(?=(?:${TELLING})\b.{15,}(?:[.!]|\bthe\b)))`, 'iu');
const VERBS = new RegExp(String.raw`\b(?:${TELLING})\b`, 'i');
const STARTS_WITH_VERB = new RegExp(String.raw`^(?:${TELLING})\b`, 'i');
const SENTENCE_SIGN = /\b(?:the|until|minutes?|mins?|hours?|into|over|it|them|in a|with a|boil|heat|smooth|soft|tender)\b/i;
const TOTAL =
  /\b(?:total(?:\s+time)?|ready in|takes|(?<!\b(?:prep|preparation|cook|cooking|active|chill|chilling|rest|resting|oven|hands-on)\s)time)\s*:?\s*(?:about\s+|only\s+|just\s+)?((?:\d+|an?|half an|one|two|three)\s*(?:-|to)?\s*\d*\s*(?:hours?|hrs?|h|minutes?|mins?|min)(?:\s*(?:and\s*)?\d+\s*(?:minutes?|mins?|min))?)/i;

/** The number of bowls a line of text states, if it states one. */
export function servingsIn(text: string): { min: number; max: number } | null {
  const plain = text.replace(/\*\*|__/g, '').trim();
  for (const pattern of SERVINGS) {
    const found = pattern.exec(plain);
    const number = found ? readRange((found[1] as string).trim()) : null;
    if (number && number.range.min > 0 && !/^(?:cups?|litres?|liters?|quarts?|pints?|l|ml|g|minutes?|mins?|hours?)\b/i.test(number.rest))
      return number.range;
  }
  return null;
}

/** Marks that carry no text: bidirectional and zero-width marks, control characters, what broken encoding leaves. */
const UNSEEN = /[\p{Cf}\p{Cc}\ufffd\u2028\u2029]/gu;
/** Lines around a recipe that are none of it. */
const NOT_RECIPE =
  /^(?:nutrition(?:al)?(?: information| facts| per serving)?\s*(?::.*)?|calories:? \d.*|notes?:?|tips?:?|storage:?|equipment:?|print(?: recipe)?|rate this.*|advertisement|jump to recipe|share)$/i;
const RULE = /^(?:[-*_=~]{3,}|```.*)$/;

interface Walk {
  sections: Sections;
  mode: 'open' | 'ingredients' | 'steps';
  headed: boolean;
  /** A heading 'Ingredients' stands somewhere: what comes before it is a story. */
  listHeaded: boolean;
  stage: Stage | undefined;
}

export function findSections(text: string, isFood: IsFood = () => false): Sections {
  const lines = text
    .replace(/\r\n?/g, '\n')
    .split('\n')
    .map((line, at) => ({
      text: line
        .replace(UNSEEN, '')
        .replace(/\u00a0/g, ' ')
        .replace(/^\s*>\s?/, '')
        .trim(),
      at,
    }))
    .filter((line) => line.text !== '' && !RULE.test(line.text));
  const sections: Sections = { title: '', servings: null, ingredients: [], steps: [] };
  const heads = lines.map((line) => bare(line.text));
  const walk: Walk = {
    sections,
    mode: 'open',
    headed: heads.some((head) => INGREDIENTS.test(head) || METHOD.test(head)),
    listHeaded: heads.some((head) => INGREDIENTS.test(head)),
    stage: undefined,
  };
  lines.forEach((line, index) => {
    const head = heads[index] as string;
    if (sections.claimedMinutes === undefined) takeTotal(line.text, sections);
    if (NOT_RECIPE.test(head)) return;
    if (INGREDIENTS.test(head)) {
      walk.mode = 'ingredients';
      walk.stage = undefined;
    } else if (METHOD.test(head)) walk.mode = 'steps';
    else if (sections.title === '' && sections.ingredients.length === 0 && walk.mode === 'open' && isTitle(line.text)) takeTitle(line, sections);
    else if (!sections.servings && takeServings(line, sections)) return;
    else if (isPart(line.text, lines[index + 1]?.text, walk, isFood)) {
      walk.stage = stageNamed(head) ?? (PLATE_WORD.test(head) ? 'plate' : PART_WORD.test(head) ? 'bowl' : undefined);
      const next = lines[index + 1]?.text ?? '';
      if (walk.mode === 'steps' && !startsWithAmount(next) && !isFood(next)) return;
      walk.mode = 'ingredients';
    } else takeLine(line, walk, isFood);
  });
  sections.servings ??= servingsOfSentences(lines);
  return sections;
}

/** The stages by the names this kitchen gives them. */
const stageNamed = (head: string): Stage | undefined =>
  STAGES.find((stage) => STAGE_LABELS[stage].toLowerCase() === head.toLowerCase().replace(/:$/, ''));

const bare = (text: string): string =>
  text
    .replace(/^#+\s*/, '')
    .replace(/\*\*|__/g, '')
    .trim();

function takeTotal(text: string, sections: Sections): void {
  const found = text.length < 200 ? TOTAL.exec(text.replace(/\*\*|__/g, '')) : null;
  if (!found) return;
  let minutes = 0;
  for (const [, number, unit] of (found[1] as string).matchAll(/(\d+|an?|half an|one|two|three)\s*(hours?|hrs?|h|minutes?|mins?|min)/gi)) {
    const amount = readRange(number as string)?.range.max ?? 0;
    minutes += amount * (/^h/i.test(unit as string) ? 60 : 1);
  }
  if (minutes > 0) sections.claimedMinutes = minutes;
}

/** 'A soup of leeks' begins with a number word and is a title all the same; '2 leeks' is not. */
const isTitle = (text: string): boolean => !/^[\d½¼¾⅓⅔\-*•[]/u.test(text) && !servingsIn(text.length < 30 ? text : '') && text.length < 120;

function takeTitle(line: TextLine, sections: Sections): void {
  const text = bare(line.text);
  const inside = /\s*\(([^)]*)\)\s*$/.exec(text);
  const range = inside ? servingsIn(inside[1] as string) : null;
  if (range) sections.servings = { ...range, at: line.at };
  sections.title = range && inside ? text.slice(0, inside.index) : text;
}

function takeServings(line: TextLine, sections: Sections): boolean {
  const range =
    line.text.length < 80 && (!looksLikeIngredient(line.text) || COUNT_OF_BOWLS.test(line.text)) && !NUMBERED.test(line.text)
      ? servingsIn(line.text)
      : null;
  if (!range || /[.!]\s+\p{L}/u.test(line.text)) return false;
  sections.servings = { ...range, at: line.at };
  return true;
}

/** Bowls named within a sentence anywhere: '... finish with the cream. Serves 4-6.' */
function servingsOfSentences(lines: readonly TextLine[]): Sections['servings'] {
  for (const { text, at } of lines)
    for (const pattern of IN_SENTENCE) {
      const range = readRange(pattern.exec(text)?.[1] ?? '')?.range;
      if (range && range.min > 0) return { ...range, at };
    }
  return null;
}

/** A heading of a part: 'For the topping:', 'To serve', 'Horseradish cream' above a list. */
function isPart(text: string, next: string | undefined, { mode, headed }: Walk, isFood: IsFood): boolean {
  const head = bare(text);
  if (head.length > 48 || startsWithAmount(text) || namesAmountBehind(head) || BULLET.test(text) || NUMBERED.test(text) || /[.!?]$/.test(head))
    return false;
  if (/^(?:for (?:the )?)?[\p{L}\s'’&-]{2,44}:$/iu.test(head)) return true;
  if (/^for (?:the )?\p{L}/iu.test(head) && !readRange(head.slice(4))) return true;
  if (next === undefined || !looksLikeIngredient(next) || head.split(/\s+/).length > 6 || /,/.test(head)) return false;
  if (/^#+\s/.test(text) || (/^\*\*.*\*\*$/.test(text) && mode !== 'open')) return true;
  return (
    (mode === 'ingredients' || (mode === 'steps' && !headed)) &&
    !isFood(head) &&
    !/\b(?:salt|pepper)\b/i.test(head) &&
    /^(?:to serve|topping|garnish|\p{Lu})/iu.test(head)
  );
}

function takeLine(line: TextLine, walk: Walk, isFood: IsFood): void {
  const { sections, headed } = walk;
  const numbered = NUMBERED.test(line.text);
  const step = { ...line, text: bare(line.text.replace(NUMBERED, '').replace(BULLET, '')) };
  if (walk.mode === 'steps') {
    if (!headed && startsWithAmount(line.text) && !isSentence(line.text)) {
      walk.mode = 'ingredients';
      takeIngredient(line, walk);
    } else if (!isServingLine(line, sections)) sections.steps.push(step);
    return;
  }
  const sentence = numbered || isSentence(line.text);
  if (looksLikeIngredient(line.text) && !(sentence && line.text.length > 90)) {
    if (!headed) walk.mode = 'ingredients';
    takeIngredient(line, walk);
  } else if (sentence && walk.listHeaded && walk.mode === 'open' && sections.ingredients.length === 0 && !numbered) {
    // What is told before the list is a story.
    return;
  } else if (sentence && (sections.ingredients.length > 0 || numbered || line.text.length > 90)) {
    if (!headed || walk.mode === 'ingredients') walk.mode = 'steps';
    sections.steps.push(step);
  } else if (walk.mode === 'ingredients' || (sections.ingredients.length > 0 && isFood(line.text))) takeIngredient(line, walk);
  else if (!walk.listHeaded && (namesAmountBehind(line.text) || (line.text.length < 60 && isFood(line.text)))) {
    if (!headed) walk.mode = 'ingredients';
    takeIngredient(line, walk);
  } else if (line.text.length > 90 && !headed) sections.steps.push(step);
}

const isServingLine = ({ text, at }: TextLine, { servings }: Sections): boolean => servings?.at === at && text.length < 40;

const takeIngredient = (line: TextLine, { sections, stage }: Walk): void => {
  sections.ingredients.push({ ...line, ...(stage ? { stage } : {}) });
};

/** 'Carrots: 500 g', 'Chicken stock, 750 ml'. */
const namesAmountBehind = (text: string): boolean =>
  text.length < 60 && /^[\p{L}][\p{L}\s'’-]*(?:[:,(]|\s[-–—x×])\s*[\d½¼¾]/u.test(text) && !/[.!?]$/.test(text);
const startsWithAmount = (text: string): boolean => readRange(text.replace(BULLET, '')) !== null && !NUMBERED.test(text);
const looksLikeIngredient = (text: string): boolean =>
  !NUMBERED.test(text) && (startsWithAmount(text) || BULLET.test(text)) && !isImperative(text.replace(BULLET, ''));
const isImperative = (text: string): boolean => STARTS_WITH_VERB.test(text) && SENTENCE_SIGN.test(text);
const isSentence = (text: string): boolean =>
  isImperative(text.replace(BULLET, '')) ||
  (VERBS.test(text) && (/[.!]$/.test(text) || text.length > 60) && !(startsWithAmount(text) && text.length < 90));
