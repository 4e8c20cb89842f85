/**
 * Salt, sugars and acids. Recalled from the USDA Standard Reference (memory).
 * Salt by the spoon: table salt 6 g a teaspoon, coarse compressed 4.8 g, coarse flake 2.8 g (common practice, no source).
 */
import type { FoodRow } from './row.ts';

const ACID = { category: 'acid', state: 'processed', pourable: true, cup: 239, flags: ['acidic'] } as const;

export const SEASONINGS: readonly FoodRow[] = [
  { id: 'salt', name: 'Salt, table', aliases: 'salt, table salt, fine salt, sea salt, cooking salt', category: 'salt', state: 'processed', ndb: '02047', cup: 292, cupVaries: 0.08, origins: ['mineral'], each: [['teaspoon', 6, 5.4, 6.6], ['pinch', 0.8, 0.3, 2]],
    f: [0, 0.2, 0, 0, 0, 0, 0, 0, 38758, 8, 24, 0, 0], ash: 99.8, range: { sodiumMg: [38100, 39300], potassiumMg: [0, 60], calciumMg: [0, 60] } },
  { id: 'salt-iodised', name: 'Salt, iodised', aliases: 'iodised salt, iodized salt, iodised table salt, iodized table salt', category: 'salt', state: 'processed', ndb: '02047', cup: 292, cupVaries: 0.08, origins: ['mineral'], each: [['teaspoon', 6, 5.4, 6.6], ['pinch', 0.8, 0.3, 2]],
    f: [0, 0.2, 0, 0, 0, 0, 0, 0, 38758, 8, 24, 0, 0], ash: 99.8, range: { sodiumMg: [38100, 39300], potassiumMg: [0, 60], calciumMg: [0, 60] } },
  { id: 'salt-coarse', name: 'Salt, coarse kosher type', aliases: 'kosher salt, coarse salt, flaky salt, flake salt', category: 'salt', state: 'processed', ndb: '02047', cup: 192, cupVaries: 0.3, origins: ['mineral'], each: [['teaspoon', 4, 2.8, 4.8], ['pinch', 0.6, 0.2, 1.5]],
    f: [0, 0.2, 0, 0, 0, 0, 0, 0, 38758, 8, 24, 0, 0], ash: 99.8, range: { sodiumMg: [38100, 39300], potassiumMg: [0, 60], calciumMg: [0, 60] } },
  { id: 'sugar', name: 'Sugar, granulated', aliases: 'sugar, white sugar, granulated sugar, caster sugar', category: 'sweetener', state: 'processed', ndb: '19335', cup: 200, cupVaries: 0.06, dietChecks: [['vegan', 'some cane sugar is filtered through bone char']],
    f: [387, 0.02, 0, 0, 0, 99.98, 0, 99.8, 1, 2, 1, 0, 0], more: { addedSugarsG: 99.8 } },
  { id: 'honey', name: 'Honey', aliases: 'honey, runny honey, clear honey, set honey', category: 'sweetener', state: 'processed', ndb: '19296', cup: 339, pourable: true, origins: ['honey'],
    f: [304, 17.1, 0.3, 0, 0, 82.4, 0.2, 82.12, 4, 52, 6, 4, 0], more: { addedSugarsG: 82.12 } },
  { id: 'maple-syrup', name: 'Maple syrup', aliases: 'maple syrup', category: 'sweetener', state: 'processed', ndb: '19353', cup: 315, pourable: true,
    f: [260, 32.39, 0.04, 0.06, 0.01, 67.04, 0, 60.46, 12, 212, 102, 2, 0], more: { addedSugarsG: 60.46 } },
  { ...ACID, id: 'cider-vinegar', name: 'Cider vinegar', aliases: 'cider vinegar, apple cider vinegar', ndb: '02048', checks: [['sulphite', 'some vinegars carry sulphites']], f: [21, 93.81, 0, 0, 0, 0.93, 0, 0.4, 5, 73, 7, 8, 0], ash: 0.17 },
  { ...ACID, id: 'wine-vinegar', name: 'Wine vinegar', aliases: 'wine vinegar, white wine vinegar, red wine vinegar, sherry vinegar', ndb: '02068', checks: [['sulphite', 'wine vinegar usually carries sulphites']], f: [19, 94.47, 0.04, 0, 0, 0.27, 0, 0, 8, 39, 6, 8, 0], ash: 0.17 },
  { ...ACID, id: 'white-vinegar', name: 'Vinegar, distilled', aliases: 'vinegar, white vinegar, distilled vinegar', ndb: '02053', f: [18, 94.78, 0, 0, 0, 0.04, 0, 0.04, 2, 2, 6, 4, 0], ash: 0.02 },
  { ...ACID, id: 'lemon-juice', name: 'Lemon juice', aliases: 'lemon juice, juice of lemon, lemon, fresh lemon juice', ndb: '09152', cup: 244, each: [['each', 45, 30, 60], ['medium', 45, 35, 55], ['squeeze', 5, 2, 10], ['half', 22, 15, 30]],
    f: [22, 92.31, 0.35, 0.24, 0.04, 6.9, 0.3, 2.52, 1, 103, 6, 8, 0], more: { vitaminCMg: 38.7 } },
  { id: 'salt-light', name: 'Light salt, half potassium chloride', aliases: 'light salt, lite salt, low sodium salt, reduced sodium salt', category: 'salt', state: 'processed', from: 'typical package', cup: 280, cupVaries: 0.1, origins: ['mineral'], flags: ['potassiumChloride'], each: [['teaspoon', 6, 5, 6.6], ['pinch', 0.8, 0.3, 2]],
    f: [0, 0.3, 0, 0, 0, 0, 0, 0, 19500, 26000, 40, 0, 0], ash: 99.7, range: { sodiumMg: [11500, 24000], potassiumMg: [15000, 36000], calciumMg: [0, 300] } },
  { id: 'salt-substitute', name: 'Salt substitute, potassium chloride', aliases: 'salt substitute, potassium chloride salt', category: 'salt', state: 'processed', from: 'typical package', cup: 260, cupVaries: 0.1, origins: ['mineral'], flags: ['potassiumChloride'], each: [['teaspoon', 5.5, 4.8, 6.2]],
    f: [0, 0.5, 0, 0, 0, 0, 0, 0, 20, 49500, 100, 0, 0], ash: 99.5, range: { sodiumMg: [0, 100], potassiumMg: [44000, 52000], calciumMg: [0, 600] } },
  { id: 'brown-sugar', name: 'Brown sugar', aliases: 'brown sugar, light brown sugar, dark brown sugar, muscovado sugar', category: 'sweetener', state: 'processed', ndb: '19334', cup: 220, cupVaries: 0.1, dietChecks: [['vegan', 'some cane sugar is filtered through bone char']],
    f: [380, 1.34, 0.12, 0, 0, 98.09, 0, 97.02, 28, 133, 83, 4, 0], more: { addedSugarsG: 97.02 } },
  { id: 'molasses', name: 'Molasses', aliases: 'molasses, treacle, black treacle', category: 'sweetener', state: 'processed', ndb: '19304', cup: 337, pourable: true, checks: [['sulphite', 'some molasses is treated with sulphites']],
    f: [290, 21.87, 0, 0.1, 0.018, 74.73, 0, 74.72, 37, 1464, 205, 31, 0], more: { addedSugarsG: 74.72, magnesiumMg: 242 }, range: { sugarsG: [52, 75], addedSugarsG: [52, 75] } },
  { id: 'agave-syrup', name: 'Agave syrup', aliases: 'agave syrup, agave nectar', category: 'sweetener', state: 'processed', ndb: '19912', cup: 330, pourable: true,
    f: [310, 22.94, 0.09, 0.45, 0.05, 76.37, 0.2, 68.03, 4, 4, 1, 1, 0], more: { addedSugarsG: 68.03 } },
  { ...ACID, id: 'balsamic-vinegar', name: 'Balsamic vinegar', aliases: 'balsamic vinegar, balsamic', ndb: '02069', cup: 255, checks: [['sulphite', 'balsamic vinegar usually carries sulphites']], f: [88, 76.45, 0.49, 0, 0, 17.03, 0, 14.95, 23, 112, 27, 19, 0], ash: 0.5, range: { sugarsG: [10, 40], carbohydrateG: [12, 45] } },
  { ...ACID, id: 'rice-vinegar', name: 'Rice vinegar, unseasoned', aliases: 'rice vinegar, rice wine vinegar', from: 'typical package', f: [20, 94, 0.2, 0, 0, 0.9, 0, 0.5, 5, 20, 3, 5, 0], ash: 0.1, range: { sugarsG: [0, 3], carbohydrateG: [0.2, 4], sodiumMg: [0, 40], potassiumMg: [3, 40], calciumMg: [0, 10], phosphorusMg: [1, 15], proteinG: [0, 0.4] } },
  { ...ACID, id: 'lime-juice', name: 'Lime juice', aliases: 'lime juice, juice of lime, lime, fresh lime juice', ndb: '09160', cup: 246, each: [['each', 30, 20, 44], ['medium', 30, 22, 40], ['half', 15, 10, 22]], f: [25, 90.79, 0.42, 0.07, 0.008, 8.42, 0.4, 1.69, 2, 117, 14, 14, 0], more: { vitaminCMg: 30 } },
];
