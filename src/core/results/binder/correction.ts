import { formatPercent } from '@/core/basics/format/numbers';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import { portionsG, type Portion } from '@/core/matter/materials/portion';
import type { Material } from '@/core/matter/materials/material';
import type { Role } from '@/core/matter/materials/types';
import { firstWhere } from '@/core/basics/numeric/firstWhere';
import type { Spread } from '@/core/basics/units/spread';
import { dampOf, dampReading, dampSums, type DampReading } from './damp';
import { freeWaterLimitsPct, gasShare } from './freeWater';
import type { DampWindow } from './windows';

export type Felt = 'too-dry' | 'right' | 'too-wet';

/** One thing to add, and what it does. */
export interface Correction {
  readonly materialId: string;
  /** What to add now, before the next squeeze. */
  readonly firstG: number;
  /** What the model thinks it takes in all, and how far off that may be. */
  readonly inAllG: number;
  readonly inAllSpread: Spread;
  /** The same first step in squirts, for a material that is sprayed; else null. */
  readonly firstSquirts: number | null;
  readonly dampIndexAfterPct: number;
  readonly freeWaterAfterPct: number;
  readonly note: string;
}

export interface CorrectionQuestion {
  readonly felt: Felt;
  readonly acidIn: boolean;
  /** What is in the bowl now. */
  readonly contents: readonly Portion[];
  readonly catalog: Catalog;
  /** The window of a mix; it moves with what is added. */
  readonly windowOf: (mix: DampReading) => DampWindow;
  /** Room humidity in %, 0 to 100. */
  readonly humidityPct: number;
  /** Grams of water one squirt of this maker's sprayer gives, over 0. */
  readonly gramsPerSquirt: number;
  readonly allowsSkinOil: boolean;
  /** The oil to reach for, when the mix has one. */
  readonly oilId: string;
  /** A cleaner gets nothing that it does not hold already. */
  readonly isCleaner?: boolean;
  /** What this formula is sprayed with; water for most. */
  readonly sprayId: string;
}

/** Oil goes in a gram at a time for each one to two kilos in the bowl. Common practice. */
const BOWL_G_PER_GRAM_OF_OIL = 1500;
/** A short spray is three to four squirts, then a full remix. Common practice. */
const SQUIRTS_PER_SPRAY = 3;
/** Dry powder to rescue a wet mix: up to about a sixth of the dry volume. Common practice. */
const MAX_POWDER_FRACTION = 1 / 6;
/** The hand outranks the index: felt dry or wet, the mix is at least this share of the window from its aim. Rovack estimate. */
const FELT_AT_LEAST = 0.25;
/** How far off the index may be from what the hand wants, as a share of the gap. Rovack estimate. */
const GAP_UNSURE = 0.4;
/** From this share of a squirt it is rounded up. Rovack estimate. */
const ROUNDING_UP = 0.25;
/** More than this much of the bowl as a cure is no cure. */
const MAX_SEARCH_FRACTION = 0.25;

/**
 * First corrections after a squeeze, best first; an empty list means press (or wait).
 * The index says how much in all; common practice caps what goes in before the next squeeze.
 * Rovack estimate with the trade's caps.
 * @throws RangeError when gramsPerSquirt is not over 0
 */
export function corrections(question: CorrectionQuestion): readonly Correction[] {
  if (!(question.gramsPerSquirt > 0))
    throw new RangeError(`gramsPerSquirt must be over 0, got ${question.gramsPerSquirt}`);
  if (question.felt === 'right') return [];
  return question.felt === 'too-dry' ? dryCures(question) : wetCures(question);
}

function dryCures(question: CorrectionQuestion): readonly Correction[] {
  const { acidIn, allowsSkinOil, oilId } = question;
  const oil = allowsSkinOil
    ? [cure(question, oilId, firstOilG(question), 'Add a gram at a time, mix, squeeze again.')]
    : [];
  const alcohol = cure(
    question,
    'isopropyl-alcohol-99',
    firstSprayG(question),
    'It binds for the press and evaporates. Work fast. No flame.',
  );
  const water = cure(
    question,
    question.sprayId,
    firstSprayG(question),
    acidIn
      ? 'Water on the acid often makes it worse. Use short sprays, and remix fully.'
      : 'Spray briefly over the whole bowl, then remix.',
  );
  // What the recipe itself is sprayed with comes before what it never held.
  const isOwn = question.sprayId !== 'water';
  const order = acidIn && !isOwn ? [...oil, alcohol, water] : [water, ...oil, alcohol];
  return order
    .filter((entry) => entry !== null)
    .filter(
      ({ materialId }, i, all) => all.findIndex((one) => one.materialId === materialId) === i,
    );
}

function wetCures(question: CorrectionQuestion): readonly Correction[] {
  const note = question.acidIn
    ? 'Press nothing detailed from it. Or dry it, crumble it and keep it as bath dust.'
    : 'Sift it in, or wait and mix in moving dry air.';
  return powdersFor(question)
    .map((id) => cure(question, id, maxPowderG(question, id), note))
    .filter((entry) => entry !== null);
}

/** Powders that take damp up and change little else. With the acid in, more soda would only feed the reaction. */
const SOAKING: readonly Role[] = ['starch', 'clay', 'drying-powder', 'builder', 'milk'];
/** For what bathes or steams, where the recipe has too few of its own. Common practice. */
const USUAL_POWDERS = ['cornstarch', 'kaolin'];
const MOST_POWDERS = 3;

