import { DAY_MS } from '@/core/basics/time';
import { FAMILIES, METHODS } from '@/core/formula/model/kinds';
import type { Family, Method } from '@/core/formula/model/schema';
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

/** A record this much older than the newest counts half: hands, sprayers and seasons change. Rovack estimate. */
const HALF_FADED_DAYS = 120;

/** Share of cases the band should hold. */
export const HELD_SHARE = 0.9;

/** What records teach about a quantity wherever it is asked: plain data, so that it goes to workers too. */
export interface Taught {
  readonly belief: Belief;
  readonly records: number;
}

/** Robust regression on the logarithm, old records fading against the newest. @param more what else is seen, by its features */
export function taughtBy<Record extends Dated, Question>(
  quantity: Quantity<Record, Question>,
  records: readonly Record[],
  more: readonly Seen[] = [],
): Taught {
  const newestMs = Math.max(...records.map(madeMs).filter(Number.isFinite));
  const seen = records.map((record) => ({
    ...quantity.observe(record),
    trust: trustOf(newestMs - madeMs(record)),
  }));
  const belief = learnRobustly(quantity.prior, [...seen, ...more]);
  return { belief, records: records.length };
}

/** What was taught, asked at a place: prior and estimate with the bands that should hold nine of ten new records. */
export function askedOf<Record extends Dated, Question>(
  quantity: Quantity<Record, Question>,
  { belief, records }: Taught,
  question: Question,
): Learned {
  const features = quantity.features(question);
  const at = (of: Belief) => {
    const { best, low, high } = forecastRecord(of, features, HELD_SHARE);
    return { estimate: Math.exp(best), low: Math.exp(low), high: Math.exp(high) };
  };
  const prior = at(quantity.prior);
  const now = at(belief);
  return { ...now, records, prior, shift: now.estimate / prior.estimate };
}

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
  return askedOf(quantity, taughtBy(quantity, records), question);
}

/** NaN for a record without a date. */
function madeMs(record: Dated): number {
  return Date.parse(record.at ?? '');
}

/** A record without a date counts whole. */
function trustOf(olderMs: number): number {
  return Number.isFinite(olderMs) ? 0.5 ** (olderMs / (HALF_FADED_DAYS * DAY_MS)) : 1;
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

const model = 'Rovack estimate; start values from common practice';

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

/** A piece in water, by what the shipped model makes of it. */
export interface Wear {
  /** Logarithm of the speed the model gives it over that of its plain reference piece: composition, density and water. */
  readonly modelLog: number;
}

export interface WearRecord extends Wear, Dated {
  /** Speed seen over the shipped model's, over 0. */
  readonly overModel: number;
}

/** How much faster or slower than the shipped model a maker's pieces wear, and how strongly what is in them tells. */
export const WEAR_SPEED: Quantity<WearRecord, Wear> = {
  name: 'wear in water',
  unit: 'factor',
  prior: beliefFrom(
    [
      // 3 minutes, 2 to 5 seen.
      { mean: 0, sd: 0.28 },
      { mean: 0, sd: 0.35 },
    ],
    0.12,
  ),
  observe: ({ overModel, modelLog }) => ({ features: [1, modelLog], target: logOf(overModel) }),
  features: ({ modelLog }) => [1, modelLog],
  source: model,
};

/** One piece that floated or sank, by its density, g/mL. */
export interface FloatRecord extends Dated {
  readonly densityGMl: number;
  readonly floated: boolean;
}

/** Density under which this maker's pieces float, g/mL: warm water's, give or take what holes and oil make of it. */
export const FLOATS_UNDER: Quantity<FloatRecord, null> = {
  name: 'density that floats',
  unit: 'g/mL',
  prior: beliefFrom([{ mean: Math.log(0.993), sd: 0.04 }], 0.03),
  observe: ({ densityGMl, floated }) => ({
    features: [1],
    low: floated ? logOf(densityGMl) : -Infinity,
    high: floated ? Infinity : logOf(densityGMl),
  }),
  features: () => [1],
  source: 'CRC Handbook for water; not looked up; the spread is a Rovack estimate',
};

/** Something seen over what the shipped model forecast. */
export interface OverModel extends Dated {
  readonly overModel: number;
}

/** How many more or fewer showers a steamer lasts than the model has it. 2, 1 to 3 seen. */
export const SHOWERS_LAST: Quantity<OverModel, null> = {
  name: 'showers',
  unit: 'factor',
  prior: beliefFrom([{ mean: 0, sd: 0.4 }], 0.25),
  observe: ({ overModel }) => ({ features: [1], target: logOf(overModel) }),
  features: () => [1],
  source: model,
};

/** How much more or less foam stands than the model has it. */
export const FOAM_STANDS: Quantity<OverModel, null> = {
  name: 'foam',
  unit: 'factor',
  prior: beliefFrom([{ mean: 0, sd: 0.5 }], 0.35),
  observe: ({ overModel }) => ({ features: [1], target: logOf(overModel) }),
  features: () => [1],
  source: model,
};

export interface Stored {
  /** Since it was made, 0 or more. */
  readonly weeks: number;
}

export interface ShareRecord extends Stored, Dated {
  /** Of its fizz that was still there, over 0. */
  readonly share: number;
}

const HALF_YEAR_WEEKS = 26;

/** Share of its fizz that is still in a piece, by its weeks in store. */
export const SHARE_KEPT: Quantity<ShareRecord, Stored> = {
  name: 'share of fizz',
  unit: 'share',
  prior: beliefFrom(
    [
      { mean: Math.log(0.97), sd: 0.05 },
      { mean: -0.03, sd: 0.06 },
    ],
    0.03,
  ),
  observe: ({ share, weeks }) => ({
    features: [1, weeks / HALF_YEAR_WEEKS],
    target: logOf(share),
  }),
  features: ({ weeks }) => [1, weeks / HALF_YEAR_WEEKS],
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

function humidityFeatures({ humidityPct }: DryingPlace): readonly number[] {
  return [1, (humidityPct - 45) / 10];
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
