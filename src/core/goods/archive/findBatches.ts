import type { Fault } from '@/core/batches/records/kinds';
import { FAMILY_WORDS } from '@/core/formula/model/messages';
import type { BatchDigest } from './batchDigest';

/** How a batch came out, as the map and the filters tell it apart. */
export const OUTCOMES_SEEN = ['good', 'faults', 'unfinished'] as const;
export type OutcomeSeen = (typeof OUTCOMES_SEEN)[number];

export interface Between {
  readonly low: number;
  readonly high: number;
}

/** What is looked for; null for anything. */
export interface BatchFilter {
  /** Each word is in its code, its formula, its kind, its people or its notes, or is the code of a lot in it. */
  readonly words: string;
  readonly formulaId: string | null;
  readonly outcome: OutcomeSeen | null;
  readonly fault: Fault | null;
  /** `2026-09`. */
  readonly month: string | null;
  /** Of the room, %. */
  readonly humidity: Between | null;
  /** Moisture index. */
  readonly damp: Between | null;
}
export const NO_FILTER: BatchFilter = {
  words: '',
  formulaId: null,
  outcome: null,
  fault: null,
  month: null,
  humidity: null,
  damp: null,
};

/** A batch with what it is found by, worked out once. */
export interface FindableBatch {
  readonly digest: BatchDigest;
  readonly startMs: number;
  readonly text: string;
  readonly outcome: OutcomeSeen;
}

export function findableBatch(digest: BatchDigest): FindableBatch {
  const { code, formulaName, family, words, faults } = digest;
  return {
    digest,
    startMs: Date.parse(digest.startedAt),
    text: [code, formulaName, FAMILY_WORDS[family], ...faults, words].join(' ').toLowerCase(),
    outcome: outcomeSeen(digest),
  };
}

/** Faults or rejects make it one with faults; what was given up or is still at the bench is unfinished. */
export function outcomeSeen({ outcome, faults, count }: BatchDigest): OutcomeSeen {
  if (outcome !== 'made') return 'unfinished';
  return faults.length > 0 || (count?.rejects ?? 0) > 0 ? 'faults' : 'good';
}

/**
 * Batches that fit, in the order they came in.
 * @param ofLot ids of the batches that a lot went into, by its code in lower case; nothing for what is no lot
 */
export function findBatches(
  all: readonly FindableBatch[],
  filter: BatchFilter,
  ofLot: (code: string) => ReadonlySet<string> | undefined = () => undefined,
): readonly FindableBatch[] {
  const words = filter.words.toLowerCase().split(/\s+/).filter(Boolean);
  const asked = words.map((word) => ({ word, inLot: ofLot(word) }));
  const { formulaId, outcome, fault, month, humidity, damp } = filter;
  return all.filter(
    (one) =>
      (formulaId === null || one.digest.formulaId === formulaId) &&
      (outcome === null || one.outcome === outcome) &&
      (fault === null || one.digest.faults.includes(fault)) &&
      (month === null || one.digest.startedAt.startsWith(month)) &&
      isIn(one.digest.humidityPct, humidity) &&
      isIn(one.digest.dampPct, damp) &&
      asked.every(({ word, inLot }) => one.text.includes(word) || inLot?.has(one.digest.id)),
  );
}

/** Ends belong to it; what was not read lies in no range. */
function isIn(value: number | null, range: Between | null): boolean {
  return range === null || (value !== null && value >= range.low && value <= range.high);
}
