import type { Stamp } from '../db/stamps';

/**
 * The spare copy is two files of lines, of which one is whole while the other is written again. A line is JSON: a record
 * with its key and stamp, null for one that is gone, or the write up to which the file goes. The last line of a key counts.
 */
export const BACKUP_FILES = ['spare-1', 'spare-2'] as const;

/** The first line of a file: of fixed length, as it is written over when the copy is whole. */
export interface Head {
  /** The format of its records. */
  readonly version: number;
  /** Who wrote it. */
  readonly device: string;
  /** The higher of two is the newer one. */
  readonly generation: number;
  /** Bytes of the copy as it was first written; null while it is not whole. */
  readonly wholeBytes: number | null;
}
export const HEAD_BYTES = 160;

export type BackupLine =
  | { readonly key: string; readonly record: unknown; readonly stamp: Stamp | null }
  | { readonly seq: number };

export function headLine(head: Head): string {
  return `${JSON.stringify(head).padEnd(HEAD_BYTES - 1)}\n`;
}

/** @returns null for what is no head */
export function headIn(text: string): Head | null {
  try {
    const head = JSON.parse(text.slice(0, HEAD_BYTES)) as Partial<Head> | null;
    return typeof head?.version === 'number' && typeof head.generation === 'number'
      ? (head as Head)
      : null;
  } catch {
    return null;
  }
}

export function line(of: BackupLine): string {
  return `${JSON.stringify(of)}\n`;
}

/** @returns null for a line that was being written when the page died */
export function lineIn(text: string): BackupLine | null {
  try {
    const read = JSON.parse(text) as Partial<Record<'key' | 'seq', unknown>> | null;
    return typeof read?.key === 'string' || typeof read?.seq === 'number'
      ? (read as BackupLine)
      : null;
  } catch {
    return null;
  }
}
