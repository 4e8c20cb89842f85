/** The keys of every screen, as the help lists them. */
import { type LetterKeys, pressed } from '../../kitchen/letterKeys.ts';

export interface Key {
  key: string;
  does: string;
  /** One letter, figure or sign: as the person has set them. */
  isLetter?: boolean;
}

interface ScreenKeys {
  /** As in 'Keys on the bench'. */
  screen: string;
  path: RegExp;
  keys: readonly Key[];
}

const EVERYWHERE: readonly Key[] = [
  { key: 'Tab', does: 'to the next thing that can be done; Shift + Tab goes back' },
  { key: 'Escape', does: 'closes what is open' },
  { key: '?', does: 'this list', isLetter: true },
];

export const SCREEN_KEYS: readonly ScreenKeys[] = [
  {
    screen: 'the bench',
    path: /\/bench$/,
    keys: [
      { key: '↑ ↓', does: 'line up, line down' },
      { key: 'Enter', does: 'edit the amount of the line; Enter keeps it, Escape leaves it' },
      { key: 'Delete', does: 'take the line out' },
      { key: 's', does: 'to the swaps', isLetter: true },
      { key: '1 to 9', does: 'use that swap, or take that plan', isLetter: true },
      { key: 'w', does: 'work it out for me; Escape goes back', isLetter: true },
      { key: 'n', does: 'add a need', isLetter: true },
      { key: 'm', does: 'the method, to read and to reword', isLetter: true },
      { key: 'f', does: 'fold away what is not needed, and back', isLetter: true },
      { key: 'u', does: 'undo', isLetter: true },
      { key: 'Shift + u', does: 'redo', isLetter: true },
      { key: 'k', does: 'keep as version', isLetter: true },
    ],
  },
  {
    screen: 'reading',
    path: /^\/read/,
    keys: [
      { key: 'd', does: 'to the next open doubt, outside the text', isLetter: true },
      { key: '1 to 9', does: 'give the doubt in hand that answer', isLetter: true },
      { key: '← →', does: 'on the tabs: to the next view of what was read' },
    ],
  },
  {
    screen: 'foods',
    path: /^\/foods/,
    keys: [
      { key: '↑ ↓', does: 'in the list: food up, food down' },
      { key: 'Home, End', does: 'first food, last food' },
    ],
  },
  {
    screen: 'soups',
    path: /^\/(?:soups)?$/,
    keys: [
      { key: '↑ ↓', does: 'on a soup: soup up, soup down' },
      { key: 'Home, End', does: 'first soup, last soup that is listed' },
      { key: 'Enter', does: 'on a soup: to its bench; in the field of needs: asks for them' },
    ],
  },
  { screen: 'compare', path: /\/compare$/, keys: [] },
  { screen: 'the sheet', path: /\/sheet$/, keys: [] },
  { screen: 'paper', path: /\/print$/, keys: [] },
  { screen: 'the plan', path: /\/plan$/, keys: [] },
  { screen: 'the stove', path: /\/cook$/, keys: [{ key: 'Enter', does: 'on a box for grams: writes down what was weighed' }] },
  { screen: 'batches', path: /^\/batches/, keys: [] },
  { screen: 'groups', path: /^\/groups/, keys: [{ key: 'Enter', does: 'in the words of a need: asks for them' }] },
  {
    screen: 'practice',
    path: /^\/practice/,
    keys: [
      { key: 'Space', does: 'ticks a line or chooses an option' },
      { key: 'Enter', does: 'marks the answer; then the next round' },
    ],
  },
  { screen: 'preparations', path: /^\/preparations/, keys: [] },
  { screen: 'the larder', path: /^\/larder/, keys: [] },
  { screen: 'settings', path: /^\/settings/, keys: [] },
];

/** What the keys do on the screen of an address; letters only as the person has set them. */
export function keysOf(pathname: string, mode: LetterKeys): { screen: string; keys: { key: string; does: string }[] } {
  const here = SCREEN_KEYS.find(({ path }) => path.test(pathname));
  const all = [...(here?.keys ?? []), ...EVERYWHERE];
  return {
    screen: here?.screen ?? 'this screen',
    keys: all
      .filter(({ isLetter }) => !isLetter || mode !== 'off')
      .map(({ key, does, isLetter }) => ({ key: isLetter ? pressed(mode, key) : key, does })),
  };
}
