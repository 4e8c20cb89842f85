/**
 * Needs as they are said: 'no milk, no nuts, at most 400 mg sodium, at least 10 g protein, same body'. Whatever is not
 * understood comes back as it was written; nothing is guessed.
 */
import { searchFoods } from '../food/search.ts';
import type { Shelf } from '../food/shelf.ts';
import { tokensOf, wordsOfFood } from '../reading/match.ts';
import { type Nutrient, nutrientUnit } from '../vocabulary/nutrient.ts';
import { type Family, familyCalled, isOfFamily } from './data/families.ts';
import { type Asked, NO_WORDS, NUTRIENT_WORDS, PHRASES, UNIT_GRAMS } from './data/needWords.ts';
import type { Limit, Needs } from './needs.ts';
import { type Held, readRelative } from './relative.ts';

export interface SaidNeeds {
  needs: Needs;
  /** Phrases that mean nothing here, as written. */
  unread: string[];
  /** What was made of words that stand for a figure or for many foods. */
  understood: string[];
}

const MAX_WORDS = /^(?:at most|no more than|not more than|up to|max(?:imum)?(?: of)?|below|under|less than|<=?|≤)\s*/;
const MIN_WORDS = /^(?:at least|no less than|not less than|min(?:imum)?(?: of)?|above|over|more than|from|>=?|≥)\s*/;
const NO = /^(?:no|without|avoid|leave out)\s+(?:any\s+|the\s+)?/;
const KEEP = /^keep\s+(?:the\s+)?/;
const AMOUNT = /^(\d+(?:[.,]\d+)?)\s*(kcal|kj|µg|ug|mcg|mg|grams?|g)?\s*/;

/**
 * Reads `text` and adds it to `needs`: lists are joined, a bound said anew takes the place of the old one. `held` is what a bowl of the soup
 * has now; without it nothing can be asked against the soup as it is.
 */
export function sayNeeds(text: string, needs: Needs, shelf: Shelf, held?: Held): SaidNeeds {
  const unread: string[] = [];
  const understood: string[] = [];
  let next = needs;
  const take = (phrase: string): boolean => {
    const plain = tidy(phrase);
    const relative = readRelative(plain, next.regime ?? 'us', held);
    const taken = relative ? withLimit(relative.limit, next) : readPhrase(plain, next, shelf);
    if (!taken) return false;
    const said = relative?.says ?? manyFoods(plain, next, taken);
    if (said) understood.push(said);
    next = taken;
    return true;
  };
  for (const phrase of text.split(/[;\n]|,(?!\d)/)) {
    if (phrase.trim() === '' || take(phrase)) continue;
    // 'no milk and nuts' is two needs; the second goes without its verb.
    const parts = phrase.split(/\s+(?:and|or)\s+|\s*&\s*/);
    const verb = NO.exec(tidy(parts[0] as string))?.[0] ?? '';
    for (const part of parts) if (!take(part) && !(parts.length > 1 && take(`${verb}${part}`))) unread.push(part.trim());
  }
  return { needs: next, unread, understood };
}

const tidy = (phrase: string): string => phrase.trim().toLowerCase().replace(/\s+/g, ' ').replace(/[.]$/, '');

function readPhrase(phrase: string, needs: Needs, shelf: Shelf): Needs | null {
  const whole = PHRASES.get(phrase);
  if (whole) return asked(whole, needs, shelf);
  if (/^(?:the )?same (?:body|thickness)$/.test(phrase)) return { ...needs, body: 'same' };
  const what = NO.test(phrase) ? phrase.replace(NO, '') : null;
  // 'no more than' is a bound, not a food.
  if (what !== null && !MAX_WORDS.test(phrase) && !MIN_WORDS.test(phrase)) return withoutFood(what, needs, shelf);
  if (KEEP.test(phrase)) {
    const food = foodCalled(phrase.replace(KEEP, ''), shelf);
    return food ? { ...needs, keepFoods: joined(needs.keepFoods, [food]) } : null;
  }
  return readLimit(phrase, needs);
}

function withoutFood(what: string, needs: Needs, shelf: Shelf): Needs | null {
  const known = NO_WORDS.get(what);
  if (known) return asked(known, needs, shelf);
  const family = familyCalled(what);
  if (family) return withoutFamily(family, needs, shelf);
  const foods = foodsCalled(what, shelf);
  return foods.length > 0 ? { ...needs, avoidFoods: joined(needs.avoidFoods, foods) } : null;
}

/** Every food that is meant: a family by one of its words stands for its foods, an id for itself. */
export const withFamilies = (asked: readonly string[], shelf: Pick<Shelf, 'food' | 'foods'>): string[] => [
  ...new Set(
    asked.flatMap((id) => {
      const family = shelf.food(id) ? undefined : familyCalled(id);
      return family ? shelf.foods.filter((food) => isOfFamily(food, family)).map((food) => food.id) : [id];
    }),
  ),
];

const withoutFamily = (family: Family, needs: Needs, shelf: Shelf): Needs => ({
  ...needs,
  avoidFoods: joined(
    needs.avoidFoods,
    shelf.foods.filter((food) => isOfFamily(food, family)).map(({ id }) => id),
  ),
});

/** How many foods a word stands for, where it is more than one. */
function manyFoods(phrase: string, before: Needs, after: Needs): string | null {
  const more = (after.avoidFoods?.length ?? 0) - (before.avoidFoods?.length ?? 0);
  return more > 1 ? `${phrase}: ${more} foods, in every form and in what is usually made with them` : null;
}

