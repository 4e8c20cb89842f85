/**
 * A recipe for other bowls, another pot. What does not follow the bowls is worked out and said: what boils away follows the pot and the
 * minutes, salt starts at three quarters, whole spices lag behind, and the simmer is as long as before.
 */
import { type Analysis, analyse } from '../analysis/analysis.ts';
import { brimMl, leastPotLitres, STIR_LINE } from '../bowl/potSize.ts';
import type { Shelf } from '../food/shelf.ts';
import { withMentions } from '../method/mentions.ts';
import { countedLines, type Grams, type Line, type Recipe, type Step, settleGroups } from '../vocabulary/recipe.ts';
import { type AmountAt, scaledWords, weighed } from './amountWords.ts';
import { RING_EFFICIENCY, SOUP_HEAT, TRAY_GRAMS, USUAL_RING_KW } from './data/minutes.ts';

export interface ScaleNote {
  code:
    | 'scale.evaporation'
    | 'scale.noLiquid'
    | 'scale.salt'
    | 'scale.spice'
    | 'scale.pot'
    | 'scale.trays'
    | 'scale.pan'
    | 'scale.boil'
    | 'scale.thickener'
    | 'scale.packs';
  lineIds: string[];
  message: string;
}

export interface Scaled {
  recipe: Recipe;
  notes: ScaleNote[];
}

/** Salt for other bowls starts here and is finished by tasting (common practice, no source). */
const SALT_START = 0.75;
/** Whole spices, leaves and sticks that are taken out again go by this power of the bowls (common practice, no source: they lag behind). */
const SPICE_POWER = 0.8;
/** What browns at once in a pan, g a cm2 (common practice, no source). */
const PAN_GRAMS_PER_CM2 = 1;
/** Liquid is never cut below this share of what the bowls would ask. */
const LEAST_LIQUID = 0.2;
/** Less than this share of the liquid is nothing to speak of. */
const WORTH_SAYING = 0.01;

type Fate = 'bowls' | 'same' | 'salt' | 'spice';

/** `servings` more than 0; `pot` where it is another one. */
export function scale(recipe: Recipe, servings: number, shelf: Shelf, pot: Recipe['pot'] = recipe.pot): Scaled {
  const before = analyse(recipe, {}, shelf);
  const by = servings / before.servings;
  const fateOf = (line: Line): Fate => {
    if (line.perBowl || by === 1) return line.perBowl ? 'same' : 'bowls';
    const category = line.foodId === null ? undefined : shelf.food(line.foodId)?.category;
    if (category === 'salt') return 'salt';
    return line.eaten === 'removed' && (category === 'spice' || category === 'herb') ? 'spice' : 'bowls';
  };
  const factorOf = (line: Line): number => {
    const fate = fateOf(line);
    if (fate === 'spice') return spiceFactor(line, by);
    return fate === 'same' ? 1 : fate === 'salt' ? by * SALT_START : by;
  };
  const factors = new Map([...recipe.lines, ...(recipe.asWritten?.lines ?? [])].map((line) => [line.id, factorOf(line)]));
  const { servingGrams: _, measuredYieldGrams, yieldMl, ...rest } = recipe;
  const plain: Recipe = {
    ...rest,
    servings,
    ...(pot ? { pot } : {}),
    ...(yieldMl === undefined ? {} : { yieldMl: yieldMl * by }),
    lines: recipe.lines.map((line) => timesLine(line, factors.get(line.id) as number)),
  };
  const liquid = withLiquid(plain, before, by, measuredYieldGrams, recipe, shelf);
  const lines = noSaltier({ ...plain, lines: liquid.lines }, before, shelf);
  for (const { id, grams } of lines) {
    const was = recipe.lines.find((line) => line.id === id)?.grams?.best;
    if (was && grams) factors.set(id, grams.best / was);
  }
  const worded = inWords({ ...plain, lines }, recipe, factors, by, shelf);
  const scaled = settleGroups({ ...worded, ...(measuredYieldGrams === undefined ? {} : { measuredYieldGrams: weighed(measuredYieldGrams * by) }) });
  const notes = by === 1 && !liquid.note ? [] : [...(liquid.note ? [liquid.note] : []), ...notesOn(scaled, recipe, by, fateOf, shelf)];
  return { recipe: scaled, notes: [...notes, ...saltOfStock(scaled, before, shelf), ...potNote(scaled, shelf)] };
}

