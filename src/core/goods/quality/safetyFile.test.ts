import { describe, expect, it } from 'vitest';
import { SAMPLE, SAMPLE_CATALOG, sampleBatch, sampleUnit } from '../../../../tests/fixtures/sample';
import { lotMoves } from '@/core/workshop/shelf/stock';
import { USUAL_SETTINGS } from '@/core/workshop/settings/settings';
import { labeledLines, unitLabel, type LabelBooks } from '../products/labelOf';
import { batchGaps } from './batchGaps';
import type { BatchFile, DocumentOnFile } from './batchFile';
import { NOT_A_SIGNATURE, attachedTo, safetyFileOf, type SafetyFileQuestion } from './safetyFile';

const BOOKS: LabelBooks = {
  catalog: SAMPLE_CATALOG,
  formulas: SAMPLE.formulas,
  batches: SAMPLE.batches,
  lots: SAMPLE.lots,
  documents: SAMPLE.documents,
  packagings: SAMPLE.packaging,
  maker: SAMPLE.settings?.maker ?? USUAL_SETTINGS.maker,
};

function fileOf(product: string, code: string, over: Partial<SafetyFileQuestion> = {}) {
  const unit = sampleUnit(product);
  const batch = sampleBatch(code);
  const moves = lotMoves(SAMPLE.batches, SAMPLE.lots);
  return safetyFileOf({
    unit,
    label: unitLabel(unit, labeledLines(unit, [batch.id], BOOKS), BOOKS),
    batches: [batch],
    books: BOOKS,
    facts: {
      catalog: SAMPLE_CATALOG,
      settings: SAMPLE.settings ?? USUAL_SETTINGS,
      batches: SAMPLE.batches,
    },
    lotMoves: moves,
    trialsOf: () => [],
    logbook: SAMPLE.logbook,
    plans: SAMPLE.stabilityPlans,
    goods: {
      lots: SAMPLE.lots,
      lotMoves: moves,
      batches: SAMPLE.batches,
      past: [],
      goods: SAMPLE.goods,
      orders: SAMPLE.orders,
      trials: SAMPLE.trials,
    },
    writtenAt: SAMPLE.exportedAt,
    bestBefore: '2027-09-01',
    ...over,
  });
}

