/** What the benchmark times: kernel, whole analysis, one adaptation. Every iteration has other amounts. */

import { analyse } from '../../core/analysis/analysis.ts';
import { drawBowls } from '../../core/bowl/draws.ts';
import { bowlLines } from '../../core/bowl/entries.ts';
import { type KernelLine, sumLines } from '../../core/bowl/kernel.ts';
import { searchFoods } from '../../core/food/search.ts';
import { makeShelf, SHELF, type Shelf } from '../../core/food/shelf.ts';
import { readRecipe } from '../../core/reading/read.ts';
import { REGIMES } from '../../core/regime/regime.ts';
import { sheetOf } from '../../core/sheet/sheet.ts';
import { adapt } from '../../core/swap/adapt.ts';
import { buildModel } from '../../core/swap/buildModel.ts';
import { askedOf } from '../../core/swap/need.ts';
import type { Needs } from '../../core/swap/needs.ts';
import { methodOf, writtenOf } from '../../core/swap/steps.ts';
import { SOUPS } from '../../core/test/method/cases.ts';
import { bestByHighs } from '../../core/test/mip.ts';
import { CORPUS_RECIPES } from '../../core/test/reading/recipes.ts';
import type { RecipeRow } from '../../core/test/reading/row.ts';
import type { Food } from '../../core/vocabulary/food.ts';
import { NUTRIENT_COUNT, NUTRIENT_INDEX } from '../../core/vocabulary/nutrient.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';
import { DEMO_SOUPS } from '../../server/demo/soups.ts';
import { lunchMeasure } from './lunch.ts';
import type { Measure } from './measure.ts';
import { tableMeasures } from './table.ts';

/** Mulberry32. */
export function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
}

function time(runs: number, warm: number, work: (iteration: number) => unknown): number[] {
  for (let i = 0; i < warm; i += 1) work(-1 - i);
  return Array.from({ length: runs }, (_, i) => {
    const start = performance.now();
    work(i);
    return performance.now() - start;
  });
}

/** Timed in batches, since one run is shorter than the clock can tell. */
const inBatches = (runs: number, size: number, work: (iteration: number) => unknown): number[] =>
  time(runs, Math.ceil(2000 / size), (i) => {
    for (let k = 0; k < size; k += 1) work(i * size + k);
  }).map((ms) => ms / size);

function kernelLines(random: () => number): KernelLine[] {
  return Array.from({ length: 25 }, () => {
    const food = Math.floor(random() * SHELF.foods.length);
    const grams = 5 + random() * 200;
    return { figures: SHELF.figures(SHELF.foods[food] as never, REGIMES.us), food, grams, below: grams * 0.05, above: grams * 0.08, parent: -1 };
  });
}

function soupOf(lines: number, random: () => number): Recipe {
  return {
    title: 'benchmark',
    servings: 8,
    steps: [
      { id: 's1', stage: 'simmer', text: 'simmer', method: 'simmer', minutes: { min: 20, max: 25 }, lid: 'ajar' },
      { id: 's2', stage: 'blend', text: 'blend', method: 'blend' },
    ],
    lines: Array.from({ length: lines }, (_, index) => {
      const best = 10 + random() * 300;
      return {
        id: `l${index}`,
        stage: 'base',
        text: 'x',
        foodId: SHELF.foods[Math.floor(random() * SHELF.foods.length)]?.id ?? 'water',
        grams: { best, low: best * 0.9, high: best * 1.1 },
      };
    }),
  };
}

const varied = (recipe: Recipe, random: () => number): Recipe => ({
  ...recipe,
  lines: recipe.lines.map((line) =>
    line.grams ? { ...line, grams: { best: line.grams.best * (0.8 + random() * 0.4), low: 0, high: line.grams.high * 2 } } : line,
  ),
});

