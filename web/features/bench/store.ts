/** What is on the bench: recipe and needs, with undo and redo without end, and which line is in hand. */
import { temporal } from 'zundo';
import { create } from 'zustand';
import { shallow } from 'zustand/shallow';
import { useStoreWithEqualityFn } from 'zustand/traditional';
import type { Shelf } from '../../../core/food/shelf.ts';
import type { Needs } from '../../../core/swap/needs.ts';
import { putBack, takeOut } from '../../../core/swap/steps.ts';
import { type Grams, type Line, type Preparation, type Recipe, type Stage, settleGroups } from '../../../core/vocabulary/recipe.ts';
import type { DraftContent } from './merge.ts';

interface BenchState extends DraftContent {
  soupId: string | null;
  selected: string | null;
  open: (soupId: string, content: DraftContent) => void;
  select: (lineId: string | null) => void;
  putRecipe: (recipe: Recipe, selected?: string | null) => void;
  setNeeds: (needs: Needs) => void;
  /** `interval` is what a spoon or a cup leaves open; a scale's where none is given. */
  weighLine: (lineId: string, grams: number, interval?: Grams) => void;
  /** Takes one of the alternatives of a choice. */
  takeOption: (lineId: string) => void;
  /** Says which food a line is; its grams are weighed anew where the line tells. */
  chooseFood: (lineId: string, foodId: string, grams: Line['grams']) => void;
  /** A preparation the recipe takes of comes along, as it is kept today. */
  addLine: (line: Omit<Line, 'id'>, preparation?: Preparation) => string;
  /** It goes in at another stage; steps of other stages no longer speak of it. */
  moveLine: (lineId: string, stage: Stage) => void;
  takeOut: (lineId: string) => void;
  putBack: (original: Line, order: readonly string[], shelf: Shelf) => void;
  /** What the cook has to say of a change; an empty note is none. */
  noteChange: (lineId: string, note: string) => void;
  takeMerged: (content: DraftContent) => void;
  /** A kept version, whole, in the place of what is there: one step of undo. */
  takeVersion: (version: DraftContent) => void;
}

const NO_SOUP: Recipe = { title: '', lines: [], steps: [] };
/** What a scale in the kitchen is out by. */
const WEIGHED = 0.01;
const onScale = (best: number): Grams => ({ best, low: best * (1 - WEIGHED), high: best * (1 + WEIGHED) });