describe('the safety file', () => {
  const safetyFile = fileOf('Ebb Glass', 'EG-006');

  it('opens with what is missing, gravest first, and is no one’s signature', () => {
    const states = safetyFile.missing.map(({ state }) => state);
    expect(new Set(states)).toEqual(new Set(['missing', 'look']));
    expect(states.lastIndexOf('missing')).toBeLessThan(states.indexOf('look'));
    const titles = safetyFile.missing.map(({ title }) => title);
    expect(titles).toEqual(
      expect.arrayContaining([
        'Safety report',
        'EG-006: lot on hold',
        'EG-006: tests',
        'EG-006: release',
        'EG-006: documents of lots',
        'EG-006: fragrance certificate',
        'Water activity',
      ]),
    );
    expect(safetyFile.notice).toBe(NOT_A_SIGNATURE);
    expect(NOT_A_SIGNATURE).toMatch(/not a safety assessment/);
  });

  it('holds the formula by percent with CAS and function, lots, limits, and reads as JSON', () => {
    const [made] = safetyFile.batches;
    const sum = made?.ingredients.reduce((all, { pct }) => all + pct, 0);
    expect(sum).toBeCloseTo(100, 6);
    expect(made?.ingredients[0]).toMatchObject({
      name: 'Sodium Bicarbonate',
      cas: '144-55-8',
      function: 'effervescent, buffering',
    });
    expect(made?.lots.find(({ code }) => code === 'REO-251026')?.isSetAside).toBe(true);
    expect(made?.scentLimits.length).toBeGreaterThan(3);
    expect(JSON.parse(JSON.stringify(safetyFile))).toEqual(safetyFile);
  });

  it('carries release, water activity, stability, complaints and the checks before the batch', () => {
    const lantern = fileOf('Quince Lantern', 'QL-010');
    expect(lantern.batches[0]?.release).toMatchObject({ verdict: 'Released', who: 'Maud' });
    expect(lantern.missing.map(({ title }) => title)).not.toContain('QL-010: release');
    expect(lantern.preservation).toContain('Water activity 0.44');
    expect(lantern.missing.map(({ title }) => title)).not.toContain('Water activity');
    expect(lantern.complaints.summary).toMatch(
      /^1 complaint \(1 reaction, 1 open\) on \d+ pieces and packs/,
    );
    expect(lantern.complaints.rows[0]?.said).toContain('Red skin');
    expect(lantern.missing.find(({ title }) => title === 'Complaints')?.state).toBe('look');
    // Made on September 22: the first check of the scale came after.
    expect(lantern.upkeep).toEqual([]);
    expect(safetyFile.upkeep.map(({ said }) => said)).toEqual([
      expect.stringMatching(/^Scale check: .* Passed/),
      expect.stringMatching(/^Cleaned: Bench/),
    ]);
    const [plan] = fileOf('Quince Lantern', 'QL-009').stability;
    expect(plan?.rows).toHaveLength(15);
    expect(plan?.rows[2]?.verdict).toBe('Failed: weight gain and water activity.');
    expect(lantern.stability).toEqual([]);
  });

  it('hands over each attached file once', () => {
    const documents = SAMPLE.documents.map((one) =>
      one.materialId === 'citric-acid'
        ? { ...one, attached: { name: 'ca.pdf', type: 'application/pdf' as const, bytes: 9 } }
        : one,
    );
    const file = fileOf('Ebb Glass', 'EG-006', { books: { ...BOOKS, documents } });
    expect(attachedTo(safetyFile)).toEqual([]);
    expect(attachedTo(file).map(({ kind, file: name }) => [kind, name])).toContainEqual([
      'safety-data-sheet',
      'ca.pdf',
    ]);
    expect(new Set(attachedTo(file).map(({ id }) => id)).size).toBe(attachedTo(file).length);
  });
});

describe('what the papers of a batch lack', () => {
  const document = (over: Partial<DocumentOnFile> = {}): DocumentOnFile => ({
    id: 'one',
    kind: 'safety-data-sheet',
    title: '',
    dated: '2026-01-01',
    edition: '',
    expiresOn: null,
    isExpired: false,
    file: null,
    ...over,
  });
  const whole = {
    code: 'B-1',
    weighed: [{ material: 'Soda', plannedG: 1, weighedG: 1 }],
    lots: [
      { code: 'L-1', material: 'Soda', role: 'base', isSetAside: false, documents: [document()] },
    ],
    fills: { count: 1, short: 0, netG: 1 },
    trials: [{}],
    looks: [{}],
    warnings: [],
  } as unknown as BatchFile;
  const codes = (over: object) => batchGaps({ ...whole, ...over }).map(({ code }) => code);
  const lot = (over: object) => ({ lots: [{ ...whole.lots[0], ...over }] });

  it('is nothing where all of it is there', () => {
    expect(batchGaps(whole)).toEqual([]);
  });

  it.each([
    ['not-weighed', { weighed: [{ material: 'Soda', plannedG: 1, weighedG: null }] }],
    ['no-lots', { lots: [] }],
    ['lots-without-documents', lot({ documents: [] })],
    ['no-certificate', lot({ role: 'scent' })],
    ['expired-documents', lot({ documents: [document({ isExpired: true })] })],
    ['lot-on-hold', lot({ isSetAside: true })],
    ['no-fills', { fills: null }],
    ['no-tests', { trials: [] }],
    ['no-samples', { looks: [] }],
    ['open-warnings', { warnings: ['Too wet.'] }],
  ])('is %s', (code, over) => {
    expect(codes(over)).toEqual([code]);
  });

  it('counts an expired document as renewed where another of its kind is not', () => {
    const old = document({ isExpired: true });
    expect(codes(lot({ documents: [old, document({ id: 'two' })] }))).toEqual([]);
    const other = document({ id: 'two', kind: 'certificate-of-analysis' });
    expect(codes(lot({ documents: [old, other] }))).toEqual(['expired-documents']);
  });
});
