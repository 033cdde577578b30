import { entryAt } from '@/core/basics/entryAt';
import { firstWhere } from '@/core/basics/numeric/firstWhere';
import { drawNormal, seededRandom } from '@/core/basics/numeric/random';
import { USUAL_SMALL_MEASURES } from '@/core/formula/reading/massOfMeasures';
import type { Method } from '@/core/formula/model/schema';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { portionsOf, type MaterialMass } from '@/core/matter/materials/portion';
import { dampReading } from '@/core/results/binder/damp';
import { dampWindow, movedWindow, type DampWindow } from '@/core/results/binder/windows';
import {
  DAMP_WANTED,
  DRYING_DIFFUSIVITY,
  HELD_SHARE,
  WEAR_SPEED,
} from '@/core/results/learning/quantities';
import { forecastRecord } from '@/core/results/learning/robust';
import type { BowlLesson, Stretch } from './lessons';

/** What a made-up bowl hides until the end. */
export interface Truth {
  readonly method: Method;
  /** What this mix wants over the shipped range: each end times this. */
  readonly wants: number;
  /** Grams of water that one squirt gives. */
  readonly squirtG: number;
  /** The room, and what the meter on its wall reads, %. */
  readonly humidityPct: number;
  readonly readHumidityPct: number;
  readonly tempC: number;
  /** The hand feels the mix so much damper than it is; 1 for a true hand. */
  readonly handTimes: number;
  /** How much faster than the shipped model a piece dries here, and wears in water. */
  readonly drying: number;
  readonly wear: number;
  /** What lies in the bowl at the start, the acid with it where it is in. */
  readonly contents: readonly MaterialMass[];
  /** What is still to go in. */
  readonly toCome: readonly MaterialMass[];
}

/** A draw further out than this many standard deviations would be no lesson but a riddle. Rovack estimate. */
const FURTHEST_SD = 1.5;
/** Ninety of a hundred lie within so many standard deviations. */
const SD_IN_HELD = 1.645;
/** A meter on the wall is off by so much, and a hand by so much of the index. Rovack estimates. */
const METER_SD_PCT = 1.2;
const HAND_SD = 0.03;
/** Logarithmic half of the spread of squirts between sprayers: 0.3 to 1.2 g seen. */
const SQUIRT_SD = 0.3;
/** Hand molds want so much more than the press that was happy. Rovack estimate: clearly more, by common practice. */
const HELD_FOR_PRESS: Stretch = [0.15, 0.4];
const MOST_MOVED_G = 140;
const MOST_WANTED = 2;

/**
 * A hidden truth of a bowl, the same for the same seed: drawn from what the models believe before any record speaks.
 * @param seed a whole number, 0 or more @param draw which of the truths of this seed
 * @returns null where the bowl cannot begin where the lesson wants it
 */
export function drawTruth(lesson: BowlLesson, seed: number, draw: number): Truth | null {
  const random = randomFor(lesson.id, seed, draw);
  const within = ([from, to]: Stretch) => from + random() * (to - from);
  const method = pick(lesson.methods, random);
  const humidityPct = Math.round(10 * within(lesson.humidityPct)) / 10;
  const tempC = Math.round(within([18, 23]));
  const place = { humidityPct, method, family: lesson.family };
  const drawn = {
    method,
    wants: factorOf(DAMP_WANTED.prior, DAMP_WANTED.features(place), random),
    squirtG: USUAL_SMALL_MEASURES.gramsPerSquirt.best * Math.exp(SQUIRT_SD * boundedNormal(random)),
    humidityPct,
    readHumidityPct: Math.round(humidityPct + METER_SD_PCT * boundedNormal(random)),
    tempC,
    handTimes: Math.exp(HAND_SD * boundedNormal(random)),
    drying: factorOf(DRYING_DIFFUSIVITY.prior, DRYING_DIFFUSIVITY.features(place), random),
    wear: factorOf(WEAR_SPEED.prior, WEAR_SPEED.features({ modelLog: 0 }), random),
  };
  const begins = within(pick(lesson.begins, random));
  if (lesson.heldForPress) return bowlThatHeld(lesson, drawn, begins, within(HELD_FOR_PRESS));
  const start = startOf(lesson, drawn, begins);
  return start && { ...drawn, ...start };
}

