import type { Line } from '@/core/formula/model/schema';
import { linesOf, waiting, type Cook } from './cook';
import { isStrongAlcohol, type RoutedLine } from './routes';
import type { Operation, Vessel } from './types';

/** Into the beaker in this order: what carries first, what burns and smells last and off the heat. Common practice. */
const BEAKER_ORDER = ['oil', 'butter', 'emulsifier', 'color', 'humectant', 'watery'] as const;

/** Crystals need at least as much of what dissolves them, by mass. Menthol: 1 part in 1 and more of strong alcohol. */
const LEAST_SOLVENT = 1;
/** The herb may stand in the warm oil up to two days. Common practice. */
const INFUSE_MIN = 120;
const INFUSE_MAX_MIN = 48 * 60;

export interface Wetting {
  /** Up to two days ahead: herbs in warm oil. */
  readonly infusing: readonly Operation[];
  /** Before the beaker, and not so early that it sets again: what takes heat. */
  readonly heating: readonly Operation[];
  /** The beaker as it is filled. */
  readonly beaker: readonly Operation[];
  readonly isAny: boolean;
}

/**
 * Everything liquid of a part, brought together in its beaker: fats melted alone or in oil before anything that burns
 * or smells, crystals in warm oil or in strong alcohol, liquid color into the oil, scent and alcohol last.
 * @param beaker what the wet of this part is mixed in
 */
export function wetting(cook: Cook, beaker: Vessel): Wetting {
  const fats = cook.by('pan');
  const crystals = cook.by('crystal');
  const herbs = cook.by('infused');
  const rest = cook.by('beaker');
  const solvent = solventOf(cook, crystals, rest);
  const warm = warmOils({ fats, crystals, herbs, rest, solvent });
  const pan = cook.in('pan');
  const cup = cook.in('cup');
  const jar = cook.in('jar');
  const infusing = herbs.length > 0;
  const usesPan = fats.length > 0 || solvent === 'oil' || (crystals.length > 0 && solvent === null);
  const inCup =
    solvent === 'alcohol' ? rest.filter(({ material }) => isStrongAlcohol(material)) : [];
  const heating = usesPan
    ? [
        ...cook.weigh(linesOf([...fats, ...(infusing ? [] : warm)]), pan),
        ...(infusing
          ? [cook.op('pour', 'pour-pan', pan, { mark: `${cook.part.id}:jar`, from: jar })]
          : []),
        ...(fats.length > 0
          ? [cook.op('melt', 'melt', pan, { lines: linesOf(fats) })]
          : [cook.op('warm', 'warm-oil', pan, { lines: linesOf(warm) })]),
        ...(crystals.length > 0 && solvent !== 'alcohol'
          ? [
              ...cook.weigh(linesOf(crystals), pan),
              cook.op('dissolve', 'dissolve-in-oil', pan, { lines: linesOf(crystals) }),
            ]
          : []),
      ]
    : [];
  const inBeaker = rest.filter(
    (one) => !(usesPan || infusing ? warm.includes(one) : false) && !inCup.includes(one),
  );
  const sorted = [...inBeaker].sort((a, b) => rankOf(a) - rankOf(b));
  const isAny = fats.length + crystals.length + herbs.length + rest.length > 0;
  return {
    infusing: infusing
      ? [
          ...cook.weigh(linesOf([...warm, ...herbs]), jar),
          cook.op('infuse', 'infuse', jar, {
            lines: linesOf(herbs),
            ...waiting(cook.waits.infuse, INFUSE_MIN, INFUSE_MAX_MIN),
          }),
        ]
      : [],
    heating,
    isAny,
    beaker: [
      ...(usesPan ? [cook.op('pour', 'pour-pan', beaker, { from: pan })] : []),
      ...(infusing && !usesPan ? [cook.op('pour', 'pour-pan', beaker, { from: jar })] : []),
      ...cook.weigh(linesOf(sorted), beaker),
      ...(solvent === 'alcohol'
        ? [
            ...cook.weigh(linesOf([...inCup, ...crystals]), cup),
            cook.op('dissolve', 'dissolve-in-alcohol', cup, { lines: linesOf(crystals) }),
            cook.op('pour', 'pour-cup', beaker, { from: cup }),
          ]
        : []),
    ],
  };
}

/** What the crystals dissolve in: what the recipe says, else strong alcohol where there is enough of it, else oil. */
function solventOf(
  cook: Cook,
  crystals: readonly RoutedLine[],
  rest: readonly RoutedLine[],
): 'alcohol' | 'oil' | null {
  if (crystals.length === 0) return null;
  const said = crystals.map(({ line }) => line.how);
  const crystalG = sumG(crystals);
  const alcoholG = sumG(rest.filter(({ material }) => isStrongAlcohol(material)));
  const oilG = sumG([...rest, ...cook.by('pan')].filter(({ material }) => isOily(material)));
  if (said.includes('in-alcohol') && alcoholG > 0) return 'alcohol';
  if (said.includes('in-warm-oil') && oilG > 0) return 'oil';
  if (alcoholG >= LEAST_SOLVENT * crystalG) return 'alcohol';
  if (oilG > 0) return 'oil';
  return alcoholG > 0 ? 'alcohol' : null;
}

/** The oils that stand warm: with fats or crystals in the pan, or under an herb. */
function warmOils({
  fats,
  crystals,
  herbs,
  rest,
  solvent,
}: {
  readonly fats: readonly RoutedLine[];
  readonly crystals: readonly RoutedLine[];
  readonly herbs: readonly RoutedLine[];
  readonly rest: readonly RoutedLine[];
  readonly solvent: 'alcohol' | 'oil' | null;
}): readonly RoutedLine[] {
  const isNeeded =
    herbs.length > 0 ||
    (crystals.length > 0 && solvent === 'oil') ||
    fats.some(({ line }) => line.how === 'melted');
  return isNeeded
    ? rest.filter(({ material, line }) => isOily(material) && line.how !== 'last')
    : [];
}

function isOily({ role }: RoutedLine['material']): boolean {
  return role === 'oil' || role === 'butter';
}

function rankOf({ material, line }: RoutedLine): number {
  if (line.how === 'last') return BEAKER_ORDER.length + 2;
  if (material.role === 'alcohol') return BEAKER_ORDER.length + 1;
  if (material.role === 'scent') return BEAKER_ORDER.length;
  const at = BEAKER_ORDER.indexOf(material.role as (typeof BEAKER_ORDER)[number]);
  return at < 0 ? BEAKER_ORDER.length - 1 : at;
}

function sumG(routed: readonly { readonly line: Line }[]): number {
  return routed.reduce((sum, { line }) => sum + line.massG, 0);
}
