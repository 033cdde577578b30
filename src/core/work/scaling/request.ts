import { isInside } from '@/core/formula/model/parts';
import type { Family, FormulaBody } from '@/core/formula/model/schema';
import { moldHolding } from './molds';
import type { Mold } from './moldSchema';
import { packedDensityGMl } from '@/core/results/fizz/packedDensity';
import type { ScaleRequest } from './requestSchema';

/** What pieces of a family are usually pressed or filled in. Common practice. */
const USUAL_MOLDS: Readonly<Record<Family, Mold>> = {
  'bath-bomb': { shape: 'sphere', diameterMm: 70 },
  'shower-steamer': { shape: 'half-sphere', diameterMm: 50 },
  'fizzing-salts': { shape: 'own-volume', volumeMl: 82, figure: 'sachet' },
  'cleaning-fizzy': { shape: 'box', lengthMm: 30, widthMm: 30, heightMm: 30 },
};

/** What is asked for a formula of a family until the maker asks for something else. */
export function usualRequest(family: Family): ScaleRequest {
  return { ...USUAL_REQUEST, mold: USUAL_MOLDS[family] };
}

/**
 * What is asked for a formula at first: its own yield, each piece as heavy as the recipe makes it, in a mold that holds
 * so much; else as it is written, once.
 */
export function requestFor(body: FormulaBody): ScaleRequest {
  const usual = usualRequest(body.family);
  const insideG = body.parts
    .filter(isInside)
    .reduce((sum, { lines }) => lines.reduce((all, { massG: lineG }) => all + lineG, sum), 0);
  const { yieldPieces } = body;
  if (yieldPieces === undefined || !(insideG > 0))
    return insideG > 0 ? { ...usual, want: { kind: 'times', times: 1 } } : usual;
  const fillG = (insideG * (1 - usual.lossPct / 100)) / yieldPieces;
  return {
    ...usual,
    want: { kind: 'pieces', count: yieldPieces },
    ...(fillG >= LEAST_FILL_G && {
      fillG,
      mold: moldHolding(usual.mold, fillG / packedDensityGMl(body.method).best),
    }),
  };
}
const LEAST_FILL_G = 0.1;

/** A dozen 70 mm spheres on a 0.1 g scale. */
export const USUAL_REQUEST: ScaleRequest = {
  want: { kind: 'pieces', count: 12 },
  mold: { shape: 'sphere', diameterMm: 70 },
  moldId: null,
  fillG: null,
  scaleStepG: 0.1,
  lossPct: 2,
  bowls: 'equal',
  ways: {},
};
