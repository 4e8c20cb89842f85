/** What the needs are called, in a few words each. */
import { ALLERGEN_LABELS, DIET_LABELS } from '../vocabulary/allergens.ts';
import { withUnit } from '../vocabulary/figure.ts';
import { NUTRIENT_LABELS } from '../vocabulary/nutrient.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { needOf, needRefs } from './need.ts';
import type { Limit, NeedRef, Needs } from './needs.ts';

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

/** All of them, in the order they are asked; empty where nothing is. */
export const needWords = (needs: Needs): string =>
  needRefs(needs)
    .map((ref) => needLabel(ref, needs))
    .join('; ');

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