/** More stock for what boils away is more salt too: as much less of it goes in as keeps the bowl where it was. */
function noSaltier(scaled: Recipe, before: Analysis, shelf: Shelf): Line[] {
  const salts = countedLines(scaled).filter(({ grams, perBowl, foodId }) => grams && !perBowl && shelf.food(foodId ?? '')?.category === 'salt');
  const salt = salts.reduce((sum, { grams }) => sum + (grams?.best ?? 0), 0);
  const now = analyse(scaled, {}, shelf);
  const over = (now.perServing.sodiumMg.value - before.perServing.sodiumMg.value) * now.servings;
  if (salt === 0 || over <= 0) return scaled.lines;
  const share = Math.max(0, 1 - over / SODIUM_MG_A_GRAM / salt);
  return scaled.lines.map((line) => (salts.some(({ id }) => id === line.id) ? timesLine(line, share) : line));
}
/** Stock for what boils away can bring more salt than the recipe had at all. */
function saltOfStock(scaled: Recipe, before: Analysis, shelf: Shelf): ScaleNote[] {
  const now = analyse(scaled, {}, shelf).perServing.sodiumMg.value;
  const was = before.perServing.sodiumMg.value;
  if (now <= was * MORE_SALT) return [];
  const stocks = countedLines(scaled).filter(({ foodId }) => shelf.food(foodId ?? '')?.category === 'broth');
  return [
    {
      code: 'scale.salt',
      lineIds: stocks.map(({ id }) => id),
      message: `A bowl has ${Math.round(now)} mg sodium and not ${Math.round(was)}: the stock that makes up for what boils away is salted. Take water for what is more than before, or a narrower pot.`,
    },
  ];
}
const MORE_SALT = 1.03;
/** Salt is sodium chloride. */
const SODIUM_MG_A_GRAM = 393;

/** Half a stick, whole leaves: never a third of one. */
function spiceFactor({ amount, grams }: Line, by: number): number {
  const wanted = by ** SPICE_POWER;
  if (!amount) return grams ? wanted : 1;
  const whole = amount.max * wanted;
  return (whole < 1 ? Math.max(0.5, Math.round(whole * 2) / 2) : Math.round(whole)) / amount.max;
}

const times = ({ best, low, high }: Grams, by: number): Grams => {
  const rounded = weighed(best * by);
  const kept = best > 0 ? rounded / best : by;
  return { best: rounded, low: low * kept, high: high * kept };
};

function timesLine(line: Line, by: number): Line {
  if (by === 1) return line;
  const { amount, grams } = line;
  return {
    ...line,
    grams: grams === null ? null : times(grams, by),
    ...(amount ? { amount: { ...amount, min: quarters(amount.min * by), max: quarters(amount.max * by) } } : {}),
  };
}

/** A count as a cook counts: in quarters below ten. */
const quarters = (value: number): number =>
  value >= 100
    ? Math.round(value)
    : value >= 10
      ? Math.round(value * 2) / 2
      : Math.max(0.01, Number((value >= 0.25 ? Math.round(value * 4) / 4 : value).toFixed(2)));

interface Liquid {
  lines: Line[];
  note: ScaleNote | null;
}

/** Liquid so that the pot holds the same a bowl as before: what boils away follows the pot, not the bowls. */
function withLiquid(plain: Recipe, before: Analysis, by: number, measured: number | undefined, was: Recipe, shelf: Shelf): Liquid {
  const now = analyse(plain, {}, shelf);
  // A pot that was weighed tells what really boiled away from it; the model only how that goes over to another pot.
  const modelled = measured === undefined ? before.evaporatedGrams : analyse({ ...was, measuredYieldGrams: undefined }, {}, shelf).evaporatedGrams;
  const truth = measured === undefined || modelled <= 0 ? 1 : before.evaporatedGrams / modelled;
  const asked = by * before.evaporatedGrams;
  const pours = countedLines(plain).filter(
    (line) => line.grams && line.stage !== 'bowl' && line.stage !== 'plate' && line.stage !== 'finish' && line.eaten !== 'removed',
  );
  const liquids = pours.filter(({ foodId }) => POURED.has(shelf.food(foodId ?? '')?.category ?? ''));
  const poured = liquids.reduce((sum, { grams }) => sum + (grams?.best ?? 0), 0);
  // Pouring less in also changes what is bounded by it: found in two rounds.
  let boils = now.evaporatedGrams * truth;
  let lines = plain.lines;
  for (let round = 0; round < 2 && poured > 0; round++) {
    const share = Math.max(LEAST_LIQUID, (poured + boils - asked) / poured);
    lines = plain.lines.map((line) => (liquids.some(({ id }) => id === line.id) && line.grams ? { ...line, grams: times(line.grams, share) } : line));
    boils = analyse({ ...plain, lines }, {}, shelf).evaporatedGrams * truth;
  }
  const more = boils - asked;
  if (Math.abs(more) < Math.max(10, WORTH_SAYING * poured)) return { lines, note: null };
  if (poured === 0)
    return {
      lines,
      note: {
        code: 'scale.noLiquid',
        lineIds: [],
        message: `${words(Math.abs(more))} ${more > 0 ? 'more' : 'less'} boils away than the bowls would ask, and no water or stock stands in the recipe: ${more > 0 ? 'add that much at the end' : 'cook it down by that'}.`,
      },
    };
  return {
    lines,
    note: {
      code: 'scale.evaporation',
      lineIds: liquids.map(({ id }) => id),
      message: `This pot gives off some ${words(boils)} and not ${words(asked)}: what boils away follows its width and the minutes, not the bowls. So ${words(Math.abs(more))} ${more > 0 ? 'more' : 'less'} liquid goes in.`,
    },
  };
}
/** What a pot is filled up with. */
const POURED: ReadonlySet<string> = new Set(['broth', 'water']);
const words = (grams: number): string => (grams >= 1000 ? `${Number((grams / 1000).toFixed(2))} litres` : `${weighed(Math.round(grams / 5) * 5)} ml`);

