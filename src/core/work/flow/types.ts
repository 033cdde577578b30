import type { OpKind, VesselKind } from '@/core/formula/model/kinds';
import type { Catalog } from '@/core/matter/materials/catalog';

/** A vessel of a part; the bowl, beaker, pan and mold of the main mix are its own. */
export interface Vessel {
  readonly kind: VesselKind;
  readonly partId: string;
}

/** Which sentence an operation speaks; its words stand in `words.ts`. */
export type Saying =
  | 'weigh'
  | 'sieve'
  | 'melt'
  | 'warm-oil'
  | 'dissolve-in-alcohol'
  | 'dissolve-in-oil'
  | 'infuse'
  | 'soak'
  | 'bloom'
  | 'furrow'
  | 'rub-in'
  | 'mix-dry'
  | 'mix-color'
  | 'mix-foam'
  | 'mix-wet'
  | 'mix-salts'
  | 'mix-loose'
  | 'mix-acid'
  | 'mix-part'
  | 'pour-pan'
  | 'pour-cup'
  | 'pour-powders'
  | 'scrape'
  | 'keep-dry'
  | 'part'
  | 'mix-second'
  | 'mix-first'
  | 'squeeze'
  | 'squeeze-before'
  | 'squeeze-after'
  | 'spray'
  | 'by-spoon'
  | 'lay'
  | 'fill'
  | 'spread'
  | 'rest'
  | 'unmold'
  | 'tray'
  | 'count'
  | 'turn'
  | 'dry'
  | 'top'
  | 'ice'
  | 'paint'
  | 'drizzle'
  | 'jar'
  | 'wrap'
  | 'own';

/** One thing done, in the order of the work. */
export interface Operation {
  /** The same from one computing to the next, so that edits and records can name it. */
  readonly id: string;
  readonly op: OpKind;
  readonly saying: Saying;
  readonly partId: string;
  readonly vessel: Vessel;
  /** Emptied into the vessel; null when nothing is poured. */
  readonly from: Vessel | null;
  /** Weighed here, or spoken of; of the vessel as a whole when empty. */
  readonly lineIds: readonly string[];
  /** Hands or machine are busy with it for so long. */
  readonly minutes: number;
  /** It must then stand this long, and may stand no longer than this; null for as long as one likes. */
  readonly waitMinMin: number;
  readonly waitMaxMin: number | null;
  /** What it needs beside hands. */
  readonly needs: Need | null;
  /** On the days after, and not at the bench. */
  readonly isLater: boolean;
  /** The maker's own words, of an operation that was added. */
  readonly said: string;
}
export type Need = 'mixer' | 'press' | 'heat' | 'tray';

export interface Work {
  readonly operations: readonly Operation[];
  /** Edits that name an operation which is not there any more. */
  readonly lostEdits: number;
}

/** Minutes of waiting, where somebody has said them. */
export type Waits = Readonly<Partial<Record<OpKind, number>>>;

/** What the work has to know beside the formula. */
export interface WorkFacts {
  readonly catalog: Catalog;
  readonly pieces: number;
  /** Grams of each line on the scale, by its id; those of the formula for what is not named. */
  readonly weighG: ReadonlyMap<string, number>;
  /** Minutes that the maker’s own words ask to wait, by what waits. */
  readonly waits?: Waits;
  /** Grams of mix in the bowl; left out, what the lines of the main mix and the second color weigh. */
  readonly bowlG?: number;
  /** Is it so little that hands mix it in a minute or two? The layout says so. */
  readonly isSmall?: boolean;
  /** Minutes to fill and form all pieces in the molds they are made in; left out, one by one. */
  readonly fillMin?: number;
  /** Lines counted in drops or spoons: they go into each bowl by themselves. */
  readonly counted: ReadonlySet<string>;
}
