/**
 * A second hold-out, written after the reader was tuned on all the others and before it was ever read: by the hand that wrote the
 * reader, which the first was not. When first read, 42 of 60 lines were right, 13 doubted, 5 wrong; 52 of 55 lines of recipes right, 3
 * wrong. What it taught was mended afterwards, and three slips of its writer put right (a spoon of yeast flakes, two liquids left out).
 * Rules as in holdoutLines.ts.
 */
import type { LineRow, RecipeRow } from './row.ts';

const BUTTER = 'butter-salted or butter-unsalted';

export const SECOND_LINES: readonly LineRow[] = [
  ['us', '2 lbs. Yukon gold potatoes, scrubbed and quartered', 'potato', 762],
  ['us', '1 cup packed fresh spinach leaves', 'spinach', 30],
  ['us', '3/4 cup freshly grated parmesan, divided', 'parmesan', 75],
  ['us', '2 quarts unsalted chicken stock', 'chicken-broth-low-sodium or chicken-stock-homemade', null],
  ['us', '1 medium-size yellow onion (about 1 cup chopped)', 'onion', 110],
  ['us', '4 to 5 garlic cloves, smashed', 'garlic', 15.75],
  ['us', 'One 14-oz. can coconut milk (not light)', 'coconut-milk', 396],
  ['us', 'a generous pinch of cayenne', 'cayenne', 0.2],
  ['us', '1 rounded teaspoon curry powder', 'curry-powder', 2.6],
  ['us', '16 oz bag of frozen cauliflower florets', 'cauliflower-frozen', 454],
  ['us', '2 tablespoons all purpose flour (optional)', 'flour-wheat', 15.6],
  ['us', '1/2 lemon, juiced', 'lemon-juice', 22.5],
  ['us', '1/3 c. half & half', 'half-and-half', 80.7],
  ['us', '6 oz thick cut bacon, diced', 'bacon-raw', 170],
  ['us', '1 (8-ounce) container sour cream', 'sour-cream', 227],
  ['us', '2 c cubed ham', 'ham', 280],
  ['us', '1 leek (white part only), thinly sliced', 'leek', 90],
  ['us', 'Olive oil, for drizzling', 'olive-oil', null],
  ['us', '3 sprigs rosemary + 4 sprigs thyme', 'rosemary + thyme-fresh', null],
  ['us', '1 Tbs grated ginger root', 'ginger', 6],
  ['us', '2 cups leftover mashed potatoes', 'potato or potato-boiled', null],
  ['us', '1½ tsp Kosher salt, more to taste', 'salt-coarse', 6],
  ['us', '1 pound broccoli (2 small heads), stems peeled and chopped', 'broccoli', 277],
  ['us', '5 cups low fat milk', 'milk-low-fat', 1220],
  ['us', '1 head roasted garlic', 'garlic', 40],
  ['us', '1/2 cup dry sherry or white wine', 'sherry-dry / white-wine', 118],
  ['us', 'about 2 pounds sugar pumpkin, peeled and seeded', 'pumpkin', 635],
  ['us', '8 large fresh basil leaves', 'basil', 4],
  ['us', '1 teaspoon Old-fashioned yellow mustard', 'mustard', 5.2],
  ['us', '1 c. shredded Swiss cheese', 'emmental', 108],
  ['us', '2 Tablespoons nutritional yeast flakes', 'yeast-flakes or yeast-flakes-fortified', 10],
  ['us', '1 can (15.5 ounces) navy beans, undrained', 'white-beans-canned', 439],
  ['us', '14.5-oz can diced tomatoes, drained', 'tomatoes-canned', null],
  ['us', '1 cup chopped, peeled turnip', 'turnip', 130],
  ['metric', '1kg carrots, cut into chunks', 'carrot', 890],
  ['metric', '2 medium leeks (around 400g), washed and sliced', 'leek', 176],
  ['metric', '1 heaped tbsp cornflour mixed with 2 tbsp cold water', 'cornstarch + water', 8.1],
  ['metric', '300ml pot double cream', 'cream-double', 298],
  ['metric', '2 tbsp crème fraîche, to serve', 'creme-fraiche', 29.8],
  ['metric', '1 x 300g pack silken tofu, drained', 'silken-tofu', 300],
  ['metric', '100g chunk of Parmesan, grated', 'parmesan', 100],
  ['metric', '½ small celeriac, peeled', 'celeriac', 200],
  ['metric', 'thumbnail-sized piece of butter', 'butter-salted or butter-unsalted', null],
  ['metric', '4 sprigs of mint, leaves picked', 'mint', 6],
  ['metric', '2 x 410g cans haricot beans in water, drained', 'white-beans-canned-drained', 492],
  ['metric', '1.5kg whole chicken', 'chicken-whole-raw', 1500],
  ['metric', '250g pack ready-cooked chestnuts', 'chestnuts-boiled', 250],
  ['metric', '1 tsp bouillon powder dissolved in 500 ml water', 'vegetable-stock-powder + water', 4],
  ['metric', 'generous grating of nutmeg', 'nutmeg', 0.2],
  ['metric', '3 ripe pears (about 500 g)', 'pear', 450],
  ['metric', 'small knob of ginger', 'ginger', null],
  ['metric', '500 g frozen mixed vegetables', 'mixed-vegetables-frozen', 500],
  ['metric', '1 litre fresh fish stock', 'fish-stock', 985],
  ['metric', '1 slice of white bread, whizzed to crumbs', 'bread-white', 28],
  ['metric', 'a handful each of parsley and dill', 'parsley + dill', null],
  ['imperial', '6 fl oz single cream', 'cream-light', 173],
  ['imperial', '1½ lb tomatoes', 'tomato', 619],
  ['imperial', '¾ pint milk', 'milk-whole', 439],
  ['au', '2 cups (500 ml) salt-reduced vegetable stock', 'vegetable-broth-low-sodium', 507],
  ['au', '1 tablespoon green curry paste', 'curry-paste-green', 22],
];

