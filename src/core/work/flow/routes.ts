import type { FormulaBody, Line, Part } from '@/core/formula/model/schema';
import type { LineWay } from '@/core/formula/model/kinds';
import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import type { Material } from '@/core/matter/materials/material';

/** Which way through its part's vessels a line takes. */
export const ROUTES = [
  'powder',
  'coarse',
  'foam',
  'acid',
  'pan',
  'crystal',
  'infused',
  'bloom',
  'bloom-water',
  'rub',
  'beaker',
  'spray',
  'floor',
  'top',
] as const;
export type Route = (typeof ROUTES)[number];

export interface RoutedLine {
  readonly line: Line;
  readonly material: Material;
  readonly route: Route;
}

const BY_WAY: Readonly<Record<LineWay, Route>> = {
  'with-the-powders': 'powder',
  'with-the-acid': 'acid',
  melted: 'pan',
  'in-warm-oil': 'crystal',
  'in-alcohol': 'crystal',
  bloomed: 'bloom',
  'bloom-water': 'bloom-water',
  'in-the-beaker': 'beaker',
  last: 'beaker',
  sprayed: 'spray',
  'by-the-spoon': 'spray',
  infused: 'infused',
  'on-the-floor': 'floor',
  'on-top': 'top',
};

/**
 * The way each line of a part goes: what the recipe says of it, else by what it is. A dye takes the first plain water
 * of its part to bloom in, unless one is named. Common practice.
 */
export function routesOf(part: Part, catalog: Catalog): readonly RoutedLine[] {
  const routed = part.lines.map((line) => {
    const material = materialById(catalog, line.materialId);
    return { line, material, route: routeOf(line, material) };
  });
  const blooms = routed.some(({ route }) => route === 'bloom');
  const isNamed = routed.some(({ route }) => route === 'bloom-water');
  if (!blooms || isNamed) return routed;
  const water = routed.find(({ material, route }) => route === 'beaker' && isPlainWater(material));
  // A dry embed has no water to bloom in, and must stay dry: its dye is rubbed in.
  if (part.kind === 'embed' && !routed.some(({ material }) => isWatery(material)))
    return routed.map((one) =>
      one.route === 'bloom' && one.line.how === undefined ? { ...one, route: 'rub' as const } : one,
    );
  return routed.map((one) => (one === water ? { ...one, route: 'bloom-water' as const } : one));
}

function routeOf({ how, phase }: Line, material: Material): Route {
  if (how !== undefined) return how === 'with-the-powders' ? powderRoute(material) : BY_WAY[how];
  switch (phase) {
    case 'acid':
      return 'acid';
    case 'finish':
      return 'top';
    case 'color':
      return colorRoute(material);
    case 'wet':
      return wetRoute(material);
    case 'dry':
      return powderRoute(material);
  }
}

function powderRoute(material: Material): Route {
  if (material.role === 'foamer') return 'foam';
  return isCoarse(material) ? 'coarse' : 'powder';
}

function colorRoute(material: Material): Route {
  if (needsBloom(material)) return 'bloom';
  // A water-based color is stirred into the oil first.
  return material.isLiquid ? 'beaker' : 'rub';
}

function wetRoute(material: Material): Route {
  if (isSetFat(material)) return 'pan';
  if (isCrystal(material)) return 'crystal';
  return material.role === 'botanical' ? 'infused' : 'beaker';
}

/** From here on a room does not melt it. Rovack estimate. */
const SOLID_OVER_C = 20;

/** Is it melted before it can be mixed in? Butters, coconut oil, waxes. */
export function isSetFat({ role, phase, meltingC }: Material): boolean {
  return role !== 'scent' && phase === 'wet' && (meltingC?.value ?? 0) > SOLID_OVER_C;
}

/** Menthol, camphor: dissolved in warm oil or strong alcohol. */
export function isCrystal({ role, meltingC }: Material): boolean {
  return role === 'scent' && (meltingC?.value ?? 0) > SOLID_OVER_C;
}

export function needsBloom({ traits }: Material): boolean {
  return traits.includes('needs-bloom');
}

/** What was made ahead is sieved and mixed already. */
export function clumps({ traits, madeOf }: Material): boolean {
  return traits.includes('clumps') && !madeOf;
}

/** Grains, petals, crystals: never through a sieve. Common practice. */
function isCoarse(material: Material): boolean {
  return material.role === 'salt' || material.role === 'botanical';
}

const PLAIN_WATER = 0.95;

/** Is it water, as a powder dye is bloomed in? */
export function isPlainWater({ waterFraction }: Material): boolean {
  return waterFraction.value > PLAIN_WATER;
}

/** Strong enough to dissolve crystals and not to set a surface off. */
const STRONG = 0.2;

export function isStrongAlcohol({ role, waterFraction }: Material): boolean {
  return role === 'alcohol' && waterFraction.value < STRONG;
}

/** Burns, smells away or boils off: it comes last and off the heat. */
export function isVolatile({ role }: Material): boolean {
  return role === 'alcohol' || role === 'scent';
}

/** Water that would wake the acid: more than a trace of the mass. */
const WATERY = 0.05;

export function isWatery({ waterFraction, isLiquid }: Material): boolean {
  return isLiquid && waterFraction.value > WATERY;
}

/** Parts that are mixed, in the order of the formula; the main mix first. */
export function mainOf({ parts }: FormulaBody): Part {
  const [main] = parts;
  if (!main) throw new RangeError('a formula must have a main mix');
  return main;
}
