import type { WishId } from './wishes';

/** One thing that a change has to hold to: named when it cannot hold together with others. */
/** Several of a kind, where naming each would say less. */
interface SeveralClash<C extends string> {
  readonly code: C;
  readonly count: number;
}

export type Clash =
  | {
      readonly code: 'lock';
      readonly lineId: string;
      readonly name: string;
      readonly massG: number;
    }
  | { readonly code: 'limit'; readonly name: string }
  | { readonly code: 'rate'; readonly name: string }
  /** A line that is not taken out, or may not grow. */
  | { readonly code: 'stays'; readonly name: string }
  | SeveralClash<'locks'>
  | SeveralClash<'all-rates'>
  | SeveralClash<'all-limits'>
  | SeveralClash<'all-stay'>
  | { readonly code: 'total'; readonly totalG: number }
  /** The total is the sum of the lines: never in the way by itself. */
  | { readonly code: 'sum' }
  | { readonly code: 'wished-ratio'; readonly ratio: number }
  | { readonly code: 'ratio' }
  | { readonly code: 'free-water' }
  | { readonly code: 'emulsifier' }
  | {
      readonly code: 'damp';
      readonly isDrier: boolean;
      readonly lowPct: number;
      readonly highPct: number;
    }
  | { readonly code: 'scent-usual'; readonly usualHighPct: number }
  | { readonly code: 'wish'; readonly id: WishId };

/** Rows of one key stand or fall together. */
export function keyOf(clash: Clash): string {
  switch (clash.code) {
    case 'lock':
      return `lock ${clash.lineId}`;
    case 'limit':
    case 'rate':
    case 'stays':
      return `${clash.code} ${clash.name}`;
    case 'wish':
      return `wish ${clash.id}`;
    default:
      return clash.code;
  }
}
