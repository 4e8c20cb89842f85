/** Doubts that need the whole recipe: steps against lines, times, the liquid, the bowls, and what the text claims. */

import type { Shelf } from '../food/shelf.ts';
import { ALLERGEN_LABELS } from '../vocabulary/allergens.ts';
import { isOf } from '../vocabulary/category.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Line, Recipe } from '../vocabulary/recipe.ts';
import { clausesOf } from './clauses.ts';
import type { Doubt } from './doubts.ts';
import { readLine } from './line.ts';
import { matchFood, wordsOfFood, wordTokens } from './match.ts';
import { roleOf } from './roles.ts';
import { runningText } from './running.ts';
import type { ReadSteps } from './steps.ts';
import type { TextLine } from './textSections.ts';
import { verbsThat } from './verbs.ts';

/** Millilitres of liquid per gram of vegetables at which blended soups are made (common practice, no source). */
export const LIQUID_BAND = { least: 0.8, most: 2 } as const;
const LEAST_VEGETABLES_G = 150;
/** A bowl of soup as it is served (common practice). */
const BOWL_ML = { least: 100, most: 900 } as const;
/** No domestic oven goes higher in Celsius. */
const MOST_CELSIUS = 260;
const NO_SCALE =
  /\b(?:oven (?:to|at)|preheat(?: the oven)? to|heat to|roast(?:ed)?(?: \w+){0,4} at|bake(?: \w+){0,3} at)\s+(\d{3})\b(?!\s*(?:°|º|degrees|deg|[CF]\b|[gm]l?\b))/gi;
const SHORT_BY_MINUTES = 5;
/** Chestnuts and young beans cook to a puree like a vegetable; dry nuts do not. */
const MEALY_WATER_G = 35;
const PUTS_IN = new RegExp(String.raw`^(?:(?:then|now|finally|gradually|slowly)\s+)*(?:${verbsThat('opens')})\b`, 'i');
/** Words of a step that are no ingredient even where a food has that name. */
const THE_POT = new Set(['soup', 'mixture', 'puree', 'liquid', 'pot', 'bisque', 'chowder', 'veloute', 'base', 'batch']);
/** Parts of what is there already; singular. */
const PARTS =
  /^(?:kernel|flesh|pulp|cob|shell|bone|skin|stalk|stem|leaf|leave|floret|top|green|seed|piece|chunk|solid|vegetable|veg|rest|remainder|juice|cooking|drained)$/;
const NOT_INGREDIENTS = new Set(['water', 'heat', 'soup', 'ice', 'crisp', 'chip']);

const OF_BONES = /\b(?:shells?|bones?|heads?|trimmings|carcass(?:es)?|cobs?|peelings?)\b.{0,300}?\bstrain/is;
const IS_THE_CREAM =
  /\b(?:serve|ladle|pour|divide|spoon|reheat) the (?:\w+ )?cream\b(?!,? and\b)|\b(?:to|into|makes?|made|form|get|obtain|until) an? (?:\p{L}+ ){0,3}cream\b/iu;

