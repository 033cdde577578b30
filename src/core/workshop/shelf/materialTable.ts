import { newId } from '@/core/basics/newId';
import { SHIPPED, isShipped } from '@/core/matter/materials/catalog';
import { ownMaterialSchema, type OwnMaterial } from '@/core/matter/materials/own';
import {
  dayIn,
  fieldProblem,
  gatherFields,
  materialNamed,
  numberIn,
  sortRows,
  type ReadRows,
  type Row,
} from './rows';

export const MATERIAL_COLUMNS = [
  'id',
  'name',
  'like',
  'inci',
  'synonyms',
  'true density g/ml',
  'level density g/ml',
  'water %',
  'said by',
  'said on',
  'price per kg',
  'pack g',
  'low g',
  'note',
] as const;

/** Own materials and overrides from a table's rows, told apart by id, else by name. */
export function readMaterialRows(
  rows: readonly Row[],
  shelf: readonly OwnMaterial[],
  today: string,
): ReadRows<OwnMaterial> {
  const byId = new Map(shelf.map((own) => [own.id, own]));
  const byName = new Map(shelf.map((own) => [own.name.toLowerCase(), own]));
  return sortRows(rows, (row) => {
    const name = (row.name ?? '').trim();
    if (name === '') return 'The material has no name.';
    const id = (row.id ?? '').trim();
    const before = (id ? byId.get(id) : byName.get(name.toLowerCase())) ?? null;
    const likeId =
      before?.likeId ?? (isShipped(id) ? id : materialNamed(row.like ?? '', new Map(), SHIPPED));
    if (likeId === null)
      return `“${name}” is like “${row.like ?? ''}”, which is not a material in the catalog.`;
    const read = gatherFields({
      true: numberIn(row['true density g/ml'], 'true density g/ml', null),
      level: numberIn(row['level density g/ml'], 'level density g/ml', null),
      water: numberIn(row['water %'], 'water %', null),
      price: numberIn(row['price per kg'], 'price per kg', null),
      packG: numberIn(row['pack g'], 'pack g', null),
      lowG: numberIn(row['low g'], 'low g', null),
      on: dayIn(row['said on'], 'said on'),
    });
    if (typeof read === 'string') return read;
    const said = (value: number | null) =>
      value === null ? null : { value, by: (row['said by'] ?? '').trim(), on: read.on ?? today };
    const own = {
      id: before?.id ?? (id && isShipped(id) ? id : newId()),
      origin: before?.origin ?? 'own',
      name,
      inci: (row.inci ?? '').trim(),
      synonyms: (row.synonyms ?? '')
        .split(';')
        .map((word) => word.trim())
        .filter((word) => word !== ''),
      likeId,
      trueDensityGMl: said(read.true),
      levelDensityGMl: said(read.level),
      waterPct: said(read.water),
      pricePerKg: said(read.price),
      packG: read.packG,
      lowG: read.lowG,
      note: (row.note ?? '').trim(),
      isArchived: before?.isArchived ?? false,
    };
    const checked = ownMaterialSchema.safeParse(own);
    return checked.success
      ? { key: name.toLowerCase(), record: checked.data, before }
      : fieldProblem(checked.error.issues[0]);
  });
}

/** Rows for a table of own materials. */
export function materialRows(
  materials: readonly OwnMaterial[],
  nameOf: (materialId: string) => string,
): readonly Row[] {
  const value = (said: { readonly value: number } | null) => (said ? String(said.value) : '');
  return materials.map((own) => ({
    id: own.id,
    name: own.name,
    like: nameOf(own.likeId),
    inci: own.inci,
    synonyms: own.synonyms.join('; '),
    'true density g/ml': value(own.trueDensityGMl),
    'level density g/ml': value(own.levelDensityGMl),
    'water %': value(own.waterPct),
    'said by':
      (own.trueDensityGMl ?? own.levelDensityGMl ?? own.waterPct ?? own.pricePerKg)?.by ?? '',
    'said on':
      (own.trueDensityGMl ?? own.levelDensityGMl ?? own.waterPct ?? own.pricePerKg)?.on ?? '',
    'price per kg': value(own.pricePerKg),
    'pack g': own.packG === null ? '' : String(own.packG),
    'low g': own.lowG === null ? '' : String(own.lowG),
    note: own.note,
  }));
}
