/**
 * Methods before and after, written as a cook would write them out for the pass: what each swap makes of a method, alone and together.
 * Common practice, no source. `swaps` maps the food of a line to the swap that takes its place, or to 'out' or to grams of less.
 */
export interface MethodCase {
  soup: keyof typeof SOUPS;
  swaps: Readonly<Record<string, string | number>>;
  after: readonly string[];
}

export const SOUPS = {
  leek: `Leek and potato soup
Serves 6

50 g butter
500 g leeks, sliced
1 onion, chopped
450 g potatoes, diced
1 litre chicken broth
150 ml double cream
1 tsp salt

Melt the butter and sweat the leeks and the onion.
Add the potatoes and the broth and simmer 15 minutes.
Blend until smooth.
Stir in the cream and the salt.`,
  mushroom: `Cream of mushroom soup
Serves 6

60 g butter
500 g mushrooms, sliced
2 cloves garlic
40 g flour
1 litre chicken broth
60 ml dry sherry
240 ml heavy cream
1 tsp salt

Melt the butter and brown the mushrooms. Add the garlic and sweat until soft.
Stir in the flour and cook 2 minutes. Add the sherry and the broth and simmer 20 minutes.
Blend. Stir in the cream and salt.`,
  chowder: `Clam chowder
Serves 6

100 g bacon, diced
1 onion, chopped
2 stalks celery
30 g flour
500 ml fish stock
450 g potatoes, diced
300 g clams
360 ml half-and-half
60 g crackers

Fry the bacon until crisp; take it out.
Sweat the onion and celery in the fat. Stir in the flour and cook 2 minutes.
Add the fish stock and potatoes and simmer 15 minutes.
Blend half of it. Stir in the half-and-half and the clams and warm through. Top with the bacon and the crackers.`,
  cheese: `Broccoli and cheddar soup
Serves 6

60 g butter
1 onion, chopped
40 g flour
700 ml chicken broth
480 ml milk
500 g broccoli
300 g cheddar, grated

Melt the butter and sweat the onion. Stir in the flour and cook 2 minutes.
Whisk in the broth and the milk. Add the broccoli and simmer 20 minutes.
Blend until smooth. Off the heat, stir in the cheddar.`,
  chicken: `Cream of chicken soup
Serves 6

60 g butter
1 onion, chopped
2 stalks celery
50 g flour
1.2 litres chicken broth
400 g chicken breast
200 ml heavy cream

Sweat the onion and celery in the butter. Stir in the flour and cook 2 minutes.
Whisk in the broth, add the chicken and simmer 20 minutes. Lift out the chicken and shred it.
Blend the soup. Stir in the cream and return the shredded chicken.`,
  thai: `Thai pumpkin soup
Serves 6

2 tbsp coconut oil
1 onion
3 tbsp red curry paste
1 kg pumpkin, cubed
750 ml chicken broth
400 ml coconut milk
80 g peanut butter
2 tbsp fish sauce
30 g peanuts, to serve

Soften the onion in the coconut oil. Add the curry paste and fry 1 minute.
Add the pumpkin and broth and simmer 20 minutes.
Blend with the coconut milk and peanut butter. Season with the fish sauce. Top with the peanuts.`,
  pea: `Pea soup with bacon
Serves 6

30 g butter
120 g bacon, diced
1 onion, chopped
1 litre vegetable broth
700 g frozen peas
100 g creme fraiche
40 g croutons

Fry the bacon in the butter until crisp and set aside.
Sweat the onion in the fat.
Add the broth and the peas and simmer 5 minutes.
Blend. Stir in the creme fraiche. Top with the bacon and croutons.`,
  almond: `Cold almond soup
Serves 6

200 g blanched almonds
120 g white bread
2 cloves garlic
800 ml water
60 ml olive oil
2 tbsp sherry vinegar

Soak the bread in the water.
Blend the almonds, garlic, bread and water until smooth. Blend in the oil and the vinegar.
Chill. Serve cold.`,
  lentil: `Carrot and red lentil soup
Serves 6

2 tbsp olive oil
1 onion, chopped
1 clove garlic
600 g carrots, sliced
200 g red lentils
1 litre vegetable broth
1 tsp salt

Soften the onion and the garlic in the oil.
Add the carrots, lentils and broth and simmer 25 minutes.
Blend with the salt.`,
  tomato: `Roast tomato soup
Serves 6

1.5 kg tomatoes, halved
1 onion, quartered
4 cloves garlic
3 tbsp olive oil
750 ml vegetable broth
150 ml double cream
1 tsp sugar

Roast the vegetables with the oil for 40 minutes at 200 C.
Tip everything into a pot with half the stock and simmer 10 minutes.
Blend, adding the remaining stock until it is as thin as you like.
Stir in the sugar and most of the cream; swirl the rest of the cream over each bowl.`,
  haddock: `Smoked haddock chowder
Serves 4

600 g smoked haddock
1 bay leaf
700 ml milk
50 g butter
2 leeks, sliced
400 g potatoes, diced
1 tbsp chopped parsley

Poach the haddock with the bay leaf in the milk for 8 minutes. Lift it out and flake it; strain the milk and keep it.
Melt the butter and soften the leeks. Add the potatoes and the milk and simmer 15 minutes.
Blend half. Return the haddock and warm through. Scatter over the parsley.`,
  root: `Root vegetable soup
Serves 6

30 g butter
1 onion, chopped
2 stalks celery, sliced
500 g carrots, sliced
300 g parsnips, diced
1.2 litres vegetable broth
200 ml sour cream

Sweat all the vegetables in the butter for 10 minutes.
Pour over the broth. Bring to the boil, then simmer gently until tender, 20 minutes.
Blend. Serve with a spoonful of the sour cream on each bowl.`,
} as const;

