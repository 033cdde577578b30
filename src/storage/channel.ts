import type { Key } from './keys';

/** What one tab, or a worker at the folder, tells the others: which records it has written. */
export interface Message {
  readonly keys: readonly Key[];
  /** Sentences on what both sides changed: whoever has one open hears it too. */
  readonly said?: readonly string[];
}

/** All that have a workshop open hear each other here. @param name the database’s */
export function channelOf(name: string): BroadcastChannel {
  return new BroadcastChannel(`rovack ${name}`);
}

/** What the worker at the spare copy tells: everything up to this write is in it. */
export interface Kept {
  readonly keptSeq: number;
}

/** @param name the database’s */
export function spareChannelOf(name: string): BroadcastChannel {
  return new BroadcastChannel(`rovack spare ${name}`);
}
