/**
 * Sixty seeded adaptations against an enumeration that shares no model code: it knows the catalogue and the objective
 * as data, and calls only `analyse`. For each set of choices it measures by analysis what a gram of each part does, and
 * leaves the amounts to HiGHS, a general linear-programming library.
 */
import { describe, expect, test } from '@jest/globals';
import loadHighs from 'highs';
import { type Analysis, analyse } from '../analysis.ts';
import { SHELF } from '../food/shelf.ts';
import type { Recipe } from '../recipe.ts';
import { seeded } from '../test/soup.ts';
import { type AdaptResult, adapt } from './adapt.ts';
import { SWAPS, type Swap } from './data/swaps.ts';
import type { Limit, Needs } from './needs.ts';
import { BODY_KEEPS, BODY_LEAST, CHANGE_COST, OBJECTIVE, VOLUME_KEEPS } from './objective.ts';

const CASES = Number(process.env.KIND_LADLE_CASES ?? 60);
const highs = await loadHighs({});

type RecipeLine = Recipe['lines'][number];
const lineOf = (id: string, foodId: string, best: number): RecipeLine => ({
  id,
  stage: 'base',
  text: foodId,
  foodId,
  grams: { best, low: best, high: best },
});

function randomSoup(random: () => number): Recipe {
  const pick = <T>(list: readonly T[]) => list[Math.floor(random() * list.length)] as T;
  const about = (grams: number) => Math.round(grams * (0.6 + random() * 0.8));
  const lines = [
    lineOf('veg', pick(['celeriac', 'parsnip', 'leek', 'courgette', 'asparagus', 'fennel']), about(900)),
    lineOf('onion', 'onion', about(150)),
    lineOf('water', 'water', about(500)),
  ];
  lines.push(lineOf('cream', pick(['cream-heavy', 'cream-double', 'cream-light', 'half-and-half']), about(250)));
  if (random() < 0.7) lines.push(lineOf('stock', pick(['chicken-broth', 'vegetable-broth', 'chicken-stock-homemade']), about(900)));
  const third = random();
  if (third < 0.3) lines.push(lineOf('flour', 'flour-wheat', about(40)));
  else if (third < 0.6) lines.push(lineOf('bacon', 'bacon-raw', about(100)));
  else if (third < 0.9) lines.push(lineOf('butter', 'butter-salted', about(40)));
  return { title: 'seeded soup', servings: 6, lines, steps: [] };
}

function randomNeeds(random: () => number, original: Analysis): Needs {
  // Few enough slots to enumerate: the vegetables and the water stay.
  const needs: Needs = { keepLines: ['veg', 'onion', 'water'] };
  if (random() < 0.6) needs.allergens = (['milk', 'gluten', 'soy', 'cashew'] as const).filter(() => random() < 0.4);
  if (random() < 0.35) needs.diets = [(['vegan', 'vegetarian', 'noPork', 'dairyFree', 'nutFree'] as const)[Math.floor(random() * 5)] as 'vegan'];
  const limits: Limit[] = [];
  const cap = (nutrient: Limit['nutrient'], share: number, per: Limit['per'] = 'serving') =>
    limits.push({ nutrient, per, max: (per === 'serving' ? original.perServing : original.per100g)[nutrient].value * share });
  if (random() < 0.5) cap('saturatedFatG', 0.1 + random() * 0.8);
  if (random() < 0.4) cap('sodiumMg', 0.15 + random() * 0.7, random() < 0.3 ? '100g' : 'serving');
  if (random() < 0.3) cap('potassiumMg', 0.9 + random() * 0.25);
  if (random() < 0.3) limits.push({ nutrient: 'proteinG', per: 'serving', min: original.perServing.proteinG.value * (0.8 + random() * 0.6) });
  if (limits.length > 0) needs.limits = limits;
  if (random() < 0.5) needs.body = 'same';
  return needs;
}

const TRAITS = ['potMl', 'bodyMl', 'bowlGrams', 'fatG', 'proteinG', 'sodiumMg', 'sugarsG', 'saturatedFatG', 'potassiumMg'] as const;
type Traits = Record<(typeof TRAITS)[number], number>;
const measure = (analysis: Analysis): Traits =>
  Object.fromEntries(
    TRAITS.map((trait) => [
      trait,
      trait === 'potMl'
        ? analysis.potMl
        : trait === 'bodyMl'
          ? analysis.body.index * analysis.potMl
          : trait === 'bowlGrams'
            ? analysis.servingGrams
            : analysis.perServing[trait].value,
    ]),
  ) as Traits;
const difference = (a: Traits, b: Traits, over = 1): Traits =>
  Object.fromEntries(TRAITS.map((trait) => [trait, (a[trait] - b[trait]) / over])) as Traits;

interface Alternative {
  swap: Swap | null;
  cost: number;
  /** Change of the soup with every part at its least, and per gram more of each. */
  shift: Traits;
  slopes: Traits[];
  room: number[];
}

