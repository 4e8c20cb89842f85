/**
 * Every ingredient of cream and pureed soups, as people write it, is some food of the shelf: the words of the trade, both
 * spellings, and the forms a shop sells (common practice, no source).
 */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from './read.ts';

const foodOf = (phrase: string): string | null =>
  readRecipe(`Soup\nServes 4\n\nIngredients\n100 g ${phrase}\n`, { measures: 'metric' }, SHELF).recipe.lines[0]?.foodId ?? null;

const WORDS: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  dairy: {
    'double cream': 'cream-double',
    'heavy cream': 'cream-heavy',
    'whipping cream': 'cream-heavy',
    'single cream': 'cream-light',
    'half and half': 'half-and-half',
    'crème fraîche': 'creme-fraiche',
    'sour cream': 'sour-cream',
    mascarpone: 'mascarpone',
    buttermilk: 'buttermilk',
    'whole milk': 'milk-whole',
    'semi-skimmed milk': 'milk-reduced-fat',
    'evaporated milk': 'milk-evaporated',
    'lactose-free milk': 'milk-lactose-free',
    'greek yogurt': 'yogurt-greek-nonfat',
    kefir: 'kefir',
    'cream cheese': 'cream-cheese',
    'blue cheese': 'blue-cheese',
    feta: 'feta',
    emmental: 'emmental',
    'swiss cheese': 'emmental',
    gouda: 'gouda',
    pecorino: 'pecorino',
    'processed cheese': 'processed-cheese',
    'skimmed milk powder': 'skim-milk-powder',
    'unsalted butter': 'butter-unsalted',
    'clarified butter': 'ghee',
    quark: 'quark',
    brie: 'brie',
  },
  'plant stand-ins': {
    'oat milk': 'oat-drink',
    'soy milk': 'soy-drink',
    'rice milk': 'rice-drink',
    'pea milk': 'pea-drink',
    'almond milk': 'almond-drink',
    'coconut milk': 'coconut-milk',
    'coconut cream': 'coconut-cream',
    'silken tofu': 'silken-tofu',
    'firm tofu': 'tofu-firm',
    'vegan cheese': 'plant-cheese',
    'soy yogurt': 'soy-yogurt',
    'oat cream': 'oat-cream',
  },
  pulses: {
    'cannellini beans': 'white-beans-canned-drained',
    'dried chickpeas': 'chickpeas-dry',
    'kidney beans': 'kidney-beans-canned-drained',
    'black beans': 'black-beans-canned-drained',
    'pinto beans': 'pinto-beans-cooked',
    'dried butter beans': 'lima-beans-dry',
    'red lentils': 'lentils-red-dry',
    'puy lentils': 'lentils-dry',
    'split peas': 'split-peas-dry',
    'black-eyed peas': 'black-eyed-peas-cooked',
    edamame: 'edamame',
    hummus: 'hummus',
  },
  'nuts and seeds': {
    'cashew butter': 'cashew-butter',
    'almond butter': 'almond-butter',
    'blanched almonds': 'almonds-blanched',
    'ground almonds': 'almonds',
    pistachios: 'pistachio-nuts',
    pecans: 'pecans',
    'chia seeds': 'chia-seeds',
    'ground flaxseed': 'flaxseed',
    'hemp hearts': 'hemp-seeds',
    'peanut butter': 'peanut-butter',
    tahini: 'tahini',
    'poppy seeds': 'poppy-seeds',
    'unsweetened desiccated coconut': 'coconut-dried',
  },
  'flours and thickeners': {
    'plain flour': 'flour-wheat',
    cornflour: 'cornstarch',
    'potato starch': 'potato-starch',
    arrowroot: 'arrowroot',
    'gram flour': 'chickpea-flour',
    'xanthan thickener': 'thickener-gum',
    polenta: 'cornmeal',
    'oat flour': 'oat-flour',
    'pearled barley': 'barley-pearled',
    'brown rice': 'rice-brown-raw',
    'small pasta': 'pasta-dry',
    breadcrumbs: 'breadcrumbs',
    baguette: 'baguette',
    'rye bread': 'bread-rye',
    'gluten-free bread': 'bread-gluten-free',
  },
  stocks: {
    'beef stock cube': 'beef-stock-cube',
    'chicken stock cube': 'chicken-stock-powder',
    'reduced salt stock powder': 'stock-powder-reduced-salt',
    'bone broth': 'bone-broth',
    'mushroom stock': 'mushroom-stock-homemade',
    'kombu dashi': 'kelp-stock',
    'vegetable stock paste': 'stock-paste',
    'homemade beef stock': 'beef-stock-homemade',
  },
  'meat and fish': {
    'back bacon': 'bacon-back-raw',
    prosciutto: 'ham-dry-cured',
    chorizo: 'chorizo',
    'ground beef': 'beef-mince',
    'cooked chicken': 'chicken-stewed',
    'boneless chicken thighs': 'chicken-thigh-raw',
    'smoked salmon': 'salmon-smoked',
    'smoked mackerel': 'mackerel-smoked',
    haddock: 'haddock-raw',
    cod: 'cod-raw',
    mussels: 'mussels-raw',
    scallops: 'scallops-raw',
    'crab sticks': 'surimi',
    'cooked prawns': 'prawns-cooked',
    'canned tuna': 'tuna-canned',
  },
  'sauces and seasonings': {
    'red curry paste': 'curry-paste-red',
    harissa: 'harissa',
    pesto: 'pesto',
    tamari: 'tamari',
    'oyster sauce': 'oyster-sauce',
    capers: 'capers',
    'black olives': 'olives-black',
    horseradish: 'horseradish',
    passata: 'tomato-puree',
    'sun-dried tomatoes': 'sun-dried-tomatoes',
    'nutritional yeast': 'yeast-flakes',
    'balsamic vinegar': 'balsamic-vinegar',
    'lime juice': 'lime-juice',
    'brown sugar': 'brown-sugar',
    'red wine': 'red-wine',
    brandy: 'brandy',
    port: 'wine-dessert',
    'lite salt': 'salt-light',
    'celery salt': 'celery-salt',
    'mustard powder': 'mustard-powder',
    ketchup: 'ketchup',
    sriracha: 'sriracha',
    mayonnaise: 'mayonnaise',
  },
  'vegetables and herbs': {
    'frozen spinach': 'spinach-frozen',
    'frozen corn': 'sweetcorn-frozen',
    'creamed corn': 'sweetcorn-creamed',
    'roasted red peppers': 'red-pepper-jar',
    'swiss chard': 'chard',
    arugula: 'rocket',
    'acorn squash': 'acorn-squash',
    'frozen butternut squash': 'butternut-frozen',
    'artichoke hearts': 'artichoke-cooked',
    cremini: 'cremini',
    'portobello mushrooms': 'portobello',
    'boiled potatoes': 'potato-boiled',
    'savoy cabbage': 'savoy-cabbage',
    kombu: 'kelp-dried',
    'lemon zest': 'lemon-zest',
    'dried oregano': 'oregano-dried',
    'ground ginger': 'ginger-ground',
    'garlic powder': 'garlic-powder',
    saffron: 'saffron',
    'caraway seeds': 'caraway-seed',
    'fennel seeds': 'fennel-seed',
    'dried dill': 'dill-dried',
    jalapeño: 'jalapeno',
    'orange juice': 'orange-juice',
    prunes: 'prunes',
    sauerkraut: 'sauerkraut',
  },
};

