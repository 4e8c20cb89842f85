/**
 * The closest soups by trying every set of choices: the oracle of the search. It shares no code with the model. It knows
 * the catalogue, the flavours and the objective as data, learns by `analyse` what a gram of each part does to the soup,
 * and leaves the amounts to HiGHS, a general linear-programming library.
 */
import loadHighs from 'highs';
import { type Analysis, analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { ADD_WATER, ADDITIONS } from '../swap/data/additions.ts';
import { isLiquid, toppedUpId } from '../swap/data/levers.ts';
import { type Swap, swapsFor } from '../swap/data/swaps.ts';
import { DEAR_STAYS, Fit } from '../swap/fit.ts';
import type { Needs } from '../swap/needs.ts';
import { BODY_KEEPS, BODY_LEAST, CHANGE_COST, OBJECTIVE, USUAL_PULL, VOLUME_KEEPS } from '../swap/objective.ts';
import { COLOUR_OF_FOOD, COLOUR_OF_KIND } from '../taste/data/colours.ts';
import { ACID, BY_CATEGORY, BY_FOOD } from '../taste/data/flavours.ts';
import type { Food } from '../vocabulary/food.ts';
import type { Nutrient } from '../vocabulary/nutrient.ts';
import type { Line, Recipe } from '../vocabulary/recipe.ts';

const highs = await loadHighs({});

type Traits = Record<string, number>;

const POT_NOTES = ['savoury', 'smoky', 'sour', 'nutty', 'dairy', 'green'];
/** The axes of colour, written down a second time: green to red, blue to yellow, light to dark. */
const AXES: Readonly<Record<string, readonly [red: number, yellow: number, dark: number]>> = {
  white: [0, 0, 0],
  yellow: [0, 1, 0.05],
  orange: [0.6, 0.8, 0.1],
  red: [1, 0.35, 0.2],
  purple: [0.9, -0.45, 0.4],
  green: [-0.9, 0.45, 0.3],
  brown: [0.3, 0.4, 0.75],
  grey: [0.03, 0.06, 0.6],
};
const TINT_NAMES = ['tintRed', 'tintYellow', 'tintDark'];
const WATCHED: readonly Nutrient[] = ['fatG', 'proteinG', 'sodiumMg', 'sugarsG', 'saturatedFatG', 'potassiumMg'];

const leftCache = new Map<string, number>();

/** What is left in the pot of a gram of the line's food. */
function leftOfGram(line: Line): number {
  const key = `${line.foodId}|${line.eaten}|${line.eatenShare}`;
  let left = leftCache.get(key);
  if (left === undefined) {
    const grams = { best: 100, low: 100, high: 100 };
    left = analyse({ title: 'alone', servings: 1, lines: [{ ...line, grams }], steps: [] }, {}, SHELF).potGrams / 100;
    leftCache.set(key, left);
  }
  return left;
}

function notePoints(note: string, lines: readonly Line[]): number {
  return lines.reduce((sum, line) => {
    const food = SHELF.food(line.foodId as string);
    const judged = (BY_FOOD[line.foodId as string] ?? (food && BY_CATEGORY[food.category]) ?? {}) as Traits;
    const points = note === 'sour' ? (ACID[line.foodId as string] ?? 0) : (judged[note] ?? 0);
    return sum + (line.grams?.best ?? 0) * leftOfGram(line) * points;
  }, 0);
}

function tintPoints(axis: number, { lines }: Recipe): number {
  return lines.reduce((sum, line) => {
    const food = SHELF.food(line.foodId as string) as Food;
    const [hue, strength] = COLOUR_OF_FOOD[food.id] ?? COLOUR_OF_KIND[food.category] ?? ['white', 0];
    return sum + (line.grams?.best ?? 0) * leftOfGram(line) * strength * (AXES[hue]?.[axis] as number);
  }, 0);
}

/** What is not known of a bowl, if every line held as much of it as the richest of its kind. */
function atMost(nutrient: Nutrient, recipe: Recipe, { perServing, servings }: Analysis): number {
  return perServing[nutrient].missing.reduce((sum, { lineId, foodId }) => {
    const grams = recipe.lines.find(({ id }) => id === lineId)?.grams?.best ?? 0;
    return sum + (grams / servings / 100) * richest(nutrient, SHELF.food(foodId ?? '')?.category);
  }, 0);
}
const richestOf = new Map<string, number>();
function richest(nutrient: Nutrient, category: Food['category'] | undefined): number {
  const key = `${nutrient}|${category}`;
  const known = richestOf.get(key);
  if (known !== undefined) return known;
  const most = Math.max(
    ...SHELF.foods
      .filter((food) => food.category === category)
      .map((food) => analyse({ title: 'alone', servings: 1, lines: [rawLine(food)], steps: [] }, {}, SHELF).perServing[nutrient])
      .map(({ value, atLeast }) => (atLeast ? 0 : value)),
  );
  richestOf.set(key, most);
  return most;
}
const rawLine = ({ id }: Food): Line => ({ id, stage: 'bowl', text: id, foodId: id, grams: { best: 100, low: 100, high: 100 } });

function measure(recipe: Recipe, needs: Needs): Traits {
  const analysis = analyse(recipe, needs, SHELF);
  const traits: Traits = { potMl: analysis.potMl, bodyMl: analysis.body.index * analysis.potMl, bowlGrams: analysis.servingGrams };
  for (const nutrient of WATCHED) {
    const { value, cautious } = analysis.perServing[nutrient];
    traits[nutrient] = value;
    traits[`most ${nutrient}`] = (cautious?.high ?? value) + atMost(nutrient, recipe, analysis);
    traits[`least ${nutrient}`] = cautious?.low ?? value;
  }
  for (const note of POT_NOTES) traits[note] = notePoints(note, recipe.lines);
  TINT_NAMES.forEach((name, axis) => {
    traits[name] = tintPoints(axis, recipe);
  });
  return traits;
}

const NAMES = ['potMl', 'bodyMl', 'bowlGrams', ...WATCHED.flatMap((key) => [key, `most ${key}`, `least ${key}`]), ...POT_NOTES, ...TINT_NAMES];
const over = (a: Traits, b: Traits, by = 1): Traits =>
  Object.fromEntries(NAMES.map((name) => [name, ((a[name] as number) - (b[name] as number)) / by]));

interface Alternative {
  change: string | null;
  cost: number;
  /** Change of the soup with every part at its least, and per gram more of each. */
  shift: Traits;
  slopes: Traits[];
  room: number[];
  least: number[];
  /** Usual grams above the least, of each part. */
  usual: (number | null)[];
  pull: (number | null)[];
}

/** What suits the soup is a judgement that is data to the search and to this alike. */
const fitOf = (soup: Recipe, needs: Needs): Fit =>
  new Fit(
    soup,
    SHELF,
    { coconutIsTreeNut: false, chestnutIsTreeNut: false, oatsHoldGluten: false },
    needs.limits?.some(({ nutrient, max }) => max !== undefined && (nutrient === 'potassiumMg' || nutrient === 'phosphorusMg')) ?? false,
  );

/** A place for each thing that may be added: lines that never were, whose grams are the litres of the pot. */
function placesToAdd(soup: Recipe, needs: Needs): Line[] {
  const litres = analyse(soup, needs, SHELF).potMl / 1000;
  const poured = soup.lines.some(({ foodId }) => isLiquid(foodId));
  const asked = new Set((needs.limits ?? []).flatMap(({ nutrient, min }) => (min === undefined ? [] : [nutrient])));
  // Cream is not poured into a pot that has cream to keep.
  const kindOf = (foodId: string | null) => SHELF.food(foodId ?? '')?.category;
  const has = new Set(soup.lines.map(({ foodId }) => kindOf(foodId)));
  const fillsUp = ({ fills, parts }: (typeof ADDITIONS)[number]) => fills && !parts.some(({ foods }) => foods.some(([id]) => has.has(kindOf(id))));
  const wanted = ADDITIONS.filter((row) => row.thickens || fillsUp(row) || row.gives.some((nutrient) => asked.has(nutrient)));
  return [...wanted, ...(poured ? [] : [ADD_WATER])].map(({ id }) => ({
    id,
    stage: 'base',
    text: id,
    foodId: null,
    grams: { best: litres, low: litres, high: litres },
  }));
}

/** Everything the enumeration knows of one line, measured by analysis. */
function alternativesOf(soup: Recipe, line: Line, needs: Needs): Alternative[] {
  const original = measure(soup, needs);
  const food = line.foodId === null ? null : (SHELF.food(line.foodId) as Food);
  const fit = fitOf(soup, needs);
  const grams = line.grams?.best ?? 0;
  const withLines = (lines: Line[]): Recipe => ({
    ...soup,
    lines: food ? soup.lines.flatMap((other) => (other.id === line.id ? lines : [other])) : [...soup.lines, ...lines],
  });
  const linesAt = (swap: Swap, amounts: readonly number[]): Line[] =>
    swap.parts.flatMap(({ foods, eaten }, p) =>
      foods.map(([foodId, share], f): Line => {
        const best = (amounts[p] as number) * share;
        const own = eaten ? { eaten: eaten.how, eatenShare: eaten.share } : {};
        return { id: `${line.id}-${p}-${f}`, stage: 'base', text: foodId, foodId, grams: { best, low: best, high: best }, ...own };
      }),
    );
  const water: Line = { id: 'w', stage: 'base', text: 'water', foodId: 'water', grams: { best: 1, low: 1, high: 1 } };
  const alone = (lines: Line[]) => analyse({ ...soup, lines: lines.length > 0 ? lines : [water] }, needs, SHELF);
  const states = (analysis: Analysis) => [
    ...(needs.allergens ?? []).map((id) => analysis.allergens.find((one) => one.id === id)?.state),
    ...(needs.diets ?? []).map((id) => analysis.diets.find((one) => one.id === id)?.state),
  ];
  const own = states(alone(food ? [line] : []));
  const kept = (needs.keepLines?.includes(line.id) ?? false) || (needs.keepFoods?.includes(line.foodId as string) ?? false);
  const avoided = (foodId: string) => needs.avoidFoods?.includes(foodId) ?? false;
  const broken = own.some((state) => state === 'contains' || state === 'breaks') || avoided(line.foodId as string);
  const list: Alternative[] = broken
    ? []
    : [{ change: null, cost: 0, shift: over(original, original), slopes: [], room: [], least: [], usual: [], pull: [] }];
  const ways: Swap[] = food ? swapsFor(food) : [...ADDITIONS, ADD_WATER].filter(({ id }) => id === line.id);
  for (const swap of kept ? [] : ways) {
    const itself =
      swap.id !== toppedUpId(line.foodId ?? '') &&
      swap.parts.length > 0 &&
      swap.parts.every(({ foods, most, eaten }) => most >= 1 && !eaten && foods.every(([id]) => id === line.foodId));
    if (itself) continue;
    if (swap.parts.some(({ foods }) => foods.some(([foodId]) => avoided(foodId)))) continue;
    const flags = swap.parts.flatMap(({ foods }) => foods.flatMap(([foodId]) => SHELF.food(foodId)?.flags ?? []));
    const salted = flags.includes('potassiumChloride') || flags.includes('phosphate');
    if (salted && needs.limits?.some(({ nutrient, max }) => (nutrient === 'potassiumMg' || nutrient === 'phosphorusMg') && max !== undefined))
      continue;
    const dearLess = (part: Swap['parts'][number]) => fit.isDear(line) && part.most < 1 && part.foods.every(([id]) => id === line.foodId);
    const least = swap.parts.map((part) => (dearLess(part) ? Math.max(part.least, DEAR_STAYS) : part.least) * grams);
    const only = alone(
      linesAt(
        swap,
        swap.parts.map((part) => Math.max(1, part.most * grams)),
      ),
    );
    const allowed = states(only).every((state, index) => state === 'absent' || state === 'fits' || (state === 'check' && own[index] === 'check'));
    if (!allowed) continue;
    // Measured in the middle of the room: at the ends a pot may be too dry to be linear.
    const middle = swap.parts.map((part, p) => ((least[p] as number) + part.most * grams) / 2);
    const start = measure(withLines(linesAt(swap, middle)), needs);
    const tenMore = (p: number) =>
      linesAt(
        swap,
        middle.map((amount, at) => (at === p ? amount + 10 : amount)),
      );
    const slopes = swap.parts.map((_, p) => over(measure(withLines(tenMore(p)), needs), start, 10));
    const shift = over(start, original);
    for (const name of NAMES)
      slopes.forEach((slope, p) => {
        shift[name] = (shift[name] as number) - (slope[name] as number) * ((middle[p] as number) - (least[p] as number));
      });
    list.push({
      change: `${line.id}:${swap.id}`,
      cost: CHANGE_COST.changes + CHANGE_COST.work * swap.work + CHANGE_COST.flavour * (swap.flavour + fit.extra(swap, line, food, broken)),
      shift,
      slopes,
      room: swap.parts.map((part, p) => part.most * grams - (least[p] as number)),
      least,
      usual: swap.parts.map(({ usual }, p) => (usual === undefined ? null : usual * grams - (least[p] as number))),
      pull: swap.parts.map(({ usual }) => (usual ? USUAL_PULL / (usual * grams) : null)),
    });
  }
  return list;
}

const num = (x: number) => (Math.abs(x) < 1e-13 ? '0' : x.toFixed(12));
const term = (x: number, name: string) => `${x < 0 ? '-' : '+'} ${num(Math.abs(x))} ${name}`;

/** HiGHS now and then gives up on a programme that it solves without its presolve. */
function solved(programme: string) {
  try {
    return highs.solve(programme);
  } catch {
    return highs.solve(programme, { presolve: 'off' });
  }
}

interface Row {
  of: (traits: Traits) => number;
  bound: number;
  kind: 'volume' | 'max' | 'min' | 'body';
}

function rowsOf(original: Traits, analysis: Analysis, needs: Needs): Row[] {
  const rows: Row[] = [];
  const at = (traits: Traits, name: string) => traits[name] as number;
  const volume = at(original, 'potMl');
  rows.push({ of: (t) => at(t, 'potMl') / volume, bound: 1 + VOLUME_KEEPS, kind: 'volume' });
  rows.push({ of: (t) => -at(t, 'potMl') / volume, bound: VOLUME_KEEPS - 1, kind: 'volume' });
  for (const { nutrient, per, min, max } of needs.limits ?? []) {
    const share = (bound: number, table: 'most' | 'least') => (t: Traits) =>
      at(t, `${table} ${nutrient}`) / bound - (per === '100g' ? at(t, 'bowlGrams') / 100 : 0);
    if (max !== undefined) rows.push({ of: share(max, 'most'), bound: per === '100g' ? 0 : 1, kind: 'max' });
    if (min !== undefined) rows.push({ of: (t) => -share(min, 'least')(t), bound: per === '100g' ? 0 : -1, kind: 'min' });
  }
  if (needs.body !== undefined) {
    const { index } = analysis.body;
    const room = Math.max(index * BODY_KEEPS, BODY_LEAST);
    const { min = 0, max } = needs.body === 'same' ? { min: Math.max(0, index - room), max: index + room } : needs.body;
    rows.push({ of: (t) => (min * at(t, 'potMl') - at(t, 'bodyMl')) / volume, bound: 0, kind: 'body' });
    if (max !== undefined) rows.push({ of: (t) => (at(t, 'bodyMl') - max * at(t, 'potMl')) / volume, bound: 0, kind: 'body' });
  }
  return rows;
}

interface Found {
  distance: number;
  changes: ReadonlySet<string>;
  /** Kinds of rows that hold the amounts back at the optimum. */
  binds: ReadonlySet<Row['kind']>;
  /** True when some amounts near the optimum that a good scale can weigh keep the rows. */
  weighable: () => boolean;
}

/** The finest a good kitchen scale weighs to, in grams (a judgement, no source). */
const scaleStep = (grams: number) => (grams < 20 ? 0.02 : grams < 100 ? 0.1 : 0.2);

/** A figure that is limited is off only on the side that is not asked for. */
function sidesOf(trait: string, { limits = [] }: Needs): readonly (1 | -1)[] {
  const own = limits.filter(({ nutrient }) => nutrient === trait);
  const [most, least] = [own.some(({ max }) => max !== undefined), own.some(({ min }) => min !== undefined)];
  return most === least ? [1, -1] : most ? [1] : [-1];
}

/** Least distance over the amounts of one set of choices; null when no amounts meet the needs. */
function leastDistance(choice: readonly Alternative[], original: Traits, rows: readonly Row[], needs: Needs): Omit<Found, 'changes'> | null {
  const parts = choice.flatMap(({ slopes, room, usual, pull }) =>
    slopes.map((slope, p) => ({ slope, room: room[p] as number, usual: usual[p] as number | null, pull: pull[p] as number | null })),
  );
  const at: Traits = {};
  for (const name of NAMES) at[name] = choice.reduce((sum, { shift }) => sum + (shift[name] as number), original[name] as number);
  const constraints: string[] = [];
  for (const { of, bound } of rows) {
    // The least this can come to, each part at whichever end helps: past the bound, no solver is needed.
    if (of(at) + parts.reduce((sum, { slope, room }) => sum + Math.min(0, of(slope) * room), 0) > bound + 1e-9) return null;
    constraints.push(` r${constraints.length}: ${parts.map(({ slope }, p) => term(of(slope), `x${p}`)).join(' ')} + 0 z <= ${num(bound - of(at))}`);
  }
  const costs: string[] = [];
  OBJECTIVE.filter(({ by }) => by !== 'cost').forEach(({ trait, weight, floor }) => {
    const least = POT_NOTES.includes(trait) || TINT_NAMES.includes(trait) || trait === 'bodyMl' ? floor * (original.potMl as number) : floor;
    const scale = weight / Math.max(Math.abs(original[trait] as number), least);
    const off = scale * ((at[trait] as number) - (original[trait] as number));
    const slopes = parts.map(({ slope }) => scale * (slope[trait] as number));
    const name = `t${costs.length}`;
    costs.push(name);
    for (const sign of sidesOf(trait, needs))
      constraints.push(
        ` ${name}${sign > 0 ? 'a' : 'b'}: ${slopes.map((slope, p) => term(sign * slope, `x${p}`)).join(' ')} - ${name} <= ${num(-sign * off)}`,
      );
  });
  parts.forEach(({ usual, pull }, p) => {
    if (usual === null || pull === null) return;
    const name = `u${p}`;
    costs.push(name);
    for (const sign of [1, -1])
      constraints.push(` ${name}${sign > 0 ? 'a' : 'b'}: ${term(sign * pull, `x${p}`)} - ${name} <= ${num(sign * pull * usual)}`);
  });
  const bounds = parts.map(({ room }, p) => ` 0 <= x${p} <= ${num(room)}`);
  const solution = solved(`Minimize\n obj: ${costs.join(' + ')}\nSubject To\n${constraints.join('\n')}\nBounds\n z = 0\n${bounds.join('\n')}\nEnd`);
  if (solution.Status !== 'Optimal') return null;
  const duals = new Map(solution.Rows.flatMap((row) => ('Dual' in row ? [[row.Name, Number(row.Dual)] as const] : [])));
  const binds = new Set(rows.flatMap(({ kind }, index) => (Math.abs(duals.get(`r${index}`) ?? 0) > 1e-6 ? [kind] : [])));
  const best = parts.map((_, p) => Number(solution.Columns[`x${p}`]?.Primal));
  const least = choice.flatMap(({ least }) => least);
  const weighable = () => {
    const steps = parts.map(({ room }, p) => {
      const grams = (least[p] as number) + (best[p] as number);
      const step = scaleStep(grams);
      const near = [-3, -2, -1, 0, 1, 2, 3, 4].map((k) => (Math.floor(grams / step) + k) * step);
      // A bound may be rounded past by a step; less than nothing is not put in.
      return near.filter((point) => point >= 0 && point <= (least[p] as number) + room + step).map((point) => point - (least[p] as number));
    });
    const points = steps.reduce<number[][]>((all, list) => all.flatMap((point) => list.map((one) => [...point, one])), [[]]);
    return points.some((point) =>
      rows.every(({ of, bound }) => of(at) + parts.reduce((sum, { slope }, p) => sum + of(slope) * (point[p] as number), 0) <= bound + 1e-9),
    );
  };
  return { distance: solution.ObjectiveValue + choice.reduce((sum, { cost }) => sum + cost, 0), binds, weighable };
}

/** Closest first; what makes every change of one before it and more is left out. */
function closest(found: readonly Found[], most: number): Found[] {
  const kept: Found[] = [];
  for (const one of [...found].sort((a, b) => a.distance - b.distance)) {
    if (!kept.some(({ changes }) => [...changes].every((change) => one.changes.has(change)))) kept.push(one);
  }
  return kept.slice(0, most);
}

const slotsOf = (soup: Recipe, needs: Needs): Alternative[][] =>
  [...soup.lines, ...placesToAdd(soup, needs)].map((line) => alternativesOf(soup, line, needs));

/** How many sets of choices there are to try. */
export const countSets = (soup: Recipe, needs: Needs): number => slotsOf(soup, needs).reduce((product, { length }) => product * length, 1);

/** Whether some set of choices meets the needs by amounts that a scale can weigh. */
export function canBeMet(soup: Recipe, needs: Needs): boolean {
  const original = measure(soup, needs);
  const rows = rowsOf(original, analyse(soup, needs, SHELF), needs);
  return everyChoice(slotsOf(soup, needs)).some((choice) => leastDistance(choice, original, rows, needs)?.weighable() ?? false);
}

/** Every set of choices, the cheapest changes first. */
function everyChoice(slots: Alternative[][]): Alternative[][] {
  const choices = slots.reduce<Alternative[][]>((all, list) => all.flatMap((choice) => list.map((one) => [...choice, one])), [[]]);
  return choices.sort((a, b) => constant(a) - constant(b));
}
const constant = (choice: Alternative[]): number => choice.reduce((sum, { cost }) => sum + cost, 0);

/** The closest soups over every set of choices, at most `most`; none when none meets the needs. */
export function enumerate(soup: Recipe, needs: Needs, most: number): Found[] {
  const analysis = analyse(soup, needs, SHELF);
  const original = measure(soup, needs);
  const rows = rowsOf(original, analysis, needs);
  const choices = everyChoice(slotsOf(soup, needs));
  const found: Found[] = [];
  let best: Found[] = [];
  for (const choice of choices) {
    // Nothing left can be closer than what it costs to change.
    if (best.length === most && constant(choice) >= (best.at(-1)?.distance ?? 0)) break;
    const changes = new Set(choice.flatMap(({ change }) => change ?? []));
    // Whatever adds to the original as it is, when that meets everything, is never listed.
    if (found.some((one) => one.changes.size === 0)) break;
    const least = leastDistance(choice, original, rows, needs);
    if (!least || (best.length === most && least.distance >= (best.at(-1)?.distance ?? 0))) continue;
    found.push({ ...least, distance: changes.size === 0 ? 0 : least.distance, changes });
    best = closest(found, most);
  }
  return closest(found, most);
}
