import { SHIPPED, materialById } from '@/core/matter/materials/catalog';
import { newId } from '@/core/basics/newId';
import { newLine, newPart } from './create';
import type { FormulaBody, Line, Part, PartKind } from './schema';
import { isStrained } from './ways';
import { PART_WORDS } from './messages';

/** An embed is a small, acid-forward mix of its own: about 1.4 to one. Common practice. */
const EMBED_SODA_TO_ACID = 1.4;
const EMBED_SHARE = 0.07;
/** The second color of a split takes half of the bowl. Common practice. */
export const SPLIT_SHARE = 0.5;

/** Does it lie on the finished piece, outside the mold? */
export function isCoat(kind: PartKind): boolean {
  return kind === 'topping' || kind === 'icing' || kind === 'paint';
}

/**
 * Adds a part. A split takes half of every line of the main mix along, so that the base color carries over;
 * an embed begins as a small acid-forward mix; the others begin empty.
 */
export function addPart(body: FormulaBody, kind: Exclude<PartKind, 'main'>): FormulaBody {
  const [main, ...others] = body.parts;
  if (!main) throw new RangeError('a formula must have a main mix');
  const part = newPart(kind, nameFor(body, kind));
  if (kind === 'split') {
    const lines = main.lines.map((line) => ({ ...timesLine(line, SPLIT_SHARE), id: newId() }));
    const kept = { ...main, lines: main.lines.map((line) => timesLine(line, 1 - SPLIT_SHARE)) };
    return { ...body, parts: [kept, ...others, { ...part, lines }] };
  }
  return { ...body, parts: [main, ...others, kind === 'embed' ? begunEmbed(part, main) : part] };
}

/** Takes a part away with its lines; the main mix stays. What was unread under it goes to the main mix. */
export function removePart(body: FormulaBody, partId: string): FormulaBody {
  const [main] = body.parts;
  if (!main || main.id === partId) throw new RangeError('the main mix must stay');
  return {
    ...body,
    parts: body.parts.filter((part) => part.id !== partId),
    unread: body.unread.map((entry) =>
      entry.partId === partId ? { ...entry, partId: main.id } : entry,
    ),
  };
}

/**
 * Makes a part heavier or lighter as a whole; the main mix gives or takes the difference, so that the total stays.
 * Locked lines keep their grams. The move is cut where the main mix would go below a tenth of itself.
 * @param massG 0 or more
 */
export function setPartMass(body: FormulaBody, partId: string, massG: number): FormulaBody {
  if (!(massG >= 0)) throw new RangeError(`massG must be 0 or more, got ${massG}`);
  const [main] = body.parts;
  const part = body.parts.find(({ id }) => id === partId);
  if (!main || !part || part === main)
    throw new RangeError(`part ${partId} must be a part beside the main mix`);
  const [partG, mainG] = [looseG(part), looseG(main)];
  const lockedG = part.lines.reduce((sum, line) => (line.locked ? sum + line.massG : sum), 0);
  const wantedG = Math.min(Math.max(0, massG - lockedG), partG + 0.9 * mainG);
  if (!(partG > 0 && mainG > 0)) return body;
  const scaled = (entry: Part, factor: number): Part => ({
    ...entry,
    lines: entry.lines.map((line) => (line.locked ? line : timesLine(line, factor))),
  });
  return {
    ...body,
    parts: body.parts.map((entry) => {
      if (entry === part) return scaled(entry, wantedG / partG);
      return entry === main ? scaled(entry, (mainG + partG - wantedG) / mainG) : entry;
    }),
  };
}

/** Sum of a part in grams. */
export function partMassG(part: Part): number {
  return part.lines.reduce((sum, line) => sum + line.massG, 0);
}

function looseG(part: Part): number {
  return part.lines.reduce((sum, line) => (line.locked ? sum : sum + line.massG), 0);
}

function begunEmbed(part: Part, main: Part): Part {
  const mainG = partMassG(main);
  const massG = mainG > 0 ? Math.max(1, Math.round(mainG * EMBED_SHARE)) : 24;
  const acidG = massG / (1 + EMBED_SODA_TO_ACID);
  return {
    ...part,
    lines: [
      newLine(materialById(SHIPPED, 'sodium-bicarbonate'), massG - acidG),
      newLine(materialById(SHIPPED, 'citric-acid'), acidG),
    ],
  };
}

/** A line of so many times as much. */
export function timesLine(line: Line, factor: number): Line {
  return {
    ...line,
    massG: line.massG * factor,
    massLowG: line.massLowG * factor,
    massHighG: line.massHighG * factor,
  };
}

function nameFor(body: FormulaBody, kind: PartKind): string {
  const word = PART_WORDS[kind];
  const name = word.charAt(0).toUpperCase() + word.slice(1);
  const count = body.parts.filter((part) => part.kind === kind).length;
  return count === 0 ? name : `${name} ${count + 1}`;
}

/** Is this topping laid on the mold's floor before the fill, with what it is colored and wetted with? */
export function isFloor({ kind, lines }: Part): boolean {
  return (
    kind === 'topping' &&
    lines.some(({ how }) => how === 'on-the-floor') &&
    !lines.some(({ how }) => how === 'on-top')
  );
}

/**
 * Is this part formed with the pieces, and so in the mold's volume and in the pressed weight? Icing, drizzle, paint and
 * what is put on top are not; what is laid on the mold's floor is.
 */
export function isInside(part: Part): boolean {
  return isFloor(part) || part.kind === 'main' || part.kind === 'split' || part.kind === 'embed';
}

/** May it be made before its batch: an embed, icing or topping of its own, or herbs that stand in oil? */
export function canBeMadeAhead({ kind, lines }: Part): boolean {
  const isOwnMix = kind === 'embed' || kind === 'icing' || kind === 'topping';
  return (isOwnMix && lines.length > 1) || lines.some(isStrained);
}

/** The part in grams a piece, or as a share of the mix again. @param perPieceG over 0; null for a share */
export function setPartPerPiece(
  body: FormulaBody,
  partId: string,
  perPieceG: number | null,
): FormulaBody {
  if (perPieceG !== null && !(perPieceG > 0))
    throw new RangeError(`perPieceG must be over 0, got ${perPieceG}`);
  return {
    ...body,
    parts: body.parts.map((part) => {
      if (part.id !== partId) return part;
      const { id, kind, name, lines } = part;
      return { id, kind, name, lines, ...(perPieceG !== null && { perPieceG }) };
    }),
  };
}

/** Grams of a part as it is mixed, without herbs that are strained off. */
export function partG({ lines }: Part): number {
  return lines.reduce((sum, line) => (isStrained(line) ? sum : sum + line.massG), 0);
}
