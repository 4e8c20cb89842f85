/**
 * Vitamins of the kitchen's rows that stand in no row of theirs, µg per 100 g edible. Recalled from the USDA Standard Reference
 * (memory); vitamin K of leaves, oils and dried herbs varies by half and more, which its class error allows for.
 */
import type { StoredNutrient } from '../../vocabulary/nutrient.ts';

type Table = Readonly<Record<string, number>>;

const VITAMIN_K: Table = {
  // what holds none
  water: 0, salt: 0, 'salt-coarse': 0, 'salt-light': 0, sugar: 0, 'brown-sugar': 0, honey: 0, 'maple-syrup': 0, molasses: 0, 'cider-vinegar': 0, 'wine-vinegar': 0, 'white-vinegar': 0, 'rice-vinegar': 0, brandy: 0, 'white-wine': 0.4, 'red-wine': 0.4, beer: 0, cider: 0,
  'chicken-broth': 0, 'chicken-broth-low-sodium': 0.1, 'chicken-stock-homemade': 0.2, 'beef-broth': 0, 'vegetable-broth': 0.5, 'vegetable-broth-low-sodium': 0.5, 'vegetable-stock-homemade': 1, 'fish-stock': 0, 'bone-broth': 0.1,
  // fats
  'vegetable-oil': 183.9, 'peanut-oil-refined': 0.7, 'sesame-oil-refined': 13.6, 'walnut-oil': 15, 'coconut-oil': 0.6, 'flaxseed-oil': 9.3, lard: 0, ghee: 8.6, 'butter-salted': 7, 'butter-unsalted': 7, 'plant-spread': 93, mayonnaise: 163,
  // dairy and egg
  'cream-heavy': 3.2, 'cream-double': 3, 'cream-whipping-light': 2.7, 'cream-light': 1.7, 'half-and-half': 1.3, 'sour-cream': 1.5, 'creme-fraiche': 2.5, 'milk-whole': 0.3, 'milk-reduced-fat': 0.2, 'milk-low-fat': 0.1, 'milk-skim': 0, 'milk-evaporated': 0.5,
  'milk-condensed': 0.6, buttermilk: 0.1, 'yogurt-whole': 0.2, 'yogurt-low-fat': 0.2, 'yogurt-greek-nonfat': 0, 'skim-milk-powder': 0.1, 'whole-milk-powder': 2.2, cheddar: 2.4, parmesan: 1.7, 'grana-padano': 1.7, gruyere: 2.7, emmental: 2.5, gouda: 2.3, brie: 2.3,
  'blue-cheese': 2.4, feta: 1.8, 'mozzarella-whole': 2.3, 'mozzarella-part-skim': 1.6, 'cream-cheese': 2.9, 'cottage-cheese': 0, ricotta: 1.1, 'monterey-jack': 2.5, 'goat-cheese-soft': 1.8, provolone: 2.2, egg: 0.3, 'egg-yolk': 0.7, 'egg-white': 0, 'egg-boiled': 0.3,
  // pulses
  'chickpeas-cooked': 4, 'chickpeas-dry': 9, 'chickpea-flour': 9, 'lentils-cooked': 1.7, 'lentils-dry': 5, 'lentils-red-dry': 5, 'split-peas-cooked': 5, 'split-peas-dry': 14.5, 'black-beans-cooked': 3.3, 'kidney-beans-cooked': 8.4, 'navy-beans-cooked': 0.6,
  'white-beans-cooked': 3.5, 'pinto-beans-cooked': 3.5, edamame: 26.7, 'soybeans-cooked': 19.2, 'tofu-firm': 2.4, 'silken-tofu': 2, 'mung-beans-cooked': 2.7, 'lima-beans-cooked': 2, 'black-eyed-peas-cooked': 1.7, 'broad-beans-cooked': 2.9, hummus: 17.2, 'soya-flour': 70,
  // nuts and seeds
  almonds: 0, 'almonds-blanched': 0, 'almond-butter': 0, 'cashews-raw': 34.1, 'cashews-roasted': 34.7, walnuts: 2.7, hazelnuts: 14.2, 'pistachio-nuts': 13.2, pecans: 3.5, 'brazil-nuts': 0, 'pine-nuts': 53.9, peanuts: 0, 'peanut-butter': 0.6, 'sunflower-seeds': 0,
  'pumpkin-seeds': 7.3, 'sesame-seeds': 0, tahini: 0, flaxseed: 4.3, 'poppy-seeds': 0, 'chestnuts-roasted': 7.8, 'coconut-milk': 0.1,
  // flours, grains, bread
  'flour-wheat': 0.3, 'flour-wheat-unenriched': 0.3, 'flour-wholemeal': 1.9, cornstarch: 0, cornmeal: 0.3, 'rice-white-raw': 0.1, 'rice-brown-raw': 1.9, 'rice-flour': 0, 'oats-rolled': 2, 'oatmeal-milled': 2, 'pasta-dry': 0.1, 'quinoa-dry': 0, 'barley-pearled': 2.2,
  'tapioca-starch': 0, 'potato-starch': 0, 'bread-white': 0.2, 'bread-wholemeal': 7.8, breadcrumbs: 6.6, bulgur: 1.9, 'millet-dry': 0.9,
  // vegetables
  fennel: 62.8, 'red-cabbage': 38.2, okra: 31.3, mangetout: 25, capers: 24.6, avocado: 21, 'peas-canned': 21.4, 'pumpkin-canned': 16, 'artichoke-cooked': 14.8, sauerkraut: 13, 'tomato-paste': 11.4, tomato: 7.9, 'tomato-plum': 7.9, 'tomatoes-canned': 2.9,
  'tomatoes-canned-no-salt': 2.9, 'tomato-puree': 3.4, 'tomato-juice': 2.3, courgette: 4.3, 'red-pepper': 4.9, 'green-pepper': 7.4, poblano: 7.4, potato: 1.9, 'potato-boiled': 2.1, 'sweet-potato': 1.8, carrot: 13.2, 'carrots-cooked': 13.7, onion: 0.4, 'onion-cooked': 0.5, leek: 47,
  garlic: 1.7, shallot: 0.8, celery: 29.3, celeriac: 41, parsnip: 22.5, turnip: 0.1, swede: 0.3, beetroot: 0.2, 'beetroot-cooked': 0.2, 'butternut-squash': 1.1, pumpkin: 1.1, 'winter-squash': 1.1, cauliflower: 15.5, 'cucumber-raw': 16.4, aubergine: 3.5, sweetcorn: 0.3,
  mushrooms: 0, cremini: 0, radish: 1.3, jalapeno: 18.5, 'chilli-red': 14, 'chilli-green': 14.3, sunchoke: 0.1, kohlrabi: 0.1, 'bean-sprouts': 33, 'green-beans': 43, 'savoy-cabbage': 68.8, cabbage: 76, 'brussels-sprouts': 177, 'lettuce-cos': 102.5, ginger: 0.1,
  galangal: 0.1, 'sun-dried-tomatoes': 43, 'olives-green': 1.4, 'olives-black': 1.4, plantain: 0.7, chayote: 4.1, tomatillo: 10.1,
  // fruit
  apple: 2.2, pear: 4.4, 'banana-raw': 0.5, orange: 0, 'orange-juice': 0.1, 'lemon-juice': 0, 'lime-juice': 0.6, 'mango-raw': 4.2, prunes: 59.5, 'apricots-dried': 3.1, 'dates-dried': 2.7, cranberries: 5, grapes: 14.6, melon: 2.5, watermelon: 0.1, 'apple-juice': 0,
  // herbs and spices
  'thyme-dried': 1714, 'sage-dried': 1714, 'basil-dried': 1714, 'oregano-dried': 622, 'marjoram-dried': 622, 'sage-fresh': 633, 'oregano-fresh': 207, 'marjoram-fresh': 168, chives: 213, 'cloves-ground': 142, 'black-pepper': 164, 'chili-powder-blend': 106, 'curry-powder': 100,
  paprika: 80, 'smoked-paprika': 80, cayenne: 80, cumin: 5.4, turmeric: 13.4, cinnamon: 31.2, 'ginger-ground': 0.8, nutmeg: 0, 'mustard-seed': 5.4, 'onion-powder': 4.1, 'garlic-powder': 0.4,
  // meat, fish, sauces
  'bacon-raw': 0, 'bacon-cubes-raw': 0, 'bacon-cooked': 0.1, ham: 0, 'beef-mince': 1.2, 'cod-raw': 0.1, 'haddock-raw': 0.1, 'salmon-raw': 0.5, 'prawns-raw': 0.3, 'soy-sauce': 0, 'worcestershire-sauce': 1, mustard: 1.4, ketchup: 3, horseradish: 1.3, miso: 29.3,
};

