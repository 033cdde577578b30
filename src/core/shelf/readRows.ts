import { newId } from '../formula';
import { isInCatalog, ownMaterialSchema, recognizeMaterial, type OwnMaterial } from '../materials';
import { parseNumber } from '../units';
import { lotSchema, type Lot } from './lot';

/** A row of a table as a spreadsheet holds it: text by column name. */
export type Row = Readonly<Record<string, string>>;

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

/** A row that cannot be taken, in words. `row` counts from 1 below the heading. */
export interface RowProblem {
  readonly row: number;
  readonly message: string;
}

export interface ReadRows<T> {
  readonly fresh: readonly T[];
  readonly changed: readonly T[];
  readonly sameCount: number;
  readonly problems: readonly RowProblem[];
}

/** Columns a table must have that this one lacks. */
export function missingColumns(
  columns: readonly string[],
  needed: readonly string[],
): readonly string[] {
  const here = new Set(columns.map((column) => column.trim().toLowerCase()));
  return needed.filter((column) => !here.has(column));
}

/**
 * Lots from a table's rows, told apart from those on the shelf by code and material. Nothing is stored here.
 * @param ownByName id of each own material by its lower-case name
 */
export function readLotRows(
  rows: readonly Row[],
  shelf: readonly Lot[],
  ownByName: ReadonlyMap<string, string>,
): ReadRows<Lot> {
  const known = new Map(shelf.map((lot) => [keyOf(lot.code, lot.materialId), lot]));
  return sortRows(rows, (row) => {
    const materialId = materialNamed(row.material ?? '', ownByName);
    if (materialId === null) return `No material is called “${row.material ?? ''}”.`;
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
      before?.likeId ?? (isInCatalog(id) ? id : materialNamed(row.like ?? '', new Map()));
    if (likeId === null)
      return `Like what is “${name}”? “${row.like ?? ''}” is no material of the catalog.`;
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
      id: before?.id ?? (id && isInCatalog(id) ? id : newId()),
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
      isLaidAway: before?.isLaidAway ?? false,
    };
    const checked = ownMaterialSchema.safeParse(own);
    return checked.success
      ? { key: name.toLowerCase(), record: checked.data, before }
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

function keyOf(code: string, materialId: string): string {
  return `${code.toLowerCase()}\n${materialId}`;
}

type Taken<T> = { readonly key: string; readonly record: T; readonly before: T | null };

function sortRows<T>(rows: readonly Row[], read: (row: Row) => Taken<T> | string): ReadRows<T> {
  const fresh: T[] = [];
  const changed: T[] = [];
  const problems: RowProblem[] = [];
  const seen = new Map<string, number>();
  let sameCount = 0;
  rows.forEach((row, i) => {
    const taken = read(row);
    if (typeof taken === 'string') {
      problems.push({ row: i + 1, message: taken });
      return;
    }
    const first = seen.get(taken.key);
    if (first !== undefined) {
      problems.push({ row: i + 1, message: `It is in row ${first} already.` });
      return;
    }
    seen.set(taken.key, i + 1);
    if (taken.before === null) fresh.push(taken.record);
    else if (JSON.stringify(taken.before) === JSON.stringify({ ...taken.before, ...taken.record }))
      sameCount += 1;
    else changed.push(taken.record);
  });
  return { fresh, changed, sameCount, problems };
}

type Field<T> = { readonly value: T } | { readonly problem: string };

function numberIn<D extends number | null>(
  text: string | undefined,
  column: string,
  empty: D,
): Field<number | D> {
  if ((text ?? '').trim() === '') return { value: empty };
  const value = parseNumber(text ?? '');
  if (value === null) return { problem: `“${text}” under ${column} is no number.` };
  return value >= 0 ? { value } : { problem: `${text} under ${column} is below zero.` };
}

function dayIn(text: string | undefined, column: string): Field<string | null> {
  const written = (text ?? '').trim();
  if (written === '') return { value: null };
  const day = /^\d{4}-\d{2}-\d{2}/.exec(written)?.[0];
  return day && !Number.isNaN(Date.parse(day))
    ? { value: day }
    : { problem: `“${written}” under ${column} is no day like 2026-04-18.` };
}

/** All fields' values, or the first one's problem. */
function gatherFields<F extends Readonly<Record<string, Field<unknown>>>>(
  fields: F,
): { [K in keyof F]: F[K] extends Field<infer T> ? T : never } | string {
  const values: Record<string, unknown> = {};
  for (const [key, field] of Object.entries(fields)) {
    if ('problem' in field) return field.problem;
    values[key] = field.value;
  }
  return values as { [K in keyof F]: F[K] extends Field<infer T> ? T : never };
}

function fieldProblem(issue: { path: PropertyKey[]; message: string } | undefined): string {
  return issue ? `${issue.path.join('.')}: ${issue.message}` : 'This row does not fit.';
}

function isYes(text: string | undefined): boolean {
  return /^(yes|y|true|1|x)$/i.test((text ?? '').trim());
}

function materialNamed(written: string, ownByName: ReadonlyMap<string, string>): string | null {
  const name = written.trim();
  const own = ownByName.get(name.toLowerCase());
  if (own) return own;
  const found = recognizeMaterial(name);
  return 'material' in found && found.kind !== 'spelling' ? found.material.id : null;
}
