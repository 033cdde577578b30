import { z } from 'zod';
import { scaleRequestSchema } from '../scaling';
import { scentDocumentSchema } from '../scent';

/** What is true of this workshop: its room, its scale, its sprayer and its dropper. */
export const settingsSchema = z.object({
  id: z.literal('workshop'),
  humidityPct: z.number().min(5).max(100),
  tempC: z.number().min(-10).max(50),
  roomReadAt: z.iso.datetime({ offset: true }).nullable(),
  /** The water pieces are used in. */
  tub: z.object({
    volumeL: z.number().min(0.1).max(2000),
    alkalinityMgL: z.number().min(0).max(2000),
    tempC: z.number().min(0).max(100),
  }),
  scaleStepG: z.number().min(0.001).max(100),
  gramsPerSquirt: z.number().min(0.02).max(10).nullable(),
  oilDropsPerMl: z.number().min(5).max(100).nullable(),
  scaleSource: z.enum(['simulated', 'typed']),
  /** What was open last, so that a reload goes on there. */
  formulaInHandId: z.uuid().nullable(),
  batchInHandId: z.uuid().nullable(),
  look: z.enum(['as the system', 'light', 'dark']),
  /** What suppliers' documents say of scents. */
  scentDocuments: z.array(scentDocumentSchema).max(500),
  /** The last plan asked for, by formula, so that Scale opens where it was left. */
  requests: z.record(z.string(), scaleRequestSchema),
});
export type Settings = z.infer<typeof settingsSchema>;

/** A temperate room and a 0.1 g scale, until the maker says otherwise. */
export const USUAL_SETTINGS: Settings = {
  id: 'workshop',
  humidityPct: 45,
  tempC: 20,
  roomReadAt: null,
  tub: { volumeL: 150, alkalinityMgL: 100, tempC: 38 },
  scaleStepG: 0.1,
  gramsPerSquirt: null,
  oilDropsPerMl: null,
  scaleSource: 'simulated',
  formulaInHandId: null,
  batchInHandId: null,
  look: 'as the system',
  scentDocuments: [],
  requests: {},
};
