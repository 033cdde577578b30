import type { WorkshopSchema } from '../db/layout';
import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import { IDBFactory } from 'fake-indexeddb';
import { openDB } from 'idb';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { LANTERN, bodyFrom } from '../../../tests/fixtures/bodies';
import { folderInMemory } from '../../../tests/fixtures/folder';
import { openQuietly } from '../../../tests/fixtures/session';
import { newFormula } from '@/core/formula/model/create';
import type { Formula } from '@/core/formula/model/schema';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import { knownDevice } from '../db/stamps';
import { loadWorkshop } from '../db/repository';
import { openWorkshopDb } from '../db/open';
import type { Session } from '../session/session';
import { STORED_VERSION } from '../upgrades/version';
import { HEAD_BYTES, headIn, headLine, line } from './format';
import { keepBackup, type Backup, type BackupFile } from './keep';
import { restoreFrom } from './restore';
import { sayRestored } from './messages';

interface FileInMemory extends BackupFile {
  bytes: Uint8Array<ArrayBuffer>;
}

function fileInMemory(): FileInMemory {
  const file: FileInMemory = {
    bytes: new Uint8Array(),
    size: () => file.bytes.length,
    read: (at, count) => new TextDecoder().decode(file.bytes.slice(at, at + count)),
    write: (at, text) => {
      const added = new TextEncoder().encode(text);
      const room = new Uint8Array(Math.max(file.bytes.length, at + added.length));
      room.set(file.bytes);
      room.set(added, at);
      file.bytes = room;
      return added.length;
    },
    clear: () => void (file.bytes = new Uint8Array()),
    flush: () => {},
  };
  return file;
}

const NAME = 'harbor';
let files: [FileInMemory, FileInMemory];
let said: string[];
const opened: { close: () => void }[] = [];

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
  files = [fileInMemory(), fileInMemory()];
  said = [];
});
afterEach(() => {
  for (const one of opened.splice(0)) one.close();
  vi.unstubAllGlobals();
});

async function workshop(): Promise<Session> {
  const session = await openQuietly(NAME, { onMessages: (sentences) => said.push(...sentences) });
  opened.push(session);
  return session;
}
async function spare(): Promise<Backup> {
  const db = await openDB<WorkshopSchema>(NAME);
  opened.push(db);
  return keepBackup(db, files);
}
/** What comes back of a file in an empty browser; null where it is no whole copy. */
async function backFrom({ bytes }: FileInMemory) {
  const head = headIn(new TextDecoder().decode(bytes.slice(0, HEAD_BYTES)));
  if (!head?.wholeBytes) return null;
  globalThis.indexedDB = new IDBFactory();
  const db = await openWorkshopDb(NAME);
  const count = await restoreFrom(db, new Blob([bytes]), head);
  const { records, settings, refused } = await loadWorkshop(db);
  const [own, stamps] = [
    await knownDevice(db.transaction('device').store),
    await db.getAll('stamps'),
  ];
  db.close();
  return { count, formulas: records.formulas, settings, refused, own, stamps };
}
const lantern = (name: string): Formula => ({
  ...newFormula(name, bodyFrom(LANTERN), '2026-04-18T10:00:00.000+00:00'),
});

const SCALE = {
  origin: 'own',
  name: 'Bench scale',
  rank: 0,
  kind: 'scale',
  stepG: 1,
  capacityG: 10_000,
  minimumG: null,
} as const;

