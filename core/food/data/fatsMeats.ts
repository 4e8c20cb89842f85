/** Oils, meats, poultry, fish and shellfish. Recalled from the USDA Standard Reference (memory). */
import type { FoodRow } from './row.ts';

const OIL = { category: 'fat', state: 'processed', fatForm: 'free', pourable: true, cup: 218 } as const;

export const FATS_MEATS: readonly FoodRow[] = [
  { ...OIL, id: 'olive-oil', name: 'Olive oil', aliases: 'olive oil, extra virgin olive oil, extra-virgin olive oil, evoo', ndb: '04053', cup: 216, f: [884, 0, 0, 100, 13.81, 0, 0, 0, 2, 1, 1, 0, 0], more: { monoFatG: 72.96, polyFatG: 10.52, vitaminEMg: 14.35, vitaminKUg: 60.2 } },
  { ...OIL, id: 'sunflower-oil', name: 'Sunflower oil', aliases: 'sunflower oil, neutral oil, light oil', ndb: '04506', f: [884, 0, 0, 100, 10.3, 0, 0, 0, 0, 0, 0, 0, 0], more: { monoFatG: 19.5, polyFatG: 65.7, vitaminEMg: 41.08, vitaminKUg: 5.4 } },
  { ...OIL, id: 'rapeseed-oil', name: 'Rapeseed (canola) oil', aliases: 'rapeseed oil, canola oil', ndb: '04582', f: [884, 0, 0, 100, 7.37, 0, 0, 0, 0, 0, 0, 0, 0], more: { monoFatG: 63.28, polyFatG: 28.14, vitaminEMg: 17.46, vitaminKUg: 71.3 } },
  { ...OIL, id: 'vegetable-oil', name: 'Vegetable oil (soya)', aliases: 'vegetable oil, cooking oil, soybean oil', ndb: '04044', checks: [['soy', 'usually refined soya oil: exempt when refined, ask']], f: [884, 0, 0, 100, 15.65, 0, 0, 0, 0, 0, 0, 0, 0], more: { monoFatG: 22.78, polyFatG: 57.74 } },
  { ...OIL, id: 'coconut-oil', name: 'Coconut oil', aliases: 'coconut oil', ndb: '04047', contains: ['coconut'], f: [892, 0, 0, 99.06, 82.48, 0, 0, 0, 0, 0, 1, 0, 0] },
  { id: 'bacon-raw', name: 'Bacon, streaky, raw', aliases: 'bacon, streaky bacon, smoked bacon, bacon rashers, bacon slices, pancetta, lardons', category: 'meat', state: 'raw', ndb: '10123', origins: ['meat', 'pork'], flags: ['phosphate'],
    each: [['slice', 28, 20, 34], ['rasher', 28, 20, 34], ['strip', 28, 20, 34], ['each', 28, 20, 34]], f: [458, 40.2, 11.6, 45.04, 14.99, 0.66, 0, 0, 833, 208, 6, 188, 68],
    checks: [['sulphite', 'some cures hold sulphites'], ['milk', 'some cured meats hold lactose'], ['soy', 'some cured meats hold soya protein']], range: { sodiumMg: [600, 1100], fatG: [36, 46], proteinG: [11, 15], saturatedFatG: [12, 15.5] } },
  { id: 'bacon-cooked', name: 'Bacon, cooked crisp', aliases: 'cooked bacon, crisp bacon, bacon bits, crumbled bacon, fried bacon', category: 'meat', state: 'cooked', ndb: '10124', origins: ['meat', 'pork'], flags: ['phosphate'], cup: 80, cupVaries: 0.2,
    each: [['slice', 8, 6, 12], ['each', 8, 6, 12], ['strip', 8, 6, 12]], f: [541, 12.32, 37.04, 41.78, 13.74, 1.43, 0, 0, 2310, 565, 11, 533, 110], range: { sodiumMg: [1500, 2500] } },
  { id: 'ham', name: 'Ham, cooked, 9 % fat', aliases: 'ham, cooked ham, gammon, diced ham, baked ham', category: 'meat', state: 'cooked', ndb: '10136', origins: ['meat', 'pork'], flags: ['phosphate'], cup: 140, cupVaries: 0.1,
    checks: [['milk', 'some cured meats hold lactose'], ['soy', 'some cured meats hold soya protein']],
    f: [178, 64.54, 22.62, 9.02, 3.116, 0, 0, 0, 1500, 409, 8, 281, 59], range: { sodiumMg: [900, 1600] } },
  { id: 'ham-hock', name: 'Ham hock or ham bone, with its meat', aliases: 'ham bone, ham hock, smoked ham hock, gammon knuckle', category: 'meat', state: 'cooked', from: 'estimate: cooked ham with more fat and skin', origins: ['meat', 'pork'], flags: ['phosphate'],
    edible: 0.5, each: [['each', 350, 200, 500]], f: [220, 61, 20.5, 15.2, 5.3, 0, 0, 0, 1250, 330, 12, 240, 70], ash: 3.3, range: { fatG: [9, 24], saturatedFatG: [3, 8.5], sodiumMg: [800, 1600], proteinG: [17, 24] } },
  { id: 'chicken-breast-raw', name: 'Chicken breast, skinless, raw', aliases: 'chicken breast, chicken, boneless chicken, skinless chicken breast', category: 'poultry', state: 'raw', ndb: '05062', origins: ['poultry'], cup: 140, cupVaries: 0.1,
    each: [['each', 174, 120, 260], ['medium', 174, 140, 210]], f: [120, 73.9, 22.5, 2.62, 0.563, 0, 0, 0, 45, 334, 5, 213, 73], more: { ironMg: 0.37, zincMg: 0.68 } },
  { id: 'smoked-haddock', name: 'Haddock, smoked', aliases: 'smoked haddock, finnan haddie, undyed smoked haddock', category: 'fish', state: 'cooked', ndb: '15035', origins: ['fish'], contains: [['fish', 'haddock']], each: [['fillet', 180, 120, 260], ['each', 180, 120, 260]],
    f: [116, 71.48, 25.23, 0.96, 0.173, 0, 0, 0, 763, 415, 49, 251, 77], range: { sodiumMg: [500, 1000] } },
  { id: 'prawns-raw', name: 'Prawns, raw', aliases: 'prawns, shrimp, shrimps, king prawns', category: 'shellfish', state: 'raw', ndb: '15270', origins: ['crustacean'], contains: [['crustacean', 'prawns']], checks: [['sulphite', 'raw prawns are often dipped in sulphite']], flags: ['phosphate'],
    f: [85, 78.45, 20.1, 0.51, 0.101, 0, 0, 0, 119, 264, 64, 214, 161], range: { sodiumMg: [100, 600] } },
  { id: 'anchovies-canned', name: 'Anchovies, canned in oil, drained', aliases: 'anchovies, anchovy, anchovy fillets', category: 'fish', state: 'canned', ndb: '15002', origins: ['fish'], contains: [['fish', 'anchovy']], each: [['fillet', 4, 3, 5], ['each', 4, 3, 5]],
    f: [210, 50.3, 28.89, 9.71, 2.203, 0, 0, 0, 3668, 544, 232, 252, 85], ash: 11.1 },
];
