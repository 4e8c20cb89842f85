/**
 * Words of an ingredients list and what they say. The longest phrase wins, so 'coconut milk' is coconut and no milk.
 * Common knowledge of foods and of labelling (FALCPA, Regulation (EU) No 1169/2011 Annex II); no other source. It reads
 * what is printed: a word that is not here says nothing, which is why an own food is never said to be free of anything.
 */

import type { AllergenId, DietId } from '../../vocabulary/allergens.ts';
import { OATS } from '../../vocabulary/allergens.ts';
import type { FoodFlag } from '../../vocabulary/food.ts';
import type { Origin } from '../../vocabulary/origin.ts';

export interface IngredientWord {
  /** Phrases, separated by commas. */
  words: string;
  contains?: readonly AllergenId[];
  /** The make varies: the label has to be read again, or the maker asked. */
  checks?: readonly (readonly [AllergenId, string])[];
  /** Diets the word leaves open. */
  diets?: readonly (readonly [DietId, string])[];
  origin?: Origin;
  flag?: FoodFlag;
}

export const INGREDIENT_WORDS: readonly IngredientWord[] = [
  // What sounds like an allergen and is none.
  { words: 'cocoa butter, shea butter, butter bean, butter beans, cream of tartar, lactic acid, butternut, butternut squash, nutmeg, water chestnut, water chestnuts, buckwheat, coconut vinegar, eggplant, egg plant, peanut squash, oyster mushroom, oyster mushrooms, milk thistle, calcium lactate, sodium lactate, maize, corn starch, cornstarch, cornflour, rice flour, potato starch, tapioca starch, rice starch, modified maize starch, glucose syrup, potato flour, chickpea flour, gram flour, corn flour, gluten free, dairy free, milk free, wheat free, nut free, egg free, soy free, soya free' },
  { words: 'coconut, coconut milk, coconut cream, coconut oil, coconut flour, coconut butter, desiccated coconut, coconut extract', contains: ['coconut'] },
  { words: 'milk, skimmed milk, skim milk, whole milk, milk powder, skimmed milk powder, whey, whey powder, whey protein, casein, caseinate, sodium caseinate, calcium caseinate, lactose, butter, butterfat, butter oil, buttermilk, buttermilk powder, cream, sour cream, creme fraiche, crème fraîche, yogurt, yoghurt, kefir, ghee, milk fat, milk solids, milk protein, condensed milk, evaporated milk, half and half, milk chocolate, curd, lactalbumin', contains: ['milk'], origin: 'dairy' },
  { words: 'vegan cheese, plant cheese, plant-based cheese, plant based cheese, dairy-free cheese, dairy free cheese, vegan butter, plant butter, plant-based butter, vegan cream, plant cream, vegan milk, plant milk, vegan yogurt, plant yogurt', checks: [['milk', 'casein or whey in some'], ['soy', 'soya in some'], ['treeNut', 'nuts in some'], ['coconut', 'coconut in many']] },
  { words: 'cheese, cheddar, cream cheese, soft cheese, hard cheese, mozzarella, ricotta, mascarpone, quark, feta, gouda, emmental', contains: ['milk'], origin: 'dairy', diets: [['vegetarian', 'cheese may be made with animal rennet']] },
  { words: 'parmesan, parmigiano, grana padano, pecorino', contains: ['milk'], origin: 'animalRennet' },
  { words: 'egg, eggs, egg white, egg yolk, whole egg, dried egg, albumen, ovalbumin, mayonnaise', contains: ['egg'], origin: 'egg' },
  { words: 'lysozyme', contains: ['egg'], origin: 'egg' },
  { words: 'fish, anchovy, anchovies, cod, haddock, salmon, tuna, pollock, mackerel, sardine, trout, herring, hake, plaice, sole, bonito, dashi, fish roe, roe, caviar, fish oil, anchovy paste, fish sauce, fish extract, fish stock, fish gelatine, isinglass', contains: ['fish'], origin: 'fish' },
  { words: 'worcester sauce, worcestershire sauce', contains: ['fish'], checks: [['gluten', 'malt vinegar in some'], ['soy', 'soya in some']], origin: 'fish' },
  { words: 'surimi', contains: ['fish', 'egg', 'wheat', 'gluten'], origin: 'fish' },
  { words: 'prawn, prawns, shrimp, shrimps, crab, lobster, crayfish, langoustine, scampi, shrimp paste, crustacean, crustaceans, krill', contains: ['crustacean'], origin: 'crustacean' },
  { words: 'mussel, mussels, clam, clams, oyster, oysters, scallop, scallops, cockle, whelk, abalone, cuttlefish, snail, squid, octopus, oyster sauce, oyster extract, mollusc, molluscs', contains: ['mollusc'], origin: 'mollusc' },
  { words: 'almond, almonds, almond milk, almond butter, ground almonds, almond flour, marzipan', contains: ['almond'] },
  { words: 'cashew, cashews, cashew nuts, cashew butter, cashew cream', contains: ['cashew'] },
  { words: 'hazelnut, hazelnuts, praline', contains: ['hazelnut'] },
  { words: 'walnut, walnuts, walnut oil', contains: ['walnut'] },
  { words: 'pecan, pecans', contains: ['pecan'] },
  { words: 'brazil nut, brazil nuts', contains: ['brazilNut'] },
  { words: 'pistachio, pistachios', contains: ['pistachio'] },
  { words: 'macadamia, macadamias, macadamia nuts', contains: ['macadamia'] },
  { words: 'pine nut, pine nuts, pine kernels', contains: ['pineNut'] },
  { words: 'chestnut, chestnuts, chestnut flour, chestnut puree', contains: ['chestnut'] },
  { words: 'nuts, tree nuts, mixed nuts', contains: ['treeNut'] },
  { words: 'peanut, peanuts, groundnut, groundnuts, peanut butter, peanut oil, peanut flour', contains: ['peanut'] },
  { words: 'wheat, wheat flour, wheatflour, wheat starch, wheat gluten, gluten, semolina, durum, durum wheat, spelt, kamut, bulgur, couscous, seitan, farro, einkorn, breadcrumb, breadcrumbs, bread, rusk, noodles, pasta', contains: ['wheat', 'gluten'] },
  { words: 'flour, starch, modified starch, vegetable starch', checks: [['wheat', 'the grain is not named'], ['gluten', 'the grain is not named']] },
  { words: 'barley, barley malt, malted barley, malt, malt extract, malt vinegar, rye, triticale', contains: ['gluten'] },
  { words: 'oat, oats, oat flour, oat bran', checks: [['gluten', OATS]] },
  { words: 'soy, soya, soybean, soybeans, soya beans, soy protein, soya protein, soy lecithin, soya lecithin, tofu, tempeh, edamame, miso, tamari, textured vegetable protein', contains: ['soy'] },
  { words: 'soy sauce, soya sauce, shoyu', contains: ['soy', 'wheat', 'gluten'] },
  { words: 'soybean oil, soya oil, soya bean oil', checks: [['soy', 'refined soya oil is exempt in places: ask whether it is']] },
  { words: 'lecithin, emulsifier lecithin, e322', checks: [['soy', 'lecithin is of soya, sunflower or egg'], ['egg', 'lecithin is of soya, sunflower or egg']] },
  { words: 'vegetable protein, hydrolysed vegetable protein, hydrolyzed vegetable protein', checks: [['soy', 'the plant is not named'], ['wheat', 'the plant is not named'], ['gluten', 'the plant is not named']] },
  { words: 'sesame, sesame seed, sesame seeds, sesame oil, tahini', contains: ['sesame'] },
  { words: 'celery, celeriac, celery seed, celery seeds, celery salt, celery powder', contains: ['celery'] },
  { words: 'mustard, mustard seed, mustard seeds, mustard flour, dijon mustard', contains: ['mustard'] },
  { words: 'sulphite, sulphites, sulfite, sulfites, sulphur dioxide, sulfur dioxide, metabisulphite, sodium metabisulphite, sodium metabisulfite, e220, e221, e222, e223, e224, e226, e227, e228', contains: ['sulphite'] },
  { words: 'wine, white wine, red wine, sherry, port, madeira, marsala', checks: [['sulphite', 'usually carries sulphites']], origin: 'alcohol', diets: [['vegan', 'wine may be fined with egg, milk or fish'], ['vegetarian', 'wine may be fined with fish or gelatine']] },
  { words: 'vanilla extract', diets: [['noAlcohol', 'vanilla extract is made with alcohol']] },
  { words: 'mono and diglycerides, mono and diglycerides of fatty acids, e471, e472e, glycerine, natural colour, vitamin d3', diets: [['vegan', 'may be of animal fat or wool'], ['vegetarian', 'may be of animal fat']] },
  { words: 'sugar, cane sugar', diets: [['vegan', 'some cane sugar is filtered through bone char']] },
  { words: 'wine vinegar, white wine vinegar, red wine vinegar, dried apricot, dried apricots', checks: [['sulphite', 'usually treated with sulphites']] },
  { words: 'lupin, lupine, lupin flour', contains: ['lupin'] },
  { words: 'spices, spice, spice extract, seasoning, flavouring, flavourings, natural flavouring, natural flavourings, flavoring, natural flavors, natural flavor, herbs and spices', checks: [['celery', 'spices and flavourings are not named one by one'], ['mustard', 'spices and flavourings are not named one by one']], diets: [['vegan', 'flavourings may be of animal origin'], ['vegetarian', 'flavourings may be of animal origin'], ['noOnionGarlic', 'onion and garlic are often among them']] },
  { words: 'vegetable stock, vegetable bouillon, stock, bouillon, broth', checks: [['celery', 'celery is in most stocks'], ['gluten', 'wheat in some stocks'], ['wheat', 'wheat in some stocks']], diets: [['vegan', 'stock may be of meat or hold whey'], ['vegetarian', 'stock may be of meat'], ['noMeat', 'stock may be of meat'], ['noOnionGarlic', 'onion is in most stocks']] },
  // Origins alone.
  { words: 'beef, beef fat, beef extract, beef stock, veal, lamb, meat, meat extract, tallow', origin: 'meat' },
  { words: 'pork, bacon, ham, lard, pork fat, pancetta, chorizo', origin: 'pork' },
  { words: 'chicken, chicken fat, chicken extract, chicken stock, turkey, duck, poultry', origin: 'poultry' },
  { words: 'gelatine, gelatin', origin: 'gelatine' },
  { words: 'rennet, animal rennet', origin: 'animalRennet' },
  { words: 'honey', origin: 'honey' },
  { words: 'alcohol, ethanol, brandy, rum, whisky', origin: 'alcohol' },
  { words: 'beer, ale, lager', contains: ['gluten'], origin: 'alcohol', diets: [['vegan', 'some beer is fined with isinglass'], ['vegetarian', 'some beer is fined with isinglass']] },
  { words: 'onion, onions, onion powder, garlic, garlic powder, leek, leeks, shallot, shallots, chives', origin: 'allium' },
  // Additives that matter to a kidney.
  { words: 'potassium chloride, e508', flag: 'potassiumChloride' },
  { words: 'phosphate, phosphates, phosphoric acid, diphosphate, diphosphates, triphosphate, triphosphates, polyphosphate, polyphosphates, sodium phosphate, potassium phosphate, calcium phosphate, dicalcium phosphate, tricalcium phosphate, disodium phosphate, trisodium phosphate, dipotassium phosphate, tripotassium phosphate, e338, e339, e340, e341, e343, e450, e451, e452', flag: 'phosphate' },
];