/** What the mix holds comes first, most of it first; a cleaner is mended with nothing else. */
function powdersFor({ acidIn, contents, isCleaner }: CorrectionQuestion): readonly string[] {
  const roles: readonly Role[] = acidIn ? SOAKING : ['base', ...SOAKING];
  const own = [...contents]
    .filter(
      ({ material, massG }) => massG > 0 && !material.isLiquid && roles.includes(material.role),
    )
    .sort((a, b) => b.massG - a.massG)
    .map(({ material }) => material.id);
  const all = isCleaner ? own : [...own, ...USUAL_POWDERS];
  return [...new Set(all)].slice(0, MOST_POWDERS);
}

function cure(
  question: CorrectionQuestion,
  materialId: string,
  capG: number,
  note: string,
): Correction | null {
  const material = materialById(question.catalog, materialId);
  const toAimG = gramsToAim(question, material, 1);
  const isTooMuch = !(toAimG > 0) || (!material.isLiquid && toAimG > capG);
  // A wet mix that no powder brings to its aim is still worked where one brings it inside.
  const inAllG = isTooMuch && !material.isLiquid ? gramsInside(question, material) : toAimG;
  if (!(inAllG > 0)) return null;
  // More powder than a sixth of the dry is another formula, not a cure.
  if (!material.isLiquid && inAllG > capG) return null;
  const isSprayed = material.isLiquid && materialId !== question.oilId;
  const squirts = isSprayed ? squirtsFor(Math.min(inAllG, capG), question.gramsPerSquirt) : null;
  const firstG = squirts === null ? Math.min(inAllG, capG) : squirts * question.gramsPerSquirt;
  const after = dampReading([...question.contents, { material, massG: firstG }]);
  const warning =
    after.freeWaterPct >
    freeWaterLimitsPct(question.humidityPct, gasShare(question.contents)).briskPct
      ? ` Loose water would be ${formatPercent(after.freeWaterPct)}.`
      : '';
  return {
    materialId,
    firstG,
    inAllG,
    inAllSpread: {
      low: gramsToAim(question, material, 1 - GAP_UNSURE),
      best: inAllG,
      // Where even the most is not surely enough, the most is said.
      high: gramsToAim(question, material, 1 + GAP_UNSURE) || mostOf(question),
    },
    firstSquirts: squirts,
    dampIndexAfterPct: after.dampIndexPct ?? 0,
    freeWaterAfterPct: after.freeWaterPct,
    note: note + warning,
  };
}

/** Whole squirts that do not overshoot; null where one is already too much, and it has to be weighed or dropped. */
function squirtsFor(massG: number, gramsPerSquirt: number): number | null {
  const squirts = Math.floor(massG / gramsPerSquirt + ROUNDING_UP);
  return squirts >= 1 ? squirts : null;
}

/** Grams that bring the index from where the hand says it is to the aim, by bisection; 0 when this material cannot. */
function gramsToAim(question: CorrectionQuestion, material: Material, gapFactor: number): number {
  const { contents, felt, windowOf } = question;
  const bowl = dampSums(contents);
  const now = dampOf(bowl).dampIndexPct;
  if (now === null) return 0;
  const isDry = felt === 'too-dry';
  /** How far past what is wanted it is with so much of it; the wish moves with the window. */
  const past = (massG: number): number => {
    const reading = dampOf(dampSums([{ material, massG }], bowl));
    const { lowPct, aimPct, highPct } = windowOf(reading);
    const leastGap = FELT_AT_LEAST * (highPct - lowPct);
    const moved = (reading.dampIndexPct ?? now) - now;
    return isDry
      ? moved - gapFactor * Math.max(aimPct - now, leastGap)
      : gapFactor * Math.min(aimPct - now, -leastGap) - moved;
  };
  const bowlG = bowl.liquidG + bowl.solidG;
  const mostG = bowlG * MAX_SEARCH_FRACTION;
  // What does not come there within a quarter of the bowl is no cure.
  return firstWhere((massG) => past(massG) >= 0, 0, mostG) ?? 0;
}

/** Grams that bring a mix felt too wet just inside its range; 0 when this material cannot. */
function gramsInside(question: CorrectionQuestion, material: Material): number {
  const { contents, windowOf } = question;
  const bowl = dampSums(contents);
  const now = dampOf(bowl).dampIndexPct;
  if (now === null) return 0;
  const isInside = (massG: number): boolean => {
    const reading = dampOf(dampSums([{ material, massG }], bowl));
    const { lowPct, highPct } = windowOf(reading);
    const wantedPct = Math.min(highPct, now - FELT_AT_LEAST * (highPct - lowPct));
    return (reading.dampIndexPct ?? now) <= wantedPct;
  };
  return firstWhere(isInside, 0, mostOf(question)) ?? 0;
}

function mostOf({ contents }: CorrectionQuestion): number {
  return MAX_SEARCH_FRACTION * portionsG(contents);
}

function firstOilG({ contents }: CorrectionQuestion): number {
  const bowlG = portionsG(contents);
  return Math.max(1, Math.round(bowlG / BOWL_G_PER_GRAM_OF_OIL));
}

function firstSprayG({ gramsPerSquirt }: CorrectionQuestion): number {
  return SQUIRTS_PER_SPRAY * gramsPerSquirt;
}

/** Up to a sixth of the dry volume, and never over the rate the powder is usually used at. */
function maxPowderG({ contents, catalog }: CorrectionQuestion, materialId: string): number {
  const { solidVolumeMl } = dampReading(contents);
  const { trueDensityGMl, usualPct } = materialById(catalog, materialId);
  const sixthG = solidVolumeMl * MAX_POWDER_FRACTION * trueDensityGMl.value;
  if (!usualPct) return sixthG;
  const share = usualPct.value.highPct / 100;
  const hasG = contents.reduce(
    (sum, { material, massG }) => (material.id === materialId ? sum + massG : sum),
    0,
  );
  const toRateG = (share * portionsG(contents) - hasG) / (1 - share);
  return Math.max(0, Math.min(sixthG, toRateG));
}
