import { z } from 'zod';
import { ORIGINS } from '@/core/formula/model/kinds';
import { PHOTO_MAX_CHARS } from './photoSize';

/** A picture of the pieces of a batch, kept in the browser as a small JPEG. */
export const photoSchema = z.object({
  id: z.uuid(),
  origin: z.enum(ORIGINS),
  /** Null for a trial of a piece from elsewhere. */
  batchId: z.uuid().nullable(),
  /** Taken in a trial. */
  trialId: z.uuid().optional(),
  takenAt: z.iso.datetime({ offset: true }),
  dataUrl: z
    .string()
    .max(PHOTO_MAX_CHARS)
    .regex(/^data:image\/jpeg;base64,[A-Za-z0-9+/=]+$/),
  note: z.string().max(200),
});
export type Photo = Readonly<z.infer<typeof photoSchema>>;
