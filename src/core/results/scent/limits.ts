import { shortDate } from '@/core/basics/format/dates';
import type { Family } from '@/core/formula/model/schema';
import { portionsG, type Portion } from '@/core/matter/materials/portion';
import type { Material } from '@/core/matter/materials/material';
import { compositionOf } from './compositions';
import { constituentById, type Constituent, type ConstituentId } from './constituents';
import type { ScentDocument } from './scentDocuments';
import { wholeOilLimit } from './wholeOils';

export interface ConstituentReading {
  readonly constituent: Constituent;
  /** In % of the whole mix. */
  readonly pctOfMix: number;
}

/** What keeps a blend from being more. */
export interface BindingLimit {
  /** Most of this very blend, % of the mix. */
  readonly loadPct: number;
  /** The constituent, or the scent whose document says so. */
  readonly binds: string;
  /** Its own limit, % of the mix. */
  readonly limitPct: number;
  readonly source: string;
}

export interface ScentLimits {
  /** Constituents by falling share, those below a millionth left out. */
  readonly constituents: readonly ConstituentReading[];
  /** Null when nothing in the blend is limited. */
  readonly limit: BindingLimit | null;
  /** Scents of which nothing is on file. */
  readonly unknown: readonly Material[];
}

const LEAST_PCT = 1e-6;
/** An oil from a supplier counts as known only with its document; a fragrance always needs one. */
const ALWAYS_UNKNOWN = new Set([
  'fragrance-oil',
  'vanilla-fragrance-oil',
  'patchouli-blend-essential-oil',
]);

/**
 * What a blend may be at most: the smallest of limit / share over its constituents, its whole oils and the
 * suppliers' documents, the one that binds named. Constituents are summed over all scents; a shipped
 * limit gives way where every scent that brings the constituent has a document with a limit.
 * Source: the arithmetic of every supplier's document; shipped limits and compositions are not looked up.
 * @param contents the whole mix, grams 0 or more
 * @param family what is made of it: a whole oil is limited where it is bathed in
 */
export function scentLimits(
  contents: readonly Portion[],
  family: Family,
  documents: readonly ScentDocument[] = [],
): ScentLimits {
  const totalG = portionsG(contents);
  const documentOf = new Map(documents.map((document) => [document.materialId, document]));
  const scents = contents.filter(({ material, massG }) => massG > 0 && material.role === 'scent');
  const scentG = portionsG(scents);
  const loadPct = totalG > 0 ? (100 * scentG) / totalG : 0;
  const gramsOf = new Map<ConstituentId, { massG: number; isDocumented: boolean }>();
  for (const { material, massG } of scents) {
    const document = documentOf.get(material.id);
    for (const [id, share] of sharesOf(material, document)) {
      const sofar = gramsOf.get(id) ?? { massG: 0, isDocumented: true };
      gramsOf.set(id, {
        massG: sofar.massG + share * massG,
        isDocumented: sofar.isDocumented && (document?.maxPct ?? null) !== null,
      });
    }
  }
  const constituents = [...gramsOf]
    .map(([id, { massG, isDocumented }]) => ({
      constituent: constituentById(id),
      pctOfMix: totalG > 0 ? (100 * massG) / totalG : 0,
      isDocumented,
    }))
    .filter(({ pctOfMix }) => pctOfMix > LEAST_PCT)
    .sort((a, b) => b.pctOfMix - a.pctOfMix);
  const byConstituent = constituents.flatMap(({ constituent, pctOfMix, isDocumented }) =>
    constituent.limitPct === null ||
    isDocumented ||
    constituent.limitPct >= (100 * pctOfMix) / loadPct
      ? []
      : [
          {
            loadPct: (constituent.limitPct / pctOfMix) * loadPct,
            binds: constituent.name,
            limitPct: constituent.limitPct,
            source: constituent.source,
          },
        ],
  );
  return {
    constituents: constituents.map(({ constituent, pctOfMix }) => ({ constituent, pctOfMix })),
    limit: least([
      ...byConstituent,
      ...byWholeOil(scents, scentG, family, documentOf),
      ...byDocument(scents, scentG, documentOf),
    ]),
    unknown: scents
      .map(({ material }) => material)
      .filter((scent) => ALWAYS_UNKNOWN.has(scent.id) || compositionOf(scent) === undefined),
  };
}

/** A limit on a blend as a sum of shares: of a constituent, or of a scent by its supplier's document. */
export interface LimitedShare {
  readonly name: string;
  /** Most of it, % of the mix. */
  readonly limitPct: number;
  /** Grams of it in a gram of this material, 0 to 1. */
  readonly shareOf: (materialId: string) => number;
}