/** Foods that have swaps, at the weight a pot of eight bowls takes of them. */
const KITCHEN: Readonly<Record<string, number>> = {
  potato: 500,
  leek: 200,
  onion: 150,
  garlic: 7,
  celery: 80,
  carrot: 150,
  'butter-salted': 60,
  'flour-wheat': 30,
  'chicken-broth': 1500,
  'cream-double': 200,
  'milk-whole': 400,
  cheddar: 80,
  'bacon-raw': 80,
  'white-beans-canned-drained': 200,
  salt: 8,
  mustard: 10,
  nutmeg: 0.5,
  'black-pepper': 1,
  croutons: 60,
  'sour-cream': 80,
  'egg-yolk': 34,
  parmesan: 40,
  'cashews-raw': 60,
  'soy-sauce': 15,
  'lemon-juice': 15,
  celeriac: 500,
  cauliflower: 500,
  water: 500,
  'coconut-milk': 150,
  honey: 10,
};

/** Twenty lines of the kitchen, six limits about what the soup is, and on half of them no milk. */
export function hardCase(random: () => number): { recipe: Recipe; needs: Needs } {
  const foods = Object.entries(KITCHEN)
    .map((food) => ({ food, at: random() }))
    .sort((a, b) => a.at - b.at)
    .slice(0, 20)
    .map(({ food }) => food);
  const recipe: Recipe = {
    title: 'benchmark',
    servings: 8,
    steps: [
      { id: 's1', stage: 'simmer', text: 'simmer', method: 'simmer', minutes: { min: 20, max: 20 }, lid: 'ajar' },
      { id: 's2', stage: 'blend', text: 'blend', method: 'blend' },
    ],
    lines: foods.map(([foodId, best], index) => ({
      id: `l${index}`,
      stage: 'base',
      text: foodId,
      foodId,
      grams: { best, low: best * 0.95, high: best * 1.05 },
    })),
  };
  const { perServing } = analyse(recipe, {}, SHELF);
  const bound = (
    nutrient: 'sodiumMg' | 'saturatedFatG' | 'energyKcal' | 'potassiumMg' | 'proteinG' | 'fibreG',
    kind: 'min' | 'max',
    least: number,
    room: number,
  ) => ({ nutrient, per: 'serving' as const, [kind]: perServing[nutrient].value * (least + random() * room) });
  return {
    recipe,
    needs: {
      allergens: random() < 0.5 ? ['milk'] : [],
      body: 'same',
      limits: [
        bound('sodiumMg', 'max', 0.5, 0.4),
        bound('saturatedFatG', 'max', 0.4, 0.5),
        bound('energyKcal', 'max', 0.8, 0.3),
        bound('potassiumMg', 'max', 0.8, 0.4),
        bound('proteinG', 'min', 0.8, 0.4),
        bound('fibreG', 'min', 0.7, 0.4),
      ],
    },
  };
}

const HIGHS_CASES = 5;
const HIGHS_SECONDS = 20;

/** HiGHS on the same model, for its best plan alone: seconds of each case, those that ran out of time at the limit. */
function highsSeconds(cases: readonly { recipe: Recipe; needs: Needs }[]): number[] {
  return cases.map(({ recipe, needs }) => {
    const model = buildModel({ recipe, analysis: analyse(recipe, needs, SHELF), asked: askedOf(needs), shelf: SHELF });
    const start = performance.now();
    bestByHighs(model, HIGHS_SECONDS);
    return (performance.now() - start) / 1000;
  });
}

function hardMeasure(): Measure {
  const random = seeded(5);
  const cases = Array.from({ length: 100 }, () => hardCase(random));
  let plans = 0;
  let optimal = 0;
  let clashes = 0;
  const samples = time(cases.length, 2, (i) => {
    const { recipe, needs } = cases[Math.abs(i) % cases.length] as (typeof cases)[number];
    const result = adapt({ recipe, needs, plans: 5 }, SHELF, { now: () => performance.now() });
    if (i < 0) return;
    plans += result.plans.length;
    optimal += result.plans.filter((plan) => plan.optimal).length;
    clashes += result.clash ? 1 : 0;
  });
  const highs = highsSeconds(cases.slice(0, HIGHS_CASES)).sort((a, b) => a - b);
  const median = highs[Math.floor(HIGHS_CASES / 2)] as number;
  const own = [...samples.slice(0, HIGHS_CASES)].sort((a, b) => a - b)[Math.floor(HIGHS_CASES / 2)] as number;
  return {
    name: 'five plans, 20 lines, whole catalogue, six limits, 100 cases',
    goal: 100,
    goal95: 400,
    unit: 'ms',
    samples,
    extra: `worst ${Math.max(...samples).toFixed(0)} ms (goal 800), ${plans} plans, ${optimal} proven optimal, ${clashes} clashes explained; HiGHS, one plan of the first ${HIGHS_CASES} cases, stopped at ${HIGHS_SECONDS} s: median ${median.toFixed(1)} s, ${((1000 * median) / own).toFixed(0)} times as long or more`,
  };
}

