/** What each seat gets: its pot with what stands beside it there, analysed; who eats the same is worked out once. */
import { useMemo } from 'react';
import type { NewDay } from '../../../contract/types.ts';
import type { Analysis } from '../../../core/analysis/analysis.ts';
import type { SeatPlate } from '../../../core/group/seatPlate.ts';
import type { Kitchen } from '../../kitchen/kitchen.ts';
import { type AnalysedPot, potOf } from './DayPots.tsx';
import type { Present } from './useDayPlan.ts';

export interface Seated {
  guest: Present;
  pot: AnalysedPot;
  /** Of the bowl and the plate of this seat. */
  analysis: Analysis;
  plate: SeatPlate;
}

/** What was changed since the pots were worked out is shown as it would stand, until they are worked out again. */
export function useSeats(
  pots: readonly AnalysedPot[],
  { present, isStale }: { present: readonly Present[]; isStale: boolean },
  beside: NonNullable<NewDay['beside']>,
  core: Kitchen,
  rules: Parameters<Kitchen['analyse']>[1],
): Seated[] {
  return useMemo(() => {
    const analyses = new Map<string, Analysis>();
    return present.flatMap((guest): Seated[] => {
      const pot = potOf(pots, guest.seat);
      if (!pot) return [];
      const changed = isStale ? beside[guest.seat] : undefined;
      const served = changed
        ? core.servedTo(pot.recipe, changed, core.shelf)
        : core.asServed({ recipe: pot.recipe, beside: pot.beside ?? [] }, guest.seat);
      const key = JSON.stringify([pot.number, served.lines.filter(({ stage }) => stage === 'plate')]);
      const analysis = analyses.get(key) ?? core.analyse(served, { ...rules, regime: pot.regime ?? 'us' }, core.shelf);
      analyses.set(key, analysis);
      return [{ guest, pot, analysis, plate: core.seatPlate(guest, served, analysis, core.shelf) }];
    });
  }, [pots, present, isStale, beside, core, rules]);
}
