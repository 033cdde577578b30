import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { begun, workTo } from '../../../tests/fixtures/bench';
import { LANTERN, bodyFrom } from '../../../tests/fixtures/bodies';
import { SAMPLE } from '../../../tests/fixtures/sample';
import { openQuietly } from '../../../tests/fixtures/session';
import { keepVersion } from '@/core/formula/model/versions';
import { newFormula } from '@/core/formula/model/create';
import { setLineMass } from '@/core/formula/model/edit';
import type { Formula } from '@/core/formula/model/schema';
import { record } from '@/core/batches/records/batch';
import { voidEntry } from '@/core/batches/records/voidEntry';
import type { Batch } from '@/core/batches/records/schema';
import { NEWEST_AT_HAND } from '@/core/goods/archive/atHand';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import type { CollectionName } from '../records/names';
import type { RecordOf } from '../records/collections';
import type { Change, Session } from './session';

const NOW = '2026-04-18T10:00:00.000Z';

/** A tab as a screen holds it: what it shows, and what it was told. */
interface Tab {
  readonly session: Session;
  readonly shown: Map<string, Change['record']>;
  readonly said: string[];
  settings: Settings | null;
  put: <K extends CollectionName>(store: K, record: RecordOf<K>) => void;
  remove: (store: CollectionName, id: string) => void;
}

const tabs: Tab[] = [];

async function openTab(): Promise<Tab> {
  const shown = new Map<string, Change['record']>();
  const said: string[] = [];
  const tab: Partial<Tab> = {};
  const session = await openQuietly('harbor', {
    onChanges: (changes) => {
      for (const { id, record: changed } of changes) shown.set(id, changed);
    },
    onSettings: (settings) => (tab.settings = settings),
    onMessages: (sentences) => said.push(...sentences),
  });
  for (const list of Object.values(session.loaded.records))
    for (const one of list) shown.set(one.id, one);
  Object.assign(tab, {
    session,
    shown,
    said,
    settings: session.loaded.settings,
    put: (store: CollectionName, one: RecordOf<CollectionName>) => {
      shown.set(one.id, one);
      session.put(store, [one] as never);
    },
    remove: (store: CollectionName, id: string) => {
      shown.set(id, null);
      session.remove(store, [id]);
    },
  });
  tabs.push(tab as Tab);
  return tab as Tab;
}

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
});
afterEach(() => {
  for (const { session } of tabs.splice(0)) session.close();
});

const formula = (): Formula => newFormula('Quince Lantern', bodyFrom(LANTERN), NOW);

function at(of: Formula, line: number, massG: number): Formula {
  const id = of.body.parts[0]?.lines[line]?.id ?? '';
  return { ...of, changedAt: NOW, body: setLineMass(of.body, id, massG) };
}

function gramsIn(tab: Tab, id: string, line: number): number | undefined {
  return (tab.shown.get(id) as Formula).body.parts[0]?.lines[line]?.massG;
}

async function allQuiet(): Promise<void> {
  for (const { session } of tabs) await session.flush();
}

/** What a browser keeps beside the database. */
function placesInMemory(): Pick<Storage, 'getItem' | 'setItem' | 'removeItem'> {
  const kept: Record<string, string> = {};
  // The keys of a browser's store are its own properties; the functions are not.
  return Object.assign(
    Object.create({
      getItem: (key: string) => kept[key] ?? null,
      setItem(this: Record<string, string>, key: string, value: string) {
        kept[key] = value;
        this[key] = value;
      },
      removeItem(this: Record<string, string>, key: string) {
        Reflect.deleteProperty(kept, key);
        Reflect.deleteProperty(this, key);
      },
    }) as object,
  ) as Storage;
}

const unwritten = () =>
  Object.keys(localStorage).filter((place) => place.startsWith('rovack unwritten'));

