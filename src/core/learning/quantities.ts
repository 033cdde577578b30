import { FAMILIES, METHODS, type Family, type Method } from '../formula';
import { beliefFrom } from './beliefs';
import type { Belief } from './regression';
import { forecastRecord, learnRobustly, type Seen } from './robust';

/** Something a maker's own records teach. Targets are logarithms, so that estimates stay above zero. */
export interface Quantity<Record extends Dated, Question> {
  readonly name: string;
  /** Unit of the estimate; `factor` multiplies the shipped model. */
  readonly unit: string;
  readonly prior: Belief;
  readonly observe: (record: Record) => Seen;
  readonly features: (question: Question) => readonly number[];
  readonly source: string;
}

/** An estimate with its honest band, and what it was before any record spoke. */
export interface Learned {
  readonly estimate: number;
  readonly low: number;
  readonly high: number;
  readonly records: number;
  readonly prior: { readonly estimate: number; readonly low: number; readonly high: number };
  /** Estimate over prior; 1 without records. */
  readonly shift: number;
}

/** What any record may say of itself: when it was made. */
export interface Dated {
  /** ISO 8601 with zone. */
  readonly at?: string;
}

/** A record this much older than the newest counts half: hands, sprayers and seasons change. Start value of ours. */
const HALF_FADED_DAYS = 120;

/** Share of cases the band should hold. */
export const HELD_SHARE = 0.9;

/**
 * What these records teach about a quantity at a place: robust regression on its logarithm, old records fading against
 * the newest.
 * @returns prior and estimate with the bands that should hold nine of ten new records
 * @throws RangeError for a record with a number that is not over 0
 */
export function learned<Record extends Dated, Question>(
  quantity: Quantity<Record, Question>,
  records: readonly Record[],
  question: Question,
): Learned {
  const features = quantity.features(question);
  const at = (belief: Belief) => {
    const { best, low, high } = forecastRecord(belief, features, HELD_SHARE);
    return { estimate: Math.exp(best), low: Math.exp(low), high: Math.exp(high) };
  };
  const prior = at(quantity.prior);
  const newestMs = Math.max(...records.map(madeMs).filter(Number.isFinite));
  const seen = records.map((record) => ({
    ...quantity.observe(record),
    trust: trustOf(newestMs - madeMs(record)),
  }));
  const now = at(learnRobustly(quantity.prior, seen));
  return { ...now, records: records.length, prior, shift: now.estimate / prior.estimate };
}

/** NaN for a record without a date. */
function madeMs(record: Dated): number {
  return Date.parse(record.at ?? '');
}

/** A record without a date counts whole. */
function trustOf(olderMs: number): number {
  return Number.isFinite(olderMs) ? 0.5 ** (olderMs / (HALF_FADED_DAYS * 86_400_000)) : 1;
}

export interface Place {
  readonly humidityPct: number;
  readonly method: Method;
  readonly family: Family;
}

/** One squeeze: what the hand wants lies between these, over the shipped aim for that method and humidity; endless where it only said too dry or too wet. */
export interface DampRecord extends Place, Dated {
  readonly lowOverAim: number;
  readonly highOverAim: number;
}

const model = 'model of ours; start values from common practice';

/** How much damper or drier than the shipped aim a mix wants, by humidity, method and family. */
export const DAMP_WANTED: Quantity<DampRecord, Place> = {
  name: 'liquid wanted',
  unit: 'factor',
  prior: beliefFrom(
    [
      { mean: 0, sd: 0.2 },
      { mean: 0, sd: 0.05 },
      ...METHODS.map(() => ({ mean: 0, sd: 0.12 })),
      ...FAMILIES.map(() => ({ mean: 0, sd: 0.12 })),
    ],
    0.1,
  ),
  observe: (record) => ({
    features: placeFeatures(record),
    low: Math.log(record.lowOverAim),
    high: Math.log(record.highOverAim),
  }),
  features: placeFeatures,
  source: model,
};

export interface Composition {
  readonly fillerFraction: number;
  readonly oilFraction: number;
  readonly baseToAcid: number;
  readonly waterTempC: number;
  readonly packedDensityGMl: number;
}

export interface ErosionRecord extends Composition, Dated {
  /** Speed seen in the tub over the shipped model's. */
  readonly overModel: number;
}

/** How much faster or slower than the shipped model a maker's pieces wear, by composition. */
export const EROSION_SPEED: Quantity<ErosionRecord, Composition> = {
  name: 'erosion speed',
  unit: 'factor',
  prior: beliefFrom(
    [
      // 3 minutes, 2 to 5 seen.
      { mean: 0, sd: 0.28 },
      { mean: 0, sd: 1.5 },
      { mean: 0, sd: 4 },
      { mean: 0, sd: 0.4 },
      { mean: 0, sd: 0.15 },
      { mean: 0, sd: 0.7 },
    ],
    0.12,
  ),
  observe: (record) => ({ features: compositionFeatures(record), target: logOf(record.overModel) }),
  features: compositionFeatures,
  source: model,
};

export interface DryingPlace {
  readonly humidityPct: number;
}

