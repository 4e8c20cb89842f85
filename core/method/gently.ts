/** What must not boil, and the sentences that boil. */
import type { Draft } from './drafts.ts';

const BOILS = /\b(?:simmer|(?<!off the |without |not |not let it |n't |never )boil|bring|bubbl)\w*/i;
const GENTLY = /\boff the (?:heat|boil)|\bnot (?:let it )?boil/i;

/** The sentence a place stands in. */
export const sentenceAround = (text: string, at: number): string => {
  const from = Math.max(text.lastIndexOf('. ', at) + 2, text.lastIndexOf('; ', at) + 2, 0);
  const end = text.slice(at).search(/[.;!](?=\s|$)/);
  return text.slice(from === 1 ? 0 : from, end < 0 ? text.length : at + end + 1);
};

/** Whether the soup boils in the sentence a place stands in. */
export const boilsAt = (text: string, at: number): boolean => BOILS.test(sentenceAround(text, at));

/** 'Do not let it boil', behind the sentence that names it, unless its step says so already. */
export function keepFromBoiling(draft: Draft | undefined, names: string): void {
  const from = draft?.text.toLowerCase().indexOf(names.toLowerCase()) ?? -1;
  if (!draft || from < 0 || GENTLY.test(draft.text)) return;
  const end = from + sentenceAround(draft.text.slice(from), 0).length;
  draft.text = `${draft.text.slice(0, end).replace(/[\s.;]*$/, '.')} Do not let it boil.${draft.text.slice(end)}`;
}