const DRAWN = ['energyKcal', 'proteinG', 'saturatedFatG', 'sodiumMg', 'potassiumMg', 'phosphorusMg'] as const;

/** A shelf as large as an imported table's: every food again under other words, until there are 9,000. */
function largeShelf(): Shelf {
  const words = ['prepared', 'unprepared', 'with salt', 'without salt', 'frozen', 'canned', 'drained', 'roasted', 'young', 'mature', 'commercial'];
  const foods: Food[] = [];
  for (let copy = 0; foods.length < 9000; copy += 1)
    for (const food of SHELF.foods) {
      if (foods.length >= 9000) break;
      foods.push(copy === 0 ? food : { ...food, id: `${food.id}-${copy}`, name: `${food.name}, ${words[copy % words.length]} ${copy}` });
    }
  return makeShelf(foods);
}

/** What people type, a letter at a time, slips and all. */
function searchMeasure(): Measure {
  const shelf = largeShelf();
  const typed = ['celeriac', 'double cream', 'parsnp', 'haricot beans', 'asparagas', 'smoked haddock', 'eggplant', 'chicken stock cube'];
  const keystrokes = typed.flatMap((text) => Array.from({ length: text.length - 1 }, (_, i) => text.slice(0, i + 2)));
  searchFoods(shelf, 'warm', 20);
  return {
    name: `a keystroke of the food search over ${shelf.foods.length} foods`,
    goal: 5,
    unit: 'ms',
    samples: time(keystrokes.length * 3, keystrokes.length, (i) => searchFoods(shelf, keystrokes[Math.abs(i) % keystrokes.length] as string, 20)),
  };
}

/** A recipe as pasted, and 200 kB that are one all the same. */
function readingMeasures(): Measure[] {
  const read = (text: string) => readRecipe(text, { measures: 'auto' }, SHELF);
  const long = (i: number) =>
    `Soup ${i}\nServes 8\nIngredients\n${Array.from({ length: 480 }, (_, n) => `${n + 1} g of zorbel number ${n} kraut ${i}, ${'chopped and '.repeat(12)}`).join('\n')}\nMethod\n${Array.from({ length: 400 }, (_, n) => `Add the onion, carrots and stock ${n} and simmer for 10 minutes. ${'Stir it well. '.repeat(14)}`).join('\n')}`;
  return [
    {
      name: 'reading a recipe of the corpus',
      goal: 50,
      unit: 'ms',
      samples: time(CORPUS_RECIPES.length * 4, CORPUS_RECIPES.length, (i) =>
        read(`${(CORPUS_RECIPES[Math.abs(i) % CORPUS_RECIPES.length] as RecipeRow).text}\n`),
      ),
    },
    { name: 'reading 200 kB of 480 unknown ingredients and 400 steps', goal: 1000, unit: 'ms', samples: time(5, 1, (i) => read(long(i))) },
  ];
}

/** The methods of five vegan plans, written anew from the steps of the soup. */
function rewriting(): Measure {
  const soups = Object.values(SOUPS).flatMap((text) => {
    const { recipe } = readRecipe(text, { measures: 'auto' }, SHELF);
    const { plans } = adapt({ recipe, needs: { diets: ['vegan'] }, plans: 5 }, SHELF, { now: () => performance.now() });
    return plans.length === 5 ? [{ recipe, plans }] : [];
  });
  return {
    name: 'the methods of five plans rewritten',
    goal: 5,
    unit: 'ms',
    samples: time(100, 10, (i) => {
      const { recipe, plans } = soups[Math.abs(i) % soups.length] as (typeof soups)[number];
      for (const plan of plans) methodOf({ ...writtenOf(recipe), works: plan.recipe.asWritten?.works ?? [] }, plan.recipe.lines, SHELF);
    }),
  };
}

