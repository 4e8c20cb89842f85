/** What has to stand ready for a soup, station by station. */
import type { Analysis } from '../analysis/analysis.ts';
import { leastPotLitres } from '../bowl/potSize.ts';
import type { Shelf } from '../food/shelf.ts';
import { type Blender, batchesOf, blenderRow } from '../vocabulary/blender.ts';
import { countedLines, type Recipe } from '../vocabulary/recipe.ts';
import { STATIONS, type Station, TOOLS, type Tool } from './data/tools.ts';

export interface AtStation {
  station: Station;
  tools: string[];
}

/** Stations that are used, in the order of the work, each with its tools. `potMl` is the volume of the soup. */
export function toolsOf(recipe: Recipe, { potMl }: Pick<Analysis, 'potMl'>, shelf: Shelf, blender?: Blender): AtStation[] {
  const lines = countedLines(recipe);
  const foods = lines.flatMap(({ foodId }) => shelf.food(foodId ?? '') ?? []);
  const said = [...recipe.steps.map(({ text }) => text), ...lines.map(({ prep = '', text }) => `${prep} ${text}`)];
  const isNeeded = ({ methods, said: words, categories, states, raw }: Tool): boolean =>
    recipe.steps.some(({ method }) => method !== undefined && methods?.includes(method)) ||
    (words !== undefined && said.some((text) => words.test(text))) ||
    foods.some(({ category, state }) => (categories?.includes(category) && (!raw || state === 'raw')) || states?.includes(state));
  const blends = recipe.steps.some(({ method }) => method === 'blend');
  const cooks = recipe.steps.some(({ method }) => method !== undefined && method !== 'none' && method !== 'blend' && method !== 'soak');
  const own: Partial<Record<Station, string[]>> = {
    ...(cooks && potMl > 0 ? { stove: [`pot of ${leastPotLitres(potMl)} litres or more, with its lid`] } : {}),
    ...(blends ? { blender: [blenderWords(potMl, blender)] } : {}),
  };
  return STATIONS.flatMap((station) => {
    const tools = [...(own[station] ?? []), ...TOOLS.filter((tool) => tool.station === station && isNeeded(tool)).map(({ tool }) => tool)];
    return tools.length > 0 ? [{ station, tools }] : [];
  });
}

function blenderWords(potMl: number, blender: Blender | undefined): string {
  // A lid is a jar's; of a blender nobody named, either may be meant.
  if (!blender) return 'blender; towel for the lid of a jar';
  if (!blenderRow(blender.kind).jar) return blenderRow(blender.kind).label;
  const batches = batchesOf(blender, potMl);
  return `${blenderRow(blender.kind).label}${batches > 1 ? `, in ${batches} batches` : ''}; towel for its lid`;
}
