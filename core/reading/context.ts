/** What every part of the reader shares while one text is read. */
import type { Shelf } from '../food/shelf.ts';
import type { System } from '../quantity/units.ts';
import type { Doubt } from './doubts.ts';

export interface Context {
  shelf: Shelf;
  system: System;
  /** Bowls by which a consequence is stated. */
  bowls: number;
  doubts: Doubt[];
  /** What this kitchen was taught: words, as `phraseKey` gives them, to a food id. */
  phrases: ReadonlyMap<string, string>;
}

export interface Place {
  lineId: string;
  textLine: number;
}
