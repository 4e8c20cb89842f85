/**
 * The colour of a blended pot, as a word: what each food tints, added up gram by gram on three axes (green to red, blue to yellow, light to
 * dark) with what is white beside it. People eat with their eyes; it is no measurement of colour (estimate).
 */
import type { Food } from '../vocabulary/food.ts';
import { COLOUR_OF_FOOD, COLOUR_OF_KIND, type Hue } from './data/colours.ts';

/** Below zero green, above it red; above zero yellow; how dark; how much white. Of one gram, or of a pot. */
export interface Tint {
  red: number;
  yellow: number;
  dark: number;
  white: number;
}
export const NO_TINT: Tint = { red: 0, yellow: 0, dark: 0, white: 0 };

const AXES = {
  white: { red: 0, yellow: 0, dark: 0, white: 1 },
  yellow: { red: 0, yellow: 1, dark: 0.05, white: 0 },
  orange: { red: 0.6, yellow: 0.8, dark: 0.1, white: 0 },
  red: { red: 1, yellow: 0.35, dark: 0.2, white: 0 },
  purple: { red: 0.9, yellow: -0.45, dark: 0.4, white: 0 },
  green: { red: -0.9, yellow: 0.45, dark: 0.3, white: 0 },
  brown: { red: 0.3, yellow: 0.4, dark: 0.75, white: 0 },
  grey: { red: 0.03, yellow: 0.06, dark: 0.6, white: 0 },
} as const satisfies Record<Hue, Tint>;

const known = new WeakMap<Food, { tint: Tint | null }>();

/** What a gram of a food gives; null where its colour is not known. */
export function tintOf(food: Food): Tint | null {
  let found = known.get(food);
  if (!found) {
    const colour = COLOUR_OF_FOOD[food.like ?? food.id] ?? COLOUR_OF_KIND[food.category];
    found = { tint: colour ? times(AXES[colour[0]], colour[1]) : null };
    known.set(food, found);
  }
  return found.tint;
}

const times = ({ red, yellow, dark, white }: Tint, by: number): Tint => ({ red: red * by, yellow: yellow * by, dark: dark * by, white: white * by });
const plus = (one: Tint, other: Tint): Tint => ({
  red: one.red + other.red,
  yellow: one.yellow + other.yellow,
  dark: one.dark + other.dark,
  white: one.white + other.white,
});

const SEASONS: ReadonlySet<string> = new Set(['salt', 'spice', 'herb', 'acid', 'fat']);
/** What colours less than this in a gram is not seen in the pinch of it that seasons: pepper is, turmeric is not. */
const FAINT = 8;

/** True of what seasons a pot and leaves its colour. */
export function isFaint(food: Food): boolean {
  const tint = tintOf(food);
  return SEASONS.has(food.category) && tint !== null && Math.abs(tint.red) + Math.abs(tint.yellow) + tint.dark < FAINT;
}

/** Grams of a food that can be seen in the pot. */
export interface Seen {
  food: Food | null;
  grams: number;
}

/** With more than this share of the pot of unknown colour, none is told. */
const MOST_UNKNOWN = 0.1;

/** What red and green that meet add to the dark and to the red, for each of them (estimate). */
const MUD = 1.3;
const MUD_RED = 0.35;
/** The red of an orange lies with its yellow, and muddies green the less. */
const ORANGE = 0.5;

/** The word for the colour of a pot; null where too much of it is unknown, or nothing is in it. */
export function colourOf(seen: readonly Seen[], potGrams: number): string | null {
  let tint = NO_TINT;
  let unknown = 0;
  let reds = 0;
  for (const { food, grams } of seen) {
    const own = food && tintOf(food);
    if (!own) unknown += grams;
    else {
      tint = plus(tint, times(own, grams));
      reds += Math.max(0, own.red - ORANGE * Math.max(0, own.yellow)) * grams;
    }
  }
  if (potGrams <= 0 || unknown > MOST_UNKNOWN * potGrams) return null;
  // Red and green take each other's colour away, and what is left is brown: spinach in tomato.
  const muddied = Math.max(0, Math.min(reds, reds - tint.red));
  return colourWord(times({ ...tint, dark: tint.dark + MUD * muddied, red: tint.red + MUD_RED * muddied }, 1 / potGrams));
}

/** Strength of a gram from which something is coloured at all, and from which it is deep. */
const COLOURED = 0.04;
const WHITE = 0.06;
/** A twentieth of the pot of milk or cream, or of potato that was blended, and nobody sees the bottom any more. */
const CLOUDY = 0.02;
const DEEP = 0.42;
const PALE = 0.1;
/** White beside a colour makes it pale from this ratio on. */
const MILKY = 1.2;
/** Darkness beside the colour from which it is dull, and from which no colour is left. */
const DULL = 0.48;
const NO_COLOUR = 2.4;

/** Hues round the circle, each up to this angle in degrees: 0 is red, 90 yellow, 180 green. */
const ROUND: readonly (readonly [upTo: number, word: string])[] = [
  [-60, 'purple'],
  [2, 'purple-red'],
  [35, 'red'],
  [48, 'orange-red'],
  [67, 'orange'],
  [79, 'yellow-orange'],
  [104, 'yellow'],
  [133, 'yellow-green'],
  [180, 'green'],
];

/** The word for a tint per gram of the pot. */
export function colourWord({ red, yellow, dark, white }: Tint): string {
  const chroma = Math.hypot(red, yellow);
  const strength = chroma + dark;
  if (strength < COLOURED) return white >= WHITE ? 'white' : white >= CLOUDY ? 'milky' : 'nearly clear';
  const how = strength > DEEP ? 'deep ' : strength < PALE || white > MILKY * strength ? 'pale ' : '';
  if (dark > NO_COLOUR * chroma) return `${how}grey`;
  const angle = (Math.atan2(yellow, red) * 180) / Math.PI;
  const hue = ROUND.find(([upTo]) => angle <= upTo)?.[1] ?? 'green';
  if (dark <= DULL * chroma) return how + hue;
  if (/green/.test(hue)) return `${how}grey-green`;
  return `${how}${/^(?:yellow|orange|yellow-orange|orange-red)$/.test(hue) ? 'brown' : `${hue}-brown`}`;
}
