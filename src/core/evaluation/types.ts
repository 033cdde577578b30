import type { DampReading, DampWindow, FreeWaterBand } from '../binder';
import type { FizzBalance } from '../chemistry';
import type { SurfaceReading } from '../fizz';
import type { FormulaBody } from '../formula';
import type { Learned } from '../learning';
import type { Material } from '../materials';
import type { ScentDocument, ScentLimits, ScentReading } from '../scent';
import type { Spread } from '../units';
import type { Tub, TubReading } from '../water';

/** Version of the models below; a batch's frozen readings keep it. */
export const MODELS_VERSION = '1';

/** Where the mix is made and the piece is used. */
export interface Conditions {
  /** Relative humidity of the workroom, 0 to 100 %. */
  readonly humidityPct: number;
  /** The bath, basin or machine one piece goes into. */
  readonly tub: Tub;
  /** Grams of the piece that goes into it; null for the whole mix. */
  readonly pieceG: number | null;
  /** Suppliers' documents for scents; what they say goes before what is shipped. */
  readonly scentDocuments?: readonly ScentDocument[];
  /** What the maker's own records teach, each as a factor on the shipped model; left out without records. */
  readonly learned?: { readonly damp?: Learned; readonly erosion?: Learned };
}

export const USUAL_CONDITIONS: Conditions = {
  humidityPct: 45,
  tub: { volumeL: 150, alkalinityMgL: 100, tempC: 38 },
  pieceG: null,
};

export type Severity = 'info' | 'advice' | 'warning' | 'stop';
export type DampVerdict = 'too-dry' | 'in-window' | 'too-wet';

/** One addition that would settle a finding. */
export interface Fix {
  readonly materialId: string;
  /** Grams to add, over 0. */
  readonly massG: number;
}

export interface Finding {
  readonly code: string;
  readonly severity: Severity;
  /** What it is, and how sure. */
  readonly message: string;
  /** What to do about it. */
  readonly todo: string;
  /** The numbers the sentence speaks of, each with its unit in its name. */
  readonly numbers: Readonly<Record<string, number>>;
  readonly source: string;
  readonly fix?: Fix;
}

/** How a piece wears in its water. */
export type Lasting =
  | {
      readonly kind: 'dropped';
      /** Seconds until it is gone. */
      readonly goneS: Spread;
      readonly buoyancy: 'floats' | 'sinks' | 'either';
      readonly inradiusMm: number;
      readonly speedMmS: Spread;
    }
  | { readonly kind: 'scattered'; readonly goneS: Spread; readonly speedMmS: Spread }
  | {
      readonly kind: 'showered';
      /** Showers of eight minutes. */
      readonly showers: Spread;
      readonly inradiusMm: number;
      readonly speedMmS: Spread;
    };

export interface Evaluation {
  readonly totalG: number;
  readonly fizz: FizzBalance & {
    /** Soda to acid over the honest spread of the amounts; null without acid. */
    readonly ratioSpread: Spread | null;
    readonly usualLow: number;
    readonly usualHigh: number;
  };
  /** Of the main mix: what is pressed. */
  readonly binder: DampReading & {
    readonly window: DampWindow;
    /** Own batches that speak in the window. */
    readonly ownBatches: number;
    readonly dampSpread: Spread | null;
    readonly freeWaterSpread: Spread;
    /** Share of the packed piece's pores that liquid fills; null without solids. */
    readonly saturation: number | null;
    readonly verdict: DampVerdict | null;
    readonly freeWaterBand: FreeWaterBand;
    readonly easyToPct: number;
    readonly riskyToPct: number;
  };
  /** Of the water one piece goes into; null while nothing is there to dissolve. */
  readonly water: TubReading | null;
  /** How long a piece lasts in its water; null where nothing fizzes. */
  readonly lasting: Lasting | null;
  /** Foam, film and scent of the water after one piece; null while nothing is there. */
  readonly surface: SurfaceReading | null;
  readonly scent: ScentReading & ScentLimits & { readonly loadSpread: Spread };
  /** Dry piece and tub water as `#rrggbb`; null while nothing is there. */
  readonly color: { readonly powderHex: string; readonly waterHex: string } | null;
  readonly findings: readonly Finding[];
}

/** What a rule looks at: everything but the findings. */
export interface Examined {
  readonly body: FormulaBody;
  readonly conditions: Conditions;
  readonly materials: ReadonlyArray<{ readonly material: Material; readonly massG: number }>;
  readonly readings: Omit<Evaluation, 'findings'>;
}

export type Rule = (examined: Examined) => readonly Finding[];