describe('the spare copy', () => {
  it('brings everything back: what was there, what came since, what went, settings and stamps', async () => {
    const session = await workshop();
    const [one, two, three] = [lantern('One'), lantern('Two'), lantern('Three')];
    session.put('formulas', [one, two]);
    await session.flush();
    const kept = await spare();
    session.put('formulas', [{ ...one, name: 'One, again' }, three]);
    session.remove('formulas', [two.id]);
    session.putSettings({ ...USUAL_SETTINGS, formulaInHandId: three.id });
    await session.flush();
    await kept.follow(true);
    const db = await openWorkshopDb(NAME);
    const [own, stamps] = [
      await knownDevice(db.transaction('device').store),
      await db.getAll('stamps'),
    ];
    db.close();
    const back = await backFrom(files[0]);
    expect(back?.formulas.map(({ name }) => name).sort()).toEqual(['One, again', 'Three']);
    expect(back?.settings?.formulaInHandId).toBe(three.id);
    expect(back).toMatchObject({ count: 3, refused: [], own: { device: own?.device } });
    expect(back?.stamps).toEqual(stamps);
  });

  it('takes in what this device alone has in hand when the settings were written, and else leaves it', async () => {
    const session = await workshop();
    const [first, second] = [lantern('One'), lantern('Two')];
    session.put('formulas', [first, second]);
    session.putSettings({ ...USUAL_SETTINGS, formulaInHandId: first.id });
    await session.flush();
    const kept = await spare();
    await kept.follow(false);
    session.putSettings({ ...USUAL_SETTINGS, formulaInHandId: second.id });
    await session.flush();
    const text = () => new TextDecoder().decode(files[0].bytes);
    await kept.follow(false);
    expect(text()).not.toContain(`"formulaInHandId":"${second.id}"`);
    await kept.follow(true);
    expect((await backFrom(files[0]))?.settings?.formulaInHandId).toBe(second.id);
  });

  it('is not put down by the disk with each edit, but when it is asked for, and whole copies always are', async () => {
    const session = await workshop();
    session.put('formulas', [lantern('One')]);
    await session.flush();
    const flushed = vi.spyOn(files[0], 'flush');
    const kept = await spare();
    const byWhole = flushed.mock.calls.length;
    expect(byWhole).toBeGreaterThan(0);
    session.put('formulas', [lantern('Two')]);
    await session.flush();
    await kept.follow(false);
    expect(flushed).toHaveBeenCalledTimes(byWhole);
    kept.flushToDisk();
    expect(flushed).toHaveBeenCalledTimes(byWhole + 1);
    expect((await backFrom(files[0]))?.formulas).toHaveLength(2);
  });

  it('cut off anywhere it brings back all that was appended before', async () => {
    const session = await workshop();
    const one = lantern('One');
    session.put('formulas', [one]);
    await session.flush();
    const kept = await spare();
    const whole = files[0].bytes.length;
    session.put('formulas', [{ ...one, name: 'Two' }]);
    await session.flush();
    await kept.follow(false);
    const { bytes } = files[0];
    for (const cut of [0, 1, 40, 700, bytes.length - whole - 300, bytes.length - whole])
      expect(await backFrom({ ...files[0], bytes: bytes.slice(0, whole + cut) })).toMatchObject({
        count: 1,
        refused: [],
        formulas: [{ name: cut < 700 ? 'One' : expect.any(String) }],
      });
    expect((await backFrom({ ...files[0], bytes }))?.formulas).toMatchObject([{ name: 'Two' }]);
  });

  it('goes on where the last visit left it, also where that died in the middle of an append', async () => {
    const session = await workshop();
    session.put('formulas', [lantern('One')]);
    await session.flush();
    await spare();
    const whole = files[0].bytes.length;
    session.put('formulas', [lantern('Two'), lantern('Three')]);
    await session.flush();
    await spare();
    const { bytes } = files[0];
    expect(new TextDecoder().decode(bytes)).toContain('"name":"Two"');
    for (const cut of [1, 9, 300, bytes.length - whole - 1, bytes.length - whole]) {
      files[0].bytes = bytes.slice(0, bytes.length - cut);
      await spare();
      const stored = globalThis.indexedDB;
      const back = await backFrom(files[0]);
      globalThis.indexedDB = stored;
      expect(back?.formulas.map(({ name }) => name).sort()).toEqual(['One', 'Three', 'Two']);
      expect(files[1].bytes).toHaveLength(0);
    }
  });

  it('is written again into the other file where no end is found', async () => {
    const session = await workshop();
    session.put('formulas', [lantern('One')]);
    await session.flush();
    await spare();
    files[0].bytes = files[0].bytes.slice(0, HEAD_BYTES + 50);
    await spare();
    expect(headIn(files[1].read(0, HEAD_BYTES))).toMatchObject({ generation: 2 });
    expect((await backFrom(files[1]))?.formulas).toHaveLength(1);
  });

  it('follows a big import page by page, to the last record of the last write', async () => {
    const session = await workshop();
    session.put('formulas', [lantern('First')]);
    await session.flush();
    const kept = await spare();
    // One write of more than a page, one that ends on a page, one small one.
    for (const [write, count] of [130, 70, 3].entries()) {
      session.put(
        'formulas',
        Array.from({ length: count }, (_, i) => lantern(`${write}.${i}`)),
      );
      await session.flush();
    }
    await kept.follow(false);
    expect(kept.seq()).toBe(4);
    expect(kept.needsRestart()).toBe(false);
    const back = await backFrom(files[0]);
    expect(back?.formulas).toHaveLength(204);
    expect(back?.own?.seq).toBe(4);
  });

  it('is weary after five thousand records, and what is kept afresh is not', async () => {
    const session = await workshop();
    const many = (count: number) =>
      Array.from({ length: count }, () => ({ ...SCALE, id: crypto.randomUUID() }));
    session.put('tools', many(1));
    await session.flush();
    const kept = await spare();
    session.put('tools', many(4999));
    await session.flush();
    await kept.follow(false);
    expect(kept.needsRestart()).toBe(false);
    session.put('tools', many(1));
    await session.flush();
    await kept.follow(false);
    expect(kept.needsRestart()).toBe(true);
    expect((await spare()).needsRestart()).toBe(false);
  });

  it('is long when more was appended than it was itself, and eight megabytes; then it is written again', async () => {
    const session = await workshop();
    session.put('formulas', [lantern('One')]);
    await session.flush();
    const kept = await spare();
    const { wholeBytes } = headIn(files[0].read(0, HEAD_BYTES)) ?? {};
    const most = (wholeBytes ?? 0) + 8 * 1024 * 1024;
    const fill = (to: number) => files[0].write(to - 1, '\n');
    fill(most);
    expect(kept.isLong()).toBe(false);
    fill(most + 1);
    expect(kept.isLong()).toBe(true);
    await kept.renew();
    expect(kept.isLong()).toBe(false);
    expect((await backFrom(files[1]))?.formulas).toMatchObject([{ name: 'One' }]);
  });

  it('another database’s copy is never gone on with, nor one that is not whole', async () => {
    const session = await workshop();
    session.put('formulas', [lantern('One')]);
    await session.flush();
    files[0].write(
      0,
      headLine({
        version: STORED_VERSION,
        device: '0badf00d',
        generation: 4,
        wholeBytes: HEAD_BYTES,
      }),
    );
    files[0].write(HEAD_BYTES, line({ seq: 3 }));
    await spare();
    expect(headIn(files[1].read(0, HEAD_BYTES))).toMatchObject({ generation: 5 });
    const head = headIn(files[1].read(0, HEAD_BYTES));
    if (head) files[1].write(0, headLine({ ...head, wholeBytes: null }));
    expect(await backFrom(files[1])).toBeNull();
  });

  it('of an older release is brought up to this one', async () => {
    const old = JSON.parse(
      readFileSync(
        new URL('../../../tests/fixtures/workshop-format-6.rovack.json', import.meta.url),
        'utf8',
      ),
    ) as { formulas: { id: string }[]; batches: { id: string }[] };
    const file = fileInMemory();
    file.write(
      0,
      headLine({ version: 6, device: '0badf00d', generation: 1, wholeBytes: HEAD_BYTES }),
    );
    for (const store of ['formulas', 'batches', 'materials'] as const)
      for (const record of (old as unknown as Record<string, { id: string }[]>)[store] ?? [])
        file.write(file.size(), line({ key: `${store}/${record.id}`, record, stamp: null }));
    const back = await backFrom(file);
    expect(back?.refused).toEqual([]);
    expect(back?.formulas).toHaveLength(old.formulas.length);
  });
});

