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

/** '63 C and above hot, 8 C and below cold; cooled from 63 to 8 C within 90 minutes; reheated to 70 C for 2 minutes'. */
export function keepingWords({ keeping }: Regime): string {
  const { hotHoldC, coldHoldC, cooling, reheat } = keeping;
  const stages = cooling.map(
    ({ fromC, toC, withinMin }) => `from ${fromC} to ${toC} C within ${withinMin >= 120 ? `${withinMin / 60} hours` : `${withinMin} minutes`}`,
  );
  const held = reheat.minutes >= 1 ? ` for ${reheat.minutes} minutes` : reheat.minutes > 0 ? ` for ${reheat.minutes * 60} seconds` : '';
  return [
    `held hot at ${hotHoldC} C or above, cold at ${coldHoldC} C or below`,
    stages.length > 0 ? `cooled ${stages.join(' and ')}` : 'no figure of its own for cooling: follow the national code',
    `reheated to ${reheat.celsius} C${held}`,
  ].join('; ');
}
