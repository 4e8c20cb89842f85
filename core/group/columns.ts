/** A table as columns of a matrix, and the cells that stand in them. */
import type { Needs } from '../swap/needs.ts';
import type { NeedState } from '../swap/verdict.ts';
import type { Beside, Guest } from './types.ts';

/** Guests who need the same and have the same beside their bowl: they eat alike, and stand in one column. */
export interface Seats {
  seats: string[];
  needs: Needs;
  sides?: readonly Beside[] | undefined;
}

export interface CellReason {
  /** The need in words. */
  need: string;
  state: Exclude<NeedState, 'meets' | 'likely'>;
  /** What of the soup decides it: the way to an allergen or a diet's food, or the figure; empty where nothing says more than the need. */
  because: string[];
}

export interface Cell {
  /** `fits`: every need is met, surely or likely; `check`: a label or a figure that is not known decides; `breaks`: one need at least is not met. */
  state: 'fits' | 'check' | 'breaks';
  reasons: CellReason[];
  /** With what stands beside the bowl, where that is worse. */
  plate?: Pick<Cell, 'state' | 'reasons'>;
}

/** Guests by what they need and have beside the bowl, in the order they sit. */
export function bySameNeeds(guests: readonly Guest[]): Seats[] {
  const columns = new Map<string, Seats>();
  for (const { seat, needs, sides } of guests) {
    const key = JSON.stringify([Object.entries(needs).sort(([one], [other]) => (one < other ? -1 : 1)), sides ?? null]);
    const column = columns.get(key);
    if (column) column.seats.push(seat);
    else columns.set(key, { seats: [seat], needs, ...(sides ? { sides } : {}) });
  }
  return [...columns.values()];
}

/** For how many seats a row does, of how many. */
export const servedOf = (columns: readonly Seats[], cells: readonly Cell[], state: Cell['state']): number =>
  columns.reduce((sum, { seats }, at) => sum + (cells[at]?.state === state ? seats.length : 0), 0);
