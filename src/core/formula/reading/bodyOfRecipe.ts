import { emptyBody } from '../model/create';
import type { Family, FormulaBody, Method, PartKind } from '../model/schema';
import type { Yield } from './phrases/types';
import type { RecipeReading } from './readRecipe';

/** What the maker said where the page itself did not. */
export interface Said {
  readonly family?: Family;
  readonly method?: Method;
  readonly pieces?: number;
  /** What the parts with unknown headings are, by part id. */
  readonly kinds?: Readonly<Record<string, PartKind>>;
}

/** A formula as a page has it: its parts, how it is formed and ordered, how many it makes, and what is told beside. */
export function bodyOfRecipe(
  recipe: RecipeReading,
  { family, method: saidMethod, pieces: saidPieces, kinds = {} }: Said = {},
): FormulaBody {
  const { parts, unread, notes, school } = recipe;
  const method = saidMethod ?? recipe.method;
  const pieces = saidPieces ?? recipe.pieces;
  const empty = emptyBody(family ?? recipe.family.family);
  return {
    ...empty,
    parts: parts.map((part) => ({ ...part, kind: kinds[part.id] ?? part.kind })),
    unread,
    ...(method && { method }),
    ...(school && { school }),
    ...(notes.length > 0 && { notes: [...notes] }),
    ...(pieces !== null && pieces >= 1 && pieces <= 10_000 && { yieldPieces: pieces }),
    ...pieceOf(recipe.yields),
  };
}

/** Words of the page for shapes that a size makes a mold of; a brick or a square is as good as a cube by its edge. */
const SHAPES: Readonly<Record<string, NonNullable<FormulaBody['yieldPiece']>['shape']>> = {
  sphere: 'sphere',
  'half sphere': 'half-sphere',
  cube: 'cube',
};

function pieceOf({ shape, sizeMm, pieceG }: Yield): Pick<FormulaBody, 'yieldPiece'> {
  const known = shape === undefined ? undefined : SHAPES[shape];
  const isSize = sizeMm !== undefined && sizeMm >= 5 && sizeMm <= 500;
  const isMass = pieceG !== undefined && pieceG >= 0.1 && pieceG <= 100_000;
  if (!isSize && !isMass && known === undefined) return {};
  return {
    yieldPiece: {
      ...(known && { shape: known }),
      ...(isSize && (shape === undefined || known) && { sizeMm }),
      ...(isMass && { massG: pieceG }),
    },
  };
}
