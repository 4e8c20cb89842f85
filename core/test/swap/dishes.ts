/**
 * Soups of every kind with what is asked of them at the table, written out before any plan was looked at, and what a cook would do first
 * about each: common practice, no source. `lever` is looked for in what the first plan changes, its swaps and foods in the order of the
 * recipe; `isAnother` where the soup cannot keep what it is called after, and has to say so.
 */
import type { RegimeId } from '../../regime/regime.ts';
import type { Needs } from '../../swap/needs.ts';

export interface Dish {
  regime: RegimeId;
  text: string;
  asked: readonly Asked[];
}
export interface Asked {
  said: keyof typeof TABLE;
  /** Left out where only the method is looked at. */
  lever?: RegExp;
  isAnother?: true;
}

const most = (nutrient: 'sodiumMg' | 'saturatedFatG' | 'phosphorusMg' | 'potassiumMg' | 'availableCarbohydrateG' | 'fatG' | 'vitaminKUg' | 'fibreG', max: number) =>
  ({ nutrient, per: 'serving', max }) as const;
const least = (nutrient: 'energyKcal' | 'proteinG' | 'fibreG', min: number) => ({ nutrient, per: 'serving', min }) as const;

/** What is asked, as it is said at the table. */
export const TABLE = {
  'vegan, at most 700 mg sodium': { diets: ['vegan'], limits: [most('sodiumMg', 700)] },
  'no milk': { allergens: ['milk'] },
  'at most 400 mg sodium': { limits: [most('sodiumMg', 400)] },
  'at most 140 mg sodium': { limits: [most('sodiumMg', 140)] },
  'at most 3 g saturated fat, same body': { limits: [most('saturatedFatG', 3)], body: 'same' },
  '250 kcal and 10 g protein': { limits: [least('energyKcal', 250), least('proteinG', 10)] },
  '350 kcal and 14 g protein': { limits: [least('energyKcal', 350), least('proteinG', 14)] },
  'kidneys: sodium 300, phosphorus 150, potassium 400': { limits: [most('sodiumMg', 300), most('phosphorusMg', 150), most('potassiumMg', 400)] },
  'kidneys: sodium 200, phosphorus 100, potassium 200': { limits: [most('sodiumMg', 200), most('phosphorusMg', 100), most('potassiumMg', 200)] },
  'no onion or garlic': { diets: ['noOnionGarlic'] },
  'vegan': { diets: ['vegan'] },
  'vegan, no nuts, no coconut': { allergens: ['treeNut', 'peanut', 'coconut'], diets: ['vegan'] },
  'no gluten ingredient': { diets: ['glutenFree'] },
  'no alcohol': { diets: ['noAlcohol'] },
  '15 g carbohydrate, 5 g fibre': { limits: [most('availableCarbohydrateG', 15), least('fibreG', 5)] },
  'no milk, no gluten ingredient': { allergens: ['milk'], diets: ['glutenFree'] },
  'no pork': { diets: ['noPork'] },
  'smooth': { smooth: true },
  'no fish or shellfish': { diets: ['noFish'] },
  'no pulses': { avoidFoods: ['pulses'] },
  'no peanut': { allergens: ['peanut'] },
  'no fish': { allergens: ['fish'] },
  'no soy': { allergens: ['soy'] },
  'no sesame': { allergens: ['sesame'] },
  'no celery': { allergens: ['celery'] },
  'at most 3 g fat': { limits: [most('fatG', 3)] },
  'at most 60 µg vitamin K': { limits: [most('vitaminKUg', 60)] },
  'no milk, soy or nuts': { allergens: ['milk', 'soy', 'treeNut', 'peanut'] },
  'at most 2 g fibre, smooth': { limits: [most('fibreG', 2)], smooth: true },
  vegetarian: { diets: ['vegetarian'] },
  'no egg': { allergens: ['egg'] },
  'no nuts': { diets: ['nutFree'] },
} as const satisfies Record<string, Needs>;

