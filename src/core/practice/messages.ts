import { clockTime } from '@/core/basics/format/dates';
import { formatMinutes, formatSeconds } from '@/core/basics/format/durations';
import { counted, formatFixed, formatPercent, formatRange } from '@/core/basics/format/numbers';
import { formatMass, formatMassRange, formatTemp } from '@/core/basics/format/quantities';
import type { CauseId } from '@/core/batches/faults/causeTable';
import type { BatchFacts } from '@/core/batches/faults/facts';
import { SHIPPED, materialById } from '@/core/matter/materials/catalog';
import type { Correction, Felt } from '@/core/results/binder/correction';
import type { Fault } from '@/core/batches/records/kinds';
import { faultRow } from '@/core/batches/faults/faultTable';
import { AIR_MIN } from './bowl';
import type { BowlState, TubSeen } from './bowlState';
import type { CauseTruth } from './causeLesson';
import { SAME_COLOR, type DyeSeen, type DyeTruth } from './dyeLesson';
import { handleHours } from './nextDay';
import type { Move } from './play';
import type { SmallestWay } from './smallestWay';

const nameOf = (materialId: string) => materialById(SHIPPED, materialId).sentenceName;

/** A button, or a point on the line. @param times how often it was done in a row */
export function doseSaid(move: Move, times = 1): string {
  switch (move.kind) {
    case 'add':
      return `${formatMass(move.massG * times)} of ${nameOf(move.materialId)}`;
    case 'spray':
      return `${counted(move.squirts * times, 'squirt')} of ${nameOf(move.materialId)}`;
    case 'air':
      return `${formatMinutes(AIR_MIN * times)} in moving dry air`;
    case 'acid':
      return 'the acid';
    default:
      return '';
  }
}

/** The room as its meter has it. */
export function roomSaid({ truth }: BowlState): string {
  return `The meter reads ${formatPercent(truth.readHumidityPct)} and ${formatTemp(truth.tempC)}.`;
}

const FELT_WORDS: Readonly<Record<Felt, string>> = {
  'too-dry': 'too dry',
  right: 'right',
  'too-wet': 'too wet',
};

/** The hand was named: was it that? */
export function namedSaid(felt: Felt, said: Felt): string {
  return felt === said
    ? `Yes, this hand says ${FELT_WORDS[felt]}.`
    : `No, this hand says ${FELT_WORDS[felt]}.`;
}

/** What the bench would say to this hand. */
export function benchSaid(cure: Correction | undefined, felt: Felt): string {
  if (!cure)
    return felt === 'too-wet'
      ? 'At the bench Rovack says: turn it in moving dry air, and squeeze again.'
      : 'At the bench Rovack says: no small amount fixes it.';
  const { materialId, firstG, firstSquirts, inAllG, inAllSpread } = cure;
  const first =
    firstSquirts === null
      ? `${formatMass(Math.round(firstG * 10) / 10)} of ${nameOf(materialId)}`
      : `${counted(firstSquirts, 'squirt')} of ${nameOf(materialId)}`;
  const say = `At the bench Rovack says: add ${first}, mix, and squeeze again.`;
  return inAllG > firstG * 1.05
    ? `${say} It may need ${formatMassRange(inAllSpread.low, inAllSpread.high)} in all.`
    : say;
}

const TRUE_HAND = 0.005;

