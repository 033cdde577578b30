import { newId } from '@/core/basics/newId';
import type { Catalog } from '@/core/matter/materials/catalog';
import { lotSchema, type Lot } from './lot';
import {
  dayIn,
  fieldProblem,
  gatherFields,
  isYes,
  materialNamed,
  numberIn,
  sortRows,
  type ReadRows,
  type Row,
} from './rows';

export const LOT_COLUMNS = [
  'code',
  'material',
  'supplier',
  'received',
  'opened',
  'expires',
  'retest',
  'grams',
  'cost',
  'quarantine',
  'note',
] as const;

/**
 * Lots from a table's rows, told apart from those on the shelf by code and material. Nothing is stored here.
 * @param ownByName id of each own material by its lower-case name
 */
export function readLotRows(
  rows: readonly Row[],
  shelf: readonly Lot[],
  ownByName: ReadonlyMap<string, string>,
  catalog: Catalog,
): ReadRows<Lot> {
  const known = new Map(shelf.map((lot) => [keyOf(lot.code, lot.materialId), lot]));
  return sortRows(rows, (row) => {
    const materialId = materialNamed(row.material ?? '', ownByName, catalog);
    if (materialId === null) return `There is no material called “${row.material ?? ''}”.`;
    const code = (row.code ?? '').trim();
    if (code === '') return 'The lot has no code.';
    const before = known.get(keyOf(code, materialId));
    const read = gatherFields({
      receivedG: numberIn(row.grams, 'grams', before?.receivedG ?? 0),
      cost: numberIn(row.cost, 'cost', null),
      receivedOn: dayIn(row.received, 'received'),
      openedOn: dayIn(row.opened, 'opened'),
      expiresOn: dayIn(row.expires, 'expires'),
    });
    if (typeof read === 'string') return read;
    const lot = {
      ...(before ?? { id: newId(), origin: 'own', counts: [], premix: null }),
      ...read,
      code,
      materialId,
      supplier: (row.supplier ?? '').trim(),
      isRetest: isYes(row.retest),
      isQuarantined: isYes(row.quarantine),
      note: (row.note ?? '').trim(),
    };
    const checked = lotSchema.safeParse(lot);
    return checked.success
      ? { key: keyOf(code, materialId), record: checked.data, before: before ?? null }
      : fieldProblem(checked.error.issues[0]);
  });
}

/** Rows for a table of lots; premixes stay at home. */
export function lotRows(
  lots: readonly Lot[],
  nameOf: (materialId: string) => string,
): readonly Row[] {
  return lots
    .filter(({ premix }) => premix === null)
    .map((lot) => ({
      code: lot.code,
      material: nameOf(lot.materialId),
      supplier: lot.supplier,
      received: lot.receivedOn ?? '',
      opened: lot.openedOn ?? '',
      expires: lot.expiresOn ?? '',
      retest: lot.isRetest ? 'yes' : '',
      grams: String(lot.receivedG),
      cost: lot.cost === null ? '' : String(lot.cost),
      quarantine: lot.isQuarantined ? 'yes' : '',
      note: lot.note,
    }));
}

function keyOf(code: string, materialId: string): string {
  return `${code.toLowerCase()}\n${materialId}`;
}
