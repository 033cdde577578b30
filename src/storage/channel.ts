import type { Key } from './records/keys';

/** What one tab, or a worker at the folder, tells the others: which records it has written. */
export interface Message {
  readonly keys: readonly Key[];
  /** Sentences on what both sides changed: whoever has one open hears it too. */
  readonly said?: readonly string[];
}

/** What of a channel is used here. */
export type Channel = Pick<BroadcastChannel, 'postMessage' | 'addEventListener' | 'close'>;

/** All that have a workshop open hear each other here. @param name the database’s */
export function channelOf(name: string): Channel {
  return openChannel(`rovack ${name}`);
}

/** A browser without channels has tabs that do not hear each other: what they write is united all the same. */
function openChannel(name: string): Channel {
  return typeof BroadcastChannel === 'undefined'
    ? { postMessage: () => {}, addEventListener: () => {}, close: () => {} }
    : new BroadcastChannel(name);
}

/** What the worker at the spare copy tells: everything up to this write is in it. */
export interface Kept {
  readonly keptSeq: number;
}

/** @param name the database’s */
export function backupChannelOf(name: string): Channel {
  return openChannel(`rovack spare ${name}`);
}
