import { formatFixed, formatPercent } from '@/core/basics/format/numbers';
import type { ReadingId } from '../types';

interface ReadingWords {
  readonly name: string;
  readonly unit: string;
  readonly decimals: number;
}

/** What each reading is called beside its figure. */
export const READING_WORDS: Readonly<Record<ReadingId, ReadingWords>> = {
  ratio: { name: 'Soda to acid', unit: '', decimals: 3 },
  gas: { name: 'Gas from 100 g', unit: 'L', decimals: 1 },
  damp: { name: 'Moisture', unit: '', decimals: 1 },
  'free-water': { name: 'Loose water', unit: '%', decimals: 2 },
  scent: { name: 'Scent', unit: '%', decimals: 2 },
  emulsifier: { name: 'Emulsifier to oils', unit: '', decimals: 2 },
  water: { name: 'Water, pH', unit: '', decimals: 2 },
  room: { name: 'Room', unit: '%', decimals: 0 },
};

/** A reading's figure with its unit; a dash for none. */
export function sayReading(id: ReadingId, value: number | null): string {
  if (value === null) return '–';
  const { decimals, unit } = READING_WORDS[id];
  if (unit === '%') return formatPercent(value, decimals);
  const figure = formatFixed(value, decimals);
  return unit === '' ? figure : `${figure} ${unit}`;
}
