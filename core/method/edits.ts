/** What changed between two methods, word by word; and lines that a method puts in nowhere, or more often than it did. */
import { diffWordsWithSpace } from 'diff';
import { countedLines, type Line, type Recipe, type Step } from '../vocabulary/recipe.ts';

export interface EditedWord {
  text: string;
  kind: 'same' | 'out' | 'in';
}

export interface Edit {
  stepId: string;
  words: EditedWord[];
}

/** Steps of both, in the order of the new method; a step that is gone stands where it stood. */
export function editsOf(before: readonly Step[], after: readonly Step[]): Edit[] {
  const now = new Map(after.map((step) => [step.id, step]));
  const was = new Map(before.map((step) => [step.id, step]));
  const edits: Edit[] = [];
  let next = 0;
  // What was gone before a step that stays is told before it.
  const goneUntil = (id: string | null) => {
    while (next < before.length && before[next]?.id !== id) {
      const step = before[next] as Step;
      if (!now.has(step.id)) edits.push({ stepId: step.id, words: [{ text: step.text, kind: 'out' }] });
      next += 1;
    }
    if (id !== null) next += 1;
  };
  for (const step of after) {
    const old = was.get(step.id);
    if (old) {
      goneUntil(step.id);
      // A step that was parted is one step to whoever knows the old one.
      const then = now.get(`${step.id}-then`);
      edits.push({ stepId: step.id, words: wordsOf(old.text, then && !was.has(then.id) ? `${step.text} ${then.text}` : step.text) });
    } else if (!isSecondHalf(step, was)) edits.push({ stepId: step.id, words: [{ text: step.text, kind: 'in' }] });
  }
  goneUntil(null);
  return edits;
}

const isSecondHalf = ({ id }: Step, was: ReadonlyMap<string, Step>): boolean => id.endsWith('-then') && was.has(id.slice(0, -'-then'.length));

const wordsOf = (before: string, after: string): EditedWord[] =>
  diffWordsWithSpace(before, after).map(({ value, added, removed }) => ({ text: value, kind: added ? 'in' : removed ? 'out' : 'same' }));

export interface MethodFault {
  lineId: string;
  code: 'line.unused' | 'line.twice';
  message: string;
}

/** Lines of the pot and the bowl that no step puts in, and new ones put in more often than what they replace was. */
export function methodFaults(recipe: Recipe, before: readonly Step[]): MethodFault[] {
  const times = (steps: readonly Step[], id: string) => steps.filter(({ uses }) => uses?.includes(id)).length;
  if (recipe.steps.length === 0) return [];
  return countedLines(recipe).flatMap((line): MethodFault[] => {
    const here = times(recipe.steps, line.id);
    if (here === 0 && line.stage !== 'plate')
      return [{ lineId: line.id, code: 'line.unused', message: `No step uses '${line.text}'. Say where it goes in.` }];
    const there = Math.max(1, times(before, line.replaces ?? line.id));
    return here > there
      ? [{ lineId: line.id, code: 'line.twice', message: `'${line.text}' goes in ${here} times, and went in ${timesWord(there)}.` }]
      : [];
  });
}

const timesWord = (count: number): string => (count === 1 ? 'once' : `${count} times`);

/** Lines of the original that stand otherwise now though their place is the same: another food, or another weight. */
export const isOtherwise = (was: Line, now: Line): boolean => was.foodId !== now.foodId || (was.grams?.best ?? null) !== (now.grams?.best ?? null);
