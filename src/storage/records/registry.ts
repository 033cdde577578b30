import type { z } from 'zod';
import { roomDaySchema } from '@/core/matter/air/roomDaySchema';
import { formulaSchema } from '@/core/formula/model/schema';
import type { Filing } from '@/core/goods/labels/requirements/filings';
import { goodsMoveSchema, packagingSchema, saleUnitSchema } from '@/core/goods/products/schema';
import { ownMaterialSchema } from '@/core/matter/materials/own';
import { orderSchema } from '@/core/goods/orders/schema';
import { batchSchema } from '@/core/batches/records/schema';
import { photoSchema } from '@/core/batches/records/photo';
import { lotSchema } from '@/core/workshop/shelf/lot';
import { shelfMoldSchema, toolSchema } from '@/core/workshop/shelf/tool';
import { cupTestSchema } from '@/core/batches/trials/cup-test/schema';
import { documentFileSchema, supplierDocumentSchema } from '@/core/results/scent/documents';
import { logbookSchema } from '@/core/goods/quality/logbook';
import { stabilityPlanSchema } from '@/core/goods/quality/stability';
import { trialSchema } from '@/core/batches/trials/schema';
import { settingsSchema } from '@/core/workshop/settings/settingsSchema';
import { byTime } from '../merge/byTime';
import { FIELDS, ONCE, WHOLE, type Shape } from '../merge/shape';
import {
  batchProblem,
  bodyProblem,
  formulaProblem,
  momentProblem,
  orderProblem,
  twice,
} from '../validation/problems';
import type { CollectionName } from './names';

/** One kind of record. */
interface Entry<S extends z.ZodType> {
  /** One and many, as people call them. */
  readonly called: readonly [one: string, many: string];
  readonly schema: S;
  /** How two sides that changed it come together. */
  readonly merge: Shape;
  /** What is wrong inside a record that fits its schema, in words; null when nothing is. */
  readonly problem?: (record: z.infer<S>) => string | null;
}
const entry = <S extends z.ZodType>(of: Entry<S>): Entry<S> => of;

const fields = (of: Readonly<Record<string, Shape>>): Shape => ({ kind: 'fields', of });
const map = (of: Shape): Shape => ({ kind: 'map', of });
const list = <T>(keyOf: (entry: T) => string, of: Shape = WHOLE): Shape => ({
  kind: 'list',
  keyOf,
  of,
});
const listInTime = <T extends { readonly at: string }>(keyOf: (entry: T) => string): Shape => ({
  kind: 'list',
  keyOf,
  of: FIELDS,
  before: byTime,
});
const at = ({ at }: { readonly at: string }) => at;
const id = ({ id }: { readonly id: string }) => id;
const itself = (one: string) => one;
/** What happened: only ever added or voided. */
const entries: Shape = {
  kind: 'list',
  keyOf: id,
  of: fields({ voidedAt: ONCE }),
  before: byTime,
};

/** A mold remembers so many fills. */
const MOST_FILLS = 200;

/**
 * All that storage knows of each collection. A new one is a name in `names`, an entry here, and a new
 * `STORED_VERSION`. A list or a map that grows by entries is merged by entry, never as one field: whole, the entries of one
 * side would be lost. What only writes what it has made itself needs none of this: it is loaded where a record comes from
 * elsewhere.
 */
