import { z } from 'zod';
import { MOLD_FIGURES } from './moldFigures';

const lengthMm = z.number().min(1).max(1000);

/** A mold by its shape, inside measures in millimeters, or by the water it holds. */
export const moldSchema = z.discriminatedUnion('shape', [
  z.object({ shape: z.literal('sphere'), diameterMm: lengthMm }),
  z.object({ shape: z.literal('half-sphere'), diameterMm: lengthMm }),
  z.object({ shape: z.literal('cylinder'), diameterMm: lengthMm, heightMm: lengthMm }),
  z.object({ shape: z.literal('box'), lengthMm, widthMm: lengthMm, heightMm: lengthMm }),
  z.object({
    shape: z.literal('own-volume'),
    volumeMl: z.number().min(0.5).max(20_000),
    /** What it looks like; left out for a plain block. */
    figure: z.enum(MOLD_FIGURES).optional(),
  }),
]);

export type Mold = z.infer<typeof moldSchema>;
export type MoldShape = Mold['shape'];
