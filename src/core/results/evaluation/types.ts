import type { DampReading } from '../binder/damp';
import type { DampWindow } from '../binder/windows';
import type { FreeWaterBand } from '../binder/freeWater';
import type { FizzBalance } from '@/core/matter/chemistry/stoichiometry';
import type { Conditions } from '../conditions/types';
import type { SurfaceReading } from '../fizz/surface';
import type { Learned } from '../learning/quantities';
import type { FormulaBody } from '@/core/formula/model/schema';
import type { Portion } from '@/core/matter/materials/portion';
import type { OilPerBath } from '../scent/perBath';
import type { ScentLimits } from '../scent/limits';
import type { ScentReading } from '../scent/load';
import type { Spread } from '@/core/basics/units/spread';
import type { TubReading } from '../water/tub';
import type { FindingCode, FindingFacts } from './facts';

/** Version of the models below; a batch's frozen readings keep it, and the golden readings are of it. */
export const MODELS_VERSION = '7';

export const SEVERITIES = ['stop', 'warning', 'advice', 'info'] as const;
/** How grave a finding is, gravest first in {@link SEVERITIES}. */
export type Severity = (typeof SEVERITIES)[number];
export type DampVerdict = 'too-dry' | 'in-window' | 'too-wet';

/** One addition that would settle a finding. */
export interface Fix {
  readonly materialId: string;
  /** Grams to add, over 0. */
  readonly massG: number;
}

/** What is found, as facts: {@link sayFinding} makes the sentence. */
export type FindingOf<C extends FindingCode> = {
  [K in C]: {
    readonly code: K;
    readonly severity: Severity;
    readonly facts: FindingFacts[K];
    readonly source: string;
    readonly fix?: Fix;
  };
}[C];
export type Finding = FindingOf<FindingCode>;

/** How a piece wears in its water. */
export type Lasting =
  | {
      readonly kind: 'dropped';
      /** Seconds until it is gone. */
      readonly goneS: Spread;
      readonly buoyancy: 'floats' | 'sinks' | 'either';
      readonly inradiusMm: number;
      readonly speedMmS: Spread;
      /** Logarithm of the shipped speed over that of the plain reference piece. */
      readonly modelLog: number;
      /** Own trials that speak in it, those that floated or sank, and fills that say how dense it is packed. */
      readonly ownTrials: number;
      readonly ownFloats: number;
      readonly ownFills: number;
    }
  | {
      readonly kind: 'scattered';
      readonly goneS: Spread;
      readonly speedMmS: Spread;
      readonly modelLog: number;
      readonly ownTrials: number;
    }
  | {
      readonly kind: 'showered';
      /** Showers of eight minutes. */
      readonly showers: Spread;
      readonly inradiusMm: number;
      readonly speedMmS: Spread;
      readonly ownTrials: number;
    };

/** What the models say of a formula, before anything is judged. */
export interface Measured {
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
    /** Up to here it is easy, % of the mix; null where nothing can swell. */
    readonly easyToPct: number | null;
  };
  /** Of the water one piece goes into; null while nothing is there to dissolve. */
  readonly water: TubReading | null;
  /** How long a piece lasts in its water; null where nothing fizzes. */
  readonly lasting: Lasting | null;
  /** Foam, film and scent of the water after one piece; null while nothing is there. */
  readonly surface: (SurfaceReading & { readonly ownTrials: number }) | null;
  /** Share of its fizz that is still in a piece after some weeks in store, by own jugs; null while none speaks. */
  readonly kept: Learned | null;
  readonly scent: ScentReading &
    ScentLimits & {
      readonly loadSpread: Spread;
      /** Essential oil in one bath; null where nobody bathes in it, or there is none. */
      readonly perBath: OilPerBath | null;
    };
  /** Dry piece and tub water as `#rrggbb`; null while nothing is there. */
  readonly color: { readonly powderHex: string; readonly waterHex: string } | null;
}

/** Everything of a formula that is judged, in the order it is shown. */
export const READING_IDS = [
  'ratio',
  'gas',
  'damp',
  'free-water',
  'scent',
  'emulsifier',
  'water',
  'room',
] as const;
export type ReadingId = (typeof READING_IDS)[number];

/** Where a reading should stand; null where that side is open. */
export interface Window {
  readonly low: number | null;
  readonly high: number | null;
}

/** One reading with its verdict: whoever shows or uses it reads this and judges nothing again. */
export interface JudgedReading {
  /** What is judged, in the unit of its kind; null while there is nothing to judge. */
  readonly value: number | null;
  /** How far it may honestly be off; null where all was weighed. */
  readonly spread: Spread | null;
  readonly window: Window;
  /** What stands out, gravest first; empty inside the window. */
  readonly findings: readonly Finding[];
}

export type JudgedReadings = Readonly<Record<ReadingId, JudgedReading>>;

export interface Evaluation extends Measured {
  /** Each reading judged once: what stands out of it is among the findings too. */
  readonly judged: JudgedReadings;
  /** Gravest first. */
  readonly findings: readonly Finding[];
}

/** A line with its material at hand, and the least and the most it may honestly be, grams. */
export interface Poured extends Portion {
  /** Of the main mix. */
  readonly isMain: boolean;
  /** It lies on the piece: topping, icing or paint. */
  readonly isCoat: boolean;
  readonly lowG: number;
  readonly highG: number;
}

/** What is judged: everything but the judgements. */
export interface Examined {
  readonly body: FormulaBody;
  readonly conditions: Conditions;
  readonly materials: readonly Poured[];
  readonly measured: Measured;
}

export type Rule = (examined: Examined) => readonly Finding[];
