import { describe, expect, it } from 'vitest';
import { SAMPLE, SAMPLE_CATALOG, sampleBatch, sampleUnit } from '../../../../tests/fixtures/sample';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import type { Market } from '../labels/market';
import { labeledLines, unitLabel, type LabelBooks } from './labelOf';
import { ownShelfLifeOf, unitKeeps } from './ownLooks';

const BOOKS: LabelBooks = {
  catalog: SAMPLE_CATALOG,
  formulas: SAMPLE.formulas,
  batches: SAMPLE.batches,
  lots: SAMPLE.lots,
  documents: SAMPLE.documents,
  packagings: SAMPLE.packaging,
  maker: SAMPLE.settings?.maker ?? USUAL_SETTINGS.maker,
};
const labelOf = (name: string, codes: readonly string[], markets?: readonly Market[]) => {
  const unit = sampleUnit(name);
  const ids = codes.map((code) => sampleBatch(code).id);
  return unitLabel(unit, labeledLines(unit, ids, BOOKS), BOOKS, markets);
};
const ingredients = (label: ReturnType<typeof labelOf>) =>
  label.content.products[0]?.ingredients.map(({ name }) => name) ?? [];

describe('a label of this batch', () => {
  it('has the weights of its fills, and allergens as the lot’s paper has them', () => {
    const label = labelOf('Quince Lantern', ['QL-011'], ['eu']);
    expect(label.batchCodes).toEqual(['QL-011']);
    expect(label.netG).toBe(197);
    expect(label.content.netWeight?.text).toBe('197 g');
    expect(ingredients(label).slice(0, 2)).toEqual(['Sodium Bicarbonate', 'Citric Acid']);
    expect(ingredients(label).at(-1)).toMatch(/^CI \d{5}$/);
    expect(label.content.products[0]?.allergens).toMatchObject({ typical: [], unknown: [] });
  });

  it('of a pair weighs two, in both markets', () => {
    const pair = labelOf('Bow Wave, a pair', ['BW-004']);
    const one = pair.netG ?? 0;
    expect(one % 2).toBe(0);
    expect(pair.content.netWeight?.text).toMatch(/^Net wt .* oz \(\d+ g\)$/);
    expect(labelOf('Bow Wave, a pair', ['BW-004'], ['eu']).content.netWeight?.text).toBe(
      `${one} g`,
    );
    // Steamers are never a foaming bath.
    expect(pair.content.cautions.map(({ code }) => code)).not.toContain('foaming-bath');
  });

  it('of a box names each formula with its own list', () => {
    const box = labelOf('Harbor Box', ['QL-011', 'EG-006', 'SAD-002']);
    expect(box.content.products.map(({ name }) => name)).toEqual([
      'Quince Lantern',
      'Ebb Glass',
      'Slipway at Dusk',
    ]);
    expect(box.batchCodes).toHaveLength(3);
  });

  it('keeps the maker’s words when the batch changes, and marks the claim in them', () => {
    const before = labelOf('Quince Lantern', ['QL-010']);
    const after = labelOf('Quince Lantern', ['QL-011']);
    expect(before.asked.own).toEqual(after.asked.own);
    const claim = after.musts.find(({ code }) => code === 'claim');
    expect(claim).toMatchObject({
      state: 'missing',
      names: [expect.stringMatching(/aching/i), expect.any(String), expect.any(String)],
    });
  });

  it('says what stands open without a batch: no code, no weight, no day', () => {
    const label = labelOf('Quince Lantern', []);
    const open = label.musts.filter(({ state }) => state === 'missing').map(({ code }) => code);
    expect(open).toEqual(expect.arrayContaining(['net-weight', 'batch', 'best-before']));
    expect(ingredients(label).length).toBeGreaterThan(8);
  });

  it('is best before the earliest day, and says by what', () => {
    const { bestBefore } = labelOf('Slack Water', ['SW-002']);
    // Nine months by the maker's own rule; made in May.
    expect(bestBefore?.limit.kind).toMatch(/rule|material/);
    expect(bestBefore?.months).toBeLessThanOrEqual(9);
  });
});

describe('own looks at kept-back pieces', () => {
  it('correct how long a unit stays hard', () => {
    const unit = {
      ...sampleUnit('Quince Lantern'),
      place: { name: 'damp', humidityPct: 85, tempC: 20 },
    };
    const lines = labeledLines(unit, [sampleBatch('QL-011').id], BOOKS);
    const own = ownShelfLifeOf(unit, BOOKS);
    expect(own?.looks).toBeGreaterThan(0);
    const { hard } = unitKeeps(unit, lines, BOOKS);
    expect(hard?.days).not.toBeNull();
  });
});
