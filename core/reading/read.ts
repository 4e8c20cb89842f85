/** Reads a pasted recipe into a Recipe with its doubts. Nothing is guessed silently; nothing blocks. */
import { searchFoods } from '../food/search.ts';
import type { Shelf } from '../food/shelf.ts';
import type { Food } from '../food/types.ts';
import { midpoint } from '../quantity/amount.ts';
import type { System } from '../quantity/units.ts';
import type { Grams, Line, Recipe, Stage } from '../recipe.ts';
import { byConsequence, consequence, type Doubt, readingOf } from './doubts.ts';
import { ounceReadings, saysDrained, type Weighing, type WrittenAmount, weigh } from './grams.ts';
import { readLine, type WrittenLine } from './line.ts';
import { type Match, matchFood } from './match.ts';
import { findSections, type TextLine } from './sections.ts';
import { readSteps } from './steps.ts';
import { RINSED } from './words.ts';

export type MeasureChoice = 'auto' | System;

export interface Reading {
  recipe: Recipe;
  measures: System;
  doubts: Doubt[];
}

/** Bowls by which a consequence is stated when the text gives none. */
const ASSUMED_BOWLS = 4;
const DISAGREE = 0.15;
const SUGGESTIONS = 4;
/** Tenths of a day, summed over the figures people limit. */
const WORTH_ASKING = 0.5;

interface Context {
  shelf: Shelf;
  system: System;
  bowls: number;
  doubts: Doubt[];
}

interface Draft {
  line: Line;
  textLine: TextLine;
}

export function readRecipe(text: string, options: { measures: MeasureChoice }, shelf: Shelf): Reading {
  const sections = findSections(text);
  const system = options.measures === 'auto' ? systemOf(text) : options.measures;
  const doubts: Doubt[] = [];
  const servings = sections.servings ? midpoint(sections.servings) : undefined;
  const context: Context = { shelf, system, bowls: servings ?? ASSUMED_BOWLS, doubts };

  const drafts: Draft[] = [];
  for (const textLine of sections.ingredients) drafts.push(...readIngredient(textLine, drafts.length, context));
  const lines = drafts.map(({ line }) => line);
  const { steps, stages, eaten } = readSteps(sections.steps, lines, shelf);
  for (const line of lines) {
    line.stage = stages.get(line.id) ?? (steps.length > 0 ? 'simmer' : defaultStage(line));
    const gone = eaten.get(line.id);
    if (gone) line.eaten = gone;
  }
  doubtServings(sections.servings, context);
  if (lines.length === 0)
    doubts.push({
      code: 'lines.none',
      lineId: null,
      textLine: null,
      message: 'No ingredient was found. Put each ingredient on a line of its own, with its amount first.',
    });
  else if (system === 'us' && options.measures === 'auto' && /\bpints?\b/i.test(text) && !/\b(cups?|quarts?|oz)\b/i.test(text)) {
    doubts.push({
      code: 'measures.unclear',
      lineId: null,
      textLine: null,
      message: 'A pint is 473 ml in US recipes and 568 ml in British ones. Read as US; choose the measures if it is not.',
    });
  }
  return {
    recipe: { title: sections.title || 'Untitled soup', ...(servings === undefined ? {} : { servings }), lines, steps },
    measures: system,
    doubts: byConsequence(doubts),
  };
}

/** US when it speaks of cups, sticks, quarts or pounds and not of grams or millilitres; metric otherwise. */
function systemOf(text: string): System {
  const metric = text.match(/\d\s*(?:g|kg|ml|cl|dl|l|litres?|grams?)\b/gi)?.length ?? 0;
  const us =
    text.match(/\b(?:cups?|quarts?|sticks? (?:of )?butter|lbs?|pounds?|oz|ounces?|all-purpose|half[- ](?:and|&)[- ]half|kosher)\b/gi)?.length ?? 0;
  if (metric === 0) return 'us';
  return us > metric ? 'us' : 'metric';
}

function doubtServings(servings: { min: number; max: number; at: number } | null, { doubts }: Context): void {
  if (!servings)
    doubts.push({
      code: 'servings.missing',
      lineId: null,
      textLine: null,
      message: 'The text does not say how many bowls it makes. A bowl of 240 ml is assumed until you say.',
    });
  else if (servings.min !== servings.max)
    doubts.push({
      code: 'servings.range',
      lineId: null,
      textLine: servings.at,
      message: `The text says ${servings.min} to ${servings.max} bowls; read as ${midpoint(servings)}.`,
    });
}

