import type { Result } from '@/core/basics/result';
import { DAY_MIN, MINUTE_MS } from '@/core/basics/time';
import { formatMinutes } from '@/core/basics/format/durations';
import { counted, formatCount } from '@/core/basics/format/numbers';
import type { PlanJob, PlanProblem, PlanStep } from './problem';
import { addUse, copyOf, emptyProfile, type Profile } from './profile';
import { workingHoursOf, type WorkingHours } from './workingHours';

/** A step in minutes since the start, ready to be placed. */
export interface ShopStep {
  readonly id: string;
  readonly minutes: number;
  /** Indexes of the hands that may do it; empty when it needs nobody. */
  readonly hands: readonly number[];
  /** What it holds from its beginning to its end: machine, cavities, tray places. */
  readonly takes: readonly Take[];
  readonly waitMin: number;
  readonly waitMax: number;
  /** Does a bowl begin with it? A person begins only so many a day. */
  readonly isBowl: boolean;
  /** Locked at this minute; null when it is free. */
  readonly at: number | null;
}

/** So much of one of the shop’s things, by its index. */
export interface Take {
  readonly thing: number;
  readonly much: number;
}

/** Steps that must follow each other within a longest wait are placed together. */
export type Block = readonly ShopStep[];

export interface ShopJob {
  readonly id: string;
  readonly due: number;
  readonly weight: number;
  readonly blocks: readonly Block[];
}

export interface Thing {
  readonly kind: 'machine' | 'mold' | 'drying-room';
  readonly id: string;
  readonly capacity: number;
}

export interface ShopPerson {
  readonly id: string;
  readonly stretches: readonly WorkingHours[];
  /** Bowls a day; endless for no limit. */
  readonly mostBowls: number;
}

/** A problem in numbers. */
export interface Shop {
  readonly startMs: number;
  readonly people: readonly ShopPerson[];
  /** Minutes since midnight, by the workshop’s clock, at which the plan starts. */
  readonly dayFrom: number;
  /** Machines, molds and the loft: how much of each there is. */
  readonly things: readonly Thing[];
  readonly cushion: number;
  readonly jobs: readonly ShopJob[];
}

/** What is taken at a moment of planning; changed in place. */
export interface Booked {
  /** By person: one is one pair of hands. */
  readonly hands: readonly Profile[];
  /** Bowls begun, by person: each counts for the whole of its day. */
  readonly bowls: readonly Profile[];
  readonly things: readonly Profile[];
}

const LEAST_DAYS = 60;
/** Nobody plans farther. */
const MOST_DAYS = 1500;

export type ShopResult = Result<Shop>;

/** A problem in numbers, or why it cannot be met. */
export function shopOf(problem: PlanProblem): ShopResult {
  const startMs = Date.parse(problem.start);
  const things = thingsOf(problem);
  const handsMin = problem.jobs.reduce(
    (sum, { steps }) => sum + steps.reduce((all, one) => all + (one.person ? one.minutes : 0), 0),
    0,
  );
  const allMin = problem.jobs.reduce(
    (sum, { steps }) => sum + steps.reduce((all, one) => all + one.minutes + one.waitMinMin, 0),
    0,
  );
  const shortest = Math.min(
    ...problem.people.map((person) => {
      const week = workingHoursOf(person, problem, 14).reduce(
        (sum, one) => sum + one.to - one.from,
        0,
      );
      return week > 0 ? week / 14 : Infinity;
    }),
  );
  const days = Math.min(
    MOST_DAYS,
    LEAST_DAYS +
      Math.ceil(allMin / 1440) +
      (Number.isFinite(shortest) ? Math.ceil((2 * handsMin) / shortest) : 0),
  );
  const people = problem.people.map((person) => ({
    id: person.id,
    stretches: workingHoursOf(person, problem, days),
    mostBowls: person.mostBowls ?? Infinity,
  }));
  const longest = people.map(({ stretches }) =>
    Math.max(0, ...stretches.map((one) => one.to - one.from)),
  );
  const seen = new Set<string>();
  for (const job of problem.jobs) {
    if (seen.has(job.id)) return no(`two jobs are called ${job.id}`);
    seen.add(job.id);
    for (const step of job.steps) {
      const why = stepProblem(job, step, problem, longest);
      if (why) return no(why);
    }
  }
  const lockedHands = handsOfLocks(people);
  return {
    ok: true,
    value: {
      startMs,
      people,
      dayFrom: modulo(startMs / MINUTE_MS + problem.zoneMin, DAY_MIN),
      things,
      cushion: problem.cushionMin,
      jobs: problem.jobs.map((job) => ({
        id: job.id,
        due: (Date.parse(job.due) - startMs) / MINUTE_MS,
        weight: job.weight,
        blocks: blocksOf(
          job.steps.map((step): ShopStep => ({
            id: step.id,
            isBowl: step.id === 'mix',
            minutes: step.minutes,
            hands: !step.person
              ? []
              : step.at === undefined
                ? handsFor(step, problem, longest)
                : lockedHands(
                    handsFor(step, problem, longest),
                    (Date.parse(step.at) - startMs) / MINUTE_MS,
                    step.minutes,
                  ),
            takes: takesOf(step, things),
            waitMin: step.waitMinMin,
            waitMax: step.waitMaxMin ?? Infinity,
            at: step.at === undefined ? null : (Date.parse(step.at) - startMs) / MINUTE_MS,
          })),
        ),
      })),
    },
  };
}

