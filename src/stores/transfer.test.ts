import { beforeEach, describe, expect, it, vi } from 'vitest';
import { openShop } from '../../tests/fixtures/shop';
import { useTransferStore } from './transfer';
import { useSavingStore } from './saving';

/** What the worker was asked, in the hands of the test. */
interface Run {
  readonly asked: readonly unknown[];
  readonly answer: (result: unknown) => void;
  readonly fail: (error: Error) => void;
  isCanceled: boolean;
}
const runs: Run[] = [];
vi.mock('@/workers/startTransfer', () => {
  const start = (...asked: unknown[]) => {
    let settle: Pick<Run, 'answer' | 'fail'> | null = null;
    const result = new Promise((answer, fail) => (settle = { answer, fail }));
    const run: Run = {
      asked,
      answer: (found) => settle?.answer(found),
      fail: (error) => settle?.fail(error),
      isCanceled: false,
    };
    runs.push(run);
    return { result, cancel: () => (run.isCanceled = true) };
  };
  const startTakeBack = (...asked: unknown[]) => start(...asked).result;
  return { startPreview: start, startTakeIn: start, startTakeBack };
});

let workshop: ReturnType<typeof openShop>;
let transfer: ReturnType<typeof useTransferStore>;
const FILE = new File(['{}'], 'harbor.rovack.json');
const PREVIEW = { ok: true, fresh: { formulas: 2 }, seen: { 'formulas/x': 'as it was' } };
const TAKEN = { ok: true, taken: { formulas: 2 }, settings: null, said: [], receipt: [] };

async function begun(): Promise<Run> {
  await vi.waitFor(() => expect(runs).toHaveLength(1));
  return runs.shift() as Run;
}
async function previewed(): Promise<void> {
  const reading = transfer.read(FILE);
  (await begun()).answer(PREVIEW);
  await reading;
}

beforeEach(() => {
  runs.length = 0;
  workshop = openShop();
  transfer = useTransferStore();
});

describe('a file that comes in', () => {
  it('is compared first, with how far that is, and nothing comes in by that', async () => {
    const reading = transfer.read(FILE);
    expect(transfer.job).toEqual({ kind: 'reading', share: 0 });
    const run = await begun();
    expect(run.asked.slice(0, 2)).toEqual(['rovack', FILE]);
    (run.asked.at(-1) as (share: number) => void)(0.4);
    expect(transfer.job).toEqual({ kind: 'reading', share: 0.4 });
    run.answer(PREVIEW);
    await reading;
    expect(transfer.job).toBeNull();
    expect(transfer.preview).toEqual(PREVIEW);
    expect(transfer.done).toBe('');
  });

  it('is named with what is wrong with it, and touches nothing', async () => {
    const reading = transfer.read(FILE);
    (await begun()).answer({ ok: false, problem: { message: 'It is not a workshop.' } });
    await reading;
    expect(transfer.problem).toBe(
      'Couldn’t import harbor.rovack.json. It is not a workshop. Nothing changed.',
    );
    expect(transfer.preview).toBeNull();
  });

  it('is named too when the drive was unplugged, before and while it is taken in', async () => {
    const reading = transfer.read(FILE);
    (await begun()).fail(new Error('gone away'));
    await reading;
    expect(transfer.problem).toBe(
      'Couldn’t import harbor.rovack.json. The browser couldn’t read it (gone away). Nothing changed.',
    );
    await previewed();
    const taking = transfer.takeIn(false, () => 'Two formulas');
    (await begun()).fail(new Error('gone away'));
    await taking;
    expect(transfer.problem).toMatch(/The records imported before that stay\.$/);
  });

  it('is taken in as it was chosen, and what came in is said', async () => {
    await previewed();
    const taking = transfer.takeIn(true, ({ formulas }) => `${formulas} formulas`);
    expect(transfer.preview).toBeNull();
    const run = await begun();
    expect(run.asked.slice(0, 3)).toEqual([
      'rovack',
      FILE,
      { takesFilesVersion: true, seen: PREVIEW.seen, now: expect.any(String) },
    ]);
    run.answer({ ...TAKEN, said: ['Quince Lantern was changed.'] });
    await taking;
    expect(transfer.done).toBe('Imported 2 formulas.');
    expect(useSavingStore().said).toEqual(['Quince Lantern was changed.']);
    // Nothing came in: there is nothing to undo.
    expect(transfer.receipt).toBeNull();
  });

  it('can be undone once, and what was changed since is named', async () => {
    await previewed();
    const taking = transfer.takeIn(true, () => 'All');
    const receipt = [{ key: 'formulas/x', mark: 'm', before: null }];
    (await begun()).answer({ ...TAKEN, receipt });
    await taking;
    const undoing = transfer.undo();
    const run = await begun();
    expect(run.asked).toEqual(['rovack', receipt]);
    run.answer({ undone: 1, stayed: ['Bow Wave'] });
    await undoing;
    expect(transfer.done).toMatch(/Undid the import of 1 record. You changed Bow Wave since/);
    expect(transfer.receipt).toBeNull();
  });

  it.each([
    [true, 'Other Hands'],
    [false, 'Own Hands'],
  ])('brings its settings only where there were none (first visit: %s)', async (isFirst, name) => {
    const maker = (of: string) => ({ ...workshop.settings.maker, name: of });
    workshop.changeSettings({ maker: maker('Own Hands') });
    workshop.isFirstVisit = isFirst;
    await previewed();
    const taking = transfer.takeIn(false, () => 'All');
    (await begun()).answer({
      ...TAKEN,
      settings: { ...workshop.settings, maker: maker('Other Hands') },
    });
    await taking;
    expect(workshop.settings.maker.name).toBe(name);
  });

  it('is asked nothing where none was chosen', async () => {
    await transfer.takeIn(false, () => 'All');
    expect(runs).toEqual([]);
    expect(transfer.done).toBe('');
  });
});

