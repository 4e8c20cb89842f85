/**
 * Families of foods that people ask to go without: every food of the family on the shelf, dried and canned too, and the composites it is in
 * as they are usually made. Common practice of dietitians, no source. `words` are what is said after 'no'; lower case.
 */
import type { Category } from '../../vocabulary/category.ts';
import type { Food } from '../../vocabulary/food.ts';

export interface Family {
  words: string;
  /** Foods by category, or by their id and name. */
  kinds?: readonly Category[];
  named?: RegExp;
  /** Of those, what is another thing that bears the word. */
  not?: RegExp;
  /** In the usual make-up of composites. */
  inside?: RegExp;
}

export const FAMILIES: readonly Family[] = [
  { words: 'pulses, pulse, beans, legumes, lentils and beans', kinds: ['pulse'] },
  { words: 'mushrooms, mushroom, fungi', kinds: ['mushroom'], named: /mushroom|porcini|truffle/i, inside: /mushroom/i },
  { words: 'butter', named: /^butter-|^ghee$|^ifct-T013$/, inside: /\bbutter\b(?! bean)/i },
  { words: 'cream', named: /^cream-(?!cheese)|half-and-half|sour-cream|creme-fraiche|crema-mexicana|cream sauce/i, not: /plant|non-dairy|coconut/i, inside: /\bcream\b/i },
  { words: 'cheese', named: /cheese|cheddar|gruyere|parmesan|ricotta|mozzarella|mascarpone|quark|emmental|gouda|brie|feta|pecorino|monterey|halloumi|labneh|^ifct-L003$/i, not: /plant-cheese/, inside: /cheese|parmesan/i },
  { words: 'yogurt, yoghurt', named: /yogurt|yoghurt/i, not: /soy|coconut|plant/i },
  { words: 'seeds', named: /(?:^|-)seeds?\b|tahini|flaxseed|sunflower-butter|sesame/, not: /-oil$|seed-oil|lupin|celery-salt|coriander-seed|fennel-seed|mustard-seed|cumin|celery-seed|caraway|anise|fenugreek/, inside: /\bseeds?\b|sesame|tahini/i },
  { words: 'tomatoes, tomato', named: /tomato|passata|ketchup/i, inside: /tomato/i },
  { words: 'potatoes, potato', named: /potato|instant-mash|gnocchi|hash-browns/i, not: /sweet[- ]potato/i, inside: /(?<!sweet )potato/i },
  { words: 'sweet potatoes, sweet potato', named: /sweet[- ]potato/i },
  { words: 'peppers, bell peppers, sweet peppers, capsicum', named: /(?:red|green|yellow|orange)-pepper|poblano|paprika|capsicum|pimiento/i, inside: /\b(?:red |sweet |bell )pepper|paprika/i },
  { words: 'pepper', named: /(?:black|white)-pepper|^ifct-G031$/ },
  { words: 'chilli, chillies, chili, chile, chilies, heat, hot spices, spicy food, spice heat', named: /chil(?:l?i|e)|cayenne|jalape|harissa|sambal|sriracha|gochujang|doubanjiang|curry-paste|tom-yum|laksa|nduja|kimchi|hot-sauce|chipotle|^ifct-G00[1-8]$/i, inside: /chil(?:l?i|e)/i },
  { words: 'nightshades', named: /tomato|passata|ketchup|(?<!sweet[- ])potato|instant-mash|gnocchi|aubergine|eggplant|(?:red|green|yellow)-pepper|poblano|paprika|chil(?:l?i|e)|cayenne|jalape|harissa|sambal|sriracha|gochujang|curry-paste|hot-sauce/i, not: /sweet[- ]potato/i, inside: /tomato|chil(?:l?i|e)|paprika|aubergine/i },
  { words: 'corn, maize, sweetcorn', named: /corn(?!ed)|maize|polenta|masa|hominy|tortilla-chips/i, not: /acorn|peppercorn|garam/i, inside: /\bmaize\b|\bcorn\b/i },
  { words: 'citrus, citrus fruit', named: /lemon(?!grass)|lime-juice|^lime$|orange|grapefruit|yuzu|lemon-zest/i, inside: /lemon(?!grass)|orange/i },
  { words: 'coriander, cilantro', named: /coriander|cilantro/i, inside: /coriander/i },
  { words: 'honey', named: /honey/i, inside: /honey/i },
  { words: 'added sugar, sugar, sweeteners', kinds: ['sweetener'], inside: /\bsugar\b|honey|syrup/i },
  { words: 'starch, thickener, thickeners', named: /cornstarch|arrowroot|tapioca|potato-starch|thickener|^gums$|custard/i },
  { words: 'flour', named: /flour|semolina/i },
  { words: 'bread', kinds: ['bread'] },
  { words: 'rice', named: /(?:^|-)rice-(?!vinegar)|^rice/i, inside: /\brice\b/i },
  { words: 'pasta, noodles', named: /pasta|noodle|gnocchi|couscous|orzo|macaroni|vermicelli/i },
  { words: 'squash, pumpkin, pumpkins', named: /squash|(?<!pie-)pumpkin(?!-seed)/i, not: /seed|spice/i },
  { words: 'vinegar', named: /vinegar/i, inside: /vinegar/i },
  { words: 'wine', named: /wine|vermouth|sherry|marsala|port\b/i, not: /vinegar/i, inside: /\bwine\b/i },
  { words: 'smoked or cured meat, cured meat, smoked meat, processed meat, cured or smoked meat', named: /bacon|^ham$|ham-|chorizo|salami|sausage|salt-pork|frankfurter|corned-beef|nduja|pork-stock-cube/i, inside: /bacon|ham\b|chorizo|sausage/i },
  { words: 'red meat', kinds: ['meat'] },
  { words: 'poultry', kinds: ['poultry'], named: /chicken-(?:broth|stock)/i, inside: /chicken|turkey/i },
  { words: 'stock cubes, stock cube, bouillon', named: /cube|bouillon|stock-powder|seafood-base|stock-paste|stock-concentrate/i },
  { words: 'caffeine', named: /coffee|cocoa/i },
  { words: 'leafy greens, greens', kinds: ['leaf'] },
];

const BY_WORD: ReadonlyMap<string, Family> = new Map(FAMILIES.flatMap((family) => family.words.split(', ').map((word) => [word, family] as const)));
/** The family a word stands for, if it is one. */
export const familyCalled = (word: string): Family | undefined => BY_WORD.get(word);

/** Whether a food belongs to a family, or is usually made with one of it. */
export function isOfFamily({ id, name, category, usual }: Food, { kinds, named, not, inside }: Family): boolean {
  const called = `${id} ${name}`;
  if (not?.test(id) || not?.test(name)) return false;
  return (kinds?.includes(category) ?? false) || ((named?.test(id) || named?.test(called)) ?? false) || (usual !== undefined && (inside?.test(usual) ?? false));
}