describe('a browser that threw everything away', () => {
  beforeEach(() => vi.stubGlobal('localStorage', placesInMemory()));
  afterEach(() => vi.unstubAllGlobals());

  it('is said at the next start, and nothing is said at a first visit', async () => {
    const one = await openTab();
    one.put('formulas', formula());
    await one.session.flush();
    expect(one.said).toEqual([]);
    globalThis.indexedDB = new IDBFactory();
    expect((await openTab()).said).toEqual([
      expect.stringMatching(/deleted Rovack’s stored data.*Import/),
    ]);
  });
});

describe('a page that goes away before its write was answered', () => {
  beforeEach(() => vi.stubGlobal('localStorage', placesInMemory()));
  afterEach(() => vi.unstubAllGlobals());

  it('leaves what is unwritten to the next page, which has it at once', async () => {
    const one = await openTab();
    const made = formula();
    one.put('formulas', made);
    one.session.leave();
    // The database never hears of it.
    one.session.close();
    globalThis.indexedDB = new IDBFactory();
    const next = await openTab();
    expect(next.shown.get(made.id)).toEqual(made);
    // Once: a page after that does not find it again.
    globalThis.indexedDB = new IDBFactory();
    expect((await openTab()).shown.get(made.id)).toBeUndefined();
  });

  it('also what a hand was still moving, and what it removed', async () => {
    const one = await openTab();
    const [moved, gone] = [formula(), newFormula('Bow Wave', bodyFrom('200 g baking soda'), NOW)];
    one.put('formulas', moved);
    one.put('formulas', gone);
    await one.session.flush();
    one.session.putSoon('formulas', at(moved, 0, 77));
    one.session.remove('formulas', [gone.id]);
    one.session.leave();
    one.session.close();
    const next = await openTab();
    expect(gramsIn(next, moved.id, 0)).toBe(77);
    expect(next.shown.get(gone.id)).toBeUndefined();
  });

  it('leaves nothing when all is written, and what no schema knows is passed over', async () => {
    const one = await openTab();
    one.put('formulas', formula());
    await one.session.flush();
    one.session.leave();
    expect(unwritten()).toEqual([]);
    const odd = [
      { key: 'formulas/x', base: null, record: { id: 'x', name: 7 } },
      { key: 'nowhere/y', base: null, record: {} },
    ];
    localStorage.setItem('rovack unwritten harbor 1', JSON.stringify(odd));
    localStorage.setItem('rovack unwritten harbor 2', '{broken');
    const next = await openTab();
    expect([...next.shown.keys()]).toHaveLength(1);
  });

  it('takes it back when the page lives on and writes it itself', async () => {
    const one = await openTab();
    one.put('formulas', formula());
    one.session.leave();
    expect(unwritten()).toHaveLength(1);
    await one.session.flush();
    expect(unwritten()).toEqual([]);
  });

  it('does not give a batch back a code that another batch got meanwhile, and says it', async () => {
    const [one, two] = [await openTab(), await openTab()];
    const [first, later] = [begun(), { ...begun(), id: crypto.randomUUID() }];
    one.put('batches', first);
    await one.session.flush();
    two.put('batches', later);
    await two.session.flush();
    // It went away while the database wrote it under another code, and never heard of that.
    localStorage.setItem(
      'rovack unwritten harbor 9',
      JSON.stringify([{ key: `batches/${later.id}`, base: null, record: later }]),
    );
    const next = await openTab();
    const codes = [first, later].map(({ id }) => (next.shown.get(id) as Batch).code);
    expect(codes).toEqual([first.code, `${first.code}-2`]);
    expect(next.said).toContainEqual(expect.stringMatching(/Two batches had the code/));
  });

  it('does not undo what another tab wrote since', async () => {
    const one = await openTab();
    const base = keepVersion(formula(), NOW);
    one.put('formulas', base);
    await one.session.flush();
    const two = await openTab();
    one.session.putSoon('formulas', at(base, 0, 111));
    one.session.leave();
    two.put('formulas', at(base, 0, 222));
    await two.session.flush();
    const next = await openTab();
    const united = next.shown.get(base.id) as Formula;
    const grams = [united.body, ...united.versions.map(({ body }) => body)].map(
      (body) => body.parts[0]?.lines[0]?.massG,
    );
    expect(grams).toEqual(expect.arrayContaining([111, 222]));
  });
});

