import { describe, expect, it } from 'vitest';
import type { SafetyFile, SafetyFileBatch } from '@/core/goods/quality/safetyFile';
import type { OrderOrigin, Recall } from '@/core/goods/products/recall';
import { safetyFilePaper, originPaper, pricePaper, recallPaper } from './goodsPapers';
import type { Paper, PaperPart } from './papers';

const NOW = new Date(2026, 9, 15, 12).toISOString();

/** All that a paper says, part by part. */
function lines({ parts }: Paper): readonly string[] {
  return parts.flatMap((part: PaperPart) => {
    switch (part.kind) {
      case 'heading':
        return [`# ${part.text}`];
      case 'text':
        return [part.text];
      case 'list':
        return part.items.map((item) => `- ${item}`);
      case 'table':
        return [part.head, ...part.rows].map((row) => row.join(' | '));
    }
  });
}
/** What stands under a heading. */
function under(paper: Paper, heading: string): readonly string[] {
  const all = lines(paper);
  const from = all.indexOf(`# ${heading}`) + 1;
  const to = all.findIndex((line, i) => i >= from && line.startsWith('# '));
  return all.slice(from, to < 0 ? undefined : to);
}

const BATCH: SafetyFileBatch = {
  code: 'QL-0042',
  formula: 'Lantern',
  version: 3,
  startedAt: NOW,
  finishedAt: null,
  makers: [],
  room: null,
  ingredients: [
    { name: 'Citric acid', pct: 33.333, cas: '77-92-9', function: 'acid' },
    { name: 'Dye', pct: 0.0123, cas: null, function: 'color' },
  ],
  weighed: [
    { material: 'Citric acid', plannedG: 520, weighedG: 519.9 },
    { material: 'Dye', plannedG: 0.6, weighedG: null },
  ],
  lots: [
    {
      material: 'Citric acid',
      code: 'CA-7',
      supplier: 'Harbor Salts',
      receivedOn: null,
      expiresOn: null,
      massG: 519.9,
      isSetAside: true,
      role: 'acid',
      documents: [],
    },
  ],
  fills: null,
  steps: 1,
  entries: 2,
  scentLimits: [],
  trials: [],
  looks: [],
  warnings: [],
  release: null,
};
const SAFETY_FILE = {
  product: 'Lantern, four',
  writtenAt: NOW,
  notice: 'Nobody’s signature.',
  missing: [],
  maker: { name: '', address: '', contact: '' },
  label: {
    identity: 'Bath bomb',
    netWeight: 'Net wt 4 oz',
    bestBefore: '',
    ingredients: [],
    allergens: [],
    directions: 'Drop it in.',
    cautions: [],
  },
  claims: [],
  batches: [BATCH],
  preservation: 'Nothing measured.',
  stability: [],
  complaints: { summary: 'No complaint.', rows: [] },
  upkeep: [],
} as unknown as SafetyFile;

describe('a product safety file on paper', () => {
  it('says what is missing before all else, and that nothing is when nothing is', () => {
    const whole = safetyFilePaper(SAFETY_FILE);
    expect(lines(whole)[0]).toBe('# Missing');
    expect(under(whole, 'Missing')[0]).toBe('Nothing that Rovack checks is missing.');
    const row = { title: 'An address', detail: 'nobody can write', rule: 'labeling' };
    const missing = [
      { ...row, state: 'missing' },
      { ...row, state: 'look' },
    ];
    const said = under(
      safetyFilePaper({ ...SAFETY_FILE, missing } as unknown as SafetyFile),
      'Missing',
    );
    expect(said[1]).toBe('MISSING: An address | nobody can write | labeling');
    expect(said[2]).toBe('CHECK: An address | nobody can write | labeling');
  });

  it('leaves no gap where something is not known: it says so', () => {
    const paper = safetyFilePaper(SAFETY_FILE);
    expect(under(paper, 'Maker')).toEqual(['not given']);
    expect(under(paper, 'Label')[0]).toBe('Bath bomb · Net wt 4 oz');
    expect(lines(paper)).toContain('Allergens: None over 0.01%.');
    const batch = under(paper, 'Batch QL-0042: Lantern, version 3');
    expect(batch[0]).toBe(
      'started October 15, 2026 · not ended · no name on record · room not read · 1 step, 2 entries · no fill weighed',
    );
    expect(batch).toContain('Dye | 0.0123 | not known | color');
    expect(batch).toContain('Citric acid | 33.33 | 77-92-9 | acid');
    expect(batch).toContain('Dye | 0.6 | not weighed');
    expect(batch).toContain('CA-7, on hold | Citric acid | Harbor Salts |  | 520 | none');
    expect(batch).toContain('There is no test on record.');
    expect(batch).toContain('There are no retained samples.');
    expect(paper.sub).toBe('QL-0042 · written October 15, 2026');
    expect(safetyFilePaper({ ...SAFETY_FILE, batches: [] }).sub).toMatch(/^no batch yet/);
  });

  it('shows a small share of an allergen with a digit more', () => {
    const label = {
      ...SAFETY_FILE.label,
      allergens: [
        { name: 'Linalool', pct: 0.1 },
        { name: 'Limonene', pct: 0.099 },
      ],
    };
    const paper = safetyFilePaper({ ...SAFETY_FILE, label });
    expect(lines(paper)).toContain('Allergens: Linalool 0.10%, Limonene 0.099%');
  });
});

