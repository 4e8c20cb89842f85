import { SHELF } from '../core/food/shelf.ts';
import { readRecipe } from '../core/reading/read.ts';
import { analyse } from '../core/analysis.ts';
import { DEMO_SOUPS } from '../server/demo/soups.ts';
for (const t of DEMO_SOUPS) { const { recipe } = readRecipe(t, { measures: 'metric' }, SHELF); const a = analyse(recipe, {}, SHELF); console.log(recipe.title, a.notes.length, a.notes.map(n => `${n.severity[0]}:${n.code}`).join(' ')); }
const { recipe } = readRecipe(DEMO_SOUPS[1], { measures: 'metric' }, SHELF); for (let i = 0; i < 300; i++) analyse(recipe, {}, SHELF); const t = performance.now(); for (let i = 0; i < 300; i++) analyse(recipe, {}, SHELF); console.log((performance.now() - t) / 300);
