import type { Conditions } from '../conditions/types';
import { evaluate } from '../evaluation/evaluate';
import type { Evaluation, Finding } from '../evaluation/types';
import { addLine, lineById, setLineMass, totalMassG } from '@/core/formula/model/edit';
import type { FormulaBody } from '@/core/formula/model/schema';
import { exactly } from '@/core/basics/units/spread';
import type { Clash } from './clash';
import { fewLines } from './fewLines';
import { smallestSet } from './smallestSet';
import { problemOf } from './problem';
import { solve, straightened, type Problem } from './solve';
import { variablesOf, type Variable } from './variables';
import { AT_THE_EDGE, INSIDE_FOR_ROUNDING, type Inside, type Question } from './windows';
import type { Wishes } from './wishes';

/** One line that would change. */
export interface LineChange {
  /** Null for a material that comes in. */
  readonly lineId: string | null;
  readonly materialId: string;
  readonly fromG: number;
  readonly toG: number;
}

export type RebalanceResult =
  | { readonly status: 'nothing-to-weigh' }
  /** Every window and wish is met as it stands. */
  | { readonly status: 'already' }
  | {
      readonly status: 'changed';
      readonly body: FormulaBody;
      readonly changes: readonly LineChange[];
      /** What the formula could not be brought to; empty when all is met. */
      readonly missed: readonly Clash[];
    }
  /** A smallest set of wishes, windows and locks that cannot hold together. */
  | { readonly status: 'clash'; readonly between: readonly Clash[] };

const ROUND_G = 0.1;
const FINE_ROUND_G = 0.01;
const LONGER_BY = 1.22;

/**
 * The smallest change of a formula that meets every window and every wish: the squared relative change of each line,
 * windows and wishes as they are read, locked lines held. In few lines or in all, as wished; scent and color change
 * last, nothing is taken out, the total is free unless it is asked for. Rounded to what a scale shows.
 * Source: Goldfarb and Idnani 1983 for each program; sequential programs for what bends; windows as in the readings.
 */
export function rebalance(
  body: FormulaBody,
  conditions: Conditions,
  wishes: Wishes,
): RebalanceResult {
  return solved(
    body,
    conditions,
    wishes,
    INSIDE_FOR_ROUNDING,
    (massG, { isLocked, massG: wasG }) => (isLocked ? wasG : roundG(massG)),
  );
}

/** The same to the last digit and up to the very edges of the windows, for who computes on. */
export function rebalanceExactly(
  body: FormulaBody,
  conditions: Conditions,
  wishes: Wishes,
): RebalanceResult {
  return solved(body, conditions, wishes, AT_THE_EDGE, (massG) => massG);
}

type Rounding = (massG: number, variable: Variable) => number;

/** Once more where the change brought in oil that nothing carries. */
function solved(
  body: FormulaBody,
  conditions: Conditions,
  wishes: Wishes,
  inside: Inside,
  round: Rounding,
): RebalanceResult {
  const first = solvedOnce(body, conditions, wishes, inside, round, false);
  const isUncarried =
    first.status === 'changed' && first.missed.some(({ code }) => code === 'emulsifier');
  return isUncarried ? solvedOnce(body, conditions, wishes, inside, round, true) : first;
}

function solvedOnce(
  body: FormulaBody,
  conditions: Conditions,
  wishes: Wishes,
  inside: Inside,
  round: Rounding,
  bringsOil: boolean,
): RebalanceResult {
  const totalG = totalMassG(body);
  if (!(totalG > 0)) return { status: 'nothing-to-weigh' };
  const evaluation = evaluate(body, conditions);
  const variables = variablesOf(body, totalG, wishes.ids, conditions.catalog);
  const question: Question = {
    body,
    conditions,
    evaluation,
    variables,
    wishes,
    totalG,
    bringsOil,
    inside,
  };
  const problem = problemOf(question);
  const whole = solve(problem);
  if (whole.status === 'infeasible')
    return { status: 'clash', between: clashOf(problem, whole.at) };
  const { x } = wishes.spread === 'few' ? fewLines(problem, whole) : whole;
  const grams = x.slice(0, variables.length).map((massG, i) => {
    const variable = variables[i];
    return variable ? round(massG, variable) : massG;
  });
  const changes = changesOf(variables, grams, inside);
  if (changes.length === 0) return { status: 'already' };
  const next = bodyWith(body, variables, grams);
  return { status: 'changed', body: next, changes, missed: missedBy(next, question) };
}

