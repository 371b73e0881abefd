/**
 * A document with a version under work, with no screen: changes show at once and wait to be saved; a later save of somebody else becomes
 * a conflict, never overwritten; a lost connection is retried. `use-versioned-draft.ts` draws it; clock and store are handed in.
 */
import type { Change } from '@/core/swap/swap';
import { faultWords, type ApiAnswer } from './api';

export type SaveState = 'saved' | 'unsaved' | 'saving' | 'offline' | 'refused';
/** Somebody saved first: what stands now, what they changed, and what is not saved here. */
export type DraftConflict<T> = { version: number; theirs: T; theirChanges: Change[]; mine: Change[] };

/** What a document must tell to be edited as a draft. */
export type DraftKind<T> = {
  apply: (value: T, changes: readonly Change[]) => T;
  diff: (from: T, to: T) => Change[];
  /** Saves over this version; what is sent is the whole value, or what changed. */
  send: (version: number, changes: Change[], value: T) => Promise<ApiAnswer<{ version: number; value?: T }>>;
  /** What stands, out of a refusal because somebody saved first. */
  standing: (body: Record<string, unknown>) => { version: number; value: T } | undefined;
  /** Saved by itself a moment after each change; else when `flush` is called. */
  autosave: boolean;
};

export type DraftView<T> = {
  value: T;
  save: SaveState;
  fault?: string;
  conflict?: DraftConflict<T>;
  canUndo: boolean;
  /** What was not saved when the page was last left stands here again. */
  recovered: boolean;
};

/** Where the draft meets the world: a timer that it may set and clear, and the copy on this device. */
export type DraftWorld = {
  later: (work: () => void, ms: number) => () => void;
  keep: (changes: Change[]) => void;
};

export const WAIT_MS = 350;
export const RETRY_MS = 2000;
const MOST_UNDO = 50;

export class DraftQueue<T> {
  private shown: DraftView<T>;
  private readonly listeners = new Set<() => void>();
  private readonly pending = new Map<string, unknown>();
  private undoStack: Change[][] = [];
  private cancelTimer: () => void = () => undefined;
  /** What was refused for what it says, and stands on the screen: not saved until it is changed. */
  private readonly turnedDown = new Map<string, string>();
  private busy: Promise<void> | undefined;
  /** Asked to be saved, and the connection was lost. */
  private waiting = false;

  constructor(
    private server: { version: number; value: T },
    private readonly kind: DraftKind<T>,
    private readonly world: DraftWorld,
  ) {
    this.shown = { value: server.value, save: 'saved', canUndo: false, recovered: false };
  }

  readonly subscribe = (listener: () => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };
  readonly view = (): DraftView<T> => this.shown;
  readonly version = (): number => this.server.version;

  private tell(change: Partial<DraftView<T>>) {
    this.shown = { ...this.shown, ...change, canUndo: this.undoStack.length > 0 };
    this.listeners.forEach((listener) => listener());
  }

  private list = (from: ReadonlyMap<string, unknown> = this.pending): Change[] => [...from].map(([path, value]) => ({ path, value }));

  private schedule(ms: number) {
    this.cancelTimer();
    this.cancelTimer = this.world.later(() => void this.flush(), ms);
  }

  private push(changes: readonly Change[], more: Partial<DraftView<T>> = {}) {
    for (const { path, value } of changes) {
      this.pending.set(path, value ?? null);
      this.turnedDown.delete(path);
    }
    this.world.keep(this.list());
    this.tell({ ...more, value: this.kind.apply(this.shown.value, changes), save: this.kind.autosave ? 'saving' : 'unsaved' });
    this.cancelTimer();
    if (this.kind.autosave) this.schedule(WAIT_MS);
  }

  /** Lays changes on; what changes nothing is no change. */
  readonly change = (changes: readonly Change[]) => {
    const before = this.shown.value;
    const back = this.kind.diff(this.kind.apply(before, changes), before);
    if (back.length === 0) return;
    this.undoStack = [...this.undoStack.slice(1 - MOST_UNDO), back];
    this.push(changes);
  };

  /** Takes the last change back, which is a change itself. */
  readonly undo = () => {
    const last = this.undoStack.pop();
    if (last) this.push(last);
  };

