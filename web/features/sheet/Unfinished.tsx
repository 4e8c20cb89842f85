import type { Sheet } from '../../../core/sheet/sheet.ts';

/** What is still open in the soup, on top of every paper that tells what is in it. */
export function Unfinished({ incomplete }: Pick<Sheet, 'incomplete'>) {
  if (incomplete.length === 0) return null;
  return (
    <div role="note" aria-label="Unfinished" className="mb-2 rounded-md border-2 border-beet px-3 py-2 text-sm font-semibold text-beet">
      Unfinished: every figure is at least what is shown. {incomplete.map(({ message }) => message).join(' ')}
    </div>
  );
}
