/**
 * An amount as someone types it into a line of the pot: grams, another weight, or a kitchen measure of the food. What the pot holds is
 * edible, so a weight is taken as it enters the pot. What can be read two ways is asked; what cannot be read is said, never thrown away.
 */
import { formatGrams } from '../food/measure.ts';
import { readRange } from '../quantity/amount.ts';
import type { System } from '../quantity/units.ts';
import { unitOf } from '../quantity/units.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Grams } from '../vocabulary/recipe.ts';
import { weigh } from './grams.ts';
import { readLine } from './line.ts';

export type TypedAmount =
  /** `said` repeats a measure in grams: '5 cups = 1.2 kg'; empty where grams were typed. */
  { kind: 'grams'; grams: Grams; said: string } | { kind: 'ask'; readings: { label: string; grams: Grams }[] } | { kind: 'fault'; message: string };

export interface TypedIn {
  /** Null where the line has no food: only weights can be read then. */
  food: Food | null;
  system: System;
  /** What a bare number counts: grams, or the measure the box was opened in ('cup'). */
  unit: string;
}

/** A scale in a kitchen is out by a hundredth (science of kitchens). */
const WEIGHED = 0.01;
const MOST_GRAMS = 1e6;
const weighed = (best: number): Grams => ({ best, low: best * (1 - WEIGHED), high: best * (1 + WEIGHED) });
const fault = (message: string): TypedAmount => ({ kind: 'fault', message });

export function typedAmount(typed: string, { food, system, unit }: TypedIn): TypedAmount {
  const text = typed.trim().replace(/\s+/g, ' ');
  if (text === '') return fault('Type an amount, or Escape to leave it as it was.');
  if (/^-/.test(text)) return fault('An amount is not below nothing.');
  const thousands = /^(\d{1,3})[,.](\d{3})(?:\s*(\D.*))?$/.exec(text);
  if (thousands && thousands[1] !== '0') return twoWays(thousands[1] as string, thousands[2] as string, thousands[3] ?? '', { food, system, unit });
  const bare = /^\d+(?:[.,]\d+)?$|^\d*\s?[½⅓¼⅔¾]$|^\d+(?:\s\d+)?\/\d+$/u.test(text);
  return measured(bare && unit !== 'g' ? `${text} ${unit}` : text, bare && unit === 'g', food, system);
}

/** '1,200' is twelve hundred to some and one and a fifth to others. */
function twoWays(whole: string, part: string, tail: string, into: TypedIn): TypedAmount {
  const readings = [`${whole}${part}`, `${whole}.${part}`].flatMap((number) => {
    const read = typedAmount(`${number.replace(/(\.\d*?)0+$/, '$1').replace(/\.$/, '')}${tail ? ` ${tail}` : ''}`, into);
    return read.kind === 'grams' ? [{ label: read.said || formatGrams(read.grams.best), grams: read.grams }] : [];
  });
  if (readings.length < 2) return fault(`'${whole},${part}' can be read two ways. Type ${whole}${part}, or ${whole}.${part.slice(0, 2)}.`);
  return { kind: 'ask', readings };
}

function measured(text: string, isGrams: boolean, food: Food | null, system: System): TypedAmount {
  const number = readRange(text);
  const word = number?.rest.split(' ')[0] ?? '';
  const mass = isGrams ? { kind: 'mass' as const, name: 'g', grams: 1 } : unitOf(word);
  if (number && number.range.min === number.range.max && mass?.kind === 'mass' && number.rest.replace(word, '').trim() === '') {
    const best = number.range.min * mass.grams;
    if (best > MOST_GRAMS) return fault('No pot holds more than a tonne.');
    return { kind: 'grams', grams: weighed(best), said: mass.name === 'g' ? '' : `${text} = ${formatGrams(best)}` };
  }
  if (!food) return fault('This line has no food yet: only a weight can be read, as 250 g.');
  // A measure of the food: what is typed behind it names it, or nothing does.
  const { amount, food: words } = readLine(/\p{L}{2,} \p{L}{3,}/u.test(text) ? text : `${text} ${food.aliases[0] ?? food.name}`);
  const found = amount.unit || amount.size || amount.range ? weigh(amount, { ...food, edibleShare: 1 }, system, words) : null;
  if (!found) return fault(`'${text}' cannot be read as an amount of ${food.name.split(',')[0]?.toLowerCase()}. Type grams, as 250 g.`);
  return { kind: 'grams', grams: found.grams, said: `${text} = ${formatGrams(found.grams.best)}` };
}

/** A change of more than this many times is worth a word. */
const LARGE = 10;

/** True when an amount became more than ten times as much or as little: a slip of a digit or a unit. */
export const isLargeChange = (before: number, after: number): boolean => before > 0 && after > 0 && Math.max(before / after, after / before) > LARGE;
