/** The sheet of a soup as plain text: what a kitchen pins to the wall or sends on. */

import { labelWorklist, worklistText } from '../allergen/worklist.ts';
import type { Analysis } from '../analysis/analysis.ts';
import type { Shelf } from '../food/shelf.ts';
import type { RegimeId } from '../regime/regime.ts';
import { ALLERGEN_LABELS } from '../vocabulary/allergens.ts';
import { type Recipe, STAGE_LABELS, STAGES } from '../vocabulary/recipe.ts';
import { writtenLines } from './words.ts';

const FIGURES = [
  ['energyKcal', 'energy', 'kcal', 0],
  ['proteinG', 'protein', 'g', 1],
  ['fatG', 'fat', 'g', 1],
  ['saturatedFatG', 'of it saturated', 'g', 1],
  ['availableCarbohydrateG', 'available carbohydrate', 'g', 1],
  ['fibreG', 'fibre', 'g', 1],
  ['sodiumMg', 'sodium', 'mg', 0],
  ['potassiumMg', 'potassium', 'mg', 0],
  ['phosphorusMg', 'phosphorus', 'mg', 0],
] as const;

/** Allergens, lines, steps, cautions, figures of one bowl with their intervals, and the labels to check. */
export function sheetText(recipe: Recipe, analysis: Analysis, regime: RegimeId, shelf: Shelf): string {
  const by = (state: string) =>
    analysis.allergens
      .filter((one) => one.state === state)
      .map(({ id, declared }) => `${ALLERGEN_LABELS[id]}${declared ? '' : ` (${regime.toUpperCase()} rules do not ask for it on labels)`}`);
  const say = (words: string, list: readonly string[]) => (list.length > 0 ? [`${words}: ${list.join(', ')}`] : []);
  const lines = writtenLines(recipe, shelf);
  const parts = STAGES.flatMap((stage) => {
    const here = lines.filter((line) => line.stage === stage);
    return here.length > 0 ? [STAGE_LABELS[stage], ...here.map(({ text }) => `  ${text}`)] : [];
  });
  const figures = FIGURES.map(([key, label, unit, digits]) => {
    const { value, low, high, atLeast } = analysis.perServing[key];
    return `  ${label}: ${atLeast ? 'at least ' : ''}${value.toFixed(digits)} ${unit}${atLeast ? '' : ` (${low.toFixed(digits)} to ${high.toFixed(digits)})`}`;
  });
  const cautions = analysis.notes
    .filter(({ severity }) => severity !== 'tip')
    .map(({ severity, message }) => `  ${severity === 'danger' ? 'DANGER: ' : ''}${message}`);
  return [
    recipe.title.toUpperCase(),
    `${Number(analysis.servings.toFixed(1))} bowls of ${Math.round(analysis.servingMl)} ml`,
    '',
    'ALLERGENS IN THE BOWL, BY THE INGREDIENTS',
    ...say('  contains', by('contains')),
    ...say('  check the label', by('check')),
    ...say('  may contain', by('mayContain')),
    '  What is not named here is not in the ingredients as they are known; that is no promise of absence.',
    '',
    'WHAT GOES IN (edible grams)',
    ...parts,
    '',
    'STEPS',
    ...recipe.steps.map(({ text }, index) => `${index + 1}. ${text}`),
    '',
    'CAUTIONS',
    ...(cautions.length > 0 ? cautions : ['  none beyond the usual']),
    '',
    'ONE BOWL',
    ...figures,
    '',
    worklistText(recipe.title, labelWorklist(recipe, regime, shelf, analysis.diets)),
  ].join('\n');
}
