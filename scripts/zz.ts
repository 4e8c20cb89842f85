import { HOLDOUT_LINES } from '../core/reading/corpus/holdoutLines.ts';
import { HOLDOUT_RECIPES } from '../core/reading/corpus/holdoutRecipes.ts';
import { scoreLine, scoreRecipe } from '../core/test/readingScore.ts';

const verbose = process.argv[2] !== 'q';
const L = HOLDOUT_LINES.map(scoreLine);
const R = HOLDOUT_RECIPES.map(scoreRecipe);
const all = R.flatMap((r) => r.lines);
const line = (n: string, s: any[]) =>
  console.log(
    n,
    s.length,
    'right',
    s.filter((x) => x.right).length,
    'doubted wrong',
    s.filter((x) => !x.right && x.doubted).length,
    'wrong',
    s.filter((x) => !x.right && !x.doubted).length,
    'unsure',
    s.filter((x) => x.unsure).length,
    'stage',
    s.filter((x) => x.stageRight).length + '/' + s.filter((x) => x.stageRight !== null).length,
  );
line('lines', L);
line('recipes', all);
console.log(
  'servings',
  R.filter((r) => r.servingsRight).length,
  R.filter((r) => !r.servingsRight)
    .map((r) => r.id)
    .join(' '),
);
if (verbose) {
  for (const s of L) if (!s.right) console.log(s.doubted ? 'D' : 'X', s.text, '=>', s.got, '| want', s.want);
  for (const r of R) {
    for (const s of r.lines)
      if (!s.right || s.stageRight === false) console.log(s.right ? 'stage' : s.doubted ? 'D' : 'X', r.id, '=>', s.got, '| want', s.want);
    if (r.extra.length) console.log('  extra', r.id, r.extra.join(' ; '));
  }
}
