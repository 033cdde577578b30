import type { Conditions } from '../conditions';
import { evaluate, type Evaluation } from '../evaluation';
import { addLine, lineById, setLineMass, totalMassG, type FormulaBody } from '../formula';
import { exactly } from '../units';
import type { Clash } from './clash';
import { leastChange, smallestClash } from './program';
import { variablesOf, type Variable } from './variables';
import { aimedWindow, linearWishes, type NamedWish, type Question } from './windows';
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

const PASSES = 8;
const ROUND_G = 0.1;
const FINE_ROUND_G = 0.01;
/** How near the damp index has to come to its window, index points. */
const DAMP_WITHIN = 0.02;
const LONGER_BY = 1.22;

/**
 * The smallest change of a formula that meets every window and every wish: minimize the squared relative change
 * of each line, windows and wishes linear in grams, locked lines held; the damp index is straightened anew at
 * each pass until the readings themselves are met. Scent and color change last.
 * Source: Goldfarb and Idnani 1983 for the program; windows as in the readings.
 */
export function rebalance(
  body: FormulaBody,
  conditions: Conditions,
  wishes: Wishes,
): RebalanceResult {
  const totalG = totalMassG(body);
  if (!(totalG > 0)) return { status: 'nothing-to-weigh' };
  const evaluation = evaluate(body, conditions);
  const variables = variablesOf(body, totalG, wishes.ids, conditions.catalog);
  const start = startOf(variables, totalG, wishes.totalG);
  const scale = variables.map(({ scaleG }) => scaleG);
  let question: Question = {
    body,
    evaluation,
    variables,
    wishes,
    totalG,
    documents: conditions.scentDocuments,
    at: start,
    stretch: 1,
  };
  let x = start;
  for (let pass = 0; pass < PASSES; pass++) {
    const rows = linearWishes(question);
    const solved = leastChange(start, scale, rows);
    if (solved.status === 'infeasible')
      return {
        status: 'clash',
        between: clashesOf(smallestClash(start, scale, rows), rows),
      };
    x = solved.x;
    const after = evaluate(bodyWith(body, variables, x), conditions);
    const gain = fizzGain(evaluation, after);
    if (isMet(after, question) && (!wishes.ids.includes('longer-fizz') || gain >= LONGER_BY)) break;
    question = { ...question, at: x, stretch: stretched(question, gain) };
  }
  const rounded = x.map((massG, i) =>
    variables[i]?.isLocked ? (variables[i]?.massG ?? massG) : roundG(massG),
  );
  const swept = withoutCrumbs(variables, rounded, totalG);
  const isAsGood = missedBy(bodyWith(body, variables, swept), question, conditions).length === 0;
  const grams =
    isAsGood && !addsToMend(body, variables, rounded, swept, conditions) ? swept : rounded;
  const changes = changesOf(variables, grams);
  if (changes.length === 0) return { status: 'already' };
  const next = bodyWith(body, variables, grams);
  return { status: 'changed', body: next, changes, missed: missedBy(next, question, conditions) };
}

/** What the groups of a clash are, each once. */
function clashesOf(groups: readonly string[], rows: readonly NamedWish[]): readonly Clash[] {
  return groups.flatMap((group) => rows.find((row) => row.group === group)?.clash ?? []);
}

/** A wish for another total first scales everything: that alone is no change of the formula. */
function startOf(
  variables: readonly Variable[],
  totalG: number,
  wantedG: number | null,
): readonly number[] {
  const factor = (wantedG ?? totalG) / totalG;
  return variables.map(({ massG, isLocked }) => (isLocked ? massG : massG * factor));
}

function isMet({ binder }: Evaluation, { wishes }: Question): boolean {
  const index = binder.dampIndexPct;
  if (index === null) return true;
  const { lowPct, highPct } = aimedWindow(binder.window, wishes);
  return index >= lowPct - DAMP_WITHIN && index <= highPct + DAMP_WITHIN;
}

function fizzGain(before: Evaluation, after: Evaluation): number {
  const [was, is] = [before.lasting?.speedMmS.best, after.lasting?.speedMmS.best];
  return was !== undefined && is !== undefined ? was / is : LONGER_BY;
}

/** Asks for more where the model bends away from its straight line. */
function stretched({ stretch, wishes }: Question, gain: number): number {
  return wishes.ids.includes('longer-fizz') && gain < LONGER_BY ? stretch * 1.15 : stretch;
}

function missedBy(next: FormulaBody, question: Question, conditions: Conditions): readonly Clash[] {
  const after = evaluate(next, conditions);
  const { wishes, evaluation } = question;
  const missesDamp = !isMet(after, question) && after.binder.verdict !== 'in-window';
  const missesFizz =
    wishes.ids.includes('longer-fizz') && fizzGain(evaluation, after) < LONGER_BY - 0.02;
  return [
    ...(missesDamp
      ? [
          {
            code: 'damp' as const,
            isDrier: wishes.ids.includes('drier'),
            lowPct: evaluation.binder.window.lowPct,
            highPct: evaluation.binder.window.highPct,
          },
        ]
      : []),
    ...(missesFizz ? [{ code: 'wish' as const, id: 'longer-fizz' as const }] : []),
  ];
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
      return massG >= ROUND_G ? addLine(current, mainId, material, exactly(massG)) : current;
    return lineById(current, lineId).massG === massG
      ? current
      : setLineMass(current, lineId, massG);
  }, body);
}

function changesOf(variables: readonly Variable[], x: readonly number[]): readonly LineChange[] {
  return variables.flatMap(({ lineId, material, massG: fromG }, i) => {
    const toG = x[i] ?? 0;
    const isWorth = Math.abs(toG - fromG) >= (lineId === null ? ROUND_G : leastStepG(fromG));
    return isWorth ? [{ lineId, materialId: material.id, fromG, toG }] : [];
  });
}

/** Changes of under this share of a line and of the mix are crumbs: left out where that mends nothing less. */
const CRUMB_OF_LINE = 0.02;
const CRUMB_OF_MIX = 0.0003;

function withoutCrumbs(
  variables: readonly Variable[],
  x: readonly number[],
  totalG: number,
): readonly number[] {
  return variables.map(({ massG }, i) => {
    const change = Math.abs((x[i] ?? 0) - massG);
    return change < CRUMB_OF_LINE * massG && change < CRUMB_OF_MIX * totalG ? massG : (x[i] ?? 0);
  });
}

function addsToMend(
  body: FormulaBody,
  variables: readonly Variable[],
  rounded: readonly number[],
  swept: readonly number[],
  conditions: Conditions,
): boolean {
  const toMend = (x: readonly number[]) =>
    evaluate(bodyWith(body, variables, x), conditions).findings.filter(
      ({ severity }) => severity !== 'info',
    ).length;
  return toMend(swept) > toMend(rounded);
}

/** A change smaller than a scale can show is none. */
function leastStepG(massG: number): number {
  return massG >= 10 ? ROUND_G : FINE_ROUND_G;
}

function roundG(massG: number): number {
  const step = leastStepG(massG);
  return Number((Math.round(massG / step) * step).toFixed(2));
}
