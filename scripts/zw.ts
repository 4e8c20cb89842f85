import { CORPUS_RECIPES } from '../core/reading/corpus/recipes.ts';
import { scoreRecipe } from '../core/test/readingScore.ts';
const R = CORPUS_RECIPES.map(scoreRecipe);
const all = R.flatMap(r => r.lines);
console.log(R.length, all.length, 'right', all.filter(x => x.right).length, 'D', all.filter(x => !x.right && x.doubted).length, 'X', all.filter(x => !x.right && !x.doubted).length, 'doubted', all.filter(x => x.doubted).length, 'stage', all.filter(x => x.stageRight).length + '/' + all.filter(x => x.stageRight !== null).length);
for (const r of R) { for (const s of r.lines) if (!s.right || s.stageRight === false) console.log(s.right ? 'stage' : s.doubted ? 'D' : 'X', r.id, '=>', s.got, '| want', s.want); if (r.extra.length) console.log('  extra', r.id, r.extra.join(' ; ')); if (!r.servingsRight) console.log('  servings', r.id, r.reading.recipe.servings); if (process.argv[2]) for (const d of r.reading.doubts) console.log('   ', r.id, d.code, d.message); }
