import { powderHex } from '@/core/results/color/powder';
import { partMassG } from '@/core/formula/model/parts';
import { totalMassG } from '@/core/formula/model/edit';
import type { FormulaBody, PartKind } from '@/core/formula/model/schema';
import { portionsOf } from '@/core/matter/materials/portion';
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
 * What one piece of this mold is made of: every part's share of the formula, to scale. Embeds lie in the middle as
 * a ball of the shell's own density; shell layers fill the mold by volume. Elementary solids.
 * @returns null while the formula weighs nothing
 */
export function crossSectionOf(
  body: FormulaBody,
  mold: Mold,
  catalog: Catalog,
): CrossSection | null {
  const totalG = totalMassG(body);
  if (!(totalG > 0)) return null;
  const densityGMl = packedDensityGMl(body.method).best;
  const pieceG = usualPieceG(mold, body.method);
  const parts = body.parts.map((part) => ({
    partId: part.id,
    kind: part.kind,
    name: part.name,
    massG: (partMassG(part) / totalG) * pieceG,
    hex: powderHex(portionsOf(catalog, part.lines)),
  }));
  const shellParts = parts.filter(({ kind, massG }) => massG > 0 && isShell(kind));
  const embeds = parts.filter(({ kind, massG }) => kind === 'embed' && massG > 0);
  const embedG = embeds.reduce((sum, { massG }) => sum + massG, 0);
  const [embed] = embeds;
  return {
    mold,
    pieceG,
    volumeMl: moldVolumeMl(mold),
    densityGMl,
    shell: layersOf(shellParts, mold),
    embed: embed ? { ...embed, massG: embedG, radiusMm: ballRadiusMm(embedG / densityGMl) } : null,
    onTop: parts.filter(
      ({ kind, massG }) =>
        massG > 0 && (kind === 'topping' || kind === 'icing' || kind === 'paint'),
    ),
  };
}

/** Grams of embed in one piece whose ball has this radius. @param radiusMm 0 or more */
export function embedMassG(radiusMm: number, densityGMl: number): number {
  if (!(radiusMm >= 0)) throw new RangeError(`radiusMm must be 0 or more, got ${radiusMm}`);
  return ((4 / 3) * Math.PI * radiusMm ** 3 * densityGMl) / 1000;
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
