import { z } from 'zod';
import { isShipped } from '@/core/matter/materials/catalog';
import { CAUSE_CHOICES } from './causeLesson';
import { LESSON_IDS } from './lessons';
import { MOST_MOVES } from './play';

const materialId = z.string().max(120).refine(isShipped);
const gPerKg = z.number().min(0).max(1000);
const causeId = z.enum(CAUSE_CHOICES);

const moveSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('squeeze') }),
  z.object({ kind: z.literal('say'), felt: z.enum(['too-dry', 'right', 'too-wet']) }),
  z.object({ kind: z.literal('add'), materialId, massG: z.number().min(0).max(1000) }),
  z.object({ kind: z.literal('spray'), materialId, squirts: z.int().min(1).max(100) }),
  z.object({ kind: z.literal('weigh-squirts') }),
  z.object({ kind: z.literal('air') }),
  z.object({ kind: z.literal('acid') }),
  z.object({ kind: z.literal('press') }),
  z.object({ kind: z.literal('lift'), hours: z.number().min(0).max(1000) }),
  z.object({ kind: z.literal('tub') }),
  z.object({ kind: z.literal('name-cause'), causeId }),
  z.object({ kind: z.literal('change'), causeId }),
  z.object({ kind: z.literal('cup'), gPerKg }),
  z.object({ kind: z.literal('color'), gPerKg }),
]);

const lessonId = z.enum(LESSON_IDS);

/** What this browser keeps of the practice bench: lessons as they are played, and the best of each. */
export const progressSchema = z.object({
  plays: z.partialRecord(
    lessonId,
    z.object({
      lessonId,
      seed: z.int().min(0),
      moves: z.array(moveSchema).max(MOST_MOVES),
    }),
  ),
  best: z.partialRecord(lessonId, z.object({ won: z.int().min(0).max(3), ended: z.int().min(0) })),
});
export type Progress = z.infer<typeof progressSchema>;
