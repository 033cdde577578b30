import { faultRow } from '@/core/faults';
import { handSigns, type Tending } from '@/core/making';
import { materialById } from '@/core/materials';
import type { BatchEntry, EntryOf } from '@/core/records';
import { counted, formatFixed, formatGrams, inSentence } from '@/ui/format';

const TENDED: Readonly<Record<Tending, string>> = {
  turn: 'Turned',
  ice: 'Iced',
  paint: 'Painted',
  wrap: 'Wrapped',
};

/** An entry of the record as one line. @param title of the step it belongs to */
export function sayEntry(entry: BatchEntry, title: string): string {
  switch (entry.kind) {
    case 'room':
      return `Room at ${entry.humidityPct} %, ${entry.tempC} °C`;
    case 'weighed':
      return `${materialById(entry.materialId).name}: ${formatFixed(entry.massG, 1)} g of ${formatFixed(entry.targetG, 1)}`;
    case 'added':
      return `Added ${formatGrams(entry.massG)} g ${nameOf(entry.materialId)}${entry.bowl === 2 ? ' to the second bowl' : ''}${
        entry.squirts ? `, ${counted(entry.squirts, 'squirt')}` : ''
      }: ${entry.why}`;
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
      return `Counted ${entry.pieces} pieces, ${entry.rejects} gone wrong`;
    case 'note':
      return entry.text;
    case 'rescaled':
      return `Too much ${nameOf(entry.materialId)}: the rest made to match, times ${formatFixed(entry.factor, 3)}`;
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
  }
}

function sayInspection({ looked, faults, rejects, fate }: EntryOf<'inspected'>): string {
  const seen =
    faults.length === 0
      ? 'no fault'
      : faults
          .map(({ fault, count }) => `${count} ${inSentence(faultRow(fault).title)}`)
          .join(', ');
  const gone = rejects > 0 ? `; ${rejects} rejected${fate ? `, ${fate}` : ''}` : '';
  return `Looked over ${counted(looked, 'piece')}: ${seen}${gone}`;
}

function nameOf(materialId: string): string {
  return inSentence(materialById(materialId).name);
}
