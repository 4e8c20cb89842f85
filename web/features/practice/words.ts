import type { Kind, Level } from '../../../core/practice/types.ts';

export const KIND_WORDS: Readonly<Record<Kind, string>> = {
  find: 'Find what breaks the need',
  rank: 'Rank where it comes from',
  swap: 'Choose the swap and its amount',
  caution: 'Put the caution at its step',
  label: 'Read the label',
  estimate: 'Estimate the bowl',
};
export const LEVEL_WORDS: Readonly<Record<Level, string>> = { 1: 'plain', 2: 'hidden', 3: 'tangled' };