/** Everything the enumeration knows of one line, measured by analysis. */
function alternativesOf(soup: Recipe, line: RecipeLine, needs: Needs): Alternative[] {
  const original = measure(analyse(soup, needs, SHELF));
  const grams = line.grams?.best ?? 0;
  const withLines = (lines: RecipeLine[]) => ({ ...soup, lines: soup.lines.flatMap((other) => (other.id === line.id ? lines : [other])) });
  const linesAt = (swap: Swap, amounts: readonly number[]) =>
    swap.parts.flatMap(({ foods, eaten }, p) =>
      foods.map(([foodId, share], f) => ({
        ...lineOf(`${line.id}-${p}-${f}`, foodId, (amounts[p] as number) * share),
        ...(eaten ? { eaten: eaten.how, eatenShare: eaten.share } : {}),
      })),
    );
  const alone = (lines: RecipeLine[]) => analyse({ ...soup, lines: lines.length > 0 ? lines : [lineOf('w', 'water', 1)] }, needs, SHELF);
  const states = (analysis: Analysis) => [
    ...(needs.allergens ?? []).map((id) => analysis.allergens.find((one) => one.id === id)?.state),
    ...(needs.diets ?? []).map((id) => analysis.diets.find((one) => one.id === id)?.state),
  ];
  const own = states(alone([line]));
  const kept = needs.keepLines?.includes(line.id) ?? false;
  const list: Alternative[] = own.some((state) => state === 'contains' || state === 'breaks')
    ? []
    : [{ swap: null, cost: 0, shift: difference(original, original), slopes: [], room: [] }];
  for (const swap of SWAPS.filter(({ replaces }) => !kept && replaces.includes(line.foodId ?? ''))) {
    const least = swap.parts.map((part) => part.least * grams);
    const probe = swap.parts.map((part) => Math.max(1, part.most * grams));
    const only = alone(linesAt(swap, probe));
    const allowed = states(only).every((state, index) => state === 'absent' || state === 'fits' || (state === 'check' && own[index] === 'check'));
    const known = (needs.limits ?? []).every(({ nutrient, max }) => max === undefined || !only.perServing[nutrient].atLeast);
    if (!allowed || !known) continue;
    const start = measure(analyse(withLines(linesAt(swap, least)), needs, SHELF));
    const slopes = swap.parts.map((_, p) =>
      difference(
        measure(
          analyse(
            withLines(
              linesAt(
                swap,
                least.map((amount, at) => (at === p ? amount + 10 : amount)),
              ),
            ),
            needs,
            SHELF,
          ),
        ),
        start,
        10,
      ),
    );
    list.push({
      swap,
      cost: CHANGE_COST.changes + CHANGE_COST.work * swap.work + CHANGE_COST.flavour * swap.flavour,
      shift: difference(start, original),
      slopes,
      room: swap.parts.map((part) => (part.most - part.least) * grams),
    });
  }
  return list;
}

const num = (x: number) => (Math.abs(x) < 1e-13 ? '0' : x.toFixed(12));
const term = (x: number, name: string) => `${x < 0 ? '-' : '+'} ${num(Math.abs(x))} ${name}`;

/** Least distance over the amounts of one set of choices, by HiGHS; null when no amounts meet the needs. */
function leastDistance(choice: readonly Alternative[], original: Traits, analysis: Analysis, needs: Needs): number | null {
  const parts = choice.flatMap(({ slopes, room }) => slopes.map((slope, p) => ({ slope, room: room[p] as number })));
  const at = Object.fromEntries(TRAITS.map((trait) => [trait, original[trait] + choice.reduce((sum, { shift }) => sum + shift[trait], 0)])) as Traits;
  const constraints: string[] = [];
  const linear = (coefficient: (trait: Traits) => number) => parts.map(({ slope }, p) => term(coefficient(slope), `x${p}`)).join(' ');
  let reachable = true;
  const atMost = (of: (traits: Traits) => number, bound: number) => {
    // The least this can come to, each part at whichever end helps: past the bound, no solver is needed.
    reachable &&= of(at) + parts.reduce((sum, { slope, room }) => sum + Math.min(0, of(slope) * room), 0) <= bound + 1e-9;
    constraints.push(`${linear(of)} + 0 z <= ${num(bound - of(at))}`);
  };
  atMost((t) => t.potMl / original.potMl, 1 + VOLUME_KEEPS);
  atMost((t) => -t.potMl / original.potMl, -(1 - VOLUME_KEEPS));
  for (const { nutrient, per, min, max } of needs.limits ?? []) {
    const of = (bound: number) => (t: Traits) => ((t as never)[nutrient] as number) / bound - (per === '100g' ? t.bowlGrams / 100 : 0);
    if (max !== undefined) atMost(of(max), per === '100g' ? 0 : 1);
    if (min !== undefined) atMost((t) => -of(min)(t), per === '100g' ? 0 : -1);
  }
  if (needs.body === 'same') {
    const room = Math.max(analysis.body.index * BODY_KEEPS, BODY_LEAST);
    atMost((t) => (t.bodyMl - (analysis.body.index + room) * t.potMl) / original.potMl, 0);
    atMost((t) => (-t.bodyMl + (analysis.body.index - room) * t.potMl) / original.potMl, 0);
  }
  if (!reachable) return null;
  const terms = OBJECTIVE.map(({ trait, weight, floor }) => ({
    trait: trait as keyof Traits,
    weight: weight / Math.max(original[trait as keyof Traits], trait === 'bodyMl' ? floor * original.potMl : floor),
  }));
  terms.forEach(({ trait, weight }, index) => {
    for (const sign of [1, -1])
      constraints.push(`${linear((t) => sign * weight * t[trait])} - t${index} <= ${num(-sign * weight * (at[trait] - original[trait]))}`);
  });
  const programme = `Minimize\n obj: ${terms.map((_, index) => `t${index}`).join(' + ')}\nSubject To\n${constraints.map((line, index) => ` c${index}: ${line}`).join('\n')}\nBounds\n z = 0\n${parts.map(({ room }, p) => ` 0 <= x${p} <= ${num(room)}`).join('\n')}\nEnd`;
  const solution = highs.solve(programme);
  return solution.Status === 'Optimal' ? solution.ObjectiveValue + choice.reduce((sum, { cost }) => sum + cost, 0) : null;
}

