import type { Method } from '@/core/formula/model/schema';

/** How long pieces keep their mold. */
const KEEPS: Readonly<Record<Method, 'while-filled' | 'while-drying' | 'never'>> = {
  press: 'while-filled',
  hand: 'while-filled',
  detail: 'while-filled',
  silicone: 'while-drying',
  'in-pack': 'never',
  loose: 'never',
};

/** The mold of the shelf that a batch is formed in. */
export interface MoldUse {
  readonly id: string;
  /** Cavities it takes at once. */
  readonly cavities: number;
  readonly keeps: 'while-filled' | 'while-drying';
}

/** @returns null where nothing is formed in a mold of the shelf */
export function moldUse(
  method: Method,
  pieces: number,
  mold: { readonly id: string; readonly cavities: number } | null,
): MoldUse | null {
  const keeps = KEEPS[method];
  if (mold === null || keeps === 'never') return null;
  // A plate is under the press whole; shells are taken one by one.
  const cavities = method === 'press' ? mold.cavities : Math.min(mold.cavities, pieces);
  return { id: mold.id, cavities, keeps };
}

/** Pieces of one bowl: never more than lie in their molds while they dry. */
export function piecesAtOnce(method: Method, pieces: number, cavities: number | null): number {
  const most = cavities !== null && KEEPS[method] === 'while-drying' ? cavities : pieces;
  return Math.max(1, Math.floor(Math.min(pieces, most)));
}

/**
 * Minutes that hands wait for shells at rest, when a bowl has more pieces than there are shells: by the time the last is
 * filled, the first may be opened, or not yet.
 * @param fillMin minutes to fill one piece
 * @param restMin minutes a shut shell stands
 */
export function shellWaitMin(
  pieces: number,
  cavities: number,
  fillMin: number,
  restMin: number,
): number {
  const rounds = Math.ceil(pieces / Math.max(1, cavities));
  return Math.max(0, rounds - 1) * Math.max(0, restMin - (cavities - 1) * fillMin);
}
