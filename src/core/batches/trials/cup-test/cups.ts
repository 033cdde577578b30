import type { Conditions } from '@/core/results/conditions/types';
import { evaluate } from '@/core/results/evaluation/evaluate';
import type { Evaluation } from '@/core/results/evaluation/types';
import { newId } from '@/core/basics/newId';
import { newLine } from '@/core/formula/model/create';
import { totalMassG } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import { materialById } from '@/core/matter/materials/catalog';
import { roundToStep } from '@/core/work/weighing/rounding';
import { gridOf } from './features';
import { layOut } from './layOut';
import { priorsFor } from './priors';
import type { CupTest, CupTestCup, CupTestFactor } from './schema';
import type { Response } from './responses';

export interface CupTestQuestion {
  readonly body: FormulaBody;
  readonly factors: readonly CupTestFactor[];
  readonly response: Response;
  readonly bends: boolean;
  /** 2 to 8. */
  readonly cups: number;
  /** Grams of each, over 0. */
  readonly cupG: number;
  /** Of the scale the additions are weighed on, g; over 0. */
  readonly stepG: number;
}

export type CupTestProblem =
  | 'no-base'
  /** Two factors are the same material. */
  | 'twice'
  /** All factors together are more than a cup can hold. */
  | 'too-much'
  /** No place, or only one, where the mix stands in its windows. */
  | 'no-window'
  /** Highest and lowest come to the same weight on this scale. */
  | 'too-coarse';

export type CupTestResult =
  | {
      readonly ok: true;
      readonly cups: readonly CupTestCup[];
      /** Places that were left out because a window does not hold there, of all that were looked at. */
      readonly outside: number;
      readonly looked: number;
      readonly meanVariance: number;
    }
  | { readonly ok: false; readonly problem: CupTestProblem };

/** Levels of the grid, by how many factors there are: what a scale and a hand can tell apart. */
const LEVELS = { 1: 21, 2: 9, 3: 5 } as const;
/** Most of a cup that additions may be, %. */
const MOST_ADDED_PCT = 80;
/** Lowest and highest must be so many steps of the scale apart. */
const LEAST_STEPS = 3;

/** The mix without what is varied, which all cups have alike. */
export function baseOf(body: FormulaBody, factors: readonly CupTestFactor[]): FormulaBody {
  const varied = new Set(factors.map(({ materialId }) => materialId));
  const [main] = body.parts;
  if (!main) throw new RangeError('a formula must have a main mix');
  const lines = main.lines.filter(({ materialId }) => !varied.has(materialId));
  return { ...body, parts: [{ ...main, lines }] };
}

/** What a cup is, as a formula of its own: grams a cup. */
export function bodyOfCup(
  base: FormulaBody,
  { baseG, addedG }: Pick<CupTestCup, 'baseG' | 'addedG'>,
  factors: readonly CupTestFactor[],
  { catalog }: Pick<Conditions, 'catalog'>,
): FormulaBody {
  const [main] = base.parts;
  const totalG = totalMassG(base);
  if (!main || !(totalG > 0)) return base;
  const share = baseG / totalG;
  const scaled = main.lines.map((line) => ({
    ...line,
    massG: line.massG * share,
    massLowG: line.massLowG * share,
    massHighG: line.massHighG * share,
  }));
  const added = factors.flatMap(({ materialId }, i) => {
    const massG = addedG[i] ?? 0;
    return massG > 0 ? [newLine(materialById(catalog, materialId), massG)] : [];
  });
  return { ...base, parts: [{ ...main, lines: [...scaled, ...added] }] };
}

/** Grams of the base and of each factor at a place, as the scale can weigh them. */
function weighed(
  place: readonly number[],
  { factors, cupG, stepG }: Pick<CupTestQuestion, 'factors' | 'cupG' | 'stepG'>,
): Pick<CupTestCup, 'baseG' | 'addedG' | 'pcts'> {
  const wanted = factors.map(
    ({ lowPct, highPct }, i) => lowPct + ((highPct - lowPct) * ((place[i] ?? 0) + 1)) / 2,
  );
  const addedG = wanted.map((pct) => steps((pct * cupG) / 100, stepG));
  const sumG = addedG.reduce((sum, massG) => sum + massG, 0);
  const baseG = steps(cupG - sumG, stepG);
  const totalG = baseG + sumG;
  return { baseG, addedG, pcts: addedG.map((massG) => (100 * massG) / totalG) };
}

function steps(massG: number, stepG: number): number {
  return massG < stepG / 2 ? 0 : roundToStep(massG, stepG);
}

/** Where a cup stands in the range of each factor, from -1 to 1 as it was weighed. */
export function placeOf(
  { pcts }: Pick<CupTestCup, 'pcts'>,
  factors: readonly CupTestFactor[],
): readonly number[] {
  return factors.map(
    ({ lowPct, highPct }, i) => (2 * ((pcts[i] ?? 0) - lowPct)) / (highPct - lowPct) - 1,
  );
}

/**
 * Lays out the cups of a question: only where the mix stands in its damp window and no finding stops it, as sure as can
 * be, in weights that the small scale can tell.
 */
export function cupTestCups(question: CupTestQuestion, conditions: Conditions): CupTestResult {
  const { body, factors, cups, cupG, stepG, bends } = question;
  const base = baseOf(body, factors);
  if (!(totalMassG(base) > 0)) return { ok: false, problem: 'no-base' };
  if (new Set(factors.map(({ materialId }) => materialId)).size < factors.length)
    return { ok: false, problem: 'twice' };
  const mostPct = factors.reduce((sum, { highPct }) => sum + highPct, 0);
  if (mostPct > MOST_ADDED_PCT) return { ok: false, problem: 'too-much' };
  const isFine = factors.every(
    ({ lowPct, highPct }) => ((highPct - lowPct) / 100) * cupG >= LEAST_STEPS * stepG,
  );
  if (!isFine) return { ok: false, problem: 'too-coarse' };
  const levels = LEVELS[Math.min(3, factors.length) as 1 | 2 | 3];
  const all = gridOf(factors.length, levels);
  const cupsConditions = { ...conditions, pieceG: cupG };
  const places = all.filter((place) => {
    const cup = weighed(place, question);
    return holds(evaluate(bodyOfCup(base, cup, factors, conditions), cupsConditions));
  });
  if (places.length < 2) return { ok: false, problem: 'no-window' };
  const { chosen, meanVariance } = layOut({
    places,
    cups,
    bends,
    priorPrecision: priorsFor(question.response, factors.length, bends).precision,
  });
  return {
    ok: true,
    cups: chosen.map((place) => ({ id: newId(), ...weighed(place, question) })),
    outside: all.length - places.length,
    looked: all.length,
    meanVariance,
  };
}

/** Can it be mixed and tried: in its damp window, its free water not past risky, and nothing that stops it? */
export function holds({ binder, findings }: Evaluation): boolean {
  const isDamp = binder.verdict === 'in-window' || binder.verdict === null;
  return isDamp && !findings.some(({ severity }) => severity === 'stop');
}

/** The newest value that stands for a cup; null while none does. */
export function valueOf({ entries }: Pick<CupTest, 'entries'>, cupId: string): number | null {
  return (
    entries.findLast((entry) => entry.cupId === cupId && entry.voidedAt === null)?.value ?? null
  );
}
