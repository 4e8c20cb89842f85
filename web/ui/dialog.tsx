import { X } from 'lucide-react';
import { Dialog as Radix } from 'radix-ui';
import { type ReactNode, useRef } from 'react';
import { focusHeading } from './focus.ts';

interface Props {
  open: boolean;
  onOpenChange: (open: boolean) => void;
  title: string;
  description?: string;
  wide?: boolean;
  children: ReactNode;
}

/** A modal with a title, closed by Escape, its cross or a click beside it; focus goes back where it was, or to the screen's heading. */
export function Dialog({ open, onOpenChange, title, description, wide = false, children }: Props) {
  // What had the focus when it opened: read while it still has it, before a field inside takes it.
  const opener = useRef<Element | null>(null);
  const wasOpen = useRef(false);
  if (open && !wasOpen.current) opener.current = document.activeElement;
  wasOpen.current = open;
  // A screen has a dozen of them: one that is closed costs an edit nothing.
  if (!open) return null;
  return (
    <Radix.Root open={open} onOpenChange={onOpenChange}>
      <Radix.Portal>
        <Radix.Overlay className="fixed inset-0 z-30 bg-kale/40" />
        <Radix.Content
          {...(description ? {} : { 'aria-describedby': undefined })}
          onCloseAutoFocus={(event) => {
            event.preventDefault();
            // What opened in its place has the focus already.
            if (document.activeElement && document.activeElement !== document.body) return;
            const { current } = opener;
            if (current instanceof HTMLElement && current.isConnected && current !== document.body) current.focus();
            else focusHeading();
          }}
          className={`fixed top-1/2 left-1/2 z-40 max-h-[90dvh] ${wide ? 'w-[min(46rem,94vw)]' : 'w-[min(34rem,94vw)]'} -translate-x-1/2 -translate-y-1/2 overflow-auto rounded-xl border border-line bg-card p-5 shadow-xl`}
        >
          <Radix.Title className="pr-8 font-title text-xl">{title}</Radix.Title>
          {description && <Radix.Description className="mt-1 text-kale-soft">{description}</Radix.Description>}
          <div className="mt-3">{children}</div>
          <Radix.Close aria-label="Close" className="absolute top-4 right-4 flex size-7 items-center justify-center rounded-md hover:bg-oat-deep">
            <X size={18} aria-hidden />
          </Radix.Close>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
