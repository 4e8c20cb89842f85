/**
 * Cautions as rows: when they are shown, how loudly, what they say, and where that comes from. They defer to the local food code and to
 * licensed practice; none of them says that a soup is safe. Sources marked (memory) are recalled, not looked up.
 */

import type { AllergenId } from '../../vocabulary/allergens.ts';
import type { Category } from '../../vocabulary/category.ts';
import type { FoodFlag, FoodState } from '../../vocabulary/food.ts';
import type { Nutrient } from '../../vocabulary/nutrient.ts';
import type { Origin } from '../../vocabulary/origin.ts';
import type { Method, Stage } from '../../vocabulary/recipe.ts';

export type Severity = 'danger' | 'caution' | 'tip';

/** Any of each list; every list given must hold of one and the same line. */
export interface LineWhen {
  foods?: readonly string[];
  categories?: readonly Category[];
  states?: readonly FoodState[];
  flags?: readonly FoodFlag[];
  origins?: readonly Origin[];
  contains?: readonly AllergenId[];
  stages?: readonly Stage[];
  text?: RegExp;
  leastGrams?: number;
}

export interface Caution {
  code: string;
  severity: Severity;
  /** '{what}' is the figure of `over`. */
  message: string;
  source: string;
  line?: LineWhen;
  /** A second line that has to be there too. */
  also?: LineWhen;
  /** Some step with one of these methods. */
  methods?: readonly Method[];
  /** Some step whose words match. */
  step?: RegExp;
  /** A figure of one bowl from which it is shown. */
  over?: readonly [nutrient: Nutrient, least: number];
  /** Millilitres in the pot from which it is shown. */
  potMl?: number;
}

const COMMON = 'common practice, no source';
const HARD_CHEESE = ['parmesan', 'pecorino', 'cheddar', 'gruyere', 'emmental', 'gouda', 'blue-cheese', 'processed-cheese', 'mozzarella-whole', 'mozzarella-part-skim', 'feta', 'halloumi'];

