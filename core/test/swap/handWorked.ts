/**
 * Adaptations worked by hand, as a cook would do them at the bench with a scale and a spoon. Each names the soup, the
 * line that must go, what takes its place and how much of it. All amounts are common practice, no source; `worked`
 * says how the hand came to them. Water that only fills the pot up again is left out: nobody weighs it.
 */
import type { Needs } from '../../swap/needs.ts';

export interface HandWorked {
  title: string;
  servings: number;
  lines: readonly (readonly [foodId: string, grams: number])[];
  needs: Needs;
  /** The food that is replaced. */
  replaced: string;
  swapId: string;
  /** Grams of each food that goes in. */
  expected: readonly (readonly [foodId: string, grams: number])[];
  worked: string;
}

export const HAND_WORKED: readonly HandWorked[] = [
  { title: 'leek cream', servings: 6, lines: [['butter-unsalted', 30], ['leek', 450], ['potato', 300], ['vegetable-broth', 950], ['cream-heavy', 238]], needs: { allergens: ['milk'] }, replaced: 'cream-heavy', swapId: 'cream-to-cashew',
    expected: [['cashews-raw', 90], ['water', 155]], worked: 'a cup of cream is a cup of cashew cream; a quarter cup is 34 g nuts and 59 g water' },
  { title: 'celeriac and apple cream', servings: 10, lines: [['butter-unsalted', 60], ['onion', 220], ['celeriac', 1200], ['apple', 300], ['vegetable-broth', 1800], ['cream-double', 500]], needs: { allergens: ['milk'] }, replaced: 'cream-double', swapId: 'cream-to-oat-cream',
    expected: [['oat-cream', 500]], worked: 'measure for measure' },
  { title: 'courgette cream', servings: 4, lines: [['olive-oil', 14], ['onion', 110], ['courgette', 700], ['vegetable-broth', 500], ['cream-heavy', 240]], needs: { diets: ['vegan'] }, replaced: 'cream-heavy', swapId: 'cream-to-coconut-milk',
    expected: [['coconut-milk', 240]], worked: 'a cup for a cup' },
  { title: 'asparagus cream', servings: 6, lines: [['butter-unsalted', 40], ['flour-wheat', 40], ['asparagus', 700], ['chicken-broth', 900], ['cream-light', 400]], needs: { allergens: ['milk'] }, replaced: 'cream-light', swapId: 'cream-to-soy-cream',
    expected: [['soy-cream', 400]], worked: 'measure for measure' },
  { title: 'parsnip cream', servings: 10, lines: [['butter-unsalted', 50], ['onion', 220], ['parsnip', 1100], ['vegetable-broth', 1700], ['cream-double', 500]], needs: { allergens: ['milk'] }, replaced: 'cream-double', swapId: 'cream-to-white-beans',
    expected: [['white-beans-canned-drained', 180], ['olive-oil', 25]], worked: 'two thirds of a can of drained beans and two spoons of oil for half a litre, filled up with liquid' },
  { title: 'spinach cream', servings: 4, lines: [['butter-unsalted', 20], ['onion', 110], ['spinach', 400], ['potato', 200], ['vegetable-broth', 700], ['cream-heavy', 240]], needs: { limits: [{ nutrient: 'saturatedFatG', per: 'serving', max: 8 }] }, replaced: 'cream-heavy', swapId: 'cream-to-milk-starch',
    expected: [['milk-whole', 240], ['cornstarch', 8]], worked: 'a cup of milk with a spoon of cornstarch for a cup of cream' },
  { title: 'fennel cream', servings: 5, lines: [['olive-oil', 20], ['fennel', 600], ['potato', 250], ['vegetable-broth', 800], ['cream-heavy', 300]], needs: { limits: [{ nutrient: 'saturatedFatG', per: 'serving', max: 10 }] }, replaced: 'cream-heavy', swapId: 'cream-to-half',
    expected: [['half-and-half', 300]], worked: 'measure for measure' },
  { title: 'veloute', servings: 4, lines: [['butter-unsalted', 40], ['flour-wheat', 40], ['chicken-broth', 950]], needs: { allergens: ['gluten'], body: 'same' }, replaced: 'flour-wheat', swapId: 'flour-to-cornstarch',
    expected: [['cornstarch', 20]], worked: 'half the weight of the flour' },
  { title: 'cream of chicken', servings: 6, lines: [['butter-unsalted', 50], ['flour-wheat', 50], ['chicken-broth', 1200], ['chicken-breast-raw', 300], ['milk-whole', 240]], needs: { allergens: ['gluten'] }, replaced: 'flour-wheat', swapId: 'flour-to-arrowroot',
    expected: [['arrowroot', 18]], worked: 'a third to four tenths of the flour' },
  { title: 'leek veloute', servings: 6, lines: [['butter-unsalted', 60], ['flour-wheat', 60], ['leek', 500], ['chicken-broth', 1300]], needs: { allergens: ['gluten'] }, replaced: 'flour-wheat', swapId: 'flour-to-rice-flour',
    expected: [['rice-flour', 60]], worked: 'weight for weight' },
  { title: 'pea cream', servings: 5, lines: [['butter-unsalted', 30], ['flour-wheat', 30], ['peas-frozen', 500], ['vegetable-broth', 1000]], needs: { allergens: ['gluten'] }, replaced: 'flour-wheat', swapId: 'flour-to-potato',
    expected: [['potato', 150]], worked: 'a medium potato where four spoons of flour were' },
  { title: 'onion cream', servings: 4, lines: [['butter-unsalted', 60], ['onion', 500], ['potato', 200], ['vegetable-broth', 800]], needs: { allergens: ['milk'] }, replaced: 'butter-unsalted', swapId: 'butter-to-olive-oil',
    expected: [['olive-oil', 48]], worked: 'butter is four fifths fat' },
  { title: 'cauliflower cream', servings: 5, lines: [['olive-oil', 20], ['onion', 110], ['cauliflower', 600], ['vegetable-broth', 400], ['milk-whole', 515]], needs: { allergens: ['milk'] }, replaced: 'milk-whole', swapId: 'milk-to-oat-drink',
    expected: [['oat-drink', 515]], worked: 'measure for measure' },
  { title: 'celeriac cream', servings: 5, lines: [['butter-unsalted', 30], ['celeriac', 700], ['onion', 110], ['chicken-broth', 1000], ['cream-light', 100]], needs: { diets: ['vegetarian'], limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 300 }] }, replaced: 'chicken-broth', swapId: 'chicken-stock-to-vegetable-low',
    expected: [['vegetable-broth-low-sodium', 1000]], worked: 'measure for measure' },
  { title: 'parsnip and bacon', servings: 6, lines: [['bacon-raw', 112], ['onion', 160], ['parsnip', 800], ['vegetable-broth', 1100], ['cream-light', 150]], needs: { diets: ['noPork'] }, replaced: 'bacon-raw', swapId: 'bacon-to-paprika-oil',
    expected: [['olive-oil', 14], ['smoked-paprika', 2.3]], worked: 'four slices of bacon: a spoon of oil and a teaspoon of smoked paprika' },
  { title: 'broccoli and cheddar', servings: 6, lines: [['butter-unsalted', 30], ['onion', 110], ['broccoli', 500], ['potato', 250], ['vegetable-broth', 950], ['cheddar', 113]], needs: { allergens: ['milk'] }, replaced: 'cheddar', swapId: 'cheese-to-cashew',
    expected: [['cashews-raw', 68], ['lemon-juice', 8]], worked: 'half a cup of nuts for a cup of shredded cheese, half a spoon of lemon' },
  { title: 'beetroot cream', servings: 5, lines: [['olive-oil', 20], ['beetroot', 600], ['onion', 160], ['vegetable-broth', 900], ['sour-cream', 230]], needs: { allergens: ['milk'] }, replaced: 'sour-cream', swapId: 'yogurt-to-silken-tofu',
    expected: [['silken-tofu', 215], ['lemon-juice', 15]], worked: 'a cup of tofu and lemon together for a cup, a spoon of it lemon' },
  { title: 'spinach with yolk', servings: 5, lines: [['butter-unsalted', 30], ['spinach', 500], ['potato', 200], ['chicken-broth', 1000], ['egg-yolk', 34]], needs: { allergens: ['egg'] }, replaced: 'egg-yolk', swapId: 'yolk-to-cornstarch',
    expected: [['cornstarch', 8]], worked: 'two yolks bind like a spoon of cornstarch' },
  { title: 'roast red pepper', servings: 6, lines: [['olive-oil', 40], ['red-pepper', 900], ['onion', 160], ['bread-white', 80], ['almonds', 50], ['vegetable-broth', 900]], needs: { allergens: ['gluten'] }, replaced: 'bread-white', swapId: 'bread-to-rice',
    expected: [['rice-white-raw', 40]], worked: 'half the weight of the bread, in dry rice' },
  { title: 'leek and potato', servings: 6, lines: [['butter-unsalted', 40], ['leek', 500], ['potato', 460], ['chicken-broth', 1000], ['cream-light', 100]], needs: { limits: [{ nutrient: 'potassiumMg', per: 'serving', max: 700 }] }, replaced: 'potato', swapId: 'potato-to-cauliflower',
    expected: [['cauliflower', 460]], worked: 'weight for weight' },
];
