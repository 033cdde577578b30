import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { IDBFactory } from 'fake-indexeddb';
import { beforeEach, describe, expect, it } from 'vitest';
import { COLLECTION_NAMES, type CollectionName } from '../records/names';
import type { Records } from '../records/collections';
import { loadWorkshop } from '../db/repository';
import { openWorkshopDb } from '../db/open';
import { MAX_FILE_BYTES, readWorkshopFile } from '../file/read';
import { sayRefused } from '../validation/refused';
import { FileRefused } from './fileRefused';
import { soundPages } from './validPages';
import { setLineMass } from '@/core/formula/model/edit';
import { openFolderFile } from './folderFile';
import { previewFile, takeBackFile, takeInFile } from './takeInFile';
import { workshopPieces } from './pieces';

const SAMPLE = readFileSync(
  new URL('../../../demo/orrin-quay.rovack.json', import.meta.url),
  'utf8',
);
const NOW = '2026-10-14T15:30:00.000+00:00';
const told = () => {};

function contents() {
  const result = readWorkshopFile(SAMPLE);
  if (!result.ok) throw new Error('the sample is a workshop');
  return result.workshop;
}

/** Everything a file holds by its pages, and what was refused; the sentence where it is none. */
async function read(text: string, streamFromBytes: number) {
  const records: Partial<Record<CollectionName, unknown[]>> = {};
  const refused: string[] = [];
  try {
    const pages = soundPages(new Blob([text]), new Set(), told, streamFromBytes);
    for await (const page of pages) {
      refused.push(...page.refused.map(sayRefused));
      if (page.kind === 'records')
        records[page.list] = [...(records[page.list] ?? []), ...page.records];
    }
    return { records, refused: refused.sort() };
  } catch (error) {
    if (error instanceof FileRefused) return error.result.problem;
    throw error;
  }
}

describe('a file read record by record', () => {
  const [first, second] = JSON.parse(SAMPLE).formulas as [{ id: string }, { id: string }];
  it.each<[string, string]>([
    ['as it is', SAMPLE],
    [
      'a material on no shelf',
      SAMPLE.replace('"materialId":"sodium-bicarbonate"', '"materialId":"moon-dust"'),
    ],
    ['an id that stands twice', SAMPLE.replace(second.id, first.id)],
    ['a name that is a number', SAMPLE.replace(/"name":"Quince Lantern"/, '"name":7')],
    ['cut off', SAMPLE.slice(0, 200_000)],
    ['garbage in the middle', SAMPLE.replace('"formulas": [\n', '"formulas": [\nfog')],
    ['a list that is none', SAMPLE.replace('"orders": [', '"orders": 7, "fog": [')],
    ['of another application', SAMPLE.replace('"rovack-workshop"', '"fog-workshop"')],
    ['that does not say whose it is', SAMPLE.replace('"format": "rovack-workshop",', '')],
    ['no time', SAMPLE.replace(/"exportedAt": "[^"]*"/, '"exportedAt": "Tuesday"')],
    ['settings that are not whole', SAMPLE.replace('"look":"system"', '"look":"foggy"')],
  ])('gives what a file read as a whole gives: %s', async (_what, text) => {
    expect(await read(text, 0)).toEqual(await read(text, Infinity));
  });
});

describe('a file of a folder', () => {
  const marks = {
    device: '0123abcd',
    name: 'Desk',
    seq: 7,
    isWhole: true,
    vectors: { settings: { '0123abcd': 3 } },
    gone: {},
  };
  const ofFolder = (folder: unknown) =>
    SAMPLE.replace(/\n}\n$/, `,\n"folder": ${JSON.stringify(folder)}\n}\n`);
  it.each([
    ['by a device', ofFolder(marks), marks],
    ['by hand', SAMPLE, null],
    ['by a device of no id', ofFolder({ ...marks, device: 'fog' }), null],
  ])('says who wrote it before its records, small or big: %s', async (_what, text, expected) => {
    for (const streamFromBytes of [0, Infinity]) {
      const file = await openFolderFile(new Blob([text]), new Set(), streamFromBytes);
      const counts = { formulas: 0, batches: 0 };
      for await (const page of file.pages)
        if (page.kind === 'records' && page.list in counts)
          counts[page.list as keyof typeof counts] += page.records.length;
      expect(file).toMatchObject({ marks: expected, exportedAt: contents().exportedAt });
      expect(counts).toEqual({
        formulas: contents().formulas.length,
        batches: contents().batches.length,
      });
    }
  });
});

