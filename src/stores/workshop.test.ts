import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { readFileSync } from 'node:fs';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { addMass, setLineMass } from '@/core/formula/model/edit';
import { emptyBody } from '@/core/formula/model/create';
import { NEWEST_AT_HAND } from '@/core/goods/archive/atHand';
import type { Batch } from '@/core/batches/records/schema';
import { USUAL_REQUEST } from '@/core/work/scaling/request';
import { planScale } from '@/core/work/scaling/plan';
import type { ScaleRequest } from '@/core/work/scaling/requestSchema';
import { useBenchStore } from './bench';
import { useDesignStore } from './design';
import { nowIso } from './now';
import { useSavingStore } from './saving';
import { useWorkshopStore } from './workshop';
import { begun } from '../../tests/fixtures/bench';
import { shipped } from '../../tests/fixtures/bodies';
import { SAMPLE } from '../../tests/fixtures/sample';

/** A fresh visit to the same browser: memory gone, database there. */
async function visit() {
  setActivePinia(createPinia());
  const workshop = useWorkshopStore();
  await workshop.load();
  return workshop;
}

/** The server has the sample; it is asked for it once in all. */
function givesSample(): void {
  const file = new URL('../../demo/orrin-quay.rovack.json', import.meta.url);
  vi.stubGlobal('fetch', async () => new Response(readFileSync(file)));
}

function filled() {
  return addMass(
    addMass(emptyBody('bath-bomb'), shipped('sodium-bicarbonate'), 200),
    shipped('citric-acid'),
    100,
  );
}

describe('the workshop in the browser', () => {
  beforeEach(() => {
    globalThis.indexedDB = new IDBFactory();
    givesSample();
  });
  afterEach(() => void vi.unstubAllGlobals());

  it('asks on the first visit only', async () => {
    const first = await visit();
    expect(first.isFirstVisit).toBe(true);
    first.changeSettings({});
    await useSavingStore().flush();
    expect((await visit()).isFirstVisit).toBe(false);
  });

  it('finds every change again, however fast they came', async () => {
    const workshop = await visit();
    const formula = workshop.startFormula('Ebb', filled());
    const design = useDesignStore();
    for (let massG = 1; massG <= 50; massG++)
      design.change(
        setLineMass(design.body ?? filled(), formula.body.parts[0]?.lines[0]?.id ?? '', massG),
      );
    await useSavingStore().flush();
    const again = await visit();
    expect(again.formulaInHand?.body.parts[0]?.lines[0]?.massG).toBe(50);
  });

  it('says what is open here when another tab removes it', async () => {
    const here = await visit();
    const said = useSavingStore();
    const formula = here.startFormula('Ebb', filled());
    await said.flush();
    const there = await visit();
    there.remove('formulas', [formula.id]);
    await useSavingStore().flush();
    await vi.waitFor(() =>
      expect(said.said.join(' ')).toContain('Ebb was removed elsewhere, so it is c'),
    );
    expect(here.formulaInHand).toBeNull();
  });

  it('undoes a whole pull as one step, and redoes it', async () => {
    const workshop = await visit();
    workshop.startFormula('Ebb', filled());
    const design = useDesignStore();
    const before = design.body;
    const id = before?.parts[0]?.lines[0]?.id ?? '';
    for (const massG of [201, 202, 203])
      design.pull(setLineMass(design.body ?? filled(), id, massG));
    design.endPull();
    design.undo();
    expect(design.body).toBe(before);
    expect(design.canUndo).toBe(false);
    design.redo();
    expect(design.body?.parts[0]?.lines[0]?.massG).toBe(203);
  });

  it('opens the sample when it comes, asks once for it, and again where it did not come', async () => {
    const workshop = await visit();
    const fetching = vi.fn(async () => new Response('', { status: 503 }));
    vi.stubGlobal('fetch', fetching);
    await expect(workshop.openSample()).rejects.toThrow(/503/);
    expect(workshop.formulas).toEqual([]);
    givesSample();
    workshop.fetchSample();
    await workshop.openSample();
    expect(workshop.sampleCount).toBeGreaterThan(0);
    expect(workshop.formulaInHand?.id).toBe(SAMPLE.formulas[0]?.id);
    await useSavingStore().flush();
    expect((await visit()).sampleCount).toBe(workshop.sampleCount);
  });

  it('takes the sample out as a whole and leaves the maker’s own, batches of sample formulas too', async () => {
    const workshop = await visit();
    const own = workshop.startFormula('My own', filled());
    await workshop.openSample();
    const sampleFormula = workshop.formulas.find(({ origin }) => origin === 'sample');
    workshop.changeSettings({ formulaInHandId: sampleFormula?.id ?? null });
    const request: ScaleRequest = {
      ...USUAL_REQUEST,
      want: { kind: 'total', massG: 2000 },
      mold: { shape: 'sphere', diameterMm: 60 },
      lossPct: 0,
    };
    const planned = planScale(sampleFormula?.body ?? filled(), request);
    if (!planned.ok) throw new Error(planned.problem.message);
    const [batch] = useBenchStore().start(request, planned.plan);
    await workshop.removeSample();
    await useSavingStore().flush();
    const again = await visit();
    expect(again.formulas.map(({ id }) => id)).toEqual([own.id]);
    expect(again.batches.map(({ id }) => id)).toEqual([batch?.id]);
    expect(again.settings.formulaInHandId).toBeNull();
    // Its people leave with it.
    expect(again.settings.makers).toEqual([]);
    expect(again.settings.plan.hours).toEqual([]);
    expect(again.settings.requests).toEqual({});
  });

  it('opening the sample twice adds nothing and overwrites nothing', async () => {
    const workshop = await visit();
    await workshop.openSample();
    const count = workshop.sampleCount;
    const first = workshop.formulas[0];
    if (!first) throw new Error('the sample has formulas');
    workshop.putFormula({ ...first, name: 'Mine now' });
    await workshop.openSample();
    expect(workshop.sampleCount).toBe(count);
    expect(workshop.formulas.find(({ id }) => id === first.id)?.name).toBe('Mine now');
  });

  it('says when a write fails, and writes it with the next one', async () => {
    const workshop = await visit();
    const saving = useSavingStore();
    const formula = workshop.startFormula('Ebb', filled());
    await saving.flush();
    // A function cannot be stored: the browser refuses the record as a full disk would.
    workshop.putFormula({ ...formula, name: (() => '') as unknown as string });
    await saving.flush();
    expect(saving.status).toMatchObject({ kind: 'failed', reason: expect.stringMatching(/clone/) });
    workshop.putFormula({ ...formula, name: 'Mended' });
    await saving.flush();
    expect(saving.status).toEqual({ kind: 'saved' });
    expect((await visit()).formulas[0]?.name).toBe('Mended');
  });

  it('writes nothing of a change that fails halfway', async () => {
    const workshop = await visit();
    const good = workshop.startFormula('Ebb', filled());
    await useSavingStore().flush();
    workshop.put('formulas', [
      { ...good, name: 'Half a change' },
      { ...good, id: crypto.randomUUID(), name: (() => '') as unknown as string },
    ]);
    await useSavingStore().flush();
    expect((await visit()).formulas.map(({ name }) => name)).toEqual(['Ebb']);
  });

  it('leaves a record it cannot read in the database and names it', async () => {
    const workshop = await visit();
    const formula = workshop.startFormula('Ebb', filled());
    workshop.putFormula({ ...formula, versions: 'lost' as never });
    await useSavingStore().flush();
    const again = await visit();
    expect(again.formulas).toEqual([]);
    expect(again.refused.map(({ name }) => name)).toEqual(['Ebb']);
  });
});

