/** What is shopped for: the pots, and what stands beside the bowls of guests with sides of their own. */
import type { DayPot } from '../../../contract/types.ts';
import type { Recipe } from '../../../core/vocabulary/recipe.ts';

export const toBuy = (pots: readonly DayPot[]): Recipe[] =>
  pots.flatMap(({ recipe, beside = [] }) => [
    recipe,
    ...beside
      .filter(({ lines }) => lines.length > 0)
      .map(({ seats, lines }): Recipe => ({ title: `beside ${seats.join(', ')}`, servings: seats.length, lines, steps: [] })),
  ]);