/** Named where the work was given up, the bends as straight as they are there. */
function clashOf(problem: Problem, at: readonly number[]): readonly Clash[] {
  const everything = { ...problem, free: problem.start.map((_, i) => i) };
  const bent = straightened(everything, at).map((row, i) => ({
    ...row,
    clash: problem.curved[i]?.clash ?? ({ code: 'free-water' } as const),
  }));
  return smallestSet(problem.start, problem.scale, [...problem.linear, ...bent]);
}

/** Windows that a finding says are not met. */
function clashOfFinding(finding: Finding, { evaluation, wishes }: Question): Clash | null {
  switch (finding.code) {
    case 'too-dry':
    case 'too-wet':
      return {
        code: 'damp',
        isDrier: wishes.ids.includes('drier'),
        lowPct: evaluation.binder.window.lowPct,
        highPct: evaluation.binder.window.highPct,
      };
    case 'free-water-high':
      return { code: 'free-water' };
    case 'acid-excess':
    case 'soda-excess-high':
      return { code: 'ratio' };
    case 'scent-over-limit':
      return { code: 'limit', name: finding.facts.binds };
    case 'scent-load-high':
      return { code: 'scent-usual', usualHighPct: finding.facts.usualHighPct };
    case 'oil-without-emulsifier':
      return { code: 'emulsifier' };
    case 'over-usual-rate':
    case 'color-over-rate':
      return { code: 'rate', name: finding.facts.names[0] ?? '' };
    default:
      return null;
  }
}

function missedBy(next: FormulaBody, question: Question): readonly Clash[] {
  const { wishes, evaluation, conditions } = question;
  const after = evaluate(next, conditions);
  const missesFizz = wishes.ids.includes('longer-fizz') && fizzGain(evaluation, after) < LONGER_BY;
  return [
    ...after.findings.flatMap((finding) => clashOfFinding(finding, question) ?? []),
    ...(missesFizz ? [{ code: 'wish' as const, id: 'longer-fizz' as const }] : []),
  ];
}

function fizzGain(before: Evaluation, after: Evaluation): number {
  const [was, is] = [before.lasting?.speedMmS.best, after.lasting?.speedMmS.best];
  return was !== undefined && is !== undefined ? was / is : LONGER_BY;
}

function bodyWith(
  body: FormulaBody,
  variables: readonly Variable[],
  x: readonly number[],
): FormulaBody {
  const mainId = body.parts[0]?.id ?? '';
  return variables.reduce((current, { lineId, material }, i) => {
    const massG = x[i] ?? 0;
    if (lineId === null)
      return massG >= FINE_ROUND_G ? addLine(current, mainId, material, exactly(massG)) : current;
    return lineById(current, lineId).massG === massG
      ? current
      : setLineMass(current, lineId, massG);
  }, body);
}

/** A change smaller than a scale can show is none. */
function changesOf(
  variables: readonly Variable[],
  x: readonly number[],
  { share }: Inside,
): readonly LineChange[] {
  return variables.flatMap(({ lineId, material, massG: fromG, scaleG }, i) => {
    const toG = x[i] ?? 0;
    const leastG =
      share === AT_THE_EDGE.share
        ? 1e-6 * scaleG
        : lineId === null
          ? FINE_ROUND_G
          : leastStepG(fromG) * 0.999;
    return Math.abs(toG - fromG) >= leastG ? [{ lineId, materialId: material.id, fromG, toG }] : [];
  });
}

function leastStepG(massG: number): number {
  return massG >= 10 ? ROUND_G : FINE_ROUND_G;
}

function roundG(massG: number): number {
  const step = leastStepG(massG);
  return Number((Math.round(massG / step) * step).toFixed(2));
}
