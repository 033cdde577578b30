import { HOUR_MS, dayOf, daysLater } from '@/core/basics/time';
import { newLine } from '@/core/formula/model/create';
import type { FormulaBody, Part } from '@/core/formula/model/schema';
import { isStrained } from '@/core/formula/model/ways';
import { capital } from '@/core/basics/format/phrases';
import { newId } from '@/core/basics/newId';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import { newOwnMaterial } from '@/core/matter/materials/newOwnMaterial';
import type { Ahead, OwnMaterial } from '@/core/matter/materials/own';
import type { AheadKind } from '@/core/matter/materials/types';
import type { Lot } from './lot';
import type { LotUse } from '@/core/work/bench-steps/stepSchema';

/** How long it stands before it is used, how long it keeps, and the minutes of hands. Common practice; the minutes are Rovack estimates. */
const USUAL: Readonly<Record<AheadKind, Pick<Ahead, 'readyH' | 'keepsDays' | 'minutes'>>> = {
  infusion: { readyH: 48, keepsDays: 180, minutes: 15 },
  stock: { readyH: 0, keepsDays: 180, minutes: 10 },
  salt: { readyH: 12, keepsDays: 90, minutes: 15 },
  embed: { readyH: 0, keepsDays: 30, minutes: 20 },
  icing: { readyH: 0, keepsDays: 1, minutes: 15 },
  other: { readyH: 0, keepsDays: null, minutes: 15 },
};

export const AHEAD_WORDS: Readonly<Record<AheadKind, string>> = {
  infusion: 'infused oil',
  stock: 'stock solution',
  salt: 'colored salt',
  embed: 'embed powder',
  icing: 'icing',
  other: 'something else',
};

/** What a maker writes of it. */
export interface AheadDraft {
  readonly name: string;
  readonly ahead: Ahead;
}

export function usualAhead(kind: AheadKind, lines: Ahead['lines']): Ahead {
  return { kind, lines, ...USUAL[kind] };
}

/** `canBeMadeAhead` says the same of a section before this file is needed. */
const KIND_OF_PART: Readonly<Partial<Record<Part['kind'], AheadKind>>> = {
  embed: 'embed',
  icing: 'icing',
  topping: 'salt',
};

/** A section of a formula as it would be made ahead; the main mix, a second color and a paint are made with the batch. */
export function aheadOfPart({ kind, name, lines }: Part, formulaName: string): AheadDraft | null {
  const as = KIND_OF_PART[kind];
  if (as === undefined || lines.length < 2) return null;
  return {
    name: `${name}, ${formulaName}`.slice(0, 80),
    ahead: usualAhead(
      as,
      lines.map((line) => ({
        materialId: line.materialId,
        massG: line.massG,
        isStrained: isStrained(line),
      })),
    ),
  };
}

/** The herbs of a section with the oils they stand in, as an infused oil of its own; null where nothing is infused. */
export function aheadOfInfusion({ lines }: Part, catalog: Catalog): AheadDraft | null {
  const herbs = lines.filter(isStrained);
  const oils = lines.filter(({ materialId }) => materialById(catalog, materialId).role === 'oil');
  const [herb] = herbs;
  if (!herb || oils.length === 0) return null;
  return {
    name: `${capital(infusedWith(materialById(catalog, herb.materialId).sentenceName))} oil`.slice(
      0,
      80,
    ),
    ahead: usualAhead(
      'infusion',
      [...oils, ...herbs].map((line) => ({
        materialId: line.materialId,
        massG: line.massG,
        isStrained: isStrained(line),
      })),
    ),
  };
}

/** `dried calendula petals` make calendula oil. */
const infusedWith = (herb: string): string =>
  herb.replace(/^dried /i, '').replace(/ (?:petals|flowers|leaves|buds|herb)$/i, '');

/** Grams that stay in it: what is strained off is neither mass nor label. */
export function keptG({ lines }: Pick<Ahead, 'lines'>): number {
  return lines.reduce((sum, { massG, isStrained: leaves }) => (leaves ? sum : sum + massG), 0);
}

/**
 * The material it becomes: made of what stays in it, so that chemistry, label and limits look through it, and behaving at the bench
 * like the most of it.
 * @throws RangeError where nothing stays in it
 */
export function aheadMaterial(
  { name, ahead }: AheadDraft,
  catalog: Catalog,
  id: string = newId(),
): OwnMaterial {
  const wholeG = keptG(ahead);
  if (!(wholeG > 0)) throw new RangeError('what is made ahead must keep something in it');
  const kept = ahead.lines.filter(({ isStrained: leaves }) => !leaves);
  // A powder with acid in it is no acid: it goes in as the soda does.
  const isNoAcid = ({ materialId }: (typeof kept)[number]) =>
    materialById(catalog, materialId).role !== 'acid';
  const [first, ...others] = kept.some(isNoAcid) ? kept.filter(isNoAcid) : kept;
  if (!first) throw new RangeError('what is made ahead must keep something in it');
  const most = others.reduce((a, b) => (b.massG > a.massG ? b : a), first);
  return {
    ...newOwnMaterial(materialById(catalog, most.materialId), 'own', { id, name }),
    madeOf: kept.map(({ materialId, massG }) => ({ materialId, pct: (100 * massG) / wholeG })),
    ahead,
  };
}

