import { type ReactNode, useState } from 'react';

interface DisclosureProps {
  summary: ReactNode;
  children: ReactNode;
  className?: string;
  /** Open to begin with. */
  open?: boolean;
  /** What is inside is made only once it is opened. */
  lazy?: boolean;
}

/** More, for whoever wants it. */
export function Disclosure({ summary, children, className = 'mt-1', open = false, lazy = false }: DisclosureProps) {
  const [seen, setSeen] = useState(open);
  return (
    <details className={className} open={open} onToggle={(event) => setSeen(seen || event.currentTarget.open)}>
      <summary className="min-h-6 text-sm underline">{summary}</summary>
      {(!lazy || seen) && children}
    </details>
  );
}