export const RECORDS = {
  materials: entry({
    called: ['own material', 'own materials'],
    schema: ownMaterialSchema,
    merge: fields({
      synonyms: list(itself),
      madeOf: list(({ materialId }: { readonly materialId: string }) => materialId),
    }),
  }),
  formulas: entry({
    called: ['formula', 'formulas'],
    schema: formulaSchema,
    merge: fields({
      changedAt: { kind: 'greater' },
      versions: list(
        ({ number }: { readonly number: number }) => String(number),
        fields({ body: WHOLE }),
      ),
    }),
    problem: formulaProblem,
  }),
  batches: entry({
    called: ['batch', 'batches'],
    schema: batchSchema,
    merge: fields({
      entries,
      currentStep: { kind: 'greater' },
      finishedAt: ONCE,
      // Frozen when it was begun, or changed together with an entry.
      steps: WHOLE,
    }),
    problem: batchProblem,
  }),
  lots: entry({
    called: ['lot', 'lots'],
    schema: lotSchema,
    merge: fields({
      counts: listInTime(at),
      allergens: list(({ name }: { readonly name: string }) => name),
    }),
  }),
  molds: entry({
    called: ['mold', 'molds'],
    schema: shelfMoldSchema,
    merge: fields({ fillsG: { kind: 'bag', most: MOST_FILLS } }),
  }),
  tools: entry({
    called: ['tool', 'tools'],
    schema: toolSchema,
    merge: FIELDS,
  }),
  rooms: entry({
    called: ['day of room readings', 'days of room readings'],
    schema: roomDaySchema,
    merge: fields({
      readings: listInTime((one: { readonly at: string; readonly by: string }) => one.at + one.by),
    }),
  }),
  photos: entry({
    called: ['photo', 'photos'],
    schema: photoSchema,
    merge: FIELDS,
  }),
  trials: entry({
    called: ['test', 'tests'],
    schema: trialSchema,
    merge: fields({
      entries,
      voidedAt: ONCE,
      finishedAt: ONCE,
      // One scale wrote them, in one go.
      readings: WHOLE,
    }),
    problem: ({ entries }) =>
      twice(
        entries.map(({ id }) => id),
        'an entry',
      ),
  }),
  ladders: entry({
    called: ['cup test', 'cup tests'],
    schema: cupTestSchema,
    merge: fields({ entries, cups: WHOLE, factors: WHOLE }),
    problem: ({ body }) => bodyProblem(body),
  }),
  packaging: entry({
    called: ['packaging', 'packaging'],
    schema: packagingSchema,
    merge: fields({
      lots: list(id, FIELDS),
      counts: listInTime(
        (one: { readonly at: string; readonly lotId: string }) => one.at + one.lotId,
      ),
    }),
  }),
  units: entry({
    called: ['product', 'products'],
    schema: saleUnitSchema,
    merge: fields({
      place: FIELDS,
      label: fields({ own: FIELDS, markets: WHOLE }),
      filings: list((filing: Filing) => filing, WHOLE),
      packaging: list(({ packagingId }: { readonly packagingId: string }) => packagingId, FIELDS),
      // What it is made of decides its label: never half of one side and half of the other.
      contents: WHOLE,
    }),
  }),
  // A move of goods is written once.
  goods: entry({
    called: ['stock movement', 'stock movements'],
    schema: goodsMoveSchema,
    merge: fields({ voidedAt: ONCE, from: WHOLE, packaging: WHOLE, taken: WHOLE, loose: WHOLE }),
    problem: ({ at }) => momentProblem([at]),
  }),
  documents: entry({
    called: ['supplier document', 'supplier documents'],
    schema: supplierDocumentSchema,
    // A supplier’s list of allergens is one side’s or the other’s: half of each would be nobody’s.
    merge: fields({ allergens: WHOLE, limits: WHOLE, attached: WHOLE }),
  }),
  documentFiles: entry({
    called: ['attached file', 'attached files'],
    schema: documentFileSchema,
    merge: FIELDS,
  }),
  logbook: entry({
    called: ['logbook entry', 'logbook entries'],
    schema: logbookSchema,
    merge: fields({ voidedAt: ONCE, open: WHOLE }),
    problem: ({ at }) => momentProblem([at]),
  }),
  stabilityPlans: entry({
    called: ['stability plan', 'stability plans'],
    schema: stabilityPlanSchema,
    merge: fields({
      conditions: list(id, WHOLE),
      months: WHOLE,
      marks: fields({ colors: WHOLE }),
      results: entries,
    }),
    problem: ({ results }) => momentProblem(results.map(({ at }) => at)),
  }),
  orders: entry({
    called: ['order', 'orders'],
    schema: orderSchema,
    merge: fields({ lines: list(({ unitId }: { readonly unitId: string }) => unitId, FIELDS) }),
    problem: orderProblem,
  }),
} as const;

/** The settings: one record, beside the collections. */
export const SETTINGS = entry({
  called: ['the settings', 'the settings'],
  schema: settingsSchema,
  merge: fields({
    tub: FIELDS,
    basin: FIELDS,
    money: FIELDS,
    maker: FIELDS,
    upkeep: FIELDS,
    makers: list(itself),
    requests: map(WHOLE),
    costings: map(FIELDS),
    plan: fields({
      hours: list(
        ({ name }: { readonly name: string }) => name,
        fields({ days: list(String), away: list(itself) }),
      ),
      locks: list(
        (one: { readonly job: string; readonly step: string }) => `${one.job}/${one.step}`,
      ),
    }),
    exclusions: list(
      (one: { readonly quantity: string; readonly id: string }) => `${one.quantity}/${one.id}`,
    ),
    setAside: list((one: { readonly of: string; readonly id: string }) => `${one.of}/${one.id}`),
    otherValues: list(id),
  }),
});

/** What is known of a record by the store it is in. */
export function entryOf(store: CollectionName | 'settings'): Entry<z.ZodType> {
  return store === 'settings' ? SETTINGS : RECORDS[store];
}
