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
  { id: 'chicken-broth', name: 'Chicken broth, ready to use', aliases: 'chicken broth, chicken stock, chicken bouillon made up, chicken bouillon, light chicken stock, brown chicken stock', category: 'broth', state: 'processed', from: 'USDA Standard Reference', cup: 240, pourable: true, origins: ['poultry'],
    checks: MADE_UP, dietChecks: ONION, each: CARTON, f: [6, 97.7, 0.64, 0.21, 0.066, 0.44, 0, 0.3, 371, 18, 4, 5, 2], ash: 1, range: { sodiumMg: [260, 420], potassiumMg: [10, 90], phosphorusMg: [3, 30] } },
  { id: 'chicken-broth-low-sodium', name: 'Chicken broth, low sodium', aliases: 'low sodium chicken broth, low-sodium chicken stock, unsalted chicken stock, no salt added chicken broth', category: 'broth', state: 'processed', ndb: '06983', cup: 240, pourable: true,
    origins: ['poultry'], checks: MADE_UP, dietChecks: ONION, each: CARTON, flags: ['potassiumChloride'], f: [16, 95.6, 2, 0.6, 0.18, 1.2, 0, 0.2, 30, 86, 8, 30, 0], ash: 0.3, range: { sodiumMg: [14, 60], cholesterolMg: [0, 2], potassiumMg: [40, 200] } },
  { id: 'chicken-broth-reduced-sodium', name: 'Chicken broth, reduced sodium', aliases: 'reduced sodium chicken broth, less sodium chicken broth, lower sodium chicken stock, salt-reduced chicken stock, reduced-salt chicken stock', category: 'broth', state: 'processed', from: 'typical package', cup: 240, pourable: true,
    origins: ['poultry'], checks: MADE_UP, dietChecks: ONION, each: CARTON, flags: ['potassiumChloride'],
    f: [7, 97.9, 1, 0.2, 0.06, 0.4, 0, 0.3, 230, 85, 4, 15, 1], ash: 0.7, range: { sodiumMg: [190, 270], potassiumMg: [20, 250], phosphorusMg: [5, 30], proteinG: [0.6, 1.5], fatG: [0, 0.5], calciumMg: [2, 9] } },
  { id: 'chicken-stock-homemade', name: 'Chicken stock, home-made', aliases: 'homemade chicken stock, home-made chicken stock, fresh chicken stock', category: 'broth', state: 'cooked', ndb: '06172', cup: 240, pourable: true, origins: ['poultry'],
    checks: [['celery', 'home stock is usually made with celery']], dietChecks: [['noOnionGarlic', 'home stock is usually made with onion']], f: [36, 92.16, 2.52, 1.2, 0.321, 3.53, 0, 1.58, 143, 105, 3, 27, 3], range: { sodiumMg: [10, 220] } },
  { id: 'beef-broth', name: 'Beef broth, ready to use', aliases: 'beef broth, beef stock, beef bouillon, brown stock', category: 'broth', state: 'processed', ndb: '06008', cup: 240, pourable: true, origins: ['meat'], checks: MADE_UP, dietChecks: ONION, each: CARTON,
    f: [7, 97.55, 1.14, 0.22, 0.11, 0.04, 0, 0, 372, 54, 6, 13, 0], ash: 1, range: { cholesterolMg: [0, 2] } },
  { id: 'vegetable-broth', name: 'Vegetable broth, ready to use', aliases: 'vegetable broth, vegetable stock, veggie broth, veg stock, vegetable bouillon made up', category: 'broth', state: 'processed', from: 'USDA Standard Reference', cup: 240, pourable: true,
    origins: ['plant'], checks: MADE_UP, dietChecks: [...ONION, ['vegan', 'some makes hold whey, lactose or honey']], each: CARTON, f: [5, 98, 0.24, 0.07, 0.01, 0.93, 0, 0.57, 296, 19, 3, 4, 0], ash: 0.8,
    range: { sodiumMg: [200, 380], potassiumMg: [10, 90], phosphorusMg: [2, 20] } },
  { id: 'vegetable-broth-low-sodium', name: 'Vegetable broth, low sodium', aliases: 'low sodium vegetable broth, low-sodium vegetable stock, unsalted vegetable stock, no salt added vegetable broth, salt-reduced vegetable stock, reduced-salt vegetable stock', category: 'broth', state: 'processed', from: 'typical package', cup: 240, pourable: true,
    origins: ['plant'], checks: MADE_UP, dietChecks: [...ONION, ['vegan', 'some makes hold whey, lactose or honey']], each: CARTON, flags: ['potassiumChloride'], f: [6, 98.2, 0.25, 0.07, 0.01, 1.2, 0.1, 0.7, 40, 45, 6, 8, 0], ash: 0.25,
    range: { sodiumMg: [14, 60], potassiumMg: [15, 120], phosphorusMg: [3, 20] } },
  { id: 'vegetable-stock-homemade', name: 'Vegetable stock, home-made, unsalted', aliases: 'homemade vegetable stock, home-made vegetable stock, fresh vegetable stock', category: 'broth', state: 'cooked', from: 'estimate: extract of onion, carrot, leek and celery', cup: 238, pourable: true,
    origins: ['plant', 'allium'], contains: [['celery', 'celery']], f: [6, 98.3, 0.15, 0.03, 0.01, 1.3, 0, 0.8, 12, 60, 8, 8, 0], ash: 0.2,
    range: { sodiumMg: [5, 30], potassiumMg: [25, 130], phosphorusMg: [3, 18], sugarsG: [0.3, 1.5], carbohydrateG: [0.6, 2.2], calciumMg: [4, 15] } },
  { id: 'fish-stock', name: 'Fish stock, home-made', aliases: 'fish stock, fish broth, fish fumet', category: 'broth', state: 'cooked', ndb: '06174', cup: 233, pourable: true, origins: ['fish'], contains: [['fish', 'fish bones']], checks: [['celery', 'stock is usually made with celery']],
    dietChecks: [['noOnionGarlic', 'stock is usually made with onion'], ['noAlcohol', 'fish stock is often made with wine']], f: [16, 96.4, 2.26, 0.81, 0.2, 0, 0, 0, 156, 144, 3, 56, 1], more: { alcoholG: 0 }, range: { alcoholG: [0, 1], sodiumMg: [10, 220] } },
  { id: 'fish-stock-bought', name: 'Fish stock, bought or of a cube', aliases: 'ready-made fish stock, bought fish stock, fish stock from a cube, fish stock made with a cube', category: 'broth', state: 'processed', from: 'estimate: made up as packages of vegetable and chicken stock are', cup: 240, pourable: true, origins: ['fish'], contains: [['fish', 'fish']], checks: [...MADE_UP, ['crustacean', 'shrimp in some makes']],
    dietChecks: [...ONION, ['noAlcohol', 'wine in some makes']], f: [8, 97.6, 0.8, 0.1, 0.02, 0.5, 0, 0.2, 340, 40, 4, 10, 1], ash: 0.95, more: { alcoholG: 0 }, range: { alcoholG: [0, 1], sodiumMg: [200, 420], potassiumMg: [10, 120], phosphorusMg: [3, 30], proteinG: [0.3, 2] } },
  { id: 'chicken-stock-powder', name: 'Chicken stock powder', aliases: 'chicken stock powder, chicken bouillon powder, chicken bouillon cube, chicken stock cube, chicken base', category: 'broth', state: 'dry', from: 'USDA Standard Reference', cup: 240, cupVaries: 0.1,
    origins: ['poultry'], checks: POWDER, dietChecks: ONION, flags: ['phosphate'], each: [['each', 10, 4, 11], ['cube', 10, 4, 11], ['teaspoon', 4, 3, 5]],
    f: [267, 2.27, 16.66, 13.88, 3.43, 18.01, 0, 17.36, 23875, 309, 187, 182, 13], ash: 49.2, range: { sodiumMg: [15000, 26000], potassiumMg: [200, 1200] } },
  { id: 'vegetable-stock-powder', name: 'Vegetable stock powder', aliases: 'vegetable stock powder, bouillon powder, vegetable bouillon, vegetable stock cube, vegetable bouillon cube, vegetarian stock cube', category: 'broth', state: 'dry', from: 'typical package', cup: 200, cupVaries: 0.15,
    origins: ['plant'], checks: POWDER, dietChecks: [...ONION, ['vegan', 'some makes hold whey, lactose or honey']], each: [['each', 10, 4, 11], ['cube', 10, 4, 11], ['teaspoon', 4, 3, 5]],
    f: [230, 4, 8, 7, 3.5, 33, 2, 10, 18000, 500, 80, 120, 0], ash: 48,
    range: { proteinG: [3, 14], fatG: [0.5, 14], saturatedFatG: [0.2, 8], carbohydrateG: [18, 45], fibreG: [0, 6], sugarsG: [3, 18], sodiumMg: [13000, 23000], potassiumMg: [200, 1500], calciumMg: [20, 200], phosphorusMg: [50, 300], waterG: [2, 7] } },
  { id: 'vegan-bouillon', name: 'Vegan bouillon powder', aliases: 'vegan bouillon, vegan stock cube, vegan bouillon cube, vegan stock powder, vegan bouillon paste', category: 'broth', state: 'dry', from: 'estimate: as vegetable stock powder, without milk', cup: 200, cupVaries: 0.15,
    origins: ['plant'], checks: POWDER.filter(([allergen]) => allergen !== 'milk' && allergen !== 'egg'), dietChecks: ONION, each: [['each', 10, 4, 11], ['cube', 10, 4, 11], ['teaspoon', 4, 3, 5]],
    f: [212, 4, 9, 4, 1.5, 35, 3, 10, 18000, 500, 80, 120, 0], ash: 48,
    range: { proteinG: [3, 14], fatG: [0.5, 14], saturatedFatG: [0.2, 8], carbohydrateG: [18, 45], fibreG: [0, 6], sugarsG: [3, 18], sodiumMg: [13000, 23000], potassiumMg: [200, 1500], calciumMg: [20, 200], phosphorusMg: [50, 300], waterG: [2, 7] } },
  { id: 'beef-stock-homemade', name: 'Beef stock, home-made', aliases: 'homemade beef stock, home-made beef stock, veal stock', category: 'broth', state: 'cooked', ndb: '06170', cup: 240, pourable: true, origins: ['meat'], checks: [['celery', 'home stock is usually made with celery']], dietChecks: [['noOnionGarlic', 'home stock is usually made with onion']],
    f: [13, 95.9, 1.97, 0.09, 0.05, 1.2, 0, 0.54, 198, 185, 8, 31, 0], ash: 0.8, range: { cholesterolMg: [0, 3], sodiumMg: [10, 220] } },
  { id: 'bone-broth', name: 'Bone broth, chicken, carton', aliases: 'bone broth, chicken bone broth, bone broth carton', category: 'broth', state: 'processed', from: 'typical package', cup: 240, pourable: true, origins: ['poultry'], checks: MADE_UP, dietChecks: ONION, each: CARTON,
    f: [17, 95.3, 3.8, 0.1, 0.03, 0.3, 0, 0.2, 145, 95, 5, 25, 1], ash: 0.5, range: { proteinG: [2.5, 4.5], sodiumMg: [30, 260], potassiumMg: [20, 250], fatG: [0, 0.6], saturatedFatG: [0, 0.2], sugarsG: [0, 0.8], carbohydrateG: [0, 0.9], phosphorusMg: [5, 50], cholesterolMg: [0, 3], calciumMg: [2, 12] } },
  { id: 'beef-broth-reduced-sodium', name: 'Beef broth, reduced sodium', aliases: 'reduced sodium beef broth, low sodium beef broth, less sodium beef broth', category: 'broth', state: 'processed', from: 'typical package', cup: 240, pourable: true, origins: ['meat'], checks: MADE_UP, dietChecks: ONION, each: CARTON, flags: ['potassiumChloride'],
    f: [7, 97.9, 1.2, 0.1, 0.04, 0.3, 0, 0.2, 200, 90, 5, 15, 0], ash: 0.6, range: { sodiumMg: [55, 240], potassiumMg: [30, 300], phosphorusMg: [5, 30], cholesterolMg: [0, 2] } },
  { id: 'beef-stock-cube', name: 'Beef stock cube', aliases: 'beef stock cube, beef bouillon cube, beef bouillon powder, beef stock powder', category: 'broth', state: 'dry', from: 'USDA Standard Reference', cup: 240, cupVaries: 0.1, origins: ['meat'], checks: POWDER, dietChecks: ONION, flags: ['phosphate'], each: [['each', 10, 4, 11], ['cube', 10, 4, 11], ['teaspoon', 4, 3, 5]],
    f: [170, 3.3, 17.3, 4, 1.99, 16.1, 0, 14.5, 24000, 403, 60, 225, 4], ash: 59, range: { sodiumMg: [15000, 26000], potassiumMg: [200, 1200], sugarsG: [2, 16] } },
  { id: 'stock-powder-reduced-salt', name: 'Stock powder, reduced sodium, with potassium chloride', aliases: 'reduced salt stock powder, reduced sodium stock cube, low salt stock cube, low sodium bouillon powder', category: 'broth', state: 'dry', from: 'typical package', cup: 200, cupVaries: 0.15, origins: ['plant'], checks: POWDER, dietChecks: [...ONION, ['vegan', 'some makes hold meat fat, whey or lactose'], ['vegetarian', 'some makes hold meat fat'], ['noMeat', 'some makes hold meat fat']], flags: ['potassiumChloride'],
    each: [['each', 10, 4, 11], ['cube', 10, 4, 11], ['teaspoon', 4, 3, 5]], f: [240, 4, 8, 7, 3.5, 36, 2, 12, 8500, 12000, 100, 150, 0], ash: 42,
    range: { proteinG: [3, 14], fatG: [0.5, 14], saturatedFatG: [0.2, 8], carbohydrateG: [20, 55], fibreG: [0, 6], sugarsG: [3, 20], sodiumMg: [200, 13000], potassiumMg: [4000, 22000], calciumMg: [20, 250], phosphorusMg: [50, 350] } },
  { id: 'stock-powder-low-salt', name: 'Stock powder, very low salt, without potassium chloride', aliases: 'very low salt stock powder, no added salt stock powder, baby stock cube', category: 'broth', state: 'dry', from: 'typical package', cup: 160, cupVaries: 0.2, origins: ['plant'], checks: POWDER, dietChecks: [...ONION, ['vegan', 'some makes hold whey or lactose']],
    each: [['each', 10, 4, 11], ['cube', 10, 4, 11], ['teaspoon', 3, 2, 4]], f: [345, 5, 8, 6, 2.5, 67, 4, 18, 120, 700, 80, 150, 0], ash: 13,
    range: { proteinG: [3, 16], fatG: [1, 14], saturatedFatG: [0.3, 8], carbohydrateG: [50, 78], fibreG: [1, 10], sugarsG: [5, 30], sodiumMg: [20, 450], potassiumMg: [300, 2000], calciumMg: [20, 250], phosphorusMg: [60, 300], waterG: [2, 8] } },
  { id: 'stock-paste', name: 'Stock paste (vegetable base)', aliases: 'stock paste, vegetable base, bouillon paste, vegetable stock paste', category: 'broth', state: 'processed', from: 'typical package', cup: 290, pourable: true, origins: ['plant'], checks: POWDER, dietChecks: [...ONION, ['vegan', 'some makes hold whey, butter or honey']], each: [['teaspoon', 6, 5, 7]],
    f: [115, 49, 4, 4, 0.6, 17, 2, 9, 10500, 350, 50, 60, 0], ash: 26, range: { proteinG: [1, 8], fatG: [0.5, 9], saturatedFatG: [0.1, 4], carbohydrateG: [10, 28], fibreG: [0.5, 5], sugarsG: [4, 18], sodiumMg: [7500, 14500], potassiumMg: [150, 1200], calciumMg: [15, 120], phosphorusMg: [25, 150], waterG: [35, 60] } },
  { id: 'mushroom-stock-homemade', name: 'Mushroom stock, home-made, unsalted', aliases: 'mushroom stock, mushroom broth, homemade mushroom stock', category: 'broth', state: 'cooked', from: 'estimate: extract of dried mushrooms, a tenth by weight', cup: 238, pourable: true, origins: ['plant'],
    f: [5, 98.4, 0.3, 0.02, 0.005, 0.9, 0, 0.3, 3, 55, 1, 12, 0], ash: 0.2, range: { proteinG: [0.1, 0.7], carbohydrateG: [0.3, 2.1], sugarsG: [0.05, 0.8], sodiumMg: [0.5, 12], potassiumMg: [20, 130], phosphorusMg: [4, 30], calciumMg: [0, 6] } },
  { id: 'kelp-stock', name: 'Kelp stock, unsalted', aliases: 'kelp stock, kombu stock, kombu dashi, kombu broth', category: 'broth', state: 'cooked', from: 'Japanese composition tables', cup: 238, pourable: true, origins: ['plant'], checks: [['crustacean', 'small crustaceans live on seaweed']],
    f: [4, 98.5, 0.1, 0, 0, 0.9, 0, 0, 61, 140, 3, 6, 0], ash: 0.5, more: { iodineUg: 5300 }, range: { iodineUg: [1000, 11000], sodiumMg: [30, 100], potassiumMg: [70, 210] } },
];
