import { z } from 'zod';
import { ORIGINS } from '@/core/formula/model/kinds';
import { formulaBodySchema } from '@/core/formula/model/schema';
import { RESPONSES } from './responses';

const pct = z.number().min(0).max(60);

/** Something that is varied. */
const factorSchema = z
  .object({ materialId: z.string().min(1).max(120), lowPct: pct, highPct: pct })
  .refine(({ lowPct, highPct }) => highPct > lowPct, 'its highest must be over its lowest');

const cupSchema = z.object({
  id: z.uuid(),
  /** Share of each factor in the cup, in the order of the factors. */
  pcts: z.array(z.number().min(0).max(100)).min(1).max(3),
  /** Grams of the base mix, and of each factor beside it, as they are weighed. */
  baseG: z.number().min(0).max(5000),
  addedG: z.array(z.number().min(0).max(5000)).min(1).max(3),
});

/** A set of small ones: a question, its cups, and what they showed. */
export const cupTestSchema = z.object({
  id: z.uuid(),
  origin: z.enum(ORIGINS),
  formulaId: z.uuid(),
  name: z.string().max(160),
  /** The formula as it was asked about. */
  body: formulaBodySchema,
  askedAt: z.iso.datetime({ offset: true }),
  response: z.enum(RESPONSES),
  /** May the answer bend, or is a straight line looked for? */
  bends: z.boolean(),
  factors: z.array(factorSchema).min(1).max(3),
  cupG: z.number().min(2).max(1000),
  stepG: z.number().min(0.001).max(10),
  cups: z.array(cupSchema).min(2).max(8),
  /** What was seen, only added to or struck. */
  entries: z
    .array(
      z.object({
        id: z.uuid(),
        at: z.iso.datetime({ offset: true }),
        cupId: z.uuid(),
        value: z.number().min(0).max(100_000),
        voidedAt: z.iso.datetime({ offset: true }).nullable(),
      }),
    )
    .max(200),
});
export type CupTest = Readonly<z.infer<typeof cupTestSchema>>;
export type CupTestFactor = CupTest['factors'][number];
export type CupTestCup = CupTest['cups'][number];
