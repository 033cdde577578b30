import type { BenchScale } from '@/core/work/weighing/scales';
import type { Method } from '@/core/formula/model/schema';
import type { ShelfMold, Tool, ToolKind, ToolOf } from './tool';

/** Places of a tray nobody has counted. Common practice. */
const USUAL_PLACES = 24;

/** Tools of a kind, the one in use first. */
export function toolsOf<K extends ToolKind>(tools: readonly Tool[], kind: K): readonly ToolOf<K>[] {
  return tools
    .filter((tool): tool is ToolOf<K> => tool.kind === kind)
    .sort((a, b) => a.rank - b.rank);
}

/** Liters the mixer in use is filled to; null without one. */
export function mixerFillL(tools: readonly Tool[]): number | null {
  const [mixer] = toolsOf(tools, 'mixer');
  return mixer ? (mixer.bowlL * mixer.fillPct) / 100 : null;
}

/** The scales of the bench. */
export function benchScales(tools: readonly Tool[]): readonly BenchScale[] {
  return toolsOf(tools, 'scale').map(({ name, stepG, capacityG, minimumG }) => ({
    name,
    stepG,
    capacityG,
    minimumG,
  }));
}

/**
 * How this workshop forms its pieces, as far as its shelf says so: with the press that stands there, else as all of its molds are
 * filled; null where nothing says it.
 */
export function ownForming(
  tools: readonly Tool[],
  molds: readonly Pick<ShelfMold, 'method'>[],
): Method | null {
  if (toolsOf(tools, 'press').length > 0) return 'press';
  const methods = new Set(molds.map(({ method }) => method));
  const [only] = methods;
  return methods.size === 1 && only !== undefined ? only : null;
}

/** Places of the tray in use. */
export function trayPlaces(tools: readonly Tool[]): number {
  return toolsOf(tools, 'tray')[0]?.places ?? USUAL_PLACES;
}

/** How the seats of the tray in use are shaped; null while nobody said. */
export function traySeats(tools: readonly Tool[]): 'rounded' | 'flat' | null {
  return toolsOf(tools, 'tray')[0]?.seats ?? null;
}
