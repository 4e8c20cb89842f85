import type { Analysis } from '../../core/analysis/analysis.ts';

/** Lines of which nothing at all is known, so that every allergen is open; a food whose kind its words tell leaves open what that kind may hold. */
export function openToAll({ notes, allergens }: Analysis): readonly string[] {
  const unmatched = notes.find(({ code }) => code === 'food.unmatched')?.lineIds ?? [];
  return unmatched.filter((id) => allergens.every(({ because }) => because.some(({ lineId }) => lineId === id)));
}
