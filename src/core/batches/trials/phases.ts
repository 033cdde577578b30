import { keysOf } from '@/core/basics/records';
import { standingIn } from './write';
import type { TrialKind } from './kinds';
import type { Phase } from './kinds';
import type { Trial } from './schema';

/** A stopwatch that runs so long was forgotten: no piece lasts an hour. Rovack estimate. */
const FORGOTTEN_S = 3600;

/** When a phase was, s after the piece touched the water; null when it was not pressed. */
export function phaseS(trial: Trial, phase: Phase): number | null {
  const phases = standingIn(trial, 'phase');
  const touched = phases.find((one) => one.phase === 'touched');
  const found = phases.find((one) => one.phase === phase);
  return touched && found ? (Date.parse(found.at) - Date.parse(touched.at)) / 1000 : null;
}

/** Seconds on the stopwatch: until it was gone, or until now while it runs; null before it touched the water. */
export function runningS(trial: Trial, nowMs: number): number | null {
  const touched = standingIn(trial, 'phase').find(({ phase }) => phase === 'touched');
  if (!touched) return null;
  const goneS = phaseS(trial, 'gone');
  const untilMs = trial.finishedAt === null ? nowMs : Math.min(nowMs, Date.parse(trial.finishedAt));
  return Math.max(0, goneS ?? (untilMs - Date.parse(touched.at)) / 1000);
}

export function isForgotten(trial: Trial, nowMs: number): boolean {
  return (
    trial.finishedAt === null &&
    phaseS(trial, 'gone') === null &&
    (runningS(trial, nowMs) ?? 0) > FORGOTTEN_S
  );
}

const ORDERS: Readonly<Record<TrialKind, readonly Phase[]>> = {
  tub: ['touched', 'first-fizz', 'half', 'gone', 'last-bubbles'],
  salts: ['touched', 'first-fizz', 'half', 'gone', 'last-bubbles'],
  cleaning: ['touched', 'first-fizz', 'gone'],
  shower: ['touched'],
  scale: ['touched', 'gone'],
};

/** What the space bar says next, by what was pressed; null when all is. */
export function nextPhase(trial: Trial): Phase | null {
  return ORDERS[trial.kind].find((phase) => phaseS(trial, phase) === null) ?? null;
}

const AFTER: Readonly<Partial<Record<Phase, readonly Phase[]>>> = {
  half: ['first-fizz'],
  gone: ['first-fizz', 'half'],
  'last-bubbles': ['gone'],
  'came-up': ['sinks'],
};

export type PhaseProblem = 'not-in-water' | 'out-of-order';

/** Why a phase cannot be pressed now; null when it can. */
export function phaseProblem(trial: Trial, phase: Phase): PhaseProblem | null {
  if (phase === 'touched') return null;
  if (phaseS(trial, 'touched') === null) return 'not-in-water';
  const later = keysOf(AFTER).filter((one) => AFTER[one]?.includes(phase));
  if (later.some((one) => phaseS(trial, one) !== null)) return 'out-of-order';
  return phase === 'came-up' && phaseS(trial, 'sinks') === null ? 'out-of-order' : null;
}
