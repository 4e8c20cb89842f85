import { useSyncExternalStore } from 'react';

export interface Message {
  id: number;
  text: string;
  action?: Action | undefined;
}

/** One thing that can be done about it, as 'Undo'. */
interface Action {
  label: string;
  act: () => void;
}

let messages: readonly Message[] = [];
let next = 1;
const listeners = new Set<() => void>();
const set = (list: readonly Message[]) => {
  messages = list;
  for (const listener of listeners) listener();
};

/** Says one short sentence at the foot of the window, read out politely. */
export const say = (text: string, action?: Action): void => set([...messages.slice(-2), { id: next++, text, action }]);

export const dismiss = (id: number): void => set(messages.filter((message) => message.id !== id));

/** What is being said, oldest first. */
export const useMessages = (): readonly Message[] =>
  useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => messages,
  );
