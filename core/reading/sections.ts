/** Finds title, bowls, ingredient lines and steps in a pasted recipe. */
import { readRange } from '../quantity/amount.ts';

export interface TextLine {
  text: string;
  /** Place in the pasted text, counted from 0. */
  at: number;
}

export interface Sections {
  title: string;
  servings: { min: number; max: number; at: number } | null;
  ingredients: TextLine[];
  steps: TextLine[];
}

const INGREDIENTS = /^(?:the\s+)?ingredients?(?:\s+list)?\s*:?$|^you(?:'ll| will) need\s*:?$|^shopping list\s*:?$/i;
const METHOD = /^(?:method|directions?|instructions?|steps?|preparation|procedure|how to make it|to make)\s*:?$/i;
const PART_HEADING = /^(?:for (?:the )?)?[\p{L} ]{2,40}:$/iu;
const NUMBERED = /^\s*(?:step\s*)?\d{1,2}\s*[.):]\s+(?=\p{L})/iu;
const SERVINGS = [
  /\b(?:serves|servings?|yields?|makes|feeds)\s*:?\s*(?:about\s+|approximately\s+)?(.+)$/i,
  /^for\s+(.+?)\s+(?:people|persons|portions|servings|bowls)\b/i,
  /^(.+?)\s+(?:servings|portions|bowls)\b\.?$/i,
];
const VERBS =
  /\b(add|simmer|boil|blend|puree|purée|stir|cook|heat|sweat|soften|melt|roast|fry|serve|season|pour|bring|whisk|place|put|cover|remove|return|warm|mix|sauté|saute|crisp|soak|drain|poach|swirl|make)\b/i;

/** The number of bowls a line of text states, if it states one. */
export function servingsIn(text: string): { min: number; max: number } | null {
  for (const pattern of SERVINGS) {
    const found = pattern.exec(text.trim());
    const number = found ? readRange((found[1] as string).trim()) : null;
    if (number && number.range.min > 0 && !/^(?:cups?|litres?|liters?|quarts?|l|ml|g)\b/i.test(number.rest)) return number.range;
  }
  return null;
}

export function findSections(text: string): Sections {
  const lines = text
    .replace(/\r\n?/g, '\n')
    .split('\n')
    .map((line, at) => ({ text: line.replace(/[\u200b-\u200f\u202a-\u202e\u2066-\u2069\ufeff]/g, '').trim(), at }))
    .filter((line) => line.text !== '');
  const sections: Sections = { title: '', servings: null, ingredients: [], steps: [] };
  let mode: 'open' | 'ingredients' | 'steps' = 'open';
  const headed = lines.some((line) => INGREDIENTS.test(line.text)) || lines.some((line) => METHOD.test(line.text));
  for (const line of lines) {
    if (INGREDIENTS.test(line.text)) mode = 'ingredients';
    else if (METHOD.test(line.text)) mode = 'steps';
    else if (!sections.servings && mode !== 'steps' && takeServings(line, sections)) continue;
    else if (mode === 'open') mode = takeOpen(line, sections, headed);
    else if (mode === 'ingredients') mode = takeIngredient(line, sections, headed);
    else sections.steps.push({ ...line, text: line.text.replace(NUMBERED, '') });
  }
  return sections;
}

function takeServings(line: TextLine, sections: Sections): boolean {
  const range = line.text.length < 60 && !looksLikeIngredient(line.text) ? servingsIn(line.text) : null;
  if (!range) return false;
  sections.servings = { ...range, at: line.at };
  return true;
}

/** Before any heading: the title comes first; then whatever looks like an ingredient begins the list. */
function takeOpen(line: TextLine, sections: Sections, headed: boolean): 'open' | 'ingredients' | 'steps' {
  // 'A soup of leeks' begins with a number word and is a title all the same; '2 leeks' is not.
  if (sections.title === '' && sections.ingredients.length === 0 && !/^[\d½¼¾⅓⅔\-*•]/u.test(line.text)) {
    sections.title = line.text.replace(/^#+\s*/, '');
    return 'open';
  }
  if (looksLikeIngredient(line.text)) {
    sections.ingredients.push(line);
    return headed ? 'open' : 'ingredients';
  }
  if (NUMBERED.test(line.text) || (sections.ingredients.length > 0 && VERBS.test(line.text))) {
    sections.steps.push({ ...line, text: line.text.replace(NUMBERED, '') });
    return headed ? 'open' : 'steps';
  }
  return 'open';
}

function takeIngredient(line: TextLine, sections: Sections, headed: boolean): 'ingredients' | 'steps' {
  if (PART_HEADING.test(line.text) && !startsWithAmount(line.text)) return 'ingredients';
  const step = NUMBERED.test(line.text) || (!headed && !startsWithAmount(line.text) && isSentence(line.text));
  if (!step) {
    sections.ingredients.push(line);
    return 'ingredients';
  }
  sections.steps.push({ ...line, text: line.text.replace(NUMBERED, '') });
  return headed ? 'ingredients' : 'steps';
}

const startsWithAmount = (text: string): boolean => readRange(text.replace(/^\s*[-*•–—]\s+/u, '')) !== null && !NUMBERED.test(text);
const looksLikeIngredient = (text: string): boolean => !NUMBERED.test(text) && (startsWithAmount(text) || /^\s*[-*•]\s+/u.test(text));
const isSentence = (text: string): boolean => VERBS.test(text) && (text.endsWith('.') || text.length > 60);
