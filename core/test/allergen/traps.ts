/**
 * Lines that deceive, with what a careful cook would say of them. Facts of the trade and of food law (FALCPA; Regulation (EU) No 1169/2011,
 * Annex II); where none is named: common practice, no source. `line | allergen | state`, read alone and analysed with the usual settings.
 */
export const ALLERGEN_TRAPS = `
500 g butternut squash | milk | absent
500 g butternut squash | treeNut | absent
1/4 tsp ground nutmeg | treeNut | absent
1 cup coconut milk | milk | absent
1 cup coconut milk | treeNut | absent
1 cup coconut milk | coconut | contains
2 tbsp coconut oil | milk | absent
1 cup coconut cream | milk | absent
250 g chestnut mushrooms | treeNut | absent
250 g chestnut mushrooms | chestnut | absent
1 cup water chestnuts | treeNut | absent
1 cup water chestnuts | chestnut | absent
200 g cooked chestnuts | chestnut | contains
200 g cooked chestnuts | treeNut | absent
2 tbsp cornstarch | wheat | absent
2 tbsp cornflour | gluten | absent
1 tsp black peppercorns | wheat | absent
1 cup buckwheat flour | wheat | absent
1 cup buckwheat flour | gluten | check
2 eggplants | egg | absent
1 tbsp peanut butter | peanut | contains
1 tbsp peanut butter | treeNut | absent
1 tbsp peanut butter | milk | absent
1 tbsp almond butter | milk | absent
1 tbsp almond butter | almond | contains
1 tbsp almond butter | treeNut | contains
1 can butter beans, drained | milk | absent
2 cups oat milk | milk | absent
2 cups oat milk | gluten | contains
1 cup soy milk | milk | absent
1 cup soy milk | soy | contains
1 cup almond milk | milk | absent
1 cup rice milk | milk | absent
250 g oyster mushrooms | mollusc | absent
1 tbsp oyster sauce | mollusc | contains
1 tbsp oyster sauce | wheat | check
1 tbsp fish sauce | fish | contains
1 tbsp Worcestershire sauce | fish | contains
1 tbsp Worcestershire sauce | gluten | check
1 tbsp soy sauce | wheat | contains
1 tbsp soy sauce | gluten | contains
1 tbsp soy sauce | soy | contains
1 tbsp tamari | wheat | check
1 tbsp tamari | soy | contains
1 tbsp miso | soy | contains
1 tbsp miso | gluten | check
2 tbsp red curry paste | crustacean | check
2 tbsp green curry paste | crustacean | check
1 tbsp tom yum paste | crustacean | contains
1 tsp shrimp paste | crustacean | contains
1 tsp shrimp paste | fish | check
1 tbsp dashi granules | fish | contains
1 vegetable stock cube | celery | check
1 vegetable stock cube | milk | check
1 litre chicken stock | celery | check
1 litre chicken stock | gluten | check
1 litre water | celery | absent
1 medium celeriac | celery | contains
2 sticks celery | celery | contains
1 tsp celery seed | celery | contains
1 tsp celery salt | celery | contains
1 tsp lovage | celery | check
1 tbsp Dijon mustard | mustard | contains
1 tbsp mayonnaise | egg | contains
1 tbsp mayonnaise | mustard | check
2 tbsp ghee | milk | contains
2 tbsp butter | milk | contains
1 cup goat milk | milk | contains
1 cup lactose-free whole milk | milk | contains
1 tbsp whey powder | milk | contains
1 tbsp coffee creamer | milk | contains
1 cup vegan cheese shreds | milk | check
2 tbsp vegan butter | milk | check
1 cup plain flour | gluten | contains
1 cup spelt flour | wheat | contains
100 g couscous | wheat | contains
100 g semolina | gluten | contains
100 g bulgur wheat | wheat | contains
100 g pearl barley | gluten | contains
100 g pearl barley | wheat | absent
1 cup rye flour | gluten | contains
1 tbsp malt vinegar | gluten | contains
1 tbsp cider vinegar | gluten | absent
1 cup rice flour | wheat | absent
1 cup gluten-free flour | gluten | check
100 g seitan | wheat | contains
2 slices gluten-free bread | gluten | check
2 slices rye bread | gluten | contains
50 g croutons | wheat | contains
50 g breadcrumbs | gluten | contains
100 g egg noodles | egg | contains
100 g soba noodles | wheat | check
1 cup tortilla chips | wheat | absent
200 g surimi | fish | contains
200 g surimi | egg | contains
200 g surimi | crustacean | check
200 g smoked haddock | fish | contains
200 g prawns | crustacean | contains
200 g prawns | fish | absent
200 g mussels | mollusc | contains
200 g mussels | crustacean | absent
1 cup clam juice | mollusc | contains
200 g scallops | mollusc | contains
50 g tahini | sesame | contains
50 g hummus | sesame | contains
1 tbsp toasted sesame oil | sesame | contains
1 tbsp zaatar | sesame | contains
100 g silken tofu | soy | contains
1 cup edamame | soy | contains
200 g chickpeas | soy | absent
200 g chickpeas | peanut | absent
2 tbsp sunflower oil | soy | absent
2 tbsp vegetable oil | soy | check
1 tbsp lupin flour | lupin | contains
50 g pine nuts | pineNut | contains
50 g pine nuts | treeNut | contains
2 tbsp pesto | milk | contains
2 tbsp pesto | pineNut | check
100 ml white wine | sulphite | check
2 tbsp raisins | sulphite | check
100 g dried apricots | sulphite | check
4 rashers bacon | milk | check
200 g pork sausages | gluten | check
1 bunch coriander | mustard | absent
1 tsp ground coriander | mustard | absent
2 cloves garlic | celery | absent
1 onion | sulphite | absent
1 kg potatoes | gluten | absent
1 kg carrots | celery | absent
200 g fresh parsley | celery | absent
1 cup cashews | cashew | contains
1 cup cashews | peanut | absent
50 g hazelnuts | hazelnut | contains
50 g hazelnuts | almond | absent
1 tbsp honey | milk | absent
1 cup quinoa | gluten | absent
100 g red lentils | gluten | absent
1 tsp turmeric | mustard | absent
2 tsp curry powder | mustard | check
1 tsp garam masala | mustard | check
1 tsp cajun seasoning | celery | check
1 cup beer | gluten | contains
50 g seaweed kelp, dried | crustacean | check
1 cup zorbelwurz | milk | check
1 cup zorbelwurz | lupin | check
`;