describe('a database that the browser has lost', () => {
  it('is brought back when the workshop is opened, and it is said', async () => {
    const place = folderInMemory();
    vi.stubGlobal('navigator', { storage: { getDirectory: async () => place.handle } });
    const session = await workshop();
    session.put('formulas', [lantern('One')]);
    await session.flush();
    await spare();
    place.set(`${NAME} spare copy/spare-1`, new TextDecoder().decode(files[0].bytes));
    globalThis.indexedDB = new IDBFactory();
    const again = await workshop();
    expect(again.loaded.records.formulas.map(({ name }) => name)).toEqual(['One']);
    expect(said).toEqual([sayRestored(false, { count: 1, isWhole: true })]);
  });

  it('before its first copy was finished has back what had been written of it, and that is said', async () => {
    const place = folderInMemory();
    vi.stubGlobal('navigator', { storage: { getDirectory: async () => place.handle } });
    const session = await workshop();
    session.put('formulas', [lantern('One'), lantern('Two')]);
    await session.flush();
    await spare();
    // The browser was stopped before the head said that it is whole, in the middle of the second line.
    const whole = new TextDecoder().decode(files[0].bytes);
    const [first = '', second = ''] = whole.slice(HEAD_BYTES).split('\n');
    const head = headIn(whole);
    if (!head) throw new Error('the copy has a head');
    place.set(
      `${NAME} spare copy/spare-1`,
      `${headLine({ ...head, wholeBytes: null })}${first}\n${second.slice(0, 40)}`,
    );
    globalThis.indexedDB = new IDBFactory();
    const again = await workshop();
    expect(again.loaded.records.formulas).toHaveLength(1);
    expect(said).toEqual([sayRestored(false, { count: 1, isWhole: false })]);
    expect(said[0]).toMatch(/unfinished backup/);
  });

  it('while its copy was written again has the old copy back, and over it what is newer', async () => {
    const place = folderInMemory();
    vi.stubGlobal('navigator', { storage: { getDirectory: async () => place.handle } });
    const session = await workshop();
    const [one, two] = [lantern('One'), lantern('Two')];
    session.put('formulas', [one, two]);
    await session.flush();
    await spare();
    place.set(`${NAME} spare copy/spare-1`, new TextDecoder().decode(files[0].bytes));
    const next = headIn(new TextDecoder().decode(files[0].bytes));
    if (!next) throw new Error('the copy has a head');
    const newer = { key: `formulas/${two.id}`, record: { ...two, name: 'Newer' }, stamp: null };
    place.set(
      `${NAME} spare copy/spare-2`,
      headLine({ ...next, generation: next.generation + 1, wholeBytes: null }) + line(newer),
    );
    globalThis.indexedDB = new IDBFactory();
    const again = await workshop();
    expect(again.loaded.records.formulas.map(({ name }) => name).sort()).toEqual(['Newer', 'One']);
    expect(said).toEqual([sayRestored(false, { count: 2, isWhole: true })]);
  });

  it('a first visit is nothing lost; one that is lost without a copy is said', async () => {
    await workshop();
    expect(said).toEqual([]);
    expect(sayRestored(false, null)).toBeNull();
    expect(sayRestored(true, null)).toContain('there is no backup');
    expect(sayRestored(true, { count: 2, isWhole: true })).toContain(
      'restored everything from its backup: 2 records',
    );
  });
});
