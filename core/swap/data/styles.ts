/** Which flavours suit which soup, by its own foods; and what it costs to leave a diet the soup keeps. Common practice, no source. */
import type { DietId } from '../../vocabulary/allergens.ts';
import type { Category } from '../../vocabulary/category.ts';

export interface Style {
  /** Ids of foods that bring the flavour. */
  brings: RegExp;
  /** A soup with one of these takes it. */
  suits: RegExp;
  /** In units of a swap's distance of flavour. */
  cost: number;
}

export const STYLES: readonly Style[] = [
  { brings: /gluten-free/, suits: /gluten-free/, cost: 0.4 },
  { brings: /^coconut(?!-oil)/, suits: /^(?:coconut|curry|lemongrass|lime-leaf|galangal|ginger$|garam|turmeric|butternut|pumpkin|sweet-potato|lentils-red|peanut|chilli-red|cardamom)/, cost: 0.9 },
  { brings: /^ginger$/, suits: /^(?:coconut|curry|soy-sauce|miso|tamari|turmeric|garam|cumin|lemongrass|fish-sauce|sesame-oil|ginger)/, cost: 0.45 },
  { brings: /^ifct-G019$|^asafoetida$/, suits: /^(?:cumin|turmeric|curry|garam|lentils|split-peas|mustard-seed|coconut)/, cost: 0.3 },
  { brings: /^(?:miso|soy-sauce|tamari|kelp-stock)/, suits: /^(?:soy-sauce|miso|tamari|sesame-oil|kelp|mushrooms|ginger|fish-sauce|rice-vinegar|bacon|ham|smoked)/, cost: 0.3 },
  { brings: /^(?:tahini|sesame)/, suits: /^(?:tahini|sesame|chickpeas|aubergine|cumin|lemon-juice|carrot|butternut|pumpkin|miso)/, cost: 0.2 },
  { brings: /^curry|^turmeric/, suits: /^(?:curry|turmeric|cumin|garam|coconut|ginger|cauliflower|lentils|mustard|lemongrass)/, cost: 0.3 },
  { brings: /^smoked-paprika$/, suits: /^(?:bacon|ham|chorizo|smoked|pork|salt-pork|paprika|mackerel-smoked|salmon-smoked)/, cost: 0.2 },
  { brings: /^apple-juice$/, suits: /^(?:apple|parsnip|celeriac|pumpkin|butternut|carrot|beetroot|cabbage|onion|potato|cider|beer|swede)/, cost: 0.1 },
  { brings: /^(?:chestnuts|split-peas)/, suits: /^(?:chestnuts|split-peas|celeriac|parsnip|ham|bacon)/, cost: 0.3 },
  { brings: /^(?:worcestershire|fish-sauce|anchov)/, suits: /^(?:worcestershire|fish|anchov|beef|cheddar)/, cost: 0.4 },
  { brings: /^fennel$/, suits: /^(?:fennel|tomato|orange|carrot|potato|leek|asparagus|salmon|haddock|cod|mussels|prawns|lobster)/, cost: 0.1 },
  { brings: /^(?:pumpkin-seeds|mushrooms-dried)$/, suits: /^(?:pumpkin|mushroom|bacon|beef|walnut|broccoli|kale|spinach|barley|lentils|beer|beef-broth)/, cost: 0.1 },
];

/** A soup that keeps a diet is kept in it where that can be. */
export const LEAVES_DIET: ReadonlyMap<DietId, number> = new Map<DietId, number>([
  ['vegan', 0.35],
  ['vegetarian', 0.9],
  ['noPork', 0.9],
  ['noAlcohol', 0.9],
  ['noFish', 0.9],
  ['noMeat', 0.9],
]);

/** For a figure a cook takes less of a food, or another of its kind, before another kind of food. */
export const OTHER_KIND = 0.2;
export const LIKE_KINDS: ReadonlySet<Category> = new Set<Category>(['water', 'salt', 'acid', 'spice', 'herb', 'starch', 'root', 'vegetable', 'fat', 'broth']);

/** What a renal diet counts first: brought in last (common practice of renal diets, no source). */
export const RENAL = 1.2;
export const RICH_IN_POTASSIUM: ReadonlySet<Category> = new Set<Category>(['pulse', 'nut-seed', 'plant-cream']);

/** Of two plans that are alike the one that brings in no new allergen stands first. */
export const NEW_ALLERGEN = 0.08;
