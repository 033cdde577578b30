import { checkHumidity } from '@/core/matter/air/humidity';
import { saturationVaporPressureHPa } from '@/core/matter/air/moistAir';
import { waterActivityPct } from '../drying/waterActivity';
import { portionsG, type Portion } from '@/core/matter/materials/portion';
import type { Role } from '@/core/matter/materials/types';
import { barrierById, type BarrierId } from './barriers';

/** Air where a piece will lie. */
export interface Place {
  /** 0 to 100. */
  readonly humidityPct: number;
  /** -20 to 60. */
  readonly tempC: number;
}

export interface KeptPiece {
  readonly contents: readonly Portion[];
  /** Of all that lies in the wrap, over 0. */
  readonly massG: number;
  /** Of the wrap around it, over 0. */
  readonly areaMm2: number;
  /** From the piece outward; none is bare. */
  readonly wraps: readonly BarrierId[];
}

/** Days until a piece is soft; null where that takes years. */
export interface StaysHard {
  readonly days: number | null;
  readonly lowDays: number | null;
  readonly highDays: number | null;
  /** Names of what draws the water; empty where nothing does. */
  readonly limitedBy: readonly string[];
  /** Humidity from which the mix draws water, %: lowest, likely, highest. */
  readonly drawsFromPct: { readonly low: number; readonly best: number; readonly high: number };
}

/** Water gained at which a thumb dents it, share of its mass. Rovack estimate, 0.3 to 1.2%. */
export const SOFT_FRACTION = { low: 0.003, best: 0.006, high: 0.012 } as const;
/** Films of one name differ: half as much again either way. Rovack estimate. */
const FILM_SPREAD = 1.5;
/** Mass transfer of still air, m/s, half to twice. Rovack estimate for things that lie about in a room. */
const STILL_AIR_M_S = 0.003;
const STILL_AIR_SPREAD = 2;
/** Films let more through in warmth. Rovack estimate, kJ/mol. */
const ACTIVATION_J_MOL = 40_000;
const GAS_J_MOL_K = 8.314462618;
const WATER_G_MOL = 18.015;
const ZERO_C_K = 273.15;
/** The standard test of a film. */
const TEST = { tempC: 38, humidityPct: 90 } as const;
const DAY_S = 86_400;
/** Longer than this is for years. */
export const YEARS_DAYS = 5 * 365;
/** Citric acid with soda draws from 70 to 75%. Common practice. */
const ACID_DRAWS_PCT = { best: 72.5, spread: 2.5 } as const;
/** The air of a room goes up and down: what nothing tight lies around is not as it was made for longer than this. Common practice. */
const OPEN_AT_MOST_DAYS = 180;
/** Half to twice as long. */
const SPREAD_OPEN = 2;
/** A wrap that lets more through is open, g/m² a day. Rovack estimate. */
const OPEN_FROM = 100;
/** Salts in one mix draw water sooner than each alone: so much for each beyond two, and no lower. Rovack estimate. */
const MIXED_DRAWS = { perSaltPct: 1.5, leastPct: 66 } as const;
const SALTS: ReadonlySet<Role> = new Set(['base', 'acid', 'builder', 'salt']);
/** A material that draws water counts as the reason from this share of the mix on, %. */
const TRACE_PCT = 1;

/**
 * How long a piece stays hard in its wrap: water gained at a constant rate, permeance × area × (the air’s vapor pressure
 * less the mix’s), until it is soft. Wraps stand in a row, still air outermost. The permeance comes from the film’s test
 * figure and falls with temperature.
 * Source: Rovack estimate; test figures of films not looked up; saturation by Alduchov and Eskridge 1996.
 * @throws RangeError for a mass or an area that is not over 0, or an impossible humidity
 */
