/**
 * Four hundred single ingredient lines, invented, with the food and the edible grams a careful cook would understand: the
 * reader is tuned on these. Grams by hand from the shelf's portions, cup weights and edible shares; rules as in holdoutLines.ts.
 *
 * `line | food | grams`: `a / b` alternatives, `a + b` two ingredients, `a or b` either is right, `-` no food or no amount.
 */
import type { LineRow, Measures } from './row.ts';

const US = `
1 cup onion, chopped | onion | 160
1 small onion, diced | onion | 70
2 medium onions, finely chopped | onion | 220
1/2 large white onion | onion | 75
1 Vidalia onion, sliced | onion | 110
1 sweet onion | onion | 110
3 shallots, minced | shallot | 90
1/4 cup minced shallots | shallot | 40
2 leeks, white and light green parts, sliced | leek | 180
1 cup sliced leeks | leek | 89
1 bunch scallions, chopped | spring-onion | 100
6 scallions | spring-onion | 90
1/4 cup chopped chives | chives | 12
6 cloves of garlic, peeled | garlic | 21
1 tsp minced garlic | garlic | 2.8
1 tablespoon chopped garlic | garlic | 8.5
2 large cloves garlic | garlic | 10
1 garlic bulb | garlic | 40
4 ribs celery, sliced | celery | 200
1 cup diced celery | celery | 101
1 stalk celery with leaves | celery | 50
1 medium celery root, peeled and cubed | celeriac | 600
2 cups cubed celeriac | celeriac | 312
1 lb celery root, trimmed and peeled | celeriac | 390
4 carrots | carrot | 260
2 large carrots, peeled and cut into coins | carrot | 144
1 pound carrots, scrubbed and sliced | carrot | 404
2 cups shredded carrots | carrot | 250
1 pound baby carrots | carrot | 454
3 parsnips, peeled | parsnip | 360
1 cup diced parsnip | parsnip | 133
1 turnip, diced | turnip | 120
1 small rutabaga | swede | 360
2 cups cubed rutabaga | swede | 280
1 pound beets, roasted and peeled | beetroot | 304
3 medium beets | beetroot | 360
3 medium Yukon Gold potatoes, peeled | potato | 510
1 large russet potato, diced | potato | 280
1 1/2 lb potatoes, peeled and chopped | potato | 571
2 cups diced potatoes | potato | 300
1 cup mashed potatoes | potato or potato-boiled | -
2 sweet potatoes, peeled and cubed | sweet-potato | 260
1 large sweet potato | sweet-potato | 220
2 lb sweet potatoes, peeled | sweet-potato | 653
1 cup mashed sweet potato, baked | sweet-potato or sweet-potato-baked | -
1 medium butternut squash, peeled, seeded, cubed | butternut-squash | 800
1 (2-pound) butternut squash | butternut-squash | 762
4 cups cubed butternut squash | butternut-squash | 560
1 20-oz package cubed butternut squash | butternut-squash | 567
1 (15 oz) can pumpkin puree | pumpkin-canned | 425
2 cups canned pumpkin | pumpkin-canned | 490
1 large head of cauliflower, cut in florets | cauliflower | 840
4 cups cauliflower florets | cauliflower | 428
1 lb cauliflower florets | cauliflower | 454
1 head broccoli | broccoli | 370
6 cups broccoli florets | broccoli | 546
12 oz broccoli florets | broccoli | 340
1/2 head green cabbage, shredded | cabbage | -
2 cups shredded cabbage | cabbage | 178
1 bunch asparagus, trimmed | asparagus | 240
2 lbs. asparagus | asparagus | 653
10 asparagus spears | asparagus | 160
2 fennel bulbs, trimmed and sliced | fennel | 468
1 cup sliced fennel | fennel | 87
3 medium zucchini, sliced | courgette | 588
2 cups chopped zucchini | courgette | 248
1 red bell pepper, seeded and chopped | red-pepper | 119
2 large red bell peppers | red-pepper | 328
1 green bell pepper | green-pepper | 119
1 12-oz jar roasted red peppers, drained | red-pepper-jar | 204
1 cup roasted red peppers from a jar | red-pepper-jar | 150
4 ripe tomatoes, chopped | tomato | 492
2 cups chopped fresh tomatoes | tomato | 360
1 (28 oz) can crushed tomatoes | tomatoes-canned or tomato-puree | 794
2 (14.5 oz) cans diced tomatoes, undrained | tomatoes-canned | 822
1 can (14.5 oz) fire-roasted diced tomatoes | tomatoes-canned | 411
3 tablespoons tomato paste | tomato-paste | 49
1 6-oz can tomato paste | tomato-paste | 170
1/2 cup sun-dried tomatoes | sun-dried-tomatoes | 27
1 medium eggplant, cubed | aubergine | 450
2 ears corn, kernels cut off | sweetcorn | 180
3 cups fresh corn kernels | sweetcorn | 462
3 cups frozen corn | sweetcorn-frozen | 408
1 (15 oz) can corn, drained | sweetcorn-canned | -
1 (14.75-ounce) can creamed corn | sweetcorn-creamed | 418
2 cups frozen peas, thawed | peas-frozen | 268
10 oz bag frozen peas | peas-frozen | 284
1 cup green beans, cut in pieces | green-beans | 100
5 oz baby spinach | spinach | 142
3 cups fresh spinach | spinach | 90
1 (10-ounce) package frozen chopped spinach, thawed | spinach-frozen | 284
1 bunch kale, stems removed | kale | 200
3 cups kale, torn | kale | 63
2 bunches watercress | watercress | 170
1 bunch Swiss chard | chard | -
8 ounces white mushrooms, sliced | mushrooms | 220
1 pound cremini mushrooms, quartered | cremini | 440
2 cups sliced mushrooms | mushrooms | 140
1/2 ounce dried porcini mushrooms | porcini-dried | 14
1 cup dried mushrooms, soaked | mushrooms-dried | 30
2 portobello mushrooms, gills removed | portobello | 168
1 cucumber, peeled, seeded | cucumber-raw | 300
2 avocados | avocado | 402
1 Granny Smith apple, peeled and diced | apple | 182
2 apples, cored | apple | 364
1 ripe pear, peeled | pear | 178
1 jalapeno, minced | jalapeno | 14
1 cup cooked artichoke hearts | artichoke-cooked | 168
1 lb sunchokes, scrubbed | sunchoke | 313
4 cups chicken broth | chicken-broth | 960
1 quart low sodium chicken broth | chicken-broth-low-sodium | 960
32 oz chicken broth | chicken-broth | 960
1 (32 fl oz) carton vegetable broth | vegetable-broth | 960
6 cups vegetable stock | vegetable-broth | 1440
3 c. beef broth | beef-broth | 720
2 cups homemade chicken stock | chicken-stock-homemade | 480
1 (14.5 oz) can chicken broth | chicken-broth | 411
4 cups reduced-sodium vegetable broth | vegetable-broth-low-sodium | 960
4 cups unsalted vegetable stock | vegetable-broth-low-sodium or vegetable-stock-homemade | -
2 chicken bouillon cubes | chicken-stock-powder | 20
1 tablespoon chicken bouillon powder | chicken-stock-powder | 12
2 vegetable bouillon cubes | vegetable-stock-powder | 20
2 cups water | water | 473
3 quarts cold water | water | 2839
1/2 c. water | water | 118
1 cup heavy whipping cream | cream-heavy | 238
2 tablespoons heavy cream | cream-heavy | 29.8
1 pint heavy cream | cream-heavy | 476
1 cup light cream | cream-light | 240
1 pint half-and-half | half-and-half | 484
1 1/2 cups whole milk | milk-whole | 366
2 cups 2% milk | milk-reduced-fat | 488
1 cup skim milk | milk-skim | 245
1 cup buttermilk | buttermilk | 245
3/4 cup sour cream | sour-cream | 172
1 cup plain Greek yogurt, whole milk | yogurt-greek-whole | 245
1/2 cup plain nonfat Greek yogurt | yogurt-greek-nonfat | 122
8 ounces cream cheese, cubed | cream-cheese | 227
1/4 cup cream cheese | cream-cheese | 58
1 cup shredded sharp cheddar | cheddar | 113
1 cup grated Gruyere | gruyere | 108
1/2 cup freshly grated Parmesan cheese | parmesan | 50
2 tbsp grated Parmesan | parmesan | 12.5
4 oz goat cheese, crumbled | goat-cheese-soft | 113
1/2 cup crumbled blue cheese | blue-cheese | 67.5
1/2 cup ricotta cheese | ricotta | 123
1 cup crumbled feta | feta | 150
4 tablespoons unsalted butter | butter-unsalted | 56.8
1/2 stick unsalted butter | butter-unsalted | 56.5
1/4 cup salted butter | butter-salted | 56.8
1 tablespoon ghee | ghee | 12.8
2 tablespoons extra-virgin olive oil | olive-oil | 27
1/4 cup olive oil | olive-oil | 54
1 tbsp canola oil | rapeseed-oil | 13.6
2 tsp coconut oil | coconut-oil | 9.1
1 tablespoon toasted sesame oil | ifct-T004 or sesame-oil-refined | 13.6
1 cup canned coconut milk | coconut-milk | 226
1 (13.66 oz) can light coconut milk | coconut-milk-light | 407
1 cup coconut cream | coconut-cream | 240
2 cups unsweetened oat milk | oat-drink | 486
1 cup soy milk | soy-drink or soy-drink-plain | 243
1 cup plain unsweetened almond milk | almond-drink | 244
1 (12 oz) package silken tofu | silken-tofu | 340
14 oz firm tofu, pressed | tofu-firm | 397
1 cup raw cashews | cashews-raw | 137
3/4 cup cashews, soaked in hot water | cashews-raw | 103
1/2 cup slivered almonds | almonds or almonds-blanched | 54
1/2 cup chopped walnuts | walnuts | 55
1/4 cup pine nuts, toasted | pine-nuts | 34
1/2 cup hazelnuts | hazelnuts | 62.5
2 tbsp creamy peanut butter | peanut-butter | 32
2 tablespoons tahini | tahini | 30
1/4 cup pepitas | pumpkin-seeds | 32
1 tbsp sesame seeds | sesame-seeds | 9
1 (15 oz) can white beans, drained | white-beans-canned-drained | 255
2 (15-ounce) cans great northern beans, rinsed and drained | white-beans-canned-rinsed | 510
1 1/2 cups cooked white beans | white-beans-cooked | 268
1 cup dried white beans | white-beans-dry | 202
1 (15 oz) can chickpeas, drained and rinsed | chickpeas-canned-rinsed | 255
1 can black beans | black-beans-canned | 425
1 cup dry red lentils | lentils-red-dry | 192
1 cup brown lentils, rinsed | lentils-dry | 192
2 cups cooked lentils | lentils-cooked | 396
2 cups yellow split peas | split-peas-dry | 394
1 pound green split peas | split-peas-dry | 454
1 cup shelled edamame | edamame | 155
1/4 cup all-purpose flour | flour-wheat | 31
2 tbsp flour | flour-wheat | 15.6
3 tablespoons cornstarch | cornstarch | 24
1 tablespoon arrowroot | arrowroot | 8
1/4 cup rice flour | rice-flour | 39.5
1/2 cup long-grain white rice | rice-white-raw | 92.5
1/4 cup rolled oats | oats-rolled | 20
1/2 cup pearl barley | barley-pearled | 100
2 slices sandwich bread, crusts removed | bread-white | 56
1 cup croutons | croutons | 30
4 slices bacon | bacon-raw | 112
6 strips bacon, cooked and crumbled | bacon-cooked or bacon-raw | -
1 cup diced ham | ham | 140
8 oz cooked ham, cubed | ham | 227
2 boneless skinless chicken breasts | chicken-breast-raw | 348
2 cups cooked chicken, shredded | chicken-stewed or chicken-breast-cooked | 280
1 lb raw shrimp, peeled | prawns-raw | 454
8 ounces crab meat | crab-cooked | 227
1 lb cod fillets | cod-raw | 454
2 eggs | egg | 100
3 egg yolks, beaten | egg-yolk | 51
1 egg white | egg-white | 33
1 tsp kosher salt | salt-coarse | 4
1/2 teaspoon fine sea salt | salt | 3
1 teaspoon salt, or to taste | salt | 6
1/4 tsp black pepper | black-pepper | 0.57
1/2 tsp white pepper | white-pepper | 1.2
1 tsp paprika | paprika | 2.3
1 teaspoon smoked paprika | smoked-paprika | 2.3
1 tsp ground cumin | cumin | 2
2 teaspoons curry powder | curry-powder | 4.2
1/2 tsp ground turmeric | turmeric | 1.56
1/4 teaspoon ground nutmeg | nutmeg | 0.58
1/8 teaspoon cayenne | cayenne | 0.22
1/2 tsp ground ginger | ginger-ground | 0.86
1/2 teaspoon ground cinnamon | cinnamon | 1.3
1 teaspoon dried thyme | thyme-dried | 0.9
1 tablespoon fresh thyme leaves | thyme-fresh | 2.4
4 sprigs thyme | thyme-fresh | 2.4
2 sprigs fresh rosemary | rosemary | 2
1 teaspoon dried rosemary | rosemary-dried | 1.1
1 tsp dried oregano | oregano-dried | 1
1 teaspoon dried dill weed | dill-dried | 1
2 tablespoons chopped fresh dill | dill | 1.1
1/2 cup chopped fresh parsley | parsley | 30
1/4 cup chopped fresh basil | basil | 10.6
1/2 cup fresh mint leaves | mint | 45
2 bay leaves | bay-leaf | 0.8
1 tablespoon grated fresh ginger | ginger | 6
1 2-inch piece ginger, peeled | ginger | 20
1 tablespoon lemon juice | lemon-juice | 15.3
juice of 1/2 lemon | lemon-juice | 22.5
1 lemon, juiced | lemon-juice | 45
juice of 2 limes | lime-juice | 60
1 tsp lemon zest | lemon-zest | 2
1 tablespoon apple cider vinegar | cider-vinegar | 14.9
2 tsp sherry vinegar | wine-vinegar | 10
1 tablespoon balsamic vinegar | balsamic-vinegar | 15.9
1/2 cup dry white wine | white-wine | 117
1/4 cup dry sherry | sherry-dry | 59
2 tbsp brandy | brandy | 27.8
1 tablespoon soy sauce | soy-sauce | 15.9
1 tbsp low-sodium soy sauce | soy-sauce-reduced-sodium | 15.9
2 teaspoons fish sauce | fish-sauce | 12
1 tablespoon white miso | miso | 17.2
1 tsp Dijon mustard | mustard | 5.2
1 tablespoon Worcestershire | worcestershire-sauce | 17.2
1 tablespoon red curry paste | curry-paste-red | 16.2
1 tablespoon honey | honey | 21.2
2 tbsp maple syrup | maple-syrup | 39
1 teaspoon sugar | sugar | 4.2
1 tablespoon brown sugar | brown-sugar | 13.8
1/4 cup nutritional yeast | yeast-flakes or yeast-flakes-fortified | 15
Salt and pepper | salt + black-pepper | -
salt & freshly ground pepper to taste | salt + black-pepper | -
Freshly ground black pepper | black-pepper | -
1/4 cup butter or olive oil | butter-salted or butter-unsalted / olive-oil | 56.8
2 cups vegetable or chicken broth | vegetable-broth / chicken-broth | 480
1 tablespoon maple syrup or honey | maple-syrup / honey | 19.7
1 cup milk or half-and-half | milk-whole / half-and-half | 244
1 onion or 2 shallots, chopped | onion / shallot | 110
2 tablespoons flour or 1 tablespoon cornstarch | flour-wheat / cornstarch | 15.6
1 cup plus 1 tablespoon milk | milk-whole | 259
1 tablespoon plus 1 teaspoon olive oil | olive-oil | 18
2-3 carrots, sliced | carrot | 162
3 to 4 cups broth | vegetable-broth | 840
1-2 tablespoons lemon juice | lemon-juice | 23
about 4 cups water | water | 946
a pinch of salt | salt | 0.8
pinch of nutmeg | nutmeg | 0.2
a dash of cayenne | cayenne | -
a drizzle of olive oil | olive-oil | 9.1
a splash of cream | cream-heavy | 10
a few sprigs of thyme | thyme-fresh | 1.8
handful parsley, chopped | parsley | 15
one large potato | potato | 280
two cups of chicken stock | chicken-broth | 480
three medium carrots | carrot | 183
half a cup of cream | cream-heavy | 119
a quarter cup of butter | butter-salted or butter-unsalted | 56.8
a cup and a half of milk | milk-whole | 366
one and a half cups of milk | milk-whole | 366
half a dozen carrots | carrot | 390
Carrots, 1 lb, peeled | carrot | 404
Celery: 3 stalks | celery | 150
Onion - 1 medium, chopped | onion | 110
Butter (2 tablespoons) | butter-salted or butter-unsalted | 28.4
Garlic x 3 cloves | garlic | 10.5
Chicken broth, low sodium, 4 cups | chicken-broth-low-sodium | 960
* 1 cup milk | milk-whole | 244
• 2 onions | onion | 220
– 1 tsp salt | salt | 6
1. 2 cups milk | milk-whole | 488
**2 tbsp butter** | butter-salted or butter-unsalted | 28.4
1 Tbsp. flour | flour-wheat | 7.8
1 T. flour | flour-wheat | 7.8
1 t. salt | salt | 6
1 lb 4 oz carrots | carrot | 505
1½ cups milk | milk-whole | 366
¼ cup cream | cream-heavy | 59.5
1⁄2 cup milk | milk-whole | 122
.5 cup milk | milk-whole | 122
1,000 g carrots | carrot | 890
2 (8-ounce) packages cream cheese | cream-cheese | 454
1 package (10 ounces) frozen peas | peas-frozen | 284
one 15-ounce can chickpeas, drained | chickpeas-canned-drained | 255
1 cup (240 ml) milk | milk-whole | 247
1 cup (113 g) shredded cheddar | cheddar | 113
1 stick (113 g) unsalted butter | butter-unsalted | 113
3 medium potatoes (about 1 pound) | potato | 381
1 onion (about 5 oz), chopped | onion | 128
peanut butter, 2 tablespoons | peanut-butter | 32
butternut squash, 2 pounds | butternut-squash | 762
1 tablespoon fresh thyme or 1 teaspoon dried | thyme-fresh / thyme-dried | 2.4
2 tsp chopped fresh rosemary or 1/2 tsp dried | rosemary / rosemary-dried | 1.13
splash milk | milk-whole | 10
salt pepper | salt + black-pepper | -
cream of tartar | - | -
1 cup vegan cheese shreds | - | -
1 cup gluten-free flour | gluten-free-flour | 140
1 tbsp vegan butter | plant-spread | 14.2
2 cups cashew milk | cashew-cream-carton | 480
1 cup shredded vegan mozzarella | - | -
12 oz imitation crab meat | surimi | 340
1 cup water chestnuts, sliced | water-chestnut-canned | 140
1 cup roasted chestnuts | chestnuts-roasted | 143
1/2 tsp whole cloves | cloves-ground | 1
1 teaspoon ground coriander | coriander-seed | 1.67
1/2 cup chopped fresh cilantro | coriander-leaf | 8
1 tablespoon green peppercorns | black-pepper | -
`;
const METRIC = `
1 onion, roughly chopped | onion | 110
2 large onions, sliced | onion | 300
1 red onion, diced | onion | 110
200 g shallots, peeled | shallot | 176
3 fat cloves of garlic, crushed | garlic | 10.5
2 sticks celery, chopped | celery | 100
500 g leeks, trimmed and sliced | leek | 220
1 bunch spring onions | spring-onion | 100
500 g carrots, peeled and sliced | carrot | 445
500 g sliced carrots | carrot | 500
1 kg celeriac | celeriac | 860
400 g parsnips | parsnip | 340
1 small swede | swede | 360
750 g potatoes | potato | 630
2 medium potatoes, diced | potato | 340
600 g sweet potato, peeled | sweet-potato | 432
1 butternut squash, about 1 kg | butternut-squash | 840
1 kg squash, peeled and deseeded | butternut-squash | 840
500 g prepared butternut squash | butternut-squash | 500
1 cauliflower, broken into florets | cauliflower | 575
500 g cauliflower florets | cauliflower | 500
400 g broccoli | broccoli | 244
2 courgettes, grated | courgette | 392
1 fennel bulb | fennel | 234
500 g asparagus, woody ends snapped off | asparagus | 360
1 kg ripe tomatoes | tomato | 910
400 g tin plum tomatoes | tomatoes-canned | 400
2 x 400g tins chopped tomatoes | tomatoes-canned | 800
2 tbsp tomato puree | tomato-puree or tomato-paste | -
500 g passata | tomato-puree | 500
300 g frozen sweetcorn | sweetcorn-frozen | 300
450 g frozen peas | peas-frozen | 450
200 g baby spinach | spinach | 200
200 g bag spinach | spinach | 200
100 g watercress | watercress | 92
250 g mushrooms, sliced | mushrooms | 242
20 g dried mushrooms | mushrooms-dried | 20
500 g cooked beetroot | beetroot-cooked | 500
500 g beetroot, peeled | beetroot | 335
2 Bramley apples, peeled and cored | apple | 364
1 litre vegetable stock | vegetable-broth | 1014
1.5 litres hot chicken stock | chicken-broth | 1521
750 ml beef stock | beef-broth | 760
1 chicken stock cube | chicken-stock-powder | 10
2 tsp bouillon powder | vegetable-stock-powder | 8
500 ml water | water | 500
1 l water | water | 1000
300 ml double cream | cream-double | 298
100ml single cream | cream-light | 101
200 ml crème fraîche | creme-fraiche | 199
284 ml soured cream | sour-cream | 276
500 ml whole milk | milk-whole | 516
250ml semi skimmed milk | milk-reduced-fat | 258
100 ml skimmed milk | milk-skim | 104
150 g natural yogurt | yogurt-whole | 150
4 tbsp Greek yogurt | yogurt-greek-whole or yogurt-greek-nonfat | 62
150 g mature cheddar, grated | cheddar | 150
75 g Gruyère, grated | gruyere | 75
50 g parmesan, finely grated | parmesan | 50
100g Stilton, crumbled | blue-cheese | 100
200 g soft cheese | cream-cheese | 200
50 g butter | butter-salted or butter-unsalted | 50
25g unsalted butter | butter-unsalted | 25
2 tbsp rapeseed oil | rapeseed-oil | 27.6
1 tbsp sunflower oil | sunflower-oil | 13.8
400 ml can coconut milk | coconut-milk | 382
400ml tin light coconut milk | coconut-milk-light | 402
160 ml coconut cream | coconut-cream | 162
250 ml oat cream | oat-cream | 253
500 ml unsweetened soya milk | soy-drink or soy-drink-plain | 513
300 g silken tofu | silken-tofu | 300
100 g cashew nuts | cashews-raw | 100
50 g blanched almonds | almonds-blanched or almonds | 50
50 g toasted hazelnuts, chopped | hazelnuts | 50
180 g vacuum-packed chestnuts | chestnuts-boiled | 180
2 tbsp tahini | tahini | 30.4
400g tin butter beans, drained | white-beans-canned-drained | 240
400 g tin haricot beans, drained and rinsed | white-beans-canned-rinsed | 240
2 x 400 g tins chickpeas, drained | chickpeas-canned-drained | 480
200 g dried haricot beans, soaked overnight | white-beans-dry or navy-beans-dry | 200
250 g red lentils, rinsed | lentils-red-dry | 250
200 g green lentils | lentils-dry | 200
500 g split peas | split-peas-dry | 500
2 tbsp plain flour | flour-wheat or flour-wheat-unenriched | 15.9
1 tbsp cornflour | cornstarch | 8.1
40 g plain flour | flour-wheat or flour-wheat-unenriched | 40
50 g long grain rice | rice-white-raw | 50
100 g pearl barley | barley-pearled | 100
100 g stale white bread, torn | bread-white | 100
4 slices sourdough | bread-french | 160
6 rashers smoked streaky bacon | bacon-raw | 168
100 g cooked ham, shredded | ham | 100
1 ham hock | ham-hock | 350
500 g skinless chicken thighs | chicken-thigh-raw | 500
300 g cooked chicken | chicken-stewed or chicken-breast-cooked | 300
400 g undyed smoked haddock | smoked-haddock | 400
200 g raw king prawns, peeled | prawns-raw | 200
100 g smoked salmon trimmings | salmon-smoked | 100
2 eggs, hard-boiled | egg-boiled or egg | 100
2 egg yolks | egg-yolk | 34
1 tsp salt | salt | 6.1
sea salt and black pepper | salt + black-pepper | -
1 tsp ground cumin | cumin | 2
2 tsp mild curry powder | curry-powder | 4.2
1 tsp sweet smoked paprika | smoked-paprika | 2.3
1/2 tsp turmeric | turmeric | 1.6
freshly grated nutmeg | nutmeg | -
a grating of nutmeg | nutmeg | 0.2
1 star anise | star-anise | 0.9
1 cinnamon stick | cinnamon | 3
2 bay leaves | bay-leaf | 0.8
4 sprigs of thyme | thyme-fresh | 2.4
1 tsp dried mixed herbs | italian-seasoning | 0.83
small handful of mint leaves | mint | 10
1 bunch of coriander | coriander-leaf | 60
20 g dill, chopped | dill | 20
25 g flat-leaf parsley | parsley | 24
thumb-sized piece of ginger, grated | ginger | 20
juice of 1 lemon | lemon-juice | 45
zest of 1 lemon | lemon-zest | 6
zest and juice of 1 lemon | lemon-zest + lemon-juice | -
1 lime, juice only | lime-juice | 30
1 tbsp cider vinegar | cider-vinegar | 15.2
150 ml dry white wine | white-wine | 149
50 ml dry sherry | sherry-dry | 50
1 tbsp soy sauce | soy-sauce | 16.2
1 tbsp white miso | miso | 17.4
1 tsp wholegrain mustard | mustard | 5.3
2 tbsp Thai red curry paste | curry-paste-red | 33
1 tbsp harissa | harissa | 15.8
2 tbsp green pesto | pesto | 30.4
1 tsp clear honey | honey | 7.2
1 tsp caster sugar | sugar | 4.2
300 ml chicken or vegetable stock | chicken-broth / vegetable-broth | 304
25 g butter or 2 tbsp olive oil | butter-salted or butter-unsalted / olive-oil | 25
1 tbsp olive or rapeseed oil | olive-oil / rapeseed-oil | 13.7
salt, pepper and nutmeg | salt + black-pepper + nutmeg | -
1 small bunch of chives | chives | -
500 g/1 lb 2 oz potatoes | potato | 420
1 l / 1 3/4 pints stock | vegetable-broth | 1014
200g/7oz spinach | spinach | 144
Potatoes 500 g | potato | 420
Onions: 2 | onion | 220
Milk 250 ml | milk-whole | 258
`;
const IMPERIAL = `
1 pint chicken stock | chicken-broth | 576
1 1/2 pints water | water | 852
1/4 pint single cream | cream-light | 144
4 oz butter | butter-salted or butter-unsalted | 113
8 oz onions, chopped | onion | 204
1 lb carrots | carrot | 404
2 lb potatoes, peeled | potato | 762
5 fl oz double cream | cream-double | 141
2 tablespoons plain flour | flour-wheat or flour-wheat-unenriched | 15.9
1 quart water | water | 1137
`;
const AU = `
1 cup (250 ml) vegetable stock | vegetable-broth | 254
1/2 cup (125ml) thickened cream | cream-heavy | 126
1 tablespoon olive oil | olive-oil | 18.3
2 tablespoons tomato paste | tomato-paste | 44
1/3 cup (80 ml) cream | cream-heavy | 80
1 litre salt-reduced chicken stock | chicken-broth-reduced-sodium or chicken-broth-low-sodium | 1014
1 brown onion, chopped | onion | 110
500g sweet potato (kumara), peeled | sweet-potato | 360
2 teaspoons ground cumin | cumin | 4.06
400g can chickpeas, drained, rinsed | chickpeas-canned-rinsed | 240
1/4 cup plain flour | flour-wheat or flour-wheat-unenriched | 33
1 cup frozen peas | peas-frozen | 142
`;

const rows = (measures: Measures, text: string): LineRow[] =>
  text
    .trim()
    .split('\n')
    .map((row): LineRow => {
      const [line, food, grams] = row.split(' | ') as [string, string, string];
      return [measures, line, food === '-' ? null : food, grams === '-' ? null : Number(grams)];
    });

export const CORPUS_LINES: readonly LineRow[] = [...rows('us', US), ...rows('metric', METRIC), ...rows('imperial', IMPERIAL), ...rows('au', AU)];
