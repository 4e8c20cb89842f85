import type { AnalyseOptions } from '../../core/analysis/analysis.ts';
import { type OnShelf, SHELF, shelfWith } from '../../core/food/shelf.ts';
import { type Sheet, type SheetRequest, sheetOf } from '../../core/sheet/sheet.ts';
import type { Handed } from './pool.ts';

export interface SheetTask {
  request: SheetRequest;
  options: AnalyseOptions;
  kitchen: OnShelf;
}

export default function run({ task: { request, options, kitchen }, begun }: Handed<SheetTask>): Sheet {
  begun.postMessage('begun');
  return sheetOf(request, shelfWith(SHELF, kitchen), options);
}
