import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { LANTERN, bodyFrom } from '../../../tests/fixtures/bodies';
import { openQuietly } from '../../../tests/fixtures/session';
import { newFormula } from '@/core/formula/model/create';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import { channelOf, type Message } from '../channel';
import { NO_RECORDS } from '../records/collections';
import { readWorkshopFile } from '../file/read';
import { deleteDB, openDB } from 'idb';
import { STORED_VERSION } from '../upgrades/version';
import type { SaveStatus } from './saveStatus';

const NOW = '2026-04-18T10:00:00.000Z';

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory();
});

/** The next turn of the event loop, whatever the clock says. */
const turn = () => new Promise((next) => setImmediate(next));

describe('a browser at an address that is not secure', () => {
  afterEach(() => vi.unstubAllGlobals());
  it('saves all the same: ids, locks and channels that it lacks are not needed for that', async () => {
    vi.stubGlobal('crypto', { getRandomValues: crypto.getRandomValues.bind(crypto) });
    vi.stubGlobal('BroadcastChannel', undefined);
    vi.stubGlobal('navigator', {});
    const session = await openQuietly('tablet');
    const made = newFormula('Ebb', bodyFrom(LANTERN), NOW);
    session.put('formulas', [made]);
    await session.flush();
    session.leave();
    session.close();
    expect((await openQuietly('tablet')).loaded.records.formulas).toEqual([made]);
  });
});

describe('how saving stands', () => {
  const told = async () => {
    const statuses: SaveStatus[] = [];
    const session = await openQuietly('harbor', {
      onStatus: (status) => statuses.push(status),
    });
    return { session, statuses };
  };

  const aFormula = () => newFormula('Ebb', bodyFrom(LANTERN), '2026-04-18T10:00:00.000Z');

  it('is said to be saved when the spare copy has it too, where there is one', async () => {
    const { session, statuses } = await told();
    const spare = new BroadcastChannel('rovack spare harbor');
    const last = () => statuses.at(-1)?.kind;
    session.put('formulas', [aFormula()]);
    await session.flush();
    expect(last()).toBe('saved');
    session.expectBackup(true);
    session.put('formulas', [aFormula()]);
    await new Promise((soon) => setTimeout(soon, 60));
    expect(last()).toBe('saving');
    spare.postMessage({ keptSeq: 1 });
    await new Promise((soon) => setTimeout(soon, 20));
    expect(last()).toBe('saving');
    spare.postMessage({ keptSeq: 2 });
    await session.flush();
    expect(last()).toBe('saved');
    // One that does not answer is not waited for long, and one that is gone not at all.
    session.put('formulas', [aFormula()]);
    await session.flush();
    expect(last()).toBe('saved');
    session.put('formulas', [aFormula()]);
    session.expectBackup(false);
    await session.flush();
    expect(last()).toBe('saved');
    spare.close();
    session.close();
  });

  it('what is put while it is held is written in one go when it is let go, and not said to be saved before', async () => {
    const { session, statuses } = await told();
    const written: number[] = [];
    const channel = channelOf('harbor');
    channel.addEventListener('message', ({ data }: MessageEvent<Message>) =>
      written.push(data.keys.length),
    );
    const letGo = session.hold();
    session.put('formulas', [aFormula()]);
    session.putSettings(USUAL_SETTINGS);
    await new Promise((soon) => setTimeout(soon, 60));
    expect(written).toEqual([]);
    expect(statuses.at(-1)).toEqual({ kind: 'saving' });
    letGo();
    await session.flush();
    await vi.waitFor(() => expect(written).toEqual([2]));
    expect(statuses.at(-1)).toEqual({ kind: 'saved' });
    channel.close();
    session.close();
  });

  it('is never said to be saved while a hand still moves it', async () => {
    const { session, statuses } = await told();
    session.putSoon('formulas', newFormula('Ebb', bodyFrom(LANTERN), NOW));
    expect(statuses).toEqual([{ kind: 'saving' }]);
    await session.flush();
    expect(statuses.at(-1)).toEqual({ kind: 'saved' });
    session.close();
  });

  it('what a hand moves during a write waits for its half second: it is written twice, not with each move', async () => {
    const { session, statuses } = await told();
    const written: string[] = [];
    const channel = channelOf('harbor');
    channel.addEventListener('message', ({ data }: MessageEvent<Message>) =>
      written.push(...data.keys),
    );
    const [put, moved] = [aFormula(), aFormula()];
    // Time stands still but when the test lets it pass.
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout'] });
    try {
      session.put('formulas', [put]);
      for (let move = 0; written.length === 0; move++) {
        await turn();
        session.putSoon('formulas', { ...moved, name: `Ebb ${move}` });
      }
      for (let move = 0; move < 50; move++) {
        await turn();
        session.putSoon('formulas', { ...moved, name: `Flow ${move}` });
      }
      expect(written.filter((key) => key.endsWith(moved.id)).length).toBeLessThanOrEqual(1);
      expect(statuses.at(-1)).toEqual({ kind: 'saving' });
      const before = written.length;
      vi.advanceTimersByTime(399);
      for (let i = 0; i < 50; i++) await turn();
      expect(written).toHaveLength(before);
      vi.advanceTimersByTime(1);
      while (statuses.at(-1)?.kind !== 'saved') await turn();
    } finally {
      vi.useRealTimers();
      channel.close();
      session.close();
    }
    const db = await openDB('harbor');
    expect(await db.get('formulas', moved.id)).toMatchObject({ name: 'Flow 49' });
    db.close();
  });

  it('an older tab steps aside for a newer release, and says so', async () => {
    const { session, statuses } = await told();
    const newer = await openDB('harbor', STORED_VERSION + 1);
    expect(statuses.at(-1)).toMatchObject({
      kind: 'failed',
      reason: expect.stringMatching(/newer Rovack/),
    });
    // What it is given now is kept, and not said to be saved.
    session.put('formulas', [newFormula('Late', bodyFrom(LANTERN), NOW)]);
    await session.flush();
    expect(statuses.at(-1)).toMatchObject({ reason: expect.stringMatching(/newer Rovack/) });
    newer.close();
    session.close();
  });

  it('a database that is cleared away behind the page’s back is said, and what is on the screens goes into a file', async () => {
    const { session, statuses } = await told();
    const shown = newFormula('Ebb', bodyFrom(LANTERN), NOW);
    session.put('formulas', [shown]);
    await session.flush();
    await deleteDB('harbor');
    session.put('formulas', [newFormula('Late', bodyFrom(LANTERN), NOW)]);
    await session.flush();
    expect(statuses.at(-1)).toEqual({
      kind: 'failed',
      reason: 'the browser deleted its stored data',
    });
    const records = { ...NO_RECORDS, formulas: [shown] };
    let text = '';
    for await (const piece of session.pieces({
      now: NOW,
      overlay: { records, settings: USUAL_SETTINGS },
    }))
      text += piece;
    const read = readWorkshopFile(text);
    expect(read.ok && read.workshop.formulas).toEqual([shown]);
    session.close();
  });
});
