/** What the catalogue can do, slot by direction; printed with KIND_LADLE_CASES, so that it can be read beside the code. */
import { describe, expect, test } from '@jest/globals';
import { SHELF } from '../food/shelf.ts';
import { ENOUGH, emptyCells, matrixText, swapMatrix } from '../test/swap/matrix.ts';
import { SWAPS } from './data/swaps.ts';

const cells = swapMatrix(SHELF);
const cell = (slot: string, direction: string) => cells.find((one) => one.slot === slot && one.direction === direction);

describe('slot by direction', () => {
  test('every cell that asks for something has a choice of three swaps', () => {
    if (process.env.KIND_LADLE_CASES !== undefined)
      console.info(`${SWAPS.length} swaps\n${matrixText(cells)}\n\nEmpty\n${emptyCells(cells).join('\n')}`);
    expect(cells.filter(({ asked, swapIds }) => asked && swapIds.length < ENOUGH)).toEqual([]);
  });
  test.each([
    ['heavy cream', 'no milk'],
    ['butter', 'less sat. fat'],
    ['roux flour', 'no gluten'],
    ['bacon', 'no meat'],
    ['egg yolk', 'no egg'],
    ['nuts', 'no nuts'],
    ['coconut', 'no coconut'],
    ['soy cream', 'no soy'],
    ['pulses', 'no pulses'],
    ['celeriac', 'no celery'],
    ['onion', 'no onion'],
    ['meat stock', 'less sodium'],
    ['potato', 'less potassium'],
    ['potato', 'less carbs'],
    ['milk', 'more energy'],
    ['milk', 'more protein'],
    ['roux flour', 'more fibre'],
    ['poultry', 'smoother'],
  ])('%s asks for %s', (slot, direction) => {
    expect(cell(slot, direction)?.asked).toBe(true);
  });
  test('a swap that brings back what is to go is not counted', () => {
    expect(cell('celeriac', 'no celery')?.swapIds).not.toContain('celeriac-leached');
    expect(cell('heavy cream', 'no milk')?.swapIds).not.toContain('cream-to-yogurt');
  });
  test('leached potato counts as less potassium, and not as less carbohydrate', () => {
    expect(cell('potato', 'less potassium')?.swapIds).toContain('potato-leached');
    expect(cell('potato', 'less carbs')?.swapIds).not.toContain('potato-leached');
  });
});
