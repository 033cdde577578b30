import type { z } from 'zod';
import { roomDaySchema } from '@/core/air';
import { formulaSchema } from '@/core/formula';
import { goodsMoveSchema, packagingSchema, saleUnitSchema } from '@/core/goods';
import { ownMaterialSchema } from '@/core/materials';
import { orderSchema } from '@/core/orders';
import { batchSchema, photoSchema } from '@/core/records';
import { lotSchema, shelfMoldSchema, toolSchema } from '@/core/shelf';
import { ladderSchema, trialSchema } from '@/core/trials';

/**
 * The schema of every list of records a workshop keeps, by its name in the database and in the file. What only writes what
 * it has made itself needs none of them: they are loaded where a record comes from elsewhere.
 */
export const COLLECTIONS = {
  materials: ownMaterialSchema,
  formulas: formulaSchema,
  batches: batchSchema,
  lots: lotSchema,
  molds: shelfMoldSchema,
  tools: toolSchema,
  rooms: roomDaySchema,
  photos: photoSchema,
  trials: trialSchema,
  ladders: ladderSchema,
  packaging: packagingSchema,
  units: saleUnitSchema,
  goods: goodsMoveSchema,
  orders: orderSchema,
} as const;

export type CollectionName = keyof typeof COLLECTIONS;
export type RecordOf<K extends CollectionName> = z.infer<(typeof COLLECTIONS)[K]>;
