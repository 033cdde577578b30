import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { begun } from '../../../tests/fixtures/bench';
import { LANTERN, bodyFrom } from '../../../tests/fixtures/bodies';
import { folderInMemory, type FolderInMemory } from '../../../tests/fixtures/folder';
import { openQuietly } from '../../../tests/fixtures/session';
import { newFormula } from '@/core/formula/model/create';
import { setLineMass } from '@/core/formula/model/edit';
import type { Formula } from '@/core/formula/model/schema';
import type { Batch } from '@/core/batches/records/schema';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import { channelOf, type Message } from '../channel';
import { loadWorkshop } from '../db/repository';
import { openWorkshopDb } from '../db/open';
import type { Session } from '../session/session';
import { readWorkshopFile } from '../file/read';
import fc from 'fast-check';
import { forgetFolder, keepFolder, nameDevice, storedFolder } from './keep';
import { lookAtFolder, type Look } from './look';
import { sayTrouble } from './messages';

const HANDS = [1, 2, 3].map((n) => `00000000-0000-4000-8000-00000000000${n}`) as [
  string,
  string,
  string,
];
const NOW = '2026-04-18T10:00:00.000+00:00';

/** A browser with its own database; all use one folder. */
interface Browser {
  /** Of its database. */
  readonly name: string;
  readonly session: Session;
  readonly said: string[];
  readonly look: (today?: string, streamFromBytes?: number) => Promise<Look>;
  readonly formula: (id: string) => Promise<Formula | undefined>;
  readonly settings: () => Promise<Settings | null>;
  readonly batches: () => Promise<readonly Batch[]>;
}

let folder: FolderInMemory;
let count = 0;
const opened: Session[] = [];

async function browser(called: string): Promise<Browser> {
  const name = `browser ${(count += 1)}`;
  const said: string[] = [];
  const session = await openQuietly(name, { onMessages: (sentences) => said.push(...sentences) });
  opened.push(session);
  await nameDevice(name, called);
  const look = async (today = '2026-04-18', streamFromBytes?: number) => {
    await session.flush();
    const options = { now: NOW, today, streamFromBytes };
    const seen = await lookAtFolder(name, folder.handle, options);
    said.push(...seen.said);
    return seen;
  };
  const stored = async () => {
    await session.flush();
    const db = await openWorkshopDb(name);
    const loaded = await loadWorkshop(db);
    db.close();
    return loaded;
  };
  return {
    name,
    session,
    said,
    look,
    formula: async (id) => (await stored()).records.formulas.find((one) => one.id === id),
    settings: async () => (await stored()).settings,
    batches: async () => (await stored()).records.batches,
  };
}

beforeEach(() => {
  folder = folderInMemory();
  for (const session of opened.splice(0)) session.close();
});

const lantern = (): Formula => newFormula('Quince Lantern', bodyFrom(LANTERN), NOW);
function grams(of: Formula | undefined, line: number): number | undefined {
  return of?.body.parts[0]?.lines[line]?.massG;
}
function at(of: Formula, line: number, massG: number): Formula {
  const id = of.body.parts[0]?.lines[line]?.id ?? '';
  return { ...of, body: setLineMass(of.body, id, massG) };
}

