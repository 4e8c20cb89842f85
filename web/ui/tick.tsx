import { type ReactNode, useState } from 'react';

interface TickProps {
  checked: boolean;
  /** A promise is waited for: the box shows what was asked at once, and goes back when the promise fails. */
  onChange: (checked: boolean) => unknown;
  disabled?: boolean;
  /** For a finger at the stove. */
  large?: boolean;
  children: ReactNode;
}

/** A box and its words. It answers at once, whatever has to be asked elsewhere. */
export function Tick({ checked, onChange, disabled, large = false, children }: TickProps) {
  const [asked, setAsked] = useState<boolean | null>(null);
  const change = async (next: boolean) => {
    const done = onChange(next);
    if (!(done instanceof Promise)) return;
    setAsked(next);
    // The one who asked tells of a failure; here the box just stops waiting.
    await done.catch(() => undefined);
    setAsked((now) => (now === next ? null : now));
  };
  return (
    <label className={`flex items-center gap-2 ${large ? 'min-h-11 w-full' : 'min-h-7'}`}>
      <input
        type="checkbox"
        className={`shrink-0 ${large ? 'size-6' : 'size-4'}`}
        checked={asked ?? checked}
        disabled={disabled}
        onChange={(event) => {
          void change(event.target.checked);
        }}
      />
      {children}
    </label>
  );
}
