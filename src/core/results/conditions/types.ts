import type { EndsFelt } from '../binder/windows';
import { ROOM_PCT, USUAL_ROOM_C } from '../binder/room';
import type { Learned, Taught } from '../learning/quantities';
import { SHIPPED, type Catalog } from '@/core/matter/materials/catalog';
import type { ScentDocument } from '../scent/scentDocuments';
import type { Spread } from '@/core/basics/units/spread';
import type { Tub } from '../water/tub';

/** What a mix is judged in: where it is made, what it goes into, and what is known. */
export interface Conditions {
  /** The materials this workshop knows. */
  readonly catalog: Catalog;
  /** Relative humidity of the workroom, 0 to 100%. */
  readonly humidityPct: number;
  /** Temperature of the workroom, -10 to 50°C. */
  readonly roomTempC: number;
  /** The bath, basin or machine one piece goes into. */
  readonly tub: Tub;
  /** Grams that go into it at once; null for the whole mix. */
  readonly pieceG: number | null;
  /** Suppliers' documents for scents; what they say goes before what is shipped. */
  readonly scentDocuments: readonly ScentDocument[];
  /** What the maker's own records teach, each as a factor on the shipped model; left out without records. */
  readonly learned: OwnTrials & { readonly damp?: Learned & EndsFelt; readonly packed?: PackedOwn };
}

/** What trials in water and on the scale teach; asked where the piece is known. */
export interface OwnTrials {
  readonly wear?: Taught;
  readonly floats?: Taught;
  readonly showers?: Taught;
  readonly foam?: Taught;
  readonly share?: Taught;
}

/** How densely this maker packs by the method in hand, from own fills. */
export interface PackedOwn {
  readonly densityGMl: Spread;
  readonly records: number;
}

/** A temperate room, a full bath and nothing of one's own, until a workshop says otherwise. */
export const USUAL_CONDITIONS: Conditions = {
  catalog: SHIPPED,
  humidityPct: ROOM_PCT.aim,
  roomTempC: USUAL_ROOM_C,
  tub: { volumeL: 150, alkalinityMgL: 100, tempC: 38 },
  pieceG: null,
  scentDocuments: [],
  learned: {},
};
