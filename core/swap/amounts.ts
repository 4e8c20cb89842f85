/** The amounts below one set of choices: a small linear programme and its optimum, and what a plan comes to at given amounts. */
import { type Model, type Option, partsOf } from './model.ts';
import type { Need } from './need.ts';
import { pullOf } from './solver/columns.ts';
import { addScaled, at, dot, item } from './solver/linear.ts';
import { Relaxation } from './solver/simplex.ts';

export interface Amounts {
  /** Grams of each part, slot by slot. */
  grams: number[];
  /** Objective with the cost of the choices. */
  value: number;
}

/** By how much of its bound a row may be over and still be kept. */
export const FEASIBLE = 1e-7;

/** Traits of the pot with these choices at these amounts. */
export function traitsAt(model: Model, choice: readonly Option[], grams: readonly number[]): Float64Array {
  const total = Float64Array.from(model.base);
  for (const { fixed } of choice) addScaled(total, 1, fixed);
  partsOf(choice).forEach(({ perGram }, p) => {
    addScaled(total, item(grams, p), perGram);
  });
  return total;
}

/** Needs whose rows these choices break at these amounts. */
export function brokenNeeds(model: Model, choice: readonly Option[], grams: readonly number[]): Need[] {
  const traits = traitsAt(model, choice, grams);
  const broken = model.rows.filter(({ coefficients, bound }) => dot(coefficients, traits) > bound + FEASIBLE);
  return broken.flatMap(({ need }) => need ?? []);
}

/** The objective of a plan, what it violates left out; exactly 0 for the original. */
export function distanceAt(model: Model, choice: readonly Option[], grams: readonly number[]): number {
  if (choice.every(({ swap }) => swap === null)) return 0;
  const pulls = partsOf(choice).reduce((sum, part, p) => sum + pullOf(part, item(grams, p)), 0);
  const changes = choice.reduce((sum, { cost }) => sum + cost, 0);
  return closeness(model, traitsAt(model, choice, grams)) + pulls + changes;
}

/** How far traits are from the original by the terms of the objective, before any cost of the changes. */
export function closeness({ terms, original }: Model, traits: Float64Array): number {
  let sum = 0;
  for (const { at: trait, weight, side } of terms) {
    const off = at(traits, trait) - at(original, trait);
    if (side === 'both' || (side === 'more' ? off > 0 : off < 0)) sum += weight * Math.abs(off);
  }
  return sum;
}

/** The best amounts for these choices, or null when no amounts meet the hard rows. */
export function bestAmounts(model: Model, choice: readonly Option[]): Amounts | null {
  const alone: Model = { ...model, slots: model.slots.map((slot, index) => ({ ...slot, options: [item(choice, index)] })) };
  const relaxed = new Relaxation(alone).solve(new Int32Array(choice.length).fill(1), null);
  return relaxed && { grams: relaxed.grams.flat(), value: relaxed.bound };
}