describe('two tabs of one workshop', () => {
  it('show each other’s work without a reload', async () => {
    const [one, two] = [await openTab(), await openTab()];
    const made = formula();
    one.put('formulas', made);
    await vi.waitFor(() => expect(two.shown.get(made.id)).toEqual(made));
    two.remove('formulas', made.id);
    await vi.waitFor(() => expect(one.shown.get(made.id)).toBeNull());
  });

  it('revert no edit made just after the other’s message: thirty of thirty stay', async () => {
    const [one, two] = [await openTab(), await openTab()];
    const edited = formula();
    const other = newFormula('Bow Wave', bodyFrom('200 g baking soda'), NOW);
    one.put('formulas', edited);
    await vi.waitFor(() => expect(two.shown.get(edited.id)).toBeDefined());
    for (let massG = 1; massG <= 30; massG++) {
      two.put('formulas', at(other, 0, massG));
      await two.session.flush();
      // The message is on its way, or the other tab is reading: the hand goes on.
      if (massG % 3 === 1) await Promise.resolve();
      if (massG % 3 === 2) await new Promise((resolve) => setTimeout(resolve));
      one.put('formulas', at(one.shown.get(edited.id) as Formula, 0, massG));
      expect(gramsIn(one, edited.id, 0)).toBe(massG);
    }
    await allQuiet();
    expect(gramsIn(one, edited.id, 0)).toBe(30);
    await vi.waitFor(() => expect(gramsIn(two, edited.id, 0)).toBe(30));
    await vi.waitFor(() => expect(gramsIn(one, other.id, 0)).toBe(30));
  });

  it('that change one formula keep both bodies: the other one is a version, and it is said', async () => {
    const one = await openTab();
    const base = keepVersion(formula(), NOW);
    one.put('formulas', base);
    await one.session.flush();
    const two = await openTab();
    one.put('formulas', at(base, 0, 111));
    two.put('formulas', at(base, 0, 222));
    await allQuiet();
    await vi.waitFor(() => expect(one.shown.get(base.id)).toEqual(two.shown.get(base.id)));
    const united = one.shown.get(base.id) as Formula;
    const grams = (body: Formula['body']) => body.parts[0]?.lines[0]?.massG;
    expect([grams(united.body), ...united.versions.map(({ body }) => grams(body))].sort()).toEqual(
      [1000, 111, 222].sort(),
    );
    expect(united.versions.map(({ number }) => number)).toEqual([1, 2]);
    expect([...one.said, ...two.said].join(' ')).toMatch(
      /Quince Lantern was changed in two tabs.*saved as its version/,
    );
  });

  it('at one batch keep every entry of both, struck where either struck it', async () => {
    const one = await openTab();
    const base = workTo(begun(), (id) => id === 'mix-dry');
    one.put('batches', base);
    await one.session.flush();
    const two = await openTab();
    const first = base.entries[0]?.id ?? '';
    one.put('batches', record(base, { kind: 'note', text: 'here' }, NOW));
    two.put('batches', record(voidEntry(base, first, NOW), { kind: 'note', text: 'there' }, NOW));
    await allQuiet();
    await vi.waitFor(() => expect(one.shown.get(base.id)).toEqual(two.shown.get(base.id)));
    const { entries } = one.shown.get(base.id) as Batch;
    expect(entries).toHaveLength(base.entries.length + 2);
    expect(entries.flatMap((entry) => (entry.kind === 'note' ? [entry.text] : [])).sort()).toEqual([
      'here',
      'there',
    ]);
    expect(entries.find(({ id }) => id === first)?.voidedAt).toBe(NOW);
  });

  it('keep what one removed and the other changed, and say so', async () => {
    const one = await openTab();
    const base = formula();
    one.put('formulas', base);
    await one.session.flush();
    const two = await openTab();
    one.remove('formulas', base.id);
    two.put('formulas', { ...base, name: 'Quince Lantern, drier' });
    await allQuiet();
    await vi.waitFor(() =>
      expect(one.shown.get(base.id)).toMatchObject({ name: 'Quince Lantern, drier' }),
    );
    expect(two.shown.get(base.id)).toMatchObject({ name: 'Quince Lantern, drier' });
    expect([...one.said, ...two.said].join(' ')).toMatch(/so it stays/);
  });

  it('find all of what one deed of the other put, or nothing of it', async () => {
    const one = await openTab();
    const base = formula();
    one.put('formulas', base);
    one.put('batches', begun());
    one.session.putSettings({ ...USUAL_SETTINGS, formulaInHandId: base.id });
    const { loaded } = (await openTab()).session;
    const found = [loaded.records.formulas.length, loaded.records.batches.length, loaded.settings];
    expect([
      [0, 0, null],
      [1, 1, { ...USUAL_SETTINGS, formulaInHandId: base.id }],
    ]).toContainEqual(found);
  });

  it('say nothing of a record that is put again where it was removed', async () => {
    const [one, two] = [await openTab(), await openTab()];
    const base = formula();
    for (let round = 0; round < 2; round++) {
      one.put('formulas', base);
      await one.session.flush();
      await vi.waitFor(() => expect(two.shown.get(base.id)).toEqual(base));
      one.remove('formulas', base.id);
      await one.session.flush();
      await vi.waitFor(() => expect(two.shown.get(base.id)).toBeNull());
    }
    two.put('formulas', base);
    await two.session.flush();
    await vi.waitFor(() => expect(one.shown.get(base.id)).toEqual(base));
    expect([...one.said, ...two.said]).toEqual([]);
  });

  it('unite settings field by field', async () => {
    const one = await openTab();
    one.session.putSettings(USUAL_SETTINGS);
    await one.session.flush();
    const two = await openTab();
    one.session.putSettings({ ...USUAL_SETTINGS, humidityPct: 61 });
    two.session.putSettings({ ...USUAL_SETTINGS, makers: ['Maud'] });
    await allQuiet();
    await vi.waitFor(() =>
      expect(one.settings).toMatchObject({ humidityPct: 61, makers: ['Maud'] }),
    );
    await vi.waitFor(() =>
      expect(two.settings).toMatchObject({ humidityPct: 61, makers: ['Maud'] }),
    );
  });

  it('come to the same in whatever order they write, and lose no grams', async () => {
    await fc.assert(
      fc.asyncProperty(
        fc.array(fc.tuple(fc.boolean(), fc.nat({ max: 2 }), fc.boolean()), { maxLength: 12 }),
        async (deeds) => {
          globalThis.indexedDB = new IDBFactory();
          const one = await openTab();
          const notes = begun();
          one.put('batches', notes);
          await one.session.flush();
          const two = await openTab();
          for (const [i, [isFirst, wait, flushes]] of deeds.entries()) {
            const tab = isFirst ? one : two;
            const batch = tab.shown.get(notes.id) as Batch;
            tab.put('batches', record(batch, { kind: 'note', text: `${i}` }, NOW));
            for (let turn = 0; turn < wait; turn++) await Promise.resolve();
            if (flushes) await tab.session.flush();
          }
          await allQuiet();
          await vi.waitFor(() => {
            const texts = [one, two].map((tab) =>
              (tab.shown.get(notes.id) as Batch).entries
                .flatMap((entry) => (entry.kind === 'note' ? [Number(entry.text)] : []))
                .sort((a, b) => a - b),
            );
            expect(texts).toEqual([deeds.map((_, i) => i), deeds.map((_, i) => i)]);
          });
          for (const { session } of tabs.splice(0)) session.close();
        },
      ),
      { seed: 5, numRuns: 25 },
    );
  });
});

