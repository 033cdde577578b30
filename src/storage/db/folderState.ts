/** What is not in order in the folder; the rest goes on. */
export type Trouble =
  | {
      readonly code: 'half-written' | 'newer' | 'too-big' | 'by-hand';
      readonly file: string;
    }
  | { readonly code: 'second-copy'; readonly file: string; readonly of: string }
  | { readonly code: 'refused'; readonly file: string; readonly records: readonly string[] };

/** A file as it was when it was last read or written: another size or time, and it is looked at again. */
export interface FileMark {
  readonly size: number;
  readonly changedAt: number;
}

/** Another device, by the last file of it that was read. */
export interface Peer {
  readonly device: string;
  readonly name: string;
  /** By that device’s own clock. */
  readonly wroteAt: string;
}

/** The folder this workshop is shared through, as the browser hands it out. */
export interface FolderHandle {
  readonly id: 'folder';
  readonly handle: FileSystemDirectoryHandle;
}

/** What this device knows of that folder. */
export interface FolderState {
  readonly id: 'folder';
  /** Files that were read, by name, and what was not in order with each. */
  readonly read: Readonly<Record<string, FileMark & { readonly troubles: readonly Trouble[] }>>;
  /** Files of this device, by name. */
  readonly written: Readonly<Record<string, FileMark>>;
  readonly peers: readonly Peer[];
  /** When the whole file was last written: the write it holds, and the day. */
  readonly whole: { readonly seq: number; readonly day: string } | null;
  /** The last write that stands in a file. */
  readonly writtenSeq: number;
}