/** Foods that steps put in and no line lists, as written lines. */
export function unlistedIn(
  steps: readonly TextLine[],
  read: ReadSteps,
  lines: readonly Line[],
  parts: ReadonlyMap<string, string>,
  shelf: Shelf,
): TextLine[] {
  const known = new Set(
    lines.flatMap((line) => [...(read.heads.get(line.id) ?? []), ...wordTokens(line.text.slice(0, 400)), ...wordTokens(parts.get(line.id) ?? '')]),
  );
  const foods = new Set(lines.map(({ foodId }) => foodId));
  const spokenOf = new Set(
    lines.flatMap(({ foodId }) => (foodId ? [...wordsOfFood(shelf.food(foodId) as Food).names].map((tokens) => tokens.at(-1)) : [])),
  );
  const makesStock = lines.some(({ foodId, grams }) => foodId === 'water' && (grams?.best ?? 0) >= STOCK_WATER_G);
  // What was boiled of shells or bones and strained is the stock that is spoken of later.
  const stockOfBones = OF_BONES.test(steps.map(({ text }) => text).join(' '));
  const found = new Map<string, TextLine>();
  for (const { text, at } of steps) {
    // Nothing is put in where nothing is measured and no verb of putting in begins a clause.
    if (!MEASURES.test(text) && !clausesOf(text).some((clause) => PUTS_IN.test(clause.text))) continue;
    const told = runningText([{ text, at }], shelf);
    for (const line of told.ingredients) {
      const { food, amount } = readLine(line.text);
      const tokens = wordTokens(food);
      const match = matchFood(food, shelf);
      if (tokens.length === 0 || tokens.some((token) => known.has(token)) || (!amount.range && tokens.some((token) => NOT_INGREDIENTS.has(token))))
        continue;
      // 'Celeriac (2cm dice)' is cut so.
      if (/^\d+(?:[.,]\d+)?\s?(?:cm|mm|in|inch)\b/i.test(line.text)) continue;
      // 'A ladle of the soup' is of the pot itself.
      if (THE_POT.has(tokens.at(-1) ?? '')) continue;
      // 'Keep back a cup of kernels' is of the corn that is there.
      if (match.kind === 'none' && PARTS.test(tokens.at(-1) ?? '')) continue;
      // 'Pour off all but a tablespoon of fat': of what came out of the bacon.
      if (/^(?:fat|drippings?|grease)$/.test(tokens.at(-1) ?? '') && STAYS.test(text.slice(0, text.indexOf(line.text)))) continue;
      // The stock that was made of the water is no other.
      if (!amount.range && stockOfBones && /^(?:stock|broth)$/.test(tokens.at(-1) ?? '')) continue;
      // 'Blend to a cream', 'serve the cream in warm bowls': that is the soup.
      if (!/\d/.test(line.text) && tokens.at(-1) === 'cream' && IS_THE_CREAM.test(text)) continue;
      if (makesStock && tokens.length === 1 && /^(?:stock|broth|bouillon|liquid)$/.test(tokens.at(-1) ?? '')) continue;
      if (match.kind === 'none' ? !amount.range : foods.has('foodId' in match ? match.foodId : null)) continue;
      if (!amount.range && (tokens.some((token) => spokenOf.has(token)) || !puts(text, food))) continue;
      found.set(tokens.join(' '), line);
    }
  }
  return [...found.values()];
}

/**
 * A step that seasons a soup no line of which is salt: salt goes in, nobody says how much. 'Season with fish sauce' names what with.
 * `texts` of the lines there are, `salted` where one of them is salt.
 */
export function seasonedIn(steps: readonly TextLine[], lines: readonly Line[], shelf: Shelf): TextLine | null {
  const isSalt = ({ foodId, text }: Line) => shelf.food(foodId ?? '')?.category === 'salt' || /\b(?:salt(?!ed)|season(?:ing)?)\b/i.test(text);
  if (lines.some(isSalt)) return null;
  const step = steps.find(({ text }) => clausesOf(text).some((clause) => SEASONS.test(clause.text)));
  return step ? { text: 'salt, to taste', at: step.at } : null;
}
const SEASONS =
  /^(?:(?:and|then|now|finally|serve|taste|blend|stir|cream in)\b[\s,]*(?:it|well|and|then)*\s*)*season(?!ed|al|ing)\b(?!\s+again\b)(?!\s+(?:\p{L}+\s+){0,4}?with\b)(?!\s+the\s+(?!soup|pot|mixture|pur[eé]e))|\b(?:adjust|check|correct)\s+(?:for\s+)?(?:the\s+)?(?:seasoning|salt)\b|\b(?:check|taste|adjust)\s+for\s+(?:salt|seasoning)\b|\band season(?: well| to taste)?\s*$/iu;

