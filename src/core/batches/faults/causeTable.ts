import { formatMinutes } from '@/core/basics/format/durations';
import { counted, formatFixed, formatPercent } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';
import type { BatchFacts } from './facts';

export type CauseId =
  | 'too-much-water'
  | 'acid-met-water'
  | 'room-too-damp'
  | 'room-too-dry'
  | 'not-sieved'
  | 'underfilled'
  | 'too-dry'
  | 'too-wet'
  | 'uneven-damp'
  | 'wet-core'
  | 'dried-in-bowl'
  | 'too-much-coarse-salt'
  | 'lifted-early'
  | 'flat-seat'
  | 'too-heavy'
  | 'drew-moisture'
  | 'no-hardener'
  | 'too-little-acid'
  | 'too-much-filler'
  | 'old-stock'
  | 'vanillin'
  | 'ultramarine'
  | 'too-little-emulsifier'
  | 'mica-floats'
  | 'dye-not-bloomed'
  | 'icing-too-wet'
  | 'icing-too-dry'
  | 'icing-unbound'
  | 'iced-too-early';

/** One thing the record says for or against a cause. */
export interface Evidence {
  /** Logarithm of how much likelier it makes the cause; below zero against it. */
  readonly weight: number;
  readonly said: string;
}

export interface CauseRow {
  readonly id: CauseId;
  readonly title: string;
  /** What to change next time. */
  readonly change: string;
  readonly evidence: (facts: BatchFacts) => readonly Evidence[];
}

/** Strongest a single fact may speak: e^2, about seven to one. Rovack estimate. */
const LOUDEST = 2;

/** A number against its mark, by a hyperbolic tangent one width broad: up to the loudest over it, half of that under it. */
function over(
  value: number | null,
  mark: number,
  width: number,
  say: (value: number) => string,
): readonly Evidence[] {
  if (value === null) return [];
  const x = Math.tanh((value - mark) / width);
  const weight = x > 0 ? LOUDEST * x : (LOUDEST / 2) * x;
  return [{ weight, said: say(value) }];
}

function under(
  value: number | null,
  mark: number,
  width: number,
  say: (value: number) => string,
): readonly Evidence[] {
  return over(value === null ? null : -value, -mark, width, (negative) => say(-negative));
}

function when(holds: boolean, weight: number, said: string): readonly Evidence[] {
  return holds ? [{ weight, said }] : [];
}

/** What the index says weighs less once a hand has spoken: the hand’s word outweighs it. Rovack estimate. */
const INDEX_BESIDE_HAND = 0.4;

function besideHand(f: BatchFacts, evidence: readonly Evidence[]): readonly Evidence[] {
  const hasSpoken = f.feltDry > 0 || f.feltWet > 0 || f.endedRight;
  return hasSpoken
    ? evidence.map((one) => ({ ...one, weight: one.weight * INDEX_BESIDE_HAND }))
    : evidence;
}

const pct = (value: number, decimals = 1) => formatPercent(value, decimals);
const dampSaid = (place: number) =>
  place > 1
    ? 'Moisture was above its range.'
    : place < 0
      ? 'Moisture was below its range.'
      : `Moisture was ${pct(place * 100, 0)} of the way up its range.`;

/** Causes with what in a record speaks for them. Marks are common practice where the trade names one, else ours. */
/** A piece with less of its fizz than this is weak, and one with so much is whole; so much less in store is a loss. Common practice; Rovack estimates. */
export const WEAK_SHARE = 0.9;
const WHOLE_SHARE = 0.96;
const FELL_BY = 0.04;

