import { formulaSchema } from '@/core/formula';
import { ownMaterialSchema } from '@/core/materials';
import { roomDaySchema } from '@/core/air';
import { batchSchema, photoSchema } from '@/core/records';
import { lotSchema, shelfMoldSchema, toolSchema } from '@/core/shelf';
import type { z } from 'zod';

/** Every list of records a workshop keeps, by its name in the database and in the file. */
export const COLLECTIONS = {
  materials: ownMaterialSchema,
  formulas: formulaSchema,
  batches: batchSchema,
  lots: lotSchema,
  molds: shelfMoldSchema,
  tools: toolSchema,
  rooms: roomDaySchema,
  photos: photoSchema,
} as const;

export type CollectionName = keyof typeof COLLECTIONS;
export type Records = {
  readonly [K in CollectionName]: readonly z.infer<(typeof COLLECTIONS)[K]>[];
};
export const COLLECTION_NAMES = Object.keys(COLLECTIONS) as readonly CollectionName[];

export const NO_RECORDS: Records = {
  materials: [],
  formulas: [],
  batches: [],
  lots: [],
  molds: [],
  tools: [],
  rooms: [],
  photos: [],
};