const VITAMIN_B12: Table = {
  'milk-whole': 0.45, 'milk-reduced-fat': 0.53, 'milk-low-fat': 0.47, 'milk-skim': 0.5, 'milk-evaporated': 0.16, 'milk-condensed': 0.44, 'milk-goat': 0.07, 'milk-lactose-free': 0.45, buttermilk: 0.22, 'yogurt-whole': 0.37, 'yogurt-low-fat': 0.56, 'yogurt-greek-nonfat': 0.75,
  'yogurt-greek-whole': 0.75, kefir: 0.29, 'cream-heavy': 0.16, 'cream-light': 0.19, 'half-and-half': 0.19, 'cream-whipping-light': 0.2, 'cream-double': 0.16, 'sour-cream': 0.21, 'creme-fraiche': 0.2, 'butter-salted': 0.17, 'butter-unsalted': 0.17, ghee: 0.01,
  cheddar: 0.83, parmesan: 1.2, 'grana-padano': 1.2, gruyere: 1.6, emmental: 3.06, gouda: 1.54, brie: 1.65, 'blue-cheese': 1.22, feta: 1.69, 'mozzarella-whole': 2.28, 'mozzarella-part-skim': 0.82, 'cream-cheese': 0.22, 'cottage-cheese': 0.43, ricotta: 0.34,
  'monterey-jack': 0.83, 'goat-cheese-soft': 0.19, pecorino: 1.12, provolone: 1.46, 'queso-fresco': 1.68, 'skim-milk-powder': 4.03, 'whole-milk-powder': 3.25, egg: 0.89, 'egg-boiled': 1.11, 'egg-yolk': 1.95, 'egg-white': 0.09,
  'chicken-breast-raw': 0.38, 'chicken-breast-cooked': 0.34, 'chicken-thigh-raw': 0.36, 'chicken-stewed': 0.22, 'chicken-whole-raw': 0.31, 'chicken-liver-raw': 16.6, 'turkey-breast-raw': 0.6, 'beef-mince': 2.1, 'lamb-mince-raw': 2.31, 'bacon-raw': 0.5, 'bacon-cubes-raw': 0.6, 'bacon-cooked': 1.2,
  ham: 0.7, 'ham-lean': 0.65, 'pork-belly-raw': 0.84, 'salmon-raw': 3.18, 'salmon-smoked': 3.26, 'cod-raw': 0.91, 'haddock-raw': 1.83, 'smoked-haddock': 1.6, 'mackerel-raw': 8.71, 'sardines-canned': 8.94, 'anchovies-canned': 0.88, 'tuna-canned': 2.55, 'trout-raw': 7.79,
  'halibut-raw': 1.1, 'pollock-raw': 3.19, 'monkfish-raw': 0.9, 'sea-bass-raw': 0.3, 'hake-raw': 2.3, 'prawns-raw': 1.16, 'prawns-cooked': 1.49, 'crab-cooked': 3.33, 'lobster-cooked': 1.43, 'mussels-raw': 12, 'clams-raw': 11.28, 'scallops-raw': 1.41, 'crayfish-raw': 2,
};

