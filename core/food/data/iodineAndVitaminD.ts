/**
 * Iodine and vitamin D, µg per 100 g edible: best, low, high. What an animal ate, what a country puts into milk and salt, and the season
 * decide these by a factor of ten; so the ranges are wide and stand as ranges. From memory of national tables (UK McCance and Widdowson,
 * USDA Standard Reference and the USDA/FDA/ODS iodine list, Nordic tables); a class where no sample is remembered.
 */
import type { Category } from '../../vocabulary/category.ts';

export type Wide = readonly [best: number, low: number, high: number];
type Table = Readonly<Record<string, Wide>>;

const each = (ids: string, wide: Wide): Table => Object.fromEntries(ids.split(' ').map((id) => [id, wide]));

/** Foods of land plants carry what their soil had: little everywhere. Salt is not here: whether it is iodised is a fact of the pack. */
export const IODINE_OF_KIND: Readonly<Partial<Record<Category, Wide>>> = {
  vegetable: [2, 0.3, 6],
  root: [2, 0.3, 7],
  leaf: [3, 0.5, 10],
  allium: [2, 0.3, 6],
  mushroom: [3, 0.5, 18],
  fruit: [1, 0.2, 4],
  pulse: [2, 0.3, 8],
  grain: [2, 0.3, 8],
  starch: [1.5, 0.2, 8],
  'nut-seed': [3, 0.5, 12],
  herb: [5, 0.5, 40],
  spice: [10, 1, 60],
  meat: [4, 0.5, 15],
  poultry: [5, 0.5, 15],
};

export const IODINE: Table = {
  ...each('olive-oil sunflower-oil rapeseed-oil vegetable-oil coconut-oil sesame-oil-refined walnut-oil hazelnut-oil avocado-oil peanut-oil-refined grapeseed-oil flaxseed-oil', [0, 0, 0.5]),
  ...each('sugar brown-sugar honey maple-syrup molasses agave-syrup', [0.5, 0, 4]),
  ...each('cider-vinegar wine-vinegar white-vinegar balsamic-vinegar rice-vinegar', [0.5, 0, 4]),
  ...each('lemon-juice lime-juice', [1, 0.1, 4]),
  water: [0.3, 0, 2],
  ...each('milk-whole milk-reduced-fat milk-low-fat milk-skim milk-lactose-free buttermilk kefir', [28, 12, 50]),
  'milk-goat': [20, 5, 55], 'milk-evaporated': [60, 25, 100], 'milk-condensed': [60, 25, 90], 'skim-milk-powder': [270, 110, 480], 'whole-milk-powder': [200, 80, 360],
  ...each('cream-light half-and-half', [22, 8, 40]),
  ...each('cream-heavy cream-double cream-whipping-light sour-cream creme-fraiche mascarpone', [16, 5, 35]),
  ...each('yogurt-whole yogurt-low-fat yogurt-greek-nonfat yogurt-greek-whole skyr quark', [38, 15, 70]),
  ...each('butter-salted butter-unsalted', [12, 1, 38]), ghee: [1, 0, 10],
  ...each('cheddar gruyere emmental gouda monterey-jack provolone brie blue-cheese mozzarella-whole mozzarella-part-skim feta goat-cheese-soft', [32, 10, 60]),
  ...each('parmesan grana-padano pecorino', [38, 10, 75]), ...each('cream-cheese cottage-cheese ricotta queso-fresco', [18, 5, 40]), 'processed-cheese': [27, 8, 60],
  egg: [50, 25, 75], 'egg-boiled': [50, 25, 75], 'egg-yolk': [130, 70, 190], 'egg-white': [5, 1, 12],
  ...each('cod-raw haddock-raw smoked-haddock', [190, 80, 350]), ...each('pollock-raw hake-raw', [60, 25, 140]),
  ...each('halibut-raw monkfish-raw sea-bass-raw', [40, 12, 90]), ...each('salmon-raw salmon-smoked trout-raw', [14, 4, 40]), ...each('mackerel-raw mackerel-smoked sardines-canned', [50, 15, 150]),
  'tuna-canned': [12, 5, 25], 'anchovies-canned': [40, 10, 100], surimi: [15, 3, 60],
  ...each('prawns-raw prawns-cooked crayfish-raw', [30, 8, 100]), ...each('crab-cooked lobster-cooked', [100, 30, 270]), ...each('mussels-raw clams-raw', [120, 40, 220]), 'scallops-raw': [30, 8, 130],
  'salt-iodised': [3000, 1200, 5000],
};

