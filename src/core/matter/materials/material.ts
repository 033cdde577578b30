import type { Spread } from '@/core/basics/units/spread';
import type { Knowledge } from './knowledge';
import type { Sourced } from './sources';
import type { BulkState, MaterialRow } from './types';

/** A row with every bulk density worked out, and what else is known of it. */
export interface Material extends MaterialRow, Knowledge {
  readonly isLiquid: boolean;
  /** Catalog id whose tables (colors, constituents, cautions) speak for it; its own id unless the maker made it. */
  readonly likeId: string;
  /** What a mix of the maker’s own is made of, % by mass; models, labels and limits look through it. */
  readonly madeOf?: readonly { readonly materialId: string; readonly pct: number }[];
  /** g/mL by state; liquids have their true density in every state. */
  readonly densityGMl: Readonly<Record<BulkState, Sourced<Spread>>>;
}
