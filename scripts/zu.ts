import { recalledFoods } from '../core/food/shelf.ts';
let n = 0, m = 0; const plain: string[] = [];
for (const f of recalledFoods()) { const c = f.checks.length + f.dietChecks.length + f.mayContain.length; if (c) { n++; console.log(f.id, '|', f.contains.map(x => [x.allergen, ...x.via].join('<')).join(' '), '|', f.checks.map(x => `${x.allergen}:${x.why}`).join('; '), '|', f.dietChecks.map(x => `${x.diet}:${x.why}`).join('; '), '|', f.mayContain.map(x=>x.allergen).join(' ')); } else if (f.state === 'processed') plain.push(f.id); }
console.log(n); console.log(plain.join(' '));
