import { Toast as Radix } from 'radix-ui';
import { dismiss, useMessages } from './toast.ts';

/** The sentences said, at the foot of the window. */
export default function Toaster() {
  const shown = useMessages();
  return (
    <Radix.Provider duration={5000}>
      {shown.map(({ id, text, action }) => (
        <Radix.Root
          key={id}
          onOpenChange={(open) => !open && dismiss(id)}
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
