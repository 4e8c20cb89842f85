import type { InputHTMLAttributes, ReactNode, SelectHTMLAttributes } from 'react';

export const BOX = 'min-h-7 rounded-md border border-kale-soft bg-white px-2 py-1';

/** A label over its control. */
export function Field({ label, children, className = '' }: { label: string; children: ReactNode; className?: string }) {
  return (
    // biome-ignore lint/a11y/noLabelWithoutControl: the control is the child
    <label className={`flex flex-col gap-0.5 ${className}`}>
      <span className="text-sm text-kale-soft">{label}</span>
      {children}
    </label>
  );
}

export const Input = ({ className = '', ...rest }: InputHTMLAttributes<HTMLInputElement>) => <input className={`${BOX} ${className}`} {...rest} />;
export const Select = ({ className = '', ...rest }: SelectHTMLAttributes<HTMLSelectElement>) => (
  <select className={`${BOX} ${className}`} {...rest} />
);
