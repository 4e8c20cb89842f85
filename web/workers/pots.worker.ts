/** The fewest pots of one soup, off the interface thread. */
import { type OnShelf, SHELF, shelfWith } from '../../core/food/shelf.ts';
import { potsFor } from '../../core/group/pots.ts';
import type { PotsProgress, PotsReply, PotsRequest } from '../../core/group/types.ts';

export interface PotsAsked {
  request: PotsRequest;
  kitchen: OnShelf;
}

export type PotsTold = { progress: PotsProgress } | { reply: PotsReply } | { failure: string };

/** A page has no use for more news than it paints. */
const EACH_MS = 50;

self.onmessage = ({ data: { request, kitchen } }: MessageEvent<PotsAsked>) => {
  const tell = (told: PotsTold) => self.postMessage(told);
  let last = Number.NEGATIVE_INFINITY;
  try {
    const reply = potsFor(
      request,
      shelfWith(SHELF, kitchen),
      () => performance.now(),
      (progress) => {
        const at = performance.now();
        if (at - last < EACH_MS) return;
        last = at;
        tell({ progress });
      },
    );
    tell({ reply });
  } catch (error) {
    tell({ failure: error instanceof Error ? error.message : String(error) });
  }
};