export function staysHard({ contents, massG, areaMm2, wraps }: KeptPiece, place: Place): StaysHard {
  if (!(massG > 0)) throw new RangeError(`massG must be over 0, got ${massG}`);
  if (!(areaMm2 > 0)) throw new RangeError(`areaMm2 must be over 0, got ${areaMm2}`);
  checkHumidity(place.humidityPct);
  const draws = drawsFrom(contents);
  const isOpen = wraps.every((id) => (barrierById(id).gM2Day ?? Infinity) > OPEN_FROM);
  const days = (soft: number, spread: number, drawsPct: number): number | null => {
    const overPa = (pascals(place.tempC) * (place.humidityPct - drawsPct)) / 100;
    const rateGS = permeanceGM2SPa(wraps, place.tempC, spread) * (areaMm2 / 1e6) * overPa;
    const drawn = rateGS > 0 ? (massG * soft) / rateGS / DAY_S : Infinity;
    const found = isOpen ? Math.min(drawn, OPEN_AT_MOST_DAYS * SPREAD_OPEN ** -spread) : drawn;
    return found < YEARS_DAYS ? found : null;
  };
  const lowDays = days(SOFT_FRACTION.low, 1, draws.low);
  return {
    days: days(SOFT_FRACTION.best, 0, draws.best),
    lowDays,
    highDays: days(SOFT_FRACTION.high, -1, draws.high),
    limitedBy: lowDays === null ? [] : draws.by,
    drawsFromPct: { low: draws.low, best: draws.best, high: draws.high },
  };
}

/**
 * Permeance of wraps in a row with the still air around them.
 * @param spread 1 for the leakiest of their kind, 0 for the usual, -1 for the tightest
 */
function permeanceGM2SPa(wraps: readonly BarrierId[], tempC: number, spread: number): number {
  const air =
    (STILL_AIR_M_S * STILL_AIR_SPREAD ** spread * WATER_G_MOL) / (GAS_J_MOL_K * (tempC + ZERO_C_K));
  const resistance = wraps.reduce((sum, id) => {
    const { gM2Day } = barrierById(id);
    return gM2Day === null ? sum : sum + 1 / (filmAt(gM2Day, tempC) * FILM_SPREAD ** spread);
  }, 1 / air);
  return 1 / resistance;
}

/** Permeance of a film at a temperature, g/(m² s Pa). */
function filmAt(gM2Day: number, tempC: number): number {
  const atTest = gM2Day / DAY_S / ((pascals(TEST.tempC) * TEST.humidityPct) / 100);
  const colder = 1 / (tempC + ZERO_C_K) - 1 / (TEST.tempC + ZERO_C_K);
  return atTest * Math.exp((-ACTIVATION_J_MOL / GAS_J_MOL_K) * colder);
}

function pascals(tempC: number): number {
  return saturationVaporPressureHPa(tempC) * 100;
}

function drawsFrom(contents: readonly Portion[]) {
  const usual = waterActivityPct(contents);
  const totalG = portionsG(contents);
  const present = contents.filter(({ massG }) => (100 * massG) / totalG >= TRACE_PCT);
  const acids = present.filter(({ material }) => material.role === 'acid');
  const salts = new Set(
    present.flatMap(({ material }) => (SALTS.has(material.role) ? [material.id] : [])),
  ).size;
  const mixed = Math.max(
    MIXED_DRAWS.leastPct,
    ACID_DRAWS_PCT.best - MIXED_DRAWS.perSaltPct * Math.max(0, salts - 2),
  );
  const best = acids.length > 0 ? Math.min(usual, mixed) : usual;
  const drawing = present.filter(
    ({ material }) => (material.drawsWater?.value.fromPct ?? 100) < 70,
  );
  const by =
    usual < ACID_DRAWS_PCT.best && drawing.length > 0
      ? drawing.map(({ material }) => material.sentenceName)
      : acids.map(({ material }) => material.sentenceName);
  return {
    low: Math.max(0, best - ACID_DRAWS_PCT.spread),
    best,
    high: Math.min(100, best + ACID_DRAWS_PCT.spread),
    by: [
      ...new Set(
        by.length > 0 ? by : present.slice(0, 1).map(({ material }) => material.sentenceName),
      ),
    ],
  };
}
