/** Joins two drafts that grew from one: what only one side changed is taken; what both changed is left to the cook. */
import { dequal } from 'dequal';
import type { ChangeNotes } from '../../../contract/types.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import type { Line, Recipe } from '../../../core/vocabulary/recipe.ts';

export interface DraftContent {
  recipe: Recipe;
  needs: Needs;
  notes?: ChangeNotes | undefined;
}

export interface Conflict {
  what: string;
  mine: string;
  theirs: string;
}

export interface Merge {
  merged: DraftContent;
  /** Places both sides changed; `merged` holds mine there. */
  conflicts: Conflict[];
}

export function mergeDrafts(base: DraftContent, mine: DraftContent, theirs: DraftContent): Merge {
  const conflicts: Conflict[] = [];
  const take = <T>(what: string, b: T, m: T, t: T, say: (value: T) => string): T => {
    if (dequal(m, t) || dequal(b, t)) return m;
    if (dequal(b, m)) return t;
    conflicts.push({ what, mine: say(m), theirs: say(t) });
    return m;
  };
  const { lines: _b, steps: bSteps, ...bRest } = base.recipe;
  const { lines: _m, steps: mSteps, ...mRest } = mine.recipe;
  const { lines: _t, steps: tSteps, ...tRest } = theirs.recipe;
  const rest = take('title and bowls', bRest, mRest, tRest, ({ title, servings }) => `${title}, ${servings ?? '?'} bowls`);
  const steps = take('steps', bSteps, mSteps, tSteps, (value) => `${value.length} steps`);
  const needs = take(
    'needs',
    base.needs,
    mine.needs,
    theirs.needs,
    (value) => `${(value.allergens?.length ?? 0) + (value.diets?.length ?? 0) + (value.limits?.length ?? 0)} needs`,
  );
  const noted = [base, mine, theirs].map(({ notes }) => notes ?? {}) as [ChangeNotes, ChangeNotes, ChangeNotes];
  const notes = mergeNotes(...noted, (b, m, t) => take('a note', b, m, t, (note) => note ?? 'no note'));
  const lines = mergeLines(base.recipe.lines, mine.recipe.lines, theirs.recipe.lines, (id, b, m, t) =>
    take(m?.text ?? t?.text ?? id, b, m, t, (line) => (line ? `${line.text}${line.grams ? `, ${line.grams.best} g` : ''}` : 'taken out')),
  );
  return { merged: { recipe: { ...rest, lines, steps }, needs, ...(notes ? { notes } : {}) }, conflicts };
}

/** Undefined when nobody noted anything. */
function mergeNotes(
  base: ChangeNotes,
  mine: ChangeNotes,
  theirs: ChangeNotes,
  take: (base: string | undefined, mine: string | undefined, theirs: string | undefined) => string | undefined,
): ChangeNotes | undefined {
  const merged: ChangeNotes = {};
  for (const id of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
    const note = take(base[id], mine[id], theirs[id]);
    if (note !== undefined) merged[id] = note;
  }
  return Object.keys(merged).length > 0 ? merged : undefined;
}

type Take = (id: string, base: Line | undefined, mine: Line | undefined, theirs: Line | undefined) => Line | undefined;

/** In my order, with lines that only they added put after the line they follow there. */
function mergeLines(base: readonly Line[], mine: readonly Line[], theirs: readonly Line[], take: Take): Line[] {
  const of = (lines: readonly Line[], id: string) => lines.find((line) => line.id === id);
  const merged = mine.flatMap((line) => take(line.id, of(base, line.id), line, of(theirs, line.id)) ?? []);
  theirs.forEach((line, index) => {
    if (of(mine, line.id)) return;
    const kept = take(line.id, of(base, line.id), undefined, line);
    if (!kept) return;
    const before = theirs[index - 1]?.id;
    const at = merged.findIndex(({ id }) => id === before);
    merged.splice(at < 0 ? merged.length : at + 1, 0, kept);
  });
  return merged;
}
