/**
 * Keeps the draft of one soup: every edit goes at once to this browser's own store and shortly after to the server, under the revision
 * it was made on. A keeper holds its own content and never looks at the bench: what lies there when a reply comes may be another soup.
 * A lost server is tried again, a save by someone else in between is merged, leaving saves at once. Nothing typed is lost.
 */
import { dequal } from 'dequal';
import type { DraftBody } from '../../../contract/types.ts';
import { type Conflict, type DraftContent, mergeDrafts } from './merge.ts';

export type KeeperState = 'clean' | 'waiting' | 'saving' | 'offline' | 'refused' | 'clash';

export interface Clash {
  conflicts: Conflict[];
  mine: DraftContent;
  theirs: DraftBody;
}

/** What came of a save. */
export type Outcome =
  | { kind: 'saved'; draft: DraftBody }
  | { kind: 'stale'; current: DraftBody }
  | { kind: 'refused'; why: string }
  | { kind: 'lost' };

/** The world as the keeper sees it; handed in, so that it can be tested without one. */
export interface Ports {
  save(soupId: string, draft: DraftBody): Promise<Outcome>;
  /** The draft as the server has it; null when it does not answer. */
  fetch(soupId: string): Promise<DraftBody | null>;
  store: { read(key: string): string | null; write(key: string, value: string): void; remove(key: string): void };
  /** Runs `work` after so many ms; returns what calls it off. */
  later(work: () => void, ms: number): () => void;
  /** Tells the other tabs that a draft was saved. */
  announce(soupId: string): void;
}

export const SAVE_AFTER_MS = 500;
export const TRY_AGAIN_MS = 2500;
const FORMAT = 1;

interface Backup {
  format: typeof FORMAT;
  content: DraftContent;
  base: DraftBody;
}

const backupKey = (soupId: string) => `kind-ladle:draft:${soupId}`;
const contentOf = ({ recipe, needs, notes }: DraftContent): DraftContent => ({ recipe, needs, ...(notes ? { notes } : {}) });
/** As the server takes it: without a key that holds nothing. */
const sentOf = ({ notes, ...rest }: DraftContent) => ({ ...rest, ...(notes && Object.keys(notes).length > 0 ? { notes } : {}) });
const same = (a: DraftContent, b: DraftContent): boolean =>
  a === b || (a.recipe === b.recipe && a.needs === b.needs && a.notes === b.notes) || dequal(sentOf(contentOf(a)), sentOf(contentOf(b)));

export class DraftKeeper {
  readonly soupId: string;
  #ports: Ports;
  #base: DraftBody;
  #content: DraftContent;
  #state: KeeperState = 'clean';
  #clash: Clash | null = null;
  #why: string | null = null;
  #callOff: (() => void) | null = null;
  #listeners = new Set<() => void>();
  /** Puts content that came from elsewhere on the bench; none while nobody looks at this soup. */
  #show: ((content: DraftContent) => void) | null = null;

