/**
 * Where the doubt about a figure comes from: the share of its variance that each line carries, and whether the scale or
 * the label would settle it. First order, as the interval itself.
 */
import type { KernelLine } from './kernel.ts';

export interface DoubtShare {
  /** Place among the lines given. */
  line: number;
  /** Of the whole variance, 0 to 1. */
  share: number;
  /** What carries it: how much there is, or what is in it. */
  of: 'amount' | 'composition';
}

/** The lines that carry most of the doubt about a nutrient, most first. None when there is no doubt. */
export function doubtAbout(lines: readonly KernelLine[], nutrient: number, most = 3): DoubtShare[] {
  // The two sides are averaged: a line is as doubtful as it may be wrong either way.
  const both = (below: number, above: number) => (below * below + above * above) / 2;
  const compositionOf = new Map<number, number>();
  for (const { food, figures, grams } of lines) {
    const sd = Math.sqrt(both(figures.below[nutrient] as number, figures.above[nutrient] as number));
    compositionOf.set(food, (compositionOf.get(food) ?? 0) + (grams / 100) * sd);
  }
  const parts = lines.map(({ food, figures, grams, below, above }) => {
    const amount = both(below, above) * ((figures.value[nutrient] as number) / 100) ** 2;
    const sd = (grams / 100) * Math.sqrt(both(figures.below[nutrient] as number, figures.above[nutrient] as number));
    // Lines of one food share its error: each carries its part of what they carry together.
    const composition = sd * (compositionOf.get(food) as number);
    return { amount, composition };
  });
  const total = parts.reduce((sum, { amount, composition }) => sum + amount + composition, 0);
  if (total <= 0) return [];
  return parts
    .map(
      ({ amount, composition }, line): DoubtShare => ({
        line,
        share: (amount + composition) / total,
        of: amount >= composition ? 'amount' : 'composition',
      }),
    )
    .filter(({ share }) => share > 0.02)
    .sort((a, b) => b.share - a.share)
    .slice(0, most);
}
