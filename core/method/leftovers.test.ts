/** What is left over in the sentences of whole soups when something goes: read aloud, each of these was wrong once. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { readRecipe } from '../reading/read.ts';
import { adapt } from '../swap/adapt.ts';
import type { Needs } from '../swap/needs.ts';
import { withFamilies } from '../swap/sayNeeds.ts';
import { DISHES, TABLE } from '../test/swap/dishes.ts';

type Said = keyof typeof TABLE;
const readDish = (name: string) => {
  const { regime, text } = DISHES[name] as (typeof DISHES)[string];
  return { regime, recipe: readRecipe(text, { measures: regime === 'us' ? 'us' : 'metric' }, SHELF).recipe };
};
/** The method of the first plan, its sentences in one row. */
function methodOf(name: string, said: Said): string {
  const { regime, recipe } = readDish(name);
  const asked: Needs = TABLE[said];
  const avoidFoods = asked.avoidFoods && withFamilies(asked.avoidFoods, SHELF);
  const { plans } = adapt({ recipe, needs: { regime, ...asked, ...(avoidFoods ? { avoidFoods } : {}) }, plans: 1 }, SHELF, {
    now: () => performance.now(),
  });
  return plans[0]?.recipe.steps.map(({ text }) => text).join(' ') ?? '';
}

