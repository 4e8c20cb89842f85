/**
 * Where a kitchen buys: which table's sample is the food on its board, and what its shops mean by 'butter', 'flour' and 'cream'.
 * The words are common practice of each country's shops, no source; which table serves is science of the bowl, section 3.
 */
import type { RegimeId } from '../regime/regime.ts';
import type { Wide } from './data/iodineAndVitaminD.ts';

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
  /** Vitamin D of a cow's milk where most of it is sold unfortified, µg per 100 g. Where it is missing the table's stands, fortified by law or custom. */
  milkVitaminDUg?: Wide;
}

/** As cows give it; some dairies of these markets fortify (UK McCance and Widdowson: trace; Nordic law 1.0 and more; from memory). */
const UNFORTIFIED: Wide = [0.05, 0, 1.4];

/** Flour that no law makes one enrich. */
const PLAIN_FLOUR = 'flour-wheat-unenriched';
/** Sold at ten per cent fat where nobody says otherwise (from memory); in America without any as often as not. */
const WHOLE_GREEK = { 'greek yogurt': 'yogurt-greek-whole', 'greek yoghurt': 'yogurt-greek-whole' };
const flourIs = (foodId: string) => ({ flour: foodId, 'plain flour': foodId, 'white flour': foodId, 'wheat flour': foodId });

export const MARKET_ROWS: Readonly<Record<Market, MarketRow>> = {
  us: { label: 'United States', means: {}, eggGrams: [50, 44, 56] },
  ca: { label: 'Canada', means: {}, eggGrams: [50, 44, 56] },
  uk: { label: 'United Kingdom', means: { ...flourIs('flour-wheat-uk'), ...WHOLE_GREEK }, eggGrams: [51, 46, 60], milkVitaminDUg: UNFORTIFIED },
  eu: {
    label: 'European Union',
    means: { ...flourIs(PLAIN_FLOUR), ...WHOLE_GREEK, butter: 'butter-unsalted', cream: 'cream-whipping-light' },
    eggGrams: [51, 46, 60],
    milkVitaminDUg: UNFORTIFIED,
  },
  anz: {
    label: 'Australia and New Zealand',
    means: { ...flourIs(PLAIN_FLOUR), ...WHOLE_GREEK },
    eggGrams: [51, 44, 60],
    milkVitaminDUg: UNFORTIFIED,
  },
  in: {
    label: 'India',
    openTable: true,
    means: { ...flourIs(PLAIN_FLOUR), ...WHOLE_GREEK, cream: 'cream-light', 'fresh cream': 'cream-light' },
    eggGrams: [45, 38, 52],
    milkVitaminDUg: UNFORTIFIED,
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
