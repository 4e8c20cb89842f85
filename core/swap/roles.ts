/**
 * What a line gives this pot: its share of the volume, the water, the fat, the body and the rest, and of the seven notes
 * of flavour. From the composition of its food, what is eaten of it, and everything else that is in the pot.
 */
import { type Entry, entriesOf } from '../bowl/entries.ts';
import { mlPer100g } from '../bowl/pot.ts';
import type { Shelf } from '../food/shelf.ts';
import { shareWords } from '../quantity/share.ts';
import { REGIMES, type RegimeId } from '../regime/regime.ts';
import { flavourOf } from '../taste/flavour.ts';
import { blendedShare } from '../texture/blended.ts';
import { bodyMlPerGram, releasedShare } from '../texture/body.ts';
import { NUTRIENT_INDEX, type Nutrient, type StoredNutrient } from '../vocabulary/nutrient.ts';
import type { Recipe } from '../vocabulary/recipe.ts';

export const ROLES = [
  'volume',
  'water',
  'fat',
  'body',
  'protein',
  'sodium',
  'sugar',
  'acid',
  'savoury',
  'smoky',
  'sweet',
  'nutty',
  'dairy',
  'green',
] as const;
export type RoleName = (typeof ROLES)[number];

export interface Role {
  what: RoleName;
  /** Of all the soup has of it, 0 to 1. */
  share: number;
}

/** As a noun after 'its'. Sweet is told by sugar, acid is the note sour. */
const NOUNS: Record<RoleName, string> = {
  volume: 'volume',
  water: 'water',
  fat: 'fat',
  body: 'body',
  protein: 'protein',
  sodium: 'sodium',
  sugar: 'sugar',
  acid: 'acid',
  savoury: 'savour',
  smoky: 'smoke',
  sweet: 'sweetness',
  nutty: 'nuttiness',
  dairy: 'taste of dairy',
  green: 'green freshness',
};

const OF_NUTRIENT: Partial<Record<RoleName, StoredNutrient>> = {
  water: 'waterG',
  fat: 'fatG',
  protein: 'proteinG',
  sodium: 'sodiumMg',
  sugar: 'sugarsG',
};
/** Below this a whole pot has hardly any of it, and a share of it says nothing: grams, milligrams, points a millilitre. */
const HARDLY_ANY: Partial<Record<RoleName, number>> = { fat: 2, protein: 2, sodium: 50, sugar: 3 };
const HARDLY_ANY_NOTE = 0.01;

function amountOf(what: RoleName, { line, food, figures, stay }: Entry, blended: number, bowls: number): number {
  if (!food || !figures || !stay || !line.grams || line.stage === 'plate') return 0;
  const grams = line.grams.best * (line.perBowl ? bowls : 1);
  const nutrient = OF_NUTRIENT[what];
  if (nutrient) return (grams * (figures.value[NUTRIENT_INDEX[nutrient]] as number)) / 100;
  const left = grams * stay.grams;
  if (what === 'volume') return (left * mlPer100g(food)) / 100;
  if (what === 'body') return line.stage === 'bowl' ? 0 : left * bodyMlPerGram(food) * releasedShare(food, blended);
  return left * flavourOf(food)[what === 'acid' ? 'sour' : (what as 'savoury')];
}

/** Everything a line gives, largest share first; nothing for a line without a food or an amount. */
export function rolesOf(
  recipe: Recipe,
  lineId: string,
  { servings, potMl }: { servings: number; potMl: number },
  shelf: Shelf,
  regime: RegimeId = 'us',
): Role[] {
  const entries = entriesOf(recipe, REGIMES[regime], shelf);
  const own = entries.find(({ line }) => line.id === lineId);
  if (!own) return [];
  const blended = blendedShare(recipe);
  return ROLES.flatMap((what) => {
    const total = entries.reduce((sum, entry) => sum + amountOf(what, entry, blended, servings), 0);
    const least = HARDLY_ANY[what] ?? (what === 'volume' || what === 'body' ? 1 : HARDLY_ANY_NOTE * potMl);
    return total < least ? [] : [{ what, share: amountOf(what, own, blended, servings) / total }];
  }).sort((a, b) => b.share - a.share);
}

/** Sugar and sweetness are one story on the tongue, water and volume one in the pot: the first is told. */
const TOLD_BY: Partial<Record<RoleName, RoleName>> = { sweet: 'sugar', water: 'volume' };

/** 'Gives the pot two thirds of its fat, a fifth of its body.' The most telling ones, at most `most`. */
export function rolesText(roles: readonly Role[], most = 5): string {
  const told = roles
    .filter(({ what }) => !roles.some((other) => other.what === TOLD_BY[what]))
    .flatMap(({ what, share }) => {
      const words = shareWords(share);
      return words ? [`${words} of its ${NOUNS[what]}`] : [];
    })
    .slice(0, most);
  return told.length > 0 ? `Gives the pot ${told.join(', ')}.` : 'Gives the pot little that is counted here.';
}

/** Shares of a nutrient of one bowl by line, largest first; what lines without a food or an amount give is not known. */
export function nutrientGivers(
  recipe: Recipe,
  nutrient: Nutrient,
  { servings }: { servings: number },
  shelf: Shelf,
  regime: RegimeId = 'us',
): { lineId: string; share: number }[] {
  const amounts = entriesOf(recipe, REGIMES[regime], shelf).flatMap(({ line, figures }) => {
    if (!figures || !line.grams || line.stage === 'plate') return [];
    const grams = line.grams.best * (line.perBowl ? servings : 1);
    return [{ lineId: line.id, amount: grams * (figures.value[NUTRIENT_INDEX[nutrient]] as number) }];
  });
  const total = amounts.reduce((sum, { amount }) => sum + amount, 0);
  return total <= 0 ? [] : amounts.map(({ lineId, amount }) => ({ lineId, share: amount / total })).sort((a, b) => b.share - a.share);
}
