import { type ComponentProps, useEffect, useRef } from 'react';

interface Props extends Omit<ComponentProps<'textarea'>, 'value'> {
  value: string;
  /** Lines of the text to be marked, counted from 0. */
  marked: ReadonlySet<number>;
  /** The line that is spoken of beside the text: it is shown, and tinted. */
  lookAt?: number | null;
  /** Told the line the caret stands in, when it is moved there. */
  onCaretLine?: (line: number) => void;
}

/** No text is longer than a screen can mark as it is typed. */
const MOST_MARKED_CHARACTERS = 40_000;
const SAME = 'overflow-auto whitespace-pre-wrap wrap-break-word p-3 leading-relaxed [scrollbar-gutter:stable]';

const rowClass = (isMarked: boolean, isLookedAt: boolean): string =>
  `${isMarked ? 'outline-2 outline-mustard outline-dashed' : ''} ${isLookedAt ? 'bg-squash-pale' : isMarked ? 'bg-mustard-pale' : ''}`;

/** A box for text whose lines can be marked: the same text lies behind it, unseen but for its marks. */
export function MarkedText({ value, marked, lookAt = null, onCaretLine, className = '', ...props }: Props) {
  const behind = useRef<HTMLDivElement>(null);
  const box = useRef<HTMLTextAreaElement>(null);
  const shown = (marked.size > 0 || lookAt !== null) && value.length < MOST_MARKED_CHARACTERS;
  const rows = shown ? value.split('\n') : [];
  useEffect(() => {
    const row = lookAt === null ? null : behind.current?.children[lookAt];
    if (!(row instanceof HTMLElement) || !box.current) return;
    const { scrollTop, clientHeight } = box.current;
    const isSeen = row.offsetTop >= scrollTop && row.offsetTop + row.offsetHeight <= scrollTop + clientHeight;
    if (!isSeen) box.current.scrollTop = row.offsetTop - clientHeight / 3;
  }, [lookAt]);
  return (
    <div className={`relative rounded-xl border border-kale-soft bg-card ${className}`}>
      <div ref={behind} aria-hidden className={`pointer-events-none absolute inset-0 text-transparent ${SAME}`}>
        {rows.map((row, at) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a line of text is its place
          <div key={at} className={rowClass(marked.has(at), at === lookAt)}>
            {row === '' ? '\u200b' : row}
          </div>
        ))}
      </div>
      <textarea
        {...props}
        ref={box}
        onClick={({ currentTarget }) => onCaretLine?.(currentTarget.value.slice(0, currentTarget.selectionStart).split('\n').length - 1)}
        value={value}
        onScroll={(event) => {
          if (behind.current) behind.current.scrollTop = event.currentTarget.scrollTop;
        }}
        className={`absolute inset-0 size-full resize-none rounded-xl bg-transparent ${SAME}`}
      />
    </div>
  );
}
