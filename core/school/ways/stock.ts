/** What a soup is cooked in. Weight for weight in the place of its main liquid. */
import { grams, namesOf, type Put, turned } from '../turn.ts';
import { type Answer, none, now, type Soup, way } from '../types.ts';

/** Aromatic vegetables in water, g a litre (common practice: water 'as good as stock'), and how they part. */
const AROMATICS = { grams: 240, onion: 0.5, carrot: 0.3, celery: 0.2 };

const IS: Readonly<Record<string, RegExp>> = {
  bought: /^(?:vegetable|chicken|beef|mushroom|bone)-broth/,
  water: /^water$/,
  home: /stock-homemade$/,
  kelp: /^(?:kelp-stock|dashi)$/,
  mushroom: /^mushroom-(?:stock|broth)/,
  milk: /^milk-/,
};
const FOOD: Readonly<Record<string, string>> = {
  bought: 'vegetable-broth',
  home: 'vegetable-stock-homemade',
  kelp: 'kelp-stock',
  mushroom: 'mushroom-stock-homemade',
};

export function stock(school: string, { recipe, parts, shelf }: Soup): Answer {
  const pool = parts.pot.filter(({ food }) => food.category === 'broth' || food.category === 'water' || IS.milk?.test(food.id));
  const [main] = [...pool].sort((a, b) => b.grams - a.grams);
  if (!main) return none('It has no liquid of its own to be changed.');
  const hasAromatics = parts.vegetables
    .filter(({ food }) => /^(?:onion|celery|carrot|leek|shallot)/.test(food.id))
    .reduce((sum, one) => sum + one.grams, 0);
  const isWater = main.food.id === 'water';
  const milks = pool.some(({ food }) => IS.milk?.test(food.id));
  if (
    school === 'water'
      ? isWater && hasAromatics >= (main.grams / 1000) * (AROMATICS.grams / 2)
      : school === 'milk'
        ? milks
        : IS[school]?.test(main.food.id)
  )
    return now;
  const { line } = main;
  const stage = line.stage;
  const put = (foods: Put['foods'], works: Put['works'] = []): Put => ({ of: line.id, foods, works });
  if (school === 'milk') {
    const half = main.grams / 2;
    return way(
      turned(
        recipe,
        {
          put: [
            put([
              { foodId: main.food.id, grams: half, stage },
              { foodId: 'milk-whole', grams: half, stage },
            ]),
          ],
        },
        shelf,
      ),
      `Half of ${namesOf([main], shelf)} as whole milk, ${grams(half)}.`,
    );
  }
  if (school === 'water') {
    const wanted = Math.max(0, (main.grams / 1000) * AROMATICS.grams - hasAromatics);
    const poured = Math.max(0, main.grams - wanted);
    const part = (share: number, foodId: string) => ({ foodId, grams: wanted * share, stage: 'simmer' as const });
    const aromatics: Put[] =
      wanted < 20
        ? []
        : [
            {
              foods: [part(AROMATICS.onion, 'onion'), part(AROMATICS.carrot, 'carrot'), part(AROMATICS.celery, 'celery')],
              works: [{ text: 'Simmer the onion, the carrot and the celery in the pot until soft before blending.', when: 'before' }],
            },
          ];
    return way(
      turned(recipe, { put: [put([{ foodId: 'water', grams: poured, stage }]), ...aromatics] }, shelf),
      wanted < 20
        ? `Water for ${namesOf([main], shelf)}; there are aromatic vegetables enough in it. Salt it afresh.`
        : `Water for ${namesOf([main], shelf)}, with ${grams(wanted)} onion, carrot and celery blended in. Salt it afresh.`,
    );
  }
  const food = shelf.food(FOOD[school] ?? '');
  if (!food) return none('There is no such stock on the shelf.');
  return way(
    turned(recipe, { put: [put([{ foodId: food.id, grams: main.grams, stage }])] }, shelf),
    `${grams(main.grams)} ${food.name.toLowerCase()} for ${namesOf([main], shelf)}.${school === 'bought' ? ' It is salted: leave salt until last.' : ' Salt it afresh.'}`,
  );
}
