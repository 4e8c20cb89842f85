/** Each caution has a soup that fires it and a near miss that does not. */
import { describe, expect, test } from '@jest/globals';
import { bowlOf, line, soup, step } from '../test/soup.ts';
import type { Recipe } from '../vocabulary/recipe.ts';
import { ALL_RULES } from './rules.ts';

const simmer = step('s', { method: 'simmer', minutes: { min: 20, max: 20 } });
const blend = step('b', { stage: 'blend', method: 'blend' });
const pot = (more: Parameters<typeof line>[], recipe: Partial<Recipe> = {}) =>
  soup([line('w', 'water', 1000), ...more.map((args) => line(...args))], { steps: [simmer], ...recipe });

const boil = step('s', { method: 'boil', minutes: { min: 20, max: 20 } });
/** A pot whose step says these words. */
const says = (text: string, ...more: Parameters<typeof line>[]) =>
  pot(more, { steps: [step('s', { text, method: 'simmer', minutes: { min: 20, max: 20 } })] });

const CASES: Record<string, [fires: Recipe, nearMiss: Recipe]> = {
  'food.unmatched': [pot([['x', null, 10]]), pot([['x', 'leek', 10]])],
  'grams.unknown': [pot([['x', 'leek', null]]), pot([['x', 'leek', 0]])],
  'bowl.assumed': [pot([], { servings: undefined }), pot([], { servings: undefined, servingGrams: 250 })],
  'bowl.conflict': [pot([], { servingGrams: 250 }), pot([])],
  'bowl.unusual': [pot([], { servings: 1 }), pot([], { servings: 4 })],
  // The scale read 1.6 kg; someone typed 1.6, or pounds for kilograms.
  'yield.unlikely': [pot([['x', 'water', 1000]], { measuredYieldGrams: 2 }), pot([['x', 'water', 1000]], { measuredYieldGrams: 1200 })],
  'steps.assumed': [pot([], { steps: [] }), pot([])],
  'eaten.alreadyDrained': [pot([['x', 'chickpeas-canned-drained', 200, { eaten: 'drained' }]]), pot([['x', 'chickpeas-canned-drained', 200]])],
  'beans.boilHard': [pot([['x', 'kidney-beans-dry', 200]]), pot([['x', 'white-beans-canned-drained', 200]])],
  'salt.potassiumChloride': [pot([['x', 'chicken-broth-reduced-sodium', 500]]), pot([['x', 'chicken-broth', 500]])],
  'additive.phosphate': [pot([['x', 'ham', 100]]), pot([['x', 'chicken-breast-raw', 100]])],
  'dairy.splits': [pot([['x', 'yogurt-whole', 100]]), pot([['x', 'cream-heavy', 100]])],
  'egg.finish': [pot([['x', 'egg-yolk', 34, { stage: 'finish' }]]), pot([['x', 'egg-boiled', 50, { stage: 'bowl' }]])],
  'bay.takeOut': [pot([['x', 'bay-leaf', 0.4]], { steps: [simmer, blend] }), pot([['x', 'bay-leaf', 0.4]])],
  'blend.hot': [pot([], { steps: [simmer, blend] }), pot([], { steps: [blend, simmer] })],
  'puree.spits': [
    pot([], { steps: [simmer, blend, step('again', { method: 'simmer', text: 'Bring back to a simmer.' })] }),
    pot([], { steps: [simmer, blend] }),
  ],
  'cold.sameDay': [
    pot([], { steps: [blend, step('c', { text: 'Chill for 2 hours.' })] }),
    pot([], { steps: [simmer, blend, step('c', { text: 'Chill for 2 hours.' })] }),
  ],
  'greens.vitaminK': [pot([['x', 'parsley', 40]]), pot([['x', 'parsley', 20]])],
  'alcohol.stays': [pot([['x', 'white-wine', 100]]), pot([['x', 'wine-vinegar', 100]])],
  'honey.infants': [pot([['x', 'honey', 10]]), pot([['x', 'maple-syrup', 10]])],
  'cool.fast': [pot([['x', 'carrot', 1800]]), pot([['x', 'carrot', 300]])],
  'cool.chilled': [says('Chill the soup.'), says('Serve at once.')],
  'aside.warm': [says('Set the soup aside for 2 hours.'), says('Set the croutons aside.')],
  'stock.coolsSlow': [says('Leave the stock in the slow cooker to cool.'), says('Cook in the slow cooker for 8 hours.')],
  'stock.washedPeel': [says('Boil the peelings for a stock.'), says('Peel the potatoes and add the stock.')],
  'keep.days': [says('Keep in the fridge.'), says('Serve at once.')],
  'freeze.dairy': [says('Freeze in tubs.', ['x', 'cream-heavy', 100]), says('Freeze in tubs.', ['x', 'carrot', 100])],
  'freeze.starch': [says('Freeze in tubs.', ['x', 'flour-wheat', 30]), says('Serve.', ['x', 'flour-wheat', 30])],
  'can.never': [says('Seal in sterilised jars.'), says('Pour from a jar.')],
  'reheat.through': [says('Reheat the next day.'), says('Heat for a minute.')],
  'hold.hot': [says('Keep it hot until lunch.'), says('Serve hot.')],
  'rice.cool': [says('Chill overnight.', ['x', 'rice-white-raw', 60]), says('Serve.', ['x', 'rice-white-raw', 60])],
  'oil.garlic': [says('Drizzle with garlic oil.'), says('Fry the garlic in oil.')],
  'beans.slowCooker': [
    says('Cook in the slow cooker for 8 hours.', ['x', 'kidney-beans-dry', 200]),
    says('Cook in the slow cooker for 8 hours.', ['x', 'kidney-beans-cooked', 200]),
  ],
  'beans.lima': [pot([['x', 'lima-beans-dry', 100]]), pot([['x', 'lima-beans-cooked', 100]])],
  'cassava.cook': [pot([['x', 'cassava', 100]]), pot([['x', 'potato', 100]])],
  'taro.cook': [pot([['x', 'taro', 100]]), pot([['x', 'parsnip', 100]])],
  'potato.green': [says('Peel the potatoes.', ['x', 'potato', 400]), says('Boil the potatoes.', ['x', 'potato', 400])],
  'flour.raw': [
    pot([['x', 'flour-wheat', 20, { stage: 'finish' }]]),
    says('Melt the butter, stir in the flour and cook for 2 minutes.', ['x', 'flour-wheat', 20, { stage: 'finish' }]),
  ],
  // Six grams in fifty bowls are a pinch each.
  'nutmeg.much': [pot([['x', 'nutmeg', 6]]), pot([['x', 'nutmeg', 6]], { servings: 50 })],
  'poultry.core': [pot([['x', 'chicken-thigh-raw', 300]]), pot([['x', 'chicken-stewed', 300]])],
  'mince.core': [pot([['x', 'beef-mince', 300]]), pot([['x', 'ham', 300]])],
  'fish.core': [pot([['x', 'prawns-raw', 300]]), pot([['x', 'tuna-canned', 300]])],
  'fish.bones': [pot([['x', 'smoked-haddock', 300]]), pot([['x', 'prawns-raw', 300]])],
  'shells.shut': [pot([['x', 'mussels-raw', 300]]), pot([['x', 'scallops-raw', 300]])],
  'shellfish.kettle': [pot([['x', 'prawns-raw', 200]], { steps: [simmer, blend] }), pot([['x', 'prawns-raw', 200]])],
  'cheese.soft': [pot([['x', 'blue-cheese', 60, { stage: 'bowl' }]]), pot([['x', 'blue-cheese', 60, { stage: 'finish' }]])],
  'fish.coldSmoked': [pot([['x', 'salmon-smoked', 60, { stage: 'bowl' }]]), pot([['x', 'salmon-smoked', 60, { stage: 'simmer' }]])],
  'egg.temper': [pot([['x', 'egg-yolk', 34, { stage: 'finish' }]]), pot([['x', 'egg-yolk', 34, { stage: 'simmer' }]])],
  'coconut.boil': [pot([['x', 'coconut-milk', 300]], { steps: [boil] }), pot([['x', 'coconut-milk', 300]])],
  'dairy.acid': [
    pot([
      ['x', 'milk-whole', 300],
      ['y', 'tomatoes-canned', 400],
    ]),
    pot([
      ['x', 'cream-heavy', 100],
      ['y', 'lemon-juice', 20],
    ]),
  ],
  'milk.boilOver': [pot([['x', 'milk-whole', 500]]), pot([['x', 'milk-whole', 500, { stage: 'finish' }]])],
  'cheese.offHeat': [pot([['x', 'cheddar', 100, { stage: 'finish' }]]), pot([['x', 'cheddar', 100, { stage: 'bowl' }]])],
  'acid.slows': [
    pot([
      ['x', 'tomatoes-canned', 400],
      ['y', 'lentils-dry', 200],
    ]),
    pot([
      ['x', 'lemon-juice', 40, { stage: 'finish' }],
      ['y', 'lentils-dry', 200],
    ]),
  ],
  'starch.longBoil': [pot([['x', 'cornstarch', 20]], { steps: [boil] }), pot([['x', 'cornstarch', 20]])],
  'flour.cookOut': [pot([['x', 'flour-wheat', 20]]), pot([['x', 'cornstarch', 20]])],
  'swallow.topping': [pot([['x', 'chicken-stewed', 60, { stage: 'bowl' }]]), pot([['x', 'cream-heavy', 20, { stage: 'bowl' }]])],
  'swallow.cheeseTop': [pot([['x', 'cheddar', 20, { stage: 'bowl' }]]), pot([['x', 'cheddar', 20, { stage: 'finish' }]])],
  'swallow.sticky': [pot([['x', 'peanut-butter', 80, { stage: 'finish' }]]), pot([['x', 'peanut-butter', 80, { stage: 'blend' }]])],
  'choke.round': [pot([['x', 'grapes', 60, { stage: 'bowl' }]]), pot([['x', 'grapes', 60, { stage: 'blend' }]])],
  'choke.tomato': [
    pot([['x', 'tomato', 100, { stage: 'bowl', text: '8 cherry tomatoes' }]]),
    pot([['x', 'tomato', 100, { stage: 'base', text: '8 cherry tomatoes' }]]),
  ],
  'bones.sieve': [
    says('Crush the shells in the blender and sieve.', ['x', 'prawns-raw', 300]),
    says('Simmer the shells, strain.', ['x', 'prawns-raw', 300]),
  ],
  'swallow.stringy': [pot([['x', 'celery', 200]], { steps: [simmer, blend] }), pot([['x', 'carrot', 200]], { steps: [simmer, blend] })],
  'swallow.skins': [pot([['x', 'peas-frozen', 200]], { steps: [simmer, blend] }), pot([['x', 'cauliflower', 200]], { steps: [simmer, blend] })],
  'swallow.starch': [says('Thicken with the starch.', ['x', 'cornstarch', 20]), says('Thicken with the gum.', ['x', 'thickener-gum', 5])],
  'swallow.thinPieces': [says('Blend half of the soup.'), says('Blend the soup.')],
  'thickener.infants': [pot([['x', 'thickener-gum', 5]]), pot([['x', 'thickener-starch', 5]])],
  'potassium.high': [pot([['x', 'potato', 600]]), pot([['x', 'potato', 100]])],
  'phosphorus.high': [pot([['x', 'cheddar', 200]]), pot([['x', 'cheddar', 50]])],
  'sodium.high': [pot([['x', 'salt', 7]]), pot([['x', 'salt', 5]])],
  'carbohydrate.count': [pot([['x', 'potato', 900]]), pot([['x', 'potato', 300]])],
  'salt.tasting': [says('Season and serve.'), says('Season with lemon.')],
  'oxalate.greens': [pot([['x', 'spinach', 200]]), pot([['x', 'spinach', 200]], { servings: 50 })],
  'iodine.kelp': [pot([['x', 'kelp-stock', 500]]), pot([['x', 'mushroom-stock-homemade', 500]])],
  'tyramine.aged': [pot([['x', 'parmesan', 30]]), pot([['x', 'ricotta', 30]])],
  'nitrate.infants': [says('Keep for a day.', ['x', 'spinach', 200]), says('Serve.', ['x', 'spinach', 200])],
  'nuts.children': [pot([['x', 'hazelnuts', 30, { stage: 'bowl' }]]), pot([['x', 'hazelnuts', 30, { stage: 'blend' }]])],
  'garnish.raw': [pot([['x', 'parsley', 5, { stage: 'bowl' }]]), pot([['x', 'parsley', 5, { stage: 'simmer' }]])],
  'hidden.tell': [pot([['x', 'white-beans-cooked', 60]], { steps: [simmer, blend] }), pot([['x', 'carrot', 60]], { steps: [simmer, blend] })],
  'alcohol.offBoil': [pot([['x', 'sherry-dry', 40, { stage: 'finish' }]]), pot([['x', 'sherry-dry', 40]])],
  'alcohol.flame': [says('Flambé with the brandy.'), says('Keep the flame at medium and simmer.')],
  'alcohol.hotPan': [
    pot([['x', 'brandy', 40]], { steps: [step('f', { method: 'fry' }), simmer] }),
    pot([['x', 'white-wine', 40]], { steps: [step('f', { method: 'fry' }), simmer] }),
  ],
  'beet.colour': [pot([['x', 'beetroot', 300]]), pot([['x', 'carrot', 300]])],
  'chilli.hands': [pot([['x', 'jalapeno', 14]]), pot([['x', 'red-pepper', 100]])],
  'grit.leek': [pot([['x', 'leek', 100]]), pot([['x', 'onion', 100]])],
  'grit.mushroom': [pot([['x', 'mushrooms-dried', 10]]), pot([['x', 'mushrooms', 100]])],
  'takeOut.woody': [
    pot([['x', 'thyme-fresh', 1, { text: '2 sprigs thyme' }]], { steps: [simmer, blend] }),
    pot([['x', 'thyme-dried', 1, { text: '1 tsp dried thyme' }]], { steps: [simmer, blend] }),
  ],
  'inulin.wind': [pot([['x', 'sunchoke', 300]]), pot([['x', 'potato', 300]])],
  'pressure.fill': [pot([], { steps: [step('p', { method: 'pressure' })] }), pot([])],
  'blend.batches': [pot([['x', 'water', 3000]], { steps: [simmer, blend] }), pot([], { steps: [simmer, blend] })],
  'bitter.cucurbits': [pot([['x', 'courgette', 300]]), pot([['x', 'carrot', 300]])],
  'knife.hard': [says('Peel and cube the squash.', ['x', 'butternut-squash', 600]), says('Add the squash.', ['x', 'butternut-squash', 600])],
  'takeOut.whole': [
    pot([['x', 'black-pepper', 1, { text: '8 peppercorns' }]], { steps: [simmer, blend] }),
    pot([['x', 'black-pepper', 1, { text: 'ground pepper' }]], { steps: [simmer, blend] }),
  ],
  'beans.favism': [pot([['x', 'broad-beans-fresh', 200]]), pot([['x', 'green-beans', 200]])],
  'beans.wind': [pot([['x', 'chickpeas-cooked', 400]]), pot([['x', 'chickpeas-cooked', 60]])],
  'kernels.bitter': [
    pot([['x', 'almonds', 5, { text: '3 bitter almonds' }]]),
    pot([['x', 'almonds-blanched', 100, { text: '100 g blanched almonds' }]]),
  ],
  'mushrooms.wild': [pot([['x', 'mushrooms', 100, { text: '100 g wild mushrooms' }]]), pot([['x', 'mushrooms', 100, { text: '100 g mushrooms' }]])],
  'mushrooms.shiitake': [pot([['x', 'ifct-J003', 50, { stage: 'bowl' }]]), pot([['x', 'ifct-J003', 50]])],
  'grapefruit.medicines': [pot([['x', 'orange', 50, { text: '1 Seville orange' }]]), pot([['x', 'orange', 50, { text: '1 orange' }]])],
  'fortify.refeeding': [pot([['x', 'skim-milk-powder', 60]]), pot([['x', 'milk-skim', 60]])],
  'infants.salt': [says('Take out a portion for the baby before seasoning.', ['x', 'salt', 5]), says('Season with salt.', ['x', 'salt', 5])],
  'infants.riceDrink': [pot([['x', 'rice-drink', 200]]), pot([['x', 'rice-white-cooked', 100]])],
  'infants.plantDrink': [pot([['x', 'oat-drink', 400]]), pot([['x', 'milk-whole', 400]])],
  'milk.raw': [pot([['x', 'milk-whole', 300, { text: '300 ml raw milk' }]]), pot([['x', 'milk-whole', 300, { text: '300 ml milk' }]])],
  'milk.lactoseFree': [pot([['x', 'milk-lactose-free', 300]]), pot([['x', 'milk-whole', 300]])],
  'liver.pregnancy': [
    pot([['x', 'chicken-liver-raw', 100, { text: '100 g chicken liver' }]]),
    pot([['x', 'chicken-breast-raw', 100, { text: '100 g chicken' }]]),
  ],
  'histamine.fish': [pot([['x', 'tuna-canned', 100]]), pot([['x', 'cod-raw', 100]])],
  'sulphite.asthma': [pot([['x', 'white-wine', 100]]), pot([['x', 'water', 100]])],
  'cross.peanut': [pot([['x', 'lupin-flour', 30]]), pot([['x', 'cornstarch', 30]])],
  'cross.nuts': [pot([['x', 'cashews-raw', 60]]), pot([['x', 'sunflower-seeds', 60]])],
  'cross.seeds': [pot([['x', 'sunflower-seeds', 60]]), pot([['x', 'cashews-raw', 60]])],
  'cross.pollen': [pot([['x', 'celery', 60, { stage: 'bowl' }]]), pot([['x', 'celery', 60]])],
  'frozen.slowCooker': [
    says('Cook in the slow cooker.', ['x', 'chicken-breast-raw', 300, { text: '300 g frozen chicken' }]),
    says('Cook in the slow cooker.', ['x', 'chicken-breast-raw', 300, { text: '300 g chicken' }]),
  ],
  'stems.soft': [
    pot([['x', 'parsley', 20, { text: 'a bunch of parsley, stalks too' }]], { steps: [simmer, blend] }),
    pot([['x', 'parsley', 20, { text: 'chopped parsley' }]], { steps: [simmer, blend] }),
  ],
  'microwave.milk': [says('Warm it in the microwave.'), says('Warm it in a pan.')],
  'potassium.water': [
    says('Boil the potatoes and drain; double-boil for a kidney diet.', ['x', 'potato', 400]),
    says('Boil the potatoes.', ['x', 'potato', 400]),
  ],
  'line.optional': [pot([['x', 'leek', 10, { optional: true }]]), pot([['x', 'leek', 10]])],
};