/** Vitamin D of what an animal gives; milk and spreads by whether the country fortifies them. */
export const VITAMIN_D: Table = {
  ...each('milk-whole milk-reduced-fat milk-low-fat milk-skim milk-lactose-free', [1, 0, 1.4]), 'milk-goat': [0.6, 0, 1.4], 'milk-evaporated': [1.6, 0, 2.8], 'milk-condensed': [0.2, 0, 1], buttermilk: [0.1, 0, 1.3], kefir: [0.5, 0, 1.4],
  'skim-milk-powder': [3, 0, 11], 'whole-milk-powder': [4, 0, 11],
  ...each('cream-light half-and-half sour-cream creme-fraiche', [0.3, 0.05, 1.2]), ...each('cream-double cream-whipping-light mascarpone', [0.4, 0.1, 1.7]),
  ...each('yogurt-whole yogurt-low-fat yogurt-greek-nonfat yogurt-greek-whole skyr quark', [0.1, 0, 1.4]), ...each('butter-salted butter-unsalted', [0.9, 0, 1.6]), ghee: [1, 0, 2],
  ...each('cheddar gruyere gouda monterey-jack provolone parmesan grana-padano pecorino processed-cheese', [0.5, 0.1, 1]), emmental: [0.5, 0, 1.1], ...each('brie blue-cheese feta mozzarella-whole mozzarella-part-skim goat-cheese-soft queso-fresco', [0.4, 0, 0.8]),
  ...each('cream-cheese cottage-cheese ricotta', [0.1, 0, 0.6]), 'egg-boiled': [2.2, 1.2, 3.4], 'egg-white': [0, 0, 0],
  ...each('cod-raw haddock-raw smoked-haddock pollock-raw hake-raw monkfish-raw', [0.8, 0, 2.5]), ...each('halibut-raw sea-bass-raw', [5, 0.5, 9]), ...each('salmon-raw salmon-smoked', [11, 4, 18]), 'trout-raw': [10, 4, 16],
  ...each('mackerel-raw mackerel-smoked', [12, 5, 19]), 'sardines-canned': [4.8, 3, 8], 'tuna-canned': [2, 0.7, 5], 'anchovies-canned': [1.7, 0, 5], surimi: [0.2, 0, 1],
  ...each('prawns-raw prawns-cooked crab-cooked lobster-cooked crayfish-raw mussels-raw clams-raw scallops-raw', [0.1, 0, 0.5]),
  ...each('chicken-breast-raw chicken-breast-cooked chicken-thigh-raw chicken-stewed chicken-whole-raw turkey-breast-raw turkey-breast-cooked', [0.1, 0, 0.5]), 'chicken-liver-raw': [0.2, 0, 1],
  'beef-mince': [0.3, 0, 0.9], 'lamb-mince-raw': [0.4, 0, 0.9], ...each('bacon-raw bacon-cubes-raw bacon-back-raw ham ham-lean ham-hock ham-dry-cured pork-belly-raw chorizo pork-sausage-cooked', [0.7, 0.2, 1.4]), 'bacon-cooked': [1, 0.4, 1.8],
  ...each('mushrooms portobello cremini oyster-mushrooms mushrooms-cooked mushrooms-canned', [0.2, 0, 1]),
};
