/** What a colleague would say beside a plan: what to tell the table, and the salt that went with what was taken out. */
import type { Analysis } from '../analysis/analysis.ts';
import { SALT_BANDS } from '../food/seasoning.ts';
import type { Shelf } from '../food/shelf.ts';
import { calledInSteps } from '../method/entry.ts';
import { listed } from '../method/text.ts';
import { ALLERGEN_LABELS, DIET_LABELS } from '../vocabulary/allergens.ts';
import type { Food } from '../vocabulary/food.ts';
import { NUTRIENT_ROWS, type Nutrient, nutrientName, nutrientUnit } from '../vocabulary/nutrient.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { dearLines, isOfName } from './fit.ts';
import type { Asked, Need } from './need.ts';
import type { Standing } from './verdict.ts';

export interface Said {
  kind: 'loss' | 'tell' | 'season' | 'identity';
  message: string;
  grams?: number;
}

/** People ask for these kinds though not every law makes one declare them (common practice of dietitians, no source). */
const TOLD: readonly (readonly [what: string, is: (food: Food) => boolean])[] = [
  ['nuts', ({ contains }) => contains.some(({ allergen }) => allergen === 'treeNut' || allergen === 'peanut') || false],
  [
    'nuts',
    ({ category, id }) => category === 'nut-seed' && /^(?:almond|cashew|hazelnut|walnut|pecan|pistachio|macadamia|brazil|pine-nut|peanut)/.test(id),
  ],
  ['seeds', ({ category, id }) => (category === 'nut-seed' && /seed|tahini|sunflower/.test(id)) || id === 'tahini' || id === 'sunflower-butter'],
  ['coconut', ({ id, contains }) => /^coconut/.test(id) || contains.some(({ allergen }) => allergen === 'coconut')],
  [
    'pulses',
    ({ category, id }) => (category === 'pulse' && !/^(?:green-beans|peas-(?:frozen|fresh|canned)|mangetout)/.test(id)) || id === 'pea-drink',
  ],
  ['soya', ({ contains }) => contains.some(({ allergen }) => allergen === 'soy')],
  ['mustard', ({ contains }) => contains.some(({ allergen }) => allergen === 'mustard')],
  ['oats', ({ id }) => /^oat/.test(id)],
];

const foodsOf = (recipe: Recipe, shelf: Shelf): Food[] => recipe.lines.flatMap(({ foodId }) => shelf.food(foodId ?? '') ?? []);

/** Kinds that come in and were not there before, with the food that brings each. */
function told(before: Recipe, after: Recipe, shelf: Shelf): Said[] {
  const had = foodsOf(before, shelf);
  const seen = new Set<string>();
  return foodsOf(after, shelf).flatMap((food): Said[] =>
    TOLD.filter(([what, is]) => is(food) && !had.some(is) && !seen.has(what)).map(([what]) => {
      seen.add(what);
      return { kind: 'tell', message: `Tell the table: there ${/s$/.test(what) ? 'are' : 'is'} ${what} in it (${calledInSteps(food)}).` };
    }),
  );
}

/** Two figures, and never more than there is room for. */
function atMost(grams: number): number {
  if (!(grams > 0)) return 0;
  const step = 10 ** (Math.floor(Math.log10(grams)) - 1);
  return Number((Math.floor(grams / step + 1e-9) * step).toPrecision(2));
}

/** A soup is missed for its salt from here on, per cent. */
const MISSED = 0.1;
const SODIUM_MG_A_GRAM = 393;

/** The salt that went, and what brings it back under the limit that is set; `mostSodiumMg` is that of one bowl. */
function seasoned(before: Analysis, after: Analysis, mostSodiumMg: number | undefined): Said[] {
  const wanted = Math.min(before.saltPercent, SALT_BANDS.common.best);
  if (before.saltPercent < SALT_BANDS.common.low - MISSED || wanted - after.saltPercent < MISSED) return [];
  const grams = Number((((wanted - after.saltPercent) / 100) * after.batchGrams).toPrecision(2));
  const sodium = after.perServing.sodiumMg.value;
  const room = mostSodiumMg === undefined ? grams : Math.max(0, ((mostSodiumMg - sodium) * after.servings) / SODIUM_MG_A_GRAM);
  const falls = `Its salt falls from ${before.saltPercent.toFixed(2)} to ${after.saltPercent.toFixed(2)} %`;
  if (room >= grams) {
    const then = Math.round(sodium + (grams * SODIUM_MG_A_GRAM) / after.servings);
    return [
      { kind: 'season', message: `${falls}: ${grams} g of salt in the pot season it as before, and a bowl then has ${then} mg sodium.`, grams },
    ];
  }
  const left = atMost(room);
  return [
    {
      kind: 'season',
      message: `${falls}: ${grams} g of salt would season it as before, the limit leaves ${left < 0.1 ? 'none' : `${left} g`}. Season with lemon, pepper and herbs instead.`,
      grams: left,
    },
  ];
}

