import { backupChannelOf, type Kept } from '../channel';

/** The spare copy as a tab sees it. */
export interface BackupWatch {
  /** A worker stands by from now on, or none does any more. */
  readonly expect: (isThere: boolean) => void;
  /** Resolves when everything up to a write is in the spare copy too, or when that takes too long to wait for. */
  readonly holds: (seq: number) => Promise<void>;
  readonly close: () => void;
}

/** Longer than this nobody waits: the database has it. ms */
const MOST_WAIT_MS = 150;

/** Hears how far the spare copy is. @param name the database’s */
export function watchBackup(name: string): BackupWatch {
  const channel = backupChannelOf(name);
  let isExpected = false;
  let keptSeq = -1;
  let news = () => {};
  channel.addEventListener('message', ({ data }: MessageEvent<Kept>) => {
    keptSeq = Math.max(keptSeq, data.keptSeq);
    news();
  });
  return {
    expect: (isThere) => {
      isExpected = isThere;
      news();
    },
    holds: (seq) =>
      new Promise<void>((resolve) => {
        const timer = setTimeout(resolve, MOST_WAIT_MS);
        news = () => {
          if (isExpected && keptSeq < seq) return;
          clearTimeout(timer);
          resolve();
        };
        news();
      }),
    close: () => channel.close(),
  };
}
