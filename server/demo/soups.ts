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
  `Asparagus veloute
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
];
