import type { PlainRecords } from './plain';
import { formulaTo2, settingsTo2 } from './toFormat2';
import { batchTo3, settingsTo3, toolsOf2 } from './toFormat3';
import { settingsTo6 } from './toFormat6';
import { materialTo8 } from './toFormat8';
import { recordsTo10 } from './toFormat10';
import { recordsTo11 } from './toFormat11';
import { recordsTo9 } from './toFormat9';
import { batchTo4, formulaTo4, roomTo4, settingsTo4, toolTo4 } from './toFormat4';

/** Turns what one format stored into what the next one stores. */
export interface Upgrade {
  readonly to: number;
  readonly name: string;
  readonly upgrade: (stored: PlainRecords) => PlainRecords;
}

/** In order, for the database and for files alike; each is tested from a file of the release it starts from. */
export const UPGRADES = [
  {
    to: 2,
    name: 'archive, names of versions, scent documents',
    upgrade: (stored) => ({
      ...stored,
      formulas: (stored.formulas ?? []).map(formulaTo2),
      settings: (stored.settings ?? []).map(settingsTo2),
    }),
  },
  {
    to: 3,
    name: 'shelf, basin, money, fuller plans',
    upgrade: (stored) => ({
      ...stored,
      tools: [...(stored.tools ?? []), ...(stored.settings ?? []).flatMap(toolsOf2)],
      batches: (stored.batches ?? []).map(batchTo3),
      settings: (stored.settings ?? []).map(settingsTo3),
    }),
  },
  {
    to: 4,
    name: 'codes and counts in place of text',
    upgrade: (stored) => ({
      ...stored,
      formulas: (stored.formulas ?? []).map(formulaTo4),
      batches: (stored.batches ?? []).map(batchTo4),
      rooms: (stored.rooms ?? []).map(roomTo4),
      tools: (stored.tools ?? []).map(toolTo4),
      settings: (stored.settings ?? []).map(settingsTo4),
    }),
  },
  {
    to: 5,
    name: 'trials and sets of small ones',
    upgrade: (stored) => ({
      ...stored,
      trials: stored.trials ?? [],
      ladders: stored.ladders ?? [],
    }),
  },
  {
    to: 6,
    name: 'goods, their wraps, orders, and who makes them',
    upgrade: (stored) => ({
      ...stored,
      packaging: stored.packaging ?? [],
      units: stored.units ?? [],
      goods: stored.goods ?? [],
      orders: stored.orders ?? [],
      settings: (stored.settings ?? []).map(settingsTo6),
    }),
  },
  {
    to: 7,
    name: 'which device wrote what, beside the records',
    upgrade: (stored) => stored,
  },
  {
    to: 8,
    name: 'label names of own materials are their own',
    upgrade: (stored) => ({ ...stored, materials: (stored.materials ?? []).map(materialTo8) }),
  },
  {
    to: 9,
    name: 'voided, archived, and suppliers’ documents by themselves',
    upgrade: recordsTo9,
  },
  {
    to: 10,
    name: 'labels of several markets, and what is filed',
    upgrade: recordsTo10,
  },
  {
    to: 11,
    name: 'suppliers’ documents by kind and lot, a logbook, stability plans',
    upgrade: recordsTo11,
  },
  {
    to: 12,
    name: 'faults of icing, what is made ahead, counts and products by mold',
    upgrade: (stored) => stored,
  },
  {
    // Every batch is told anew: lists and the weather map ask more of it.
    to: 13,
    name: 'records that do not count, and more of each batch in the list',
    upgrade: (stored) => stored,
  },
] as const satisfies readonly Upgrade[];

/** Every upgrade from a version up, each once. Pure. */
export function upgraded(
  stored: PlainRecords,
  fromVersion: number,
  upgrades: readonly Upgrade[] = UPGRADES,
): PlainRecords {
  return upgrades
    .filter(({ to }) => to > fromVersion)
    .reduce((current, { upgrade }) => upgrade(current), stored);
}
