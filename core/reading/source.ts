/** What was pasted: our own JSON, JSON-LD, HTML, a table, Markdown or plain text; and where its title, lines and steps are. */

import { fromCsv } from '../formats/csv.ts';
import { STAGES, type Stage } from '../vocabulary/recipe.ts';
import { looksLikeHtml, readHtml } from './formats/html.ts';
import { sectionsOfJsonLd } from './formats/jsonLd.ts';
import { flattenPipes, tableRows } from './formats/table.ts';
import { readLine } from './line.ts';
import { ingredientsOfProse, type Names, sentencesOf, titleOfProse } from './prose.ts';
import { findSections, noSections, type Sections, type TextLine } from './sections.ts';

/** Longer lines name no ingredients. */
const MOST_READ = 120;

export type Source = { kind: 'own'; value: Record<string, unknown> } | { kind: 'text'; sections: Sections; prose: boolean };

export function sourceOf(text: string, names: Names): Source {
  const json = parsed(text);
  if (json !== undefined) {
    const own = ownRecipe(json);
    if (own) return { kind: 'own', value: own };
    const sections = sectionsOfJsonLd(json, text);
    if (sections) return { kind: 'text', sections, prose: false };
  }
  // Before HTML: a text in our own table may hold a tag.
  const own = fromCsv(text.trimStart());
  if (own) return { kind: 'own', value: own };
  if (looksLikeHtml(text)) {
    const html = readHtml(text);
    for (const script of html.jsonLd) {
      const value = parsed(script);
      const sections = value === undefined ? null : sectionsOfJsonLd(value, text);
      if (sections && sections.ingredients.length > 0) return { kind: 'text', sections, prose: false };
    }
    return { kind: 'text', ...ofText(html.text, names) };
  }
  const rows = tableRows(text);
  if (rows) {
    const ingredients = rows.map(
      ({ text: row, at, stage }): TextLine => ({
        text: row,
        at,
        ...((STAGES as readonly string[]).includes(stage ?? '') ? { stage: stage as Stage } : {}),
      }),
    );
    return { kind: 'text', sections: { ...noSections(), ingredients }, prose: false };
  }
  return { kind: 'text', ...ofText(flattenPipes(text), names) };
}

/** Lines where there are lines; sentences where everything stands in prose. */
function ofText(text: string, names: Names): { sections: Sections; prose: boolean } {
  const sections = findSections(text, (words) => names.food(words) || (words.length < MOST_READ && names.several(readLine(words))));
  const lines = text.split(/\r\n?|\n/).map((line, at): TextLine => ({ text: line.trim(), at }));
  const listed = sections.ingredients.filter(({ text: line }) => line.length < 160).length;
  if (listed > 1) return { sections, prose: false };
  const ingredients = ingredientsOfProse(lines, names);
  if (ingredients.length < (listed === 0 ? 1 : 4)) return { sections, prose: false };
  return { sections: { ...sections, title: titleOfProse(text) ?? sections.title, ingredients, steps: stepsOfProse(lines) }, prose: true };
}

/** Sentences that tell what to do; the title and the list are none. */
function stepsOfProse(lines: readonly TextLine[]): TextLine[] {
  return sentencesOf(lines).filter(
    ({ text }) =>
      /\b(?:melt|sweat|cook|add|stir|simmer|boil|blend|pur[eé]e|liquidi[sz]e|pour|heat|fry|roast|bring|season|serve|whisk|tip|take|warm|finish|soften|put|place|drain|strain|garnish|scatter|swirl|sprinkle|top (?:it |each )?with|ladle|mash|temper)\b/i.test(
        text,
      ) && !/^(?:serves|makes|enough for|for \w+ people)\b/i.test(text),
  );
}

function parsed(text: string): unknown {
  const trimmed = text.trim();
  if (!/^[[{]/.test(trimmed)) return undefined;
  try {
    return JSON.parse(trimmed);
  } catch {
    return undefined;
  }
}

/** `{title, lines, ...}`, or `{recipe: {...}}` as an export wraps it. */
function ownRecipe(value: unknown): Record<string, unknown> | null {
  if (typeof value !== 'object' || value === null) return null;
  const one = value as Record<string, unknown>;
  if (typeof one.recipe === 'object' && one.recipe !== null) return ownRecipe(one.recipe);
  return Array.isArray(one.lines) && (one.title === undefined || typeof one.title === 'string') ? one : null;
}
