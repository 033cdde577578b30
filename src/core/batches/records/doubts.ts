import { counted, formatCount } from '@/core/basics/format/numbers';
import { formatMass } from '@/core/basics/format/quantities';

/** So many times too much or too little is a slip of the finger more often than a weight. Rovack estimate. */
const SLIP_TIMES = 3;
/** A single piece is filled nearer than this. Rovack estimate. */
const PIECE_TIMES = 1.5;
/** A correction of more than this share of the bowl is another formula. Rovack estimate. */
const ADDED_FRACTION = 0.25;
/** Pieces may come out lighter than planned by so much, and the count be right. Rovack estimate. */
const LIGHTER_BY = 1.3;

/** A weight far from what was to be weighed. @param massG over 0 @param targetG over 0 @returns what to ask, or null */
export function weightDoubt(massG: number, targetG: number): string | null {
  return isFar(massG, targetG, SLIP_TIMES)
    ? `You typed ${formatMass(massG)}, and the step asks for ${formatMass(targetG)}. Is that right?`
    : null;
}

/** A piece far from its fill weight. */
export function pieceDoubt(massG: number, targetG: number): string | null {
  return isFar(massG, targetG, PIECE_TIMES)
    ? `You typed ${formatMass(massG)}, and a piece takes ${formatMass(targetG)}. Is it one piece?`
    : null;
}

/** Something added that outweighs a correction. @param bowlG in the bowl before it, 0 or more */
export function addedDoubt(massG: number, bowlG: number): string | null {
  return bowlG > 0 && massG > ADDED_FRACTION * bowlG
    ? `You typed ${formatMass(massG)}, and the bowl holds ${formatMass(bowlG)}. Is that right?`
    : null;
}

/** More pieces than the bowl can have given. @param bowlG all that was weighed @param pieceG planned for one, over 0 */
export function countDoubt(pieces: number, bowlG: number, pieceG: number): string | null {
  const most = Math.ceil((LIGHTER_BY * bowlG) / pieceG);
  return bowlG > 0 && pieces > most
    ? `${formatCount(pieces)} pieces of ${formatMass(pieceG)} need ${formatMass(pieces * pieceG)}. You weighed ${formatMass(bowlG)}, enough for ${counted(most, 'piece')}. Is the count right?`
    : null;
}

function isFar(value: number, wanted: number, times: number): boolean {
  return wanted > 0 && (value > wanted * times || value < wanted / times);
}
