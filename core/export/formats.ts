/** A recipe in open formats: our own JSON whole, CSV whole, Markdown and schema.org JSON-LD as far as they can hold it. */
import type { Shelf } from '../food/shelf.ts';
import { type Recipe, STAGE_LABELS, STAGES } from '../vocabulary/recipe.ts';
import { writtenLines } from './words.ts';

/** Our own JSON: the recipe exactly. */
export const toJson = (recipe: Recipe): string => `${JSON.stringify({ kind: 'kind-ladle recipe', version: 1, recipe }, null, 2)}\n`;

export function toMarkdown(recipe: Recipe, shelf: Shelf): string {
  const lines = writtenLines(recipe, shelf);
  const parts = STAGES.flatMap((stage) => {
    const here = lines.filter((line) => line.stage === stage);
    return here.length > 0 ? [`### ${STAGE_LABELS[stage]}`, '', ...here.map(({ text }) => `- ${escaped(text)}`), ''] : [];
  });
  return [
    `# ${escaped(recipe.title)}`,
    '',
    ...(recipe.servings ? [`Serves ${recipe.servings}`, ''] : []),
    '## Ingredients',
    '',
    ...parts,
    '## Method',
    '',
    ...recipe.steps.map(({ text }, index) => `${index + 1}. ${escaped(text)}`),
    '',
  ].join('\n');
}

/** Marks of Markdown and HTML in what someone typed stay what they are. */
const escaped = (text: string): string =>
  text
    .replace(/\s+/g, ' ')
    .replace(/</g, '&lt;')
    .replace(/([[\]])/g, '\\$1');

/** https://schema.org/Recipe; weights are edible grams. */
export function toJsonLd(recipe: Recipe, shelf: Shelf): string {
  const minutes = recipe.steps.reduce((sum, step) => sum + (step.minutes?.max ?? 0), 0);
  return `${JSON.stringify(
    {
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: recipe.title,
      recipeCategory: 'Soup',
      ...(recipe.servings ? { recipeYield: `${recipe.servings} servings` } : {}),
      ...(minutes > 0 ? { cookTime: `PT${Math.round(minutes)}M` } : {}),
      recipeIngredient: writtenLines(recipe, shelf).map(({ text }) => text),
      recipeInstructions: recipe.steps.map(({ text }) => ({ '@type': 'HowToStep', text })),
    },
    null,
    2,
  ).replaceAll('<', LESS_THAN)}\n`;
}

/** Inside a script element no text may end it: '</script>' in a title stays a title. */
const LESS_THAN = '\\u003c';
