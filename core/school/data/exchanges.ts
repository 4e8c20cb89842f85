/**
 * What comes frozen, canned or in a jar in the place of what is peeled and cut: for weak hands, or a short morning. Grams of it for one
 * gram of the other as it goes into the pot. Common practice of kitchens, no source: a dry pulse weighs 2.5 times as much when it is
 * cooked (science of the bowl, section 2), a pepper loses a quarter in the oven (section 6), the rest is weight for weight.
 */
export interface ReadyMade {
  from: string;
  to: string;
  by: number;
  /** It needs no soaking and no boiling of its own. */
  isCooked?: true;
}

const COOKED_PULSE = 2.5;
const ROASTED_PEPPER = 0.75;

export const READY_MADE: readonly ReadyMade[] = [
  { from: 'peas-fresh', to: 'peas-frozen', by: 1 },
  { from: 'peas-fresh', to: 'peas-canned', by: 1, isCooked: true },
  { from: 'spinach', to: 'spinach-frozen', by: 1 },
  { from: 'cauliflower', to: 'cauliflower-frozen', by: 1 },
  { from: 'broccoli', to: 'broccoli-frozen', by: 1 },
  { from: 'butternut-squash', to: 'butternut-frozen', by: 1 },
  { from: 'pumpkin', to: 'pumpkin-canned', by: 1, isCooked: true },
  { from: 'asparagus', to: 'asparagus-frozen', by: 1 },
  { from: 'asparagus', to: 'asparagus-canned', by: 1, isCooked: true },
  { from: 'sweetcorn', to: 'sweetcorn-frozen', by: 1 },
  { from: 'sweetcorn', to: 'sweetcorn-canned', by: 1, isCooked: true },
  { from: 'carrot', to: 'carrots-canned', by: 1, isCooked: true },
  { from: 'beetroot', to: 'beetroot-canned', by: 1, isCooked: true },
  { from: 'tomato', to: 'tomatoes-canned-no-salt', by: 1, isCooked: true },
  { from: 'tomato', to: 'tomatoes-canned', by: 1, isCooked: true },
  { from: 'mushrooms', to: 'mushrooms-canned', by: 1, isCooked: true },
  { from: 'red-pepper', to: 'red-pepper-jar', by: ROASTED_PEPPER, isCooked: true },
  { from: 'white-beans-dry', to: 'white-beans-canned-rinsed', by: COOKED_PULSE, isCooked: true },
  { from: 'white-beans-dry', to: 'white-beans-canned-drained', by: COOKED_PULSE, isCooked: true },
  { from: 'chickpeas-dry', to: 'chickpeas-canned-rinsed', by: COOKED_PULSE, isCooked: true },
  { from: 'chickpeas-dry', to: 'chickpeas-canned-drained', by: COOKED_PULSE, isCooked: true },
  { from: 'kidney-beans-dry', to: 'kidney-beans-canned-drained', by: COOKED_PULSE, isCooked: true },
  { from: 'black-beans-dry', to: 'black-beans-canned-rinsed', by: COOKED_PULSE, isCooked: true },
  { from: 'pinto-beans-dry', to: 'pinto-beans-canned-drained', by: COOKED_PULSE, isCooked: true },
  { from: 'lentils-dry', to: 'lentils-canned-drained', by: COOKED_PULSE, isCooked: true },
];
