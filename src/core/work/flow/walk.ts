import { allLines } from '@/core/formula/model/edit';
import type { FormulaBody, Line } from '@/core/formula/model/schema';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import type { Material } from '@/core/matter/materials/material';
import { isCrystal, isSetFat, isStrongAlcohol, needsBloom } from './routes';
import type { Operation, Vessel } from './types';

/** A line as it lies in a vessel, with what was done to it so far. */
export interface Held {
  readonly line: Line;
  readonly material: Material;
  readonly isMelted: boolean;
  readonly isDissolved: boolean;
  readonly isBloomed: boolean;
}

/** One operation with what lay in the vessels before and after it. */
export interface Moment {
  readonly operation: Operation;
  readonly before: Contents;
  readonly after: Contents;
  /** Minutes since the work began. */
  readonly startMin: number;
  readonly endMin: number;
}

export type Contents = ReadonlyMap<string, readonly Held[]>;

/** All a rule may look at. */
export interface Scene {
  readonly body: FormulaBody;
  readonly catalog: Catalog;
  readonly moments: readonly Moment[];
}

/** Pieces lie in one mold and on one tray, whatever part they are made of. */
export function vesselKey({ kind, partId }: Vessel): string {
  return kind === 'mold' || kind === 'tray' ? kind : `${kind}:${partId}`;
}

export function heldIn(contents: Contents, vessel: Vessel | null): readonly Held[] {
  return vessel ? (contents.get(vesselKey(vessel)) ?? []) : [];
}

/** Walks through the work and keeps account of what lies where. */
export function walk(operations: readonly Operation[], body: FormulaBody, catalog: Catalog): Scene {
  const lines = new Map(allLines(body).map((line) => [line.id, line]));
  let contents: Contents = new Map();
  let clockMin = 0;
  const moments = operations.map((operation): Moment => {
    const before = contents;
    contents = afterwards(before, operation);
    const startMin = clockMin;
    clockMin += operation.minutes + operation.waitMinMin;
    return { operation, before, after: contents, startMin, endMin: clockMin };
  });
  return { body, catalog, moments };

  function afterwards(before: Contents, operation: Operation): Contents {
    const next = new Map(before);
    const key = vesselKey(operation.vessel);
    const put = (held: readonly Held[]) => next.set(key, [...(next.get(key) ?? []), ...held]);
    if (operation.op === 'weigh') put(operation.lineIds.flatMap(heldOf));
    if (operation.op === 'lay' || operation.op === 'top') put(takeOut(next, operation.lineIds));
    // What stays in the first bowl of a parted mix is pressed with the second.
    if (operation.op === 'part') put(heldIn(before, operation.from));
    else if (operation.from) {
      put(heldIn(before, operation.from));
      next.delete(vesselKey(operation.from));
    }
    if (operation.op === 'fill') put(gatherInside(next));
    if (operation.op === 'spray') put(operation.lineIds.flatMap(heldOf));
    next.set(
      key,
      (next.get(key) ?? []).map((held) => treated(held, operation, next.get(key) ?? [])),
    );
    return next;
  }

  function heldOf(lineId: string): readonly Held[] {
    const line = lines.get(lineId);
    return line
      ? [
          {
            line,
            material: materialById(catalog, line.materialId),
            isMelted: false,
            isDissolved: false,
            isBloomed: false,
          },
        ]
      : [];
  }

  /** The second color and every embed go into the mold with the first. */
  function gatherInside(next: Map<string, readonly Held[]>): readonly Held[] {
    const inside = new Set(
      body.parts.flatMap(({ id, kind }) => (kind === 'embed' || kind === 'split' ? [id] : [])),
    );
    const second = body.parts[0]?.id ?? '';
    return [...next].flatMap(([key, held]) => {
      const [kind, partId] = key.split(':') as [string, string | undefined];
      const isDish = kind === 'dish' && partId !== undefined && inside.has(partId);
      if (!isDish && key !== `second-bowl:${second}`) return [];
      next.delete(key);
      return held;
    });
  }
}

function takeOut(next: Map<string, readonly Held[]>, lineIds: readonly string[]): readonly Held[] {
  const wanted = new Set(lineIds);
  return [...next].flatMap(([key, held]) => {
    const taken = held.filter(({ line }) => wanted.has(line.id));
    if (taken.length > 0)
      next.set(
        key,
        held.filter((one) => !taken.includes(one)),
      );
    return taken;
  });
}

function treated(held: Held, { op }: Operation, together: readonly Held[]): Held {
  if ((op === 'melt' || op === 'warm') && isSetFat(held.material))
    return { ...held, isMelted: true };
  if (op === 'bloom' && needsBloom(held.material)) return { ...held, isBloomed: true };
  const hasSolvent = together.some(
    ({ material }) =>
      isStrongAlcohol(material) || material.role === 'oil' || material.role === 'butter',
  );
  if (op === 'dissolve' && isCrystal(held.material) && hasSolvent)
    return { ...held, isDissolved: true };
  return held;
}
