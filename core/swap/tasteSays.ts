/**
 * What a plan tastes of: the notes that go and those that come in, and, where savour or acid went, how much of what brings it back under the
 * needs that were asked. Judgements of the trade (common practice, no source).
 */
import { dietsOfFood } from '../allergen/diets.ts';
import type { Analysis } from '../analysis/analysis.ts';
import { entriesOf } from '../bowl/entries.ts';
import type { Shelf } from '../food/shelf.ts';
import { listed } from '../method/text.ts';
import { REGIMES } from '../regime/regime.ts';
import { NOTE_ROWS, type TastedNote } from '../taste/data/flavours.ts';
import { flavourOf } from '../taste/flavour.ts';
import { type PotFlavour, potFlavour, tasteShift } from '../taste/potFlavour.ts';
import type { Food } from '../vocabulary/food.ts';
import { NUTRIENT_INDEX } from '../vocabulary/nutrient.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import type { Asked } from './need.ts';
import { ofKind } from './need.ts';
import type { Said } from './says.ts';

/** What brings a note back, the one a cook reaches for first before the others, and no more of it than a litre takes, in grams. */
const BRINGS_BACK: Partial<Record<TastedNote, readonly (readonly [foodId: string, called: string, mostPerLitre: number])[]>> = {
  savoury: [
    ['mushrooms-dried', 'dried mushrooms', 8],
    ['yeast-flakes', 'yeast flakes', 15],
    ['miso', 'miso', 20],
    ['tomato-paste', 'tomato paste', 25],
  ],
  sour: [
    ['lemon-juice', 'lemon juice', 15],
    ['cider-vinegar', 'cider vinegar', 15],
  ],
};
const MOST_NAMED = 2;

interface Soups {
  before: Recipe;
  after: Recipe;
  was: Analysis;
  is: Analysis;
}

export function tasteSays(soups: Soups, asked: Asked, shelf: Shelf): Said[] {
  const of = (recipe: Recipe, { batchGrams, servings, regime }: Analysis) =>
    potFlavour(entriesOf(recipe, REGIMES[regime], shelf), batchGrams, servings);
  const before = of(soups.before, soups.was);
  const after = of(soups.after, soups.is);
  const { lost, come } = tasteShift(before, after);
  const words = (notes: readonly TastedNote[]) => listed(notes.map((note) => NOTE_ROWS[note].words));
  const said = [
    ...(lost.length > 0 ? [`loses ${words(lost)}`] : []),
    ...(come.length > 0 ? [`${words(come)} ${come.length > 1 ? 'come' : 'comes'} in`] : []),
  ];
  return [
    ...(said.length > 0 ? [{ kind: 'loss' as const, message: `Taste: ${said.join('; ')}.` }] : []),
    ...lost.flatMap((note) => broughtBack(note, before, after, soups, asked, shelf)),
  ];
}

/** 'Savour: 12 g of dried mushrooms or 20 g of yeast flakes bring it back.' */
function broughtBack(note: TastedNote, before: PotFlavour, after: PotFlavour, { is, after: recipe }: Soups, asked: Asked, shelf: Shelf): Said[] {
  const missing = (before[note] - after[note]) * is.batchGrams;
  const ways = (BRINGS_BACK[note] ?? []).flatMap(([id, called, mostPerLitre]) => {
    const food = shelf.food(id);
    if (!food || recipe.lines.some(({ foodId }) => foodId === id)) return [];
    const grams = Math.min(missing / flavourOf(food)[note], (mostPerLitre * is.potMl) / 1000);
    return grams >= 1 && mayCome(food, grams, is, asked, shelf) ? [`${Number(grams.toPrecision(2))} g of ${called}`] : [];
  });
  const named = ways.slice(0, MOST_NAMED);
  if (named.length === 0) return [];
  const what = NOTE_ROWS[note].words;
  return [
    {
      kind: 'season',
      message: `${what[0]?.toUpperCase()}${what.slice(1)}: ${named.join(', or ')} ${named.length > 1 ? 'bring' : 'brings'} some of it back.`,
    },
  ];
}

/** Whether so much of a food breaks nothing that is asked: no allergen, no diet, no limit. */
function mayCome(food: Food, grams: number, { perServing, servings }: Analysis, { needs, terms }: Asked, shelf: Shelf): boolean {
  const rules = {
    coconutIsTreeNut: terms.coconutIsTreeNut ?? false,
    chestnutIsTreeNut: terms.chestnutIsTreeNut ?? false,
    oatsHoldGluten: REGIMES[terms.regime ?? 'us'].oatsHoldGluten,
  };
  const held = new Set([...food.contains, ...food.checks].map(({ allergen }) => allergen));
  if (ofKind(needs, 'allergen').some(({ id }) => held.has(id))) return false;
  const diets = dietsOfFood(food, rules);
  if (ofKind(needs, 'diet').some(({ id }) => diets.has(id))) return false;
  if (ofKind(needs, 'avoid').some(({ foodId }) => foodId === food.id)) return false;
  const { value, unknown } = shelf.figures(food, REGIMES[terms.regime ?? 'us']);
  return ofKind(needs, 'limit').every(({ limit: { nutrient, max, per } }) => {
    if (max === undefined) return true;
    if (per === '100g' || unknown.includes(nutrient)) return false;
    return perServing[nutrient].value + ((value[NUTRIENT_INDEX[nutrient]] as number) * grams) / 100 / servings <= max;
  });
}
