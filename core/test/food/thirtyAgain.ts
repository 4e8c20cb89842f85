/**
 * Thirty rows drawn at random from all recalled rows and read again against nothing but knowledge. Nineteen of them are among
 * secondPassLater.ts, written the same day before any comparison; the eleven here had been recalled twice before and are
 * recalled a third time. Order and units as in secondPass.ts. All from memory.
 */
import type { Figure } from '../../food/data/row.ts';
import { SECOND_PASS_LATER } from './secondPassLater.ts';

const THIRD: Readonly<Record<string, readonly Figure[]>> = {
  beetroot: [43, 87.58, 1.61, 0.17, 0.027, 9.56, 2.8, 6.76, 78, 325, 16, 40, 0],
  'vegetable-broth': [5, 98, 0.24, 0.07, 0.014, 0.93, 0, 0.57, 296, 19, 3, 4, 0],
  ginger: [80, 78.89, 1.82, 0.75, 0.203, 17.77, 2, 1.7, 13, 415, 16, 34, 0],
  cabbage: [25, 92.18, 1.28, 0.1, 0.034, 5.8, 2.5, 3.2, 18, 170, 40, 26, 0],
  'black-pepper': [251, 12.46, 10.39, 3.26, 1.392, 63.95, 25.3, 0.64, 20, 1329, 443, 158, 0],
  'oats-rolled': [379, 10.84, 13.15, 6.52, 1.11, 67.7, 10.1, 0.99, 6, 362, 52, 410, 0],
  'chicken-stock-homemade': [36, 92.3, 2.52, 1.2, 0.32, 3.53, 0, 1.58, 143, 105, 3, 27, 3],
  spinach: [23, 91.4, 2.86, 0.39, 0.063, 3.63, 2.2, 0.42, 79, 558, 99, 49, 0],
  kale: [35, 89.63, 2.92, 1.49, 0.178, 4.42, 4.1, 0.99, 53, 348, 254, 55, 0],
  'butternut-squash': [45, 86.41, 1, 0.1, 0.021, 11.69, 2, 2.2, 4, 352, 48, 33, 0],
  'yogurt-greek-nonfat': [59, 85.1, 10.19, 0.39, 0.117, 3.6, 0, 3.24, 36, 141, 110, 135, 5],
};

const DRAWN = [
  'pork-sausage-cooked', 'black-beans-canned', 'ginger-ground', 'edamame', 'kohlrabi', 'broad-beans-cooked', 'beer',
  'soy-sauce-reduced-sodium', 'agave-syrup', 'chicken-whole-raw', 'saffron', 'mackerel-smoked', 'beef-broth-reduced-sodium',
  'chilli-red', 'rice-brown-raw', 'brussels-sprouts', 'kelp-stock', 'mangetout', 'pasta-dry',
];

export const THIRTY_AGAIN: Readonly<Record<string, readonly Figure[]>> = {
  ...THIRD,
  ...Object.fromEntries(DRAWN.map((id) => [id, SECOND_PASS_LATER[id] as readonly Figure[]])),
};
