import { newId } from '@/core/basics/newId';
import type { Tool, ToolKind } from '@/core/workshop/shelf/tool';

export interface ToolField {
  readonly key: string;
  readonly label: string;
  readonly min: number;
  readonly max: number;
  readonly decimals: number;
}

/** One field a measure of a tool, by its kind. */
export const TOOL_FIELDS: Readonly<Record<ToolKind, readonly ToolField[]>> = {
  scale: [
    { key: 'stepG', label: 'Shows steps of, g', min: 0.001, max: 100, decimals: 3 },
    { key: 'capacityG', label: 'Carries up to, g', min: 1, max: 1_000_000, decimals: 0 },
    { key: 'minimumG', label: 'Honest from, g (0: ten steps)', min: 0, max: 100_000, decimals: 3 },
  ],
  sprayer: [{ key: 'tenSquirtsG', label: 'Ten squirts weigh, g', min: 0.2, max: 100, decimals: 2 }],
  dropper: [
    { key: 'twentyDropsG', label: 'Twenty drops of oil weigh, g', min: 0.1, max: 10, decimals: 3 },
  ],
  mixer: [
    { key: 'bowlL', label: 'Bowl, liters', min: 0.2, max: 500, decimals: 2 },
    { key: 'fillPct', label: 'Filled up to, %', min: 5, max: 100, decimals: 0 },
  ],
  press: [{ key: 'piecesPerMinute', label: 'Pieces a minute', min: 0.05, max: 200, decimals: 2 }],
  tray: [{ key: 'places', label: 'Places', min: 1, max: 10_000, decimals: 0 }],
  'drying-room': [{ key: 'trays', label: 'Trays it takes', min: 1, max: 1000, decimals: 0 }],
  'humidity-sensor': [],
};

/** What a tool of a kind is for; shown over its group. */
export const TOOL_WORDS: Readonly<
  Record<ToolKind, { readonly many: string; readonly says: string; readonly isOneInUse?: boolean }>
> = {
  scale: { many: 'Scales', says: 'Each line goes on the finest one that carries it.' },
  sprayer: {
    many: 'Sprayers',
    says: 'Weigh ten squirts once. One with a liquid of its own sprays that; else the first is in use.',
    isOneInUse: true,
  },
  dropper: {
    many: 'Droppers',
    says: 'Weigh twenty drops once. The first one is in use.',
    isOneInUse: true,
  },
  mixer: {
    many: 'Mixers',
    says: 'A mix that does not fit goes into several bowls.',
    isOneInUse: true,
  },
  press: { many: 'Presses', says: 'How fast the pieces come.' },
  tray: { many: 'Trays', says: 'Places for drying pieces.' },
  'drying-room': { many: 'Drying rooms', says: 'How many trays they take.' },
  'humidity-sensor': { many: 'Humidity sensors', says: 'Where the air is read.' },
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
