import { listed } from '@/core/basics/format/names';
import { powderHex } from '@/core/results/color/powder';
import { isCoat, partMassG } from '@/core/formula/model/parts';
import type { FormulaBody, PartKind } from '@/core/formula/model/schema';
import { portionsOf, type Portion } from '@/core/matter/materials/portion';
import type { Catalog } from '@/core/matter/materials/catalog';
import { bracketedRoot } from '@/core/basics/numeric/bracketedRoot';
import { moldVolumeMl } from '../scaling/molds';
import { packedDensityGMl } from '@/core/results/fizz/packedDensity';
import { usualPieceG } from '../scaling/usualPiece';
import type { Mold } from '../scaling/moldSchema';

/** One part as it lies in the finished piece. */
export interface CrossSectionPart {
  readonly partId: string;
  readonly kind: PartKind;
  readonly name: string;
  /** In one piece. */
  readonly massG: number;
  /** Color of it when dry, `#rrggbb`. */
  readonly hex: string;
}

/** A layer of shell color: how far up the piece it reaches, 0 bottom to 1 top. */
export interface ShellLayer {
  readonly part: CrossSectionPart;
  readonly fromHeight: number;
  readonly toHeight: number;
}

export interface CrossSection {
  readonly mold: Mold;
  readonly pieceG: number;
  /** Of the formula, what goes into molds as a share of the mix: all but what lies on the pieces or is counted by the piece, grams. */
  readonly heldG: number;
  readonly volumeMl: number;
  /** Packed density, g/mL. */
  readonly densityGMl: number;
  /** Main mix below, splits above, by their volumes. */
  readonly shell: readonly ShellLayer[];
  readonly embed: (CrossSectionPart & { readonly radiusMm: number }) | null;
  /** Topping, icing and paint, which sit on the piece. */
  readonly onTop: readonly CrossSectionPart[];
}

/**
 * What one piece of this mold is made of: grams a piece of what is counted so, and of the rest each part's share, to scale.
 * Embeds lie in the middle as a ball of the shell's own density; shell layers fill the mold by volume. Elementary solids.
 * @returns null while the formula weighs nothing
 */
export function crossSectionOf(
  body: FormulaBody,
  mold: Mold,
  catalog: Catalog,
  pieceG: number = usualPieceG(mold, body.method),
): CrossSection | null {
  const mixes = mixesOf(body, catalog);
  const isShare = ({ part }: Mix) => part.perPieceG === undefined;
  // What the mold holds; what lies on top of the piece comes beside it.
  const inMolds = mixes.filter(({ part }) => !isCoat(part.kind));
  const eachG = inMolds.reduce(
    (sum, { part, massG }) => sum + (massG > 0 ? (part.perPieceG ?? 0) : 0),
    0,
  );
  const inMoldsG = sumG(inMolds.filter(isShare));
  const heldG = inMoldsG > 0 ? inMoldsG : sumG(mixes.filter(isShare));
  if (!(heldG > 0)) return null;
  const densityGMl = packedDensityGMl(body.method).best;
  const parts = mixes.map(({ part, massG, portions }) => ({
    partId: part.id,
    kind: part.kind,
    name: part.name,
    massG: massG > 0 ? (part.perPieceG ?? (massG / heldG) * Math.max(0, pieceG - eachG)) : 0,
    hex: powderHex(portions),
  }));
  const shellParts = parts.filter(({ kind, massG }) => massG > 0 && isShell(kind));
  const embeds = parts.filter(({ kind, massG }) => kind === 'embed' && massG > 0);
  const embedG = embeds.reduce((sum, { massG }) => sum + massG, 0);
  const [embed] = embeds;
  return {
    mold,
    pieceG,
    heldG,
    volumeMl: moldVolumeMl(mold),
    densityGMl,
    shell: layersOf(shellParts, mold),
    embed: embed
      ? {
          ...embed,
          name: listed(embeds.map(({ name }) => name)),
          massG: embedG,
          radiusMm: ballRadiusMm(embedG / densityGMl),
        }
      : null,
    onTop: parts.filter(({ kind, massG }) => massG > 0 && isCoat(kind)),
  };
}

/** Grams of embed in one piece whose ball has this radius. @param radiusMm 0 or more */
export function embedMassG(radiusMm: number, densityGMl: number): number {
  if (!(radiusMm >= 0)) throw new RangeError(`radiusMm must be 0 or more, got ${radiusMm}`);
  return ((4 / 3) * Math.PI * radiusMm ** 3 * densityGMl) / 1000;
}

interface Mix {
  readonly part: FormulaBody['parts'][number];
  readonly massG: number;
  readonly portions: readonly Portion[];
}

/**
 * What each part is mixed of. A second color that is written as its dye alone is a share of the main mix with that dye in
 * it: of two colors each is one half.
 */
function mixesOf(body: FormulaBody, catalog: Catalog): readonly Mix[] {
  const own = body.parts.map((part) => ({
    part,
    massG: partMassG(part),
    portions: portionsOf(catalog, part.lines),
  }));
  const [main] = own;
  const colors = own.filter(({ part, portions }) => part.kind === 'split' && isDyeAlone(portions));
  if (!main || colors.length === 0) return own;
  const share = 1 / (colors.length + 1);
  const ofMain = main.portions.map((one) => ({ ...one, massG: one.massG * share }));
  return own.map((mix) => {
    if (mix === main) return { ...main, massG: main.massG * share, portions: ofMain };
    if (!colors.includes(mix)) return mix;
    const bare = ofMain.filter(({ material }) => material.role !== 'color');
    return {
      ...mix,
      massG: mix.massG + main.massG * share,
      portions: [...bare, ...mix.portions],
    };
  });
}

/** Neither fizzes by itself. */
function isDyeAlone(portions: readonly Portion[]): boolean {
  return !portions.some(({ material }) => material.role === 'base' || material.role === 'acid');
}

function sumG(mixes: readonly Mix[]): number {
  return mixes.reduce((sum, { massG }) => sum + massG, 0);
}

function isShell(kind: PartKind): boolean {
  return kind === 'main' || kind === 'split';
}

function ballRadiusMm(volumeMl: number): number {
  return 10 * Math.cbrt((3 * volumeMl) / (4 * Math.PI));
}

function layersOf(parts: readonly CrossSectionPart[], mold: Mold): readonly ShellLayer[] {
  const shellG = parts.reduce((sum, { massG }) => sum + massG, 0);
  let filledG = 0;
  return parts.map((part) => {
    const fromHeight = heightAt(filledG / shellG, mold);
    filledG += part.massG;
    return { part, fromHeight, toHeight: heightAt(filledG / shellG, mold) };
  });
}

/** How high a share of the volume fills a mold, both 0 to 1. */
function heightAt(share: number, mold: Mold): number {
  if (share <= 0 || share >= 1 - 1e-12) return share <= 0 ? 0 : 1;
  const filled =
    mold.shape === 'sphere'
      ? (h: number) => h * h * (3 - 2 * h)
      : mold.shape === 'half-sphere'
        ? (h: number) => (h * (3 - h * h)) / 2
        : (h: number) => h;
  return bracketedRoot((h) => filled(h) - share, 0, 1, 1e-9).x;
}