describe('two browsers with one folder', () => {
  it('that each opened the sample tell nobody that the two differ, as of their own formulas they do', async () => {
    for (const origin of ['sample', 'own'] as const) {
      folder = folderInMemory();
      const [desk, bench] = [await browser('Desk'), await browser('Bench')];
      const made = { ...lantern(), origin };
      desk.session.put('formulas', [at(made, 0, 111)]);
      bench.session.put('formulas', [at(made, 0, 222)]);
      await desk.look();
      await bench.look();
      await desk.look();
      expect(grams(await desk.formula(made.id), 0)).toBe(grams(await bench.formula(made.id), 0));
      expect([...desk.said, ...bench.said].length > 0).toBe(origin === 'own');
    }
  });

  it('come to the same: what one makes, changes and removes, the other has after a look', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    const made = lantern();
    desk.session.put('formulas', [made]);
    await desk.look();
    expect(await bench.look()).toMatchObject({ takenCount: 1, peers: [{ name: 'Desk' }] });
    expect(await bench.formula(made.id)).toEqual(made);

    bench.session.put('formulas', [at(made, 0, 321)]);
    await bench.look();
    await desk.look();
    expect(grams(await desk.formula(made.id), 0)).toBe(321);

    desk.session.remove('formulas', [made.id]);
    await desk.look();
    await bench.look();
    expect(await bench.formula(made.id)).toBeUndefined();
    expect([...desk.said, ...bench.said]).toEqual([]);
    // Nothing new on either side: nothing is written, nothing comes in.
    await desk.look();
    for (const side of [bench, desk])
      expect(await side.look()).toMatchObject({ takenCount: 0, written: { kind: 'same' } });
  });

  it('unite what both changed since: fields of each, a formula’s other body as a version, the same on both', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    const made = lantern();
    desk.session.put('formulas', [made]);
    await desk.look();
    await bench.look();
    await desk.look();
    desk.session.put('formulas', [{ ...at(made, 0, 111), name: 'Quince at night' }]);
    bench.session.put('formulas', [at(made, 0, 222)]);
    for (const side of [desk, bench, desk, bench, desk]) await side.look();
    const [there, here] = [await desk.formula(made.id), await bench.formula(made.id)];
    expect(there).toEqual(here);
    expect(there?.name).toBe('Quince at night');
    const bodies = [there?.body, ...(there?.versions ?? []).map(({ body }) => body)];
    expect(bodies.map((body) => body?.parts[0]?.lines[0]?.massG).sort()).toEqual([111, 222]);
    expect(there?.versions).toHaveLength(1);
    expect(desk.said.length + bench.said.length).toBeGreaterThan(0);
    for (const side of [desk, bench]) expect(await side.look()).toMatchObject({ takenCount: 0 });
  });

  it('have two codes for two batches that were begun apart under one, the same on both', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    const early = { ...begun(), startedAt: NOW };
    const late = {
      ...begun(),
      id: crypto.randomUUID(),
      startedAt: '2026-04-18T10:00:01.000+00:00',
    };
    bench.session.put('batches', [late]);
    desk.session.put('batches', [early]);
    for (const side of [desk, bench, desk, bench, desk]) await side.look();
    const codes = await Promise.all(
      [desk, bench].map(async ({ batches }) =>
        (await batches()).map(({ id, code }) => [id, code]).sort(),
      ),
    );
    expect(codes[0]).toEqual(
      [
        [early.id, early.code],
        [late.id, `${early.code}-2`],
      ].sort(),
    );
    expect(codes[1]).toEqual(codes[0]);
    // Who had the later one is told, wherever it got its new code.
    expect(bench.said.join()).toMatch(/The later one is now/);
    for (const side of [bench, desk]) expect(await side.look()).toMatchObject({ takenCount: 0 });
  });

  it('tell a device whose batch got another code elsewhere', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    const late = { ...begun(), id: crypto.randomUUID(), startedAt: NOW };
    desk.session.put('batches', [late]);
    await desk.look();
    bench.session.put('batches', [{ ...begun(), startedAt: '2026-04-18T09:00:00.000+00:00' }]);
    for (const side of [bench, desk]) await side.look();
    expect(desk.said).toEqual([
      expect.stringMatching(/is now .*-2, because “Bench” used that code/),
    ]);
  });

  it('lose no entry of their settings, whatever each adds', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    const cost = (of: string) => ({ [of]: { packagingEach: 1, laborMinutes: 2 } });
    desk.session.putSettings({ ...USUAL_SETTINGS, costings: cost('a'), makers: ['Wren'] });
    for (const side of [desk, bench, desk]) await side.look();
    desk.session.putSettings({ ...USUAL_SETTINGS, costings: { ...cost('a'), ...cost('b') } });
    bench.session.putSettings({
      ...USUAL_SETTINGS,
      makers: ['Wren', 'Ada'],
      costings: { ...cost('a'), ...cost('c') },
    });
    for (const side of [desk, bench, desk, bench]) await side.look();
    for (const side of [desk, bench]) {
      const settings = await side.settings();
      expect(Object.keys(settings?.costings ?? {}).sort()).toEqual(['a', 'b', 'c']);
      // Wren was taken out at the desk, Ada added at the bench.
      expect(settings?.makers).toEqual(['Ada']);
    }
  });

  it('a record that one removed and the other changed stays on both, and it is said', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    const made = lantern();
    desk.session.put('formulas', [made]);
    for (const side of [desk, bench, desk]) await side.look();
    desk.session.remove('formulas', [made.id]);
    bench.session.put('formulas', [at(made, 0, 222)]);
    for (const side of [desk, bench, desk, bench]) await side.look();
    expect(grams(await desk.formula(made.id), 0)).toBe(222);
    expect(await desk.formula(made.id)).toEqual(await bench.formula(made.id));
    expect(desk.said.concat(bench.said).join()).toContain('so it stays');
  });

  it('no clock decides: a change made on a device whose clock is a year behind still comes in', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    const made = { ...lantern(), changedAt: NOW };
    desk.session.put('formulas', [made]);
    for (const side of [desk, bench, desk]) await side.look();
    bench.session.put('formulas', [{ ...at(made, 0, 55), changedAt: '2025-01-01T00:00:00.000Z' }]);
    await bench.look('2025-01-01');
    await desk.look();
    expect(grams(await desk.formula(made.id), 0)).toBe(55);
    expect(desk.said).toEqual([]);
  });

  it('settings that nobody has set are no choice; what each hand holds stays its own', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    desk.session.putSettings({ ...USUAL_SETTINGS, look: 'dark', formulaInHandId: HANDS[0] });
    bench.session.putSettings({ ...USUAL_SETTINGS, humidityPct: 71, formulaInHandId: HANDS[1] });
    for (const side of [desk, bench, desk]) await side.look();
    const both = { look: 'dark', humidityPct: 71 };
    expect(await desk.settings()).toMatchObject({ ...both, formulaInHandId: HANDS[0] });
    expect(await bench.settings()).toMatchObject({ ...both, formulaInHandId: HANDS[1] });
    // Another formula in hand is nothing to write into the folder.
    bench.session.putSettings({
      ...USUAL_SETTINGS,
      ...both,
      look: 'dark',
      formulaInHandId: HANDS[2],
    });
    expect((await bench.look()).written.kind).toBe('same');
  });

  it('three come to the same, whoever looks first', async () => {
    const sides = [await browser('Desk'), await browser('Bench'), await browser('Loft')];
    const made = lantern();
    sides[0]?.session.put('formulas', [made]);
    for (const side of [...sides, ...sides]) await side.look();
    for (const [i, side] of sides.entries()) side.session.put('formulas', [at(made, 0, 100 + i)]);
    for (let turn = 0; turn < 4; turn++) for (const side of sides) await side.look();
    const [one, two, three] = await Promise.all(sides.map((side) => side.formula(made.id)));
    expect(one).toEqual(two);
    expect(two).toEqual(three);
    const bodies = [one?.body, ...(one?.versions ?? []).map(({ body }) => body)];
    expect(new Set(bodies.map((body) => body?.parts[0]?.lines[0]?.massG))).toEqual(
      new Set([100, 101, 102]),
    );
  });
});

