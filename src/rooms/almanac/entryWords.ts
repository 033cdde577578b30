import { handSigns } from '@/core/making';
import { materialById } from '@/core/materials';
import type { BatchEntry } from '@/core/records';
import { formatFixed, formatGrams } from '@/ui/format';

/** An entry of the record as one line. @param title of the step it belongs to */
export function sayEntry(entry: BatchEntry, title: string): string {
  switch (entry.kind) {
    case 'room':
      return `Room at ${entry.humidityPct} %, ${entry.tempC} °C`;
    case 'weighed':
      return `${materialById(entry.materialId).name}: ${formatFixed(entry.massG, 1)} g of ${formatFixed(entry.targetG, 1)}`;
    case 'added':
      return `Added ${formatGrams(entry.massG)} g ${materialById(entry.materialId).name.toLowerCase()}${
        entry.squirts ? `, ${entry.squirts} squirts` : ''
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
  }
}
