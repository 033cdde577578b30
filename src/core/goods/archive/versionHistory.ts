import { meanOf } from '@/core/basics/numeric/meanOf';
import type { Fault } from '@/core/batches/records/kinds';
import { compareBodies, type BodyDifference } from '@/core/formula/model/compare';
import type { Formula } from '@/core/formula/model/schema';
import type { BatchDigest } from './batchDigest';
import { outcomeSeen, type OutcomeSeen } from './findBatches';

/** One version of a formula, and what came of it. */
export interface VersionStep {
  readonly number: number;
  readonly name: string;
  /** Null where the formula was removed. */
  readonly keptAt: string | null;
  /** Against the version before; null for the first, and where nobody knows it any more. */
  readonly change: BodyDifference | null;
  readonly batches: number;
  readonly outcomes: Readonly<Record<OutcomeSeen, number>>;
  readonly pieces: number;
  readonly rejects: number;
  /** Most seen first. */
  readonly faults: readonly Fault[];
  /** Means over its batches; null where none has it. */
  readonly humidityPct: number | null;
  readonly dampPct: number | null;
}

/**
 * The line of a formula's versions, oldest first, each with what changed and what came of it. A version that was made and is
 * known no more stands in the line too.
 * @param formula null for one that was removed
 * @param digests its batches
 */
export function versionHistory(
  formula: Formula | null,
  digests: readonly BatchDigest[],
): readonly VersionStep[] {
  const versions = new Map((formula?.versions ?? []).map((one) => [one.number, one]));
  const numbers = new Set([...versions.keys(), ...digests.map((one) => one.versionNumber)]);
  return [...numbers]
    .sort((a, b) => a - b)
    .map((number) => {
      const version = versions.get(number);
      const before = versions.get(number - 1);
      return {
        number,
        name: version?.name ?? '',
        keptAt: version?.keptAt ?? null,
        change: version && before ? compareBodies(before.body, version.body) : null,
        ...cameOf(digests.filter(({ versionNumber }) => versionNumber === number)),
      };
    });
}

function cameOf(
  digests: readonly BatchDigest[],
): Omit<VersionStep, 'number' | 'name' | 'keptAt' | 'change'> {
  const outcomes = { good: 0, faults: 0, unfinished: 0 };
  const times = new Map<Fault, number>();
  for (const digest of digests) {
    outcomes[outcomeSeen(digest)] += 1;
    for (const fault of digest.faults) times.set(fault, (times.get(fault) ?? 0) + 1);
  }
  const sum = (of: (digest: BatchDigest) => number) =>
    digests.reduce((total, digest) => total + of(digest), 0);
  return {
    batches: digests.length,
    outcomes,
    pieces: sum(({ count }) => count?.pieces ?? 0),
    rejects: sum(({ count }) => count?.rejects ?? 0),
    faults: [...times].sort((a, b) => b[1] - a[1]).map(([fault]) => fault),
    humidityPct: meanOf(digests.map((digest) => digest.humidityPct)),
    dampPct: meanOf(digests.map((digest) => digest.dampPct)),
  };
}
