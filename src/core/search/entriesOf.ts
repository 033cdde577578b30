import { shortDate } from '@/core/basics/format/dates';
import type { Batch } from '@/core/batches/records/schema';
import { KIND_WORDS } from '@/core/batches/trials/kinds';
import type { Trial } from '@/core/batches/trials/schema';
import { FAMILY_WORDS } from '@/core/formula/model/messages';
import type { Formula } from '@/core/formula/model/schema';
import type { BatchDigest } from '@/core/goods/archive/batchDigest';
import { ORDER_KIND_WORDS } from '@/core/goods/orders/messages';
import type { Order } from '@/core/goods/orders/schema';
import { UNIT_WORDS } from '@/core/goods/products/messages';
import type { SaleUnit } from '@/core/goods/products/schema';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import type { ShelfMold } from '@/core/workshop/shelf/tool';
import type { Lot } from '@/core/workshop/shelf/lot';
import { entry, type Entry } from './entry';

/** Records that the search goes through. */
export interface Searched {
  readonly catalog: Catalog;
  readonly formulas: readonly Formula[];
  readonly batches: readonly Batch[];
  /** Batches of long ago. */
  readonly past: readonly BatchDigest[];
  readonly lots: readonly Lot[];
  readonly units: readonly SaleUnit[];
  readonly orders: readonly Order[];
  readonly molds: readonly ShelfMold[];
  readonly trials: readonly Trial[];
}

/** Everything in a workshop that can be looked for, as the search finds and shows it. */
export function entriesOf(of: Searched): readonly Entry[] {
  const codes = new Map([...of.past, ...of.batches].map(({ id, code }) => [id, code]));
  return [
    ...of.formulas.map((formula) => ofFormula(formula, of.catalog)),
    ...[...of.past, ...of.batches].map(ofBatch),
    ...of.lots.map((lot) => ofLot(lot, of.catalog)),
    ...of.catalog.offered.map(({ id, name, synonyms }) =>
      entry('material', id, { title: name, words: synonyms.join(' ') }),
    ),
    ...of.units.map(({ id, name, kind, isArchived }) =>
      entry('product', id, { title: name, detail: isArchived ? 'archived' : UNIT_WORDS[kind] }),
    ),
    ...of.orders.map(({ id, who, where, kind, due, note }) =>
      entry('order', id, {
        title: who,
        detail: `${ORDER_KIND_WORDS[kind]}, due ${shortDate(due)}`,
        words: `${where} ${note}`,
        atMs: Date.parse(due),
      }),
    ),
    ...of.molds.map(({ id, name }) => entry('mold', id, { title: name })),
    ...of.trials.map((trial) => ofTrial(trial, codes)),
  ];
}

function ofFormula(formula: Formula, catalog: Catalog): Entry {
  const { id, name, body, versions } = formula;
  const materials = body.parts.flatMap(({ lines }) =>
    lines.map(({ materialId }) => materialById(catalog, materialId).name),
  );
  return entry('formula', id, {
    title: name,
    detail: FAMILY_WORDS[body.family],
    words: [...new Set(materials)].join(' '),
    atMs: Date.parse(versions.at(-1)?.keptAt ?? '') || 0,
  });
}

function ofBatch({
  id,
  code,
  formulaName,
  startedAt,
}: Pick<BatchDigest, 'id' | 'code' | 'formulaName' | 'startedAt'>): Entry {
  return entry('batch', id, {
    title: code,
    detail: `${formulaName}, ${shortDate(startedAt)}`,
    // Typed without its dash, or as a bare number.
    words: `${code.replaceAll('-', '')} ${code.replace(/-0*/g, '')} ${code.replace(/^\D*0*/, '')}`,
    atMs: Date.parse(startedAt),
  });
}

function ofLot({ id, code, materialId, supplier, receivedOn, note }: Lot, catalog: Catalog): Entry {
  const { name, synonyms } = materialById(catalog, materialId);
  return entry('lot', id, {
    title: code,
    detail: name,
    words: [name, ...synonyms, supplier, note].join(' '),
    atMs: receivedOn === null ? 0 : Date.parse(receivedOn),
  });
}

function ofTrial(
  { id, kind, name, batchId, startedAt }: Trial,
  codes: ReadonlyMap<string, string>,
): Entry {
  const code = codes.get(batchId ?? '') ?? '';
  return entry('test', id, {
    title: [KIND_WORDS[kind], code || name]
      .filter((word) => word !== null && word !== '')
      .join(', '),
    detail: shortDate(startedAt),
    words: name ?? '',
    atMs: Date.parse(startedAt),
  });
}