describe('a recall on paper', () => {
  const move = { at: NOW, how: 'sold', to: '' };
  const recall = {
    batches: [
      {
        batch: { code: 'QL-1', formulaName: 'Lantern', startedAt: NOW },
        massG: 12.5,
        through: ['mix A'],
      },
      { batch: { code: 'QL-2', formulaName: 'Ebb', startedAt: NOW }, massG: 0, through: [] },
    ],
    looseHere: 3,
    runs: [
      { run: { code: 'W-1', at: NOW, count: 10 }, codes: [], left: 4 },
      { run: { code: 'W-2', at: NOW, count: 2 }, codes: [], left: -1 },
    ],
    handedOver: [
      {
        move,
        order: { who: 'Pier Shop', where: 'Quay 4' },
        count: 6,
        loosePieces: 0,
        codes: ['QL-1'],
      },
      { move, order: null, count: 0, loosePieces: 2, codes: [] },
    ],
  } as unknown as Recall;

  it('counts what is here and what is away, and a wrap that went below nothing is nothing', () => {
    expect(recallPaper('lot CA-7', recall, NOW).sub).toBe(
      'October 15, 2026 · 2 batches, 7 here, 8 away',
    );
  });

  it('names who has it and how much, with room to write who was told', () => {
    const away = under(recallPaper('lot CA-7', recall, NOW), 'Away');
    expect(away[0]).toMatch(/\| Informed$/);
    expect(away[1]).toMatch(/^Pier Shop, Quay 4 \| Oct 15, 2026 \| .+ \| 6 \| {2}\| QL-1 \| $/);
    expect(away[2]).toMatch(/^no name \| Oct 15, 2026 \| .+ \| {2}\| 2 \| {2}\| $/);
    const batches = under(recallPaper('lot CA-7', recall, NOW), 'Batches');
    expect(batches[1]).toBe('QL-1 | Lantern | Oct 15, 2026 | 12.5 | mix A');
    expect(batches[2]).toBe('QL-2 | Ebb | Oct 15, 2026 |  | ');
  });

  it('says None where a table would be empty', () => {
    const nothing: Recall = { batches: [], looseHere: 0, runs: [], handedOver: [] };
    const paper = recallPaper('lot CA-7', nothing, NOW);
    expect(under(paper, 'Batches')).toEqual(['None.']);
    expect(under(paper, 'Still here')).toEqual(['0 unwrapped pieces.', 'None.']);
    expect(under(paper, 'Away')).toEqual(['None.']);
  });
});

describe('what is in an order, on paper', () => {
  it('goes back to its lots, and says of one that is gone that it is', () => {
    const origin = {
      runs: [{ run: { code: 'W-1', at: NOW }, count: 6 }],
      batches: [{ code: 'QL-1', formulaName: 'Lantern', startedAt: NOW }],
      lots: [
        { lot: { code: 'CA-7', materialId: 'citric-acid', supplier: 'Harbor Salts' }, massG: 33.3 },
        { lot: null, massG: 1 },
      ],
    } as unknown as OrderOrigin;
    const paper = originPaper('Pier Shop', origin, (id) => id.toUpperCase(), [['D-3', 'box']], NOW);
    expect(under(paper, 'Lots').slice(1)).toEqual([
      'CA-7 | CITRIC-ACID | Harbor Salts | 33.3',
      'a removed lot |  |  | 1',
    ]);
    expect(under(paper, 'Packaging').slice(1)).toEqual(['D-3 | box']);
  });
});

describe('prices on paper', () => {
  it('keep what it costs at home', () => {
    const row = { name: 'Lantern', net: '120 g', cost: '1.11', wholesale: '3.00', retail: '6.00' };
    const paper = pricePaper('Orrin Quay Fizz Loft', [row], NOW);
    expect(lines(paper)).toEqual([
      'Product | Net weight | Wholesale | Retail',
      'Lantern | 120 g | 3.00 | 6.00',
    ]);
    expect(JSON.stringify(paper)).not.toContain('1.11');
    expect(pricePaper('', [], NOW)).toMatchObject({ title: 'Prices', parts: [{ text: 'None.' }] });
  });
});
