import { describe, expect, it } from 'vitest';
import { SAMPLE } from '../../../../tests/fixtures/sample';
import { entryAt } from '@/core/basics/entryAt';
import type { Batch } from '@/core/batches/records/schema';
import { standing } from '@/core/batches/records/summary';
import type { Formula } from '@/core/formula/model/schema';
import { USUAL_CONDITIONS } from '@/core/results/conditions/types';
import { catalogWith } from '@/core/matter/materials/catalog';
import { digestOf } from './batchDigest';
import { compareBatches, type ComparedId } from './compareBatches';
import { versionHistory } from './versionHistory';

const batchOf = (code: string) =>
  entryAt(
    SAMPLE.batches.filter((one) => one.code === code),
    0,
  );
const conditions = { ...USUAL_CONDITIONS, catalog: catalogWith(SAMPLE.materials) };
const drying = new Map<string, number | null>();
const compare = (...batches: Batch[]) =>
  compareBatches(batches, {
    conditionsOf: () => conditions,
    trialsOf: ({ id }) => SAMPLE.trials.filter(({ batchId }) => batchId === id),
    dryingOf: ({ code }) => ({ dryH: drying.get(code) ?? null, humidityPct: 45 }),
  });
const figure = (id: ComparedId, ...batches: Batch[]) =>
  entryAt(
    compare(...batches).figures.filter((one) => one.id === id),
    0,
  );
/** A batch whose entries of a kind are others. */
const withEntries = (batch: Batch, change: (entry: Batch['entries'][number]) => object): Batch => ({
  ...batch,
  entries: batch.entries.map((entry) => ({ ...entry, ...change(entry) }) as typeof entry),
});

describe('batches side by side', () => {
  const one = batchOf('QL-007');
  const other = batchOf('QL-008');

  it('marks nothing between a batch and itself', () => {
    const { materials, figures, squeezes, people, faults, verdicts } = compare(one, one);
    expect([...materials, ...figures].filter(({ differs }) => differs)).toEqual([]);
    expect([squeezes, people, faults, verdicts].map(({ differs }) => differs)).toEqual([
      false,
      false,
      false,
      false,
    ]);
  });

  it('sums what was weighed of each material and added beside it, and leaves voided entries out', () => {
    const [sum] = [new Map<string, number>()];
    for (const kind of ['weighed', 'added'] as const)
      for (const { materialId, massG } of standing(one, kind))
        sum.set(materialId, (sum.get(materialId) ?? 0) + massG);
    const { materials } = compare(one);
    const soda = entryAt(
      materials.filter((row) => row.materialId === 'sodium-bicarbonate'),
      0,
    );
    expect(soda.massesG[0]).toBeCloseTo(sum.get('sodium-bicarbonate') ?? NaN, 9);
    const voided = withEntries(one, ({ kind }) =>
      kind === 'weighed' ? { voidedAt: '2026-10-14T00:00:00Z' } : {},
    );
    expect(compare(voided).materials.length).toBeLessThan(materials.length);
    expect(figure('totalG', one).values[0]).toBeGreaterThan(1000);
  });

  it('marks a weight by its share of the mix: twice all of it is the same mix', () => {
    const twice = withEntries(one, (entry) =>
      'massG' in entry && entry.kind !== 'dried' ? { massG: 2 * (entry.massG ?? 0) } : {},
    );
    expect(compare(one, twice).materials.filter(({ differs }) => differs)).toEqual([]);
    expect(figure('totalG', one, twice).differs).toBe(true);
  });

  it('marks a weight from two percent of itself on', () => {
    const more = (times: number) =>
      withEntries(one, (entry) =>
        entry.kind === 'weighed' && entry.materialId === 'cornstarch'
          ? { massG: times * entry.massG }
          : {},
      );
    const starch = (times: number) =>
      compare(one, more(times)).materials.find((row) => row.materialId === 'cornstarch')?.differs;
    // Its share grows a little less than it does.
    expect([starch(1.019), starch(1.025)]).toEqual([false, true]);
  });

  it.each<[ComparedId, number, (batch: Batch, by: number) => Batch]>([
    [
      'humidityPct',
      3,
      (batch, by) =>
        withEntries(batch, (entry) =>
          entry.kind === 'room' ? { humidityPct: entry.humidityPct + by } : {},
        ),
    ],
    [
      'tempC',
      2,
      (batch, by) =>
        withEntries(batch, (entry) => (entry.kind === 'room' ? { tempC: entry.tempC + by } : {})),
    ],
    [
      'pieces',
      1,
      (batch, by) =>
        withEntries(batch, (entry) =>
          entry.kind === 'counted' ? { pieces: entry.pieces + by } : {},
        ),
    ],
    [
      'meanFillG',
      1,
      (batch, by) =>
        withEntries(batch, (entry) =>
          entry.kind === 'filled' ? { massG: (entry.massG ?? 0) + by } : {},
        ),
    ],
  ])('marks %s from a difference of %d on', (id, from, change) => {
    expect(figure(id, one, change(one, from - 0.01)).differs).toBe(false);
    expect(figure(id, one, change(one, from + 0.001)).differs).toBe(true);
  });

  it('marks hours to dry from four on, and what only one of them knows', () => {
    drying.set('QL-007', 30).set('QL-008', 33.9);
    expect(figure('dryH', one, other).differs).toBe(false);
    drying.set('QL-008', 34);
    expect(figure('dryH', one, other).differs).toBe(true);
    drying.set('QL-008', null);
    expect(figure('dryH', one, other)).toMatchObject({ values: [30, null], differs: true });
    drying.clear();
    expect(figure('dryH', one, other)).toMatchObject({ values: [null, null], differs: false });
  });

  it('has the loss of the marked piece from its weigh-ins, and none of a single one', () => {
    const dried = standing(one, 'dried');
    const [first, last] = [dried[0]?.massG ?? NaN, dried.at(-1)?.massG ?? NaN];
    expect(figure('lostPct', one).values[0]).toBeCloseTo(100 * (1 - last / first), 9);
    const single = {
      ...one,
      entries: one.entries.filter((entry) => entry.kind !== 'dried' || entry === dried[0]),
    };
    expect(figure('lostPct', single).values).toEqual([null]);
  });

  it('lists squeezes in their order, people and faults, and marks other ones', () => {
    const { squeezes, faults } = compare(one, other);
    expect(squeezes.lists[0]).toEqual(
      standing(one, 'squeezed').map(({ acidIn, felt }) => ({ acidIn, felt })),
    );
    expect(faults.lists[0]).toContain('warts');
    expect(faults.differs).toBe(faults.lists[1]?.join() !== faults.lists[0]?.join());
  });

  it('says nothing of a batch without a room, a weight or a squeeze', () => {
    const bare = { ...one, id: crypto.randomUUID(), entries: [] };
    const { figures, materials, squeezes } = compare(bare);
    expect(materials).toEqual([]);
    expect(squeezes.lists).toEqual([[]]);
    const known = figures.filter(({ values }) => values[0] !== null).map(({ id }) => id);
    expect(known.sort()).toEqual(['addedG', 'dryHumidityPct', 'tests', 'version']);
  });
});

