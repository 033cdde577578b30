import type { z } from 'zod';
import { roomDaySchema } from '@/core/air/roomDaySchema';
import { formulaSchema } from '@/core/formula/schema';
import { goodsMoveSchema, packagingSchema, saleUnitSchema } from '@/core/goods/schema';
import { ownMaterialSchema } from '@/core/materials/own';
import { orderSchema } from '@/core/orders/schema';
import { batchSchema } from '@/core/records/schema';
import { photoSchema } from '@/core/records/photo';
import { lotSchema } from '@/core/shelf/lot';
import { shelfMoldSchema, toolSchema } from '@/core/shelf/tool';
import { ladderSchema } from '@/core/trials/ladder/schema';
import { trialSchema } from '@/core/trials/schema';

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
