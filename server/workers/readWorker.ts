import { type OnShelf, SHELF, shelfWith } from '../../core/food/shelf.ts';
import { type Reading, type ReadOptions, readRecipe } from '../../core/reading/read.ts';
import type { Handed } from './pool.ts';

export interface ReadTask {
  text: string;
  options: ReadOptions;
  kitchen: OnShelf;
}

export default function run({ task: { text, options, kitchen }, begun }: Handed<ReadTask>): Reading {
  begun.postMessage('begun');
  return readRecipe(text, options, shelfWith(SHELF, kitchen));
}
