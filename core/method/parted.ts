/** A step that blends and then stirs things in is two steps where something has to come between. */
import type { Step } from '../vocabulary/recipe.ts';
import { mentionsOf, type Spoken } from './mention.ts';

const BLENDS = /\b(?:blend|blitz|pur[e\u00e9]e|liquidi[sz]e|mash|whizz|sieve|strain|process)\w*/i;
const TIMED = /\d\s*(?:minutes?|mins?|hours?)\b/i;

/** What is done to a soup that is ready, as a sentence begins with it and as one ends with it. */
const SERVING =
  /^(?:then\s+|to serve,?\s+)?(?:chill|refrigerate|serve|ladle (?:in|into|it|the)|top (?:with|each)|garnish|(?:scatter|sprinkle) (?:with|over|on))\b/i;
const AND_SERVED = /,?\s+(?:and then|and|then)\s+((?:chill|refrigerate|serve|ladle)\b[^.;]*)[.;]?$/i;

/** A step that goes on to chill or to serve is two steps: what is stirred in at the end goes in before. `onTop` are the lines of the bowl. */
export function servedApart(step: Step, spoken: ReadonlyMap<string, Spoken>, onTop: ReadonlySet<string>): Step[] {
  const sentences = step.text.split(/(?<=[.;!])\s+/);
  let at = sentences.length;
  while (at > 0 && SERVING.test(sentences[at - 1] as string)) at -= 1;
  const [before, after] = [sentences.slice(0, at), sentences.slice(at)];
  const tail = AND_SERVED.exec(before.at(-1) ?? '');
  if (tail) {
    before.push(`${(before.pop() as string).slice(0, tail.index)}.`);
    after.unshift(`${(tail[1] as string).charAt(0).toUpperCase()}${(tail[1] as string).slice(1)}.`);
  }
  if (before.length === 0) return [{ ...step, stage: step.method ? step.stage : 'bowl' }];
  if (after.length === 0) return [step];
  return inTwo(step, before.join(' ').replace(/;$/, '.'), after.join(' '), { id: `${step.id}-served`, stage: 'bowl' }, spoken, onTop);
}

/** `onTop` are the lines of the bowl. */
export function parted(step: Step, spoken: ReadonlyMap<string, Spoken>, onTop: ReadonlySet<string>): Step[] {
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
  return inTwo(step, first as string, second as string, { id: `${step.id}-then`, stage: 'finish' }, spoken, onTop);
}

/** What only the second text names goes with it, and the minutes where only it tells some. */
function inTwo(
  step: Step,
  first: string,
  second: string,
  next: Pick<Step, 'id' | 'stage'>,
  spoken: ReadonlyMap<string, Spoken>,
  onTop: ReadonlySet<string>,
): Step[] {
  const names = (text: string, id: string): boolean => {
    const own = spoken.get(id);
    return own !== undefined && mentionsOf(text, own, []).length > 0;
  };
  const { uses, minutes, method: _, ...rest } = step;
  const late = uses?.filter((id) => names(second, id) && (!names(first, id) || onTop.has(id)));
  const isSecondTimed = minutes !== undefined && TIMED.test(second) && !TIMED.test(first);
  return [
    { ...step, text: first, ...(uses ? { uses: uses.filter((id) => !late?.includes(id)) } : {}), ...(isSecondTimed ? { minutes: undefined } : {}) },
    { ...rest, ...next, text: second, ...(late ? { uses: late } : {}), ...(isSecondTimed ? { minutes } : {}) },
  ];
}
