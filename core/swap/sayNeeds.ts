/**
 * Needs as they are said: 'no milk, no nuts, at most 400 mg sodium, at least 10 g protein, same body'. Whatever is not
 * understood comes back as it was written; nothing is guessed.
 */
import { searchFoods } from '../food/search.ts';
import type { Shelf } from '../food/shelf.ts';
import { type Nutrient, nutrientUnit } from '../vocabulary/nutrient.ts';
import { type Asked, NO_WORDS, NUTRIENT_WORDS, PHRASES, UNIT_GRAMS } from './data/needWords.ts';
import type { Limit, Needs } from './needs.ts';

export interface SaidNeeds {
  needs: Needs;
  /** Phrases that mean nothing here, as written. */
  unread: string[];
}

const MAX_WORDS = /^(?:at most|no more than|not more than|up to|max(?:imum)?(?: of)?|below|under|less than|<=?|≤)\s*/;
const MIN_WORDS = /^(?:at least|no less than|not less than|min(?:imum)?(?: of)?|above|over|more than|from|>=?|≥)\s*/;
const NO = /^(?:no|without|avoid|leave out)\s+(?:any\s+|the\s+)?/;
const KEEP = /^keep\s+(?:the\s+)?/;
const AMOUNT = /^(\d+(?:[.,]\d+)?)\s*(kcal|kj|µg|ug|mcg|mg|grams?|g)?\s*/;

/** Reads `text` and adds it to `needs`: lists are joined, a bound said anew takes the place of the old one. */
export function sayNeeds(text: string, needs: Needs, shelf: Shelf): SaidNeeds {
  const unread: string[] = [];
  let next = needs;
  const take = (phrase: string): boolean => {
    const taken = readPhrase(tidy(phrase), next, shelf);
    if (taken) next = taken;
    return taken !== null;
  };
  for (const phrase of text.split(/[;\n]|,(?!\d)/)) {
    if (phrase.trim() === '' || take(phrase)) continue;
    // 'no milk and nuts' is two needs; the second goes without its verb.
    const parts = phrase.split(/\s+(?:and|or)\s+|\s*&\s*/);
    const verb = NO.exec(tidy(parts[0] as string))?.[0] ?? '';
    for (const part of parts) if (!take(part) && !(parts.length > 1 && take(`${verb}${part}`))) unread.push(part.trim());
  }
  return { needs: next, unread };
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
  const food = foodCalled(what, shelf);
  return food ? { ...needs, avoidFoods: joined(needs.avoidFoods, [food]) } : null;
}

function asked(what: Asked, needs: Needs, shelf: Shelf): Needs {
  if ('allergens' in what) return { ...needs, allergens: joined(needs.allergens, what.allergens) };
  if ('diets' in what) return { ...needs, diets: joined(needs.diets, what.diets) };
  if ('smooth' in what) return { ...needs, smooth: true };
  const pulses = shelf.foods.filter(({ category }) => category === 'pulse').map(({ id }) => id);
  return { ...needs, avoidFoods: joined(needs.avoidFoods, pulses) };
}

const joined = <T>(list: readonly T[] | undefined, more: readonly T[]): T[] => [...new Set([...(list ?? []), ...more])];

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
  const { nutrient, ...bound } = bounds;
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