it('whatever three devices do in whatever order, they come to the same, and no change is lost', async () => {
  const turn = fc.tuple(
    fc.nat(2),
    fc.constantFrom('look', 'look', 'change', 'rename', 'remove'),
    fc.integer({ min: 1, max: 900 }),
  );
  await fc.assert(
    fc.asyncProperty(fc.array(turn, { minLength: 4, maxLength: 14 }), async (turns) => {
      folder = folderInMemory();
      const sides = [await browser('Desk'), await browser('Bench'), await browser('Loft')];
      const made = lantern();
      sides[0]?.session.put('formulas', [made]);
      for (const side of [...sides, ...sides]) await side.look();
      for (const [who, what, amount] of turns) {
        const side = sides[who];
        const own = await side?.formula(made.id);
        if (!side || !own) continue;
        if (what === 'look') await side.look();
        else if (what === 'remove') side.session.remove('formulas', [made.id]);
        else
          side.session.put('formulas', [
            what === 'change' ? at(own, 0, amount) : { ...own, name: `Quince ${amount}` },
          ]);
      }
      for (let round = 0; round < 4; round++) for (const side of sides) await side.look();
      const [one, two, three] = await Promise.all(sides.map((side) => side.formula(made.id)));
      expect(one).toEqual(two);
      expect(two).toEqual(three);
      for (const side of sides) expect(await side.look()).toMatchObject({ takenCount: 0 });
    }),
    { seed: 16, numRuns: 25 },
  );
}, 60_000);