const STAYS = /\b(?:all (?:but|except)|leav(?:e|ing)|keep(?:ing)?|reserv(?:e|ing)|sav(?:e|ing))\s+(?:(?:about|only|just|some)\s+)*$/i;

const MEASURES = /\d|[½¼¾⅓⅔]|\b(?:half|one|two|three|four|five|six|pinch|handful|splash|knob|glug|dash|spoon\w*|cup)\b/i;
/** Water for a stock of one's own. */
const STOCK_WATER_G = 400;

/** Without an amount, only a clause that begins with a verb of putting in names an ingredient. */
const puts = (step: string, food: string): boolean =>
  clausesOf(step).some(
    ({ text }) =>
      PUTS_IN.test(text) &&
      text
        .split(/\b(?:until|till|so that|so it)\b/i, 1)[0]
        ?.toLowerCase()
        .includes(food.toLowerCase()) === true &&
      roleOf(text) === 'put',
  );

export function wholeDoubts(recipe: Recipe, claimedMinutes: number | undefined, shelf: Shelf, textLineOf: (lineId: string) => number): Doubt[] {
  const doubts: Doubt[] = [];
  const { lines, steps } = recipe;
  const say = (code: Doubt['code'], message: string, lineId: string | null = null) =>
    doubts.push({ code, lineId, textLine: lineId === null ? null : textLineOf(lineId), message });
  if (steps.length > 0) {
    const used = new Set(steps.flatMap(({ uses }) => uses ?? []));
    const parents = new Set(lines.flatMap(({ partOf }) => partOf ?? []));
    const idle = lines.filter(
      (line) =>
        !used.has(line.id) &&
        !parents.has(line.id) &&
        line.stage !== 'plate' &&
        line.stage !== 'bowl' &&
        line.foodId !== null &&
        !chosenElsewhere(line, lines, used),
    );
    // One idle line is a slip; when most are idle the steps speak in general words and say nothing of them.
    if (used.size >= 2 && idle.length * 2 <= lines.length)
      for (const line of idle)
        say('line.unused', `No step uses '${line.text}'. It is counted where the pot simmers; move it, or take it out.`, line.id);
    const least = steps.reduce((sum, step) => sum + (step.minutes?.min ?? 0), 0);
    if (claimedMinutes !== undefined && least > claimedMinutes + SHORT_BY_MINUTES)
      say(
        'time.short',
        `The text promises ${claimedMinutes} minutes; its steps alone add up to ${Math.round(least)}, and cutting and coming to the boil come on top.`,
      );
  }
  const scaleless = steps.flatMap(({ text }) => [...text.matchAll(NO_SCALE)].map(([, number]) => Number(number)));
  if (scaleless.length > 0)
    say(
      'temperature.scale',
      `${[...new Set(scaleless)].map((degrees) => (degrees > MOST_CELSIUS ? `${degrees} has no scale: read as Fahrenheit, about ${Math.round(((degrees - 32) * 5) / 9 / 5) * 5} C` : `${degrees} has no scale: read as Celsius; in Fahrenheit the oven would hardly be warm`)).join('. ')}.`,
    );
  const byMake = lines.filter((line) => line.chosen !== false && madeInMakes(line, shelf));
  if (byMake.length > 0)
    say(
      'label.read',
      `What is in these depends on the make: ${byMake
        .slice(0, MOST_NAMED)
        .map((line) => inTheMake(line, shelf))
        .join('; ')}. The board says 'check' until their labels are read.`,
    );
  const ml = bowlMl(recipe);
  if (ml !== null && (ml < BOWL_ML.least || ml > BOWL_ML.most))
    say(
      'bowls.implausible',
      `What is listed makes about ${Math.round(ml / 10) * 10} ml a bowl for ${recipe.servings} bowls. Check the number of bowls and the largest amounts.`,
    );
  const ratio = liquidRatio(lines, shelf);
  if (ratio !== null && (ratio < LIQUID_BAND.least || ratio > LIQUID_BAND.most))
    say(
      'liquid.ratio',
      `${ratio.toFixed(1)} ml of liquid to a gram of vegetables: blended soups lie between ${LIQUID_BAND.least} and ${LIQUID_BAND.most.toFixed(1)}. ${ratio > LIQUID_BAND.most ? 'It will be thin: hold liquid back.' : 'It will be stiff: have more liquid at hand.'} Check the amounts.`,
    );
  return doubts;
}