/**
 * Lactose, g per 100 g: best, low, high. Sweet milk and cream hold it as all their sugar; souring takes a part, ripening nearly all of
 * it, lactase all (common practice of dairies, from memory). Shown as an amount a bowl; nothing is claimed by it.
 */
const RIPE = [0.1, 0, 0.5] as const;
export const LACTOSE: Readonly<Record<string, readonly [best: number, low: number, high: number]>> = {
  'milk-whole': [4.8, 4.5, 5.1], 'milk-reduced-fat': [4.9, 4.6, 5.2], 'milk-low-fat': [4.9, 4.6, 5.2], 'milk-skim': [5, 4.7, 5.3], 'milk-goat': [4.4, 4.1, 4.7], 'milk-evaporated': [10, 9.3, 10.7], 'milk-condensed': [11, 10, 13], 'milk-lactose-free': [0.05, 0, 0.1],
  'skim-milk-powder': [51, 48, 53], 'whole-milk-powder': [38, 36, 40], 'cream-heavy': [2.9, 2.5, 3.3], 'cream-double': [2.6, 1.6, 2.9], 'cream-whipping-light': [2.9, 2.5, 3.3], 'cream-light': [3.6, 2.8, 4], 'half-and-half': [4.1, 3.6, 4.5],
  'sour-cream': [2.8, 2, 3.6], 'creme-fraiche': [2, 1.5, 2.6], mascarpone: [3.3, 2.5, 4], buttermilk: [4, 3, 4.8], kefir: [3.5, 2.5, 4.5], 'yogurt-whole': [3.5, 2.6, 4.6], 'yogurt-low-fat': [5, 3.6, 6.5], 'yogurt-greek-nonfat': [2.7, 1.9, 3.4],
  'yogurt-greek-whole': [3, 2, 3.9], skyr: [3.2, 2.2, 4], quark: [3.2, 2.4, 4], 'cottage-cheese': [2.3, 1.5, 3], ricotta: [2, 0.3, 4], 'cream-cheese': [2.8, 2, 3.5], 'butter-salted': [0.6, 0.1, 0.8], 'butter-unsalted': [0.6, 0.1, 0.8], ghee: [0.02, 0, 0.1],
  cheddar: RIPE, parmesan: RIPE, 'grana-padano': RIPE, gruyere: RIPE, emmental: RIPE, gouda: RIPE, pecorino: RIPE, provolone: RIPE, 'monterey-jack': RIPE, brie: RIPE, 'blue-cheese': [0.4, 0, 1], feta: [0.5, 0.1, 1.5], 'goat-cheese-soft': [0.9, 0.1, 2],
  'mozzarella-whole': [0.7, 0.1, 2], 'mozzarella-part-skim': [0.8, 0.1, 2.2], 'processed-cheese': [5, 1, 8], 'queso-fresco': [2, 0.5, 3],
};

/**
 * Inulin and its kin, g per 100 g: best, low, high. Fibre by the definitions of the EU, the UK, Canada and Australia/New Zealand, which the
 * older method of the recalled table does not see; it comes on top of the table's fibre there and out of its carbohydrate (from memory).
 */
export const INULIN: Readonly<Record<string, readonly [best: number, low: number, high: number]>> = {
  sunchoke: [12, 8, 14.5],
  'artichoke-cooked': [3, 1, 6],
  onion: [1.5, 0.7, 4],
  'onion-cooked': [1.3, 0.6, 3.5],
  leek: [2, 0.8, 5],
  garlic: [11, 7, 16],
};

export const MICRONUTRIENTS: Readonly<Partial<Record<StoredNutrient, Table>>> = { vitaminKUg: VITAMIN_K, vitaminB12Ug: VITAMIN_B12 };