/** `line | diet | state`. */
export const DIET_TRAPS = `
1 litre chicken stock | vegetarian | breaks
1 litre chicken stock | noMeat | breaks
1 litre vegetable stock | vegetarian | fits
1 vegetable stock cube | vegan | check
1 litre bone broth | vegan | breaks
50 g parmesan | vegetarian | breaks
50 g pecorino | vegetarian | breaks
100 g cheddar | vegetarian | check
100 g cheddar | vegan | breaks
100 g soft goat's cheese | vegetarian | check
1 tbsp Worcestershire sauce | vegetarian | breaks
1 tbsp Worcestershire sauce | noFish | breaks
1 tbsp fish sauce | vegan | breaks
1 tbsp oyster sauce | vegetarian | breaks
1 tbsp honey | vegan | breaks
1 tbsp honey | vegetarian | fits
1 tbsp maple syrup | vegan | fits
2 tsp sugar | vegan | check
2 eggs | vegan | breaks
2 eggs | vegetarian | fits
200 ml soured cream | vegetarian | check
1 cup coconut milk | vegan | fits
1 cup coconut milk | dairyFree | fits
4 rashers bacon | noPork | breaks
100 g lard | noPork | breaks
100 g lard | vegetarian | breaks
1 tsp gelatine | vegetarian | breaks
1 tsp gelatine | noPork | check
2 tbsp red curry paste | vegan | check
2 tbsp red curry paste | vegetarian | check
100 ml dry sherry | noAlcohol | breaks
100 ml white wine | vegan | check
1 tbsp vanilla extract | noAlcohol | breaks
1 tbsp soy sauce | noAlcohol | check
1 tbsp white wine vinegar | noAlcohol | fits
1 onion | noOnionGarlic | breaks
1 bunch chives | noOnionGarlic | breaks
1 leek | noOnionGarlic | breaks
2 tsp curry powder | noOnionGarlic | check
1 kg potatoes | glutenFree | fits
2 tbsp soy sauce | glutenFree | breaks
50 g peanuts | nutFree | breaks
50 g pine nuts | nutFree | breaks
1 cup coconut milk | nutFree | fits
200 g mussels | noFish | breaks
200 g chicken breast | noFish | fits
100 g butter | dairyFree | breaks
1 cup oat milk | dairyFree | fits
2 tbsp pesto | vegan | breaks
1 cup zorbelwurz | vegan | check
`;