  /** `draft` is the server's; this browser's own unsaved work goes first and is joined with it. */
  constructor(soupId: string, draft: DraftBody, ports: Ports) {
    this.soupId = soupId;
    this.#ports = ports;
    const backup = this.#readBackup();
    this.#base = backup?.base ?? draft;
    this.#content = contentOf(backup?.content ?? draft);
    if (backup && backup.base.revision !== draft.revision) this.#meet(draft);
    if (backup && this.#state !== 'clash') this.#save();
  }

  get state(): KeeperState {
    return this.#state;
  }
  get clash(): Clash | null {
    return this.#clash;
  }
  /** Why the server refused the last save. */
  get why(): string | null {
    return this.#why;
  }
  get content(): DraftContent {
    return this.#content;
  }
  get isDirty(): boolean {
    return !same(this.#content, this.#base);
  }

  subscribe = (listener: () => void): (() => void) => {
    this.#listeners.add(listener);
    return () => this.#listeners.delete(listener);
  };

  /** Somebody looks at this soup again. */
  attach(show: (content: DraftContent) => void): void {
    this.#show = show;
  }

  /** The soup is left: what waits is saved at once. */
  leave(): void {
    this.#show = null;
    if (this.#state === 'waiting' || this.#state === 'offline') this.#save();
  }

  /** The cook changed something. */
  edited(content: DraftContent): void {
    if (same(content, this.#content)) return;
    this.#content = contentOf(content);
    if (!this.isDirty) {
      // Undone back to what is saved: nothing is left to keep.
      this.#ports.store.remove(backupKey(this.soupId));
      if (this.#state === 'waiting' || this.#state === 'refused') this.#become('clean');
      return;
    }
    this.#writeBackup();
    if (this.#state !== 'saving' && this.#state !== 'clash') this.#wait(SAVE_AFTER_MS);
  }

  /** Another tab saved this draft: idle, its work is taken; busy, it is met at the next save. */
  async otherTabSaved(): Promise<void> {
    if (this.isDirty || this.#state !== 'clean') return;
    const theirs = await this.#ports.fetch(this.soupId);
    if (!theirs || this.isDirty || this.#state !== 'clean' || theirs.revision <= this.#base.revision) return;
    this.#base = theirs;
    this.#content = contentOf(theirs);
    this.#show?.(this.#content);
    this.#tell();
  }

  /** Settles a clash: mine is on the bench already; theirs goes there on request, mine stays in undo. */
  settle(side: 'mine' | 'theirs'): void {
    if (!this.#clash) return;
    if (side === 'theirs') {
      this.#content = contentOf(this.#clash.theirs);
      this.#show?.(this.#content);
    }
    this.#clash = null;
    if (this.isDirty) this.#saveAgain();
    else this.#settled();
  }

  #wait(ms: number, state: KeeperState = 'waiting'): void {
    this.#callOff?.();
    this.#callOff = this.#ports.later(() => this.#save(), ms);
    this.#become(state);
  }

  #save(): void {
    this.#callOff?.();
    this.#callOff = null;
    if (this.#state === 'saving' || this.#state === 'clash') return;
    if (!this.isDirty) {
      this.#settled();
      return;
    }
    const sent = this.#content;
    const { basedOn, revision } = this.#base;
    this.#writeBackup();
    this.#become('saving');
    this.#ports.save(this.soupId, { ...sentOf(sent), basedOn, revision }).then(
      (outcome) => this.#came(outcome, sent),
      () => this.#came({ kind: 'lost' }, sent),
    );
  }

  #came(outcome: Outcome, sent: DraftContent): void {
    if (outcome.kind === 'saved') {
      // What was sent is what is there now: by identity, so that an unchanged bench is clean without being compared.
      const { notes: _, ...saved } = outcome.draft;
      this.#base = { ...saved, ...sent } as DraftBody;
      this.#ports.announce(this.soupId);
      if (this.isDirty) {
        this.#writeBackup();
        if (this.#show) this.#wait(SAVE_AFTER_MS);
        else this.#saveAgain();
      } else this.#settled();
    } else if (outcome.kind === 'stale') {
      this.#become('waiting');
      if (!this.#meet(outcome.current)) return;
      if (this.isDirty) this.#save();
      else this.#settled();
    } else if (outcome.kind === 'refused') {
      this.#why = outcome.why;
      this.#become('refused');
    } else this.#wait(TRY_AGAIN_MS, 'offline');
  }

  #saveAgain(): void {
    this.#state = 'waiting';
    this.#save();
  }

  /** Joins theirs with mine; false when both changed the same place, which is then asked. */
  #meet(theirs: DraftBody): boolean {
    const mine = this.#content;
    const { merged, conflicts } = mergeDrafts(contentOf(this.#base), mine, contentOf(theirs));
    this.#base = theirs;
    this.#content = merged;
    this.#writeBackup();
    this.#show?.(merged);
    if (conflicts.length === 0) return true;
    this.#clash = { conflicts, mine, theirs };
    this.#become('clash');
    return false;
  }

  #settled(): void {
    this.#ports.store.remove(backupKey(this.soupId));
    this.#become('clean');
  }

  #become(state: KeeperState): void {
    this.#state = state;
    if (state !== 'refused') this.#why = null;
    this.#tell();
  }

  #tell(): void {
    for (const listener of this.#listeners) listener();
  }

  #writeBackup(): void {
    const backup: Backup = { format: FORMAT, content: this.#content, base: this.#base };
    this.#ports.store.write(backupKey(this.soupId), JSON.stringify(backup));
  }

  #readBackup(): Backup | null {
    try {
      const backup = JSON.parse(this.#ports.store.read(backupKey(this.soupId)) ?? 'null') as Backup | null;
      return backup?.format === FORMAT && Array.isArray(backup.content?.recipe?.lines) && typeof backup.base?.revision === 'number' ? backup : null;
    } catch {
      return null;
    }
  }
}
