/** What is printed on packs that a soup is made with: invented, in the words that packs have. */

export interface Pack {
  /** What it is, as a cook asks for it. */
  name: string;
  /** Lines it can be the pack of. */
  of: RegExp;
  ingredients: string;
}

export const PACKS: readonly Pack[] = [
  { name: 'vegetable stock powder', of: /vegetable stock/, ingredients: 'Salt, maltodextrin, yeast extract, celery, onion powder, palm oil, wheat flour, lovage.' },
  { name: 'vegetable stock powder', of: /vegetable stock/, ingredients: 'Sea salt, corn starch, vegetables 12 % (carrot, leek, parsley root), turmeric, celeriac. May contain traces of milk and soya.' },
  { name: 'chicken stock cube', of: /chicken stock/, ingredients: 'Salt, chicken fat, wheat flour, whey powder, yeast extract, celery seed, sugar.' },
  { name: 'chicken stock cube', of: /chicken stock/, ingredients: 'Salt, potato starch, chicken meat 4 %, sunflower oil, soya lecithin, spices (mustard seed, pepper). May contain traces of egg and milk.' },
  { name: 'fish stock powder', of: /fish stock/, ingredients: 'Salt, cod powder 18 %, shrimp powder, maltodextrin, celery, lactose.' },
  { name: 'white miso', of: /miso/, ingredients: 'Soybeans, rice, water, salt, barley malt.' },
  { name: 'soy sauce', of: /soy sauce/, ingredients: 'Water, soybeans, wheat, salt, alcohol.' },
  { name: 'brown anchovy sauce', of: /Worcestershire/, ingredients: 'Barley malt vinegar, spirit vinegar, molasses, sugar, salt, anchovies, tamarind, onion, garlic.' },
  { name: 'Dijon mustard', of: /mustard/, ingredients: 'Water, mustard seed, spirit vinegar, salt, sodium metabisulphite. May contain traces of celery.' },
  { name: 'soy cream', of: /soy cream/, ingredients: 'Water, hulled soya beans 8 %, sunflower oil, sugar, sea salt. May contain traces of almond and hazelnut.' },
  { name: 'oat cream', of: /oat cream/, ingredients: 'Oat base (water, oats 10 %), rapeseed oil, salt. May contain traces of soya.' },
  { name: 'cream cheese', of: /cream cheese/, ingredients: 'Cream, skimmed milk, whey protein, salt, locust bean gum.' },
  { name: 'croutons', of: /croutons/, ingredients: 'Wheat flour, sunflower oil, buttermilk powder, yeast, salt, barley malt extract. May contain traces of sesame and egg.' },
  { name: 'cashew butter', of: /cashew butter/, ingredients: 'Cashew nuts 100 %. May contain traces of peanut and sesame.' },
  { name: 'coconut milk', of: /coconut milk/, ingredients: 'Coconut extract 60 %, water, sodium caseinate, guar gum.' },
  { name: 'smoked bacon', of: /bacon/, ingredients: 'Pork belly, salt, dextrose, lactose, sodium nitrite. May contain traces of mustard and celery.' },
];
