import { Toast as Radix } from 'radix-ui';
import { type ReactNode, useSyncExternalStore } from 'react';

interface Message {
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
      {shown.map(({ id, text, action }) => (
        <Radix.Root
          key={id}
          onOpenChange={(open) => !open && set(messages.filter((message) => message.id !== id))}
          className="flex items-center gap-3 rounded-lg bg-kale px-4 py-2 text-white shadow-lg"
        >
          <Radix.Description className="flex-1">{text}</Radix.Description>
          {action && (
            <Radix.Action altText={action.label} className="min-h-7 underline" onClick={action.act}>
              {action.label}
            </Radix.Action>
          )}
        </Radix.Root>
      ))}
      <Radix.Viewport className="fixed right-4 bottom-4 z-50 m-0 flex w-80 list-none flex-col gap-2 p-0 outline-none" />
    </Radix.Provider>
  );
}
