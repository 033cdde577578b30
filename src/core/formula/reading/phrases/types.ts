import type { LineWay, OpKind } from '../../model/kinds';
import type { PartKind, UnreadReason } from '../../model/schema';
import type { Spread } from '@/core/basics/units/spread';
import type { Measure } from '../amount';

/** A stretch of the page: offsets into its text. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** What a page says of the pieces it makes. */
export interface Yield {
  readonly count?: number;
  /** Grams of one. */
  readonly pieceG?: number;
  readonly sizeMm?: number;
  readonly shape?: string;
  /** Grams of the whole mix. */
  readonly totalG?: number;
}

/** How much, in any of its shapes. */
export type Much =
  | { readonly as: 'measured'; readonly measures: readonly Measure[] }
  /** A splash, a few crumbs: nobody knows. */
  | { readonly as: 'vague'; readonly words: string }
  /** 0 to 100. */
  | { readonly as: 'percent'; readonly share: Spread }
  | { readonly as: 'parts'; readonly share: Spread }
  /** A number without a unit. */
  | { readonly as: 'bare'; readonly share: Spread; readonly figure: string }
  | { readonly as: 'bad'; readonly reason: UnreadReason };

/** What is done with a line, or asked to be done on the page. */
export interface Doing {
  readonly op: OpKind | null;
  readonly way: LineWay | null;
  /** Does a second material follow it: `bloomed in 3 g water`? */
  readonly join: string | null;
  /** How a spoon is filled, as `heaped` behind the name. */
  readonly filling?: Spread;
}

export type Phrase = Span &
  (
    | { readonly kind: 'amount'; readonly much: Much; readonly isEach: boolean }
    | { readonly kind: 'ratio'; readonly shares: readonly number[] }
    /** Words that may name a material. */
    | { readonly kind: 'run' }
    | ({ readonly kind: 'doing' } & Doing)
    | { readonly kind: 'verb'; readonly op: OpKind | null }
    | { readonly kind: 'until' }
    | { readonly kind: 'time'; readonly minutes: number }
    | { readonly kind: 'remark' }
    | { readonly kind: 'join'; readonly word: string }
    | { readonly kind: 'mark'; readonly char: string }
    | { readonly kind: 'yield'; readonly says: Yield }
    | {
        readonly kind: 'section';
        readonly partKind: PartKind;
        readonly name: string;
        readonly way: LineWay | null;
        /** Does it speak of the line before it alone? */
        readonly isBehind?: true;
      }
    | { readonly kind: 'correction' }
    | { readonly kind: 'bracket'; readonly inner: readonly Phrase[] }
  );
export type PhraseOf<K extends Phrase['kind']> = Extract<Phrase, { kind: K }>;
