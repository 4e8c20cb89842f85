import { type ComponentProps, useRef } from 'react';

interface Props extends Omit<ComponentProps<'textarea'>, 'value'> {
  value: string;
  /** Lines of the text to be marked, counted from 0. */
  marked: ReadonlySet<number>;
}

/** No text is longer than a screen can mark as it is typed. */
const MOST_MARKED_CHARACTERS = 40_000;
const SAME = 'overflow-auto whitespace-pre-wrap wrap-break-word p-3 leading-relaxed [scrollbar-gutter:stable]';

/** A box for text whose lines can be marked: the same text lies behind it, unseen but for its marks. */
export function MarkedText({ value, marked, className = '', ...props }: Props) {
  const behind = useRef<HTMLDivElement>(null);
  const shown = marked.size > 0 && value.length < MOST_MARKED_CHARACTERS;
  const rows = shown ? value.split('\n') : [];
  return (
    <div className={`relative rounded-xl border border-kale-soft bg-card ${className}`}>
      <div ref={behind} aria-hidden className={`pointer-events-none absolute inset-0 text-transparent ${SAME}`}>
        {rows.map((row, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a line of text is its place
          <div key={at} className={marked.has(at) ? 'bg-mustard-pale outline-2 outline-mustard outline-dashed' : ''}>
            {row === '' ? '\u200b' : row}
          </div>
        ))}
      </div>
      <textarea
        {...props}
        value={value}
        onScroll={(event) => {
          if (behind.current) behind.current.scrollTop = event.currentTarget.scrollTop;
        }}
        className={`absolute inset-0 size-full resize-none rounded-xl bg-transparent ${SAME}`}
      />
    </div>
  );
}
