/**
 * Whole recipes written apart from the reader, before it was tuned, and read by it only for the score. All invented; the
 * rules of the grams stand in holdoutLines.ts.
 */
import type { RecipeRow } from './row.ts';

const BUTTER = 'butter-salted or butter-unsalted';
const FLOUR = 'flour-wheat or flour-wheat-unenriched';

export const HOLDOUT_RECIPES: readonly RecipeRow[] = [
  {
    id: 'carrot-ginger', measures: 'us', servings: 4,
    text: `Carrot Ginger Soup
Serves 4

Ingredients
2 tablespoons olive oil
1 medium onion, chopped
2 cloves garlic, minced
1 tablespoon grated fresh ginger
1 1/2 pounds carrots, peeled and sliced
4 cups vegetable broth
1/2 cup coconut milk
Salt and pepper to taste
Chopped cilantro, for garnish

Instructions
1. Heat the oil in a large pot over medium heat. Add the onion and cook until soft, about 5 minutes. Stir in the garlic and ginger and cook 1 minute.
2. Add the carrots and broth. Bring to a boil, reduce heat, cover and simmer 20 minutes, until the carrots are tender.
3. Puree the soup until smooth. Stir in the coconut milk and season with salt and pepper.
4. Serve topped with cilantro.`,
    lines: [['olive-oil', 27, 'base'], ['onion', 110, 'base'], ['garlic', 7, 'base'], ['ginger', 6, 'base'], ['carrot', 606, 'simmer'], ['vegetable-broth', 960, 'simmer'], ['coconut-milk', 113, 'finish'], ['salt', null, 'finish'], ['black-pepper', null, 'finish'], ['coriander-leaf', null, 'bowl']],
  },
  {
    id: 'roast-tomato', measures: 'metric', servings: 6,
    text: `Roast tomato and red pepper soup

For 6

1.5 kg ripe tomatoes, halved
3 red peppers, deseeded and quartered
1 red onion, cut into wedges
4 garlic cloves, unpeeled
3 tbsp olive oil
700 ml hot vegetable stock
1 tsp sugar
a handful of basil leaves
To serve:
6 slices sourdough bread

Method
Heat the oven to 200C/180C fan/gas 6.
Put the tomatoes, peppers, onion and garlic in a roasting tin, drizzle with the oil and roast for 45 minutes until soft and charring at the edges.
Squeeze the garlic from its skins into a large pan with the roasted vegetables, the stock and sugar. Simmer for 10 minutes.
Add the basil and blend with a stick blender until smooth.
Serve with the bread.`,
    lines: [['tomato', 1365, 'base'], ['red-pepper', 357, 'base'], ['onion', 110, 'base'], ['garlic', 14, 'base'], ['olive-oil', 41, 'base'], ['vegetable-broth', 710, 'simmer'], ['sugar', 4.2, 'simmer'], ['basil', 12, 'blend'], ['bread-french', 240, 'plate']],
  },
  {
    id: 'mushroom-prose', measures: 'metric', servings: 4,
    text: `Mushroom soup the way my aunt makes it. Melt 50 g butter in a big pan and sweat a chopped onion with a chopped clove of garlic for about 8 minutes. Tip in 500 g sliced mushrooms and cook them until their water is gone. Stir in 2 tablespoons of plain flour, cook for a minute, then pour in 1 litre of chicken stock little by little. Simmer for 15 minutes. Take it off the heat and blend it. Stir in 100 ml of double cream and warm through without boiling. Enough for four.`,
    lines: [[BUTTER, 50, 'base'], ['onion', 110, 'base'], ['garlic', 3.5, 'base'], ['mushrooms', 485, 'base'], [FLOUR, 15.6, 'base'], ['chicken-broth', 1014, 'simmer'], ['cream-double', 99, 'finish']],
  },
  {
    id: 'broccoli-dictated', measures: 'us',
    text: `okay so this is broccoli cheddar soup. four tablespoons of butter, half a medium onion chopped up, a quarter cup of flour, two cups of half and half, three cups of chicken stock, half a pound of broccoli florets, one cup of grated carrot, eight ounces of grated cheddar. so melt the butter, cook the onion about five minutes, whisk in the flour for one minute, then slowly add the half and half and the stock and simmer twenty minutes. add the broccoli and carrots and cook another twenty minutes. blend about half of it and stir in the cheese off the heat.`,
    lines: [[BUTTER, 56.8, 'base'], ['onion', 55, 'base'], [FLOUR, 31, 'base'], ['half-and-half', 484, 'simmer'], ['chicken-broth', 720, 'simmer'], ['broccoli', 227, 'simmer'], ['carrot', 125, 'simmer'], ['cheddar', 227, 'finish']],
  },
  {
    id: 'sweet-potato-table', measures: 'metric',
    text: `# Sweet potato and peanut soup

| Amount | Ingredient |
|---|---|
| 1 tbsp | vegetable oil |
| 1 large | onion, chopped |
| 900 g | sweet potatoes, peeled and diced |
| 1 l | vegetable stock |
| 400 g | canned chopped tomatoes |
| 100 g | smooth peanut butter |
| 1 tsp | chilli powder |
| 10 g | fresh coriander |

1. Soften the onion in the oil for 10 minutes.
2. Add the chilli, sweet potatoes, tomatoes and stock and simmer for 20 minutes.
3. Stir in the peanut butter and blend until smooth.
4. Scatter with the coriander.`,
    lines: [['vegetable-oil', 13.8, 'base'], ['onion', 150, 'base'], ['sweet-potato', 648, 'simmer'], ['vegetable-broth', 1014, 'simmer'], ['tomatoes-canned', 400, 'simmer'], ['peanut-butter', 100, 'blend'], ['chili-powder-blend', 2.7, 'simmer'], ['coriander-leaf', 10, 'bowl']],
  },
  {
    id: 'corn-parts', measures: 'us', servings: 5,
    text: `Creamy corn chowder, pureed
Yield: 5 bowls

FOR THE SOUP
3 slices bacon, diced
1 onion, diced
2 stalks celery, diced
4 cups frozen corn
2 medium potatoes, peeled and cubed
4 cups chicken broth
1 bay leaf
1 cup half-and-half

FOR THE TOPPING
2 tablespoons chopped chives
1/4 cup sour cream

DIRECTIONS
Cook the bacon in a Dutch oven until crisp; remove with a slotted spoon and save for the top. Sauté the onion and celery in the drippings 5 minutes. Add corn, potatoes, broth and bay leaf; simmer 20 minutes. Discard the bay leaf. Purée half the soup and return it to the pot. Stir in the half-and-half and heat through. Ladle into bowls and top with the bacon, chives and sour cream.`,
    lines: [['bacon-raw', 84, 'base'], ['onion', 110, 'base'], ['celery', 100, 'base'], ['sweetcorn-frozen', 544, 'simmer'], ['potato', 340, 'simmer'], ['chicken-broth', 960, 'simmer'], ['bay-leaf', 0.4, 'simmer'], ['half-and-half', 242, 'finish'], ['chives', 6, 'bowl'], ['sour-cream', 57.5, 'bowl']],
  },
  {
    id: 'pumpkin-au', measures: 'au',
    text: `Pumpkin soup
1.2kg butternut pumpkin, peeled, seeded, chopped
1 brown onion, chopped
2 garlic cloves, crushed
1 tablespoon olive oil
3 cups (750ml) chicken stock
1/2 cup (125ml) pure cream
Crusty bread, to serve
Heat oil in a large saucepan over medium heat. Cook onion and garlic, stirring, for 5 minutes or until softened. Add pumpkin and stock. Bring to the boil. Reduce heat and simmer, partially covered, for 20 minutes. Blend until smooth. Stir in the cream. Serve with crusty bread.`,
    lines: [['butternut-squash', 1008, 'simmer'], ['onion', 110, 'base'], ['garlic', 7, 'base'], ['olive-oil', 18.3, 'base'], ['chicken-broth', 760, 'simmer'], ['cream-heavy or cream-double', 126, 'finish'], ['bread-french or bread-white', null, 'plate']],
  },
  {
    id: 'beet', measures: 'us', servings: 6,
    text: `Beet soup with horseradish cream

2 lbs beets, trimmed, peeled and cubed
1 yellow onion, sliced
1 tbsp. canola oil
5 c. beef stock
1 tbsp. red wine vinegar
1 tsp. kosher salt

Horseradish cream
1/2 c. sour cream
1 tbsp. prepared horseradish

Sweat onion in oil, covered, 8 min. Add beets, stock and salt. Cover and simmer 40-45 min until a knife slides in. Cool 10 minutes, blend, and season with the vinegar. Mix the sour cream and horseradish and swirl a spoonful into each bowl. Makes 6 servings.`,
    lines: [['beetroot', 608, 'simmer'], ['onion', 110, 'base'], ['rapeseed-oil', 13.6, 'base'], ['beef-broth', 1200, 'simmer'], ['wine-vinegar', 14.9, 'finish'], ['salt-coarse', 4, 'simmer'], ['sour-cream', 115, 'bowl'], ['horseradish', 15, 'bowl']],
  },
  {
    id: 'split-pea', measures: 'us', servings: 8,
    text: `Split Pea & Ham Soup (serves 8)
Ingredients:
- 1 lb dried split peas, rinsed
- 1 ham hock
- 2 carrots, chopped
- 1 onion, chopped
- 2 ribs celery, chopped
- 8 cups water
- 1 tsp dried thyme
- 2 bay leaves
Steps:
1) Put everything in a large pot. Bring to a boil, skim, then lower the heat and simmer with the lid ajar for 1 1/2 hours.
2) Remove the ham hock and bay leaves. Shred the meat from the bone.
3) Blend the soup until smooth and stir the meat back in.`,
    lines: [['split-peas-dry', 454, 'simmer'], ['ham-hock', 350, 'simmer'], ['carrot', 130, 'simmer'], ['onion', 110, 'simmer'], ['celery', 100, 'simmer'], ['water', 1893, 'simmer'], ['thyme-dried', 0.9, 'simmer'], ['bay-leaf', 0.8, 'simmer']],
  },
  {
    id: 'lentil-coconut', measures: 'metric', servings: 4,
    text: `Red lentil and coconut soup
4 portions
1 tbsp coconut oil or sunflower oil
1 onion, diced
2 tsp red curry paste
200 g red lentils
800 ml vegetable stock
1 tin (400 ml) coconut milk
juice of 1 lime
fresh coriander, to serve

Fry the onion in the oil for 5 min. Stir in the curry paste for 1 min. Add lentils and stock, simmer 20 min, lid ajar. Pour in the coconut milk, warm through gently and blend. Add lime juice. Serve with coriander.`,
    lines: [['coconut-oil', 13.8, 'base'], ['sunflower-oil', 13.8, 'base'], ['onion', 110, 'base'], ['curry-paste-red', 10.9, 'base'], ['lentils-red-dry', 200, 'simmer'], ['vegetable-broth', 811, 'simmer'], ['coconut-milk', 382, null], ['lime-juice', 30, 'finish'], ['coriander-leaf', null, 'bowl']],
  },
  {
    id: 'cashew-cauliflower', measures: 'us',
    text: `Cashew Cauliflower Soup

Yield 6 cups

1 cup raw cashews, soaked 4 hours and drained
1 medium head cauliflower (about 2 pounds), broken into florets
1 shallot, chopped
2 tbsp extra-virgin olive oil
5 cups water
2 tbsp nutritional yeast
1 tbsp lemon juice
1/2 tsp white pepper

Warm the oil and soften the shallot, 4 minutes. Add cauliflower and water; simmer covered 15 minutes. Transfer to a blender with the drained cashews, nutritional yeast, lemon juice and white pepper and blend until very smooth.`,
    lines: [['cashews-raw', 137, 'blend'], ['cauliflower', 560, 'simmer'], ['shallot', 30, 'base'], ['olive-oil', 27, 'base'], ['water', 1183, 'simmer'], ['yeast-flakes or yeast-flakes-fortified', 10, 'blend'], ['lemon-juice', 15.3, 'blend'], ['white-pepper', 1.2, 'blend']],
  },
  {
    id: 'leek-potato-imperial', measures: 'imperial', servings: 5,
    text: `Leek and potato soup
2 oz butter
1 lb leeks, trimmed and washed, sliced
12 oz potatoes, peeled and diced
1 1/2 pints chicken stock
1/2 pint milk
salt and pepper
4 tbsp single cream
Melt the butter and sweat the leeks and potatoes, covered, for 10 minutes without colouring. Pour in the stock and milk, bring to the boil and simmer for 20 minutes. Liquidise, season, and finish with the cream. Serves 4-6.`,
    lines: [[BUTTER, 57, 'base'], ['leek', 200, 'base'], ['potato', 286, 'base'], ['chicken-broth', 864, 'simmer'], ['milk-whole', 293, 'simmer'], ['salt', null, 'finish'], ['black-pepper', null, 'finish'], ['cream-light', 61, 'finish']],
  },
  {
    id: 'spinach-markdown', measures: 'metric', servings: 4,
    text: `## Spinach soup

**Serves:** 4 · **Time:** 30 min

### Ingredients
* 25 g butter
* 1 small onion, finely chopped
* 1 medium potato, diced
* 600 ml chicken or vegetable stock
* 400 g spinach, washed
* 150 ml single cream, plus extra to serve
* grating of nutmeg

### Method
1. Melt the butter in a pan and gently cook the onion for 5 minutes.
2. Add the potato and stock, cover and simmer for 15 minutes.
3. Stir in the spinach until it wilts, about 2 minutes, then blend.
4. Return to the pan, add the cream and nutmeg and heat through.`,
    lines: [[BUTTER, 25, 'base'], ['onion', 70, 'base'], ['potato', 170, 'simmer'], ['chicken-broth', 608, 'simmer'], ['vegetable-broth', 608, 'simmer'], ['spinach', 288, 'simmer'], ['cream-light', 152, 'finish'], ['nutmeg', 0.2, 'finish']],
  },
  {
    id: 'parsnip-jsonld', measures: 'us', servings: 6,
    text: `{"@context":"https://schema.org","@type":"Recipe","name":"Parsnip soup","recipeYield":"6 servings","recipeIngredient":["2 tbsp butter","1 onion, chopped","4 large parsnips, peeled and chopped","1 tsp curry powder","5 cups chicken broth","1/2 cup heavy cream"],"recipeInstructions":[{"@type":"HowToStep","text":"Melt the butter and cook the onion until soft, 6 minutes."},{"@type":"HowToStep","text":"Stir in curry powder, 1 minute. Add parsnips and broth and simmer 25 minutes."},{"@type":"HowToStep","text":"Blend and stir in the cream."}]}`,
    lines: [[BUTTER, 28.4, 'base'], ['onion', 110, 'base'], ['parsnip', 680, 'simmer'], ['curry-powder', 2.1, 'base'], ['chicken-broth', 1200, 'simmer'], ['cream-heavy', 119, 'finish']],
  },
  {
    id: 'courgette-html', measures: 'metric', servings: 2,
    text: `<h1>Courgette soup</h1><p>Serves 2</p><ul><li>1 tbsp olive oil</li><li>1 onion, sliced</li><li>500 g courgettes, sliced</li><li>500 ml vegetable stock</li><li>50 g soft cheese</li></ul><ol><li>Soften the onion in the oil for 8 minutes.</li><li>Add the courgettes and stock and simmer for 10 minutes.</li><li>Add the cheese and blend.</li></ol>`,
    lines: [['olive-oil', 13.7, 'base'], ['onion', 110, 'base'], ['courgette', 475, 'simmer'], ['vegetable-broth', 507, 'simmer'], ['cream-cheese', 50, 'blend']],
  },
  {
    id: 'fennel-csv', measures: 'metric',
    text: `amount,unit,ingredient,note
1,tbsp,olive oil,
2,,leeks,sliced
300,g,fennel,chopped
800,ml,vegetable stock,
2,cans,cannellini beans,drained`,
    lines: [['olive-oil', 13.7, null], ['leek', 180, null], ['fennel', 216, null], ['vegetable-broth', 811, null], ['white-beans-canned-drained', 495, null]],
  },
  {
    id: 'roasted-squash', measures: 'us', servings: 6,
    text: `Roasted Squash Soup

Serves 6

3 tablespoons olive oil, divided
3 lb butternut squash, halved and seeded
1 onion, chopped
4 sage leaves
6 cups chicken stock
1/4 cup grated Parmesan, plus more for serving
1/2 cup pumpkin seeds, toasted

Rub the squash with 1 tablespoon of the oil and roast at 400 until soft, 50 minutes. Scoop out the flesh. Heat the remaining oil in a pot, add the onion and sage and cook 8 minutes. Add the squash flesh and stock and simmer 10 minutes. Blend smooth. Stir in the Parmesan. Garnish with the pumpkin seeds.`,
    lines: [['olive-oil', 40.5, 'base'], ['butternut-squash', 1143, 'base'], ['onion', 110, 'base'], ['chicken-broth', 1440, 'simmer'], ['parmesan', 25, 'finish'], ['pumpkin-seeds', 64.5, 'bowl']],
  },
  {
    id: 'cream-of-chicken', measures: 'us',
    text: `CREAM OF CHICKEN SOUP
5 tablespoons butter
1/2 cup flour
4 cups chicken stock
1 cup milk
2 cups cooked chicken breast, diced
1/2 teaspoon salt
1/4 teaspoon paprika
In a heavy saucepan melt the butter. Whisk in the flour and cook for 2 minutes. Gradually whisk in the stock and then the milk. Simmer for 15 minutes, stirring often. Add the chicken, salt and paprika and heat for 5 minutes more. Puree if a smooth soup is wanted.`,
    lines: [[BUTTER, 71, 'base'], [FLOUR, 62.5, 'base'], ['chicken-broth', 960, 'simmer'], ['milk-whole', 244, 'simmer'], ['chicken-breast-cooked', 280, 'simmer'], ['salt', 3, 'simmer'], ['paprika', 0.57, 'simmer']],
  },
  {
    id: 'carrot-orange', measures: 'metric', servings: 4,
    text: `Carrot and orange soup
For 4 people

Carrots: 500 g
Onion: 1 large
Garlic (2 cloves)
Butter - 20 g
Orange juice, 150 ml
Chicken stock, 750 ml
Bay leaf x 1

Sweat the onion and garlic in the butter for 10 min. Add carrots, stock and bay leaf, simmer 25 min. Remove the bay. Blend with the orange juice.`,
    lines: [['carrot', 445, 'simmer'], ['onion', 150, 'base'], ['garlic', 7, 'base'], [BUTTER, 20, 'base'], ['orange-juice', 157, 'blend'], ['chicken-broth', 760, 'simmer'], ['bay-leaf', 0.4, 'simmer']],
  },
  {
    id: 'avocado', measures: 'us',
    text: `Chilled avocado soup

Makes about 4 cups

2 ripe avocados
1 cucumber, peeled and chopped
1 cup plain whole-milk yogurt
1 cup cold vegetable broth
2 tablespoons lime juice
1 jalapeño, seeded
1/2 cup cilantro leaves
1/2 teaspoon salt

Blend everything until smooth. Chill for 2 hours. Thin with a little cold water if needed.`,
    lines: [['avocado', 402, 'blend'], ['cucumber-raw', 300, 'blend'], ['yogurt-whole', 245, 'blend'], ['vegetable-broth', 240, 'blend'], ['lime-juice', 30.8, 'blend'], ['jalapeno', 14, 'blend'], ['coriander-leaf', 8, 'blend'], ['salt', 3, 'blend']],
  },
];
