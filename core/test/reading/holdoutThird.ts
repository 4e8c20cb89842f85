/**
 * Sixty texts in shapes the reader did not have, written before it was founded anew and read by it only for the score. All
 * invented; grams as in holdoutLines.ts, null where a count or a pinch leaves them open.
 */
import type { RecipeRow } from './row.ts';

const STOCK = 'vegetable-broth or chicken-broth or vegetable-stock-homemade';
const BUTTER = 'butter-salted or butter-unsalted';
const FLOUR = 'flour-wheat or flour-wheat-unenriched';
const SALT = 'salt or salt-coarse';

export interface ThirdRow extends Omit<RecipeRow, 'measures' | 'servings'> {
  shape: string;
  /** Null where the text does not say. */
  bowls: number | null;
  measures?: RecipeRow['measures'];
  /** Words of foods that are talked about and are not in the pot. */
  not?: RegExp[];
}

export const THIRD: readonly ThirdRow[] = [
  { id: 'dotted', shape: 'amount behind dots', bowls: 4, text: `LEEK AND POTATO SOUP
Leeks ............ 400 g
Potatoes ......... 300 g
Butter ........... 30 g
Vegetable stock .. 900 ml
Single cream ..... 100 ml

Sweat the leeks in the butter. Add potatoes and stock, simmer 25 min. Blend. Stir in the cream.
Makes 4 bowls.`, lines: [['leek', null, 'base'], ['potato', null, 'simmer'], [BUTTER, 30, 'base'], [STOCK, 910, 'simmer'], ['cream-light', 100, 'finish']] },
  { id: 'tabs', shape: 'tab-separated without a heading', bowls: 6, text: `Carrot and lentil soup, 6 portions
carrots\t600\tg
red lentils\t150\tg
onions\t2\t
cumin seeds\t1\ttsp
olive oil\t2\ttbsp
water\t1.5\tl
Method: soften onions in oil with the cumin, add the rest, boil 20 minutes and blend.`, lines: [['carrot', null, null], ['lentils-red-dry', 150, null], ['onion', null, 'base'], ['cumin', null, 'base'], ['olive-oil', 27, 'base'], ['water', 1500, 'simmer']] },
  { id: 'one-line', shape: 'all in one line after a colon', bowls: 4, text: `Pea soup (serves 4)
Ingredients: 500 g frozen peas, 1 onion, 20 g butter, 750 ml vegetable stock, 100 ml double cream, a few mint leaves.
Method: Fry the onion in the butter for 8 minutes, add the stock and bring to the boil, tip in the peas, simmer 3 minutes, blend with the mint, stir in the cream.`, lines: [['peas-frozen', 500, 'simmer'], ['onion', null, 'base'], [BUTTER, 20, 'base'], [STOCK, 760, 'simmer'], ['cream-double', 100, 'finish'], ['mint', null, 'blend']] },
  { id: 'semicolons', shape: 'semicolons', bowls: 2, text: `Tomato soup for two
1 tin chopped tomatoes (400 g); 1 small onion; 1 clove garlic; 1 tbsp olive oil; 200 ml water; 3 tbsp cream cheese
Cook the onion and garlic in the oil until soft; add tomatoes and water; simmer a quarter of an hour; whizz with the cream cheese.`, lines: [['tomatoes-canned', 400, null], ['onion', null, 'base'], ['garlic', null, 'base'], ['olive-oil', 13.6, 'base'], ['water', 200, null], ['cream-cheese', null, 'blend']] },
  { id: 'message', shape: 'a message', bowls: null, text: `hey! so the soup from last night is dead easy. big knob of butter, two leeks, one large potato, litre of chicken stock, 150ml double cream. cook leeks in butter till soft, add potato + stock, 20 mins, blend, cream in at the end, loads of pepper. enjoy x`, lines: [[BUTTER, null, 'base'], ['leek', null, 'base'], ['potato', null, null], ['chicken-broth', 1000, null], ['cream-double', 150, 'finish'], ['black-pepper', null, null]] },
  { id: 'capitals', shape: 'capitals throughout', bowls: 8, text: `CREAM OF CELERIAC
YIELD: 8 PORTIONS
INGREDIENTS
1.2 KG CELERIAC, PEELED
200 G ONION
60 G BUTTER
1.5 LTR VEGETABLE STOCK
250 ML WHIPPING CREAM
SALT
METHOD
SWEAT ONION IN BUTTER. ADD CELERIAC AND STOCK. SIMMER 30 MIN. PUREE. ADD CREAM. SEASON.`, lines: [['celeriac', null, null], ['onion', null, 'base'], [BUTTER, 60, 'base'], [STOCK, 1515, null], ['cream-whipping-light or cream-heavy', 250, 'finish'], [SALT, null, null]] },
  { id: 'production', shape: 'a production sheet', bowls: 50, text: `Production sheet - Broccoli and cheddar soup
Batch: 50 covers
Item / Qty
Broccoli florets 6 kg
Onions, diced 1.5 kg
Butter 400 g
Plain flour 400 g
Vegetable stock 8 l
Whole milk 4 l
Mature cheddar, grated 1.2 kg
White pepper 10 g
Procedure
1 Melt butter, sweat onion 10 min.
2 Add flour, cook 3 min, whisk in stock and milk.
3 Add broccoli, simmer 15 min. Blend.
4 Off heat stir in cheddar and pepper.
Hold at 63 C or above.`, lines: [['broccoli', 6000, 'simmer'], ['onion', 1350, 'base'], [BUTTER, 400, 'base'], [FLOUR, 400, 'base'], [STOCK, 8100, 'simmer'], ['milk-whole', 4120, 'simmer'], ['cheddar', 1200, 'finish'], ['white-pepper', 10, 'finish']] },
  { id: 'bracketed', shape: 'amount in brackets behind the food', bowls: 4, text: `Roasted cauliflower soup
Serves: four

Ingredients:
- cauliflower (1 large head, about 900 g)
- olive oil (3 tbsp)
- garlic (4 cloves)
- vegetable stock (1 litre)
- tahini (2 tbsp)
- lemon juice (1 tbsp)
- a pinch of cumin

Toss cauliflower and garlic with oil and roast 30 minutes at 200 C. Simmer in the stock for 10 minutes, blend with the tahini and lemon.`, lines: [['cauliflower', null, 'base'], ['olive-oil', 40.5, 'base'], ['garlic', null, 'base'], [STOCK, 1010, 'simmer'], ['tahini', 30, 'blend'], ['lemon-juice', 15, 'blend'], ['cumin', null, null]] },
  { id: 'pinned', shape: 'a list by shop', bowls: 4, text: `Spicy parsnip soup - serves 4
From the greengrocer:
500g parsnips
1 onion
thumb of ginger
From the cupboard:
1 tbsp curry powder
2 tbsp sunflower oil
1 vegetable stock cube
1 litre water
From the fridge:
4 tbsp natural yoghurt
What to do:
Soften the onion in the oil with the ginger. Stir in the curry powder. Add parsnips, water and the crumbled cube. Simmer 20 minutes then liquidise. Top each bowl with a spoonful of yoghurt.`, lines: [['parsnip', null, null], ['onion', null, 'base'], ['ginger', null, 'base'], ['curry-powder', null, 'base'], ['sunflower-oil', 27, 'base'], ['vegetable-stock-powder', null, null], ['water', 1000, null], ['yogurt-whole', null, 'bowl']] },
  { id: 'numbered-list', shape: 'numbered ingredients', bowls: 4, text: `Mushroom velouté
Serves 4
Ingredients
1. 400 g chestnut mushrooms, sliced
2. 2 shallots, chopped
3. 40 g butter
4. 30 g flour
5. 800 ml chicken stock
6. 150 ml crème fraîche
Steps
1. Sweat the shallots in butter.
2. Add mushrooms, cook 10 minutes.
3. Stir in flour, then the stock; simmer 15 minutes.
4. Blend, stir in the crème fraîche.`, lines: [['cremini or mushrooms', 400, 'base'], ['shallot', null, 'base'], [BUTTER, 40, 'base'], [FLOUR, 30, null], ['chicken-broth', 810, 'simmer'], ['creme-fraiche', 150, 'finish']] },
  { id: 'lettered', shape: 'letters and brackets', bowls: 6, text: `Beetroot soup. For six.
a) 800 g raw beetroot
b) 1 red onion
c) 2 tbsp rapeseed oil
d) 1.2 litres beef stock
e) 150 g soured cream, to serve
f) a few sprigs of dill, to serve
Then: fry onion in oil, add the beetroot and stock, simmer an hour, blend. Serve with soured cream and dill.`, lines: [['beetroot', null, null], ['onion', null, 'base'], ['rapeseed-oil', 27, 'base'], ['beef-broth or beef-stock-homemade', 1200, null], ['sour-cream', 150, 'bowl'], ['dill', null, 'bowl']] },
  { id: 'emoji', shape: 'emoji as bullets', bowls: 3, text: `🥕 Carrot & coconut soup 🥥
(for 3)
🥕 750 g carrots
🧅 1 onion
🧄 2 cloves of garlic
🥥 1 can (400 ml) coconut milk
💧 500 ml water
🌶️ ½ tsp chilli flakes
👉 Fry onion and garlic, add carrots and water, cook 20 min, pour in coconut milk, blend!`, lines: [['carrot', null, null], ['onion', null, 'base'], ['garlic', null, 'base'], ['coconut-milk', 400, null], ['water', 500, null], ['cayenne or chili-powder-blend', null, null]] },
  { id: 'margin', shape: 'amounts in a margin with a bar', bowls: 4, text: `Watercress soup
4 portions
2 bunches | watercress
1 | onion, chopped
25 g | butter
350 g | potatoes, diced
850 ml | light chicken stock
5 tbsp | double cream
Melt the butter and soften the onion. Add potatoes and stock, simmer till tender. Add watercress for 2 minutes. Blend and add the cream.`, lines: [['watercress', null, null], ['onion', null, 'base'], [BUTTER, 25, 'base'], ['potato', null, null], ['chicken-broth', 860, null], ['cream-double', null, 'finish']] },
  { id: 'half-blank', shape: 'blank lines between the lines', bowls: 4, text: `Sweet potato and peanut soup

Serves 4


1 tbsp oil

1 onion


700 g sweet potatoes

3 tbsp peanut butter

1 tbsp tomato purée

900 ml vegetable stock

Method

Soften the onion in the oil. Add everything else. Simmer 20 minutes. Blend.`, lines: [['vegetable-oil or sunflower-oil', null, 'base'], ['onion', null, 'base'], ['sweet-potato', null, 'simmer'], ['peanut-butter', null, 'simmer'], ['tomato-paste or tomato-puree', null, 'simmer'], [STOCK, 910, 'simmer']] },
  { id: 'wordy', shape: 'wordy lines in a headed list', bowls: 6, text: `Pumpkin soup
Serves 6
INGREDIENTS
About 1.5 kg of pumpkin, the deep orange kind, peeled and with the seeds scooped out
Good chicken stock, as hot as you can have it, 1 litre
A big onion, chopped not too finely
Butter for frying, some 40 g of it
A splash of cream to finish, if you like
Freshly grated nutmeg, to season
METHOD
Soften the onion in the butter, add the pumpkin and cook 10 minutes. Pour on the stock and simmer 25 minutes. Blend, season with nutmeg and finish with the cream.`, lines: [['pumpkin', null, 'base'], ['chicken-broth', 1010, 'simmer'], ['onion', null, 'base'], [BUTTER, 40, 'base'], ['cream-heavy or cream-light or half-and-half or cream-double', null, 'finish'], ['nutmeg', null, 'finish']] },
  { id: 'no-digit', shape: 'lines without a digit', bowls: 4, text: `Green soup
For 4
Ingredients
Knob of butter
Glass of white wine
Two leeks
A handful of spinach
Half a litre of vegetable stock
Dollop of crème fraîche
Squeeze of lemon
Pinch of salt
Method
Sweat the leeks in the butter, pour in the wine and let it bubble away. Add the stock, simmer 15 minutes. Add spinach, blend. Stir in the crème fraîche and lemon.`, lines: [[BUTTER, null, 'base'], ['white-wine', null, null], ['leek', null, 'base'], ['spinach', null, null], [STOCK, 505, 'simmer'], ['creme-fraiche', null, 'finish'], ['lemon-juice', null, 'finish'], [SALT, null, null]] },
  { id: 'indian', shape: 'Indian kitchen words, amount behind', bowls: 3, text: `Palak soup
Serves 3
Palak (spinach) 300 g
Onion 1 medium, chopped
Garlic 3 cloves
Ghee 1 tbsp
Besan 1 tbsp
Milk 1/2 cup
Water 2 cups
Jeera 1/2 tsp
Salt to taste
Heat ghee, add jeera, garlic and onion and saute till soft. Add besan, roast 1 minute. Add palak and water, boil 5 minutes. Cool, grind to a puree, add milk and simmer 3 minutes.`, lines: [['spinach', null, null], ['onion', null, 'base'], ['garlic', null, 'base'], ['ghee', null, 'base'], ['chickpea-flour', null, 'base'], ['milk-whole', 122, null], ['water', 473, null], ['cumin', null, 'base'], [SALT, null, null]] },
  { id: 'german', shape: 'German kitchen words', bowls: 4, text: `Kartoffelsuppe, 4 Portionen
800 g Kartoffeln
1 Zwiebel
1 Stange Lauch
50 g Butter
1 l Gemüsebrühe
200 ml Sahne
Salz, Pfeffer, Muskat
Onion and leek in the butter, then the potatoes and broth, 25 minutes. Blend, add the cream.`, lines: [['potato', null, null], ['onion', null, 'base'], ['leek', null, 'base'], [BUTTER, 50, 'base'], [STOCK, 1010, null], ['cream-heavy or cream-whipping-light', 200, 'finish'], [SALT, null, null], ['black-pepper', null, null], ['nutmeg', null, null]] },
  { id: 'spanish', shape: 'Spanish kitchen words', bowls: 4, text: `Crema de calabacín
Para 4 personas
4 calabacines
1 cebolla
2 patatas
1 litro de caldo de verduras
100 ml de nata
2 cucharadas de aceite de oliva
Sal
Fry the onion in the oil. Add courgettes, potatoes and stock. Cook 20 minutes. Blend with the cream.`, lines: [['courgette', null, null], ['onion', null, 'base'], ['potato', null, null], [STOCK, 1010, null], ['cream-heavy or cream-whipping-light', 100, 'blend'], ['olive-oil', 27, 'base'], [SALT, null, null]] },
  { id: 'french', shape: 'French kitchen words', bowls: 4, text: `Velouté de carottes
Pour 4 personnes
600 g de carottes
1 oignon
30 g de beurre
80 cl de bouillon de volaille
20 cl de crème fraîche
sel, poivre
Sweat onion and carrots in the butter, add the stock, cook 25 min, blend, add the cream.`, lines: [['carrot', null, 'base'], ['onion', null, 'base'], [BUTTER, 30, 'base'], ['chicken-broth', 810, null], ['creme-fraiche', 200, 'finish'], [SALT, null, null], ['black-pepper', null, null]] },
  { id: 'letter', shape: 'a letter', bowls: 6, text: `Dear Mo,
You asked how I make the fish chowder. Take 400 g of smoked haddock and poach it in 600 ml of milk for ten minutes; keep the milk. Soften 2 leeks in 50 g of butter, stir in 40 g of flour, then add the milk and 500 ml of fish stock and 300 g of diced potatoes. After a quarter of an hour blend half of it, flake the fish back in and finish with 100 ml of cream. It feeds six. Mother always put bacon in hers but I never do.
Love, A.`, lines: [['smoked-haddock', 400, null], ['milk-whole', 620, null], ['leek', null, 'base'], [BUTTER, 50, 'base'], [FLOUR, 40, null], ['fish-stock', 500, null], ['potato', 300, null], ['cream-heavy or cream-light or half-and-half', 100, 'finish']], not: [/bacon/i] },
  { id: 'interview', shape: 'question and answer', bowls: 4, text: `Q: What goes into the cauliflower soup?
A: One cauliflower, an onion, 50 g of butter, 700 ml of milk and 300 ml of water. Nothing else, no flour, no stock.
Q: And how do you make it?
A: The onion goes into the butter until soft. Then the cauliflower in florets, the milk and the water. Simmer for 20 minutes and blend until it is very smooth. That serves four.`, lines: [['cauliflower', null, null], ['onion', null, 'base'], [BUTTER, 50, 'base'], ['milk-whole', 720, null], ['water', 300, null]], not: [/flour/i, /stock/i] },
  { id: 'diary', shape: 'past tense', bowls: null, text: `Today I made the celery soup again. I chopped a whole head of celery and one onion and softened them in 40 g of butter for 15 minutes. Then I poured in 800 ml of vegetable stock and cooked it for half an hour. I blended it, pushed it through a sieve and stirred in 100 ml of single cream. Next time I would leave out the onion and maybe try fennel instead.`, lines: [['celery', null, 'base'], ['onion', null, 'base'], [BUTTER, 40, 'base'], [STOCK, 810, null], ['cream-light', 100, 'finish']], not: [/fennel/i] },
  { id: 'demo', shape: 'narrated', bowls: null, text: `alright so today we're doing a roasted red pepper soup okay so I've got four red peppers here already roasted and peeled and I've got my onion just one onion and I'm gonna cook that in about two tablespoons of olive oil and you could use butter if you like but I'm keeping this one dairy free so oil okay and then two cloves of garlic in there and a can of tomatoes and then three cups of vegetable stock now my grandma would've put rice in hers we're not doing that today and then I let that go twenty minutes and blend it up and a little splash of sherry vinegar at the end`, lines: [['red-pepper', null, null], ['onion', null, 'base'], ['olive-oil', 27, 'base'], ['garlic', null, null], ['tomatoes-canned', 411, null], [STOCK, 720, null], ['wine-vinegar', null, null]], not: [/butter/i, /rice/i] },
  { id: 'demo-two', shape: 'narrated', bowls: 4, text: `hi everybody welcome back um so this is my broccoli soup and it feeds four people so first a tablespoon of butter in the pot no sorry two tablespoons of butter and then I put in one chopped onion and some salt and then the broccoli that's about a pound of broccoli and then I'm adding four cups of chicken broth you can use vegetable broth if you're vegetarian and that simmers for fifteen minutes and then half a cup of heavy cream and a cup of sharp cheddar and then you blend it and some people put bacon on top I'm not going to`, lines: [[BUTTER, 28, 'base'], ['onion', null, 'base'], [SALT, null, null], ['broccoli', null, null], ['chicken-broth', 960, null], ['cream-heavy', 119, null], ['cheddar', 113, null]], not: [/bacon/i, /vegetable broth/i] },
  { id: 'demo-three', shape: 'narrated', bowls: null, text: `so what I have in the pot now is one pound of carrots and one yellow onion that I sauteed in coconut oil about a tablespoon and then ginger about two inches of ginger grated and I'm going to pour in one can of coconut milk and two cups of water and remember last week we made the bean soup with kidney beans well this is much quicker and you let it cook about 25 minutes until the carrots are soft and then I'm putting in the juice of one lime and I blend it and on top I like pumpkin seeds`, lines: [['carrot', 454, null], ['onion', null, 'base'], ['coconut-oil', 13.6, 'base'], ['ginger', null, null], ['coconut-milk', 400, null], ['water', 473, null], ['lime-juice', null, null], ['pumpkin-seeds', null, 'bowl']], not: [/kidney/i] },
  { id: 'dictated', shape: 'dictated without punctuation', bowls: 4, text: `title cream of tomato soup serves four two tins of chopped tomatoes one onion chopped one carrot grated two tablespoons of olive oil five hundred millilitres of vegetable stock one hundred millilitres of double cream method fry the onion and carrot in the oil for ten minutes add the tomatoes and the stock simmer for twenty minutes blend and stir in the cream`, lines: [['tomatoes-canned', 800, null], ['onion', null, 'base'], ['carrot', null, 'base'], ['olive-oil', 27, 'base'], [STOCK, 505, null], ['cream-double', 100, null]] },
  { id: 'dictated-two', shape: 'dictated with corrections', bowls: 6, text: `okay leek and white bean soup for six um three leeks no make that four leeks sliced a tin of white beans drained um fifty grams of butter one litre of chicken stock and a hundred and fifty mils of cream right so melt the butter and cook the leeks gently for fifteen minutes then the stock and the beans and simmer ten minutes more blend it and add the cream`, lines: [['leek', 356, 'base'], ['white-beans-canned-drained', null, null], [BUTTER, 50, 'base'], ['chicken-broth', 1010, null], ['cream-heavy or cream-light or half-and-half', 150, null]] },
  { id: 'slow-cooker', shape: 'slow cooker', bowls: 6, text: `Slow cooker butternut squash soup
Servings: 6 | Prep: 15 min | Cook: 6 hours
1 large butternut squash, peeled and cubed (about 1.2 kg)
1 onion, quartered
2 carrots, chunked
4 cups vegetable broth
1 cup coconut milk
1 tsp cinnamon
Put everything except the coconut milk into the slow cooker. Cover and cook on low for 6 hours. Blend until smooth and stir in the coconut milk.
Nutrition: 210 kcal, 9 g fat, 31 g carbs, 4 g protein per serving.`, lines: [['butternut-squash', null, 'simmer'], ['onion', null, 'simmer'], ['carrot', null, 'simmer'], [STOCK, 960, 'simmer'], ['coconut-milk', 226, 'finish'], ['cinnamon', null, 'simmer']] },
  { id: 'pressure', shape: 'pressure cooker', bowls: 4, text: `Split pea soup (pressure cooker)
Yield: 4 bowls
250 g dried split peas
1 smoked ham hock
1 onion, 2 carrots and 2 sticks of celery, all chopped
1 bay leaf
1.5 litres water
Put everything in the pressure cooker. Cook at high pressure for 45 minutes. Remove the hock and the bay leaf. Shred the meat, discard the bone. Blend the soup and stir the ham back in.`, lines: [['split-peas-dry', 250, null], ['ham-hock', null, null], ['onion', null, null], ['carrot', null, null], ['celery', null, null], ['bay-leaf', null, null], ['water', 1500, null]] },
  { id: 'microwave', shape: 'microwave', bowls: 1, text: `Mug soup for 1
100 g frozen peas
1 spring onion, chopped
200 ml hot vegetable stock
1 tbsp crème fraîche
Microwave peas, onion and stock in a big mug on high for 4 minutes. Blend with a stick blender, stir in the crème fraîche.`, lines: [['peas-frozen', 100, null], ['spring-onion', null, null], [STOCK, 202, null], ['creme-fraiche', 15, 'finish']] },
  { id: 'volume-yield', shape: 'a volume as yield', bowls: null, text: `Chestnut soup
Makes about 1.5 litres
400 g cooked chestnuts
1 onion
40 g butter
1 litre chicken stock
150 ml double cream
Sweat the onion in butter, add chestnuts and stock, simmer 20 minutes, blend, add the cream.`, lines: [['chestnuts-boiled', 400, null], ['onion', null, 'base'], [BUTTER, 40, 'base'], ['chicken-broth', 1010, null], ['cream-double', 150, 'finish']] },
  { id: 'portions-ml', shape: 'portions of a volume', bowls: 10, text: `Spinach soup
Portions: 10 x 200 ml
1 kg spinach
300 g onions
80 g butter
1 l vegetable stock
600 ml milk
Nutmeg
Sweat onions in butter. Add stock and milk, bring to a simmer. Add spinach, cook 3 minutes. Purée. Season with nutmeg.`, lines: [['spinach', null, null], ['onion', null, 'base'], [BUTTER, 80, 'base'], [STOCK, 1010, null], ['milk-whole', 620, null], ['nutmeg', null, null]] },
  { id: 'starter', shape: 'serves as a starter or main', bowls: 4, text: `Asparagus soup
Serves 4 as a main, 6 as a starter
750 g asparagus
1 onion
50 g butter
1 litre vegetable stock
100 g crème fraîche
Melt the butter, soften the onion. Add the asparagus stalks and stock and simmer 20 minutes. Blend, sieve, stir in the crème fraîche.`, lines: [['asparagus', null, null], ['onion', null, 'base'], [BUTTER, 50, 'base'], [STOCK, 1010, null], ['creme-fraiche', 100, 'finish']] },
  { id: 'sub-recipes', shape: 'a stock made in the recipe', bowls: 4, text: `Prawn bisque
Serves 4
For the stock
shells of 500 g prawns
1 carrot
1 stick celery
1.2 litres water
For the soup
50 g butter
2 tbsp tomato paste
50 ml brandy
40 g rice
100 ml double cream
Simmer the shells, carrot and celery in the water for 30 minutes and strain. Melt the butter, add the tomato paste and brandy, then the stock and the rice. Simmer 20 minutes, blend and add the cream.`, lines: [['carrot', null, null], ['celery', null, null], ['water', 1200, null], [BUTTER, 50, 'base'], ['tomato-paste', 32, 'base'], ['brandy', null, null], ['rice-white-raw', 40, null], ['cream-double', 100, 'finish']] },
  { id: 'garnish-note', shape: 'a note about the garnish', bowls: 4, text: `White bean soup
4 bowls
2 cans cannellini beans, drained
1 onion
2 tbsp olive oil
800 ml vegetable broth
To finish: chopped parsley, a drizzle of olive oil and toasted almonds
1. Sweat the onion in the oil 8 min.
2. Add beans and broth and simmer 10 min.
3. Blend. Ladle into bowls and finish as above.`, lines: [['white-beans-canned-drained', null, null], ['onion', null, 'base'], ['olive-oil', 27, 'base'], [STOCK, 810, null], ['parsley', null, 'bowl'], ['olive-oil', null, 'bowl'], ['almonds', null, 'bowl']] },
  { id: 'alternatives', shape: 'alternatives in brackets', bowls: 4, text: `Corn chowder
Serves 4
2 tbsp butter (or olive oil)
1 onion
4 cups corn kernels (fresh or frozen)
3 cups chicken broth (or vegetable broth)
1 cup half-and-half (or whole milk)
Salt & pepper
Cook onion in butter. Add corn and broth, simmer 15 minutes. Blend half. Stir in the half-and-half. Season.`, lines: [[BUTTER, 28, 'base'], ['onion', null, 'base'], ['sweetcorn or sweetcorn-frozen', null, null], ['chicken-broth', 720, null], ['half-and-half', 242, 'finish'], [SALT, null, null], ['black-pepper', null, null]] },
  { id: 'steps-only', shape: 'amounts only in numbered steps', bowls: 4, text: `Courgette soup (4 servings)
1. Heat 2 tablespoons of olive oil and soften 1 chopped onion and 2 garlic cloves.
2. Add 700 g sliced courgettes and 600 ml vegetable stock. Simmer for 15 minutes.
3. Stir in 150 g cream cheese and blend.
4. Top with a few basil leaves.`, lines: [['olive-oil', 27, 'base'], ['onion', null, 'base'], ['garlic', null, 'base'], ['courgette', null, 'simmer'], [STOCK, 606, 'simmer'], ['cream-cheese', 150, null], ['basil', null, 'bowl']] },
  { id: 'two-lists', shape: 'two lists side by side', bowls: 6, text: `Borscht, blended
Serves 6
Soup:
  * 700g beets
  * 1 onion
  * 1 carrot
  * 2 tbsp oil
  * 1.5 l beef broth
Cream:
  * 200 g sour cream
  * 1 tbsp horseradish
  * 1 tbsp lemon juice
Directions:
  1) Fry onion and carrot in oil. 2) Add beets and broth; simmer 45 min. 3) Blend. 4) Mix the cream ingredients and put a spoonful on each bowl.`, lines: [['beetroot', null, null], ['onion', null, 'base'], ['carrot', null, 'base'], ['vegetable-oil or sunflower-oil', 27, 'base'], ['beef-broth', 1500, null], ['sour-cream', 200, 'bowl'], ['horseradish', null, 'bowl'], ['lemon-juice', 15, 'bowl']] },
  { id: 'joined', shape: 'several foods on a line', bowls: 4, text: `Vegetable soup
Serves 4
2 carrots, 2 sticks celery and 1 onion, chopped
2 tbsp each butter and olive oil
1 tsp salt and a few grinds of pepper
400 g tin tomatoes plus 600 ml stock
handful each of parsley and basil
Sweat the vegetables in the butter and oil. Add tomatoes and stock. Simmer 25 minutes. Blend with the herbs.`, lines: [['carrot', null, 'base'], ['celery', null, 'base'], ['onion', null, 'base'], [BUTTER, 28, 'base'], ['olive-oil', 27, 'base'], [SALT, 6, null], ['black-pepper', null, null], ['tomatoes-canned', 400, null], [STOCK, 606, null], ['parsley', null, 'blend'], ['basil', null, 'blend']] },
  { id: 'cubes', shape: 'cubes and their water', bowls: 4, text: `Lentil soup
Serves 4
200 g red lentils
1 onion, chopped
1 tbsp oil
1 vegetable stock cube dissolved in 1 litre boiling water
1 tsp turmeric
Fry the onion. Add everything else and simmer 25 minutes. Blend.`, lines: [['lentils-red-dry', 200, null], ['onion', null, 'base'], ['vegetable-oil or sunflower-oil', 13.6, 'base'], ['vegetable-stock-powder', null, null], ['water', 1000, null], ['turmeric', null, null]] },
  { id: 'most-of', shape: 'shares and reserves', bowls: 4, text: `Mushroom soup
Serves 4
500 g mushrooms, sliced
1 onion
40 g butter
700 ml chicken stock
200 ml cream, 2 tbsp kept back for the top
Cook onion and mushrooms in the butter. Take out a few slices for the top. Add the stock, simmer 15 minutes, blend. Stir in most of the cream. Serve with the kept cream and mushrooms on top.`, lines: [['mushrooms', 500, null], ['onion', null, 'base'], [BUTTER, 40, 'base'], ['chicken-broth', 707, null], ['cream-heavy or cream-light or half-and-half', 200, null]] },
  { id: 'early-sprinkle', shape: 'serving words in an early step', bowls: 4, text: `Cauliflower cheese soup
Serves 4
1 cauliflower
1 onion
50 g butter
50 g plain flour
500 ml milk
500 ml vegetable stock
100 g mature cheddar
Soften the onion in the butter. Sprinkle over the flour and stir for 1 minute. Gradually pour in the milk and stock. Add the cauliflower and simmer 20 minutes. Ladle into a blender and whizz. Return to the pan, stir in the cheese and serve.`, lines: [['cauliflower', null, 'simmer'], ['onion', null, 'base'], [BUTTER, 50, 'base'], [FLOUR, 50, 'base'], ['milk-whole', 515, 'simmer'], [STOCK, 505, 'simmer'], ['cheddar', 100, 'finish']] },
  { id: 'chicken-back', shape: 'taken out and put back', bowls: 4, text: `Cream of chicken soup
Serves 4
4 chicken thighs (about 500 g), skinless, boneless
1.2 litres chicken stock
1 leek
40 g butter
40 g flour
150 ml cream
Simmer the thighs in the stock for 25 minutes, lift them out and shred. Sweat the leek in the butter, stir in the flour, add the stock and simmer 10 minutes. Blend. Stir the shredded chicken through with the cream.`, lines: [['chicken-thigh-raw', 500, null], ['chicken-broth', 1210, null], ['leek', null, 'base'], [BUTTER, 40, 'base'], [FLOUR, 40, 'base'], ['cream-heavy or cream-light or half-and-half', 150, 'finish']] },
  { id: 'yaml', shape: 'keys and values', bowls: 4, text: `name: Fennel soup
servings: 4
ingredients:
  - fennel: 600 g
  - onion: 1
  - olive oil: 2 tbsp
  - vegetable stock: 1 l
  - single cream: 100 ml
steps:
  - sweat fennel and onion in the oil, 15 min
  - add stock, simmer 20 min
  - blend, add cream`, lines: [['fennel', null, 'base'], ['onion', null, 'base'], ['olive-oil', 27, 'base'], [STOCK, 1010, 'simmer'], ['cream-light', 100, 'finish']] },
  { id: 'card', shape: 'a card with its furniture', bowls: 4, text: `Jump to recipe
Print
★★★★★ 4.8 from 112 votes
Roasted Carrot Soup
Prep Time: 10 mins Cook Time: 45 mins
Course: Soup  Cuisine: American
Servings: 4
Equipment
Blender
Ingredients
2 lb carrots
3 tbsp olive oil, divided
1 yellow onion
4 cups chicken broth
1/2 cup heavy cream
Instructions
Toss carrots with 2 tbsp of the oil; roast at 425°F for 30 minutes.
Cook onion in remaining oil. Add carrots and broth; simmer 10 minutes.
Blend and stir in the cream.
Notes
Keeps 4 days in the fridge. Use vegetable broth to make it vegetarian.
Nutrition
Calories: 290kcal | Carbohydrates: 24g | Protein: 4g | Fat: 21g
Did you make this recipe? Leave a comment!`, lines: [['carrot', null, 'base'], ['olive-oil', 40.5, 'base'], ['onion', null, 'base'], ['chicken-broth', 960, 'simmer'], ['cream-heavy', 119, 'finish']], not: [/vegetable broth/i] },
  { id: 'per-cent', shape: 'a chef’s metric list in decimals', bowls: 20, text: `Potage Crécy (20 pax)
Carrots 2,500 kg
Onions 0.500 kg
Butter 0.150 kg
Rice 0.200 kg
White chicken stock 4.000 lt
Cream 35% 0.500 lt
Salt 0.040 kg
Sweat vegetables in butter, moisten with stock, add rice, cook 40 mins, pass and finish with cream.`, lines: [['carrot', null, 'base'], ['onion', null, 'base'], [BUTTER, 150, 'base'], ['rice-white-raw', 200, null], ['chicken-broth', 4040, null], ['cream-heavy or cream-whipping-light', 500, null], [SALT, 40, null]] },
  { id: 'bought-used', shape: 'bought and used', bowls: 4, text: `Thai pumpkin soup
Serves 4
1 small pumpkin (you need 4 cups cubed)
2 tbsp red curry paste
1 tin coconut milk
2 cups vegetable stock
1 tbsp fish sauce
juice of 1 lime
coriander leaves to garnish
Fry the paste in 2 tbsp of the coconut cream, add pumpkin, stock and the rest of the coconut milk. Simmer 20 min. Blend. Season with fish sauce and lime. Garnish with coriander.`, lines: [['pumpkin or butternut-squash', null, null], ['curry-paste-red', null, 'base'], ['coconut-milk', 400, null], [STOCK, 480, null], ['fish-sauce', null, 'finish'], ['lime-juice', null, 'finish'], ['coriander-leaf', null, 'bowl']] },
  { id: 'side', shape: 'a side that only a step names', bowls: 4, text: `Red pepper soup
Serves 4
4 red peppers
1 onion
2 tbsp olive oil
1 l vegetable stock
Roast the peppers 30 minutes. Fry the onion in the oil, add peppers and stock, simmer 10 minutes, blend. Serve with cheese toasties on the side.`, lines: [['red-pepper', null, 'base'], ['onion', null, 'base'], ['olive-oil', 27, 'base'], [STOCK, 1010, null]] },
  { id: 'step-amount', shape: 'an amount that only a step names', bowls: 4, text: `Tomato and basil soup
Serves 4
Ingredients
1 kg ripe tomatoes
1 onion
500 ml vegetable stock
Method
1. Cook the onion in 30 g of butter.
2. Add tomatoes and stock. Simmer 20 minutes. Blend.
3. Whisk in 100 ml cream and 40 g grated parmesan. Serve.`, lines: [['tomato', null, null], ['onion', null, 'base'], [STOCK, 505, null], [BUTTER, 30, 'base'], ['cream-heavy or cream-light or half-and-half', 100, 'finish'], ['parmesan', 40, 'finish']] },
  { id: 'cover', shape: 'water by sight', bowls: 6, text: `Celeriac soup
Serves 6
1 celeriac (900 g)
2 potatoes (300 g)
50 g butter
water just to cover
100 ml cream
Cook celeriac and potatoes gently in butter, add water just to cover, simmer 25 min. Blend, add cream.`, lines: [['celeriac', null, 'base'], ['potato', null, 'base'], [BUTTER, 50, 'base'], ['water', null, 'simmer'], ['cream-heavy or cream-light or half-and-half', 100, 'finish']] },
  { id: 'imperial', shape: 'imperial', bowls: 4, measures: 'imperial', text: `Mulligatawny
Enough for 4
1 lb carrots and swede, mixed
1 onion
1 oz butter
1 dessertspoon curry powder
1 oz plain flour
2 pints beef stock
¼ pint single cream
Fry the onion in the butter, stir in the curry powder and flour. Add the vegetables and stock and simmer 40 minutes. Liquidise and stir in the cream.`, lines: [['carrot', null, null], ['swede', null, null], ['onion', null, 'base'], [BUTTER, 28, 'base'], ['curry-powder', null, 'base'], [FLOUR, 28, 'base'], ['beef-broth or beef-stock-homemade', 1136, null], ['cream-light', 142, 'finish']] },
  { id: 'us-can', shape: 'cans by number', bowls: 8, text: `Pumpkin Black Bean Soup - Serves 8
2 (15 oz) cans black beans, rinsed and drained
1 (14.5 oz) can diced tomatoes
1 (15 oz) can pumpkin puree
2 T. butter
1 c. chopped onion
4 c. beef broth
1 T. cumin
2 T. sherry vinegar
Process beans and tomatoes until smooth. Cook onion in butter with cumin. Add beans, pumpkin and broth; simmer 25 min. Add vinegar.`, lines: [['black-beans-canned', null, null], ['tomatoes-canned', 411, null], ['pumpkin-canned', 425, null], [BUTTER, 28, 'base'], ['onion', 160, 'base'], ['beef-broth', 960, null], ['cumin', 6, 'base'], ['wine-vinegar', 30, 'finish']] },
  { id: 'gluten-free', shape: 'stand-ins by name', bowls: 4, text: `Dairy-free mushroom soup
Serves 4
300 g mushrooms
1 tbsp vegan butter
2 tbsp gluten-free plain flour
500 ml vegetable stock
200 ml oat cream
1 tbsp tamari
Fry mushrooms in vegan butter, stir in the flour, add stock, simmer 10 minutes, blend, stir in the oat cream and tamari.`, lines: [['mushrooms', 300, 'base'], ['plant-spread', 14, 'base'], ['gluten-free-flour', null, null], [STOCK, 505, null], ['oat-cream', 200, 'finish'], ['tamari', 18, 'finish']] },
  { id: 'chilled', shape: 'not cooked', bowls: 4, text: `Chilled cucumber soup
Serves 4
2 cucumbers, peeled
500 g Greek yogurt
1 clove garlic
20 g dill
2 tbsp olive oil
juice of half a lemon
50 g walnuts, to serve
Blend everything but the walnuts. Chill for 2 hours. Scatter the walnuts over.`, lines: [['cucumber-raw', null, 'blend'], ['yogurt-greek-whole or yogurt-greek-nonfat', 500, 'blend'], ['garlic', null, 'blend'], ['dill', 20, 'blend'], ['olive-oil', 27, 'blend'], ['lemon-juice', 24, 'blend'], ['walnuts', 50, 'bowl']] },
  { id: 'stamped', shape: 'bracketed times', bowls: null, text: `[0:05] today cream of asparagus
[0:12] so one pound of asparagus with the ends snapped off
[0:20] two tablespoons of butter in the pan
[0:31] one shallot chopped up
[0:40] and three cups of chicken stock
[1:15] that goes for ten minutes
[1:30] half a cup of cream and blend it`, lines: [['asparagus', null, null], [BUTTER, 28, null], ['shallot', null, null], ['chicken-broth', 720, null], ['cream-heavy or cream-light or half-and-half', 119, null]] },
  { id: 'email', shape: 'an e-mail with a signature', bowls: 5, text: `Hi all, the recipe from Thursday as promised.

Kale and potato soup (5 portions)

500g potatoes / 200g kale / 1 onion / 2 tbsp olive oil / 1.2l veg stock / 100g chorizo for the top

Soften the onion in the oil, add potatoes and stock and cook for 20 mins. Add the kale for the last 5. Blend. Fry the chorizo and scatter it over.

Best wishes
Sam
Sent from my phone`, lines: [['potato', null, null], ['kale', null, null], ['onion', null, 'base'], ['olive-oil', 27, 'base'], [STOCK, 1212, null], ['chorizo', 100, 'bowl']] },
  { id: 'unread-kind', shape: 'a food nobody knows', bowls: 4, text: `Zorrel soup
Serves 4
300 g zorrel leaves
1 onion
30 g butter
800 ml vegetable stock
Cook onion in butter, add zorrel and stock, simmer 10 minutes, blend.`, lines: [['onion', null, 'base'], [BUTTER, 30, 'base'], [STOCK, 810, null]] },
  { id: 'recap', shape: 'a recap after the method', bowls: 4, text: `Leek soup for four. You soften the leeks in butter, add the potatoes and the stock, simmer and blend, then the milk. So that is 3 leeks, 400 g of potatoes, 50 g of butter, 1 litre of vegetable stock and 200 ml of milk.`, lines: [['leek', null, 'base'], ['potato', 300, null], [BUTTER, 50, 'base'], [STOCK, 1010, null], ['milk-whole', 206, null]] },
  { id: 'pot-first', shape: 'headings by pot and time', bowls: 4, text: `SQUASH SOUP - 4 bowls
In the oven (40 min, 200C)
1 kg butternut squash, halved
1 tbsp olive oil
In the pot (10 min)
1 onion
20 g butter
1 tsp ground coriander
700 ml vegetable stock
In the blender
the roasted squash
100 ml coconut milk
On top
30 g pumpkin seeds`, lines: [['butternut-squash', null, 'base'], ['olive-oil', 13.6, 'base'], ['onion', null, null], [BUTTER, 20, null], ['coriander-seed', null, null], [STOCK, 707, null], ['coconut-milk', 100, 'blend'], ['pumpkin-seeds', 30, 'bowl']] },
];