export interface DryingRecord extends DryingPlace, Dated {
  /** Diffusivity refitted from weigh-ins over the shipped model's. */
  readonly overModel: number;
}

/** How much faster or slower than the shipped model a drying room works, by its humidity. */
export const DRYING_DIFFUSIVITY: Quantity<DryingRecord, DryingPlace> = {
  name: 'drying diffusivity',
  unit: 'factor',
  prior: beliefFrom(
    [
      { mean: 0, sd: 0.25 },
      { mean: 0, sd: 0.08 },
    ],
    0.12,
  ),
  observe: (record) => ({ features: humidityFeatures(record), target: logOf(record.overModel) }),
  features: humidityFeatures,
  source: model,
};

export interface SquirtRecord extends Dated {
  readonly squirts: number;
  readonly massG: number;
}

/** Grams a squirt of this sprayer gives. 0.7 g, 0.3 to 1.2. */
export const GRAMS_PER_SQUIRT: Quantity<SquirtRecord, null> = {
  name: 'grams per squirt',
  unit: 'g',
  prior: beliefFrom([{ mean: Math.log(0.7), sd: 0.42 }], 0.08),
  observe: ({ squirts, massG }) => ({ features: [1], target: logOf(massG / squirts) }),
  features: () => [1],
  source: 'model of ours until ten squirts are weighed',
};

export interface DropPlace {
  readonly isOil: boolean;
}

export interface DropRecord extends DropPlace, Dated {
  readonly drops: number;
  readonly massG: number;
  readonly densityGMl: number;
}

/** Milliliters to the drop: 1/20 for a pharmacopoeia's dropper; oils may drop smaller. */
export const ML_PER_DROP: Quantity<DropRecord, DropPlace> = {
  name: 'milliliters per drop',
  unit: 'mL',
  prior: beliefFrom(
    [
      { mean: Math.log(1 / 20), sd: 0.15 },
      { mean: 0, sd: 0.35 },
    ],
    0.08,
  ),
  observe: (record) => ({
    features: dropFeatures(record),
    target: logOf(record.massG / record.densityGMl / record.drops),
  }),
  features: dropFeatures,
  source: 'a pharmacopoeia’s standard dropper for water, from memory; the spread is ours',
};

export interface LossRecord extends Dated {
  readonly weighedG: number;
  readonly pressedG: number;
}

/** Least loss that a record can teach: below it the scale is not good enough. */
const LEAST_LOSS = 0.001;

/** Grams lost in bowl and press for each gram pressed: 0.02, give or take by twice. */
export const PRESS_LOSS: Quantity<LossRecord, null> = {
  name: 'press loss',
  unit: 'g lost per g pressed',
  prior: beliefFrom([{ mean: Math.log(0.02), sd: 0.6 }], 0.4),
  observe: ({ weighedG, pressedG }) => ({
    features: [1],
    target: Math.log(Math.max(LEAST_LOSS, positive(weighedG) / positive(pressedG) - 1)),
  }),
  features: () => [1],
  source: 'common practice',
};

export interface FillRecord extends Dated {
  readonly method: Method;
  /** Density of a filled mold over the shipped one for the method. */
  readonly overUsual: number;
}

/** How much denser or lighter than usual a maker packs, by method. */
export const PACKED_DENSITY: Quantity<FillRecord, { readonly method: Method }> = {
  name: 'packed density',
  unit: 'factor',
  prior: beliefFrom([{ mean: 0, sd: 0.07 }, ...METHODS.map(() => ({ mean: 0, sd: 0.05 }))], 0.03),
  observe: (record) => ({ features: fillFeatures(record), target: logOf(record.overUsual) }),
  features: fillFeatures,
  source: model,
};

function placeFeatures({ humidityPct, method, family }: Place): readonly number[] {
  return [
    1,
    (humidityPct - 45) / 10,
    ...METHODS.map((candidate) => (candidate === method ? 1 : 0)),
    ...FAMILIES.map((candidate) => (candidate === family ? 1 : 0)),
  ];
}

/** Distance from the plain reference piece of the fizz model. */
function compositionFeatures(composition: Composition): readonly number[] {
  return [
    1,
    composition.fillerFraction - 0.08,
    composition.oilFraction - 0.05,
    Math.abs(logOf(composition.baseToAcid)) - Math.log(2 / 1.312),
    (composition.waterTempC - 38) / 10,
    logOf(composition.packedDensityGMl / 1.1),
  ];
}

function humidityFeatures({ humidityPct }: DryingPlace): readonly number[] {
  return [1, (humidityPct - 45) / 10];
}

function dropFeatures({ isOil }: DropPlace): readonly number[] {
  return [1, isOil ? 1 : 0];
}

function fillFeatures({ method }: { readonly method: Method }): readonly number[] {
  return [1, ...METHODS.map((candidate) => (candidate === method ? 1 : 0))];
}

function logOf(value: number): number {
  return Math.log(positive(value));
}

function positive(value: number): number {
  if (!(value > 0 && value < Infinity))
    throw new RangeError(`a record must hold numbers over 0, got ${value}`);
  return value;
}
