/** What of a soup could come frozen, canned or in a jar, off the interface thread. */
import { type OnShelf, SHELF, shelfWith } from '../../core/food/shelf.ts';
import { type ReadyExchange, readyExchanges } from '../../core/school/exchanges.ts';
import type { SchoolsRequest } from '../../core/school/types.ts';

export interface ExchangesAsked {
  request: SchoolsRequest;
  kitchen: OnShelf;
}
export type ExchangesTold = { exchanges: ReadyExchange[] } | { failure: string };

self.onmessage = ({ data: { request, kitchen } }: MessageEvent<ExchangesAsked>) => {
  const tell = (told: ExchangesTold) => self.postMessage(told);
  try {
    tell({ exchanges: readyExchanges(request.recipe, request, shelfWith(SHELF, kitchen)) });
  } catch (error) {
    tell({ failure: error instanceof Error ? error.message : String(error) });
  }
};
