import type { Material } from '@/core/matter/materials/material';
import type { Phase } from '@/core/matter/materials/types';
import type { Spread } from '@/core/basics/units/spread';
import { newId } from '@/core/basics/newId';
import type { Family, Formula, FormulaBody, Line, Method, Part, PartKind } from './schema';

/** The way each family is usually formed; the maker changes it. Common practice. */
const USUAL_METHOD: Readonly<Record<Family, Method>> = {
  'bath-bomb': 'press',
  'shower-steamer': 'press',
  'fizzing-salts': 'loose',
  'cleaning-fizzy': 'silicone',
};

export function emptyBody(family: Family): FormulaBody {
  return {
    family,
    method: USUAL_METHOD[family],
    school: 'acid-last',
    parts: [newPart('main', 'Main mix')],
    unread: [],
  };
}

export function newPart(kind: PartKind, name: string): Part {
  return { id: newId(), kind, name, lines: [] };
}

/** A line of a known weight. @param massG 0 or more */
export function newLine(material: Material, massG: number, phase?: Phase): Line {
  return {
    id: newId(),
    materialId: material.id,
    massG,
    massLowG: massG,
    massHighG: massG,
    phase: phase ?? material.phase,
    locked: false,
  };
}

/** A line of an amount with its honest spread. @param amountG grams */
export function lineOf(material: Material, { low, best, high }: Spread): Line {
  return { ...newLine(material, best), massLowG: low, massHighG: high };
}

/** @param now ISO 8601 with zone */
export function newFormula(name: string, body: FormulaBody, now: string): Formula {
  return {
    id: newId(),
    name,
    origin: 'own',
    createdAt: now,
    changedAt: now,
    archivedAt: null,
    body,
    versions: [],
  };
}