describe('cautions', () => {
  test.each(Object.entries(CASES))('%s', (code, [fires, nearMiss]) => {
    expect(bowlOf(fires).notes.map((note) => note.code)).toContain(code);
    expect(bowlOf(nearMiss).notes.map((note) => note.code)).not.toContain(code);
  });
  test('acid curdles soya drink as it does milk, and not double cream', () => {
    const said = (foodId: string) =>
      bowlOf(
        pot([
          ['x', foodId, 300],
          ['y', 'lemon-juice', 20],
        ]),
      ).notes.some(({ code }) => code === 'dairy.acid');
    expect(['soy-drink-plain', 'yogurt-whole', 'milk-whole', 'cream-double'].map(said)).toEqual([true, true, true, false]);
  });
  test('there are at least a hundred, each with a source', () => {
    expect(ALL_RULES.length).toBeGreaterThanOrEqual(100);
    for (const { code, source, message } of ALL_RULES) expect([code, source.length > 5, message.length > 20]).toEqual([code, true, true]);
  });
  test('every rule has its case', () => {
    expect(Object.keys(CASES).sort()).toEqual(ALL_RULES.map(({ code }) => code).sort());
  });
  test('put dangers first and leave no place unfilled', () => {
    const { notes } = bowlOf(
      pot(
        [
          ['x', null, 10],
          ['wine', 'white-wine', 50],
          ['bean', 'kidney-beans-dry', 50],
        ],
        { servings: undefined },
      ),
    );
    const order = { danger: 0, caution: 1, tip: 2 };
    expect(notes.map(({ severity }) => order[severity])).toEqual([...notes.map(({ severity }) => order[severity])].sort());
    for (const { message } of notes) expect(message).not.toContain('{');
  });
  test('none of them calls a soup safe or free of anything', () => {
    for (const { message } of ALL_RULES) expect(message).not.toMatch(/\bsafe\b|free from|-free\b(?! batch)/i);
  });
});
