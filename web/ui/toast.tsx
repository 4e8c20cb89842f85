import { Toast as Radix } from 'radix-ui';
import { type ReactNode, useSyncExternalStore } from 'react';

interface Message {
  id: number;
  text: string;
}

let messages: readonly Message[] = [];
let next = 1;
const listeners = new Set<() => void>();
const set = (list: readonly Message[]) => {
  messages = list;
  for (const listener of listeners) listener();
};

/** Says one short sentence at the foot of the window, read out politely. */
export const say = (text: string): void => set([...messages.slice(-2), { id: next++, text }]);

export function Toaster({ children }: { children: ReactNode }) {
  const shown = useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => messages,
  );
  return (
    <Radix.Provider duration={5000}>
      {children}
      {shown.map(({ id, text }) => (
        <Radix.Root
          key={id}
          onOpenChange={(open) => !open && set(messages.filter((message) => message.id !== id))}
          className="rounded-lg bg-kale px-4 py-2 text-white shadow-lg"
        >
          <Radix.Description>{text}</Radix.Description>
        </Radix.Root>
      ))}
      <Radix.Viewport className="fixed right-4 bottom-4 z-50 m-0 flex w-80 list-none flex-col gap-2 p-0 outline-none" />
    </Radix.Provider>
  );
}