describe('the folder itself', () => {
  it('is remembered from visit to visit until it is let go of', async () => {
    const handle = { name: 'workshop' } as FileSystemDirectoryHandle;
    expect(await storedFolder('visits')).toBeNull();
    await keepFolder('visits', handle);
    expect(await storedFolder('visits')).toEqual(handle);
    await forgetFolder('visits');
    expect(await storedFolder('visits')).toBeNull();
  });

  it('hears of another name of a device at its next look, though no record was changed', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    desk.session.put('formulas', [lantern()]);
    await desk.look();
    expect(await desk.look()).toMatchObject({ written: { kind: 'same' } });
    await nameDevice(desk.name, 'Window desk');
    expect(await desk.look()).toMatchObject({ written: { kind: 'new' } });
    expect(await bench.look()).toMatchObject({ peers: [{ name: 'Window desk' }] });
  });
});

describe('a folder that is not in order', () => {
  it('a file that is half there is named, and read when it is whole', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    desk.session.put('formulas', [lantern()]);
    await desk.look();
    const [name] = [...folder.files.keys()];
    const whole = folder.files.get(name ?? '')?.text ?? '';
    folder.set(name ?? '', whole.slice(0, 500));
    const half = await bench.look();
    expect(half.takenCount).toBe(0);
    expect(half.troubles.map(sayTrouble)).toEqual([expect.stringContaining('Rovack tries again')]);
    folder.set(name ?? '', whole);
    expect(await bench.look()).toMatchObject({ takenCount: 1, troubles: [] });
  });

  it('a big file is taken in page by page: none of one that is cut off or no JSON, the whole lists of one with a list that is none', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    const [made, gone] = [lantern(), lantern()];
    desk.session.put('formulas', [made, gone]);
    await desk.look();
    const lookByPages = () => bench.look(undefined, 0);
    expect(await lookByPages()).toMatchObject({ takenCount: 2, peers: [{ name: 'Desk' }] });
    desk.session.remove('formulas', [gone.id]);
    desk.session.put('formulas', [at(made, 0, 88)]);
    desk.session.putSettings({ ...USUAL_SETTINGS, look: 'dark' });
    await desk.look('2026-04-19');
    const [name] = [...folder.files.keys()];
    const whole = folder.files.get(name ?? '')?.text ?? '';
    for (const broken of [
      whole.slice(0, whole.indexOf('"folder"')),
      whole.replace('"lots": [', '"lots": [fog'),
    ]) {
      folder.set(name ?? '', broken);
      expect(await lookByPages()).toMatchObject({
        takenCount: 0,
        troubles: [{ code: 'half-written' }],
      });
    }
    folder.set(name ?? '', whole.replace('"lots": [', '"lots": 7, "fog": ['));
    expect(await lookByPages()).toMatchObject({
      takenCount: 1,
      troubles: [{ code: 'half-written' }],
    });
    expect(grams(await bench.formula(made.id), 0)).toBe(88);
    folder.set(name ?? '', whole);
    expect(await lookByPages()).toMatchObject({ takenCount: 2, troubles: [] });
    expect(await bench.formula(gone.id)).toBeUndefined();
    expect(await bench.settings()).toMatchObject({ look: 'dark' });
  });

  it('what comes in is told as it comes, two hundred records at most at a time', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    const many = Array.from({ length: 201 }, lantern);
    desk.session.put('formulas', many);
    await desk.look();
    const told: Message[] = [];
    const channel = channelOf(bench.name);
    channel.addEventListener('message', ({ data }: MessageEvent<Message>) => told.push(data));
    expect(await bench.look()).toMatchObject({ takenCount: 201 });
    await vi.waitFor(() => expect(told.map(({ keys }) => keys.length)).toEqual([200, 1]));
    channel.close();
    const ids = told.flatMap(({ keys }) => keys.map((key) => key.split('/')[1]));
    expect(ids.sort()).toEqual(many.map(({ id }) => id).sort());
  });

  it('a file that goes while it is looked at is no folder that is gone', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    desk.session.put('formulas', [lantern()]);
    await desk.look();
    const [name] = [...folder.files.keys()];
    folder.vanish(name ?? '', 'when it is read');
    expect(await bench.look()).toMatchObject({ takenCount: 0, troubles: [{ file: name }] });
    folder.vanish(name ?? '', 'when it is listed');
    expect(await bench.look()).toMatchObject({ takenCount: 0, troubles: [] });
  });

  it('a synchronizer’s second copy is read like any other, said until it is gone, and harms nothing when it is old', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    const made = lantern();
    desk.session.put('formulas', [made]);
    await desk.look();
    const [name] = [...folder.files.keys()];
    const old = folder.files.get(name ?? '')?.text ?? '';
    desk.session.put('formulas', [at(made, 0, 77)]);
    await desk.look();
    folder.set('rovack-1 (second one).rovack.json', old);
    await bench.look();
    expect(grams(await bench.formula(made.id), 0)).toBe(77);
    const again = await bench.look();
    expect(again.troubles.map(sayTrouble)).toEqual([expect.stringContaining('second copy')]);
    folder.remove('rovack-1 (second one).rovack.json');
    expect((await bench.look()).troubles).toEqual([]);
  });

  it('a broken record in a file is named, the rest comes in; a file by hand or of a newer release is named', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    desk.session.put('formulas', [lantern(), { ...lantern(), name: 'Bow Wave' }]);
    await desk.look();
    const [name] = [...folder.files.keys()];
    const text = folder.files.get(name ?? '')?.text ?? '';
    folder.set(name ?? '', text.replace('"name":"Bow Wave"', '"name":7'));
    folder.set('year.rovack.json', text.replace(/,\n"folder": .*\n/, '\n'));
    folder.set('next.rovack.json', text.replace(/"formatVersion": ?\d+/, '"formatVersion": 99'));
    const seen = await bench.look();
    expect(seen.takenCount).toBe(1);
    expect(seen.troubles.map(({ code }) => code).sort()).toEqual(['by-hand', 'newer', 'refused']);
  });

  it('a browser that was copied as a whole takes another id, and nothing is overwritten', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    const made = lantern();
    desk.session.put('formulas', [made]);
    const { own } = await desk.look();
    const [name] = [...folder.files.keys()];
    // What a copy of this browser wrote under the same id, further on than this one.
    const text = folder.files.get(name ?? '')?.text ?? '';
    folder.set(
      name ?? '',
      text.replace(`"seq":${own.seq}`, `"seq":${own.seq + 40}`).replace('Quince Lantern', 'Copied'),
    );
    const after = await desk.look();
    expect(after.own.device).not.toBe(own.device);
    expect([...folder.files.keys()].filter((one) => !one.includes('/'))).toHaveLength(2);
    await bench.look();
    expect(await bench.formula(made.id)).toBeDefined();
  });

  it('a folder that is gone throws what the browser says, a full one says so and still takes in', async () => {
    const [desk, bench] = [await browser('Desk'), await browser('Bench')];
    desk.session.put('formulas', [lantern()]);
    await desk.look();
    folder.fail('write', new DOMException('no room', 'QuotaExceededError'));
    expect(await bench.look()).toMatchObject({
      takenCount: 1,
      written: { kind: 'failed', reason: 'the drive is full' },
    });
    folder.fail('list', new DOMException('gone', 'NotFoundError'));
    await expect(bench.look()).rejects.toMatchObject({ name: 'NotFoundError' });
  });
});

