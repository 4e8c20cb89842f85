/**
 * What a food that no row knows could hold, by the last word that tells its kind: 'Kohlmeisen cheese' is a cheese. Only the allergens and
 * diets its kind could touch are asked; a word that stands in no row leaves everything open. Cautious, common practice, no source.
 */
import type { AllergenId, DietId } from '../vocabulary/allergens.ts';

export interface UnknownKind {
  /** As it is told: 'a cheese'. */
  kind: string;
  /** Singular, separated by commas. */
  nouns: string;
  could: readonly AllergenId[];
  diets: readonly DietId[];
}

const NUTS = [
  'treeNut',
  'almond',
  'cashew',
  'hazelnut',
  'walnut',
  'pecan',
  'brazilNut',
  'pistachio',
  'macadamia',
  'pineNut',
  'peanut',
  'coconut',
  'chestnut',
] as const;
const BAKED = ['wheat', 'gluten', 'milk', 'egg', 'soy', 'sesame', 'lupin', 'mustard', ...NUTS] as const;
const BAKED_DIETS = ['vegan', 'vegetarian', 'dairyFree', 'glutenFree', 'nutFree', 'noOnionGarlic'] as const;
const CURED = ['milk', 'egg', 'soy', 'wheat', 'gluten', 'mustard', 'celery', 'sulphite', 'pistachio', 'treeNut'] as const;
const FLESH = ['vegan', 'vegetarian', 'noMeat', 'noPork', 'noOnionGarlic'] as const;

export const UNKNOWN_KINDS: readonly UnknownKind[] = [
  {
    kind: 'a cheese',
    nouns: 'cheese, fromage, queso, kase, formaggio',
    could: ['milk', 'egg', 'soy', 'celery', 'mustard', 'fish', ...NUTS],
    diets: ['vegan', 'vegetarian', 'dairyFree', 'nutFree', 'noAlcohol', 'noOnionGarlic'],
  },
  {
    kind: 'a vegetable',
    nouns:
      'squash, gourd, cabbage, turnip, radish, beet, beetroot, carrot, potato, yam, tuber, root, melon, marrow, cucumber, tomato, aubergine, eggplant, courgette, zucchini, artichoke, broccoli, cauliflower, asparagus, sprout',
    could: ['celery', 'sulphite'],
    diets: [],
  },
  {
    kind: 'a green leaf',
    nouns: 'green, greens, lettuce, spinach, chard, kale, cress, salad, weed',
    could: ['celery', 'mustard', 'sulphite'],
    diets: ['noOnionGarlic'],
  },
  { kind: 'a mushroom', nouns: 'mushroom, fungus, bolete', could: ['sulphite'], diets: [] },
  {
    kind: 'a herb or a leaf',
    nouns: 'leaf, leave, herb, flower, petal, blossom, sprig, frond',
    could: ['celery', 'mustard'],
    diets: ['noOnionGarlic'],
  },
  {
    kind: 'a spice',
    nouns: 'pepper, peppercorn, berry, bark, pod, chilli, chili, chile',
    could: ['mustard', 'celery', 'sulphite'],
    diets: ['noOnionGarlic'],
  },
  {
    kind: 'a mix of spices',
    nouns: 'seasoning, spice, masala, rub, blend, mix',
    could: ['celery', 'mustard', 'wheat', 'gluten', 'milk', 'soy', 'sesame', 'sulphite', 'fish', 'egg', ...NUTS],
    diets: ['vegan', 'vegetarian', 'dairyFree', 'glutenFree', 'nutFree', 'noFish', 'noOnionGarlic'],
  },
  { kind: 'a fruit', nouns: 'apple, pear, plum, cherry, peach, apricot, orange, citrus, lime, lemon, fruit, grape', could: ['sulphite'], diets: [] },
  { kind: 'a juice', nouns: 'juice, nectar', could: ['sulphite', 'celery'], diets: ['noFish'] },
  {
    kind: 'an oil',
    nouns: 'oil',
    could: ['soy', 'sesame', 'mustard', 'fish', 'celery', ...NUTS],
    diets: ['vegan', 'vegetarian', 'nutFree', 'noFish', 'noOnionGarlic'],
  },
  { kind: 'a vinegar', nouns: 'vinegar', could: ['sulphite', 'gluten', 'wheat', 'soy'], diets: ['glutenFree', 'noAlcohol'] },
  {
    kind: 'a wine or spirit',
    nouns: 'wine, liqueur, sherry, brandy, whisky, beer, cider, spirit',
    could: ['sulphite', 'gluten', 'wheat', 'milk', 'egg', 'fish', ...NUTS],
    diets: ['vegan', 'vegetarian', 'glutenFree', 'noAlcohol', 'dairyFree', 'nutFree'],
  },
  { kind: 'a sweetener', nouns: 'sugar, syrup, honey, sweetener, molasses', could: ['sulphite', 'gluten', 'wheat'], diets: ['vegan', 'glutenFree'] },
  {
    kind: 'a pulse',
    nouns: 'bean, lentil, pea, dal, dhal, pulse',
    could: ['soy', 'lupin', 'peanut', 'sulphite', 'celery'],
    diets: ['nutFree', 'noOnionGarlic'],
  },
  { kind: 'a nut or a seed', nouns: 'nut, kernel, seed', could: [...NUTS, 'sesame', 'mustard', 'celery', 'lupin'], diets: ['nutFree'] },
  { kind: 'a grain', nouns: 'rice, grain, groat', could: ['wheat', 'gluten', 'lupin', 'soy', 'mustard'], diets: ['glutenFree'] },
  {
    kind: 'bread, dough or pasta',
    nouns:
      'bread, roll, bun, loaf, toast, cracker, biscuit, pasta, noodle, dumpling, dough, crouton, bagel, flatbread, crumb, crust, cake, pastry, flour',
    could: BAKED,
    diets: BAKED_DIETS,
  },
  {
    kind: 'a fish',
    nouns: 'fish, trout, salmon, cod, perch, bream, carp, ray, roe',
    could: ['fish', 'sulphite', 'mustard', 'milk', 'wheat', 'gluten'],
    diets: ['vegan', 'vegetarian', 'noFish', 'glutenFree', 'dairyFree'],
  },
  {
    kind: 'a shellfish',
    nouns: 'prawn, shrimp, crab, lobster, crayfish, clam, mussel, oyster, scallop',
    could: ['crustacean', 'mollusc', 'fish', 'sulphite', 'wheat', 'gluten', 'egg'],
    diets: ['vegan', 'vegetarian', 'noFish', 'glutenFree'],
  },
  {
    kind: 'a sausage or cured meat',
    nouns: 'sausage, ham, bacon, salami, wurst, wiener, pate, terrine, pudding',
    could: CURED,
    diets: [...FLESH, 'glutenFree', 'dairyFree', 'nutFree', 'noAlcohol'],
  },
  {
    kind: 'a meat',
    nouns:
      'meat, beef, veal, pork, lamb, mutton, chop, steak, fillet, loin, shoulder, shank, shin, mince, rib, brisket, neck, cheek, tongue, heart, liver, kidney, chicken, turkey, duck, goose, fowl, quail',
    could: ['wheat', 'gluten', 'milk', 'soy', 'fish'],
    diets: [...FLESH, 'noFish', 'glutenFree', 'dairyFree'],
  },
];