/** Amounts in lines and steps as they are now. */
function inWords(scaled: Recipe, was: Recipe, factors: ReadonlyMap<string, number>, by: number, shelf: Shelf): Recipe {
  const system = was.measures ?? 'metric';
  const lineText = (line: Line, text: string): string => scaledWords(text, () => factors.get(line.id) ?? by, system);
  const lines = scaled.lines.map((line) => (line.grams === null ? line : { ...line, text: lineText(line, line.text) }));
  const stepText = (steps: readonly Step[], of: readonly Line[]): Step[] => {
    const told = withMentions(steps, of, shelf);
    return told.map(({ mentions = [], ...step }) => ({
      ...step,
      text: scaledWords(step.text, (amount) => factorAt(amount, step.text, mentions, factors, by), system),
    }));
  };
  const { asWritten } = scaled;
  return {
    ...scaled,
    lines,
    steps: withMentions(stepText(was.steps, was.lines), lines, shelf),
    ...(asWritten
      ? {
          asWritten: {
            ...asWritten,
            lines: asWritten.lines.map((line) => {
              const factor = factors.get(line.id) ?? by;
              return { ...timesLine(line, factor), text: line.grams === null ? line.text : lineText(line, line.text) };
            }),
            steps: stepText(asWritten.steps, asWritten.lines),
          },
        }
      : {}),
  };
}

/** How far behind an amount the name of its food may stand. */
const NEAR = 24;

/** The factor of the line an amount in a step is of; that of the bowls where a weight is of none; nothing for a bare number. */
function factorAt(
  { to, from, unit }: AmountAt,
  text: string,
  mentions: NonNullable<Step['mentions']>,
  factors: ReadonlyMap<string, number>,
  by: number,
): number | null {
  const of =
    mentions.find((mention) => mention.from <= from && mention.to >= to) ??
    mentions.find((mention) => mention.from >= to && mention.from - to <= NEAR && !/[.;]/.test(text.slice(to, mention.from)));
  if (of) return factors.get(of.lineId) ?? by;
  return unit && unit.kind !== 'count' ? by : null;
}

function notesOn(scaled: Recipe, was: Recipe, by: number, fateOf: (line: Line) => Fate, shelf: Shelf): ScaleNote[] {
  const notes: ScaleNote[] = [];
  const lines = countedLines(scaled).filter(({ grams }) => grams);
  const of = (fate: Fate) => lines.filter((line) => fateOf(line) === fate);
  const salts = of('salt');
  if (salts.length > 0)
    notes.push({
      code: 'scale.salt',
      lineIds: salts.map(({ id }) => id),
      message: `Salt starts at three quarters or less (${salts.map(({ id, grams }) => `${weighed(grams?.best ?? 0)} g of ${weighed((was.lines.find((line) => line.id === id)?.grams?.best ?? 0) * by)}`).join(', ')}): taste at the end, and write down what went in.`,
    });
  const spices = of('spice');
  if (spices.length > 0)
    notes.push({
      code: 'scale.spice',
      lineIds: spices.map(({ id }) => id),
      message: `Whole spices and leaves lag behind the bowls (${spices.map(({ text }) => text).join(', ')}): smell, and take them out in time.`,
    });
  if (by > 1) notes.push(...crowded(scaled, shelf));
  const thickeners = lines.filter(({ foodId }) => /flour|starch/.test(foodId ?? ''));
  if (thickeners.length > 0 && Math.abs(by - 1) > 0.25)
    notes.push({
      code: 'scale.thickener',
      lineIds: thickeners.map(({ id }) => id),
      message: 'Hold back a fifth of the thickener until the simmer is over: how thick it is depends on what has boiled away.',
    });
  const boil = minutesToBoil(scaled) - minutesToBoil(was);
  if (Math.abs(boil) >= 5)
    notes.push({
      code: 'scale.boil',
      lineIds: [],
      message: `It comes to the boil some ${Math.round(Math.abs(boil))} minutes ${boil > 0 ? 'later' : 'sooner'}; from then on the simmer is as long as before: the largest piece decides.`,
    });
  return [...notes, ...packNotes(lines, shelf)];
}