describe('after the swaps', () => {
  test.each<[string, Said, string]>([
    [
      'split-pea-ham',
      'no pork',
      'Put everything but the turkey breast in the pot and simmer 75 minutes. Take out the bay leaf. Blend the soup until smooth.',
    ],
    ['split-pea-ham', 'vegan', 'Put everything in the pot and simmer 75 minutes.'],
    [
      'mulligatawny',
      'vegan',
      'Take the tofu out and crumble it. Blend the soup until smooth. Return the tofu, pour in the coconut milk and heat through.',
    ],
    [
      'mulligatawny',
      'smooth',
      'Return the chicken to the pot before blending, to be blended in and sieved with the rest. Blend the soup until smooth. Pour in the coconut milk',
    ],
    ['beer-cheese', 'no alcohol', 'Gradually whisk in the apple juice, the water and the cider vinegar, then the stock.'],
    ['beer-cheese', 'at most 400 mg sodium', 'add 120 g cheddar cheese and the ricotta a handful at a time, stirring until melted.'],
    ['caldo-verde', 'smooth', 'Season. Ladle into bowls.'],
    ['tortilla-creamy', 'vegan', 'and the tofu. Simmer 25 min. Remove the tofu; crumble.'],
    ['tortilla-creamy', 'smooth', 'Blend all of it with the chicken and cheese until smooth, then sieve.'],
    ['leek-oat', 'vegan', 'Bring the liquid to the boil with the rapeseed oil.'],
    ['leek-oat', 'no gluten ingredient', 'Bring the liquid to the boil with the butter. Boil for a few minutes.'],
    ['corn-slow-cooker', 'vegan', 'Serve topped with the tofu, green onions.'],
    ['corn-slow-cooker', 'vegan', 'then whisk in 1 cup of the water and the vegan bouillon powder until blended and thick.'],
    ['corn-slow-cooker', 'smooth', 'Saute the onion and celery in the drippings until soft.'],
    ['corn-slow-cooker', 'smooth', 'Stir in the half-and-half and cheddar; cover and cook 15 min more.'],
    ['chickpea-prawns', 'no fish or shellfish', 'Serve the cream in warm bowls with the chickpeas on top and a thread of raw oil.'],
    ['chickpea-prawns', 'smooth', 'Put the prawns in before blending and cook them through, to be blended in and sieved with the rest.'],
    ['chickpea-prawns', 'smooth', 'Serve the cream in warm bowls with a thread of raw oil.'],
    ['haddock-milk-chowder', 'no fish or shellfish', 'until the potatoes give and the chicken breast is cooked through.'],
    ['haddock-milk-chowder', 'no fish or shellfish', 'Fish out the bay.'],
    [
      'haddock-milk-chowder',
      'smooth',
      'Return the fish with the sweetcorn and crème fraîche and warm through. Blend all of it until smooth, then sieve. Bread on the side.',
    ],
    ['pea-crisp-ham', 'vegan', 'Brown the tofu in the oil, the smoked paprika for the last minute. Heat the rapeseed oil and cook the spring onions'],
    ['pea-crisp-ham', 'vegan', 'Ladle into bowls and top with the tofu.'],
    ['pea-crisp-ham', 'no pork', 'Warm the turkey breast in the rapeseed oil with the smoked paprika for a minute. Melt the butter'],
    ['pea-crisp-ham', 'smooth', 'Ladle into bowls.'],
    ['asparagus-egg', 'smooth', 'Divide the soup between bowls and top each with black pepper.'],
    ['squash-brown-butter', 'no milk', 'For the topping, heat the rapeseed oil in a small pan over medium heat. Add the sage and fry 30 seconds.'],
    ['squash-brown-butter', 'smooth', 'Spoon over the soup.'],
    ['caldo-verde', 'kidneys: sodium 300, phosphorus 150, potassium 400', 'simmer until the potatoes are falling apart, 20-25 minutes.'],
    ['loaded-potato', 'no milk', "Stir in the oat drink and the oat cooking cream until hot (don't boil)."],
    ['loaded-potato', 'no onion or garlic', 'Garnish with remaining cheese, bacon.'],
    ['gazpacho', 'no gluten ingredient', 'adding the oil in a thin stream. Blend the rice in with it. Pass through a sieve.'],
    [
      'white-almond',
      '350 kcal and 14 g protein',
      'Soak the bread in a little of the water for 10 minutes. Blend the almonds, garlic, bread and 740 g water until smooth.',
    ],
    ['leek-potato', '350 kcal and 14 g protein', 'Chill. Serve with chives.'],
    ['squash-miso-tahini', 'no soy', 'Blend with the yeast extract spread and the water and tahini until smooth.'],
    ['prawn-bisque', 'smooth', 'Add the prawns and simmer 3 minutes. Return the prawns to the pot before blending'],
    [
      'prawn-bisque',
      'no fish or shellfish',
      'add the water and the vegan bouillon powder and simmer 20 minutes. Blend until smooth, stir in the cream, lemon and salt.',
    ],
    ['broccoli-cheddar', 'vegan, at most 700 mg sodium', 'Off the heat stir in the oat cooking cream. Season with the salt, pepper and nutmeg.'],
    ['roast-tomato', '350 kcal and 14 g protein', 'Stir the grated cheddar in off the boil until it has melted. Top with the croutons.'],
    ['parsnip-curry', 'vegan', 'Return to the pan, stir in the soy cooking cream and reheat without boiling.'],
    ['white-bean-kale', 'smooth', 'Add beans, stock and the parmesan rind.'],
    ['white-bean-kale', 'no pork', 'In the pot, saute onion, carrots and celery until soft'],
    ['salmon-leek', 'smooth', 'Blend all of it until smooth, then sieve.'],
    ['miso-corn', 'smooth', 'Serve topped with the chili oil.'],
    ['egg-asparagus', 'smooth', 'Return the tips to the pot before blending, to be blended in and sieved with the rest.'],
    ['ham-lentil-slow', 'vegan', 'Cover and cook on low 8 hours. Discard bay leaf.'],
    ['pea-mint-prosciutto', 'smooth', 'Ladle into bowls, swirl in the rest of the creme fraiche.'],
    ['beetroot-feta', 'vegan', 'Serve with the tofu, walnuts and the toasted rye bread.'],
    ['lentil-lemon', 'no pulses', 'Put in a pot the onion, carrot, potato, tomato paste, cumin'],
    ['seafood-velvet', 'no fish or shellfish', 'Stir in sherry; serve with chives.'],
    ['chicken-rice', 'vegan', 'simmer for 20 minutes. Lift out the tofu, crumble it and set aside.'],
    ['chicken-tortilla', 'vegan', 'Take out the tofu and crumble it. Blend the soup until smooth. Add the tofu and the beans and warm through.'],
    ['chicken-leek', 'vegan', 'simmer for 25 minutes. Remove the tofu and crumble it. Blend the soup'],
    ['haddock-chowder', 'no fish', 'Lift out and shred the chicken breast. Keep the milk.'],
    ['egg-lemon', 'vegan', 'Add the rice and cook 15 minutes. Add the lemon juice. Serve.'],
    ['chestnut-porcini', 'smooth', 'Taste and season again at the end. Serve.'],
    ['corn-chowder-light', 'vegan', 'for a minute. Add onion and pepper, cook until soft, 5 min.'],
    ['wild-rice', 'smooth', 'Discard the bay leaves. Blend all of it until smooth, then sieve.'],
    ['carrot-chickpea', 'vegan', 'top with the soy yogurt, the crunchy chickpeas, pistachios and coriander.'],
    ['shrimp-shells', 'no fish or shellfish', 'Whisk in the water and the milk.'],
    ['cold-beetroot-egg', 'no egg', 'Chill for at least 2 hours.'],
    ['celeriac-blue', 'no milk', 'Serve with the tofu, shards of ham and walnuts.'],
    ['celeriac-blue', 'no pork', 'Serve with the rest of the cheese, shards of the turkey breast and walnuts.'],
    ['sausage-slow', 'no pork', 'Put the chicken breast, onion, garlic, potatoes, broth and pepper flakes in the slow cooker.'],
    ['white-bean-turkey', 'smooth', 'Stir in the lime juice. Blend all of it until smooth, then sieve. Ladle into bowls.'],
    ['white-bean-turkey', 'at most 400 mg sodium', 'Puree one can of the beans with 1 cup of the chicken broth.'],
    ['white-bean-turkey', 'no milk', 'Stir in the lime juice.'],
    ['asparagus-egg', 'vegan', 'Stir in the flour, then the stock bit by bit.'],
    ['lentil-sausage', 'smooth', 'Remove the bay leaf. Blend all of it until smooth, then sieve.'],
    ['pumpkin-peanut', 'at most 3 g saturated fat, same body', 'In a medium pot, warm 6 g coconut oil over medium.'],
    ['lobster', 'no alcohol', 'Add tomato paste and cook 1 minute. Add the water and the lemon juice, reduce by half.'],
  ])('%s, %s', (name, said, sentence) => {
    expect(methodOf(name, said)).toContain(sentence);
  });

  test.each<[string, Said, RegExp]>([
    ['beer-cheese', 'no pork', /\bdrippings|paper towel/],
    ['loaded-potato', 'vegan', /\bIn a large pot\.|crumble|tablespoon of the fat/i],
    ['saint-germain', 'no gluten ingredient', /fried in butter/i],
    ['chicken-tortilla', 'vegan', /skin|meat|pulled/],
    ['chicken-leek', 'vegan', /bones|juices|flake/],
    ['tortilla-creamy', 'vegan', /chicken|165|melted/],
    ['tortilla-creamy', 'no milk', /melted/],
    ['egg-lemon', 'no egg', /mixture|thickened|scramble/],
    ['shrimp-shells', 'no fish or shellfish', /shells|shrimp|pink/],
    ['cold-beetroot-egg', 'no egg', /halves|egg/i],
    ['sausage-slow', 'no pork', /breaking|In a skillet\./],
    ['wild-rice', 'smooth', /with the bay/],
    ['white-bean-turkey', 'no milk', /soy yogurt.*soy yogurt/],
    ['white-bean-turkey', 'vegetarian', /pink|breaking/],
    ['asparagus-egg', 'smooth', /poach|\begg/i],
    ['lentil-sausage', 'smooth', /about half|them in the soup/],
    ['peanut-sweet-potato', 'kidneys: sodium 300, phosphorus 150, potassium 400', /wilted/],
  ])('%s, %s: nothing is told of what is gone', (name, said, leftover) => {
    expect(methodOf(name, said)).not.toMatch(leftover);
  });
});

test('what all is cooked in is no drink that must not boil', () => {
  expect(methodOf('leek-oat', 'vegan')).not.toMatch(/off the boil/);
});
