import { type InputHTMLAttributes, useId, useState } from 'react';
import { type NumberBounds, typedNumber } from '../../core/quantity/typedNumber.ts';
import { BOX } from './field.tsx';

/** What stands in a box for a number: the number, null when it is empty, undefined while it cannot be read. */
export type Typed = number | null | undefined;

interface NumberInputProps extends NumberBounds, Omit<InputHTMLAttributes<HTMLInputElement>, 'min' | 'max' | 'value' | 'onChange' | 'defaultValue'> {
  value: Typed;
  /** At every key, unless `late`. */
  onValue: (value: Typed) => void;
  /** Tell only when the box is left or Enter is pressed, and put back what stood there where it cannot be read. */
  late?: boolean;
}

/** The one box for numbers. It keeps what is typed while it cannot be read, and says how it can be. */
export function NumberInput({ value, onValue, late = false, min, max, className = '', onBlur, onKeyDown, ...rest }: NumberInputProps) {
  const [text, setText] = useState(shown(value));
  const id = useId();
  const read = typedNumber(text, { ...(min === undefined ? {} : { min }), ...(max === undefined ? {} : { max }) });
  const message = read.kind === 'fault' ? read.message : null;
  const standing = typedValue(read);
  // A value from without takes the place of the text, unless the text says just that. Never in an effect: one
  // that comes late takes away what was typed before it.
  const [known, setKnown] = useState(value);
  if (!Object.is(known, value)) {
    setKnown(value);
    if (value !== undefined && typedValue(typedNumber(text)) !== value) setText(shown(value));
  }
  const tell = () => {
    if (standing === undefined) setText(shown(value));
    else if (standing !== value) onValue(standing);
  };
  return (
    <span className="inline-flex flex-col">
      <input
        className={`${BOX} ${className}`}
        inputMode="decimal"
        value={text}
        aria-invalid={message !== null || undefined}
        aria-describedby={message === null ? undefined : id}
        onChange={(event) => {
          setText(event.target.value);
          if (!late) onValue(typedValue(typedNumber(event.target.value, { min: min ?? -Infinity, max: max ?? Infinity })));
        }}
        onBlur={(event) => {
          if (late) tell();
          onBlur?.(event);
        }}
        onKeyDown={(event) => {
          if (late && event.key === 'Enter') tell();
          onKeyDown?.(event);
        }}
        {...rest}
      />
      {message && (
        <span id={id} role="status" className="max-w-52 text-sm text-beet">
          {message}
        </span>
      )}
    </span>
  );
}

const shown = (number: Typed): string => (typeof number === 'number' ? String(number) : '');
const typedValue = (read: ReturnType<typeof typedNumber>): Typed => (read.kind === 'number' ? read.value : read.kind === 'empty' ? null : undefined);