/** What the bowl hid, told at the end. */
export function truthSaid(bowl: BowlState): readonly string[] {
  const { truth, lesson, window, indexPct, steps } = bowl;
  const began = steps[0]?.indexPct ?? indexPct;
  const isLoose = truth.method === 'loose';
  const hand = truth.handTimes - 1;
  const felt = formatPercent(100 * Math.abs(hand), 0);
  const sprays = lesson.doses.some((dose) => 'squirts' in dose);
  return [
    isLoose
      ? `These salts pour with moisture up to ${formatFixed(window.highPct, 1)}. They began at ${formatFixed(began, 1)} and went into the jar at ${formatFixed(indexPct, 1)}.`
      : `This mix wanted moisture of ${formatRange(window.lowPct, window.highPct, 1)}. It began at ${formatFixed(began, 1)} and you pressed it at ${formatFixed(indexPct, 1)}.`,
    `The room was at ${formatPercent(truth.humidityPct, 1)}.`,
    ...(sprays ? [`One squirt gave ${formatMass(truth.squirtG, 2)} of water.`] : []),
    Math.abs(hand) < TRUE_HAND
      ? 'Your hand was true.'
      : hand > 0
        ? `Your hand felt it ${felt} damper than it was.`
        : `Your hand felt it ${felt} drier than it was.`,
    ...(isLoose || bowl.liftedAfterH === null ? [] : [liftSaid(bowl)]),
  ];
}

function liftSaid(bowl: BowlState): string {
  const hours = handleHours(bowl);
  return hours < Infinity
    ? `A piece could be lifted after ${formatMinutes(60 * hours)}. You waited ${formatMinutes(60 * (bowl.liftedAfterH ?? 0))}.`
    : 'No piece ever dries in this room.';
}

/** What the player did, in numbers. */
export function didSaid({ rounds, squeezes, readRight }: BowlState): string {
  return `You squeezed ${counted(squeezes, 'time')}, named ${readRight} of ${counted(squeezes, 'hand')} right, and corrected in ${counted(rounds, 'round')}.`;
}

/** The smallest way in a sentence. */
export function smallestSaid(way: SmallestWay): string {
  const doses = way.moves.filter((move) => move.kind !== 'acid');
  const [first] = doses;
  return first ? `The smallest way was ${doseSaid(first, doses.length)}, in one round.` : '';
}

const SALT_SAID: Readonly<Partial<Record<Fault, string>>> = {
  stuck: 'It clumps in the jar.',
  'weak-fizz': 'It fizzed in the jar.',
};

/** A piece or a spoon of salts as it is found. */
export function pieceSaid(fault: Fault | null, isLoose: boolean): string {
  if (fault === null) return isLoose ? 'It pours.' : 'It is right.';
  return isLoose ? (SALT_SAID[fault] ?? faultRow(fault).seen) : faultRow(fault).seen;
}

/** One piece in the water. */
export function tubSaid({ kind, lasts, buoyancy }: TubSeen): string {
  if (kind === 'showered') return `It lasted ${formatFixed(lasts, 1)} showers.`;
  const gone = `It was gone after ${formatSeconds(lasts)}.`;
  if (buoyancy === 'floats') return `${gone} It floated.`;
  if (buoyancy === 'sinks') return `${gone} It sank.`;
  return gone;
}

/** Differences up to here are not seen without the order beside it. */
const AS_ORDERED = 2.5;
const FAR_OFF = 16;
const RING_SAID: Readonly<Record<DyeSeen['ring'], string>> = {
  none: 'No ring stays.',
  faint: 'A faint ring stays.',
  clear: 'A clear ring stays.',
};

/** What a tub with so much dye shows. */
export function dyeSaid({ ring, difference, isDeeper }: DyeSeen): string {
  if (difference <= AS_ORDERED) return `${RING_SAID[ring]} The color is as ordered.`;
  if (difference <= SAME_COLOR)
    return isDeeper
      ? `${RING_SAID[ring]} The color is a little deeper than ordered.`
      : `${RING_SAID[ring]} The color is a little paler than ordered.`;
  if (difference <= FAR_OFF)
    return isDeeper
      ? `${RING_SAID[ring]} The color is deeper than ordered.`
      : `${RING_SAID[ring]} The color is paler than ordered.`;
  return isDeeper
    ? `${RING_SAID[ring]} The color is far too deep.`
    : `${RING_SAID[ring]} The color is far too pale.`;
}

