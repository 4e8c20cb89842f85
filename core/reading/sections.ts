/**
 * The first stage of the reader: every line of a text is told for what it is. Title, yield, heading, ingredient, step, furniture of a
 * known kind, or unread: nothing falls through. What is unread is asked about, since a line that vanishes can hurt someone.
 */
import { readRange } from '../quantity/amount.ts';
import { STAGE_LABELS, STAGES, type Stage } from '../vocabulary/recipe.ts';
import { amountBehind, startsWithAmount } from './amountPlace.ts';
import { blockOf, type Furniture, furnitureOf } from './furniture.ts';
import { isTitle, isYield, takeTitle, takeTotal, takeYield, yieldOfSentences } from './headOfText.ts';
import {
  bare,
  cannotBeIngredient,
  DOES,
  isImperative,
  isSentence,
  itemsOf,
  looksLikeIngredient,
  type Marked,
  MOST_HEADING,
  MOST_INGREDIENT,
  MOST_SHORT,
  markedLines,
  nextIsListed,
  numberedApart,
  STARTS_WITH_VERB,
} from './markedLines.ts';
import { type IsFood, type Kind, noSections, type Sections } from './textSections.ts';
import { yieldIn } from './yield.ts';

const INGREDIENTS =
  /^(?:the\s+)?(?:main\s+)?ingredients?(?:\s+list)?(?:\s+for\b.{0,30})?\s*:?$|^you(?:'ll| will)? need\s*(?:\([^()]{0,40}\))?\s*:?$|^shopping list\s*:?$|^what you(?:'ll)? need\s*:?$|^(?:zutaten|ingredientes|ingr[ée]dients|ingredienti|ingredienser|sk[łl]adniki)\s*:?$/i;
const METHOD =
  /^(?:the\s+)?(?:cooking\s+|basic\s+|(?:instant[- ]?pot|pressure[- ]cooker|slow[- ]cooker|crock[- ]?pot|stove[- ]?top|hob|oven|microwave|blender|traditional|quick)\s+)?(?:method|directions?|instructions?|steps?|preparation|procedure|process|how(?: to| to (?:make|cook|do) (?:it|this|the soup)| i (?:make|do) it)?|to make(?: the soup| it)?|what to do|zubereitung|preparaci[oó]n|pr[ée]paration|preparazione|procedimento|making it|then|step\s*(?:\d{1,2}|one|two|three|four|five|six))\s*[:.]?$/i;
/** 'To finish: chopped parsley, a drizzle of oil and toasted almonds': a part with its list on the line. */
const PART_INLINE =
  /^((?:for (?:the )?)?(?:to (?:finish|serve|garnish)|toppings?|garnish(?:es)?|top|on top|croutons?|swirl|drizzle)(?: [\p{L}]+)?)\s*:\s*(?=\S)/iu;
