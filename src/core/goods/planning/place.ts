import { addUse, earliestFree, useAt } from './profile';
import { dayOf, type Block, type Booked, type Shop, type ShopStep } from './shop';

/** Where a step stands, minutes since the start. */
export interface Placed {
  readonly step: ShopStep;
  readonly start: number;
  readonly end: number;
  /** Index of the hands, or -1. */
  readonly person: number;
}

/** A block is tried at so many places before it is given up. */
const MOST_TRIES = 4000;

/**
 * The earliest place of a block: its steps one after the other within their waits, each on hands, machine and trays that
 * are free. Hands that come soonest do it; `first` does where it comes to the same.
 * @returns null when there is none within the plan’s days
 */
export function placeBlock(
  block: Block,
  from: number,
  shop: Shop,
  booked: Booked,
  first = -1,
): readonly Placed[] | null {
  let release = from;
  for (let trialStore = 0; trialStore < MOST_TRIES; trialStore++) {
    const placed: Placed[] = [];
    let again: number | null = null;
    for (const [i, step] of block.entries()) {
      const before = placed.at(-1);
      const earliest = before ? before.end + step.waitMin : release + (i === 0 ? step.waitMin : 0);
      const found = placeStep(step, earliest, shop, booked, first);
      if (!found) return null;
      if (before && found.start > before.end + step.waitMax + 1e-9) {
        // Too late after the step before: begin the block so much later.
        const late = found.start - (before.end + step.waitMax);
        again = release + Math.max(late, 1e-3);
        break;
      }
      placed.push(found);
    }
    if (again === null) return placed;
    const head = placed[0];
    release = Math.max(again, head ? head.start - (block[0]?.waitMin ?? 0) + 1e-3 : again);
    // Whole minutes keep the trialStore few.
    release = Math.ceil(release - 1e-6);
  }
  return null;
}

function placeStep(
  step: ShopStep,
  earliest: number,
  shop: Shop,
  booked: Booked,
  first: number,
): Placed | null {
  if (step.at !== null)
    return {
      step,
      start: step.at,
      end: step.at + step.minutes,
      person: step.hands.includes(first) ? first : (step.hands[0] ?? -1),
    };
  if (step.hands.length === 0) {
    const start = whenFree(step, earliest, shop, booked, -1);
    return start < Infinity ? { step, start, end: start + step.minutes, person: -1 } : null;
  }
  return step.hands.reduce<Placed | null>((best, person) => {
    const start = whenFree(step, earliest, shop, booked, person);
    const isSooner = start < (best?.start ?? Infinity);
    return isSooner || (start === best?.start && person === first)
      ? { step, start, end: start + step.minutes, person }
      : best;
  }, null);
}

/** Earliest start at which everything a step needs is free at once. */
function whenFree(
  { minutes, takes, isBowl }: ShopStep,
  earliest: number,
  shop: Shop,
  booked: Booked,
  person: number,
): number {
  let start = earliest;
  for (;;) {
    const before = start;
    const hands = booked.hands[person];
    if (hands) start = earliestFree(hands, start, minutes, 1, 1);
    if (isBowl && start < Infinity) start = onADayWithRoom(start, shop, booked, person);
    for (const { thing, much } of takes) {
      const taken = booked.things[thing];
      if (!taken) return Infinity;
      start = earliestFree(taken, start, minutes, much, shop.things[thing]?.capacity ?? 0);
    }
    if (start === before || start === Infinity) return start;
  }
}

/** This moment, or the next midnight where these hands have begun as many bowls that day as they take. */
function onADayWithRoom(moment: number, shop: Shop, { bowls }: Booked, person: number): number {
  const [own, most = Infinity] = [bowls[person], shop.people[person]?.mostBowls];
  return own && useAt(own, Math.max(0, moment)) >= most ? dayOf(shop, moment).to : moment;
}

/** Books these steps, or takes them back. */
export function book(
  shop: Shop,
  { hands, bowls, things }: Booked,
  placed: readonly Placed[],
  sign: 1 | -1 = 1,
): void {
  for (const { step, start, end, person } of placed) {
    const own = hands[person];
    if (own) addUse(own, start, end, sign);
    const day = bowls[person];
    if (day && step.isBowl) {
      const { from, to } = dayOf(shop, start);
      addUse(day, Math.max(0, from), to, sign);
    }
    for (const { thing, much } of step.takes) {
      const taken = things[thing];
      if (taken) addUse(taken, start, end, sign * much);
    }
  }
}
