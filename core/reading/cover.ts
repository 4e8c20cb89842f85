/** Amounts by sight: 'enough water to cover', 'a film of oil over the bottom': worked out from the pot and what lies in it, as an estimate that says so. */
import { isOf } from '../vocabulary/category.ts';
import type { Grams, Line } from '../vocabulary/recipe.ts';
import type { Context } from './context.ts';
import { readingOf } from './doubts.ts';

/** A middling soup pot and an oven tray, cm2 (common practice, no source). */
const BOTTOM_CM2 = { best: 500, low: 300, high: 800 } as const;
const TRAY_CM2 = { best: 1200, low: 900, high: 1500 } as const;

interface Sight {
  said: RegExp;
  /** Of the weight of the pieces to the weight of liquid: cubes fill 0.55 to 0.65 of their heap, the liquid the rest (estimate). */
  fills?: { best: number; low: number; high: number };
  /** How deep it stands, cm. */
  depthCm?: readonly [best: number, low: number, high: number];
  over?: typeof BOTTOM_CM2 | typeof TRAY_CM2;
}

/** The first that is said counts. */
const SIGHTS: readonly Sight[] = [
  {
    said: /\b(?:film|thin layer|slick|to coat|coating|to (?:just )?cover the (?:base|bottom))\b.*\b(?:tray|sheet|tin)\b/i,
    depthCm: [0.03, 0.01, 0.06],
    over: TRAY_CM2,
  },
  {
    said: /\b(?:film|thin layer|slick|to (?:just )?coat the (?:base|bottom|pan|pot)|to (?:just )?cover the (?:base|bottom))\b/i,
    depthCm: [0.06, 0.03, 0.12],
    over: BOTTOM_CM2,
  },
  // Two fingers of water above them: the pot's bottom, 2 to 4 cm deep, and what fills the gaps.
  {
    said: /\b(?:submerge\w*|well covered|generously cover\w*|cover (?:by|well|generously)|to cover (?:by|well|generously))\b/i,
    fills: { best: 0.48, low: 0.4, high: 0.56 },
  },
  {
    said: /\b(?:not quite (?:to )?cover\w*|almost (?:to )?cover\w*|nearly (?:to )?cover\w*|three quarters? of the way|half ?way up|to come half ?way)\b/i,
    fills: { best: 0.72, low: 0.65, high: 0.82 },
  },
  { said: /\b(?:barely (?:to )?cover\w*|to barely cover|just barely)\b/i, fills: { best: 0.64, low: 0.57, high: 0.72 } },
  { said: /\b(?:enough\b.*\bto (?:just )?cover|to (?:just )?cover|just (?:to )?cover)\b/i, fills: { best: 0.6, low: 0.5, high: 0.7 } },
];

/** Gives grams to the lines that only say how high something stands. */
export function coverLines(lines: readonly Line[], { shelf, doubts, bowls }: Context): void {
  for (const line of lines) {
    const food = line.foodId ? shelf.food(line.foodId) : undefined;
    const sight = line.grams || !food ? undefined : SIGHTS.find(({ said }) => said.test(line.text));
    const density = food?.densityGPerMl ?? (food?.category === 'fat' ? FAT_DENSITY : undefined);
    if (!sight || !food || density === undefined) continue;
    const grams = sight.over ? spreadOver(sight, density) : fillsUp(lines, sight, density, shelf);
    if (!grams) continue;
    line.grams = grams;
    const mine = doubts.findIndex(({ lineId, code }) => lineId === line.id && code.startsWith('amount.'));
    const doubt = {
      code: 'amount.cover' as const,
      lineId: line.id,
      textLine: mine >= 0 ? (doubts[mine]?.textLine ?? null) : null,
      message: `'${line.text}' is an amount by sight: about ${grams.best} g (${grams.low} to ${grams.high}), an estimate. Measure what you pour.`,
      readings: [grams.low, grams.best, grams.high].map((one) => readingOf(`${one} g`, food.id, one, bowls, shelf)),
    };
    if (mine >= 0) doubts.splice(mine, 1, doubt);
    else doubts.push(doubt);
  }
}

const FAT_DENSITY = 0.92;

const spreadOver = ({ over, depthCm }: Sight, density: number): Grams | null => {
  if (!over || !depthCm) return null;
  const grams = (area: number, depth: number) => Math.round(area * depth * density);
  return { best: grams(over.best, depthCm[0]), low: grams(over.low, depthCm[1]), high: grams(over.high, depthCm[2]) };
};

/** What fills the gaps between the pieces in the pot. */
function fillsUp(lines: readonly Line[], { fills }: Sight, density: number, shelf: Context['shelf']): Grams | null {
  const solids = lines.reduce((sum, other) => {
    const category = shelf.food(other.foodId ?? '')?.category;
    const inPot = (other.stage === 'base' || other.stage === 'simmer') && other.chosen !== false;
    return sum + (inPot && isOf(category, 'covered') ? (other.grams?.best ?? 0) : 0);
  }, 0);
  if (solids <= 0 || !fills) return null;
  const liquid = (filled: number) => Math.round((solids / filled - solids) * density);
  return { best: liquid(fills.best), low: liquid(fills.high), high: liquid(fills.low) };
}
