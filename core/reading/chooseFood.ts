/** Which food a written line means, with a doubt where its words leave it open. */
import { meantIn } from '../food/market.ts';
import { searchFoods } from '../food/search.ts';
import type { Shelf } from '../food/shelf.ts';
import { ALLERGEN_LABELS } from '../vocabulary/allergens.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Line } from '../vocabulary/recipe.ts';
import type { Context, Place } from './context.ts';
import { type DoubtReading, readingOf } from './doubts.ts';
import { saysDrained, weigh } from './grams.ts';
import { readLine, type WrittenLine } from './line.ts';
import { type Match, matchFood, nameAt, tokensOf, wordsOfFood, wordTokens } from './match.ts';
import { unknownKind } from './unknownKind.ts';
import { LOW_IN_SALT, MAKE_SAID, MAKES, RINSED, SAYS_LOW_SALT, SLIPS } from './words.ts';

const SUGGESTIONS = 4;
/** A slip is a food all the same, and asked. */
type LineMatch = Match | { kind: 'slip'; foodId: string; word: string };
/** In a text with more doubts than this no one goes by suggestions. */
const MOST_SUGGESTED = 60;

export function chooseFood(written: WrittenLine, line: Line, place: Place, context: Context): Food | null {
  const { shelf, doubts } = context;
  const match = asSoldHere(matchLine(written, context), written, shelf);
  if (match.kind === 'food') {
    const low = SAYS_LOW_SALT.test(written.text) ? shelf.food(LOW_IN_SALT.get(match.foodId) ?? '') : undefined;
    if (low) return low;
    doubtMake(match.foodId, written, line, place, context);
    return shelf.food(match.foodId) as Food;
  }
  if (match.kind === 'none') {
    doubts.push({
      ...place,
      code: 'food.unmatched',
      message: `No food on the shelf is '${written.food.trim()}'. Until you choose one, every figure is at least what is shown and ${toCheck(written.text, shelf)}.`,
      readings: doubts.length < MOST_SUGGESTED ? suggestions(written, context) : [],
    });
    return null;
  }
  const lowSalt = match.kind === 'modified' && SAYS_LOW_SALT.test(written.text) ? shelf.food(LOW_IN_SALT.get(match.foodId) ?? '') : undefined;
  if (lowSalt) return lowSalt;
  const ids = match.kind === 'ambiguous' ? match.foodIds : [match.foodId];
  const first = shelf.food(ids[0] as string) as Food;
  const message =
    match.kind === 'slip'
      ? `'${match.word}' is taken for a slip; read as ${first.name}.`
      : match.kind === 'modified'
        ? `The shelf has no row for '${match.word} ${first.name}'; read as ${first.name}.`
        : `'${match.word}' can be several foods; read as ${first.name}.`;
  const readings = ids.flatMap((foodId): DoubtReading[] => {
    const food = shelf.food(foodId) as Food;
    const weighed = weigh(written.amount, food, context.system, written.food);
    return weighed ? [readingOf(food.name, foodId, weighed.grams.best, context.bowls, shelf)] : [];
  });
  doubts.push({
    ...place,
    code: `food.${match.kind}`,
    message,
    ...(readings.length > 0 ? { readings } : {}),
    lineId: line.id,
  });
  return first;
}

/** What an unknown food leaves open: what its kind could hold, or everything. */
function toCheck(text: string, shelf: Shelf): string {
  const known = unknownKind(text, shelf);
  if (!known) return 'every allergen has to be checked';
  const named = [...known.could].slice(0, MOST_NAMED).map((id) => ALLERGEN_LABELS[id]);
  return `what ${known.kind} may hold has to be checked: ${named.join(', ')}${known.could.size > MOST_NAMED ? ' and more' : ''}`;
}
const MOST_NAMED = 6;

/** Stock or butter by no more than its name: asked where its makes part by much salt a bowl. */
function doubtMake(foodId: string, written: WrittenLine, line: Line, place: Place, { shelf, system, bowls, doubts }: Context): void {
  const makes = MAKES.get(foodId);
  if (!makes || MAKE_SAID.test(written.text)) return;
  const readings = makes.flatMap((id): DoubtReading[] => {
    const food = shelf.food(id);
    const weighed = food ? weigh(written.amount, food, system, written.food) : null;
    return food && weighed ? [readingOf(food.name, id, weighed.grams.best, bowls, shelf)] : [];
  });
  const sodium = readings.map(({ perServing }) => perServing.sodiumMg ?? 0);
  const apart = Math.max(...sodium) - Math.min(...sodium);
  if (readings.length < 2 || apart < WORTH_SODIUM_MG) return;
  doubts.push({
    ...place,
    lineId: line.id,
    code: 'food.make',
    message: `'${written.food.trim()}' does not say how salty it is; read as ${shelf.food(foodId)?.name}. Its makes differ by ${Math.round(apart)} mg sodium a bowl.`,
    readings,
  });
}
/** Milligrams of sodium a bowl from which a question is worth its answer (common practice, no source). */
const WORTH_SODIUM_MG = 50;