const KEEP = { takesFilesVersion: false, seen: {}, now: NOW };

describe('export and import', () => {
  beforeEach(() => {
    globalThis.indexedDB = new IDBFactory();
  });
  const textOf = async (options: Parameters<typeof workshopPieces>[1]) => {
    const db = await openWorkshopDb('harbor');
    let text = '';
    for await (const piece of workshopPieces(db, options)) text += piece;
    db.close();
    return text;
  };

  it('bring everything across, digit for digit; a second time there is nothing new', async () => {
    const file = new Blob([SAMPLE]);
    const preview = await previewFile('harbor', file, told);
    const counts = Object.fromEntries(
      COLLECTION_NAMES.map((name) => [name, contents()[name].length]),
    );
    expect(preview).toMatchObject({ ok: true, fresh: counts, sameCount: 0, refusedCount: 0 });
    expect(await takeInFile('harbor', file, KEEP, told)).toMatchObject({
      ok: true,
      taken: counts,
    });
    const sum = Object.values(counts).reduce((all, one) => all + one, 0);
    expect(await previewFile('harbor', file, told)).toMatchObject({ sameCount: sum });
    const shares: number[] = [];
    const back = readWorkshopFile(
      await textOf({ now: NOW, onProgress: (share) => shares.push(share) }),
    );
    expect(shares.at(-1)).toBe(1);
    const byId = (records: Records) =>
      COLLECTION_NAMES.map((name) => [...records[name]].sort((a, b) => (a.id < b.id ? -1 : 1)));
    expect(back.ok && byId(back.workshop as Records)).toEqual(byId(contents() as Records));
  });

  it('keep what is here, or take the file’s, as it is said', async () => {
    await takeInFile('harbor', new Blob([SAMPLE]), KEEP, told);
    const other = new Blob([
      SAMPLE.replaceAll('"name":"Quince Lantern"', '"name":"Quince at night"'),
    ]);
    expect(await previewFile('harbor', other, told)).toMatchObject({ changed: { formulas: 1 } });
    const name = async () => {
      const db = await openWorkshopDb('harbor');
      const { records } = await loadWorkshop(db);
      db.close();
      return records.formulas.map((one) => one.name).filter((one) => one.startsWith('Quince'));
    };
    await takeInFile('harbor', other, KEEP, told);
    expect(await name()).toEqual(['Quince Lantern']);
    await takeInFile('harbor', other, await deciding(other), told);
    expect(await name()).toEqual(['Quince at night']);
  });

  /** The file's version is wanted, by what is here now. */
  const deciding = async (file: Blob) => {
    const preview = await previewFile('harbor', file, told);
    if (!preview.ok) throw new Error('the file is whole');
    return { takesFilesVersion: true, seen: preview.seen, now: NOW };
  };
  const lanternNow = async () => {
    const db = await openWorkshopDb('harbor');
    const found = (await db.getAll('formulas')).find(({ id }) => id === lantern().id);
    db.close();
    if (!found) throw new Error('the formula is there');
    return found;
  };
  const lantern = () => {
    const found = (contents() as Records).formulas.find(({ name }) => name === 'Quince Lantern');
    if (!found) throw new Error('the sample has a lantern');
    return found;
  };
  const sodaG = ({ body }: Pick<ReturnType<typeof lantern>, 'body'>) =>
    body.parts[0]?.lines[0]?.massG;
  const fileWith = (formula: ReturnType<typeof lantern>) => {
    const formulas = (contents() as Records).formulas.map((one) =>
      one.id === formula.id ? formula : one,
    );
    return new Blob([JSON.stringify({ ...contents(), formulas })]);
  };
  const weighing = (massG: number) => {
    const of = lantern();
    const lineId = of.body.parts[0]?.lines[0]?.id ?? '';
    return { ...of, body: setLineMass(of.body, lineId, massG) };
  };

  it('keep a formula that the file’s takes the place of as a version, name it, and can be undone', async () => {
    await takeInFile('harbor', new Blob([SAMPLE]), KEEP, told);
    const before = await lanternNow();
    const file = fileWith(weighing(777));
    expect(await previewFile('harbor', file, told)).toMatchObject({
      changedNames: ['Quince Lantern'],
    });
    const done = await takeInFile('harbor', file, await deciding(file), told);
    const after = await lanternNow();
    expect(sodaG(after)).toBe(777);
    expect([...after.versions].map(sodaG)).toContain(sodaG(before));
    if (!done.ok) throw new Error('the file is whole');
    expect(await takeBackFile('harbor', done.receipt)).toEqual({ undone: 1, stayed: [] });
    expect(await lanternNow()).toEqual(before);
    // Once more, and changed since: that stays, and is named.
    const again = await takeInFile('harbor', file, await deciding(file), told);
    if (!again.ok) throw new Error('the file is whole');
    const db = await openWorkshopDb('harbor');
    await db.put('formulas', { ...(await lanternNow()), name: 'Renamed since' });
    db.close();
    expect(await takeBackFile('harbor', again.receipt)).toEqual({
      undone: 0,
      stayed: ['Renamed since'],
    });
    expect(sodaG(await lanternNow())).toBe(777);
  });

  it('never overwrite what was edited after the preview: both are kept, and it is said', async () => {
    await takeInFile('harbor', new Blob([SAMPLE]), KEEP, told);
    const file = fileWith(weighing(777));
    const wish = await deciding(file);
    const db = await openWorkshopDb('harbor');
    await db.put('formulas', weighing(555));
    db.close();
    const done = await takeInFile('harbor', file, wish, told);
    const both = await lanternNow();
    expect([both, ...both.versions].map(sodaG)).toEqual(expect.arrayContaining([555, 777]));
    expect(done).toMatchObject({ said: [expect.stringContaining('Quince Lantern was changed')] });
  });

  it('what a page holds and the database does not goes into the file, over what is stored', async () => {
    await takeInFile('harbor', new Blob([SAMPLE]), KEEP, told);
    const { formulas, settings } = contents();
    const [stored] = formulas;
    if (!stored || !settings) throw new Error('the sample has formulas and settings');
    const none = Object.fromEntries(
      COLLECTION_NAMES.map((name) => [name, []]),
    ) as unknown as Records;
    const unsaved = { ...stored, id: crypto.randomUUID(), name: 'Not saved yet' };
    const records = { ...none, formulas: [{ ...stored, name: 'Renamed here' }, unsaved] };
    const back = readWorkshopFile(await textOf({ now: NOW, overlay: { records, settings } }));
    const names = back.ok ? back.workshop.formulas.map(({ name }) => name) : [];
    expect(names).toHaveLength(formulas.length + 1);
    expect(names).toEqual(expect.arrayContaining(['Renamed here', 'Not saved yet']));
    expect(names).not.toContain(stored.name);
  });

  it('a file that is too big is refused before it is read', async () => {
    const big = new Blob([new Uint8Array(MAX_FILE_BYTES + 1)]);
    expect(await previewFile('harbor', big, told)).toMatchObject({
      ok: false,
      problem: { code: 'too-big' },
    });
  });
});
