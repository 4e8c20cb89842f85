/** Reads a pasted recipe into a Recipe with its doubts. Nothing is guessed silently; nothing blocks. */
import type { Shelf } from '../food/shelf.ts';
import { midpoint, readRange } from '../quantity/amount.ts';
import type { System } from '../quantity/units.ts';
import type { Category } from '../vocabulary/category.ts';
import { type Line, MAX_LINES, MAX_STEPS, type Recipe, type Stage, settleGroups } from '../vocabulary/recipe.ts';
import { besides, firstUse } from './besides.ts';
import { chooseFood } from './chooseFood.ts';
import { chooseGrams, gramsWithoutFood } from './chooseGrams.ts';
import { claimDoubts, claimsOf } from './claims.ts';
import { clausesOf, methodOf, minutesIn } from './clauses.ts';
import type { Context } from './context.ts';
import { coverLines } from './cover.ts';
import { cutOf } from './cut.ts';
import { byConsequence, type Doubt, readingOf } from './doubts.ts';
import { readLine, type WrittenLine } from './line.ts';
import { recipeOfJson } from './ownJson.ts';
import { divide } from './parts.ts';
import { severalOf } from './several.ts';
import { sourceOf } from './source.ts';
import { type ReadSteps, readSteps } from './steps.ts';
import type { Named } from './telling.ts';
import type { Accounted, Sections, TextLine } from './textSections.ts';
import { proposeSeasoning } from './toTaste.ts';
import { WAITS } from './verbs.ts';
import { seasonedIn, unlistedIn, wholeDoubts } from './wholeDoubts.ts';

export type MeasureChoice = 'auto' | System;

export interface Reading {
  recipe: Recipe;
  measures: System;
  doubts: Doubt[];
  /** Every line of the text that became neither title, yield, heading, ingredient, step nor a known kind of furniture. */
  unread: { textLine: number; text: string }[];
  /** Foods the text names that are not in the pot: a choice, left out, another dish. */
  named: Named[];
  /** What every line of the text was taken for, in order. */
  account: Accounted[];
}

export interface ReadOptions {
  measures: MeasureChoice;
  /** Words this kitchen was taught, as `phraseKey` gives them, to food ids. */
  phrases?: ReadonlyMap<string, string>;
}

/** A bowl where nothing is said of it, ml (science of the kitchen's menu: the analysis takes the same). */
const BOWL_ML = 240;
/** Bowls by which a consequence is stated when the text gives none. */
const ASSUMED_BOWLS = 4;
const NO_PHRASES: ReadonlyMap<string, string> = new Map();

interface Draft {
  line: Line;
  textLine: TextLine;
  /** What the text says of this use, where the line says more. */
  words?: string;
}

