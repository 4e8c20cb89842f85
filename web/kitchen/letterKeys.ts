/**
 * Keys that are one letter, figure or sign. Whoever speaks to the computer, or whose hand slips, can have them with Alt, or not at all
 * (WCAG 2.2, 2.1.4). Kept with the browser: it is of a person and not of the kitchen.
 */
import { useHotkeys } from 'react-hotkeys-hook';
import { create } from 'zustand';
import { persist } from 'zustand/middleware';

export const LETTER_KEYS = { plain: 'by themselves', alt: 'together with Alt', off: 'not at all' } as const;
export type LetterKeys = keyof typeof LETTER_KEYS;

export const useLetterKeys = create<{ mode: LetterKeys; setMode: (mode: LetterKeys) => void }>()(
  persist((set) => ({ mode: 'plain', setMode: (mode) => set({ mode }) }), { name: 'kind-ladle:keys:1' }),
);

/** How a key is pressed as things are set: 's', 'Alt + s', or nothing where it is off. */
export const pressed = (mode: LetterKeys, key: string): string => (mode === 'off' ? '' : mode === 'alt' ? `Alt + ${key}` : key);

/** Does something at a key that is one letter, figure or sign, as the person has set them. Several are set off by commas. */
export function useLetter(keys: string, act: (event: KeyboardEvent) => void, { enabled = true, byCharacter = false } = {}): void {
  const { mode } = useLetterKeys();
  const names = mode === 'alt' ? keys.replace(/[^,]+/g, (key) => `alt+${key}`) : keys;
  // By the character and not the place on the keyboard, where layouts put it elsewhere.
  useHotkeys(names, act, { enabled: enabled && mode !== 'off', preventDefault: true, useKey: byCharacter });
}
