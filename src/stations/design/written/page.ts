import type { FormulaBody, Line, PartKind, UnreadLine } from '@/core/formula/model/schema';
import type { RecipeReading } from '@/core/formula/reading/readRecipe';

/** A row of a page as it was read, in the order written. */
export interface ReadRowOf {
  readonly key: string;
  readonly number: number;
  readonly line: Line | null;
  readonly unread: UnreadLine | null;
  readonly note: string;
}

export interface ReadPart {
  readonly partId: string;
  readonly index: number;
  readonly name: string;
  readonly kind: PartKind;
  /** Line of its heading, when nobody knows what it means. */
  readonly askedLine: number | null;
  readonly rows: readonly ReadRowOf[];
}

/** The page part by part, every line in the order in which it was written. */
export function pageOf(recipe: RecipeReading, body: FormulaBody): readonly ReadPart[] {
  const lines = new Map(
    body.parts.flatMap((part) => part.lines.map((line) => [line.id, line] as const)),
  );
  const unread = new Map(body.unread.map((entry) => [entry.id, entry]));
  const asked = new Map(recipe.askedParts.map(({ partId, line }) => [partId, line]));
  return body.parts.map(({ id, name, kind, lines: own }, index) => {
    const ownIds = new Set(own.map((line) => line.id));
    const rows = recipe.rows.flatMap(({ number, text, partId, became, ids }): ReadRowOf[] => {
      if (became === 'note' && partId === id)
        return [{ key: `note ${number}`, number, line: null, unread: null, note: text }];
      return ids.flatMap((one): ReadRowOf[] => {
        const line = lines.get(one);
        if (line && ownIds.has(one)) return [{ key: one, number, line, unread: null, note: '' }];
        const entry = unread.get(one);
        return entry?.partId === id
          ? [{ key: one, number, line: null, unread: entry, note: '' }]
          : [];
      });
    });
    return { partId: id, index, name, kind, askedLine: asked.get(id) ?? null, rows };
  });
}
