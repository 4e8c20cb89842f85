import { useState } from 'react';
import { Field, Input } from '../../ui/field.tsx';

interface Props {
  label: string;
  name: string;
  placeholder: string;
  /** Pieces of what was said that mean nothing. */
  unread: readonly string[];
  className?: string;
  /** Takes what was said and gives back what was not understood. */
  onSaid: (text: string) => readonly string[];
}

/** Something said in words: taken when the box is left or Enter is pressed; what was not understood stays in it. */
export function SaidField({ label, name, placeholder, unread, className = '', onSaid }: Props) {
  const [said, setSaid] = useState('');
  const take = () => {
    if (said.trim() !== '' || unread.length > 0) setSaid(onSaid(said).join('; '));
  };
  return (
    <Field label={label} className={className}>
      <Input
        aria-label={name}
        aria-invalid={unread.length > 0}
        placeholder={placeholder}
        value={said}
        onChange={(event) => setSaid(event.target.value)}
        onBlur={take}
        onKeyDown={(event) => {
          if (event.key !== 'Enter') return;
          event.preventDefault();
          take();
        }}
      />
    </Field>
  );
}
