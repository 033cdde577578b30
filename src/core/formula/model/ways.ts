import type { Material } from '@/core/matter/materials/material';
import { LINE_WAYS, type LineWay } from './kinds';
import type { FormulaBody, Line } from './schema';

/** How a line goes in, as a maker says it behind its name. */
export const WAY_WORDS: Readonly<Record<LineWay, string>> = {
  'with-the-powders': 'with the powders',
  'with-the-acid': 'with the acid',
  melted: 'melted',
  'in-warm-oil': 'in the warm oil',
  'in-alcohol': 'in the alcohol',
  bloomed: 'bloomed',
  'bloom-water': 'to bloom the dye in',
  'in-the-beaker': 'into the oil',
  last: 'last, off the heat',
  sprayed: 'sprayed',
  'by-the-spoon': 'by the spoon until it holds',
  infused: 'infused in the oil',
  'on-the-floor': 'on the mold’s floor',
  'on-top': 'on top',
};

/** The ways that fit a material: only a fat is melted, only a liquid is sprayed. Common practice. */
export function waysOf({ role, isLiquid, meltingC }: Material): readonly LineWay[] {
  const fits: Readonly<Record<LineWay, boolean>> = {
    'with-the-powders': !isLiquid,
    'with-the-acid': !isLiquid,
    melted: isLiquid && meltingC !== null && role !== 'scent',
    'in-warm-oil': meltingC !== null,
    'in-alcohol': role === 'scent' && meltingC !== null,
    bloomed: role === 'color' && !isLiquid,
    'bloom-water': isLiquid,
    'in-the-beaker': isLiquid || role === 'color',
    last: isLiquid,
    sprayed: isLiquid && meltingC === null,
    'by-the-spoon': isLiquid && meltingC === null,
    infused: role === 'botanical',
    'on-the-floor': !isLiquid,
    'on-top': !isLiquid,
  };
  return LINE_WAYS.filter((way) => fits[way]);
}

/** An infused herb is strained off: it is weighed and paid, and no part of the mix. */
export function isStrained({ how }: Pick<Line, 'how'>): boolean {
  return how === 'infused';
}

/** Says how a line goes in; null leaves it to the rules of the work. */
export function setLineWay(body: FormulaBody, lineId: string, way: LineWay | null): FormulaBody {
  return {
    ...body,
    parts: body.parts.map((part) => ({
      ...part,
      lines: part.lines.map((line) => {
        if (line.id !== lineId) return line;
        const { how, ...rest } = line;
        if (way === null) return how === undefined ? line : rest;
        return { ...rest, how: way };
      }),
    })),
  };
}