describe('codes that a recall goes by', () => {
  it('are two where two tabs begin a batch or receive a lot under one, and both are told', async () => {
    const [one, two] = [await openTab(), await openTab()];
    const [mine, theirs] = [begun(), { ...begun(), id: crypto.randomUUID() }];
    one.put('batches', mine);
    two.put('batches', theirs);
    await allQuiet();
    const codes = () =>
      [one, two].map((tab) => [mine, theirs].map(({ id }) => (tab.shown.get(id) as Batch)?.code));
    await vi.waitFor(() => expect(codes()).toEqual([codes()[0], codes()[0]]));
    expect(codes()[0]?.toSorted()).toEqual([mine.code, `${mine.code}-2`]);
    await vi.waitFor(() => {
      for (const { said } of [one, two])
        expect(said).toEqual([expect.stringMatching(/Two batches had the code/)]);
    });
    // The same again is no other batch.
    one.put('batches', { ...mine, currentStep: 1 });
    await allQuiet();
    expect((one.shown.get(mine.id) as Batch).code).toBe(codes()[0]?.[0]);
  });

  it('of lots are two for one material, and may be alike for two materials', async () => {
    const one = await openTab();
    const lot = SAMPLE.lots[0];
    if (!lot) throw new Error('the sample has lots');
    const received = (materialId: string) => ({ ...lot, id: crypto.randomUUID(), materialId });
    const lots = [received('citric-acid'), received('citric-acid'), received('kaolin')];
    one.session.put('lots', lots);
    await allQuiet();
    const codes = lots.map(({ id }) => (one.shown.get(id) ?? lot) as typeof lot).map((x) => x.code);
    expect(codes).toEqual([lot.code, `${lot.code}-2`, lot.code]);
  });
});

