import type { Felt } from '@/core/results/binder/correction';
import type { CauseId } from '@/core/batches/faults/causeTable';
import type { LessonId } from './lessons';

/** What a hand does in a lesson. All that shows is worked out from lesson, seed and moves. */
export type Move =
  | { readonly kind: 'squeeze' }
  /** What the hand was said to tell. */
  | { readonly kind: 'say'; readonly felt: Felt }
  | { readonly kind: 'add'; readonly materialId: string; readonly massG: number }
  | { readonly kind: 'spray'; readonly materialId: string; readonly squirts: number }
  /** Ten squirts on the scale, beside the bowl. */
  | { readonly kind: 'weigh-squirts' }
  /** Turned in moving dry air. */
  | { readonly kind: 'air' }
  | { readonly kind: 'acid' }
  /** Pressed, or filled into the jar. */
  | { readonly kind: 'press' }
  /** Taken off the tray so many hours later. */
  | { readonly kind: 'lift'; readonly hours: number }
  | { readonly kind: 'tub' }
  | { readonly kind: 'name-cause'; readonly causeId: CauseId }
  | { readonly kind: 'change'; readonly causeId: CauseId }
  /** A cup or the whole bowl with so much dye. */
  | { readonly kind: 'cup'; readonly gPerKg: number }
  | { readonly kind: 'color'; readonly gPerKg: number };

/** A lesson as it is being played. */
export interface Play {
  readonly lessonId: LessonId;
  /** A whole number, 0 or more: the same one is the same bowl. */
  readonly seed: number;
  readonly moves: readonly Move[];
}

/** A lesson of more moves is no lesson. */
export const MOST_MOVES = 200;

/** Where something lies on the one line of a lesson. */
export interface LinePoint {
  readonly at: number;
  readonly said: string;
}

/** What is drawn at the end: where it began, where it went, what was wanted, and the smallest way there. */
export interface LessonLine {
  readonly axis: string;
  readonly points: readonly LinePoint[];
  readonly low: number;
  readonly high: number;
  /** What the range is called. */
  readonly rangeSaid: string;
  readonly smallest: readonly LinePoint[];
}

export const POINTS = ['right', 'few', 'small'] as const;
export type PointId = (typeof POINTS)[number];

/** One of the three points of a lesson. */
export interface Point {
  readonly id: PointId;
  readonly isWon: boolean;
  readonly said: string;
}

/** How a lesson ended. Without the first point the others are not given. */
export interface Score {
  readonly points: readonly Point[];
  readonly won: number;
  readonly passed: boolean;
}

/** @param right whether the work is right @param said a sentence for each point */
export function scoreOf(
  isWon: Readonly<Record<PointId, boolean>>,
  said: Readonly<Record<PointId, string>>,
): Score {
  const points = POINTS.map((id) => ({ id, isWon: isWon.right && isWon[id], said: said[id] }));
  return { points, won: points.filter((point) => point.isWon).length, passed: isWon.right };
}
