/** Whole recipes, invented, in the styles people write; the reader is tuned on these. The rules of the grams stand in holdoutLines.ts. */
import type { ExpectedLine, RecipeRow } from './row.ts';

const BUTTER = 'butter-salted or butter-unsalted';
const FLOUR = 'flour-wheat or flour-wheat-unenriched';

/** 'food grams stage; food grams stage': a dash is not judged. */
const expect = (text: string): ExpectedLine[] =>
  text.split(';').map((row): ExpectedLine => {
    const parts = row.trim().split(' ');
    const stage = parts.pop() as string;
    const grams = parts.pop() as string;
    const food = parts.join(' ').replace('BUTTER', BUTTER).replace('FLOUR', FLOUR);
    return [food, grams === '-' ? null : Number(grams), stage === '-' ? null : stage];
  });

export const CORPUS_RECIPES: readonly RecipeRow[] = [
  { id: 'headed-us', measures: 'us', servings: 6, text: `Silky Cauliflower Soup
Serves 6
Ingredients:
2 tbsp olive oil
1 large onion, chopped
2 cloves garlic, sliced
1 large head cauliflower, cut into florets
5 cups vegetable stock
1/2 tsp white pepper
1/2 cup heavy cream
Directions:
Heat oil in a soup pot. Add onion and cook 8 minutes until soft. Add garlic, cook 1 minute.
Add cauliflower and stock. Bring to a boil, then simmer, covered, 20 minutes.
Blend until smooth. Return to the pot, stir in cream and white pepper and warm through.`,
    lines: expect('olive-oil 27 base; onion 150 base; garlic 7 base; cauliflower 840 simmer; vegetable-broth 1200 simmer; white-pepper 1.2 finish; cream-heavy 119 finish') },
  { id: 'bare-us', measures: 'us', servings: 4, text: `Tomato bisque
Makes 4 servings
2 tbsp butter
1 onion, diced
2 (14.5 oz) cans diced tomatoes
2 cups chicken broth
1 tsp sugar
1/2 cup half-and-half
Melt butter in a saucepan and cook onion until translucent, about 6 minutes.
Add tomatoes, broth and sugar. Simmer uncovered 15 minutes.
Puree, return to heat and stir in the half-and-half. Do not boil.`,
    lines: expect('BUTTER 28.4 base; onion 110 base; tomatoes-canned 822 simmer; chicken-broth 480 simmer; sugar 4.2 simmer; half-and-half 121 finish') },
  { id: 'metric-numbered', measures: 'metric', servings: 4, text: `Celery soup
Serves: 4

Ingredients
40 g butter
1 head celery, sliced (about 500 g)
1 potato, peeled and diced
1 onion, chopped
900 ml chicken stock
100 ml single cream

Method
1. Melt the butter, add the celery, potato and onion, cover and sweat for 10 minutes.
2. Pour in the stock, bring to the boil and simmer for 25 minutes.
3. Blend, then sieve. Stir in the cream.`,
    lines: expect('BUTTER 40 base; celery 445 base; potato 170 base; onion 110 base; chicken-broth 912 simmer; cream-light 101 finish') },
  { id: 'headings-parts', measures: 'metric', servings: 6, text: `Pea soup with mint oil

For the soup:
25 g butter
1 bunch spring onions, sliced
900 g frozen peas
1 litre vegetable stock

For the mint oil (garnish):
20 g mint leaves
4 tbsp olive oil

To serve:
100 g feta, crumbled

Serves 6

1. Melt the butter and soften the spring onions for 3 minutes.
2. Add the peas and stock, bring to the boil and simmer for 4 minutes. Blend.
3. Blitz the mint with the oil. Serve the soup with the mint oil and feta on top.`,
    lines: expect('BUTTER 25 base; spring-onion 100 base; peas-frozen 900 simmer; vegetable-broth 1014 simmer; mint 20 bowl; olive-oil 54.8 bowl; feta 100 bowl') },
  { id: 'prose-us', measures: 'us', servings: 4, text: `My carrot soup. Warm 2 tablespoons of olive oil in a pot, then add one chopped onion and cook it for 6 minutes. Add 1 1/2 pounds of sliced carrots, 1 teaspoon of ground cumin and 4 cups of vegetable broth. Simmer for 25 minutes. Blend it until smooth and stir in 1/4 cup of lemon juice. Serves 4.`,
    lines: expect('olive-oil 27 base; onion 110 base; carrot 680 simmer; cumin 2 simmer; vegetable-broth 960 simmer; lemon-juice 61 finish') },
  { id: 'prose-metric', measures: 'metric', servings: 6, text: `Parsnip soup, the quick one. Fry 1 large onion in 2 tbsp sunflower oil until golden, stir in 2 tsp curry powder, then tip in 800 g peeled and chopped parsnips with 1.2 litres vegetable stock. Simmer for 20 minutes, blend, and stir in 150 ml single cream. Enough for 6.`,
    lines: expect('onion 150 base; sunflower-oil 27.6 base; curry-powder 4.2 base; parsnip 800 simmer; vegetable-broth 1217 simmer; cream-light 152 finish') },
  { id: 'dictated', measures: 'us', text: `so for the potato leek soup you want three tablespoons of butter, three leeks just the white part sliced thin, two pounds of potatoes peeled and diced, six cups of chicken broth, a bay leaf and a cup of heavy cream. melt the butter and cook the leeks for ten minutes. add the potatoes, the broth and the bay leaf and simmer for twenty five minutes. take out the bay leaf, blend it all, then stir in the cream.`,
    lines: expect('BUTTER 42.6 base; leek 270 base; potato 762 simmer; chicken-broth 1440 simmer; bay-leaf 0.4 simmer; cream-heavy 238 finish') },
  { id: 'pipes', measures: 'metric', servings: 4, text: `# Beetroot soup

Serves 4

| Ingredient | Quantity |
|------------|----------|
| olive oil | 2 tbsp |
| onion, chopped | 1 |
| beetroot, peeled | 750 g |
| vegetable stock | 1 l |
| soured cream | 100 ml |

## Method
1. Soften the onion in the oil, 8 minutes.
2. Add the beetroot and stock and simmer, covered, for 40 minutes.
3. Blend. Top each bowl with soured cream.`,
    lines: expect('olive-oil 27.4 base; onion 110 base; beetroot 502 simmer; vegetable-broth 1014 simmer; sour-cream 97 bowl') },
  { id: 'csv', measures: 'us', text: `Ingredient,Amount,Unit,Prep
butter,2,tablespoons,
onion,1,medium,diced
corn kernels,4,cups,frozen
chicken stock,4,cups,
half-and-half,1,cup,`,
    lines: expect('BUTTER 28.4 -; onion 110 -; sweetcorn or sweetcorn-frozen - -; chicken-broth 960 -; half-and-half 242 -') },
  { id: 'tsv', measures: 'metric', text: `item	qty	unit	notes
leeks	2		sliced
potatoes	400	g	peeled
chicken stock	1	l
cream, double	100	ml	`,
    lines: expect('leek 180 -; potato 336 -; chicken-broth 1014 -; cream-double 99 -') },
  { id: 'jsonld-graph', measures: 'metric', servings: 4, text: JSON.stringify({ '@context': 'https://schema.org', '@graph': [{ '@type': 'WebPage', name: 'A page' }, { '@type': ['Recipe'], name: 'Fennel soup', recipeYield: ['4', '4 servings'], totalTime: 'PT50M', recipeIngredient: ['2 tbsp olive oil', '2 fennel bulbs, sliced', '1 potato, diced', '900 ml vegetable stock', '2 tbsp lemon juice'], recipeInstructions: [{ '@type': 'HowToSection', name: 'Soup', itemListElement: [{ '@type': 'HowToStep', text: 'Sweat the fennel in the oil for 10 minutes.' }, { '@type': 'HowToStep', text: 'Add the potato and stock and simmer for 20 minutes.' }, { '@type': 'HowToStep', text: 'Blend and add the lemon juice.' }] }] }] }),
    lines: expect('olive-oil 27.4 base; fennel 468 base; potato 170 simmer; vegetable-broth 913 simmer; lemon-juice 30.9 finish') },
  { id: 'html-jsonld', measures: 'us', servings: 2, text: `<html><head><script type="application/ld+json">{"@type":"Recipe","name":"Mushroom cup","recipeYield":2,"recipeIngredient":["1 tbsp butter","8 oz mushrooms, sliced","1 tbsp flour","2 cups beef broth"],"recipeInstructions":"Cook the mushrooms in the butter 8 minutes.\\nStir in flour, 1 minute.\\nAdd broth, simmer 10 minutes. Blend."}</script></head><body><p>Long story</p></body></html>`,
    lines: expect('BUTTER 14.2 base; mushrooms 220 base; FLOUR 7.8 base; beef-broth 480 simmer') },
  { id: 'html-lists', measures: 'metric', servings: 4, text: `<div><h2>Watercress soup</h2><p>Serves 4</p><h3>Ingredients</h3><ul><li>30 g butter</li><li>1 onion, chopped</li><li>300 g potatoes, diced</li><li>700 ml chicken stock</li><li>200 g watercress</li><li>100 ml cr&egrave;me fra&icirc;che</li></ul><h3>Method</h3><ol><li>Soften the onion in the butter.</li><li>Add potatoes and stock, simmer 15 minutes.</li><li>Add the watercress for 1 minute, then blend.</li><li>Stir in the cr&egrave;me fra&icirc;che.</li></ol><script>alert(1)</script></div>`,
    lines: expect('BUTTER 30 base; onion 110 base; potato 252 simmer; chicken-broth 710 simmer; watercress 184 -; creme-fraiche 99 finish') },
  { id: 'markdown-bold', measures: 'us', servings: 8, text: `# Butternut soup

**Servings:** 8

**Ingredients**

- **2 tbsp** olive oil
- **1** large butternut squash, peeled and cubed
- **2** onions, chopped
- **6 cups** vegetable stock
- **1 tsp** ground ginger
- **1 can (13.5 oz)** coconut milk

**Instructions**

1. Sauté onions in oil, 8 minutes. Stir in ginger.
2. Add squash and stock; simmer 25 minutes.
3. Blend and stir in the coconut milk.`,
    lines: expect('olive-oil 27 base; butternut-squash 1100 simmer; onion 220 base; vegetable-broth 1440 simmer; ginger-ground 1.73 base; coconut-milk 382 finish') },
  { id: 'no-servings', measures: 'metric', text: `Spiced lentil soup
Ingredients
1 tbsp oil
1 onion, chopped
2 carrots, diced
1 tsp cumin
250 g red lentils
1.2 l vegetable stock
Method
Fry the onion and carrots in the oil for 8 minutes. Add the cumin for 1 minute.
Add the lentils and stock and simmer for 20 minutes, then blend.`,
    lines: expect('vegetable-oil 13.8 base; onion 110 base; carrot 130 base; cumin 2 base; lentils-red-dry 250 simmer; vegetable-broth 1217 simmer') },
  { id: 'choice', measures: 'us', servings: 4, text: `Cream of asparagus
Serves 4
Ingredients
2 tbsp butter or olive oil
1 shallot, minced
2 lbs asparagus, trimmed
4 cups chicken or vegetable broth
1/2 cup heavy cream or coconut milk
Method
1. Sweat the shallot in the butter 3 minutes.
2. Add asparagus and broth, simmer 12 minutes.
3. Blend, then stir in the cream.`,
    lines: expect('BUTTER 28.4 base; olive-oil 27 base; shallot 30 base; asparagus 653 simmer; chicken-broth 960 simmer; vegetable-broth 960 simmer; cream-heavy 119 finish; coconut-milk 113 finish') },
  { id: 'divided', measures: 'metric', servings: 4, text: `Roast carrot soup
Serves 4
Ingredients
4 tbsp olive oil
1 kg carrots
1 onion, chopped
1 litre vegetable stock
Method
1. Toss the carrots with 2 tbsp of the oil and roast for 40 minutes.
2. Soften the onion in the remaining oil for 8 minutes.
3. Add the carrots and stock, simmer for 10 minutes and blend.`,
    lines: expect('olive-oil 54.8 base; carrot 890 base; onion 110 base; vegetable-broth 1014 simmer') },
  { id: 'bacon-rendered', measures: 'us', servings: 6, text: `Corn and bacon soup
Serves 6
6 slices bacon, chopped
1 onion, chopped
5 cups frozen corn
1 potato, diced
4 cups chicken broth
1. Cook the bacon until crisp. Pour off the fat.
2. Add the onion and soften 5 minutes.
3. Add corn, potato and broth and simmer 15 minutes. Blend half.`,
    lines: expect('bacon-raw 168 base; onion 110 base; sweetcorn-frozen 680 simmer; potato 170 simmer; chicken-broth 960 simmer') },
  { id: 'beans-soaked', measures: 'metric', servings: 6, text: `White bean soup
Serves 6
Ingredients
250 g dried haricot beans, soaked overnight
2 tbsp olive oil
1 onion, chopped
3 garlic cloves, sliced
1 sprig rosemary
1.5 litres water
1 tsp salt
Method
Drain the beans. Sweat the onion and garlic in the oil for 8 minutes.
Add the beans, rosemary and water, boil hard for 10 minutes, then simmer for 1 hour.
Remove the rosemary, add the salt and blend.`,
    lines: expect('white-beans-dry or navy-beans-dry 250 simmer; olive-oil 27.4 base; onion 110 base; garlic 10.5 base; rosemary 1 simmer; water 1500 simmer; salt 6.1 -') },
  { id: 'stock-strained', measures: 'metric', text: `Clear start, creamy end
Ingredients
1.5 l water
2 leeks, sliced
500 g potatoes, peeled and diced
100 ml double cream
Method
1. Simmer the leeks and potatoes in the water for 25 minutes.
2. Blend.
3. Stir in the cream.`,
    lines: expect('water 1500 simmer; leek 180 simmer; potato 420 simmer; cream-double 99 finish') },
  { id: 'slow-cooker', measures: 'us', servings: 8, text: `Slow cooker split pea
Yield: 8 servings
1 lb green split peas, rinsed
2 carrots, diced
1 onion, diced
8 cups chicken broth
1 tsp dried thyme
Put everything in the slow cooker. Cook on low for 8 hours. Blend until smooth.`,
    lines: expect('split-peas-dry 454 -; carrot 130 -; onion 110 -; chicken-broth 1920 -; thyme-dried 0.9 -') },
  { id: 'bread-almond', measures: 'metric', servings: 4, text: `Red pepper soup thickened with bread
Serves 4
400 g roasted red peppers from a jar, drained
50 g stale white bread
50 g ground almonds
2 cloves garlic
700 ml vegetable stock
2 tbsp olive oil
1 tbsp sherry vinegar
Warm the oil and fry the garlic for 1 minute. Add the peppers, bread, almonds and stock and simmer for 10 minutes.
Blend until smooth and season with the vinegar.`,
    lines: expect('red-pepper-jar 400 simmer; bread-white 50 simmer; almonds or almonds-blanched 50 simmer; garlic 7 base; vegetable-broth 710 simmer; olive-oil 27.4 base; wine-vinegar 15.2 finish') },
  { id: 'egg-finish', measures: 'metric', servings: 4, text: `Spinach soup with yolks
Serves 4
Ingredients
30 g butter
1 onion, chopped
500 g frozen spinach
800 ml chicken stock
2 egg yolks
100 ml double cream
Method
1. Sweat the onion in the butter for 8 minutes.
2. Add the spinach and stock and simmer for 10 minutes. Blend.
3. Whisk the yolks with the cream, temper with hot soup and stir in off the boil.`,
    lines: expect('BUTTER 30 base; onion 110 base; spinach-frozen 500 simmer; chicken-broth 811 simmer; egg-yolk 34 finish; cream-double 99 finish') },
  { id: 'haddock', measures: 'metric', servings: 4, text: `Smoked haddock chowder, half blended
For 4 people
Ingredients
25 g butter
2 leeks, sliced
400 g potatoes, diced
500 ml whole milk
300 ml fish stock
300 g smoked haddock
Method
1. Sweat the leeks in the butter for 6 minutes.
2. Add the potatoes, milk and stock and simmer for 15 minutes.
3. Add the haddock and poach for 5 minutes. Blend half of the soup.`,
    lines: expect('BUTTER 25 base; leek 180 base; potato 336 simmer; milk-whole 516 simmer; fish-stock 295.5 simmer; smoked-haddock 300 simmer') },
  { id: 'gazpacho-raw', measures: 'metric', servings: 4, text: `Cold cucumber soup
Serves 4
2 cucumbers, chopped
300 g plain yogurt
1 clove garlic
2 tbsp olive oil
10 g dill
1/2 tsp salt
Put everything in a blender and blend until smooth. Chill for 1 hour.`,
    lines: expect('cucumber-raw 600 blend; yogurt-whole 300 blend; garlic 3.5 blend; olive-oil 27.4 blend; dill 10 blend; salt 3.05 blend') },
  { id: 'topping-spread', measures: 'us', servings: 6, text: `Sweet potato soup
Serves 6

2 tbsp coconut oil
1 onion, chopped
2 lbs sweet potatoes, peeled and cubed
1 tbsp grated ginger
5 cups vegetable broth

Topping
1/2 cup plain yogurt
1/4 cup chopped cilantro

Cook the onion in the oil 6 minutes, add ginger for 1 minute.
Add the sweet potatoes and broth, cover and simmer 20 minutes.
Blend. Top with yogurt and cilantro.`,
    lines: expect('coconut-oil 27.3 base; onion 110 base; sweet-potato 653 simmer; ginger 6 base; vegetable-broth 1200 simmer; yogurt-whole 122 bowl; coriander-leaf 4 bowl') },
  { id: 'plate-bread', measures: 'metric', servings: 4, text: `Tomato soup
Serves 4
Ingredients
2 tbsp olive oil
1 onion, chopped
2 x 400 g tins chopped tomatoes
500 ml vegetable stock
4 slices white bread, toasted, to serve
Method
Soften the onion in the oil. Add the tomatoes and stock, simmer 15 minutes and blend. Serve with the toast.`,
    lines: expect('olive-oil 27.4 base; onion 110 base; tomatoes-canned 800 simmer; vegetable-broth 507 simmer; bread-white 112 plate') },
  { id: 'roux', measures: 'us', servings: 4, text: `Cream of celery
SERVES 4
3 tablespoons butter
3 tablespoons flour
4 cups sliced celery
1 onion, chopped
3 cups chicken broth
1 cup whole milk
METHOD
Melt the butter, add celery and onion and sweat 10 minutes.
Stir in flour and cook 2 minutes.
Whisk in broth, simmer 20 minutes.
Puree, add milk and heat gently.`,
    lines: expect('BUTTER 42.6 base; FLOUR 23.4 base; celery 404 base; onion 110 base; chicken-broth 720 simmer; milk-whole 244 finish') },
  { id: 'imperial', measures: 'imperial', servings: 6, text: `Swede soup
Serves 6
2 oz butter
8 oz onions, sliced
1 1/2 lb swede, peeled and diced
2 pints chicken stock
1/4 pint double cream
Melt the butter and sweat the onions and swede for 10 minutes, covered.
Add the stock and simmer for 30 minutes. Liquidise and stir in the cream.`,
    lines: expect('BUTTER 57 base; onion 204 base; swede 578 base; chicken-broth 1152 simmer; cream-double 141 finish') },
  { id: 'australian', measures: 'au', servings: 4, text: `Cauliflower soup
Serves 4
1 tablespoon olive oil
1 leek, sliced
1 kg cauliflower, chopped
1 litre (4 cups) chicken stock
1/2 cup (125ml) pouring cream
Heat the oil and cook the leek for 5 minutes. Add the cauliflower and stock, bring to the boil and simmer for 20 minutes. Blend and stir in the cream.`,
    lines: expect('olive-oil 18.3 base; leek 90 base; cauliflower 610 simmer; chicken-broth 1014 simmer; cream-heavy 126 finish') },
  { id: 'chestnut-sherry', measures: 'metric', servings: 6, text: `Chestnut soup
Serves 6
Ingredients
40 g butter
1 onion, chopped
1 stick celery, chopped
400 g vacuum-packed chestnuts
1.2 l chicken stock
75 ml dry sherry
100 ml double cream
Method
1. Sweat the onion and celery in the butter for 10 minutes.
2. Add the chestnuts and stock and simmer for 20 minutes.
3. Blend. Add the sherry and cream and bring back to a simmer.`,
    lines: expect('BUTTER 40 base; onion 110 base; celery 50 base; chestnuts-boiled 400 simmer; chicken-broth 1217 simmer; sherry-dry 75 finish; cream-double 99 finish') },
  { id: 'thai', measures: 'metric', servings: 4, text: `Thai squash soup
Serves 4
1 tbsp sunflower oil
2 tbsp red curry paste
1 kg prepared butternut squash
400 ml tin coconut milk
600 ml vegetable stock
1 tbsp fish sauce
juice of 1 lime
Fry the curry paste in the oil for 2 minutes. Add the squash, stock and coconut milk and simmer for 20 minutes. Blend, then stir in the fish sauce and lime juice.`,
    lines: expect('sunflower-oil 13.8 base; curry-paste-red 33 base; butternut-squash 1000 simmer; coconut-milk 382 simmer; vegetable-broth 608 simmer; fish-sauce 18.3 finish; lime-juice 30 finish') },
  { id: 'cover-water', measures: 'us', servings: 4, text: `Plain potato soup
Serves 4
2 lbs potatoes, peeled and diced
1 onion, chopped
enough water to cover
1 tsp salt
1/2 cup milk
Put the potatoes, onion, water and salt in a pot. Simmer 20 minutes. Mash or blend, and stir in the milk.`,
    lines: expect('potato 762 simmer; onion 110 simmer; water - simmer; salt 6 simmer; milk-whole 122 -') },
  { id: 'behind', measures: 'metric', servings: 4, text: `Leek soup for 4 people

Leeks: 3
Butter: 30 g
Potatoes: 400 g
Chicken stock: 1 litre
Cream: 100 ml double

Sweat the leeks in the butter for 10 min. Add the potatoes and stock and simmer 20 min. Blend, add the cream.`,
    lines: expect('leek 270 base; BUTTER 30 base; potato 336 simmer; chicken-broth 1014 simmer; cream-double 99 finish') },
  { id: 'sentences-list', measures: 'us', servings: 4, text: `BROCCOLI SOUP (4 servings)

- 1 tablespoon butter
- 1 onion, chopped
- 6 cups broccoli florets
- 4 cups low-sodium chicken broth
- 1 cup shredded cheddar

Cook onion in butter 5 min.
Add broccoli + broth. Simmer 12 min.
Blend. Off heat, stir in cheddar.`,
    lines: expect('BUTTER 14.2 base; onion 110 base; broccoli 546 simmer; chicken-broth-low-sodium 960 simmer; cheddar 113 finish') },
  { id: 'unicode', measures: 'metric', servings: 2, text: `\ufeffCrème de champignons\u200e
Pour 2 bols — serves 2
½ onion, chopped
15 g butter
250 g mushrooms
400 ml vegetable stock
50 ml crème fraîche
Cook the onion in the butter 5 minutes. Add the mushrooms and stock; simmer 15 minutes. Blend. Stir in the crème fraîche.`,
    lines: expect('onion 55 base; BUTTER 15 base; mushrooms 242 simmer; vegetable-broth 406 simmer; creme-fraiche 50 finish') },
];