/** What lot and tub hid. */
export function dyeTruthSaid(truth: DyeTruth): readonly string[] {
  const strength = formatFixed(truth.strength, 2);
  return [
    `The right dose was ${formatMass(truth.rightGPerKg, 2)} in a kilo.`,
    `This lot colors ${strength} times as strongly as usual.`,
    `This tub keeps a ring from ${formatMass(truth.stainsFromGPerKg, 2)} in a kilo on.`,
  ];
}

/** A line of the record: when, and what happened. */
export interface RecordLine {
  readonly atMin: number;
  readonly said: string;
}

/** The made-up day begins at nine. */
const BEGINS_H = 9;

/** When a line of the record was written: the hour, or the next day. */
export function clockOf(atMin: number): string {
  const hours = BEGINS_H + Math.floor(atMin / 60);
  if (hours >= 24) return 'Next day';
  return clockTime(new Date(2000, 0, 1, hours, atMin % 60).getTime());
}

/** A wrong answer: what the record says against it; empty for the right one. */
export function wrongCauseSaid(
  { causeId, ranked }: CauseTruth,
  chosen: CauseId,
  isChange: boolean,
): string {
  if (chosen === causeId) return '';
  if (isChange) return 'That would help against another cause. Try again.';
  const against = ranked.find(({ id }) => id === chosen)?.speaksAgainst[0];
  return against
    ? `No. The record speaks against it: ${against} Try again.`
    : 'No. Nothing in the record points to it. Try again.';
}

/** What the record had to say, once the cause is found. */
export function causeSaid({ ranked }: CauseTruth): readonly string[] {
  const [first] = ranked;
  if (!first) return [];
  return [
    `It was this: ${first.title}.`,
    ...first.speaksFor,
    `Next time: ${first.change}`,
    `The record gives it ${formatPercent(100 * first.share, 0)} of belief.`,
  ];
}

const ACID_AT_MIN = 34;

/** The record of a made-up batch, in the order of the day. */
export function recordSaid(facts: BatchFacts): readonly RecordLine[] {
  const last = ACID_AT_MIN + (facts.acidToLastMin ?? 0);
  const line = (atMin: number, said: string): RecordLine => ({ atMin, said });
  const pct = (value: number | null, decimals = 0) => formatPercent(value ?? 0, decimals);
  return [
    line(0, `The workroom was at ${pct(facts.madeHumidityPct)} humidity.`),
    line(4, `${pct(facts.clumpingPct)} of the mix is powder that clumps.`),
    line(6, facts.skippedSieve ? 'Sieving was skipped.' : 'Soda and starch were sieved.'),
    line(20, `Oil and scent went in, ${pct(facts.oilPct, 1)} of the mix.`),
    line(30, 'Squeezed before the acid: big clumps.'),
    line(
      ACID_AT_MIN,
      `The acid went in. Soda to acid was ${formatFixed(facts.ratioOverBalance ?? 0, 2)} times the balance.`,
    ),
    line(
      ACID_AT_MIN + 2,
      facts.feltWet > 0
        ? 'Squeezed after the acid: shines and sticks. Then it held.'
        : 'Squeezed after the acid: holds.',
    ),
    line(
      ACID_AT_MIN + 4,
      `Water sprayed after the acid: ${pct(facts.lateWaterPct, 2)} of the mix.`,
    ),
    line(
      last,
      `The last piece was pressed, ${formatMinutes(facts.acidToLastMin ?? 0)} after the acid.`,
    ),
    line(last + 1, `Loose water in the pressed mix: ${pct(facts.freeWaterPct, 1)}.`),
    line(
      last + 60,
      `The drying room was at ${pct(facts.dryHumidityPct)}. The trays have rounded seats.`,
    ),
    line(
      last + 24 * 60,
      `Lifted when ${pct(100 * (facts.dryWhenLifted ?? 0))} dry. Five of six pieces have warts.`,
    ),
  ];
}
