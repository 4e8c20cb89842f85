/** Who comes to lunch at Skerrow House: invented, by seat. Twelve guests, most of whom eat anything. */
import type { NewGroup } from '../../contract/types.ts';
import type { Groups } from '../services/groups.ts';

export const DEMO_GROUP: NewGroup = {
  name: 'Skerrow House, twelve at lunch',
  guests: [
    { seat: 'A1', needs: {} },
    { seat: 'A2', needs: { allergens: ['milk'] }, sides: [{ foodId: 'bread-rye', grams: 50 }] },
    {
      seat: 'A3',
      needs: {},
      bowls: 1.5,
      sides: [
        { foodId: 'bread-wholemeal', grams: 64 },
        { foodId: 'cheddar', grams: 30 },
      ],
    },
    { seat: 'A4', needs: { diets: ['vegetarian'] } },
    { seat: 'B1', needs: { allergens: ['gluten', 'wheat'], scope: 'plate' }, sides: [{ foodId: 'bread-gluten-free', grams: 60 }] },
    { seat: 'B2', needs: { limits: [{ nutrient: 'sodiumMg', per: 'serving', max: 450 }] } },
    { seat: 'B3', needs: { allergens: ['celery'] } },
    { seat: 'B4', needs: {} },
    { seat: 'C1', needs: { smooth: true } },
    { seat: 'C2', needs: { limits: [{ nutrient: 'proteinG', per: 'serving', min: 7 }] } },
    { seat: 'C3', needs: {}, sides: [] },
    { seat: 'C4', needs: { diets: ['noPork'] } },
  ],
};

export async function addDemoGroup(groups: Groups): Promise<void> {
  if ((await groups.all()).length === 0) await groups.add(DEMO_GROUP);
}