export const SECOND_RECIPES: readonly RecipeRow[] = [
  {
    id: 'second-zucchini', measures: 'us', servings: 5,
    text: `Grandma's Zucchini Soup

Yields: 4-6 servings

What you need:
3 T butter
1 big onion, sliced
2 lbs zucchini, sliced
3 c chicken broth
1/2 tsp curry powder
1/2 c heavy cream
Chives

What to do:
Cook the onion in the butter over medium heat until limp (8 min).
Add zucchini, broth and curry. Cover, simmer 15 min.
Puree in batches. Whisk in cream. Sprinkle chives on each bowl.`,
    lines: [[BUTTER, 42.6, 'base'], ['onion', null, 'base'], ['courgette', 862, 'simmer'], ['chicken-broth', 720, 'simmer'], ['curry-powder', 1.05, 'simmer'], ['cream-heavy', 119, 'finish'], ['chives', null, 'bowl']],
  },
  {
    id: 'second-artichoke', measures: 'metric', servings: 4,
    text: `JERUSALEM ARTICHOKE SOUP
Serves 4

600g Jerusalem artichokes, peeled and sliced
1 onion, chopped
1 potato, chopped
50g butter
800ml chicken stock
100ml milk
2 rashers streaky bacon, to serve

1 Melt the butter in a large pan. Add the artichokes, onion and potato, cover and sweat gently for 15 minutes.
2 Pour in the stock, bring to the boil, then simmer for 20 minutes.
3 Blend until smooth, return to the pan and add the milk.
4 Fry the bacon until crisp and crumble over the soup.`,
    lines: [['sunchoke', 414, 'base'], ['onion', 110, 'base'], ['potato', 170, 'base'], [BUTTER, 50, 'base'], ['chicken-broth', 811, 'simmer'], ['milk-whole', 103, 'finish'], ['bacon-raw', 56, 'bowl']],
  },
  {
    id: 'second-prose', measures: 'metric', servings: 6,
    text: `Pea and lettuce soup for six. Soften 6 spring onions in 30 g of butter. Add 700 g frozen peas, two heads of cos lettuce and 1.2 l vegetable stock, and simmer for 8 minutes. Blend with 10 g of mint leaves, then whisk in 150 g creme fraiche.`,
    lines: [['spring-onion', 90, 'base'], [BUTTER, 30, 'base'], ['peas-frozen', 700, 'simmer'], ['lettuce-cos', 1252, 'simmer'], ['vegetable-broth', 1217, 'simmer'], ['mint', 10, 'blend'], ['creme-fraiche', 150, 'finish']],
  },
  {
    id: 'second-instant', measures: 'us',
    text: `hey so my black bean soup is two cans of black beans drained and rinsed, one jar of salsa, two cups of chicken broth and a teaspoon of cumin. put it all in a pot and simmer ten minutes, then blend half. top with sour cream.`,
    lines: [['black-beans-canned-rinsed or black-beans-canned-drained', null, 'simmer'], ['salsa', null, 'simmer'], ['chicken-broth', 480, 'simmer'], ['cumin', 2, 'simmer'], ['sour-cream', null, 'bowl']],
  },
  {
    id: 'second-spaced', measures: 'us', servings: 8,
    text: `Cream of Mushroom Soup
Prep time: 15 min   Cook time: 30 min   Servings: 8

Ingredients

    4 tablespoons   unsalted butter
    1 1/2 pounds    cremini mushrooms, sliced
    2               shallots, minced
    1/4 cup         all-purpose flour
    6 cups          low-sodium chicken broth
    1 cup           heavy cream
    1 teaspoon      fresh thyme leaves

Instructions

    Step 1: Melt butter in a Dutch oven. Add mushrooms and shallots; cook until browned, 10 minutes.
    Step 2: Stir in flour; cook 1 minute. Gradually whisk in broth and thyme. Simmer 15 minutes.
    Step 3: Puree with an immersion blender. Stir in cream; season.`,
    lines: [['butter-unsalted', 56.8, 'base'], ['cremini', 660, 'base'], ['shallot', 60, 'base'], ['flour-wheat', 31, 'base'], ['chicken-broth-low-sodium', 1440, 'simmer'], ['cream-heavy', 238, 'finish'], ['thyme-fresh', 0.8, 'simmer']],
  },
  {
    id: 'second-semicolon', measures: 'metric',
    text: `quantity;unit;ingredient;preparation
2;tbsp;rapeseed oil;
1;;onion;chopped
500;g;celeriac;peeled
1;l;vegetable stock;
150;ml;oat cream;`,
    lines: [['rapeseed-oil', 27.6, null], ['onion', 110, null], ['celeriac', 430, null], ['vegetable-broth', 1014, null], ['oat-cream', 152, null]],
  },
  {
    id: 'second-fish', measures: 'metric', servings: 4,
    text: `Creamy cod soup (4 bowls)

For the base
1 tbsp olive oil
1 leek, sliced
1 stick of celery, sliced

For the soup
500 g potatoes, peeled and diced
700 ml fish stock
300 g skinless cod fillet
200 ml single cream

To finish
1 tbsp chopped dill

Heat the oil and sweat the leek and celery for 8 minutes. Add the potatoes and stock and simmer until tender, 15 minutes. Add the cod for the last 5 minutes. Blend, stir in the cream and reheat gently. Scatter with dill.`,
    lines: [['olive-oil', 13.7, 'base'], ['leek', 90, 'base'], ['celery', 50, 'base'], ['potato', 420, 'simmer'], ['fish-stock', 690, 'simmer'], ['cod-raw', 300, 'simmer'], ['cream-light', 203, 'finish'], ['dill', 0.57, 'bowl']],
  },
  {
    id: 'second-gnarly', measures: 'us', servings: 6,
    text: `SPICY CARROT & LENTIL SOUP

Serves: 6 people

INGREDIENTS

1 tbsp (15 ml) coconut oil
1 lb (450 g) carrots, peeled + chopped
1 onion, diced
1 thumb ginger, minced
1 tsp EACH cumin and turmeric
3/4 cup (140 g) red lentils
5 cups (1.2 L) vegetable broth
Juice of 1 lime

DIRECTIONS

1. Heat oil; sauté onion + ginger 5 min. Add spices, 1 min.
2. Add carrots, lentils, broth. Boil, then simmer 20 min.
3. Blend. Finish with lime juice.`,
    lines: [['coconut-oil', 13.7, 'base'], ['carrot', 400, 'simmer'], ['onion', 110, 'base'], ['ginger', 20, 'base'], ['cumin', 2, 'base'], ['turmeric', 3.1, 'base'], ['lentils-red-dry', 140, 'simmer'], ['vegetable-broth', 1208, 'simmer'], ['lime-juice', 30, 'finish']],
  },
];
