/** The table: forty guests with twelve needs, and a spread of 100,000 combinations by twelve measures with its front. */
import { SHELF } from '../../core/food/shelf.ts';
import { potsFor } from '../../core/group/pots.ts';
import { readRecipe } from '../../core/reading/read.ts';
import { frontAmong, lookedAt } from '../../core/spread/look.ts';
import { spreadOf } from '../../core/spread/spread.ts';
import type { Needs } from '../../core/swap/needs.ts';
import type { Nutrient } from '../../core/vocabulary/nutrient.ts';
import type { Measure } from './measure.ts';

const readSoup = (text: string) => readRecipe(text, { measures: 'metric' }, SHELF).recipe;
const now = () => performance.now();
const limit = (nutrient: Nutrient, bounds: { min?: number; max?: number }): Needs => ({ limits: [{ nutrient, per: 'serving', ...bounds }] });
const TWELVE: readonly Needs[] = [
  {},
  { allergens: ['milk'] },
  { diets: ['vegetarian'] },
  { allergens: ['gluten', 'wheat'] },
  limit('sodiumMg', { max: 450 }),
  { allergens: ['celery'] },
  { smooth: true },
  limit('proteinG', { min: 7 }),
  { diets: ['vegan'] },
  { allergens: ['soy'] },
  limit('saturatedFatG', { max: 3 }),
  { allergens: ['treeNut'] },
];
/** The same, two of them such that no pot serves both. */
const AT_ODDS: readonly Needs[] = [...TWELVE.slice(0, 10), limit('energyKcal', { min: 330 }), limit('energyKcal', { max: 150 })];

function pots(name: string, needs: readonly Needs[], random: () => number): Measure {
  let proven = 0;
  const kettles = new Set<number>();
  const samples = Array.from({ length: 7 }, () => {
    const grams = (usual: number) => Math.round(usual * (0.8 + 0.4 * random()));
    const recipe = readSoup(
      `Leek and potato soup\nServes 6\n\n${grams(500)} g leeks, sliced\n40 g butter\n${grams(400)} g potatoes, diced\n1 litre vegetable stock\n${grams(150)} ml double cream\n90 g croutons\n\n1. Sweat the leeks in the butter for 10 minutes.\n2. Add the potatoes and the stock and simmer for 20 minutes.\n3. Blend until smooth.\n4. Stir in the cream.\n5. Serve with the croutons.`,
    );
    const guests = Array.from({ length: 40 }, (_, at) => ({ seat: `A${at + 1}`, needs: needs[at % needs.length] as Needs }));
    const start = now();
    const reply = potsFor({ recipe, guests }, SHELF, now);
    const took = now() - start;
    proven += reply.optimal ? 1 : 0;
    kettles.add(new Set(reply.pots.map(({ kettle }) => kettle)).size);
    return took;
  });
  return { name, goal: 2000, unit: 'ms', samples, extra: `${proven} of ${samples.length} proven, ${[...kettles].join(' or ')} pots` };
}

function spreads(random: () => number): Measure {
  let points = 0;
  let measures = 0;
  const samples = Array.from({ length: 9 }, () => {
    const grams = (usual: number) => Math.round(usual * (0.8 + 0.4 * random()));
    const recipe = readSoup(
      `Kohlrabi cream\nServes 6\n\n50 g unsalted butter\n300 ml whole milk\n${grams(150)} ml double cream\n45 g plain flour\n${grams(900)} g kohlrabi, peeled and diced\n1.3 litres vegetable broth\n4 g salt\n60 g cheddar, grated\n\nSweat the kohlrabi in the butter for 10 minutes, stir in the flour, add the broth and milk, simmer 20 minutes, blend, stir in the cream, the cheddar and the salt.`,
    );
    const start = now();
    const spread = lookedAt(spreadOf({ recipe, needs: { allergens: ['milk'] }, measures: ['sodiumMg', 'proteinG'] }, SHELF, { now, most: 100_000 }));
    frontAmong(spread);
    points = spread.points.length;
    measures = spread.measures.length;
    if (spread.looked < 100_000) throw new Error(`only ${spread.looked} combinations were looked at`);
    return now() - start;
  });
  return {
    name: `the spread of 100,000 combinations, ${measures} measures, with its front`,
    goal: 500,
    unit: 'ms',
    samples,
    extra: `${points} points; the model and ten plans of the search with it`,
  };
}

export const tableMeasures = (random: () => number): Measure[] => [
  pots('fewest pots for forty guests with twelve needs', TWELVE, random),
  pots('the same where two needs are at odds', AT_ODDS, random),
  spreads(random),
];
