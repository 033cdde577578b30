import { newId } from '@/core/basics/newId';
import { type QuantityUnit } from '@/core/basics/units/parseQuantity';
import type { Tool, ToolKind } from '@/core/workshop/shelf/tool';

export interface ToolField {
  readonly key: string;
  readonly label: string;
  readonly unit?: QuantityUnit;
  readonly suffix?: string;
  readonly min: number;
  readonly max: number;
  readonly decimals: number;
}

/** One field a measure of a tool, by its kind. */
export const TOOL_FIELDS: Readonly<Record<ToolKind, readonly ToolField[]>> = {
  scale: [
    { key: 'stepG', label: 'Step', unit: 'g', min: 0.001, max: 100, decimals: 3 },
    { key: 'capacityG', label: 'Capacity', unit: 'g', min: 1, max: 1_000_000, decimals: 0 },
    {
      key: 'minimumG',
      label: 'Smallest weight (0 for ten steps)',
      unit: 'g',
      min: 0,
      max: 100_000,
      decimals: 3,
    },
  ],
  sprayer: [
    {
      key: 'tenSquirtsG',
      label: 'Weight of ten squirts',
      unit: 'g',
      min: 0.2,
      max: 100,
      decimals: 2,
    },
  ],
  dropper: [
    {
      key: 'twentyDropsG',
      label: 'Weight of twenty oil drops',
      unit: 'g',
      min: 0.1,
      max: 10,
      decimals: 3,
    },
  ],
  mixer: [
    { key: 'bowlL', label: 'Bowl', unit: 'L', min: 0.2, max: 500, decimals: 2 },
    { key: 'fillPct', label: 'Fill up to', unit: '%', min: 5, max: 100, decimals: 0 },
  ],
  press: [
    {
      key: 'piecesPerMinute',
      label: 'Speed',
      suffix: 'pieces/min',
      min: 0.05,
      max: 200,
      decimals: 2,
    },
  ],
  tray: [{ key: 'places', label: 'Places', min: 1, max: 10_000, decimals: 0 }],
  'drying-room': [{ key: 'trays', label: 'Trays', min: 1, max: 1000, decimals: 0 }],
  'humidity-sensor': [],
};

/** What a tool of a kind is for; shown over its group. */
export const TOOL_WORDS: Readonly<
  Record<ToolKind, { readonly many: string; readonly says: string; readonly isOneInUse?: boolean }>
> = {
  scale: {
    many: 'Scales',
    says: 'Rovack uses the finest scale that carries each line. Type a step like 0.1 g or 0.05 oz.',
  },
  sprayer: {
    many: 'Sprayers',
    says: 'Weigh ten squirts once. Rovack uses the sprayer that is filled with the liquid, or else the first.',
    isOneInUse: true,
  },
  dropper: {
    many: 'Droppers',
    says: 'Weigh twenty drops once. Rovack uses the first one.',
    isOneInUse: true,
  },
  mixer: {
    many: 'Mixers',
    says: 'A mix that does not fit is split into several bowls.',
    isOneInUse: true,
  },
  press: { many: 'Presses', says: 'Sets how long pressing takes.' },
  tray: { many: 'Trays', says: 'Sets how many pieces fit on a tray.' },
  'drying-room': { many: 'Drying rooms', says: 'Sets how many trays dry at the same time.' },
  'humidity-sensor': { many: 'Humidity sensors', says: 'Shows where the air is read.' },
};

export function newTool(kind: ToolKind, rank: number): Tool {
  const base = { id: newId(), origin: 'own' as const, rank };
  switch (kind) {
    case 'scale':
      return { ...base, kind, name: 'Scale', stepG: 1, capacityG: 5000, minimumG: null };
    case 'sprayer':
      return { ...base, kind, name: 'Sprayer', tenSquirtsG: 7 };
    case 'dropper':
      return { ...base, kind, name: 'Dropper', twentyDropsG: 0.92 };
    case 'mixer':
      return { ...base, kind, name: 'Mixer', bowlL: 5, fillPct: 70 };
    case 'press':
      return { ...base, kind, name: 'Press', piecesPerMinute: 1, note: '' };
    case 'tray':
      return { ...base, kind, name: 'Tray', places: 24 };
    case 'drying-room':
      return { ...base, kind, name: 'Drying room', trays: 4 };
    case 'humidity-sensor':
      return { ...base, kind, name: 'Sensor', note: '' };
  }
}
