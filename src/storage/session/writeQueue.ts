import { isFull, reasonOf } from '@/core/basics/format/reason';
import type { RecordOf } from '../records/collections';
import type { Key } from '../records/keys';
import type { CollectionName } from '../records/names';
import type { mergeSides } from '../merge/mergeSides';
import type { WorkshopDb } from '../db/layout';
import { writeMerged, type Written } from '../db/writeMerged';
import type { SaveStatus } from './saveStatus';

/** What a hand is still moving is written this often, ms. */
const SOON_MS = 400;

/** What the queue tells, and what it waits for. */
export interface WriteEvents {
  readonly onStatus: (status: SaveStatus) => void;
  /** Sentences on records that two sides changed. */
  readonly onMessages: (sentences: readonly string[]) => void;
  /** A record is other than this tab wrote it: it was merged with another side’s. */
  readonly onMerged: (key: Key, record: unknown) => void;
  /** Keys were written. @param isAll nothing waits any more */
  readonly onWritten: (keys: readonly Key[], said: readonly string[], isAll: boolean) => void;
  /** Everything is written. */
  readonly onSaved: () => void;
  /** Resolves once the backup has everything up to a write as well. */
  readonly backedUp: (seq: number) => Promise<void>;
}

/**
 * Changes on their way into the database. A change is written at once; changes made during a write are gathered and written
 * next; a failed write keeps what it could not write and trialStore again with the next change.
 */
export class WriteQueue {
  /** What the database held when this tab last saw it, by key. */
  readonly known = new Map<Key, unknown>();
  /** Not written yet, by key; null for what goes. */
  private waiting = new Map<Key, unknown>();
  /** Given to the database, which has not answered yet. */
  private sending: ReadonlyMap<Key, unknown> = new Map();
  private running: Promise<void> | null = null;
  private soon: ReturnType<typeof setTimeout> | null = null;
  /** Something is to be written at once; what a hand still moves goes along, and is no reason for a write by itself. */
  private isDue = false;
  private held: Promise<void> = Promise.resolve();
  private closedBecause: string | null = null;

  constructor(
    private readonly db: WorkshopDb,
    private readonly events: WriteEvents,
  ) {}

  /** @param changes by key; null for what goes */
  put(changes: Iterable<readonly [Key, unknown]>): void {
    for (const [key, record] of changes) this.waiting.set(key, record);
    void this.flush();
  }

  /** Written within half a second, or with the next change. */
  putSoon(key: Key, record: unknown): void {
    this.waiting.set(key, record);
    // Until it is written nobody says that it is saved.
    if (this.soon === null) this.events.onStatus({ kind: 'saving' });
    this.soon ??= setTimeout(() => void this.flush(), SOON_MS);
  }

  /** Resolves when everything given so far is written, or has failed. */
  flush(): Promise<void> {
    this.stopWaiting();
    this.isDue = true;
    // What one deed puts goes in together: a tab that opens meanwhile finds all of it or nothing.
    this.running ??= this.held.then(() => this.writeAll()).finally(() => (this.running = null));
    return this.running;
  }

  /** Nothing is written until what this returns is called; all that was put meanwhile then goes in together. */
  hold(): () => void {
    let release = () => {};
    this.held = new Promise((resolve) => (release = resolve));
    this.events.onStatus({ kind: 'saving' });
    return release;
  }

  /** Resolves once nothing is being written. @returns false where it waited */
  async idle(): Promise<boolean> {
    if (!this.running) return true;
    await this.running;
    return false;
  }

  isWaiting(key: Key): boolean {
    return this.waiting.has(key);
  }

  /** What is not written yet, for a page that goes away. */
  unwritten(): ReadonlyArray<readonly [Key, unknown]> {
    return [...new Map([...this.sending, ...this.waiting])];
  }

  /** What was read just now, unless the hand has it already: then that counts. */
  ownOf<K extends CollectionName>(store: K, record: RecordOf<K>): RecordOf<K> {
    const key: Key = `${store}/${record.id}`;
    const own = this.waiting.get(key) ?? this.sending.get(key) ?? this.known.get(key);
    if (own === undefined) this.known.set(key, record);
    return (own as RecordOf<K> | undefined) ?? record;
  }

  fail(error: unknown): void {
    this.events.onStatus({ kind: 'failed', reason: this.closedBecause ?? whyOf(error) });
  }

  /** From now on every write fails, and says why. */
  close(reason: string): void {
    this.closedBecause = reason;
    this.fail(reason);
  }

  stopWaiting(): void {
    if (this.soon !== null) clearTimeout(this.soon);
    this.soon = null;
  }

  private async writeAll(): Promise<void> {
    if (this.waiting.size === 0) return;
    while (this.waiting.size > 0 && this.isDue) {
      this.isDue = false;
      const seq = await this.writeWaiting();
      if (seq === null) return;
      // A browser that finds its database damaged throws it away: saved is what the backup has as well.
      if (this.waiting.size === 0) await this.events.backedUp(seq);
    }
    if (this.waiting.size > 0) return;
    this.events.onSaved();
    this.events.onStatus({ kind: 'saved' });
  }

  /** @returns the number of the write; null where it failed */
  private async writeWaiting(): Promise<number | null> {
    const sent = this.waiting;
    this.waiting = new Map();
    this.sending = sent;
    this.events.onStatus({ kind: 'saving' });
    try {
      const written = await writeMerged(this.db, sent, this.known);
      const isOther = [...written.written].some(([key, record]) => record !== sent.get(key));
      if (isOther || written.said.length > 0)
        this.settle(sent, written, (await import('../merge/mergeSides')).mergeSides);
      else for (const [key, record] of sent) this.known.set(key, record);
      this.events.onWritten([...sent.keys()], written.said, this.waiting.size === 0);
      return written.seq;
    } catch (error) {
      // What failed, overlaid by what came since.
      this.waiting = new Map([...sent, ...this.waiting]);
      this.fail(error);
      return null;
    } finally {
      this.sending = new Map();
    }
  }

  /** What was written is what the database holds; where it was merged with another side’s, this tab takes that over. */
  private settle(
    sent: ReadonlyMap<Key, unknown>,
    { written, said }: Written,
    merge: typeof mergeSides,
  ): void {
    for (const [key, record] of written) {
      const mine = sent.get(key);
      this.known.set(key, record);
      if (record === mine) continue;
      // Changed again while it was being written: that change was made on what was sent.
      const later = this.waiting.get(key);
      const isLater = this.waiting.has(key);
      const shown = isLater
        ? merge(key, { base: mine, mine: later, theirs: record }).record
        : record;
      if (isLater) this.waiting.set(key, shown);
      this.events.onMerged(key, shown);
    }
    if (said.length > 0) this.events.onMessages(said);
  }
}

/** A full store is said in plain words; everything else as the browser puts it. */
function whyOf(error: unknown): string {
  if (typeof error === 'string') return error;
  return isFull(error) ? 'this browser’s storage is full' : reasonOf(error);
}
