import type { Result } from '@/core/basics/result';
import { z } from 'zod';

const clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'is no time like 08:00');
const minutes = z.number().min(0).max(1_000_000);

/** One operation of a job. Steps of a job run in order. */
const stepSchema = z.object({
  id: z.string().min(1).max(120),
  minutes,
  /** Needs one pair of hands for all of it, inside one working stretch; else it runs day and night. */
  person: z.boolean().default(false),
  /** Only these hands may do it; anybody when left out. */
  by: z.array(z.string()).optional(),
  machine: z.string().optional(),
  trayPlaces: z.int().min(0).max(1_000_000).default(0),
  /** Cavities of a mold that it holds from its beginning to its end. */
  mold: z.string().optional(),
  cavities: z.int().min(0).max(1_000_000).default(0),
  /** Since the step before has ended. */
  waitMinMin: minutes.default(0),
  waitMaxMin: minutes.nullable().default(null),
  /** Locked: begins at this moment and moves for nothing. */
  at: z.iso.datetime({ offset: true }).optional(),
});

/** What is to be done with whom and what, until when. */
export const planProblemSchema = z.object({
  start: z.iso.datetime({ offset: true }),
  people: z
    .array(
      z.object({
        id: z.string().min(1).max(60),
        from: clock,
        to: clock,
        /** A break in every working day; left out for none. */
        rest: z.object({ from: clock, to: clock }).optional(),
        /** 1 is Monday. */
        days: z.array(z.int().min(1).max(7)).max(7),
        /** Whole days off, as `2026-03-04`. */
        away: z.array(z.iso.date()).max(400).default([]),
        /** Bowls that one pair of hands begins in a day at most; left out for no limit. */
        mostBowls: z.int().min(1).max(50).optional(),
      }),
    )
    .max(50),
  machines: z.record(z.string(), z.int().min(0).max(1000)).default({}),
  trayPlaces: z.int().min(0).max(1_000_000).default(0),
  /** Cavities of each mold. */
  molds: z.record(z.string(), z.int().min(0).max(1_000_000)).default({}),
  /** Minutes that the workshop’s clock is ahead of the world’s: hours of people are its own. */
  zoneMin: z.int().min(-900).max(900).default(0),
  /** Where clocks are put on or back later: from a moment on they are so many minutes ahead. */
  zones: z
    .array(
      z.object({ from: z.iso.datetime({ offset: true }), zoneMin: z.int().min(-900).max(900) }),
    )
    .max(50)
    .default([]),
  /** A job that can end so many minutes before it is due does; nothing is planned tighter than it has to be. */
  cushionMin: minutes.default(0),
  jobs: z
    .array(
      z.object({
        id: z.string().min(1).max(120),
        due: z.iso.datetime({ offset: true }),
        weight: z.number().min(0).max(1000).default(1),
        steps: z.array(stepSchema).min(1).max(60),
      }),
    )
    .max(1000),
});
export type PlanProblem = Readonly<z.infer<typeof planProblemSchema>>;
export type PlanPerson = PlanProblem['people'][number];
export type PlanJob = PlanProblem['jobs'][number];
export type PlanStep = PlanJob['steps'][number];

export interface PlannedStep {
  readonly job: string;
  readonly step: string;
  /** ISO 8601 in the world’s time. */
  readonly start: string;
  readonly end: string;
  /** Empty for a step that needs nobody. */
  readonly person: string;
}

export interface PlanAnswer {
  readonly steps: readonly PlannedStep[];
  readonly lateMin: Readonly<Record<string, number>>;
  readonly weightedLateMin: number;
  readonly boundWeightedLateMin: number;
  readonly provedBest: boolean;
}

export type PlanResult = Result<PlanAnswer>;
