/** Wines, beer and spirits. Recalled from the USDA Standard Reference and UK tables (memory). */
import type { FoodRow } from './row.ts';

const WINE = [['sulphite', 'wine usually carries sulphites above 10 mg/kg']] as const;
const WINE_DIET = [['vegan', 'wine may be fined with egg, milk or fish'], ['vegetarian', 'wine may be fined with fish or gelatine']] as const;

export const WINES: readonly FoodRow[] = [
  { id: 'white-wine', name: 'White wine, dry', aliases: 'white wine, dry white wine', category: 'alcohol', state: 'processed', ndb: '14106', cup: 235, pourable: true, origins: ['alcohol'], checks: WINE, dietChecks: WINE_DIET, flags: ['acidic'],
    f: [82, 86.86, 0.07, 0, 0, 2.6, 0, 0.96, 5, 71, 9, 18, 0], alcohol: 10.3 },
  { id: 'sherry-dry', name: 'Sherry, dry', aliases: 'sherry, dry sherry, cooking sherry', category: 'alcohol', state: 'processed', from: 'UK composition tables', cup: 236, pourable: true, origins: ['alcohol'], checks: WINE, dietChecks: WINE_DIET,
    f: [116, 82.4, 0.2, 0, 0, 1.4, 0, 1.4, 10, 57, 7, 11, 0], alcohol: 15.7, range: { carbohydrateG: [1, 6], sugarsG: [0.5, 6] } },
  { id: 'red-wine', name: 'Red wine', aliases: 'red wine, dry red wine', category: 'alcohol', state: 'processed', ndb: '14096', cup: 235, pourable: true, origins: ['alcohol'], checks: WINE, dietChecks: WINE_DIET, flags: ['acidic'], f: [85, 86.49, 0.07, 0, 0, 2.61, 0, 0.62, 4, 127, 8, 23, 0], alcohol: 10.6 },
  { id: 'wine-dessert', name: 'Sweet fortified wine', aliases: 'sweet sherry, port, marsala, madeira, dessert wine, cream sherry', category: 'alcohol', state: 'processed', ndb: '14057', cup: 240, pourable: true, origins: ['alcohol'], checks: WINE, dietChecks: WINE_DIET, f: [160, 70.51, 0.2, 0, 0, 13.69, 0, 7.78, 9, 92, 8, 9, 0], alcohol: 15.3, range: { sugarsG: [7, 15] } },
  { id: 'brandy', name: 'Spirit of 40 % (brandy, whisky, rum)', aliases: 'brandy, cognac, whisky, whiskey, vodka, rum, calvados', category: 'alcohol', state: 'processed', ndb: '14037', cup: 222, pourable: true, origins: ['alcohol'], f: [231, 66.6, 0, 0, 0, 0, 0, 0, 1, 2, 0, 4, 0], alcohol: 33.4 },
  { id: 'beer', name: 'Beer', aliases: 'beer, lager, ale, stout, porter, pilsner', category: 'alcohol', state: 'processed', ndb: '14003', cup: 237, pourable: true, each: [['bottle', 340, 325, 505], ['can', 340, 325, 505]], origins: ['alcohol'], contains: [['gluten', 'barley malt']], checks: [['wheat', 'wheat beer and some ales hold wheat'], ['sulphite', 'some beers carry sulphites']], dietChecks: [['vegan', 'some beer is fined with isinglass'], ['vegetarian', 'some beer is fined with isinglass']],
    f: [43, 91.96, 0.46, 0, 0, 3.55, 0, 0, 4, 27, 4, 14, 0], alcohol: 3.9 },
  { id: 'cider', name: 'Cider, dry, 5 % by volume', aliases: 'cider, dry cider, hard cider, strong cider, medium cider', category: 'alcohol', state: 'processed', from: 'UK composition tables (memory)', cup: 240, pourable: true, origins: ['alcohol'], checks: [['sulphite', 'sulphites are usual in cider']],
    f: [36, 92.8, 0, 0, 0, 2.6, 0, 2.6, 7, 72, 8, 3, 0], alcohol: 3.8 },
];
