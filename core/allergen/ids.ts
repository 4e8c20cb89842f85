/** Names of the allergens and diets that every analysis reports on, in the order it reports them. */
export const ALLERGENS = [
  'milk', 'egg', 'fish', 'crustacean', 'mollusc', 'treeNut', 'peanut', 'wheat', 'gluten', 'soy', 'sesame', 'celery',
  'mustard', 'sulphite', 'lupin', 'coconut', 'chestnut', 'almond', 'cashew', 'hazelnut', 'walnut', 'pecan',
  'brazilNut', 'pistachio', 'macadamia', 'pineNut',
] as const;
export type AllergenId = (typeof ALLERGENS)[number];

export const DIETS = [
  'vegan', 'vegetarian', 'dairyFree', 'glutenFree', 'nutFree', 'noPork', 'noAlcohol', 'noFish', 'noMeat',
  'noOnionGarlic',
] as const;
export type DietId = (typeof DIETS)[number];

/** Each of these is a tree nut whatever the settings say; coconut and chestnut are added by them. */
export const SINGLE_TREE_NUTS = [
  'almond', 'cashew', 'hazelnut', 'walnut', 'pecan', 'brazilNut', 'pistachio', 'macadamia', 'pineNut',
] as const satisfies readonly AllergenId[];

export const ALLERGEN_LABELS = {
  milk: 'milk', egg: 'egg', fish: 'fish', crustacean: 'crustaceans', mollusc: 'molluscs', treeNut: 'tree nuts',
  peanut: 'peanut', wheat: 'wheat', gluten: 'gluten', soy: 'soy', sesame: 'sesame', celery: 'celery',
  mustard: 'mustard', sulphite: 'sulphites', lupin: 'lupin', coconut: 'coconut', chestnut: 'chestnut',
  almond: 'almond', cashew: 'cashew', hazelnut: 'hazelnut', walnut: 'walnut', pecan: 'pecan', brazilNut: 'Brazil nut',
  pistachio: 'pistachio', macadamia: 'macadamia', pineNut: 'pine nut',
} as const satisfies Record<AllergenId, string>;

/** Worded as what is asked of the soup; never 'free from', which a calculation cannot say. */
export const DIET_LABELS = {
  vegan: 'vegan', vegetarian: 'vegetarian', dairyFree: 'no milk', glutenFree: 'no gluten ingredient',
  nutFree: 'no nuts', noPork: 'no pork', noAlcohol: 'no alcohol', noFish: 'no fish or shellfish',
  noMeat: 'no meat', noOnionGarlic: 'no onion or garlic',
} as const satisfies Record<DietId, string>;
