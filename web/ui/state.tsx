import { Check, CircleAlert, CircleHelp, X } from 'lucide-react';
import type { ReactNode } from 'react';

export type Tone = 'meets' | 'likely' | 'check' | 'breaks' | 'plain';

const LOOK: Record<Tone, string> = {
  meets: 'bg-leaf-pale text-leaf',
  likely: 'bg-leaf-pale text-leaf',
  check: 'bg-mustard-pale text-mustard',
  breaks: 'bg-beet-pale text-beet',
  plain: 'bg-oat-deep text-kale',
};
const ICON: Record<Tone, typeof Check | null> = { meets: Check, likely: Check, check: CircleHelp, breaks: X, plain: null };

/** A state as icon and words; colour only repeats them. */
export function State({ tone, children, title }: { tone: Tone; children: ReactNode; title?: string }) {
  const Icon = ICON[tone];
  return (
    <span title={title} className={`inline-flex shrink-0 items-center gap-1 rounded px-1.5 py-px text-sm whitespace-nowrap ${LOOK[tone]}`}>
      {Icon && <Icon size={13} aria-hidden strokeWidth={3} />}
      {children}
    </span>
  );
}

export function Notice({ tone, children }: { tone: 'check' | 'breaks' | 'plain'; children: ReactNode }) {
  return (
    <div className={`flex items-start gap-2 rounded-md px-3 py-2 ${LOOK[tone]}`}>
      <CircleAlert size={16} aria-hidden className="mt-0.5 shrink-0" />
      <div>{children}</div>
    </div>
  );
}

/** A screen that is still coming: its heading is what is being waited for. */
export const Waiting = ({ children }: { children: string }) => (
  <div role="status" className="m-auto p-8 text-kale-soft">
    <h1 className="text-base font-normal">{children}</h1>
  </div>
);

/** A screen that cannot be: why, and what to do. */
export const Failed = ({ error }: { error: Error }) => (
  <div className="p-6">
    <Notice tone="breaks">{error.message}</Notice>
  </div>
);
