import { FileRefused } from '../transfer/fileRefused';
import { openFolderFile, type FolderFile } from '../transfer/folderFile';
import type { ValidPage } from '../transfer/validPages';
import type { Trouble } from '../db/folderState';
import type { WorkshopDb } from '../db/layout';
import type { FolderMarks } from '../file/schema';
import { SETTINGS_KEY, isKey, type Key } from '../records/keys';
import type { Directory } from './directory';
import { takeIn, type Foreign, type Names, type TakenIn, type Tell } from './takeIn';

/** A file of another device, ready to be taken in. */
export type Other =
  | (FolderFile & { readonly ok: true; readonly marks: FolderMarks })
  | { readonly ok: false; readonly trouble: Trouble };

/** What cannot be read now is named, and read at a later look. */
export async function openOther(
  db: WorkshopDb,
  folder: Directory,
  file: string,
  streamFromBytes: number | undefined,
): Promise<Other> {
  const materials = new Set(await db.getAllKeys('materials'));
  try {
    const { marks, ...rest } = await openFolderFile(
      await folder.read(file),
      materials,
      streamFromBytes,
    );
    if (!marks) return { ok: false, trouble: { code: 'by-hand', file } };
    return { ok: true, marks, ...rest };
  } catch (error) {
    return { ok: false, trouble: { code: troubleBy(error), file } };
  }
}

export interface TakenPages extends TakenIn {
  /** Names of records that are not whole. */
  readonly refused: readonly string[];
  readonly isWhole: boolean;
}

/** Takes in a file page by page; one that turns out to be damaged leaves what came in until then. */
export async function takeInPages(
  db: WorkshopDb,
  { pages, marks }: Extract<Other, { ok: true }>,
  names: Names,
  tell: Tell,
): Promise<TakenPages> {
  const keys: Key[] = [];
  const said: string[] = [];
  const refused: string[] = [];
  const take = async (foreign: readonly Foreign[]) => {
    const taken = await takeIn(db, foreign, names, tell);
    keys.push(...taken.keys);
    said.push(...taken.said);
  };
  try {
    for await (const page of pages) {
      refused.push(...page.refused.map(({ name }) => name));
      await take(foreignOf(page, marks));
    }
    await take(goneOf(marks));
  } catch (error) {
    troubleBy(error);
    return { keys, said, refused, isWhole: false };
  }
  return { keys, said, refused, isWhole: true };
}

/** Why one file could not be read; the folder itself is another matter. @throws what has to do with the folder */
function troubleBy(error: unknown): 'half-written' | 'newer' | 'too-big' {
  if (error instanceof FileRefused) {
    const { code } = error.result.problem;
    return code === 'newer' || code === 'too-big' ? code : 'half-written';
  }
  // Written over or taken away since it was listed.
  if (error instanceof DOMException && ['NotFoundError', 'NotReadableError'].includes(error.name))
    return 'half-written';
  throw error;
}

function foreignOf(page: ValidPage, { vectors }: FolderMarks): readonly Foreign[] {
  const of = (key: Key, record: unknown): Foreign => ({ key, record, vector: vectors[key] ?? {} });
  if (page.kind === 'records')
    return page.records.map((record) => of(`${page.list}/${record.id}`, record));
  return page.settings ? [of(SETTINGS_KEY, page.settings)] : [];
}

function goneOf({ gone }: FolderMarks): readonly Foreign[] {
  return Object.entries(gone).flatMap(([key, vector]): readonly Foreign[] =>
    isKey(key) ? [{ key, record: null, vector }] : [],
  );
}