export function readRecipe(text: string, options: ReadOptions, shelf: Shelf): Reading {
  const source = sourceOf(text, shelf);
  if (source.kind === 'own') return readOwn(source.value, options, shelf);
  const { sections } = source;
  const system = options.measures === 'auto' ? systemOf(text) : options.measures;
  const doubts: Doubt[] = [];
  const servings = sections.made?.bowls ? midpoint(sections.made.bowls) : undefined;
  const account = sections.account.slice(0, MOST_TOLD).map((line) => ({ ...line, text: line.text.slice(0, MOST_STATEMENT) }));
  const unread = sections.account
    .filter(({ kind }) => kind === 'unread')
    .slice(0, MOST_UNREAD)
    .map(({ at: textLine, text: words }) => ({ textLine, text: words.slice(0, MOST_STATEMENT) }));
  const context: Context = { shelf, system, bowls: servings ?? ASSUMED_BOWLS, doubts, phrases: options.phrases ?? NO_PHRASES };

  // More lines than a recipe may have are refused by whoever asked; they are counted and not understood.
  if (sections.ingredients.length > MAX_LINES)
    return {
      recipe: { title: sections.title, lines: sections.ingredients.map(asWritten), steps: [] },
      measures: system,
      doubts,
      unread,
      named: [],
      account,
    };

  const drafts: Draft[] = [];
  for (const textLine of sections.ingredients)
    drafts.push(...(ofTheAbove(textLine, drafts, context) ?? readIngredient(textLine, drafts.length, context)));
  const steps = sections.steps.slice(0, MAX_STEPS);
  const first = source.prose ? null : unlisted(steps, drafts, context);
  drafts.push(...(first?.more ?? []));
  const salt = seasoned(steps, drafts, context);
  drafts.push(...salt);
  const listed = drafts.map(({ line }) => line);
  const read = first && first.more.length + salt.length === 0 ? first.read : readSteps(steps, listed, shelf, partsOf(drafts));
  // Nothing is heated: what no step names goes into the blender with the rest.
  const cold = read.steps.some(({ method }) => method === 'blend') && !steps.some(({ text: step }) => HEAT.test(step) || cooksFor(step));
  const otherwise = cold ? 'blend' : read.steps.length > 0 ? 'simmer' : 'base';
  const twice = new Set(listed.map(({ foodId }) => foodId).filter((foodId, at, all) => foodId !== null && all.indexOf(foodId) !== at));
  // 'Sour cream, thinned with 1 tbsp milk': the milk goes where its cream does.
  const besideIt = (id: string): Stage | undefined => {
    const own = drafts.find(({ line }) => line.id === id)?.textLine;
    return drafts.filter(({ textLine }) => textLine === own).flatMap(({ line }) => read.stages.get(line.id) ?? [])[0];
  };
  for (const { line, textLine, words } of drafts) {
    line.stage = stageOf(
      words === undefined ? line : { ...line, text: words },
      textLine,
      read.stages.get(line.id) ?? besideIt(line.id),
      { otherwise, twice: twice.has(line.foodId), alone: drafts.length === 1 },
      shelf,
    );
    if (cold && (line.stage === 'base' || line.stage === 'simmer')) line.stage = 'blend';
    if ((textLine.perBowl || /\bper (?:person|head|guest)\b/i.test(line.text)) && (line.stage === 'bowl' || line.stage === 'plate'))
      line.perBowl = true;
    const gone = read.eaten.get(line.id) ?? (BOUQUET.test(line.text) ? 'removed' : undefined);
    if (gone) line.eaten = gone;
  }
  for (const { line } of drafts) {
    const chosen = line.choiceOf ? listed.find((other) => other.choiceOf === line.choiceOf && other.chosen) : undefined;
    if (!chosen || chosen === line) continue;
    line.stage = chosen.stage;
    // 'Milk or stock', and the steps speak of the liquid: whichever is taken goes in there.
    for (const { uses } of read.steps) if (uses?.includes(line.id) && !uses.includes(chosen.id)) uses.push(chosen.id);
  }
  coverLines(listed, context);
  const { lines, unequal } = divide(listed, read, shelf, system);
  const at = new Map(drafts.map(({ line, textLine }) => [line.id, textLine.at]));
  const claims = claimsOf(text);
  const recipe: Recipe = {
    title: sections.title || 'Untitled soup',
    measures: system,
    ...(servings === undefined ? {} : { servings }),
    ...yieldOf(sections, system),
    ...statementsOf(sections, [...(source.made ?? []), ...(source.prose ? [] : madeIn(listed))]),
    ...(claims.length > 0 ? { claims } : {}),
    ...(unread.length > 0 ? { unread: unread.map(({ text: words }) => words) } : {}),
    lines,
    steps: read.steps.slice(0, MAX_STEPS),
  };
  for (const { line, listed: inList, used } of unequal)
    doubts.push({
      code: 'list.step',
      lineId: line.id,
      textLine: at.get(line.id) ?? null,
      message: `The list has ${Math.round(inList)} g of '${line.text}', the steps use ${Math.round(used)} g. Read as the list.`,
      readings: [
        readingOf('as listed', line.foodId as string, inList, context.bowls, shelf),
        readingOf('as the steps say', line.foodId as string, used, context.bowls, shelf),
      ],
    });
  proposeSeasoning(lines, context);
  if (source.spoken)
    doubts.push({
      code: 'text.spoken',
      lineId: null,
      textLine: null,
      message:
        'This was spoken, not written as a list: what is put in, corrected or only talked about was told apart by its words. Check every line.',
    });
  doubtServings(sections, context);
  doubtMeasures(text, options.measures, system, doubts);
  if (lines.length === 0)
    doubts.push({
      code: 'lines.none',
      lineId: null,
      textLine: null,
      message: 'No ingredient was found. Put each ingredient on a line of its own, with its amount first.',
    });
  doubts.push(...wholeDoubts(recipe, sections.claimedMinutes, shelf, (id) => at.get(id) ?? 0), ...claimDoubts(text));
  for (const { textLine, text: words } of unread)
    doubts.push({
      code: 'text.unread',
      lineId: null,
      textLine,
      message: `'${words}' was not understood. If it is an ingredient, give it an amount or a food; until it is settled nothing is told as absent.`,
    });
  return { recipe, measures: system, doubts: byConsequence(doubts), unread, named: source.named, account };
}