type Drawn = Omit<Truth, 'contents' | 'toCome'>;

/** The range that this mix truly wants. */
export function trueWindow(
  { method, humidityPct, wants }: Pick<Truth, 'method' | 'humidityPct' | 'wants'>,
  setting: Parameters<typeof dampWindow>[2],
): DampWindow {
  const shipped = dampWindow(method, humidityPct, setting);
  return movedWindow(shipped, wants, { feltDry: 1, feltWet: 1 });
}

/** Where a mix lies in its range, 0 at the low end and 1 at the high end. */
export function placeIn({ lowPct, highPct }: DampWindow, indexPct: number): number {
  return (indexPct - lowPct) / (highPct - lowPct);
}

/** Moisture of a mix and the range it wants. */
export function dampTruth(truth: Drawn, mix: readonly MaterialMass[]) {
  const reading = dampReading(portionsOf(SHIPPED, mix));
  const indexPct = reading.dampIndexPct ?? 0;
  const window = trueWindow(truth, reading);
  return { indexPct, window, place: placeIn(window, indexPct), freeWaterPct: reading.freeWaterPct };
}

/** The bowl with as much of what is moved as brings it to a place in its range; null where none does. */
function startOf(
  lesson: BowlLesson,
  drawn: Drawn,
  begins: number,
): Pick<Truth, 'contents' | 'toCome'> | null {
  const isThere = (grams: number) => dampTruth(drawn, withMass(lesson, grams)).place >= begins;
  const massG = isThere(0) ? undefined : firstWhere(isThere, 0, MOST_MOVED_G);
  return massG === undefined ? null : parted(lesson, withMass(lesson, massG));
}

/** A bowl that held for the press, and hand molds that want it at `begins`. */
function bowlThatHeld(
  lesson: BowlLesson,
  drawn: Drawn,
  begins: number,
  held: number,
): Truth | null {
  const press: Drawn = { ...drawn, method: 'press', wants: 1 };
  const start = startOf(lesson, press, held);
  if (!start) return null;
  const mix = [...start.contents, ...start.toCome];
  const wants = firstWhere(
    (factor) => dampTruth({ ...drawn, wants: factor }, mix).place <= begins,
    0.8,
    MOST_WANTED,
  );
  return wants === undefined ? null : { ...drawn, wants, ...start };
}

function withMass({ mix, movedId }: BowlLesson, massG: number): readonly MaterialMass[] {
  return mix.map((one) => (one.materialId === movedId ? { ...one, massG } : one));
}

function parted(
  { acidIn }: BowlLesson,
  mix: readonly MaterialMass[],
): Pick<Truth, 'contents' | 'toCome'> {
  const isAcid = ({ materialId }: MaterialMass) =>
    SHIPPED.byId.get(materialId)?.role === 'acid' && !acidIn;
  return { contents: mix.filter((one) => !isAcid(one)), toCome: mix.filter(isAcid) };
}

/** A factor on a shipped model, from what is believed before any record. */
function factorOf(
  prior: typeof DAMP_WANTED.prior,
  features: readonly number[],
  random: () => number,
): number {
  const { best, high } = forecastRecord(prior, features, HELD_SHARE);
  return Math.exp(best + ((high - best) / SD_IN_HELD) * boundedNormal(random));
}

function boundedNormal(random: () => number): number {
  return Math.min(FURTHEST_SD, Math.max(-FURTHEST_SD, drawNormal(0, 1, random)));
}

function pick<T>(list: readonly T[], random: () => number): T {
  return entryAt(list, Math.floor(random() * list.length));
}

/** A source of numbers for one thing in one play. */
export function randomFor(about: string, seed: number, at = 0): () => number {
  let mixed = (seed * 2654435761 + at * 40503) >>> 0;
  for (const letter of about) mixed = (Math.imul(mixed, 31) + letter.charCodeAt(0)) >>> 0;
  return seededRandom(mixed);
}
