import { z } from 'zod';
import { COLLECTION_NAMES, type CollectionName } from '../records/names';
import { RECORDS, SETTINGS } from '../records/registry';
import { STORED_VERSION } from '../upgrades/version';
import { FORMAT_NAME } from './format';

const vectorSchema = z.record(z.string().regex(/^[0-9a-f]{8}$/), z.int().min(0));
const vectorsSchema = z.record(z.string().max(400), vectorSchema);

/** In a file of a shared folder: which device wrote it, and how often devices have written each record. */
export const folderSchema = z.object({
  device: z.string().regex(/^[0-9a-f]{8}$/),
  name: z.string().max(60),
  /** How often this device had written when it wrote the file. */
  seq: z.int().min(0),
  /** Everything, or only what was written since the whole file. */
  isWhole: z.boolean(),
  vectors: vectorsSchema,
  /** Records that are gone. */
  gone: vectorsSchema,
});
export type FolderMarks = z.infer<typeof folderSchema>;

const LISTS = Object.fromEntries(
  COLLECTION_NAMES.map((name) => [name, z.array(RECORDS[name].schema)]),
) as unknown as {
  readonly [K in CollectionName]: z.ZodArray<(typeof RECORDS)[K]['schema']>;
};

export const workshopFileSchema = z.object({
  format: z.literal(FORMAT_NAME),
  formatVersion: z.literal(STORED_VERSION),
  exportedAt: z.iso.datetime({ offset: true }),
  ...LISTS,
  settings: SETTINGS.schema.nullable(),
  folder: folderSchema.optional(),
});

/** Everything a workshop has stored, as one file holds it. */
export type WorkshopFile = z.infer<typeof workshopFileSchema>;