/** It is tied up to be taken out, whether a step says so or not. */
const BOUQUET = /\bbouquets?[- ]garnis?\b/i;

/** What only a step names is in the soup all the same: a line, with the amount the step gives or none, and a doubt. */
function unlisted(steps: readonly TextLine[], drafts: readonly Draft[], context: Context): { more: Draft[]; read: ReadSteps } {
  const { shelf, doubts } = context;
  const listed = drafts.map(({ line }) => line);
  const out: Draft[] = [];
  const read = readSteps(steps, listed, shelf, partsOf(drafts));
  for (const textLine of unlistedIn(steps, read, listed, partsOf(drafts), shelf)) {
    const found = readIngredient(textLine, drafts.length + out.length, context);
    out.push(...found);
    for (const { line } of found)
      doubts.push({
        code: 'step.unlisted',
        lineId: line.id,
        textLine: textLine.at,
        message: `Only a step names '${textLine.text}', no line lists it. It is counted${line.grams ? ` at ${Math.round(line.grams.best)} g` : ', its amount is not known'}; take it out if it is not used.`,
      });
  }
  return { more: out, read };
}

/** The salt of a step that seasons, where no line is salt. */
function seasoned(steps: readonly TextLine[], drafts: readonly Draft[], context: Context): Draft[] {
  const textLine = seasonedIn(
    steps,
    drafts.map(({ line }) => line),
    context.shelf,
  );
  if (!textLine) return [];
  const found = readIngredient(textLine, drafts.length, context);
  for (const { line } of found)
    context.doubts.push({
      code: 'step.unlisted',
      lineId: line.id,
      textLine: textLine.at,
      message:
        'A step says to season, and no line lists salt. It is counted as salt to taste: until it is weighed sodium is at least what is shown; take it out if none goes in.',
    });
  return found;
}

function dropWhere(doubts: Doubt[], drop: (doubt: Doubt) => boolean): void {
  for (let at = doubts.length - 1; at >= 0; at -= 1) if (drop(doubts[at] as Doubt)) doubts.splice(at, 1);
}

const partsOf = (drafts: readonly Draft[]): Map<string, string> =>
  new Map(drafts.flatMap(({ line, textLine }) => (textLine.part ? [[line.id, textLine.part] as const] : [])));

const asWritten = ({ text }: TextLine, index: number): Line => ({ id: `l${index + 1}`, stage: 'simmer', text, foodId: null, grams: null });

/** Our own file keeps its lines, grams and steps; a food this shelf does not have is asked for. */
function readOwn(value: Record<string, unknown>, options: ReadOptions, shelf: Shelf): Reading {
  const recipe = settleGroups(recipeOfJson(value));
  const doubts: Doubt[] = [];
  for (const line of recipe.lines)
    if (line.foodId !== null && !shelf.food(line.foodId)) {
      doubts.push({
        code: 'food.unmatched',
        lineId: line.id,
        textLine: null,
        message: `This kitchen's shelf has no food '${line.foodId}' for '${line.text}'. Until you choose one, every figure is at least what is shown and every allergen has to be checked.`,
      });
      line.foodId = null;
    }
  return { recipe, measures: options.measures === 'auto' ? 'metric' : options.measures, doubts, unread: [], named: [], account: [] };
}

