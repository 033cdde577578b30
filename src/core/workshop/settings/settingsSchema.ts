import { z } from 'zod';
import { LEARNED_IDS } from '@/core/results/learning/exclusions';
import { ROOM_PLACES } from '@/core/matter/air/roomPlaces';
import { costingSchema, moneySchema } from '@/core/work/cost/schema';
import { scaleRequestSchema } from '@/core/work/scaling/requestSchema';

/** A body of water a piece goes into. */
const waterSchema = z.object({
  volumeL: z.number().min(0.1).max(2000),
  alkalinityMgL: z.number().min(0).max(2000),
  tempC: z.number().min(0).max(100),
});

/** What is true of this workshop: its room, its water, its money, and what was open last. */
export const settingsSchema = z.object({
  id: z.literal('workshop'),
  humidityPct: z.number().min(5).max(100),
  tempC: z.number().min(-10).max(50),
  roomReadAt: z.iso.datetime({ offset: true }).nullable(),
  /** The water pieces are used in. */
  tub: waterSchema,
  /** The sink, machine or kettle a cleaning piece works in. */
  basin: waterSchema,
  scaleStepG: z.number().min(0.001).max(100),
  scaleSource: z.enum(['simulated', 'typed', 'serial']),
  roomSource: z.enum(['typed', 'simulated', 'serial']),
  /** Where the sensor hangs. */
  sensorPlace: z.enum(ROOM_PLACES),
  /** Bits a second of the serial device. */
  serialBaud: z.int().min(300).max(1_000_000),
  /** Who works here, and whose hands are at the bench. */
  makers: z.array(z.string().min(1).max(60)).max(100),
  makerInHand: z.string().max(60).nullable(),
  /** What was open last, so that a reload goes on there. */
  formulaInHandId: z.uuid().nullable(),
  batchInHandId: z.uuid().nullable(),
  look: z.enum(['system', 'light', 'dark']),
  /** Which units come first; left out for those of the system's region. */
  units: z.enum(['metric', 'us']).optional(),
  /** How a clock is read; left out for the system's way. */
  clock: z.enum(['12-hour', '24-hour']).optional(),
  /** The last plan asked for, by formula, so that Scale opens where it was left. */
  requests: z.record(z.string(), scaleRequestSchema),
  money: moneySchema,
  /** By formula. */
  costings: z.record(z.string(), costingSchema),
  /** Who works when, what was put where by hand, and the air the plan counts on. */
  plan: z.object({
    hours: z
      .array(
        z.object({
          name: z.string().min(1).max(60),
          from: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/),
          to: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/),
          /** A break in every working day; left out for none. */
          rest: z
            .object({
              from: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/),
              to: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/),
            })
            .optional(),
          /** 1 is Monday. */
          days: z.array(z.int().min(1).max(7)).max(7),
          away: z.array(z.iso.date()).max(400),
          /** Bowls a day at most; left out for no limit. */
          mostBowls: z.int().min(1).max(50).optional(),
        }),
      )
      .max(200),
    locks: z
      .array(
        z.object({
          job: z.string().max(120),
          step: z.string().max(120),
          at: z.iso.datetime({ offset: true }),
        }),
      )
      .max(5000),
    /** Of the loft, %; null for as it was read last. */
    humidityPct: z.number().min(5).max(100).nullable(),
  }),
  /** Who makes it, as labels print it; empty until the maker has said. */
  maker: z.object({
    name: z.string().max(200),
    address: z.string().max(300),
    /** Where a customer writes or calls. */
    contact: z.string().max(200),
    /** Page on which the whole list of a cleaner’s ingredients stands. */
    dataSheet: z.string().max(300),
    telephone: z.string().max(60),
    /** Name and address of who answers for it where the maker is not at home. */
    responsibleEu: z.string().max(300),
    responsibleUk: z.string().max(300),
    /** Country of origin, for goods that cross a border. */
    origin: z.string().max(80),
  }),
  /** Days between reminders to check the scales and to clean, 0 for never; left out until the maker has said. */
  upkeep: z
    .object({
      scaleCheckDays: z.int().min(0).max(3650),
      cleaningDays: z.int().min(0).max(3650),
    })
    .optional(),
  /** When everything was last written into a file outside the browser; null or left out for never. */
  copiedAt: z.iso.datetime({ offset: true }).nullable().optional(),
  /** Batches and tests that the maker took out of what is learned, each with the reason. */
  exclusions: z
    .array(
      z.object({
        quantity: z.enum(LEARNED_IDS),
        id: z.string().max(120),
        reason: z.string().max(300),
        at: z.iso.datetime({ offset: true }),
      }),
    )
    .max(5000)
    .optional(),
  /** Records that a screen failed on, laid away by the maker: stored, and on no screen. */
  setAside: z
    .array(z.object({ of: z.string().max(40), id: z.string().max(120) }))
    .max(1000)
    .optional(),
  /** Values that two sides changed at once: the one that is not in use stays here until the maker decides. */
  otherValues: z
    .array(
      z.object({
        /** Of the place and the value, so that every device names it alike. */
        id: z.string().max(400),
        path: z.array(z.string().max(200)).min(1).max(6),
        /** As JSON. */
        value: z.string().max(20_000),
        /** Where it comes from, as people call it. */
        from: z.string().max(120),
      }),
    )
    .max(500)
    .optional(),
});
export type Settings = z.infer<typeof settingsSchema>;