/** Ready-made food that some makers put an allergen into and others do not. Stocks are asked about on their own. */
function madeInMakes({ foodId }: Line, shelf: Shelf): boolean {
  const food = foodId === null ? undefined : shelf.food(foodId);
  return food?.usual !== undefined && food.checks.length > 0;
}
const inTheMake = ({ foodId, text }: Line, shelf: Shelf): string => {
  const { checks } = shelf.food(foodId as string) as Food;
  const named = [...new Set(checks.map(({ allergen }) => ALLERGEN_LABELS[allergen]))];
  return `'${text.length > MOST_WORDS ? `${text.slice(0, MOST_WORDS)} ...` : text}' (${named.slice(0, MOST_NAMED).join(', ')})`;
};
const MOST_NAMED = 6;
const MOST_WORDS = 60;

/** About what one bowl holds, ml; null where bowls or too many weights are not known. */
function bowlMl({ servings, lines }: Recipe): number | null {
  const parents = new Set(lines.flatMap(({ partOf }) => partOf ?? []));
  const inPot = lines.filter(
    ({ id, stage, chosen, eaten }) => !parents.has(id) && chosen !== false && stage !== 'bowl' && stage !== 'plate' && eaten !== 'removed',
  );
  if (!servings || inPot.length < 3) return null;
  return inPot.reduce((sum, { grams }) => sum + (grams?.best ?? 0), 0) / servings;
}

/** Alternatives stand or fall together: a step that uses one uses the choice. */
const chosenElsewhere = (line: Line, lines: readonly Line[], used: ReadonlySet<string>): boolean =>
  line.choiceOf !== undefined && lines.some((other) => other.choiceOf === line.choiceOf && used.has(other.id));

/** Ml of stock and water per gram of vegetables in the pot; null where one of them is missing or hardly there. */
export function liquidRatio(lines: readonly Line[], shelf: Shelf): number | null {
  const parents = new Set(lines.flatMap(({ partOf }) => partOf ?? []));
  let liquid = 0;
  let vegetables = 0;
  for (const line of lines) {
    if (parents.has(line.id) || line.chosen === false || line.stage === 'bowl' || line.stage === 'plate' || line.eaten === 'removed') continue;
    const food = line.foodId ? shelf.food(line.foodId) : undefined;
    // What nobody knows may be solid or liquid: nothing is said of the ratio.
    if (!food && (line.grams?.best ?? 0) >= LEAST_VEGETABLES_G) return null;
    if (!food || !line.grams) continue;
    const pours =
      isOf(food.category, 'liquid') ||
      (food.category === 'dairy' && (food.densityGPerMl ?? 0) > 0 && (food.per100g.waterG ?? 0) > 80) ||
      (food.category === 'plant-cream' && (food.per100g.waterG ?? 0) > 80);
    if (pours && food.state !== 'dry') liquid += line.grams.best / (food.densityGPerMl ?? 1);
    else if (
      (isOf(food.category, 'vegetable') || (food.category === 'nut-seed' && (food.per100g.waterG ?? 0) > MEALY_WATER_G)) &&
      food.state !== 'dry'
    )
      vegetables += line.grams.best;
    else if (food.category === 'pulse' || food.state === 'dry') return null;
  }
  return liquid > 0 && vegetables >= LEAST_VEGETABLES_G ? liquid / vegetables : null;
}
