import { SHELF } from '../core/food/shelf.ts';
import { readRecipe } from '../core/reading/read.ts';
const t0 = `Soup\nIngredients\n${Array.from({ length: 480 }, (_, i) => `${i} g of zorbel number ${i} wurz kraut plim, ${'chopped and '.repeat(12)}`).join('\n')}\nMethod\n${Array.from({ length: 400 }, (_, i) => `Add the onion, carrots and stock ${i} and simmer for 10 minutes. Blend with the cream. ${'Stir it well. '.repeat(12)}`).join('\n')}`;
readRecipe('Soup\n1 onion\nSimmer', { measures: 'auto' }, SHELF);
const t = performance.now(); readRecipe(t0, { measures: 'auto' }, SHELF); console.log((performance.now() - t).toFixed(0), t0.length);
