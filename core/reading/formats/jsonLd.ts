/** A schema.org Recipe in JSON-LD, alone, in a list or in a graph: https://schema.org/Recipe. */

import { noSections, type Sections, type TextLine } from '../textSections.ts';
import { type Yield, yieldIn } from '../yield.ts';
import { readHtml } from './html.ts';

type Json = Record<string, unknown>;

const isObject = (value: unknown): value is Json => typeof value === 'object' && value !== null && !Array.isArray(value);
const MOST_DEEP = 12;

/** Every Recipe in a JSON-LD value, in order. */
function recipesIn(value: unknown, depth = 0): Json[] {
  if (depth > MOST_DEEP) return [];
  if (Array.isArray(value)) return value.flatMap((one) => recipesIn(one, depth + 1));
  if (!isObject(value)) return [];
  const types = [value['@type']].flat();
  if (types.some((type) => typeof type === 'string' && /(?:^|[/:])Recipe$/.test(type))) return [value];
  return ['@graph', 'mainEntity', 'mainEntityOfPage', 'itemListElement', 'item'].flatMap((key) => recipesIn(value[key], depth + 1));
}

/** The recipe of parsed JSON-LD as sections; null when there is none. */
export function sectionsOfJsonLd(value: unknown, source: string): Sections | null {
  const recipe = recipesIn(value)[0];
  if (!recipe) return null;
  const lines = source.split('\n');
  let from = 0;
  const place = (text: string): TextLine => {
    const probe = text.slice(0, 24);
    const at = lines.findIndex((line, index) => index >= from && line.includes(probe));
    if (at >= 0) from = at;
    return { text, at: Math.max(at, 0) };
  };
  const ingredients = texts(recipe.recipeIngredient ?? recipe.ingredients).map(place);
  const steps = instructions(recipe.recipeInstructions).map(place);
  const yields = [recipe.recipeYield ?? recipe.yield]
    .flat()
    .flatMap((one): Yield[] => (typeof one === 'number' ? [{ bowls: { min: one, max: one } }] : [yieldOf(one)].filter((made) => made !== null)));
  const made = yields.find(({ bowls }) => bowls && bowls.min > 0) ?? yields.find(({ bowls }) => !bowls);
  const total = minutesOfDuration(recipe.totalTime);
  return {
    ...noSections(),
    title: plain(recipe.name) || 'Untitled soup',
    made: made ? { ...made, at: 0 } : null,
    ingredients,
    steps,
    ...(total === null ? {} : { claimedMinutes: total }),
  };
}

function yieldOf(value: unknown): Yield | null {
  const text = plain(value);
  return yieldIn(text) ?? (/^\d+(?:\s*(?:-|to)\s*\d+)?$/.test(text) ? yieldIn(`${text} servings`) : yieldIn(`Makes ${text}`));
}

/** Text without markup; JSON-LD fields often carry HTML. */
const plain = (value: unknown): string =>
  typeof value === 'string' ? readHtml(value).text.replace(/\n/g, ' ').trim() : typeof value === 'number' ? String(value) : '';
const texts = (value: unknown): string[] =>
  (typeof value === 'string' ? readHtml(value).text.split('\n') : [value].flat().map(plain)).filter(Boolean);

function instructions(value: unknown, depth = 0): string[] {
  if (depth > MOST_DEEP) return [];
  if (typeof value === 'string')
    return readHtml(value)
      .text.split('\n')
      .map((line) => line.trim())
      .filter(Boolean);
  if (Array.isArray(value)) return value.flatMap((one) => instructions(one, depth + 1));
  if (!isObject(value)) return [];
  if (value.itemListElement !== undefined) return instructions(value.itemListElement, depth + 1);
  const text = plain(value.text ?? value.name);
  return text ? [text] : [];
}

/** ISO 8601 durations of hours and minutes: 'PT1H30M'. */
export function minutesOfDuration(value: unknown): number | null {
  const found = typeof value === 'string' ? /^P(?:(\d+)D)?T?(?:(\d+)H)?(?:(\d+)M)?(?:\d+S)?$/i.exec(value.trim()) : null;
  if (!found) return null;
  const minutes = Number(found[1] ?? 0) * 1440 + Number(found[2] ?? 0) * 60 + Number(found[3] ?? 0);
  return minutes > 0 ? minutes : null;
}
