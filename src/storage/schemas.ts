import type { z } from 'zod';
import { roomDaySchema } from '@/core/matter/air/roomDaySchema';
import { formulaSchema } from '@/core/formula/model/schema';
import { goodsMoveSchema, packagingSchema, saleUnitSchema } from '@/core/goods/products/schema';
import { ownMaterialSchema } from '@/core/matter/materials/own';
import { orderSchema } from '@/core/goods/orders/schema';
import { batchSchema } from '@/core/batches/records/schema';
import { photoSchema } from '@/core/batches/records/photo';
import { lotSchema } from '@/core/workshop/shelf/lot';
import { shelfMoldSchema, toolSchema } from '@/core/workshop/shelf/tool';
import { cupTestSchema } from '@/core/batches/trials/cup-test/schema';
import { trialSchema } from '@/core/batches/trials/schema';

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
  ladders: cupTestSchema,
  packaging: packagingSchema,
  units: saleUnitSchema,
  goods: goodsMoveSchema,
  orders: orderSchema,
} as const;

export type CollectionName = keyof typeof COLLECTIONS;
export type RecordOf<K extends CollectionName> = z.infer<(typeof COLLECTIONS)[K]>;
