import type { ReactNode } from 'react';

export interface TableColumn<Row> {
  /** Also the key; empty for a column whose rows say what it is. */
  head: string;
  cell: (row: Row) => ReactNode;
  /** Names the row. One column does. */
  isHead?: boolean;
  /** Figures are set to the right. */
  isFigure?: boolean;
  className?: string;
  headClass?: string;
}

interface TableProps<Row> {
  /** What the table is called; for the ear alone unless it is shown. */
  caption: string;
  captionShown?: boolean;
  columns: readonly TableColumn<Row>[];
  rows: readonly Row[];
  keyOf: (row: Row) => string;
  className?: string;
  rowClass?: (row: Row) => string;
}

/** Rows of what has the same parts, with heads for eye and ear. */
export function Table<Row>({ caption, captionShown = false, columns, rows, keyOf, rowClass, className = 'w-full text-sm' }: TableProps<Row>) {
  const align = ({ isFigure }: TableColumn<Row>) => (isFigure ? 'text-right' : 'text-left');
  return (
    <table className={className}>
      <caption className={captionShown ? 'text-left text-base font-semibold' : 'sr-only'}>{caption}</caption>
      <thead className="text-sm text-kale-soft">
        <tr>
          {columns.map((column, at) => (
            <th key={column.head || at} scope="col" className={`font-normal ${align(column)} ${column.headClass ?? ''}`}>
              {column.head || <span className="sr-only">more</span>}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map((row) => (
          <tr key={keyOf(row)} className={`border-t border-line/60 align-top ${rowClass?.(row) ?? ''}`}>
            {columns.map((column, at) =>
              column.isHead ? (
                <th key={column.head || at} scope="row" className={`font-normal ${align(column)} ${column.className ?? ''}`}>
                  {column.cell(row)}
                </th>
              ) : (
                <td key={column.head || at} className={`${align(column)} ${column.className ?? ''}`}>
                  {column.cell(row)}
                </td>
              ),
            )}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
