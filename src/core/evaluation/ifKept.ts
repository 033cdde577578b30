import { setLineMass, type FormulaBody } from '../formula';
import type { WeighStep } from '../making';
import { sharesOf, weighedLines, type Batch } from '../records';
import { evaluate } from './evaluate';
import type { Conditions, Evaluation } from './types';

/** A reading of the mix as it was planned and with this weight kept. */
export interface KeptReading {
  readonly id: 'ratio' | 'damp' | 'free-water' | 'scent' | 'ph' | 'gas';
  readonly name: string;
  readonly unit: string;
  readonly decimals: number;
  readonly planned: number | null;
  readonly kept: number | null;
  /** The window it must stay in, where it has one. */
  readonly low: number | null;
  readonly high: number | null;
  readonly isOut: boolean;
}

/**
 * What every reading becomes when a weight is kept as it is: the rest as weighed, and as planned where it is not yet.
 * @param massG on the scale, 0 or more
 */
export function readingsIfKept(
  batch: Batch,
  step: WeighStep,
  massG: number,
  conditions: Conditions,
): readonly KeptReading[] {
  const planned = evaluate(bodyAt(batch, new Map()), conditions);
  const kept = evaluate(bodyAt(batch, massesOf(step, massG)), conditions);
  const { window, riskyToPct } = kept.binder;
  const { usualLow, usualHigh } = kept.fizz;
  const limitPct = kept.scent.limit?.loadPct ?? null;
  const row = (
    id: KeptReading['id'],
    name: string,
    unit: string,
    decimals: number,
    of: (evaluation: Evaluation) => number | null,
    low: number | null,
    high: number | null,
  ): KeptReading => {
    const value = of(kept);
    const isOut =
      value !== null && ((low !== null && value < low) || (high !== null && value > high));
    return { id, name, unit, decimals, planned: of(planned), kept: value, low, high, isOut };
  };
  return [
    row('ratio', 'Soda to acid', '', 3, ({ fizz }) => fizz.sodaToAcidByMass, usualLow, usualHigh),
    row(
      'damp',
      'Damp index',
      '',
      1,
      ({ binder }) => binder.dampIndexPct,
      window.lowPct,
      window.highPct,
    ),
    row('free-water', 'Free water', '%', 2, ({ binder }) => binder.freeWaterPct, null, riskyToPct),
    row('scent', 'Scent', '%', 2, ({ scent }) => scent.loadPct, null, limitPct),
    row('ph', 'Water, fresh pH', '', 2, ({ water }) => water?.phFresh ?? null, null, null),
    row('gas', 'Gas', 'L', 1, ({ fizz }) => fizz.co2L, null, null),
  ];
}

function massesOf(step: WeighStep, massG: number): ReadonlyMap<string, number> {
  const active = massG * (step.premix?.strengthFraction ?? 1);
  return new Map(sharesOf(step).map(({ lineId, fraction }) => [lineId, active * fraction]));
}

/** The frozen formula at the grams of this batch, some of them put in place. */
function bodyAt(batch: Batch, masses: ReadonlyMap<string, number>): FormulaBody {
  return weighedLines(batch).reduce(
    (body, line) =>
      setLineMass(body, line.lineId, masses.get(line.lineId) ?? line.massG ?? line.targetG),
    batch.body,
  );
}
