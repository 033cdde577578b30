import { describe, expect, it } from 'vitest';
import { FAMILIES } from '@/core/formula/model/kinds';
import { scentCategoryOf } from './categories';
import { FILE_MAX_BYTES, documentFileSchema, type SupplierDocument } from './documents';
import { scentDocumentsFor } from './scentDocuments';

const base: SupplierDocument = {
  id: 'one',
  origin: 'own',
  kind: 'fragrance-certificate',
  materialId: 'fragrance-oil',
  lotId: null,
  title: '',
  dated: '2026-01-05',
  expiresOn: null,
  edition: '51',
  limits: [
    { category: '9', pct: 4 },
    { category: '10A', pct: 6 },
  ],
  vanillinPct: null,
  flashPointC: null,
  attached: null,
};
const LOT = '5f3c8d54-8a36-4b57-9c62-0f3f3d1d2a11';
const said = (family: (typeof FAMILIES)[number], ...documents: readonly SupplierDocument[]) =>
  scentDocumentsFor(family, documents)[0];

describe('what certificates allow', () => {
  it('is by the category of the product; a steamer counts as a bath', () => {
    expect(FAMILIES.map((family) => [family, scentCategoryOf(family)])).toEqual([
      ['bath-bomb', '9'],
      ['shower-steamer', '9'],
      ['fizzing-salts', '9'],
      ['cleaning-fizzy', '10A'],
    ]);
    expect(said('bath-bomb', base)).toMatchObject({ maxPct: 4, category: '9' });
    expect(said('cleaning-fizzy', base)).toMatchObject({ maxPct: 6, category: '10A' });
  });

  it('falls back on the smallest limit given where the category is not', () => {
    const limits = [
      { category: '12' as const, pct: 20 },
      { category: '10A' as const, pct: 6 },
    ];
    expect(said('bath-bomb', { ...base, limits })).toMatchObject({ maxPct: 6, category: '10A' });
  });

  it('is that of the newest certificate; of a lot’s own beside it, the smaller one', () => {
    const newer = { ...base, id: 'two', dated: '2026-03-01', limits: [{ category: '9', pct: 7 }] };
    const ofLot = { ...base, id: 'three', dated: '2025-01-01', lotId: LOT };
    expect(said('bath-bomb', base, newer as SupplierDocument)).toMatchObject({
      maxPct: 7,
      dated: '2026-03-01',
    });
    expect(said('bath-bomb', newer as SupplierDocument, ofLot)).toMatchObject({
      maxPct: 4,
      dated: '2025-01-01',
    });
  });

  it('leaves the rest to the newest document that says it', () => {
    const sheet: SupplierDocument = {
      ...base,
      id: 'sheet',
      kind: 'safety-data-sheet',
      dated: '2026-05-01',
      limits: [],
      flashPointC: 80,
    };
    const old: SupplierDocument = {
      ...base,
      flashPointC: 60,
      vanillinPct: 2,
      allergens: [{ name: 'Linalool', pct: 3 }],
    };
    expect(said('bath-bomb', old, sheet)).toMatchObject({
      maxPct: 4,
      flashPointC: 80,
      vanillinPct: 2,
      allergens: [{ name: 'Linalool', pct: 3 }],
    });
    expect(scentDocumentsFor('bath-bomb', [{ ...sheet, flashPointC: null }])).toEqual([]);
  });
});

describe('an attached file', () => {
  const file = (bytes: number, type = 'application/pdf') => ({
    id: 'one',
    origin: 'own',
    dataUrl: `data:${type};base64,${'A'.repeat(Math.ceil(bytes / 3) * 4)}`,
  });
  it('fits to its largest size, as a PDF or a picture', () => {
    expect(documentFileSchema.safeParse(file(FILE_MAX_BYTES)).success).toBe(true);
    expect(documentFileSchema.safeParse(file(FILE_MAX_BYTES + 60)).success).toBe(false);
    expect(documentFileSchema.safeParse(file(9, 'text/html')).success).toBe(false);
  });
});
