/** 'Enough water to cover': the amount is worked out from what lies in the pot, as an estimate that says so. */
import { isOf } from '../vocabulary/category.ts';
import type { Line } from '../vocabulary/recipe.ts';
import type { Context } from './context.ts';
import { readingOf } from './doubts.ts';

const COVER = /\b(?:enough\b.*\bto (?:just |barely )?cover|to (?:just |barely )?cover|just (?:to )?cover)\b/i;
/** Cubes fill 0.55 to 0.65 of their heap: the liquid fills the rest (estimate, as for the evaporation of a pot). */
const FILLS = { best: 0.6, low: 0.5, high: 0.7 } as const;

/** Gives grams to the lines that only say 'to cover'. */
export function coverLines(lines: readonly Line[], { shelf, doubts, bowls }: Context): void {
  for (const line of lines) {
    const food = line.foodId ? shelf.food(line.foodId) : undefined;
    if (line.grams || !food || food.densityGPerMl === undefined || !COVER.test(line.text)) continue;
    const solids = lines.reduce((sum, other) => {
      const category = shelf.food(other.foodId ?? '')?.category;
      const inPot = (other.stage === 'base' || other.stage === 'simmer') && other.chosen !== false;
      return sum + (inPot && isOf(category, 'covered') ? (other.grams?.best ?? 0) : 0);
    }, 0);
    if (solids <= 0) continue;
    const liquid = (fills: number) => Math.round((solids / fills - solids) * (food.densityGPerMl ?? 1));
    line.grams = { best: liquid(FILLS.best), low: liquid(FILLS.high), high: liquid(FILLS.low) };
    const mine = doubts.findIndex(({ lineId, code }) => lineId === line.id && code.startsWith('amount.'));
    const doubt = {
      code: 'amount.cover' as const,
      lineId: line.id,
      textLine: mine >= 0 ? (doubts[mine]?.textLine ?? null) : null,
      message: `To cover ${Math.round(solids)} g of pieces takes about ${line.grams.best} g (${line.grams.low} to ${line.grams.high}): an estimate. Measure what you pour.`,
      readings: [line.grams.low, line.grams.best, line.grams.high].map((grams) => readingOf(`${grams} g`, food.id, grams, bowls, shelf)),
    };
    if (mine >= 0) doubts.splice(mine, 1, doubt);
    else doubts.push(doubt);
  }
}