/** US when it speaks of cups, sticks, quarts or pounds and not of grams or millilitres; Australian where a cup is 250 ml; metric otherwise. */
function systemOf(text: string): System {
  if (
    /\b(?:1\s+cup\s+\(250\s?ml\)|1\/2\s+cup\s+\(125\s?ml\)|2\s+cups\s+\(500\s?ml\)|3\s+cups\s+\(750\s?ml\)|4\s+cups\s+\(1\s?l(?:itre)?\)|20\s?ml tablespoons?)/i.test(
      text,
    )
  )
    return 'au';
  const metric = text.match(/\d\s*(?:g|kg|ml|cl|dl|l|litres?|grams?)\b/gi)?.length ?? 0;
  const us =
    text.match(/\b(?:cups?|quarts?|sticks? (?:of )?butter|lbs?|pounds?|oz|ounces?|all-purpose|half[- ](?:and|&)[- ]half|kosher)\b/gi)?.length ?? 0;
  const british =
    /\bpints?\b/i.test(text) &&
    /\b(?:double|single) cream|courgette|aubergine|swede|liquidi[sz]e|rashers?|streaky|plain flour|stock cube|knob of\b/i.test(text) &&
    !/\bcups?\b/i.test(text);
  if (british) return metric > 0 ? 'metric' : 'imperial';
  if (metric === 0) return 'us';
  return us > metric ? 'us' : 'metric';
}

function doubtMeasures(text: string, asked: MeasureChoice, system: System, doubts: Doubt[]): void {
  if (system === 'us' && asked === 'auto' && /\bpints?\b/i.test(text) && !/\b(cups?|quarts?|oz)\b/i.test(text))
    doubts.push({
      code: 'measures.unclear',
      lineId: null,
      textLine: null,
      message: 'A pint is 473 ml in US recipes and 568 ml in British ones. Read as US; choose the measures if it is not.',
    });
}

/** Allergen statements of the text, as written. */
function statementsOf({ account }: Sections, made: readonly string[]): Pick<Recipe, 'statements'> {
  const said = [...account.filter(({ furniture }) => furniture === 'label').map(({ text }) => text), ...made].map((text) =>
    text.slice(0, MOST_STATEMENT),
  );
  return said.length > 0 ? { statements: said } : {};
}
/** 'Soda bread, made with buttermilk': what a listed food is made with is a statement of the text too, unless it is a choice. */
const madeIn = (lines: readonly Line[]): string[] =>
  lines.flatMap(({ text }) => {
    const found = MADE_WITH.exec(text);
    return found && !/\bor\b/i.test(found[1] as string) ? [`${text.slice(0, found.index).replace(/[\s,(]+$/, '')}: made with ${found[1]}`] : [];
  });
const MADE_WITH = /\b(?:made|baked)\s+(?:with|from)\s+([^,;()]{2,80})/i;
const MOST_STATEMENT = 400;
/** A text with more lines that nobody understands is no recipe; the rest of them is of the same kind. */
const MOST_UNREAD = 200;
const MOST_TOLD = 2000;

/** A volume, or what a bowl holds, where the text names no number of bowls. */
function yieldOf({ made }: Sections, system: System): Pick<Recipe, 'yieldMl' | 'servingGrams'> {
  if (!made || made.bowls) return {};
  const ml = made.ml ? Math.round(made.ml(system)) : undefined;
  return ml === undefined ? {} : { yieldMl: ml };
}

function doubtServings({ made }: Sections, { doubts, system }: Context): void {
  const servings = made?.bowls;
  if (made?.ml && !servings) {
    const ml = Math.round(made.ml(system));
    doubts.push({
      code: 'servings.volume',
      lineId: null,
      textLine: made.at,
      message: `The text says it makes ${ml} ml and no number of bowls: about ${Math.round(ml / BOWL_ML)} of ${BOWL_ML} ml. Say how many it fills.`,
    });
  } else if (!servings)
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
      textLine: made?.at ?? null,
      message: `The text says ${servings.min} to ${servings.max} bowls; read as ${midpoint(servings)}.`,
    });
}