export const useBench = create<BenchState>()(
  temporal(
    (set, get) => ({
      soupId: null,
      recipe: NO_SOUP,
      needs: {},
      notes: undefined,
      selected: null,
      open: (soupId, { recipe, needs, notes }) => {
        set({ soupId, recipe, needs, notes, selected: recipe.lines[0]?.id ?? null });
        useBench.temporal.getState().clear();
      },
      select: (selected) => set({ selected }),
      putRecipe: (recipe, selected) => set({ recipe: asKept(recipe), selected: selected ?? stillThere(recipe, get().selected) }),
      setNeeds: (needs) => set({ needs }),
      weighLine: (lineId, best, interval) =>
        set(({ recipe }) => ({
          recipe: settleGroups({ ...recipe, lines: weighed(recipe, lineId, interval ?? onScale(best)) }),
        })),
      takeOption: (lineId) =>
        set(({ recipe }) => {
          const choice = recipe.lines.find(({ id }) => id === lineId)?.choiceOf;
          if (choice === undefined) return {};
          return {
            recipe: { ...recipe, lines: recipe.lines.map((line) => (line.choiceOf === choice ? { ...line, chosen: line.id === lineId } : line)) },
            selected: lineId,
          };
        }),
      chooseFood: (lineId, foodId, grams) =>
        set(({ recipe }) => ({
          recipe: settleGroups({
            ...recipe,
            lines: recipe.lines.map((line) => {
              if (line.id !== lineId) return line;
              const { preparationId: _, ...plain } = line;
              return { ...plain, foodId, grams: grams ?? line.grams };
            }),
          }),
        })),
      addLine: (line, preparation) => {
        const { recipe } = get();
        const ids = new Set(recipe.lines.map(({ id }) => id));
        let number = recipe.lines.length + 1;
        while (ids.has(`l${number}`)) number += 1;
        const id = `l${number}`;
        const last = recipe.lines.findLastIndex(({ stage }) => stage === line.stage);
        const lines = recipe.lines.toSpliced(last + 1 || recipe.lines.length, 0, { ...line, id });
        const others = recipe.preparations?.filter((one) => one.id !== preparation?.id) ?? [];
        set({ recipe: { ...recipe, lines, ...(preparation ? { preparations: [...others, preparation] } : {}) }, selected: id });
        return id;
      },
      moveLine: (lineId, stage) =>
        set(({ recipe }) => ({
          recipe: {
            ...recipe,
            lines: recipe.lines.map((line) => (line.id === lineId ? { ...line, stage } : line)),
            steps: recipe.steps.map((step) =>
              step.stage !== stage && step.uses?.includes(lineId) ? { ...step, uses: step.uses.filter((id) => id !== lineId) } : step,
            ),
          },
        })),
      takeOut: (lineId) =>
        set(({ recipe, selected }) =>
          recipe.lines.length > 1 ? { recipe: takeOut(recipe, lineId), selected: selected === lineId ? neighbour(recipe, lineId) : selected } : {},
        ),
      putBack: (original, order, shelf) => set(({ recipe }) => ({ recipe: asKept(putBack(recipe, original, shelf, order)), selected: original.id })),
      noteChange: (lineId, note) =>
        set(({ notes }) => {
          const { [lineId]: _, ...others } = notes ?? {};
          const next = note.trim() === '' ? others : { ...others, [lineId]: note.trim() };
          return { notes: Object.keys(next).length > 0 ? next : undefined };
        }),
      takeVersion: ({ recipe, needs, notes }) => set({ recipe, needs, notes, selected: stillThere(recipe, get().selected) }),
      takeMerged: ({ recipe, needs, notes }) => set({ recipe, needs, notes, selected: stillThere(recipe, get().selected) }),
    }),
    {
      partialize: ({ recipe, needs, notes }) => ({ recipe, needs, notes }),
      equality: (a, b) => a.recipe === b.recipe && a.needs === b.needs && a.notes === b.notes,
      limit: 10_000,
    },
  ),
);

/** A line of a preparation names no food of the shelf, whatever the view calls it. */
const asKept = (recipe: Recipe): Recipe =>
  recipe.lines.some(({ preparationId, foodId }) => preparationId !== undefined && foodId !== null)
    ? { ...recipe, lines: recipe.lines.map((line) => (line.preparationId === undefined ? line : { ...line, foodId: null })) }
    : recipe;

/** A line weighed; a part that is weighed anew makes its whole as much more, a whole divides as before. */
function weighed({ lines }: Recipe, lineId: string, grams: Grams): Line[] {
  const { best } = grams;
  const line = lines.find(({ id }) => id === lineId);
  const before = line?.grams?.best ?? 0;
  const scale = (one: Line, to: number): Line => {
    const by = one.grams && one.grams.best > 0 ? to / one.grams.best : 0;
    return {
      ...one,
      grams: one.grams && by > 0 ? { best: to, low: one.grams.low * by, high: one.grams.high * by } : { best: to, low: to, high: to },
    };
  };
  return lines.map((one) => {
    if (one.id === lineId) return { ...one, grams };
    if (line?.partOf === one.id) return scale(one, (one.grams?.best ?? 0) + best - before);
    if (one.partOf === lineId && before > 0) return scale(one, ((one.grams?.best ?? 0) * best) / before);
    return one;
  });
}

/** The line below, else the one above. */
function neighbour({ lines }: Recipe, lineId: string): string | null {
  const at = lines.findIndex(({ id }) => id === lineId);
  return (lines[at + 1] ?? lines[at - 1])?.id ?? null;
}

const stillThere = (recipe: Recipe, lineId: string | null): string | null =>
  recipe.lines.some(({ id }) => id === lineId) ? lineId : (recipe.lines[0]?.id ?? null);

export const useHistory = () =>
  useStoreWithEqualityFn(
    useBench.temporal,
    ({ undo, redo, pastStates, futureStates }) => ({ undo, redo, canUndo: pastStates.length > 0, canRedo: futureStates.length > 0 }),
    shallow,
  );
