import { faultRow } from '@/core/batches/faults/faultTable';
import { handSigns } from '@/core/work/bench-steps/handSigns';
import type { Tending } from '@/core/work/bench-steps/tendings';
import { FATE_WORDS, KEPT_COLOR_WORDS, sayWhyAdded } from '@/core/batches/records/messages';
import type { BatchEntry, EntryOf } from '@/core/batches/records/schema';
import { counted, formatFixed, formatGrams } from '@/core/basics/format/numbers';
import { inSentence } from '@/core/basics/format/names';

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
  const mean = weights.length > 0 ? `, mean ${formatFixed(sumG / weights.length, 1)} g` : '';
  return `${counted(run.length, 'piece')} pressed${mean}`;
}

function squirtsIn(run: Run): number {
  return run.reduce((sum, entry) => sum + (entry.kind === 'added' ? (entry.squirts ?? 0) : 0), 0);
}

/** An entry of the record as one line. @param title of the step it belongs to */
export function sayEntry(entry: BatchEntry, title: string, nameOf: NameOf): string {
  switch (entry.kind) {
    case 'room':
      return `Room at ${entry.humidityPct} %, ${entry.tempC} °C`;
    case 'weighed':
      return `${nameOf(entry.materialId)}: ${formatFixed(entry.massG, 1)} g of ${formatFixed(entry.targetG, 1)}`;
    case 'added':
      return `Added ${formatGrams(entry.massG)} g ${inSentence(nameOf(entry.materialId))}${entry.bowl === 2 ? ' to the second bowl' : ''}${
        entry.squirts ? `, ${counted(entry.squirts, 'squirt')}` : ''
      }: ${sayWhyAdded(entry)}`;
    case 'timer':
      return `${title}: timer started, ${Math.round(entry.seconds / 6) / 10} min`;
    case 'squeezed': {
      const sign = handSigns(entry.acidIn).find(({ felt }) => felt === entry.felt);
      return `Squeezed${entry.acidIn ? ', acid in' : ''}: ${sign?.title.toLowerCase() ?? entry.felt}`;
    }
    case 'done':
      return `${title}: done`;
    case 'skipped':
      return `${title}: skipped`;
    case 'counted':
      return `Counted ${entry.pieces} pieces, ${entry.rejects} gone wrong${
        entry.samplers ? `, ${counted(entry.samplers, 'sampler')} beside them` : ''
      }`;
    case 'note':
      return entry.text;
    case 'rescaled':
      return `Too much ${inSentence(nameOf(entry.materialId))}: the rest made to match, times ${formatFixed(entry.factor, 3)}`;
    case 'split':
      return `Split: ${Math.round(entry.share * 100)} % into a second bowl, ${inSentence(entry.name)}`;
    case 'filled':
      return entry.massG === null
        ? 'Piece pressed, not weighed'
        : `Piece pressed, ${formatFixed(entry.massG, 1)} g`;
    case 'paused':
      return 'Left the bench';
    case 'resumed':
      return 'Back at the bench';
    case 'dried':
      return `Marked piece weighed, ${formatFixed(entry.massG, 1)} g`;
    case 'moisture':
      return `Moisture meter, ${formatFixed(entry.moisturePct, 1)} %`;
    case 'tended':
      return TENDED[entry.what];
    case 'inspected':
      return sayInspection(entry);
    case 'kept':
      return `${counted(entry.pieces, 'piece')} kept back`;
    case 'looked':
      return `A kept-back piece: hard ${entry.hard} of 5, scent ${entry.scent} of 5, color ${KEPT_COLOR_WORDS[entry.color]}`;
  }
}

function sayInspection({ looked, faults, rejects, fate }: EntryOf<'inspected'>): string {
  const seen =
    faults.length === 0
      ? 'no fault'
      : faults
          .map(({ fault, count }) => `${count} ${inSentence(faultRow(fault).title)}`)
          .join(', ');
  const gone = rejects > 0 ? `; ${rejects} rejected${fate ? `, ${FATE_WORDS[fate]}` : ''}` : '';
  return `Looked over ${counted(looked, 'piece')}: ${seen}${gone}`;
}
