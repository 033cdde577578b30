import { isShipped } from '@/core/matter/materials/catalog';
import { shortened } from '@/core/basics/format/names';
import { settingsSchema, type Settings } from '@/core/workshop/settings/settingsSchema';
import {
  nameOfRecord,
  recordsFrom,
  type CollectionName,
  type RecordOf,
  type Records,
} from '../collections';
import { COLLECTIONS } from '../schemas';
import { materialIds } from './materialIds';
import type { Refused } from './refused';
import { RULES, strangeProblem, type Rule } from './rules';

export interface Sound {
  readonly records: Records;
  readonly settings: Settings | null;
  readonly refused: readonly Refused[];
}

/**
 * Of all that a file or a database holds what is whole and right: each record fits its schema, stands once, speaks only of
 * materials that somebody knows and of parts that it has. The rest is named, record by record.
 * @param known ids of materials of one's own that are stored elsewhere
 * @param from what was written here is never refused for a blank name or a strange day: it would be out of reach
 */
export function validRecords(
  lists: Readonly<Partial<Record<CollectionName, readonly unknown[]>>>,
  settings: unknown,
  known: ReadonlySet<string> = new Set(),
  from: 'file' | 'own storage' = 'file',
): Sound {
  const refused: Refused[] = [];
  const fitting = <K extends CollectionName>(name: K): readonly RecordOf<K>[] => {
    const seen = new Set<string>();
    return (lists[name] ?? []).flatMap((record) => {
      const parsed = COLLECTIONS[name].safeParse(record);
      const why = !parsed.success
        ? whereOf(parsed.error)
        : seen.has(parsed.data.id)
          ? 'its id stands twice'
          : ((RULES[name] as Rule<K> | undefined)?.(parsed.data as RecordOf<K>) ??
            (from === 'file' ? strangeProblem(parsed.data) : null));
      if (why !== null || !parsed.success) {
        refused.push({ of: name, name: shortened(nameOfRecord(record), LONGEST), why: why ?? '' });
        return [];
      }
      seen.add(parsed.data.id);
      return [parsed.data as RecordOf<K>];
    });
  };
  const parsed = recordsFrom(fitting);
  const own = new Set(
    parsed.materials.filter(({ likeId }) => isShipped(likeId)).map(({ id }) => id),
  );
  const stray = (record: unknown) =>
    [...materialIds(record)].find(
      (id) => id !== '' && !own.has(id) && !known.has(id) && !isShipped(id),
    );
  const records = recordsFrom(<K extends CollectionName>(name: K) =>
    (parsed[name] as readonly RecordOf<K>[]).filter((record) => {
      const materialId = stray(record);
      if (materialId !== undefined)
        refused.push({
          of: name,
          name: shortened(nameOfRecord(record), LONGEST),
          why: `its material ${shortened(materialId, LONGEST)} is on no shelf`,
        });
      return materialId === undefined;
    }),
  );
  const fits =
    settings === null || settings === undefined ? null : settingsSchema.safeParse(settings);
  if (fits && !fits.success)
    refused.push({ of: 'settings', name: 'the settings', why: whereOf(fits.error) });
  return { records, settings: fits?.success ? fits.data : null, refused };
}

function whereOf(error: {
  readonly issues: readonly { readonly path: PropertyKey[]; readonly message: string }[];
}): string {
  const issue = error.issues[0];
  return issue
    ? `damaged at ${issue.path.map(String).join('.') || 'its top'}: ${shortened(issue.message, LONGEST)}`
    : 'damaged';
}

const LONGEST = 120;
