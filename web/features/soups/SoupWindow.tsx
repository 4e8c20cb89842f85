import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, useState } from 'react';
import { type RowsProps, SoupRows } from './SoupRows.tsx';

/** Height of a row until it is measured, px. */
const ROW_PX = 78;
/** Rows above and below what is seen. */
const OVERSCAN = 8;

/** Rows of a long list, of which only those in sight are drawn. `onEnd` is called when the last come into sight. */
export function SoupWindow({ onEnd, ...rows }: RowsProps & { onEnd: () => void }) {
  const { soups } = rows;
  const body = useRef<HTMLTableSectionElement>(null);
  const [top, setTop] = useState(0);
  useEffect(() => setTop(body.current ? body.current.getBoundingClientRect().top + window.scrollY : 0), []);
  const all = useWindowVirtualizer({
    count: soups.length,
    estimateSize: () => ROW_PX,
    overscan: OVERSCAN,
    scrollMargin: top,
    getItemKey: (index) => soups[index]?.id ?? index,
  });
  const shown = all.getVirtualItems();
  const last = shown.at(-1)?.index ?? 0;
  useEffect(() => {
    if (last >= soups.length - 1) onEnd();
  }, [last, soups.length, onEnd]);
  const before = shown[0] ? shown[0].start - top : 0;
  const after = shown.length > 0 ? all.getTotalSize() - ((shown.at(-1)?.end ?? top) - top) : 0;
  const seen = {
    indices: shown.map(({ index }) => index),
    before,
    after,
    measure: all.measureElement,
    bring: (index: number) => all.scrollToIndex(index),
  };
  return <SoupRows {...rows} body={body} seen={seen} />;
}