export const METHOD_CASES: readonly MethodCase[] = [
  // Fat
  {
    soup: 'leek',
    swaps: { 'butter-salted': 'butter-to-olive-oil' },
    after: [
      'Heat the olive oil and sweat the leeks and the onion.',
      'Add the potatoes and the broth and simmer 15 minutes.',
      'Blend until smooth.',
      'Stir in the cream and the salt.',
    ],
  },
  {
    soup: 'pea',
    swaps: { 'butter-salted': 'butter-to-rapeseed-oil' },
    after: [
      'Fry the bacon in the rapeseed oil until crisp and set aside.',
      'Sweat the onion in the fat.',
      'Add the broth and the peas and simmer 5 minutes.',
      'Blend. Stir in the creme fraiche. Top with the bacon and croutons.',
    ],
  },
  {
    soup: 'chicken',
    swaps: { 'butter-salted': 'out' },
    after: [
      'Sweat the onion and celery in a splash of water. Stir in the flour and cook 2 minutes.',
      'Whisk in the broth, add the chicken and simmer 20 minutes. Lift out the chicken and shred it.',
      'Blend the soup. Stir in the cream and return the shredded chicken.',
      'Taste and season again at the end.',
    ],
  },
  // Cream
  {
    soup: 'leek',
    swaps: { 'cream-double': 'cream-to-oat-cream' },
    after: [
      'Melt the butter and sweat the leeks and the onion.',
      'Add the potatoes and the broth and simmer 15 minutes.',
      'Blend until smooth.',
      'Stir in the oat cooking cream and the salt.',
    ],
  },
  {
    soup: 'leek',
    swaps: { 'cream-double': 'cream-to-soy-cream' },
    after: [
      'Melt the butter and sweat the leeks and the onion.',
      'Add the potatoes and the broth and simmer 15 minutes.',
      'Blend until smooth.',
      'Stir in the soy cooking cream and the salt. Do not let it boil.',
    ],
  },
  {
    soup: 'leek',
    swaps: { 'cream-double': 'cream-to-white-beans' },
    after: [
      'Melt the butter and sweat the leeks and the onion.',
      'Add the potatoes and the broth and simmer 15 minutes.',
      'Blend the beans with a ladle of the liquid until smooth, then add to the pot, with the olive oil and the water.',
      'Blend until smooth.',
      'Stir in the salt.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'leek',
    swaps: { 'cream-double': 'cream-to-cashew' },
    after: [
      'Soak the cashews 2 to 4 hours, or boil them 15 minutes; drain.',
      'Melt the butter and sweat the leeks and the onion.',
      'Add the potatoes and the broth and simmer 15 minutes.',
      'Blend until smooth.',
      'Blend the cashews with their water until smooth.',
      'Stir in the blended cashews and the salt.',
    ],
  },
  {
    soup: 'leek',
    swaps: { 'cream-double': 'cream-to-cauliflower' },
    after: [
      'Melt the butter and sweat the leeks and the onion.',
      'Add the potatoes and the broth and simmer 15 minutes. The cauliflower, the olive oil and the water go in with it and cook until soft, 12 to 15 minutes.',
      'Blend until smooth.',
      'Stir in the salt.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'leek',
    swaps: { 'cream-double': 'cream-to-rice' },
    after: [
      'Melt the butter and sweat the leeks and the onion.',
      'Add the potatoes and the broth and simmer 20 minutes. The rice, the olive oil and the water go in with it and cook until quite soft, 20 minutes.',
      'Blend until smooth.',
      'Stir in the salt.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'leek',
    swaps: { 'cream-double': 'cream-to-milk-starch' },
    after: [
      'Melt the butter and sweat the leeks and the onion.',
      'Add the potatoes and the broth and simmer 15 minutes.',
      'Blend until smooth.',
      'Slake the cornstarch in the cold milk, stir in and simmer 2 minutes.',
      'Stir in the salt.',
    ],
  },
  {
    soup: 'leek',
    swaps: { 'cream-double': 'cream-to-water' },
    after: [
      'Melt the butter and sweat the leeks and the onion.',
      'Add the potatoes and the broth and simmer 15 minutes. Add the water.',
      'Blend until smooth.',
      'Stir in the salt.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'leek',
    swaps: { 'cream-double': 'out' },
    after: [
      'Melt the butter and sweat the leeks and the onion.',
      'Add the potatoes and the broth and simmer 15 minutes.',
      'Blend until smooth.',
      'Stir in the salt.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'leek',
    swaps: { 'cream-double': 60 },
    after: [
      'Melt the butter and sweat the leeks and the onion.',
      'Add the potatoes and the broth and simmer 15 minutes.',
      'Blend until smooth.',
      'Stir in 60 g cream and the salt.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'mushroom',
    swaps: { 'cream-heavy': 'cream-to-coconut-milk' },
    after: [
      'Melt the butter and brown the mushrooms. Add the garlic and sweat until soft.',
      'Stir in the flour and cook 2 minutes. Add the sherry and the broth and simmer 20 minutes.',
      'Blend. Stir in the coconut milk, the water and salt. Do not let it boil.',
    ],
  },
  {
    soup: 'mushroom',
    swaps: { 'cream-heavy': 'cream-to-silken-tofu' },
    after: [
      'Melt the butter and brown the mushrooms. Add the garlic and sweat until soft.',
      'Stir in the flour and cook 2 minutes. Add the sherry and the broth and simmer 20 minutes.',
      'Blend the tofu with a ladle of the liquid until smooth, then add to the pot, with the olive oil and the water.',
      'Blend.',
      'Stir in the salt.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'mushroom',
    swaps: { 'cream-heavy': 'cream-to-half' },
    after: [
      'Melt the butter and brown the mushrooms. Add the garlic and sweat until soft.',
      'Stir in the flour and cook 2 minutes. Add the sherry and the broth and simmer 20 minutes.',
      'Blend. Stir in the half-and-half and salt. Do not let it boil.',
    ],
  },
  {
    soup: 'chicken',
    swaps: { 'cream-heavy': 'cream-to-soy-cream' },
    after: [
      'Sweat the onion and celery in the butter. Stir in the flour and cook 2 minutes.',
      'Whisk in the broth, add the chicken and simmer 20 minutes. Lift out the chicken and shred it.',
      'Blend the soup. Stir in the soy cooking cream and return the shredded chicken. Do not let it boil.',
    ],
  },
  {
    soup: 'chowder',
    swaps: { 'half-and-half': 'cream-to-oat-cream' },
    after: [
      'Fry the bacon until crisp; take it out.',
      'Sweat the onion and celery in the fat. Stir in the flour and cook 2 minutes.',
      'Add the fish stock and potatoes and simmer 15 minutes.',
      'Blend half of it. Stir in the oat cooking cream and the clams and warm through. Top with the bacon and the crackers.',
    ],
  },
  {
    soup: 'pea',
    swaps: { 'creme-fraiche': 'soured-to-soy-yogurt' },
    after: [
      'Fry the bacon in the butter until crisp and set aside.',
      'Sweat the onion in the fat.',
      'Add the broth and the peas and simmer 5 minutes.',
      'Blend. Stir in the soy yogurt. Do not let it boil. Top with the bacon and croutons.',
    ],
  },
  // Flour
  {
    soup: 'mushroom',
    swaps: { 'flour-wheat': 'flour-to-rice-flour' },
    after: [
      'Melt the butter and brown the mushrooms. Add the garlic and sweat until soft.',
      'Stir in the rice flour and cook 2 minutes. Add the sherry and the broth and simmer 20 minutes.',
      'Blend. Stir in the cream and salt.',
    ],
  },
  {
    soup: 'mushroom',
    swaps: { 'flour-wheat': 'flour-to-cornstarch' },
    after: [
      'Melt the butter and brown the mushrooms. Add the garlic and sweat until soft.',
      'Add the sherry and the broth and simmer 20 minutes.',
      'Blend.',
      'Slake the cornstarch in cold water, stir in at the end and simmer 2 minutes.',
      'Stir in the cream and salt.',
    ],
  },
  {
    soup: 'mushroom',
    swaps: { 'flour-wheat': 'flour-to-potato' },
    after: [
      'Melt the butter and brown the mushrooms. Add the garlic and sweat until soft.',
      'Add the sherry and the broth and simmer 20 minutes. The potato goes in with it and cooks until a knife slides in, 15 to 20 minutes.',
      'Blend. Stir in the cream and salt.',
    ],
  },
  {
    soup: 'mushroom',
    swaps: { 'flour-wheat': 'flour-to-white-beans' },
    after: [
      'Melt the butter and brown the mushrooms. Add the garlic and sweat until soft.',
      'Add the sherry and the broth and simmer 20 minutes.',
      'Blend the beans with a ladle of the liquid until smooth, then add to the pot.',
      'Blend.',
      'Stir in the cream and salt.',
    ],
  },
  {
    soup: 'mushroom',
    swaps: { 'flour-wheat': 'flour-to-chickpea-flour' },
    after: [
      'Melt the butter and brown the mushrooms. Add the garlic and sweat until soft.',
      'Stir in the chickpea flour and cook 2 minutes. Add the sherry and the broth and simmer 20 minutes.',
      'Blend. Stir in the cream and salt.',
    ],
  },
  {
    soup: 'chowder',
    swaps: { 'flour-wheat': 'flour-to-cornstarch' },
    after: [
      'Fry the bacon until crisp; take it out.',
      'Sweat the onion and celery in the fat.',
      'Add the fish stock and potatoes and simmer 15 minutes.',
      'Blend half of it.',
      'Slake the cornstarch in cold water, stir in at the end and simmer 2 minutes.',
      'Stir in the half-and-half and the clams and warm through. Top with the bacon and the crackers.',
    ],
  },
  // Stock
  {
    soup: 'leek',
    swaps: { 'chicken-broth': 'chicken-stock-to-vegetable' },
    after: [
      'Melt the butter and sweat the leeks and the onion.',
      'Add the potatoes and the vegetable broth and simmer 15 minutes.',
      'Blend until smooth.',
      'Stir in the cream and the salt.',
    ],
  },
  {
    soup: 'leek',
    swaps: { 'chicken-broth': 'chicken-stock-to-water' },
    after: [
      'Soak the dried mushrooms 30 minutes in the hot water; pass the liquid through a cloth for grit, chop the mushrooms into the pot.',
      'Melt the butter and sweat the leeks and the onion.',
      'Add the potatoes and the water and simmer 15 minutes.',
      'Blend until smooth.',
      'Stir in the cream and the salt.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'leek',
    swaps: { 'chicken-broth': 'chicken-stock-to-low' },
    after: [
      'Melt the butter and sweat the leeks and the onion.',
      'Add the potatoes and the chicken broth and simmer 15 minutes.',
      'Blend until smooth.',
      'Stir in the cream and the salt.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'lentil',
    swaps: { 'vegetable-broth': 'vegetable-stock-to-water' },
    after: [
      'Soften the onion and the garlic in the oil.',
      'Add the carrots, lentils and the water and simmer 25 minutes.',
      'Blend with the salt.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'lentil',
    swaps: { 'vegetable-broth': 800 },
    after: [
      'Soften the onion and the garlic in the oil.',
      'Add the carrots, lentils and 800 g broth and simmer 25 minutes.',
      'Blend with the salt.',
      'Taste and season again at the end.',
    ],
  },
  // Salt
  {
    soup: 'leek',
    swaps: { salt: 'out' },
    after: [
      'Melt the butter and sweat the leeks and the onion.',
      'Add the potatoes and the broth and simmer 15 minutes.',
      'Blend until smooth.',
      'Stir in the cream.',
    ],
  },
  {
    soup: 'lentil',
    swaps: { salt: 'salt-less' },
    after: [
      'Soften the onion and the garlic in the oil.',
      'Add the carrots, lentils and broth and simmer 25 minutes.',
      'Blend with 3 g salt.',
      'Season with acid and herbs first; weigh what salt goes in.',
    ],
  },
  // Cured meat
  {
    soup: 'chowder',
    swaps: { 'bacon-raw': 'bacon-to-paprika-oil' },
    after: [
      'Bloom the smoked paprika in the oil on medium heat for a minute.',
      'Sweat the onion and celery in the fat. Stir in the flour and cook 2 minutes.',
      'Add the fish stock and potatoes and simmer 15 minutes.',
      'Blend half of it. Stir in the half-and-half and the clams and warm through. Top with the crackers.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'chowder',
    swaps: { 'bacon-raw': 'bacon-to-mushroom-smoke' },
    after: [
      'Brown the mushrooms in the oil until their water is gone, the smoked paprika for the last minute.',
      'Sweat the onion and celery in the fat. Stir in the flour and cook 2 minutes.',
      'Add the fish stock and potatoes and simmer 15 minutes.',
      'Blend half of it. Stir in the half-and-half and the clams and warm through. Top with the mushrooms and the crackers.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'chowder',
    swaps: { 'bacon-raw': 'bacon-to-miso' },
    after: [
      'Bloom the smoked paprika in the oil on medium heat for a minute.',
      'Sweat the onion and celery in the fat. Stir in the flour and cook 2 minutes.',
      'Add the fish stock and potatoes and simmer 15 minutes.',
      'Blend half of it.',
      'Stir in the half-and-half and the clams and warm through. Top with the crackers.',
      'Stir the miso in off the boil.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'chowder',
    swaps: { 'bacon-raw': 'out' },
    after: [
      'Sweat the onion and celery in the fat. Stir in the flour and cook 2 minutes.',
      'Add the fish stock and potatoes and simmer 15 minutes.',
      'Blend half of it. Stir in the half-and-half and the clams and warm through. Top with the crackers.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'pea',
    swaps: { 'bacon-raw': 'bacon-to-chicken' },
    after: [
      'Brown the chicken and cook it through, to 74 C, with the olive oil and the smoked paprika.',
      'Melt the butter.',
      'Sweat the onion in the fat.',
      'Add the broth and the peas and simmer 5 minutes.',
      'Blend. Stir in the creme fraiche. Top with the chicken breast and croutons.',
      'Taste and season again at the end.',
    ],
  },
  // Fish and flesh
  {
    soup: 'chowder',
    swaps: { 'ifct-R001': 'out' },
    after: [
      'Fry the bacon until crisp; take it out.',
      'Sweat the onion and celery in the fat. Stir in the flour and cook 2 minutes.',
      'Add the fish stock and potatoes and simmer 15 minutes.',
      'Blend half of it. Stir in the half-and-half and warm through. Top with the bacon and the crackers.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'chicken',
    swaps: { 'chicken-breast-raw': 260 },
    after: [
      'Sweat the onion and celery in the butter. Stir in the flour and cook 2 minutes.',
      'Whisk in the broth, add 260 g chicken and simmer 20 minutes. Lift out the chicken and shred it.',
      'Blend the soup. Stir in the cream and return the shredded chicken.',
      'Taste and season again at the end.',
    ],
  },
  // Cheese
  {
    soup: 'cheese',
    swaps: { cheddar: 150 },
    after: [
      'Melt the butter and sweat the onion. Stir in the flour and cook 2 minutes.',
      'Whisk in the broth and the milk. Add the broccoli and simmer 20 minutes.',
      'Blend until smooth. Off the heat, stir in 150 g cheddar.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'cheese',
    swaps: { cheddar: 'cheese-to-ricotta' },
    after: [
      'Melt the butter and sweat the onion. Stir in the flour and cook 2 minutes.',
      'Whisk in the broth and the milk. Add the broccoli and simmer 20 minutes.',
      'Blend until smooth. Off the heat, stir in the ricotta.',
    ],
  },
  {
    soup: 'cheese',
    swaps: { cheddar: 'cheese-to-white-beans' },
    after: [
      'Melt the butter and sweat the onion. Stir in the flour and cook 2 minutes.',
      'Whisk in the broth and the milk. Add the broccoli and simmer 20 minutes.',
      'Blend the beans with a ladle of the liquid until smooth, then add to the pot, with the olive oil and the lemon juice.',
      'Blend until smooth.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'cheese',
    swaps: { cheddar: 'cheese-to-cashew' },
    after: [
      'Soak the cashews 2 to 4 hours, or boil them 15 minutes; drain.',
      'Melt the butter and sweat the onion. Stir in the flour and cook 2 minutes.',
      'Whisk in the broth and the milk. Add the broccoli and simmer 20 minutes.',
      'Blend the cashews with the lemon and water until smooth.',
      'Blend until smooth. Off the heat, stir in the blended cashews.',
      'Taste and season again at the end.',
    ],
  },
  // Milk
  {
    soup: 'cheese',
    swaps: { 'milk-whole': 'milk-to-oat-drink' },
    after: [
      'Melt the butter and sweat the onion. Stir in the flour and cook 2 minutes.',
      'Whisk in the broth and the oat drink. Add the broccoli and simmer 20 minutes.',
      'Blend until smooth. Off the heat, stir in the cheddar.',
    ],
  },
  {
    soup: 'cheese',
    swaps: { 'milk-whole': 'milk-to-soy-drink' },
    after: [
      'Melt the butter and sweat the onion. Stir in the flour and cook 2 minutes.',
      'Whisk in the broth. Add the broccoli and simmer 20 minutes.',
      'Blend until smooth. Off the heat, stir in the cheddar.',
      'Stir the soy drink in off the boil.',
    ],
  },
  {
    soup: 'cheese',
    swaps: { 'milk-whole': 'milk-to-water-potato' },
    after: [
      'Melt the butter and sweat the onion. Stir in the flour and cook 2 minutes.',
      'Whisk in the broth. Add the broccoli and simmer 20 minutes. The potato and the water go in with it and cook until a knife slides in, 15 to 20 minutes.',
      'Blend until smooth. Off the heat, stir in the cheddar.',
      'Taste and season again at the end.',
    ],
  },
  // Alliums
  {
    soup: 'leek',
    swaps: { leek: 'allium-to-celery', onion: 'out' },
    after: [
      'Melt the butter and sweat the celery stalk.',
      'Add the potatoes and the broth and simmer 15 minutes.',
      'Blend until smooth.',
      'Stir in the cream and the salt.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'lentil',
    swaps: { garlic: 'garlic-to-asafoetida' },
    after: [
      'Soften the onion and the asafoetida in the oil.',
      'Add the carrots, lentils and broth and simmer 25 minutes.',
      'Blend with the salt.',
    ],
  },
  {
    soup: 'lentil',
    swaps: { garlic: 'out' },
    after: ['Soften the onion in the oil.', 'Add the carrots, lentils and broth and simmer 25 minutes.', 'Blend with the salt.'],
  },
  {
    soup: 'almond',
    swaps: { garlic: 'out' },
    after: ['Soak the bread in the water.', 'Blend the almonds, bread and water until smooth. Blend in the oil and the vinegar.', 'Chill. Serve cold.'],
  },
  // Pulses
  {
    soup: 'lentil',
    swaps: { 'lentils-red-dry': 'dry-pulse-to-rice' },
    after: [
      'Soften the onion and the garlic in the oil.',
      'Add the carrots and broth and simmer 25 minutes. The rice goes in with it and cooks until quite soft, 20 minutes.',
      'Blend with the salt.',
    ],
  },
  {
    soup: 'lentil',
    swaps: { 'lentils-red-dry': 'dry-pulse-to-pumpkin', garlic: 'out' },
    after: [
      'Soften the onion in the oil.',
      'Add the carrots and broth and simmer 25 minutes. The pumpkin goes in with it and cooks until soft, 15 to 20 minutes.',
      'Blend with the salt.',
    ],
  },
  // Leaching
  {
    soup: 'lentil',
    swaps: { carrot: 'carrot-leached' },
    after: [
      'Cut the carrot small, boil it in plenty of water, throw the water away, and go on with fresh liquid.',
      'Soften the onion and the garlic in the oil.',
      'Add the carrots, lentils and broth and simmer 25 minutes.',
      'Blend with the salt.',
    ],
  },
  // A curry soup
  {
    soup: 'thai',
    swaps: { 'peanut-butter': 'out', peanuts: 'out' },
    after: [
      'Soften the onion in the coconut oil. Add the curry paste and fry 1 minute.',
      'Add the pumpkin and broth and simmer 20 minutes.',
      'Blend with the coconut milk. Season with the fish sauce.',
    ],
  },
  {
    soup: 'thai',
    swaps: { 'fish-sauce': 'fish-sauce-to-tamari' },
    after: [
      'Soften the onion in the coconut oil. Add the curry paste and fry 1 minute.',
      'Add the pumpkin and broth and simmer 20 minutes.',
      'Blend with the coconut milk and peanut butter. Season with the tamari. Top with the peanuts.',
    ],
  },
  {
    soup: 'thai',
    swaps: { 'curry-paste-red': 'curry-paste-to-powder' },
    after: [
      'Soften the onion in the coconut oil. Add the curry powder and fry 1 minute.',
      'Add the pumpkin and broth and simmer 20 minutes.',
      'Blend with the coconut milk and peanut butter. Season with the fish sauce. Top with the peanuts.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'thai',
    swaps: { 'coconut-milk': 'coconut-to-soy-cream' },
    after: [
      'Soften the onion in the coconut oil. Add the curry paste and fry 1 minute.',
      'Add the pumpkin and broth and simmer 20 minutes.',
      'Blend with the soy cooking cream and peanut butter. Do not let it boil. Season with the fish sauce. Top with the peanuts.',
    ],
  },
  // Bread and toppings
  {
    soup: 'pea',
    swaps: { croutons: 'croutons-to-pumpkin-seeds' },
    after: [
      'Toast the pumpkin seeds in a dry pan.',
      'Fry the bacon in the butter until crisp and set aside.',
      'Sweat the onion in the fat.',
      'Add the broth and the peas and simmer 5 minutes.',
      'Blend. Stir in the creme fraiche. Top with the bacon and the pumpkin seeds.',
    ],
  },
  {
    soup: 'pea',
    swaps: { croutons: 'out' },
    after: [
      'Fry the bacon in the butter until crisp and set aside.',
      'Sweat the onion in the fat.',
      'Add the broth and the peas and simmer 5 minutes.',
      'Blend. Stir in the creme fraiche. Top with the bacon.',
    ],
  },
  {
    soup: 'almond',
    swaps: { 'bread-white': 'bread-to-rice' },
    after: [
      'Boil the rice in plenty of water until quite soft, drain and let it cool.',
      'Blend the almonds, garlic and water until smooth. Blend the rice in with it. Blend in the oil and the vinegar.',
      'Chill. Serve cold.',
    ],
  },
  // Several at once
  {
    soup: 'leek',
    swaps: { 'butter-salted': 'butter-to-olive-oil', 'chicken-broth': 'chicken-stock-to-vegetable', 'cream-double': 'cream-to-oat-cream' },
    after: [
      'Heat the olive oil and sweat the leeks and the onion.',
      'Add the potatoes and the vegetable broth and simmer 15 minutes.',
      'Blend until smooth.',
      'Stir in the oat cooking cream and the salt.',
    ],
  },
  {
    soup: 'mushroom',
    swaps: { 'flour-wheat': 'flour-to-cornstarch', 'cream-heavy': 'cream-to-soy-cream' },
    after: [
      'Melt the butter and brown the mushrooms. Add the garlic and sweat until soft.',
      'Add the sherry and the broth and simmer 20 minutes.',
      'Blend.',
      'Slake the cornstarch in cold water, stir in at the end and simmer 2 minutes.',
      'Stir in the soy cooking cream and salt. Do not let it boil.',
    ],
  },
  {
    soup: 'mushroom',
    swaps: { 'flour-wheat': 'flour-to-white-beans', 'cream-heavy': 'cream-to-white-beans' },
    after: [
      'Melt the butter and brown the mushrooms. Add the garlic and sweat until soft.',
      'Add the sherry and the broth and simmer 20 minutes.',
      'Blend the beans with a ladle of the liquid until smooth, then add to the pot, with the olive oil and the water.',
      'Blend.',
      'Stir in the salt.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'chowder',
    swaps: { 'bacon-raw': 'bacon-to-paprika-oil', 'flour-wheat': 'flour-to-rice-flour', 'half-and-half': 'cream-to-oat-cream' },
    after: [
      'Bloom the smoked paprika in the oil on medium heat for a minute.',
      'Sweat the onion and celery in the fat. Stir in the rice flour and cook 2 minutes.',
      'Add the fish stock and potatoes and simmer 15 minutes.',
      'Blend half of it. Stir in the oat cooking cream and the clams and warm through. Top with the crackers.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'cheese',
    swaps: { 'butter-salted': 'butter-to-rapeseed-oil', 'milk-whole': 'milk-to-oat-drink', cheddar: 'cheese-to-white-beans', 'chicken-broth': 'chicken-stock-to-vegetable' },
    after: [
      'Heat the rapeseed oil and sweat the onion. Stir in the flour and cook 2 minutes.',
      'Whisk in the vegetable broth and the oat drink. Add the broccoli and simmer 20 minutes.',
      'Blend the beans with a ladle of the liquid until smooth, then add to the pot, with the olive oil and the lemon juice.',
      'Blend until smooth.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'lentil',
    swaps: { onion: 'out', garlic: 'out' },
    after: ['Warm the olive oil.', 'Add the carrots, lentils and broth and simmer 25 minutes.', 'Blend with the salt.'],
  },
  // Shares, groups and pronouns
  {
    soup: 'tomato',
    swaps: { 'vegetable-broth': 'vegetable-stock-to-water' },
    after: [
      'Roast the vegetables with the oil for 40 minutes at 200 C.',
      'Tip everything into a pot with half the water and simmer 10 minutes.',
      'Blend, adding the remaining water until it is as thin as you like.',
      'Stir in the sugar and most of the cream; swirl the rest of the cream over each bowl.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'tomato',
    swaps: { 'cream-double': 'cream-to-oat-cream' },
    after: [
      'Roast the vegetables with the oil for 40 minutes at 200 C.',
      'Tip everything into a pot with half the stock and simmer 10 minutes.',
      'Blend, adding the remaining stock until it is as thin as you like.',
      'Stir in the sugar and most of the oat cooking cream; swirl the rest of the oat cooking cream over each bowl.',
    ],
  },
  {
    soup: 'tomato',
    swaps: { 'cream-double': 'out' },
    after: [
      'Roast the vegetables with the oil for 40 minutes at 200 C.',
      'Tip everything into a pot with half the stock and simmer 10 minutes.',
      'Blend, adding the remaining stock until it is as thin as you like.',
      'Stir in the sugar.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'tomato',
    swaps: { onion: 'out', garlic: 'out' },
    after: [
      'Roast the vegetables with the oil for 40 minutes at 200 C.',
      'Tip everything into a pot with half the stock and simmer 10 minutes.',
      'Blend, adding the remaining stock until it is as thin as you like.',
      'Stir in the sugar and most of the cream; swirl the rest of the cream over each bowl.',
    ],
  },
  {
    soup: 'tomato',
    swaps: { 'vegetable-broth': 300 },
    after: [
      'Roast the vegetables with the oil for 40 minutes at 200 C.',
      'Tip everything into a pot with 300 g stock and simmer 10 minutes.',
      'Blend, adding 300 g stock until it is as thin as you like.',
      'Stir in the sugar and most of the cream; swirl the rest of the cream over each bowl.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'haddock',
    swaps: { 'smoked-haddock': 500 },
    after: [
      'Poach 500 g haddock with the bay leaf in the milk for 8 minutes. Lift it out and flake it; strain the milk and keep it.',
      'Melt the butter and soften the leeks. Add the potatoes and the milk and simmer 15 minutes.',
      'Blend half. Return the haddock and warm through. Scatter over the parsley.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'haddock',
    swaps: { 'milk-whole': 'milk-to-oat-drink', 'butter-salted': 'butter-to-rapeseed-oil' },
    after: [
      'Poach the haddock with the bay leaf in the oat drink for 8 minutes. Lift it out and flake it; strain the oat drink and keep it.',
      'Heat the rapeseed oil and soften the leeks. Add the potatoes and the oat drink and simmer 15 minutes.',
      'Blend half. Return the haddock and warm through. Scatter over the parsley.',
    ],
  },
  {
    soup: 'haddock',
    swaps: { 'parsley': 'out' },
    after: [
      'Poach the haddock with the bay leaf in the milk for 8 minutes. Lift it out and flake it; strain the milk and keep it.',
      'Melt the butter and soften the leeks. Add the potatoes and the milk and simmer 15 minutes.',
      'Blend half. Return the haddock and warm through.',
    ],
  },
  {
    soup: 'haddock',
    swaps: { 'smoked-haddock': 'haddock-to-mushroom' },
    after: [
      'Brown the mushrooms in the oil until their water is gone, the smoked paprika for the last minute.',
      'Strain the milk and keep it. Add the bay leaf.',
      'Melt the butter and soften the leeks. Add the potatoes and the milk and simmer 15 minutes.',
      'Blend half. Return the mushrooms and warm through. Scatter over the parsley.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'root',
    swaps: { onion: 'out', celery: 'out' },
    after: [
      'Sweat all the vegetables in the butter for 10 minutes.',
      'Pour over the broth. Bring to the boil. Simmer gently until tender, 20 minutes.',
      'Blend. Serve with a spoonful of the sour cream on each bowl.',
    ],
  },
  {
    soup: 'root',
    swaps: { 'sour-cream': 'soured-to-soy-yogurt' },
    after: [
      'Sweat all the vegetables in the butter for 10 minutes.',
      'Pour over the broth. Bring to the boil. Simmer gently until tender, 20 minutes.',
      'Blend. Serve with a spoonful of the soy yogurt on each bowl.',
    ],
  },
  {
    soup: 'root',
    swaps: { 'sour-cream': 'out' },
    after: [
      'Sweat all the vegetables in the butter for 10 minutes.',
      'Pour over the broth. Bring to the boil. Simmer gently until tender, 20 minutes.',
      'Blend.',
      'Taste and season again at the end.',
    ],
  },
  {
    soup: 'root',
    swaps: { 'butter-salted': 'butter-to-olive-oil', parsnip: 'parsnip-part-cauliflower' },
    after: [
      'Sweat all the vegetables in the olive oil for 10 minutes.',
      'Pour over the broth. Bring to the boil. Simmer gently until tender, 20 minutes.',
      'Blend. Serve with a spoonful of the sour cream on each bowl.',
    ],
  },
  {
    soup: 'root',
    swaps: { 'vegetable-broth': 900 },
    after: [
      'Sweat all the vegetables in the butter for 10 minutes.',
      'Pour over 900 g broth. Bring to the boil. Simmer gently until tender, 20 minutes.',
      'Blend. Serve with a spoonful of the sour cream on each bowl.',
      'Taste and season again at the end.',
    ],
  },
];
