/** The invented house soups of Skerrow House, a day centre with a teaching kitchen on a ferry island. */
export const DEMO_SOUPS: readonly string[] = [
  `Celeriac and apple cream
Serves 24

Ingredients
60 g unsalted butter
2 onions, chopped
1.2 kg peeled celeriac, diced
3 apples, cored and chopped
3.6 litres chicken stock
500 ml double cream
12 g salt
1 g white pepper

Method
1. Sweat the onions, celeriac and apples in the butter for 10 minutes with the lid on.
2. Add the stock and simmer for 25 minutes with the lid ajar, until a knife slides in.
3. Blend until smooth.
4. Stir in the cream off the boil, add the salt and white pepper.
`,
  `Parsnip and streaky bacon soup
Serves 16

Ingredients
180 g streaky bacon, chopped
1.3 kg peeled parsnips, sliced
2 onions, diced
2 tsp curry powder
2.5 litres chicken stock
300 ml single cream
1 bay leaf
6 g salt
16 tbsp croutons

Method
1. Fry the bacon for 8 minutes until crisp and pour off half of the fat.
2. Add the onions and parsnips, sweat for 10 minutes, the curry powder for the last minute.
3. Add the stock and the bay leaf and simmer for 25 minutes with the lid ajar.
4. Take out the bay leaf. Blend until smooth.
5. Stir in the cream off the boil and add the salt.
6. Serve with the croutons.
`,
  `Asparagus velouté
Serves 16

Ingredients
100 g unsalted butter
100 g plain flour
1.5 kg trimmed asparagus, cut into pieces
2 shallots, finely chopped
3 litres chicken stock
400 ml whipping cream
2 tbsp lemon juice
10 g salt

Method
1. Sweat the shallots in the butter for 6 minutes.
2. Stir in the flour and cook for 2 minutes, then whisk in the stock.
3. Add the asparagus and simmer for 12 minutes.
4. Blend until smooth, and sieve.
5. Stir in the cream and the lemon juice, add the salt.
`,
  `Cream of chicken and tarragon
Serves 16

Ingredients
80 g unsalted butter
80 g plain flour
2 onions, chopped
900 g chicken breast
3 litres chicken stock
400 ml double cream
4 g dried tarragon
8 g salt

Method
1. Sweat the onions in the butter for 8 minutes with the lid on.
2. Stir in the flour and cook for 2 minutes, then whisk in the stock.
3. Add the chicken and the tarragon and simmer for 25 minutes, until the chicken is at 74 C.
4. Blend until smooth.
5. Stir in the cream and add the salt.
`,
  `Leek and smoked haddock cream
Serves 12

Ingredients
60 g unsalted butter
600 g trimmed leeks, sliced
700 g peeled potatoes, diced
600 g smoked haddock, skinned
1.2 litres fish stock
500 ml whole milk
200 ml double cream
1 g white pepper

Method
1. Sweat the leeks in the butter for 10 minutes with the lid on.
2. Add the potatoes, the stock and the milk and simmer for 18 minutes.
3. Add the haddock and poach for 8 minutes off the boil; look for bones.
4. Blend half until smooth and stir it back.
5. Stir in the cream and the pepper.
`,
  `Cream of spinach with an egg-yolk finish
Serves 12

Ingredients
50 g unsalted butter
2 onions, chopped
400 g peeled potatoes, diced
1.2 kg baby spinach
2 litres chicken stock
300 ml double cream
6 egg yolks
6 g salt
1 g nutmeg

Method
1. Sweat the onions in the butter for 8 minutes with the lid on.
2. Add the potatoes and stock and simmer for 15 minutes, the spinach for the last 3 minutes.
3. Blend until smooth.
4. Whisk the yolks into the cream with a ladle of soup, stir in off the boil and warm to 74 C.
5. Add the salt and nutmeg.
`,
  `Roast red pepper with bread and almonds
Serves 12

Ingredients
120 ml olive oil
1.6 kg trimmed red peppers
2 onions, chopped
4 cloves garlic
150 g white bread
120 g almonds
2 litres vegetable stock
2 tbsp wine vinegar
8 g salt

Method
1. Roast the peppers at 220 C for 35 minutes and peel them.
2. Sweat the onions and garlic in the oil for 8 minutes.
3. Add the bread, almonds, peppers and stock and simmer for 12 minutes.
4. Blend until smooth, and sieve.
5. Stir in the vinegar and the salt.
`,
  `Chestnut and sherry cream
Serves 12

Ingredients
60 g unsalted butter
2 onions, chopped
200 g celery, sliced
900 g roasted chestnuts
100 ml dry sherry
2 litres vegetable stock
300 ml double cream
6 g salt

Method
1. Sweat the onions and celery in the butter for 10 minutes with the lid on.
2. Add the sherry and boil for 3 minutes.
3. Add the chestnuts and stock and simmer for 20 minutes with the lid ajar.
4. Blend until smooth.
5. Stir in the cream and add the salt.
`,
  `Green pea, ham and mint
Serves 16

Ingredients
50 g unsalted butter
2 onions, chopped
400 g peeled potatoes, diced
1.5 kg frozen peas
300 g ham, diced
2.5 litres chicken stock
200 ml single cream
30 g mint leaves

Method
1. Sweat the onions in the butter for 8 minutes with the lid on.
2. Add the potatoes and stock and simmer for 15 minutes, the peas and ham for the last 5 minutes.
3. Blend with the mint until smooth.
4. Stir in the cream.
`,
  `Courgette and soft cheese
Serves 12

Ingredients
3 tbsp rapeseed oil
2 onions, chopped
1.8 kg courgettes, sliced
1.8 litres vegetable stock
300 g cream cheese
5 g salt

Method
1. Sweat the onions in the oil for 8 minutes with the lid on.
2. Add the courgettes and stock and simmer for 12 minutes.
3. Blend until smooth.
4. Melt in the cream cheese off the heat and add the salt.
`,
  `Sunchoke and hazelnut
Serves 12

Ingredients
60 g unsalted butter
2 onions, chopped
1.4 kg peeled sunchokes, sliced
120 g hazelnuts
2.2 litres vegetable stock
200 ml double cream
6 g salt

Method
1. Sweat the onions and sunchokes in the butter for 10 minutes with the lid on.
2. Add the stock and simmer for 20 minutes with the lid ajar.
3. Blend with the hazelnuts until smooth, and sieve.
4. Stir in the cream and add the salt.
`,
  `Fennel and white bean
Serves 12

Ingredients
60 ml olive oil
900 g trimmed fennel, sliced
2 onions, chopped
700 g drained canned white beans
2 litres vegetable stock
2 tbsp lemon juice
4 g salt

Method
1. Sweat the fennel and onions in the oil for 12 minutes with the lid on.
2. Add the beans and stock and simmer for 15 minutes.
3. Blend until smooth.
4. Stir in the lemon juice and add the salt.
`,
];
