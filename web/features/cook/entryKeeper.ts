/**
 * What is written down while a soup is cooked, on its way to the server. Entries are queued in the browser before they are sent, sent until
 * the server has them, and never sent away: a lost server, a closed tab or an empty battery loses none, and the same id is kept once.
 */
import type { Entry } from '../../../core/batch/entry.ts';

export type Sent = { kind: 'kept' } | { kind: 'lost' } | { kind: 'refused'; why: string };
export type EntryState = 'clean' | 'sending' | 'offline' | 'refused';

export interface EntryPorts {
  send(batchId: string, entries: readonly Entry[]): Promise<Sent>;
  store: { read(batchId: string): Promise<Entry[]>; write(batchId: string, entries: readonly Entry[]): Promise<void> };
  /** Does the work later; returns how to call it off. */
  later(work: () => void, ms: number): () => void;
}

const FIRST_MS = 1000;
const MOST_MS = 15_000;
/** Sent at once. */
const MOST_AT_ONCE = 100;

export class EntryKeeper {
  /** Not known to be with the server, oldest first. */
  queue: readonly Entry[] = [];
  /** Not taken by the server, with its reason; kept until somebody lets them go. */
  refused: readonly { entry: Entry; why: string }[] = [];
  state: EntryState = 'clean';
  private readonly listeners = new Set<() => void>();
  private wait = FIRST_MS;
  private callOff: (() => void) | null = null;
  private isSending = false;
  private writing: Promise<void> = Promise.resolve();

  constructor(
    readonly batchId: string,
    private readonly ports: EntryPorts,
  ) {}

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  /** What an earlier page left behind goes first. */
  async open(): Promise<void> {
    const left = await this.ports.store.read(this.batchId);
    const known = new Set(this.queue.map(({ id }) => id));
    this.set({ queue: [...left.filter(({ id }) => !known.has(id)), ...this.queue] });
    void this.flush();
  }

  add(...entries: Entry[]): void {
    this.set({ queue: [...this.queue, ...entries] });
    this.keep();
    void this.flush();
  }

  letGo(id: string): void {
    this.set({ refused: this.refused.filter(({ entry }) => entry.id !== id) });
    this.keep();
  }

  /** The server may be back. */
  tryNow = (): void => {
    this.callOff?.();
    this.callOff = null;
    void this.flush();
  };

  /** Resolves when everything is written in the browser; for tests and for leaving. */
  settled = (): Promise<void> => this.writing;

  private keep(): void {
    const all = [...this.refused.map(({ entry }) => entry), ...this.queue];
    this.writing = this.writing.then(() => this.ports.store.write(this.batchId, all)).catch(() => undefined);
  }

  private async flush(): Promise<void> {
    if (this.isSending || this.queue.length === 0) return;
    this.isSending = true;
    this.set({ state: 'sending' });
    let batch = this.queue.slice(0, MOST_AT_ONCE);
    while (batch.length > 0) {
      const sent = await this.ports.send(this.batchId, batch);
      if (sent.kind === 'lost') {
        this.isSending = false;
        this.set({ state: 'offline' });
        this.callOff?.();
        this.callOff = this.ports.later(this.tryNow, this.wait);
        this.wait = Math.min(MOST_MS, this.wait * 2);
        return;
      }
      this.wait = FIRST_MS;
      const gone = new Set(batch.map(({ id }) => id));
      if (sent.kind === 'refused' && batch.length > 1) {
        // One of them is at fault: each by itself, so that the others are kept.
        batch = batch.slice(0, 1);
        continue;
      }
      const [only] = batch;
      if (sent.kind === 'refused' && only) this.set({ refused: [...this.refused, { entry: only, why: sent.why }] });
      this.set({ queue: this.queue.filter(({ id }) => !gone.has(id)) });
      this.keep();
      batch = this.queue.slice(0, sent.kind === 'refused' ? 1 : MOST_AT_ONCE);
    }
    this.isSending = false;
    this.set({ state: this.refused.length > 0 ? 'refused' : 'clean' });
  }

  private set(next: Partial<Pick<EntryKeeper, 'queue' | 'refused' | 'state'>>): void {
    Object.assign(this, next);
    for (const listener of this.listeners) listener();
  }
}
