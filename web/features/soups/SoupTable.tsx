import { ArrowDownUp } from 'lucide-react';
import { lazy, Suspense } from 'react';
import type { SoupSort } from '../../../contract/types.ts';
import { Button } from '../../ui/button.tsx';
import { type RowsProps, type Seen, SoupRows } from './SoupRows.tsx';

// What draws only the rows in sight comes when there are more than a page or two of them.
const SoupWindow = lazy(async () => ({ default: (await import('./SoupWindow.tsx')).SoupWindow }));
/** So many rows are simply drawn. */
const MOST_DRAWN = 40;

interface Props extends RowsProps {
  total: number;
  sort: SoupSort;
  onSort: (sort: SoupSort) => void;
  /** Called when the last rows come into sight. */
  onEnd: () => void;
}

/** Soups as rows, under heads that sort them. */
export function SoupTable({ total, sort, onSort, onEnd, ...rows }: Props) {
  const drawn: Seen = {
    indices: rows.soups.map((_, index) => index),
    before: 0,
    after: 0,
    bring: () => {},
  };
  return (
    <div className="relative overflow-x-auto rounded-xl border border-line bg-card">
      <table className="w-full border-collapse text-left" aria-rowcount={total + 1}>
        <thead className="bg-oat-deep">
          <tr aria-rowindex={1}>
            <SortHead by="title" now={sort} onSort={onSort}>
              Soup
            </SortHead>
            <th scope="col" className="px-3 py-2 font-semibold">
              Newest version contains
            </th>
            <SortHead by="energy" now={sort} onSort={onSort} right>
              kcal a bowl
            </SortHead>
            <SortHead by="sodium" now={sort} onSort={onSort} right>
              sodium mg
            </SortHead>
            <th scope="col" className="px-3 py-2 font-semibold">
              Versions, and what they are for
            </th>
            <SortHead by="updated" now={sort} onSort={onSort}>
              Changed
            </SortHead>
            <th scope="col" className="px-3 py-2 max-sm:hidden">
              <span className="sr-only">Archive</span>
            </th>
          </tr>
        </thead>

        {total > MOST_DRAWN ? (
          // Rows that would be drawn anew would lose the focus and a key: they wait for what draws them.
          <Suspense fallback={<tbody />}>
            <SoupWindow {...rows} onEnd={onEnd} />
          </Suspense>
        ) : (
          <SoupRows {...rows} seen={drawn} />
        )}
      </table>
    </div>
  );
}

interface SortProps {
  by: SoupSort;
  now: SoupSort;
  onSort: (by: SoupSort) => void;
  right?: boolean;
  children: string;
}

function SortHead({ by, now, onSort, right, children }: SortProps) {
  return (
    <th
      scope="col"
      aria-sort={by === now ? (by === 'updated' ? 'descending' : 'ascending') : 'none'}
      className={`px-1 py-1 ${right ? 'text-right' : ''} ${by === 'title' ? '' : 'max-sm:hidden'}`}
    >
      <Button kind="quiet" className="font-semibold whitespace-nowrap" onClick={() => onSort(by)}>
        {children}
        <ArrowDownUp size={13} aria-hidden className={by === now ? '' : 'opacity-40'} />
      </Button>
    </th>
  );
}
