export { analyse } from '../../core/analysis.ts';
export { SHELF } from '../../core/food/shelf.ts';
export { formatGrams, kitchenMeasure } from '../../core/quantity/measure.ts';
export { weighLine } from '../../core/reading/weighLine.ts';
export { swapsForLine } from '../../core/swap/forLine.ts';
export { judgeNeeds } from '../../core/swap/verdict.ts';
