/**
 * Composites: what stands in the pot under one name and is made of many things. `usual` is the make-up most makes share, `varies`
 * what only some have. Rows with a `food` speak of a row that has figures; the others have no figures at all, but are no
 * riddle: what they surely contain is said, what varies is to be looked up, and every figure is at least what is known.
 * All common practice of kitchens and packers, no source, from memory.
 */

import type { AllergenId, DietId } from '../../vocabulary/allergens.ts';
import type { Category } from '../../vocabulary/category.ts';
import type { Origin } from '../../vocabulary/origin.ts';

export interface Composite {
  id: string;
  /** The shelf's row of this food. */
  food?: string;
  name: string;
  aliases: string;
  category: Category;
  usual: string;
  contains?: readonly (AllergenId | readonly [AllergenId, ...string[]])[];
  checks?: readonly (readonly [AllergenId, string])[];
  may?: readonly (readonly [AllergenId, string])[];
  dietChecks?: readonly (readonly [DietId, string])[];
  origins?: readonly Origin[];
  /** Grams in a US cup, where it is spooned. */
  cup?: number;
}

const GRAIN = (why: string) => [['wheat', why], ['gluten', why]] as const;
const WHEAT = (...via: string[]) => [['wheat', ...via], ['gluten', ...via, 'wheat']] as const;
const ONION = [['noOnionGarlic', 'onion or garlic in most makes']] as const;

/** Of rows that have figures: what they are usually made of. */
export const MAKE_UP: Readonly<Record<string, string>> = {
  'chicken-broth': 'water, chicken, salt, onion, celery, carrot, yeast extract',
  'chicken-broth-low-sodium': 'water, chicken, onion, celery, carrot',
  'chicken-broth-reduced-sodium': 'water, chicken, salt, onion, celery, yeast extract, sometimes potassium chloride',
  'beef-broth': 'water, beef, salt, onion, celery, yeast extract, caramel',
  'vegetable-broth': 'water, carrot, onion, celery, tomato, salt, yeast extract',
  'vegetable-broth-low-sodium': 'water, carrot, onion, celery, tomato',
  'chicken-stock-homemade': 'water, chicken bones, onion, carrot, celery, bay',
  'beef-stock-homemade': 'water, beef bones, onion, carrot, celery, bay',
  'vegetable-stock-homemade': 'water, onion, carrot, leek, celery',
  'fish-stock': 'water, fish bones, onion, celery, white wine',
  'bone-broth': 'water, bones, vinegar, onion, celery, salt',
  'beef-broth-reduced-sodium': 'water, beef, onion, celery, yeast extract, sometimes potassium chloride',
  'chicken-stock-powder': 'salt, starch or maltodextrin, fat, flavourings, chicken, yeast extract, onion, celery, turmeric',
  'vegetable-stock-powder': 'salt, starch or maltodextrin, yeast extract, onion, celery, carrot, fat',
  'beef-stock-cube': 'salt, flavourings, fat, yeast extract, starch, beef, onion, celery',
  'stock-powder-reduced-salt': 'starch or maltodextrin, potassium chloride, salt, yeast extract, onion, celery, fat',
  'stock-powder-low-salt': 'starch or maltodextrin, vegetables, yeast extract, fat',
  'stock-paste': 'vegetables, salt, oil, yeast extract, sugar, celery',
  'kelp-stock': 'water, kelp',
  'curry-paste-red': 'chilli, garlic, shallot, lemongrass, galangal, salt, shrimp paste, spices',
  harissa: 'chilli, garlic, oil, caraway, coriander, salt, vinegar',
  pesto: 'basil, oil, hard cheese, nuts, garlic, salt',
  sriracha: 'chilli, sugar, garlic, vinegar, salt',
  'hot-sauce': 'chilli, vinegar, salt',
  'soy-sauce': 'soya beans, wheat, salt, water',
  'soy-sauce-reduced-sodium': 'soya beans, wheat, water, less salt',
  tamari: 'soya beans, salt, water, little or no wheat',
  miso: 'soya beans, koji of rice or barley, salt',
  'worcestershire-sauce': 'vinegar, molasses, sugar, anchovy, tamarind, onion, garlic, spices',
  'fish-sauce': 'anchovy, salt, sugar',
  'oyster-sauce': 'oyster extract, sugar, salt, starch, soya sauce',
  mustard: 'mustard seed, vinegar, salt, spices',
  'mustard-powder': 'mustard seed, sometimes wheat flour and turmeric',
  ketchup: 'tomato, sugar, vinegar, salt, spices',
  mayonnaise: 'oil, egg yolk, vinegar, mustard, salt',
  horseradish: 'horseradish, vinegar, salt, oil',
  hummus: 'chickpeas, tahini, oil, lemon, garlic, salt',
  'curry-powder': 'coriander, turmeric, fenugreek, cumin, chilli, mustard, salt',
  'chili-powder-blend': 'chilli, cumin, oregano, garlic, salt',
  'celery-salt': 'salt, ground celery seed',
  'bread-white': 'wheat flour, water, yeast, salt, fat',
  'bread-wholemeal': 'wholemeal wheat flour, water, yeast, salt, fat, malt',
  'bread-rye': 'rye flour, wheat flour, water, salt',
  'bread-french': 'wheat flour, water, yeast, salt',
  'bread-gluten-free': 'starches, rice flour, egg white, oil, husk or gum',
  breadcrumbs: 'dried bread: wheat flour, yeast, salt, fat',
  croutons: 'bread, oil or butter, salt, flavourings',
  'pasta-dry': 'durum wheat semolina, water',
  'processed-cheese': 'cheese, water, milk proteins, phosphates, salt',
  'plant-cheese': 'coconut oil, starch, salt, flavourings',
  'plant-spread': 'vegetable oils, water, emulsifier, salt',
  'oat-cream': 'oats, water, oil, emulsifier',
  'soy-cream': 'soya, water, oil, starch',
  'coconut-milk': 'coconut, water, gum',
  'bacon-raw': 'pork belly, salt, nitrite, sugar',
  'bacon-back-raw': 'pork loin, salt, nitrite, water',
  ham: 'pork, salt, water, phosphates, sugar, nitrite',
  chorizo: 'pork, paprika, garlic, salt, nitrite',
  'pork-sausage-cooked': 'pork, rusk, water, salt, spices',
  surimi: 'minced white fish, starch, egg white, sugar, crab flavouring',
  'yeast-extract': 'yeast, salt, vegetable extract, grain in some',
  'yeast-flakes-fortified': 'yeast, added vitamins B',
  'sweetcorn-creamed': 'sweetcorn, water, starch, sugar, salt',
  'thickener-gum': 'maltodextrin, xanthan gum, potassium chloride',
  'thickener-starch': 'modified maize starch, maltodextrin',
  'tortilla-chips': 'maize, oil, salt',
  'potato-crisps': 'potato, oil, salt, sometimes whey in flavourings',
  beer: 'barley malt, hops, yeast, water',
  'cider-vinegar': 'fermented apple juice',
};