export const CAUSES = [
  {
    id: 'too-much-water',
    title: 'Too much water in the mix',
    change:
      'Use less bloom water, stronger alcohol, and oil by the gram instead of the last spray.',
    evidence: (f) => [
      ...over(f.freeWaterPct, 1.6, 0.8, (v) => `Loose water was ${pct(v)}.`),
      ...over(f.lateWaterPct, 0.3, 0.3, (v) => `Water after the acid was ${pct(v, 2)}.`),
      ...when(f.feltWet > 0, 0.6, 'The squeeze test was too wet after the acid.'),
    ],
  },
  {
    id: 'acid-met-water',
    title: 'It began to fizz in the bowl',
    change:
      'Add the acid last, to a mix that is not wet. Spray finely, remix fully, press within half an hour.',
    evidence: (f) => [
      ...over(f.lateWaterPct, 0.35, 0.25, (v) => `Water after the acid was ${pct(v, 2)}.`),
      ...over(
        f.acidToLastMin,
        50,
        20,
        (v) => `It took ${formatMinutes(v)} from the acid to the last piece.`,
      ),
      ...over(f.freeWaterPct, 2, 1, (v) => `Loose water was ${pct(v)}.`),
      ...when(
        f.freshShare !== null && f.freshShare < WEAK_SHARE,
        1.2,
        `Fresh on the scale, ${pct(100 * (f.freshShare ?? 0), 0)} of its fizz was there.`,
      ),
      ...when(
        f.freshShare !== null && f.freshShare >= WHOLE_SHARE,
        -1.5,
        `Fresh on the scale, ${pct(100 * (f.freshShare ?? 0), 0)} of its fizz was there.`,
      ),
    ],
  },
  {
    id: 'room-too-damp',
    title: 'The room was too damp',
    change: 'Dehumidify toward 45% before you weigh and while it dries.',
    evidence: (f) => [
      ...over(f.madeHumidityPct, 56, 6, (v) => `It was made at ${pct(v, 0)} humidity.`),
      ...over(f.dryHumidityPct, 56, 6, (v) => `It dried at ${pct(v, 0)} humidity.`),
    ],
  },
  {
    id: 'room-too-dry',
    title: 'The room was too dry',
    change: 'Humidify toward 45%, or use a little more oil and a few more squirts.',
    evidence: (f) =>
      under(f.madeHumidityPct, 39, 5, (v) => `It was made at ${pct(v, 0)} humidity.`),
  },
  {
    id: 'not-sieved',
    title: 'Powders not sieved',
    change: 'Sieve soda, starch and clay. Break salt lumps by hand.',
    evidence: (f) => [
      ...when(f.skippedSieve, LOUDEST, 'Sieving was skipped.'),
      ...when(!f.skippedSieve, -0.8, 'It was sieved.'),
      ...under(f.clumpingPct, 5, 5, (v) => `Only ${pct(v, 0)} of it clumps.`),
    ],
  },
  {
    id: 'underfilled',
    title: 'Packed too loosely, or unevenly',
    change: 'Fill every piece on the scale. Overfill the halves, mound the middle, press firmly.',
    evidence: (f) => [
      ...under(
        f.fillOverTarget,
        0.97,
        0.02,
        (v) => `Pieces weighed ${pct(v * 100, 0)} of their target.`,
      ),
      ...over(f.fillSpreadPct, 2.5, 1, (v) => `Fills varied by ${pct(v)}.`),
    ],
  },
  {
    id: 'too-dry',
    title: 'The mix was too dry',
    change: 'Use a little more oil. Squeeze before every fill, and correct before you press.',
    evidence: (f) => [
      ...besideHand(f, under(f.dampPlace, 0.15, 0.25, dampSaid)),
      ...when(f.endedRight, -1, 'The squeeze test was right before pressing.'),
      ...when(
        f.feltDry > 0 && !f.endedRight,
        LOUDEST,
        'It was pressed although the squeeze test was dry.',
      ),
      ...when(f.feltDry > 1, 0.4, `The squeeze test was dry ${counted(f.feltDry, 'time')}.`),
    ],
  },
  {
    id: 'too-wet',
    title: 'The mix was too wet',
    change:
      'Hold back liquid until the squeeze test asks for it. Add soda or starch before the acid.',
    evidence: (f) => [
      ...besideHand(f, over(f.dampPlace, 0.9, 0.2, dampSaid)),
      ...when(f.feltWet > 0, LOUDEST, 'The squeeze test was too wet after the acid.'),
    ],
  },
  {
    id: 'uneven-damp',
    title: 'Unequally moist layers',
    change: 'Scrape, turn the mix over, and squeeze again every few minutes while you press.',
    evidence: (f) => [
      ...when(f.skippedScrape, 1.6, 'Scraping and turning over was skipped.'),
      ...over(
        f.acidToLastMin,
        40,
        20,
        (v) => `It took ${formatMinutes(v)} from the acid to the last piece.`,
      ),
      ...over(f.fillSpreadPct, 3, 1.5, (v) => `Fills varied by ${pct(v)}.`),
    ],
  },
  {
    id: 'wet-core',
    title: 'Core wetter than its shell',
    change: 'Make the embed drier, press it earlier, and hide it well inside.',
    evidence: (f) => [
      ...when(f.embedWaterPct === null, -LOUDEST, 'There is no embed.'),
      ...over(
        f.embedWaterPct,
        f.freeWaterPct + 0.4,
        0.5,
        (v) => `The embed has ${pct(v)} of water.`,
      ),
    ],
  },
  {
    id: 'dried-in-bowl',
    title: 'It dried in the bowl during pressing',
    change: 'Make smaller bowls. Cover the bowl, squeeze every few minutes, spray and remix.',
    evidence: (f) => [
      ...over(
        f.acidToLastMin,
        40,
        15,
        (v) => `It took ${formatMinutes(v)} from the acid to the last piece.`,
      ),
      ...under(f.madeHumidityPct, 41, 6, (v) => `It was made at ${pct(v, 0)} humidity.`),
      ...when(f.endedRight, 0.3, 'The squeeze test was right before pressing.'),
    ],
  },
  {
    id: 'too-much-coarse-salt',
    title: 'Too much coarse salt',
    change: 'Use fine salt, less than a tenth of the mix.',
    evidence: (f) => over(f.coarseSaltPct, 9, 3, (v) => `It has ${pct(v)} of coarse salt.`),
  },
  {
    id: 'lifted-early',
    title: 'Lifted too early',
    change: 'Leave it until it is hard, as the ring on the tray shows.',
    evidence: (f) =>
      under(f.dryWhenLifted, 0.5, 0.15, (v) => `It was lifted when ${pct(v * 100, 0)} dry.`),
  },
  {
    id: 'flat-seat',
    title: 'Set on a flat tray',
    change: 'Use rounded seats or soft crumpled paper.',
    evidence: (f) => [
      ...when(f.traySeats === 'flat', 1.4, 'The tray is flat.'),
      ...when(f.traySeats === 'rounded', -LOUDEST, 'The tray has rounded seats.'),
      ...when(!f.isRound, -LOUDEST, 'The mold makes a flat piece.'),
    ],
  },
  {
    id: 'too-heavy',
    title: 'Too heavy for its seat',
    change: 'Make smaller pieces, or pack lighter.',
    evidence: (f) => over(f.pieceG, 190, 40, (v) => `Pieces weigh ${formatMass(v)}.`),
  },
  {
    id: 'drew-moisture',
    title: 'It drew moisture',
    change:
      'Use less Epsom salt or glycerin. Wrap as soon as it is dry, and store closed and cool.',
    evidence: (f) => [
      ...when(
        (f.freshShare ?? 0) - (f.storedShare ?? 1) > FELL_BY,
        1.5,
        `In storage its fizz fell from ${pct(100 * (f.freshShare ?? 0), 0)} to ${pct(100 * (f.storedShare ?? 0), 0)}.`,
      ),
      ...over(f.drawsWaterPct, 3, 2, (v) => `It has ${pct(v)} of materials that draw water.`),
      ...over(f.dryHumidityPct, 54, 6, (v) => `It dried at ${pct(v, 0)} humidity.`),
    ],
  },
  {
    id: 'no-hardener',
    title: 'Nothing hardens it',
    change: 'Use 1–2% of kaolin, or a few percent of cream of tartar.',
    evidence: (f) =>
      under(f.hardenerPct, 0.6, 0.4, (v) => `It has ${pct(v)} of clay and cream of tartar.`),
  },
  {
    id: 'too-little-acid',
    title: 'Too little acid for the soda',
    change: 'Go nearer to the balance, 1.3–1.5 of soda to 1 of citric acid.',
    evidence: (f) =>
      over(
        f.ratioOverBalance,
        1.55,
        0.25,
        (v) => `There is ${formatFixed(v, 2)} times as much soda as the acid takes up.`,
      ),
  },
  {
    id: 'too-much-filler',
    title: 'Too much filler or oil',
    change: 'Use less starch, clay and salt, and keep oils under a tenth.',
    evidence: (f) => [
      ...over(f.fillerPct, 16, 5, (v) => `It has ${pct(v, 0)} of fillers.`),
      ...over(f.oilPct, 8, 3, (v) => `It has ${pct(v)} of oils.`),
    ],
  },
  {
    id: 'old-stock',
    title: 'Old stock',
    change: 'Use fresh acid and soda. Retest or throw out what is past its date.',
    evidence: (f) => [
      ...when(f.oldLots > 0, 1.8, 'A lot was past its date.'),
      ...when(f.oldLots === 0, -0.5, 'No lot was past its date.'),
    ],
  },
  {
    id: 'vanillin',
    title: 'Vanillin in the fragrance',
    change: 'Plan the color with it, or ask for a vanillin-free scent.',
    evidence: (f) => [
      ...when(f.vanillinPct === 0, -0.7, 'There is no vanillin on file.'),
      ...over(
        f.vanillinPct > 0 ? f.vanillinPct : null,
        0.02,
        0.03,
        (v) => `Vanillin was ${pct(v, 2)}.`,
      ),
    ],
  },
  {
    id: 'ultramarine',
    title: 'Ultramarine met the acid',
    change: 'Use another blue, such as a lake, dye or mica.',
    evidence: (f) => [
      ...when(f.ultramarineG > 0, LOUDEST, 'It contains ultramarine.'),
      ...when(f.ultramarineG === 0, -LOUDEST, 'It contains no ultramarine.'),
    ],
  },
  {
    id: 'too-little-emulsifier',
    title: 'Oil without enough emulsifier',
    change: 'Use polysorbate 80, from a third up to as much as the oils and scent.',
    evidence: (f) => [
      ...under(
        f.emulsifierToOil,
        0.2,
        0.12,
        (v) => `Emulsifier was ${formatFixed(v, 2)} times the oils.`,
      ),
      ...over(f.oilPct, 5, 3, (v) => `It has ${pct(v)} of oils.`),
    ],
  },
  {
    id: 'mica-floats',
    title: 'Mica and lakes only float',
    change: 'Use a water-soluble dye for the water, and mica for the look of the piece.',
    evidence: (f) => [
      ...over(f.micaPct, 0.3, 0.3, (v) => `It has ${pct(v, 2)} of mica and lakes.`),
      ...when(f.hasBloomedDye, -0.6, 'It contains a soluble dye too.'),
    ],
  },
  {
    id: 'dye-not-bloomed',
    title: 'Dye not bloomed',
    change: 'Disperse it in a little water, add hot water, pour it into a furrow, and sieve.',
    evidence: (f) => [
      ...when(f.dyeUnbloomed, LOUDEST, 'Powder dye went in without its water.'),
      ...when(f.hasBloomedDye && !f.dyeUnbloomed, -0.3, 'The dye was bloomed.'),
      ...when(!f.hasBloomedDye, -LOUDEST, 'It contains no powder dye.'),
    ],
  },
  {
    id: 'icing-too-wet',
    title: 'The icing was too wet',
    change: 'Hold water back until it keeps its peaks.',
    evidence: (f) => [
      ...when(f.icingWaterPct === null, -LOUDEST, 'There is no icing.'),
      ...over(f.icingWaterPct, 20, 4, (v) => `The icing has ${pct(v, 0)} of water.`),
    ],
  },
  {
    id: 'icing-too-dry',
    title: 'The icing was too stiff',
    change: 'Add water by the drop until it drops off the spoon slowly.',
    evidence: (f) => [
      ...when(f.icingWaterPct === null, -LOUDEST, 'There is no icing.'),
      ...under(f.icingWaterPct, 11, 3, (v) => `The icing has ${pct(v, 0)} of water.`),
    ],
  },
  {
    id: 'icing-unbound',
    title: 'Little binds the icing',
    change: 'Use 3–5% of meringue powder or gum, and some cream of tartar.',
    evidence: (f) => [
      ...when(f.icingBinderPct === null, -LOUDEST, 'There is no icing.'),
      ...under(
        f.icingBinderPct,
        2,
        1.5,
        (v) => `The icing has ${pct(v)} of meringue powder, gum and cream of tartar.`,
      ),
    ],
  },
  {
    id: 'iced-too-early',
    title: 'Iced before the piece was dry',
    change: 'Ice when the piece is two thirds dry or more. Until then it still shrinks.',
    evidence: (f) =>
      under(f.dryWhenIced, 0.65, 0.15, (v) => `It was iced when ${pct(v * 100, 0)} dry.`),
  },
] as const satisfies readonly CauseRow[];