/** One written line gives one line of the recipe, or two: 'salt and pepper', 'butter or oil'. */
function readIngredient(textLine: TextLine, from: number, context: Context): Draft[] {
  const written = readLine(textLine.text);
  const id = (offset: number) => `l${from + offset + 1}`;
  const pair = pairOf(written, context.shelf);
  if (!pair) return [oneLine(written, textLine, id(0), context)];
  const drafts = pair.foods.map((food, offset) => oneLine({ ...written, food }, textLine, id(offset), context));
  if (pair.joined === 'or') {
    for (const [index, { line }] of drafts.entries()) Object.assign(line, { choiceOf: `c${from + 1}`, chosen: index === 0 });
    context.doubts.push({
      code: 'choice',
      lineId: id(0),
      textLine: textLine.at,
      message: `'${written.text}' is a choice; read as the first.`,
      readings: drafts.flatMap(({ line }) =>
        line.foodId && line.grams
          ? [readingOf(context.shelf.food(line.foodId)?.name ?? '', line.foodId, line.grams.best, context.bowls, context.shelf)]
          : [],
      ),
    });
  }
  return drafts;
}

function pairOf({ food, amount }: WrittenLine, shelf: Shelf): { foods: string[]; joined: 'and' | 'or' } | null {
  const parts = /^(.+?)\s+(and|or|&)\s+(.+)$/i.exec(food);
  if (!parts || matchFood(food, shelf).kind === 'food') return null;
  const joined = (parts[2] as string).toLowerCase() === 'or' ? 'or' : 'and';
  if (joined === 'and' && amount.range) return null;
  const foods = [parts[1] as string, parts[3] as string];
  // 'chicken or vegetable stock': the last word belongs to both.
  const last = foods[1]?.split(' ').at(-1) ?? '';
  if (joined === 'or' && matchFood(`${foods[0]} ${last}`, shelf).kind === 'food' && matchFood(foods[1] as string, shelf).kind === 'food')
    foods[0] = `${foods[0]} ${last}`;
  return foods.every((part) => matchFood(part, shelf).kind === 'food') ? { foods, joined } : null;
}

function oneLine(written: WrittenLine, textLine: TextLine, id: string, context: Context): Draft {
  const line: Line = { id, stage: 'simmer', text: written.text, foodId: null, grams: null };
  const { range, unit, size } = written.amount;
  if (range) line.amount = { ...range, unit: unit?.name ?? size ?? 'each' };
  if (written.amount.after) line.prep = written.amount.after;
  if (written.optional) line.optional = true;
  const food = chooseFood(written, line, textLine, context);
  if (food) {
    line.foodId = food.id;
    line.grams = chooseGrams(written, food, line, textLine, context);
  } else line.grams = gramsWithoutFood(written.amount, context.system);
  return { line, textLine };
}

/** The food of a line, with a doubt where the words leave it open. */
function chooseFood(written: WrittenLine, line: Line, textLine: TextLine, context: Context): Food | null {
  const { shelf, doubts } = context;
  const drained = drainedRow(written, shelf);
  const match: Match = drained ?? matchWhole(written, shelf);
  const at = { lineId: line.id, textLine: textLine.at };
  if (match.kind === 'food') return shelf.food(match.foodId) as Food;
  if (match.kind === 'none') {
    doubts.push({
      ...at,
      code: 'food.unmatched',
      message: `No food on the shelf is '${written.food.trim()}'. Until you choose one, every figure is at least what is shown and every allergen has to be checked.`,
      readings: suggestions(written, context),
    });
    return null;
  }
  const ids = match.kind === 'modified' ? [match.foodId] : match.foodIds;
  const message =
    match.kind === 'modified'
      ? `The shelf has no row for '${match.word} ${shelf.food(match.foodId)?.name}'; read as ${shelf.food(match.foodId)?.name}.`
      : `'${match.word}' can be several foods; read as ${shelf.food(ids[0] as string)?.name}.`;
  const readings = ids.flatMap((foodId) => {
    const food = shelf.food(foodId) as Food;
    const weighed = weigh(written.amount, food, context.system, written.food);
    return weighed ? [readingOf(food.name, foodId, weighed.grams.best, context.bowls, shelf)] : [];
  });
  doubts.push({ ...at, code: match.kind === 'modified' ? 'food.modified' : 'food.ambiguous', message, ...(readings.length > 0 ? { readings } : {}) });
  return shelf.food(ids[0] as string) as Food;
}

/** The food words alone, else with what follows them: 'beans, canned'. */
function matchWhole({ food, amount }: WrittenLine, shelf: Shelf): Match {
  const alone = matchFood(food, shelf);
  if (amount.unit?.kind !== 'count') return alone;
  // 'garlic clove' lost its measure to the unit; 'celery sticks' too; a 'vegetable stock cube' is no vegetable stock.
  const withUnit = matchFood(`${food} ${amount.unit.name}`, shelf);
  return withUnit.kind === 'food' || (alone.kind === 'none' && withUnit.kind !== 'none') ? withUnit : alone;
}

/** Beans of a tin that says nothing of draining are read with their liquid, those it calls rinsed as rinsed, where the shelf has that row. */
function drainedRow({ text, food, amount }: WrittenLine, shelf: Shelf): Match | null {
  const match = matchFood(food, shelf);
  if (match.kind !== 'food' || !match.foodId.endsWith('-drained')) return null;
  const stem = match.foodId.replace(/-drained$/, '');
  const row = RINSED.test(text) ? `${stem}-rinsed` : amount.unit?.name === 'can' && !saysDrained(text) ? stem : null;
  return row && shelf.food(row) ? { kind: 'food', foodId: row } : null;
}

