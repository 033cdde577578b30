import { keysOf } from '@/core/basics/records';
import { monthsLater } from '@/core/basics/time';
import { z } from 'zod';
import { ORIGINS } from '@/core/formula/model/kinds';
import { KEPT_COLORS } from '@/core/batches/records/kinds';

const scored = z.int().min(0).max(5);
const wholeMonths = z.int().min(1).max(60);

/** What a piece has to be after its months to pass; null where the plan does not ask. */
export const passMarksSchema = z.object({
  /** Most it may gain, % of its weight. */
  gainPct: z.number().min(0).max(100).nullable(),
  /** Least, 0 to 5. */
  hard: scored.nullable(),
  scent: scored.nullable(),
  /** Colors that pass. */
  colors: z.array(z.enum(KEPT_COLORS)).max(KEPT_COLORS.length).nullable(),
  /** Most fizz it may lose, % of what a fresh one gave. */
  fizzLossPct: z.number().min(0).max(100).nullable(),
  /** Water activity it has to stay below, 0 to 1. */
  waterActivity: z.number().min(0).max(1).nullable(),
});
export type PassMarks = Readonly<z.infer<typeof passMarksSchema>>;

/** Pieces of a batch put away under conditions, and looked at by months against pass marks. */
export const stabilityPlanSchema = z.object({
  id: z.uuid(),
  origin: z.enum(ORIGINS),
  batchId: z.uuid(),
  startedOn: z.iso.date(),
  conditions: z
    .array(
      z.object({
        id: z.uuid(),
        name: z.string().min(1).max(80),
        tempC: z.number().min(-20).max(60),
        humidityPct: z.number().min(0).max(100),
        /** In the packaging it is sold in. */
        isPacked: z.boolean(),
      }),
    )
    .min(1)
    .max(6),
  months: z.array(wholeMonths).min(1).max(12),
  marks: passMarksSchema,
  results: z
    .array(
      z.object({
        id: z.uuid(),
        at: z.iso.datetime({ offset: true }),
        who: z.string().max(60),
        conditionId: z.uuid(),
        month: wholeMonths,
        /** What was measured; null for what was not. */
        gainPct: z.number().min(-100).max(1000).nullable(),
        hard: scored.nullable(),
        scent: scored.nullable(),
        color: z.enum(KEPT_COLORS).nullable(),
        fizzLossPct: z.number().min(-100).max(100).nullable(),
        waterActivity: z.number().min(0).max(1).nullable(),
        note: z.string().max(500),
        voidedAt: z.iso.datetime({ offset: true }).nullable(),
      }),
    )
    .max(1000),
});
export type StabilityPlan = Readonly<z.infer<typeof stabilityPlanSchema>>;
export type StabilityCondition = StabilityPlan['conditions'][number];
export type StabilityResult = StabilityPlan['results'][number];

/**
 * Where pieces wait, with what a kitchen has. The air over a slurry of table salt in a closed box is 75%.
 * Source: Greenspan 1977 (saturated sodium chloride, 75.3% at 25 °C; not looked up); the rest is common practice.
 */
export const USUAL_CONDITIONS: readonly Omit<StabilityCondition, 'id'>[] = [
  { name: 'Room, as sold', tempC: 21, humidityPct: 50, isPacked: true },
  { name: 'Warm cupboard, as sold', tempC: 38, humidityPct: 40, isPacked: true },
  { name: 'Box over a salt slurry, as sold', tempC: 21, humidityPct: 75, isPacked: true },
];
/** The same months as retained samples. Common practice. */
export const USUAL_MONTHS = [1, 3, 6, 12] as const;
/** Hardness, scent and color as for retained samples; the rest are Rovack estimates. */
export const USUAL_MARKS: PassMarks = {
  gainPct: 2,
  hard: 3,
  scent: 2,
  colors: ['as-made', 'faded'],
  fizzLossPct: 20,
  waterActivity: 0.6,
};

export type MarkId = keyof PassMarks;

/** Each pass mark with how a result meets it; null where the plan does not ask or nothing was measured. */
const MEETS: Readonly<Record<MarkId, (of: StabilityResult, marks: PassMarks) => boolean | null>> = {
  gainPct: (of, marks) => atMost(of.gainPct, marks.gainPct),
  hard: (of, marks) => atLeast(of.hard, marks.hard),
  scent: (of, marks) => atLeast(of.scent, marks.scent),
  colors: ({ color }, { colors }) =>
    color === null || colors === null ? null : colors.includes(color),
  fizzLossPct: (of, marks) => atMost(of.fizzLossPct, marks.fizzLossPct),
  waterActivity: ({ waterActivity: measured }, { waterActivity: below }) =>
    measured === null || below === null ? null : measured < below,
};
export const MARK_IDS = keysOf(MEETS);

function atMost(value: number | null, most: number | null): boolean | null {
  return value === null || most === null ? null : value <= most;
}
function atLeast(value: number | null, least: number | null): boolean | null {
  return value === null || least === null ? null : value >= least;
}

export interface StabilityVerdict {
  /** Passed with all that was asked; failed in one; open where something asked for was not measured. */
  readonly verdict: 'passed' | 'failed' | 'open';
  readonly failed: readonly MarkId[];
  readonly unmeasured: readonly MarkId[];
}

export function stabilityVerdict(result: StabilityResult, marks: PassMarks): StabilityVerdict {
  const asked = MARK_IDS.filter((id) => marks[id] !== null);
  const failed = asked.filter((id) => MEETS[id](result, marks) === false);
  const unmeasured = asked.filter((id) => MEETS[id](result, marks) === null);
  const verdict = failed.length > 0 ? 'failed' : unmeasured.length > 0 ? 'open' : 'passed';
  return { verdict, failed, unmeasured };
}

/** One look that a plan asks for. */
export interface StabilityCheck {
  readonly condition: StabilityCondition;
  readonly month: number;
  /** ISO day. */
  readonly dueOn: string;
  /** The last result that stands; null while there is none. */
  readonly result: StabilityResult | null;
}

/** Every look of a plan, by month, then by condition. */
export function stabilityChecks(plan: StabilityPlan): readonly StabilityCheck[] {
  return [...plan.months]
    .sort((a, b) => a - b)
    .flatMap((month) =>
      plan.conditions.map((condition) => ({
        condition,
        month,
        dueOn: monthsLater(plan.startedOn, month),
        result:
          plan.results
            .filter(
              (one) =>
                one.conditionId === condition.id && one.month === month && one.voidedAt === null,
            )
            .at(-1) ?? null,
      })),
    );
}