function asked(what: Asked, needs: Needs, shelf: Shelf): Needs {
  if ('allergens' in what) return { ...needs, allergens: joined(needs.allergens, what.allergens) };
  if ('diets' in what) return { ...needs, diets: joined(needs.diets, what.diets) };
  if ('smooth' in what) return { ...needs, smooth: true };
  const family = familyCalled(what.family);
  return family ? withoutFamily(family, needs, shelf) : needs;
}

const joined = <T>(list: readonly T[] | undefined, more: readonly T[]): T[] => [...new Set([...(list ?? []), ...more])];

/** The food that bears the name, and every other whose name ends in it: fresh, frozen and canned spinach. */
function foodsCalled(name: string, shelf: Shelf): string[] {
  const food = foodCalled(name, shelf);
  const [word, more] = tokensOf(name);
  if (!word || more) return food ? [food] : [];
  const forms = shelf.foods.filter((one) => wordsOfFood(one).names.some((tokens) => tokens.at(-1) === word && tokens.length <= 2));
  return joined(food ? [food] : [], food || forms.length > 0 ? forms.map(({ id }) => id) : []);
}

/** Only a food that bears the name: what is near it is not what was said. */
function foodCalled(name: string, shelf: Shelf): string | null {
  const hit = searchFoods(shelf, name, 1, 'all')[0]?.food;
  return hit && (hit.name.toLowerCase() === name || hit.aliases.includes(name)) ? hit.id : null;
}

function readLimit(phrase: string, needs: Needs): Needs | null {
  const per: Limit['per'] = /\bper 100 ?g$/.test(phrase) ? '100g' : 'serving';
  const rest = phrase.replace(/\s*per (?:100 ?g|bowl|serving)$/, '');
  const range = /^(?:between )?(\S+) ?(?:to|and|-|–) ?(.+)$/.exec(rest);
  const bounds = boundsOf(rest) ?? (range ? rangeOf(range[1] as string, range[2] as string) : null);
  if (!bounds || (bounds.min !== undefined && bounds.max !== undefined && bounds.min > bounds.max)) return null;
  return withLimit({ ...bounds, per }, needs);
}

/** A bound said anew takes the place of the old one and leaves the other end. */
function withLimit({ nutrient, per, ...bound }: Limit, needs: Needs): Needs {
  const limits = needs.limits ?? [];
  const before = limits.find((limit) => limit.nutrient === nutrient && limit.per === per);
  const others = limits.filter((limit) => limit !== before);
  const kept = { ...before, nutrient, per, ...bound };
  // Two bounds that leave nothing between them cannot both be meant: the one said last stands.
  const clean = kept.min !== undefined && kept.max !== undefined && kept.min > kept.max ? { nutrient, per, ...bound } : kept;
  return { ...needs, limits: [...others, clean] };
}

type Bounds = { nutrient: Nutrient; min?: number; max?: number };

/** '400 mg sodium' after its bound, or 'sodium' before it. */
function boundsOf(phrase: string): Bounds | null {
  for (const [end, words] of [
    ['max', MAX_WORDS],
    ['min', MIN_WORDS],
  ] as const) {
    if (words.test(phrase)) return amountOf(phrase.replace(words, ''), end);
    const name = nutrientAtStart(phrase);
    const bound = name && phrase.slice(name.length).trim();
    if (name && bound && (words.test(bound) || (end === 'max' && /^to /.test(bound)))) {
      const amount = bound.replace(words, '').replace(/^to /, '');
      return amountOf(`${amount} ${name}`, end);
    }
  }
  return null;
}

function rangeOf(from: string, to: string): Bounds | null {
  const upper = amountOf(to, 'max');
  if (!upper) return null;
  const unit = AMOUNT.exec(to)?.[2] ?? '';
  const lower = amountOf(`${from}${/[a-zµ]$/.test(from) ? '' : ` ${unit}`} ${to.replace(AMOUNT, '')}`, 'min');
  return lower && lower.nutrient === upper.nutrient ? { ...lower, ...upper } : null;
}

const NAMES = [...NUTRIENT_WORDS.keys()].sort((a, b) => b.length - a.length);
const nutrientAtStart = (phrase: string): string | undefined => NAMES.find((name) => phrase === name || phrase.startsWith(`${name} `));

function amountOf(phrase: string, end: 'min' | 'max'): Bounds | null {
  const amount = AMOUNT.exec(phrase);
  if (!amount) return null;
  const name = phrase.replace(AMOUNT, '').replace(/^of /, '').trim();
  const unit = amount[2]?.toLowerCase();
  const nutrient: Nutrient | undefined =
    name === '' && unit === 'kcal' ? 'energyKcal' : name === '' && unit === 'kj' ? 'energyKj' : NUTRIENT_WORDS.get(name);
  if (!nutrient) return null;
  const value = inUnitOf(nutrient, Number((amount[1] as string).replace(',', '.')), unit);
  return value === null ? null : { nutrient: unit === 'kj' && nutrient === 'energyKcal' ? 'energyKj' : nutrient, [end]: value };
}

/** The number in the unit of the nutrient; null when the unit is not one of its kind. */
function inUnitOf(nutrient: Nutrient, value: number, unit: string | undefined): number | null {
  if (unit === undefined) return value;
  if (unit === 'kcal' || unit === 'kj') return nutrient === 'energyKcal' || nutrient === 'energyKj' ? value : null;
  const own = UNIT_GRAMS.get(nutrientUnit(nutrient));
  const said = UNIT_GRAMS.get(unit);
  return own === undefined || said === undefined ? null : Number(((value * said) / own).toPrecision(12));
}
