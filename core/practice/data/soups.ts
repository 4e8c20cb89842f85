/**
 * Soups that rounds are made of: invented, each with places that a seed fills. `$fat` and the like stand for one of the ways below, the same
 * in the list and in the method. What a place may hold is chosen so that things hide in it: a cube, a sauce, a thickener, a topping.
 */

/** A line of the list, and the word the method has for it. */
export type Way = readonly [line: string, word: string];

export const PLACES = {
  fat: [
    ['40 g butter', 'butter'],
    ['3 tbsp olive oil', 'oil'],
    ['40 g ghee', 'ghee'],
    ['3 tbsp rapeseed oil', 'oil'],
  ],
  stock: [
    ['1 litre vegetable stock', 'stock'],
    ['1 litre chicken stock', 'stock'],
    ['1 litre water', 'water'],
    ['1 litre home-made vegetable stock', 'stock'],
    ['1 litre fish stock', 'stock'],
  ],
  thick: [
    ['35 g plain flour', 'flour'],
    ['80 g red lentils', 'lentils'],
    ['60 g pearl barley', 'barley'],
    ['200 g potatoes, diced', 'potatoes'],
    ['50 g rolled oats', 'oats'],
  ],
  cream: [
    ['150 ml double cream', 'cream'],
    ['150 ml coconut milk', 'coconut milk'],
    ['120 g cream cheese', 'cream cheese'],
    ['150 ml soy cream', 'soy cream'],
    ['150 ml oat cream', 'oat cream'],
    ['60 g tahini', 'tahini'],
    ['60 g cashew butter', 'cashew butter'],
  ],
  season: [
    ['1 tbsp Worcestershire sauce', 'Worcestershire sauce'],
    ['1 tbsp soy sauce', 'soy sauce'],
    ['30 g white miso', 'miso'],
    ['1 tbsp fish sauce', 'fish sauce'],
    ['2 tsp Dijon mustard', 'mustard'],
    ['1 tbsp lemon juice', 'lemon juice'],
    ['3 tbsp dry sherry', 'sherry'],
  ],
  top: [
    ['40 g hazelnuts, toasted', 'hazelnuts'],
    ['60 g croutons', 'croutons'],
    ['40 g pumpkin seeds', 'pumpkin seeds'],
    ['60 g cheddar, grated', 'cheddar'],
    ['120 g cooked prawns', 'prawns'],
    ['80 g smoked bacon, fried', 'bacon'],
    ['20 g chives, snipped', 'chives'],
  ],
} as const satisfies Record<string, readonly Way[]>;

export type PlaceName = keyof typeof PLACES;

/** What may be done with the soup before it is served: steps that come before the bowls are topped. */
export const ENDINGS: readonly (readonly string[])[] = [
  [],
  ['Taste it before it goes out.'],
  ['Keep it warm in a bain-marie until the table is laid.'],
  ['Cool it down and put it in the fridge.', 'Reheat it gently the next day.'],
  ['Set it aside for an hour before serving.'],
];

export interface PracticeSoup {
  title: string;
  servings: number;
  lines: readonly string[];
  steps: readonly string[];
}

