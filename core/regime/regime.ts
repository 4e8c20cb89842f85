/**
 * The regimes. Each is one country's way of counting: energy factors, what its label calls carbohydrate, which allergens it makes one
 * declare, how it rounds, what may be claimed, how food is kept. To add one: a file of its own, and a line here.
 */
import { anz } from './anz.ts';
import { ca } from './ca.ts';
import { eu } from './eu.ts';
import type { RegimeRules } from './types.ts';
import { uk } from './uk.ts';
import { us } from './us.ts';

const RULES = { us, eu, uk, ca, anz } as const satisfies Record<string, RegimeRules>;

export type RegimeId = keyof typeof RULES;
export interface Regime extends RegimeRules {
  id: RegimeId;
}

export const REGIME_IDS = Object.keys(RULES) as readonly RegimeId[];
const named = (id: RegimeId): Regime => ({ id, ...RULES[id] });
export const REGIMES = Object.fromEntries(REGIME_IDS.map((id) => [id, named(id)] as const)) as Readonly<Record<RegimeId, Regime>>;

/** 'from 63 to 8 C within 90 minutes and ...'; null where the regime has no figure of its own. */
export function coolingWords({ keeping: { cooling } }: Regime): string | null {
  if (cooling.length === 0) return null;
  return cooling
    .map(({ fromC, toC, withinMin }) => `from ${fromC} to ${toC} C within ${withinMin >= 120 ? `${withinMin / 60} hours` : `${withinMin} minutes`}`)
    .join(' and ');
}

/** '70 C for 2 minutes'. */
export function reheatWords({ keeping: { reheat } }: Regime): string {
  const held = reheat.minutes >= 1 ? ` for ${reheat.minutes} minutes` : reheat.minutes > 0 ? ` for ${reheat.minutes * 60} seconds` : '';
  return `${reheat.celsius} C${held}`;
}

/** '63 C and above hot, 8 C and below cold; cooled from 63 to 8 C within 90 minutes; reheated to 70 C for 2 minutes'. */
export function keepingWords(regime: Regime): string {
  const { hotHoldC, coldHoldC } = regime.keeping;
  const cooling = coolingWords(regime);
  return [
    `held hot at ${hotHoldC} C or above, cold at ${coldHoldC} C or below`,
    cooling ? `cooled ${cooling}` : 'no figure of its own for cooling: follow the national code',
    `reheated to ${reheatWords(regime)}`,
  ].join('; ');
}
