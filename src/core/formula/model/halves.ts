import { materialById, type Catalog } from '@/core/matter/materials/catalog';
import type { Role } from '@/core/matter/materials/types';
import { newId } from '@/core/basics/newId';
import { SPLIT_SHARE, partMassG, timesLine } from './parts';
import type { FormulaBody, Line, Part } from './schema';

/** What makes a mix of its own. */
const BASIS: readonly Role[] = ['base', 'acid', 'salt', 'builder'];
const NEARLY_ALL = 1 - 1e-6;

/**
 * A second color that names nothing but what sets it apart takes its share of the main mix along, as the menu's does; the colors
 * of the main mix, and the water they are bloomed in, stay with it. Where the shares are the whole mix (`half the batch`, `the
 * other half`), the last of them is what stays in the first bowl. Half each where nobody says otherwise: common practice.
 * @param shares of the whole mix, 0 to 1, by the id of the part
 */
export function withHalves(
  body: FormulaBody,
  catalog: Catalog,
  shares: ReadonlyMap<string, number> = new Map(),
): FormulaBody {
  const roleOf = ({ materialId }: Line) => materialById(catalog, materialId).role;
  const isMixOfItsOwn = ({ lines }: Part) => lines.some((line) => BASIS.includes(roleOf(line)));
  const [main, ...others] = body.parts;
  const bare = others.filter((part) => part.kind === 'split' && !isMixOfItsOwn(part));
  if (!main || !isMixOfItsOwn(main) || bare.length === 0) return body;
  const shareOf = ({ id, name }: Part) =>
    shares.get(id) ??
    (bare.length === 1 || /\bhalf\b/i.test(name) ? SPLIT_SHARE : 1 / (bare.length + 1));
  const isWhole = bare.reduce((sum, part) => sum + shareOf(part), 0) > NEARLY_ALL;
  const last = isWhole && bare.length > 1 ? bare.at(-1) : undefined;
  const parted = bare.filter((part) => part !== last);
  const taken = parted.reduce((sum, part) => sum + shareOf(part), 0);
  if (taken > NEARLY_ALL) return body;
  const isOwn = (line: Line) => roleOf(line) === 'color' || line.how === 'bloom-water';
  const stays = main.lines.map((line) => (isOwn(line) ? line : timesLine(line, 1 - taken)));
  const goes = (part: Part) =>
    main.lines.flatMap((line) =>
      isOwn(line) ? [] : [{ ...timesLine(line, shareOf(part)), id: newId() }],
    );
  return {
    ...body,
    parts: [
      { ...main, lines: [...stays, ...(last?.lines ?? [])] },
      ...others.flatMap((part) => {
        if (part === last) return [];
        return parted.includes(part)
          ? [{ ...part, lines: [...goes(part), ...part.lines] }]
          : [part];
      }),
    ],
    unread: body.unread.map((entry) =>
      entry.partId === last?.id ? { ...entry, partId: main.id } : entry,
    ),
  };
}

/**
 * Share of the main mix that a part took along, 0 to 1; 0 where it is a mix of its own.
 * @param read parts as they were read, the main mix first
 * @param now the same after {@link withHalves}
 */
export function shareTaken(partId: string, read: readonly Part[], now: readonly Part[]): number {
  const byId = (parts: readonly Part[]) => parts.find(({ id }) => id === partId);
  const [before, after] = [byId(read), byId(now)];
  const wholeG = read[0] ? partMassG(read[0]) : 0;
  return before && after && wholeG > 0 ? (partMassG(after) - partMassG(before)) / wholeG : 0;
}
