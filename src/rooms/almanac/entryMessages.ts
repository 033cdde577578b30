import { faultRow } from '@/core/batches/faults/faultTable';
import { handSigns } from '@/core/work/bench-steps/handSigns';
import type { Tending } from '@/core/work/bench-steps/tendings';
import {
  FATE_WORDS,
  KEPT_COLOR_WORDS,
  LEFT_WORDS,
  sayWhyAdded,
} from '@/core/batches/records/messages';
import type { BatchEntry, EntryOf } from '@/core/batches/records/schema';
import { formatTimer } from '@/core/basics/format/durations';
import { counted, formatCount, formatFixed, formatPercent } from '@/core/basics/format/numbers';
import { formatMass, formatTemp } from '@/core/basics/format/quantities';

const TENDED: Readonly<Record<Tending, string>> = {
  turn: 'Turned',
  ice: 'Iced',
  paint: 'Painted',
  wrap: 'Wrapped',
};

/** The name of a material by its id. */
export type NameOf = (materialId: string) => string;

export type Run = readonly [BatchEntry, ...BatchEntry[]];

/** Pieces filled one after the other, and squirts of the same, are one line each; all else stands alone. */
export function runsOf(entries: readonly BatchEntry[]): readonly Run[] {
  const runs: [BatchEntry, ...BatchEntry[]][] = [];
  for (const entry of entries) {
    const run = runs.at(-1);
    if (run && belongs(run[0], entry)) run.push(entry);
    else runs.push([entry]);
  }
  return runs;
}

function belongs(first: BatchEntry, next: BatchEntry): boolean {
  if ((first.voidedAt === null) !== (next.voidedAt === null) || first.stepId !== next.stepId)
    return false;
  if (first.kind === 'filled') return next.kind === 'filled';
  return (
    first.kind === 'added' &&
    next.kind === 'added' &&
    first.squirts !== null &&
    next.squirts !== null &&
    first.materialId === next.materialId &&
    first.why === next.why &&
    first.said === next.said
  );
}

/** A run of entries as one line. */
export function sayRun(run: Run, title: string, nameOf: NameOf): string {
  const [first] = run;
  if (run.length === 1) return sayEntry(first, title, nameOf);
  const weights = run.flatMap((entry) =>
    'massG' in entry && entry.massG !== null ? [entry.massG] : [],
  );
  const sumG = weights.reduce((sum, massG) => sum + massG, 0);
  if (first.kind === 'added')
    return sayEntry({ ...first, massG: sumG, squirts: squirtsIn(run) }, title, nameOf);
  const pressed = `${counted(run.length, 'piece')} pressed`;
  return weights.length > 0 ? `${pressed}, mean ${formatMass(sumG / weights.length, 1)}` : pressed;
}

function squirtsIn(run: Run): number {
  return run.reduce((sum, entry) => sum + (entry.kind === 'added' ? (entry.squirts ?? 0) : 0), 0);
}

/** An entry of the record as one line. @param title of the step it belongs to */
export function sayEntry(entry: BatchEntry, title: string, nameOf: NameOf): string {
  switch (entry.kind) {
    case 'room':
      return `Room at ${formatPercent(entry.humidityPct)}, ${formatTemp(entry.tempC, 1)}`;
    case 'weighed':
      return `${nameOf(entry.materialId)}: ${formatMass(entry.massG, 1)} of ${formatMass(entry.targetG, 1)}`;
    case 'added':
      return sayAdded(entry, nameOf(entry.materialId));
    case 'timer':
      return `${title}: timer started, ${formatTimer(entry.seconds)}`;
    case 'squeezed': {
      const sign = handSigns(entry.acidIn).find(({ felt }) => felt === entry.felt);
      const hand = sign?.title ?? entry.felt;
      return entry.acidIn ? `Squeeze test with the acid in: ${hand}` : `Squeeze test: ${hand}`;
    }
    case 'done':
      return `${title}: done`;
    case 'skipped':
      return `${title}: skipped`;
    case 'counted':
      return [
        `Counted ${counted(entry.pieces, 'piece')}`,
        counted(entry.rejects, 'reject'),
        ...(entry.molds && entry.molds.length > 1
          ? [`by mold ${entry.molds.map(({ pieces }) => formatCount(pieces)).join(' and ')}`]
          : []),
        ...(entry.samplers ? [counted(entry.samplers, 'mini')] : []),
        ...(entry.left
          ? [`${formatMass(entry.left.massG, 0)} ${LEFT_WORDS[entry.left.fate]}`]
          : []),
      ].join(', ');
    case 'note':
      return entry.text;
    case 'rescaled':
      return `${nameOf(entry.materialId)}: too much, so the rest was scaled by ${formatFixed(entry.factor, 3)}`;
    case 'split':
      return `Split: ${formatPercent(entry.share * 100, 0)} into a second bowl, ${entry.name}`;
    case 'filled':
      return entry.massG === null
        ? 'Piece pressed, not weighed'
        : `Piece pressed, ${formatMass(entry.massG, 1)}`;
    case 'paused':
      return 'Left the bench';
    case 'resumed':
      return 'Back at the bench';
    case 'dried':
      return `Marked piece weighed, ${formatMass(entry.massG, 1)}`;
    case 'moisture':
      return `Moisture meter, ${formatPercent(entry.moisturePct, 1)}`;
    case 'tended':
      return TENDED[entry.what];
    case 'inspected':
      return sayInspection(entry);
    case 'kept':
      return counted(entry.pieces, 'retained sample');
    case 'looked':
      return `Retained sample: hardness ${entry.hard} of 5, scent ${entry.scent} of 5, color ${KEPT_COLOR_WORDS[entry.color]}`;
  }
}

function sayAdded(entry: EntryOf<'added'>, name: string): string {
  const what = [
    `${name}: added ${formatMass(entry.massG)}`,
    ...(entry.bowl === 2 ? ['to the second bowl'] : []),
  ].join(' ');
  const squirts = entry.squirts ? [counted(entry.squirts, 'squirt')] : [];
  return [what, ...squirts, sayWhyAdded(entry)].join(', ');
}

function sayInspection({ looked, faults, rejects, fate }: EntryOf<'inspected'>): string {
  const seen = faults.map(({ fault, count }) => `${faultRow(fault).title} (${formatCount(count)})`);
  return [
    `Inspected ${counted(looked, 'piece')}: ${seen.length === 0 ? NO_FAULT : seen.join(', ')}`,
    ...(rejects > 0 ? [counted(rejects, 'reject')] : []),
    ...(rejects > 0 && fate ? [FATE_WORDS[fate]] : []),
  ].join(', ');
}
const NO_FAULT = 'no fault';
