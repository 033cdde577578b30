import type { Fault } from '../records/kinds';
import { CAUSES, type CauseRow, type Evidence } from './causeTable';
import type { BatchFacts } from './facts';
import { faultRow } from './faultTable';

/** A fault and how many pieces show it. */
export interface FaultCount {
  readonly fault: Fault;
  readonly count: number;
}

export interface RankedCause {
  readonly id: CauseRow['id'];
  readonly title: string;
  readonly change: string;
  /** Share of belief, 0 to 1; what is left belongs to causes nobody wrote down. */
  readonly share: number;
  readonly sureness: 'likely' | 'perhaps' | 'less likely';
  /** What in this batch speaks for it, loudest first. */
  readonly speaksFor: readonly string[];
  readonly speaksAgainst: readonly string[];
  /** Faults it would explain. */
  readonly explains: readonly Fault[];
}

/** Weight of a cause that is on no list, beside those that are. */
const UNKNOWN_WEIGHT = 0.6;
/** Facts that say less than this are not worth a line. */
const WORTH_SAYING = 0.25;
const LIKELY_FROM = 0.45;
const PERHAPS_FROM = 0.15;
/** A cause that nothing in the record speaks for steps back behind those that something does. Rovack estimate. */
const UNSUPPORTED = 0.5;

/**
 * Likely causes of what was seen, by this batch's own record: how often each is behind such a fault, times what the
 * facts say, as in Bayes' rule with facts taken as independent. Several faults are weighed by how many pieces show them.
 * Start weights from common practice; the model is ours.
 * @returns most likely first; empty when no fault was seen
 */
export function rankCauses(
  faults: readonly FaultCount[],
  facts: BatchFacts,
): readonly RankedCause[] {
  const seen = faults.filter(({ count }) => count > 0);
  const total = seen.reduce((sum, { count }) => sum + count, 0);
  if (total === 0) return [];
  const scored = CAUSES.flatMap((cause: CauseRow) => {
    const prior = seen.reduce(
      (sum, { fault, count }) => sum + (count / total) * shareBefore(fault, cause.id),
      0,
    );
    if (prior === 0) return [];
    const evidence = cause.evidence(facts);
    const weight = evidence.reduce((sum, one) => sum + one.weight, 0);
    const isSupported = evidence.some((one) => one.weight > 0);
    const score = prior * Math.exp(weight) * (isSupported ? 1 : UNSUPPORTED);
    return [{ cause, evidence, score }];
  });
  const all = scored.reduce((sum, { score }) => sum + score, 0) + UNKNOWN_WEIGHT * 0.2;
  return scored
    .map(({ cause, evidence, score }): RankedCause => {
      const share = score / all;
      return {
        id: cause.id,
        title: cause.title,
        change: cause.change,
        share,
        sureness:
          share >= LIKELY_FROM ? 'likely' : share >= PERHAPS_FROM ? 'perhaps' : 'less likely',
        speaksFor: worthSaying(evidence, 1),
        speaksAgainst: worthSaying(evidence, -1),
        explains: seen
          .filter(({ fault }) => shareBefore(fault, cause.id) > 0)
          .map(({ fault }) => fault),
      };
    })
    .sort((a, b) => b.share - a.share);
}

function shareBefore(fault: Fault, causeId: CauseRow['id']): number {
  const { causes } = faultRow(fault);
  const sum = Object.values(causes).reduce((total, weight) => total + weight, 0);
  return (causes[causeId] ?? 0) / (sum + UNKNOWN_WEIGHT);
}

function worthSaying(evidence: readonly Evidence[], sign: 1 | -1): readonly string[] {
  const said = evidence
    .filter(({ weight }) => weight * sign > WORTH_SAYING)
    .sort((a, b) => Math.abs(b.weight) - Math.abs(a.weight))
    .map((one) => one.said);
  return [...new Set(said)];
}
