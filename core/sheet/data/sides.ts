/** What is set beside a soup to make a meal of it, one plate each, edible grams. Common practice of kitchens, no source. */
export interface Side {
  id: string;
  name: string;
  foods: readonly (readonly [foodId: string, grams: number])[];
}

export const SIDES: readonly Side[] = [
  { id: 'egg', name: 'a boiled egg', foods: [['egg-boiled', 50]] },
  { id: 'cheese-bread', name: 'wholemeal bread with cheddar', foods: [['bread-wholemeal', 60], ['cheddar', 30]] },
  { id: 'bread', name: 'two slices of wholemeal bread', foods: [['bread-wholemeal', 64]] },
  { id: 'hummus-bread', name: 'hummus on wholemeal bread', foods: [['hummus', 60], ['bread-wholemeal', 60]] },
  { id: 'peanut-bread', name: 'peanut butter on wholemeal bread', foods: [['peanut-butter', 25], ['bread-wholemeal', 60]] },
  { id: 'tuna-bread', name: 'tuna on wholemeal bread', foods: [['tuna-canned', 60], ['bread-wholemeal', 60]] },
  { id: 'salmon-rye', name: 'smoked salmon on rye bread', foods: [['salmon-smoked', 40], ['bread-rye', 50]] },
  { id: 'chickpeas', name: 'chickpeas with lemon and oil', foods: [['chickpeas-cooked', 130], ['lemon-juice', 5], ['olive-oil', 5]] },
  { id: 'lentils', name: 'lentils with lemon and oil', foods: [['lentils-cooked', 130], ['lemon-juice', 5], ['olive-oil', 5]] },
  { id: 'white-beans', name: 'white beans with lemon and oil', foods: [['white-beans-cooked', 130], ['lemon-juice', 5], ['olive-oil', 5]] },
  { id: 'tofu', name: 'firm tofu in cubes', foods: [['tofu-firm', 100]] },
  { id: 'yogurt', name: 'a pot of yogurt', foods: [['yogurt-whole', 150]] },
  { id: 'skyr', name: 'a pot of skyr', foods: [['skyr', 150]] },
  { id: 'cottage', name: 'cottage cheese', foods: [['cottage-cheese', 100]] },
  { id: 'chicken', name: 'cold chicken breast', foods: [['chicken-breast-cooked', 70]] },
  { id: 'chicken-rice', name: 'chicken and rice', foods: [['chicken-breast-cooked', 60], ['rice-white-cooked', 120]] },
  { id: 'rice', name: 'boiled rice', foods: [['rice-white-cooked', 150]] },
  { id: 'almonds', name: 'a handful of almonds', foods: [['almonds', 30]] },
  { id: 'pumpkin-seeds', name: 'a handful of pumpkin seeds', foods: [['pumpkin-seeds', 30]] },
  { id: 'gluten-free-bread', name: 'two slices of gluten-free bread', foods: [['bread-gluten-free', 60]] },
  { id: 'potatoes', name: 'boiled potatoes', foods: [['potato-boiled', 150]] },
  { id: 'apple', name: 'an apple', foods: [['apple', 150]] },
];
