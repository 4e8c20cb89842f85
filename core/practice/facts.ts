/** What decides a need in a soup: the lines that break it, those that only a label can clear, and the way to each. */
import type { Because } from '../allergen/findings.ts';
import { ALLERGEN_LABELS, type AllergenId, DIET_LABELS, type DietId, SINGLE_TREE_NUTS } from '../vocabulary/allergens.ts';
import type { Line, Recipe } from '../vocabulary/recipe.ts';
import type { Reason, SoupAtHand } from './types.ts';

export type About = { kind: 'allergen'; id: AllergenId } | { kind: 'diet'; id: DietId };

export interface Concerned {
  about: About;
  breaks: Because[];
  checks: Because[];
  /** A pack's warning, or a state that a round is not made of. */
  others: Because[];
}

const sortOut = (about: About, because: readonly Because[]): Concerned => ({
  about,
  breaks: because.filter(({ state }) => state === 'contains' || state === 'breaks'),
  checks: because.filter(({ state }) => state === 'check'),
  others: because.filter(({ state }) => state !== 'contains' && state !== 'breaks' && state !== 'check'),
});

/** Every allergen and diet that some line of the soup concerns; tree nuts are asked for together. */
export function concerns({ analysis }: SoupAtHand): Concerned[] {
  return [
    ...analysis.allergens
      .filter(({ id, because }) => because.length > 0 && !SINGLE_TREE_NUTS.includes(id))
      .map(({ id, because }) => sortOut({ kind: 'allergen', id }, because)),
    ...analysis.diets.filter(({ because }) => because.length > 0).map(({ id, because }) => sortOut({ kind: 'diet', id }, because)),
  ];
}

export const wordOf = (about: About): string => (about.kind === 'allergen' ? ALLERGEN_LABELS[about.id] : DIET_LABELS[about.id]).toLowerCase();
/** 'may not have milk', 'eats vegan', 'is to have no pork'. */
export function needOf(about: About): string {
  if (about.kind === 'allergen') return `may not have ${wordOf(about)}`;
  return /^no /.test(wordOf(about)) ? `is to have ${wordOf(about)}` : `eats ${wordOf(about)}`;
}

export const lineOf = (recipe: Recipe, id: string): Line => recipe.lines.find((line) => line.id === id) as Line;
export const textOfLine = (recipe: Recipe, id: string): string => lineOf(recipe, id)?.text ?? id;

export const reasonOf = (recipe: Recipe, { lineId, path }: Because): Reason => ({ lineId, path: [textOfLine(recipe, lineId), ...path] });
export const linesIn = (because: readonly Because[]): string[] => [...new Set(because.map(({ lineId }) => lineId))];
