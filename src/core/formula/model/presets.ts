import { SHIPPED, materialById } from '@/core/matter/materials/catalog';
import { newLine, emptyBody } from './create';
import type { Family, FormulaBody } from './schema';

/** A mix to begin with. Amounts are common practice: starting points, each of which the maker pulls on. */
export interface Preset {
  readonly id: string;
  readonly family: Family;
  readonly title: string;
  /** What is typical of it. */
  readonly says: string;
  /** Grams by material. */
  readonly lines: readonly (readonly [materialId: string, massG: number])[];
}

export const PRESETS = [
  {
    id: 'bomb-classic',
    family: 'bath-bomb',
    title: 'Bath bomb, classic 2 to 1',
    says: 'Leaves soda over, for softer water and a slower fizz.',
    lines: [
      ['sodium-bicarbonate', 600],
      ['cornstarch', 60],
      ['kaolin', 10],
      ['sweet-almond-oil', 46],
      ['polysorbate-80', 15],
      ['fragrance-oil', 8],
      ['water', 4],
      ['citric-acid', 300],
    ],
  },
  {
    id: 'bomb-acid-forward',
    family: 'bath-bomb',
    title: 'Bath bomb, acid-forward',
    says: 'Near the balance, for the hardest fizz.',
    lines: [
      ['sodium-bicarbonate', 525],
      ['cornstarch', 60],
      ['kaolin', 10],
      ['sweet-almond-oil', 46],
      ['polysorbate-80', 15],
      ['fragrance-oil', 8],
      ['water', 4],
      ['citric-acid', 375],
    ],
  },
  {
    id: 'steamer',
    family: 'shower-steamer',
    title: 'Shower steamer',
    says: 'Strong scent, no skin oils.',
    lines: [
      ['sodium-bicarbonate', 560],
      ['cornstarch', 60],
      ['kaolin', 20],
      ['eucalyptus-essential-oil', 18],
      ['lavender-essential-oil', 12],
      ['isopropyl-alcohol-99', 34],
      ['water', 8],
      ['citric-acid', 300],
    ],
  },
  {
    id: 'salts',
    family: 'fizzing-salts',
    title: 'Fizzing salts',
    says: 'Loose: the salts soak up the scent first, then it pours.',
    lines: [
      ['magnesium-sulfate-heptahydrate', 400],
      ['dendritic-salt', 200],
      ['sodium-bicarbonate', 220],
      ['goat-milk-powder', 30],
      ['fractionated-coconut-oil', 10],
      ['lavender-essential-oil', 10],
      ['citric-acid', 120],
    ],
  },
  {
    id: 'cleaning',
    family: 'cleaning-fizzy',
    title: 'Cleaning cubes',
    says: 'Soda and citric acid fizz it apart. Washing soda and citrate clean.',
    lines: [
      ['sodium-bicarbonate', 300],
      ['sodium-citrate', 110],
      ['sodium-carbonate', 90],
      ['isopropyl-alcohol-99', 44],
      ['vinegar-5', 24],
      ['citric-acid', 240],
    ],
  },
] as const satisfies readonly Preset[];

export type PresetId = (typeof PRESETS)[number]['id'];

/** The body of a preset, each material in its own phase. @throws RangeError for an unknown id */
export function bodyOfPreset(id: PresetId): FormulaBody {
  const preset: Preset | undefined = PRESETS.find((candidate) => candidate.id === id);
  if (!preset) throw new RangeError(`no preset is called ${id}`);
  const empty = emptyBody(preset.family);
  return {
    ...empty,
    parts: empty.parts.map((part) => ({
      ...part,
      lines: preset.lines.map(([materialId, massG]) =>
        newLine(materialById(SHIPPED, materialId), massG),
      ),
    })),
  };
}
