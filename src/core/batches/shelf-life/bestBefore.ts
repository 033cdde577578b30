import { DAY_MS } from '@/core/basics/time';
import type { Portion } from '@/core/matter/materials/portion';
import type { Fading, StaysFresh } from './staysFresh';
import type { StaysHard } from './staysHard';

/** What a best-before day is held by. */
export type ShelfLifeLimit =
  | { readonly kind: 'damp'; readonly names: readonly string[] }
  | { readonly kind: 'material'; readonly name: string; readonly byLot: boolean }
  | { readonly kind: 'fades'; readonly fades: Fading }
  | { readonly kind: 'rule' };

export interface BestBefore {
  /** Milliseconds since 1970. */
  readonly atMs: number;
  readonly days: number;
  readonly limit: ShelfLifeLimit;
  /** Months, whole, after the day it was made. */
  readonly months: number;
}

export interface ShelfLifeQuestion {
  readonly madeMs: number;
  readonly contents: readonly Portion[];
  readonly hard: StaysHard;
  readonly fresh: StaysFresh | null;
  /** Months by the maker’s own rule; null for none. */
  readonly ruleMonths: number | null;
  /** Day on which the lots that were used go over, by material; what is not named keeps as its kind does. */
  readonly expiresMs: ReadonlyMap<string, number>;
}

const MONTH_MS = (365.25 / 12) * DAY_MS;
/** What goes rancid or flat; salts and powders do not. */
const AGES = new Set(['oil', 'butter', 'scent', 'milk', 'botanical', 'emulsifier']);
/** A trace of an old oil is no reason, %. Rovack estimate. */
const FROM_PCT = 0.2;

/**
 * The earliest of: soft by the damp of its place (the careful end of the band), its scent or its fizz faded, its oils,
 * milks and scents going over, and the maker’s own rule. Null when none of them says a day.
 * Source: common practice; shelf lives not looked up where no lot says a day.
 */
export function bestBefore(asked: ShelfLifeQuestion): BestBefore | null {
  const { madeMs, contents, hard, fresh, ruleMonths, expiresMs } = asked;
  const totalG = contents.reduce((sum, { massG }) => sum + massG, 0);
  const damp = hard.lowDays;
  const limits: readonly { readonly atMs: number; readonly limit: ShelfLifeLimit }[] = [
    ...(damp === null
      ? []
      : [
          {
            atMs: madeMs + damp * DAY_MS,
            limit: { kind: 'damp' as const, names: hard.limitedBy },
          },
        ]),
    ...(fresh === null
      ? []
      : [
          {
            atMs: madeMs + fresh.days * DAY_MS,
            limit: { kind: 'fades' as const, fades: fresh.fades },
          },
        ]),
    ...contents.flatMap(({ material, massG }) => {
      if (!AGES.has(material.role) || !((100 * massG) / totalG >= FROM_PCT)) return [];
      const lot = expiresMs.get(material.id);
      return [
        {
          atMs: lot ?? madeMs + material.shelfLifeMonths.value * MONTH_MS,
          limit: {
            kind: 'material' as const,
            name: material.sentenceName,
            byLot: lot !== undefined,
          },
        },
      ];
    }),
    ...(ruleMonths === null
      ? []
      : [{ atMs: madeMs + ruleMonths * MONTH_MS, limit: { kind: 'rule' as const } }]),
  ];
  const first = [...limits].sort((a, b) => a.atMs - b.atMs)[0];
  if (!first) return null;
  const days = (first.atMs - madeMs) / DAY_MS;
  return { ...first, days, months: Math.floor((first.atMs - madeMs) / MONTH_MS + 1e-9) };
}
