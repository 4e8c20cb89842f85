/**
 * Swaps by kind: what stands for one hard cheese, one spirit, one shellfish stands for its like. Shape and units: swap.ts. Amounts, work and
 * distance of flavour are common practice, no source, unless a row names one.
 */
import { foodsOfKind, KINDS } from './kinds.ts';
import { COMMON, one, type Swap } from './swap.ts';
import { BLEND_BEANS, offBoil, SEASON, SIMMER_POTATO, SLAKE, SOAK_CASHEWS, SOAK_MUSHROOMS } from './works.ts';

const CHEESES = foodsOfKind('meltingCheese', 'hardCheese', 'softCheese', 'sharpCheese');
const SOURED = foodsOfKind('yogurt', 'sourCream', 'buttermilk', 'plantSour');
const BLEND_TOFU = { text: 'Blend the tofu with a ladle of the liquid until smooth, then add to the pot.', when: 'blend' } as const;
const smoked = { foods: [['smoked-paprika', 1]], least: 0.005, most: 0.03, usual: 0.015 } as const;
const browned = (what: string) => ({ text: `Brown the ${what} in the oil, the smoked paprika for the last minute.`, when: 'before' }) as const;
const SOY = 'Tell the table: it has soy in it.';
const BEANS = 'Tell the table: it has beans in it.';
const CHICKPEAS = 'Tell the table: it has chickpeas in it.';
const OATS = 'Oats carry wheat or barley unless specially grown: check the label for gluten.';
const NUTS = 'Tell the table: it has nuts in it.';
const COLD_OAT = { text: 'Stir the vinegar into the drink and let it stand 10 minutes.', when: 'before' } as const;

/** Half of a heavy vegetable gives way to a lighter one; the soup keeps its name. */
const part = (foodId: string, other: string, name: string, note: string, cautions: readonly string[] = []): Swap => ({
  id: `${foodId}-part-${other}`, name: `Part ${name}`, replaces: [foodId], parts: [one(foodId, 0.4, 0.85, 0.6), one(other, 0.15, 0.6, 0.4)], work: 0.05, flavour: 0.15, steps: [], cautions, note, source: COMMON });
/** Rice for a part of the beans: the soup keeps them and its body, with less of what beans carry. */
const partRice = (foodId: string): Swap => ({
  id: `${foodId}-part-rice`, name: 'Part rice', replaces: [foodId], parts: [one(foodId, 0.3, 0.8, 0.5), one('rice-white-raw', 0.02, 0.2, 0.1), one('water', 0, 0.8)], work: 0.15, flavour: 0.15,
  steps: [{ text: 'Simmer the rice in the pot until quite soft, 20 minutes, before blending.', when: 'before' }], cautions: [], note: 'plainer; less potassium and phosphorus', source: COMMON });
const leached = (foodId: string, what: string): Swap => ({
  id: `${foodId}-leached`, name: `Boiled in water that is thrown away`, replaces: [foodId], parts: [{ ...one(foodId, 0.97, 1, 1), eaten: { how: 'drained', share: 0.6 } }], work: 0.35, flavour: 0.15,
  steps: [{ text: `Cut the ${what} small, boil it in plenty of water, throw the water away, and go on with fresh liquid.`, when: 'before' }], cautions: ['Takes out part of the potassium only.'], note: 'plainer', source: 'as for potato (estimate)' });
const boiledDry = (canned: string, cooked: string, name: string): Swap => ({
  id: `${canned}-boiled`, name, replaces: [canned], parts: [one(cooked, 0.9, 1.1, 1)], work: 0.3, flavour: 0.03, steps: [{ text: 'Soak dry beans overnight and boil them soft in water without salt.', when: 'before' }, SEASON], cautions: [], note: 'the same, without the salt of the can', source: COMMON });
/** What the leached row calls a root that is no word of its own. */
const ROOT_NAMES: Readonly<Record<string, string>> = { 'sweet-potato': 'sweet potato', 'butternut-squash': 'squash', sunchoke: 'sunchokes' };

