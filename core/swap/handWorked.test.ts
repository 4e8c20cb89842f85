/** The twenty adaptations worked by hand: what the bench solves is what a cook would weigh. */
import { describe, expect, test } from '@jest/globals';
import { analyse } from '../analysis/analysis.ts';
import { SHELF } from '../food/shelf.ts';
import { line, soup } from '../test/soup.ts';
import { HAND_WORKED } from '../test/swap/handWorked.ts';
import { swapsForLine } from './forLine.ts';
import { gridStep } from './rounding.ts';

/** As near as two cooks come to each other. */
const WITHIN = 0.15;

describe('adaptations worked by hand', () => {
  test.each(HAND_WORKED.map((worked) => [worked.title, worked] as const))('%s', (title, { servings, lines, needs, replaced, swapId, expected }) => {
    const recipe = soup(
      lines.map(([foodId, grams]) => line(foodId, foodId, grams)),
      { title, servings },
    );
    const original = { recipe, analysis: analyse(recipe, {}, SHELF) };
    const swap = swapsForLine(recipe, needs, replaced, original, SHELF).find(({ change }) => change.swapId === swapId);
    expect(swap).toBeDefined();
    const off = expected.flatMap(([foodId, grams]) => {
      const solved = swap?.change.to.find((to) => to.foodId === foodId)?.grams ?? 0;
      const room = Math.max(grams * WITHIN, gridStep(grams));
      return Math.abs(solved - grams) > room + 1e-9 ? [`${foodId}: ${grams} by hand, ${solved} solved`] : [];
    });
    expect(off).toEqual([]);
  });
});
