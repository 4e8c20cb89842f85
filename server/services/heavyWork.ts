/** Reading, adapting and the serving sheet, each in a thread of its own with the shelf as it stands. Knows no HTTP. */
import type { AnalyseOptions } from '../../core/analysis/analysis.ts';
import type { Shelf } from '../../core/food/shelf.ts';
import { onShelf } from '../../core/food/shelf.ts';
import type { PotsReply, PotsRequest } from '../../core/group/types.ts';
import type { CannotCook, PlanReply, PlanRequest } from '../../core/plan/plan.ts';
import type { RoundMarked } from '../../core/practice/rounds.ts';
import type { NoAnswer, Round, RoundAsked } from '../../core/practice/types.ts';
import type { Reading, ReadOptions } from '../../core/reading/read.ts';
import type { Sheet, SheetRequest } from '../../core/sheet/sheet.ts';
import type { SpreadReply } from '../../core/spread/look.ts';
import type { SpreadRequest } from '../../core/spread/spread.ts';
import type { AdaptRequest, AdaptResult } from '../../core/swap/adapt.ts';
import type { AdaptTask } from '../workers/adaptWorker.ts';
import type { PlanTask } from '../workers/planWorker.ts';
import { workerPool } from '../workers/pool.ts';
import type { PotsTask } from '../workers/potsWorker.ts';
import type { PracticeTask } from '../workers/practiceWorker.ts';
import type { ReadTask } from '../workers/readWorker.ts';
import type { SheetTask } from '../workers/sheetWorker.ts';
import type { SpreadTask } from '../workers/spreadWorker.ts';

export interface HeavyWork {
  /** `left` fires when nobody waits for the answer any more. */
  adapt(request: AdaptRequest, left?: AbortSignal): Promise<AdaptResult>;
  read(text: string, options: ReadOptions, left?: AbortSignal): Promise<Reading>;
  /** Every side that could stand beside the bowl is a whole analysis: some forty of them. */
  sheet(request: SheetRequest, options: AnalyseOptions, left?: AbortSignal): Promise<Sheet>;
  /** A lunch of many soups is searched through for its shortest schedule. */
  plan(request: PlanRequest, left?: AbortSignal): Promise<PlanReply | CannotCook>;
  /** The fewest pots ask the search of one soup many times over. */
  pots(request: PotsRequest, left?: AbortSignal): Promise<PotsReply>;
  /** Hundreds of thousands of combinations are looked at; the front of them, and as many points as are wanted, come back. */
  spread(request: SpreadRequest & { most?: number | undefined }, left?: AbortSignal): Promise<SpreadReply>;
  /** A round of practice is looked for among many soups. */
  round(asked: RoundAsked, left?: AbortSignal): Promise<Round>;
  marked(asked: RoundAsked, answer: unknown, left?: AbortSignal): Promise<RoundMarked | NoAnswer>;
  close(): Promise<void>;
}

const MOST_WAITING = 16;
/** A search that names no limit, ms; longer than the longest seen by far. */
const SEARCH_MS = 30_000;
/** An ordinary recipe takes some 3 ms; what takes five seconds is none, on a busy machine and in a thread that is only starting. */
const READ_MS = 5000;

export function threads(
  paths: { adapt: string; read: string; sheet: string; plan: string; pots: string; spread: string; practice: string },
  shelf: () => Shelf,
): HeavyWork {
  const search = workerPool<AdaptTask, AdaptResult>({ path: paths.adapt, mostWaiting: MOST_WAITING });
  const reading = workerPool<ReadTask, Reading>({
    path: paths.read,
    mostWaiting: MOST_WAITING,
    deadlineMs: READ_MS,
    late: { code: 'read.tooLong', detail: 'This text takes too long to read. Read it in parts, a recipe at a time.' },
  });
  const sheets = workerPool<SheetTask, Sheet>({ path: paths.sheet, mostWaiting: MOST_WAITING });
  const plans = workerPool<PlanTask, PlanReply | CannotCook>({ path: paths.plan, mostWaiting: MOST_WAITING });
  const tables = workerPool<PotsTask, PotsReply>({ path: paths.pots, mostWaiting: MOST_WAITING });
  const spreads = workerPool<SpreadTask, SpreadReply>({ path: paths.spread, mostWaiting: MOST_WAITING });
  const rounds = workerPool<PracticeTask, Round | RoundMarked | NoAnswer>({ path: paths.practice, mostWaiting: MOST_WAITING });
  return {
    adapt: (request, left) => search.run({ request, kitchen: onShelf(shelf()), due: Date.now() + (request.timeLimitMs ?? SEARCH_MS) }, left),
    read: (text, options, left) => reading.run({ text, options, kitchen: onShelf(shelf()) }, left),
    sheet: (request, options, left) => sheets.run({ request, options, kitchen: onShelf(shelf()) }, left),
    plan: (request, left) => plans.run({ request, kitchen: onShelf(shelf()) }, left),
    pots: (request, left) => tables.run({ request, kitchen: onShelf(shelf()) }, left),
    spread: (request, left) => spreads.run({ request, kitchen: onShelf(shelf()) }, left),
    // What a round is made of does not hang on the house: the shelf stays where it is.
    round: (asked, left) => rounds.run({ asked }, left) as Promise<Round>,
    marked: (asked, answer, left) => rounds.run({ asked, given: { answer } }, left) as Promise<RoundMarked | NoAnswer>,
    close: async () => {
      await Promise.all([search.close(), reading.close(), sheets.close(), plans.close(), tables.close(), spreads.close(), rounds.close()]);
    },
  };
}
