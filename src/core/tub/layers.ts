import { isCoat } from '@/core/formula/model/parts';
import type { FormulaBody, PartKind } from '@/core/formula/model/schema';
import { isStrained } from '@/core/formula/model/ways';
import type { Catalog } from '@/core/matter/materials/catalog';
import { portionsG, portionsOf, type Portion } from '@/core/matter/materials/portion';
import { powderHex } from '@/core/results/color/powder';

/** Where a layer lies, from the outside in. */
export type LayerPlace = 'coat' | 'shell' | 'embed';

/** What one section brings into a piece. */
export interface Layer {
  readonly partId: string;
  readonly name: string;
  readonly place: LayerPlace;
  /** Grams of it in one piece. */
  readonly massG: number;
  readonly portions: readonly Portion[];
  /** Color when dry, `#rrggbb`. */
  readonly hex: string;
}

const PLACES: Readonly<Record<PartKind, LayerPlace>> = {
  main: 'shell',
  split: 'shell',
  embed: 'embed',
  topping: 'coat',
  icing: 'coat',
  paint: 'coat',
};

/** Sections of the share of a formula that goes into the water; those that weigh nothing are left out. @param share 0 to 1 */
export function layersOf(body: FormulaBody, catalog: Catalog, share: number): readonly Layer[] {
  return body.parts.flatMap(({ id, name, kind, lines }) => {
    const portions = portionsOf(
      catalog,
      lines.filter((line) => !isStrained(line)),
    ).map(({ material, massG }) => ({ material, massG: massG * share }));
    const massG = portionsG(portions);
    // What is nothing but a coat is the piece itself.
    const place = body.parts.every((part) => isCoat(part.kind)) ? 'shell' : PLACES[kind];
    return massG > 0
      ? [{ partId: id, name, place, massG, portions, hex: powderHex(portions) }]
      : [];
  });
}

/** A coat lies on half of the piece: as long as it lasts, so much of what wears is coat. Rovack estimate. */
const COATED = 0.5;

/**
 * Share of each layer that has worn once so much of the piece is gone: coats and what of the shell is bare first, then the
 * shell, then the embed in its middle. Layers of one place wear alike.
 * @param goneG grams, 0 to those of all layers
 * @returns 0 to 1 for each layer, in their order
 */
export function wornShares(layers: readonly Layer[], goneG: number): readonly number[] {
  const gramsAt = (place: LayerPlace) =>
    layers.reduce((sum, layer) => (layer.place === place ? sum + layer.massG : sum), 0);
  const [coatG, shellG, embedG] = [gramsAt('coat'), gramsAt('shell'), gramsAt('embed')];
  const outerG = coatG + shellG;
  const coated = outerG > 0 ? Math.max(COATED, coatG / outerG) : 0;
  const coatGoneG = Math.min(coatG, coated * goneG);
  const shellGoneG = Math.min(shellG, goneG - coatGoneG);
  const embedGoneG = Math.min(embedG, Math.max(0, goneG - outerG));
  const share = (gone: number, of: number) => (of > 0 ? Math.min(1, gone / of) : 0);
  const worn: Readonly<Record<LayerPlace, number>> = {
    coat: share(coatGoneG, coatG),
    shell: share(shellGoneG, shellG),
    embed: share(embedGoneG, embedG),
  };
  return layers.map(({ place }) => worn[place]);
}

/** Grams that are gone when the embed lies open; null without one, or where nothing is over it. */
export function openAtG(layers: readonly Layer[]): number | null {
  const overG = layers.reduce(
    (sum, { place, massG }) => (place === 'embed' ? sum : sum + massG),
    0,
  );
  return overG > 0 && layers.some(({ place }) => place === 'embed') ? overG : null;
}
