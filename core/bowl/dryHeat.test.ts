/** Water that leaves on a tray, in a pan or under an open sweat: by food, with its interval, never more than the food holds. */
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { bowlOf, line, soup, step } from '../test/soup.ts';
import type { Step } from '../vocabulary/recipe.ts';

const RAW = 500;
const lostOf = (foodId: string, how: Partial<Step>) =>
  bowlOf(soup([line('l1', foodId, RAW), line('l2', 'water', 800)], { steps: [step('s1', { stage: 'base', uses: ['l1'], ...how })] }))
    .evaporatedGrams / RAW;

describe('a tray at 220 C (shares of the weight: science of the kitchen, section 6)', () => {
  test.each([
    ['potato', 0.2, 0.3],
    ['carrot', 0.25, 0.4],
    ['butternut-squash', 0.25, 0.4],
    ['cauliflower', 0.25, 0.4],
    ['onion', 0.3, 0.45],
    ['tomato', 0.4, 0.6],
    ['mushrooms', 0.4, 0.6],
  ])('%s loses %d to %d of its weight', (foodId, low, high) => {
    const lost = lostOf(foodId, { method: 'roast', minutes: { min: 40, max: 40 } });
    expect(lost).toBeGreaterThanOrEqual(low);
    expect(lost).toBeLessThanOrEqual(high);
  });
  test('half the time loses half, and a bean of flour in the pan nothing', () => {
    const whole = lostOf('carrot', { method: 'roast', minutes: { min: 40, max: 40 } });
    expect(lostOf('carrot', { method: 'roast', minutes: { min: 20, max: 20 } })).toBeCloseTo(whole / 2, 3);
    expect(lostOf('flour-wheat', { method: 'fry', minutes: { min: 5, max: 5 } })).toBe(0);
  });
});

describe('a pan (common practice, no source)', () => {
  test('a sweat under a lid loses less than an open one, and that less than browning', () => {
    const sweat = (lid: 'on' | 'off') => lostOf('onion', { method: 'sweat', lid, minutes: { min: 10, max: 10 } });
    expect(sweat('on')).toBeLessThan(sweat('off'));
    expect(sweat('off')).toBeLessThan(lostOf('onion', { method: 'brown', minutes: { min: 10, max: 10 } }));
  });
  test('mushrooms until their water is gone come to about half', () => {
    expect(lostOf('mushrooms', { method: 'fry', text: 'Fry the mushrooms until their water is gone.' })).toBeCloseTo(0.5, 1);
  });
});

test('no food loses more than it holds, however often it is dried', () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 12 }), fc.constantFrom('tomato', 'onion', 'potato', 'chicken-breast-raw'), (times, foodId) => {
      const steps = Array.from({ length: times }, (_, at) => step(`s${at}`, { stage: 'base', method: 'roast', uses: ['l1'] }));
      const { evaporatedGrams } = bowlOf(soup([line('l1', foodId, RAW), line('l2', 'water', 500)], { steps }));
      expect(evaporatedGrams).toBeLessThanOrEqual(RAW * 0.95);
    }),
  );
});