/** Minutes of a ring for what goes into the pot, from cold. */
const minutesToBoil = (recipe: Recipe): number => {
  const grams = countedLines(recipe).reduce((sum, { grams: own, stage }) => sum + (stage === 'base' || stage === 'simmer' ? (own?.best ?? 0) : 0), 0);
  return (grams * SOUP_HEAT * 80) / ((recipe.pot?.ringKw ?? USUAL_RING_KW) * 1000 * RING_EFFICIENCY) / 60;
};

/** Trays and pans that are too full. */
function crowded(recipe: Recipe, shelf: Shelf): ScaleNote[] {
  const notes: ScaleNote[] = [];
  const byId = new Map(countedLines(recipe).map((line) => [line.id, line]));
  for (const { method, uses = [] } of recipe.steps) {
    const lines = uses.flatMap((id) => byId.get(id) ?? []).filter(({ foodId }) => !POURED.has(shelf.food(foodId ?? '')?.category ?? ''));
    const grams = lines.reduce((sum, { grams: own }) => sum + (own?.best ?? 0), 0);
    const ids = lines.map(({ id }) => id);
    if (method === 'roast' && grams > TRAY_GRAMS)
      notes.push({
        code: 'scale.trays',
        lineIds: ids,
        message: `${weighed(grams)} g on ${Math.ceil(grams / TRAY_GRAMS)} trays, in one layer each: crowded, it steams and does not brown.`,
      });
    const pan = Math.PI * ((recipe.pot?.diameterCm ?? 28) / 2) ** 2 * PAN_GRAMS_PER_CM2;
    if ((method === 'brown' || method === 'fry') && grams > pan)
      notes.push({
        code: 'scale.pan',
        lineIds: ids,
        message: `${weighed(grams)} g brown in ${Math.ceil(grams / pan)} turns: a crowded pan draws water.`,
      });
  }
  return notes;
}

/** '3 cans of 240 g and 60 g over'. */
function packNotes(lines: readonly Line[], shelf: Shelf): ScaleNote[] {
  return lines.flatMap(({ id, foodId, grams, amount }): ScaleNote[] => {
    const food = foodId === null ? undefined : shelf.food(foodId);
    const can = food?.portions.find(({ measure }) => measure === 'can');
    if (!food || !can || !grams || amount?.unit !== 'can') return [];
    const whole = Math.floor((grams.best + can.grams * 0.05) / can.grams);
    const rest = grams.best - whole * can.grams;
    const over = rest > can.grams * 0.05 ? ` and ${weighed(rest)} g` : '';
    return whole === 0
      ? []
      : [{ code: 'scale.packs', lineIds: [id], message: `${food.name}: ${whole} ${whole === 1 ? 'can' : 'cans'} of ${can.grams} g drained${over}.` }];
  });
}

/** Whether it fits the pot, where its depth is known; a pot is not filled to its brim. */
function potNote(recipe: Recipe, shelf: Shelf): ScaleNote[] {
  const brim = brimMl(recipe);
  if (brim === null) return [];
  const { potMl } = analyse(recipe, {}, shelf);
  if (potMl <= brim * STIR_LINE) return [];
  const litres = (ml: number) => Number((ml / 1000).toFixed(1));
  const pots = Math.ceil(potMl / (brim * STIR_LINE));
  return [
    {
      code: 'scale.pot',
      lineIds: [],
      message: `${litres(potMl)} litres do not fit this pot of ${litres(brim)} litres with room to stir: take one of ${leastPotLitres(potMl)} litres or more, or cook it in ${pots} pots.`,
    },
  ];
}