const modulo = (value: number, by: number): number => ((value % by) + by) % by;

/** The day a moment falls into, minutes since the start: from its midnight to the next. */
export function dayOf({ dayFrom }: Pick<Shop, 'dayFrom'>, moment: number): WorkingHours {
  const from = Math.floor((moment + dayFrom) / DAY_MIN) * DAY_MIN - dayFrom;
  return { from, to: from + DAY_MIN };
}

function thingsOf({ machines, molds, trayPlaces }: PlanProblem): readonly Thing[] {
  const all = (kind: Thing['kind'], of: Readonly<Record<string, number>>) =>
    Object.entries(of).map(([id, capacity]): Thing => ({ kind, id, capacity }));
  return [
    ...all('machine', machines),
    ...all('mold', molds),
    ...all('drying-room', { '': trayPlaces }),
  ];
}

function takesOf(step: PlanStep, things: readonly Thing[]): readonly Take[] {
  const take = (kind: Thing['kind'], id: string | undefined, much: number): readonly Take[] =>
    id === undefined || much === 0
      ? []
      : [{ thing: things.findIndex((one) => one.kind === kind && one.id === id), much }];
  return [
    ...take('machine', step.machine, 1),
    ...take('mold', step.mold, step.cavities),
    ...take('drying-room', '', step.trayPlaces),
  ];
}

/** Whose hands a locked step gets: the first that are in their hours and hold no other locked step then. */
function handsOfLocks(people: Shop['people']) {
  const taken: { readonly person: number; readonly from: number; readonly to: number }[] = [];
  return (hands: readonly number[], from: number, minutes: number): readonly number[] => {
    const to = from + minutes;
    const isFree = (person: number) =>
      !taken.some((one) => one.person === person && one.from < to && from < one.to);
    const isIn = (person: number) =>
      (people[person]?.stretches ?? []).some((one) => one.from <= from && to <= one.to);
    const person = hands.find((one) => isIn(one) && isFree(one)) ?? hands.find(isFree) ?? hands[0];
    if (person === undefined) return [];
    taken.push({ person, from, to });
    return [person];
  };
}

export function nothingBooked(shop: Shop): Booked {
  return {
    hands: shop.people.map(({ stretches }) => hoursOff(stretches)),
    bowls: shop.people.map(emptyProfile),
    things: shop.things.map(emptyProfile),
  };
}

/** Hands are taken whenever they do not work. */
function hoursOff(stretches: readonly WorkingHours[]): Profile {
  const off = emptyProfile();
  let since = 0;
  for (const { from, to } of stretches) {
    addUse(off, since, from, 1);
    since = Math.max(since, to);
  }
  addUse(off, since, Infinity, 1);
  return off;
}

export function copyOfBooked({ hands, bowls, things }: Booked): Booked {
  return { hands: hands.map(copyOf), bowls: bowls.map(copyOf), things: things.map(copyOf) };
}

function handsFor(step: PlanStep, { people }: PlanProblem, longest: readonly number[]) {
  return people.flatMap(({ id }, i) =>
    (longest[i] ?? 0) >= step.minutes && (step.by === undefined || step.by.includes(id)) ? [i] : [],
  );
}

function stepProblem(
  { id: job }: PlanJob,
  step: PlanStep,
  problem: PlanProblem,
  longest: readonly number[],
): string | null {
  const name = `${step.id} of ${job}`;
  if (step.person) {
    if (problem.people.length === 0) return `${name} needs a person, and there is none`;
    if (handsFor(step, problem, longest).length === 0)
      return Math.max(0, ...longest) === 0
        ? `${name} needs a person, and nobody has working hours`
        : `${name} takes ${formatMinutes(step.minutes)}, and the longest working time is ${formatMinutes(Math.max(0, ...longest))}`;
  }
  if (step.machine !== undefined && !((problem.machines[step.machine] ?? 0) >= 1))
    return `${name} needs the ${step.machine}, and there is none`;
  const cavities = step.mold === undefined ? 0 : (problem.molds[step.mold] ?? 0);
  if (step.mold !== undefined && step.cavities > cavities)
    return `${name} needs ${counted(step.cavities, 'cavity', 'cavities')} of the mold ${step.mold}, and there are ${formatCount(cavities)}`;
  if (step.trayPlaces > problem.trayPlaces)
    return `${name} needs ${counted(step.trayPlaces, 'tray place')}, and the drying room has ${formatCount(problem.trayPlaces)}`;
  if (step.waitMaxMin !== null && step.waitMaxMin < step.waitMinMin)
    return `${name} waits at least ${formatMinutes(step.waitMinMin)} and at most ${formatMinutes(step.waitMaxMin)}`;
  return null;
}

function blocksOf(steps: readonly ShopStep[]): readonly Block[] {
  const blocks: ShopStep[][] = [];
  for (const [i, step] of steps.entries()) {
    if (i > 0 && step.waitMax < Infinity) blocks.at(-1)?.push(step);
    else blocks.push([step]);
  }
  return blocks;
}

function no(problem: string): ShopResult {
  return { ok: false, problem };
}
