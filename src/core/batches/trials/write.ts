import { newId } from '@/core/basics/newId';
import { MOST_READINGS } from './kinds';
import type { NewTrialEntry, Trial, TrialEntry, TrialEntryOf } from './schema';

export type TrialStart = Pick<
  Trial,
  'kind' | 'batchId' | 'name' | 'pieceG' | 'isCrumbs' | 'ageDays' | 'water' | 'flowLMin' | 'stepG'
>;

export function startTrial(start: TrialStart, now: string): Trial {
  return {
    ...start,
    id: newId(),
    origin: 'own',
    entries: [],
    readings: [],
    startedAt: now,
    finishedAt: null,
  };
}

/** Entries of one kind that stand, oldest first. */
export function standingIn<K extends TrialEntry['kind']>(
  { entries }: Pick<Trial, 'entries'>,
  kind: K,
): readonly TrialEntryOf<K>[] {
  return entries.filter(
    (entry): entry is TrialEntryOf<K> => entry.kind === kind && entry.voidedAt === null,
  );
}

/**
 * Writes an entry. What is seen once (a phase, a row, a color, a verdict) strikes what was seen of it before; floating
 * and sinking are one.
 */
export function writeIn(trial: Trial, entry: NewTrialEntry, now: string, id = newId()): Trial {
  const written = { ...entry, id, at: now, voidedAt: null } as TrialEntry;
  return {
    ...trial,
    entries: [
      ...trial.entries.map((one) =>
        one.voidedAt === null && isSameThing(one, written) ? { ...one, voidedAt: now } : one,
      ),
      written,
    ],
  };
}

function isSameThing(one: TrialEntry, other: TrialEntry): boolean {
  if (one.kind === 'phase' && other.kind === 'phase')
    return one.phase === other.phase || [one, other].every(({ phase }) => isFirstStand(phase));
  if (one.kind === 'seen' && other.kind === 'seen') return one.what === other.what;
  return one.kind === other.kind && one.kind !== 'note';
}

function isFirstStand(phase: string): boolean {
  return phase === 'floats' || phase === 'sinks';
}

/** Takes the newest entry back, leaving it in sight; the same trial when there is none. */
export function undoIn(trial: Trial, now: string): Trial {
  const last = trial.entries.findLast(({ voidedAt }) => voidedAt === null);
  return last ? voidIn(trial, last.id, now) : trial;
}

export function voidIn(trial: Trial, entryId: string, now: string): Trial {
  return {
    ...trial,
    entries: trial.entries.map((one) =>
      one.id === entryId && one.voidedAt === null ? { ...one, voidedAt: now } : one,
    ),
  };
}

/** The whole trial out of what is learned, or back into it: it was another piece, or a slip. */
export function toggleVoided(trial: Trial, now: string): Trial {
  return { ...trial, voidedAt: trial.voidedAt ? null : now, finishedAt: trial.finishedAt ?? now };
}

/** The stopwatch and the scale from nothing again; what was pressed stays in sight. */
export function startAgain(trial: Trial, now: string): Trial {
  return {
    ...trial,
    readings: [],
    finishedAt: null,
    entries: trial.entries.map((one) =>
      one.voidedAt === null && (one.kind === 'phase' || one.kind === 'jug')
        ? { ...one, voidedAt: now }
        : one,
    ),
  };
}

/** One more reading of the scale; a full list keeps every second one, so that the whole time stays. */
export function readingIn(trial: Trial, seconds: number, massG: number): Trial {
  const kept =
    trial.readings.length < MOST_READINGS
      ? trial.readings
      : trial.readings.filter((_, i) => i % 2 === 0);
  return { ...trial, readings: [...kept, [seconds, massG]] };
}
