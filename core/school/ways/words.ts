/** Steps that are told otherwise. */
import type { Step } from '../../vocabulary/recipe.ts';

const MINUTES = /(?:about\s+|around\s+|for\s+)?\d+(?:\s*(?:-|to|–)\s*\d+)?\s*(?:minutes?|mins?\.?|hours?|hrs?)(?:\s+or\s+so)?/i;

/** The step with other minutes, in its words too. */
export function withMinutes(step: Step, minutes: { min: number; max: number }): Step {
  const said = minutes.min === minutes.max ? `${minutes.min} minutes` : `${minutes.min} to ${minutes.max} minutes`;
  const text = MINUTES.test(step.text)
    ? step.text.replace(MINUTES, (was) => `${/^(?:about|around|for)\s/i.exec(was)?.[0] ?? ''}${said}`)
    : `${step.text.replace(/\s*$/, '').replace(/([^.!])$/, '$1.')} It takes ${said}.`;
  return { ...step, text, minutes };
}

/** The step with a sentence before or behind its own, and the lines it speaks of. */
export function withSentence(step: Step, sentence: string, lineIds: readonly string[], where: 'before' | 'after' = 'after'): Step {
  if (sentence === '') return step;
  const own = step.text.trim().replace(/([^.!?])$/, '$1.');
  return {
    ...step,
    text: where === 'before' ? `${sentence} ${own}` : `${own} ${sentence}`,
    uses: [...new Set([...(where === 'before' ? lineIds : []), ...(step.uses ?? []), ...(where === 'after' ? lineIds : [])])],
  };
}