const FIVE = 5;

interface Found {
  distance: number;
  changes: ReadonlySet<string>;
}

/** Closest first; what makes every change of one before it and more is left out. */
function closest(found: readonly Found[]): Found[] {
  const kept: Found[] = [];
  for (const one of [...found].sort((a, b) => a.distance - b.distance)) {
    if (!kept.some(({ changes }) => [...changes].every((change) => one.changes.has(change)))) kept.push(one);
  }
  return kept.slice(0, FIVE);
}

/** The five least distances over every set of choices; none when none meets the needs. */
function enumerate(soup: Recipe, needs: Needs): number[] {
  const analysis = analyse(soup, needs, SHELF);
  const original = measure(analysis);
  const slots = soup.lines.map((line) =>
    alternativesOf(soup, line, needs).map((alternative) => ({ alternative, change: alternative.swap ? `${line.id}:${alternative.swap.id}` : null })),
  );
  const choices = slots.reduce<(typeof slots)[number][]>((all, list) => all.flatMap((choice) => list.map((one) => [...choice, one])), [[]]);
  const constant = (choice: (typeof choices)[number]) => choice.reduce((sum, { alternative }) => sum + alternative.cost, 0);
  const found: Found[] = [];
  for (const choice of choices.sort((a, b) => constant(a) - constant(b))) {
    const best = closest(found);
    // Nothing left can be closer than what it costs to change.
    if (best.length === FIVE && constant(choice) >= (best.at(-1)?.distance ?? 0)) break;
    const changes = new Set(choice.flatMap(({ change }) => change ?? []));
    // A superset of the original as it is, when that meets everything, is never listed.
    if (found.some((one) => one.changes.size === 0)) break;
    const distance = leastDistance(
      choice.map(({ alternative }) => alternative),
      original,
      analysis,
      needs,
    );
    if (distance !== null) found.push({ distance: changes.size === 0 ? 0 : distance, changes });
  }
  return closest(found).map(({ distance }) => distance);
}

describe(`${CASES} seeded adaptations`, () => {
  const counts = { feasible: 0, clash: 0, changing: 0 };
  test.each(Array.from({ length: CASES }, (_, index) => index + 1))(
    'seed %i gives the five best of the enumeration, and its plans analyse to themselves',
    (seed) => {
      const random = seeded(seed);
      const soup = randomSoup(random);
      const needs = randomNeeds(random, analyse(soup, {}, SHELF));
      const result: AdaptResult = adapt({ recipe: soup, needs, plans: FIVE }, SHELF, { now: () => 0 });
      const best = enumerate(soup, needs);
      if (best.length === 0) {
        expect(result.plans).toEqual([]);
        expect(result.clash?.needs.length).toBeGreaterThan(0);
        counts.clash += 1;
      } else {
        expect(result.plans.map(({ distance }) => distance)).toEqual(best.map((distance) => expect.closeTo(distance, 5)));
        counts.feasible += 1;
        if ((result.plans[0]?.changes.length ?? 0) > 0) counts.changing += 1;
      }
      for (const plan of result.plans) {
        expect(analyse(plan.recipe, { regime: needs.regime }, SHELF)).toEqual(plan.analysis);
        expect(plan.meets.filter(({ state }) => state === 'breaks')).toEqual([]);
      }
      expect(result.plans.map(({ distance }) => distance)).toEqual([...result.plans].map(({ distance }) => distance).sort((a, b) => a - b));
    },
  );
  test('enough of the cases change something and enough clash', () => {
    console.info(`${CASES} cases: ${counts.feasible} met (${counts.changing} by a change), ${counts.clash} clash`);
    expect(counts.changing).toBeGreaterThanOrEqual(CASES / 3);
    expect(counts.clash).toBeGreaterThanOrEqual(CASES / 20);
  });
});