describe.each(Object.entries(WORDS))('%s', (_group, words) => {
  test.each(Object.entries(words))('%s', (phrase, id) => {
    expect(foodOf(phrase)).toBe(id);
  });
});

describe('words of several that take the fat out', () => {
  const doubtsOf = (line: string) =>
    readRecipe(`Soup\nServes 4\n\nIngredients\n${line}\n`, { measures: 'us' }, SHELF).doubts.filter(({ code }) => code === 'food.modified');
  test.each(['1 cup fat free half & half', '1 cup fat-free half-and-half', '1 can fat free evaporated milk', '2 oz reduced fat cream cheese'])(
    '%s: the row has its fat, and that is said',
    (line) => {
      expect(doubtsOf(line).map(({ message }) => message)).toEqual([expect.stringMatching(/no row for '(?:fat-free|reduced-fat) /)]);
    },
  );
  test.each([
    '2 fat cloves garlic',
    '1 cup fat free milk',
    '1 cup fat-free chicken broth',
    '1 cup low fat buttermilk',
    '2 free range eggs',
    '1 lb red potatoes',
  ])('%s: nothing is taken out that would be counted', (line) => {
    expect(doubtsOf(line)).toEqual([]);
  });
});

test('what a plus joins on a line without amounts is read like an and', () => {
  const { lines } = readRecipe(
    'Soup\nServes 4\n\n500 g leeks\n1 l water\ncroutons + chives for topping (optional)\n\nSimmer the leeks in the water. Blend.',
    { measures: 'metric' },
    SHELF,
  ).recipe;
  expect(lines.slice(2).map(({ foodId, stage, optional, text }) => [foodId, stage, optional, text])).toEqual([
    ['croutons', 'bowl', true, 'croutons + chives for topping (optional)'],
    ['chives', 'bowl', true, 'croutons + chives for topping (optional)'],
  ]);
});
