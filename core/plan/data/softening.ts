/**
 * How long vegetables and pulses simmer until a knife slides in, by what they are and how large they are cut. Common practice, no source:
 * carrot 15 to 20 minutes, potato in slices 15 to 20, squash 10 to 12 in small dice and 20 in chunks, 45 with acid from the start,
 * broccoli 10 to 15, split peas 40. All of it is an estimate and is told as one.
 */
export interface Softens {
  says: RegExp;
  /** In pieces of a centimetre. */
  minutes: number;
  /** What falls apart by itself is not cut. */
  whole?: true;
}

export const SOFTENS: readonly Softens[] = [
  { says: /^(?:split-peas)/, minutes: 40, whole: true },
  { says: /^lentils-red/, minutes: 18, whole: true },
  { says: /^lentils-dry/, minutes: 28, whole: true },
  { says: /^(?:white|kidney|black|pinto|navy|lima)-beans-dry|^chickpeas-dry/, minutes: 70, whole: true },
  { says: /^beetroot$/, minutes: 25 },
  { says: /^potato$/, minutes: 18 },
  { says: /^(?:carrot|swede|celeriac|kohlrabi|taro|cassava|yam)$/, minutes: 16 },
  { says: /^(?:turnip|parsnip|sunchoke|sweet-potato)$/, minutes: 13 },
  { says: /^(?:celery|fennel)$/, minutes: 14 },
  { says: /^(?:butternut-squash|pumpkin|acorn-squash|winter-squash)$/, minutes: 11 },
  { says: /^(?:onion|shallot)$/, minutes: 10 },
  { says: /^(?:cauliflower|romanesco)$/, minutes: 7 },
  { says: /^(?:broccoli|leek|asparagus|red-pepper|green-pepper|yellow-pepper)$/, minutes: 6 },
  { says: /^(?:courgette|tomato|mushrooms|peas-fresh|spinach|lettuce.*|chard)$/, minutes: 5 },
];

/** Twice as large takes about half as long again: squash, 11 minutes at a centimetre and 20 at two and a half (common practice). */
export const BY_SIZE = 0.65;
/** With acid from the start squash takes 45 minutes for 20 (common practice). */
export const BY_ACID = 2.2;

/** Centimetres of a piece, by the word for it; the thickness of what is sliced. */
export const CUT_CM: readonly (readonly [says: RegExp, cm: number])[] = [
  [/\b(?:grated|shredded|minced|julienned?|matchsticks?)\b/i, 0.3],
  [/\b(?:finely|fine|small)\s+(?:diced?|dice|chopped|cubed?)\b/i, 0.6],
  [/\bthinly\s+sliced\b/i, 0.3],
  [/\bsliced?\b/i, 0.7],
  [/\b(?:roughly|coarsely)\s+(?:chopped|cut)\b|\bchunks?\b|\blarge\s+(?:dice|diced|pieces)\b/i, 2.5],
  [/\b(?:diced?|dice)\b/i, 1],
  [/\bcubed?|cubes\b/i, 1.5],
  [/\bchopped\b/i, 1.5],
  [/\bflorets?\b/i, 3],
  [/\bquartered|quarters\b/i, 3],
  [/\bhalved|halves\b/i, 4],
  [/\bpieces\b/i, 2],
];
/** Nobody says how it is cut: as for a soup that is blended. */
export const USUAL_CM = 2;
