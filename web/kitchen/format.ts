/** Figures as words: how many digits a bowl's figure deserves, and what the needs are called. */

import { needOf } from '../../core/swap/need.ts';
import type { Limit, NeedRef, Needs } from '../../core/swap/needs.ts';
import { ALLERGEN_LABELS, DIET_LABELS } from '../../core/vocabulary/allergens.ts';
import type { SourceKind } from '../../core/vocabulary/food.ts';
import { NUTRIENT_LABELS, type Nutrient, nutrientUnit } from '../../core/vocabulary/nutrient.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';

/** Three significant digits at most, none beyond what a kitchen can know. */
export function figure(value: number): string {
  if (value >= 100) return String(Math.round(value));
  if (value >= 10) return String(Number(value.toFixed(value >= 30 ? 0 : 1)));
  return String(Number(value.toFixed(value >= 1 ? 1 : 2)));
}

/** Where figures come from, in words a kitchen does not take for a warning: a food 'recalled' has been withdrawn from sale. */
export const SOURCE_WORDS: Record<SourceKind, string> = {
  measured: 'measured',
  recalled: 'general figure',
  label: 'from a label',
  imported: 'imported',
};

export const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const SHARE_WORDS: Record<SourceKind, string> = {
  measured: 'measured figures',
  recalled: 'general figures',
  label: 'labels',
  imported: 'imported tables',
};

/** '71 % measured figures, 29 % general figures', the largest first. */
export const restsOnWords = (shares: Record<SourceKind, number>, percent = (share: number) => `${Math.round(share * 100)} %`): string =>
  (Object.keys(SHARE_WORDS) as SourceKind[])
    .filter((kind) => shares[kind] > 0.005)
    .sort((a, b) => shares[b] - shares[a])
    .map((kind) => `${percent(shares[kind])} ${SHARE_WORDS[kind]}`)
    .join(', ');

export const withUnit = (key: Nutrient, value: number): string => `${figure(value)} ${nutrientUnit(key)}`;

/** What a soup calls its lines and foods, for labels that name them. */
export interface Names {
  recipe: Pick<Recipe, 'lines'>;
  original: { recipe: Pick<Recipe, 'lines'> };
  core: { shelf: { food: (id: string) => { name: string } | undefined } };
}

function nameOf(id: string, { recipe, original, core }: Names): string {
  const line = [...recipe.lines, ...original.recipe.lines].find((one) => one.id === id);
  const foodId = line ? line.foodId : id;
  return (foodId === null ? line?.text : core.shelf.food(foodId)?.name)?.split(',')[0]?.toLowerCase() ?? id;
}

export function needLabel(ref: NeedRef, needs: Needs, names?: Names): string {
  const need = needOf(ref, needs);
  switch (need?.kind) {
    case 'allergen':
      return `no ${ALLERGEN_LABELS[need.id]}`;
    case 'diet':
      return DIET_LABELS[need.id];
    case 'limit':
      return limitLabel(need.limit);
    case 'body':
      return need.body === 'same' ? 'same body' : 'body';
    case 'smooth':
      return 'smooth';
    case 'keepLine':
      return names ? `keep ${nameOf(need.lineId, names)}` : 'kept line';
    case 'keepFood':
      return names ? `keep ${nameOf(need.foodId, names)}` : 'kept line';
    case 'avoid':
      return names ? `no ${nameOf(need.foodId, names)}` : 'avoided food';
    case undefined:
      return '';
  }
}

function limitLabel({ nutrient, per, min, max }: Limit): string {
  const bounds = [min === undefined ? '' : `from ${withUnit(nutrient, min)}`, max === undefined ? '' : `to ${withUnit(nutrient, max)}`];
  return `${NUTRIENT_LABELS[nutrient].toLowerCase()} ${bounds.filter(Boolean).join(' ')}${per === '100g' ? ' per 100 g' : ''}`;
}
