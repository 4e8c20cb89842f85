/**
 * Water, stocks, broths and stock powders. Recalled from the USDA Standard Reference (memory) and typical packages.
 * What a maker puts in a stock varies more than any other line of a soup: celery, wheat, milk and soy are checks.
 */
import type { FoodRow } from './row.ts';

const MADE_UP = [
  ['celery', 'celery is in most stocks'], ['gluten', 'some makes hold wheat or barley'], ['wheat', 'some makes hold wheat'],
  ['milk', 'some makes hold whey or lactose'], ['soy', 'some makes hold soya protein or sauce'],
] as const;
const POWDER = [...MADE_UP, ['mustard', 'mustard is in some powders'], ['egg', 'egg is in some powders']] as const;
const ONION = [['noOnionGarlic', 'onion is in most stocks']] as const;
const CARTON = [['carton', 946, 937, 955], ['can', 411, 405, 418]] as const;

export const BROTHS: readonly FoodRow[] = [
  { id: 'water', name: 'Water', aliases: 'water, tap water, cold water, hot water, boiling water, filtered water, ice', category: 'water', state: 'processed', ndb: '14411', cup: 236.6, pourable: true, origins: ['mineral'],
    f: [0, 99.9, 0, 0, 0, 0, 0, 0, 4, 0, 3, 0, 0], ash: 0.1, range: { sodiumMg: [0, 12], calciumMg: [0, 12] } },
  { id: 'chicken-broth', name: 'Chicken broth, ready to use', aliases: 'chicken broth, chicken stock, chicken bouillon made up', category: 'broth', state: 'processed', from: 'USDA Standard Reference', cup: 240, pourable: true, origins: ['poultry'],
    checks: MADE_UP, dietChecks: ONION, each: CARTON, f: [6, 97.7, 0.64, 0.21, 0.066, 0.44, 0, 0.3, 371, 18, 4, 5, 2], ash: 1, range: { sodiumMg: [260, 420], potassiumMg: [10, 90], phosphorusMg: [3, 30] } },
  { id: 'chicken-broth-low-sodium', name: 'Chicken broth, low sodium', aliases: 'low sodium chicken broth, low-sodium chicken stock, unsalted chicken stock, no salt added chicken broth', category: 'broth', state: 'processed', ndb: '06983', cup: 240, pourable: true,
    origins: ['poultry'], checks: MADE_UP, dietChecks: ONION, each: CARTON, flags: ['potassiumChloride'], f: [16, 96.5, 2, 0.6, 0.18, 0.6, 0, 0.2, 30, 86, 8, 30, 0], ash: 0.3, range: { sodiumMg: [14, 60], cholesterolMg: [0, 2], potassiumMg: [40, 200] } },
  { id: 'chicken-broth-reduced-sodium', name: 'Chicken broth, reduced sodium', aliases: 'reduced sodium chicken broth, less sodium chicken broth, lower sodium chicken stock', category: 'broth', state: 'processed', from: 'typical package', cup: 240, pourable: true,
    origins: ['poultry'], checks: MADE_UP, dietChecks: ONION, each: CARTON, flags: ['potassiumChloride'],
    f: [7, 97.9, 1, 0.2, 0.06, 0.4, 0, 0.3, 230, 85, 4, 15, 1], ash: 0.7, range: { sodiumMg: [190, 270], potassiumMg: [20, 250], phosphorusMg: [5, 30] } },
  { id: 'chicken-stock-homemade', name: 'Chicken stock, home-made', aliases: 'homemade chicken stock, home-made chicken stock, fresh chicken stock', category: 'broth', state: 'cooked', ndb: '06172', cup: 240, pourable: true, origins: ['poultry'],
    checks: [['celery', 'home stock is usually made with celery']], dietChecks: [['noOnionGarlic', 'home stock is usually made with onion']], f: [36, 92.16, 2.52, 1.2, 0.321, 3.53, 0, 1.58, 143, 105, 3, 27, 3] },
  { id: 'beef-broth', name: 'Beef broth, ready to use', aliases: 'beef broth, beef stock, bone broth', category: 'broth', state: 'processed', ndb: '06008', cup: 240, pourable: true, origins: ['meat'], checks: MADE_UP, dietChecks: ONION, each: CARTON,
    f: [7, 97.55, 1.14, 0.22, 0.11, 0.04, 0, 0, 372, 54, 6, 13, 0], ash: 1, range: { cholesterolMg: [0, 2] } },
  { id: 'vegetable-broth', name: 'Vegetable broth, ready to use', aliases: 'vegetable broth, vegetable stock, veggie broth, veg stock, vegetable bouillon made up', category: 'broth', state: 'processed', from: 'USDA Standard Reference', cup: 240, pourable: true,
    origins: ['plant'], checks: MADE_UP, dietChecks: [...ONION, ['vegan', 'some makes hold whey, lactose or honey']], each: CARTON, f: [5, 98, 0.24, 0.07, 0.01, 0.93, 0, 0.57, 296, 19, 3, 4, 0], ash: 0.8,
    range: { sodiumMg: [200, 380], potassiumMg: [10, 90], phosphorusMg: [2, 20] } },
  { id: 'vegetable-broth-low-sodium', name: 'Vegetable broth, low sodium', aliases: 'low sodium vegetable broth, low-sodium vegetable stock, unsalted vegetable stock, no salt added vegetable broth', category: 'broth', state: 'processed', from: 'typical package', cup: 240, pourable: true,
    origins: ['plant'], checks: MADE_UP, dietChecks: [...ONION, ['vegan', 'some makes hold whey, lactose or honey']], each: CARTON, flags: ['potassiumChloride'], f: [6, 98.2, 0.25, 0.07, 0.01, 1.2, 0.1, 0.7, 40, 45, 6, 8, 0], ash: 0.25,
    range: { sodiumMg: [14, 60], potassiumMg: [15, 120], phosphorusMg: [3, 20] } },
  { id: 'vegetable-stock-homemade', name: 'Vegetable stock, home-made, unsalted', aliases: 'homemade vegetable stock, home-made vegetable stock, fresh vegetable stock', category: 'broth', state: 'cooked', from: 'estimate: extract of onion, carrot, leek and celery', cup: 238, pourable: true,
    origins: ['plant', 'allium'], contains: [['celery', 'celery']], f: [6, 98.3, 0.15, 0.03, 0.01, 1.3, 0, 0.8, 12, 60, 8, 8, 0], ash: 0.2,
    range: { sodiumMg: [5, 30], potassiumMg: [25, 130], phosphorusMg: [3, 18], sugarsG: [0.3, 1.5], carbohydrateG: [0.6, 2.2], calciumMg: [4, 15] } },
  { id: 'fish-stock', name: 'Fish stock, home-made', aliases: 'fish stock, fish broth, fish fumet', category: 'broth', state: 'cooked', ndb: '06963', cup: 233, pourable: true, origins: ['fish'], contains: [['fish', 'fish bones']], checks: [['celery', 'stock is usually made with celery']],
    dietChecks: [['noOnionGarlic', 'stock is usually made with onion'], ['noAlcohol', 'fish stock is often made with wine']], f: [16, 96.4, 2.26, 0.81, 0.2, 0, 0, 0, 156, 144, 3, 56, 1], more: { alcoholG: 0 }, range: { alcoholG: [0, 1] } },
  { id: 'chicken-stock-powder', name: 'Chicken stock powder', aliases: 'chicken stock powder, chicken bouillon powder, chicken bouillon cube, chicken stock cube, chicken base', category: 'broth', state: 'dry', from: 'USDA Standard Reference', cup: 240, cupVaries: 0.1,
    origins: ['poultry'], checks: POWDER, dietChecks: ONION, flags: ['phosphate'], each: [['each', 10, 4, 11], ['cube', 10, 4, 11], ['teaspoon', 4, 3, 5]],
    f: [267, 2.27, 16.66, 13.88, 3.43, 18.01, 0, 17.36, 23875, 309, 187, 182, 13], ash: 49.2, range: { sodiumMg: [15000, 26000], potassiumMg: [200, 1200] } },
  { id: 'vegetable-stock-powder', name: 'Vegetable stock powder', aliases: 'vegetable stock powder, bouillon powder, vegetable bouillon, vegetable stock cube, vegetable bouillon cube', category: 'broth', state: 'dry', from: 'typical package', cup: 200, cupVaries: 0.15,
    origins: ['plant'], checks: POWDER, dietChecks: [...ONION, ['vegan', 'some makes hold whey, lactose or honey']], each: [['each', 10, 4, 11], ['cube', 10, 4, 11], ['teaspoon', 4, 3, 5]],
    f: [230, 4, 8, 7, 3.5, 33, 2, 10, 18000, 500, 80, 120, 0], ash: 48,
    range: { proteinG: [3, 14], fatG: [0.5, 14], saturatedFatG: [0.2, 8], carbohydrateG: [18, 45], fibreG: [0, 6], sugarsG: [3, 18], sodiumMg: [13000, 23000], potassiumMg: [200, 1500], calciumMg: [20, 200], phosphorusMg: [50, 300] } },
];
