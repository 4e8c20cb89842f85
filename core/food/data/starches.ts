/** Flours, starches, grains and bread. Recalled from the USDA Standard Reference (memory). */
import type { FoodRow } from './row.ts';

export const STARCHES: readonly FoodRow[] = [
  { id: 'flour-wheat', name: 'Wheat flour, white, enriched', aliases: 'flour, plain flour, all-purpose flour, all purpose flour, wheat flour, white flour, ap flour', category: 'starch', state: 'raw', ndb: '20081', cup: 125, cupVaries: 0.2,
    contains: [['wheat'], ['gluten', 'wheat']], flags: ['enriched'], starchKind: 'wheat', each: [['tablespoon', 7.8, 6.2, 9.8]],
    f: [364, 11.92, 10.33, 0.98, 0.155, 76.31, 2.7, 0.27, 2, 107, 15, 108, 0], more: { starchG: 73, ironMg: 4.64, magnesiumMg: 22, zincMg: 0.7 }, range: { ironMg: [1, 5] } },
  { id: 'cornstarch', name: 'Cornstarch', aliases: 'cornstarch, corn starch, cornflour, maize starch', category: 'starch', state: 'raw', ndb: '20027', cup: 128, cupVaries: 0.12, starchKind: 'maize', each: [['tablespoon', 8, 7, 9]],
    f: [381, 8.32, 0.26, 0.05, 0.009, 91.27, 0.9, 0, 9, 3, 2, 13, 0], more: { starchG: 90, ironMg: 0.47, magnesiumMg: 3 } },
  { id: 'arrowroot', name: 'Arrowroot starch', aliases: 'arrowroot, arrowroot flour, arrowroot powder', category: 'starch', state: 'raw', ndb: '20003', cup: 128, cupVaries: 0.12, starchKind: 'tuber',
    f: [357, 11.37, 0.3, 0.1, 0.019, 88.15, 3.4, 0, 2, 11, 40, 5, 0], more: { starchG: 84 } },
  { id: 'tapioca-starch', name: 'Tapioca starch', aliases: 'tapioca starch, tapioca flour, tapioca', category: 'starch', state: 'raw', ndb: '20068', cup: 120, cupVaries: 0.12, starchKind: 'tuber',
    f: [358, 10.99, 0.19, 0.02, 0.005, 88.69, 0.9, 3.35, 1, 11, 20, 7, 0], more: { starchG: 85 } },
  { id: 'rice-flour', name: 'Rice flour, white', aliases: 'rice flour, white rice flour, ground rice', category: 'starch', state: 'raw', ndb: '20061', cup: 158, cupVaries: 0.12, starchKind: 'wheat',
    f: [366, 11.89, 5.95, 1.42, 0.386, 80.13, 2.4, 0.12, 0, 76, 10, 98, 0], more: { starchG: 77 } },
  { id: 'chickpea-flour', name: 'Chickpea flour', aliases: 'chickpea flour, gram flour, besan, garbanzo flour', category: 'starch', state: 'raw', ndb: '16157', cup: 92, cupVaries: 0.15, starchKind: 'wheat',
    checks: [['gluten', 'milled beside wheat in many mills']], f: [387, 10.28, 22.39, 6.69, 0.693, 57.82, 10.8, 10.85, 64, 846, 45, 318, 0], more: { starchG: 36 } },
  { id: 'rice-white-raw', name: 'Rice, white, long-grain, raw', aliases: 'rice, white rice, long-grain rice, uncooked rice, basmati rice', category: 'grain', state: 'raw', ndb: '20044', cup: 185, cupVaries: 0.06, starchKind: 'blended',
    f: [365, 11.62, 7.13, 0.66, 0.18, 79.95, 1.3, 0.12, 5, 115, 28, 115, 0], more: { starchG: 78 } },
  { id: 'oats-rolled', name: 'Oats, rolled', aliases: 'oats, rolled oats, porridge oats, oatmeal', category: 'grain', state: 'raw', ndb: '08120', cup: 81, cupVaries: 0.1, starchKind: 'blended',
    checks: [['gluten', 'oats carry wheat or barley unless specially grown and milled']], f: [379, 10.84, 13.15, 6.52, 1.11, 67.7, 10.1, 0.99, 6, 362, 52, 410, 0], more: { starchG: 56, ironMg: 4.25, magnesiumMg: 138 } },
  { id: 'bread-white', name: 'White bread', aliases: 'bread, white bread, day-old bread, stale bread, sandwich bread, bread slices, crusty bread', category: 'bread', state: 'processed', ndb: '18069', cup: 45, cupVaries: 0.2,
    each: [['slice', 28, 24, 38], ['each', 28, 24, 38]], contains: [['wheat', 'flour'], ['gluten', 'flour', 'wheat']], checks: [['milk', 'some loaves hold milk or whey'], ['soy', 'often soya flour or lecithin'], ['egg', 'enriched loaves hold egg']],
    dietChecks: [['vegan', 'some loaves hold milk, whey or egg']], flags: ['enriched'], starchKind: 'blended',
    f: [266, 36.44, 7.64, 3.29, 0.717, 50.61, 2.4, 4.31, 590, 100, 151, 99, 0], range: { sodiumMg: [400, 690], calciumMg: [60, 260] }, more: { starchG: 42 } },
  { id: 'croutons', name: 'Croutons, plain', aliases: 'croutons, plain croutons, crouton', category: 'bread', state: 'processed', ndb: '18243', cup: 30, cupVaries: 0.25,
    contains: [['wheat', 'flour'], ['gluten', 'flour', 'wheat']], checks: [['milk', 'butter or whey in many makes'], ['soy', 'often soya oil or lecithin']], dietChecks: [['vegan', 'butter or whey in many makes']], flags: ['enriched'], starchKind: 'blended',
    f: [407, 5.5, 11.9, 6.6, 1.51, 73.5, 5.1, 4, 698, 124, 76, 115, 0], range: { sugarsG: [1, 8] }, more: { starchG: 62 } },
];
