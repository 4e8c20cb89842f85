/**
 * The swap catalogue, as data. A swap takes the place of one line; its amounts are solved, not fixed.
 *
 * `parts`: each is one free amount, made of foods in fixed shares by weight. `least` and `most` bound it, in grams per
 * gram of the line it replaces; the solver chooses between them so that the pot keeps volume and body.
 * `flavour` 0 (nobody notices) to 1 (another soup); `work` 0 to 1; both are judgements of the trade (common practice,
 * no source), as are the bounds unless a source is given.
 */
export interface SwapPart {
  foods: readonly (readonly [foodId: string, share: number])[];
  least: number;
  most: number;
}

export interface SwapWork {
  text: string;
  when: 'before' | 'blend' | 'finish';
}

export interface Swap {
  id: string;
  name: string;
  /** Foods it can stand in for. */
  replaces: readonly string[];
  parts: readonly SwapPart[];
  /** Stage its foods go in at, when not that of the line they replace. Toppings stay toppings. */
  stage?: 'base' | 'simmer' | 'blend' | 'finish';
  work: number;
  flavour: number;
  steps: readonly SwapWork[];
  cautions: readonly string[];
  note: string;
  source: string;
}

const COMMON = 'common practice, no source';
const CREAMS = ['cream-heavy', 'cream-double', 'cream-light', 'half-and-half', 'sour-cream', 'milk-evaporated'] as const;
const BUTTERS = ['butter-salted', 'butter-unsalted'] as const;
const MILKS = ['milk-whole', 'milk-reduced-fat', 'milk-skim'] as const;
const MEATS = ['bacon-raw', 'bacon-cooked', 'ham', 'ham-hock'] as const;
const CHICKEN_STOCKS = ['chicken-broth', 'chicken-broth-reduced-sodium', 'chicken-broth-low-sodium', 'chicken-stock-homemade', 'beef-broth'] as const;
const one = (foodId: string, least: number, most: number): SwapPart => ({ foods: [[foodId, 1]], least, most });

const SEASON: SwapWork = { text: 'Taste and season again at the end.', when: 'finish' };
const offBoil = (what: string): SwapWork => ({ text: `Stir the ${what} in off the boil.`, when: 'finish' });

