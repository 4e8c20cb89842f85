/** Oils and animal fats. Recalled from the USDA Standard Reference (memory). */
import type { FoodRow } from './row.ts';

const OIL = { category: 'fat', state: 'processed', fatForm: 'free', pourable: true, cup: 218 } as const;

export const FATS: readonly FoodRow[] = [
  { ...OIL, id: 'olive-oil', name: 'Olive oil', aliases: 'olive oil, extra virgin olive oil, extra-virgin olive oil, evoo', ndb: '04053', cup: 216, f: [884, 0, 0, 100, 13.81, 0, 0, 0, 2, 1, 1, 0, 0], more: { monoFatG: 72.96, polyFatG: 10.52, vitaminEMg: 14.35, vitaminKUg: 60.2 } },
  { ...OIL, id: 'sunflower-oil', name: 'Sunflower oil', aliases: 'sunflower oil, neutral oil, light oil', ndb: '04506', f: [884, 0, 0, 100, 10.3, 0, 0, 0, 0, 0, 0, 0, 0], more: { monoFatG: 19.5, polyFatG: 65.7, vitaminEMg: 41.08, vitaminKUg: 5.4 } },
  { ...OIL, id: 'rapeseed-oil', name: 'Rapeseed (canola) oil', aliases: 'canola, rapeseed, rapeseed oil, canola oil', ndb: '04582', f: [884, 0, 0, 100, 7.37, 0, 0, 0, 0, 0, 0, 0, 0], more: { monoFatG: 63.28, polyFatG: 28.14, vitaminEMg: 17.46, vitaminKUg: 71.3 } },
  { ...OIL, id: 'vegetable-oil', name: 'Vegetable oil (soya)', aliases: 'vegetable oil, cooking oil, soybean oil', ndb: '04044', checks: [['soy', 'usually refined soya oil: exempt when refined, ask']], f: [884, 0, 0, 100, 15.65, 0, 0, 0, 0, 0, 0, 0, 0], more: { monoFatG: 22.78, polyFatG: 57.74 } },
  { ...OIL, id: 'coconut-oil', name: 'Coconut oil', aliases: 'coconut oil', ndb: '04047', contains: ['coconut'], f: [892, 0, 0, 99.06, 82.48, 0, 0, 0, 0, 0, 1, 0, 0] },
  { ...OIL, id: 'sesame-oil-refined', name: 'Sesame oil', aliases: 'sesame seed oil, dark sesame oil', ndb: '04058', contains: [['sesame', 'sesame seed']], f: [884, 0, 0, 100, 14.2, 0, 0, 0, 0, 0, 0, 0, 0], more: { monoFatG: 39.7, polyFatG: 41.7 } },
  { ...OIL, id: 'walnut-oil', name: 'Walnut oil', aliases: 'walnut oil', ndb: '04528', contains: [['walnut', 'walnuts']], f: [884, 0, 0, 100, 9.1, 0, 0, 0, 0, 0, 0, 0, 0], more: { monoFatG: 22.8, polyFatG: 63.3 } },
  { ...OIL, id: 'hazelnut-oil', name: 'Hazelnut oil', aliases: 'hazelnut oil', ndb: '04532', contains: [['hazelnut', 'hazelnuts']], f: [884, 0, 0, 100, 7.4, 0, 0, 0, 0, 0, 0, 0, 0], more: { monoFatG: 78, polyFatG: 10.2 } },
  { ...OIL, id: 'avocado-oil', name: 'Avocado oil', aliases: 'avocado oil', ndb: '04581', f: [884, 0, 0, 100, 11.56, 0, 0, 0, 0, 0, 0, 0, 0], more: { monoFatG: 70.55, polyFatG: 13.49 } },
  { ...OIL, id: 'peanut-oil-refined', name: 'Peanut oil, refined', aliases: 'refined peanut oil, refined groundnut oil', ndb: '04042', contains: [['peanut', 'peanuts']], f: [884, 0, 0, 100, 16.9, 0, 0, 0, 0, 0, 0, 0, 0], more: { monoFatG: 46.2, polyFatG: 32 } },
  { ...OIL, id: 'lard', name: 'Lard', aliases: 'lard, pork fat', ndb: '04002', cup: 205, origins: ['meat', 'pork'], f: [902, 0, 0, 100, 39.2, 0, 0, 0, 0, 0, 0, 0, 95], more: { monoFatG: 45.1, polyFatG: 11.2 } },
  { ...OIL, id: 'chicken-fat', name: 'Chicken fat', aliases: 'chicken fat, schmaltz', ndb: '04542', cup: 205, origins: ['poultry'], f: [900, 0.2, 0, 99.8, 29.8, 0, 0, 0, 0, 0, 0, 0, 85], more: { monoFatG: 44.7, polyFatG: 20.9 } },
  { ...OIL, id: 'duck-fat', name: 'Duck fat', aliases: 'duck fat', ndb: '04574', cup: 205, origins: ['poultry'], f: [882, 0.2, 0, 99.8, 33.2, 0, 0, 0, 0, 0, 0, 0, 100], more: { monoFatG: 49.3, polyFatG: 12.9 } },
  { ...OIL, id: 'grapeseed-oil', name: 'Grapeseed oil', aliases: 'grapeseed oil, grape seed oil', ndb: '04517', f: [884, 0, 0, 100, 9.6, 0, 0, 0, 0, 0, 0, 0, 0], more: { monoFatG: 16.1, polyFatG: 69.9 } },
  { ...OIL, id: 'flaxseed-oil', name: 'Flaxseed oil', aliases: 'flaxseed oil, linseed oil, flax oil', ndb: '42231', f: [884, 0, 0, 100, 9, 0, 0, 0, 0, 0, 0, 0, 0], more: { monoFatG: 18.4, polyFatG: 67.8 } },
];