export const CAUTIONS: readonly Caution[] = [
  // Cooling, keeping, reheating
  { code: 'cool.fast', severity: 'caution', source: 'FDA Food Code 3-501.14 (memory)', potMl: 2000, message: 'A large pot cools slowly. What is kept goes from 57 to 21 C within 2 hours and to 5 C within 6: shallow trays of 3 to 5 cm, an ice bath, moving air. The local code decides.' },
  { code: 'keep.days', severity: 'tip', source: 'FDA Food Code 3-501.17 (memory)', step: /\b(?:keeps?|store|stored|leftovers?|in the fridge|refrigerat\w*)\b/i, message: 'At 5 C or below for 7 days at most, the day of making counted as the first; the oldest ingredient counts. Freezing stops that clock and does not set it back. The local code decides.' },
  { code: 'freeze.dairy', severity: 'tip', source: COMMON, step: /\bfreez\w*|\bfrozen for\b/i, line: { categories: ['dairy', 'plant-cream', 'egg'] }, message: 'Cream, yogurt and egg part in the freezer: freeze the base without them and finish after thawing.' },
  { code: 'freeze.starch', severity: 'tip', source: COMMON, step: /\bfreez\w*/i, line: { foods: ['flour-wheat', 'cornstarch', 'potato', 'flour-wheat-unenriched', 'rice-flour'] }, message: 'Flour, cornstarch and potato weep when thawed: blend again after heating.' },
  { code: 'can.never', severity: 'danger', source: 'USDA Complete Guide to Home Canning, guide 4 (memory)', step: /\b(?:home[- ]can|pressure[- ]can|canning|can (?:it|the soup)|water bath|seal in (?:sterili[sz]ed )?jars|sterili[sz]ed (?:jars|bottles))\b/i, message: 'Do not can pureed, creamy, starch- or pulse-thickened soup at home: no process for it has been tested. Freeze it.' },
  { code: 'reheat.through', severity: 'caution', source: 'FDA Food Code 3-403.11 (memory)', step: /\breheat\w*|\bheat (?:it )?again\b/i, message: 'For hot holding, reheat to 74 C right through within 2 hours, once. The local code decides (Scotland 82 C).' },
  { code: 'hold.hot', severity: 'caution', source: 'FDA Food Code 3-501.16 (memory)', step: /\b(?:keep (?:it |the soup )?(?:hot|warm)|hold (?:it )?(?:hot|warm)|bain[- ]marie|warmer)\b/i, message: 'Hold it hot at 57 C or more (63 C in the United Kingdom, 60 C in Canada, Australia and New Zealand), measured and written down.' },
  { code: 'rice.cool', severity: 'caution', source: 'FDA Bad Bug Book, Bacillus cereus (memory)', line: { foods: ['rice-white-raw', 'rice-white-cooked', 'rice-brown-raw', 'pasta-dry'] }, step: /\b(?:cool|chill|fridge|refrigerat\w*|keep|store|overnight|next day)\b/i, message: 'Rice and pasta grow toxin when they stand warm: chill within 2 hours, and boiling again does not destroy it.' },
  { code: 'oil.garlic', severity: 'danger', source: 'FDA Bad Bug Book, Clostridium botulinum (memory)', step: /\b(?:garlic|onion|herb|basil|chilli|chili)[ -](?:infused )?oil\b|\binfus\w* (?:the )?(?:oil|garlic)\b/i, message: 'Garlic, onion or herbs in oil at room temperature are a botulism risk: make it fresh, chill it, use it within 4 days.' },
  // Beans, roots and other things that are harmful raw
  { code: 'beans.slowCooker', severity: 'danger', source: 'FDA Bad Bug Book, phytohaemagglutinin', line: { flags: ['rawKidneyBean'] }, step: /\bslow[- ]cooker|crock/i, message: 'Dry kidney-type beans never go raw into a slow cooker: at 80 C they can hold more toxin than raw. Soak, throw the water away, boil hard for 30 minutes first.' },
  { code: 'beans.lima', severity: 'caution', source: COMMON, line: { foods: ['lima-beans-dry'] }, message: 'Dry lima beans: soak, throw the water away, and boil without a lid so that what is released goes off.' },
  { code: 'cassava.cook', severity: 'danger', source: 'FAO/WHO Codex, cassava (memory)', line: { foods: ['cassava', 'ifct-F015'] }, message: 'Cassava is poisonous raw: peel it, soak or boil it until soft, and throw that water away. Bitter kinds are not for the kitchen.' },
  { code: 'taro.cook', severity: 'caution', source: COMMON, line: { foods: ['taro'] }, message: 'Taro irritates mouth and hands when raw: peel with gloves and cook until quite soft.' },
  { code: 'potato.green', severity: 'tip', source: 'EFSA 2020, glycoalkaloids in potato (memory)', line: { foods: ['potato'] }, step: /\bpeel|skin|scrub|unpeeled\b/i, message: 'Cut away what is green or has sprouted; leave a potato that tastes bitter.' },
  { code: 'flour.raw', severity: 'caution', source: 'FDA consumer advice on raw flour (memory)', line: { categories: ['starch'], foods: ['flour-wheat', 'flour-wheat-unenriched', 'flour-wholemeal', 'rice-flour', 'buckwheat-flour', 'oat-flour', 'chickpea-flour', 'spelt-flour'], stages: ['finish', 'bowl'] }, message: 'Raw flour carries germs and tastes of paste: bring the soup back to a simmer for 2 minutes after it goes in.' },
  { code: 'nutmeg.much', severity: 'caution', source: COMMON, line: { foods: ['nutmeg', 'mace-ground'], leastGrams: 5 }, message: 'Five grams of nutmeg or more is a harmful amount for one person. Check the measure.' },
  // Animal foods
  { code: 'poultry.core', severity: 'caution', source: 'FDA Food Code 3-401.11 (memory)', line: { categories: ['poultry'], states: ['raw'] }, message: 'Raw poultry: 74 C at the centre. Its board and knife touch nothing that is eaten raw.' },
  { code: 'mince.core', severity: 'caution', source: 'FDA Food Code 3-401.11 (memory)', line: { foods: ['beef-mince', 'meatballs'] }, message: 'Minced meat: 68 C for 17 seconds at the centre, 71 C without a clock.' },
  { code: 'fish.core', severity: 'caution', source: 'FDA Food Code 3-401.11 (memory)', line: { categories: ['fish'], states: ['raw'] }, message: 'Raw fish: 63 C at the centre.' },
  { code: 'fish.bones', severity: 'caution', source: COMMON, line: { foods: ['smoked-haddock', 'haddock-raw', 'cod-raw', 'salmon-raw', 'mackerel-smoked', 'sardines-canned'] }, message: 'Feel for bones before it goes in; blending does not find them. Pass what has to be smooth through a sieve.' },
  { code: 'shells.shut', severity: 'caution', source: COMMON, line: { foods: ['mussels-raw', 'clams-raw'] }, message: 'Throw away shells that are broken or do not close when tapped, and those that stay shut when cooked.' },
  { code: 'shellfish.kettle', severity: 'tip', source: COMMON, line: { origins: ['crustacean'] }, methods: ['blend'], message: 'Prawns and crab leave their allergen on blade, sieve and pot: this batch last, and a full wash after it.' },
  { code: 'cheese.soft', severity: 'caution', source: 'FDA advice on Listeria in pregnancy (memory)', line: { foods: ['brie', 'blue-cheese', 'feta', 'goat-cheese-soft', 'halloumi'], stages: ['finish', 'bowl', 'plate'] }, message: 'Soft and blue cheese that is not cooked: pasteurised only, and not for the pregnant, the old or the weak in immunity unless heated through.' },
  { code: 'fish.coldSmoked', severity: 'caution', source: 'FDA advice on Listeria in pregnancy (memory)', line: { foods: ['salmon-smoked', 'mackerel-smoked'], stages: ['finish', 'bowl', 'plate'] }, message: 'Smoked fish that is not cooked is not for the pregnant, the old or the weak in immunity.' },
  { code: 'egg.temper', severity: 'tip', source: COMMON, line: { foods: ['egg-yolk', 'egg'], stages: ['finish'] }, message: 'Temper the egg with a ladle of hot soup and stir it in off the boil: it curdles soon above 80 C.' },
  // What splits, thins, thickens
  { code: 'coconut.boil', severity: 'tip', source: 'common practice, no source; schools differ', line: { foods: ['coconut-milk', 'coconut-milk-light', 'coconut-cream'] }, methods: ['boil'], message: 'Coconut milk parts at a hard boil: add it after, or keep to a simmer. Some kitchens want it to part.' },
  { code: 'dairy.acid', severity: 'caution', source: COMMON, line: { flags: ['splitsWhenBoiled'] }, also: { flags: ['acidic'] }, message: 'Lean dairy and acid in one pot curdle: starch protects, the acid goes in last and off the heat, a little at a time.' },
  { code: 'milk.boilOver', severity: 'tip', source: COMMON, line: { foods: ['milk-whole', 'milk-reduced-fat', 'milk-low-fat', 'milk-skim', 'milk-goat'], leastGrams: 400, stages: ['base', 'simmer'] }, methods: ['boil', 'simmer'], message: 'Milk rises and burns: a heavy pot, half full, stirred along the bottom, lid off.' },
  { code: 'cheese.offHeat', severity: 'tip', source: COMMON, line: { foods: HARD_CHEESE, stages: ['finish'] }, message: 'Cheese goes in off the heat, slowly, a handful at a time: at a boil it turns to strings and grain.' },
  { code: 'acid.slows', severity: 'tip', source: COMMON, line: { flags: ['acidic'], stages: ['base', 'simmer'] }, also: { categories: ['pulse', 'root'], states: ['dry', 'raw'] }, message: 'Acid from the start keeps roots and pulses hard for long: add it when they are tender, or allow the time.' },
  { code: 'starch.longBoil', severity: 'tip', source: COMMON, line: { foods: ['cornstarch', 'arrowroot', 'tapioca-starch', 'potato-starch'], stages: ['base', 'simmer', 'blend', 'finish'] }, methods: ['boil', 'blend'], message: 'Cornstarch and root starches thin again when boiled long, blended hard or soured: slake them cold, add last, one minute at a simmer.' },
  { code: 'flour.cookOut', severity: 'tip', source: COMMON, line: { foods: ['flour-wheat', 'flour-wheat-unenriched'], stages: ['base'] }, message: 'Cook the flour in the fat for 2 minutes before the liquid; a dark roux thickens half to two thirds as much as a white one.' },
  // Swallowing
  { code: 'swallow.topping', severity: 'caution', source: 'IDDSI framework, testing methods (memory)', line: { categories: ['bread', 'nut-seed', 'meat', 'herb', 'leaf', 'vegetable', 'allium'], stages: ['bowl'] }, message: 'A topping with pieces, crumbs, skins or leaves makes two textures in one spoon: not for anyone with a swallowing difficulty, whatever the soup.' },
  { code: 'swallow.stringy', severity: 'tip', source: COMMON, line: { foods: ['celery', 'asparagus', 'leek', 'kale', 'chard', 'green-beans', 'mangetout', 'artichoke-cooked', 'ginger'] }, methods: ['blend'], message: 'Stringy vegetables leave fibres the blender only shortens: sieve for anyone who cannot swallow them.' },
  { code: 'swallow.skins', severity: 'tip', source: COMMON, line: { foods: ['sweetcorn', 'sweetcorn-frozen', 'sweetcorn-canned', 'peas-frozen', 'peas-fresh', 'tomato', 'red-pepper', 'chickpeas-cooked', 'chickpeas-canned-drained', 'broad-beans-fresh'] }, methods: ['blend'], message: 'Skins stay in the puree: sieve where it has to be smooth.' },
  { code: 'swallow.starch', severity: 'caution', source: 'IDDSI framework (memory)', line: { foods: ['thickener-starch', 'cornstarch', 'potato-starch', 'arrowroot', 'tapioca-starch'] }, step: /\b(?:thicken\w*|swallow\w*|dysphagia|level)\b/i, message: 'Saliva thins starch, not gums: one test passed does not hold for the whole meal. No level follows from a calculation; a speech and language professional decides.' },
  { code: 'swallow.thinPieces', severity: 'caution', source: 'IDDSI framework (memory)', step: /\b(?:blend|pur[eé]e|mash|liquidi[sz]e) (?:about )?(?:half|part|some|a third|two thirds)\b|\bhalf (?:of )?(?:the|it)\b.*\b(?:blend|pur[eé]e)/i, message: 'Pieces in a thin liquid are two textures: a risk at any level for someone with a swallowing difficulty.' },
  { code: 'thickener.infants', severity: 'danger', source: 'FDA 2011 and 2012 on gum thickeners in infants (memory)', line: { foods: ['thickener-gum'] }, message: 'Gum thickeners are not for babies under 12 months unless a doctor has ordered them.' },
  // Figures that some diets turn on
  { code: 'potassium.high', severity: 'caution', source: COMMON, over: ['potassiumMg', 300], message: 'A bowl carries {what} mg of potassium, which counts as high for a kidney diet. Leaching, a smaller bowl or another vegetable are levers; the dietitian decides.' },
  { code: 'phosphorus.high', severity: 'tip', source: COMMON, over: ['phosphorusMg', 150], message: 'A bowl carries {what} mg of phosphorus; that of pulses and nuts is taken up less than that of dairy and meat, additives far more.' },
  { code: 'sodium.high', severity: 'caution', source: COMMON, over: ['sodiumMg', 600], message: 'A bowl carries {what} mg of sodium. Stock, cheese, cured meat and miso carry most of it: look at the lines that do.' },
  { code: 'carbohydrate.count', severity: 'tip', source: COMMON, over: ['availableCarbohydrateG', 30], message: 'A bowl carries {what} g of available carbohydrate, two exchanges of 15 g or more: count it.' },
  { code: 'salt.tasting', severity: 'caution', source: COMMON, step: /\bseason\b(?! (?:it )?with (?:the )?(?:lemon|vinegar|nutmeg))|\bto taste\b|\btaste and\b|\badjust the (?:salt|seasoning)\b/i, message: 'The tasting step decides the sodium: soup that tastes seasoned, 0.6 to 0.9 % salt, carries 580 to 870 mg a bowl. Weigh what goes in.' },
  { code: 'oxalate.greens', severity: 'tip', source: COMMON, line: { foods: ['spinach', 'spinach-frozen', 'chard', 'beetroot', 'almonds', 'cashews-raw', 'sesame-seeds', 'tahini'], leastGrams: 60 }, message: 'Rich in oxalate: someone who forms stones is told to keep it small, with dairy or calcium in the same meal, and the cooking water thrown away.' },
  { code: 'iodine.kelp', severity: 'caution', source: COMMON, line: { foods: ['kelp-dried', 'kelp-stock', 'dashi', 'furikake'] }, message: 'Kelp carries more iodine than a day asks for, and nobody knows how much: not for thyroid disease, pregnancy or small children without advice.' },
  { code: 'tyramine.aged', severity: 'caution', source: COMMON, line: { foods: ['parmesan', 'pecorino', 'cheddar', 'blue-cheese', 'gruyere', 'soy-sauce', 'tamari', 'miso', 'yeast-extract', 'fish-sauce', 'sauerkraut', 'chorizo', 'ham-dry-cured', 'hoisin-sauce', 'gochujang', 'shrimp-paste'] }, message: 'Aged and fermented foods carry tyramine: not for someone on an MAO inhibitor without their prescriber’s word.' },
  { code: 'nitrate.infants', severity: 'caution', source: 'EFSA 2010, nitrate in vegetables and infants (memory)', line: { foods: ['spinach', 'spinach-frozen', 'chard', 'beetroot', 'rocket', 'kohlrabi'] }, step: /\b(?:keep|store|fridge|leftover|reheat|freeze)\w*\b/i, message: 'Cooked spinach, chard and beet are chilled at once and not kept for babies: their nitrate turns.' },
  { code: 'nuts.children', severity: 'caution', source: COMMON, line: { categories: ['nut-seed'], stages: ['bowl'], foods: ['almonds', 'almonds-blanched', 'cashews-raw', 'cashews-roasted', 'hazelnuts', 'walnuts', 'pecans', 'peanuts', 'pistachio-nuts', 'brazil-nuts', 'macadamias', 'pine-nuts', 'pumpkin-seeds', 'sunflower-seeds', 'mixed-nuts'] }, message: 'Whole nuts and large seeds are not for children under five: ground or left out.' },
  { code: 'garnish.raw', severity: 'tip', source: COMMON, line: { categories: ['herb', 'leaf', 'allium'], states: ['raw'], stages: ['bowl'] }, message: 'Raw herbs and leaves on top: washed well, and left out for the very vulnerable.' },
  { code: 'hidden.tell', severity: 'caution', source: COMMON, line: { contains: ['treeNut', 'almond', 'cashew', 'hazelnut', 'walnut', 'pecan', 'brazilNut', 'pistachio', 'macadamia', 'pineNut', 'peanut', 'soy', 'sesame', 'mustard', 'lupin'], stages: ['base', 'simmer', 'blend'] }, methods: ['blend'], message: 'Blended in, this cannot be seen or tasted for certain: tell those who eat it, by name.' },
  // Alcohol, colour, hands, grit
  { code: 'alcohol.offBoil', severity: 'caution', source: 'USDA Table of Nutrient Retention Factors, Release 6 (memory)', line: { origins: ['alcohol'], stages: ['finish', 'bowl'] }, message: 'Alcohol that goes in off the boil stays: about 85 %. Add it earlier, or leave it out, for children, the pregnant, and those who take none.' },
  { code: 'alcohol.flame', severity: 'danger', source: COMMON, step: /\bflamb[eé]\w*|\bset (?:it )?alight|\bflame\b/i, message: 'Flaming: pour from a cup and never from the bottle, hood off, face away, lid at hand. Three quarters of the alcohol stays all the same.' },
  { code: 'beet.colour', severity: 'tip', source: COMMON, line: { foods: ['beetroot'] }, message: 'Beet colours urine and stool red, which can be taken for blood: tell those who eat it.' },
  { code: 'chilli.hands', severity: 'tip', source: COMMON, line: { foods: ['chilli-red', 'jalapeno'] }, message: 'Chilli stays on hands and board: gloves, no eyes, and no steam of frying chilli near an asthmatic.' },
  { code: 'grit.leek', severity: 'tip', source: COMMON, line: { foods: ['leek', 'ifct-D058'] }, message: 'Leeks hide grit between their leaves: split, wash under running water, drain.' },
  { code: 'grit.mushroom', severity: 'tip', source: COMMON, line: { foods: ['mushrooms-dried'] }, message: 'Pour the soaking water of dried mushrooms through a cloth and leave the last of it: grit.' },
  { code: 'takeOut.woody', severity: 'caution', source: COMMON, line: { text: /\b(?:sprigs?|cinnamon stick|sticks? of cinnamon|whole cloves?|star anise|bouquet|twine|lemongrass|lime leaves|rind of cheese|rind)\b/i }, methods: ['blend'], message: 'Stems, sticks, whole cloves and twine out before blending: count them in, count them out.' },
  { code: 'inulin.wind', severity: 'tip', source: COMMON, line: { foods: ['sunchoke'] }, message: 'Sunchokes are known for wind: a small bowl for who has not had them, and not before a journey.' },
  { code: 'pressure.fill', severity: 'caution', source: COMMON, methods: ['pressure'], message: 'A pressure pot is filled to half at most with pulses, grains and what foams, two thirds with the rest; let the pressure fall by itself before blending.' },
  { code: 'blend.batches', severity: 'tip', source: COMMON, methods: ['blend'], potMl: 3000, message: 'More than a jar holds: blend in batches, mix them in one pot before you taste and portion.' },
  { code: 'microwave.milk', severity: 'tip', source: COMMON, step: /\bmicrowave\b/i, message: 'A microwave heats in spots: stir, stand 2 minutes, and measure at the centre.' },
  { code: 'potassium.water', severity: 'tip', source: COMMON, line: { categories: ['root', 'leaf', 'vegetable', 'pulse'], leastGrams: 200 }, step: /\b(?:double[- ]boil|leach|boil\w* and drain|drain\w* and (?:rinse|discard)|change the water)\b/i, message: 'What is thrown away with the water takes salt, potassium and vitamins: mark those lines as drained, or they are counted whole.' },
];
