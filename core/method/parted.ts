/** A step that blends and then stirs things in is two steps where something has to come between. */
import type { Step } from '../vocabulary/recipe.ts';
import { mentionsOf, type Spoken } from './mention.ts';

const BLENDS = /\b(?:blend|blitz|pur[e\u00e9]e|liquidi[sz]e|mash|whizz|sieve|strain|process)\w*/i;
const TIMED = /\d\s*(?:minutes?|mins?|hours?)\b/i;

export function parted(step: Step, spoken: ReadonlyMap<string, Spoken>): Step[] {
  const sentences = step.text.split(/(?<=[.;!])\s+/);
  const at = sentences.findLastIndex((sentence) => BLENDS.test(sentence));
  if (step.method !== 'blend' || at < 0 || at === sentences.length - 1) return [step];
  const [first, second] = [
    sentences
      .slice(0, at + 1)
      .join(' ')
      .replace(/;$/, '.'),
    sentences.slice(at + 1).join(' '),
  ];
  const names = (text: string, id: string): boolean => {
    const own = spoken.get(id);
    return own !== undefined && mentionsOf(text, own, []).length > 0;
  };
  const { uses, minutes, method: _, ...rest } = step;
  const late = uses?.filter((id) => names(second, id) && !names(first, id));
  const isSecondTimed = minutes !== undefined && TIMED.test(second) && !TIMED.test(first);
  return [
    { ...step, text: first, ...(uses ? { uses: uses.filter((id) => !late?.includes(id)) } : {}), ...(isSecondTimed ? { minutes: undefined } : {}) },
    { ...rest, id: `${step.id}-then`, stage: 'finish', text: second, ...(late ? { uses: late } : {}), ...(isSecondTimed ? { minutes } : {}) },
  ];
}