/** One text line gives the lines it names, and those it says besides: 'plus a thread of it to finish'. */
function readIngredient(textLine: TextLine, from: number, context: Context): Draft[] {
  const written = readLine(textLine.text);
  const drafts = readWritten(written, textLine, from, context);
  if (drafts.length !== 1) return drafts;
  const more = besides(textLine.text, written, context.shelf).map((text, offset) =>
    oneLine(readLine(text), { ...textLine, text }, `l${from + drafts.length + offset + 1}`, context),
  );
  if (more.length > 0) for (const draft of drafts) draft.words = firstUse(draft.line.text);
  return [...drafts, ...more];
}

/** One written line gives one line of the recipe, or several: 'salt and pepper', 'butter or oil'. */
function readWritten(written: WrittenLine, textLine: TextLine, from: number, context: Context): Draft[] {
  const id = (offset: number) => `l${from + offset + 1}`;
  if (written.food === '' && !written.amount.range) return [];
  const several = severalOf(written, context.shelf);
  if (!several) return [oneLine(written, textLine, id(0), context)];
  const drafts = several.lines.map((one, offset) => oneLine(one, textLine, id(offset), context));
  if (several.shared)
    for (const { line } of drafts) {
      if (line.grams) line.grams = { best: line.grams.best, low: 0, high: Number((line.grams.best * drafts.length).toPrecision(4)) };
      context.doubts.push({
        code: 'amount.shared',
        lineId: line.id,
        textLine: textLine.at,
        message: `'${written.text}' gives one amount for ${drafts.length} foods; read as even parts. Weigh each.`,
      });
    }
  if (several.joined === 'or') {
    // A line that is asked about as a choice is not asked about its makes too.
    const ids = new Set(drafts.map(({ line }) => line.id));
    dropWhere(context.doubts, ({ code, lineId }) => code === 'food.make' && lineId !== null && ids.has(lineId));
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

/** 'Half of the above' is the line before it once more, by that share; whether it is more of it or a part of it is asked. */
function ofTheAbove(textLine: TextLine, drafts: readonly Draft[], { shelf, doubts, bowls }: Context): Draft[] | null {
  const before = drafts.at(-1)?.line;
  const share = ABOVE.test(textLine.text) ? readRange(textLine.text.replace(/^\W*(?:the other|another)\s+/i, ''))?.range : undefined;
  if (!before || !share) return null;
  const times = (grams: number) => Number((grams * midpoint(share)).toPrecision(4));
  const grams = before.grams && { best: times(before.grams.best), low: 0, high: times(before.grams.high) };
  const line: Line = { id: `l${drafts.length + 1}`, stage: 'simmer', text: textLine.text, foodId: before.foodId, grams };
  doubts.push({
    code: 'above',
    lineId: line.id,
    textLine: textLine.at,
    message: `'${textLine.text}' is read as ${grams ? `${grams.best} g ` : ''}more of '${before.text}'; it can also be a part of it.`,
    ...(grams && before.foodId
      ? {
          readings: [readingOf('more of it', before.foodId, grams.best, bowls, shelf), readingOf('a part of it', before.foodId, 0, bowls, shelf)],
        }
      : {}),
  });
  return [{ line, textLine }];
}
const ABOVE =
  /^\W*(?:(?:the other|another)\s+)?(?:half|a third|one third|a quarter|two thirds|three quarters)\s+(?:of\s+)?(?:the\s+)?(?:above|previous|same)\b/i;

function oneLine(written: WrittenLine, textLine: TextLine, id: string, context: Context): Draft {
  const line: Line = { id, stage: 'simmer', text: written.text, foodId: null, grams: null };
  const place = { lineId: id, textLine: textLine.at };
  const { range, unit, size } = written.amount;
  if (range) line.amount = { ...range, unit: unit?.name ?? size ?? 'each' };
  if (written.amount.after) line.prep = written.amount.after;
  const cut = cutOf(written.text);
  if (cut !== undefined) line.cut = cut;
  if (written.optional) line.optional = true;
  const food = chooseFood(written, line, place, context);
  if (food) {
    line.foodId = food.id;
    line.grams = chooseGrams(written, food, place, context);
    // 'A pound of bacon, cooked and crumbled' was weighed raw: its fat is left in the pan.
    if (food.category === 'meat' && food.state === 'raw' && (food.per100g.fatG ?? 0) > FATTY_G && COOKED_DRY.test(written.text))
      line.eaten = 'rendered';
  } else line.grams = gramsWithoutFood(written.amount, context.system);
  return { line, textLine };
}

/** Fat that a pan draws out, g in 100 g. */
const FATTY_G = 20;
const COOKED_DRY =
  /\b(?:cooked|fried|grilled|crisped|rendered)\b[^,;]{0,20}(?:crumbled|crisp|drained|chopped)|\b(?:cooked|fried|grilled) (?:until )?crisp/i;

const TO_SERVE =
  /\b(?:for (?:drizzling|sprinkling|scattering|topping|top)|to (?:scatter|sprinkle|drizzle|crumble over|dust)|to serve|for serving|to garnish|for garnish|for the top|garnish|topping|to top)\b/i;

const FOR_THE_TOP =
  /\b(?:to (?:scatter|sprinkle|drizzle|crumble over|garnish|serve|top|finish)|for (?:the top|garnish|garnishing|serving|topping|drizzling|sprinkling|scattering|dusting))\s*$/i;
/** Minutes that are neither the blender's nor a wait. */
const cooksFor = (step: string): boolean =>
  clausesOf(step).some(({ text }) => minutesIn(text) !== null && !WAITS.test(text) && methodOf(text, true) !== 'blend');
/** Words of fire in the method. */
const HEAT =
  /\b(?:fry|fried|simmer\w*|boil\w*|sweat\w*|soften\w*|saut\w*|roast\w*|bak(?:e|ed|ing)|cook\w*|heat\w*|hot|warm\w*|brown\w*|melt\w*|toast(?:ed|ing)|toast (?:the|them|until|in)|pan|pot|oven|microwave\w*|steam\w*|grill\w*|char\w*|minutes on)\b/i;
/** What 'to finish' stirs in; the rest of it goes on top. */
const STIRRED_IN: ReadonlySet<Category> = new Set(['dairy', 'plant-cream', 'acid', 'alcohol', 'salt', 'spice', 'sweetener', 'egg']);
const FOR_THE_BREAD = /^(?:butter|margarine)\b.*\bfor the\b.*\b(?:bread|toast|rolls?|buns?|crackers?|baguette|naan|scones?)\b/i;
const AT_TABLE = /\b(?:on the side|at the table|alongside|per person)\b/i;

/** The stage of a line: its heading, what its own words say, else the step that uses it first. */
function stageOf(
  line: Line,
  textLine: TextLine,
  used: Stage | undefined,
  { otherwise, twice, alone }: { otherwise: Stage; twice: boolean; alone: boolean },
  shelf: Shelf,
): Stage {
  if (textLine.stage === 'plate') return 'plate';
  const food = line.foodId ? shelf.food(line.foodId) : undefined;
  // A butter for the bread goes where the bread goes.
  if (FOR_THE_BREAD.test(line.text)) return 'plate';
  const bread =
    food !== undefined &&
    food.category === 'bread' &&
    !/\b(?:croutons?|cubed|diced|torn|crushed|float)\b|crumbs?\b/i.test(`${food.id} ${line.text} ${textLine.part ?? ''}`);
  const served = textLine.stage === 'bowl' || TO_SERVE.test(line.text) || used === 'bowl' || used === 'plate' || AT_TABLE.test(line.text);
  // Bread that no step speaks of is eaten beside the soup; what a step puts on the bowl is in it.
  if (
    (served && bread && used !== 'bowl') ||
    AT_TABLE.test(line.text) ||
    (bread && used === undefined && otherwise === 'simmer' && !textLine.stage && !alone)
  )
    return 'plate';
  // Of two lines of one food, the one 'to scatter' is on the bowl whatever the steps say of the other.
  if (twice && FOR_THE_TOP.test(line.text)) return 'bowl';
  if (used === 'plate') return 'bowl';
  if (textLine.stage === 'bowl' || (served && used !== 'blend' && used !== 'simmer' && used !== 'base')) return 'bowl';
  if (textLine.stage) return textLine.stage;
  if (used === undefined && food && /\bto finish\b/i.test(line.text)) return STIRRED_IN.has(food.category) ? 'finish' : 'bowl';
  return used ?? (line.foodId === null && otherwise === 'base' ? 'simmer' : otherwise);
}
