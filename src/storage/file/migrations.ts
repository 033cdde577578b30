import { batchTo3, formulaTo2, settingsTo2, settingsTo3, toolsOf2 } from '../upgrades';

/** Turns a file of one format version into the next; pure, on plain JSON. */
export interface Migration {
  /** The version it starts from; its result is `from + 1`. */
  readonly from: number;
  readonly name: string;
  readonly upgrade: (file: Readonly<Record<string, unknown>>) => Record<string, unknown>;
}

/** In order; each is tested from a file of the release it starts from. */
export const MIGRATIONS: readonly Migration[] = [
  {
    from: 1,
    name: 'archive, names of versions, scent documents',
    upgrade: (file) => ({
      ...file,
      ...(Array.isArray(file.formulas) && {
        formulas: file.formulas.map((formula) =>
          isRecord(formula) ? formulaTo2(formula) : formula,
        ),
      }),
      ...(isRecord(file.settings) && { settings: settingsTo2(file.settings) }),
    }),
  },
  {
    from: 2,
    name: 'shelf, basin, money, fuller plans',
    upgrade: (file) => ({
      materials: [],
      lots: [],
      molds: [],
      rooms: [],
      photos: [],
      ...file,
      tools: isRecord(file.settings) ? toolsOf2(file.settings) : [],
      ...(Array.isArray(file.batches) && {
        batches: file.batches.map((batch) => (isRecord(batch) ? batchTo3(batch) : batch)),
      }),
      ...(isRecord(file.settings) && { settings: settingsTo3(file.settings) }),
    }),
  },
];

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null;
}

/** Runs every migration from the file's version up, each once. */
export function migrate(
  file: Readonly<Record<string, unknown>>,
  fromVersion: number,
  migrations: readonly Migration[] = MIGRATIONS,
): Record<string, unknown> {
  return migrations
    .filter((migration) => migration.from >= fromVersion)
    .reduce<Record<string, unknown>>(
      (current, { from, upgrade }) => ({ ...upgrade(current), formatVersion: from + 1 }),
      { ...file },
    );
}
