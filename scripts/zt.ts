import { SHELF } from '../core/food/shelf.ts';
const names = new Map<string, string>();
for (const one of SHELF.foods.filter(({ id }) => !id.startsWith('ifct-'))) for (const a of one.aliases) { if (names.has(a) && names.get(a) !== one.id) console.log(a, names.get(a), one.id); names.set(a, one.id); }
