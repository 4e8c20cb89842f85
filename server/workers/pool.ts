/** Long work off the event loop: one thread, a short queue that refuses when it is full, ended when nobody waits or the time is up. */
import { MessageChannel, type MessagePort } from 'node:worker_threads';
import pLimit from 'p-limit';
import { Piscina } from 'piscina';
import { Problem, type ProblemCode } from '../../contract/problems.ts';

export interface Pool<Task, Result> {
  /** `left` fires when nobody waits for the answer any more. */
  run(task: Task, left?: AbortSignal): Promise<Result>;
  close(): Promise<void>;
}

/** What a worker is handed: the task, and where it says that it has begun. */
export interface Handed<Task> {
  task: Task;
  begun: MessagePort;
}

interface Options {
  /** Script of the worker: its default export takes what is `Handed`. */
  path: string;
  mostWaiting: number;
  /** Work that has begun and takes longer is ended. */
  deadlineMs?: number;
  /** What is answered then. */
  late?: { code: ProblemCode; detail: string };
}

const MEGABYTES = 1024;

export function workerPool<Task, Result>({ path, mostWaiting, deadlineMs, late }: Options): Pool<Task, Result> {
  let closing = false;
  // The queue stands here and not in the pool of threads: ending work that runs ends its thread, and what waits there would wait for a next
  // task before another thread is begun.
  const turn = pLimit(1);
  let waiting = 0;
  const threads = new Piscina({
    filename: path,
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: Number.POSITIVE_INFINITY,
    resourceLimits: { maxOldGenerationSizeMb: MEGABYTES },
  });
  const busy = (detail: string) => new Problem('server.busy', detail);

  return {
    async run(task, left) {
      if (closing) throw busy('The kitchen is closing.');
      if (waiting >= mostWaiting) throw busy('Other work is waiting. Try again shortly.');
      const tooLate = new AbortController();
      const { port1, port2 } = new MessageChannel();
      let timer: ReturnType<typeof setTimeout> | undefined;
      port1.once('message', () => {
        if (deadlineMs !== undefined) timer = setTimeout(() => tooLate.abort(), deadlineMs);
      });
      const signal = left ? AbortSignal.any([left, tooLate.signal]) : tooLate.signal;
      waiting += 1;
      try {
        return await orLeft(
          turn(() => {
            signal.throwIfAborted();
            if (closing) throw busy('The kitchen is closing.');
            return threads.run({ task, begun: port2 } satisfies Handed<Task>, { signal, transferList: [port2] });
          }),
          signal,
        );
      } catch (error) {
        if (closing) throw busy('The kitchen is closing.');
        if (tooLate.signal.aborted && late) throw new Problem(late.code, late.detail);
        if (left?.aborted) throw busy('The work was given up.');
        if (/queue|terminat/i.test((error as Error).message)) throw busy('The work stopped. Try again.');
        throw error;
      } finally {
        waiting -= 1;
        clearTimeout(timer);
        port1.close();
      }
    },
    async close() {
      closing = true;
      await threads.destroy();
    },
  };
}

/** What is waited for, or a rejection as soon as nobody waits any more. */
function orLeft<T>(work: Promise<T>, signal: AbortSignal): Promise<T> {
  return new Promise((resolve, reject) => {
    const leave = () => reject(signal.reason);
    if (signal.aborted) leave();
    signal.addEventListener('abort', leave, { once: true });
    work.then(resolve, reject).finally(() => signal.removeEventListener('abort', leave));
  });
}