describe('the history of a formula', () => {
  const formula = entryAt(
    SAMPLE.formulas.filter(({ name }) => name === 'Quince Lantern'),
    0,
  );
  const digests = SAMPLE.batches.filter(({ formulaId }) => formulaId === formula.id).map(digestOf);
  const history = (of: Formula | null = formula) => versionHistory(of, digests);

  it('has each version once, oldest first, with what changed against the one before', () => {
    const steps = history();
    expect(steps.map(({ number }) => number)).toEqual(formula.versions.map(({ number }) => number));
    expect(steps[0]?.change).toBeNull();
    expect(steps[1]?.change?.lines.map(({ materialId }) => materialId)).toContain('polysorbate-80');
  });

  it('counts every batch, piece and reject once', () => {
    const steps = history();
    const sum = (of: (step: (typeof steps)[number]) => number) =>
      steps.reduce((total, step) => total + of(step), 0);
    expect(sum(({ batches }) => batches)).toBe(digests.length);
    expect(sum(({ outcomes: { good, faults, unfinished } }) => good + faults + unfinished)).toBe(
      digests.length,
    );
    expect(sum(({ rejects }) => rejects)).toBe(
      digests.reduce((total, { count }) => total + (count?.rejects ?? 0), 0),
    );
  });

  it('names the fault that was seen most first', () => {
    const [first] = digests;
    if (!first) throw new Error('the sample has batches');
    const [step] = versionHistory(null, [
      { ...first, faults: ['soft'] },
      { ...first, faults: ['warts', 'soft'] },
    ]);
    expect(step?.faults).toEqual(['soft', 'warts']);
  });

  it('still has the batches of a formula that was removed, and no change', () => {
    const steps = history(null);
    expect(steps.map(({ batches }) => batches)).toEqual(history().map(({ batches }) => batches));
    expect(steps.every(({ change, keptAt }) => change === null && keptAt === null)).toBe(true);
  });

  it('has no mean where no batch has a room', () => {
    const [first] = digests;
    if (!first) throw new Error('the sample has batches');
    const of = (...pcts: (number | null)[]) =>
      versionHistory(
        null,
        pcts.map((humidityPct) => ({ ...first, humidityPct })),
      )[0]?.humidityPct;
    expect([of(null), of(40, null, 50)]).toEqual([null, 45]);
  });
});