  /** Lays on again what was kept on this device; without any, what is kept here is written as it is. */
  readonly recover = (kept: readonly Change[]) => {
    if (kept.length > 0) this.push(kept, { recovered: true });
    else this.world.keep(this.list());
  };

  /** The page was made anew from a later version: it stands here too, unless something is not saved. */
  readonly stands = (server: { version: number; value: T }) => {
    if (server.version <= this.server.version || this.pending.size + this.turnedDown.size > 0 || this.busy) return;
    this.server = server;
    this.undoStack = [];
    this.tell({ value: server.value, fault: undefined, save: 'saved' });
  };

  /** The connection is back: what is to be saved is sent now. */
  readonly online = () => {
    if (this.kind.autosave || this.waiting) void this.flush();
  };

  /** Sends what is not saved, now; resolves when it is answered, to why not everything that is shown is saved. Nobody signs over that. */
  readonly flush = async (): Promise<string | undefined> => {
    this.cancelTimer();
    // Whoever waited beside this one may have gone on to send meanwhile: two on one version would be one against the other.
    while (this.busy) await this.busy;
    if (this.pending.size > 0) {
      this.busy = this.sendAll().finally(() => (this.busy = undefined));
      await this.busy;
    }
    const { save, fault, conflict } = this.shown;
    if (save === 'saved') return undefined;
    // Typed over on its way, or on its way again for another: what is saved by itself goes after it.
    if (save === 'saving') return this.flush();
    return fault ?? (conflict ? 'Somebody saved first: settle that first.' : 'Something was changed while it was saved: try again.');
  };

  private async sendAll() {
    const sent = new Map(this.pending);
    this.tell({ save: 'saving' });
    const answer = await this.kind.send(this.server.version, this.list(sent), this.shown.value);
    if (answer.ok) return this.took(sent, answer.value);
    const fault = faultWords(answer);
    if (answer.offline) {
      this.waiting = true;
      this.tell({ save: 'offline', fault });
      return this.schedule(RETRY_MS);
    }
    this.refused(sent, fault, answer.status === 409 ? this.kind.standing(answer.body) : undefined);
  }

  private took(sent: ReadonlyMap<string, unknown>, { version, value }: { version: number; value?: T }) {
    this.server = { version, value: value ?? this.kind.apply(this.server.value, this.list(sent)) };
    // What was typed over while it was on its way is not saved yet.
    for (const [path, one] of sent) if (this.pending.get(path) === one) this.pending.delete(path);
    this.world.keep(this.list());
    this.waiting = false;
    const more = this.pending.size > 0;
    const [fault] = this.turnedDown.values();
    const save = more ? (this.kind.autosave ? 'saving' : 'unsaved') : fault === undefined ? 'saved' : 'refused';
    this.tell({ save, fault, recovered: false });
    if (more && this.kind.autosave) this.schedule(WAIT_MS);
  }

  private refused(sent: ReadonlyMap<string, unknown>, fault: string, stands: { version: number; value: T } | undefined) {
    if (stands) {
      const theirChanges = this.kind.diff(this.server.value, stands.value);
      return this.tell({
        save: 'refused',
        conflict: { version: stands.version, theirs: stands.value, theirChanges, mine: this.list() },
      });
    }
    this.tell({ save: 'refused', fault });
    if (!this.kind.autosave) return;
    // Refused for what it says: what is saved by itself would be sent again and again; it stays on the screen, and is called not saved.
    for (const path of sent.keys()) {
      this.pending.delete(path);
      this.turnedDown.set(path, fault);
    }
    this.world.keep(this.list());
  }

  /** Settles a conflict: theirs, with those of my changes laid over it that are to stay. */
  readonly settle = (keepPaths: readonly string[]) => {
    const { conflict } = this.shown;
    if (!conflict) return;
    this.server = { version: conflict.version, value: conflict.theirs };
    const mine = conflict.mine.filter(({ path }) => keepPaths.includes(path));
    this.pending.clear();
    this.turnedDown.clear();
    for (const { path, value } of mine) this.pending.set(path, value);
    this.world.keep(this.list());
    this.undoStack = [];
    const value = this.kind.apply(conflict.theirs, mine);
    this.tell({ value, conflict: undefined, fault: undefined, save: mine.length > 0 ? 'saving' : 'saved' });
    void this.flush();
  };
}
