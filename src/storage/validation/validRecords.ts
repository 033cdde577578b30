import { isShipped } from '@/core/matter/materials/catalog';
import { shortened } from '@/core/basics/format/names';
import type { Settings } from '@/core/workshop/settings/settingsSchema';
import type { CollectionName } from '../records/names';
import { nameOfRecord, recordsFrom, type RecordOf, type Records } from '../records/collections';
import { SETTINGS, entryOf } from '../records/registry';
import { materialIds } from './materialIds';
import type { Refused } from './refused';
import { strangeProblem } from './problems';

export interface ValidatedRecords {
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
): ValidatedRecords {
  const refused: Refused[] = [];
  const fitting = <K extends CollectionName>(name: K): readonly RecordOf<K>[] => {
    const seen = new Set<string>();
    return (lists[name] ?? []).flatMap((record) => {
      const { schema, problem } = entryOf(name);
      const parsed = schema.safeParse(record);
      const fit = parsed.data as RecordOf<K> | undefined;
      const why =
        fit === undefined
          ? whereOf(parsed.error)
          : seen.has(fit.id)
            ? 'its id occurs twice'
            : (problem?.(fit) ?? (from === 'file' ? strangeProblem(fit) : null));
      if (fit === undefined || why !== null) {
        refused.push({ of: name, name: shortened(nameOfRecord(record), LONGEST), why: why ?? '' });
        return [];
      }
      seen.add(fit.id);
      return [fit];
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
          why: `its material ${shortened(materialId, LONGEST)} is unknown`,
        });
      return materialId === undefined;
    }),
  );
  const fits =
    settings === null || settings === undefined ? null : SETTINGS.schema.safeParse(settings);
  if (fits && !fits.success)
    refused.push({ of: 'settings', name: 'the settings', why: whereOf(fits.error) });
  return { records, settings: fits?.success ? fits.data : null, refused };
}

function whereOf(error?: {
  readonly issues: readonly { readonly path: PropertyKey[]; readonly message: string }[];
}): string {
  const issue = error?.issues[0];
  return issue
    ? `damaged at ${issue.path.map(String).join('.') || 'its top'}: ${shortened(issue.message, LONGEST)}`
    : 'damaged';
}

const LONGEST = 120;
