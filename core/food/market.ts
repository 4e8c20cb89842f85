/**
 * Where a kitchen buys: which table's sample is the food on its board, and what its shops mean by 'butter', 'flour' and 'cream'.
 * The words are common practice of each country's shops, no source; which table serves is science of the bowl, section 3.
 */
import type { RegimeId } from '../regime/regime.ts';

export const MARKETS = ['us', 'ca', 'uk', 'eu', 'anz', 'in'] as const;
export type Market = (typeof MARKETS)[number];

interface MarketRow {
  label: string;
  /** Foods that stand in both tables are those of the open one. */
  openTable?: true;
  /** Bare words of the shop and the food they buy, where it is another than in the United States. */
  means: Readonly<Record<string, string>>;
  /** An egg without its shell, g: best, low, high. */
  eggGrams: readonly [number, number, number];
}

/** Flour that no law makes one enrich. */
const PLAIN_FLOUR = 'flour-wheat-unenriched';
const flourIs = (foodId: string) => ({ flour: foodId, 'plain flour': foodId, 'white flour': foodId, 'wheat flour': foodId });

export const MARKET_ROWS: Readonly<Record<Market, MarketRow>> = {
  us: { label: 'United States', means: {}, eggGrams: [50, 44, 56] },
  ca: { label: 'Canada', means: {}, eggGrams: [50, 44, 56] },
  uk: { label: 'United Kingdom', means: flourIs('flour-wheat-uk'), eggGrams: [51, 46, 60] },
  eu: {
    label: 'European Union',
    means: { ...flourIs(PLAIN_FLOUR), butter: 'butter-unsalted', cream: 'cream-whipping-light' },
    eggGrams: [51, 46, 60],
  },
  anz: { label: 'Australia and New Zealand', means: flourIs(PLAIN_FLOUR), eggGrams: [51, 44, 60] },
  in: {
    label: 'India',
    openTable: true,
    means: { ...flourIs(PLAIN_FLOUR), cream: 'cream-light', 'fresh cream': 'cream-light' },
    eggGrams: [45, 38, 52],
  },
};

/** Where a house buys that has not said so. */
const OF_REGIME: Readonly<Record<RegimeId, Market>> = { us: 'us', eu: 'eu', uk: 'uk', ca: 'ca', anz: 'anz' };
export const marketOf = ({ market, regime }: { market?: Market | undefined; regime: RegimeId }): Market => market ?? OF_REGIME[regime];

/** The food a bare word of the shop buys in this market; undefined where it is the one everywhere. `words` are as phraseKey gives them. */
export const meantIn = (market: Market | undefined, words: string): string | undefined => {
  const means = market && MARKET_ROWS[market].means;
  return means && Object.hasOwn(means, words) ? means[words] : undefined;
};