/** What a line to taste may weigh under a limit on sodium, and what cannot be told until a line is known. */
export function openSays(
  needs: readonly Need[],
  stood: readonly Standing[],
  recipe: Recipe,
  { servings, saltPercent, batchGrams }: Analysis,
  shelf: Shelf,
): Said[] {
  const seen = new Set<string>();
  return needs.flatMap((need, index): Said[] => {
    const { openLines = [], value = 0 } = stood[index] ?? {};
    if (need.kind !== 'limit') return [];
    const { nutrient, per, max } = need.limit;
    return openLines.flatMap((lineId): Said[] => {
      const line = recipe.lines.find(({ id }) => id === lineId);
      const food = shelf.food(line?.foodId ?? '');
      // Two foods of one written line are weighed together.
      if (!line || (food?.category !== 'salt' && seen.has(line.text))) return [];
      seen.add(line.text);
      if (food?.category !== 'salt')
        return [
          { kind: 'tell', message: `${NUTRIENT_ROWS[nutrient].label} cannot be told until ${food ? 'the weight of ' : ''}'${line.text}' is known.` },
        ];
      if (nutrient !== 'sodiumMg' || per !== 'serving' || max === undefined) return [];
      const room = ((max - value) * servings) / SODIUM_MG_A_GRAM;
      const wanted = Math.max(0, ((SALT_BANDS.common.best - saltPercent) / 100) * batchGrams);
      const grams = atMost(Math.min(room, wanted));
      const then = Math.round(value + (grams * SODIUM_MG_A_GRAM) / servings);
      const leaves = room <= wanted ? `up to ${grams} g in the pot` : `some ${grams} g season the pot`;
      return [{ kind: 'season', message: `'${line.text}': ${leaves}, and a bowl then has ${then} mg sodium.`, grams }];
    });
  });
}

/** What fits in the bowl and not with what is beside it, where only the bowl was asked about. */
export function plateSays({ needs, terms }: Asked, stood: readonly Standing[], recipe: Recipe, analysis: Analysis, shelf: Shelf): Said[] {
  const sides = recipe.lines.filter(({ stage }) => stage === 'plate');
  if (terms.scope === 'plate' || sides.length === 0) return [];
  const called = (ids: readonly string[]) =>
    listed(sides.filter(({ id }) => ids.includes(id)).map((line) => `the ${calledInSteps(shelf.food(line.foodId ?? '') ?? { name: line.text })}`));
  return needs.flatMap((need, index): Said[] => {
    const { state } = stood[index] ?? {};
    if (state === 'breaks') return [];
    // What only a label can tell of the bowl is not said to fit.
    const fits = state === 'meets' || state === 'likely';
    if (need.kind === 'limit') {
      const { nutrient, per, max } = need.limit;
      const { value = 0 } = analysis.plateServing?.[nutrient] ?? {};
      if (per !== 'serving' || max === undefined || value <= max) return [];
      const all = called(sides.map(({ id }) => id));
      return [
        {
          kind: 'tell',
          message: `${fits ? 'In the bowl it fits; with' : 'With'} ${all} beside it there are ${figure(nutrient, value)} ${nutrientName(nutrient)}, over ${figure(nutrient, max)}.`,
        },
      ];
    }
    if (need.kind !== 'allergen' && need.kind !== 'diet') return [];
    const row = need.kind === 'allergen' ? analysis.allergens.find(({ id }) => id === need.id) : analysis.diets.find(({ id }) => id === need.id);
    if (row?.scopes.plate !== 'contains' && row?.scopes.plate !== 'breaks') return [];
    const because = row.because.filter(({ state }) => state === 'contains' || state === 'breaks').map(({ lineId }) => lineId);
    const label = need.kind === 'allergen' ? `no ${ALLERGEN_LABELS[need.id]}` : DIET_LABELS[need.id];
    return [
      {
        kind: 'tell',
        message: fits
          ? `In the bowl it fits '${label}'; ${called(because)} beside it does not.`
          : `Beside the bowl ${called(because)} breaks '${label}'.`,
      },
    ];
  });
}

const figure = (nutrient: Nutrient, value: number): string => `${Number(value.toPrecision(3))} ${nutrientUnit(nutrient)}`;

/** A soup that has lost what it is called after is told to be another. */
function identity(before: Recipe, after: Recipe, shelf: Shelf): Said[] {
  const dear = dearLines(before, shelf);
  const known = (foodId: string | null) => (foodId === null ? undefined : shelf.food(foodId));
  const there = (foodId: string | null) => {
    const food = known(foodId);
    return after.lines.some((line) => {
      const other = known(line.foodId);
      return line.foodId === foodId || (food !== undefined && other !== undefined && isOfName(food, other));
    });
  };
  const gone = before.lines.filter(({ id, foodId }) => dear.has(id) && !there(foodId));
  return gone.length === 0
    ? []
    : [
        {
          kind: 'identity',
          message: `This is another soup: it has lost its ${listed(gone.map((line) => calledInSteps(shelf.food(line.foodId ?? '') ?? { name: line.text })))}.`,
        },
      ];
}

/** People eat with their eyes: a pot that looks another is told. */
const recoloured = ({ colour: was }: Analysis, { colour: is }: Analysis): Said[] =>
  was && is && was !== is ? [{ kind: 'loss', message: `Colour: ${was} › ${is}.` }] : [];

export const saysOf = (
  soups: { before: Recipe; after: Recipe; was: Analysis; is: Analysis },
  mostSodiumMg: number | undefined,
  shelf: Shelf,
): Said[] => [
  ...identity(soups.before, soups.after, shelf),
  ...recoloured(soups.was, soups.is),
  ...seasoned(soups.was, soups.is, mostSodiumMg),
  ...told(soups.before, soups.after, shelf),
];

/** Beside every plan that is asked to be smooth. */
export const SMOOTH_SAYS: Said = {
  kind: 'tell',
  message: 'Smooth here means no pieces, skins or seeds; it is no level of a texture framework: test the soup before it is served.',
};
