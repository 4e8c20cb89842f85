import { SHELF } from '../core/food/shelf.ts';
import { readLine } from '../core/reading/line.ts';
import { readRecipe } from '../core/reading/read.ts';

for (const t of process.argv.slice(2)) {
  console.log(JSON.stringify(readLine(t)));
  const r = readRecipe(`A soup\nServes 4\n\nIngredients\n${t}\n\nMethod\n1. Simmer 20 minutes.\n2. Blend.`, { measures: 'us' }, SHELF);
  console.log(
    r.recipe.lines.map((l) => `${l.foodId} ${JSON.stringify(l.grams)} ${l.choiceOf ?? ''}`),
    r.doubts.filter((d) => d.lineId).map((d) => d.code + ': ' + d.message),
  );
}
