/**
 * Salt, sugars, acids, wines, sauces and pastes. Recalled from the USDA Standard Reference (memory).
 * Salt by the spoon: table salt 6 g a teaspoon, coarse compressed 4.8 g, coarse flake 2.8 g (common practice, no source).
 */
import type { FoodRow } from './row.ts';

const WINE = [['sulphite', 'wine usually carries sulphites above 10 mg/kg']] as const;
const WINE_DIET = [['vegan', 'wine may be fined with egg, milk or fish'], ['vegetarian', 'wine may be fined with fish or gelatine']] as const;
const ACID = { category: 'acid', state: 'processed', pourable: true, cup: 239, flags: ['acidic'] } as const;

export const SEASONINGS: readonly FoodRow[] = [
  { id: 'salt', name: 'Salt, table', aliases: 'salt, table salt, fine salt, sea salt, cooking salt', category: 'salt', state: 'processed', ndb: '02047', cup: 292, cupVaries: 0.08, origins: ['mineral'], each: [['teaspoon', 6, 5.4, 6.6], ['pinch', 0.8, 0.3, 2]],
    f: [0, 0.2, 0, 0, 0, 0, 0, 0, 38758, 8, 24, 0, 0], ash: 99.8 },
  { id: 'salt-coarse', name: 'Salt, coarse kosher type', aliases: 'kosher salt, coarse salt, flaky salt, flake salt', category: 'salt', state: 'processed', ndb: '02047', cup: 192, cupVaries: 0.3, origins: ['mineral'], each: [['teaspoon', 4, 2.8, 4.8], ['pinch', 0.6, 0.2, 1.5]],
    f: [0, 0.2, 0, 0, 0, 0, 0, 0, 38758, 8, 24, 0, 0], ash: 99.8 },
  { id: 'sugar', name: 'Sugar, granulated', aliases: 'sugar, white sugar, granulated sugar, caster sugar', category: 'sweetener', state: 'processed', ndb: '19335', cup: 200, cupVaries: 0.06, dietChecks: [['vegan', 'some cane sugar is filtered through bone char']],
    f: [387, 0.02, 0, 0, 0, 99.98, 0, 99.8, 1, 2, 1, 0, 0], more: { addedSugarsG: 99.8 } },
  { id: 'honey', name: 'Honey', aliases: 'honey, runny honey', category: 'sweetener', state: 'processed', ndb: '19296', cup: 339, pourable: true, origins: ['honey'],
    f: [304, 17.1, 0.3, 0, 0, 82.4, 0.2, 82.12, 4, 52, 6, 4, 0], more: { addedSugarsG: 82.12 } },
  { id: 'maple-syrup', name: 'Maple syrup', aliases: 'maple syrup', category: 'sweetener', state: 'processed', ndb: '19353', cup: 315, pourable: true,
    f: [260, 32.39, 0.04, 0.06, 0.01, 67.04, 0, 60.46, 12, 212, 102, 2, 0], more: { addedSugarsG: 60.46 } },
  { ...ACID, id: 'cider-vinegar', name: 'Cider vinegar', aliases: 'cider vinegar, apple cider vinegar', ndb: '02048', checks: [['sulphite', 'some vinegars carry sulphites']], f: [21, 93.81, 0, 0, 0, 0.93, 0, 0.4, 5, 73, 7, 8, 0], ash: 0.17 },
  { ...ACID, id: 'wine-vinegar', name: 'Wine vinegar', aliases: 'wine vinegar, white wine vinegar, red wine vinegar, sherry vinegar', ndb: '02068', checks: [['sulphite', 'wine vinegar usually carries sulphites']], f: [19, 94.47, 0.04, 0, 0, 0.27, 0, 0, 8, 39, 6, 8, 0], ash: 0.17 },
  { ...ACID, id: 'white-vinegar', name: 'Vinegar, distilled', aliases: 'vinegar, white vinegar, distilled vinegar', ndb: '02053', f: [18, 94.78, 0, 0, 0, 0.04, 0, 0.04, 2, 2, 6, 4, 0], ash: 0.02 },
  { ...ACID, id: 'lemon-juice', name: 'Lemon juice', aliases: 'lemon juice, juice of lemon, lemon, fresh lemon juice, lime juice', ndb: '09152', cup: 244, each: [['each', 45, 30, 60], ['medium', 45, 35, 55], ['squeeze', 5, 2, 10], ['half', 22, 15, 30]],
    f: [22, 92.31, 0.35, 0.24, 0.04, 6.9, 0.3, 2.52, 1, 103, 6, 8, 0], more: { vitaminCMg: 38.7 } },
  { id: 'white-wine', name: 'White wine, dry', aliases: 'white wine, dry white wine', category: 'alcohol', state: 'processed', ndb: '14106', cup: 235, pourable: true, origins: ['alcohol'], checks: WINE, dietChecks: WINE_DIET, flags: ['acidic'],
    f: [82, 86.86, 0.07, 0, 0, 2.6, 0, 0.96, 5, 71, 9, 18, 0], alcohol: 10.3 },
  { id: 'sherry-dry', name: 'Sherry, dry', aliases: 'sherry, dry sherry, cooking sherry', category: 'alcohol', state: 'processed', from: 'UK composition tables', cup: 236, pourable: true, origins: ['alcohol'], checks: WINE, dietChecks: WINE_DIET,
    f: [116, 82.4, 0.2, 0, 0, 1.4, 0, 1.4, 10, 57, 7, 11, 0], alcohol: 15.7, range: { carbohydrateG: [1, 6], sugarsG: [0.5, 6] } },
  { id: 'tomato-paste', name: 'Tomato paste', aliases: 'tomato paste, tomato puree concentrate, tomato purée', category: 'sauce', state: 'canned', ndb: '11546', cup: 262, pourable: true, each: [['can', 170, 168, 172]],
    f: [82, 73.5, 4.32, 0.47, 0.1, 18.91, 4.1, 12.18, 59, 1014, 36, 83, 0], more: { vitaminCMg: 21.9, ironMg: 2.98 }, flags: ['acidic'] },
  { id: 'mustard', name: 'Mustard, prepared', aliases: 'mustard, dijon mustard, prepared mustard, yellow mustard, wholegrain mustard', category: 'sauce', state: 'processed', ndb: '02046', cup: 249, pourable: true, contains: ['mustard'],
    checks: [['sulphite', 'some mustards carry sulphites'], ['gluten', 'some mustards hold wheat flour'], ['wheat', 'some mustards hold wheat flour']], flags: ['acidic'],
    f: [60, 83.72, 3.74, 3.34, 0.214, 5.83, 4, 0.92, 1104, 152, 63, 108, 0], range: { sodiumMg: [1000, 2400] } },
  { id: 'soy-sauce', name: 'Soy sauce', aliases: 'soy sauce, soya sauce, shoyu', category: 'sauce', state: 'processed', ndb: '16123', cup: 255, pourable: true, contains: [['soy', 'soya beans'], ['wheat', 'fermented wheat'], ['gluten', 'fermented wheat', 'wheat']],
    dietChecks: [['noAlcohol', 'brewed soy sauce carries a little alcohol']], f: [53, 71.15, 8.14, 0.57, 0.073, 4.93, 0.8, 0.4, 5493, 435, 33, 166, 0], ash: 15.2, more: { alcoholG: 1 }, range: { alcoholG: [0, 2.5] } },
  { id: 'miso', name: 'Miso', aliases: 'miso, miso paste, white miso, red miso', category: 'sauce', state: 'processed', ndb: '16112', cup: 275, pourable: true, contains: [['soy', 'soya beans']], checks: [['gluten', 'barley miso and some others hold gluten grain'], ['wheat', 'some misos hold wheat']],
    dietChecks: [['noAlcohol', 'alcohol is often added to stop the ferment']], f: [198, 43.02, 12.79, 6.01, 1.025, 25.37, 5.4, 6.2, 3728, 210, 57, 159, 0], ash: 12.8, more: { alcoholG: 0.5 }, range: { sodiumMg: [2800, 5200], alcoholG: [0, 2] } },
  { id: 'worcestershire-sauce', name: 'Brown anchovy sauce (Worcester type)', aliases: 'worcestershire sauce, worcester sauce', category: 'sauce', state: 'processed', ndb: '06971', cup: 275, pourable: true, contains: [['fish', 'anchovy']], origins: ['plant', 'fish', 'allium'],
    checks: [['gluten', 'malt vinegar in some makes'], ['wheat', 'wheat in some makes'], ['soy', 'soya in some makes'], ['sulphite', 'some makes carry sulphites']], f: [78, 77, 0, 0, 0, 19.46, 0, 10.03, 980, 800, 107, 60, 0], ash: 3.5 },
  { id: 'fish-sauce', name: 'Fish sauce', aliases: 'fish sauce, nam pla', category: 'sauce', state: 'processed', ndb: '06179', cup: 288, pourable: true, contains: [['fish', 'anchovy']], origins: ['fish'],
    f: [35, 71.07, 5.06, 0.01, 0.003, 3.64, 0, 3.64, 7851, 288, 43, 7, 0], ash: 20.2 },
];
