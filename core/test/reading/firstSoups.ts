/**
 * Twenty-five invented soups with what a careful cook would understand of each line, written before the reader.
 * A line expects food ids (any of them is right, null where no food on the shelf fits) and edible grams as they enter
 * the pot; null grams: no one could say. A weight is of what was bought and trimmed after it, unless the words before the food say
 * that it was made ready. Grams follow the shelf's own household measures and common practice.
 */
export type ExpectedLine = readonly [text: string, foods: readonly (string | null)[], grams: number | null];
export interface CorpusSoup {
  title: string;
  servings: number | null;
  text: (lines: readonly string[]) => string;
  lines: readonly ExpectedLine[];
}

const BUTTER = ['butter-salted', 'butter-unsalted'] as const;
const STOCK = ['vegetable-broth'] as const;
const SALT = ['salt', 'salt-coarse'] as const;

const numbered = (title: string, serves: string, ...steps: string[]) => (lines: readonly string[]) =>
  `${title}\n${serves}\n\nIngredients\n${lines.join('\n')}\n\nMethod\n${steps.map((step, i) => `${i + 1}. ${step}`).join('\n')}\n`;
const bulleted = (title: string, serves: string, ...steps: string[]) => (lines: readonly string[]) =>
  `${title}\n\n${serves}\n\nIngredients:\n${lines.map((line) => `- ${line}`).join('\n')}\n\nDirections:\n${steps.join('\n')}\n`;
const bare = (title: string, serves: string, ...steps: string[]) => (lines: readonly string[]) =>
  `${title}\n${serves}\n\n${lines.join('\n')}\n\n${steps.join('\n')}\n`;