/** 'Butter', 'flour' and 'cream' are what this kitchen's shops sell by those words. */
function asSoldHere(match: LineMatch, { food }: WrittenLine, shelf: Shelf): LineMatch {
  const meant = meantIn(shelf.market, phraseKey(food));
  if (!meant || !shelf.food(meant)) return match;
  if (match.kind === 'food') return { kind: 'food', foodId: meant };
  return match.kind === 'ambiguous' ? { ...match, foodIds: [meant, ...match.foodIds.filter((id) => id !== meant)] } : match;
}

/** What a line's words match: first what this kitchen was taught, then the shelf. */
function matchLine(written: WrittenLine, { shelf, phrases }: Context): LineMatch {
  const taught = phrases.get(phraseKey(written.food));
  if (taught && shelf.food(taught)) return { kind: 'food', foodId: taught };
  // Two words that are one slip come first: 'chicken stalk' holds a chicken and is none.
  const phrase = withoutSlips(written.food, PHRASE_SLIPS);
  const heard = phrase === null ? null : matchWhole({ ...written, food: phrase }, shelf);
  if (heard?.kind === 'food') return { kind: 'slip', foodId: heard.foodId, word: written.food.trim() };
  const match = cannedRow(written, shelf) ?? drainedRow(written, shelf) ?? matchWhole(written, shelf);
  if (match.kind !== 'none') return match;
  const meant = withoutSlips(written.food, WORD_SLIPS);
  const second = meant === null ? match : matchWhole({ ...written, food: meant }, shelf);
  return second.kind === 'food' ? { kind: 'slip', foodId: second.foodId, word: written.food.trim() } : match;
}

/** The words as they were meant, where dictation or a finger slipped; null where nothing is known to have. */
function withoutSlips(food: string, slips: typeof WORD_SLIPS): string | null {
  const tokens = tokensOf(food);
  const text = ` ${tokens.join(' ')} `;
  let meant = text;
  for (const [heard, word] of slips) meant = meant.replaceAll(` ${heard} `, ` ${word} `);
  return meant === text ? null : meant.trim();
}
const WORD_SLIPS = Object.entries(SLIPS).filter(([heard]) => !heard.includes(' '));
const PHRASE_SLIPS = Object.entries(SLIPS).filter(([heard]) => heard.includes(' '));

/** Words of a phrase as the kitchen remembers them: lower case, singular, in order. */
export const phraseKey = (words: string): string => tokensOf(words).join(' ');

/** The words of a written line that name its food, as they are remembered. */
export const phraseOf = (text: string): string => phraseKey(readLine(text).food);

/** The food words alone, else with the unit that belongs to its name: 'garlic clove', 'celery stick', 'vegetable stock cube'. */
function matchWhole({ food, amount }: WrittenLine, shelf: Shelf): Match {
  const alone = matchFood(food, shelf);
  const named = kindAfterComma(food, amount.after, alone, amount.unit?.kind === 'count', shelf);
  if (amount.unit?.kind === 'count' && named === null) {
    const withUnit = matchFood(`${food} ${amount.unit.name}`, shelf);
    if (withUnit.kind === 'food' || (alone.kind !== 'food' && withUnit.kind !== 'none')) return withUnit;
  }
  if (named || alone.kind !== 'none') return named ?? alone;
  // 'haricot beans in water': what it is packed in.
  const head = food.replace(BEHIND, '').trim();
  if (head === '' || head === food.trim()) return alone;
  const front = matchFood(head, shelf);
  const tail = food.slice(food.search(BEHIND));
  // 'Bread with cheese' is more than bread; 'crab in its shell' is crab.
  return front.kind === 'food' && !HARMLESS.test(tail) ? { kind: 'modified', foodId: front.foodId, word: tail.trim() } : front;
}

/** What a food is packed in, comes with, is for. */
const BEHIND = /\s+(?:in|with|without|w\/o|for|from|to|made (?:with|from)|made up|on|not|as|until|if|off|used|at|over)\b.*$/i;
const HARMLESS =
  /\b(?:water|bottom|base|pot|pan|tray|brine|juices?|oil|shells?|skins?|bones?|pods?|husks?|jackets?|leaves|stalks?|tops?|tails?|heads?|crusts?|rind|peel|syrup|garnish|garnishing|serving|topping|finishing|sprinkling|greasing|frying|drizzling|scattering|brushing|decoration|peeled|room temperature|the (?:top|pan|pot|garden|fridge|shop)|scratch|preference|optional|needed|wanted|required|desired|liked|you like|wish|taste)\b/i;

