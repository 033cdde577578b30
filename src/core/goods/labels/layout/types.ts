import type { Pictogram } from '../classification/statements';

/** How wide a text is in the label’s font. */
export type Measure = (text: string, sizeMm: number, isBold: boolean) => number;

export interface LabelTextItem {
  readonly kind: 'text';
  readonly field: LabelField;
  readonly text: string;
  /** Left end of the line and its baseline, millimeters from the label’s upper left. */
  readonly xMm: number;
  readonly yMm: number;
  /** Size of the font, the height of its em. */
  readonly sizeMm: number;
  readonly isBold: boolean;
}

export interface LabelSquare {
  readonly kind: 'qr' | 'picture';
  /** Upper left corner and side. */
  readonly xMm: number;
  readonly yMm: number;
  readonly sizeMm: number;
}

/** A hazard symbol: a square set on its point, `sizeMm` from point to point. */
export interface LabelSymbol {
  readonly kind: 'symbol';
  readonly code: Pictogram;
  readonly xMm: number;
  readonly yMm: number;
  readonly sizeMm: number;
}

export type LabelItem = LabelTextItem | LabelSquare | LabelSymbol;

export const LABEL_FIELDS = [
  'title',
  'identity',
  'net',
  'story',
  'ingredients',
  'directions',
  'cautions',
  'languages',
  'foot',
] as const;
export type LabelField = (typeof LABEL_FIELDS)[number];

export interface LabelSide {
  readonly items: readonly LabelItem[];
  /** Fields that do not fit, wholly or in part; with a taller label they would. */
  readonly cut: readonly LabelField[];
  /** Height that everything would need at the smallest letters, millimeters. */
  readonly neededMm: number;
  /** Size of the small text. */
  readonly smallMm: number;
}

export interface LaidLabel {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly isRound: boolean;
  /** The front, and the back where there are two. */
  readonly sides: readonly LabelSide[];
}

/** A text of the label, in the order it stands. */
export interface LabelBlock {
  readonly field: LabelField;
  readonly text: string;
}
