/** A bowl in the ladles of the house. */

export interface Ladled {
  /** Ladles by their size, the larger first. */
  ladles: { ml: number; count: number }[];
  ml: number;
}

/** Nobody counts more into a bowl. */
const MOST = 4;
/** A ladle is filled to a tenth. */
const NEAR = 0.1;

/** The fewest ladles that come to the bowl within a tenth; the nearest there are where none do; null for a house that named none. */
export function ladled(bowlMl: number, sizes: readonly number[]): Ladled | null {
  const ladles = [...new Set(sizes)].filter((ml) => ml > 0).sort((a, b) => b - a);
  let best: { counts: number[]; count: number; off: number } | null = null;
  const go = (at: number, counts: number[], count: number, ml: number) => {
    if (count > 0) {
      const off = Math.abs(ml - bowlMl) / bowlMl;
      const isNear = off <= NEAR;
      const was = best;
      const better =
        !was ||
        (isNear && was.off > NEAR) ||
        (isNear === was.off <= NEAR && (isNear ? count < was.count || (count === was.count && off < was.off) : off < was.off));
      if (better) best = { counts: [...counts], count, off };
    }
    for (let next = at; next < ladles.length && count < MOST; next++) {
      counts[next] = (counts[next] ?? 0) + 1;
      go(next, counts, count + 1, ml + (ladles[next] as number));
      counts[next] = (counts[next] as number) - 1;
    }
  };
  go(
    0,
    ladles.map(() => 0),
    0,
    0,
  );
  const found = best as { counts: number[] } | null;
  if (!found) return null;
  const taken = ladles.flatMap((ml, at) => ((found.counts[at] ?? 0) > 0 ? [{ ml, count: found.counts[at] as number }] : []));
  return { ladles: taken, ml: taken.reduce((sum, { ml, count }) => sum + ml * count, 0) };
}

export const ladleWords = ({ ladles, ml }: Ladled): string =>
  `${ladles.map(({ ml: size, count }) => `${count} ${count === 1 ? 'ladle' : 'ladles'} of ${size} ml`).join(' and ')} (${ml} ml), stirred to the bottom before each`;
