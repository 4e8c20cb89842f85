/** Soups against a table, row by row, off the interface thread. */
import type { AnalyseOptions } from '../../core/analysis/analysis.ts';
import { type OnShelf, SHELF, shelfWith } from '../../core/food/shelf.ts';
import type { Cell, Seats } from '../../core/group/columns.ts';
import { matrixRow } from '../../core/group/matrix.ts';
import type { Recipe } from '../../core/vocabulary/recipe.ts';

export interface MatrixAsked {
  rows: readonly { key: string; recipe: Recipe; house: Omit<AnalyseOptions, 'prices'> }[];
  columns: readonly Seats[];
  kitchen: OnShelf;
}

/** One row worked out, or why it could not be. */
export type MatrixReply = { key: string; cells: Cell[] } | { key: string; failure: string };

self.onmessage = ({ data: { rows, columns, kitchen } }: MessageEvent<MatrixAsked>) => {
  const shelf = shelfWith(SHELF, kitchen);
  for (const { key, recipe, house } of rows) {
    const reply = (message: MatrixReply) => self.postMessage(message);
    try {
      reply({ key, cells: matrixRow(recipe, columns, house, shelf) });
    } catch (error) {
      reply({ key, failure: error instanceof Error ? error.message : String(error) });
    }
  }
};