export const FIRST_SOUPS: readonly CorpusSoup[] = [
  { title: 'Ferry landing leek cream', servings: 4, lines: [
    ['3 leeks, white parts only, sliced', ['leek'], 270], ['2 tbsp butter', BUTTER, 28.4], ['500 g potatoes, peeled and diced', ['potato'], 420],
    ['1 litre vegetable stock', STOCK, 1014], ['150 ml double cream', ['cream-double'], 149], ['salt and pepper to taste', SALT, null] ],
    text: numbered('Ferry landing leek cream', 'Serves 4', 'Sweat the leeks in the butter for 10 minutes with the lid on.', 'Add the potatoes and stock and simmer for 20 minutes.', 'Blend until smooth.', 'Stir in the cream and season.') },
  { title: 'Celeriac and pear bisque', servings: 6, lines: [
    ['1 large celeriac, peeled and chopped', ['celeriac'], 900], ['2 pears, cored and chopped', ['pear'], 356], ['1 onion, chopped', ['onion'], 110],
    ['40g butter', BUTTER, 40], ['1.2 l chicken stock', ['chicken-broth'], 1217], ['100ml single cream', ['cream-light'], 101], ['a pinch of nutmeg', ['nutmeg'], 0.2] ],
    text: bulleted('Celeriac and pear bisque', 'Servings: 6', 'Melt the butter and soften the onion for 8 minutes.', 'Add celeriac, pears and stock. Simmer 25 minutes, lid ajar.', 'Blend smooth, stir in the cream and nutmeg.') },
  { title: 'Harbour asparagus soup', servings: 4, lines: [
    ['2 bunches asparagus, trimmed', ['asparagus'], 480], ['1/4 cup all-purpose flour', ['flour-wheat'], 31], ['3 tablespoons unsalted butter', ['butter-unsalted'], 42.6],
    ['4 cups chicken broth', ['chicken-broth'], 960], ['1/2 cup heavy cream', ['cream-heavy'], 119], ['1 tablespoon lemon juice', ['lemon-juice'], 15.2], ['1 teaspoon kosher salt', ['salt-coarse'], 4] ],
    text: numbered('Harbour asparagus soup', 'Serves 4', 'Melt butter, stir in flour and cook 2 minutes.', 'Whisk in the broth. Add the asparagus and simmer 12 minutes.', 'Puree in a blender.', 'Add cream and lemon juice; season with salt.') },
  { title: 'White bean and fennel soup', servings: 6, lines: [
    ['2 (15 oz) cans cannellini beans, drained and rinsed', ['white-beans-canned-rinsed'], 510], ['1 fennel bulb, sliced', ['fennel'], 234], ['2 cloves garlic, minced', ['garlic'], 7],
    ['3 tbsp olive oil', ['olive-oil'], 40.5], ['1 quart low-sodium vegetable broth', ['vegetable-broth-low-sodium'], 960], ['½ cup grated parmesan', ['parmesan'], 50] ],
    text: bare('White bean and fennel soup', 'Serves 6', '1. Sweat fennel in oil for 10 minutes, garlic for the last minute.', '2. Add beans and broth; simmer 15 minutes.', '3. Blend half. Stir in the parmesan off the heat.') },
  { title: 'Spinach cream with yolks', servings: 4, lines: [
    ['600 g spinach', ['spinach'], 600], ['2 egg yolks', ['egg-yolk'], 34], ['1 shallot, finely chopped', ['shallot'], 30], ['30 g flour', ['flour-wheat'], 30],
    ['30 g butter', BUTTER, 30], ['600 ml whole milk', ['milk-whole'], 619], ['400 ml chicken stock', ['chicken-broth'], 406] ],
    text: numbered('Spinach cream with yolks', 'For 4 people', 'Sweat the shallot in butter, add flour, cook 2 min.', 'Add milk and stock, simmer 10 minutes.', 'Wilt in the spinach, 3 minutes, and blend.', 'Off the heat beat in the yolks.') },
  { title: 'Parsnip and bacon soup', servings: 6, lines: [
    ['6 rashers streaky bacon, chopped', ['bacon-raw'], 168], ['800g parsnips, peeled and sliced', ['parsnip'], 680], ['1 large onion, diced', ['onion'], 150],
    ['1 tsp curry powder', ['curry-powder'], 2.1], ['1.5 litres chicken stock', ['chicken-broth'], 1522], ['4 tablespoons creme fraiche', ['creme-fraiche'], 59] ],
    text: bulleted('Parsnip and bacon soup', 'Serves 6', 'Fry the bacon until crisp and pour off the fat.', 'Add onion, parsnips and curry powder, cook 8 minutes.', 'Add stock and simmer 20 minutes. Blend.', 'Serve with a spoon of creme fraiche.') },
  { title: 'Courgette and soft cheese soup', servings: 4, lines: [
    ['4 medium courgettes', ['courgette'], 784], ['1 medium onion', ['onion'], 110], ['200 g cream cheese', ['cream-cheese'], 200], ['2 tbsp sunflower oil', ['sunflower-oil'], 27.3],
    ['800 ml vegetable stock', STOCK, 811], ['1 handful basil', ['basil'], 12] ],
    text: bare('Courgette and soft cheese soup', 'Serves: 4', '1. Soften the onion in oil 7 minutes.', '2. Add courgettes and stock, simmer 12 minutes.', '3. Blend with the cheese and basil.') },
  { title: 'Sunchoke and hazelnut soup', servings: 5, lines: [
    ['1 kg sunchokes, scrubbed', ['sunchoke'], 1000], ['60 g hazelnuts, toasted', ['hazelnuts'], 60], ['2 shallots, sliced', ['shallot'], 60], ['50 g salted butter', ['butter-salted'], 50],
    ['1.2 litres water', ['water'], 1200], ['200 ml half-and-half', ['half-and-half'], 204.6], ['8 g salt', SALT, 8] ],
    text: numbered('Sunchoke and hazelnut soup', 'Serves 5', 'Sweat shallots in butter 6 minutes.', 'Add sunchokes and water, simmer 30 minutes, lid on.', 'Blend with the hazelnuts; sieve.', 'Warm through with the half-and-half and salt.') },
  { title: 'Coconut squash soup', servings: 4, lines: [
    ['1 (13.5 oz) can coconut milk', ['coconut-milk'], 382], ['2 lb butternut squash, peeled and cubed', ['butternut-squash'], 907], ['1 inch ginger, grated', ['ginger'], 10],
    ['3 cups vegetable broth', STOCK, 720], ['2 tablespoons coconut oil', ['coconut-oil'], 27.3], ['1/4 tsp cayenne', ['cayenne'], 0.44] ],
    text: bulleted('Coconut squash soup', 'Makes 4 servings', 'Warm the oil with the ginger 1 minute.', 'Add squash and broth; simmer 18 minutes.', 'Blend, then stir in the coconut milk off the boil.') },
  { title: 'Pea and mint cream', servings: 4, lines: [
    ['500g frozen peas', ['peas-frozen'], 500], ['1 bunch spring onions, sliced', ['spring-onion'], 100], ['700ml vegetable stock', STOCK, 710], ['100 ml whipping cream', ['cream-heavy'], 100.6],
    ['10 mint leaves', ['mint'], 1], ['1 tablespoon olive oil', ['olive-oil'], 13.5] ],
    text: numbered('Pea and mint cream', 'Serves 4', 'Soften spring onions in oil 4 minutes.', 'Add peas and stock, boil 3 minutes.', 'Blend with mint; add cream.') },
  { title: 'Chicken and tarragon cream', servings: 8, lines: [
    ['2 chicken breasts', ['chicken-breast-raw'], 348], ['1½ litres home-made chicken stock', ['chicken-stock-homemade'], 1522], ['60 g plain flour', ['flour-wheat'], 60], ['60 g butter', BUTTER, 60],
    ['2 tsp dried tarragon', ['tarragon-dried'], 1.2], ['250 ml double cream', ['cream-double'], 248], ['2 sticks celery, chopped', ['celery'], 100] ],
    text: bare('Chicken and tarragon cream', 'Serves 8', '1. Poach the chicken in the stock 20 minutes.', '2. Make a roux of butter and flour, 3 minutes, and whisk in the stock with the celery. Simmer 15 minutes.', '3. Blend. Add tarragon, shredded chicken and cream.') },
  { title: 'Roast pepper and almond soup', servings: 4, lines: [
    ['6 red bell peppers', ['red-pepper'], 714], ['100 g ground almonds', ['almonds'], 100], ['2 slices day-old bread', ['bread-white'], 56], ['3 garlic cloves', ['garlic'], 10.5],
    ['1 tablespoon sherry vinegar', ['wine-vinegar'], 14.9], ['750 ml vegetable broth', STOCK, 761], ['1 tsp smoked paprika', ['smoked-paprika'], 2.3] ],
    text: numbered('Roast pepper and almond soup', 'Serves 4', 'Roast the peppers 40 minutes, and peel.', 'Fry bread and garlic 2 minutes.', 'Blend all with the broth, simmer 10 minutes, season with vinegar and paprika.') },
  { title: 'Smoked haddock and leek soup', servings: 6, lines: [
    ['400 g smoked haddock', ['smoked-haddock'], 400], ['2 large leeks, sliced', ['leek'], 240], ['600 g floury potatoes, diced', ['potato'], 504], ['800 ml semi-skimmed milk', ['milk-reduced-fat'], 825],
    ['500 ml fish stock', ['fish-stock'], 492], ['25 g butter', BUTTER, 25], ['1 bay leaf', ['bay-leaf'], 0.4] ],
    text: numbered('Smoked haddock and leek soup', 'Serves 6', 'Poach haddock in milk with the bay leaf 8 minutes; take out the bay leaf.', 'Sweat leeks in butter 10 minutes, add potatoes and stock, simmer 20 minutes.', 'Blend half, return with milk and flaked fish.') },
  { title: 'Chestnut and sherry cream', servings: 6, lines: [
    ['400 g cooked chestnuts', ['chestnuts-boiled'], 400], ['1 carrot, diced', ['carrot'], 65], ['1 stalk celery, diced', ['celery'], 50], ['3 tbsp dry sherry', ['sherry-dry'], 44],
    ['1 l chicken stock', ['chicken-broth'], 1014], ['150 ml heavy cream', ['cream-heavy'], 151], ['1 small onion', ['onion'], 70] ],
    text: bulleted('Chestnut and sherry cream', 'Serves 6', 'Sweat onion, carrot, celery 10 minutes.', 'Add sherry, then chestnuts and stock; simmer 20 minutes.', 'Blend; add cream.') },
  { title: 'Lentil and carrot puree', servings: 6, lines: [
    ['300 g red lentils, rinsed', ['lentils-red-dry'], 300], ['4 carrots, sliced', ['carrot'], 260], ['1 tsp ground cumin', ['cumin'], 2], ['2 tablespoons tomato paste', ['tomato-paste'], 32.8],
    ['1.75 litres water', ['water'], 1750], ['1 vegetable stock cube', ['vegetable-stock-powder'], 10], ['juice of 1 lemon', ['lemon-juice'], 45] ],
    text: numbered('Lentil and carrot puree', 'Serves 6', 'Put everything but the lemon in the pot.', 'Simmer 25 minutes.', 'Blend and add lemon.') },
  { title: 'Cheddar and cauliflower soup', servings: 6, lines: [
    ['1 head cauliflower', ['cauliflower'], 575], ['16 oz shredded cheddar', ['cheddar'], 454], ['4 cups 2% milk', ['milk-reduced-fat'], 976], ['2 tablespoons cornstarch', ['cornstarch'], 16],
    ['1 tsp dijon mustard', ['mustard'], 5.2], ['1/2 teaspoon white pepper', ['white-pepper'], 1.2] ],
    text: bare('Cheddar and cauliflower soup', 'Serves 6', '1. Simmer the cauliflower in the milk 15 minutes.', '2. Slake the cornstarch and stir in; 2 minutes.', '3. Blend; off the heat melt in the cheddar and mustard.') },
  { title: 'Beetroot and sour cream soup', servings: 4, lines: [
    ['5 medium beets, peeled', ['beetroot'], 600], ['1 cup sour cream', ['sour-cream'], 230], ['2 tbsp cider vinegar', ['cider-vinegar'], 29.9], ['1 tablespoon sugar', ['sugar'], 12.5],
    ['1 L beef broth', ['beef-broth'], 1014], ['1 bunch dill', ['dill'], 25] ],
    text: numbered('Beetroot and sour cream soup', 'Yield: 4 servings', 'Boil beets in broth 45 minutes.', 'Blend with vinegar and sugar.', 'Serve with sour cream and dill.') },
  { title: 'Cashew and potato cream', servings: 4, lines: [
    ['1/2 cup raw cashews', ['cashews-raw'], 68.5], ['3 medium potatoes', ['potato'], 510], ['3 cups water', ['water'], 710], ['2 tsp miso paste', ['miso'], 11.5], ['1 leek', ['leek'], 90], ['2 tbsp chopped chives', ['chives'], 6] ],
    text: bulleted('Cashew and potato cream', 'Serves 4', 'Soak the cashews 2 hours.', 'Simmer potatoes and leek in water 20 minutes.', 'Blend with the cashews and miso; top with chives.') },
  { title: 'Kale and white bean soup', servings: 5, lines: [
    ['200 g kale, stalks removed', ['kale'], 144], ['1 x 400 g tin cannellini beans, drained', ['white-beans-canned-drained'], 240], ['1 onion, finely sliced', ['onion'], 110], ['2-3 cloves of garlic, crushed', ['garlic'], 8.75],
    ['1 litre hot vegetable stock', STOCK, 1014], ['2 tbsp extra virgin olive oil', ['olive-oil'], 27] ],
    text: numbered('Kale and white bean soup', 'Serves 5', 'Soften onion and garlic in oil 8 minutes.', 'Add beans and stock, simmer 10 minutes.', 'Add kale 5 minutes; blend two thirds.') },
  { title: 'Chowder-style corn soup', servings: 4, lines: [
    ['3 cups frozen corn', ['sweetcorn-frozen'], 408], ['4 slices bacon', ['bacon-raw'], 112], ['1 cup half & half', ['half-and-half'], 242], ['2 cups chicken broth', ['chicken-broth'], 480],
    ['1 red bell pepper, diced', ['red-pepper'], 119], ['1 tbsp flour', ['flour-wheat'], 7.8] ],
    text: bare('Chowder-style corn soup', 'Serves 4', '1. Crisp the bacon 6 minutes.', '2. Stir in flour; add broth, corn and pepper; simmer 15 minutes.', '3. Blend half and stir in the half & half.') },
  { title: 'Turnip and apple soup', servings: 4, lines: [
    ['4 turnips', ['turnip'], 480], ['2 apples, peeled and cored', ['apple'], 364], ['25 g butter', BUTTER, 25], ['900 ml light chicken stock', ['chicken-broth'], 913], ['100 g plain yoghurt', ['yogurt-whole'], 100], ['1 tsp honey', ['honey'], 7.1] ],
    text: numbered('Turnip and apple soup', 'Serves four', 'Sweat turnips and apples in butter 12 minutes.', 'Add stock, simmer 15 minutes, blend.', 'Swirl in yoghurt and honey.') },
  { title: 'Tomato and oat cream soup', servings: 6, lines: [
    ['2 x 400 g cans chopped tomatoes', ['tomatoes-canned'], 800], ['1 red onion, chopped', ['onion'], 110], ['250 ml oat cream', ['oat-cream'], 254], ['500 ml water', ['water'], 500], ['1 tsp caster sugar', ['sugar'], 4.2], ['20 basil leaves', ['basil'], 10] ],
    text: bulleted('Tomato and oat cream soup', 'Serves 6', 'Soften the onion 8 minutes.', 'Add tomatoes, sugar and water; simmer 25 minutes.', 'Blend with basil and oat cream.') },
  { title: 'Watercress and buttermilk soup', servings: 4, lines: [
    ['3 bunches watercress', ['watercress'], 255], ['300 ml buttermilk', ['buttermilk'], 310], ['400 g new potatoes', ['potato'], 336], ['1 onion', ['onion'], 110], ['600 ml vegetable stock', STOCK, 609], ['30 g butter', BUTTER, 30] ],
    text: numbered('Watercress and buttermilk soup', 'Serves 4', 'Sweat onion in butter 7 minutes.', 'Add potatoes and stock, simmer 18 minutes.', 'Add watercress 1 minute, blend, stir in buttermilk.') },
  { title: 'Almond velvet soup', servings: 6, lines: [
    ['150 g blanched almonds', ['almonds-blanched'], 150], ['100 g white bread, crusts off', ['bread-white'], 100], ['1 litre almond milk', ['almond-drink'], 1031], ['1 clove garlic', ['garlic'], 3.5], ['4 tbsp extra-virgin olive oil', ['olive-oil'], 54], ['2 tbsp white wine vinegar', ['wine-vinegar'], 29.9] ],
    text: bare('Almond velvet soup', 'Serves 6', '1. Soak the bread in the almond milk 10 minutes.', '2. Blend with almonds and garlic.', '3. Pour in oil and vinegar, warm gently 5 minutes.') },
  { title: 'Soup with no count of bowls', servings: null, lines: [
    ['750 g carrots, peeled and sliced', ['carrot'], 667.5], ['1 tbsp vegetable oil', ['vegetable-oil'], 13.6], ['1 can light coconut milk', ['coconut-milk-light'], 395], ['900 ml vegetable stock', STOCK, 913], ['2 tsp grated ginger', ['ginger'], 4], ['30 g fresh coriander', ['coriander-leaf'], 30] ],
    text: numbered('Soup with no count of bowls', '', 'Sweat carrots in oil 10 minutes.', 'Add stock, simmer 20 minutes.', 'Blend with coconut milk, ginger and coriander.') },
];