export const COMPOSITES: readonly Composite[] = [
  { id: 'curry-paste-green', name: 'Green curry paste', aliases: 'green curry paste, thai green curry paste', category: 'sauce', cup: 260, usual: 'green chilli, garlic, shallot, lemongrass, galangal, salt, shrimp paste', checks: [['crustacean', 'shrimp paste in most makes'], ['fish', 'fish sauce in some makes'], ['soy', 'soya in some makes'], ['celery', 'celery in some makes'], ['mustard', 'mustard in some makes']], dietChecks: [['vegan', 'shrimp paste in most makes'], ['vegetarian', 'shrimp paste in most makes'], ['noFish', 'shrimp paste in most makes'], ...ONION], origins: ['plant', 'allium'] },
  { id: 'curry-paste-yellow', name: 'Yellow curry paste', aliases: 'yellow curry paste, thai yellow curry paste, massaman paste, massaman curry paste, panang curry paste', category: 'sauce', cup: 260, usual: 'chilli, garlic, shallot, lemongrass, curry spices, salt, shrimp paste', checks: [['crustacean', 'shrimp paste in most makes'], ['fish', 'fish sauce in some makes'], ['peanut', 'peanut in massaman and panang'], ['mustard', 'mustard in the curry spices']], dietChecks: [['vegan', 'shrimp paste in most makes'], ['vegetarian', 'shrimp paste in most makes'], ...ONION], origins: ['plant', 'allium'] },
  { id: 'curry-paste-indian', name: 'Indian curry paste', aliases: 'indian curry paste, tikka paste, balti paste, madras paste, korma paste, tandoori paste', category: 'sauce', cup: 260, usual: 'oil, spices, tomato, vinegar or acid, garlic, ginger, salt', checks: [['crustacean', 'shrimp paste if it is a Thai paste'], ['fish', 'fish sauce if it is a Thai paste'], ['mustard', 'mustard in many makes'], ['milk', 'milk in korma and tikka'], ['treeNut', 'nuts and coconut in korma'], ['cashew', 'cashews in korma'], ['coconut', 'coconut in korma'], ['celery', 'celery in some makes']], dietChecks: [['vegan', 'milk in some'], ...ONION], origins: ['plant', 'allium'] },
  { id: 'tom-yum-paste', name: 'Tom yum paste', aliases: 'tom yum paste, tom yam paste', category: 'sauce', cup: 260, usual: 'lemongrass, galangal, chilli, lime leaf, sugar, salt, fish sauce, shrimp', contains: [['crustacean', 'shrimp']], checks: [['fish', 'fish sauce in most makes'], ['soy', 'soya oil in some'], ['mollusc', 'oyster extract in some']], origins: ['plant', 'crustacean', 'allium'] },
  { id: 'laksa-paste', name: 'Laksa paste', aliases: 'laksa paste', category: 'sauce', cup: 260, usual: 'chilli, shallot, candlenut, dried shrimp, lemongrass, turmeric, salt', contains: [['crustacean', 'dried shrimp']], checks: [['fish', 'fish in some'], ['treeNut', 'candlenut or cashew in most'], ['cashew', 'cashew in some'], ['macadamia', 'macadamia in place of candlenut']], origins: ['plant', 'crustacean', 'allium'] },
  { id: 'shrimp-paste', name: 'Shrimp paste', aliases: 'shrimp paste, belacan, terasi, kapi', category: 'sauce', cup: 280, usual: 'shrimp, salt', contains: [['crustacean', 'shrimp']], checks: [['fish', 'mixed small catch in some']], origins: ['crustacean'] },
  { id: 'anchovy-paste', name: 'Anchovy paste', aliases: 'anchovy paste, anchovy essence', category: 'sauce', cup: 260, usual: 'anchovy, salt, oil, vinegar', contains: [['fish', 'anchovy']], origins: ['fish'] },
  { id: 'dashi', name: 'Dashi, from granules', aliases: 'dashi, dashi granules, dashi powder, bonito stock, instant dashi', category: 'broth', cup: 238, usual: 'dried bonito, kelp, salt, sugar', contains: [['fish', 'bonito']], checks: [['wheat', 'wheat in some granules'], ['gluten', 'wheat in some granules'], ['soy', 'soya in some granules'], ['milk', 'lactose in some granules']], origins: ['fish'] },
  { id: 'gravy-granules', name: 'Gravy granules', aliases: 'gravy granules, gravy powder, gravy mix, instant gravy, brown gravy mix', category: 'sauce', cup: 130, usual: 'starch, palm oil, salt, wheat flour, flavourings', checks: [...GRAIN('wheat flour in most makes'), ['milk', 'milk in some makes'], ['celery', 'celery in many makes'], ['soy', 'soya lecithin in some makes']], dietChecks: [['vegan', 'meat extract or milk in some'], ['vegetarian', 'meat extract in some'], ...ONION], origins: ['plant'] },
  { id: 'onion-soup-mix', name: 'Onion soup mix, dry', aliases: 'onion soup mix, dry onion soup, french onion soup mix, packet soup, dried soup mix', category: 'broth', cup: 140, usual: 'dried onion, salt, starch, sugar, flavourings', checks: [...GRAIN('wheat flour in many makes'), ['milk', 'milk in many makes'], ['soy', 'soya sauce in many makes'], ['celery', 'celery in many makes'], ['sulphite', 'sulphites in dried onion']], dietChecks: [['vegan', 'milk or beef in some'], ['vegetarian', 'beef fat in some']], origins: ['plant', 'allium'] },
  { id: 'condensed-mushroom-soup', name: 'Condensed cream of mushroom soup', aliases: 'condensed cream of mushroom soup, cream of mushroom soup, canned cream of mushroom soup', category: 'sauce', cup: 245, usual: 'water, mushroom, oil, wheat flour, cream, starch, salt, soya protein', contains: [['milk', 'cream'], ...WHEAT('flour')], checks: [['soy', 'soya protein in most makes'], ['celery', 'celery in some makes']], dietChecks: [['vegetarian', 'rennet or gelatine in some'], ...ONION], origins: ['plant', 'dairy'] },
  { id: 'condensed-chicken-soup', name: 'Condensed cream of chicken soup', aliases: 'condensed cream of chicken soup, cream of chicken soup, canned cream of chicken soup, condensed cream of celery soup', category: 'sauce', cup: 245, usual: 'chicken stock, wheat flour, cream, oil, starch, chicken, soya protein', contains: [['milk', 'cream'], ...WHEAT('flour')], checks: [['soy', 'soya protein in most makes'], ['celery', 'celery in most makes'], ['egg', 'egg in some makes']], dietChecks: ONION, origins: ['plant', 'dairy', 'meat', 'poultry'] },
  { id: 'hoisin-sauce', name: 'Hoisin sauce', aliases: 'hoisin, hoisin sauce', category: 'sauce', cup: 290, usual: 'sugar, soya beans, garlic, wheat flour, sesame, chilli', contains: [['soy', 'soya beans']], checks: [...GRAIN('wheat flour in most makes'), ['sesame', 'sesame in most makes']], dietChecks: ONION, origins: ['plant'] },
  { id: 'teriyaki-sauce', name: 'Teriyaki sauce', aliases: 'teriyaki, teriyaki sauce', category: 'sauce', cup: 288, usual: 'soya sauce, sugar, rice wine, ginger, garlic', contains: [['soy', 'soya sauce']], checks: [...GRAIN('soya sauce of wheat in most makes'), ['sesame', 'sesame in some']], dietChecks: [['noAlcohol', 'rice wine in most makes'], ...ONION], origins: ['plant'] },
  { id: 'black-bean-sauce', name: 'Black bean sauce', aliases: 'black bean sauce, black bean garlic sauce, fermented black beans', category: 'sauce', cup: 280, usual: 'fermented soya beans, garlic, soya sauce, salt, rice wine', contains: [['soy', 'fermented soya beans']], checks: [...GRAIN('wheat in most makes')], dietChecks: [['noAlcohol', 'rice wine in some'], ...ONION], origins: ['plant'] },
  { id: 'gochujang', name: 'Gochujang', aliases: 'gochujang, korean chilli paste, korean chili paste', category: 'sauce', cup: 290, usual: 'chilli, rice, fermented soya, salt, barley or wheat', contains: [['soy', 'fermented soya']], checks: [...GRAIN('wheat in many makes'), ['gluten', 'barley in many makes']], dietChecks: [['noAlcohol', 'spirit is added to many makes']], origins: ['plant'] },
  { id: 'doubanjiang', name: 'Chilli bean paste', aliases: 'doubanjiang, chilli bean paste, chili bean paste, toban djan', category: 'sauce', cup: 280, usual: 'chilli, broad beans, soya, wheat flour, salt', checks: [['soy', 'soya in most makes'], ...GRAIN('wheat flour in most makes')], origins: ['plant'] },
  { id: 'ponzu', name: 'Ponzu', aliases: 'ponzu, ponzu sauce', category: 'sauce', cup: 270, usual: 'soya sauce, citrus juice, vinegar, bonito', contains: [['soy', 'soya sauce']], checks: [...GRAIN('soya sauce of wheat in most makes'), ['fish', 'bonito in most makes']], dietChecks: [['vegan', 'bonito in most makes'], ['vegetarian', 'bonito in most makes'], ['noAlcohol', 'mirin in some']], origins: ['plant'] },
  { id: 'mirin', name: 'Mirin', aliases: 'mirin, rice wine, cooking sake, sake, shaoxing wine', category: 'alcohol', cup: 260, usual: 'rice, koji, alcohol, sugar', checks: [...GRAIN('wheat in Shaoxing wine')], origins: ['plant', 'alcohol'] },
  { id: 'brown-sauce', name: 'Brown table sauce', aliases: 'brown sauce, steak sauce', category: 'sauce', cup: 280, usual: 'tomato, malt vinegar, molasses, dates, tamarind, spices', checks: [...GRAIN('malt vinegar and rye in some makes'), ['gluten', 'barley malt vinegar in many makes'], ['fish', 'anchovy in some makes'], ['soy', 'soya in some makes'], ['sulphite', 'sulphites in some makes']], dietChecks: ONION, origins: ['plant'] },
  { id: 'malt-vinegar', name: 'Malt vinegar', aliases: 'malt vinegar, brown vinegar', category: 'acid', cup: 239, usual: 'barley malt, fermented twice', contains: [['gluten', 'barley malt']], checks: [['sulphite', 'sulphites in some']], origins: ['plant'] },
  { id: 'barbecue-sauce', name: 'Barbecue sauce', aliases: 'barbecue sauce, bbq sauce', category: 'sauce', cup: 280, usual: 'tomato, sugar, vinegar, molasses, spices, smoke flavour', checks: [['mustard', 'mustard in many makes'], ['fish', 'anchovy sauce in some'], ['soy', 'soya sauce in some'], ...GRAIN('malt or wheat in some'), ['celery', 'celery in some']], dietChecks: ONION, origins: ['plant'] },
  { id: 'alfredo-sauce', name: 'Alfredo or white cream sauce, jar', aliases: 'alfredo sauce, white sauce jar, bechamel, béchamel, white sauce', category: 'sauce', cup: 250, usual: 'milk, butter, wheat flour, cheese', contains: [['milk', 'milk']], checks: [...GRAIN('wheat flour in most'), ['egg', 'egg in some']], dietChecks: [['vegetarian', 'hard cheese may be made with animal rennet']], origins: ['dairy'] },
  { id: 'tomato-pasta-sauce', name: 'Tomato pasta sauce, jar', aliases: 'marinara, marinara sauce, pasta sauce, tomato pasta sauce, spaghetti sauce, jar of tomato sauce', category: 'sauce', cup: 255, usual: 'tomato, oil, onion, garlic, basil, salt, sugar', checks: [['milk', 'cheese in some'], ['celery', 'celery in some']], dietChecks: ONION, origins: ['plant', 'allium'] },
  { id: 'salsa', name: 'Salsa, jar', aliases: 'salsa, tomato salsa', category: 'sauce', cup: 255, usual: 'tomato, onion, chilli, vinegar, salt', checks: [['sulphite', 'sulphites in some'], ['celery', 'celery in some']], dietChecks: ONION, origins: ['plant', 'allium'] },
  { id: 'chutney', name: 'Mango or fruit chutney', aliases: 'chutney, mango chutney', category: 'sauce', cup: 300, usual: 'fruit, sugar, vinegar, spices, salt', checks: [['mustard', 'mustard seed in some'], ['sulphite', 'sulphites in some'], ['gluten', 'malt vinegar in some']], dietChecks: ONION, origins: ['plant'] },
  { id: 'tapenade', name: 'Olive tapenade', aliases: 'tapenade, olive tapenade, olive paste', category: 'sauce', cup: 240, usual: 'olives, capers, anchovy, oil, garlic', checks: [['fish', 'anchovy in most makes'], ['sulphite', 'sulphites in some']], dietChecks: [['vegan', 'anchovy in most makes'], ['vegetarian', 'anchovy in most makes'], ...ONION], origins: ['plant'] },
  { id: 'garam-masala', name: 'Garam masala', aliases: 'garam masala', category: 'spice', cup: 100, usual: 'coriander, cumin, cardamom, pepper, cinnamon, cloves', checks: [['mustard', 'mustard in some blends'], ['celery', 'celery seed in some blends'], ...GRAIN('flour in some blends')], origins: ['plant'] },
  { id: 'ras-el-hanout', name: 'Ras el hanout', aliases: 'ras el hanout, ras-el-hanout, baharat, berbere', category: 'spice', cup: 100, usual: 'cumin, coriander, ginger, cinnamon, pepper, turmeric', checks: [['mustard', 'mustard in some blends'], ['celery', 'celery in some blends'], ['sulphite', 'sulphites with rose petals in some']], origins: ['plant'] },
  { id: 'cajun-seasoning', name: 'Cajun or Creole seasoning', aliases: 'cajun seasoning, creole seasoning, blackening spice', category: 'spice', cup: 120, usual: 'salt, paprika, garlic, onion, pepper, celery', checks: [['celery', 'celery in many blends'], ['mustard', 'mustard in many blends'], ...GRAIN('flour in some blends')], dietChecks: ONION, origins: ['plant', 'allium'] },
  { id: 'seafood-seasoning', name: 'Seafood seasoning', aliases: 'seafood seasoning, crab boil, shrimp boil', category: 'spice', cup: 120, usual: 'celery salt, paprika, mustard, pepper, bay', contains: [['celery', 'celery salt']], checks: [['mustard', 'mustard in most blends']], origins: ['plant'] },
  { id: 'seasoning-salt', name: 'Seasoning salt', aliases: 'seasoning salt, seasoned salt, all-purpose seasoning, all purpose seasoning, vegetable seasoning', category: 'salt', cup: 250, usual: 'salt, sugar, paprika, onion, garlic, celery, starch', checks: [['celery', 'celery in many makes'], ['mustard', 'mustard in some makes'], ['milk', 'lactose in some makes'], ...GRAIN('wheat in some makes'), ['soy', 'soya in some makes']], dietChecks: ONION, origins: ['mineral', 'allium'] },
  { id: 'italian-seasoning', name: 'Mixed dried herbs', aliases: 'italian seasoning, mixed herbs, dried mixed herbs, herbes de provence, bouquet garni, poultry seasoning', category: 'herb', cup: 40, usual: 'oregano, thyme, basil, marjoram, rosemary', checks: [['celery', 'celery leaf in some bouquets']], origins: ['plant'] },
  { id: 'five-spice', name: 'Five spice powder', aliases: 'five spice, chinese five spice, five-spice powder', category: 'spice', cup: 100, usual: 'star anise, cassia, fennel, cloves, pepper', checks: [['celery', 'blends vary'], ['mustard', 'blends vary']], origins: ['plant'] },
  { id: 'asafoetida', name: 'Asafoetida powder', aliases: 'asafoetida powder, compounded hing', category: 'spice', cup: 120, usual: 'asafoetida resin, gum, wheat or rice flour', checks: [...GRAIN('wheat flour in most powders')], origins: ['plant'] },
  { id: 'zaatar', name: 'Zaatar', aliases: 'zaatar, za atar', category: 'herb', cup: 90, usual: 'thyme, sumac, sesame, salt', contains: [['sesame', 'sesame seeds']], checks: [...GRAIN('wheat filler in some makes')], origins: ['plant'] },
  { id: 'dukkah', name: 'Dukkah', aliases: 'dukkah, dukka', category: 'spice', cup: 120, usual: 'hazelnuts, sesame, coriander, cumin, salt', contains: [['sesame', 'sesame seeds']], checks: [['treeNut', 'hazelnuts or other nuts in most makes'], ['hazelnut', 'hazelnuts in most makes'], ['peanut', 'peanuts in some'], ['pistachio', 'pistachios in some'], ['almond', 'almonds in some']], origins: ['plant'] },
  { id: 'furikake', name: 'Furikake', aliases: 'furikake', category: 'spice', cup: 80, usual: 'seaweed, sesame, dried fish, salt, sugar', contains: [['sesame', 'sesame seeds']], checks: [['fish', 'bonito in most makes'], ['soy', 'soya sauce in most makes'], ...GRAIN('soya sauce of wheat'), ['egg', 'egg in some'], ['crustacean', 'shrimp in some']], dietChecks: [['vegan', 'bonito in most makes'], ['vegetarian', 'bonito in most makes']], origins: ['plant'] },
  { id: 'vegan-bouillon-paste', name: 'Umami or mushroom seasoning paste', aliases: 'umami paste, mushroom seasoning, mushroom ketchup, porcini paste', category: 'sauce', cup: 270, usual: 'mushroom, tomato, garlic, salt, yeast extract', checks: [['fish', 'anchovy in some umami pastes'], ['soy', 'soya sauce in some'], ...GRAIN('barley or wheat in some'), ['celery', 'celery in some']], dietChecks: ONION, origins: ['plant'] },
  { id: 'liquid-seasoning', name: 'Liquid vegetable seasoning', aliases: 'liquid seasoning, seasoning sauce, liquid aminos, coconut aminos', category: 'sauce', cup: 280, usual: 'hydrolysed soya or wheat protein, salt, water', checks: [['soy', 'soya protein in most'], ...GRAIN('wheat protein in many'), ['coconut', 'coconut in coconut aminos'], ['celery', 'celery flavour in some']], origins: ['plant'] },
  { id: 'seitan', name: 'Seitan (wheat gluten)', aliases: 'seitan, vital wheat gluten, wheat gluten', category: 'starch', cup: 120, usual: 'wheat gluten, water, soya sauce', contains: WHEAT('wheat gluten'), checks: [['soy', 'soya sauce in most']], origins: ['plant'] },
  { id: 'couscous', name: 'Couscous', aliases: 'couscous, israeli couscous, pearl couscous', category: 'grain', cup: 173, usual: 'durum wheat semolina', contains: WHEAT('semolina'), origins: ['plant'] },
  { id: 'semolina', name: 'Semolina', aliases: 'semolina, semolina flour, durum flour, farina', category: 'starch', cup: 167, usual: 'durum wheat', contains: WHEAT('durum wheat'), origins: ['plant'] },
  { id: 'bulgur', name: 'Bulgur wheat', aliases: 'bulgur, bulgur wheat, cracked wheat, freekeh, spelt, farro, einkorn, kamut, pearled spelt', category: 'grain', cup: 140, usual: 'wheat of one kind or another', contains: WHEAT('wheat grain'), origins: ['plant'] },
  { id: 'spelt-flour', name: 'Spelt or einkorn flour', aliases: 'spelt flour, einkorn flour, kamut flour', category: 'starch', cup: 120, usual: 'spelt, a kind of wheat', contains: WHEAT('spelt'), origins: ['plant'] },
  { id: 'barley-malt', name: 'Rye or barley flour, or malt', aliases: 'rye flour, barley flour, malt extract, barley malt, malted barley, barley malt extract', category: 'starch', cup: 110, usual: 'rye or barley', contains: [['gluten', 'rye or barley']], checks: [['wheat', 'milled beside wheat']], origins: ['plant'] },
  { id: 'egg-noodles', name: 'Egg noodles, dry', aliases: 'egg noodles, dry egg noodles', category: 'grain', cup: 38, usual: 'wheat flour, egg', contains: [...WHEAT('flour'), ['egg', 'egg']], origins: ['plant', 'egg'] },
  { id: 'instant-noodles', name: 'Fried or instant noodles', aliases: 'instant noodles, ramen noodles, fried noodles, crispy noodles, chow mein noodles, udon noodles, udon', category: 'grain', cup: 50, usual: 'wheat flour, palm oil, salt', contains: WHEAT('flour'), checks: [['egg', 'egg in some'], ['soy', 'soya in the sachet'], ['sesame', 'sesame in the sachet'], ['crustacean', 'shrimp in some sachets'], ['milk', 'milk in some sachets']], origins: ['plant'] },
  { id: 'soba-noodles', name: 'Soba noodles', aliases: 'soba, soba noodles, buckwheat noodles', category: 'grain', cup: 50, usual: 'buckwheat flour, wheat flour', checks: [...GRAIN('wheat flour in most makes')], origins: ['plant'] },
  { id: 'crackers', name: 'Crackers or oyster crackers', aliases: 'crackers, oyster crackers, saltines, cream crackers, water biscuits, crispbread', category: 'bread', cup: 45, usual: 'wheat flour, oil, salt', checks: [...GRAIN('wheat or rye in most makes'), ['milk', 'milk in some'], ['soy', 'soya lecithin in some'], ['sesame', 'sesame in some']], origins: ['plant'] },
  { id: 'naan', name: 'Naan or flatbread', aliases: 'naan, naan bread, flatbread, pita, pita bread, pitta, focaccia, brioche, dinner rolls, bread rolls, bread roll, biscuits, scones, garlic bread, cheese scones, cornbread, toast points', category: 'bread', cup: 45, usual: 'wheat flour, water, yeast, salt, sometimes yogurt, butter, egg', contains: WHEAT('flour'), checks: [['milk', 'yogurt, milk or butter in many'], ['egg', 'egg in some'], ['sesame', 'sesame on some'], ['soy', 'soya flour in some']], dietChecks: [['vegan', 'yogurt, butter or egg in many']], origins: ['plant'] },
  { id: 'puff-pastry', name: 'Puff pastry or dumpling dough', aliases: 'puff pastry, pastry, pie crust, dumplings, wontons, wonton wrappers, tortellini, gnocchi', category: 'bread', cup: 100, usual: 'wheat flour, fat, water, sometimes egg', contains: WHEAT('flour'), checks: [['milk', 'butter in some'], ['egg', 'egg in some'], ['soy', 'soya in some'], ['sulphite', 'sulphites in potato gnocchi']], dietChecks: [['vegan', 'butter or egg in some']], origins: ['plant'] },
  { id: 'flour-tortilla', name: 'Wheat tortilla', aliases: 'flour tortilla, flour tortillas, wheat tortillas', category: 'bread', cup: 48, usual: 'wheat flour, oil, salt', contains: WHEAT('flour'), origins: ['plant'] },
  { id: 'fried-onions', name: 'Crisp fried onions', aliases: 'fried onions, crispy onions, french fried onions, crispy fried onions, crispy shallots', category: 'sauce', cup: 60, usual: 'onion, oil, wheat flour, salt', checks: [...GRAIN('wheat flour in most makes'), ['milk', 'whey in some'], ['soy', 'soya oil in some']], origins: ['plant', 'allium'] },
  { id: 'granola-topping', name: 'Seed or granola topping', aliases: 'seed mix, mixed seeds, granola topping, trail mix', category: 'nut-seed', cup: 135, usual: 'sunflower, pumpkin, sesame, linseed', checks: [['sesame', 'sesame in most mixes'], ['treeNut', 'nuts in some mixes'], ['peanut', 'peanuts in some mixes'], ['gluten', 'oats in some mixes']], origins: ['plant'] },
  { id: 'mixed-nuts', name: 'Mixed nuts', aliases: 'mixed nuts, chopped mixed nuts, nuts, chopped nuts', category: 'nut-seed', cup: 130, usual: 'several tree nuts, often peanuts', contains: ['treeNut'], checks: [['peanut', 'peanuts in most mixes'], ['almond', 'almonds in most mixes'], ['cashew', 'cashews in most mixes'], ['hazelnut', 'hazelnuts in most mixes'], ['brazilNut', 'Brazil nuts in some'], ['walnut', 'walnuts in some'], ['pecan', 'pecans in some']], origins: ['plant'] },
  { id: 'cashew-cream-carton', name: 'Nut cream, carton', aliases: 'cashew cream, nut cream, cashew milk, nut milk, almond cream', category: 'plant-cream', cup: 240, usual: 'water, nuts, oil, gum', contains: ['treeNut'], checks: [['cashew', 'cashews in most'], ['almond', 'almonds in some'], ['macadamia', 'macadamia in some'], ['soy', 'soya lecithin in some']], origins: ['plant'] },
  { id: 'non-dairy-creamer', name: 'Coffee creamer, called non-dairy', aliases: 'coffee creamer, non-dairy creamer, coffee whitener, powdered creamer', category: 'plant-cream', cup: 94, usual: 'glucose syrup, oil, caseinate, phosphates', contains: [['milk', 'caseinate']], checks: [['soy', 'soya lecithin in some']], origins: ['plant', 'dairy'] },
  { id: 'whey-powder', name: 'Whey or milk protein powder', aliases: 'whey, whey powder, whey protein, casein, caseinate, milk protein', category: 'dairy', cup: 90, usual: 'whey of milk', contains: [['milk', 'whey']], checks: [['soy', 'soya lecithin in many']], origins: ['dairy'] },
  { id: 'soup-protein-powder', name: 'Protein powder, unflavoured', aliases: 'protein powder, unflavoured protein powder, unflavored protein powder', category: 'dairy', cup: 90, usual: 'whey or casein; or pea, rice or soya', checks: [['milk', 'whey or casein in most'], ['soy', 'soya in some'], ['egg', 'egg white in some']], dietChecks: [['vegan', 'whey or casein in most']], origins: ['plant'] },
  { id: 'halloumi', name: 'Halloumi or paneer', aliases: 'halloumi, paneer, queso fresco, grilling cheese', category: 'dairy', cup: 130, usual: 'milk, rennet or acid, salt', contains: ['milk'], dietChecks: [['vegetarian', 'cheese may be made with animal rennet']], origins: ['dairy'] },
  { id: 'shredded-cheese-mix', name: 'Ready-shredded cheese', aliases: 'pre-shredded cheese, ready-grated cheese, shredded cheese blend, mexican cheese blend, pizza cheese', category: 'dairy', cup: 113, usual: 'cheese, starch or cellulose, natamycin', contains: ['milk'], checks: [['egg', 'egg lysozyme in some cheese'], ['gluten', 'the anticaking flour in some']], dietChecks: [['vegetarian', 'cheese may be made with animal rennet']], origins: ['dairy'] },
  { id: 'ham-stock', name: 'Ham or pork stock', aliases: 'ham stock, pork stock, ham broth', category: 'broth', cup: 240, usual: 'water, ham bone, onion, celery, salt', checks: [['celery', 'celery in most stocks'], ['milk', 'lactose in some ham'], ...GRAIN('wheat in some makes')], dietChecks: ONION, origins: ['meat', 'pork'] },
  { id: 'seafood-stock', name: 'Shellfish stock', aliases: 'seafood stock, shellfish stock, lobster stock, lobster base, crab stock, lobster bisque base', category: 'broth', cup: 240, usual: 'water, shells, fish, onion, celery, wine', contains: [['crustacean', 'shells']], checks: [['fish', 'fish in most makes'], ['mollusc', 'clam in some makes'], ['celery', 'celery in most makes'], ['sulphite', 'wine in some']], dietChecks: [['noAlcohol', 'wine in some'], ...ONION], origins: ['crustacean'] },
  { id: 'clam-juice', name: 'Clam juice or base', aliases: 'clam juice, clam base, clam broth', category: 'broth', cup: 240, usual: 'water, clams, salt', contains: [['mollusc', 'clams']], checks: [['celery', 'celery in some bases'], ['fish', 'fish in some bases'], ['crustacean', 'shrimp in some bases']], origins: ['mollusc'] },
  { id: 'mushroom-broth', name: 'Mushroom broth, carton', aliases: 'mushroom broth carton, mushroom stock cube, mushroom bouillon', category: 'broth', cup: 240, usual: 'water, mushroom, onion, salt, yeast extract', checks: [['celery', 'celery in some'], ['soy', 'soya sauce in some'], ...GRAIN('soya sauce of wheat in some')], dietChecks: ONION, origins: ['plant'] },
  { id: 'stock-concentrate-liquid', name: 'Liquid stock concentrate', aliases: 'stock concentrate, liquid stock concentrate, stock pot, demi-glace, demi glace, jelly stock', category: 'broth', cup: 290, usual: 'water, salt, meat or vegetable extract, starch, gum', checks: [['celery', 'celery in most'], ...GRAIN('wheat in some'), ['milk', 'milk in some'], ['soy', 'soya in some']], dietChecks: [['vegan', 'meat in some'], ['vegetarian', 'meat in some'], ['noAlcohol', 'wine in demi-glace'], ...ONION], origins: ['plant'] },
  { id: 'gelatine', name: 'Gelatine', aliases: 'gelatine, gelatin, aspic', category: 'meat', cup: 150, usual: 'collagen of pork, beef or fish', checks: [['fish', 'fish gelatine in some']], dietChecks: [['noPork', 'pork in most makes'], ['noFish', 'fish gelatine in some'], ['noMeat', 'made of the skin and bones of animals']], origins: ['gelatine'] },
  { id: 'salt-pork', name: 'Salt pork or guanciale', aliases: 'guanciale, speck, imitation bacon bits, salt pork', category: 'meat', cup: 110, usual: 'pork, salt, nitrite, pepper', checks: [['milk', 'lactose in some'], ['soy', 'soya in bacon bits'], ['sulphite', 'sulphites in some']], origins: ['meat', 'pork'] },
  { id: 'bacon-fat', name: 'Bacon fat or drippings', aliases: 'bacon fat, bacon grease, bacon drippings, drippings, pork drippings, goose fat', category: 'fat', cup: 205, usual: 'rendered fat of pork or goose, salt', checks: [['milk', 'some cured meats hold lactose']], dietChecks: [['noPork', 'pork in most']], origins: ['meat'] },
  { id: 'smoked-sausage', name: 'Smoked or garlic sausage', aliases: 'smoked sausage, kielbasa, andouille, frankfurters, hot dogs, garlic sausage, merguez, salami, pepperoni', category: 'meat', cup: 140, usual: 'meat, fat, salt, garlic, nitrite', checks: [['milk', 'milk powder in some'], ['soy', 'soya in some'], ...GRAIN('rusk in some'), ['mustard', 'mustard in some'], ['celery', 'celery powder in some cures'], ['sulphite', 'sulphites in some']], dietChecks: [['noPork', 'pork in most makes'], ...ONION], origins: ['meat'] },
  { id: 'meatballs', name: 'Meatballs, ready made', aliases: 'meatballs, mini meatballs', category: 'meat', cup: 140, usual: 'meat, breadcrumbs, egg, onion', checks: [...GRAIN('breadcrumbs in most'), ['egg', 'egg in most'], ['milk', 'milk in many'], ['soy', 'soya in some']], dietChecks: [['noPork', 'pork in many'], ...ONION], origins: ['meat'] },
  { id: 'mixed-seafood', name: 'Mixed seafood', aliases: 'mixed seafood, seafood mix, seafood medley', category: 'shellfish', cup: 150, usual: 'squid, mussels, prawns, sometimes white fish', contains: [['mollusc', 'squid and mussels'], ['crustacean', 'prawns']], checks: [['fish', 'white fish in some'], ['sulphite', 'prawns are often dipped in sulphite']], origins: ['crustacean', 'mollusc'] },
  { id: 'squid', name: 'Squid or octopus', aliases: 'squid, calamari, octopus, cuttlefish, oysters, oyster, cockles, whelks, abalone', category: 'shellfish', cup: 150, usual: 'molluscs', contains: [['mollusc', 'molluscs']], checks: [['sulphite', 'sulphites in some']], origins: ['mollusc'] },
  { id: 'lupin-flour', name: 'Lupin flour or flakes', aliases: 'lupin flour, lupin, lupin flakes, lupini beans', category: 'pulse', cup: 110, usual: 'lupin seed', contains: ['lupin'], origins: ['plant'] },
  { id: 'gluten-free-flour', name: 'Flour blend sold as gluten-free', aliases: 'gluten-free flour, gluten free flour, gluten-free plain flour, gluten free flour blend', category: 'starch', cup: 140, usual: 'rice, potato, tapioca, maize, sometimes buckwheat', checks: [['gluten', 'the claim is the maker\'s: read the label'], ['lupin', 'lupin in some'], ['soy', 'soya in some'], ['milk', 'milk in some']], dietChecks: [['glutenFree', 'the claim is the maker\'s: read the label']], origins: ['plant'] },
  { id: 'instant-mash', name: 'Instant mashed potato', aliases: 'instant mashed potato, instant mash, potato flakes, dehydrated potatoes', category: 'starch', cup: 60, usual: 'potato flakes, emulsifier, sometimes milk', checks: [['milk', 'milk in many'], ['sulphite', 'sulphites in many']], dietChecks: [['vegan', 'milk in many']], origins: ['plant'] },
  { id: 'cornbread-mix', name: 'Cake, pancake or muffin mix', aliases: 'cornbread mix, pancake mix, muffin mix, baking mix, biscuit mix', category: 'bread', cup: 120, usual: 'wheat flour, maize, sugar, raising agents', contains: WHEAT('flour'), checks: [['milk', 'milk in many'], ['egg', 'egg in some'], ['soy', 'soya in some']], origins: ['plant'] },
  { id: 'truffle-oil', name: 'Truffle or flavoured oil', aliases: 'truffle oil, chilli oil, chili oil, garlic oil, infused oil, basil oil', category: 'fat', cup: 218, usual: 'oil, flavouring', checks: [['soy', 'soya oil in some'], ['sesame', 'sesame oil in some chilli oils'], ['peanut', 'peanut in some chilli crisps']], dietChecks: ONION, origins: ['plant'] },
  { id: 'vanilla-extract', name: 'Vanilla extract', aliases: 'vanilla extract, vanilla', category: 'alcohol', cup: 208, usual: 'vanilla, alcohol, water', origins: ['plant', 'alcohol'] },
  { id: 'vermouth', name: 'Vermouth', aliases: 'vermouth, dry vermouth, white vermouth', category: 'alcohol', cup: 240, usual: 'wine, spirit, herbs or grape must', checks: [['sulphite', 'wine usually carries sulphites above 10 mg/kg']], dietChecks: [['vegan', 'wine may be fined with egg, milk or fish'], ['vegetarian', 'wine may be fined with fish or gelatine']], origins: ['plant', 'alcohol'] },
  { id: 'anise-spirit', name: 'Anise spirit', aliases: 'pastis, ouzo, anise liqueur, anise spirit', category: 'alcohol', cup: 222, usual: 'spirit, anise, sugar', origins: ['plant', 'alcohol'] },
];