export const KIND_SWAPS: readonly Swap[] = [
  // Cheese: its savour is rebuilt, not its weight
  { id: 'cheese-to-yeast-beans', name: 'White beans, yeast flakes and lemon', replaces: CHEESES, parts: [{ foods: [['white-beans-canned-drained', 0.82], ['yeast-flakes', 0.12], ['lemon-juice', 0.06]], least: 0.35, most: 1.4, usual: 0.85 }, one('olive-oil', 0, 0.25, 0.1)], stage: 'blend', work: 0.25, flavour: 0.35, steps: [BLEND_BEANS, SEASON], cautions: [BEANS], note: 'savoury, a little sharp; body of the beans', source: COMMON },
  { id: 'cheese-to-yeast-cashew', name: 'Cashews, yeast flakes and lemon', replaces: CHEESES, parts: [{ foods: [['cashews-raw', 0.74], ['yeast-flakes', 0.16], ['lemon-juice', 0.1]], least: 0.25, most: 1, usual: 0.6 }, one('water', 0, 0.8)], stage: 'blend', work: 0.45, flavour: 0.3, steps: [SOAK_CASHEWS, { text: 'Blend the cashews with the yeast flakes, lemon and water until smooth.', when: 'blend' }, SEASON], cautions: [NUTS], note: 'rich, savoury, a little sharp', source: COMMON },
  { id: 'cheese-to-yeast-tofu', name: 'Silken tofu, yeast flakes and oil', replaces: CHEESES, parts: [{ foods: [['silken-tofu', 0.82], ['yeast-flakes', 0.12], ['lemon-juice', 0.06]], least: 0.45, most: 1.4, usual: 0.85 }, one('olive-oil', 0, 0.25, 0.12)], stage: 'blend', work: 0.25, flavour: 0.4, steps: [BLEND_TOFU, SEASON], cautions: [SOY], note: 'smooth and savoury', source: COMMON },
  { id: 'cheese-to-plant-cheese', name: 'Plant cheese', replaces: CHEESES, parts: [one('plant-cheese', 0.5, 1.2, 1)], work: 0, flavour: 0.35, steps: [offBoil('plant cheese')], cautions: ['Check the label for coconut, nuts, soy and starch.'], note: 'melts less; mild', source: COMMON },
  { id: 'melting-cheese-to-hard', name: 'Less, and stronger: parmesan', replaces: KINDS.meltingCheese, parts: [one('parmesan', 0.15, 0.5, 0.33)], work: 0, flavour: 0.2, steps: [offBoil('parmesan')], cautions: [], note: 'sharp; less of it', source: COMMON },
  { id: 'soft-cheese-to-soy-yogurt', name: 'Soy yogurt and lemon', replaces: KINDS.softCheese, parts: [one('soy-yogurt', 0.5, 1.1, 0.85), one('lemon-juice', 0.01, 0.1, 0.04)], work: 0.05, flavour: 0.45, steps: [offBoil('soy yogurt')], cautions: [SOY, 'Splits with heat: off the boil.'], note: 'sharp, leaner', source: COMMON },
  { id: 'sharp-cheese-to-tofu', name: 'Firm tofu in lemon and salt', replaces: foodsOfKind('sharpCheese'), parts: [{ foods: [['tofu-firm', 0.91], ['lemon-juice', 0.07], ['salt', 0.02]], least: 0.5, most: 1.15, usual: 0.9 }], work: 0.2, flavour: 0.35, steps: [{ text: 'Press the tofu, crumble it and leave it in the lemon and salt for 30 minutes.', when: 'before' }], cautions: [SOY], note: 'crumbly and sharp, without the cheese', source: COMMON },
  // Soured milk and cream
  { id: 'soured-to-soy-yogurt', name: 'Soy yogurt', replaces: foodsOfKind('yogurt', 'sourCream', 'buttermilk'), parts: [one('soy-yogurt', 0.6, 1.1, 1)], work: 0, flavour: 0.15, steps: [offBoil('soy yogurt')], cautions: [SOY, 'Splits with heat: off the boil.'], note: 'sharp, close to it', source: COMMON },
  { id: 'soured-to-cashew', name: 'Thick cashew cream with lemon', replaces: SOURED, parts: [{ foods: [['cashews-raw', 0.36], ['water', 0.57], ['lemon-juice', 0.07]], least: 0.5, most: 1.1, usual: 1 }], stage: 'blend', work: 0.45, flavour: 0.25, steps: [SOAK_CASHEWS, { text: 'Blend the cashews with the water and lemon until thick and smooth.', when: 'blend' }], cautions: ['Tell the table: it has cashews in it.'], note: 'rich and sharp; holds its shape', source: COMMON },
  { id: 'buttermilk-to-oat-drink', name: 'Oat drink and vinegar', replaces: KINDS.buttermilk, parts: [{ foods: [['oat-drink', 0.94], ['cider-vinegar', 0.06]], least: 0.8, most: 1.1, usual: 1 }], work: 0.05, flavour: 0.3, steps: [COLD_OAT], cautions: [OATS], note: 'sharp, thinner', source: 'a spoon of vinegar to a cup: common practice, no source' },
  { id: 'buttermilk-to-almond-drink', name: 'Almond drink and vinegar', replaces: KINDS.buttermilk, parts: [{ foods: [['almond-drink', 0.94], ['cider-vinegar', 0.06]], least: 0.8, most: 1.1, usual: 1 }], work: 0.05, flavour: 0.35, steps: [COLD_OAT], cautions: ['Tell the table: it has almonds in it.'], note: 'sharp, thin, nutty', source: 'a spoon of vinegar to a cup: common practice, no source' },
  { id: 'buttermilk-to-soy-drink', name: 'Soy drink and vinegar', replaces: KINDS.buttermilk, parts: [{ foods: [['soy-drink', 0.94], ['cider-vinegar', 0.06]], least: 0.8, most: 1.1, usual: 1 }], work: 0.05, flavour: 0.3, steps: [COLD_OAT], cautions: [SOY, 'Splits with a hard boil.'], note: 'sharp and thick', source: 'a spoon of vinegar to a cup: common practice, no source' },
  // Fats
  { id: 'animal-fat-to-rapeseed-oil', name: 'Rapeseed oil', replaces: KINDS.animalFat, parts: [one('rapeseed-oil', 0.5, 1.05, 0.9)], work: 0, flavour: 0.15, steps: [], cautions: [], note: 'neutral', source: COMMON },
  { id: 'animal-fat-to-olive-oil', name: 'Olive oil', replaces: KINDS.animalFat, parts: [one('olive-oil', 0.5, 1.05, 0.9)], work: 0, flavour: 0.18, steps: [], cautions: [], note: 'olive', source: COMMON },
  { id: 'telling-oil-to-rapeseed-oil', name: 'Rapeseed oil', replaces: KINDS.tellingOil, parts: [one('rapeseed-oil', 0.5, 1.05, 0.95)], work: 0, flavour: 0.25, steps: [], cautions: [], note: 'neutral', source: COMMON },
  { id: 'telling-oil-to-olive-oil', name: 'Olive oil', replaces: KINDS.tellingOil, parts: [one('olive-oil', 0.5, 1.05, 0.95)], work: 0, flavour: 0.28, steps: [], cautions: [], note: 'olive', source: COMMON },
  // Flour, bread and grain without gluten
  { id: 'flour-to-gluten-free', name: 'Gluten-free flour', replaces: KINDS.wheatFlour, parts: [one('gluten-free-flour', 0.7, 1.3, 1)], work: 0, flavour: 0.08, steps: [], cautions: ['Check the label: mixes differ.'], note: 'close to it', source: COMMON },
  { id: 'flour-to-potato-starch', name: 'Potato starch', stage: 'finish', replaces: KINDS.wheatFlour, parts: [one('potato-starch', 0.25, 0.7, 0.42)], work: 0.1, flavour: 0.05, steps: [{ ...SLAKE, text: 'Slake the potato starch in cold water, stir in at the end and simmer 1 minute.' }], cautions: ['Thins again when boiled long.'], note: 'clear and soft', source: COMMON },
  { id: 'flour-to-buckwheat', name: 'Buckwheat flour', replaces: KINDS.wheatFlour, parts: [one('buckwheat-flour', 0.7, 1.3, 1)], work: 0.02, flavour: 0.3, steps: [], cautions: ['Check the label for gluten: often milled beside wheat.'], note: 'earthy, darker', source: COMMON },
  { id: 'slurry-to-rice-flour', name: 'Rice flour', replaces: KINDS.slurry, parts: [one('rice-flour', 1.2, 2.6, 1.9)], stage: 'finish', work: 0.05, flavour: 0.06, steps: [{ text: 'Slake the rice flour in cold water, stir in and simmer 5 minutes.', when: 'finish' }], cautions: [], note: 'duller, softer', source: COMMON },
  { id: 'bread-to-gluten-free', name: 'Gluten-free bread', replaces: KINDS.bread, parts: [one('bread-gluten-free', 0.7, 1.2, 1)], work: 0, flavour: 0.1, steps: [], cautions: ['Check the label for egg and milk.'], note: 'a little crumblier', source: COMMON },
  { id: 'crumb-to-gluten-free', name: 'Gluten-free croutons', replaces: KINDS.crumb, parts: [one('bread-gluten-free', 0.6, 1.3, 1)], work: 0.1, flavour: 0.1, steps: [{ text: 'Toast the bread dry in cubes.', when: 'before' }], cautions: ['Check the label for egg and milk.'], note: 'crunch', source: COMMON },
  { id: 'crumb-to-chickpeas', name: 'Roasted chickpeas', replaces: KINDS.crumb, parts: [one('chickpeas-canned-drained', 0.5, 1.4, 1)], work: 0.25, flavour: 0.25, steps: [{ text: 'Roast the chickpeas dry until crisp, 25 minutes at 200 C.', when: 'before' }], cautions: [CHICKPEAS, 'Hard pieces are a risk with swallowing difficulty.'], note: 'crunch, nutty', source: COMMON },
  { id: 'grain-to-rice', name: 'Rice', replaces: KINDS.glutenGrain, parts: [one('rice-white-raw', 0.5, 1.05, 0.9)], work: 0, flavour: 0.25, steps: [], cautions: [], note: 'softer, plainer', source: COMMON },
  { id: 'grain-to-brown-rice', name: 'Brown rice', replaces: KINDS.glutenGrain, parts: [one('rice-brown-raw', 0.5, 1.05, 0.9)], work: 0, flavour: 0.22, steps: [], cautions: [], note: 'chewy', source: COMMON },
  { id: 'grain-to-quinoa', name: 'Quinoa', replaces: KINDS.glutenGrain, parts: [one('quinoa-dry', 0.5, 1.05, 0.9)], work: 0.05, flavour: 0.3, steps: [], cautions: [], note: 'nutty, small', source: COMMON },
  { id: 'noodles-to-rice-noodles', name: 'Rice noodles', replaces: KINDS.noodles, parts: [one('rice-noodles-dry', 0.6, 1.1, 1)], work: 0, flavour: 0.2, steps: [], cautions: [], note: 'soft and plain', source: COMMON },
  { id: 'rice-to-cauliflower', name: 'Cauliflower, fine', replaces: KINDS.rice, parts: [one('cauliflower', 0.8, 3, 2)], work: 0.1, flavour: 0.3, steps: [], cautions: [], note: 'lighter; thinner', source: COMMON },
  // Meat
  { id: 'cured-to-turkey', name: 'Cooked turkey and smoked paprika', replaces: KINDS.cured, parts: [one('turkey-breast-cooked', 0.4, 1.1, 0.8), one('rapeseed-oil', 0, 0.2, 0.06), smoked], work: 0.05, flavour: 0.35, steps: [SEASON], cautions: [], note: 'lean meat, smoke of the paprika', source: COMMON },
  { id: 'cured-to-tofu', name: 'Firm tofu, smoked paprika and oil', replaces: KINDS.cured, parts: [one('tofu-firm', 0.5, 1.2, 0.8), one('rapeseed-oil', 0, 0.25, 0.1), smoked], work: 0.2, flavour: 0.45, steps: [browned('tofu'), SEASON], cautions: [SOY], note: 'smoke and bite without meat', source: COMMON },
  { id: 'cured-to-chickpeas', name: 'Chickpeas, smoked paprika and oil', replaces: KINDS.cured, parts: [one('chickpeas-canned-drained', 0.5, 1.5, 1), one('rapeseed-oil', 0, 0.25, 0.1), smoked], work: 0.2, flavour: 0.5, steps: [browned('chickpeas'), SEASON], cautions: [CHICKPEAS], note: 'nutty bite, smoke of the paprika', source: COMMON },
  { id: 'red-meat-to-turkey', name: 'Turkey mince', replaces: KINDS.redMeat, parts: [one('turkey-mince', 0.7, 1.1, 1)], work: 0, flavour: 0.25, steps: [], cautions: [], note: 'leaner, milder', source: COMMON },
  { id: 'red-meat-to-lentils', name: 'Lentils, cooked', replaces: KINDS.redMeat, parts: [one('lentils-cooked', 0.6, 1.3, 1)], work: 0.05, flavour: 0.5, steps: [SEASON], cautions: ['Tell the table: it has lentils in it.'], note: 'earthy', source: COMMON },
  { id: 'red-meat-to-mushrooms', name: 'Mushrooms, chopped', replaces: KINDS.redMeat, parts: [one('mushrooms', 0.7, 1.5, 1.1), one('rapeseed-oil', 0, 0.2, 0.08)], work: 0.2, flavour: 0.45, steps: [{ text: 'Brown the mushrooms in the oil until their water is gone.', when: 'before' }, SEASON], cautions: [], note: 'savoury without meat', source: COMMON },
  { id: 'poultry-to-oyster-mushroom', name: 'Oyster mushrooms', replaces: KINDS.poultry, parts: [one('oyster-mushrooms', 0.6, 1.3, 1), one('rapeseed-oil', 0, 0.15, 0.05)], work: 0.2, flavour: 0.4, steps: [{ text: 'Brown the oyster mushrooms in the oil.', when: 'before' }, SEASON], cautions: [], note: 'tender strips, savoury', source: COMMON },
  { id: 'poultry-to-tofu-firm', name: 'Firm tofu', replaces: KINDS.poultry, parts: [one('tofu-firm', 0.6, 1.2, 1)], work: 0.1, flavour: 0.4, steps: [SEASON], cautions: [SOY], note: 'mild cubes', source: COMMON },
  // Fish and shellfish
  { id: 'fish-to-chicken', name: 'Chicken breast', replaces: KINDS.whiteFish, parts: [one('chicken-breast-raw', 0.6, 1.2, 0.9)], work: 0.1, flavour: 0.45, steps: [{ text: 'Poach the chicken through, to 74 C.', when: 'before' }], cautions: [], note: 'no sea in it', source: COMMON },
  { id: 'fish-to-white-beans', name: 'White beans', replaces: KINDS.whiteFish, parts: [one('white-beans-canned-drained', 0.5, 1.4, 1)], work: 0.05, flavour: 0.5, steps: [SEASON], cautions: [BEANS], note: 'soft, no sea in it', source: COMMON },
  { id: 'fish-to-oyster-mushroom', name: 'Oyster mushrooms', replaces: KINDS.whiteFish, parts: [one('oyster-mushrooms', 0.6, 1.2, 0.9), one('rapeseed-oil', 0, 0.15, 0.05)], work: 0.2, flavour: 0.45, steps: [{ text: 'Brown the oyster mushrooms in the oil.', when: 'before' }, SEASON], cautions: [], note: 'tender, savoury', source: COMMON },
  { id: 'shellfish-to-white-fish', name: 'Cod', replaces: KINDS.shellfish, parts: [one('cod-raw', 0.6, 1.2, 1)], work: 0.05, flavour: 0.4, steps: [{ text: 'Poach the cod to 63 C.', when: 'finish' }], cautions: ['Tell the table: it has fish in it.'], note: 'sea without shells', source: COMMON },
  { id: 'shellfish-to-oyster-mushroom', name: 'Oyster mushrooms', replaces: KINDS.shellfish, parts: [one('oyster-mushrooms', 0.6, 1.3, 1), one('rapeseed-oil', 0, 0.15, 0.05)], work: 0.2, flavour: 0.5, steps: [{ text: 'Brown the oyster mushrooms in the oil.', when: 'before' }, SEASON], cautions: [], note: 'tender, savoury, no sea', source: COMMON },
  { id: 'shellfish-to-artichoke', name: 'Artichoke hearts', replaces: KINDS.shellfish, parts: [one('artichoke-cooked', 0.6, 1.2, 1)], work: 0, flavour: 0.5, steps: [SEASON], cautions: [], note: 'sweet and firm, no sea', source: COMMON },
  { id: 'shellfish-to-chickpeas', name: 'Chickpeas', replaces: KINDS.shellfish, parts: [one('chickpeas-canned-drained', 0.6, 1.3, 1)], work: 0, flavour: 0.55, steps: [SEASON], cautions: [CHICKPEAS], note: 'nutty bite, no sea', source: COMMON },
  // Stocks and cubes
  { id: 'stock-to-vegan-bouillon', name: 'Vegan bouillon in water', replaces: foodsOfKind('meatStock', 'fishStock'), parts: [{ foods: [['water', 0.99], ['vegan-bouillon', 0.01]], least: 0.8, most: 1.4, usual: 1 }], work: 0.02, flavour: 0.22, steps: [], cautions: ['Check the label for celery, gluten and soy.'], note: 'savoury, sweeter', source: '10 g a litre: common practice, no source' },
  { id: 'fish-stock-to-kelp', name: 'Kelp stock', replaces: KINDS.fishStock, parts: [one('kelp-stock', 0.8, 1.4, 1)], work: 0.2, flavour: 0.3, steps: [SEASON], cautions: ['Kelp brings iodine: much of it.'], note: 'sea without fish', source: COMMON },
  { id: 'meat-stock-to-plain-water', name: 'Water', replaces: foodsOfKind('meatStock', 'fishStock'), parts: [one('water', 0.8, 1.8, 1)], work: 0, flavour: 0.5, steps: [SEASON], cautions: [], note: 'plainer', source: COMMON },
  { id: 'cube-to-vegan-bouillon', name: 'Vegan bouillon powder', replaces: foodsOfKind('meatCube', 'fishCube', 'vegetableCube'), parts: [one('vegan-bouillon', 0.5, 1.2, 1)], work: 0, flavour: 0.2, steps: [], cautions: ['Check the label for celery, gluten and soy.'], note: 'savoury, sweeter', source: COMMON },
  { id: 'cube-to-low-salt', name: 'Low-salt stock powder', replaces: foodsOfKind('meatCube', 'vegetableCube'), parts: [one('stock-powder-low-salt', 0.6, 1.2, 1)], work: 0, flavour: 0.12, steps: [SEASON], cautions: ['Check the label for celery, gluten, milk and potassium chloride.'], note: 'unsalted', source: COMMON },
  // Alcohol: acid and water stay
  { id: 'wine-to-lemon', name: 'Water and lemon', replaces: KINDS.wine, parts: [{ foods: [['water', 0.9], ['lemon-juice', 0.1]], least: 0.6, most: 1.1, usual: 1 }], work: 0, flavour: 0.3, steps: [SEASON], cautions: [], note: 'its acid, not its depth', source: COMMON },
  { id: 'wine-to-apple-vinegar', name: 'Apple juice, water and vinegar', replaces: KINDS.wine, parts: [{ foods: [['apple-juice', 0.4], ['water', 0.52], ['cider-vinegar', 0.08]], least: 0.6, most: 1.1, usual: 1 }], work: 0, flavour: 0.3, steps: [], cautions: [], note: 'fruit and acid', source: COMMON },
  { id: 'beer-to-apple-juice', name: 'Apple juice, water and vinegar', replaces: KINDS.beer, parts: [{ foods: [['apple-juice', 0.3], ['water', 0.65], ['cider-vinegar', 0.05]], least: 0.6, most: 1.1, usual: 1 }], work: 0, flavour: 0.35, steps: [SEASON], cautions: [], note: 'fruit; the bitterness is gone', source: COMMON },
  { id: 'beer-to-mushroom', name: 'Water and dried mushrooms', replaces: KINDS.beer, parts: [{ foods: [['water', 0.985], ['mushrooms-dried', 0.015]], least: 0.6, most: 1.1, usual: 1 }], work: 0.2, flavour: 0.35, steps: [SOAK_MUSHROOMS, SEASON], cautions: [], note: 'savoury, brown', source: COMMON },
  { id: 'spirit-to-apple-juice', name: 'Apple juice', replaces: KINDS.spirit, parts: [one('apple-juice', 0.3, 1.1, 0.7)], work: 0, flavour: 0.4, steps: [], cautions: [], note: 'fruit without the warmth', source: COMMON },
  // Nuts, seeds and their butters
  { id: 'nut-butter-to-sunflower', name: 'Sunflower-seed butter', replaces: foodsOfKind('nutButter', 'seedButter'), parts: [one('sunflower-butter', 0.6, 1.2, 1)], work: 0, flavour: 0.22, steps: [], cautions: ['Tell the table: it has sunflower seeds in it.'], note: 'earthy', source: COMMON },
  { id: 'nut-butter-to-tahini', name: 'Tahini', replaces: KINDS.nutButter, parts: [one('tahini', 0.5, 1.1, 0.9)], work: 0, flavour: 0.3, steps: [], cautions: ['Tell the table: it has sesame in it.'], note: 'a little bitter', source: COMMON },
  { id: 'nut-butter-to-almond', name: 'Almond butter', replaces: foodsOfKind('nutButter', 'seedButter'), parts: [one('almond-butter', 0.6, 1.2, 1)], work: 0, flavour: 0.28, steps: [], cautions: ['Tell the table: it has almonds in it.'], note: 'sweet and nutty', source: COMMON },
  { id: 'nut-butter-to-cashew', name: 'Cashew butter', replaces: foodsOfKind('nutButter', 'seedButter'), parts: [one('cashew-butter', 0.6, 1.2, 1)], work: 0, flavour: 0.26, steps: [], cautions: ['Tell the table: it has cashews in it.'], note: 'sweet, mild', source: COMMON },
  { id: 'nut-butter-to-white-beans', name: 'White beans and oil', stage: 'blend', replaces: foodsOfKind('nutButter', 'seedButter'), parts: [one('white-beans-canned-drained', 0.6, 2.5, 1.3), one('rapeseed-oil', 0, 0.6, 0.35)], work: 0.2, flavour: 0.45, steps: [BLEND_BEANS, SEASON], cautions: [BEANS], note: 'creamy, not nutty', source: COMMON },
  { id: 'nuts-to-tahini', name: 'Tahini', replaces: KINDS.nuts, parts: [one('tahini', 0.5, 1.1, 0.8)], work: 0, flavour: 0.35, steps: [], cautions: ['Tell the table: it has sesame in it.'], note: 'a little bitter', source: COMMON },
  { id: 'seeds-to-pumpkin-seeds', name: 'Pumpkin seeds', replaces: KINDS.seeds, parts: [one('pumpkin-seeds', 0.6, 1.2, 1)], work: 0.05, flavour: 0.15, steps: [], cautions: ['Tell the table: it has pumpkin seeds in it.', 'Seeds are a risk with swallowing difficulty.'], note: 'green and earthy', source: COMMON },
  { id: 'seeds-to-sunflower', name: 'Sunflower seeds', replaces: KINDS.seeds, parts: [one('sunflower-seeds', 0.6, 1.2, 1)], work: 0.05, flavour: 0.15, steps: [], cautions: ['Tell the table: it has sunflower seeds in it.', 'Seeds are a risk with swallowing difficulty.'], note: 'earthy', source: COMMON },
  // Coconut
  { id: 'coconut-to-silken-tofu', name: 'Silken tofu and oil', stage: 'blend', replaces: KINDS.coconut, parts: [one('silken-tofu', 0.25, 1, 0.6), one('rapeseed-oil', 0, 0.25, 0.12), one('water', 0, 0.6)], work: 0.25, flavour: 0.4, steps: [BLEND_TOFU, SEASON], cautions: [SOY], note: 'smooth, no coconut', source: COMMON },
  { id: 'coconut-to-potato', name: 'Potato and oil', stage: 'simmer', replaces: KINDS.coconut, parts: [one('potato', 0.15, 0.8, 0.35), one('rapeseed-oil', 0, 0.25, 0.1), one('water', 0, 0.9)], work: 0.3, flavour: 0.4, steps: [SIMMER_POTATO, SEASON], cautions: ['Blend briefly: overworked potato turns gluey.'], note: 'plain; body from starch', source: COMMON },
  // Pulses, dry and firm soy
  { id: 'dry-pulse-to-potato', name: 'Potato', replaces: KINDS.dryPulse, parts: [one('potato', 1, 4, 2.5)], stage: 'simmer', work: 0.1, flavour: 0.45, steps: [SIMMER_POTATO], cautions: [], note: 'plainer, less protein', source: COMMON },
  { id: 'dry-pulse-to-pumpkin', name: 'Pumpkin', replaces: KINDS.dryPulse, parts: [one('pumpkin', 1.2, 4, 2.8)], stage: 'simmer', work: 0.1, flavour: 0.5, steps: [{ text: 'Simmer the pumpkin in the pot until soft, 15 to 20 minutes, before blending.', when: 'before' }], cautions: [], note: 'sweet, lighter', source: COMMON },
  { id: 'dry-pulse-to-rice', name: 'Rice simmered soft', replaces: KINDS.dryPulse, parts: [one('rice-white-raw', 0.4, 1, 0.7)], stage: 'simmer', work: 0.1, flavour: 0.5, steps: [{ text: 'Simmer the rice in the pot until quite soft, 20 minutes, before blending.', when: 'before' }], cautions: [], note: 'plain; little potassium', source: COMMON },
  { id: 'firm-soy-to-chickpeas', name: 'Chickpeas', replaces: KINDS.firmSoy, parts: [one('chickpeas-canned-drained', 0.6, 1.3, 1)], work: 0, flavour: 0.3, steps: [SEASON], cautions: [CHICKPEAS], note: 'nutty', source: COMMON },
  { id: 'firm-soy-to-mushrooms', name: 'Oyster mushrooms', replaces: KINDS.firmSoy, parts: [one('oyster-mushrooms', 0.6, 1.3, 1)], work: 0.1, flavour: 0.35, steps: [SEASON], cautions: [], note: 'tender, savoury', source: COMMON },
  boiledDry('white-beans-canned-drained', 'white-beans-cooked', 'White beans, boiled without salt'),
  boiledDry('kidney-beans-canned-drained', 'kidney-beans-cooked', 'Kidney beans, boiled without salt'),
  boiledDry('chickpeas-canned-drained', 'chickpeas-cooked', 'Chickpeas, boiled without salt'),
  ...['black-beans-canned', 'black-beans-canned-drained', 'black-beans-canned-rinsed'].map((id) => boiledDry(id, 'black-beans-cooked', 'Black beans, boiled without salt')),
  boiledDry('pinto-beans-canned-drained', 'pinto-beans-cooked', 'Pinto beans, boiled without salt'),
  boiledDry('borlotti-canned-drained', 'borlotti-cooked', 'Borlotti beans, boiled without salt'),
  boiledDry('lentils-canned-drained', 'lentils-cooked', 'Lentils, boiled without salt'),
  boiledDry('black-eyed-peas-canned-drained', 'black-eyed-peas-cooked', 'Black-eyed peas, boiled without salt'),
  boiledDry('adzuki-canned-drained', 'adzuki-cooked', 'Adzuki beans, boiled without salt'),
  boiledDry('broad-beans-canned-drained', 'broad-beans-cooked', 'Broad beans, boiled without salt'),
  // Savour
  { id: 'soy-sauce-to-tamari', name: 'Tamari', replaces: ['soy-sauce', 'soy-sauce-reduced-sodium', 'teriyaki-sauce', 'ponzu'], parts: [one('tamari', 0.7, 1.1, 1)], work: 0, flavour: 0.03, steps: [], cautions: ['Check the label: some tamari holds wheat.'], note: 'rounder, a little stronger', source: COMMON },
  { id: 'soy-sauce-to-reduced', name: 'Reduced-salt soy sauce', replaces: ['soy-sauce', 'tamari'], parts: [one('soy-sauce-reduced-sodium', 0.8, 1.1, 1)], work: 0, flavour: 0.06, steps: [], cautions: [], note: 'milder', source: COMMON },
  { id: 'soy-to-yeast-extract', name: 'Yeast extract', replaces: foodsOfKind('soySauce', 'soyPaste'), parts: [one('yeast-extract', 0.15, 0.6, 0.35), one('water', 0, 0.6)], work: 0, flavour: 0.35, steps: [SEASON], cautions: ['Check the label for gluten and celery.'], note: 'dark and savoury', source: COMMON },
  { id: 'fish-sauce-to-tamari', name: 'Tamari', replaces: KINDS.fishSauce, parts: [one('tamari', 0.5, 1.3, 1)], work: 0, flavour: 0.25, steps: [], cautions: [SOY, 'Check the label: some tamari holds wheat.'], note: 'savoury, no fish', source: COMMON },
  { id: 'fish-sauce-to-salt-lime', name: 'Salt and lime', replaces: KINDS.fishSauce, parts: [one('salt', 0, 0.22, 0.15), one('lime-juice', 0.1, 0.7, 0.3)], work: 0, flavour: 0.35, steps: [SEASON], cautions: [], note: 'salt and sharpness, no savour', source: COMMON },
  { id: 'curry-paste-to-own', name: 'Ginger, lemongrass, chilli and garlic, pounded', replaces: KINDS.curryPaste, parts: [{ foods: [['ginger', 0.35], ['lemongrass', 0.3], ['chilli-red', 0.15], ['garlic', 0.2]], least: 0.5, most: 1.3, usual: 1 }], work: 0.35, flavour: 0.25, steps: [{ text: 'Pound the ginger, lemongrass, chilli and garlic to a paste.', when: 'before' }, SEASON], cautions: [], note: 'fresher; no shrimp, no salt', source: COMMON },
  { id: 'curry-paste-to-powder', name: 'Curry powder', replaces: KINDS.curryPaste, parts: [one('curry-powder', 0.05, 0.3, 0.18)], work: 0.05, flavour: 0.4, steps: [SEASON], cautions: ['Check the label for mustard and celery.'], note: 'another curry', source: COMMON },
  { id: 'mustard-to-horseradish', name: 'Horseradish', replaces: ['mustard'], parts: [one('horseradish', 0.3, 1.1, 0.7)], work: 0, flavour: 0.3, steps: [], cautions: ['Check the label for mustard and sulphites.'], note: 'hot, no mustard', source: COMMON },
  { id: 'mustard-to-turmeric-vinegar', name: 'Turmeric and vinegar', replaces: ['mustard'], parts: [one('turmeric', 0.02, 0.08, 0.04), one('cider-vinegar', 0.2, 0.7, 0.4)], work: 0, flavour: 0.35, steps: [], cautions: [], note: 'its colour and sharpness', source: COMMON },
  { id: 'tomatoes-no-salt', name: 'Canned tomatoes without salt', replaces: ['tomatoes-canned'], parts: [one('tomatoes-canned-no-salt', 0.95, 1.05, 1)], work: 0, flavour: 0.03, steps: [SEASON], cautions: [], note: 'the same, unsalted', source: COMMON },
  // Onion family and celery
  { id: 'allium-to-asafoetida', name: 'Asafoetida', replaces: KINDS.allium, parts: [one('ifct-G019', 0.001, 0.01, 0.004)], work: 0, flavour: 0.35, steps: [SEASON], cautions: ['Often sold mixed with wheat flour: check the label.'], note: 'onion-like; the bulk is gone', source: '1 g for an onion of 250 g: common practice, no source' },
  { id: 'allium-to-celery', name: 'Celery', replaces: KINDS.allium, parts: [one('celery', 0.5, 1.2, 1)], work: 0, flavour: 0.38, steps: [SEASON], cautions: ['Tell the table: it has celery in it.'], note: 'celery', source: COMMON },
  // Less of a heavy vegetable without another soup
  ...KINDS.starchyVegetable.filter((id) => id !== 'cauliflower').flatMap((id) => [part(id, 'cauliflower', 'cauliflower', 'lighter'), part(id, 'celeriac', 'celeriac', 'lighter; celery taste', ['Tell the table: it has celery in it.'])]),
  part('tomatoes-canned', 'red-pepper', 'red pepper', 'sweeter; less potassium'),
  part('tomato', 'red-pepper', 'red pepper', 'sweeter; less potassium'),
  ...KINDS.pulse.map(partRice),
  part('mushrooms', 'cauliflower', 'cauliflower', 'milder; paler'),
  part('spinach', 'lettuce-cos', 'lettuce', 'milder; less potassium'),
  ...KINDS.potassiumRoot.map((id) => leached(id, ROOT_NAMES[id] ?? id)),
  ...(['spinach', 'kale', 'chard', 'spinach-frozen'] as const).map((id): Swap => ({ id: `${id}-blanched`, name: 'Blanched, the water thrown away', replaces: [id], parts: [{ ...one(id, 0.97, 1, 1), eaten: { how: 'drained', share: 0.6 } }], work: 0.2, flavour: 0.08, steps: [{ text: 'Take the leaves through plenty of boiling water, drain and press them.', when: 'before' }], cautions: ['Takes out part of the potassium only.'], note: 'milder, greener', source: 'as for potato (estimate)' })),
];
