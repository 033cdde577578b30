import { drawNormal } from '@/core/basics/numeric/random';
import type { Fault } from '@/core/batches/records/kinds';
import {
  HANDLE_FRACTION,
  REFERENCE_MM2_H,
  dryingFactor,
  hoursToDry,
} from '@/core/batches/drying/forecast';
import { waterActivityPct } from '@/core/batches/drying/waterActivity';
import { SHIPPED } from '@/core/matter/materials/catalog';
import { gramsWhere, portionsG, portionsOf } from '@/core/matter/materials/portion';
import { freeWaterLimitsPct, gasShare } from '@/core/results/binder/freeWater';
import { ROOM_PCT } from '@/core/results/binder/room';
import { isFiller, isOily } from '@/core/results/fizz/composition';
import type { BowlState, Piece } from './bowlState';
import { placeIn, randomFor } from './truth';

/** Pieces that are looked at, and how many must be right. */
export const PIECES = 6;
export const RIGHT_FROM = 5;
/** When a hand may go to the tray, hours after the press. */
export const LIFT_HOURS = [5, 14, 24, 48] as const;
/** Half of a 70 mm ball. */
const RADIUS_MM = 35;
/** One piece differs from the next by so much of the index. Rovack estimate. */
const PIECE_SD = 0.01;
/** More filler or oil than this weakens the fizz, % of the mix. Rovack estimates; common practice is oils under a tenth. */
const MOST_FILLER_PCT = 20;
const MOST_OIL_PCT = 10;

/** Water after the acid, % of the mix: harmless up to the first, and every piece swells from the second. Rovack estimates. */
const LATE_WATER_PCT = { from: 0.15, all: 0.45 } as const;

type Pressed = Pick<
  BowlState,
  'truth' | 'lesson' | 'contents' | 'indexPct' | 'window' | 'freeWaterPct' | 'lateWaterG'
>;

/**
 * The pieces of a bowl as they are found: each a little drier or damper than the bowl, and each with the gravest thing that
 * the models say of it: range, loose water, room, drying, filler and oil.
 * @param hours on the tray
 */
export function nextDay(bowl: Pressed, seed: number, hours: number): readonly Piece[] {
  const random = randomFor(`${bowl.lesson.id} pieces`, seed);
  const { humidityPct } = bowl.truth;
  const contents = portionsOf(SHIPPED, bowl.contents);
  const isLoose = bowl.truth.method === 'loose';
  const limits = freeWaterLimitsPct(humidityPct, gasShare(contents));
  const late = lateSwellShare(bowl);
  const whole = wholeFault(bowl);
  const liftsFrom = handleHours(bowl);
  return Array.from({ length: PIECES }, () => {
    const times = Math.exp(drawNormal(0, PIECE_SD, random));
    const swells = random();
    const place = placeIn(bowl.window, bowl.indexPct * times);
    const water = bowl.freeWaterPct * times;
    const swellShare = Math.max(
      late,
      (water - limits.easyPct) / (limits.riskyPct - limits.easyPct),
    );
    if (isLoose) return { fault: place > 1 ? 'stuck' : swellShare > swells ? 'weak-fizz' : whole };
    if (place < 0) return { fault: 'crumbling' };
    if (humidityPct >= ROOM_PCT.veryDampFrom || swellShare > swells) return { fault: 'warts' };
    if (place > 1) return { fault: 'flat-bottom' };
    return { fault: hours < liftsFrom ? 'split-in-half' : whole };
  });
}

/**
 * Share of pieces that swell by the water that went in after the acid; under 0 for none. A steamer is held by its spray, and
 * salts are spread thin. Common practice; the marks are ours.
 */
export function lateSwellShare({
  lesson,
  contents,
  lateWaterG,
}: Pick<BowlState, 'lesson' | 'contents' | 'lateWaterG'>): number {
  if (lesson.family !== 'bath-bomb') return -1;
  const latePct = (100 * lateWaterG) / portionsG(portionsOf(SHIPPED, contents));
  return (latePct - LATE_WATER_PCT.from) / (LATE_WATER_PCT.all - LATE_WATER_PCT.from);
}

/** What is wrong with the bowl as a whole: so much filler or oil that it is another formula. */
function wholeFault({ contents }: Pressed): Fault | null {
  return isOverfilled(contents) ? 'weak-fizz' : null;
}

/** So much filler or oil in it that its fizz is weak. Loose salts are salt for the most part. */
export function isOverfilled(mix: BowlState['contents']): boolean {
  const contents = portionsOf(SHIPPED, mix);
  const totalG = portionsG(contents);
  const oilPct = (100 * gramsWhere(contents, isOily)) / totalG;
  const fillerPct =
    (100 * gramsWhere(contents, (one) => isFiller(one) && one.role !== 'salt')) / totalG;
  return fillerPct > MOST_FILLER_PCT || oilPct > MOST_OIL_PCT;
}

/** Hours until a piece of this bowl may be handled in this room, by the drying model; Infinity where it will not dry. */
export function handleHours({ truth, contents }: Pick<BowlState, 'truth' | 'contents'>): number {
  const rate = REFERENCE_MM2_H.best * truth.drying;
  const factor = dryingFactor(truth, waterActivityPct(portionsOf(SHIPPED, contents)));
  return (
    hoursToDry(
      { shape: 'sphere', sizeMm: RADIUS_MM },
      HANDLE_FRACTION,
      rate,
      (hours) => hours * factor,
    ) ?? Infinity
  );
}