/** 'Chicken broth, low sodium', 'beans, canned', 'pepper, white': what follows the comma can name the kind. */
function kindAfterComma(food: string, after: string, alone: Match, counted: boolean, shelf: Shelf): Match | null {
  for (const words of after.split(/[,;]/).slice(0, 2)) {
    const tokens = tokensOf(words).flatMap((token) => token.split('-'));
    // '6 slices bacon, cooked and crumbled' are slices of cooked bacon; a pound of it was weighed raw.
    const cooked = counted && /^(?:\p{L}+ly )?cooked and \p{L}+ed$/u.test(words.trim());
    const asked = cooked ? ['cooked'] : tokens;
    if (asked.length === 0 || asked.length > 3) continue;
    const turned = matchFood(`${cooked ? 'cooked' : words} ${food}`, shelf);
    if (turned.kind !== 'food' || (alone.kind === 'food' && alone.foodId === turned.foodId)) continue;
    const row = shelf.food(turned.foodId) as Food;
    const names = asked.every((token) => wordsOfFood(row).all.has(token));
    if (
      names &&
      (alone.kind !== 'food' ||
        asked.some((token) => KIND_WORDS.has(token)) ||
        (!asked.some((token) => DONE_TO_IT.has(token)) && isItsName(`${words} ${food}`, shelf)))
    )
      return turned;
  }
  return null;
}
/** 'White pepper', '2% milk', 'sweet potato': the words turned round are a name of the shelf, whole. */
function isItsName(phrase: string, shelf: Shelf): boolean {
  const tokens = wordTokens(phrase);
  const name = nameAt(tokens, 0, shelf);
  return name !== null && name.foodId !== null && name.length === tokens.length;
}

/** What is done to any food names none behind a comma: 'tomatoes, chopped' are no can of chopped tomatoes. */
const DONE_TO_IT = new Set(
  'chopped diced sliced minced crushed grated shredded peeled mashed cubed halved quartered whole strained pureed cut torn fresh ripe large small medium'.split(
    ' ',
  ),
);

/** Words that make another row of a food, also behind a comma. */
const KIND_WORDS = new Set(
  'canned tinned frozen dried dry low reduced sodium salt unsalted salted smoked cooked boiled roasted baked raw whole skim nonfat ground'.split(' '),
);

/** A can of something that has a row of its own when canned: 'a tin of tomatoes'. */
function cannedRow({ food, amount }: WrittenLine, shelf: Shelf): Match | null {
  if (amount.unit?.name !== 'can' || /\b(?:canned|tinned|dried|dry)\b/i.test(food)) return null;
  const alone = matchFood(food, shelf);
  if (alone.kind === 'food' && ['canned', 'processed'].includes((shelf.food(alone.foodId) as Food).state)) return null;
  const canned = matchFood(`canned ${food}`, shelf);
  return canned.kind === 'food' && (shelf.food(canned.foodId) as Food).state === 'canned' && !canned.foodId.includes('-drained') ? canned : null;
}

/** Beans of a tin that says nothing of draining are read with their liquid, those it calls rinsed as rinsed, where the shelf has that row. */
function drainedRow({ text, food, amount }: WrittenLine, shelf: Shelf): Match | null {
  const canned = amount.unit?.name === 'can' ? matchFood(`canned ${food}`, shelf) : null;
  const match = canned?.kind === 'food' ? canned : matchFood(food, shelf);
  if (match.kind !== 'food' || !match.foodId.endsWith('-drained')) return null;
  const stem = match.foodId.replace(/-drained$/, '');
  const row = RINSED.test(text) ? `${stem}-rinsed` : amount.unit?.name === 'can' && !saysDrained(text) ? stem : null;
  if (row && shelf.food(row)) return { kind: 'food', foodId: row };
  // 'A can of lentils': dry ones are in none.
  return canned?.kind === 'food' ? match : null;
}

function suggestions({ food, amount }: WrittenLine, { shelf, system, bowls }: Context): DoubtReading[] {
  return searchFoods(shelf, food.replace(/[^\p{L}\s-]/gu, ' '), SUGGESTIONS, 'all').flatMap(({ food: hit }) => {
    const weighed = weigh(amount, hit, system, food);
    return weighed ? [readingOf(hit.name, hit.id, weighed.grams.best, bowls, shelf)] : [];
  });
}