/** What one making of so many grams takes. @param gainedG grams that stay in it, over 0 */
export function makingOf(ahead: Ahead, gainedG: number): Ahead['lines'] {
  const factor = gainedG / keptG(ahead);
  return ahead.lines.map((line) => ({ ...line, massG: line.massG * factor }));
}

/** The jar it fills. @param now ISO 8601 with zone */
export function aheadLot(
  material: Pick<OwnMaterial, 'id'> & { readonly ahead: Ahead },
  gainedG: number,
  from: readonly LotUse[],
  {
    code,
    now,
    id = newId(),
  }: { readonly code: string; readonly now: string; readonly id?: string },
): Lot {
  const { readyH, keepsDays } = material.ahead;
  const madeMs = Date.parse(now);
  return {
    id,
    origin: 'own',
    code,
    materialId: material.id,
    supplier: '',
    receivedOn: now.slice(0, 10),
    openedOn: now.slice(0, 10),
    expiresOn: keepsDays === null ? null : daysLater(dayOf(now), keepsDays),
    isRetest: false,
    receivedG: gainedG,
    cost: null,
    isQuarantined: false,
    counts: [],
    premix: null,
    made: { from: [...from], readyAt: new Date(madeMs + readyH * HOUR_MS).toISOString() },
    note: '',
  };
}

/** `MA-004`: the next free number. @param codes of every lot there is */
export function nextAheadCode(codes: readonly string[]): string {
  const numbers = codes.flatMap((code) => /^MA-(\d+)$/.exec(code)?.[1] ?? []).map(Number);
  return `MA-${String(Math.max(0, ...numbers) + 1).padStart(3, '0')}`;
}

/**
 * The formula with lines of a section replaced by what was made ahead of them: all of them, or the herbs and oils of an infusion.
 * Grams stay as they were.
 */
export function withAhead(
  body: FormulaBody,
  partId: string,
  own: OwnMaterial,
  catalog: Catalog,
): FormulaBody {
  const kind = own.ahead?.kind;
  const taken = new Set(own.ahead?.lines.map(({ materialId }) => materialId));
  const material = materialById(catalog, own.id);
  return {
    ...body,
    parts: body.parts.map((part) => {
      if (part.id !== partId) return part;
      const goes = part.lines.filter(
        ({ materialId }) => kind !== 'infusion' || taken.has(materialId),
      );
      const massG = goes.reduce((sum, line) => (isStrained(line) ? sum : sum + line.massG), 0);
      if (!(massG > 0)) return part;
      const isFloor = part.lines.some(({ how }) => how === 'on-the-floor');
      const line = {
        ...newLine(material, massG),
        ...(part.kind === 'topping' && isFloor && { how: 'on-the-floor' as const }),
      };
      return { ...part, lines: [line, ...part.lines.filter((one) => !goes.includes(one))] };
    }),
  };
}

/**
 * Needs as they are bought: of what is made here, and not here in full, what it takes to make the rest.
 * @param left usable grams by material id
 */
export function asBought(
  needs: ReadonlyArray<{ readonly materialId: string; readonly massG: number }>,
  materials: readonly OwnMaterial[],
  left: ReadonlyMap<string, number>,
): ReadonlyArray<{ readonly materialId: string; readonly massG: number }> {
  const made = new Map(materials.flatMap(({ id, ahead }) => (ahead ? [[id, ahead] as const] : [])));
  const sums = new Map<string, number>();
  const add = (materialId: string, massG: number) =>
    sums.set(materialId, (sums.get(materialId) ?? 0) + massG);
  for (const { materialId, massG } of needs) {
    const ahead = made.get(materialId);
    if (!ahead) add(materialId, massG);
    else
      for (const line of makingOf(ahead, Math.max(0, massG - (left.get(materialId) ?? 0))))
        add(line.materialId, line.massG);
  }
  return [...sums].flatMap(([materialId, massG]) => (massG > 0 ? [{ materialId, massG }] : []));
}

/** What has to be made before a batch that takes these grams. */
export interface AheadJob {
  readonly materialId: string;
  /** What is missing of it, grams. */
  readonly massG: number;
  readonly minutes: number;
  readonly readyH: number;
}

/** Prepared materials that the shelf has not enough of. @param left usable grams by material id */
export function aheadJobs(
  needs: readonly { readonly materialId: string; readonly massG: number }[],
  materials: readonly OwnMaterial[],
  left: ReadonlyMap<string, number>,
): readonly AheadJob[] {
  const wanted = new Map<string, number>();
  for (const { materialId, massG } of needs)
    wanted.set(materialId, (wanted.get(materialId) ?? 0) + massG);
  return materials.flatMap(({ id, ahead }) => {
    const missingG = (wanted.get(id) ?? 0) - (left.get(id) ?? 0);
    return ahead && missingG > 1e-6
      ? [{ materialId: id, massG: missingG, minutes: ahead.minutes, readyH: ahead.readyH }]
      : [];
  });
}