export const SWAPS: readonly Swap[] = [
  // Cream
  { id: 'cream-to-white-beans', name: 'White beans and oil', stage: 'blend', replaces: CREAMS, parts: [one('white-beans-canned-drained', 0.12, 0.9), one('olive-oil', 0, 0.35), one('water', 0, 1)], work: 0.25, flavour: 0.3,
    steps: [{ text: 'Blend the beans with a ladle of the liquid until smooth, then add to the pot.', when: 'blend' }, SEASON], cautions: ['Tell the table: it has beans in it.', 'Beans carry potassium: look at the bowl for a kidney diet.'], note: 'mild, a little earthy; body without cream', source: COMMON },
  { id: 'cream-to-cashew', name: 'Cashew cream', stage: 'blend', replaces: CREAMS, parts: [{ foods: [['cashews-raw', 0.366], ['water', 0.634]], least: 0.3, most: 1.4 }, one('water', 0, 0.8)], work: 0.45, flavour: 0.25,
    steps: [{ text: 'Soak the cashews 2 to 4 hours, or boil them 15 minutes; drain.', when: 'before' }, { text: 'Blend the cashews with their water until smooth.', when: 'blend' }], cautions: ['Tell the table: it has cashews in it.'], note: 'sweet and nutty, thick like cream', source: 'one to one by volume, 34 g + 59 g: common practice, no source' },
  { id: 'cream-to-coconut-milk', name: 'Coconut milk', replaces: CREAMS, parts: [one('coconut-milk', 0.3, 1.5), one('water', 0, 0.8)], work: 0.05, flavour: 0.6, steps: [offBoil('coconut milk')], cautions: ['Coconut milk separates at a hard boil.'], note: 'coconut is tasted', source: COMMON },
  { id: 'cream-to-coconut-light', name: 'Light coconut milk', replaces: CREAMS, parts: [one('coconut-milk-light', 0.3, 1.5)], work: 0.05, flavour: 0.55, steps: [offBoil('coconut milk')], cautions: ['Coconut milk separates at a hard boil.'], note: 'coconut is tasted', source: COMMON },
  { id: 'cream-to-oat-cream', name: 'Oat cooking cream', replaces: CREAMS, parts: [one('oat-cream', 0.4, 1.4)], work: 0.05, flavour: 0.15, steps: [], cautions: ['Oats carry wheat or barley unless specially grown: check the label for gluten.'], note: 'close to cream, a little sweet', source: COMMON },
  { id: 'cream-to-soy-cream', name: 'Soy cooking cream', replaces: CREAMS, parts: [one('soy-cream', 0.4, 1.4)], work: 0.05, flavour: 0.2, steps: [offBoil('soy cream')], cautions: ['Tell the table: it has soy in it.'], note: 'close to cream', source: COMMON },
  { id: 'cream-to-silken-tofu', name: 'Silken tofu', stage: 'blend', replaces: CREAMS, parts: [one('silken-tofu', 0.25, 1.2), one('olive-oil', 0, 0.3), one('water', 0, 0.6)], work: 0.25, flavour: 0.3, steps: [{ text: 'Blend the tofu with a ladle of the liquid until smooth, then add to the pot.', when: 'blend' }, SEASON], cautions: ['Tell the table: it has soy in it.'], note: 'smooth and neutral; brings protein', source: COMMON },
  { id: 'cream-to-potato', name: 'Potato and oil', stage: 'simmer', replaces: CREAMS, parts: [one('potato', 0.1, 0.9), one('olive-oil', 0, 0.35), one('water', 0, 1)], work: 0.3, flavour: 0.25, steps: [{ text: 'Simmer the potato in the pot until a knife slides in, 15 to 20 minutes, before blending.', when: 'before' }, SEASON], cautions: ['Blend briefly: overworked potato turns gluey.'], note: 'plain; body from starch', source: COMMON },
  { id: 'cream-to-cauliflower', name: 'Blended cauliflower and oil', stage: 'simmer', replaces: CREAMS, parts: [one('cauliflower', 0.3, 1.2), one('olive-oil', 0, 0.35), one('water', 0, 0.6)], work: 0.3, flavour: 0.3, steps: [{ text: 'Simmer the cauliflower in the pot until soft, 12 to 15 minutes, before blending.', when: 'before' }, SEASON], cautions: [], note: 'light and a little cabbagey', source: COMMON },
  { id: 'cream-to-sunflower', name: 'Sunflower-seed cream', stage: 'blend', replaces: CREAMS, parts: [{ foods: [['sunflower-seeds', 0.33], ['water', 0.67]], least: 0.3, most: 1.4 }, one('water', 0, 0.6)], work: 0.5, flavour: 0.4, steps: [{ text: 'Soak the seeds 4 hours, or boil them 15 minutes; drain.', when: 'before' }, { text: 'Blend the seeds with their water until smooth, and sieve.', when: 'blend' }], cautions: [], note: 'earthy, greyish', source: COMMON },
  { id: 'cream-to-rice', name: 'Rice simmered soft, and oil', stage: 'simmer', replaces: CREAMS, parts: [one('rice-white-raw', 0.03, 0.2), one('olive-oil', 0, 0.35), one('water', 0, 1)], work: 0.25, flavour: 0.25, steps: [{ text: 'Simmer the rice in the pot until quite soft, 20 minutes, before blending.', when: 'before' }, SEASON], cautions: [], note: 'plain; body from starch', source: COMMON },
  { id: 'cream-to-milk-starch', name: 'Milk and cornstarch', replaces: CREAMS, parts: [one('milk-whole', 0.4, 1.2), one('cornstarch', 0, 0.06)], work: 0.15, flavour: 0.1, steps: [{ text: 'Slake the cornstarch in the cold milk, stir in and simmer 2 minutes.', when: 'finish' }], cautions: [], note: 'leaner cream', source: COMMON },
  { id: 'cream-to-evaporated', name: 'Evaporated milk', replaces: ['cream-heavy', 'cream-double', 'cream-light', 'half-and-half'], parts: [one('milk-evaporated', 0.4, 1.3)], work: 0.02, flavour: 0.15, steps: [], cautions: ['Often holds phosphates.'], note: 'a cooked-milk taste; boils without splitting', source: COMMON },
  { id: 'cream-to-half', name: 'Half-and-half', replaces: ['cream-heavy', 'cream-double'], parts: [one('half-and-half', 0.5, 1.3)], work: 0.05, flavour: 0.05, steps: [offBoil('half-and-half')], cautions: ['Splits when it boils.'], note: 'thinner cream', source: COMMON },
  { id: 'cream-to-yogurt', name: 'Greek yogurt, nonfat', replaces: CREAMS, parts: [one('yogurt-greek-nonfat', 0.3, 1.1), one('water', 0, 0.4)], work: 0.2, flavour: 0.3, steps: [{ text: 'Temper the yogurt with hot soup and stir in off the boil.', when: 'finish' }], cautions: ['Splits with heat: temper it.'], note: 'sharp; brings protein', source: COMMON },
  { id: 'cream-to-water', name: 'Left out, topped up with water', replaces: CREAMS, parts: [one('water', 0.3, 1.3)], work: 0, flavour: 0.5, steps: [SEASON], cautions: ['The soup is thinner: blend with less liquid.'], note: 'plainer', source: COMMON },
  // Butter and milk
  { id: 'butter-to-olive-oil', name: 'Olive oil', replaces: BUTTERS, parts: [one('olive-oil', 0.4, 1)], work: 0, flavour: 0.15, steps: [], cautions: [], note: 'olive', source: COMMON },
  { id: 'butter-to-rapeseed-oil', name: 'Rapeseed oil', replaces: BUTTERS, parts: [one('rapeseed-oil', 0.4, 1)], work: 0, flavour: 0.12, steps: [], cautions: [], note: 'neutral', source: COMMON },
  { id: 'milk-to-oat-drink', name: 'Oat drink', replaces: MILKS, parts: [one('oat-drink', 0.7, 1.2)], work: 0, flavour: 0.15, steps: [], cautions: ['Oats carry wheat or barley unless specially grown: check the label for gluten.'], note: 'sweet', source: COMMON },
  { id: 'milk-to-soy-drink', name: 'Soy drink', replaces: MILKS, parts: [one('soy-drink', 0.7, 1.2)], work: 0.05, flavour: 0.2, steps: [offBoil('soy drink')], cautions: ['Tell the table: it has soy in it.', 'Splits with acid or a hard boil.'], note: 'beany', source: COMMON },
  { id: 'milk-to-almond-drink', name: 'Almond drink', replaces: MILKS, parts: [one('almond-drink', 0.7, 1.2)], work: 0.05, flavour: 0.25, steps: [offBoil('almond drink')], cautions: ['Tell the table: it has almonds in it.'], note: 'thin, nutty', source: COMMON },
  // Flour
  { id: 'flour-to-cornstarch', name: 'Cornstarch', stage: 'finish', replaces: ['flour-wheat'], parts: [one('cornstarch', 0.3, 0.8)], work: 0.1, flavour: 0.05, steps: [{ text: 'Slake the cornstarch in cold water, stir in at the end and simmer 2 minutes.', when: 'finish' }], cautions: [], note: 'glossier', source: 'half the weight of flour: common practice, no source' },
  { id: 'flour-to-arrowroot', name: 'Arrowroot', stage: 'finish', replaces: ['flour-wheat'], parts: [one('arrowroot', 0.25, 0.6)], work: 0.1, flavour: 0.05, steps: [{ text: 'Slake the arrowroot in cold water and stir in at the end; do not boil on.', when: 'finish' }], cautions: ['Thins again when boiled long.'], note: 'clear and glossy', source: COMMON },
  { id: 'flour-to-rice-flour', name: 'Rice flour', replaces: ['flour-wheat'], parts: [one('rice-flour', 0.6, 1.4)], work: 0.02, flavour: 0.05, steps: [], cautions: [], note: 'plain', source: COMMON },
  { id: 'flour-to-chickpea-flour', name: 'Chickpea flour', replaces: ['flour-wheat'], parts: [one('chickpea-flour', 0.6, 2)], work: 0.05, flavour: 0.25, steps: [{ text: 'Cook the chickpea flour in the fat 3 minutes, until it smells toasted.', when: 'before' }], cautions: ['Often milled beside wheat: check the label for gluten.'], note: 'beany', source: COMMON },
  { id: 'flour-to-potato', name: 'Potato, blended', stage: 'simmer', replaces: ['flour-wheat'], parts: [one('potato', 1, 9)], work: 0.3, flavour: 0.1, steps: [{ text: 'Simmer the potato in the pot until a knife slides in, 15 to 20 minutes, before blending.', when: 'before' }], cautions: ['Blend briefly: overworked potato turns gluey.'], note: 'fuller', source: COMMON },
  { id: 'flour-to-white-beans', name: 'White beans, blended', stage: 'blend', replaces: ['flour-wheat'], parts: [one('white-beans-canned-drained', 1, 10)], work: 0.2, flavour: 0.2, steps: [{ text: 'Blend the beans with a ladle of the liquid until smooth, then add to the pot.', when: 'blend' }], cautions: ['Tell the table: it has beans in it.'], note: 'mild, a little earthy', source: COMMON },
  // Bacon and ham
  { id: 'bacon-to-mushroom-smoke', name: 'Mushrooms, smoked paprika and oil', replaces: MEATS, parts: [one('mushrooms', 0.5, 2), one('olive-oil', 0, 0.3), { foods: [['paprika', 1]], least: 0.005, most: 0.03 }], work: 0.25, flavour: 0.45, steps: [{ text: 'Brown the mushrooms in the oil until their water is gone, the smoked paprika for the last minute.', when: 'before' }, SEASON], cautions: [], note: 'savoury and smoky without meat', source: COMMON },
  { id: 'bacon-to-paprika-oil', name: 'Smoked paprika and oil', replaces: MEATS, parts: [one('olive-oil', 0.02, 0.45), one('paprika', 0.005, 0.04)], work: 0.05, flavour: 0.5, steps: [{ text: 'Bloom the smoked paprika in the oil on medium heat for a minute.', when: 'before' }, SEASON], cautions: [], note: 'smoke without meat', source: COMMON },
  { id: 'bacon-to-white-beans', name: 'White beans and smoked paprika', replaces: MEATS, parts: [one('white-beans-canned-drained', 0.5, 2), one('olive-oil', 0, 0.3), one('paprika', 0.005, 0.03)], work: 0.2, flavour: 0.5, steps: [SEASON], cautions: ['Tell the table: it has beans in it.'], note: 'protein of the bacon, smoke of the paprika', source: COMMON },
  { id: 'bacon-to-chicken', name: 'Chicken breast and smoked paprika', replaces: MEATS, parts: [one('chicken-breast-raw', 0.4, 1.5), one('olive-oil', 0, 0.3), one('paprika', 0.005, 0.03)], work: 0.15, flavour: 0.4, steps: [{ text: 'Brown the chicken and cook it through, to 74 C.', when: 'before' }, SEASON], cautions: [], note: 'lean meat, smoke of the paprika', source: COMMON },
  { id: 'bacon-left-out', name: 'Left out', replaces: MEATS, parts: [], work: 0, flavour: 0.6, steps: [SEASON], cautions: [], note: 'no smoke, less savour', source: COMMON },
  // Stock
  { id: 'chicken-stock-to-vegetable', name: 'Vegetable broth', replaces: CHICKEN_STOCKS, parts: [one('vegetable-broth', 0.9, 1.1)], work: 0, flavour: 0.25, steps: [], cautions: ['Check the label for celery, gluten, milk and soy.'], note: 'sweeter', source: COMMON },
  { id: 'chicken-stock-to-vegetable-low', name: 'Vegetable broth, low sodium', replaces: CHICKEN_STOCKS, parts: [one('vegetable-broth-low-sodium', 0.9, 1.1)], work: 0, flavour: 0.3, steps: [SEASON], cautions: ['Check the label for celery, gluten, milk, soy and potassium chloride.'], note: 'sweeter, unsalted', source: COMMON },
  { id: 'chicken-stock-to-low', name: 'Chicken broth, low sodium', replaces: ['chicken-broth', 'chicken-broth-reduced-sodium', 'beef-broth'], parts: [one('chicken-broth-low-sodium', 0.9, 1.1)], work: 0, flavour: 0.1, steps: [SEASON], cautions: ['Check the label for potassium chloride.'], note: 'unsalted', source: COMMON },
  { id: 'chicken-stock-to-home-vegetable', name: 'Home-made vegetable stock', replaces: CHICKEN_STOCKS, parts: [one('vegetable-stock-homemade', 0.9, 1.1)], work: 0.6, flavour: 0.3, steps: [{ text: 'Simmer onion, carrot, leek and celery in water for an hour; strain.', when: 'before' }, SEASON], cautions: [], note: 'fresh, unsalted; holds celery', source: COMMON },
  { id: 'chicken-stock-to-water', name: 'Water and dried mushrooms', replaces: CHICKEN_STOCKS, parts: [{ foods: [['water', 0.99], ['mushrooms-dried', 0.01]], least: 0.9, most: 1.1 }], work: 0.2, flavour: 0.35, steps: [{ text: 'Soak the dried mushrooms 30 minutes in the hot water; pass the liquid through a cloth for grit, chop the mushrooms into the pot.', when: 'before' }, SEASON], cautions: [], note: 'savoury, brown', source: COMMON },
  { id: 'vegetable-stock-to-low', name: 'Vegetable broth, low sodium', replaces: ['vegetable-broth'], parts: [one('vegetable-broth-low-sodium', 0.9, 1.1)], work: 0, flavour: 0.08, steps: [SEASON], cautions: ['Check the label for potassium chloride.'], note: 'unsalted', source: COMMON },
  { id: 'vegetable-stock-to-water', name: 'Water', replaces: ['vegetable-broth', 'vegetable-broth-low-sodium', 'vegetable-stock-homemade'], parts: [one('water', 0.9, 1.1)], work: 0, flavour: 0.3, steps: [SEASON], cautions: [], note: 'plainer', source: COMMON },
  // Salt
  { id: 'salt-less', name: 'Less salt', replaces: ['salt', 'salt-coarse'], parts: [one('salt', 0, 0.85)], work: 0.05, flavour: 0.3, steps: [{ text: 'Season with acid and herbs first; weigh what salt goes in.', when: 'finish' }], cautions: [], note: 'flatter', source: COMMON },
];