describe('past batches', () => {
  it('are not read before somebody looks, and are whole then; their photos too', async () => {
    const one = await openTab();
    const batches = Array.from({ length: NEWEST_AT_HAND + 1 }, (_, i): Batch => ({
      ...begun(),
      id: crypto.randomUUID(),
      code: `QL-${i}`,
      outcome: 'given-up',
      startedAt: new Date(Date.parse(NOW) - i * 60_000).toISOString(),
    }));
    one.session.put('batches', batches);
    const oldest = batches.at(-1) as Batch;
    const photo = {
      id: crypto.randomUUID(),
      origin: 'own' as const,
      batchId: oldest.id,
      takenAt: NOW,
      dataUrl: 'data:image/jpeg;base64,AAAA',
      note: '',
    };
    one.session.put('photos', [photo]);
    await one.session.flush();

    const two = await openTab();
    expect(two.session.loaded.digests).toHaveLength(NEWEST_AT_HAND + 1);
    expect(two.session.loaded.records.batches).toHaveLength(NEWEST_AT_HAND);
    expect(two.shown.has(oldest.id)).toBe(false);
    expect(two.session.loaded.records.photos).toEqual([]);
    const brought = await two.session.loadBatches([oldest.id, 'nowhere'], new Set());
    expect(brought).toEqual({ batches: [oldest], refused: [] });
    expect(await two.session.loadPhotos(oldest.id)).toEqual([photo]);

    // Written here, it is shown there as it now is, and what it took off lots goes along.
    two.put('batches', { ...oldest, code: 'QL-999' });
    await two.session.flush();
    await vi.waitFor(() => expect(one.shown.get(oldest.id)).toMatchObject({ code: 'QL-999' }));
    two.remove('batches', oldest.id);
    await two.session.flush();
    expect((await two.session.loadUses()).map(({ id }) => id)).not.toContain(oldest.id);
    expect((await openTab()).session.loaded.digests).toHaveLength(NEWEST_AT_HAND);
  });
});
