import { newId } from '@/core/basics/newId';
import type { Formula } from '@/core/formula/model/schema';
import { usualDesign } from '../labels/design';
import type { Grade, PackagingKind, UnitKind } from './kinds';
import type { Packaging, SaleUnit } from './schema';

interface Row {
  readonly pieces: number;
  readonly grade: Grade;
  readonly minutes: number;
}

/** What a sale unit of a kind holds until the maker says otherwise. Common practice: steamers go in pairs. */
const USUAL: Readonly<Record<UnitKind, Row>> = {
  piece: { pieces: 1, grade: 'good', minutes: 1 },
  pair: { pieces: 2, grade: 'good', minutes: 1.5 },
  box: { pieces: 1, grade: 'good', minutes: 4 },
  jar: { pieces: 1, grade: 'good', minutes: 2 },
  sachet: { pieces: 1, grade: 'good', minutes: 1 },
  sampler: { pieces: 1, grade: 'sampler', minutes: 1 },
};

/** A stall in damp weather, until the maker has measured it. Rovack estimate. */
const USUAL_PLACE = { name: 'where it is sold', humidityPct: 65, tempC: 19 } as const;

/** Pieces of each formula in a sale unit of a kind, until the maker says otherwise. */
export const usualPieces = (kind: UnitKind): number => USUAL[kind].pieces;

/** A sale unit of these formulas; a box holds one of each. @param pieces of each, where the maker has said, 1 or more */
export function newSaleUnit(
  name: string,
  kind: UnitKind,
  formulas: readonly Pick<Formula, 'id'>[],
  origin: SaleUnit['origin'] = 'own',
  pieces: number = usualPieces(kind),
): SaleUnit {
  const { grade, minutes } = USUAL[kind];
  return {
    id: newId(),
    origin,
    name,
    kind,
    contents: formulas.map(({ id }) => ({ formulaId: id, grade, pieces })),
    packaging: [],
    minutes,
    retail: null,
    wholesale: null,
    ruleMonths: null,
    place: USUAL_PLACE,
    label: usualDesign(),
    hasSafetyReport: false,
    filings: [],
    isArchived: false,
  };
}

/** What holds the damp back where nobody has said. */
const USUAL_BARRIER: Readonly<Record<PackagingKind, Packaging['barrier']>> = {
  film: 'polyolefin-shrink-19',
  bag: 'polypropylene-25',
  box: 'carton',
  jar: 'tight-jar',
  sachet: 'paper-bag',
  label: null,
  tag: null,
};

export function newPackaging(
  name: string,
  kind: PackagingKind,
  origin: Packaging['origin'] = 'own',
): Packaging {
  return {
    id: newId(),
    origin,
    name,
    kind,
    barrier: USUAL_BARRIER[kind],
    lots: [],
    counts: [],
    lowPieces: null,
    note: '',
    isArchived: false,
  };
}