export function measures(): Measure[] {
  const random = seeded(7);
  const lineSets = Array.from({ length: 64 }, () => kernelLines(random));
  const soups = Array.from({ length: 64 }, () => soupOf(25, random));
  const demo = DEMO_SOUPS.map((text) => readRecipe(text, { measures: 'metric' }, SHELF).recipe);
  const out = new Float64Array(NUTRIENT_COUNT);
  const needs = (i: number) => ({
    allergens: ['milk' as const],
    limits: [
      { nutrient: 'saturatedFatG' as const, per: 'serving' as const, max: 3 + (Math.abs(i) % 17) / 20 },
      { nutrient: 'sodiumMg' as const, per: 'serving' as const, max: 700 + (Math.abs(i) % 13) * 20 },
    ],
    body: 'same' as const,
  });
  let plans = 0;
  let optimal = 0;
  // The small measures stand before every search: one that ran before leaves a heap whose collection they would be timed with.
  return [
    {
      name: 'bare multiply-add over typed arrays, 25 lines',
      unit: 'ms',
      samples: inBatches(200, 50, (i) => {
        for (const { figures, grams } of lineSets[Math.abs(i) % 64] as KernelLine[])
          for (let k = 0; k < NUTRIENT_COUNT; k += 1) out[k] = (out[k] as number) + grams * (figures.value[k] as number);
      }),
    },
    {
      name: 'nutrient kernel with intervals, 25 lines',
      goal: 0.05,
      unit: 'ms',
      samples: inBatches(200, 50, (i) => sumLines(lineSets[Math.abs(i) % 64] as KernelLine[])),
    },
    {
      name: 'whole analysis, 25 lines',
      goal: 0.25,
      goal95: 0.6,
      unit: 'ms',
      samples: inBatches(200, 5, (i) => analyse(varied(soups[Math.abs(i) % 64] as Recipe, random), {}, SHELF)),
    },
    {
      name: 'whole analysis, demo soups',
      goal: 0.25,
      goal95: 0.6,
      unit: 'ms',
      samples: inBatches(200, 5, (i) => analyse(varied(demo[Math.abs(i) % 3] as Recipe, random), {}, SHELF)),
    },
    {
      name: 'the serving sheet of a demo soup, with its sides',
      goal: 50,
      unit: 'ms',
      samples: time(40, 6, (i) => sheetOf({ recipe: varied(demo[Math.abs(i) % 3] as Recipe, random), regime: 'us' }, SHELF)),
    },
    {
      name: 'one adaptation, three plans: no milk, saturated fat, sodium, same body',
      goal: 150,
      unit: 'ms',
      samples: time(60, 6, (i) => {
        const result = adapt({ recipe: varied(demo[Math.abs(i) % 3] as Recipe, random), needs: needs(i), plans: 3 }, SHELF, {
          now: () => performance.now(),
        });
        plans += result.plans.length;
        optimal += result.plans.filter((plan) => plan.optimal).length;
      }),
      get extra() {
        return `${plans} plans, ${optimal} proven optimal`;
      },
    },
    {
      name: '10,000 draws of a bowl of 25 lines, six nutrients',
      goal: 100,
      unit: 'ms',
      samples: time(40, 3, (i) => {
        const { lines, yieldError } = bowlLines(soups[Math.abs(i) % 64] as Recipe, {}, SHELF);
        drawBowls({ lines, yieldError, nutrients: DRAWN.map((key) => NUTRIENT_INDEX[key]), draws: 10_000, seed: i + 5 });
      }),
    },
    lunchMeasure(random),
    ...tableMeasures(random),
    ...readingMeasures(),
    searchMeasure(),
    rewriting(),
    hardMeasure(),
  ];
}
