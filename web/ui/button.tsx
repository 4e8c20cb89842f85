import type { ComponentProps } from 'react';

type Kind = 'plain' | 'main' | 'quiet' | 'chip';

const LOOK: Record<Kind, string> = {
  plain: 'border border-kale-soft bg-card px-3 py-1 hover:bg-oat-deep',
  main: 'border border-squash bg-squash px-3 py-1 font-semibold text-white hover:bg-kale hover:border-kale',
  quiet: 'px-2 py-1 hover:bg-oat-deep',
  chip: 'border border-line bg-card px-2 py-0.5 hover:bg-oat-deep',
};

/** At least 24 px each way; disabled buttons keep their words readable. */
export function Button({ kind = 'plain', className = '', type = 'button', ...rest }: ComponentProps<'button'> & { kind?: Kind }) {
  return (
    <button
      type={type}
      className={`inline-flex min-h-7 min-w-7 items-center justify-center gap-1.5 rounded-md disabled:border-line disabled:bg-oat-deep disabled:text-kale-soft ${LOOK[kind]} ${className}`}
      {...rest}
    />
  );
}
