/** Figures as words, and where they come from. */
import type { SourceKind } from '../../core/vocabulary/food.ts';

export { type Names, needLabel } from '../../core/swap/needWords.ts';
export { figure, withUnit } from '../../core/vocabulary/figure.ts';

/** Where figures come from, in words a kitchen does not take for a warning: a food 'recalled' has been withdrawn from sale. */
export const SOURCE_WORDS: Record<SourceKind, string> = {
  measured: 'measured',
  recalled: 'general figure',
  label: 'from a label',
  imported: 'imported',
};

export const capitalised = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

const SHARE_WORDS: Record<SourceKind, string> = {
  measured: 'measured figures',
  recalled: 'general figures',
  label: 'labels',
  imported: 'imported tables',
};

/** '71 % measured figures, 29 % general figures', the largest first. */
export const restsOnWords = (shares: Record<SourceKind, number>, percent = (share: number) => `${Math.round(share * 100)} %`): string =>
  (Object.keys(SHARE_WORDS) as SourceKind[])
    .filter((kind) => shares[kind] > 0.005)
    .sort((a, b) => shares[b] - shares[a])
    .map((kind) => `${percent(shares[kind])} ${SHARE_WORDS[kind]}`)
    .join(', ');