/** 'Ingredients: 500 g peas, 1 onion, ...', 'Method: Fry the onion ...' on one line. */
const INGREDIENTS_INLINE =
  /^(?:ingredients?|you(?:'ll| will)? need|what you need|(?:serves|for) (?:\d+|two|three|four|five|six|eight|ten|twelve)(?: people| persons)?)\s*:\s*(?=\S)/i;
const METHOD_INLINE = /^(?:method|directions?|instructions?|preparation|procedure|what to do|then|how)\s*:\s*(?=\S.{20,})/i;

const BOWL_WORD =
  /\b(?:topping|toppings|garnish|garnishes|swirl|to serve|for serving|to finish|serving|drizzle|croutons?|crispy|gremolata|pesto swirl|on top|for the top|on each bowl)\b/i;
const PLATE_WORD = /\b(?:on the side|alongside|to eat with|serve with|side|at the table)\b/i;
/** Headings that name the vessel: where it stands is when it goes in. */
const VESSEL: readonly (readonly [RegExp, Stage])[] = [
  [/\b(?:in|into) the (?:oven|roasting tin|tray)\b/i, 'base'],
  [/\b(?:in|into) the blender\b/i, 'blend'],
];

interface Walk {
  sections: Sections;
  mode: 'open' | 'ingredients' | 'steps';
  /** A heading of the ingredients stands somewhere, one of the method. */
  listHeaded: boolean;
  methodHeaded: boolean;
  /** A heading of the method is still to come. */
  methodAhead: boolean;
  stage: Stage | undefined;
  part: string | undefined;
  aside: ReturnType<typeof blockOf>;
  isFood: IsFood;
}

export function findSections(text: string, isFood: IsFood = () => false): Sections {
  const lines = markedLines(text);
  const sections = noSections();
  const methodAt = lines.findIndex(({ head }) => METHOD.test(head) || METHOD_INLINE.test(head));
  const walk: Walk = {
    sections,
    mode: 'open',
    listHeaded: lines.some(({ head }) => INGREDIENTS.test(head) || INGREDIENTS_INLINE.test(head)),
    methodHeaded: methodAt >= 0,
    methodAhead: methodAt >= 0,
    stage: undefined,
    part: undefined,
    aside: null,
    isFood,
  };
  lines.forEach((line, index) => {
    walk.methodAhead = index < methodAt;
    if (sections.claimedMinutes === undefined) takeTotal(line.text, sections);
    const told = take(line, lines[index + 1], walk);
    sections.account.push({ at: line.at, text: line.text, ...told });
  });
  sections.made ??= yieldOfSentences(lines);
  return sections;
}

/** What one line is, with what it adds to the sections. */
function take(line: Marked, next: Marked | undefined, walk: Walk): { kind: Kind; furniture?: Furniture } {
  const { sections } = walk;
  const { head } = line;
  if (INGREDIENTS.test(head)) {
    // 'You will need (for 6):'
    if (!sections.made) takeYield(line, sections);
    return heading(walk, 'ingredients');
  }
  if (METHOD.test(head)) return heading(walk, 'steps');
  if (INGREDIENTS_INLINE.test(head)) return inlineList(line, walk);
  if (METHOD_INLINE.test(head)) {
    heading(walk, 'steps');
    return step({ ...line, body: head.replace(METHOD_INLINE, '') }, walk);
  }
  const inlinePart = walk.mode !== 'steps' || !walk.methodHeaded ? PART_INLINE.exec(head) : null;
  if (inlinePart && !/[.!]\s+\p{Lu}/u.test(head)) return inlinePartList(inlinePart, line, walk);
  const block = head.length < MOST_HEADING ? blockOf(head) : null;
  if (block) {
    walk.aside = block;
    return { kind: 'furniture', furniture: block.kind };
  }
  if (walk.aside) {
    const furniture = inBlock(line, next, walk);
    if (furniture) return { kind: 'furniture', furniture };
    walk.aside = null;
  }
  const furniture = line.text.length < MOST_SHORT ? (TABLE_HEAD.test(head) ? 'page' : furnitureOf(head)) : null;
  if (furniture && !(furniture === 'page' && walk.mode !== 'open' && walk.isFood(line.body))) {
    if (!sections.made) takeYield(line, sections);
    return { kind: 'furniture', furniture };
  }
  if (sections.title === '' && sections.ingredients.length === 0 && walk.mode === 'open' && isTitle(line)) {
    takeTitle(line, sections);
    return { kind: 'title' };
  }
  if (isYield(line, walk)) {
    if (!sections.made?.bowls) takeYield(line, sections);
    return { kind: 'yield' };
  }
  if (isPart(line, next, walk)) return part(line, next, walk);
  return walk.mode === 'steps' ? inSteps(line, next, walk) : inList(line, next, walk);
}

function heading(walk: Walk, mode: 'ingredients' | 'steps'): { kind: Kind } {
  walk.mode = mode;
  walk.aside = null;
  walk.stage = undefined;
  walk.part = undefined;
  return { kind: 'heading' };
}

/** 'Ingredients: 500 g frozen peas, 1 onion, 20 g butter': each behind its comma. */
function inlineList(line: Marked, walk: Walk): { kind: Kind } {
  heading(walk, 'ingredients');
  const made = yieldIn((INGREDIENTS_INLINE.exec(line.head)?.[0] ?? '').replace(/:\s*$/, ''));
  if (made && !walk.sections.made) walk.sections.made = { ...made, at: line.at };
  for (const text of itemsOf(line.head.replace(INGREDIENTS_INLINE, ''))) walk.sections.ingredients.push({ text, at: line.at });
  return { kind: 'ingredient' };
}

function inlinePartList(found: RegExpExecArray, line: Marked, walk: Walk): { kind: Kind } {
  const name = found[1] as string;
  const stage: Stage = PLATE_WORD.test(name) ? 'plate' : 'bowl';
  const items = line.head
    .slice(found[0].length)
    .replace(/\.\s*$/, '')
    .split(/\s*[,;]\s*(?:and\s+)?|\s+and\s+(?=(?:an?|some|the|\d|[½¼¾]|toasted|chopped|fresh)\b)/i)
    .filter(Boolean);
  // Words behind a comma that name no food belong to what stands before it.
  for (const text of items) {
    const before = walk.sections.ingredients.at(-1);
    if (!walk.isFood(text) && !startsWithAmount(text) && before?.at === line.at) before.text += `, ${text}`;
    else walk.sections.ingredients.push({ text, at: line.at, stage, part: name });
  }
  return { kind: 'ingredient' };
}

/** A line of a laid-aside block; null where the block is over. */
function inBlock(line: Marked, next: Marked | undefined, walk: Walk): Furniture | null {
  const block = walk.aside as NonNullable<Walk['aside']>;
  if (block.within) return block.within.test(line.head) ? block.kind : null;
  if (/^(?:for (?:the )?|to )[\p{L}\s'’&-]{2,40}:?$/iu.test(line.head) && next && looksLikeIngredient(next)) return null;
  if (block.kind === 'equipment' && line.gap) return null;
  // Notes go on to the next heading of the recipe.
  return line.numbered && !walk.methodHeaded ? null : block.kind;
}

/** The head of a table: 'ITEM  QTY  UNIT  NOTES'. */
const TABLE_HEAD =
  /^(?:(?:items?|ingredients?|products?|description|qty|quantity|amount|units?|uom|notes?|prep(?:aration)?|weight|wt|cost|price|code|measure|g|kg|per cent|%|yield %|ep|ap)(?:\s*[|;,\t]\s*|\s+|$)){2,}$/i;

/** The stages by the names this kitchen gives them. */
const stageNamed = (head: string): Stage | undefined =>
  STAGES.find((stage) => STAGE_LABELS[stage].toLowerCase() === head.toLowerCase().replace(/:$/, ''));

function part(line: Marked, next: Marked | undefined, walk: Walk): { kind: Kind } {
  const { head } = line;
  walk.stage =
    stageNamed(head) ?? (PLATE_WORD.test(head) ? 'plate' : BOWL_WORD.test(head) ? 'bowl' : VESSEL.find(([words]) => words.test(head))?.[1]);
  walk.part = head.replace(/:$/, '');
  if (walk.mode === 'steps' && !(next && (looksLikeIngredient(next) || walk.isFood(next.body)))) return { kind: 'heading' };
  walk.mode = 'ingredients';
  return { kind: 'heading' };
}

/** A heading of a part: 'For the topping:', 'To serve', 'Horseradish cream' above a list. */
function isPart(line: Marked, next: Marked | undefined, walk: Walk): boolean {
  const { head, text } = line;
  if (head.length > MOST_HEADING || line.numbered || startsWithAmount(text) || amountBehind(head.replace(/\s*\([^)]*\)/g, '')) || /[.!?]$/.test(head))
    return false;
  const words = head.replace(/\s*\([^)]*\)\s*:?$/, '');
  if (line.bulleted && !/:$/.test(head)) return false;
  if (/^[\p{L}\s'’&/-]{2,44}:$/iu.test(head.replace(/\s*\([^)]*\)/, '')) && !(line.bulleted && walk.isFood(line.body))) return true;
  if (/^(?:for|in|on|into) (?:the )?\p{L}/iu.test(words) && !readRange(words.replace(/^\w+ /, '')) && words.split(/\s+/).length < 7)
    return next !== undefined;
  if (next !== undefined && line.gap && /^(?:to (?:serve|finish|garnish)|toppings?|garnish(?:es)?|on top)$/i.test(words)) return true;
  if (next === undefined || !looksLikeIngredient(next) || words.split(/\s+/).length > 6 || /[,;]/.test(words)) return false;
  if (/^#+\s/.test(text) || (/^\*\*.*\*\*$/.test(text) && walk.mode !== 'open')) return true;
  if (!/^(?:to serve|to finish|topping|garnish|\p{Lu})/u.test(words) && !/^(?:to serve|to finish|toppings?|garnish)\b/i.test(words)) return false;
  const inList =
    walk.mode === 'ingredients' || (walk.mode === 'steps' && !walk.methodHeaded) || (walk.mode === 'open' && line.gap && walk.sections.title !== '');
  if (!inList || /\b(?:salt|pepper)\b|^s\s*(?:[&+]|n)\s*p$/i.test(words)) return false;
  // 'Croutons' above its own list, with a space before it and none behind; 'Dollop of cream' above another line is no heading.
  const apart = line.gap && !line.gapAfter;
  const loud = words === words.toUpperCase() && next.body !== next.body.toUpperCase();
  if (apart || loud) return walk.isFood(words) ? true : words.split(/\s+/).length < 5 && !MEASURED.test(words);
  // Without a space before it, only what cannot be a food by its words is a heading: everything else is read, or asked about.
  return HEADING_WORD.test(words) && !walk.isFood(words);
}

/** Words by which a short line is a measure of something and no name of a part. */
const MEASURED = /\b(?:pinch|handful|dash|splash|knob|bunch|drizzle|dollop|glug|squeeze|few|little|some|to taste|optional)\b/i;
/** Words that name a part of a recipe and no food. */
const HEADING_WORD =
  /\b(?:for|soup|base|topping|garnish|garnishes|swirl|dressing|tempering|tadka|finish|serve|serving|marinade|crumble|gremolata|slurry|roux|broth base|stock)\b|^(?:to|the)\b/i;

function inSteps(line: Marked, next: Marked | undefined, walk: Walk): { kind: Kind; furniture?: Furniture } {
  const listed =
    (startsWithAmount(line.text) || amountBehind(line.head) !== null) && !line.numbered && line.text.length < MOST_INGREDIENT && !isSentence(line);
  if (
    listed &&
    !isImperative(line.body) &&
    !DOES.test(line.body) &&
    (!walk.methodHeaded || (walk.part !== undefined && next !== undefined && walk.isFood(line.body)))
  ) {
    walk.mode = 'ingredients';
    return ingredient(line, walk);
  }
  return step(line, walk);
}

function inList(line: Marked, next: Marked | undefined, walk: Walk): { kind: Kind; furniture?: Furniture } {
  const { sections } = walk;
  if (walk.mode === 'ingredients' && (walk.listHeaded || walk.part !== undefined)) {
    if (cannotBeIngredient(line) || (line.numbered && isSentence(line)) || (!walk.methodAhead && isSentence(line) && !nextIsListed(next))) {
      if (!walk.methodAhead) walk.mode = 'steps';
      return step(line, walk);
    }
    return ingredient(line, walk);
  }
  const listed = looksLikeIngredient(line) && !(isSentence(line) && line.text.length > MOST_INGREDIENT);
  if (listed && (sections.ingredients.length > 0 || !walk.listHeaded)) {
    if (!walk.listHeaded) walk.mode = 'ingredients';
    return ingredient(line, walk);
  }
  if (walk.listHeaded && walk.mode === 'open' && sections.ingredients.length === 0 && !line.numbered) return story(line);
  // 'sweat onion w/ butter': after a space a line that begins with such a verb begins the method.
  if (line.gap && sections.ingredients.length > 1 && !walk.methodAhead && STARTS_WITH_VERB.test(line.body) && DOES.test(line.body)) {
    walk.mode = 'steps';
    return step(line, walk);
  }
  // '7) nutmeg, salt & pepper' in a numbered list of ingredients.
  if (
    line.numbered &&
    walk.mode === 'ingredients' &&
    line.text.length < 60 &&
    !isSentence(line) &&
    !isImperative(line.body) &&
    line.body.split(/\s*(?:,|&|\band\b)\s*/).every((part) => part !== '' && walk.isFood(part))
  )
    return ingredient(line, walk);
  if (isSentence(line) || line.numbered) {
    // What is told before any food is named is a story, unless it tells what to do.
    if (sections.ingredients.length === 0 && !line.numbered && !isImperative(line.body) && line.text.length <= MOST_INGREDIENT) return story(line);
    if (!walk.methodAhead) walk.mode = 'steps';
    return step(line, walk);
  }
  if (line.text.length < 60 && walk.isFood(line.body)) {
    if (!walk.listHeaded) walk.mode = 'ingredients';
    return ingredient(line, walk);
  }
  if (line.text.length > MOST_INGREDIENT) return step(line, walk);
  if (walk.mode === 'ingredients') return ingredient(line, walk);
  return /[.!?]$/.test(line.text) || line.text.split(/\s+/).length > 5 ? story(line) : { kind: 'unread' };
}

const story = (_line: Marked): { kind: Kind; furniture: Furniture } => ({ kind: 'furniture', furniture: 'story' });

function step(line: Marked, { sections }: Walk): { kind: Kind } {
  for (const text of numberedApart(bare(line.body))) sections.steps.push({ text, at: line.at });
  return { kind: 'step' };
}

function ingredient(line: Marked, { sections, stage, part: of }: Walk): { kind: Kind } {
  const text = line.numbered ? line.body : line.text;
  // 'salt; pepper; 2 leeks': several on one line.
  const items =
    /;|\s\/\s/.test(text) &&
    text.split(/;|\s\/\s/).every((item) => startsWithAmount(item.trim()) || amountBehind(item.trim()) !== null || item.trim().split(/\s+/).length < 4)
      ? itemsOf(text)
      : [text];
  for (const item of items) sections.ingredients.push({ text: item, at: line.at, ...(stage ? { stage } : {}), ...(of ? { part: of } : {}) });
  return { kind: 'ingredient' };
}