function suggestions({ food, amount }: WrittenLine, { shelf, system, bowls }: Context) {
  return searchFoods(shelf, food.replace(/[^\p{L}\s-]/gu, ' '), SUGGESTIONS, 'all').flatMap(({ food: hit }) => {
    const weighed = weigh(amount, hit, system, food);
    return weighed ? [readingOf(hit.name, hit.id, weighed.grams.best, bowls, shelf)] : [];
  });
}

function chooseGrams(written: WrittenLine, food: Food, line: Line, textLine: TextLine, context: Context): Grams | null {
  const { amount } = written;
  const { shelf, bowls, doubts, system } = context;
  const at = { lineId: line.id, textLine: textLine.at };
  if (!amount.range) {
    if (written.toTaste || food.category === 'salt' || food.category === 'spice') {
      doubts.push({ ...at, code: 'amount.toTaste', message: `${food.name} is not measured here. Weigh what goes in: it is never nothing.` });
    } else
      doubts.push({
        ...at,
        code: 'amount.unknown',
        message: `The text gives no amount for ${food.name}. Every figure is at least what is shown until you weigh it.`,
      });
    return null;
  }
  const ounces = ounceReadings(amount, food);
  if (ounces) return doubtOunce(ounces, food, amount, at, context);
  const weighed = weigh(amount, food, system, written.food);
  if (!weighed) {
    doubts.push({ ...at, code: 'amount.unknown', message: `It is not known what '${written.text}' weighs. Weigh it, or give grams.` });
    return null;
  }
  if (amount.aside) return settleAside(weighed, amount, food, at, context);
  if (weighed.how === 'as bought' && food.edibleShare < 0.95) {
    const doubt: Doubt = {
      ...at,
      code: 'asBought',
      message: `${food.name}: weighed before trimming, ${Math.round(weighed.grams.best)} g are eaten; weighed after, ${Math.round(weighed.grams.high)} g.`,
      readings: [
        readingOf('weighed as bought', food.id, weighed.grams.best, bowls, shelf),
        readingOf('weighed ready to cook', food.id, weighed.grams.high, bowls, shelf),
      ],
    };
    // The interval holds both; a carrot's peel is not worth a question.
    if (consequence(doubt) >= WORTH_ASKING) doubts.push(doubt);
  }
  return weighed.grams;
}

type Place = { lineId: string; textLine: number };

function doubtOunce(
  ounces: { weight: number; volume: number },
  food: Food,
  amount: WrittenAmount,
  at: Place,
  { doubts, bowls, shelf }: Context,
): Grams {
  const readings = [readingOf('by weight', food.id, ounces.weight, bowls, shelf), readingOf('by cup measure', food.id, ounces.volume, bowls, shelf)];
  doubts.push({
    ...at,
    code: 'ounce',
    message: `${midpoint(amount.range ?? { min: 0, max: 0 })} oz of ${food.name} can be ${ounces.weight} g by weight or ${ounces.volume} g in a measuring cup. Read as weight.`,
    readings,
  });
  return { best: ounces.weight, low: Math.min(ounces.weight, ounces.volume), high: Math.max(ounces.weight, ounces.volume) };
}

/** '1 cup (125 g)': the weight wins, unless the two do not agree. */
function settleAside(weighed: NonNullable<Weighing>, amount: WrittenAmount, food: Food, at: Place, { doubts, bowls, shelf, system }: Context): Grams {
  const other = weigh(
    { ...amount, range: amount.aside?.range ?? null, unit: amount.aside?.unit ?? null, each: null, aside: null, plus: null },
    food,
    system,
  );
  if (!other) return weighed.grams;
  const [a, b] = [weighed.grams.best, other.grams.best];
  if (Math.abs(a - b) / Math.max(a, b, 1e-9) > DISAGREE) {
    doubts.push({
      ...at,
      code: 'disagree',
      message: `The two measures of ${food.name} disagree: ${a} g against ${b} g. Read as the weight.`,
      readings: [readingOf('as measured', food.id, a, bowls, shelf), readingOf('as weighed', food.id, b, bowls, shelf)],
    });
  }
  return amount.aside?.unit.kind === 'mass' ? other.grams : weighed.grams;
}

/** A weight is a weight even when the food is not known; a litre of something is about a kilogram. */
function gramsWithoutFood({ range, unit, each }: WrittenAmount, system: System): Grams | null {
  const measure = each ?? (range && unit ? { range, unit } : null);
  if (!measure || measure.unit.kind === 'count') return null;
  const count = each && range ? midpoint(range) : 1;
  const one = measure.unit.kind === 'mass' ? measure.unit.grams : measure.unit.ml[system];
  const best = midpoint(measure.range) * one * count;
  const varies = measure.unit.kind === 'mass' ? 0.01 : 0.3;
  return { best, low: best * (1 - varies), high: best * (1 + varies) };
}

const defaultStage = (line: Line): Stage => (line.foodId === null ? 'simmer' : 'base');