describe('what is written', () => {
  it('is a file that a workshop can be read from; small changes go beside it, and a new day writes it again with a copy', async () => {
    const desk = await browser('Desk');
    const made = lantern();
    desk.session.put('formulas', [made]);
    const { own } = await desk.look();
    const whole = `rovack-${own.device}.rovack.json`;
    const since = `rovack-${own.device}-since.rovack.json`;
    const copy = (day: string) => `copies/rovack-${own.device}-${day}.rovack.json`;
    const first = folder.files.get(whole)?.text ?? '';
    const read = readWorkshopFile(first);
    expect(read.ok && read.workshop.formulas).toEqual([made]);
    expect([...folder.files.keys()].sort()).toEqual([copy('2026-04-18'), whole].sort());

    desk.session.put('formulas', [at(made, 0, 9)]);
    await desk.look();
    expect(folder.files.get(whole)?.text).toBe(first);
    expect(folder.files.get(since)?.text).toContain('"massG":9');

    const next = await desk.look('2026-04-19');
    expect(folder.files.get(whole)?.text).toContain('"massG":9');
    expect(folder.files.has(since)).toBe(false);
    expect(next.written).toMatchObject({ copies: ['2026-04-18', '2026-04-19'] });
  });

  it('what somebody deleted or wrote over is written again', async () => {
    const desk = await browser('Desk');
    desk.session.put('formulas', [lantern()]);
    const { own } = await desk.look();
    const whole = `rovack-${own.device}.rovack.json`;
    const good = folder.files.get(whole)?.text.length;
    folder.remove(whole);
    await desk.look();
    expect(folder.files.get(whole)?.text.length).toBe(good);
    folder.set(whole, 'nonsense');
    await desk.look();
    expect(folder.files.get(whole)?.text.length).toBe(good);
  });
});