describe('a workshop of long years', () => {
  const many = Array.from({ length: NEWEST_AT_HAND + 20 }, (_, i): Batch => ({
    ...begun(),
    id: crypto.randomUUID(),
    code: `EL-${i}`,
    startedAt: new Date(Date.now() - i * 60_000).toISOString(),
    outcome: 'given-up',
  }));

  beforeEach(async () => {
    globalThis.indexedDB = new IDBFactory();
    const workshop = await visit();
    workshop.put('materials', SAMPLE.materials);
    workshop.put('goods', SAMPLE.goods);
    workshop.put('lots', SAMPLE.lots);
    workshop.put('batches', many);
    await useSavingStore().flush();
  });

  it('reads the newest batches whole, and of all others only what they are in short', async () => {
    const workshop = await visit();
    expect(workshop.batches).toHaveLength(NEWEST_AT_HAND);
    expect(workshop.past.map(({ code }) => code).sort()).toEqual(
      many
        .slice(NEWEST_AT_HAND)
        .map(({ code }) => code)
        .sort(),
    );
    expect(workshop.goods).toHaveLength(SAMPLE.goods.length);
    expect(workshop.lots).toHaveLength(SAMPLE.lots.length);
  });

  it('reads a batch that was begun meanwhile at the next visit, and not one that was only looked at', async () => {
    const workshop = await visit();
    const oldest = many.at(-1) as Batch;
    await workshop.loadBatches([oldest.id]);
    expect(workshop.batches.map(({ code }) => code)).toContain(oldest.code);
    workshop.putBatch({ ...begun(), id: crypto.randomUUID(), code: 'NEW', startedAt: nowIso() });
    await useSavingStore().flush();
    const codes = (await visit()).batches.map(({ code }) => code);
    expect(codes).toContain('NEW');
    expect(codes).not.toContain(oldest.code);
  });
});
