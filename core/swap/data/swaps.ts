/**
 * The swap catalogue, as data. A swap takes the place of one line; its amounts are solved, not fixed.
 *
 * `parts`: each is one free amount, made of foods in fixed shares by weight. `least` and `most` bound it, in grams per
 * gram of the line it replaces; the solver chooses between them so that the pot keeps volume and body. `usual` is what a
 * cook would put in without reckoning, and pulls the solver towards it; a part without one (water, mostly) fills up.
 * `flavour` 0 (nobody notices) to 1 (another soup); `work` 0 to 1; both are judgements of the trade (common practice,
 * no source), as are the bounds unless a source is given.
 */
export interface SwapPart {
  foods: readonly (readonly [foodId: string, share: number])[];
  least: number;
  most: number;
  usual?: number;
  /** How the foods are treated when that is the swap: leached, rendered. `share` is what stays of what it takes away. */
  eaten?: { how: 'drained' | 'rendered'; share: number };
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
const one = (foodId: string, least: number, most: number, usual?: number): SwapPart => ({ foods: [[foodId, 1]], least, most, ...(usual === undefined ? {} : { usual }) });

const SEASON: SwapWork = { text: 'Taste and season again at the end.', when: 'finish' };
const CHEESES = ['cheddar', 'gruyere', 'parmesan', 'goat-cheese-soft', 'cream-cheese'] as const;
const NUTS = ['almonds', 'hazelnuts', 'walnuts', 'cashews-raw'] as const;
const COCONUTS = ['coconut-milk', 'coconut-cream', 'coconut-milk-light'] as const;
const PULSES = ['white-beans-canned-drained', 'white-beans-canned', 'white-beans-cooked', 'navy-beans-cooked', 'chickpeas-canned-drained', 'chickpeas-cooked', 'lentils-cooked'] as const;
const ONIONS = ['onion', 'shallot', 'leek', 'spring-onion', 'ifct-G017', 'ifct-G018'] as const;
const SIMMER_POTATO: SwapWork = { text: 'Simmer the potato in the pot until a knife slides in, 15 to 20 minutes, before blending.', when: 'before' };
const SIMMER_RICE: SwapWork = { text: 'Simmer the rice in the pot until quite soft, 20 minutes, before blending.', when: 'before' };
const BLEND_BEANS: SwapWork = { text: 'Blend the beans with a ladle of the liquid until smooth, then add to the pot.', when: 'blend' };
const SOAK_CASHEWS: SwapWork = { text: 'Soak the cashews 2 to 4 hours, or boil them 15 minutes; drain.', when: 'before' };
const SOAK_MUSHROOMS: SwapWork = { text: 'Soak the dried mushrooms 30 minutes in the hot water; pass the liquid through a cloth for grit, chop the mushrooms into the pot.', when: 'before' };
const SLAKE: SwapWork = { text: 'Slake the cornstarch in cold water, stir in at the end and simmer 2 minutes.', when: 'finish' };
const offBoil = (what: string): SwapWork => ({ text: `Stir the ${what} in off the boil.`, when: 'finish' });

/** What is poured in by the litre, and can be poured in by less. */
export const LIQUIDS = ['water', ...CHICKEN_STOCKS, 'fish-stock', 'vegetable-broth', 'vegetable-broth-low-sodium', 'vegetable-stock-homemade'] as const;
export const isLiquid = (foodId: string | null): boolean => (LIQUIDS as readonly (string | null)[]).includes(foodId);
export const heldBackId = (foodId: string): string => `${foodId}-held-back`;
/** Its bounds are a share of the liquid that leaves it a soup. */
const heldBack = (foodId: (typeof LIQUIDS)[number]): Swap => ({ id: heldBackId(foodId), name: 'Some held back', replaces: [foodId], parts: [one(foodId, 0.75, 0.97)], work: 0, flavour: 0.02,
  steps: [{ text: 'Leave out the liquid that is held back; thin with it at the end if the soup is too thick.', when: 'finish' }], cautions: [], note: 'thicker; makes room for what goes in', source: COMMON });

export const SWAPS: readonly Swap[] = [
  // Cream
  { id: 'cream-to-white-beans', name: 'White beans and oil', stage: 'blend', replaces: CREAMS, parts: [one('white-beans-canned-drained', 0.12, 0.9, 0.36), one('olive-oil', 0, 0.35, 0.05), one('water', 0, 1)], work: 0.25, flavour: 0.3,
    steps: [BLEND_BEANS, SEASON], cautions: ['Tell the table: it has beans in it.', 'Beans carry potassium: look at the bowl for a kidney diet.'], note: 'mild, a little earthy; body without cream', source: COMMON },
  { id: 'cream-to-cashew', name: 'Cashew cream', stage: 'blend', replaces: CREAMS, parts: [{ foods: [['cashews-raw', 0.366], ['water', 0.634]], least: 0.3, most: 1.4, usual: 1.02 }, one('water', 0, 0.8)], work: 0.45, flavour: 0.25,
    steps: [SOAK_CASHEWS, { text: 'Blend the cashews with their water until smooth.', when: 'blend' }], cautions: ['Tell the table: it has cashews in it.'], note: 'sweet and nutty, thick like cream', source: 'one to one by volume, 34 g + 59 g: common practice, no source' },
  { id: 'cream-to-coconut-milk', name: 'Coconut milk', replaces: CREAMS, parts: [one('coconut-milk', 0.3, 1.5, 1), one('water', 0, 0.8)], work: 0.05, flavour: 0.6, steps: [offBoil('coconut milk')], cautions: ['Coconut milk separates at a hard boil.'], note: 'coconut is tasted', source: COMMON },
  { id: 'cream-to-coconut-light', name: 'Light coconut milk', replaces: CREAMS, parts: [one('coconut-milk-light', 0.3, 1.5, 1)], work: 0.05, flavour: 0.55, steps: [offBoil('coconut milk')], cautions: ['Coconut milk separates at a hard boil.'], note: 'coconut is tasted', source: COMMON },
  { id: 'cream-to-oat-cream', name: 'Oat cooking cream', replaces: CREAMS, parts: [one('oat-cream', 0.4, 1.4, 1)], work: 0.05, flavour: 0.15, steps: [], cautions: ['Oats carry wheat or barley unless specially grown: check the label for gluten.'], note: 'close to cream, a little sweet', source: COMMON },
  { id: 'cream-to-soy-cream', name: 'Soy cooking cream', replaces: CREAMS, parts: [one('soy-cream', 0.4, 1.4, 1)], work: 0.05, flavour: 0.2, steps: [offBoil('soy cream')], cautions: ['Tell the table: it has soy in it.'], note: 'close to cream', source: COMMON },
  { id: 'cream-to-silken-tofu', name: 'Silken tofu', stage: 'blend', replaces: CREAMS, parts: [one('silken-tofu', 0.25, 1.2, 0.75), one('olive-oil', 0, 0.3, 0.05), one('water', 0, 0.6)], work: 0.25, flavour: 0.3, steps: [{ text: 'Blend the tofu with a ladle of the liquid until smooth, then add to the pot.', when: 'blend' }, SEASON], cautions: ['Tell the table: it has soy in it.'], note: 'smooth and neutral; brings protein', source: COMMON },
  { id: 'cream-to-potato', name: 'Potato and oil', stage: 'simmer', replaces: CREAMS, parts: [one('potato', 0.1, 0.9, 0.35), one('olive-oil', 0, 0.35, 0.06), one('water', 0, 1)], work: 0.3, flavour: 0.25, steps: [SIMMER_POTATO, SEASON], cautions: ['Blend briefly: overworked potato turns gluey.'], note: 'plain; body from starch', source: COMMON },
  { id: 'cream-to-cauliflower', name: 'Blended cauliflower and oil', stage: 'simmer', replaces: CREAMS, parts: [one('cauliflower', 0.3, 1.2, 0.7), one('olive-oil', 0, 0.35, 0.06), one('water', 0, 0.6)], work: 0.3, flavour: 0.3, steps: [{ text: 'Simmer the cauliflower in the pot until soft, 12 to 15 minutes, before blending.', when: 'before' }, SEASON], cautions: [], note: 'light and a little cabbagey', source: COMMON },
  { id: 'cream-to-sunflower', name: 'Sunflower-seed cream', stage: 'blend', replaces: CREAMS, parts: [{ foods: [['sunflower-seeds', 0.33], ['water', 0.67]], least: 0.3, most: 1.4, usual: 1 }, one('water', 0, 0.6)], work: 0.5, flavour: 0.4, steps: [{ text: 'Soak the seeds 4 hours, or boil them 15 minutes; drain.', when: 'before' }, { text: 'Blend the seeds with their water until smooth, and sieve.', when: 'blend' }], cautions: [], note: 'earthy, greyish', source: COMMON },
  { id: 'cream-to-rice', name: 'Rice simmered soft, and oil', stage: 'simmer', replaces: CREAMS, parts: [one('rice-white-raw', 0.03, 0.2, 0.08), one('olive-oil', 0, 0.35, 0.06), one('water', 0, 1)], work: 0.25, flavour: 0.25, steps: [SIMMER_RICE, SEASON], cautions: [], note: 'plain; body from starch', source: COMMON },
  { id: 'cream-to-milk-starch', name: 'Milk and cornstarch', replaces: CREAMS, parts: [one('milk-whole', 0.4, 1.2, 1), one('cornstarch', 0, 0.06, 0.033)], work: 0.15, flavour: 0.1, steps: [{ text: 'Slake the cornstarch in the cold milk, stir in and simmer 2 minutes.', when: 'finish' }], cautions: [], note: 'leaner cream', source: COMMON },
  { id: 'cream-to-evaporated', name: 'Evaporated milk', replaces: ['cream-heavy', 'cream-double', 'cream-light', 'half-and-half'], parts: [one('milk-evaporated', 0.4, 1.3, 1)], work: 0.02, flavour: 0.15, steps: [], cautions: ['Often holds phosphates.'], note: 'a cooked-milk taste; boils without splitting', source: COMMON },
  { id: 'cream-to-half', name: 'Half-and-half', replaces: ['cream-heavy', 'cream-double'], parts: [one('half-and-half', 0.5, 1.3, 1)], work: 0.05, flavour: 0.05, steps: [offBoil('half-and-half')], cautions: ['Splits when it boils.'], note: 'thinner cream', source: COMMON },
  { id: 'cream-to-yogurt', name: 'Greek yogurt, nonfat', replaces: CREAMS, parts: [one('yogurt-greek-nonfat', 0.3, 1.1, 0.75), one('water', 0, 0.4)], work: 0.2, flavour: 0.3, steps: [{ text: 'Temper the yogurt with hot soup and stir in off the boil.', when: 'finish' }], cautions: ['Splits with heat: temper it.'], note: 'sharp; brings protein', source: COMMON },
  { id: 'cream-to-water', name: 'Left out, topped up with water', replaces: CREAMS, parts: [one('water', 0.3, 1.3)], work: 0, flavour: 0.5, steps: [SEASON], cautions: ['The soup is thinner: blend with less liquid.'], note: 'plainer', source: COMMON },
  // Butter and milk
  { id: 'butter-to-olive-oil', name: 'Olive oil', replaces: BUTTERS, parts: [one('olive-oil', 0.4, 1, 0.8)], work: 0, flavour: 0.15, steps: [], cautions: [], note: 'olive', source: COMMON },
  { id: 'butter-to-rapeseed-oil', name: 'Rapeseed oil', replaces: BUTTERS, parts: [one('rapeseed-oil', 0.4, 1, 0.8)], work: 0, flavour: 0.12, steps: [], cautions: [], note: 'neutral', source: COMMON },
  { id: 'milk-to-oat-drink', name: 'Oat drink', replaces: MILKS, parts: [one('oat-drink', 0.7, 1.2, 1)], work: 0, flavour: 0.15, steps: [], cautions: ['Oats carry wheat or barley unless specially grown: check the label for gluten.'], note: 'sweet', source: COMMON },
  { id: 'milk-to-soy-drink', name: 'Soy drink', replaces: MILKS, parts: [one('soy-drink', 0.7, 1.2, 1)], work: 0.05, flavour: 0.2, steps: [offBoil('soy drink')], cautions: ['Tell the table: it has soy in it.', 'Splits with acid or a hard boil.'], note: 'beany', source: COMMON },
  { id: 'milk-to-almond-drink', name: 'Almond drink', replaces: MILKS, parts: [one('almond-drink', 0.7, 1.2, 1)], work: 0.05, flavour: 0.25, steps: [offBoil('almond drink')], cautions: ['Tell the table: it has almonds in it.'], note: 'thin, nutty', source: COMMON },
  // Flour
  { id: 'flour-to-cornstarch', name: 'Cornstarch', stage: 'finish', replaces: ['flour-wheat'], parts: [one('cornstarch', 0.3, 0.8, 0.5)], work: 0.1, flavour: 0.05, steps: [SLAKE], cautions: [], note: 'glossier', source: 'half the weight of flour: common practice, no source' },
  { id: 'flour-to-arrowroot', name: 'Arrowroot', stage: 'finish', replaces: ['flour-wheat'], parts: [one('arrowroot', 0.25, 0.6, 0.36)], work: 0.1, flavour: 0.05, steps: [{ text: 'Slake the arrowroot in cold water and stir in at the end; do not boil on.', when: 'finish' }], cautions: ['Thins again when boiled long.'], note: 'clear and glossy', source: COMMON },
  { id: 'flour-to-rice-flour', name: 'Rice flour', replaces: ['flour-wheat'], parts: [one('rice-flour', 0.6, 1.4, 1)], work: 0.02, flavour: 0.05, steps: [], cautions: [], note: 'plain', source: COMMON },
  { id: 'flour-to-chickpea-flour', name: 'Chickpea flour', replaces: ['flour-wheat'], parts: [one('chickpea-flour', 0.6, 2, 1.1)], work: 0.05, flavour: 0.25, steps: [{ text: 'Cook the chickpea flour in the fat 3 minutes, until it smells toasted.', when: 'before' }], cautions: ['Often milled beside wheat: check the label for gluten.'], note: 'beany', source: COMMON },
  { id: 'flour-to-potato', name: 'Potato, blended', stage: 'simmer', replaces: ['flour-wheat'], parts: [one('potato', 1, 9, 5)], work: 0.3, flavour: 0.1, steps: [SIMMER_POTATO], cautions: ['Blend briefly: overworked potato turns gluey.'], note: 'fuller', source: COMMON },
  { id: 'flour-to-white-beans', name: 'White beans, blended', stage: 'blend', replaces: ['flour-wheat'], parts: [one('white-beans-canned-drained', 1, 10, 4)], work: 0.2, flavour: 0.2, steps: [BLEND_BEANS], cautions: ['Tell the table: it has beans in it.'], note: 'mild, a little earthy', source: COMMON },
  // Bacon and ham
  { id: 'bacon-to-mushroom-smoke', name: 'Mushrooms, smoked paprika and oil', replaces: MEATS, parts: [one('mushrooms', 0.5, 2, 1), one('olive-oil', 0, 0.3, 0.12), { foods: [['smoked-paprika', 1]], least: 0.005, most: 0.03, usual: 0.015 }], work: 0.25, flavour: 0.45, steps: [{ text: 'Brown the mushrooms in the oil until their water is gone, the smoked paprika for the last minute.', when: 'before' }, SEASON], cautions: [], note: 'savoury and smoky without meat', source: COMMON },
  { id: 'bacon-to-paprika-oil', name: 'Smoked paprika and oil', replaces: MEATS, parts: [one('olive-oil', 0.02, 0.45, 0.125), one('smoked-paprika', 0.005, 0.04, 0.02)], work: 0.05, flavour: 0.5, steps: [{ text: 'Bloom the smoked paprika in the oil on medium heat for a minute.', when: 'before' }, SEASON], cautions: [], note: 'smoke without meat', source: COMMON },
  { id: 'bacon-to-white-beans', name: 'White beans and smoked paprika', replaces: MEATS, parts: [one('white-beans-canned-drained', 0.5, 2, 1), one('olive-oil', 0, 0.3, 0.1), one('smoked-paprika', 0.005, 0.03, 0.015)], work: 0.2, flavour: 0.5, steps: [SEASON], cautions: ['Tell the table: it has beans in it.'], note: 'protein of the bacon, smoke of the paprika', source: COMMON },
  { id: 'bacon-to-chicken', name: 'Chicken breast and smoked paprika', replaces: MEATS, parts: [one('chicken-breast-raw', 0.4, 1.5, 0.8), one('olive-oil', 0, 0.3, 0.1), one('smoked-paprika', 0.005, 0.03, 0.015)], work: 0.15, flavour: 0.4, steps: [{ text: 'Brown the chicken and cook it through, to 74 C.', when: 'before' }, SEASON], cautions: [], note: 'lean meat, smoke of the paprika', source: COMMON },
  { id: 'bacon-left-out', name: 'Left out', replaces: MEATS, parts: [], work: 0, flavour: 0.6, steps: [SEASON], cautions: [], note: 'no smoke, less savour', source: COMMON },
  // Stock
  { id: 'chicken-stock-to-vegetable', name: 'Vegetable broth', replaces: CHICKEN_STOCKS, parts: [one('vegetable-broth', 0.9, 1.1, 1)], work: 0, flavour: 0.25, steps: [], cautions: ['Check the label for celery, gluten, milk and soy.'], note: 'sweeter', source: COMMON },
  { id: 'chicken-stock-to-vegetable-low', name: 'Vegetable broth, low sodium', replaces: CHICKEN_STOCKS, parts: [one('vegetable-broth-low-sodium', 0.9, 1.1, 1)], work: 0, flavour: 0.3, steps: [SEASON], cautions: ['Check the label for celery, gluten, milk, soy and potassium chloride.'], note: 'sweeter, unsalted', source: COMMON },
  { id: 'chicken-stock-to-low', name: 'Chicken broth, low sodium', replaces: ['chicken-broth', 'chicken-broth-reduced-sodium', 'beef-broth'], parts: [one('chicken-broth-low-sodium', 0.9, 1.1, 1)], work: 0, flavour: 0.1, steps: [SEASON], cautions: ['Check the label for potassium chloride.'], note: 'unsalted', source: COMMON },
  { id: 'chicken-stock-to-home-vegetable', name: 'Home-made vegetable stock', replaces: CHICKEN_STOCKS, parts: [one('vegetable-stock-homemade', 0.9, 1.1, 1)], work: 0.6, flavour: 0.3, steps: [{ text: 'Simmer onion, carrot, leek and celery in water for an hour; strain.', when: 'before' }, SEASON], cautions: [], note: 'fresh, unsalted; holds celery', source: COMMON },
  { id: 'chicken-stock-to-water', name: 'Water and dried mushrooms', replaces: CHICKEN_STOCKS, parts: [{ foods: [['water', 0.99], ['mushrooms-dried', 0.01]], least: 0.9, most: 1.1, usual: 1 }], work: 0.2, flavour: 0.35, steps: [SOAK_MUSHROOMS, SEASON], cautions: [], note: 'savoury, brown', source: COMMON },
  { id: 'vegetable-stock-to-low', name: 'Vegetable broth, low sodium', replaces: ['vegetable-broth'], parts: [one('vegetable-broth-low-sodium', 0.9, 1.1, 1)], work: 0, flavour: 0.08, steps: [SEASON], cautions: ['Check the label for potassium chloride.'], note: 'unsalted', source: COMMON },
  { id: 'vegetable-stock-to-water', name: 'Water', replaces: ['vegetable-broth', 'vegetable-broth-low-sodium', 'vegetable-stock-homemade'], parts: [one('water', 0.9, 1.1, 1)], work: 0, flavour: 0.3, steps: [SEASON], cautions: [], note: 'plainer', source: COMMON },
  ...LIQUIDS.map(heldBack),
  // Salt
  { id: 'salt-less', name: 'Less salt', replaces: ['salt', 'salt-coarse'], parts: [one('salt', 0, 0.85)], work: 0.05, flavour: 0.3, steps: [{ text: 'Season with acid and herbs first; weigh what salt goes in.', when: 'finish' }], cautions: [], note: 'flatter', source: COMMON },
  { id: 'stock-powder-less', name: 'Less stock powder', replaces: ['chicken-stock-powder'], parts: [one('chicken-stock-powder', 0, 0.85)], work: 0.05, flavour: 0.25, steps: [SEASON], cautions: [], note: 'milder', source: COMMON },
  { id: 'vegetable-powder-less', name: 'Less stock powder', replaces: ['vegetable-stock-powder'], parts: [one('vegetable-stock-powder', 0, 0.85)], work: 0.05, flavour: 0.25, steps: [SEASON], cautions: [], note: 'milder', source: COMMON },
  { id: 'chicken-powder-to-vegetable', name: 'Vegetable stock powder', replaces: ['chicken-stock-powder'], parts: [one('vegetable-stock-powder', 0.6, 1.2, 1)], work: 0, flavour: 0.25, steps: [], cautions: ['Check the label for celery, gluten, milk, soy, mustard and egg.'], note: 'sweeter', source: COMMON },
  { id: 'stock-powder-to-mushroom', name: 'Dried mushrooms', replaces: ['chicken-stock-powder', 'vegetable-stock-powder'], parts: [one('mushrooms-dried', 0.3, 1.5, 0.6)], stage: 'simmer', work: 0.2, flavour: 0.3, steps: [SOAK_MUSHROOMS, SEASON], cautions: [], note: 'savoury, unsalted', source: COMMON },
  { id: 'fish-stock-to-vegetable', name: 'Vegetable broth, low sodium', replaces: ['fish-stock'], parts: [one('vegetable-broth-low-sodium', 0.9, 1.1, 1)], work: 0, flavour: 0.4, steps: [SEASON], cautions: ['Check the label for celery, gluten, milk and soy.'], note: 'no sea in it', source: COMMON },
  { id: 'fish-stock-to-mushroom', name: 'Water and dried mushrooms', replaces: ['fish-stock'], parts: [{ foods: [['water', 0.99], ['mushrooms-dried', 0.01]], least: 0.9, most: 1.1, usual: 1 }], work: 0.2, flavour: 0.45, steps: [SOAK_MUSHROOMS, SEASON], cautions: [], note: 'savoury, brown', source: COMMON },
  { id: 'water-to-milk', name: 'Milk', replaces: ['water'], parts: [one('milk-whole', 0.1, 1), one('water', 0, 0.9)], work: 0, flavour: 0.3, steps: [], cautions: [], note: 'rounder; more energy and protein', source: COMMON },
  { id: 'water-to-milk-powder', name: 'Water fortified with skim milk powder', replaces: ['water'], parts: [one('skim-milk-powder', 0.01, 0.12), one('water', 0.85, 1)], work: 0.1, flavour: 0.2, steps: [{ text: 'Whisk the milk powder into a little of the cold water, then add.', when: 'finish' }], cautions: [], note: 'more protein, little fat', source: COMMON },
  // Butter, milk, yogurt
  { id: 'butter-to-plant-spread', name: 'Margarine', replaces: BUTTERS, parts: [one('plant-spread', 0.6, 1.1, 1)], work: 0, flavour: 0.1, steps: [], cautions: ['Some hold whey: check the label for milk.'], note: 'close to butter', source: COMMON },
  { id: 'butter-less', name: 'Less butter', replaces: ['butter-unsalted'], parts: [one('butter-unsalted', 0.2, 0.85)], work: 0, flavour: 0.1, steps: [], cautions: [], note: 'leaner', source: COMMON },
  { id: 'butter-salted-less', name: 'Less butter', replaces: ['butter-salted'], parts: [one('butter-salted', 0.2, 0.85)], work: 0, flavour: 0.1, steps: [], cautions: [], note: 'leaner', source: COMMON },
  { id: 'butter-to-unsalted', name: 'Unsalted butter', replaces: ['butter-salted'], parts: [one('butter-unsalted', 0.8, 1.1, 1)], work: 0, flavour: 0.05, steps: [SEASON], cautions: [], note: 'the same, unsalted', source: COMMON },
  { id: 'milk-to-skim', name: 'Skim milk', replaces: ['milk-whole', 'milk-reduced-fat'], parts: [one('milk-skim', 0.85, 1.1, 1)], work: 0.02, flavour: 0.1, steps: [offBoil('milk')], cautions: ['Splits when it boils.'], note: 'thinner', source: COMMON },
  { id: 'milk-to-evaporated', name: 'Evaporated milk', replaces: MILKS, parts: [one('milk-evaporated', 0.4, 1.1, 0.5), one('water', 0, 0.6)], work: 0.02, flavour: 0.15, steps: [], cautions: ['Often holds phosphates.'], note: 'richer; more protein', source: COMMON },
  { id: 'milk-to-water-potato', name: 'Water and potato', replaces: MILKS, parts: [one('potato', 0.05, 0.5, 0.15), one('water', 0.5, 1.1)], stage: 'simmer', work: 0.25, flavour: 0.3, steps: [SIMMER_POTATO, SEASON], cautions: [], note: 'plainer', source: COMMON },
  { id: 'milk-to-coconut-drink', name: 'Coconut drink, carton', replaces: MILKS, parts: [one('coconut-drink', 0.7, 1.1, 1)], work: 0, flavour: 0.35, steps: [], cautions: [], note: 'faint coconut', source: COMMON },
  { id: 'yogurt-to-silken-tofu', name: 'Silken tofu and lemon', replaces: ['yogurt-whole', 'yogurt-greek-nonfat', 'sour-cream'], parts: [one('silken-tofu', 0.5, 1.1, 0.93), one('lemon-juice', 0.02, 0.15, 0.065)], work: 0.2, flavour: 0.25, steps: [{ text: 'Blend the tofu with the lemon until smooth.', when: 'finish' }], cautions: ['Tell the table: it has soy in it.'], note: 'sharp and smooth', source: COMMON },
  { id: 'yogurt-to-coconut-cream', name: 'Coconut cream and lemon', replaces: ['yogurt-whole', 'yogurt-greek-nonfat', 'sour-cream'], parts: [one('coconut-cream', 0.3, 1, 0.8), one('lemon-juice', 0.02, 0.15, 0.065)], work: 0.1, flavour: 0.5, steps: [], cautions: [], note: 'coconut is tasted', source: COMMON },
  { id: 'yogurt-to-oat-cream', name: 'Oat cream and lemon', replaces: ['yogurt-whole', 'yogurt-greek-nonfat', 'sour-cream'], parts: [one('oat-cream', 0.5, 1.1, 0.93), one('lemon-juice', 0.02, 0.15, 0.065)], work: 0.1, flavour: 0.25, steps: [], cautions: ['Oats carry wheat or barley unless specially grown: check the label for gluten.'], note: 'mild', source: COMMON },
  // Cheese
  { id: 'cheese-to-white-beans', name: 'White beans, oil and lemon', replaces: CHEESES, parts: [one('white-beans-canned-drained', 0.4, 2, 1), one('olive-oil', 0, 0.4, 0.1), one('lemon-juice', 0.02, 0.15, 0.05)], stage: 'blend', work: 0.25, flavour: 0.55, steps: [BLEND_BEANS, SEASON], cautions: ['Tell the table: it has beans in it.'], note: 'body without the cheese taste', source: COMMON },
  { id: 'cheese-to-cashew', name: 'Cashews and lemon', replaces: CHEESES, parts: [one('cashews-raw', 0.3, 1, 0.6), one('lemon-juice', 0.02, 0.2, 0.07), one('water', 0, 0.8)], stage: 'blend', work: 0.45, flavour: 0.4, steps: [SOAK_CASHEWS, { text: 'Blend the cashews with the lemon and water until smooth.', when: 'blend' }, SEASON], cautions: ['Tell the table: it has cashews in it.'], note: 'rich, a little sharp', source: COMMON },
  { id: 'cheese-to-silken-tofu', name: 'Silken tofu and oil', replaces: CHEESES, parts: [one('silken-tofu', 0.5, 2.5, 1.2), one('olive-oil', 0, 0.4, 0.1)], stage: 'blend', work: 0.25, flavour: 0.5, steps: [{ text: 'Blend the tofu with a ladle of the liquid until smooth, then add to the pot.', when: 'blend' }, SEASON], cautions: ['Tell the table: it has soy in it.'], note: 'smooth and neutral', source: COMMON },
  { id: 'cheese-to-ricotta', name: 'Ricotta', replaces: CHEESES, parts: [one('ricotta', 0.4, 1.6, 1)], work: 0.05, flavour: 0.25, steps: [offBoil('ricotta')], cautions: [], note: 'mild; much less sodium', source: COMMON },
  { id: 'cheese-to-cottage', name: 'Cottage cheese, blended', replaces: CHEESES, parts: [one('cottage-cheese', 0.4, 2, 1)], stage: 'blend', work: 0.1, flavour: 0.3, steps: [{ text: 'Blend the cottage cheese with a ladle of the soup off the boil, then add.', when: 'blend' }], cautions: ['Splits when it boils.'], note: 'lean, a little sharp', source: COMMON },
  { id: 'cheese-to-mozzarella', name: 'Mozzarella, part skim', replaces: ['cheddar', 'gruyere'], parts: [one('mozzarella-part-skim', 0.5, 1.1, 1)], work: 0.05, flavour: 0.2, steps: [offBoil('mozzarella')], cautions: ['Pulls strings: melt slowly.'], note: 'milder, leaner', source: COMMON },
  { id: 'cheese-left-out', name: 'Left out', replaces: CHEESES, parts: [], work: 0, flavour: 0.6, steps: [SEASON], cautions: [], note: 'no cheese', source: COMMON },
  { id: 'cheddar-less', name: 'Less cheddar', replaces: ['cheddar'], parts: [one('cheddar', 0.2, 0.85)], work: 0, flavour: 0.2, steps: [SEASON], cautions: [], note: 'milder', source: COMMON },
  { id: 'parmesan-less', name: 'Less parmesan', replaces: ['parmesan'], parts: [one('parmesan', 0.1, 0.85)], work: 0, flavour: 0.2, steps: [SEASON], cautions: [], note: 'milder', source: COMMON },
  // Egg yolk, bread, potato
  { id: 'yolk-to-cornstarch', name: 'Cornstarch and oil', replaces: ['egg-yolk', 'egg'], parts: [one('cornstarch', 0.1, 0.6, 0.235), one('olive-oil', 0, 0.5)], stage: 'finish', work: 0.1, flavour: 0.25, steps: [SLAKE], cautions: [], note: 'gloss without egg', source: COMMON },
  { id: 'yolk-to-silken-tofu', name: 'Silken tofu', replaces: ['egg-yolk', 'egg'], parts: [one('silken-tofu', 1, 6, 2.5)], stage: 'blend', work: 0.2, flavour: 0.25, steps: [{ text: 'Blend the tofu with a ladle of the liquid until smooth, then add to the pot.', when: 'blend' }], cautions: ['Tell the table: it has soy in it.'], note: 'velvety', source: COMMON },
  { id: 'yolk-to-cashew', name: 'Cashews, blended', replaces: ['egg-yolk', 'egg'], parts: [one('cashews-raw', 0.3, 1.5, 0.8)], stage: 'blend', work: 0.45, flavour: 0.3, steps: [SOAK_CASHEWS, { text: 'Blend the cashews with a ladle of the liquid until smooth.', when: 'blend' }], cautions: ['Tell the table: it has cashews in it.'], note: 'rich', source: COMMON },
  { id: 'bread-to-rice', name: 'Rice simmered soft', replaces: ['bread-white'], parts: [one('rice-white-raw', 0.2, 1, 0.5)], stage: 'simmer', work: 0.25, flavour: 0.15, steps: [SIMMER_RICE], cautions: [], note: 'plain', source: COMMON },
  { id: 'bread-to-potato', name: 'Potato, blended', replaces: ['bread-white'], parts: [one('potato', 0.5, 4, 1.6)], stage: 'simmer', work: 0.3, flavour: 0.15, steps: [SIMMER_POTATO], cautions: ['Blend briefly: overworked potato turns gluey.'], note: 'fuller', source: COMMON },
  { id: 'bread-to-almonds', name: 'Ground almonds', replaces: ['bread-white'], parts: [one('almonds', 0.3, 1.5, 0.7)], stage: 'blend', work: 0.1, flavour: 0.25, steps: [], cautions: ['Tell the table: it has almonds in it.'], note: 'nutty', source: COMMON },
  { id: 'croutons-to-pumpkin-seeds', name: 'Toasted pumpkin seeds', replaces: ['croutons'], parts: [one('pumpkin-seeds', 0.3, 1, 0.6)], work: 0.1, flavour: 0.2, steps: [{ text: 'Toast the pumpkin seeds in a dry pan.', when: 'finish' }], cautions: ['Seeds are a risk with swallowing difficulty.'], note: 'crunch without bread', source: COMMON },
  { id: 'potato-to-cauliflower', name: 'Cauliflower', replaces: ['potato'], parts: [one('cauliflower', 0.5, 1.4, 1)], stage: 'simmer', work: 0.1, flavour: 0.3, steps: [], cautions: [], note: 'lighter; fewer carbohydrates', source: COMMON },
  { id: 'potato-to-white-beans', name: 'White beans', replaces: ['potato'], parts: [one('white-beans-canned-drained', 0.3, 1.2, 0.6)], stage: 'blend', work: 0.1, flavour: 0.25, steps: [BLEND_BEANS], cautions: ['Tell the table: it has beans in it.'], note: 'more protein', source: COMMON },
  { id: 'potato-to-rice', name: 'Rice simmered soft', replaces: ['potato'], parts: [one('rice-white-raw', 0.05, 0.4, 0.2), one('water', 0, 0.8)], stage: 'simmer', work: 0.2, flavour: 0.2, steps: [SIMMER_RICE], cautions: [], note: 'plain; little potassium', source: COMMON },
  { id: 'potato-leached', name: 'Potato, boiled in water that is thrown away', replaces: ['potato'], parts: [{ ...one('potato', 0.97, 1, 1), eaten: { how: 'drained', share: 0.6 } }], work: 0.35, flavour: 0.1, steps: [{ text: 'Cut the potato small, boil it in plenty of water, throw the water away, and go on with fresh liquid.', when: 'before' }], cautions: ['Takes out part of the potassium only.'], note: 'plainer', source: 'potato boiled in water that is thrown away keeps about six tenths of its potassium (estimate)' },
  // Meat, fish
  { id: 'bacon-rendered', name: 'Bacon, its fat poured off', replaces: ['bacon-raw'], parts: [{ ...one('bacon-raw', 0.97, 1, 1), eaten: { how: 'rendered', share: 0.4 } }], work: 0.1, flavour: 0.1, steps: [{ text: 'Fry the bacon crisp and pour off its fat before anything else goes in.', when: 'before' }], cautions: [], note: 'leaner', source: 'bacon loses over half its fat when fried crisp (estimate)' },
  { id: 'bacon-less', name: 'Less bacon', replaces: ['bacon-raw'], parts: [one('bacon-raw', 0.2, 0.85)], work: 0, flavour: 0.2, steps: [SEASON], cautions: [], note: 'milder', source: COMMON },
  { id: 'chicken-to-chickpeas', name: 'Chickpeas', replaces: ['chicken-breast-raw'], parts: [one('chickpeas-canned-drained', 0.5, 2, 1.1)], stage: 'simmer', work: 0.05, flavour: 0.4, steps: [], cautions: ['Tell the table: it has chickpeas in it.'], note: 'mealy', source: COMMON },
  { id: 'chicken-to-white-beans', name: 'White beans', replaces: ['chicken-breast-raw'], parts: [one('white-beans-canned-drained', 0.5, 2.5, 1.1)], stage: 'simmer', work: 0.05, flavour: 0.4, steps: [], cautions: ['Tell the table: it has beans in it.'], note: 'soft', source: COMMON },
  { id: 'chicken-to-tofu', name: 'Silken tofu', replaces: ['chicken-breast-raw'], parts: [one('silken-tofu', 0.8, 3, 1.5)], stage: 'blend', work: 0.1, flavour: 0.45, steps: [], cautions: ['Tell the table: it has soy in it.'], note: 'smooth', source: COMMON },
  { id: 'haddock-to-chicken', name: 'Chicken breast and smoked paprika', replaces: ['smoked-haddock'], parts: [one('chicken-breast-raw', 0.6, 1.3, 0.9), one('smoked-paprika', 0.003, 0.02, 0.012)], work: 0.15, flavour: 0.5, steps: [{ text: 'Poach the chicken through, to 74 C.', when: 'before' }, SEASON], cautions: [], note: 'no sea in it', source: COMMON },
  { id: 'haddock-to-chickpeas', name: 'Chickpeas and smoked paprika', replaces: ['smoked-haddock'], parts: [one('chickpeas-canned-drained', 0.5, 1.8, 1), one('smoked-paprika', 0.003, 0.02, 0.012)], stage: 'simmer', work: 0.05, flavour: 0.55, steps: [SEASON], cautions: ['Tell the table: it has chickpeas in it.'], note: 'smoke without fish', source: COMMON },
  { id: 'haddock-less', name: 'Less smoked haddock', replaces: ['smoked-haddock'], parts: [one('smoked-haddock', 0.3, 0.85)], work: 0, flavour: 0.2, steps: [SEASON], cautions: [], note: 'milder', source: COMMON },
  // Savoury sauces
  { id: 'soy-sauce-to-mushroom', name: 'Dried mushrooms', replaces: ['soy-sauce', 'miso', 'worcestershire-sauce', 'fish-sauce', 'anchovies-canned'], parts: [one('mushrooms-dried', 0.1, 0.8, 0.3)], stage: 'simmer', work: 0.2, flavour: 0.35, steps: [SOAK_MUSHROOMS, SEASON], cautions: [], note: 'savoury, unsalted', source: COMMON },
  { id: 'soy-sauce-to-salt-vinegar', name: 'Salt and vinegar', replaces: ['soy-sauce', 'miso', 'worcestershire-sauce', 'fish-sauce', 'anchovies-canned', 'mustard'], parts: [one('salt', 0, 0.15), one('cider-vinegar', 0.05, 0.5, 0.2)], work: 0, flavour: 0.5, steps: [SEASON], cautions: [], note: 'salt and sharpness only', source: COMMON },
  { id: 'fish-sauce-to-soy', name: 'Soy sauce', replaces: ['fish-sauce', 'worcestershire-sauce', 'anchovies-canned'], parts: [one('soy-sauce', 0.5, 1.4, 1)], work: 0, flavour: 0.25, steps: [], cautions: ['Tell the table: it has soy and wheat in it.'], note: 'savoury', source: COMMON },
  { id: 'soy-sauce-to-miso', name: 'Miso', replaces: ['soy-sauce'], parts: [one('miso', 0.6, 1.6, 1)], work: 0.05, flavour: 0.15, steps: [offBoil('miso')], cautions: ['Check the label for barley and wheat.'], note: 'rounder', source: COMMON },
  // Nuts, coconut, pulses
  { id: 'nuts-to-sunflower', name: 'Sunflower seeds', replaces: NUTS, parts: [one('sunflower-seeds', 0.6, 1.2, 1)], work: 0.1, flavour: 0.3, steps: [], cautions: [], note: 'earthy', source: COMMON },
  { id: 'nuts-to-pumpkin-seeds', name: 'Pumpkin seeds', replaces: NUTS, parts: [one('pumpkin-seeds', 0.6, 1.2, 1)], work: 0.1, flavour: 0.3, steps: [], cautions: [], note: 'green and earthy', source: COMMON },
  { id: 'nuts-to-oats', name: 'Oats, blended, and oil', replaces: NUTS, parts: [one('oats-rolled', 0.2, 1, 0.6), one('olive-oil', 0, 0.6, 0.35)], stage: 'simmer', work: 0.15, flavour: 0.3, steps: [], cautions: ['Oats carry wheat or barley unless specially grown: check the label for gluten.'], note: 'creamy, plain', source: COMMON },
  { id: 'coconut-to-oat-cream', name: 'Oat cooking cream', replaces: COCONUTS, parts: [one('oat-cream', 0.5, 1.3, 1)], work: 0, flavour: 0.35, steps: [], cautions: ['Oats carry wheat or barley unless specially grown: check the label for gluten.'], note: 'no coconut', source: COMMON },
  { id: 'coconut-to-soy-cream', name: 'Soy cooking cream', replaces: COCONUTS, parts: [one('soy-cream', 0.5, 1.3, 1)], work: 0, flavour: 0.35, steps: [offBoil('soy cream')], cautions: ['Tell the table: it has soy in it.'], note: 'no coconut', source: COMMON },
  { id: 'coconut-to-light', name: 'Light coconut milk', replaces: ['coconut-milk', 'coconut-cream'], parts: [one('coconut-milk-light', 0.6, 1.3, 1)], work: 0, flavour: 0.1, steps: [], cautions: [], note: 'leaner', source: COMMON },
  { id: 'coconut-to-evaporated', name: 'Evaporated milk', replaces: COCONUTS, parts: [one('milk-evaporated', 0.5, 1.2, 0.9)], work: 0, flavour: 0.35, steps: [], cautions: ['Often holds phosphates.'], note: 'no coconut', source: COMMON },
  { id: 'beans-to-potato', name: 'Potato and oil', replaces: PULSES, parts: [one('potato', 0.3, 1.6, 1), one('olive-oil', 0, 0.1, 0.03), one('water', 0, 0.5)], stage: 'simmer', work: 0.2, flavour: 0.25, steps: [SIMMER_POTATO], cautions: [], note: 'fuller, less protein', source: COMMON },
  { id: 'beans-to-rice', name: 'Rice simmered soft', replaces: PULSES, parts: [one('rice-white-raw', 0.05, 0.5, 0.3), one('water', 0, 1)], stage: 'simmer', work: 0.2, flavour: 0.3, steps: [SIMMER_RICE], cautions: [], note: 'plain; little potassium', source: COMMON },
  { id: 'beans-to-cauliflower', name: 'Cauliflower', replaces: PULSES, parts: [one('cauliflower', 0.5, 1.6, 1.1)], stage: 'simmer', work: 0.15, flavour: 0.35, steps: [], cautions: [], note: 'lighter', source: COMMON },
  // Celery, onion, garlic
  { id: 'celery-to-fennel', name: 'Fennel', replaces: ['celery', 'ifct-D037'], parts: [one('fennel', 0.6, 1.2, 1)], work: 0, flavour: 0.3, steps: [], cautions: [], note: 'aniseed', source: COMMON },
  { id: 'celery-to-courgette', name: 'Courgette', replaces: ['celery', 'ifct-D037'], parts: [one('courgette', 0.6, 1.2, 1)], work: 0, flavour: 0.3, steps: [], cautions: [], note: 'mild', source: COMMON },
  { id: 'celery-left-out', name: 'Left out', replaces: ['celery', 'ifct-D037'], parts: [], work: 0, flavour: 0.25, steps: [], cautions: [], note: 'less savour', source: COMMON },
  { id: 'celeriac-to-parsnip', name: 'Parsnip', replaces: ['celeriac'], parts: [one('parsnip', 0.6, 1.2, 1)], work: 0, flavour: 0.35, steps: [], cautions: [], note: 'sweeter', source: COMMON },
  { id: 'celeriac-to-turnip', name: 'Turnip', replaces: ['celeriac'], parts: [one('turnip', 0.6, 1.2, 1)], work: 0, flavour: 0.35, steps: [], cautions: [], note: 'mild, a little bitter', source: COMMON },
  { id: 'onion-to-fennel', name: 'Fennel', replaces: ONIONS, parts: [one('fennel', 0.5, 1.2, 1)], work: 0, flavour: 0.4, steps: [], cautions: [], note: 'aniseed', source: COMMON },
  { id: 'onion-to-carrot', name: 'Carrot', replaces: ONIONS, parts: [one('carrot', 0.4, 1.1, 0.9)], work: 0, flavour: 0.4, steps: [], cautions: [], note: 'sweet', source: COMMON },
  { id: 'onion-to-courgette', name: 'Courgette', replaces: ONIONS, parts: [one('courgette', 0.5, 1.2, 1)], work: 0, flavour: 0.4, steps: [SEASON], cautions: [], note: 'mild', source: COMMON },
  { id: 'garlic-to-ginger', name: 'Ginger', replaces: ['garlic'], parts: [one('ginger', 0.3, 1.5, 0.8)], work: 0, flavour: 0.45, steps: [], cautions: [], note: 'warm', source: COMMON },
  { id: 'garlic-to-asafoetida', name: 'Asafoetida', replaces: ['garlic'], parts: [one('ifct-G019', 0.01, 0.1, 0.03)], work: 0, flavour: 0.25, steps: [{ text: 'Bloom the asafoetida in the fat for a few seconds.', when: 'before' }], cautions: ['Often sold mixed with wheat flour: check the label.'], note: 'garlic-like', source: COMMON },
  { id: 'garlic-left-out', name: 'Left out', replaces: ['garlic'], parts: [], work: 0, flavour: 0.35, steps: [], cautions: [], note: 'plainer', source: COMMON },
  // Sweet
  { id: 'sugar-left-out', name: 'Left out', replaces: ['sugar', 'honey', 'maple-syrup'], parts: [], work: 0, flavour: 0.2, steps: [SEASON], cautions: [], note: 'sharper', source: COMMON },
  { id: 'honey-to-maple', name: 'Maple syrup', replaces: ['honey'], parts: [one('maple-syrup', 0.8, 1.3, 1)], work: 0, flavour: 0.1, steps: [], cautions: [], note: 'no honey', source: COMMON },
];
