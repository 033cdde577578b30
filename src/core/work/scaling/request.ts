import { isInside, partG } from '@/core/formula/model/parts';
import type { Family, FormulaBody, Method } from '@/core/formula/model/schema';
import { canBePacked, moldHolding } from './molds';
import type { Mold } from './moldSchema';
import { packedDensityGMl } from '@/core/results/fizz/packedDensity';
import type { ScaleRequest, Want } from './requestSchema';

const SACHET: Mold = { shape: 'own-volume', volumeMl: 82, figure: 'sachet' };
/** What pieces of a family are usually pressed in. Common practice. */
const PRESSED_IN: Readonly<Record<Family, Mold>> = {
  'bath-bomb': { shape: 'sphere', diameterMm: 70 },
  'shower-steamer': { shape: 'half-sphere', diameterMm: 50 },
  'fizzing-salts': { shape: 'half-sphere', diameterMm: 60 },
  'cleaning-fizzy': { shape: 'box', lengthMm: 30, widthMm: 30, heightMm: 30 },
};
/** And what it is formed in otherwise, whatever the family. Common practice. */
const FORMED_IN: Readonly<Partial<Record<Method, Mold>>> = {
  loose: SACHET,
  'in-pack': { shape: 'own-volume', volumeMl: 150, figure: 'pack' },
  detail: { shape: 'own-volume', volumeMl: 110, figure: 'detail mold' },
};
/** Trays of silicone for what bathes; cubes for what cleans. Common practice. */
const TRAY: Mold = { shape: 'half-sphere', diameterMm: 60 };

/** What is asked for a formula until the maker asks for something else: by how it is formed, then by its family. */
export function usualRequest({
  family,
  method,
}: Pick<FormulaBody, 'family' | 'method'>): ScaleRequest {
  const inTray = method === 'silicone' && family === 'bath-bomb' ? TRAY : null;
  return { ...USUAL_REQUEST, mold: FORMED_IN[method] ?? inTray ?? PRESSED_IN[family] };
}

/**
 * What is asked for a formula at first: its own yield, each piece as heavy as the recipe makes it, in a mold of the size it
 * says, else in one that holds so much; without a yield as it is written, once.
 */
export function requestFor(body: FormulaBody): ScaleRequest {
  const usual = usualRequest(body);
  const insideG = body.parts.filter(isInside).reduce((sum, part) => sum + partG(part), 0);
  if (!(insideG > 0)) return usual;
  const { yieldPieces, yieldPiece = {} } = body;
  const want: Want =
    yieldPieces === undefined
      ? { kind: 'times', times: 1 }
      : { kind: 'pieces', count: yieldPieces };
  const share =
    yieldPieces === undefined ? null : (insideG * (1 - usual.lossPct / 100)) / yieldPieces;
  const fillG = yieldPiece.massG ?? share;
  const shape = shapeSaid(usual.mold, yieldPiece);
  const sized = yieldPiece.sizeMm === undefined ? null : moldOfSize(shape, yieldPiece.sizeMm);
  if (fillG === null || fillG < LEAST_FILL_G) return { ...usual, want, mold: sized ?? usual.mold };
  const held = moldHolding(shape, fillG / packedDensityGMl(body.method).best);
  return { ...usual, want, fillG, mold: sized && canBePacked(sized, fillG) ? sized : held };
}

type Piece = NonNullable<FormulaBody['yieldPiece']>;

const SHAPED: Readonly<Record<NonNullable<Piece['shape']>, Mold>> = {
  sphere: { shape: 'sphere', diameterMm: 70 },
  'half-sphere': { shape: 'half-sphere', diameterMm: 70 },
  cube: { shape: 'box', lengthMm: 30, widthMm: 30, heightMm: 30 },
};

function shapeSaid(usual: Mold, { shape }: Piece): Mold {
  return shape === undefined ? usual : SHAPED[shape];
}

/** A shape of just this size; null for one that a size alone does not make. */
function moldOfSize({ shape }: Mold, mm: number): Mold | null {
  switch (shape) {
    case 'sphere':
    case 'half-sphere':
      return { shape, diameterMm: mm };
    case 'box':
      return { shape, lengthMm: mm, widthMm: mm, heightMm: mm };
    case 'cylinder':
    case 'own-volume':
      return null;
  }
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
