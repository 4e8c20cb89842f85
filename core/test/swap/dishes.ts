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
  lever: RegExp;
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
};