/** Every limit that holds for a blend of these scents; the same rule as {@link scentLimits}. */
export function limitedConstituents(
  scents: readonly Material[],
  family: Family,
  documents: readonly ScentDocument[] = [],
): readonly LimitedShare[] {
  const documentOf = new Map(documents.map((document) => [document.materialId, document]));
  const shares = new Map(
    scents.map((scent) => [scent.id, new Map(sharesOf(scent, documentOf.get(scent.id)))] as const),
  );
  const ids = new Set([...shares.values()].flatMap((entry) => [...entry.keys()]));
  const byConstituent = [...ids].flatMap((id) => {
    const { limitPct, name } = constituentById(id);
    const bringers = [...shares].filter(([, entry]) => (entry.get(id) ?? 0) > 0);
    const isDocumented = bringers.every(
      ([materialId]) => (documentOf.get(materialId)?.maxPct ?? null) !== null,
    );
    if (limitPct === null || isDocumented) return [];
    return [
      { name, limitPct, shareOf: (materialId: string) => shares.get(materialId)?.get(id) ?? 0 },
    ];
  });
  const byDocuments = [...new Set(scents)].flatMap(({ id: scentId, name }) => {
    const limitPct = documentOf.get(scentId)?.maxPct ?? null;
    return limitPct === null
      ? []
      : [{ name, limitPct, shareOf: (id: string) => (id === scentId ? 1 : 0) }];
  });
  const byWholeOils = [...new Set(scents)].flatMap((scent) => {
    const limit = wholeOilLimit(scent, family);
    return limit === null || (documentOf.get(scent.id)?.maxPct ?? null) !== null
      ? []
      : [
          {
            name: scent.name,
            limitPct: limit.pct,
            shareOf: (id: string) => (id === scent.id ? 1 : 0),
          },
        ];
  });
  return [...byConstituent, ...byDocuments, ...byWholeOils];
}

/** Shares of a scent's constituents, 0 to 1; the document's vanillin goes before the shipped one. */
function sharesOf(
  scent: Material,
  document: ScentDocument | undefined,
): ReadonlyArray<readonly [ConstituentId, number]> {
  const shipped = compositionOf(scent) ?? {};
  const vanillin =
    document?.vanillinPct === null || document === undefined
      ? {}
      : { vanillin: document.vanillinPct / 100 };
  return Object.entries({ ...shipped, ...vanillin }) as Array<[ConstituentId, number]>;
}

/** A supplier's document with a limit goes before the shipped figure for the whole oil. */
function byWholeOil(
  scents: readonly Portion[],
  scentG: number,
  family: Family,
  documentOf: ReadonlyMap<string, ScentDocument>,
): readonly BindingLimit[] {
  return [...gramsByScent(scents)].flatMap(([material, massG]) => {
    const limit = wholeOilLimit(material, family);
    return limit === null || (documentOf.get(material.id)?.maxPct ?? null) !== null
      ? []
      : [
          {
            loadPct: (limit.pct * scentG) / massG,
            binds: material.sentenceName,
            limitPct: limit.pct,
            source: limit.source,
          },
        ];
  });
}

function gramsByScent(scents: readonly Portion[]): ReadonlyMap<Material, number> {
  const gramsOf = new Map<Material, number>();
  for (const { material, massG } of scents)
    gramsOf.set(material, (gramsOf.get(material) ?? 0) + massG);
  return gramsOf;
}

function byDocument(
  scents: readonly Portion[],
  scentG: number,
  documentOf: ReadonlyMap<string, ScentDocument>,
): readonly BindingLimit[] {
  return [...gramsByScent(scents)].flatMap(([material, massG]) => {
    const document = documentOf.get(material.id);
    if (!document || document.maxPct === null) return [];
    return [
      {
        loadPct: (document.maxPct * scentG) / massG,
        binds: material.sentenceName,
        limitPct: document.maxPct,
        source: document.category
          ? `category ${document.category} of the supplier’s certificate of ${shortDate(document.dated)}`
          : `the supplier’s document of ${shortDate(document.dated)}`,
      },
    ];
  });
}

function least(limits: readonly BindingLimit[]): BindingLimit | null {
  return limits.reduce<BindingLimit | null>(
    (smallest, limit) => (smallest === null || limit.loadPct < smallest.loadPct ? limit : smallest),
    null,
  );
}
