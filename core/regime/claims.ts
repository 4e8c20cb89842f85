/**
 * Which content claims the figures of a soup would support, judged on the whole interval: 'yes' only where every value
 * in it would do, 'no' only where none would. It is never a claim made; a label wants it confirmed.
 */
import { type Nutrient, nutrientName } from '../vocabulary/nutrient.ts';
import type { Basis, Beside, ClaimBook, Criterion } from './claimRules.ts';
import { REGIMES, type RegimeId } from './regime.ts';

export type Supported = 'yes' | 'no' | 'cannotTell';

export interface Claim {
  id: string;
  regime: RegimeId;
  words: string;
  supported: Supported;
  /** Of the criterion that decides, in its own unit. */
  figure: number;
  limit: number;
  /** What a claim must point to beside it. */
  disclose?: string[];
  source: string;
}

interface Interval {
  value: number;
  low: number;
  high: number;
  /** The figure is a lower bound: nothing is known above it. */
  atLeast: boolean;
}

export interface ClaimFigures {
  perServing: Readonly<Record<Nutrient, Interval>>;
  servingGrams: number;
  servingMl: number;
}

/** The content claims of the regime, each with whether the figures would support it. */
export function claimsOf(regime: RegimeId, figures: ClaimFigures): Claim[] {
  if (figures.servingGrams <= 0 || figures.servingMl <= 0) return [];
  const { claims } = REGIMES[regime];
  const disclose = claims.beside ? disclosures(claims.beside, claims, figures) : [];
  return claims.rules.map(({ id, words, any, source }) => {
    let best: Judged | undefined;
    for (const row of any) {
      const judged = weakest(row, claims, figures);
      if (!best || ORDER[judged.supported] < ORDER[best.supported]) best = judged;
    }
    const { supported, figure, limit } = best as Judged;
    const claim: Claim = { id, regime, words, supported, figure, limit, source };
    if (supported === 'yes') {
      const fat = claims.beside && id.endsWith(':fibreG') ? fatStatement(claims.beside, claims, figures) : [];
      if (disclose.length + fat.length > 0) claim.disclose = [...disclose, ...fat];
    }
    return claim;
  });
}

const ORDER: Record<Supported, number> = { yes: 0, cannotTell: 1, no: 2 };

type Judged = Pick<Claim, 'supported' | 'figure' | 'limit'>;

/** All must hold: the one that holds least decides. */
function weakest(row: readonly Criterion[], book: ClaimBook, figures: ClaimFigures): Judged {
  let least: Judged | undefined;
  for (const criterion of row) {
    const judged = judge(criterion, book, figures);
    if (!least || ORDER[judged.supported] > ORDER[least.supported]) least = judged;
  }
  return least as Judged;
}

function judge(criterion: Criterion, book: ClaimBook, figures: ClaimFigures): Judged {
  const figure = figureOf(criterion, book, figures);
  return { figure: figure.value, limit: criterion.limit, supported: supportOf(criterion, figure) };
}

function supportOf({ is, limit }: Criterion, { low, high, atLeast }: Interval): Supported {
  if (is === 'least') return low >= limit ? 'yes' : !atLeast && high < limit ? 'no' : 'cannotTell';
  if (!within(low, is, limit)) return 'no';
  return !atLeast && within(high, is, limit) ? 'yes' : 'cannotTell';
}

const within = (x: number, is: 'most' | 'below', limit: number): boolean => (is === 'most' ? x <= limit : x < limit);

/** Bowls in the amount. */
function factorOf(basis: Basis, { reference }: ClaimBook, { servingGrams, servingMl }: ClaimFigures): number {
  if (basis === 'serving') return 1;
  if (basis === 'reference') {
    if (!reference) throw new RangeError('this regime has no reference amount');
    return 'grams' in reference ? reference.grams / servingGrams : reference.ml / servingMl;
  }
  return 100 / (basis === '100ml' ? servingMl : servingGrams);
}

function figureOf({ nutrients, basis, ofEnergy, perKcal, also }: Criterion, book: ClaimBook, figures: ClaimFigures): Interval {
  const sum: Interval = { value: 0, low: 0, high: 0, atLeast: false };
  for (const key of nutrients) add(sum, figures.perServing[key], 1);
  if (also) add(sum, figures.perServing[also[0]], also[1]);
  const energy = figures.perServing.energyKcal;
  if (perKcal) return ofEnergyKcal(sum, energy, 100);
  if (ofEnergy !== undefined) return ofEnergyKcal(sum, energy, 100 * ofEnergy);
  const factor = factorOf(basis, book, figures);
  if (factor !== 1) {
    sum.value *= factor;
    sum.low *= factor;
    sum.high *= factor;
  }
  return sum;
}

/** A share of the energy, `by` times over: by the least and the most that either can be, which is wider than the truth. */
function ofEnergyKcal({ value, low, high, atLeast }: Interval, energy: Interval, by: number): Interval {
  const over = (x: number, kcal: number) => (kcal > 0 ? (x * by) / kcal : 0);
  return {
    value: over(value, energy.value),
    low: energy.atLeast ? 0 : over(low, energy.high),
    high: over(high, energy.low),
    atLeast,
  };
}

function add(sum: Interval, { value, low, high, atLeast }: Interval, share: number): void {
  sum.value += value * share;
  sum.low += low * share;
  sum.high += high * share;
  sum.atLeast ||= atLeast;
}

/** Nutrients above the level at which a claim must say 'see nutrition information for ... content', 101.13(h)(1). */
function disclosures({ disclose }: Beside, book: ClaimBook, figures: ClaimFigures): string[] {
  const most = Math.max(1, factorOf('reference', book, figures));
  return (Object.entries(disclose) as [Nutrient, number][])
    .filter(([key, level]) => figures.perServing[key].high * most > level || figures.perServing[key].atLeast)
    .map(([key]) => `see nutrition information for ${nutrientName(key)} content`);
}

/** A fibre claim states the fat unless the soup is low in it, 21 CFR 101.54(d). */
function fatStatement({ fibreStatesFatAbove }: Beside, book: ClaimBook, figures: ClaimFigures): string[] {
  const low = judge({ nutrients: ['fatG'], basis: 'reference', is: 'most', limit: fibreStatesFatAbove }, book, figures);
  return low.supported === 'yes' ? [] : [`contains ${figures.perServing.fatG.value.toFixed(1)} g total fat per serving`];
}

export interface Less {
  nutrient: Nutrient;
  /** Whole per cent less than the original, by the best values. */
  percent: number;
  words: string;
}

/** 'x % less than the original': never 'reduced', which is a claim against a reference food and not one's own recipe. Null where it is not less, or where one of the two is unknown. */
export function lessThanOriginal(nutrient: Nutrient, original: Interval, now: Interval): Less | null {
  if (original.atLeast || now.atLeast || original.value <= 0) return null;
  const percent = Math.floor((1 - now.value / original.value) * 100 + 1e-9);
  if (percent < 1) return null;
  // The two intervals touch: the difference may be none.
  const unsure = now.high >= original.low;
  return { nutrient, percent, words: `${unsure ? 'about ' : ''}${percent} % less ${nutrientName(nutrient)} than the original` };
}