export const PRACTICE_SOUPS: readonly PracticeSoup[] = [
  {
    title: 'Celeriac soup',
    servings: 6,
    lines: ['700 g celeriac, peeled and diced', '1 onion, chopped', '$fat', '$stock', '$cream', '2 bay leaves', '4 g salt'],
    steps: [
      'Sweat the onion in the $fat for 8 minutes.',
      'Add the celeriac, the $stock and the bay leaves and simmer for 25 minutes.',
      'Blend until smooth.',
      'Stir in the $cream and the salt.',
    ],
  },
  {
    title: 'Leek soup',
    servings: 5,
    lines: ['600 g leeks, sliced', '$fat', '$thick', '$stock', '$cream', '$season'],
    steps: [
      'Sweat the leeks in the $fat for 10 minutes.',
      'Stir in the $thick, pour in the $stock and simmer for 25 minutes.',
      'Blend until smooth.',
      'Stir in the $cream and the $season.',
    ],
  },
  {
    title: 'Parsnip soup',
    servings: 6,
    lines: ['800 g parsnips, peeled and diced', '1 onion, chopped', '2 garlic cloves', '$fat', '$stock', '$season', '$top', '3 g salt'],
    steps: [
      'Sweat the onion and the garlic in the $fat for 8 minutes.',
      'Add the parsnips and the $stock and simmer for 25 minutes.',
      'Blend until smooth and stir in the $season and the salt.',
      'Scatter the $top over the bowls.',
    ],
  },
  {
    title: 'Spinach soup',
    servings: 4,
    lines: ['500 g spinach', '1 onion, chopped', '$fat', '$thick', '$stock', '$cream', '2 egg yolks'],
    steps: [
      'Sweat the onion in the $fat for 6 minutes.',
      'Add the $thick and the $stock and simmer for 20 minutes.',
      'Add the spinach and simmer for 3 minutes.',
      'Blend until smooth.',
      'Whisk the egg yolks with the $cream, stir them into the hot soup off the heat and warm through.',
    ],
  },
  {
    title: 'Pea soup',
    servings: 6,
    lines: ['700 g frozen peas', '1 onion, chopped', '$fat', '$stock', '$season', '$top'],
    steps: [
      'Sweat the onion in the $fat for 8 minutes.',
      'Add the peas and the $stock and simmer for 10 minutes.',
      'Blend until smooth and stir in the $season.',
      'Top the bowls with the $top.',
    ],
  },
  {
    title: 'Fennel soup',
    servings: 5,
    lines: ['700 g fennel, sliced', '1 onion, chopped', '$fat', '$thick', '$stock', '$cream', '$top', '3 g salt'],
    steps: [
      'Sweat the onion and the fennel in the $fat for 12 minutes.',
      'Add the $thick and the $stock and simmer for 25 minutes.',
      'Blend until smooth and stir in the $cream and the salt.',
      'Scatter the $top over the bowls.',
    ],
  },
  {
    title: 'Red pepper soup',
    servings: 6,
    lines: ['900 g red peppers, roasted and peeled', '1 onion, chopped', '3 garlic cloves', '$fat', '50 g ground almonds', '$stock', '$season'],
    steps: [
      'Sweat the onion and the garlic in the $fat for 8 minutes.',
      'Add the peppers, the ground almonds and the $stock and simmer for 15 minutes.',
      'Blend until smooth.',
      'Stir in the $season.',
    ],
  },
  {
    title: 'Chestnut soup',
    servings: 6,
    lines: ['400 g cooked chestnuts', '1 onion, chopped', '2 celery sticks, sliced', '$fat', '$stock', '3 tbsp dry sherry', '$cream'],
    steps: [
      'Sweat the onion and the celery in the $fat for 10 minutes.',
      'Add the sherry and let it bubble.',
      'Add the chestnuts and the $stock and simmer for 20 minutes.',
      'Blend until smooth and stir in the $cream.',
    ],
  },
  {
    title: 'Courgette soup',
    servings: 5,
    lines: ['900 g courgettes, sliced', '1 onion, chopped', '$fat', '$stock', '$cream', '$season', '$top'],
    steps: [
      'Sweat the onion in the $fat for 8 minutes.',
      'Add the courgettes and the $stock and simmer for 15 minutes.',
      'Blend until smooth.',
      'Stir in the $cream and the $season and scatter the $top over the bowls.',
    ],
  },
  {
    title: 'Turnip soup',
    servings: 6,
    lines: ['800 g turnips, peeled and diced', '1 leek, sliced', '$fat', '$thick', '$stock', '$season', '2 bay leaves'],
    steps: [
      'Sweat the leek in the $fat for 8 minutes.',
      'Add the turnips, the $thick, the $stock and the bay leaves and simmer for 30 minutes.',
      'Blend until smooth.',
      'Stir in the $season.',
    ],
  },
  {
    title: 'Kohlrabi soup',
    servings: 6,
    lines: ['800 g kohlrabi, peeled and diced', '1 onion, chopped', '$fat', '$stock', '200 ml whole milk', '$thick', '$top', '4 g salt'],
    steps: [
      'Sweat the onion in the $fat for 8 minutes.',
      'Add the kohlrabi, the $thick and the $stock and simmer for 25 minutes.',
      'Pour in the milk, bring it back to the heat and blend until smooth with the salt.',
      'Scatter the $top over the bowls.',
    ],
  },
  {
    title: 'White bean soup',
    servings: 6,
    lines: ['500 g cooked white beans', '1 onion, chopped', '2 celery sticks, sliced', '$fat', '$stock', '$season', '$top', '1 sprig of rosemary'],
    steps: [
      'Sweat the onion and the celery in the $fat for 10 minutes.',
      'Add the beans, the rosemary and the $stock and simmer for 20 minutes.',
      'Blend until smooth and stir in the $season.',
      'Top the bowls with the $top.',
    ],
  },
  {
    title: 'Jerusalem artichoke soup',
    servings: 6,
    lines: ['800 g Jerusalem artichokes, peeled', '1 onion, chopped', '$fat', '$stock', '$cream', '$top', '3 g salt'],
    steps: [
      'Sweat the onion in the $fat for 8 minutes.',
      'Add the artichokes and the $stock and simmer for 25 minutes.',
      'Blend until smooth and stir in the $cream and the salt.',
      'Scatter the $top over the bowls.',
    ],
  },
  {
    title: 'Asparagus soup',
    servings: 5,
    lines: ['700 g asparagus, trimmed', '1 onion, chopped', '$fat', '35 g plain flour', '$stock', '$cream', '$season'],
    steps: [
      'Sweat the onion in the $fat for 6 minutes and stir in the flour.',
      'Pour in the $stock, add the asparagus and simmer for 12 minutes.',
      'Blend until smooth.',
      'Stir in the $cream and the $season.',
    ],
  },
];