describe('a stop', () => {
  it('of reading changes nothing; of taking in leaves what came in; each is said', async () => {
    void transfer.read(FILE);
    const reading = await begun();
    transfer.cancel();
    expect(reading.isCanceled).toBe(true);
    expect(transfer).toMatchObject({ job: null, done: 'Stopped. Nothing was changed.' });
    await previewed();
    void transfer.takeIn(false, () => 'All');
    const taking = await begun();
    transfer.cancel();
    expect(taking.isCanceled).toBe(true);
    expect(transfer.done).toMatch(/^Stopped\. The records imported so far stay/);
  });

  it('is not undone by progress that was still on its way', async () => {
    void transfer.read(FILE);
    const { asked } = await begun();
    transfer.cancel();
    (asked.at(-1) as (share: number) => void)(0.9);
    expect(transfer.job).toBeNull();
  });
});

describe('everything as one file', () => {
  /** Pieces instead of those of a database. */
  function givesPieces(pieces: readonly string[]): void {
    vi.spyOn(workshop, 'pieces').mockImplementation(async function* (_now, onProgress) {
      for (const [i, piece] of pieces.entries()) {
        onProgress(i / pieces.length);
        yield piece;
      }
    });
  }

  it('is the pieces in their order, and the copy is remembered', async () => {
    givesPieces(['{"a":', 'x'.repeat(4_000_001), '1', '}']);
    const file = await transfer.exportAll();
    expect(file?.name).toMatch(/\.rovack\.json$/);
    expect(file?.blob.type).toBe('application/json');
    expect(await file?.blob.text()).toBe(`{"a":${'x'.repeat(4_000_001)}1}`);
    expect(workshop.settings.copiedAt).not.toBeNull();
    expect(transfer.job).toBeNull();
  });

  it('is none when it was stopped, and no copy is remembered', async () => {
    workshop.changeSettings({ copiedAt: null });
    givesPieces(['a', 'b', 'c']);
    const writing = transfer.exportAll();
    transfer.cancel();
    expect(await writing).toBeNull();
    expect(workshop.settings.copiedAt).toBeNull();
    expect(transfer.done).toBe('Stopped. Nothing was changed.');
  });
});