export const DISHES: Readonly<Record<string, Dish>> = {
  'broccoli-cheddar': {
    regime: 'us',
    text: `Broccoli and cheddar soup
Serves 8

60 g butter
1 onion, chopped
2 cloves garlic
40 g flour
1 litre chicken broth
500 ml whole milk
250 ml heavy cream
600 g broccoli, chopped
1 carrot, grated
454 g sharp cheddar, grated
1/2 teaspoon salt
1/4 teaspoon pepper
1 pinch nutmeg

1. Melt the butter and sweat the onion and garlic for 5 minutes. Stir in the flour and cook 2 minutes.
2. Whisk in the broth and the milk, add the broccoli and carrot and simmer 15 minutes.
3. Blend half of the soup and return it.
4. Off the heat stir in the cream and the cheddar until melted. Season with the salt, pepper and nutmeg.`,
    asked: [
      { said: 'vegan, at most 700 mg sodium', lever: /yeast-flakes/, isAnother: true },
      { said: 'no milk', lever: /yeast-flakes/, isAnother: true },
      { said: 'at most 400 mg sodium', lever: /chicken-broth-low-sodium.*cheddar/ },
      { said: 'at most 3 g saturated fat, same body', lever: /rapeseed-oil/, isAnother: true },
      { said: '250 kcal and 10 g protein', lever: /^$/ },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400', lever: /cream-heavy.*water/, isAnother: true },
      { said: 'no onion or garlic', lever: /fennel/ },
    ],
  },
  'mushroom': {
    regime: 'us',
    text: `Cream of mushroom soup
Serves 6

60 g butter
1 onion, chopped
2 cloves garlic
700 g mushrooms, sliced
1 teaspoon thyme
50 ml dry sherry
40 g flour
1 litre chicken broth
250 ml heavy cream
1 teaspoon salt
1/4 teaspoon pepper

1. Melt the butter, sweat the onion and garlic 5 minutes, add the mushrooms and thyme and cook 10 minutes. Pour in the sherry.
2. Stir in the flour and cook 2 minutes. Add the broth and simmer 20 minutes.
3. Blend until smooth. Stir in the cream and season with salt and pepper.`,
    asked: [
      { said: 'no milk', lever: /soy-cream|oat-cream|cashew/ },
      { said: 'vegan, no nuts, no coconut', lever: /vegan-bouillon.*(oat|soy)-cream/ },
      { said: 'no gluten ingredient', lever: /rice-flour|cornstarch/ },
      { said: 'at most 400 mg sodium', lever: /chicken-broth-low-sodium/ },
      { said: 'no alcohol', lever: /lemon-juice/ },
      { said: 'at most 3 g saturated fat, same body', lever: /rapeseed-oil/ },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400', lever: /Less mushrooms/ },
      { said: '15 g carbohydrate, 5 g fibre', lever: /white-beans|lentils/ },
    ],
  },
  'leek-potato': {
    regime: 'eu',
    text: `Vichyssoise: leek and potato soup
Serves 6

50 g butter
600 g leeks, white part, sliced
1 onion, chopped
500 g potatoes, diced
1 litre vegetable stock
200 ml double cream
1/2 teaspoon white pepper
chives to serve

1. Melt the butter and sweat the leeks and onion for 10 minutes with the lid on.
2. Add the potatoes and the stock and simmer 20 minutes.
3. Blend until smooth, stir in the cream, season with pepper and chill. Serve with chives.`,
    asked: [
      { said: 'vegan', lever: /rapeseed-oil.*(oat|soy)-cream/ },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400', lever: /thrown away/ },
      { said: '15 g carbohydrate, 5 g fibre', lever: /turnip|cauliflower|celeriac/, isAnother: true },
      { said: 'no onion or garlic', lever: /fennel/, isAnother: true },
      { said: '350 kcal and 14 g protein', lever: /skim-milk-powder/ },
      { said: 'at most 3 g saturated fat, same body', lever: /rapeseed-oil.*half-and-half|milk/ },
      { said: 'at most 140 mg sodium', lever: /butter-unsalted.*vegetable-broth-low-sodium/ },
    ],
  },
  'clam-chowder': {
    regime: 'us',
    text: `New England clam chowder
Serves 6

120 g bacon, diced
1 onion, chopped
2 stalks celery, chopped
30 g flour
500 ml bottled clam juice
500 g potatoes, diced
400 g canned clams, drained
500 ml half-and-half
1 teaspoon thyme
1 bay leaf
60 g oyster crackers, to top

1. Fry the bacon until crisp, take it out and pour off all but a tablespoon of fat.
2. Sweat the onion and celery in it 5 minutes, stir in the flour and cook 2 minutes.
3. Add the clam juice, potatoes, thyme and bay leaf and simmer 15 minutes.
4. Take out the bay leaf. Stir in the clams and half-and-half and heat without boiling. Top with the bacon and crackers.`,
    asked: [
      { said: 'no milk, no gluten ingredient', lever: /cornstarch|rice-flour/ },
      { said: 'no pork', lever: /smoked-paprika/ },
      { said: 'smooth', lever: /Blended in.*Left out/ },
      { said: 'at most 400 mg sodium', lever: /water/ },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400', lever: /water/, isAnother: true },
    ],
  },
  'prawn-bisque': {
    regime: 'eu',
    text: `Prawn bisque
Serves 6

500 g raw prawns
50 g butter
1 onion, chopped
1 carrot, chopped
1 stalk celery
2 tablespoons tomato paste
50 ml brandy
150 ml white wine
30 g flour
1.2 litres fish stock
200 ml double cream
1 tablespoon lemon juice
1/2 teaspoon salt

1. Melt the butter and sweat the onion, carrot and celery 8 minutes. Add the tomato paste, the brandy and the wine and boil down 5 minutes.
2. Stir in the flour, add the stock and simmer 20 minutes. Add the prawns and simmer 3 minutes; keep 6 for the garnish.
3. Blend until smooth, stir in the cream, lemon and salt. Garnish with the prawns.`,
    asked: [
      { said: 'no milk', lever: /cashew|soy-cream|oat-cream/ },
      { said: 'no gluten ingredient', lever: /rice-flour|cornstarch/ },
      { said: 'no fish or shellfish', lever: /Left out.*bouillon/, isAnother: true },
      { said: 'no alcohol', lever: /Left out.*lemon-juice/ },
      { said: 'at most 3 g saturated fat, same body', lever: /rapeseed-oil/ },
      { said: 'smooth', lever: /Blended in/ },
    ],
  },
  'split-pea-ham': {
    regime: 'us',
    text: `Split pea soup with ham
Serves 8

450 g dried split peas
1 ham hock, about 600 g
150 g ham, diced
1 onion, chopped
2 carrots, chopped
2 stalks celery, chopped
2 cloves garlic
2.2 litres water
1 bay leaf
1 teaspoon thyme
1/2 teaspoon pepper

1. Put everything but the diced ham in the pot and simmer 75 minutes.
2. Take out the hock and the bay leaf. Shred the meat of the hock.
3. Blend the soup until smooth. Stir the meat back in with the diced ham and heat 5 minutes.`,
    asked: [
      { said: 'no pork', lever: /smoked-paprika/, isAnother: true },
      { said: 'no pulses', lever: /potato/, isAnother: true },
      { said: 'kidneys: sodium 200, phosphorus 100, potassium 200', lever: /rice/, isAnother: true },
      { said: 'at most 400 mg sodium', lever: /chicken|mushroom/, isAnother: true },
      { said: 'vegan', lever: /miso|smoked-paprika/, isAnother: true },
      { said: 'smooth', lever: /Blended in.*Blended in/ },
    ],
  },
  'thai-pumpkin': {
    regime: 'us',
    text: `Thai pumpkin soup
Serves 6

1 tablespoon coconut oil
1 onion, chopped
2 tablespoons red curry paste
1 tablespoon ginger, grated
1 kg pumpkin, diced
750 ml chicken broth
400 ml canned coconut milk
60 g peanut butter
1 tablespoon fish sauce
1 tablespoon lime juice
20 g peanuts, chopped, to top
10 g coriander leaves, to top

1. Fry the onion in the oil 5 minutes, add the curry paste and ginger and fry 1 minute.
2. Add the pumpkin, broth and coconut milk and simmer 20 minutes.
3. Add the peanut butter and fish sauce and blend until smooth. Add the lime juice. Top with the peanuts and coriander.`,
    asked: [
      { said: 'no peanut', lever: /sunflower-butter|almond-butter|tahini/ },
      { said: 'vegan, no nuts, no coconut', lever: /tamari|soy-sauce/ },
      { said: 'at most 3 g saturated fat, same body', lever: /coconut/ },
      { said: 'no fish', lever: /soy-sauce|tamari/ },
      { said: 'at most 400 mg sodium', lever: /low-sodium/ },
      { said: 'vegan', lever: /tamari|soy-sauce/ },
    ],
  },
  'roast-tomato': {
    regime: 'us',
    text: `Roast tomato soup
Serves 6

1.5 kg tomatoes, halved
1 red onion, in wedges
6 cloves garlic
3 tablespoons olive oil
600 ml vegetable broth
10 g basil
150 ml heavy cream
1 teaspoon salt
1 teaspoon sugar
60 g croutons, to top

1. Roast the tomatoes, onion and garlic with the oil at 200 C for 40 minutes.
2. Put them in a pot with the broth, sugar and salt and simmer 10 minutes. Add the basil.
3. Blend until smooth and stir in the cream. Top with the croutons.`,
    asked: [
      { said: 'vegan', lever: /soy-cream|oat-cream|tofu|cauliflower/ },
      { said: 'at most 400 mg sodium', lever: /vegetable-broth-low-sodium/ },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400', lever: /Less tomato.*Water/ },
      { said: 'no gluten ingredient', lever: /chickpeas|seeds|Left out|gluten-free/ },
      { said: '350 kcal and 14 g protein', lever: /skim-milk-powder/ },
      { said: 'smooth', lever: /Left out/ },
    ],
  },
  'cauliflower-cheese': {
    regime: 'eu',
    text: `Cauliflower cheese soup
Serves 6

50 g butter
1 leek, sliced
40 g plain flour
800 ml vegetable stock
500 ml whole milk
900 g cauliflower
200 g gruyere, grated
30 g parmesan, grated
1 teaspoon Dijon mustard
1/4 teaspoon white pepper

1. Melt the butter and sweat the leek 8 minutes. Stir in the flour and cook 2 minutes.
2. Add the stock, milk and cauliflower and simmer 20 minutes.
3. Blend until smooth. Off the heat stir in the gruyere, parmesan, mustard and pepper.`,
    asked: [
      { said: 'vegan', lever: /yeast-flakes/, isAnother: true },
      { said: 'vegan, no nuts, no coconut', lever: /yeast-flakes/, isAnother: true },
      { said: 'no gluten ingredient', lever: /rice-flour|cornstarch/ },
      { said: '15 g carbohydrate, 5 g fibre', lever: /beans/ },
      { said: '350 kcal and 14 g protein', lever: /rapeseed-oil|^$/ },
      { said: 'at most 3 g saturated fat, same body', lever: /rapeseed-oil/, isAnother: true },
      { said: 'at most 400 mg sodium', lever: /vegetable-broth-low-sodium/ },
    ],
  },
  'carrot-lentil-coconut': {
    regime: 'us',
    text: `Carrot, lentil and coconut soup
Serves 6

2 tablespoons coconut oil
1 onion, chopped
3 cloves garlic
1 tablespoon ginger, grated
1 teaspoon cumin
1 teaspoon turmeric
600 g carrots, sliced
180 g dried red lentils
1.2 litres vegetable broth
400 ml canned coconut milk
1 tablespoon lemon juice
1/2 teaspoon salt

1. Fry the onion in the oil 5 minutes. Add the garlic, ginger, cumin and turmeric and fry 1 minute.
2. Add the carrots, lentils and broth and simmer 25 minutes.
3. Add the coconut milk and blend until smooth. Season with lemon and salt.`,
    asked: [
      { said: 'no pulses', lever: /rice|potato|pumpkin/, isAnother: true },
      { said: 'no onion or garlic', lever: /fennel/ },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400', lever: /Less carrot/, isAnother: true },
      { said: 'at most 3 g saturated fat, same body', lever: /rapeseed-oil/, isAnother: true },
    ],
  },
  'squash-miso-tahini': {
    regime: 'us',
    text: `Squash soup with miso and tahini
Serves 6

2 tablespoons sesame oil
1 onion, chopped
3 cloves garlic
1 kg butternut squash, diced
1.1 litres water
70 g white miso
1 tablespoon soy sauce
50 g tahini
1 tablespoon rice vinegar
2 tablespoons sesame seeds, to top

1. Sweat the onion and garlic in the oil 5 minutes.
2. Add the squash and water and simmer 20 minutes.
3. Blend with the miso, soy sauce and tahini until smooth. Stir in the vinegar. Top with the sesame seeds.`,
    asked: [
      { said: 'no soy', lever: /yeast-extract/, isAnother: true },
      { said: 'no gluten ingredient', lever: /salt|tamari/ },
      { said: 'at most 400 mg sodium', lever: /Less miso/ },
      { said: 'no sesame', lever: /sunflower/, isAnother: true },
    ],
  },
  'white-almond': {
    regime: 'us',
    text: `White almond soup, cold
Serves 6

200 g blanched almonds
120 g white bread, crusts off
2 cloves garlic
120 ml olive oil
2 tablespoons sherry vinegar
800 ml iced water
1 teaspoon salt
150 g green grapes, halved, to top

1. Soak the bread in a little of the water for 10 minutes.
2. Blend the almonds, garlic, bread and the water until smooth. With the blender running add the oil, then the vinegar and salt.
3. Chill 2 hours. Top with the grapes.`,
    asked: [
      { said: 'vegan, no nuts, no coconut', lever: /sunflower|pumpkin/, isAnother: true },
      { said: 'no gluten ingredient', lever: /rice/ },
      { said: '350 kcal and 14 g protein', lever: /skim-milk-powder|soy/ },
      { said: 'no onion or garlic', lever: /Left out|asafoetida/ },
      { said: 'at most 140 mg sodium', lever: /Left out|Less salt/ },
    ],
  },
  'celery-blue': {
    regime: 'eu',
    text: `Celery and blue cheese soup
Serves 6

50 g butter
1 onion, chopped
800 g celery, sliced
300 g potatoes, diced
1.2 litres vegetable stock
150 g blue cheese
100 ml creme fraiche
1/4 teaspoon pepper

1. Melt the butter and sweat the onion and celery 10 minutes with the lid on.
2. Add the potatoes and stock and simmer 25 minutes.
3. Blend until smooth and sieve. Stir in the blue cheese and the creme fraiche off the heat. Season with pepper.`,
    asked: [
      { said: 'no celery', lever: /courgette|fennel/, isAnother: true },
      { said: 'vegan', lever: /yeast-flakes/, isAnother: true },
      { said: 'no milk', lever: /yeast-flakes/, isAnother: true },
      { said: 'at most 400 mg sodium', lever: /low-sodium.*Less blue/ },
      { said: 'at most 3 g saturated fat, same body', lever: /rapeseed-oil.*Less blue/ },
    ],
  },
  'cream-of-chicken': {
    regime: 'us',
    text: `Cream of chicken soup
Serves 6

60 g butter
1 onion, chopped
2 stalks celery, chopped
1 carrot, chopped
50 g flour
1.2 litres chicken broth
600 g chicken breast
1 bay leaf
250 ml heavy cream
1/2 teaspoon salt
1/4 teaspoon white pepper

1. Melt the butter and sweat the onion, celery and carrot 8 minutes. Stir in the flour and cook 2 minutes.
2. Add the broth, chicken and bay leaf and simmer 20 minutes. Take out the chicken and the bay leaf, and shred the chicken.
3. Blend the soup until smooth. Stir in the cream and the shredded chicken, heat 5 minutes and season.`,
    asked: [
      { said: 'no milk, no gluten ingredient', lever: /rice-flour.*(soy|oat)-cream/ },
      { said: 'vegan', lever: /tofu-firm/, isAnother: true },
      { said: '350 kcal and 14 g protein', lever: /^$/ },
      { said: 'smooth', lever: /Blended in/ },
      { said: 'at most 3 g fat', lever: /Less chicken/ },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400', lever: /Water.*Less chicken/ },
    ],
  },
  'green-pea-bacon': {
    regime: 'eu',
    text: `Green pea soup with bacon
Serves 6

120 g smoked streaky bacon, diced
30 g butter
1 onion, chopped
200 g potatoes, diced
900 g frozen peas
1 litre chicken stock
10 g mint
100 ml creme fraiche
60 g croutons, to top
1/4 teaspoon pepper

1. Fry the bacon until crisp and take it out.
2. Add the butter and sweat the onion 5 minutes. Add the potatoes and stock and simmer 12 minutes. Add the peas and simmer 5 minutes more.
3. Add the mint and blend until smooth. Stir in the creme fraiche and pepper. Top with the bacon and croutons.`,
    asked: [
      { said: 'vegan', lever: /smoked-paprika/, isAnother: true },
      { said: 'no pork', lever: /smoked-paprika/, isAnother: true },
      { said: 'at most 3 g saturated fat, same body', lever: /poured off|rapeseed-oil/ },
      { said: 'at most 60 µg vitamin K', lever: /mint|rapeseed|pea/ },
      { said: 'smooth', lever: /Blended in.*Left out/ },
    ],
  },
  'peanut-sweet-potato': {
    regime: 'us',
    text: `Peanut and sweet potato soup
Serves 6

2 tablespoons vegetable oil
1 onion, chopped
3 cloves garlic
1 tablespoon ginger, grated
1 teaspoon cumin
900 g sweet potatoes, diced
400 g canned tomatoes
1 litre vegetable broth
150 g smooth peanut butter
100 g spinach
1 tablespoon lime juice
1/2 teaspoon salt

1. Fry the onion in the oil 5 minutes, add the garlic, ginger and cumin and fry 1 minute.
2. Add the sweet potatoes, tomatoes and broth and simmer 20 minutes.
3. Stir in the peanut butter and blend until smooth. Add the spinach and simmer until wilted. Season with lime and salt.`,
    asked: [
      { said: 'no peanut', lever: /sunflower-butter|tahini|almond-butter/, isAnother: true },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400', lever: /thrown away.*Less tomato/ },
      { said: '15 g carbohydrate, 5 g fibre', lever: /sweet potato|cauliflower/, isAnother: true },
      { said: 'smooth', lever: /Blended in/ },
    ],
  },
  'corn-chowder': {
    regime: 'us',
    text: `Corn chowder
Serves 6

100 g bacon, diced
1 onion, chopped
1 stalk celery, chopped
30 g flour
700 ml chicken broth
400 g potatoes, diced
600 g sweetcorn kernels
300 ml whole milk
150 ml heavy cream
1/2 teaspoon smoked paprika
1/2 teaspoon salt

1. Fry the bacon until crisp. Add the onion and celery and sweat 5 minutes. Stir in the flour and paprika and cook 2 minutes.
2. Add the broth and potatoes and simmer 12 minutes. Add the sweetcorn and milk and simmer 8 minutes.
3. Blend half of the soup and return it. Stir in the cream and salt.`,
    asked: [
      { said: 'vegan', lever: /smoked-paprika.*bouillon/ },
      { said: 'no milk, soy or nuts', lever: /oat-drink/ },
      { said: '15 g carbohydrate, 5 g fibre', lever: /white-beans|split-peas|cauliflower/, isAnother: true },
      { said: 'at most 400 mg sodium', lever: /Water|low-sodium/ },
      { said: 'no pork', lever: /smoked-paprika/ },
    ],
  },
  'black-bean': {
    regime: 'us',
    text: `Black bean soup
Serves 6

2 tablespoons olive oil
1 onion, chopped
1 green pepper, chopped
3 cloves garlic
2 teaspoons cumin
3 cans (400 g) black beans, drained and rinsed
1 litre vegetable broth
1 tablespoon lime juice
1/2 teaspoon salt
120 g sour cream, to top
10 g coriander leaves, to top

1. Sweat the onion, pepper and garlic in the oil 8 minutes. Add the cumin and cook 1 minute.
2. Add the beans and broth and simmer 20 minutes.
3. Blend half of the soup and return it. Season with lime and salt. Top with the sour cream and coriander.`,
    asked: [
      { said: 'no milk', lever: /oat-cream|soy-yogurt/ },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400', lever: /Less black beans|Part rice/ },
      { said: 'no pulses', lever: /cauliflower|rice|potato/, isAnother: true },
      { said: 'at most 2 g fibre, smooth', lever: /rice/, isAnother: true },
      { said: 'at most 140 mg sodium', lever: /black-beans-cooked.*low-sodium/ },
    ],
  },
  // In other hands: written as they are passed on.
  'beer-cheese': {
    regime: 'us',
    text: `Beer Cheese Soup
Yield: 6 servings

4 slices bacon, chopped
1/2 cup diced onion
1/2 cup diced carrot
2 cloves garlic, minced
1/4 cup all-purpose flour
1 (12 oz) bottle lager
2 cups chicken stock
1 1/2 cups half and half
8 oz sharp cheddar, shredded
4 oz American cheese, cubed
1 tbsp Worcestershire sauce
1 tsp Dijon mustard
1/2 tsp smoked paprika
Popcorn and chopped chives, for serving

Cook bacon in a Dutch oven over medium heat until crisp, about 8 minutes; transfer to a paper towel-lined plate, leaving the drippings in the pot.
Add onion, carrot and garlic and cook until soft, 6 minutes. Sprinkle in the flour and stir for 1 minute.
Gradually whisk in the beer, then the stock. Bring to a simmer and cook 10 minutes. Puree with an immersion blender.
Reduce heat to low, stir in half and half, then add the cheeses a handful at a time, stirring until melted. Stir in the Worcestershire, mustard and paprika. Do not boil.
Serve topped with the bacon, popcorn and chives.`,
    asked: [
      { said: 'vegetarian' },
      { said: 'no gluten ingredient' },
      { said: 'no milk' },
      { said: 'at most 400 mg sodium' },
      { said: 'no alcohol' },
      { said: 'no pork' },
    ],
  },
  'caldo-verde': {
    regime: 'eu',
    text: `Caldo verde, blended
For 6

3 tbsp olive oil
1 large onion, chopped
3 garlic cloves, sliced
750 g floury potatoes, peeled and sliced
1.5 litres water
1 chicken stock cube
200 g chorizo, sliced
200 g kale, very finely shredded
salt and pepper

Heat 2 tbsp of the oil and soften the onion and garlic for 10 minutes.
Add the potatoes, water and the stock cube; simmer until the potatoes are falling apart, 20-25 minutes.
Meanwhile fry the chorizo in the rest of the oil.
Blend the soup until smooth, bring it back to the boil, stir in the kale and cook for 4 minutes. Season. Ladle into bowls and top with the chorizo and its oil.`,
    asked: [
      { said: 'vegan' },
      { said: 'no pork' },
      { said: 'at most 400 mg sodium' },
      { said: 'smooth' },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400' },
    ],
  },
  'cullen': {
    regime: 'uk',
    text: `Cullen skink
Serves 4

25 g butter
1 onion, finely chopped
400 g potatoes, cubed
300 ml water
250 g undyed smoked haddock
250 ml whole milk
100 ml double cream
small bunch of parsley, chopped

1 Melt the butter, add the onion and fry for 5-8 mins until translucent but not browned. Add the potatoes and the water, bring to the boil and simmer for 10-15 mins.
2 Meanwhile put the haddock in another pan, cover with the milk and cook gently for 5 mins until just tender. Lift the haddock out of the milk with a slotted spoon, reserving the milk, and flake the fish, taking out any bones.
3 Pour the reserved milk into the potatoes, mash half of them, add the flaked fish and the cream and warm through. Sprinkle with parsley.`,
    asked: [
      { said: 'no milk' },
      { said: 'no fish' },
      { said: 'smooth' },
      { said: 'at most 400 mg sodium' },
      { said: '350 kcal and 14 g protein' },
    ],
  },
  'gazpacho': {
    regime: 'eu',
    text: `Gazpacho
6 portions

1 kg ripe tomatoes
1 cucumber
1 green pepper
1 clove garlic
50 g stale white bread
80 ml olive oil
2 tbsp sherry vinegar
1 tsp salt
200 ml iced water
to serve: croutons, chopped egg, diced cucumber

Soak the bread in the water. Roughly chop the vegetables. Put everything in the blender and blend for 3 minutes, adding the oil in a thin stream. Pass through a sieve. Chill for at least 4 hours. Taste for salt and vinegar. Serve with the garnishes.`,
    asked: [
      { said: 'no gluten ingredient' },
      { said: 'no onion or garlic' },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400' },
      { said: 'smooth' },
      { said: 'at most 140 mg sodium' },
    ],
  },
  'loaded-potato': {
    regime: 'us',
    text: `Loaded Baked Potato Soup
Serves 8

6 slices bacon
1 yellow onion, diced
3 tbsp butter
1/3 cup flour
4 cups chicken broth
2 1/2 lb russet potatoes, peeled and diced
2 cups whole milk
1 cup sour cream
2 cups shredded cheddar
1 tsp salt
1/2 tsp black pepper
3 green onions, sliced

1. In a large pot, cook the bacon until crisp. Remove bacon, crumble, and set aside. Keep 1 tablespoon of the fat in the pot.
2. Add the butter and onion; cook 5 minutes. Stir in flour, cook 1 minute. Whisk in broth. Add potatoes, salt and pepper. Simmer 15 to 20 minutes until tender.
3. Mash about half of the potatoes in the pot. Stir in milk, sour cream and 1 1/2 cups of the cheese until melted and hot (don't boil).
4. Garnish with remaining cheese, bacon and green onions.`,
    asked: [
      { said: 'vegan' },
      { said: 'no milk' },
      { said: 'no gluten ingredient' },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400' },
      { said: 'at most 3 g saturated fat, same body' },
      { said: 'no onion or garlic' },
      { said: 'at most 400 mg sodium' },
    ],
  },
  'mulligatawny': {
    regime: 'uk',
    text: `Mulligatawny
Serves 6

2 tbsp ghee
2 onions, chopped
2 carrots, diced
2 sticks celery
1 apple, peeled and chopped
2 tbsp curry powder
1 tbsp plain flour
200 g red lentils
1.5 litres chicken stock
300 g chicken thighs, boneless
400 ml can coconut milk
juice of 1 lemon
100 g basmati rice, cooked, to serve
coriander

Melt the ghee in a big pan. Fry the onions, carrots and celery for 10 mins. Stir in the curry powder and flour and cook for 2 mins. Add the apple, lentils, stock and chicken. Bring to the boil, then cover and simmer for 30 mins. Take the chicken out and shred it. Blend the soup until smooth. Return the chicken, pour in the coconut milk and heat through. Add lemon juice to taste. Serve with a spoonful of rice and some coriander.`,
    asked: [
      { said: 'vegan' },
      { said: 'no gluten ingredient' },
      { said: 'no pulses' },
      { said: 'no milk' },
      { said: 'no celery' },
      { said: 'smooth' },
    ],
  },
  'lobster': {
    regime: 'us',
    text: `Lobster bisque
Makes about 6 cups

2 cooked lobsters (1 1/4 lb each), meat removed and chopped, shells reserved
4 tbsp unsalted butter
1 shallot, minced
1 stalk celery, chopped
1 carrot, chopped
2 tbsp tomato paste
1/4 cup cognac
1/2 cup dry white wine
4 cups seafood stock
1/4 cup long-grain rice
1 bay leaf
3 sprigs tarragon
1 cup heavy cream
Pinch of cayenne

Melt the butter in a heavy pot. Add the lobster shells, shallot, celery and carrot; cook, stirring, 8 minutes. Add tomato paste and cook 1 minute. Add cognac and flame or let bubble away. Add wine, reduce by half. Add stock, rice, bay and tarragon; simmer gently 40 minutes. Discard shells, bay and tarragon. Puree in a blender and strain through a fine sieve. Return to the pot, stir in the cream and cayenne, then the lobster meat. Heat through.`,
    asked: [
      { said: 'no milk' },
      { said: 'no alcohol' },
      { said: 'smooth' },
      { said: 'at most 3 g saturated fat, same body' },
      { said: 'no celery' },
      { said: 'no fish or shellfish' },
    ],
  },
  'avgolemono': {
    regime: 'eu',
    text: `Avgolemono, velvety
4 bowls

1.2 l chicken stock
80 g orzo
300 g cooked chicken, shredded
3 eggs
60 ml lemon juice
dill
salt

Bring the stock to a boil, add the orzo and cook 8 min. Whisk the eggs and lemon juice until frothy; slowly add two ladles of hot stock, whisking, then pour this back into the pot off the heat. Stir in the chicken. Don't let it boil or it will curdle. Scatter with dill.`,
    asked: [
      { said: 'no egg' },
      { said: 'no gluten ingredient' },
      { said: 'at most 400 mg sodium' },
      { said: 'vegan' },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400' },
    ],
  },
  'elote': {
    regime: 'us',
    text: `Crema de elote
Rinde 6 porciones / Serves 6

6 ears corn, kernels cut off (about 4 cups)
3 tablespoons butter
1/2 white onion
1 poblano chile, roasted, peeled and chopped
3 cups milk
1 cup Mexican crema
1 cup chicken broth
2 tablespoons cornstarch
Salt
100 g queso fresco, crumbled
1 tsp chili powder

Saute the onion in butter. Add 3 cups of the corn and the broth; simmer 10 minutes. Blend with the milk and the cornstarch. Strain back into the pot. Add the remaining corn and the poblano, simmer 5 minutes, stirring, until thickened. Lower the heat and stir in the crema. Season with salt. Serve with queso fresco and a dusting of chili powder.`,
    asked: [
      { said: 'no milk' },
      { said: 'vegan' },
      { said: '15 g carbohydrate, 5 g fibre' },
      { said: 'at most 3 g saturated fat, same body' },
      { said: 'smooth' },
    ],
  },
  'saint-germain': {
    regime: 'eu',
    text: `Potage Saint-Germain
pour 6 / serves 6

300 g split green peas, soaked
100 g smoked lardons
1 leek
1 onion stuck with 2 cloves
1 bouquet garni
1.5 l water
20 g butter
10 cl cream
croutons
salt, pepper

Sweat the lardons and the sliced leek in the butter. Add the drained peas, the onion, the bouquet garni and the cold water. Cook for 1 hr 15 at a low simmer, skimming. Remove the onion and the bouquet. Blend finely, thin with a little water if too thick, add the cream. Serve with croutons fried in butter.`,
    asked: [
      { said: 'no pork' },
      { said: 'vegan' },
      { said: 'no milk' },
      { said: 'no gluten ingredient' },
      { said: 'kidneys: sodium 200, phosphorus 100, potassium 200' },
    ],
  },
  'satay-squash': {
    regime: 'us',
    text: `Satay Butternut Soup
Servings: 4

1 Tbsp coconut oil
1 onion
3 cloves garlic
1 Tbsp grated ginger
1 Tbsp red curry paste
1 medium butternut squash (about 2 lb), peeled and cubed
3 cups vegetable broth
1/2 cup natural peanut butter
1 (13.5 oz) can coconut milk
2 Tbsp soy sauce
1 lime, juiced
Roasted peanuts + cilantro to garnish

1. Heat oil in a pot. Saute onion, garlic and ginger 4-5 min. Add curry paste, stir 1 min.
2. Add squash and broth. Bring to boil, reduce heat, cover, simmer 20 min until squash is fork tender.
3. Add peanut butter, coconut milk, soy sauce. Blend until creamy.
4. Stir in lime juice. Garnish.`,
    asked: [
      { said: 'no peanut' },
      { said: 'no soy' },
      { said: 'no gluten ingredient' },
      { said: 'at most 3 g saturated fat, same body' },
      { said: 'at most 400 mg sodium' },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400' },
    ],
  },
  'wild-mushroom-barley': {
    regime: 'uk',
    text: `Mushroom and barley soup
Serves 6

20 g dried porcini
2 tbsp olive oil
1 onion
2 sticks celery
500 g chestnut mushrooms, sliced
2 cloves garlic
120 g pearl barley
1.4 litres vegetable stock
2 tbsp soy sauce
150 ml soured cream
dill

Soak the porcini in 200 ml boiling water for 20 minutes; strain, keeping the liquor, and chop.
Soften the onion and celery in the oil for 10 minutes. Add the mushrooms and garlic and fry until the juices have gone.
Add the porcini, their liquor, the barley and the stock. Simmer 35-40 minutes, until the barley is tender.
Blend about a third and stir back in. Stir in the soy sauce. Swirl in the soured cream and dill.`,
    asked: [
      { said: 'no gluten ingredient' },
      { said: 'vegan' },
      { said: 'no soy' },
      { said: 'no celery' },
      { said: 'smooth' },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400' },
    ],
  },
  'chestnut-prose': {
    regime: 'uk',
    text: `Chestnut and bacon soup. For 4. Fry 100g of diced smoked bacon in a big pan until the fat runs, add a chopped onion, a stick of celery and two carrots, and cook for ten minutes with the lid on. Add 400g of vacuum-packed chestnuts, a bay leaf and 1 litre of chicken stock. Simmer for 20 minutes. Take out the bay leaf, blend until smooth and stir in 100ml double cream and a splash of sherry.`,
    asked: [
      { said: 'vegan' },
      { said: 'no pork' },
      { said: 'no milk' },
      { said: 'no alcohol' },
      { said: 'no celery' },
    ],
  },
  'tom-kha': {
    regime: 'us',
    text: `Creamy Tom Kha, blended
Serves 4

2 cans (13.5 oz each) coconut milk
2 cups chicken broth
1 lb chicken breast, thinly sliced
8 oz mushrooms, sliced
2 stalks lemongrass, smashed
6 slices galangal
5 makrut lime leaves
2-3 Thai chilies
3 tbsp fish sauce
2 tbsp lime juice
1 tbsp brown sugar
cilantro

Bring the coconut milk and broth to a simmer with the lemongrass, galangal, lime leaves and chilies. Simmer 10 minutes, then fish out and discard the aromatics. Add the mushrooms and cook 5 minutes. Blend until smooth. Return to the heat, add the chicken and simmer 6-8 minutes, until cooked through. Stir in the fish sauce, lime juice and sugar. Top with cilantro.`,
    asked: [
      { said: 'vegan' },
      { said: 'no fish' },
      { said: 'at most 400 mg sodium' },
      { said: 'smooth' },
      { said: 'at most 3 g saturated fat, same body' },
    ],
  },
  'parsnip-curry': {
    regime: 'uk',
    text: `Curried parsnip soup
Serves 6 | Prep 15 min | Cook 40 min

INGREDIENTS
40g butter
1 onion, chopped
2 garlic cloves, crushed
1 tbsp medium curry powder
1 tbsp plain flour
700g parsnips, peeled and diced
1.2 litres hot vegetable stock
150ml single cream
Salt and freshly ground black pepper
To serve: naan bread, chopped coriander

METHOD
STEP 1 Melt the butter in a large saucepan and gently fry the onion and garlic for 5 mins until softened but not coloured.
STEP 2 Stir in the curry powder and flour and cook for 1 min. Add the parsnips and coat them in the spices.
STEP 3 Pour in the stock, season, bring to the boil then cover and simmer for 20 mins until the parsnips are tender.
STEP 4 Cool slightly, then whizz in a blender in batches. Return to the pan, stir in the cream and reheat without boiling. Serve sprinkled with coriander, with naan alongside.`,
    asked: [
      { said: 'vegan' },
      { said: 'no gluten ingredient' },
      { said: 'no milk' },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400' },
      { said: '15 g carbohydrate, 5 g fibre' },
      { said: 'no onion or garlic' },
    ],
  },
  'white-bean-kale': {
    regime: 'us',
    text: `Tuscan White Bean Soup
Makes: 6 servings

For the soup:
- 2 tablespoons extra virgin olive oil
- 4 oz pancetta, diced
- 1 medium yellow onion, chopped
- 2 carrots, chopped
- 2 ribs celery, chopped
- 4 cloves garlic, minced
- 1 teaspoon dried rosemary
- 3 (15 oz) cans cannellini beans, drained and rinsed
- 4 cups chicken stock
- 1 parmesan rind
- 3 cups chopped kale
For serving:
- grated parmesan
- crusty bread

Directions:
1. Heat the oil; cook pancetta until crisp, about 6 minutes. Transfer to a plate with a slotted spoon.
2. In the drippings, saute onion, carrots and celery until soft, 8 min. Add garlic and rosemary; cook 30 seconds.
3. Add beans, stock and the parmesan rind. Bring to a boil, reduce the heat and simmer 15 minutes.
4. Remove the rind. Puree 2 cups of the soup in a blender and return it to the pot.
5. Stir in the kale and cook until wilted, 5 minutes. Taste for salt.
6. Ladle into bowls, top with the pancetta and parmesan, and serve with bread.`,
    asked: [
      { said: 'vegan' },
      { said: 'no milk' },
      { said: 'no pork' },
      { said: 'at most 400 mg sodium' },
      { said: 'no pulses' },
      { said: 'smooth' },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400' },
    ],
  },
  'salmon-leek': {
    regime: 'eu',
    text: `Creamy salmon and leek soup
4 servings

50 g butter
2 leeks, sliced
2 tbsp flour
600 ml fish stock
400 ml milk
400 g potatoes, diced
300 g salmon fillet, skinned and cubed
100 ml cream
1 tbsp dill
lemon wedges

1. Melt the butter and cook the leeks gently for 8 minutes. Sprinkle over the flour and stir for a minute.
2. Gradually add the stock and milk. Add the potatoes, simmer for 12 minutes until soft, then blend roughly.
3. Add the salmon and poach for 4 minutes. Stir in the cream and dill.
4. Serve with lemon wedges.`,
    asked: [
      { said: 'no milk' },
      { said: 'no fish' },
      { said: 'no gluten ingredient' },
      { said: 'smooth' },
      { said: 'at most 400 mg sodium' },
      { said: '350 kcal and 14 g protein' },
    ],
  },
  'miso-corn': {
    regime: 'us',
    text: `Miso Corn Soup
Serves 4

3 tbsp unsalted butter
1 onion, diced
4 cups corn kernels (from 5 ears), cobs reserved
4 cups water
1/3 cup white miso
1/2 cup heavy cream
1 tsp soy sauce
2 scallions, sliced, for garnish
1 tsp chili oil, for drizzling

1. Melt butter; add onion and cook 6 minutes. Add corn (reserve 1/2 cup), cobs and water. Simmer 20 minutes; discard cobs.
2. Blend until very smooth; strain. Return to pot.
3. Whisk in miso, cream and soy sauce. Do not boil.
4. Serve topped with the reserved corn, scallions and chili oil.`,
    asked: [
      { said: 'vegan' },
      { said: 'no milk' },
      { said: 'no soy' },
      { said: 'no gluten ingredient' },
      { said: 'at most 400 mg sodium' },
      { said: 'smooth' },
      { said: 'no onion or garlic' },
    ],
  },
  'egg-asparagus': {
    regime: 'eu',
    text: `Asparagus veloute with egg yolk
Serves 4

800 g green asparagus
40 g butter
1 shallot
30 g flour
1 l chicken stock
2 egg yolks
100 ml creme fraiche
chervil

Cut off the asparagus tips and blanch them for 2 minutes; keep for the garnish. Chop the stalks. Melt the butter and sweat the shallot; add the flour, then the stock. Add the stalks and simmer 15 min. Blend and pass through a sieve. Beat the yolks with the creme fraiche, add a ladle of hot soup, pour back and heat to 80 C without boiling. Serve with the tips and chervil.`,
    asked: [
      { said: 'no egg' },
      { said: 'no milk' },
      { said: 'vegan' },
      { said: 'no gluten ingredient' },
      { said: 'smooth' },
      { said: 'no onion or garlic' },
    ],
  },
  'ham-lentil-slow': {
    regime: 'us',
    text: `Slow Cooker Ham and Lentil Soup
8 servings

1 lb dried green lentils, rinsed
2 cups diced ham
1 ham bone (optional)
1 cup chopped onion
1 cup chopped celery
1 cup chopped carrots
2 cloves garlic, minced
1 tsp dried thyme
1 bay leaf
8 cups low-sodium chicken broth
1 (14.5 oz) can diced tomatoes
1/4 tsp pepper

Combine everything in a 6-qt slow cooker. Cover and cook on low 8 hours. Discard bay leaf and ham bone. Use an immersion blender to partially puree. Serve.`,
    asked: [
      { said: 'no pork' },
      { said: 'vegan' },
      { said: 'no celery' },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400' },
      { said: 'at most 400 mg sodium' },
      { said: 'no pulses' },
    ],
  },
  'roast-squash-sage': {
    regime: 'us',
    text: `Roasted Butternut Squash Soup with Brown Butter and Sage
Serves 6

Soup:
1 large butternut squash (about 3 lb), halved and seeded
2 tbsp olive oil
1 tsp kosher salt, divided
1 yellow onion, sliced
3 cloves garlic, unpeeled
4 cups vegetable broth
1/4 tsp nutmeg
1/2 cup heavy cream

Topping:
4 tbsp butter
12 sage leaves
1/4 cup toasted pecans, chopped

1. Heat oven to 425 F. Brush the squash with 1 tbsp of the oil, sprinkle with half the salt, and roast cut side down with the garlic until very soft, 45 to 50 minutes. Scoop out the flesh; squeeze the garlic from its skins.
2. Meanwhile, saute the onion in the remaining oil until golden, 10 minutes. Add the squash, garlic, broth, nutmeg and remaining salt; simmer 10 minutes.
3. Puree until smooth. Stir in the cream.
4. For the topping, melt the butter in a small pan over medium heat and cook, swirling, until brown. Add the sage and fry 30 seconds. Spoon over the soup and scatter with pecans.`,
    asked: [
      { said: 'no milk' },
      { said: 'vegan' },
      { said: 'no nuts' },
      { said: 'smooth' },
      { said: 'at most 400 mg sodium' },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400' },
    ],
  },
  'pea-mint-prosciutto': {
    regime: 'uk',
    text: `Pea soup with mint and crisp ham
Serves 4

25g butter
1 bunch spring onions, sliced
1 little gem lettuce, shredded
500g frozen petits pois
750ml chicken stock
handful mint leaves
4 tbsp creme fraiche
4 slices Parma ham

1. Heat the grill. Lay the ham on a baking sheet and grill for 3 mins until crisp. Cool and break into shards.
2. Melt the butter and cook the spring onions for 3 mins. Add the lettuce, peas and stock. Boil, then simmer for 5 mins.
3. Add most of the mint and blitz until smooth. Stir in half the creme fraiche.
4. Ladle into bowls, swirl in the rest of the creme fraiche and top with the ham shards and the remaining mint.`,
    asked: [
      { said: 'no pork' },
      { said: 'vegan' },
      { said: 'no milk' },
      { said: 'no onion or garlic' },
      { said: 'at most 400 mg sodium' },
      { said: 'smooth' },
    ],
  },
  'beetroot-feta': {
    regime: 'eu',
    text: `Beetroot and apple soup with feta
4 portions

2 tbsp oil
1 onion
600 g beetroot, peeled and cubed
1 apple
1 l vegetable stock
1 tsp caraway seeds
1 tbsp cider vinegar
100 g feta
20 g walnuts
2 slices rye bread, cubed and toasted

Soften the onion in the oil with the caraway. Add the beetroot and apple and the stock, cover and simmer 35 minutes. Blend until smooth and sharpen with the vinegar. Serve with crumbled feta, walnuts and the toasted rye bread.`,
    asked: [
      { said: 'no milk' },
      { said: 'no gluten ingredient' },
      { said: 'vegan' },
      { said: 'no nuts' },
      { said: 'smooth' },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400' },
      { said: 'at most 400 mg sodium' },
    ],
  },
  'chicken-corn': {
    regime: 'us',
    text: `Creamy Chicken and Corn Chowder (Instant Pot)
Yield: 8 cups

2 tbsp butter
1 cup chopped onion
2 boneless skinless chicken breasts (about 1 1/4 lb)
3 cups frozen corn
1 lb baby potatoes, quartered
4 cups chicken broth
1 tsp dried thyme
1 1/2 tsp salt
4 oz cream cheese, cubed
1 cup half-and-half
2 tbsp cornstarch
1 cup shredded Monterey Jack

Set the Instant Pot to saute; melt the butter and cook the onion 3 minutes. Add chicken, corn, potatoes, broth, thyme and salt. Lock the lid and cook at high pressure 10 minutes; quick release. Remove the chicken and shred it. Whisk the cornstarch into the half-and-half and stir it into the pot with the cream cheese; simmer on saute until thickened, 3 minutes. Mash some of the potatoes. Stir in the shredded chicken and the cheese until melted.`,
    asked: [
      { said: 'no milk' },
      { said: 'vegan' },
      { said: 'smooth' },
      { said: 'at most 3 g saturated fat, same body' },
      { said: 'at most 400 mg sodium' },
      { said: '15 g carbohydrate, 5 g fibre' },
    ],
  },
  'lentil-lemon': {
    regime: 'eu',
    text: `Turkish red lentil soup
Serves 6

For the soup
250 g red lentils
1 large onion, chopped
1 carrot, chopped
1 potato, chopped
1 tbsp tomato paste
1.5 l water or stock
1 tsp cumin
salt

For the butter
40 g butter
1 tsp Aleppo pepper
1 tsp dried mint

To serve: lemon wedges, pita

Rinse the lentils. Put them in a pot with the onion, carrot, potato, tomato paste, cumin and water. Bring to the boil, skim, and simmer for 30 minutes. Blend. Season with salt. Melt the butter with the Aleppo pepper and mint until it foams and drizzle over each bowl. Serve with lemon and pita.`,
    asked: [
      { said: 'no milk' },
      { said: 'vegan' },
      { said: 'no gluten ingredient' },
      { said: 'no pulses' },
      { said: 'kidneys: sodium 300, phosphorus 150, potassium 400' },
      { said: 'no onion or garlic' },
    ],
  },
  'seafood-velvet': {
    regime: 'us',
    text: `She-Crab Style Soup
Serves 6

4 tbsp butter
1/4 cup minced shallot
1/4 cup flour
2 cups seafood stock
2 cups whole milk
1 cup heavy cream
1 lb lump crabmeat, picked over
2 tbsp dry sherry
1/4 tsp mace
1/8 tsp cayenne
1 tsp Worcestershire sauce
Chives

Melt butter; cook shallot 2 minutes. Whisk in flour and cook 2 minutes. Whisk in stock and milk. Simmer gently 10 minutes. Stir in cream, half of the crab, mace, cayenne and Worcestershire. Heat through, puree, and strain if desired. Stir in sherry and remaining crab; serve with chives.`,
    asked: [
      { said: 'no milk' },
      { said: 'no fish or shellfish' },
      { said: 'no gluten ingredient' },
      { said: 'no alcohol' },
      { said: 'smooth' },
      { said: 'at most 3 g saturated fat, same body' },
    ],
  },
  'chicken-rice': {
    regime: 'us',
    text: `Creamy chicken and rice soup
Serves 6
2 tablespoons butter
1 onion, diced
2 carrots, sliced
2 stalks celery, sliced
1 1/2 pounds boneless chicken breasts
6 cups chicken broth
3/4 cup long grain rice
1 cup heavy cream
1. Melt the butter in a large pot and cook the onion, carrots and celery for 8 minutes.
2. Add the broth and the chicken and simmer for 20 minutes until the chicken is cooked through.
3. Lift out the chicken, shred it with two forks and set aside.
4. Add the rice and simmer 18 minutes.
5. Blend half of the soup until smooth. Return the shredded chicken, stir in the cream and heat through.`,
    asked: [{ said: 'vegan' }, { said: 'vegetarian' }],
  },
  'chicken-tortilla': {
    regime: 'us',
    text: `Chicken tortilla soup
Serves 6
2 tablespoons olive oil
1 onion, chopped
2 garlic cloves, minced
1 can (14.5 oz) diced tomatoes
4 cups chicken stock
1 pound chicken thighs
1 can (15 oz) black beans, drained
1/2 cup sour cream
1. Heat the oil and brown the chicken thighs on both sides. Remove to a plate.
2. Soften the onion and garlic, add the tomatoes and stock. Return the chicken and simmer 25 minutes.
3. Take out the chicken, discard the skin, and pull the meat apart with forks.
4. Blend the soup until smooth. Add the pulled chicken and the beans and warm through.
5. Serve with sour cream.`,
    asked: [{ said: 'vegan' }],
  },
  'chicken-leek': {
    regime: 'uk',
    text: `Chicken and leek soup
Serves 4
30 g butter
2 leeks, sliced
400 g chicken thighs
2 potatoes, diced
1 litre chicken stock
150 ml double cream
1. Sweat the leeks in the butter for 10 minutes.
2. Add the potatoes, stock and chicken; simmer for 25 minutes until the juices of the chicken run clear.
3. Remove the chicken, flake the meat off the bones and discard the bones and skin.
4. Blend the soup, stir in the cream and return the chicken. Season.`,
    asked: [{ said: 'vegan' }],
  },
  'haddock-chowder': {
    regime: 'uk',
    text: `Smoked haddock chowder
Serves 4
40 g butter
1 onion, chopped
500 g potatoes, diced
600 ml whole milk
400 g smoked haddock
100 ml double cream
1. Poach the haddock in the milk for 8 minutes. Lift out, skin, bone and flake the fish. Keep the milk.
2. Sweat the onion in the butter, add the potatoes and the milk and simmer 20 minutes.
3. Blend half of it. Return the flaked haddock, add the cream and heat gently.`,
    asked: [{ said: 'no fish' }],
  },
  'egg-lemon': {
    regime: 'us',
    text: `Egg and lemon soup
Serves 4
1 litre chicken broth
100 g rice
400 g chicken breast
3 eggs
60 ml lemon juice
1. Bring the broth to a boil, add the chicken and simmer 20 minutes. Remove the chicken and shred.
2. Add the rice and cook 15 minutes.
3. Beat the eggs with the lemon juice until frothy. Slowly whisk in a ladle of hot broth to temper the eggs, then pour the mixture back into the pot, stirring until thickened. Do not let it boil or the eggs will scramble.
4. Return the chicken and serve.`,
    asked: [{ said: 'vegan' }, { said: 'no egg' }],
  },
  'chestnut-porcini': {
    regime: 'eu',
    text: `Chestnut and porcini velouté
For 6

20 g dried porcini
1 banana shallot, finely chopped
1 stick of celery
25 g butter
435 g tin unsweetened chestnut purée
1.2 l hot chicken stock
100 ml Madeira
150 ml single cream
a grating of nutmeg
6 rashers pancetta, crisped, to garnish
a few sage leaves

Soak the porcini in 200 ml of boiling water for 20 minutes, then drain, keeping the liquor. Sweat the shallot and celery in the butter until soft. Add the porcini, Madeira and let it reduce by half. Add the chestnut purée, stock and the strained mushroom liquor and simmer for 15 minutes. Blend until velvety, pass through a sieve, return to the pan and stir in the cream. Season with nutmeg. Fry the sage leaves in a little oil. Serve topped with pancetta and sage.`,
    asked: [{ said: 'vegan' }, { said: 'no pork' }, { said: 'smooth' }],
  },
  'corn-chowder-light': {
    regime: 'us',
    text: `Summer Corn Chowder (lightened up!)
Servings: 6 (1 1/3 cups each)

4 slices center cut bacon, chopped
1 medium onion, chopped
1 red bell pepper, diced
1 tbsp all purpose flour
5 ears corn, kernels cut off (about 4 cups), cobs reserved
1 lb red potatoes, diced small
3 1/2 cups reduced sodium chicken broth
1 cup fat free half & half
1/2 tsp smoked paprika
salt and pepper to taste
2 scallions, sliced
1/3 cup shredded reduced fat cheddar

In a large pot cook the bacon over medium heat until crisp. Transfer to a paper towel with a slotted spoon and pour off all but 1 tbsp of the fat.
Add onion and pepper, cook until soft, 5 min. Stir in flour, cook 1 min. Add broth, potatoes, 3 cups of the corn, the cobs and paprika. Bring to a boil, cover, and simmer 12-15 min. Discard the cobs.
Transfer 2 cups of the soup to a blender and blend until smooth. Return to the pot with the half & half and remaining corn and cook 5 min more.
Ladle into bowls and top with bacon, scallions and cheese.`,
    asked: [{ said: 'vegan' }, { said: 'no pork' }, { said: 'smooth' }],
  },
  'roast-cauliflower-cheddar': {
    regime: 'us',
    text: `ROASTED CAULIFLOWER + WHITE CHEDDAR SOUP

makes 4 big bowls

1 large head cauliflower, cut into florets (about 2 lbs)
3 tbsp olive oil, divided
1 tsp kosher salt
1/2 yellow onion, diced
3 cloves garlic, smashed
2 tbsp all-purpose flour
3 cups vegetable broth
1 cup 2% milk
2 cups (8 oz) shredded sharp white cheddar
2 oz cream cheese
1 tsp dijon mustard
pinch cayenne
croutons + chives for topping (optional)

Heat oven to 425°F. Toss cauliflower with 2 tbsp oil and the salt, spread on a sheet pan and roast 30 min, flipping once, until deeply golden.
Meanwhile, heat remaining 1 tbsp oil in a Dutch oven over medium. Cook the onion 5-6 min. Add garlic, 1 min. Sprinkle over the flour and stir 1 min.
Slowly pour in broth, whisking. Add cauliflower (save a few florets for garnish) and simmer 10 min.
Blend. Return to low heat, stir in the milk, cream cheese, mustard and cayenne. Add the cheddar a handful at a time until melted. Do NOT boil.
Top w/ croutons, reserved florets and chives.`,
    asked: [{ said: 'vegan' }, { said: 'no gluten ingredient' }, { said: 'at most 400 mg sodium' }],
  },
  'tarka-dal': {
    regime: 'uk',
    text: `Creamy tarka dal soup
Serves 4-5 | Prep 10 mins | Cook 35 mins

For the soup:
250g red split lentils, rinsed until the water runs clear
1 x 400ml tin coconut milk
800ml veg stock (from 1 cube)
1 thumb-sized piece of ginger, grated
1 tsp turmeric
2 vine tomatoes, roughly chopped
Juice of half a lemon

For the tarka:
2 tbsp ghee
1 tsp cumin seeds
1 tsp black mustard seeds
3 fat cloves of garlic, thinly sliced
1 green chilli, slit
A handful of fresh coriander, to serve

Method
Put the lentils, stock, ginger, turmeric and tomatoes in a big pan. Bring to the boil, skim off the scum and simmer for 25 mins until collapsed.
Stir in the coconut milk and blitz with a stick blender till smooth. Squeeze in the lemon and season.
For the tarka, heat the ghee in a small frying pan. Add the seeds and once they pop add the garlic and chilli. Fry till golden, then tip over the soup. Scatter with coriander.`,
    asked: [{ said: 'at most 3 g saturated fat, same body' }],
  },
  'salmon-potato': {
    regime: 'eu',
    text: `Salmon and potato soup, our way
Portions: 4

50 g butter
1 leek
1 carrot, diced
600 g waxy potatoes, cubed
8 dl fish stock
10 allspice berries
2 bay leaves
500 g salmon fillet, skinless, in chunks
2 dl cream
1 bunch dill
salt, white pepper
rye bread on the side

1. Slice the leek and soften it with the carrot in half of the butter.
2. Add potatoes, stock, allspice and bay. Boil until the potatoes are nearly done, about 12 min.
3. Pour in the cream, add the salmon and let it barely simmer 5 min.
4. Stir in most of the dill and the rest of the butter. Season. Serve with rye bread.`,
    asked: [{ said: 'no fish' }, { said: 'no milk' }],
  },
  'wild-rice': {
    regime: 'us',
    text: `Chicken & Wild Rice Soup
Prep Time: 15 mins | Cook Time: 1 hr | Serves: 8

For the soup
1 cup uncooked wild rice
8 tablespoons butter, divided
1 large yellow onion, finely chopped
2 large carrots, peeled and diced
2 ribs celery, diced
8 oz cremini mushrooms, sliced
1/2 cup all-purpose flour
6 cups chicken stock
2 1/2 cups shredded rotisserie chicken
1 cup heavy cream
1 tablespoon fresh thyme
2 bay leaves
Salt & pepper

Cook the rice according to the package directions; drain and set aside.
In a Dutch oven, melt 2 tablespoons of the butter over medium heat. Add mushrooms and cook until browned, 6 minutes. Remove to a plate.
Melt the remaining 6 tablespoons butter. Add onion, carrots and celery and cook 8 minutes. Sprinkle in flour and cook, stirring, 2 minutes.
Gradually whisk in the stock. Add thyme and bay leaves. Bring to a boil, then reduce heat and simmer 15 minutes. Discard the bay leaves and puree half the soup.
Stir in the rice, mushrooms, chicken, and cream. Heat through, season to taste.`,
    asked: [{ said: 'no gluten ingredient' }, { said: 'vegan' }, { said: 'smooth' }],
  },
  'carrot-chickpea': {
    regime: 'uk',
    text: `Spiced carrot soup with crunchy chickpeas
Serves 4

1 tbsp rapeseed oil
1 onion, chopped
600g carrots, chopped
2 tsp harissa
1 tsp ground cumin
900ml hot vegetable stock
100g Greek yogurt, plus extra to serve
400g can chickpeas, drained
1 tsp smoked paprika
30g pistachios, chopped
Small bunch coriander

1. Heat the oven to 200C. Toss the chickpeas with the paprika and a little oil and roast for 25 minutes until crunchy.
2. Meanwhile heat the oil in a pan and fry the onion for 8 minutes. Add the carrots, harissa and cumin and cook for 2 minutes. Pour in the stock, bring to the boil and simmer for 20 minutes until tender.
3. Blend until smooth, then stir in the yogurt off the heat.
4. Ladle into bowls and top with extra yogurt, the crunchy chickpeas, pistachios and coriander.`,
    asked: [{ said: 'vegan' }, { said: 'no nuts' }, { said: 'smooth' }],
  },
  'shrimp-shells': {
    regime: 'us',
    text: `Shrimp & corn bisque

4 servings

1 pound shrimp, peeled and deveined (save the shells)
4 tablespoons butter
1/4 cup flour
1 small onion, minced
1 stalk celery, minced
1 clove garlic, minced
3 cups water
1 1/2 cups corn kernels, fresh or frozen
1 cup whole milk
1/2 cup heavy cream
2 teaspoons celery salt
1 tablespoon brandy
chopped parsley

Simmer the shrimp shells in the water for 20 minutes; strain, keeping the stock.
Melt the butter in a heavy pot. Add the onion, celery and garlic; cook 5 minutes. Stir in the flour, cook 2 minutes.
Whisk in the shrimp stock and the milk. Add half of the corn and the seasoning; simmer 10 minutes, then puree.
Add the cream, brandy, remaining corn and the shrimp, and cook gently until the shrimp turn pink, 3 to 4 minutes. Sprinkle with parsley.`,
    asked: [{ said: 'no fish or shellfish' }, { said: 'no milk' }],
  },
  'cold-beetroot-egg': {
    regime: 'eu',
    text: `Cold beetroot soup with egg
4 portions

500 g cooked beetroot, grated
500 ml kefir
250 ml sour cream 18 %
1 cucumber, grated
4 radishes, grated
2 tbsp chopped dill
1 tbsp chopped chives
1 tbsp lemon juice
1 tsp sugar
4 eggs, hard-boiled, halved

Blend half of the beetroot with the kefir until smooth. Stir in the rest of the beetroot, the sour cream, cucumber, radishes, dill and chives. Season with lemon, sugar and salt. Chill for at least 2 hours. Serve with the egg halves on top.`,
    asked: [{ said: 'no egg' }, { said: 'vegan' }],
  },
  'celeriac-blue': {
    regime: 'uk',
    text: `Celeriac and blue cheese soup
Feeds 6

50g butter
1 large onion, chopped
1 celeriac (approx 900g), peeled and cubed
1 medium potato
1.2 litres ham stock
150ml double cream
150g Stilton-type blue cheese, crumbled
6 slices air-dried ham, grilled until crisp
50g walnuts, toasted

Melt the butter and gently cook the onion for 10 minutes. Add the celeriac and the potato, cover and sweat for 10 minutes more. Pour over the stock and simmer for 25 minutes or until tender. Puree in a blender, return to the pan, stir in the cream and two thirds of the cheese and heat until melted, do not boil. Serve with the rest of the cheese, shards of ham and walnuts.`,
    asked: [{ said: 'no milk' }, { said: 'no pork' }, { said: 'no nuts' }],
  },
  'sausage-slow': {
    regime: 'us',
    text: `Creamy Sausage & Potato Soup (slow cooker)
6 servings

1 lb mild Italian sausage
6 slices bacon, diced
1 onion, diced
4 cloves garlic, minced
4 russet potatoes (2 lbs), sliced
6 cups low sodium chicken broth
1 bunch kale, stems removed, torn
1 cup heavy cream
1/2 tsp red pepper flakes
1/4 cup grated parmesan

1. In a skillet, brown the sausage, breaking it up; drain the fat. Cook the bacon in the same skillet until crisp.
2. Put the sausage, bacon, onion, garlic, potatoes, broth and pepper flakes in the slow cooker. Cook on high 3-4 hours.
3. Mash some of the potatoes to thicken. Stir in the kale and cream, cover and cook 20 minutes more.
4. Serve with parmesan.`,
    asked: [{ said: 'no pork' }, { said: 'vegetarian' }, { said: 'at most 3 g saturated fat, same body' }],
  },
  'white-bean-turkey': {
    regime: 'us',
    text: `White Bean & Turkey Soup
Makes about 10 cups (8 servings)

2 tablespoons olive oil
1 pound ground turkey
1 yellow onion, chopped
3 cloves garlic, minced
2 (4-ounce) cans diced green chilli
2 tsp ground cumin
1/2 tsp dried oregano
4 cups chicken broth
3 (15-ounce) cans cannellini beans, rinsed and drained, divided
4 oz cream cheese, cubed
1/2 cup sour cream
1 cup shredded Monterey Jack
Juice of 1 lime
Cilantro and tortilla chips, for serving

1. Heat the oil in a large pot over medium-high. Add the turkey and cook, breaking it up with a spoon, until no longer pink, 7 minutes. Add the onion and cook 5 minutes. Stir in the garlic, chiles, cumin and oregano.
2. Puree one can of the beans with 1 cup of the broth. Add to the pot with the remaining beans and broth. Simmer 20 minutes.
3. Reduce the heat to low; stir in the cream cheese, sour cream and cheese until melted. Stir in the lime juice.
4. Ladle into bowls, and top with cilantro and chips.`,
    asked: [{ said: 'vegetarian' }, { said: 'no milk' }, { said: 'at most 400 mg sodium' }, { said: 'smooth' }],
  },
  'asparagus-egg': {
    regime: 'uk',
    text: `Asparagus soup with poached egg
Serves 4

25g butter, plus a little extra
1 leek, sliced
2 bunches asparagus (about 500g), woody ends snapped off and kept
1 tbsp plain flour
800ml hot chicken stock
3 tbsp double cream
Grating of nutmeg
4 eggs
Splash of white wine vinegar

Chop the asparagus, keeping the tips separate. Simmer the woody ends in the stock for 15 mins, then strain.
Melt the butter, soften the leek for 8 mins. Stir in the flour, then the stock bit by bit. Add the chopped stalks and simmer for 6-8 mins. Blitz until smooth and sieve. Stir in the cream and nutmeg.
Blanch the tips for 2 mins. Poach the eggs in simmering water with the vinegar for 3 mins.
Divide the soup between bowls and top each with an egg, some tips and black pepper.`,
    asked: [{ said: 'vegan' }, { said: 'no gluten ingredient' }, { said: 'smooth' }],
  },
  'pea-crisp-ham': {
    regime: 'uk',
    text: `Pea and mint soup with crisp ham
Serves 4

25g butter
1 bunch spring onions, sliced
500g frozen peas
750ml chicken stock
handful mint leaves
4 tbsp crème fraîche
4 slices Parma ham

Heat the grill. Lay the ham on a baking sheet and grill for 3 mins until crisp. Cool and break into shards.
Melt the butter and cook the spring onions for 3 mins. Add the peas and stock. Simmer for 5 mins.
Add the mint and blitz until smooth. Stir in the crème fraîche.
Ladle into bowls and top with the ham shards.`,
    asked: [{ said: 'vegan' }, { said: 'no pork' }, { said: 'smooth' }, { said: 'no milk' }],
  },
  'squash-brown-butter': {
    regime: 'us',
    text: `Roast squash soup with brown butter and sage
Serves 6

1 large butternut squash (about 3 lb), halved and seeded
2 tbsp olive oil
1 yellow onion, sliced
4 cups vegetable broth
1/4 tsp nutmeg
1/2 cup heavy cream
4 tbsp butter
12 sage leaves
1/4 cup toasted pecans, chopped

Heat oven to 425 F. Brush the squash with half the oil and roast cut side down until very soft, 45 to 50 minutes. Scoop out the flesh.
Saute the onion in the remaining oil until golden, 10 minutes. Add the squash, broth and nutmeg; simmer 10 minutes.
Puree until smooth. Stir in the cream.
For the topping, melt the butter in a small pan over medium heat and cook, swirling, until brown. Add the sage and fry 30 seconds. Spoon over the soup and scatter with pecans.`,
    asked: [{ said: 'vegan' }, { said: 'no milk' }, { said: 'smooth' }],
  },
  'chickpea-prawns': {
    regime: 'eu',
    text: `Chickpea cream with prawns
For 4

2 cans chickpeas (400 g each), drained
600 ml vegetable stock
1 sprig rosemary
1 clove garlic, sliced
3 tbsp olive oil
12 raw king prawns, shells on
salt, pepper

Simmer the chickpeas in the stock with half the rosemary for 20 minutes. Discard the rosemary.
Peel the prawns. Fry the shells in 1 tbsp of the oil, add 300 ml water; cook 15 minutes and strain.
Blend the chickpeas with their liquid and the prawn stock to make a cream. Season.
Heat the rest of the oil with the garlic and remaining rosemary; sear the prawns 1 minute a side.
Serve the cream in warm bowls with the prawns on top and a thread of raw oil.`,
    asked: [{ said: 'no fish or shellfish' }, { said: 'smooth' }],
  },
  'haddock-milk-chowder': {
    regime: 'uk',
    text: `Smoked haddock and sweetcorn chowder
(2 big bowls)

A knob of butter
2 rashers back bacon, snipped
1 leek, washed and sliced
300g floury potatoes, in 1cm dice
500ml whole milk
a bay leaf
250g undyed smoked haddock
1 small tin sweetcorn (198g), drained
2 tbsp crème fraîche
chopped parsley and crusty bread to serve

Fry the bacon in the butter till the edges catch. Add the leek and potatoes, stir about, lid on, 5 minutes.
Pour over the milk, tuck in the bay, and sit the fish on top. Simmer very gently for 8 minutes, until the potatoes give and the fish flakes. Lift the fish out, peel off its skin and break it into big flakes.
Fish out the bay. Crush a few of the potatoes against the side of the pan to thicken things. Return the fish with the sweetcorn and crème fraîche and warm through.
Parsley on top, bread on the side.`,
    asked: [{ said: 'no milk' }, { said: 'no pork' }, { said: 'no fish or shellfish' }, { said: 'smooth' }],
  },
  'corn-slow-cooker': {
    regime: 'us',
    text: `Slow Cooker Corn Chowder
Prep 15 min | Cook 6 hr | Serves 8

6 slices thick-cut bacon, diced
3 cups peeled and diced russet potatoes
4 cups corn kernels, fresh or frozen
1 cup diced yellow onion
2 stalks celery, diced
3 tablespoons all-purpose flour
4 cups low-sodium chicken broth
1 teaspoon smoked paprika
1 cup half-and-half
1 cup shredded sharp cheddar, plus more for serving
2 green onions, thinly sliced

1. In a skillet over medium heat, cook the bacon until crisp, 6-8 min; transfer to a paper towel-lined plate, reserving 2 Tbsp drippings. Saute the onion and celery in the drippings until soft. Stir in the flour and cook 1 min, then whisk in 1 cup of the broth until blended and thick. Scrape into a 6-qt slow cooker.
2. Add the potatoes, corn, remaining broth and paprika. Cover and cook on low 6 to 7 hours.
3. Transfer 2 cups of the chowder to a blender and puree; return to the slow cooker. Stir in the half-and-half and cheddar; cover and cook 15 min more.
4. Serve topped with the bacon, green onions and more cheese.`,
    asked: [{ said: 'vegan' }, { said: 'no milk' }, { said: 'smooth' }],
  },
  'tortilla-creamy': {
    regime: 'us',
    text: `Chicken Tortilla Soup, Creamy
6 servings

1 Tbsp. avocado oil
1 white onion, diced
3 cloves garlic
1 tsp ground cumin
1 (14.5 oz) can fire-roasted tomatoes
1 can (15 oz) black beans, drained and rinsed
1 cup frozen corn
4 c. chicken bone broth
1 1/2 lbs boneless, skinless chicken thighs
4 oz. cream cheese, softened
1 c. shredded pepper jack
juice of 1 lime

Saute onion in oil 5 min. Add garlic and cumin, 1 min.
Add tomatoes, beans, corn, broth and chicken. Simmer 25 min, until chicken reaches 165°F.
Remove chicken; shred with two forks. Ladle 2 cups of the soup into a blender with the cream cheese; blend smooth and return to pot along with the chicken and cheese. Stir until melted. Squeeze in lime.`,
    asked: [{ said: 'vegan' }, { said: 'no milk' }, { said: 'smooth' }],
  },
  'leek-oat': {
    regime: 'uk',
    text: `Leek & oat soup
Serves 6

35g butter
6 large leeks, washed and cut into 2.5cm chunks
1.2 litres milk or chicken stock
75g oatmeal (not instant)
Pinch of mace
150ml single cream (optional)
2 tbsp chopped parsley

Bring the liquid to the boil with the butter. Sprinkle in the oatmeal, stirring so it doesn't go lumpy, and boil for a few minutes. Add the leeks, mace and seasoning; cover and simmer gently for 45 minutes. Add half the parsley and boil for a minute or two. Serve with a swirl of cream and the rest of the parsley. Nice blended too.`,
    asked: [{ said: 'vegan' }, { said: 'no gluten ingredient' }, { said: 'smooth' }],
  },
  'lentil-sausage': {
    regime: 'eu',
    text: `Creamy lentil soup
for 4

250 g brown lentils
1 onion
2 carrots
100 g celeriac
1 leek
100 g smoked bacon, diced
1.2 l vegetable stock
1 bay leaf
1 tbsp vinegar
150 g crème fraîche
2 pairs of Vienna sausages
1 tbsp mustard
parsley

Fry the bacon in a pot until the fat runs. Add the diced onion, carrots, celeriac and leek and fry for 5 minutes. Add the lentils, stock and bay leaf, bring to the boil and simmer for 40 minutes.
Remove the bay leaf. Puree about half of the soup. Stir in the crème fraîche, mustard and vinegar and season.
Slice the sausages, warm them in the soup and serve sprinkled with parsley.`,
    asked: [{ said: 'no pork' }, { said: 'vegan' }, { said: 'smooth' }],
  },
  'pumpkin-peanut': {
    regime: 'us',
    text: `Thai-Inspired Pumpkin Soup

Serves 6

1 Tbsp coconut oil
1 shallot, minced
2 Tbsp red curry paste
1 Tbsp minced ginger
1 (29 oz) can pumpkin puree
3 cups vegetable broth
1 (13.5 oz) can full fat coconut milk, 3 Tbsp reserved for garnish
1 Tbsp fish sauce
1 Tbsp brown sugar
1 Tbsp peanut butter
2 tsp lime juice
Chopped peanuts + cilantro for garnish

In a medium pot, warm coconut oil over medium. Cook shallot 3 min; add curry paste and ginger, stir 1 min.
Whisk in pumpkin, broth, coconut milk, fish sauce, brown sugar and peanut butter. Simmer 15 min. Blend with an immersion blender.
Stir in lime juice. Ladle into bowls, drizzle with the reserved coconut milk; top with peanuts and cilantro.`,
    asked: [{ said: 'no peanut' }, { said: 'no fish' }, { said: 'at most 3 g saturated fat, same body' }, { said: 'vegan' }],
  },
};
