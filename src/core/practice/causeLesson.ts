import { entryAt } from '@/core/basics/entryAt';
import { seededRandom } from '@/core/basics/numeric/random';
import { CAUSES, type CauseId } from '@/core/batches/faults/causeTable';
import type { BatchFacts } from '@/core/batches/faults/facts';
import { NOTHING_OUTSIDE } from '@/core/batches/faults/facts';
import { rankCauses, type RankedCause } from '@/core/batches/faults/rankCauses';
import type { LessonLine, Move, Score } from './play';
import { scoreOf } from './play';
import { randomFor } from './truth';

/** What may be behind warts, and two that look likely to a beginner. */
export const CAUSE_CHOICES = [
  'too-much-water',
  'room-too-damp',
  'acid-met-water',
  'not-sieved',
  'lifted-early',
  'too-little-acid',
] as const satisfies readonly CauseId[];
const HIDDEN = [
  'too-much-water',
  'room-too-damp',
  'acid-met-water',
  'not-sieved',
] as const satisfies readonly CauseId[];

/** Sure enough to be fair: the record gives the cause this share of belief. */
const FAIR_FROM = 0.45;
const MOST_DRAWS = 200;
const WARTS = [{ fault: 'warts', count: 5 }] as const;

/** A batch that is all in order, give or take. */
function usualFacts(random: () => number): BatchFacts {
  const about = (best: number, give: number) => best + (2 * random() - 1) * give;
  return {
    ...NOTHING_OUTSIDE,
    dryHumidityPct: Math.round(about(46, 4)),
    traySeats: 'rounded',
    dryWhenLifted: about(0.85, 0.08),
    dampIndexPct: null,
    dampPlace: about(0.55, 0.2),
    freeWaterPct: about(0.7, 0.25),
    madeHumidityPct: Math.round(about(46, 5)),
    acidToLastMin: Math.round(about(28, 8)),
    feltWet: 0,
    feltDry: 0,
    endedRight: true,
    lateWaterPct: about(0.1, 0.06),
    fillSpreadPct: about(2, 1),
    fillOverTarget: about(1, 0.02),
    skippedSieve: false,
    skippedScrape: false,
    clumpingPct: about(62, 4),
    embedWaterPct: null,
    icingWaterPct: null,
    icingBinderPct: null,
    oilPct: about(4.5, 0.8),
    emulsifierToOil: about(0.25, 0.05),
    fillerPct: about(10, 2),
    hardenerPct: about(1.3, 0.3),
    coarseSaltPct: 0,
    drawsWaterPct: 0,
    ratioOverBalance: about(1.45, 0.08),
    dyeUnbloomed: false,
    hasBloomedDye: false,
    micaPct: 0,
    vanillinPct: 0,
    ultramarineG: 0,
    pieceG: 180,
    isRound: true,
  };
}

/** What each cause leaves in the record. */
const TRACES: Readonly<
  Record<(typeof HIDDEN)[number], (random: () => number) => Partial<BatchFacts>>
> = {
  'too-much-water': (random) => ({ freeWaterPct: 2 + random(), feltWet: 1 }),
  'room-too-damp': (random) => ({
    madeHumidityPct: Math.round(62 + 10 * random()),
    dryHumidityPct: Math.round(60 + 10 * random()),
  }),
  'acid-met-water': (random) => ({
    lateWaterPct: 0.5 + 0.35 * random(),
    acidToLastMin: Math.round(60 + 30 * random()),
  }),
  'not-sieved': (random) => ({ skippedSieve: true, clumpingPct: 66 + 6 * random() }),
};

export interface CauseTruth {
  readonly causeId: CauseId;
  readonly facts: BatchFacts;
  /** What the record makes of each cause, likeliest first. */
  readonly ranked: readonly RankedCause[];
}

/**
 * A made-up record with one thing wrong, which the ranking of causes finds: the same for the same seed.
 * @throws RangeError where no record of this seed is fair
 */
export function causeTruth(seed: number): CauseTruth {
  const causeId = entryAt(HIDDEN, Math.floor(HIDDEN.length * randomFor('warts cause', seed)()));
  for (let draw = 0; draw < MOST_DRAWS; draw++) {
    const random = randomFor('warts record', seed, draw);
    const facts = { ...usualFacts(random), ...TRACES[causeId](random) };
    const ranked = rankCauses(WARTS, facts);
    const [first] = ranked;
    if (first?.id === causeId && first.share >= FAIR_FROM) return { causeId, facts, ranked };
  }
  throw new RangeError(`no fair record for seed ${seed}`);
}

export interface CauseState {
  readonly truth: CauseTruth;
  /** Causes named, in their order. */
  readonly named: readonly CauseId[];
  /** Changes chosen, once the cause was named. */
  readonly changes: readonly CauseId[];
  readonly isFound: boolean;
  readonly isDone: boolean;
}

/** The record after all of these moves. */
export function playCause(seed: number, moves: readonly Move[]): CauseState {
  const truth = causeTruth(seed);
  const named: CauseId[] = [];
  const changes: CauseId[] = [];
  const has = (list: readonly CauseId[]) => list.includes(truth.causeId);
  for (const move of moves) {
    if (move.kind === 'name-cause' && !has(named) && !named.includes(move.causeId))
      named.push(move.causeId);
    if (move.kind === 'change' && has(named) && !has(changes) && !changes.includes(move.causeId))
      changes.push(move.causeId);
  }
  return { truth, named, changes, isFound: has(named), isDone: has(named) && has(changes) };
}

/** The choices in an order of their own for each seed, so that no place on the screen is the answer. */
export function shuffledChoices(seed: number): readonly CauseId[] {
  const random = seededRandom(seed);
  const list: CauseId[] = [...CAUSE_CHOICES];
  for (let i = list.length - 1; i > 0; i--) {
    const j = Math.floor(random() * (i + 1));
    [list[i], list[j]] = [entryAt(list, j), entryAt(list, i)];
  }
  return list;
}

const GUESSES = 2;

/** Right: cause and change in two guesses each. Few: the cause at the first. Small: the change at the first. */
export function causeScore({ named, changes }: CauseState): Score {
  return scoreOf(
    {
      right: named.length <= GUESSES && changes.length <= GUESSES,
      few: named.length === 1,
      small: changes.length === 1,
    },
    {
      right: 'You found cause and change in two guesses each.',
      few: 'You named the cause at the first guess.',
      small: 'You chose the change at the first guess.',
    },
  );
}

const titleOf = (id: CauseId) => CAUSES.find((one) => one.id === id)?.title ?? id;

/** Causes on one line by the share of belief that the record gives them, %. */
export function causeLine({ truth, named }: CauseState): LessonLine {
  const at = (id: CauseId) => 100 * (truth.ranked.find((one) => one.id === id)?.share ?? 0);
  const [first] = truth.ranked;
  return {
    axis: 'Share of belief by the record, %',
    points: named.map((id) => ({ at: at(id), said: titleOf(id) })),
    low: 100 * FAIR_FROM,
    high: 100,
    rangeSaid: 'Likely',
    smallest: first ? [{ at: 100 * first.share, said: first.title }] : [],
  };
}
