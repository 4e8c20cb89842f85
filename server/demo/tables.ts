/**
 * For which table of Skerrow House each soup was adapted, and why: invented. The versions in versions.json are the program's own closest
 * plans for these needs, each read by a cook before it was kept; `npm run demo:versions` makes them anew.
 */
import type { Needs } from '../../core/swap/needs.ts';

export interface ForTable {
  /** Title of the soup. */
  title: string;
  name: string;
  reason: string;
  needs: Needs;
  /** Which of the plans was kept, the closest being 0. */
  plan: number;
}

const atMost = (nutrient: 'sodiumMg' | 'saturatedFatG', max: number) => ({ nutrient, per: 'serving' as const, max });

export const FOR_TABLES: readonly ForTable[] = [
  {
    title: 'Celeriac and apple cream',
    name: 'For table B',
    reason: 'No milk, and less saturated fat.',
    needs: { allergens: ['milk'], limits: [atMost('saturatedFatG', 3)], body: 'same' },
    plan: 0,
  },
  { title: 'Parsnip and streaky bacon soup', name: 'For table D', reason: 'Eats no meat.', needs: { diets: ['vegetarian'] }, plan: 0 },
  {
    title: 'Asparagus velouté',
    name: 'For table A',
    reason: 'Nothing with gluten.',
    needs: { allergens: ['gluten', 'wheat'], body: 'same' },
    plan: 0,
  },
  {
    title: 'Cream of chicken and tarragon',
    name: 'For table C',
    reason: 'At most 500 mg of sodium a bowl.',
    needs: { limits: [atMost('sodiumMg', 500)] },
    plan: 0,
  },
  { title: 'Leek and smoked haddock cream', name: 'For table B', reason: 'No milk.', needs: { allergens: ['milk'] }, plan: 0 },
  { title: 'Cream of spinach with an egg-yolk finish', name: 'For table A', reason: 'No egg.', needs: { allergens: ['egg'] }, plan: 0 },
  {
    title: 'Roast red pepper with bread and almonds',
    name: 'For table E',
    reason: 'No nuts of any kind.',
    needs: { diets: ['nutFree'] },
    plan: 0,
  },
  {
    title: 'Chestnut and sherry cream',
    name: 'For table D',
    reason: 'No alcohol, not even cooked.',
    needs: { diets: ['noAlcohol'] },
    plan: 0,
  },
  { title: 'Green pea, ham and mint', name: 'For table D', reason: 'Nothing from an animal.', needs: { diets: ['vegan'] }, plan: 0 },
  { title: 'Courgette and soft cheese', name: 'For table B', reason: 'No milk.', needs: { allergens: ['milk'] }, plan: 0 },
  { title: 'Sunchoke and hazelnut', name: 'For table E', reason: 'No nuts of any kind.', needs: { diets: ['nutFree'] }, plan: 0 },
  {
    title: 'Fennel and white bean',
    name: 'For table C',
    reason: 'At most 400 mg of sodium a bowl.',
    needs: { limits: [atMost('sodiumMg', 400)] },
    plan: 0,
  },
];
