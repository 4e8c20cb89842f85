/** How long things take where nobody says, minutes; common practice, no source. All of it is an estimate and is told as one. */
import type { Method } from '../../vocabulary/recipe.ts';

export interface Usual {
  minutes: number;
  /** It keeps somebody at it from beginning to end. */
  handsOn: boolean;
}

export const USUAL: Readonly<Record<Method, Usual>> = {
  none: { minutes: 3, handsOn: true },
  sweat: { minutes: 10, handsOn: true },
  brown: { minutes: 8, handsOn: true },
  fry: { minutes: 8, handsOn: true },
  roast: { minutes: 35, handsOn: false },
  bake: { minutes: 25, handsOn: false },
  boil: { minutes: 15, handsOn: false },
  simmer: { minutes: 20, handsOn: false },
  steam: { minutes: 15, handsOn: false },
  pressure: { minutes: 15, handsOn: false },
  blend: { minutes: 5, handsOn: true },
  soak: { minutes: 480, handsOn: false },
};

/** Work of no method whose words say that it waits. */
export const WAITING: readonly { says: RegExp; minutes: number }[] = [
  { says: /\bovernight\b/i, minutes: 480 },
  { says: /\b(?:chill|refrigerate|in the fridge)\b/i, minutes: 120 },
  { says: /\b(?:cool|off the (?:heat|ring|boil)|stand|rest|leave|infuse|steep|set aside)\b/i, minutes: 10 },
];

/** An oven to 200 C and more. */
export const PREHEAT_MIN = 12;
/** Dry kidney-type beans in water, in the fridge (FDA Bad Bug Book: 5 hours or more). */
export const SOAK_MIN = 300;
/** Hot soup off the heat with the lid off, before it goes into a jar. */
export const VENT_MIN = 10;
/** A jar filled, blended and poured out. */
export const JAR_MIN = 2.5;
/** A jar of hot soup is filled to this share of it. */
export const JAR_FILL = 0.5;

/** From the tap or the fridge to the boil, C; hot liquid stands this near to it. */
export const COLD_C = 15;
export const HOT_C = 85;
/** J/(g K) of soup, watts of a ring nobody has measured, and the share of them that reaches the pot (electric; gas some 0.45). */
export const SOUP_HEAT = 3.9;
export const USUAL_RING_KW = 2;
export const RING_EFFICIENCY = 0.8;

/** A kettle: what it holds, ml, and what of its 2.2 kW reaches the water, W (common practice, no source). */
export const KETTLE_ML = 1700;
export const KETTLE_W = 2000;
/** A spoon of hot water comes from the tap, g. */
export const LEAST_HEATED_G = 150;

/** Work of the board, minutes a kilogram as it goes in, by hands that do it now and then; common practice, no source. */
export const BOARD: readonly { says: RegExp; perKg: number }[] = [
  { says: /\bpeel(?:ed)?\b/i, perKg: 5 },
  { says: /\b(?:diced?|cubed?|chop(?:ped)?|minced?|julienned?|matchsticks?)\b/i, perKg: 6 },
  { says: /\b(?:sliced?|cut|halved?|quartered|chunks?|pieces|shredded|strips?|florets?)\b/i, perKg: 4 },
  { says: /\b(?:grated|zested)\b/i, perKg: 10 },
  { says: /\b(?:washed|cleaned|rinsed|trimmed|picked|topped and tailed)\b/i, perKg: 3 },
  { says: /\b(?:crushed|pressed|pitted|stoned|cored|deseeded|seeded)\b/i, perKg: 8 },
];
/** Nobody plans the board by less. */
export const LEAST_BOARD_MIN = 2;

/** One oven tray in one layer, g of vegetables; what browns is crowded beyond it (common practice, no source). */
export const TRAY_GRAMS = 900;
/** A tray of 53 x 32.5 cm and 6.5 cm (EN 631-1 GN 1/1, from memory), cm2 and cm. */
export const TRAY_CM2 = 1720;
export const TRAY_DEPTH_CM = 6.5;
/** Soup as it comes off the ring or out of the jar, C. */
export const CHILL_FROM_C = 85;
/** Ladled into trays, minutes a litre; one bowl portioned, covered and labelled, minutes. */
export const SPREAD_MIN_PER_LITRE = 1;
export const PORTION_MIN = 0.5;
