import { describe, expect, test } from '@jest/globals';
import type { Line, Recipe } from '../../../core/vocabulary/recipe.ts';
import { type DraftContent, mergeDrafts } from './merge.ts';

const line = (id: string, best: number): Line => ({ id, stage: 'base', text: id, foodId: id, grams: { best, low: best, high: best } });
const draft = (lines: Line[], more: Partial<Recipe> = {}, needs: DraftContent['needs'] = {}): DraftContent => ({
  recipe: { title: 'Soup', servings: 4, lines, steps: [], ...more },
  needs,
});
const base = draft([line('leek', 300), line('cream', 100), line('stock', 800)]);
const grams = ({ recipe }: DraftContent) => recipe.lines.map(({ id, grams: weight }) => [id, weight?.best]);

describe('two drafts of one', () => {
  test('join when each changed another line', () => {
    const { merged, conflicts } = mergeDrafts(
      base,
      draft([line('leek', 350), line('cream', 100), line('stock', 800)]),
      draft([line('leek', 300), line('cream', 50), line('stock', 800)]),
    );
    expect(grams(merged)).toEqual([
      ['leek', 350],
      ['cream', 50],
      ['stock', 800],
    ]);
    expect(conflicts).toEqual([]);
  });
  test('say where both changed one line; mine stands, theirs is told', () => {
    const { merged, conflicts } = mergeDrafts(
      base,
      draft([line('leek', 350), line('cream', 100), line('stock', 800)]),
      draft([line('leek', 200), line('cream', 100), line('stock', 800)]),
    );
    expect(grams(merged)[0]).toEqual(['leek', 350]);
    expect(conflicts).toEqual([{ what: 'leek', mine: 'leek, 350 g', theirs: 'leek, 200 g' }]);
  });
  test('keep a line that only they added, after the one it follows there', () => {
    const { merged } = mergeDrafts(base, base, draft([line('leek', 300), line('salt', 5), line('cream', 100), line('stock', 800)]));
    expect(merged.recipe.lines.map(({ id }) => id)).toEqual(['leek', 'salt', 'cream', 'stock']);
  });
  test('drop a line that one side took out and the other left alone', () => {
    const without = draft([line('leek', 300), line('stock', 800)]);
    expect(mergeDrafts(base, without, base).merged.recipe.lines.map(({ id }) => id)).toEqual(['leek', 'stock']);
    expect(mergeDrafts(base, base, without).merged.recipe.lines.map(({ id }) => id)).toEqual(['leek', 'stock']);
  });
  test('ask when one side took out what the other weighed anew', () => {
    const { conflicts } = mergeDrafts(
      base,
      draft([line('leek', 300), line('stock', 800)]),
      draft([line('leek', 300), line('cream', 60), line('stock', 800)]),
    );
    expect(conflicts).toEqual([{ what: 'cream', mine: 'taken out', theirs: 'cream, 60 g' }]);
  });
  test('take bowls and needs from the side that changed them', () => {
    const { merged, conflicts } = mergeDrafts(base, draft(base.recipe.lines, { servings: 6 }), draft(base.recipe.lines, {}, { allergens: ['milk'] }));
    expect([merged.recipe.servings, merged.needs, conflicts]).toEqual([6, { allergens: ['milk'] }, []]);
  });
});

describe('notes on changes', () => {
  const noted = (notes?: DraftContent['notes']): DraftContent => ({ ...base, ...(notes ? { notes } : {}) });
  test('of both sides are kept', () => {
    const { merged, conflicts } = mergeDrafts(noted(), noted({ cream: 'too rich' }), noted({ stock: 'salty' }));
    expect(merged.notes).toEqual({ cream: 'too rich', stock: 'salty' });
    expect(conflicts).toEqual([]);
  });
  test('on one change that differ are told, mine stands', () => {
    const { merged, conflicts } = mergeDrafts(noted({ cream: 'old' }), noted({ cream: 'mine' }), noted({ cream: 'theirs' }));
    expect(merged.notes).toEqual({ cream: 'mine' });
    expect(conflicts).toEqual([{ what: 'a note', mine: 'mine', theirs: 'theirs' }]);
  });
  test('that the other side took away are gone, and none at all leave no trace', () => {
    const { merged } = mergeDrafts(noted({ cream: 'old' }), noted({ cream: 'old' }), noted());
    expect('notes' in merged).toBe(false);
  });
});
