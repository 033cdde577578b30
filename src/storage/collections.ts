import type { CollectionName, RecordOf } from './schemas';

export type { CollectionName, RecordOf };
export type AnyRecord = RecordOf<CollectionName>;
export type Records = { readonly [K in CollectionName]: readonly RecordOf<K>[] };

export const COLLECTION_NAMES = [
  'materials',
  'formulas',
  'batches',
  'lots',
  'molds',
  'tools',
  'rooms',
  'photos',
  'trials',
  'ladders',
  'packaging',
  'units',
  'goods',
  'orders',
] as const satisfies readonly CollectionName[];

export function isCollection(name: string): name is CollectionName {
  return (COLLECTION_NAMES as readonly string[]).includes(name);
}

/** Lists by collection, each as `of` has it. */
export function recordsFrom(
  of: <K extends CollectionName>(name: K) => readonly RecordOf<K>[],
): Records {
  return {
    materials: of('materials'),
    formulas: of('formulas'),
    batches: of('batches'),
    lots: of('lots'),
    molds: of('molds'),
    tools: of('tools'),
    rooms: of('rooms'),
    photos: of('photos'),
    trials: of('trials'),
    ladders: of('ladders'),
    packaging: of('packaging'),
    units: of('units'),
    goods: of('goods'),
    orders: of('orders'),
  };
}

export const NO_RECORDS: Records = recordsFrom(() => []);

/** A record as people call it, for a sentence. */
export function nameOfRecord(record: unknown): string {
  if (typeof record !== 'object' || record === null) return 'a record';
  const { name, code, day, id } = record as Readonly<Record<string, unknown>>;
  const said = [name, code, day, id].find((one) => typeof one === 'string' && one.trim() !== '');
  return typeof said === 'string' ? said : 'a record without a name';
}
